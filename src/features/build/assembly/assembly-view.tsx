'use client';

import { useMemo, useState } from 'react';
import { buildPlace, type WorkContext } from '@/core/build';
import { fileName } from '@/core/formats';
import { FindingList } from '@/features/findings';
import {
  type BuildState,
  downloadText,
  machineHref,
  useMachine,
  useWriting,
  type WorkState,
} from '@/features/frame';
import { orderCsv, orderMap, orderPdf } from '@/drawings';
import { Action } from '@/ui/action';
import { CheckBox } from '@/ui/check-box';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { Fold } from '@/ui/fold';
import { TextLine } from '@/ui/text-line';
import { TitleBlock } from '@/ui/title-block';
import { workTime } from '@/words';
import page from '../build.module.css';
import styles from './assembly.module.css';
import { Waiting } from '../waiting';
import { mapOf } from './map';
import { assemblyNames, type AssemblyNames } from '@/words';
import { Services } from './services';
import { StepList } from './step-list';
import { StepPanel } from './step-panel';
import { useSteps } from './use-steps';
import { WayOff } from './way-off';

interface ViewProps {
  readonly build: BuildState;
  readonly state: WorkState;
  /** A step that somebody came for. */
  readonly step: string | null;
}

/** A step of the builder's own, and steps that were left out. */
function More({ names, onPick }: { readonly names: AssemblyNames; readonly onPick: (id: string) => void }) {
  const { project } = useMachine();
  const { add, say } = useSteps();
  const left = project.steps.filter((s) => s.left);
  return (
    <div className={styles.more}>
      <label>
        <span>New step</span>
        <TextLine
          label="Name of a new step"
          value=""
          maxLength={120}
          placeholder="what is to be done"
          onText={(name) => {
            const { key, refused } = add(name, '');
            if (!refused) onPick(key);
            return refused;
          }}
        />
      </label>
      {left.map((s) => (
        <span key={s.key}>
          <s>{names.step(s.key)}</s>{' '}
          <Action
            label={`${names.step(s.key)}: do it after all`}
            onAct={() => say(s.key, { left: false }, 'Done after all')}
          >
            do it after all
          </Action>
        </span>
      ))}
    </div>
  );
}

/** Trial fit and paint: what goes on twice by choice. */
function TrialFields({ work, names }: { readonly work: WorkContext; readonly names: AssemblyNames }) {
  const { trial, paint } = useSteps();
  const { assembly } = work.project;
  const painted = work.assembly.parts.filter((p) =>
    ['bed', 'columns', 'beam', 'crossbar', 'plate', 'table'].includes(p.kind),
  );
  return (
    <Fold summary="Trial fit and paint">
      <CheckBox
        label="Put together once before anything is painted"
        checked={assembly.trial}
        onCheck={trial}
      />
      {painted.map((p) => (
        <CheckBox
          key={p.id}
          label={`Painted: ${names.part(p.id)}`}
          checked={assembly.painted.includes(p.id)}
          onCheck={(v) => paint(p.id, v, names.part(p.id))}
        />
      ))}
      {[...work.assembly.ons].some(([, n]) => n > 1) && (
        <p>
          On more than once:{' '}
          {[...work.assembly.ons]
            .filter(([, n]) => n > 1)
            .map(([id, n]) => `${names.part(id)} ${n} times`)
            .join(', ')}
          .
        </p>
      )}
    </Fold>
  );
}

/** The steps on paper and as a table. */
function Files({ work, lines }: { readonly work: WorkContext; readonly lines: BuildState['lines'] }) {
  const { name, units } = work.project;
  const file = useWriting();
  const pdf = () =>
    file.write(async () => {
      // Paper is dear to load and seldom wanted.
      const { papers } = await import('@/core/print');
      const paper = units === 'metric' ? papers.a4 : papers.letter;
      const data = await orderPdf({ work, lines }, { paper, made: new Date() });
      return { name: fileName(`${name} order of work`, 'pdf'), data, type: 'application/pdf' };
    });
  const csv = () =>
    downloadText(fileName(`${name} order of work`, 'csv'), orderCsv({ work, lines }), 'text/csv');
  return (
    <div className={page.files}>
      <a href={`${machineHref('build', work.project.id)}&v=shop`}>Shop mode, step by step</a>
      <Action onAct={() => void pdf()}>All steps as PDF</Action>
      <Action onAct={csv}>As CSV</Action>
      {file.notice}
    </div>
  );
}

