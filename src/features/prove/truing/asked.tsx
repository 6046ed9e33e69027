'use client';

import Button from '@mui/material/Button';
import type { SheetState } from '@/core/prove';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { trueText } from '@/words';
import styles from './truing.module.css';
import type { SheetActs } from './use-sheet';

interface SheetProps {
  readonly state: SheetState;
  readonly acts: SheetActs;
}

/** Readings that stand off their neighbours: asked about before anything is moved. */
export function Asked({ state, acts }: SheetProps) {
  const { system } = useMachine();
  const result = state.stale ? undefined : state.last?.result;
  return result?.asked.map(({ index, off }) => {
    const point = result.points[index];
    const at = acts.shown.findIndex((s) => s.cell.x === point?.x);
    if (!point || at < 0) return null;
    const place = formatQuantity('length', point.x, system, 4).text;
    return (
      <p key={index} className={styles.caution} role="status">
        <b>Read it again?</b> At {place} it lies {trueText('length', Math.abs(off), system)} off the line of
        its neighbours. It counts until you do; move nothing before.{' '}
        <Button size="small" onClick={() => acts.pick(at)}>
          Go to {place}
        </Button>
      </p>
    );
  });
}
