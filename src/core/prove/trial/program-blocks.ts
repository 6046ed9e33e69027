import type { Project } from '@/core/model';
import type { Block, Program, ProgramAxis, ProgramPlace } from '@/core/program';
import type { Ground } from './ground';
import type { TrialPlan } from './trial';

/** Proofs run no faster than this unless speed is the test, m/s. */
export const CALM = 1 / 60;
/** Slow motion of the first steps, m/s. */
export const CREEP = 0.3 / 60;
/** A place is come to from so far away, always from the same side, m. */
export const OVERRUN = 0.005;
/** Rest at a reading, s. */
const REST = 3;

/** How a program waits for a reading: until start is pressed, or for a while. */
export type Waits = 'press' | 'dwell';

/** What a program is made from. */
export interface Wanted {
  readonly plan: TrialPlan;
  readonly project: Project;
  /** The axis; the first one for the whole machine. */
  readonly g: Ground;
  readonly grounds: readonly Ground[];
  readonly waits: Waits;
}

export type ProgramBody = Pick<Program, 'nought' | 'axes' | 'blocks'>;
export type Make = (wanted: Wanted) => ProgramBody | null;

export const millimetres = (m: number): string => `${Number((m * 1000).toFixed(2))} mm`;

export const letterOf = ({ axis }: Ground): string => axis.letter.toUpperCase();

/** An axis between its soft limits. @param speed the most that it may be asked for. */
export const programAxis = (g: Ground, speed = Math.max(g.rapid, g.feed)): ProgramAxis => ({
  letter: letterOf(g),
  low: 0,
  high: g.travel,
  speed,
});

/** An axis about where it stands: before it knows its limits it goes no further than is asked. */
export const aroundHere = (g: Ground, reach: number): ProgramAxis => ({
  letter: letterOf(g),
  low: -reach,
  high: reach,
  speed: g.rapid,
});

export const say = (text: string): Block => ({ does: 'say', text });
export const ask = (text: string): Block => ({ does: 'ask', text });
export const feedTo = (to: ProgramPlace, speed: number): Block => ({ does: 'feed', to, speed });

/** Where a reading is taken. */
export const readHere = (text: string, waits: Waits): Block[] =>
  waits === 'press' ? [ask(text)] : [say(text), { does: 'dwell', time: REST }];

/** A place reached from below or from above, with its overrun. */
export function reachedFrom(
  letter: string,
  place: number,
  side: 'up' | 'down',
  speed: number,
): readonly Block[] {
  const before = side === 'up' ? place - OVERRUN : place + OVERRUN;
  return [feedTo({ [letter]: before }, speed), feedTo({ [letter]: place }, speed)];
}

/** Tool out of the way before anything else moves: the plunge axis at its top. */
export function clearUp(
  grounds: readonly Ground[],
  not: readonly Ground[],
): {
  readonly axes: readonly ProgramAxis[];
  readonly blocks: readonly Block[];
} {
  const plunge = grounds.find((g) => g.axis.role === 'plunge');
  if (!plunge || not.includes(plunge)) return { axes: [], blocks: [] };
  return {
    axes: [programAxis(plunge)],
    blocks: [
      say('Tool up first'),
      feedTo({ [letterOf(plunge)]: plunge.travel }, Math.min(CALM, plunge.rapid)),
    ],
  };
}