/** How the machine is put together, what hides what, what must come off. */
export function AssemblyView({ build, state, step: asked }: ViewProps) {
  const { project } = useMachine();
  const { work, geometry, findings, busy } = state;
  const [pick, setPick] = useState<{ kind: 'step' | 'part'; id: string } | null>(
    asked ? { kind: 'step', id: asked } : null,
  );
  const names = useMemo(
    () => assemblyNames(project, work?.assembly ?? { steps: [], parts: [] }),
    [project, work?.assembly],
  );
  const shown = work && (pick ?? firstPick(work));
  const map = useMemo(() => work && orderMap(mapOf(work, names, shown)), [work, names, shown]);
  const service = work?.assembly.services.find((s) => shown?.kind === 'part' && s.part === shown.id);
  const step = work?.assembly.steps.find((s) => shown?.kind === 'step' && s.id === shown.id);
  const own = findings.filter((f) => buildPlace(f.code) === 'assembly');
  const done = work?.assembly.steps.filter((s) => s.state === 'done').length ?? 0;
  const count = work?.assembly.steps.length ?? 0;
  const deepest = Math.max(0, ...(work?.assembly.services.map((s) => s.reach?.off.length ?? 0) ?? []));
  const hidden = work?.assembly.access.reduce((s, a) => s + a.screws.length - a.free, 0) ?? 0;
  const screws = work?.assembly.access.reduce((s, a) => s + a.screws.length, 0) ?? 0;
  const pickStep = (id: string) => setPick({ kind: 'step', id });
  return (
    <>
      <div className={`${page.middle} ${page.scrolls}`}>
        <Waiting build={build} state={state} />
        {work && map && (
          <>
            <h2 className={page.heading}>
              Order of work <small>filled: done · blue: can be done · dashed red: hides what is picked</small>
            </h2>
            <div className={page.paper} role="group" aria-label="Map of the work" tabIndex={0}>
              <DrawingView
                drawing={map}
                className={`${page.strip} ${styles.strip}`}
                label={`${count} steps in their order, ${done} done`}
                onPick={(layer) => work.assembly.steps.some((s) => s.id === layer) && pickStep(layer)}
              />
            </div>
            <div className={styles.both}>
              <div>
                <StepList work={work} names={names} picked={step?.id ?? null} onPick={pickStep} />
                <Files work={work} lines={build.lines} />
                <More names={names} onPick={pickStep} />
                <TrialFields work={work} names={names} />
              </div>
              {step && <StepPanel key={step.id} {...{ step, work, names }} lines={build.lines} />}
              {service && geometry && <WayOff key={service.part} {...{ service, work, geometry, names }} />}
            </div>
          </>
        )}
      </div>
      <section aria-labelledby="build-work" className={page.right}>
        <h2 className={page.heading} id="build-work">
          What is in the way
        </h2>
        {busy && work && <p role="status">Looking again …</p>}
        {own.length ? <FindingList findings={own} calm="" ours={0} /> : work && <p>Nothing is found.</p>}
        {work && (
          <Services
            work={work}
            names={names}
            picked={service?.part ?? null}
            onPick={(id) => setPick({ kind: 'part', id })}
          />
        )}
        <TitleBlock
          cells={[
            { label: 'Sheet', value: 'Assembly' },
            { label: 'Done', value: `${done} of ${count}` },
            { label: 'Left', value: work ? workTime(work.plan.left) : '–' },
            { label: 'Deepest', value: `${deepest} ${deepest === 1 ? 'part' : 'parts'}` },
            { label: 'Hidden', value: `${hidden} of ${screws}` },
            { label: 'Today', value: build.today },
          ]}
        />
      </section>
    </>
  );
}

/** What is shown when nothing was picked: what is buried deepest, else the next step. */
function firstPick({ assembly, tonight }: WorkContext): { kind: 'step' | 'part'; id: string } | null {
  const [worst] = assembly.services;
  if (worst?.reach && worst.reach.off.length > 0) return { kind: 'part', id: worst.part };
  const next = tonight.doable[0]?.step ?? assembly.steps.find((s) => s.state !== 'done')?.id;
  return next ? { kind: 'step', id: next } : null;
}
