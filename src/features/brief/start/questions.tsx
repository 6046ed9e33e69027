'use client';

import { useId, useMemo } from 'react';
import { footprint } from '@/core/machine';
import {
  arrangements,
  estimate,
  type FrameKind,
  frameKinds,
  type Job,
  jobs,
  type Measure,
  put,
} from '@/core/model';
import { type Filled, filled, jobProfiles, type Plan, USUAL_CUT } from '@/core/plan';
import { formatQuantity } from '@/core/units';
import { MachineField } from '@/features/fields';
import { machineHref, useMachine } from '@/features/frame';
import Link from 'next/link';
import { Choice } from '@/ui/choice';
import { accuracyWords, arrangementText, frameNames, jobName, planNames } from '@/words';
import { BudgetField } from '../budget-field';
import { Drawer } from './drawer';
import { LETTERS } from './adopt';
import { Question } from './question';
import { HeightSketch, JobSketch, PieceSketch, RoomSketch } from './sketches';
import styles from './start.module.css';

/** The answers with what is taken where nobody said anything. */
export function useFilled(): Filled {
  const { project } = useMachine();
  return useMemo(() => filled({ project, names: planNames }), [project]);
}

const Fields = ({ paths }: { paths: readonly string[] }) => (
  <div className={styles.fields}>
    {paths.map((path) => (
      <MachineField key={path} path={`brief.${path}`} />
    ))}
  </div>
);

/** Whether nobody has said a figure: it is taken, or came with an earlier plan. */
const isOpen = (said: Measure | null): boolean => !said || said.basis === 'ours';

const useLength = () => {
  const { system } = useMachine();
  return (si: number) => formatQuantity('length', si, system, 3).text;
};

function WhatJob({ known }: { readonly known: Filled }) {
  const { project, editor } = useMachine();
  const name = useId();
  const { wishes } = project.brief;
  const [cut] = known.brief.cuts;
  const pick = (job: Job) =>
    // The kind of work goes with the job: targets and cautions follow it.
    editor.apply([put('brief.wishes.job', job), put('brief.work', jobProfiles[job].work)], jobName(job));
  return (
    <Question number={1} title="What do you make?" answer={jobName(known.job)} open={wishes.job === null}>
      <div className={styles.jobs} role="radiogroup" aria-label="What you make">
        {jobs.map((job) => (
          <label key={job} className={styles.job}>
            <input
              type="radio"
              name={name}
              checked={known.job === job}
              onChange={() => pick(job)}
              onClick={() => wishes.job === null && pick(job)}
            />
            <JobSketch job={job} />
            <span>{jobName(job)}</span>
          </label>
        ))}
      </div>
      <p className={styles.hint}>
        Hardest cut: {cut ? cut.name : 'none'}
        {cut?.id === USUAL_CUT ? ', as it is usual' : ''}.{' '}
        <Link href={machineHref('brief', project.id, 'cuts')}>Say your own cuts</Link>
      </p>
    </Question>
  );
}

function HowBig({ known }: { readonly known: Filled }) {
  const { brief } = useMachine().project;
  const say = useLength();
  const { length, width } = known.brief.area;
  const text = `${say(length.si)} × ${say(width.si)}`;
  return (
    <Question
      number={2}
      title="How big is a piece?"
      answer={text}
      open={isOpen(brief.area.length) || isOpen(brief.area.width)}
    >
      <div className={styles.beside}>
        <PieceSketch length={length.si} width={width.si} label={`A piece of ${text} beside a grown person`} />
        <Fields paths={['area.length', 'area.width', 'stock.length', 'stock.width']} />
      </div>
    </Question>
  );
}

function HowTall({ known }: { readonly known: Filled }) {
  const { brief } = useMachine().project;
  const say = useLength();
  const { height } = known.brief.area;
  const stock = brief.stock.thickness?.si ?? height.si / 3;
  return (
    <Question
      number={3}
      title="How tall is the work?"
      answer={say(height.si)}
      open={isOpen(brief.area.height)}
    >
      <div className={styles.beside}>
        <HeightSketch
          height={height.si}
          stock={stock}
          label={`${say(height.si)} free under the beam, stock of ${say(stock)}`}
        />
        <Fields paths={['area.height', 'stock.thickness']} />
      </div>
    </Question>
  );
}

function HowExact({ known }: { readonly known: Filled }) {
  const { project, editor, system } = useMachine();
  const name = useId();
  const { accuracy } = project.brief;
  const fine = (si: number) => formatQuantity('length', si, system, 2).text;
  return (
    <Question
      number={4}
      title="How exact must it be?"
      answer={`± ${fine(known.accuracy)}`}
      open={isOpen(accuracy)}
    >
      <div className={styles.words} role="radiogroup" aria-label="How exact, in words">
        {accuracyWords.map(([si, says]) => (
          <label key={si}>
            <input
              type="radio"
              name={name}
              checked={Math.abs(known.accuracy - si) < 1e-9}
              onChange={() =>
                editor.apply(
                  [put('brief.accuracy', estimate('length', `${si * 1e3} mm`))],
                  `As exact as ${says}`,
                )
              }
            />
            <span>{says}</span>
            <small>± {fine(si)}</small>
          </label>
        ))}
      </div>
      <Fields paths={['accuracy']} />
    </Question>
  );
}

