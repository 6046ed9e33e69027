import type { LinkSpec } from './link';

/** Bearings at the ends of a screw. */
export const bearingsLink: LinkSpec = {
  id: 'bearings',
  there: ({ drive }) => drive.kind === 'screw',
  title: () => 'End bearings',
  summary: ({ drive }) => (drive.kind === 'screw' ? `${drive.motorEnd} and ${drive.farEnd}` : ''),
  choices: () => [
    {
      path: 'drive.motorEnd',
      label: 'Motor end',
      options: [
        ['fixed', 'fixed'],
        ['supported', 'supported'],
      ],
    },
    {
      path: 'drive.farEnd',
      label: 'Far end',
      options: [
        ['fixed', 'fixed'],
        ['supported', 'supported'],
        ['free', 'free'],
      ],
    },
    {
      path: 'drive.thrustBearing',
      label: 'Thrust bearing',
      options: [
        ['angular-contact', 'angular-contact pair'],
        ['deep-groove', 'deep groove'],
      ],
    },
  ],
  groups: ({ drive }) => [
    {
      paths: [
        'drive.bearingStiffness',
        'drive.bearingDynamicLoad',
        'drive.bearingStaticLoad',
        'drive.bearingDrag',
        'drive.bearingPlay',
        ...(drive.kind === 'screw' && drive.motorEnd === 'fixed' && drive.farEnd === 'fixed'
          ? (['drive.stretch'] as const)
          : []),
      ],
    },
  ],
};
