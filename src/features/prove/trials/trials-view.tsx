'use client';

import type { Trials, TrialState } from '@/core/prove';
import { fileName } from '@/core/formats';
import { compensationCsv, hasCompensation, recordCsv } from '@/drawings';
import { downloadText, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { NumberLine } from '@/ui/number-line';
import { TextLine } from '@/ui/text-line';
import { TitleBlock } from '@/ui/title-block';
import { instrumentNames, standingWords, trialCautions, trialHow, trialTitle } from '@/words';
import { displayUnit, explainParseError, formatIn, parseQuantity } from '@/core/units';
import { instruments } from '@/core/metrology';
import { LinePanel } from '../line/line-panel';
import { PracticeTrialLine } from '../practice/practice-line';
import page from '../prove.module.css';
import { ProgramPart } from './program';
import { Schedule } from './schedule';
import { SeriesChart } from './series-chart';
import { TrialOrder } from './trial-order';
import { TrialSide } from './trial-side';
import { TrialTable } from './trial-table';
import styles from './trials.module.css';
import { type TrialActs, useTrial } from './use-trial';

interface PartProps {
  readonly state: TrialState;
  readonly acts: TrialActs;
}

/** Figures of the builder’s own instrument over those that are usual. */
function OwnInstrument({ state: { plan }, acts }: PartProps) {
  const { system } = useMachine();
  const kind = acts.record?.instrument || plan.instrument!;
  const { reads, digit, limit } = instruments[kind];
  const unit = displayUnit(reads, system);
  const say = (si: number) => formatIn(unit, si, 3).text;
  const own = (text: string, key: 'digit' | 'limit', label: string) => {
    if (!text.trim()) return acts.say({ [key]: null }, label);
    const read = parseQuantity(reads, text, unit.symbol);
    if (!read.ok) return `${label}: ${explainParseError(reads, read.error)}`;
    if (read.si < 0 || read.si > 100) return `${label}: read “${text}”; wanted 0 or more.`;
    return acts.say({ [key]: read.si }, label);
  };
  const line = (key: 'digit' | 'limit', label: string, usual: number) => (
    <label>
      <span>{label}</span>
      <TextLine
        label={label}
        value={acts.record?.[key] == null ? '' : say(acts.record[key])}
        placeholder={`${say(usual)} (memory)`}
        maxLength={20}
        optional
        onText={(text) => own(text, key, label)}
      />
    </label>
  );
  return (
    <>
      <Choice
        label="Instrument"
        value={kind}
        options={[...new Set([plan.instrument!, ...plan.others])].map(
          (k) => [k, instrumentNames[k]] as const,
        )}
        onPick={(instrument) => acts.say({ instrument, digit: null, limit: null }, 'Instrument')}
      />
      {line('digit', 'Reads to', digit)}
      {line('limit', 'Errs at most', limit(0))}
    </>
  );
}

/** How the record was taken: instrument, temperature, feed, how long it had run, compensation, a note. */
function RecordFields({ state, acts }: PartProps) {
  const { record } = acts;
  return (
    <div className={styles.choices}>
      {state.plan.instrument && <OwnInstrument {...{ state, acts }} />}
      <label>
        <span>Temperature, °C</span>
        <NumberLine
          label="Temperature of the shop, °C"
          value={record?.temperature ?? null}
          placeholder="nobody looked"
          least={-40}
          most={80}
          optional
          onNumber={(temperature) => acts.say({ temperature }, 'Temperature')}
        />
      </label>
      <label>
        <span>Running for, minutes</span>
        <NumberLine
          label="Minutes since it was switched on"
          value={record?.running ?? null}
          placeholder="nobody looked"
          least={0}
          most={10_000}
          optional
          onNumber={(running) => acts.say({ running }, 'Running for')}
        />
      </label>
      <Choice
        label="Compensation"
        value={record?.compensation ?? ''}
        options={[
          ['', 'not said'],
          ['off', 'off'],
          ['on', 'on'],
        ]}
        onPick={(compensation) => acts.say({ compensation }, 'Compensation')}
      />
      <label className={styles.wide}>
        <span>Note</span>
        <TextLine
          label="Note to this record"
          value={record?.note ?? ''}
          placeholder=""
          maxLength={1000}
          optional
          onText={(note) => acts.say({ note }, 'Note')}
        />
      </label>
    </div>
  );
}

/** First motion is done already on a machine that runs: nobody goes through thirteen steps again. */
function LeaveAll({ trials, acts }: { readonly trials: Trials; readonly acts: TrialActs }) {
  const open = trials.trials.filter((t) => t.plan.stage === 'first' && t.standing === 'open');
  if (!open.length) return null;
  return (
    <Action
      title="What has not been tried is left out; you say that it works"
      onAct={() =>
        acts.leave(
          open.map((t) => t.plan.key),
          true,
        )
      }
    >
      This machine runs already: leave out what is not tried
    </Action>
  );
}

/** The record as a table, and the corrections that follow from it. */
function Files({ trials, state }: { readonly trials: Trials; readonly state: TrialState }) {
  const { project, system } = useMachine();
  const named = (what: string) =>
    fileName(`${project.name} ${trialTitle(state.plan.key, state.axisName)} ${what}`, 'csv');
  if (!state.last) return null;
  return (
    <>
      <Action onAct={() => downloadText(named('record'), recordCsv(state, system), 'text/csv')}>
        Record as CSV
      </Action>
      {hasCompensation(state) && (
        <Action
          title="For a controller that takes a table: what is added to each asked place"
          onAct={() =>
            downloadText(named('corrections'), compensationCsv(state, project, trials, system), 'text/csv')
          }
        >
          Corrections as CSV
        </Action>
      )}
    </>
  );
}

const counted = (states: readonly TrialState[], standing: TrialState['standing']) =>
  String(states.filter((t) => t.standing === standing).length);

function Trial({ trials, state }: { readonly trials: Trials; readonly state: TrialState }) {
  const { system } = useMachine();
  const acts = useTrial(state);
  const { plan, standing, last } = state;
  const stage = trials.trials.filter((t) => t.plan.stage === plan.stage);
  const left = standing === 'left';
  return (
    <>
      <div className={`${page.middle} ${page.scrolls}`}>
        <h2 className={page.heading}>
          {acts.title} <small>about {plan.minutes} min (memory)</small>
        </h2>
        <p>{trialHow[plan.kind]}</p>
        {plan.cautions.length > 0 && (
          <p className={styles.caution}>
            <b>Caution.</b> {plan.cautions.map((c) => trialCautions[c]).join(' ')} Local rules and licensed
            electricians have the last word.
          </p>
        )}
        <PracticeTrialLine {...{ state, acts }} />
        <TrialTable key={plan.key} {...{ state, acts }} />
        {last && <SeriesChart kind={plan.kind} series={last.result.series} system={system} />}
        {plan.program && <ProgramPart {...{ trials, state }} />}
        <div className={page.files}>
          <Files {...{ trials, state }} />
          {acts.record && acts.record.entries.length > 0 && (
            <Action onAct={acts.anew}>Another record beside this one</Action>
          )}
          <Action onAct={() => acts.leave([plan.key], !left)}>
            {left ? 'Do it after all' : 'Not done on this machine'}
          </Action>
          {plan.stage === 'first' && <LeaveAll {...{ trials, acts }} />}
        </div>
        <Fold summary="Move the machine from here" lazy>
          <LinePanel />
        </Fold>
        <Schedule trials={trials} />
        <Fold summary="How it was taken: instrument, temperature, compensation">
          <RecordFields {...{ state, acts }} />
        </Fold>
      </div>
      <section aria-label="Verdict" className={page.right}>
        <TrialSide {...{ trials, state, acts }} />
        <TitleBlock
          cells={[
            { label: 'Sheet', value: plan.stage === 'first' ? 'First motion' : 'Proof' },
            { label: 'Standing', value: standingWords[standing] },
            { label: 'Passed', value: `${counted(stage, 'passed')} of ${stage.length}` },
            { label: 'Failed', value: counted(stage, 'failed') },
            { label: 'Stale', value: counted(stage, 'stale') },
            { label: 'Left out', value: counted(stage, 'left') },
          ]}
        />
      </section>
    </>
  );
}

interface ViewProps {
  readonly trials: Trials;
  readonly stage: 'first' | 'proof';
  /** Key out of the address; null: the one whose turn it is. */
  readonly trial: string | null;
}

/** First motion, or proof: the order at the left, what is done and written down, what it comes to. */
export function TrialsView({ trials, stage, trial }: ViewProps) {
  const own = trials.trials.filter((t) => t.plan.stage === stage);
  const state =
    own.find((t) => t.plan.key === trial) ??
    own.find((t) => t.plan.key === trials.next) ??
    own.find((t) => t.standing === 'failed' || t.standing === 'begun') ??
    own[0];
  if (!state) return <p>Nothing of this machine moves yet.</p>;
  return (
    <>
      <TrialOrder trials={trials} stage={stage} shown={state.plan.key} />
      <Trial key={state.plan.key} trials={trials} state={state} />
    </>
  );
}
