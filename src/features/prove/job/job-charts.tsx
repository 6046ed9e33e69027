'use client';

import { memo, useMemo } from 'react';
import { Area, AreaChart, ReferenceArea, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { Series } from '@/core/job';
import { displayUnit, formatNumber, type UnitSystem } from '@/core/units';
import { longTime } from '@/words';
import styles from './job.module.css';

const tick = { fontSize: 11.5, fill: 'var(--rc-soft)' };
/** What is asked beyond this is drawn at the edge: the figure stands in the table. */
const HIGHEST = 1.5;
const THIN = 1 / 1.15;

interface Row {
  readonly time: number;
  readonly share: number;
  readonly feed: number;
}

interface ChartProps {
  readonly rows: readonly Row[];
  readonly now: number | null;
  readonly last: number;
}

const axis = (last: number) => ({
  dataKey: 'time',
  type: 'number' as const,
  domain: [0, last] as [number, number],
  tick,
  stroke: 'var(--rc-ink)',
  tickFormatter: longTime,
  minTickGap: 46,
});
const cursor = (now: number | null) =>
  now === null ? null : <ReferenceLine x={now} stroke="var(--rc-blue)" strokeWidth={2} />;

function Torque({ rows, now, last }: ChartProps) {
  return (
    <ResponsiveContainer width="100%" height={112}>
      <AreaChart
        data={[...rows]}
        margin={{ top: 6, right: 18, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <ReferenceArea y1={1} y2={HIGHEST} fill="var(--rc-red-wash)" />
        <ReferenceArea y1={THIN} y2={1} fill="var(--rc-amber-wash)" />
        <XAxis {...axis(last)} hide />
        <YAxis
          domain={[0, HIGHEST]}
          ticks={[0, 0.5, 1]}
          tick={tick}
          stroke="var(--rc-ink)"
          width={52}
          tickFormatter={(v: number) => (v === 1 ? 'all' : v === 0.5 ? 'half' : '0')}
        />
        <ReferenceLine y={1} stroke="var(--rc-red)" />
        <Area dataKey="share" type="step" stroke="var(--rc-ink)" fill="none" isAnimationActive={false} />
        {cursor(now)}
      </AreaChart>
    </ResponsiveContainer>
  );
}

function Feed({ rows, now, last }: ChartProps) {
  return (
    <ResponsiveContainer width="100%" height={96}>
      <AreaChart
        data={[...rows]}
        margin={{ top: 4, right: 18, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <XAxis {...axis(last)} />
        <YAxis
          domain={[0, 'auto']}
          tick={tick}
          stroke="var(--rc-ink)"
          width={52}
          tickFormatter={(v: number) => formatNumber(v, 3)}
        />
        <Area
          dataKey="feed"
          type="step"
          stroke="var(--rc-blue)"
          fill="var(--rc-blue-wash)"
          isAnimationActive={false}
        />
        {cursor(now)}
      </AreaChart>
    </ResponsiveContainer>
  );
}

/** Torque as a share of what may be asked, and speed, over the time of the job. */
export const JobCharts = memo(function JobCharts({
  series: { width, moments },
  now,
  system,
}: {
  readonly series: Series;
  readonly now: number | null;
  readonly system: UnitSystem;
}) {
  const unit = displayUnit('speed', system);
  const rows = useMemo(
    () =>
      moments.map(({ way, moving, share }, i): Row => ({
        time: i * width,
        share: Math.min(HIGHEST, share),
        feed: moving > 0 ? unit.fromSi(way / moving) : 0,
      })),
    [moments, width, unit],
  );
  const last = width * moments.length;
  if (rows.length < 2) return null;
  return (
    <figure className={styles.charts} aria-label="Torque and speed over the time of the job">
      <figcaption>Torque of the busiest axis, as a share of what may be asked</figcaption>
      <Torque {...{ rows, now, last }} />
      <figcaption>Speed, {unit.symbol}</figcaption>
      <Feed {...{ rows, now, last }} />
    </figure>
  );
});
