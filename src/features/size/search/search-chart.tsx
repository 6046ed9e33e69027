'use client';

import { CartesianGrid, ResponsiveContainer, Scatter, ScatterChart, XAxis, YAxis, ZAxis } from 'recharts';
import { familyById } from '@/core/catalogue';
import { driveFamilies, type FoundLine, isKnown, type PresentLine, scaled, type Scale } from '@/core/choose';
import { formatNumber, type UnitSystem } from '@/core/units';
import { scaleNames, scaleUnit } from '@/words';
import styles from './search.module.css';

const shapes = ['circle', 'square', 'triangle', 'diamond', 'cross', 'star', 'wye'] as const;
const tick = { fontSize: 11.5, fill: 'var(--rc-soft)' };
const HEIGHT = 270;

/** A figure as it stands on the axis of the chart. */
function heightOf({ figures }: Pick<FoundLine, 'figures'>, scale: Scale, system: UnitSystem): number {
  if (scale === 'effort') return figures.effort;
  const unit = scaleUnit(scale, system);
  return unit && (scale === 'stiffness' || scale === 'lost' || scale === 'error')
    ? unit.fromSi(figures[scale])
    : scaled(figures, scale);
}

type Point = Pick<FoundLine, 'id' | 'family' | 'money' | 'figures'>;

/** Sets of drive trains for several axes are of one kind. */
export const SET_KIND = 'set';
const kindsOfPoints = [...driveFamilies, SET_KIND];
const shapeOf = (kind: string) => shapes[driveFamilies.indexOf(kind)] ?? 'circle';
const kindName = (kind: string) => familyById(kind)?.name ?? 'a set for these axes';

interface ChartProps {
  readonly lines: readonly Point[];
  /** What is there now; without money it is not drawn. */
  readonly now: Pick<PresentLine, 'figures' | 'money'>;
  readonly scale: Scale;
  readonly system: UnitSystem;
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
}

/** Money against a scale: each point a drive train that holds, kinds of drive by shape. */
export function SearchChart({ lines, now, scale, system, picked, onPick }: ChartProps) {
  const point = (line: Point) => ({ id: line.id, money: line.money, y: heightOf(line, scale, system) });
  const kinds = kindsOfPoints.filter((f) => lines.some((l) => l.family === f));
  const groups = kinds.flatMap((family) =>
    [true, false].map((sure) => ({
      family,
      sure,
      some: lines.filter((l) => l.family === family && isKnown(l.figures.unknown, scale) === sure),
    })),
  );
  return (
    <figure className={styles.chart} aria-label={`Money against ${scaleNames[scale].toLowerCase()}`}>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <ScatterChart margin={{ top: 8, right: 12, bottom: 18, left: 4 }}>
          <CartesianGrid stroke="var(--rc-hair)" vertical={false} />
          <XAxis
            type="number"
            dataKey="money"
            domain={[0, 'auto']}
            tick={tick}
            tickLine={false}
            label={{ value: 'money', position: 'bottom', offset: 0, ...tick }}
          />
          <YAxis
            type="number"
            dataKey="y"
            domain={[0, 'auto']}
            tick={tick}
            tickLine={false}
            width={66}
            tickFormatter={(v: number) => formatNumber(v, 3)}
          />
          <ZAxis range={[60, 60]} />
          {groups.map(({ family, sure, some }) => (
            <Scatter
              key={`${family} ${sure}`}
              data={some.map(point)}
              shape={shapeOf(family)}
              fill={sure ? 'var(--rc-blue)' : 'var(--rc-panel)'}
              stroke="var(--rc-blue)"
              isAnimationActive={false}
              onClick={(p: { readonly payload?: { readonly id?: string } }) => {
                if (p.payload?.id) onPick(p.payload.id);
              }}
            />
          ))}
          <Scatter
            data={lines.filter((l) => l.id === picked).map(point)}
            shape="circle"
            fill="none"
            stroke="var(--rc-ink)"
            strokeWidth={2}
            isAnimationActive={false}
          />
          <Scatter
            data={now.money === null ? [] : [{ id: '', money: now.money, y: heightOf(now, scale, system) }]}
            shape="circle"
            fill="var(--rc-panel)"
            stroke="var(--rc-amber)"
            strokeWidth={2}
            isAnimationActive={false}
          />
        </ScatterChart>
      </ResponsiveContainer>
      <figcaption>
        {kinds.map((family) => (
          <span key={family} data-shape={shapeOf(family)}>
            {kindName(family)}
          </span>
        ))}
        {now.money !== null && <span data-shape="now">as it is</span>}
        {groups.some((g) => !g.sure && g.some.length) && (
          <span>hollow: a bound, links of it are not known</span>
        )}
      </figcaption>
    </figure>
  );
}
