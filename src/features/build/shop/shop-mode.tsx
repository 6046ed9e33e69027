'use client';

import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { type Geometry, linesFor, type ListLine, type WorkContext, type WorkStep } from '@/core/build';
import { formatQuantity } from '@/core/units';
import {
  type BuildState,
  machineHref,
  SaveNotice,
  SaveWord,
  useMachine,
  type WorkState,
} from '@/features/frame';
import { wayOffDrawing } from '@/drawings';
import { DrawingView } from '@/ui/drawing/drawing-view';
import {
  assemblyNames,
  type AssemblyNames,
  lineName,
  screwName,
  stateWords,
  stepCautionTexts,
  stepTexts,
  toolNames,
  workTime,
} from '@/words';
import { Photos } from '../photos';
import { Waiting } from '../waiting';
import { useSteps } from '../assembly/use-steps';
import { StepReading } from './step-reading';
import { Photo } from './photo';
import styles from './shop.module.css';
import { useAwake } from './use-awake';
import { useLeftHand } from './use-left-hand';

interface ShopProps {
  readonly build: BuildState;
  readonly state: WorkState;
  /** The step that is shown; null: the next that can be done. */
  readonly step: string | null;
}

/** Steps in their order; without an order as they are told. */
function inOrder({ assembly: { steps, ordering } }: WorkContext): readonly WorkStep[] {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const list = ordering.turns.flatMap((t) => (t.kind === 'do' ? [byId.get(t.id)!] : []));
  return list.length ? list : steps;
}

/** The joint of a step, drawn large. */
function JointPicture({
  step,
  work,
  geometry,
  names,
}: {
  step: WorkStep;
  work: WorkContext;
  geometry: Geometry;
  names: AssemblyNames;
}) {
  const target = step.sets[0]?.joint ?? step.brings[0];
  const drawing = useMemo(
    () =>
      target === undefined
        ? null
        : wayOffDrawing({
            scene: geometry.scene,
            axes: work.project.axes,
            parts: work.assembly.parts,
            target,
            off: [],
            joint: work.assembly.joints.find((j) => j.id === target),
            nameOf: names.part,
          }),
    [target, geometry, work, names],
  );
  if (!drawing || target === undefined) return null;
  return (
    <DrawingView drawing={drawing} label={`${names.part(target)} where it goes`} className={styles.picture} />
  );
}

/** Screws, tool and how tight, in figures that can be read from two metres. */
function JointFacts({ step, work }: { readonly step: WorkStep; readonly work: WorkContext }) {
  const { system } = useMachine();
  return step.sets.map(({ joint, state }) => {
    const found = work.assembly.joints.find((j) => j.id === joint);
    if (!found) return null;
    const tool = work.assembly.access.find((a) => a.joint === joint)?.tools[0];
    const torque = found.torque
      ? `up to ${formatQuantity('torque', found.torque.class88, system, 2).text} (8.8)`
      : 'how tight';
    return (
      <dl key={joint} className={styles.facts}>
        <div>
          <dt>{found.thread && screwName(found.thread, found.length)}</dt>
          <dd>{found.count || '?'}</dd>
        </div>
        <div>
          <dt>{torque}</dt>
          <dd>{stateWords[state]}</dd>
        </div>
        {tool && (
          <div>
            <dt>tool</dt>
            <dd>{toolNames[tool]}</dd>
          </div>
        )}
      </dl>
    );
  });
}

interface StepProps {
  readonly step: WorkStep;
  readonly work: WorkContext;
  readonly geometry: Geometry;
  readonly lines: readonly ListLine[];
  readonly names: AssemblyNames;
}

