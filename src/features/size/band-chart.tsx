'use client';

import { memo } from 'react';
import { Area, ComposedChart, Line, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { Ink } from '@/core/drawing';
import type { Verdict } from '@/core/findings';
import type { AxisReport } from '@/core/machine';
import { displayUnit, formatNumber, type UnitSystem } from '@/core/units';
import { caseName } from '@/words';
import { type Asked, BandMarks } from './band-marks';
import styles from './sheet.module.css';

const inks: Record<Verdict, Ink> = {
  holds: 'green',
  thin: 'amber',
  'gives-out': 'red',
  'not-known': 'soft',
};
/** Room above the highest curve. */
const HEAD = 1.12;
const tick = { fontSize: 11.5, fill: 'var(--rc-soft)' };

type Cases = [keyof typeof caseName, AxisReport['cases']['cut']][];

/** The band in the units of the sheet. */
function bandOf(report: AxisReport, system: UnitSystem) {
  const speedUnit = displayUnit('speed', system);
  const torqueUnit = displayUnit('torque', system);
  const data = report.band.points.map((p) => ({
    speed: speedUnit.fromSi(p.speed),
    pullOut: torqueUnit.fromSi(p.pullOut),
    usable: torqueUnit.fromSi(p.usable),
  }));
  const cases = Object.entries(report.cases) as Cases;
  const asked = cases.map(([id, c]): Asked => ({
    name: caseName[id],
    // Nothing is green that rests on numbers of ours.
    ink: c.verdict === 'holds' && report.ours.length ? 'soft' : inks[c.verdict],
    speed: speedUnit.fromSi(c.speed),
    torque: torqueUnit.fromSi(c.torque),
  }));
  const words = cases
    .map(
      ([id, c]) =>
        `${caseName[id]} asks ${formatNumber(torqueUnit.fromSi(c.torque), 3)} of ` +
        `${formatNumber(torqueUnit.fromSi(c.usable), 3)} ${torqueUnit.symbol}`,
    )
    .join('; ');
  const end = Math.max(data[data.length - 1]!.speed, ...asked.map((a) => a.speed));
  const top = HEAD * Math.max(...data.map((d) => d.pullOut), ...asked.map((a) => a.torque));
  const whip = report.ladder.find((r) => r.id === 'whip');
  const whipAt = whip && whip.verdict !== 'holds' ? speedUnit.fromSi(whip.limit) : undefined;
  const curves = [
    data.map((d) => ({ x: d.speed, y: d.pullOut })),
    data.map((d) => ({ x: d.speed, y: d.usable })),
  ];
  return { data, asked, words, end, top, curves, whip: whipAt && whipAt < end ? whipAt : undefined };
}

/** Pull-out and usable torque over axis speed, with what is asked as crosses by name. */
export const BandChart = memo(function BandChart({
  report,
  system,
}: {
  report: AxisReport;
  system: UnitSystem;
}) {
  const { data, asked, words, end, top, curves, whip } = bandOf(report, system);
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
            tick={tick}
            stroke="var(--rc-ink)"
            tickFormatter={(v: number) => formatNumber(v, 3)}
          />
          <YAxis
            type="number"
            domain={[0, top]}
            tickCount={5}
            tick={tick}
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
          <BandMarks asked={asked} curves={curves} whip={whip} />
        </ComposedChart>
      </ResponsiveContainer>
    </figure>
  );
});
