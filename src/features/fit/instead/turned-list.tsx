'use client';

import type { Substitution, Turned } from '@/core/choose';
import { byWeight, type Verdict } from '@/core/findings';
import { useMachine } from '@/features/frame';
import { VerdictMark } from '@/ui/verdict-mark';
import { findingText, verdictWords } from '@/words';
import own from './instead.module.css';

/** A check without a finding need not hold: it may not know. */
const word = (verdict: Verdict | null) => (verdict === null ? 'no finding' : verdictWords[verdict]);

/** Worse ones first: what comes or grows heavier before what goes. */
const worse = ({ before, after }: Turned) => byWeight(after ?? 'holds', before ?? 'holds') < 0;

/** Findings that come, go or turn. */
export function TurnedList({ change: { turned, guessed } }: { change: Substitution }) {
  const { project, system } = useMachine();
  if (!turned.length) return <p>No finding comes, goes or turns.</p>;
  const sorted = [...turned].sort((a, b) => Number(worse(b)) - Number(worse(a)));
  const axisOf = (path: string) => {
    const at = /^axes\.(\d+)\./.exec(path)?.[1];
    return at === undefined ? 'Whole machine' : project.axes[Number(at)]?.name;
  };
  return (
    <ul className={own.turned}>
      {sorted.map(({ finding, before, after }, i) => (
        <li key={i}>
          {after && <VerdictMark verdict={after} guessed={guessed} />}{' '}
          <b>{findingText(finding, system).title}</b>
          <span>
            {axisOf(finding.path)}: {word(before)} → {word(after)}
          </span>
        </li>
      ))}
    </ul>
  );
}
