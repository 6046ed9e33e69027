'use client';

import { useMemo, useState } from 'react';
import { everything, type FoundLine, presentLine, type Scale, scales, worthReading } from '@/core/choose';
import { partsLeft } from '@/core/machine';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Notice } from '@/ui/notice';
import { Progress } from '@/ui/progress';
import { SheetDialog } from '@/ui/sheet-dialog';
import { Toggle } from '@/ui/toggle';
import { combinationsText, killedText, lineMoney, scaleHelp, scaleNames, scaleUnit } from '@/words';
import { useAxis } from '../axis-context';
import { PickedLine, WorthReading } from './found';
import { LimitsForm } from './limits-form';
import { MoneyBrush, moneyOf, type MoneyRange } from './money-brush';
import { SearchChart } from './search-chart';
import styles from './search.module.css';
import { type SearchState, useSearch } from './use-search';
import { WhyNotView } from './why-not';

type View = 'all' | 'one';
const views = [
  ['all', 'All of them'],
  ['one', 'Why not…'],
] as const;

/** Looks through every combination of parts for one axis, and shows what is worth its money. */
export function SearchDialog({ onClose }: { readonly onClose: () => void }) {
  const { project } = useMachine();
  const { stored, axis } = useAxis();
  const [limits, setLimits] = useState(everything);
  // What another axis takes out of the drawer is not there for this one.
  const own = useMemo(() => partsLeft(project, stored.id), [project, stored.id]);
  const { state, start, stop } = useSearch();
  const [view, setView] = useState<View>('all');
  const busy = state.kind === 'busy';
  return (
    <SheetDialog
      title={`Look for a drive train: ${stored.name}`}
      width="xl"
      className={styles.paper}
      onClose={onClose}
      foot={
        <>
          <Action onAct={onClose}>Close</Action>
          {view === 'all' && (
            <Run
              busy={busy}
              again={state.kind !== 'idle'}
              onStop={stop}
              onStart={() => start(axis, own, limits)}
            />
          )}
        </>
      }
    >
      <div className={styles.body}>
        <div className={styles.limits}>
          <Toggle label="What is looked for" options={views} value={view} onPick={setView} />
          <LimitsForm limits={limits} onLimits={setLimits} />
        </div>
        {view === 'one' ? (
          <WhyNotView limits={limits} onClose={onClose} />
        ) : (
          <Middle state={state} onClose={onClose} />
        )}
      </div>
    </SheetDialog>
  );
}

interface RunProps {
  readonly busy: boolean;
  readonly again: boolean;
  readonly onStart: () => void;
  readonly onStop: () => void;
}

/** Begins the search, or ends it. */
function Run({ busy, again, onStart, onStop }: RunProps) {
  if (busy) return <Action onAct={onStop}>Stop</Action>;
  return (
    <Action variant="contained" onAct={onStart}>
      {again ? 'Look again' : 'Look'}
    </Action>
  );
}

/** What the search is at, or what it found. */
function Middle({ state, onClose }: { readonly state: SearchState; readonly onClose: () => void }) {
  const { axis } = useAxis();
  switch (state.kind) {
    case 'idle':
      return (
        <p className={styles.empty}>
          Every drive, reducer, motor, driver and supply of the catalogue, your own parts among them, in every
          combination: some fifteen million, in seconds. Each that is shown passed every check of its drive
          train with the travel, load, speed and force of this axis. What lies in your drawer costs nothing.
        </p>
      );
    case 'busy':
      return (
        <div className={styles.empty}>
          <Progress label="Looking" done={state.done} of={state.of}>
            {state.drives} drives seen, {state.done} of {state.of} kinds done
            {state.best ? `; holds from ${lineMoney(state.best)} on` : ''}
          </Progress>
        </div>
      );
    case 'stopped':
      return <p className={styles.empty}>Stopped. Nothing was changed.</p>;
    case 'failed':
      return <Notice kind="error">The search failed: {state.message}. Try once more.</Notice>;
    case 'done':
      return <Found answer={state.answer} stale={state.of !== axis} onClose={onClose} />;
  }
}

type Answer = Extract<SearchState, { kind: 'done' }>['answer'];

interface FoundProps {
  readonly answer: Answer;
  /** Whether the axis was changed since, by another tab. */
  readonly stale: boolean;
  readonly onClose: () => void;
}

function Found({ answer, stale, onClose }: FoundProps) {
  const { project, system } = useMachine();
  const { axis, stored } = useAxis();
  const [scale, setScale] = useState<Scale>('stiffness');
  const [asked, setAsked] = useState<string | null>(null);
  const now = useMemo(() => presentLine(axis, partsLeft(project, stored.id)), [axis, project, stored.id]);
  const [range, setRange] = useState<MoneyRange | null>(null);
  const whole = moneyOf(scales.flatMap((s) => answer.fronts[s]));
  const shown = range ?? whole;
  const lines = answer.fronts[scale].filter((l) => l.money >= shown[0] && l.money <= shown[1]);
  const read = worthReading(lines, scale);
  const all = scales.flatMap((s) => answer.fronts[s]);
  const picked: FoundLine | undefined = all.find((l) => l.id === asked) ?? read[0]?.line ?? all[0];
  if (stale) return <p className={styles.empty}>The axis was changed since. Look again.</p>;
  if (!answer.combinations)
    return <p className={styles.empty}>Nothing is left to look through: tick a kind of drive, or a link.</p>;
  const looked = `${combinationsText(answer.combinations)} looked at`;
  if (!picked)
    return (
      <div className={styles.empty}>
        <p>
          Nothing holds. {looked}: {killedText(answer.killed).join(', ')}.
        </p>
        <p>
          Give way where most went: another kind of drive, a slower rapid, a lighter carriage, more lost
          motion allowed, or more money.
        </p>
      </div>
    );
  return (
    <>
      <div className={styles.middle}>
        <Toggle
          label="Money against"
          options={scales.map((s) => [s, scaleNames[s]] as const)}
          value={scale}
          onPick={setScale}
        />
        <p className={styles.small}>
          {scaleNames[scale]},{' '}
          {scaleUnit(scale, system)?.symbol ?? (scale === 'effort' ? 'h' : 'times what is asked')}:{' '}
          {scaleHelp[scale]}.
        </p>
        <SearchChart {...{ lines, now, scale, system }} picked={picked.id} onPick={setAsked} />
        <MoneyBrush whole={whole} range={shown} onRange={setRange} />
        {!lines.length && <p className={styles.small}>Nothing that holds costs so much.</p>}
        <WorthReading {...{ read, scale }} picked={picked.id} onPick={setAsked} />
        <p className={styles.small}>
          {looked}; {combinationsText(answer.passed)} passed the quick tests. Gone:{' '}
          {killedText(answer.killed).join(', ')}. Money: example prices of drive, reducer, motor, driver and
          one supply; bearings, couplings and cables are not in it.
        </p>
      </div>
      <aside className={styles.side}>
        <PickedLine line={picked} now={now} onTaken={onClose} />
      </aside>
    </>
  );
}
