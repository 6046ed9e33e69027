'use client';

import { useMemo, useState } from 'react';
import { isReached, type Limit, limitOf, type Proposal } from '@/core/upgrade';
import type { HeldRow } from '@/core/prove';
import { formatQuantity } from '@/core/units';
import { useHeld, useMachine, useTrials } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Progress } from '@/ui/progress';
import { TitleBlock } from '@/ui/title-block';
import { useRefusal } from '@/ui/refusal';
import { anotherText, barredText, effectName, limitText } from '@/words';
import styles from '../log.module.css';
import { KeptUpgrade } from './kept-upgrade';
import { ProposalTable } from './proposal-table';
import own from './upgrades.module.css';
import { useApart, useProposals } from './use-proposals';
import { codeOf, type UpgradeActs, useUpgrades } from './use-upgrades';
import { type Effect, effectsOf } from '@/core/machine';

const NONE: readonly Proposal[] = [];

/** What is furthest from what was asked for comes first; else the first error. */
function firstGoal(effects: readonly Effect[]): string {
  const asked = effects.filter((e) => isReached(e) === false);
  const off = ({ better, value, wanted }: Effect) => (better === 'less' ? value / wanted! : wanted! / value);
  const worst = asked.reduce<Effect | undefined>((w, e) => (w && off(w) >= off(e) ? w : e), undefined);
  return (worst ?? effects[0])?.key ?? '';
}

/** Whether it is worth going on, and what another machine would have to be. */
function LimitNote({ limit }: { limit: Limit }) {
  const { project, system } = useMachine();
  const { title, text } = limitText(limit, system);
  const more = [barredText(limit, project, system), anotherText(limit, system)].filter(Boolean);
  return (
    <section className={own.limit} aria-label="Is it worth going on?">
      <h2>{title}</h2>
      <p>{text}</p>
      {more.map((line) => (
        <p key={line}>{line}</p>
      ))}
    </section>
  );
}

/** Prices that the builder has written down, by the proposal. */
function usePrices(proposals: readonly Proposal[]) {
  const { upgrades } = useMachine().project;
  return useMemo(() => {
    const said = new Map(
      upgrades.flatMap((u) => (u.money === null ? [] : [[`${u.code} ${u.axis}`, u.money]])),
    );
    return new Map(
      proposals.flatMap((p) => {
        const money = said.get(`${codeOf(p)} ${p.axis}`);
        return typeof money === 'number' ? [[p.id, money] as const] : [];
      }),
    );
  }, [upgrades, proposals]);
}

interface SideProps {
  readonly acts: UpgradeActs;
  readonly held: readonly HeldRow[] | null;
  readonly open: string;
  readonly onOpen: (id: string) => void;
}

/** Upgrades that were written down, one of them open. */
function KeptSide({ acts, held, open, onOpen }: SideProps) {
  const refusal = useRefusal();
  const done = acts.upgrades.filter((u) => u.state === 'done').length;
  return (
    <section className={`${styles.right} ${own.last}`} aria-label="Upgrades written down">
      <h2 className={styles.heading}>
        Written down <small>{acts.upgrades.length}</small>
      </h2>
      {!acts.upgrades.length && (
        <p>Nothing yet. What is written down here is read before and after, and its verdict stays.</p>
      )}
      {acts.upgrades.toReversed().map((upgrade) =>
        upgrade.id === open || acts.upgrades.length === 1 ? (
          <KeptUpgrade key={upgrade.id} {...{ upgrade, acts }} held={held} />
        ) : (
          <Action key={upgrade.id} onAct={() => onOpen(upgrade.id)}>
            {upgrade.name}
          </Action>
        ),
      )}
      <Action
        onAct={() =>
          refusal.attempt(() => {
            const made = acts.own();
            if ('refused' in made) return made.refused;
            onOpen(made.id);
            return undefined;
          })
        }
      >
        + One of my own
      </Action>
      {refusal.note}
      <TitleBlock
        cells={[
          { label: 'Sheet', value: 'Upgrades' },
          { label: 'Written down', value: String(acts.upgrades.length) },
          { label: 'Done', value: String(done) },
        ]}
      />
    </section>
  );
}

/** What would better the machine, whether it is worth it, and what became of what was done. */
export function UpgradesView() {
  const { project, system } = useMachine();
  const { context, job, waiting } = useProposals();
  const apart = useApart();
  const acts = useUpgrades();
  const trials = useTrials();
  const held = useHeld(trials, acts.upgrades.length > 0);
  const [picked, setPicked] = useState('');
  const [open, setOpen] = useState('');
  const proposals = job.output ?? NONE;
  const prices = usePrices(proposals);
  const effects = useMemo(() => effectsOf(context), [context]);
  const goal = effects.some((e) => e.key === picked) ? picked : firstGoal(effects);
  const limit = job.output ? limitOf(context, proposals, goal, prices) : undefined;
  const options = effects.map((e) => {
    const wanted = e.wanted === null ? '' : ` of ${formatQuantity(e.kind, e.wanted, system, 3).text}`;
    const value = `${e.missing ? 'at best ' : ''}${formatQuantity(e.kind, e.value, system, 3).text}`;
    return [e.key, `${effectName(e, project)}: ${value}${wanted}`] as const;
  });
  return (
    <>
      <div className={`${styles.middle} ${styles.wide} ${styles.scrolls}`}>
        <div className={styles.row}>
          {options.length > 0 && (
            <Choice label="Better what" value={goal} options={options} onPick={setPicked} />
          )}
        </div>
        {waiting && (
          <Progress label="Trying what would better it" done={job.step?.done ?? 0} of={job.step?.of ?? 0}>
            <Action onAct={job.stop}>Stop</Action>
          </Progress>
        )}
        {job.stopped && (
          <p>
            Stopped. <Action onAct={job.again}>Try them after all</Action>
          </p>
        )}
        {job.failed && <p role="alert">It could not be worked out: {job.failed}</p>}
        {limit && <LimitNote limit={limit} />}
        {job.output && (
          <>
            <h2 className={styles.heading}>
              What would better it <small>each put through the whole machine; example prices</small>
            </h2>
            <ProposalTable {...{ proposals, goal, apart, acts }} onNoted={setOpen} />
          </>
        )}
      </div>
      <KeptSide {...{ acts, open }} held={held.rows} onOpen={setOpen} />
    </>
  );
}
