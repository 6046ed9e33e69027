import type { FlexReport, WayId } from '@/core/machine';
import type { UnitSystem } from '@/core/units';
import { partName, stiffnessText } from '@/words';
import styles from './whole.module.css';

const hatches = [
  'var(--rc-blue)',
  'var(--rc-amber)',
  'var(--rc-green)',
  'var(--rc-red)',
  'var(--rc-soft)',
  'var(--rc-ink)',
  'var(--rc-steel)',
];

/**
 * Compliance at the tool as one bar cut into shares, the largest first; what is below 2 % stands together.
 */
export function BudgetBar({
  shares,
  way,
  system,
}: {
  shares: FlexReport['budgets'][number][WayId];
  way: string;
  system: UnitSystem;
}) {
  const total = shares.reduce((s, p) => s + p.value, 0);
  const sorted = [...shares].sort((a, b) => b.value - a.value);
  const large = sorted.filter((s) => s.value >= 0.02 * total).slice(0, 6);
  const rest = total - large.reduce((s, p) => s + p.value, 0);
  const parts = [
    ...large.map((s) => ({ name: partName[s.id] ?? s.id, value: s.value })),
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
