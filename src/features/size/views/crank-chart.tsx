'use client';

import { memo, useMemo } from 'react';
import { ComposedChart, Line, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { type CrankPoint, crankTurn } from '@/core/machine';
import type { Axis } from '@/core/model';
import { displayUnit, formatNumber, formatQuantity, type Kind, type UnitSystem } from '@/core/units';
import styles from '../sheet.module.css';

const tick = { fontSize: 11, fill: 'var(--rc-soft)' };
/** Dead centres. */
const ANGLES = [0, 180, 360];

type Point = Readonly<Record<'angle' | 'value', number | null>>;

interface CurveProps {
  readonly name: string;
  readonly unit: string;
  readonly points: readonly Point[];
  /** Which end of it is said: of a push the least, for it has no most. */
  readonly shown?: 'least';
  /** A level that the curve is held against. */
  readonly level?: number;
}

/** One figure over the angle of the crank; the dead centres are marked. */
function Curve({ name, unit, points, level, shown }: CurveProps) {
  const values = points.flatMap((p) => (p.value === null ? [] : [p.value]));
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const said = `${formatNumber(least, 3)} to ${formatNumber(most, 3)} ${unit}`;
  return (
    <figure className={styles.move} aria-label={`${name} over a turn: ${said}`}>
      <figcaption>
        <b>{name}</b> {formatNumber(shown === 'least' ? least : Math.max(most, -least), 2)} {unit}
      </figcaption>
      <ResponsiveContainer width="100%" height="100%" minHeight={40}>
        <ComposedChart
          data={[...points]}
          margin={{ top: 4, right: 8, bottom: 0, left: 0 }}
          accessibilityLayer={false}
        >
          <XAxis
            dataKey="angle"
            height={16}
            type="number"
            domain={[0, 360]}
            ticks={ANGLES}
            interval={0}
            tick={tick}
            stroke="var(--rc-ink)"
            tickFormatter={(v: number) => `${v}°`}
          />
          <YAxis
            type="number"
            tickCount={3}
            tick={tick}
            stroke="var(--rc-ink)"
            width={34}
            tickFormatter={(v: number) => formatNumber(v, 2)}
          />
          {ANGLES.map((at) => (
            <ReferenceLine key={at} x={at} stroke="var(--rc-soft)" strokeDasharray="3 3" />
          ))}
          {level !== undefined && <ReferenceLine y={level} stroke="var(--rc-blue)" strokeDasharray="3 3" />}
          <Line
            dataKey="value"
            type="linear"
            dot={false}
            isAnimationActive={false}
            activeDot={false}
            stroke="var(--rc-ink)"
            strokeWidth={1.6}
          />
        </ComposedChart>
      </ResponsiveContainer>
    </figure>
  );
}

/** Speed, acceleration, torque and push over a whole turn of a crank. */
export const CrankChart = memo(function CrankChart({ axis, system }: { axis: Axis; system: UnitSystem }) {
  const turn = useMemo(() => crankTurn(axis), [axis]);
  if (!turn) return null;
  const { points, omega, usable } = turn;
  const unitOf = (kind: Kind) => displayUnit(kind, system);
  const curve = (kind: Kind, of: (p: CrankPoint) => number | null) => ({
    unit: unitOf(kind).symbol,
    points: points.map((p) => {
      const si = of(p);
      return { angle: (p.angle * 180) / Math.PI, value: si === null ? null : unitOf(kind).fromSi(si) };
    }),
  });
  return (
    <div className={styles.moves}>
      <div className={styles.turn}>
        <Curve name="Speed" {...curve('speed', (p) => p.speed)} />
        <Curve name="Acceleration" {...curve('acceleration', (p) => p.acceleration)} />
        <Curve name="Torque" {...curve('torque', (p) => p.torque)} level={unitOf('torque').fromSi(usable)} />
        <Curve name="Push, least" shown="least" {...curve('force', (p) => p.push)} />
      </div>
      <p className={styles.note}>
        The most over a turn, {formatQuantity('angularSpeed', omega, system, 3).text}. Dashed: dead centres,
        where the push has no limit; usable torque.
      </p>
    </div>
  );
});
