'use client';

import Slider from '@mui/material/Slider';
import type { FoundLine } from '@/core/choose';
import styles from './search.module.css';

/** Least and most money that is looked at. */
export type MoneyRange = readonly [least: number, most: number];

/** The money that some drive trains span, in whole units. */
export function moneyOf(lines: readonly Pick<FoundLine, 'money'>[]): MoneyRange {
  const all = lines.map((l) => l.money);
  return all.length ? [Math.floor(Math.min(...all)), Math.ceil(Math.max(...all))] : [0, 0];
}

interface BrushProps {
  readonly whole: MoneyRange;
  readonly range: MoneyRange;
  readonly onRange: (range: MoneyRange) => void;
}

/** Brushes over the money: only what lies between both ends is drawn and read. */
export function MoneyBrush({ whole, range, onRange }: BrushProps) {
  const [least, most] = whole;
  if (most <= least) return null;
  const money = (v: number) => v.toFixed(0);
  return (
    <div className={styles.brush}>
      <span>
        Money {money(range[0])} to {money(range[1])}
      </span>
      <Slider
        size="small"
        min={least}
        max={most}
        value={[range[0], range[1]]}
        getAriaLabel={(i) => (i ? 'Shown up to' : 'Shown from')}
        getAriaValueText={money}
        onChange={(_, value) => {
          if (Array.isArray(value)) onRange([value[0]!, value[1]!]);
        }}
      />
    </div>
  );
}
