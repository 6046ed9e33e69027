import { type PracticeFault, practiceFaults } from '@/core/model';
import type { Ground, SheetPlan } from '@/core/prove';
import { type Dice, diceOf } from '../seeds';
import type { WholeState } from '../whole';
import { BEYOND, faultsMade } from './faults';
import type { HiddenFault, PracticeGround } from './ground';
import { canBeSeen, isSame } from './shows';
import { leftOf, lyingWith } from './world';

/** Faults that only a screw or a rack has, and those that want a step that can be lost. */
const SCREW_ONLY: readonly PracticeFault[] = ['nut-play', 'bearing-play', 'lead'];
const RACK_ONLY: readonly PracticeFault[] = ['pinion', 'rack-joint', 'mesh-slope'];
const STEPPER_ONLY: readonly PracticeFault[] = ['current', 'supply', 'grub-screw', 'late-direction'];

/** Whether an axis can have a fault: by its drive and motor. */
function suits(fault: PracticeFault, { axis }: Ground): boolean {
  if (SCREW_ONLY.includes(fault)) return axis.drive.kind === 'screw';
  if (RACK_ONLY.includes(fault)) return axis.drive.kind === 'rack';
  if (STEPPER_ONLY.includes(fault)) return axis.motor.kind === 'stepper';
  return true;
}

/** Everything that may be wrong with a machine, with the sheets and trials that show it. */
export function possibleFaults({
  sheets,
  trials,
  grounds,
}: PracticeGround): readonly Omit<HiddenFault, 'size'>[] {
  const keys = new Set([...sheets, ...trials].map((p) => p.key));
  return practiceFaults.flatMap((fault): readonly Omit<HiddenFault, 'size'>[] => {
    const { of, shown } = faultsMade[fault];
    if (fault === 'sticky-indicator') return [{ fault, axis: '', shown: [] }];
    if (of === 'machine') {
      const own = shown.filter((k) => keys.has(k));
      return own.length ? [{ fault, axis: '', shown: own }] : [];
    }
    return grounds.flatMap((g) => {
      const own = shown.map((k) => `${k}:${g.axis.id}`).filter((k) => keys.has(k));
      return own.length && suits(fault, g) ? [{ fault, axis: g.axis.id, shown: own }] : [];
    });
  });
}

/** Faults whose sign is one by nature. */
const ONE_WAY: readonly PracticeFault[] = [
  'posts',
  'coupling-runout',
  'pinion',
  'belt-slack',
  'nut-play',
  'bearing-play',
  'current',
  'supply',
  'late-direction',
  'switch-scatter',
  'wire-open',
  'compensation',
  'sticky-indicator',
  'mesh-slope',
];

/** What one unit of a fault makes of the figure that is judged by its limit. */
function gainOf(fault: PracticeFault, plan: SheetPlan): number {
  const { lift = 1, reach = 1 } = plan.sizes;
  if (fault === 'posts') return lift;
  return fault === 'droop' ? reach : 1;
}

/** How large a fault is: by its level, and so that it matters on this machine. */
function sizeOf(
  { fault, shown }: Pick<HiddenFault, 'fault' | 'shown'>,
  { practice, sheets }: PracticeGround,
  dice: Dice,
): number {
  const made = faultsMade[fault];
  const plain = made.sizes[practice.level];
  const sign = ONE_WAY.includes(fault) || dice() < 0.5 ? 1 : -1;
  const plan = sheets.find((s) => s.key === shown[0]);
  const good = made.mend === 'move' ? (plan?.good.value ?? null) : null;
  // A share of a pull is one whatever the limit of the pull is.
  if (good === null || !plan || fault === 'belt-slack') return sign * plain;
  return sign * Math.max(plain, (BEYOND[practice.level] * good) / gainOf(fault, plan));
}

/** Kinds that hide each other: of each only one is drawn. */
const ALIKE: readonly (readonly PracticeFault[])[] = [
  ['nut-play', 'bearing-play', 'compensation'],
  ['current', 'supply', 'grub-screw'],
  ['steps', 'lead'],
  ['pinion', 'rack-joint', 'mesh-slope'],
];
const rivals = (a: HiddenFault, b: Pick<HiddenFault, 'fault' | 'axis'>) =>
  a.fault === b.fault ||
  (a.axis === b.axis && ALIKE.some((kind) => kind.includes(a.fault) && kind.includes(b.fault)));

/** Drawn in vain so often: what is left can hardly be seen on this machine. */
const MOST_DRAWS = 200;

/**
 * One to four faults that can be seen, by seed and level. An indicator that sticks can be hidden on every
 * machine, so that there is always one.
 */
export function drawnFaults(ground: PracticeGround): readonly HiddenFault[] {
  const dice = diceOf(ground.practice.seed, 'practice');
  const all = possibleFaults(ground);
  const count = 1 + Math.floor(4 * dice());
  const hidden: HiddenFault[] = [];
  for (let draws = 0; hidden.length < count && draws < MOST_DRAWS; draws++) {
    const next = all[Math.floor(all.length * dice())]!;
    if (hidden.some((h) => rivals(h, next))) continue;
    const made = { ...next, size: sizeOf(next, ground, dice) };
    if (canBeSeen(ground, made)) hidden.push(made);
  }
  if (hidden.length) return hidden;
  const sticks = all.find((p) => p.fault === 'sticky-indicator')!;
  return [{ ...sticks, size: sizeOf(sticks, ground, dice) }];
}

/** What is hidden, with the sheets and trials that show it on this machine. */
export const hiddenFaults = (ground: PracticeGround): readonly HiddenFault[] => {
  const possible = possibleFaults(ground);
  return ground.practice.hidden.map((h) => ({
    ...h,
    shown: possible.find((p) => isSame(p, h))?.shown ?? [],
  }));
};

/** Faults that are left by now. */
export const leftFaults = (ground: PracticeGround): readonly HiddenFault[] =>
  leftOf(hiddenFaults(ground), ground.practice);

/** Where the parts lie by now. */
export const lyingNow = (ground: PracticeGround, faults = leftFaults(ground)): WholeState =>
  lyingWith(ground, faults);
