import type { FlexReport, WayId } from '@/core/machine';
import type { Arrangement } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { givingName, stiffnessText } from '@/words';
import styles from './whole.module.css';

/** Hatched as sections are, so that they are told apart on grey paper and by every eye. */
const hatch = (colour: string, angle: number, line: number, gap: number): string =>
  `repeating-linear-gradient(${angle}deg, ${colour} 0 ${line}px, var(--rc-panel) ${line}px ${line + gap}px)`;

const hatches = [
  'var(--rc-blue)',
  hatch('var(--rc-amber)', 45, 2.5, 2),
  hatch('var(--rc-green)', 135, 2.5, 2),
  hatch('var(--rc-red)', 90, 2, 2),
  hatch('var(--rc-soft)', 0, 2, 2),
  'var(--rc-ink)',
  'var(--rc-steel)',
];

/**
 * Compliance at the tool as one bar cut into shares, the largest first; what is below 2 % stands together.
 */
export function BudgetBar({
  shares,
  way,
  arrangement,
  system,
}: {
  shares: FlexReport['budgets'][number][WayId];
  way: string;
  arrangement: Arrangement;
  system: UnitSystem;
}) {
  const total = shares.reduce((s, p) => s + p.value, 0);
  const sorted = [...shares].sort((a, b) => b.value - a.value);
  const large = sorted.filter((s) => s.value >= 0.02 * total).slice(0, 6);
  const rest = total - large.reduce((s, p) => s + p.value, 0);
  const parts = [
    ...large.map((s) => ({ name: givingName(s.id, arrangement), value: s.value })),
    ...(rest > 0.005 * total ? [{ name: 'The rest', value: rest }] : []),
  ];
  return (
    <figure className={styles.budget} aria-label={`What gives, ${way}`}>
      <figcaption>
        <b>{stiffnessText(1 / total, system)}</b> at the tool here; what gives:
      </figcaption>
      <div className={styles.bar} aria-hidden="true">
        {parts.map((p, i) => (
          <i key={p.name} style={{ width: `${(100 * p.value) / total}%`, background: hatches[i] }} />
        ))}
      </div>
      <ul>
        {parts.map((p, i) => (
          <li key={p.name}>
            <i style={{ background: hatches[i] }} aria-hidden="true" />
            <span>{p.name}</span>
            <b>{((100 * p.value) / total).toFixed(0)} %</b>
          </li>
        ))}
      </ul>
    </figure>
  );
}
