import type { JobCut } from './cutting';
import type { JobDrives } from './drives';
import { againstAxes, axisLoad, type Engaged, noLoad } from './load';
import type { Profile } from './profile';
import type { Stretch } from './stretch';

/** What a bad line needs so that it can be asked again with another feed. */
export interface Kept {
  readonly stretch: Stretch;
  readonly profile: Profile;
  readonly engaged: Engaged;
  readonly cut: JobCut | null;
}

const ROUNDS = 30;
/** Slower is no feed, as a share of what it reached. */
const SLOWEST = 0.02;

/** Whether every axis has enough for a move at some speed. */
function holdsAt(drives: JobDrives, { stretch, profile, engaged, cut }: Kept, speed: number): boolean {
  const slower = (v: number) => Math.min(v, speed);
  const { first, most, last, time } = profile;
  const run = { first: slower(first), most: slower(most), last: slower(last), time };
  const against = againstAxes(stretch, engaged, cut, run.most);
  const load = noLoad();
  return ([0, 1, 2] as const).every((axis) => {
    const drive = drives[axis];
    if (!drive) return true;
    axisLoad(drive, axis, stretch, run, against[axis], load);
    return load.share <= 1;
  });
}

/**
 * The highest speed along a move at which every axis has enough torque, m/s; at most the one that it reaches.
 * Null: none that is a feed. Its acceleration stays as it is.
 */
export function holdingSpeed(drives: JobDrives, kept: Kept): number | null {
  const { most } = kept.profile;
  if (holdsAt(drives, kept, most)) return most;
  let [low, high] = [SLOWEST * most, most];
  if (!holdsAt(drives, kept, low)) return null;
  for (let i = 0; i < ROUNDS; i++) {
    const middle = (low + high) / 2;
    if (holdsAt(drives, kept, middle)) low = middle;
    else high = middle;
  }
  return low;
}
