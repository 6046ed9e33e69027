'use client';

import { createContext, type ReactNode, useContext, useMemo, useState } from 'react';
import {
  contextOf,
  cutLoads,
  type CutMemory,
  driveStiffnessOf,
  type Flex,
  type FlexReport,
  frameInputs,
  frameKey,
  type FrameTrial,
  type KeptReport,
  type Known,
  loadedReports,
  type MachineContext,
  type MachineReport,
  massReport,
  reportOf,
  summaryOf,
} from '@/core/machine';
import type { Axis, Project } from '@/core/model';
import { useAfterPaint } from '@/ui/use-after-paint';
import { type JobPlace, useJob, useJobPlace } from '@/workers';
import { useMachine } from './machine-context';

/** Keystrokes that follow each other closely are solved once, ms. */
const PAUSE = { frame: 120, trials: 250 } as const;

/** The slices that any answer depends on; name, note and units are not among them. */
const physical = ['brief', 'axes', 'structure', 'stand', 'ownParts'] as const satisfies (keyof Project)[];

/** The machine as it was when something physical last changed: a keystroke in the note changes no answer. */
function usePhysical(project: Project): Project {
  const [kept, setKept] = useState(project);
  if (kept === project || physical.every((slice) => kept[slice] === project[slice])) return kept;
  setKept(project);
  return project;
}

interface Memories {
  readonly cuts: CutMemory;
  readonly reports: WeakMap<Axis, KeptReport>;
}

/** Cuts, masses and the axes as the machine loads them, each worked out anew only where it changed. */
function useSteps(project: Project): Known & { readonly memory: CutMemory } {
  const [memory] = useState<Memories>(() => ({ cuts: new WeakMap(), reports: new WeakMap() }));
  const { axes, structure, stand, brief } = project;
  const { cuts: list, spindle, arrangement } = brief;
  const cuts = useMemo(() => cutLoads({ cuts: list, spindle }, memory.cuts), [list, spindle, memory]);
  const masses = useMemo(
    () => massReport(project),
    // What says who weighs what: the rest of the machine may change without it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [axes, structure, stand, arrangement],
  );
  const loaded = useMemo(
    () => loadedReports(project, cuts, masses, {}, memory.reports),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- as above: the axes and what loads them
    [axes, cuts, masses, memory],
  );
  return useMemo(() => ({ cuts, masses, loaded, memory: memory.cuts }), [cuts, masses, loaded, memory]);
}

export interface FlexState {
  /** The last answer; null before the first. */
  readonly flex: Flex | null;
  readonly solved: FlexReport | null;
  /** Whether the answer is of an older state of the machine. */
  readonly busy: boolean;
  /** Why there is no answer, where the job failed. */
  readonly failed: string | null;
  readonly place: JobPlace;
}

interface Reports {
  readonly project: Project;
  readonly steps: ReturnType<typeof useSteps>;
  readonly drives: readonly number[];
  /** Tells two states of the frame apart. */
  readonly key: string;
}

const ReportsContext = createContext<Reports | null>(null);
const FlexContext = createContext<FlexState | null>(null);
const PaintedContext = createContext<MachineContext | null>(null);

/** Works out the open machine once for all pages: axes on the page, the frame beside it. */
export function ReportsProvider({ children }: { children: ReactNode }) {
  const project = usePhysical(useMachine().project);
  const steps = useSteps(project);
  const { loaded, masses } = steps;
  const drives = useMemo(
    () =>
      driveStiffnessOf(
        project.axes,
        loaded.map((l) => l.report),
      ),
    [project.axes, loaded],
  );
  const inputs = useMemo(() => frameInputs(project, drives, masses), [project, drives, masses]);
  const key = useMemo(() => frameKey(inputs), [inputs]);
  const reports = useMemo(() => ({ project, steps, drives, key }), [project, steps, drives, key]);
  const { output, busy, failed } = useJob('frame', { input: inputs, key, pause: PAUSE.frame, lane: 'frame' });
  const place = useJobPlace();
  const flex = useMemo(
    () => ({ flex: output, solved: output?.ok ? output.report : null, busy, failed, place }),
    [output, busy, failed, place],
  );
  return (
    <ReportsContext.Provider value={reports}>
      <FlexContext.Provider value={flex}>
        <Painted>{children}</Painted>
      </FlexContext.Provider>
    </ReportsContext.Provider>
  );
}

function useReports(): Reports {
  const reports = useContext(ReportsContext);
  if (!reports) throw new Error('a report is asked for outside the frame of a machine');
  return reports;
}

/** Cuts, masses, and every axis as the machine loads it with its report. */
export const useKnown = (): Known => useReports().steps;

/** The frame of the open machine. */
export function useFlex(): FlexState {
  const flex = useContext(FlexContext);
  if (!flex) throw new Error('the frame is asked for outside the frame of a machine');
  return flex;
}

const NO_TRIALS: readonly FrameTrial[] = [];

/** Changes to the frame, solved beside the page after every change of it; the ranking can be stopped. */
export function useFrameTrials() {
  const { project, steps, drives, key } = useReports();
  const { solved, busy: solving } = useFlex();
  const trialKey = useMemo(() => {
    const axes = project.axes.map((a, i) => [a.name, a.guide.carriageSpan?.si, steps.masses.axes[i]!.total]);
    return `${key} ${JSON.stringify(axes)}`;
  }, [key, project.axes, steps.masses]);
  const input = useMemo(() => ({ project, drives }), [project, drives]);
  const ready = solved !== null && !solving;
  return useJob('trials', {
    input,
    key: ready ? trialKey : null,
    pause: PAUSE.trials,
    lane: 'trials',
  });
}

function useWhole({ project, steps }: Reports, trials: readonly FrameTrial[]): MachineContext {
  const { solved } = useFlex();
  const frame = useMemo(() => solved && summaryOf(solved), [solved]);
  return useMemo(
    () => contextOf(project, steps, { frame, trials }, steps.memory),
    [project, steps, frame, trials],
  );
}

function Painted({ children }: { children: ReactNode }) {
  const reports = useAfterPaint(useReports());
  const context = useWhole(reports, NO_TRIALS);
  return <PaintedContext.Provider value={context}>{children}</PaintedContext.Provider>;
}

/**
 * All that is known of the machine before anything is judged, gathered once for all who look at the whole. It
 * follows when what an edit did to its axis is painted: nothing on a bench waits for it.
 */
export function usePainted(): MachineContext {
  const context = useContext(PaintedContext);
  if (!context) throw new Error('the whole machine is asked for outside its frame');
  return context;
}

/**
 * The report of the open machine. @param trials changes to the frame that were solved: remedies of what gives
 * too much.
 */
export function useReport(trials: readonly FrameTrial[] | null = NO_TRIALS): MachineReport {
  const context = useWhole(useReports(), trials ?? NO_TRIALS);
  const { solved } = useFlex();
  return useMemo(() => reportOf(context, solved), [context, solved]);
}
