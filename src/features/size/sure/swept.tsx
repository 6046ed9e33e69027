'use client';

import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { Swept, SweptCheck } from '@/core/doubt';
import type { Project } from '@/core/model';
import { displayUnit, formatNumber, formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { doubtedText, doubtfulText } from '@/words';
import styles from './sure.module.css';

const tick = { fontSize: 11.5, fill: 'var(--rc-soft)' };
/** Lines of the chart, told apart by dashes as well as by ink. */
const LINES = [
  ['var(--rc-ink)', '0'],
  ['var(--rc-blue)', '6 3'],
  ['var(--rc-amber)', '2 2'],
  ['var(--rc-red)', '8 2 2 2'],
  ['var(--rc-soft)', '0'],
] as const;
/** Margins are drawn between these. */
const [LOW, HIGH] = [0.25, 4];

/** Checks that turn, or come nearest to it. */
function worthDrawing({ checks, crossings }: Swept): SweptCheck[] {
  const turning = new Set(crossings.map((c) => c.key));
  const moves = ({ margins }: SweptCheck) => {
    const said = margins.filter((m): m is number => m !== null && Number.isFinite(m));
    return said.length > 1 && Math.max(...said) > 1.02 * Math.min(...said) && Math.min(...said) < 2;
  };
  return [
    ...checks.filter((c) => turning.has(c.key)),
    ...checks.filter((c) => !turning.has(c.key) && moves(c)),
  ].slice(0, LINES.length);
}

interface SweptProps {
  readonly swept: Swept;
  readonly project: Project;
  /** Half-width of the 95 % interval of what stands there, SI. */
  readonly half: number;
}

/** What a check is called in a list. */
const nameOf = (project: Project, check: SweptCheck) => {
  const { name, of } = doubtedText(project, check.outcome);
  return `${name} (${of})`;
};

/** Margins over one figure, what it is now, and where checks turn. */
export function SweptAnswer({ swept, project, half }: SweptProps) {
  const { system } = useMachine();
  const say = (v: number) => formatQuantity(swept.kind, v, system, 3).text;
  const drawn = worthDrawing(swept);
  const { symbol } = displayUnit(swept.kind, system);
  const { name } = doubtfulText(project, swept.path);
  return (
    <>
      <MarginChart swept={swept} drawn={drawn} project={project} />
      <p className={styles.hint}>
        What is there over what is needed, over {name.toLowerCase()}
        {symbol && ` in ${symbol}`}. Below the red line a check is missed. Now: {say(swept.now)}
        {half > 0 && `, by its basis ± ${formatQuantity(swept.kind, half, system, 2).text}`}.
      </p>
      <Crossings swept={swept} project={project} />
    </>
  );
}

function Crossings({ swept, project }: Omit<SweptProps, 'half'>) {
  const { system } = useMachine();
  if (!swept.crossings.length)
    return <p className={styles.hint}>Nothing turns on the way from one end to the other.</p>;
  const byKey = new Map(swept.checks.map((c) => [c.key, c]));
  return (
    <ul className={styles.plain} aria-label="Where checks turn">
      {swept.crossings.map((c) => (
        <li key={`${c.key} ${c.at}`}>
          <span>{nameOf(project, byKey.get(c.key)!)}</span>
          <span>
            kept {c.above ? 'from' : 'up to'} <b>{formatQuantity(swept.kind, c.at, system, 3).text}</b>
          </span>
        </li>
      ))}
    </ul>
  );
}

interface ChartProps extends Omit<SweptProps, 'half'> {
  readonly drawn: readonly SweptCheck[];
}

function MarginChart({ swept, drawn, project }: ChartProps) {
  const { system } = useMachine();
  const unit = displayUnit(swept.kind, system);
  const data = swept.values.map((value, i) => ({
    value: unit.fromSi(value),
    ...Object.fromEntries(
      drawn.map(({ key, margins }) => {
        const margin = margins[i];
        return [key, margin == null ? null : Math.min(HIGH, Math.max(LOW, margin))];
      }),
    ),
  }));
  return (
    <figure className={styles.chart} aria-label={`Margins of ${drawn.length} checks`}>
      <ResponsiveContainer width="100%" height="100%" minHeight={220}>
        <LineChart data={data} margin={{ top: 8, right: 14, bottom: 2, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--rc-rule)" strokeDasharray="1 3" />
          <XAxis
            dataKey="value"
            type="number"
            domain={['dataMin', 'dataMax']}
            tick={tick}
            stroke="var(--rc-ink)"
            tickFormatter={(v: number) => formatNumber(v, 3)}
          />
          <YAxis
            type="number"
            scale="log"
            domain={[LOW, HIGH]}
            ticks={[0.25, 0.5, 1, 2, 4]}
            tick={tick}
            stroke="var(--rc-ink)"
            width={48}
            tickFormatter={(v: number) => `× ${formatNumber(v, 2)}`}
          />
          <ReferenceLine y={1} stroke="var(--rc-red)" />
          <ReferenceLine x={unit.fromSi(swept.now)} stroke="var(--rc-blue)" strokeDasharray="3 3" />
          {drawn.map(({ key }, i) => (
            <Line
              key={key}
              dataKey={(row: Record<string, number | null>) => row[key] ?? null}
              stroke={LINES[i]![0]}
              strokeDasharray={LINES[i]![1]}
              strokeWidth={1.6}
              dot={false}
              isAnimationActive={false}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
      <figcaption className={styles.keys}>
        {drawn.map((check, i) => (
          <span key={check.key}>
            <svg width="26" height="8" aria-hidden>
              <line
                x1="0"
                x2="26"
                y1="4"
                y2="4"
                stroke={LINES[i]![0]}
                strokeDasharray={LINES[i]![1]}
                strokeWidth="2"
              />
            </svg>{' '}
            {nameOf(project, check)}
          </span>
        ))}
      </figcaption>
    </figure>
  );
}
