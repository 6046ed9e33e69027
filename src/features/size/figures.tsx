'use client';

import type { AxisReport } from '@/core/machine';
import { formatIn, formatNumber, formatQuantity, type UnitSystem, units } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { figureName } from '@/words';
import { useAxis } from './axis-context';
import styles from './sheet.module.css';

// Some figures are read in another unit than their kind's usual one.
const inUnit: Record<string, string> = {
  resolution: 'µm',
  'heat-growth': 'µm',
  'lead-error': 'µm',
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

/** Figures that are no check but that a builder wants to know; each opens its working. */
export function Figures({ onWorking }: { onWorking: (line: string) => void }) {
  const { system } = useMachine();
  const { report } = useAxis();
  return (
    <section aria-labelledby="figures-title">
      <h2 className={styles.heading} id="figures-title">
        What it comes to
      </h2>
      <dl className={styles.figures}>
        {report.figures.map((f) => (
          <div key={f.id}>
            <dt>{figureName[f.id] ?? f.id}</dt>
            <dd>
              <Action
                onAct={() => onWorking(f.line)}
                label={
                  `${figureName[f.id] ?? f.id}: ${showFigure(f.id, f.kind, f.value, system)}. ` +
                  `Show the working`
                }
              >
                {showFigure(f.id, f.kind, f.value, system)}
              </Action>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
