import type { Axis } from '@/core/model';
import type { Mounts } from './mounts';

const mm = (value: number) => value / 1000;

/** How long motors usually are, by the frame of their face, m; common practice, no source. */
const LONG: readonly (readonly [frame: number, long: number])[] = [
  [mm(45), mm(48)],
  [mm(58), mm(76)],
  [mm(65), mm(85)],
  [mm(90), mm(100)],
];
const LONGEST = mm(150);
/** A motor of which nobody has said the size is drawn as the commonest, m. */
const FRAME = mm(57);
/** A coupling as it usually is: length and diameter; an end block along its screw, m. */
const COUPLING = mm(35);
const COUPLING_WIDE = mm(25);
const BLOCK = mm(25);

/** What stands beyond the drive's end along the axis, m. */
export interface DriveBodies {
  readonly motor: { readonly frame: number; readonly long: number; readonly usual: boolean };
  readonly coupling: { readonly long: number; readonly wide: number; readonly usual: boolean };
  /** An end block along the screw. */
  readonly block: number;
  /** Plug and bend of the cable; 0 where they are not said. */
  readonly plug: number;
}

/** Bodies of the drive as they are said, or as is usual. */
export function driveBodies({ fit: { beyond } }: Axis, { face }: Mounts): DriveBodies {
  const frame = face?.frame ?? FRAME;
  const long = beyond.motor?.si ?? LONG.find(([most]) => frame <= most)?.[1] ?? LONGEST;
  return {
    motor: { frame, long, usual: !face || !beyond.motor },
    coupling: { long: beyond.coupling?.si ?? COUPLING, wide: COUPLING_WIDE, usual: !beyond.coupling },
    block: BLOCK,
    plug: beyond.plug?.si ?? 0,
  };
}
