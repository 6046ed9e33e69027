import { type Axis, type AxisFieldPath, type Drive, holdsBothSides } from '@/core/model';
import type { FieldGroup } from './link';

type OfKind<K extends Drive['kind']> = Extract<Drive, { kind: K }>;
type Fields<K extends Drive['kind']> = (drive: OfKind<K>, share: readonly AxisFieldPath[]) => FieldGroup[];

const nut: Record<OfKind<'screw'>['thread']['kind'], readonly AxisFieldPath[]> = {
  ball: [
    'drive.thread.efficiency',
    'drive.thread.preload',
    'drive.thread.dynamicLoad',
    'drive.thread.staticLoad',
    'drive.thread.nutStiffness',
    'drive.thread.speedLimit',
  ],
  sliding: [
    'drive.thread.nutLength',
    'drive.thread.friction',
    'drive.thread.preload',
    'drive.thread.collarFriction',
    'drive.thread.collarDiameter',
    'drive.thread.nutStiffness',
  ],
};

const screw: Fields<'screw'> = (drive, share) => [
  {
    paths: [
      ...share,
      'drive.nominalDiameter',
      'drive.rootDiameter',
      'drive.lead',
      'drive.starts',
      'drive.betweenBearings',
      'drive.nutOffset',
      'drive.play',
    ],
  },
  { title: 'Nut', paths: nut[drive.thread.kind] },
  {
    title: 'Turning and heat',
    paths: [drive.turning === 'nut' ? 'drive.nutInertia' : 'drive.screwInertia', 'drive.temperatureRise'],
  },
];

const shaft = ({ crossShaft }: OfKind<'rack' | 'belt' | 'chain'>): readonly AxisFieldPath[] =>
  crossShaft ? ['drive.crossShaft.diameter', 'drive.crossShaft.length'] : [];

const turning = (warms: boolean): FieldGroup => ({
  title: 'Shaft and bearings',
  paths: [
    'drive.efficiency',
    'drive.inertia',
    'drive.bearingDrag',
    'drive.overhang',
    'drive.shaftLoadLimit',
    'drive.runout',
    ...(warms ? (['drive.temperatureRise'] as const) : []),
  ],
});

const rack: Fields<'rack'> = (drive, share) => [
  {
    paths: [
      ...share,
      'drive.teeth',
      'drive.module',
      'drive.helixAngle',
      'drive.faceWidth',
      ...(drive.mesh === 'fixed'
        ? (['drive.meshGap'] as const)
        : (['drive.springForce', 'drive.springLever'] as const)),
      ...shaft(drive),
    ],
  },
  { title: 'Rack pieces', paths: ['drive.segment', 'drive.park', 'drive.pitchError'] },
  {
    title: 'Teeth',
    paths: ['drive.pressureAngle', 'drive.profileShift', 'drive.yieldStrength', 'drive.meshStiffness'],
  },
  turning(true),
];

const belt: Fields<'belt'> = (drive, share) => [
  {
    paths: [
      ...share,
      'drive.teeth',
      'drive.pitch',
      'drive.width',
      'drive.centreDistance',
      'drive.pretension',
      'drive.wrap',
      'drive.play',
      ...shaft(drive),
    ],
  },
  {
    title: 'Belt',
    paths: ['drive.allowedPull', 'drive.specificStiffness', 'drive.lineMass', 'drive.maxSpeed'],
  },
  turning(false),
];

const chain: Fields<'chain'> = (drive, share) => [
  {
    paths: [
      ...share,
      'drive.teeth',
      'drive.pitch',
      'drive.centreDistance',
      'drive.pretension',
      'drive.wear',
      'drive.play',
      ...shaft(drive),
    ],
  },
  {
    title: 'Chain',
    paths: ['drive.breakingLoad', 'drive.tensileStiffness', 'drive.lineMass', 'drive.maxSpeed'],
  },
  turning(true),
];

const crank: FieldGroup[] = [
  { paths: ['drive.crankRadius', 'drive.linkLength', 'drive.pinLoad', 'drive.play'] },
  {
    title: 'Shaft and link',
    paths: ['drive.efficiency', 'drive.inertia', 'drive.bearingDrag', 'drive.linkStiffness'],
  },
];

/** The inputs of a drive, in the order in which they are asked for. */
export function driveGroups({ drive }: Axis): FieldGroup[] {
  const two = holdsBothSides(drive);
  const share: readonly AxisFieldPath[] = two ? ['drive.worstShare'] : [];
  switch (drive.kind) {
    case 'screw':
      return screw(drive, share);
    case 'rack':
      return rack(drive, share);
    case 'belt':
      return belt(drive, share);
    case 'chain':
      return chain(drive, share);
    case 'crank':
      return crank;
  }
}
