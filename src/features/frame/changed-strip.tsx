'use client';

import { useMemo, useState } from 'react';
import type { Project } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import type { Turned, TurnedVerdict } from '@/core/upgrade';
import { type Session, useSessionState } from '@/session';
import { Action } from '@/ui/action';
import { ChangeMark } from '@/ui/change-mark';
import { VerdictMark } from '@/ui/verdict-mark';
import { useNarrow } from '@/ui/use-narrow';
import { useJob } from '@/workers';
import { checkNameOf, effectName, verdictText } from '@/words';
import styles from './changed-strip.module.css';
import { useMachine } from './machine-context';
import { useStamp } from './use-build';

/** Keystrokes that follow each other closely are held against the plan once, ms. */
const PAUSE = 500;
/** As much as is read at a glance, and as much as a phone has room for. */
const [MOST, MOST_PHONE] = [5, 2];

/** What the answers of the whole depend on: a word in the note turns none. */
const physical = ['brief', 'axes', 'structure', 'stand'] as const;
const differ = (a: Project, b: Project) => physical.some((slice) => a[slice] !== b[slice]);

/** What is said of one answer that is another one than before. */
interface Line {
  readonly key: string;
  readonly what: string;
  readonly before: string;
  readonly after: string;
  readonly verdicts?: Pick<TurnedVerdict, 'before' | 'after' | 'guessed'>;
  readonly change?: 'better' | 'worse' | 'same' | 'other';
}

function linesOf({ verdicts, mass, cost, figures }: Turned, project: Project, system: UnitSystem): Line[] {
  const nameOf = (axisId: string | null) => project.axes.find((a) => a.id === axisId)?.name ?? 'The machine';
  const turns = verdicts.map(({ axisId, code, before, after, guessed }): Line => ({
    key: `${axisId} ${code}`,
    what: code === null ? nameOf(axisId) : `${nameOf(axisId)}, ${checkNameOf(code)}`,
    before: verdictText(before, guessed.before),
    after: verdictText(after, guessed.after),
    verdicts: { before, after, guessed },
  }));
  const mass_ = (kg: number) => formatQuantity('mass', kg, system, 3).text;
  const pair = (what: string, [a, b]: readonly [number, number], say: (v: number) => string): Line[] =>
    say(a) === say(b) ? [] : [{ key: what, what, before: say(a), after: say(b) }];
  const figure = (kind: Turned['figures'][number]['kind'], value: number | null) =>
    value === null ? 'none' : formatQuantity(kind, value, system, 3).text;
  return [
    ...turns,
    ...pair('Moves', mass, mass_),
    ...pair('Parts of the axes', cost, (v) => v.toFixed(0)),
    ...figures.map((f): Line => ({
      key: f.key,
      what: effectName(f, project),
      before: figure(f.kind, f.before),
      after: figure(f.kind, f.after),
      change: f.change,
    })),
  ];
}

/** What the last change did, once it is known; null: nothing, or nothing that an answer hangs on. */
function useChange(session: Session) {
  const { project } = useMachine();
  const last = useSessionState(session, (s) => s.history.past[s.history.past.length - 1]);
  const undone = useSessionState(session, (s) => s.history.future.length > 0);
  const { brief, axes, structure, stand } = project;
  const before = last?.before;
  const input = useMemo(
    () => (before && !undone && differ(before, project) ? { before, after: project } : null),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the slices that it reads, not the whole machine
    [before, undone, brief, axes, structure, stand],
  );
  const key = String(useStamp(input));
  const { output, busy } = useJob('turned', {
    input,
    key: input ? key : null,
    pause: PAUSE,
    lane: 'what a change did',
  });
  return input && output && !busy ? { step: last!, turned: output } : null;
}

/** Beside every page: what the last change did to the whole machine, before and now. */
export function ChangedStrip({ session }: { readonly session: Session }) {
  const { project, system } = useMachine();
  const change = useChange(session);
  const [hidden, setHidden] = useState<unknown>(null);
  const [whole, setWhole] = useState<unknown>(null);
  const glance = useNarrow() ? MOST_PHONE : MOST;
  if (!change || hidden === change.step) return null;
  const lines = linesOf(change.turned, project, system);
  const most = whole === change.step ? lines.length : glance;
  return (
    <section className={`${styles.strip} no-print`} aria-label="What the last change did" role="status">
      <p className={styles.title}>
        <span>
          <b>{change.step.label}</b>
          {lines.length === 0 && ': no answer of the machine changes'}
        </span>
        <Action onAct={() => setHidden(change.step)}>Hide</Action>
      </p>
      {lines.length > 0 && (
        <ul>
          {lines.slice(0, most).map((line) => (
            <li key={line.key}>
              <span>{line.what}</span>{' '}
              {line.verdicts && (
                <VerdictMark verdict={line.verdicts.before} guessed={line.verdicts.guessed.before} />
              )}{' '}
              {line.before} <i aria-label="now">→</i>{' '}
              {line.verdicts && (
                <VerdictMark verdict={line.verdicts.after} guessed={line.verdicts.guessed.after} />
              )}{' '}
              <b>{line.after}</b>
              {line.change && <ChangeMark change={line.change} />}
            </li>
          ))}
        </ul>
      )}
      {lines.length > most && (
        <Action onAct={() => setWhole(change.step)}>{`and ${lines.length - most} more`}</Action>
      )}
    </section>
  );
}
