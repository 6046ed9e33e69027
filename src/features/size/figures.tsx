'use client';

import { memo } from 'react';
import type { AxisReport } from '@/core/machine';
import { formatIn, formatNumber, formatQuantity, type UnitSystem, units } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { useAfterPaint } from '@/ui/use-after-paint';
import { figureName } from '@/words';
import { useAxis } from './axis-context';
import styles from './sheet.module.css';

// Some figures are read in another unit than their kind's usual one.
const inUnit: Record<string, string> = {
  resolution: 'µm',
  'heat-growth': 'µm',
  'lead-error': 'µm',
  'lead-left': 'µm',
  'screw-sag': 'µm',
  'once-per-turn': 'µm',
  'mesh-per-tenth': 'µm',
  'rod-sag': 'µm',
  'carriage-give': 'µm',
  'shortest-ramp': 'ms',
};

/** A figure as it is read off. */
export function showFigure(
  id: string,
  kind: AxisReport['figures'][number]['kind'],
  value: number,
  system: UnitSystem,
): string {
  if (id === 'efficiency' || id === 'back-efficiency')
    return value < 0 ? 'locks itself' : `${(100 * value).toFixed(0)} %`;
  if (id === 'speed-ripple') return `${(100 * value).toFixed(1)} %`;
  if (id === 'grease') return value > 3.6e7 ? 'over 10000 h' : `${formatNumber(value / 3600, 2)} h`;
  if (id === 'life' || id === 'guide-life')
    return value > 1e7 ? 'over 10000 km' : `${formatIn(units.length[1]!, value / 1000, 2).number} km`;
  const unit =
    system === 'metric' && inUnit[id] ? units[kind].find((u) => u.symbol === inUnit[id]) : undefined;
  // Pulses per length are typed into a controller: every digit counts.
  const digits = id === 'pulses-per-length' ? 7 : 3;
  const text = unit ? formatIn(unit, value, digits).text : formatQuantity(kind, value, system, digits).text;
  return id === 'pulses-per-length' ? text.replace('pulses/', '/') : text;
}

interface FigureCellProps {
  readonly name: string;
  readonly text: string;
  readonly line: string;
  readonly onWorking: (line: string) => void;
}

/** A figure with its name, drawn anew only where it reads otherwise. */
const FigureCell = memo(function FigureCell({ name, text, line, onWorking }: FigureCellProps) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>
        <Action onAct={() => onWorking(line)} label={`${name}: ${text}. Show the working`}>
          {text}
        </Action>
      </dd>
    </div>
  );
});

/** Figures that are no check but that a builder wants to know; each opens its working. */
export function Figures({ onWorking }: { onWorking: (line: string) => void }) {
  const { system } = useMachine();
  // The verdict is painted first: each figure is a button of the library, and dear to draw.
  const report = useAfterPaint(useAxis().report);
  return (
    <section aria-labelledby="figures-title">
      <h2 className={styles.heading} id="figures-title">
        What it comes to
      </h2>
      <dl className={styles.figures}>
        {report.figures.map((f) => (
          <FigureCell
            key={f.id}
            name={figureName[f.id] ?? f.id}
            text={showFigure(f.id, f.kind, f.value, system)}
            line={f.line}
            onWorking={onWorking}
          />
        ))}
      </dl>
    </section>
  );
}
