'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import {
  type Carried,
  carryable,
  keptRevision,
  nextVersion,
  type Plan,
  planDifferences,
  planIn,
  planOf,
  returnEdits,
} from '@/core/changes';
import { capsAt, MOST_NAME, type Project, put } from '@/core/model';
import { AxisAnswers, DifferenceTable } from '@/features/findings';
import { machineHref, useMachine } from '@/features/frame';
import { freshId, useStorage } from '@/session';
import { Action } from '@/ui/action';
import { CheckBox } from '@/ui/check-box';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { useRefusal } from '@/ui/refusal';
import { TextLine } from '@/ui/text-line';
import { TitleBlock } from '@/ui/title-block';
import styles from './log.module.css';
import { WholeAnswers } from './whole-answers';
import { dayOf } from './when';

/** Stands for the plan as it is now. */
const NOW = '';

const placesText = (n: number) => (n === 1 ? '1 place' : `${n} places`);

const carryNames: Readonly<Record<Carried, string>> = {
  parts: 'parts that lie here, sellers and their prices',
  shop: 'bars, saw, working hours',
  lessons: 'what the log says of choices',
};

/** Another machine out of a plan of this one. */
function NextVersion({ plan }: { readonly plan: Plan }) {
  const { project } = useMachine();
  const storage = useStorage();
  const router = useRouter();
  const refusal = useRefusal();
  const [carry, setCarry] = useState<ReadonlySet<Carried>>(new Set(carryable));
  const begin = async () => {
    if (!storage) return 'Nothing is kept in this browser just now.';
    const suffix = ' 2';
    const name = `${project.name.slice(0, MOST_NAME - suffix.length)}${suffix}`;
    const stamp = { id: freshId(), at: new Date().toISOString(), name };
    const added = await storage.add(nextVersion(project, plan, { ...stamp, carry }));
    if (!added.ok) return 'The next version could not be stored: the browser may have no room left.';
    router.push(machineHref('machine', added.id));
    return undefined;
  };
  return (
    <Fold summary="Version 2 beside it">
      <p>Another machine with this plan; nothing is built or read on it. It takes along:</p>
      {carryable.map((c) => (
        <CheckBox
          key={c}
          label={carryNames[c]}
          checked={carry.has(c)}
          onCheck={(on) => {
            const next = new Set(carry);
            if (on) next.add(c);
            else next.delete(c);
            setCarry(next);
          }}
        />
      ))}
      <Action variant="outlined" onAct={() => void begin().then((why) => refusal.attempt(() => why))}>
        Begin the next version
      </Action>
      {refusal.note}
    </Fold>
  );
}

/** The plan is kept by a name of its own. */
function Keep() {
  const { project, editor } = useMachine();
  const { revisions } = project;
  const most = capsAt('revisions')!.max;
  const next = `Plan ${revisions.length + 1}`;
  const [name, setName] = useState('');
  const keep = () => {
    if (revisions.length >= most) return `Read ${most} kept plans; wanted fewer: remove one first.`;
    const stamp = { id: freshId(), at: new Date().toISOString(), name: name || next };
    const refused = editor.apply([keptRevision(project, stamp)], `Kept: ${stamp.name}`);
    if (!refused) setName('');
    return refused;
  };
  return (
    <div className={styles.entry}>
      <TextLine
        label="Name of the plan that is kept"
        value={name}
        placeholder={next}
        maxLength={capsAt('revisions.0.name')?.max ?? MOST_NAME}
        optional
        onText={(text) => {
          setName(text);
          return undefined;
        }}
      />
      <Action variant="outlined" onAct={keep}>
        Keep the plan as it is now
      </Action>
    </div>
  );
}

interface Picked {
  readonly from: string;
  readonly to: string;
}

/** A plan that was asked for beside the one before it; else the newest beside the present one. */
function beganWith(revisions: Project['revisions'], asked: string | null): Picked {
  const at = revisions.findIndex((r) => r.id === asked);
  if (at < 0) return { from: revisions.at(-1)?.id ?? NOW, to: NOW };
  const before = revisions[at - 1];
  return before ? { from: before.id, to: revisions[at]!.id } : { from: revisions[at]!.id, to: NOW };
}