/** One step: what it looks like, with what, what to look out for, what is read. */
function ShopStep({ step, work, geometry, lines, names }: StepProps) {
  const { system } = useMachine();
  const name = names.step(step.id);
  const missing = new Set(work.plan.missing.filter((m) => m.step === step.id).map((m) => m.key));
  const parts = linesFor(step, lines);
  return (
    <>
      <h1 className={styles.title}>{name}</h1>
      <JointPicture {...{ step, work, geometry, names }} />
      <JointFacts {...{ step, work }} />
      {step.cautions.map((c) => (
        <p key={c} className={styles.caution}>
          {stepCautionTexts[c]}
        </p>
      ))}
      <p>{stepTexts[step.kind].how}</p>
      <p>
        {workTime(step.work)}
        {step.wait > 0 ? `, then ${step.wait} h to wait` : ''}
        {step.people > 1 ? `, ${step.people} people` : ''}
      </p>
      {parts.length > 0 && (
        <ul className={styles.parts}>
          {parts.map((l) => (
            <li key={l.key}>
              {lineName(l, system)}
              {missing.has(l.key) && <b> – not here</b>}
            </li>
          ))}
        </ul>
      )}
      {step.readings.map((what) => (
        <StepReading key={what} {...{ what, step, name }} />
      ))}
      <Photos step={step.id} name={name} />
    </>
  );
}

/** One step at a time, for a phone in the workshop: one thumb, two metres, dirty fingers. */
export function ShopMode({ build, state, step: asked }: ShopProps) {
  const { project, session } = useMachine();
  const router = useRouter();
  const awake = useAwake();
  const [left, setLeft] = useLeftHand();
  const { done } = useSteps();
  const { work, geometry } = state;
  const names = useMemo(
    () => assemblyNames(project, work?.assembly ?? { steps: [], parts: [] }),
    [project, work?.assembly],
  );
  const base = machineHref('build', project.id);
  const leave = `${base}&v=assembly`;
  if (!work || !geometry)
    return (
      <div className={styles.shop}>
        <Waiting build={build} state={state} />
        <a href={leave}>leave shop mode</a>
      </div>
    );
  const list = inOrder(work);
  const found = list.findIndex((s) => s.id === asked);
  const next = list.findIndex((s) => s.state !== 'done');
  const at = found >= 0 ? found : Math.max(0, next);
  const step = list[at];
  // The address keeps the place: a phone that reloads comes back to the same step.
  const go = (to: number) => {
    const goal = list[to];
    if (goal) router.replace(`${base}&v=shop&step=${encodeURIComponent(goal.id)}`);
  };
  if (!step) return <div className={styles.shop}>There are no steps.</div>;
  const name = names.step(step.id);
  const last = at === list.length - 1;
  return (
    <div className={`${styles.shop} ${left ? styles.left : ''}`}>
      <header className={styles.head}>
        <span>
          <b>Step {at + 1}</b> of {list.length}
        </span>
        <SaveWord />
        <a href={leave}>leave shop mode</a>
      </header>
      <SaveNotice session={session} />
      <progress className={styles.progress} value={at + 1} max={list.length} aria-label="How far" />
      <div className={styles.body}>
        <ShopStep key={step.id} {...{ step, work, geometry, names }} lines={build.lines} />
        <p className={styles.small}>
          {awake ? 'The screen stays awake.' : 'This browser lets the screen go dark.'}{' '}
          <button type="button" onClick={() => setLeft(!left)}>
            {left ? 'for the right hand' : 'for the left hand'}
          </button>
        </p>
      </div>
      <nav className={styles.foot} aria-label="Steps">
        <button type="button" disabled={at === 0} onClick={() => go(at - 1)}>
          back
        </button>
        <Photo step={step.id} name={name} />
        {step.state === 'done' ? (
          <button type="button" className={styles.next} disabled={last} onClick={() => go(at + 1)}>
            {last ? 'all seen' : `step ${at + 2}`}
          </button>
        ) : (
          <button
            type="button"
            className={styles.next}
            onClick={() => {
              if (!done(step.id, true, name)) go(at + 1);
            }}
          >
            done
          </button>
        )}
      </nav>
    </div>
  );
}
