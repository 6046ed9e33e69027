'use client';

import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { EndReport, EndsReport } from '@/core/machine';
import { formatQuantity, type Kind } from '@/core/units';
import { useMachine } from '@/features/frame';
import { CardTable } from '@/ui/card-table';
import styles from '../fit.module.css';

const titles = ['What happens', 'Near end', 'Far end'] as const;

/** A row of the table: what it says of an end; empty where that is not known. */
interface Row {
  readonly name: string;
  readonly of: (end: EndReport, say: Say) => string;
}
type Say = (kind: Kind, si: number | null) => string;
type Meeting = EndReport['coasting'];

const energyOf = ({ energy }: Meeting, say: Say) => (energy > 0 ? say('energy', energy) : 'stands before it');
const forceOf = ({ energy, caught }: Meeting, say: Say) => (energy > 0 ? say('force', caught.force) : '–');
const strokeOf = ({ energy, caught: { stroke, usable } }: Meeting, say: Say) =>
  energy > 0 && usable ? `${say('length', stroke)} of ${say('length', usable)}` : '–';

const rows: readonly Row[] = [
  { name: 'Trip to crash zone, less spread', of: (e, say) => say('length', e.room) },
  { name: 'Stands from rapid after', of: (e, say) => say('length', e.place.stop) },
  { name: 'Stands from homing after', of: (e, say) => say('length', e.stopHome) },
  { name: 'Trip wanted before the stop', of: (e, say) => say('length', e.place.tripNeeded) },
  { name: 'Soft limit before the stop', of: (e, say) => say('length', e.place.taken) },
  { name: 'Power fails at rapid: energy at the stop', of: (e, say) => energyOf(e.coasting, say) },
  { name: '… its force', of: (e, say) => forceOf(e.coasting, say) },
  { name: '… cushion pressed', of: (e, say) => strokeOf(e.coasting, say) },
  { name: 'Nobody stops it: energy at the stop', of: (e, say) => energyOf(e.runaway, say) },
  { name: '… its force ', of: (e, say) => forceOf(e.runaway, say) },
  { name: '… cushion pressed ', of: (e, say) => strokeOf(e.runaway, say) },
  { name: 'Fastest homing for the switch', of: (e, say) => say('speed', e.homeLimit) },
];

/** Both ends in figures. */
export function EndsTable({ ends }: { ends: EndsReport }) {
  const { system } = useMachine();
  const say: Say = (kind, si) => (si === null ? 'not said' : formatQuantity(kind, si, system, 3).text);
  return (
    <CardTable titles={titles} className={`${styles.table} ${styles.wraps}`} label="Both ends in figures">
      {rows.map(({ name, of }) => (
        <TableRow key={name}>
          <TableCell component="th" scope="row">
            {name}
          </TableCell>
          {(['near', 'far'] as const).map((side, i) => (
            <TableCell key={side} data-title={titles[i + 1]}>
              {of(ends.ends[side], say)}
            </TableCell>
          ))}
        </TableRow>
      ))}
    </CardTable>
  );
}