/** What can be done with the plan on the right of a comparison. */
function Acts({ to, plan }: { readonly to: string; readonly plan: Plan | null }) {
  const { project, editor } = useMachine();
  const kept = project.revisions.find((r) => r.id === to);
  const rest = project.revisions.filter((r) => r.id !== to);
  return (
    <>
      {kept && (
        <>
          {plan && (
            <Action
              variant="outlined"
              title="What was built, read and written stays; undo takes it back"
              onAct={() => editor.apply(returnEdits(plan), `Back to ${kept.name}`)}
            >
              {`Return to ${kept.name}`}
            </Action>
          )}
          {kept.by !== 'variant' && (
            <Action
              title="It then stands under Size, Variants, beside the plan"
              onAct={() => {
                const held = project.revisions.map((r) =>
                  r.id === to ? { ...r, by: 'variant' as const } : r,
                );
                return editor.apply([put('revisions', held as Project['revisions'])], `Held: ${kept.name}`);
              }}
            >
              {`Hold ${kept.name} as a variant`}
            </Action>
          )}
          <Action onAct={() => editor.apply([put('revisions', rest)], `Kept plan removed: ${kept.name}`)}>
            {`Remove ${kept.name}`}
          </Action>
        </>
      )}
      {plan && <NextVersion plan={plan} />}
    </>
  );
}

/** Plans that were kept: what differs between any two, and the way back. */
export function RevisionsView() {
  const { project } = useMachine();
  const { revisions } = project;
  const asked = useSearchParams().get('to');
  const [picked, setPicked] = useState<Picked>(() => beganWith(revisions, asked));
  const plans = useMemo(() => new Map(revisions.map((r) => [r.id, planIn(r)] as const)), [revisions]);
  const present = useMemo(() => planOf(project), [project]);
  const sideOf = (id: string): Plan | null => plans.get(id) ?? (plans.has(id) ? null : present);
  const [before, after] = [sideOf(picked.from), sideOf(picked.to)];
  const options = [
    [NOW, 'now'] as const,
    ...revisions.toReversed().map((r) => [r.id, `${r.name}, ${r.at.slice(0, 10)}`] as const),
  ];
  const known = (id: string) => (options.some(([v]) => v === id) ? id : NOW);
  const differences = before && after ? planDifferences(before, after) : [];
  const lost = revisions.filter((r) => plans.get(r.id) === null);
  return (
    <>
      <div className={`${styles.middle} ${styles.wide} ${styles.scrolls}`}>
        <div className={styles.row}>
          <Choice
            label="Before"
            value={known(picked.from)}
            options={options}
            onPick={(from) => setPicked({ ...picked, from })}
          />
          <Choice
            label="After"
            value={known(picked.to)}
            options={options}
            onPick={(to) => setPicked({ ...picked, to })}
          />
        </div>
        <h2 className={styles.heading}>
          What was changed <small>{placesText(differences.length)}</small>
        </h2>
        {!revisions.length && (
          <p>
            No plan is kept yet. With the first change of a day the plan with which the last one ended is kept
            by itself; keep one by hand before you change much.
          </p>
        )}
        {lost.map((r) => (
          <p key={r.id} role="alert">
            {r.name} of {dayOf(r.at)} cannot be read any more: what was kept of it is damaged, or breaks a
            rule. Pick it under After to remove it.
          </p>
        ))}
        {before && after && (
          <>
            {revisions.length > 0 && !differences.length && <p>Both plans are the same.</p>}
            <DifferenceTable {...{ differences, before, after }} system={project.units} />
            {differences.length > 0 && (
              <>
                <h2 className={styles.heading}>
                  What it did to the answers{' '}
                  <small>of the whole, its frame solved anew, and of each axis</small>
                </h2>
                <WholeAnswers {...{ before, after }} />
                <AxisAnswers {...{ before, after }} />
              </>
            )}
          </>
        )}
      </div>
      <section className={styles.right} aria-label="Kept plans">
        <h2 className={styles.heading}>Keep</h2>
        <Keep />
        <Acts to={picked.to} plan={after} />
        <TitleBlock
          cells={[
            { label: 'Sheet', value: 'Revisions' },
            { label: 'Kept', value: String(revisions.length) },
            { label: 'Differ', value: placesText(differences.length) },
          ]}
        />
      </section>
    </>
  );
}
