import { forceOverTurn } from '@/core/machine';
import type { MillCut } from '@/core/model';
import { formatNumber } from '@/core/units';
import styles from './brief.module.css';

const [W, H] = [300, 130];

/** Force along and across the feed over one turn of the cutter. */
export function TurnDrawing({ cut }: { cut: MillCut }) {
  const turn = forceOverTurn(cut);
  const most = Math.max(1e-9, ...turn.flatMap((p) => [Math.abs(p.along), Math.abs(p.across)]));
  const x = (t: number) => 34 + t * (W - 44);
  const y = (f: number) => H / 2 - (f / most) * (H / 2 - 14);
  const path = (key: 'along' | 'across') =>
    `M${turn.map((p) => `${x(p.turn).toFixed(1)} ${y(p[key]).toFixed(1)}`).join('L')}`;
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className={styles.turn}
      role="img"
      aria-label={`Forces over one turn, up to ${formatNumber(most, 3)} N`}
    >
      <path d={`M34 ${H / 2}H${W - 8}M34 8V${H - 8}`} stroke="var(--rc-soft)" strokeWidth="0.8" />
      <path d={path('along')} fill="none" stroke="var(--rc-blue)" strokeWidth="1.8" />
      <path d={path('across')} fill="none" stroke="var(--rc-ink)" strokeWidth="1.8" strokeDasharray="5 3" />
      <text x="4" y="18">
        {formatNumber(most, 3)} N
      </text>
      <text x="4" y={H / 2 + 4}>
        0
      </text>
      <text x={W - 8} y="18" textAnchor="end">
        line along, dashes across the feed
      </text>
      <text x={W - 8} y={H - 6} textAnchor="end">
        one turn
      </text>
    </svg>
  );
}
