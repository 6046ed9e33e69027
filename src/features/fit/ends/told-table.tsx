'use client';

import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { ControllerFigures } from '@/core/machine';
import { formatQuantity, type Kind } from '@/core/units';
import { useMachine } from '@/features/frame';
import { CardTable } from '@/ui/card-table';
import { labelOf } from '@/words';
import styles from '../fit.module.css';

const titles = ['What the controller is told', 'Figure'] as const;

/**
 * Homing and soft limits as they are typed into a controller, for both schools: those that call the place
 * after
 * the pull-off nought, and those that are told where that place is.
 */
export function ToldTable({ told }: { told: ControllerFigures | null }) {
  const { system } = useMachine();
  if (!told) return <p className={styles.missing}>No home is said: nothing keeps its soft limits.</p>;
  const say = (kind: Kind, si: number | null, digits = 5) =>
    si === null ? 'not known' : formatQuantity(kind, si, system, digits).text;
  const { side, fast, slow, pullOff, soft, home, missing } = told;
  const rows: readonly (readonly [string, string])[] = [
    ['Homes towards', side === 'near' ? 'the near end, minus' : 'the far end, plus'],
    ['First pass', say('speed', fast, 4)],
    ['Second pass', say('speed', slow, 4)],
    ['Pull-off', say('length', pullOff)],
    ['Nought after pull-off: soft limits from', say('length', soft?.low ?? null)],
    ['… to', say('length', soft?.high ?? null)],
    ['Nought at the near soft limit: home is called', say('length', home)],
  ];
  return (
    <>
      <CardTable
        titles={titles}
        className={`${styles.table} ${styles.wraps}`}
        label="Figures for the controller"
      >
        {rows.map(([name, text]) => (
          <TableRow key={name}>
            <TableCell component="th" scope="row">
              {name}
            </TableCell>
            <TableCell data-title={titles[1]}>{text}</TableCell>
          </TableRow>
        ))}
      </CardTable>
      {missing.length > 0 && (
        <p className={styles.missing}>
          Not said yet: {missing.map((path) => labelOf(path).toLowerCase()).join(', ')}.
        </p>
      )}
    </>
  );
}
