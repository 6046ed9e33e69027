import type { ReactNode } from 'react';
import type { Verdict } from '@/core/findings';
import { verdictColour } from '@/ui/verdict-mark';
import { spread } from './ladder-layout';
import styles from './sheet.module.css';

const [WIDTH, HEIGHT, TOP, BOTTOM] = [250, 284, 14, 270];
const [LEFT, RIGHT] = [128, 192];
/** Labels stand so far apart, and keep so far from the ends of the stiles. */
const [LABEL, EDGE] = [15, 2];
/** Room below the lowest and above the highest value, as factors. */
const [BELOW, ABOVE] = [0.75, 1.12];
/** A label that stands so far from its rung is led to it. */
const LED = 3;
/** Nothing is 0 on a scale of ratios. */
const LEAST = 1e-9;

/** The heights of a ladder: ratios are distances. */
export interface LadderScale {
  readonly y: (value: number) => number;
  /** Whether a value lies above the stiles. */
  readonly beyond: (value: number) => boolean;
}

/**
 * A scale on which all values stand. @param most what stands on it at the most: a limit far above what is
 * asked would squeeze the rest, such rungs stand at the top of the stiles.
 */
export function ladderScale(values: readonly number[], most: number): LadderScale {
  const shown = values.filter((v) => v > 0 && Number.isFinite(v));
  const low = Math.log(Math.min(...shown) * BELOW);
  const high = Math.log(Math.min(Math.max(...shown), most) * ABOVE);
  const part = (v: number) => (Math.log(Math.max(v, LEAST)) - low) / (high - low);
  return {
    y: (v) => Math.max(TOP, Math.min(BOTTOM, BOTTOM - part(v) * (BOTTOM - TOP))),
    beyond: (v) => v > Math.exp(high),
  };
}

/** Something that gives out at a value. */
export interface RungShown {
  readonly id: string;
  readonly name: string;
  readonly limit: number;
  readonly verdict: Verdict;
  /** The figure as it is written. */
  readonly figure: string;
  /** In words, for who does not see it, and for who points at it. */
  readonly words: string;
  readonly title?: string;
  /** By how much the limit may be off. */
  readonly off?: number;
  readonly onOpen: () => void;
}

/** Where a rung stands, and its label. */
interface Standing {
  readonly at: number;
  readonly label: number;
  readonly governs: boolean;
}

function RungWords({ rung, at: { label, governs }, mark }: { rung: RungShown; at: Standing; mark: string }) {
  const colour = rung.verdict === 'holds' ? 'var(--rc-ink)' : verdictColour[rung.verdict];
  return (
    <>
      <text
        x={LEFT - 14}
        y={label + 4}
        textAnchor="end"
        fontSize="12"
        fontWeight={governs ? 700 : 450}
        fill={colour}
        className={styles.rungName}
      >
        {rung.name}
      </text>
      <text
        x={RIGHT + 11}
        y={label + 4.5}
        fontSize={governs ? 15 : 12.5}
        fontWeight={governs ? 700 : 600}
        fill={colour}
        className={styles.rungName}
      >
        {rung.figure}
        {mark}
      </text>
    </>
  );
}

function Rung({ rung, standing, scale }: { rung: RungShown; standing: Standing; scale: LadderScale }) {
  const { at, label, governs } = standing;
  const { limit, words, title = words, off = 0, onOpen } = rung;
  const colour = rung.verdict === 'holds' ? 'var(--rc-ink)' : verdictColour[rung.verdict];
  return (
    <g
      className={styles.rung}
      role="button"
      tabIndex={0}
      aria-label={`${words}. Show the working`}
      onClick={onOpen}
      onKeyDown={(e) => {
        if (e.key !== 'Enter' && e.key !== ' ') return;
        e.preventDefault();
        onOpen();
      }}
    >
      <title>{title}</title>
      <rect x="0" y={label - 8} width={WIDTH} height="16" fill="transparent" />
      <g style={{ transform: `translateY(${at}px)` }}>
        <path d={`M${LEFT} 0H${RIGHT}`} stroke={colour} strokeWidth={governs ? 5 : 2.6} />
      </g>
      {Math.abs(label - at) > LED && (
        <path
          d={`M${LEFT - 3} ${at}L${LEFT - 12} ${label}M${RIGHT + 3} ${at}l6 ${label - at}`}
          stroke={colour}
          strokeWidth="0.7"
        />
      )}
      {off > 0 && limit > 0 && (
        <path
          d={`M${RIGHT} ${scale.y(limit + off)}h4V${scale.y(Math.max(limit - off, LEAST))}h-4`}
          fill="none"
          stroke="var(--rc-soft)"
          strokeWidth="1"
        />
      )}
      <RungWords rung={rung} at={standing} mark={scale.beyond(limit) ? ' ↑' : ''} />
    </g>
  );
}

/** A value that is asked, drawn across: its line. */
export const Asked = ({ at, fine = false }: { at: number; fine?: boolean }) => (
  <path
    d={`M0 ${at}H${WIDTH}`}
    stroke="var(--rc-blue)"
    strokeWidth={fine ? 1.2 : 1.6}
    strokeDasharray={fine ? '2 3' : '6 4'}
  />
);

/** The name of a value that is asked, in the middle of the ladder. */
export const AskedName = ({
  at,
  fine = false,
  children,
}: {
  at: number;
  fine?: boolean;
  children: ReactNode;
}) => (
  <text
    x={(LEFT + RIGHT) / 2}
    y={at}
    textAnchor="middle"
    fontSize="11"
    fontWeight={fine ? 450 : 650}
    fill="var(--rc-blue)"
    stroke="var(--rc-panel)"
    strokeWidth="3"
    paintOrder="stroke"
    pointerEvents="none"
  >
    {children}
  </text>
);

interface RungsProps {
  readonly label: string;
  /** It rests on numbers of ours: what holds is then not green. */
  readonly guessed: boolean;
  readonly scale: LadderScale;
  /** From the highest to the lowest. */
  readonly rungs: readonly RungShown[];
  /** Drawn under the rungs, and over them. */
  readonly under: ReactNode;
  readonly over: ReactNode;
}

/** A ladder of limits: the lowest is heavy, and what lies below it holds. Every rung opens its working. */
export function Rungs({ label, guessed, scale, rungs, under, over }: RungsProps) {
  const heights = rungs.map((r) => scale.y(r.limit));
  const labels = spread(heights, LABEL, TOP + EDGE, BOTTOM - EDGE);
  const lowest = heights.at(-1)!;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className={styles.ladder} role="group" aria-label={label}>
      <rect
        x={LEFT}
        y={lowest}
        width={RIGHT - LEFT}
        height={Math.max(0, BOTTOM - lowest)}
        fill={guessed ? 'var(--rc-blue-wash)' : 'var(--rc-green-wash)'}
      />
      <path
        d={`M${LEFT} ${TOP - 8}V${BOTTOM + 8}M${RIGHT} ${TOP - 8}V${BOTTOM + 8}`}
        stroke="var(--rc-ink)"
        strokeWidth="3"
      />
      {under}
      {rungs.map((rung, i) => (
        <Rung
          key={rung.id}
          rung={rung}
          standing={{ at: heights[i]!, label: labels[i]!, governs: i === rungs.length - 1 }}
          scale={scale}
        />
      ))}
      {over}
    </svg>
  );
}
