import { change, type Project } from '@/core/model';
import { solveGantry, type Station } from '@/core/structure';
import { type MassReport, massReport } from '../demand';
import { type FrameCandidate, frameCandidates } from './candidates';
import { type DriveStiffness, type FrameInputs, frameInputs } from './inputs';
import { frameModel } from './model';
import { stationPlaces, type WayId, ways } from './report';

/** What one change to the frame brings, computed with the changed machine. */
export interface FrameTrial extends FrameCandidate {
  /** Stiffness at the softest place over that of now, by direction. */
  readonly gain: Readonly<Record<WayId, number>>;
  /** Spread of the sag over the area, m. */
  readonly sag: number;
  /** kg more that move on the bed axis (negative: less). */
  readonly heavier: number;
}

/** Fewer pieces than the report: the ranking needs no more, and there are a dozen machines to solve. */
const PIECES = 24;
const PLACES = 9;

/** Gain in stiffness, or sag over that of now, for which a change is worth telling. */
const LEAST_GAIN = 1.02;
const LEAST_SAG = 0.97;

interface Extremes {
  /** Largest compliance by direction, m/N. */
  readonly soft: Readonly<Record<WayId, number>>;
  readonly sag: number;
}

function extremesOf(inputs: FrameInputs): Extremes | undefined {
  const model = frameModel(inputs, PIECES);
  if ('unbuilt' in model) return undefined;
  const solved = solveGantry(model.input, model.base, model.carried, model.series);
  if (!solved.ok) return undefined;
  const places = stationPlaces(model, PLACES);
  const all: Station[] = model.bedPlaces.flatMap((_, bed) => solved.answer.along(bed, places));
  const sags = all.map((s) => s.sag);
  const softest = (d: 0 | 1 | 2) => Math.max(...all.map((s) => s.compliance[d]));
  return {
    soft: { x: softest(0), y: softest(1), z: softest(2) },
    sag: Math.max(...sags) - Math.min(...sags),
  };
}

const heaviest = ({ axes }: MassReport) => Math.max(...axes.map((a) => a.total));

/** One step of the ranking: how many of all changes have been tried. */
export interface TrialStep {
  readonly done: number;
  readonly of: number;
}

/**
 * Changes to the frame, one solved machine a step, so that the caller can show progress and stop. Those that
 * bring less than 2 % in every direction and next to nothing in the sag are left out, and so are those that
 * break a rule.
 * @param project as it is stored. @param drives stiffness of its drive trains.
 */
export function* trialSteps(project: Project, drives: DriveStiffness): Generator<TrialStep, FrameTrial[]> {
  const masses = massReport(project);
  const now = extremesOf(frameInputs(project, drives, masses));
  if (!now) return [];
  const weight = heaviest(masses);
  const list = frameCandidates(project);
  const found: FrameTrial[] = [];
  for (const [i, candidate] of list.entries()) {
    const changed = change(project, candidate.edits);
    if (changed.ok) {
      const changedMasses = massReport(changed.project);
      const then = extremesOf(frameInputs(changed.project, drives, changedMasses));
      if (then) {
        const gain = (way: WayId) => now.soft[way] / then.soft[way];
        const gains = { x: gain('x'), y: gain('y'), z: gain('z') };
        const helps = ways.some((way) => gains[way] > LEAST_GAIN) || then.sag < LEAST_SAG * now.sag;
        const heavier = heaviest(changedMasses) - weight;
        if (helps) found.push({ ...candidate, gain: gains, sag: then.sag, heavier });
      }
    }
    yield { done: i + 1, of: list.length };
  }
  return found;
}

/** All trials at once. */
export function frameTrials(project: Project, drives: DriveStiffness): FrameTrial[] {
  const steps = trialSteps(project, drives);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** The trials by what they bring in one direction, the most first. */
export const rankedFor = (trials: readonly FrameTrial[], way: WayId): FrameTrial[] =>
  [...trials].sort((a, b) => b.gain[way] - a.gain[way]);
