'use client';

import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import { memo } from 'react';
import type { PlateGroup, PlateReport } from '@/core/machine';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { CardTable } from '@/ui/card-table';
import { holeText, screwText, torqueText } from '@/words';
import styles from '../fit.module.css';

const titles = ['Holes', 'Number', 'Joins', 'Drilled', 'Screw', 'Torque'] as const;

/** The groups of a plate in figures. */
export function GroupTable({ plate, picked }: { plate: PlateReport; picked: string | undefined }) {
  const { system } = useMachine();
  return (
    <CardTable titles={titles} className={`${styles.table} ${styles.wraps}`} label="Groups of holes">
      {plate.groups.map((g) => (
        <GroupRow
          key={g.letter}
          letter={g.letter}
          selected={g.letter === picked}
          count={g.holes.length}
          name={g.input.name}
          drilled={holeText(g, system)}
          screw={screwText(g, system)}
          torque={torqueText(g, system) || 'not known'}
        />
      ))}
    </CardTable>
  );
}

interface GroupRowProps {
  readonly letter: string;
  readonly selected: boolean;
  readonly count: number;
  readonly name: string;
  readonly drilled: string;
  readonly screw: string;
  readonly torque: string;
}

/** A group in words: drawn anew only where one of them changes. */
const GroupRow = memo(function GroupRow(props: GroupRowProps) {
  const { letter, selected, count, name, drilled, screw, torque } = props;
  return (
    <TableRow selected={selected}>
      <TableCell component="th" scope="row">
        {letter}
      </TableCell>
      <TableCell data-title="Number">{count}</TableCell>
      <TableCell data-title="Joins">{name}</TableCell>
      <TableCell data-title="Drilled">{drilled}</TableCell>
      <TableCell data-title="Screw">{screw}</TableCell>
      <TableCell data-title="Torque">{torque}</TableCell>
    </TableRow>
  );
});

const places = ['Hole', 'x', 'y'] as const;

/** Every hole of a group from the corner of the two reference edges. */
export function HoleTable({ group }: { group: PlateGroup }) {
  const { system } = useMachine();
  const say = (m: number) => formatQuantity('length', m, system, 5).text;
  return (
    <CardTable titles={places} className={styles.table} label={`Places of group ${group.letter}`}>
      {group.holes.map((h) => (
        <TableRow key={h.label}>
          <TableCell component="th" scope="row">
            {h.label}
          </TableCell>
          <TableCell data-title="x">{say(h.x)}</TableCell>
          <TableCell data-title="y">{say(h.y)}</TableCell>
        </TableRow>
      ))}
    </CardTable>
  );
}
