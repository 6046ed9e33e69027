'use client';

import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
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
        <TableRow key={g.letter} selected={g.letter === picked}>
          <TableCell component="th" scope="row">
            {g.letter}
          </TableCell>
          <TableCell data-title="Number">{g.holes.length}</TableCell>
          <TableCell data-title="Joins">{g.input.name}</TableCell>
          <TableCell data-title="Drilled">{holeText(g, system)}</TableCell>
          <TableCell data-title="Screw">{screwText(g, system)}</TableCell>
          <TableCell data-title="Torque">{torqueText(g, system) || 'not known'}</TableCell>
        </TableRow>
      ))}
    </CardTable>
  );
}

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
