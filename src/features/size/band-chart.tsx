'use client';

import { memo } from 'react';
import {
  Area,
  ComposedChart,
  Line,
  ReferenceDot,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import type { AxisReport } from '@/core/machine';
import { displayUnit, formatNumber, type UnitSystem } from '@/core/units';
import { verdictColour } from '@/ui/verdict-mark';
import { caseName } from '@/words';
import styles from './sheet.module.css';

interface CrossProps {
  cx?: number;
  cy?: number;
  fill?: string;
  name: string;
  right: boolean;
  drop: number;
}

/** A drawn cross with its name beside it. */
function Cross({ cx = 0, cy = 0, fill, name, right, drop }: CrossProps) {
  return (
    <g>
      <path d={`M${cx - 6} ${cy}h12M${cx} ${cy - 6}v12`} stroke={fill} strokeWidth="2.2" />
      <text
        x={right ? cx + 9 : cx - 9}
        y={cy + drop}
        textAnchor={right ? 'start' : 'end'}
        fontSize="12"
        fontWeight="650"
        fill={fill}
        stroke="var(--rc-panel)"
        strokeWidth="3"
        paintOrder="stroke"
      >
        {name}
      </text>
    </g>
  );
}

/** Pull-out and usable torque over axis speed, with what is asked as crosses by name. */
export const BandChart = memo(function BandChart({
  report,
  system,
}: {
  report: AxisReport;
  system: UnitSystem;
}) {
  const speedUnit = displayUnit('speed', system);
  const torqueUnit = displayUnit('torque', system);
  const data = report.band.points.map((p) => ({
    speed: speedUnit.fromSi(p.speed),
    pullOut: torqueUnit.fromSi(p.pullOut),
    usable: torqueUnit.fromSi(p.usable),
  }));
  const end = data[data.length - 1]!.speed;
  const cases = Object.entries(report.cases) as [keyof typeof caseName, AxisReport['cases']['cut']][];
  const top =
    1.12 * Math.max(...data.map((d) => d.pullOut), ...cases.map(([, c]) => torqueUnit.fromSi(c.torque)));
  const whip = report.ladder.find((r) => r.id === 'whip');
  const whipAt = whip ? speedUnit.fromSi(whip.limit) : Infinity;
  const words = cases
    .map(
      ([id, c]) =>
        `${caseName[id]} asks ${formatNumber(torqueUnit.fromSi(c.torque), 3)} of ` +
        `${formatNumber(torqueUnit.fromSi(c.usable), 3)} ${torqueUnit.symbol}`,
    )
    .join('; ');
  const axisTick = { fontSize: 11.5, fill: 'var(--rc-soft)' };

  return (
    <figure className={styles.band} aria-label={`Torque band. ${words}.`}>
      <ResponsiveContainer width="100%" height="100%" minHeight={180}>
        <ComposedChart
          data={data}
          margin={{ top: 8, right: 14, bottom: 2, left: 0 }}
          accessibilityLayer={false}
        >
          <XAxis
            dataKey="speed"
            type="number"
            domain={[0, end]}
            tickCount={7}
            tick={axisTick}
            stroke="var(--rc-ink)"
            tickFormatter={(v: number) => formatNumber(v, 3)}
          />
          <YAxis
            type="number"
            domain={[0, top]}
            tickCount={5}
            tick={axisTick}
            stroke="var(--rc-ink)"
            width={44}
            tickFormatter={(v: number) => formatNumber(v, 2)}
          />
          <Area
            dataKey="usable"
            type="linear"
            fill="var(--rc-blue-wash)"
            stroke="var(--rc-blue)"
            strokeWidth={1.4}
            isAnimationActive={false}
            activeDot={false}
          />
          <Line
            dataKey="pullOut"
            type="linear"
            stroke="var(--rc-ink)"
            strokeWidth={1.4}
            dot={false}
            isAnimationActive={false}
            activeDot={false}
          />
          {whip && whipAt < end && whip.verdict !== 'holds' && (
            <ReferenceLine
              x={whipAt}
              stroke="var(--rc-red)"
              strokeDasharray="4 3"
              label={{ value: 'whip', position: 'insideTopLeft', fontSize: 12, fill: 'var(--rc-red)' }}
            />
          )}
          {cases.map(([id, c]) => (
            <ReferenceDot
              key={id}
              x={speedUnit.fromSi(c.speed)}
              y={torqueUnit.fromSi(c.torque)}
              ifOverflow="extendDomain"
              fill={c.verdict === 'holds' ? 'var(--rc-green)' : verdictColour[c.verdict]}
              shape={
                <Cross
                  name={caseName[id]}
                  right={speedUnit.fromSi(c.speed) < 0.45 * end}
                  drop={id === 'rapid' ? 11 : -4}
                />
              }
            />
          ))}
        </ComposedChart>
      </ResponsiveContainer>
    </figure>
  );
});
