'use client';

import { memo, useMemo } from 'react';
import { Area, AreaChart, ReferenceArea, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { THIN_MARGIN } from '@/core/findings';
import type { Series } from '@/core/job';
import { displayUnit, formatNumber, type UnitSystem } from '@/core/units';
import { AfterPaint } from '@/ui/after-paint';
import { longTime } from '@/words';
import styles from './job.module.css';

const tick = { fontSize: 11.5, fill: 'var(--rc-soft)' };
/** What is asked beyond this is drawn at the edge: the figure stands in the table. */
const HIGHEST = 1.5;
const THIN = 1 / THIN_MARGIN;
/** Room beside what is drawn, px. */
const [LEFT, RIGHT] = [52, 18];

interface Row {
  readonly time: number;
  readonly share: number;
  readonly feed: number;
  readonly chip: number;
}

interface ChartProps {
  readonly rows: readonly Row[];
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
function Torque({ rows, last }: ChartProps) {
  return (
    <ResponsiveContainer width="100%" height={112}>
      <AreaChart
        data={[...rows]}
        margin={{ top: 6, right: RIGHT, bottom: 0, left: 0 }}
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
          width={LEFT}
          tickFormatter={(v: number) => (v === 1 ? 'all' : v === 0.5 ? 'half' : '0')}
        />
        <ReferenceLine y={1} stroke="var(--rc-red)" />
        <Area dataKey="share" type="step" stroke="var(--rc-ink)" fill="none" isAnimationActive={false} />
      </AreaChart>
    </ResponsiveContainer>
  );
}

interface AreaProps extends ChartProps {
  readonly of: 'feed' | 'chip';
  /** Whether the time stands below it. */
  readonly timed: boolean;
}

function Filled({ rows, last, of, timed }: AreaProps) {
  return (
    <ResponsiveContainer width="100%" height={timed ? 96 : 72}>
      <AreaChart
        data={[...rows]}
        margin={{ top: 4, right: RIGHT, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <XAxis {...axis(last)} hide={!timed} />
        <YAxis
          domain={[0, 'auto']}
          tick={tick}
          stroke="var(--rc-ink)"
          width={LEFT}
          tickFormatter={(v: number) => formatNumber(v, 3)}
        />
        <Area
          dataKey={of}
          type="step"
          stroke="var(--rc-blue)"
          fill="var(--rc-blue-wash)"
          isAnimationActive={false}
        />
      </AreaChart>
    </ResponsiveContainer>
  );
}

const Drawn = memo(function Drawn({
  series,
  system,
}: {
  readonly series: Series;
  readonly system: UnitSystem;
}) {
  const { width, moments } = series;
  const unit = displayUnit('speed', system);
  const thin = displayUnit('length', system);
  const rows = useMemo(
    () =>
      moments.map(({ way, moving, share, chip }, i): Row => ({
        time: i * width,
        share: Math.min(HIGHEST, share),
        feed: moving > 0 ? unit.fromSi(way / moving) : 0,
        chip: thin.fromSi(chip),
      })),
    [moments, width, unit, thin],
  );
  const last = width * moments.length;
  const chips = moments.some((m) => m.chip > 0);
  return (
    <>
      <figcaption>Torque of the busiest axis, as a share of what may be asked</figcaption>
      <Torque {...{ rows, last }} />
      <AfterPaint>
        <figcaption>Speed, {unit.symbol}</figcaption>
        <Filled {...{ rows, last }} of="feed" timed={!chips} />
        {chips && (
          <AfterPaint>
            <figcaption>Chip of a tooth, {thin.symbol}</figcaption>
            <Filled {...{ rows, last }} of="chip" timed />
          </AfterPaint>
        )}
      </AfterPaint>
    </>
  );
});

interface ChartsProps {
  readonly series: Series;
  readonly now: number | null;
  readonly system: UnitSystem;
}

/**
 * Torque as a share of what may be asked, speed and chips over the time of the job. The cursor lies over the
 * charts: where it moves they are not drawn anew.
 */
export function JobCharts({ series, now, system }: ChartsProps) {
  const { width, moments } = series;
  if (moments.length < 2) return null;
  const share = now === null ? null : now / (width * moments.length);
  return (
    <figure className={styles.charts} aria-label="Torque and speed over the time of the job">
      <Drawn series={series} system={system} />
      {share !== null && (
        <i
          className={styles.over}
          style={{ left: `calc(${LEFT}px + (100% - ${LEFT + RIGHT}px) * ${share.toFixed(4)})` }}
        />
      )}
    </figure>
  );
}
