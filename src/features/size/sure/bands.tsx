'use client';

import { useState } from 'react';
import { Area, ComposedChart, Line, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { AxisBands } from '@/core/doubt';
import type { RungId } from '@/core/machine';
import { displayUnit, formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Toggle } from '@/ui/toggle';
import { caseName, rungName } from '@/words';
import styles from './sure.module.css';
import type { Doubt } from './use-doubt';

/** Both ends of a line in a chart. */
type Ends = [{ x: number; y: number }, { x: number; y: number }];

const tick = { fontSize: 11.5, fill: 'var(--rc-soft)' };

/** Ladder and torque of an axis with the bands in which 95 % of the draws lie. */
export function Bands({ doubt: { answer, of } }: { readonly doubt: Doubt }) {
  const { system } = useMachine();
  const names = answer.axes.map(
    ({ axisId }) => [axisId, of.axes.find((a) => a.id === axisId)?.name ?? axisId] as const,
  );
  const [picked, setPicked] = useState(names[0]?.[0] ?? '');
  const axis = answer.axes.find((a) => a.axisId === picked) ?? answer.axes[0];
  if (!axis) return <p className={styles.hint}>No axis is planned yet.</p>;
  const asked = of.axes.find((a) => a.id === axis.axisId)!.demands;
  return (
    <div className={styles.bands}>
      <Toggle label="Axis" options={names} value={axis.axisId} onPick={setPicked} />
      <h2>Speeds at which each thing gives out</h2>
      <Rungs axis={axis} rapid={asked.rapid.si} feed={asked.feed.si} system={system} />
      <h2>Torque that the motor has for use</h2>
      <Torque axis={axis} system={system} />
    </div>
  );
}

interface RungsProps {
  readonly axis: AxisBands;
  readonly rapid: number;
  readonly feed: number;
  readonly system: UnitSystem;
}

/** Rungs as bars from low to high; the axis of speeds is a logarithm. */
function Rungs({ axis, rapid, feed, system }: RungsProps) {
  const rows = axis.rungs.filter((r) => r.limit.high > 0).sort((a, b) => a.limit.middle - b.limit.middle);
  const ends = [rapid, feed, ...rows.flatMap((r) => [r.limit.low, Math.min(r.limit.high, 30 * rapid)])];
  const [least, most] = [Math.max(rapid / 50, Math.min(...ends.filter((v) => v > 0))), Math.max(...ends)];
  const x = (v: number) =>
    (100 * Math.log(Math.min(most, Math.max(least, v)) / least)) / Math.log(most / least || 2);
  const say = (v: number) => formatQuantity('speed', v, system, 3).number;
  const unit = displayUnit('speed', system).symbol;
  return (
    <>
      <ul className={styles.rungs}>
        {rows.map(({ id, limit }) => (
          <li key={id}>
            <span>{rungName[id as RungId]}</span>
            <svg viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden>
              <line x1={x(rapid)} x2={x(rapid)} y1="0" y2="12" stroke="var(--rc-blue)" strokeWidth="1" />
              <rect
                x={x(limit.low)}
                y="3"
                width={Math.max(0.8, x(limit.high) - x(limit.low))}
                height="6"
                fill="var(--rc-soft)"
              />
              <rect x={x(limit.middle) - 0.4} y="1" width="0.8" height="10" fill="var(--rc-ink)" />
            </svg>
            <b>
              {say(limit.middle)}{' '}
              <small>{limit.low === limit.high ? '' : `${say(limit.low)}–${say(limit.high)}`}</small>
            </b>
          </li>
        ))}
      </ul>
      <p className={styles.hint}>
        {unit}; the grey bar holds 95 % of the draws, the blue line is the rapid that is asked ({say(rapid)}).
      </p>
    </>
  );
}

function Torque({ axis, system }: { readonly axis: AxisBands; readonly system: UnitSystem }) {
  const [speed, torque] = [displayUnit('speed', system), displayUnit('torque', system)];
  const data = axis.torque.map((t) => ({
    speed: speed.fromSi(t.speed),
    middle: torque.fromSi(t.middle),
    band: [torque.fromSi(t.low), torque.fromSi(t.high)],
  }));
  const say = (v: number) => formatQuantity('torque', v, system, 3).text;
  const first = axis.torque[0];
  return (
    <figure
      className={styles.chart}
      aria-label={first ? `Torque for use at rest ${say(first.low)} to ${say(first.high)}` : 'Torque'}
    >
      <ResponsiveContainer width="100%" height="100%" minHeight={170}>
        <ComposedChart
          data={data}
          margin={{ top: 8, right: 14, bottom: 2, left: 0 }}
          accessibilityLayer={false}
        >
          <XAxis
            dataKey="speed"
            type="number"
            domain={[0, 'dataMax']}
            tick={tick}
            stroke="var(--rc-ink)"
            tickFormatter={(v: number) => formatNumber(v, 3)}
          />
          <YAxis
            type="number"
            domain={[0, 'auto']}
            tick={tick}
            stroke="var(--rc-ink)"
            width={44}
            tickFormatter={(v: number) => formatNumber(v, 2)}
          />
          <Area
            dataKey="band"
            fill="var(--rc-blue-wash)"
            stroke="none"
            isAnimationActive={false}
            activeDot={false}
          />
          <Line
            dataKey="middle"
            stroke="var(--rc-blue)"
            strokeWidth={1.6}
            dot={false}
            isAnimationActive={false}
            activeDot={false}
          />
          {axis.asked.map(({ id, speed: at, ...band }) => (
            <ReferenceLine
              key={id}
              stroke="var(--rc-red)"
              strokeWidth={3}
              segment={
                [band.low, band.high].map((y) => ({ x: speed.fromSi(at), y: torque.fromSi(y) })) as Ends
              }
              label={{ value: caseName[id], position: 'right', fill: 'var(--rc-ink)', fontSize: 11.5 }}
            />
          ))}
        </ComposedChart>
      </ResponsiveContainer>
      <figcaption>
        {torque.symbol} over {speed.symbol}; the wash holds 95 % of the draws; red is what is asked, 95 % of
        the draws between its ends.
      </figcaption>
    </figure>
  );
}
