'use client';

import { memo } from 'react';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { TrialKind, TrialResult } from '@/core/prove';
import { displayUnit, formatNumber, type Kind, type Unit, type UnitSystem, smallUnit } from '@/core/units';
import { trialColumnName } from '@/words';
import styles from './trials.module.css';

interface Axes {
  readonly x: Kind;
  readonly y: Kind;
}

const LENGTHS: Axes = { x: 'length', y: 'length' };
const COUNTED: Axes = { x: 'count', y: 'length' };

/** What is drawn over what; left out: two lengths. */
const axesOf: Readonly<Partial<Record<TrialKind, Axes>>> = {
  hand: { x: 'length', y: 'torque' },
  pull: { x: 'length', y: 'force' },
  reversal: COUNTED,
  homing: COUNTED,
  'touch-off': COUNTED,
  'run-on': { x: 'speed', y: 'length' },
  'stairs-speed': { x: 'speed', y: 'length' },
  'stairs-acceleration': { x: 'acceleration', y: 'length' },
  push: { x: 'force', y: 'length' },
  'warm-up': { x: 'time', y: 'length' },
  circle: { x: 'angle', y: 'length' },
};

const tick = { fontSize: 11.5, fill: 'var(--rc-soft)' };
/** Lines are told apart by their dashes too. */
const pens = [
  { stroke: 'var(--rc-ink)', dash: '' },
  { stroke: 'var(--rc-blue)', dash: '6 3' },
  { stroke: 'var(--rc-soft)', dash: '2 3' },
  { stroke: 'var(--rc-soft)', dash: '1 4' },
];

/** Small lengths by the sheet: micrometres or thousandths of an inch. */
function unitFor(kind: Kind, values: readonly number[], system: UnitSystem): Unit {
  const small = kind === 'length' && Math.max(...values.map(Math.abs)) < 0.002;
  return small ? smallUnit(system) : displayUnit(kind, system);
}

interface ChartProps {
  readonly kind: TrialKind;
  readonly series: TrialResult['series'];
  readonly system: UnitSystem;
}

const names: Readonly<Record<string, string>> = {
  'up-high': 'from below + 2 s',
  'down-low': 'from above − 2 s',
  torque: 'torque',
  home: 'place',
};
const nameOf = (id: string) => names[id] ?? trialColumnName(id);

/** What was read, drawn: every series with its own dash and its name above. */
export const SeriesChart = memo(function SeriesChart({ kind, series, system }: ChartProps) {
  const axes = axesOf[kind] ?? LENGTHS;
  const all = series.flatMap((s) => s.points);
  if (all.length < 2) return null;
  const x = unitFor(
    axes.x === 'length' ? 'length' : axes.x,
    all.map((p) => p.x),
    system,
  );
  const y = unitFor(
    axes.y,
    all.map((p) => p.y),
    system,
  );
  const words = series.map((s) => `${nameOf(s.name)}, ${s.points.length} places`).join('; ');
  const label = (unit: Unit) => (unit.symbol === '' ? '' : `, ${unit.symbol}`);
  return (
    <figure className={styles.chart} aria-label={`Readings drawn: ${words}`}>
      <figcaption>
        {series.map((s, i) => (
          <span key={s.name}>
            <svg width="26" height="8" aria-hidden>
              <line
                x1="0"
                x2="26"
                y1="4"
                y2="4"
                stroke={pens[i % pens.length]!.stroke}
                strokeWidth="1.8"
                strokeDasharray={pens[i % pens.length]!.dash}
              />
            </svg>
            {nameOf(s.name)}
            {i === 0 && label(y)}
          </span>
        ))}
      </figcaption>
      <ResponsiveContainer width="100%" height={190}>
        <LineChart margin={{ top: 6, right: 34, bottom: 2, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--rc-hair)" vertical={false} />
          <XAxis
            dataKey="x"
            type="number"
            domain={['dataMin', 'dataMax']}
            allowDuplicatedCategory={false}
            tick={tick}
            stroke="var(--rc-ink)"
            tickFormatter={(v: number) => formatNumber(v, 3)}
            unit={x.symbol ? ` ${x.symbol}` : ''}
          />
          <YAxis
            type="number"
            domain={['auto', 'auto']}
            tick={tick}
            stroke="var(--rc-ink)"
            width={48}
            tickFormatter={(v: number) => formatNumber(v, 3)}
          />
          {series.map((s, i) => (
            <Line
              key={s.name}
              data={s.points.map((p) => ({ x: x.fromSi(p.x), y: y.fromSi(p.y) }))}
              dataKey="y"
              type="linear"
              stroke={pens[i % pens.length]!.stroke}
              strokeDasharray={pens[i % pens.length]!.dash}
              strokeWidth={1.6}
              dot={{ r: 2, strokeDasharray: 'none' }}
              isAnimationActive={false}
              activeDot={false}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
});
