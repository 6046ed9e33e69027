'use client';

import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { verdictColour } from '@/ui/verdict-mark';
import { accelerationName, verdictWords } from '@/words';
import { useAxis } from '../axis-context';
import { spread } from '../ladder-layout';
import styles from '../sheet.module.css';

const [WIDTH, TOP, BOTTOM, LEFT, RIGHT] = [250, 20, 264, 128, 192];

/**
 * Accelerations at which each thing gives out, on the stiles of the speed ladder; what is asked is drawn
 * across.
 */
export function AccelerationLadder({ onWorking }: { onWorking: (line: string) => void }) {
  const { system } = useMachine();
  const { axis, report } = useAxis();
  const asked = axis.demands.acceleration.si;
  const rungs = [...report.accelerations].sort((a, b) => b.limit - a.limit);
  const values = [...rungs.map((r) => r.limit), asked].filter((v) => v > 0 && Number.isFinite(v));
  const low = Math.log(Math.min(...values) * 0.7);
  const high = Math.log(Math.min(Math.max(...values), 30 * asked) * 1.2);
  const y = (v: number) =>
    Math.max(
      TOP,
      Math.min(BOTTOM, BOTTOM - ((Math.log(Math.max(v, 1e-9)) - low) / (high - low)) * (BOTTOM - TOP)),
    );
  const labels = spread(
    rungs.map((r) => y(r.limit)),
    16,
    TOP,
    BOTTOM,
  );
  const lowest = rungs[rungs.length - 1]!;
  return (
    <svg viewBox={`0 0 ${WIDTH} 284`} className={styles.ladder} role="group" aria-label="Acceleration ladder">
      <rect
        x={LEFT}
        y={y(lowest.limit)}
        width={RIGHT - LEFT}
        height={Math.max(0, BOTTOM - y(lowest.limit))}
        fill="var(--rc-green-wash)"
      />
      <path
        d={`M${LEFT} ${TOP - 10}V${BOTTOM + 10}M${RIGHT} ${TOP - 10}V${BOTTOM + 10}`}
        stroke="var(--rc-ink)"
        strokeWidth="3"
      />
      <path d={`M0 ${y(asked)}H${WIDTH}`} stroke="var(--rc-blue)" strokeWidth="1.6" strokeDasharray="6 4" />
      {rungs.map((r, i) => {
        const colour = r.verdict === 'holds' ? 'var(--rc-ink)' : verdictColour[r.verdict];
        const governs = r === lowest;
        const words =
          `${accelerationName[r.id]}: ${formatQuantity('acceleration', r.limit, system, 3).text}, ` +
          `${verdictWords[r.verdict]}`;
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
            <rect x="0" y={labels[i]! - 8} width={WIDTH} height="16" fill="transparent" />
            <path d={`M${LEFT} ${y(r.limit)}H${RIGHT}`} stroke={colour} strokeWidth={governs ? 5 : 2.6} />
            {Math.abs(labels[i]! - y(r.limit)) > 3 && (
              <path
                d={
                  `M${LEFT - 3} ${y(r.limit)}L${LEFT - 12} ${labels[i]}M${RIGHT + 3} ` +
                  `${y(r.limit)}L${RIGHT + 9} ${labels[i]}`
                }
                stroke={colour}
                strokeWidth="0.7"
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
              {accelerationName[r.id]}
            </text>
            <text
              x={RIGHT + 11}
              y={labels[i]! + 4.5}
              fontSize={governs ? 15 : 12.5}
              fontWeight={governs ? 700 : 600}
              fill={colour}
              className={styles.rungName}
            >
              {formatQuantity('acceleration', r.limit, system, 2).number}
              {r.limit > Math.exp(high) ? ' ↑' : ''}
            </text>
          </g>
        );
      })}
      <text
        x={(LEFT + RIGHT) / 2}
        y={y(asked) - 4}
        textAnchor="middle"
        fontSize="11"
        fontWeight="650"
        fill="var(--rc-blue)"
        stroke="var(--rc-panel)"
        strokeWidth="3"
        paintOrder="stroke"
        pointerEvents="none"
      >
        asked {formatQuantity('acceleration', asked, system, 2).number}
      </text>
    </svg>
  );
}
