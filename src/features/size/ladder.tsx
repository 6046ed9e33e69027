'use client';

import type { AxisDoubt } from '@/core/choose';
import type { Rung } from '@/core/machine';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { verdictColour } from '@/ui/verdict-mark';
import { remedyText, rungName, verdictWords } from '@/words';
import { useAxis } from './axis-context';
import { spread } from './ladder-layout';
import styles from './sheet.module.css';

const [WIDTH, HEIGHT, TOP, BOTTOM] = [250, 284, 14, 270];
const [LEFT, RIGHT] = [128, 192];

interface LadderProps {
  readonly doubt: AxisDoubt;
  readonly onWorking: (line: string) => void;
}

/** Speeds at which each thing gives out, lowest heavy; what is asked is drawn across in blue. */
export function Ladder({ doubt, onWorking }: LadderProps) {
  const { system } = useMachine();
  const { axis, report } = useAxis();
  const [rapid, feed] = [axis.demands.rapid.si, axis.demands.feed.si];
  const speeds = [...report.ladder.map((r) => r.limit), rapid, feed].filter(
    (v) => v > 0 && Number.isFinite(v),
  );
  const low = Math.log(Math.min(...speeds) * 0.75);
  // A limit far above what is asked would squeeze the rest: such rungs stand at the top of the stiles.
  const high = Math.log(Math.min(Math.max(...speeds), 12 * rapid) * 1.12);
  const y = (speed: number) =>
    Math.max(
      TOP,
      Math.min(BOTTOM, BOTTOM - ((Math.log(Math.max(speed, 1e-9)) - low) / (high - low)) * (BOTTOM - TOP)),
    );
  const rungs = [...report.ladder].sort((a, b) => b.limit - a.limit);
  const labels = spread(
    rungs.map((r) => y(r.limit)),
    15,
    TOP + 2,
    BOTTOM - 2,
  );
  const say = (v: number) => formatQuantity('speed', v, system, 3).number;
  const becomes = (v: number | null) => (v === null ? 'gone' : formatQuantity('speed', v, system, 3).text);
  const lowest = rungs[rungs.length - 1]!;
  // The name of a wish stands above its line, below it where a rung is in the way.
  const beside = (at: number) =>
    rungs.some((r) => y(r.limit) > at - 15 && y(r.limit) < at + 1) ? at + 12 : at - 4;
  const best = (r: Rung) => report.findings.find((f) => f.code === r.id)?.remedies[0];

  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className={styles.ladder} role="group" aria-label="Speed ladder">
      <rect
        x={LEFT}
        y={y(lowest.limit)}
        width={RIGHT - LEFT}
        height={Math.max(0, BOTTOM - y(lowest.limit))}
        fill="var(--rc-green-wash)"
      />
      <path
        d={`M${LEFT} ${TOP - 8}V${BOTTOM + 8}M${RIGHT} ${TOP - 8}V${BOTTOM + 8}`}
        stroke="var(--rc-ink)"
        strokeWidth="3"
      />
      <g stroke="var(--rc-blue)" fill="var(--rc-blue)">
        <path d={`M0 ${y(rapid)}H${WIDTH}`} strokeWidth="1.6" strokeDasharray="6 4" />
        <path d={`M0 ${y(feed)}H${WIDTH}`} strokeWidth="1.2" strokeDasharray="2 3" />
      </g>
      {rungs.map((r, i) => {
        const colour = r.verdict === 'holds' ? 'var(--rc-ink)' : verdictColour[r.verdict];
        const at = y(r.limit);
        const remedy = best(r);
        const governs = r === lowest;
        const off = doubt.rungs.find((d) => d.id === r.id)?.halfWidth ?? 0;
        const words =
          `${rungName[r.id]}: ${formatQuantity('speed', r.limit, system, 3).text} ± ` +
          `${formatQuantity('speed', off, system, 2).number}, ${verdictWords[r.verdict]}`;
        return (
          <g
            key={r.id}
            className={styles.rung}
            role="button"
            tabIndex={0}
            aria-label={`${words}. Show the working`}
            onClick={() => onWorking(r.line)}
            onKeyDown={(e) => {
              if (e.key === 'Enter' || e.key === ' ') {
                e.preventDefault();
                onWorking(r.line);
              }
            }}
          >
            <title>
              {remedy ? `${words}. ${remedyText(remedy, system)} → ${becomes(remedy.becomes)}` : words}
            </title>
            <rect x="0" y={labels[i]! - 8} width={WIDTH} height="16" fill="transparent" />
            <g style={{ transform: `translateY(${at}px)` }}>
              <path d={`M${LEFT} 0H${RIGHT}`} stroke={colour} strokeWidth={governs ? 5 : 2.6} />
            </g>
            {Math.abs(labels[i]! - at) > 3 && (
              <path
                d={`M${LEFT - 3} ${at}L${LEFT - 12} ${labels[i]}M${RIGHT + 3} ${at}l6 ${labels[i]! - at}`}
                stroke={colour}
                strokeWidth="0.7"
              />
            )}
            {off > 0 && r.limit > 0 && (
              <path
                d={`M${RIGHT} ${y(r.limit + off)}h4V${y(Math.max(r.limit - off, 1e-9))}h-4`}
                fill="none"
                stroke="var(--rc-soft)"
                strokeWidth="1"
              />
            )}
            <text
              x={LEFT - 14}
              y={labels[i]! + 4}
              textAnchor="end"
              fontSize="12"
              fontWeight={governs ? 700 : 450}
              fill={colour}
              className={styles.rungName}
            >
              {rungName[r.id]}
            </text>
            <text
              x={RIGHT + 11}
              y={labels[i]! + 4.5}
              fontSize={governs ? 15 : 12.5}
              fontWeight={governs ? 700 : 600}
              fill={colour}
              className={styles.rungName}
            >
              {say(r.limit)}
              {r.limit > Math.exp(high) ? ' ↑' : ''}
            </text>
          </g>
        );
      })}
      {[
        ['rapid', rapid, 650],
        ['feed', feed, 450],
      ].map(
        ([name, speed, weight]) =>
          (name === 'rapid' || Math.abs(y(feed) - y(rapid)) > 13) && (
            <text
              key={name}
              x={(LEFT + RIGHT) / 2}
              y={beside(y(Number(speed)))}
              textAnchor="middle"
              fontSize="11"
              fontWeight={weight}
              fill="var(--rc-blue)"
              stroke="var(--rc-panel)"
              strokeWidth="3"
              paintOrder="stroke"
              pointerEvents="none"
            >
              {name} {say(Number(speed))}
            </text>
          ),
      )}
    </svg>
  );
}