function WhereItStands({ plan }: { readonly plan: Plan | null }) {
  const { project } = useMachine();
  const say = useLength();
  const { place } = project.brief;
  const size = plan ? footprint(plan.project) : null;
  const machine = size?.length && size.width ? ([size.length, size.width] as const) : null;
  const room = place.length && place.width ? ([place.length.si, place.width.si] as const) : null;
  const text = room ? `${say(room[0])} × ${say(room[1])}` : 'any room';
  return (
    <Question number={5} title="Where does it stand?" answer={text}>
      <div className={styles.beside}>
        <RoomSketch
          room={room ?? (machine ? [machine[0] + 1.2, machine[1] + 1.2] : [4, 3])}
          machine={machine}
          label={machine ? `The machine of ${say(machine[0])} × ${say(machine[1])} in ${text}` : text}
        />
        <Fields
          paths={['place.length', 'place.width', 'place.bench', 'place.door', 'place.floorLoad', 'power']}
        />
      </div>
    </Question>
  );
}

const proposeOption = ['propose', 'propose one'] as const;

function WhichArrangement() {
  const { project, editor } = useMachine();
  const { arrangement, wishes } = project.brief;
  const proposed = wishes.arrange === 'propose';
  const options = [proposeOption, ...arrangements.map((a) => [a, arrangementText[a].name] as const)];
  const pick = (value: string) => {
    const id = arrangements.find((a) => a === value);
    const edits = id
      ? [put('brief.arrangement', id), put('brief.wishes.arrange', 'said' as const)]
      : [put('brief.wishes.arrange', 'propose' as const)];
    return editor.apply(edits, id ? arrangementText[id].name : 'Propose an arrangement');
  };
  const said = arrangementText[arrangement];
  return (
    <Question number={6} title="Which arrangement?" answer={proposed ? 'propose one' : said.name}>
      <Choice
        label="Arrangement"
        value={proposed ? 'propose' : arrangement}
        options={options as readonly (readonly [string, string])[]}
        onPick={pick}
      />
      <Choice
        label="Frame of"
        value={wishes.frame ?? ''}
        options={[
          ['', 'whatever does best'],
          ...frameKinds.map((f) => [f, frameNames[f].toLowerCase()] as const),
        ]}
        onPick={(f: FrameKind | '') => editor.apply([put('brief.wishes.frame', f || null)], 'Frame')}
      />
      {!proposed && (
        <p className={styles.hint}>
          {said.good} {said.bad}
        </p>
      )}
    </Question>
  );
}

/** Letters of plans that cost about the same stand beside one another: how many places to the right. */
const beside = (totals: readonly number[], i: number): number =>
  totals.slice(0, i).filter((t) => Math.abs(t - totals[i]!) < 0.06 * Math.max(...totals)).length;

function HowMuch({ plans }: { readonly plans: readonly Plan[] }) {
  const { budget } = useMachine().project.brief;
  const totals = plans.map((p) => p.figures.money.total);
  const most = 1.15 * Math.max(1000, budget ?? 0, ...totals);
  const at = (money: number) => 4 + (168 * money) / most;
  const marks = totals.map((t, i) => `${LETTERS.charAt(i)} ${t.toFixed(0)}`).join(', ');
  return (
    <Question number={7} title="How much money?" answer={budget?.toFixed(0) ?? 'as much as it takes'}>
      <svg
        viewBox="0 0 176 44"
        role="img"
        aria-label={`Money: ${budget ?? 'open'}${marks ? `; plans ${marks}` : ''}`}
      >
        <rect x={4} y={22} width={at(budget ?? most) - 4} height={6} className={styles.wash} />
        <path d="M4 28h168" className={styles.line} />
        {totals.map((t, i) => (
          <g key={LETTERS.charAt(i)} className={styles.line}>
            <path d={`M${at(t)} 14v14`} />
            <text x={at(t) + 9 * beside(totals, i)} y={11} textAnchor="middle">
              {LETTERS.charAt(i)}
            </text>
          </g>
        ))}
        {budget !== null && <path d={`M${at(budget)} 29l-5 9h10z`} className={styles.mark} />}
      </svg>
      <BudgetField hint="Parts, frame, head, cabinet, cable, by example prices; tools come on top." />
    </Question>
  );
}

/** Eight questions, each with its answer drawn; any may stay open. */
export function Questions({
  plans,
  picked,
}: {
  readonly plans: readonly Plan[];
  readonly picked: Plan | null;
}) {
  const known = useFilled();
  return (
    <div className={styles.questions}>
      <WhatJob known={known} />
      <HowBig known={known} />
      <HowTall known={known} />
      <HowExact known={known} />
      <WhereItStands plan={picked} />
      <WhichArrangement />
      <HowMuch plans={plans} />
      <Drawer />
    </div>
  );
}
