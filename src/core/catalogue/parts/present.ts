import type { Axis, GuideKind } from '@/core/model';
import type { PartLink } from './part';

const guideFamily: Record<GuideKind, string> = {
  profile: 'profile-rail',
  miniature: 'miniature-rail',
  'supported-round': 'supported-rail',
  'round-rod': 'round-rod',
  'v-wheel': 'wheel',
  'tube-bearing': 'tube-bearing',
};

const screwFamily = {
  trapezoidal: 'trapezoidal-screw',
  acme: 'acme-screw',
  // No standard lists square threads; the trapezoidal ones are nearest.
  square: 'trapezoidal-screw',
  vee: 'threaded-rod',
} as const;

function driveFamily({ drive }: Axis): string {
  if (drive.kind !== 'screw') return drive.kind;
  if (drive.thread.kind === 'ball') return 'ball-screw';
  return screwFamily[drive.thread.form];
}

function motorFamily({ motor }: Axis): string {
  if (motor.kind === 'stepper') return motor.loop === 'closed' ? 'closed-loop-stepper' : 'stepper';
  return { servo: 'servo', geared: 'geared-motor', hand: 'handwheel' }[motor.kind];
}

/** The family that the present part is of; undefined where the link has one family alone. */
export function presentFamily(axis: Axis, link: PartLink): string | undefined {
  if (link === 'drive') return driveFamily(axis);
  if (link === 'motor') return motorFamily(axis);
  if (link === 'reducer') return axis.reducer?.kind === 'belt' ? 'belt-stage' : 'planetary-reducer';
  if (link === 'guide') return guideFamily[axis.guide.kind];
  return undefined;
}
