import type { Project, StepSaid } from '@/core/model';
import type { Joint } from './part';
import { seedOf, type StepSeed } from './step';

/** A step as it stands: what is proposed, and what the builder says of it. */
export interface WorkStep extends StepSeed {
  readonly said: StepSaid | undefined;
  /** When it was done, among what is done: by its day, then as it was said. */
  readonly doneAt: string;
  /** Empty: as its kind is called. */
  readonly name: string;
  readonly state: StepSaid['state'];
  /** All work of it, minutes. */
  readonly work: number;
  /** Whether that is our figure. */
  readonly guessed: boolean;
}

/** Minutes to put a screw in, and to tighten it; from memory. */
const PUT = 0.5;
const TIGHTEN = 0.5;
/** Minutes to find and lay aside a part; from memory. */
const HANDLE = 3;

/** Joints of some parts by their ids. */
export type JointMap = ReadonlyMap<string, Joint>;

/** Work of a step besides what is proposed for it: its screws. */
function screwMinutes(seed: StepSeed, joints: JointMap): number {
  return seed.sets.reduce((sum, { joint, state }) => {
    const count = joints.get(joint)?.count ?? 0;
    return sum + count * (state === 'tight' ? PUT + TIGHTEN : PUT);
  }, 0);
}

/** Off and on again, minutes: its screws twice, and what it takes to lay a part aside. */
export const offAndOn = (joint: Joint | undefined): number =>
  2 * HANDLE + (joint?.count ?? 4) * (2 * PUT + TIGHTEN);

/** Keys of steps that are only the builder's begin so. */
export const OWN_STEP = 'own:';

/** A step of the builder's own. */
const ownSeed = (said: StepSaid): StepSeed => ({
  ...seedOf({ kind: 'own', minutes: 30 }),
  id: said.key,
  owner: said.owner,
});

/** Steps as they stand, in the order in which they are told; steps that are left out are not among them. */
export function workSteps(
  project: Project,
  seeds: readonly StepSeed[],
  joints: JointMap,
): readonly WorkStep[] {
  const said = new Map(project.steps.map((s) => [s.key, s]));
  const own = project.steps.filter((s) => s.key.startsWith(OWN_STEP));
  return [...seeds, ...own.map(ownSeed)].flatMap((seed): WorkStep[] => {
    const s = said.get(seed.id);
    if (s?.left) return [];
    const freed = new Set(s?.freed);
    return [
      {
        ...seed,
        said: s,
        doneAt: s ? `${s.done ?? ''} ${String(project.steps.indexOf(s)).padStart(5, '0')}` : '',
        name: s?.name ?? '',
        state: s?.state ?? 'open',
        needs: [...new Set([...seed.needs.filter((n) => !freed.has(n)), ...(s?.needs ?? [])])],
        work: s?.minutes ?? Math.round(seed.minutes + screwMinutes(seed, joints)),
        wait: s?.wait ?? seed.wait,
        people: s?.people ?? seed.people,
        guessed: s?.minutes == null,
      },
    ];
  });
}

/** By which step each part goes on for good. */
export const broughtBy = (steps: readonly WorkStep[]): ReadonlyMap<string, string> =>
  new Map([...steps].reverse().flatMap((s) => s.brings.map((part) => [part, s.id] as const)));
