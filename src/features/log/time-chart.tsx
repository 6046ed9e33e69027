'use client';

import { memo, useMemo } from 'react';
import { Bar, BarChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { densityOf, type LogEvent, type LogLane, logLanes } from '@/core/log';
import { laneNames, stretchText } from '@/words';
import styles from './log.module.css';

/** Told apart in grey, too: full, hatched, open, red. */
const fills: Readonly<Record<LogLane, string>> = {
  made: 'var(--rc-blue)',
  read: 'url(#log-read)',
  wrote: 'var(--rc-panel)',
  regretted: 'var(--rc-red)',
};

const tick = { fontSize: 11.5, fill: 'var(--rc-soft)' };

const short = (day: string) =>
  new Date(`${day}T12:00:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });

/** How much happened when. */
export const TimeChart = memo(function TimeChart({ events }: { readonly events: readonly LogEvent[] }) {
  const { days, stretches } = useMemo(() => densityOf(events), [events]);
  if (stretches.length < 2) return null;
  const data = stretches.map((s) => ({ ...s, name: short(s.from) }));
  const lanes = logLanes.filter((l) => stretches.some((s) => s[l] > 0));
  return (
    <figure className={styles.chart} aria-label={`Events, ${stretchText(days)}`}>
      <ResponsiveContainer width="100%" height={96}>
        <BarChart data={data} margin={{ top: 4, right: 4, bottom: 0, left: 0 }} barCategoryGap={1}>
          <defs>
            <pattern
              id="log-read"
              width="4"
              height="4"
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <rect width="4" height="4" fill="var(--rc-blue-wash)" />
              <line x1="0" y1="0" x2="0" y2="4" stroke="var(--rc-blue)" strokeWidth="2" />
            </pattern>
          </defs>
          <XAxis dataKey="name" tick={tick} tickLine={false} interval="preserveStartEnd" minTickGap={28} />
          <YAxis width={30} tick={tick} tickLine={false} axisLine={false} allowDecimals={false} />
          {lanes.map((lane) => (
            <Bar
              key={lane}
              dataKey={lane}
              stackId="all"
              fill={fills[lane]}
              stroke="var(--rc-blue)"
              strokeWidth={lane === 'regretted' ? 0 : 1}
              isAnimationActive={false}
            />
          ))}
        </BarChart>
      </ResponsiveContainer>
      <figcaption>
        {stretchText(days)}:{' '}
        {lanes.map((lane) => (
          <span key={lane} className={styles.lane} data-lane={lane}>
            {laneNames[lane]}
          </span>
        ))}
      </figcaption>
    </figure>
  );
});
