'use client';

import { useMemo } from 'react';
import { type Budget, stiffnessOverTravel } from '@/core/machine';
import { getAt, isMeasure } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { budgetName, labelOf, micro } from '@/words';
import { useAxis } from '../axis-context';
import styles from '../sheet.module.css';

/** Shares of a sum as bars, the largest first; a link that says nothing yet stands with an open end. */
function Bars({
  title,
  sum,
  links,
  share,
  say,
  onWorking,
  line,
}: {
  title: string;
  sum: string;
  links: Budget['links'];
  share: (value: number) => number;
  say: (value: number) => string;
  onWorking: (line: string) => void;
  line: string;
}) {
  const known = links.filter((l) => l.value !== null).sort((a, b) => share(b.value!) - share(a.value!));
  const total = known.reduce((s, l) => s + share(l.value!), 0);
  return (
    <div className={styles.budget}>
      <h3>
        {title} <Action onAct={() => onWorking(line)}>{sum}</Action>
      </h3>
      <ul>
        {known.map((l) => (
          <li key={l.id}>
            <span>{budgetName[l.id] ?? l.id}</span>
            <i style={{ width: `${total > 0 ? (100 * share(l.value!)) / total : 0}%` }} />
            {l.source.startsWith('#') ? (
              <Action onAct={() => onWorking(l.source.slice(1))}>{say(l.value!)}</Action>
            ) : (
              <b>{say(l.value!)}</b>
            )}
          </li>
        ))}
        {links
          .filter((l) => l.value === null)
          .map((l) => (
            <li key={l.id} data-unknown>
              <span>{budgetName[l.id] ?? l.id}</span>
              <i />
              <b>not known</b>
            </li>
          ))}
      </ul>
    </div>
  );
}

/** What is lost at a reversal and what gives under load, link by link, and the stiffness over the travel. */
export function Budgets({ onWorking }: { onWorking: (line: string) => void }) {
  const { system } = useMachine();
  const { axis, report } = useAxis();
  const say = (si: number) => micro(si, system);
  const over = useMemo(() => stiffnessOverTravel(axis), [axis]);
  const stiff = over.map((p) => p.stiffness);
  const [low, high] = [Math.min(...stiff), Math.max(...stiff)];
  const path = over
    .map((p, i) => `${i ? 'L' : 'M'}${(240 * i) / (over.length - 1)} ${44 - (38 * p.stiffness) / high}`)
    .join('');
  const { stiffness, lostMotion } = report;
  const bound = (missing: readonly string[]) => (missing.length ? 'at least ' : '');
  const unknown = [...lostMotion.missing, ...stiffness.missing].filter(
    (path) => !isMeasure(getAt(axis, path)),
  );
  return (
    <div className={styles.budgets}>
      <Bars
        title="Lost at a reversal"
        sum={`${bound(lostMotion.missing)}${say(lostMotion.value)}`}
        links={lostMotion.links}
        share={(v) => v}
        say={say}
        onWorking={onWorking}
        line={lostMotion.line}
      />
      <Bars
        title="Gives under 100 N"
        sum={`${bound(stiffness.missing)}${say(100 / stiffness.value)}`}
        links={stiffness.links}
        share={(v) => 1 / v}
        say={(v) => say(100 / v)}
        onWorking={onWorking}
        line={stiffness.line}
      />
      <figure className={styles.overTravel}>
        <figcaption>
          Stiffness of the drive over the travel: {formatQuantity('stiffness', low, system, 2).text}
          {high > low * 1.005 ? ` to ${formatQuantity('stiffness', high, system, 2).text}` : ' all along'}
        </figcaption>
        <svg viewBox="0 0 240 46" preserveAspectRatio="none" aria-hidden="true">
          <path d={`${path}V46H0Z`} fill="var(--rc-blue-wash)" />
          <path
            d={path}
            fill="none"
            stroke="var(--rc-blue)"
            strokeWidth="1.5"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
      </figure>
      {unknown.length > 0 && <p className={styles.note}>Not given: {unknown.map(labelOf).join(', ')}.</p>}
    </div>
  );
}
