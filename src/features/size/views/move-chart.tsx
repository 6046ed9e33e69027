'use client';

import { memo, useMemo } from 'react';
import { Area, ComposedChart, Line, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { type MoveCurve, moveCurves } from '@/core/machine';
import type { Axis } from '@/core/model';
import { displayUnit, formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import styles from '../sheet.module.css';

/** A long stretch at full speed is drawn shortened, or nothing of the ramps could be seen. */
function shortened({ points, time, topSpeed }: MoveCurve) {
  const cruising = points.filter((p) => p.speed >= topSpeed * (1 - 1e-9));
  const [from, to] = cruising.length ? [cruising[0]!.time, cruising[cruising.length - 1]!.time] : [0, 0];
  const most = 0.8 * (time - (to - from));
  const cut = Math.max(0, to - from - most);
  const at = (t: number) =>
    t <= from || cut === 0 ? t : t >= to ? t - cut : from + ((t - from) * most) / (to - from);
  return { at, end: time - cut, ticks: [0, from, to, time] };
}

const names = { trapezoid: 'Constant acceleration', 'seven-phase': 'Seven phases' } as const;

/** A move in the units of the sheet, and the room that its torque needs. */
function moveData(curve: MoveCurve, system: UnitSystem) {
  const torqueUnit = displayUnit('torque', system);
  const speedUnit = displayUnit('speed', system);
  const short = shortened(curve);
  const data = curve.points.map((p) => ({
    time: short.at(p.time),
    torque: torqueUnit.fromSi(p.torque),
    most: torqueUnit.fromSi(p.usable),
    least: -torqueUnit.fromSi(p.usable),
    speed: speedUnit.fromSi(p.speed),
  }));
  const torques = data.map((d) => d.torque);
  const [least, peak] = [Math.min(...torques), Math.max(...torques)];
  return { ...short, data, least, peak, unit: torqueUnit.symbol, span: HEAD * Math.max(peak, -least, 1e-9) };
}

/** Room above the highest torque and the fastest speed. */
const HEAD = 1.25;
const tick = { fontSize: 11, fill: 'var(--rc-soft)' };
/** A line of the chart: nothing moves, nothing is pointed at. */
const plainLine = {
  yAxisId: 'torque',
  type: 'linear',
  dot: false,
  isAnimationActive: false,
  activeDot: false,
} as const;
const dashes = { stroke: 'var(--rc-soft)', strokeDasharray: '3 3', strokeWidth: 1 } as const;

/**
 * One move: torque as a line between its bounds, speed as a field. @param fastest in the units of the
 * sheet.
 */
function MoveFigure({ curve, fastest, system }: { curve: MoveCurve; fastest: number; system: UnitSystem }) {
  const { at, end, ticks, data, least, peak, unit, span } = moveData(curve, system);
  const time = formatNumber(curve.time, 3);
  const said = (v: number) => formatNumber(ticks.find((t) => Math.abs(at(t) - v) < 1e-9) ?? v, 3);
  return (
    <figure
      className={styles.move}
      aria-label={
        `${names[curve.id]}: ${time} s, torque from ${formatNumber(least, 3)} to ` +
        `${formatNumber(peak, 3)} ${unit}`
      }
    >
      <figcaption>
        <b>{names[curve.id]}</b> {time} s, {formatNumber(least, 2)} to {formatNumber(peak, 2)} {unit}
        {curve.jerk !== null && `, jerk ${formatQuantity('jerk', curve.jerk, system, 2).text}`}
        {curve.jerk !== null && curve.assumed && ' (taken)'}
      </figcaption>
      <ResponsiveContainer width="100%" height="100%" minHeight={64}>
        <ComposedChart
          data={data}
          margin={{ top: 4, right: 8, bottom: 0, left: 0 }}
          accessibilityLayer={false}
        >
          <XAxis
            dataKey="time"
            height={18}
            type="number"
            domain={[0, end]}
            ticks={ticks.map(at)}
            interval={0}
            tick={tick}
            stroke="var(--rc-ink)"
            tickFormatter={said}
          />
          <YAxis
            yAxisId="torque"
            type="number"
            domain={[-span, span]}
            tickCount={3}
            tick={tick}
            stroke="var(--rc-ink)"
            width={40}
            tickFormatter={(v: number) => formatNumber(v, 2)}
            allowDataOverflow
          />
          <YAxis yAxisId="speed" hide type="number" domain={[-HEAD * fastest, HEAD * fastest]} />
          <Area
            yAxisId="speed"
            dataKey="speed"
            type="linear"
            fill="var(--rc-blue-wash)"
            stroke="none"
            isAnimationActive={false}
            activeDot={false}
          />
          <ReferenceLine yAxisId="torque" y={0} stroke="var(--rc-rule)" />
          <Line {...plainLine} {...dashes} dataKey="most" />
          <Line {...plainLine} {...dashes} dataKey="least" />
          <Line {...plainLine} dataKey="torque" stroke="var(--rc-ink)" strokeWidth={1.6} />
        </ComposedChart>
      </ResponsiveContainer>
    </figure>
  );
}

/**
 * Torque and speed over the time of the move through the whole travel, with constant acceleration and with a
 * jerk limit.
 */
export const MoveChart = memo(function MoveChart({ axis, system }: { axis: Axis; system: UnitSystem }) {
  const curves = useMemo(() => moveCurves(axis), [axis]);
  const fastest = displayUnit('speed', system).fromSi(axis.demands.rapid.si);
  return (
    <div className={styles.moves}>
      {curves.map((curve) => (
        <MoveFigure key={curve.id} curve={curve} fastest={fastest} system={system} />
      ))}
      <p className={styles.note}>
        Line: torque of one motor over s, full speed drawn shorter. Dashes: usable. Field: speed.
      </p>
    </div>
  );
});
