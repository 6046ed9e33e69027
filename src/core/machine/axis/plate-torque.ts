import { fastener, type ScrewLength, type Thread } from '@/core/fit';
import type { PlateInput } from '@/core/model';
import { quantity } from '@/core/units';

/** Torques up to which the screws of a group are tightened, N·m, by their class; clean and lightly oiled. */
export interface Tightening {
  readonly class88: number;
  readonly class129: number;
  /** The thread that they go into strips before the screw of this class yields. */
  readonly capped: { readonly class88: boolean; readonly class129: boolean };
}

/** Yield strength of screws, Pa (ISO 898-1). */
const YIELD = { class88: 640e6, class129: 1100e6 } as const;
/** In thread and under the head, lightly oiled (VDI 2230, class B). */
const FRICTION = quantity('ratio', 0.12);
/** Shear strength of what is tapped, Pa; from memory. What is soft wants an insert: no torque is given. */
const SHEAR: Partial<Record<PlateInput['material'], number>> = {
  steel: 220e6,
  aluminium: 190e6,
  'cast-iron': 250e6,
};
/** A thread is loaded up to so much less than it strips at; common practice, no source. */
const SAFETY = 1.5;

/** What a thread bears before it strips, N, over the safety: the first and last turn bear nothing. */
const stripped = ({ diameter, pitch }: Thread, engaged: number, shear: number): number =>
  (shear * 0.875 * Math.PI * diameter * Math.max(0, engaged - pitch)) / SAFETY;

/**
 * Torques for a screw in its thread.
 * @param into what it is screwed into; null where nobody has said it.
 * @returns null where the screw does not fit or is of inches, or what it goes into is not known or wants an
 * insert.
 */
export function tighteningOf(
  thread: Thread | null,
  screw: ScrewLength | null,
  into: PlateInput['material'] | null,
): Tightening | null {
  const shear = into === null ? undefined : SHEAR[into];
  // Classes of inch screws are others: none of them is guessed.
  if (!thread || !screw?.fits || !shear || thread.system !== 'metric') return null;
  const length = (m: number) => quantity('length', m);
  const [diameter, pitch] = [length(thread.diameter), length(thread.pitch)];
  const area = fastener.stressArea.evaluate({ diameter, pitch });
  const most = stripped(thread, screw.engaged, shear);
  const at = (yieldAt: number) => {
    const given = { yield: quantity('modulus', yieldAt), area, diameter, pitch, friction: FRICTION };
    const full = fastener.preload.evaluate(given);
    const preload = quantity('force', Math.min(full, most));
    const head = length(thread.head);
    const hole = length(thread.clearance.medium);
    const torque = fastener.tightening.evaluate({ preload, pitch, diameter, friction: FRICTION, head, hole });
    return { torque, capped: most < full };
  };
  const [soft, hard] = [at(YIELD.class88), at(YIELD.class129)];
  return {
    class88: soft.torque,
    class129: hard.torque,
    capped: { class88: soft.capped, class129: hard.capped },
  };
}
