import type { Axis, AxisFieldPath, DriveKind } from '@/core/model';
import { formatNumber, type UnitSystem } from '@/core/units';
import { type Choice, each, type FieldGroup, type LinkId, type LinkSpec, q } from './link';
import { guideLink } from './train-guide';
import { motorLinks } from './train-motor';

const forms: Record<string, string> = { acme: 'Acme', trapezoidal: 'trapezoidal', square: 'square' };

export const driveNames: Record<DriveKind, string> = {
  screw: 'Screw',
  rack: 'Rack',
  belt: 'Belt',
  chain: 'Chain',
};

function driveSummary(axis: Axis, s: UnitSystem): string {
  const { drive } = axis;
  switch (drive.kind) {
    case 'screw':
      return (
        `${drive.thread.kind === 'ball' ? 'ball' : forms[drive.thread.form]} ` +
        `${q(axis, 'drive.nominalDiameter', 'length', s)}, lead ${q(axis, 'drive.lead', 'linearPerTurn', s)}`
      );
    case 'rack':
      return (
        `module ${formatNumber(drive.module.si * 1000, 3)}${drive.helixAngle.si > 0 ? ' helical' : ''}, ` +
        `${drive.teeth.si} teeth`
      );
    case 'belt':
      return (
        `${drive.arrangement === 'loop' ? 'loop' : 'open'}, ${q(axis, 'drive.pitch', 'length', s)} ` +
        `pitch, ${drive.teeth.si} teeth`
      );
    case 'chain':
      return `${q(axis, 'drive.pitch', 'length', s, 4)} pitch, ${drive.teeth.si} teeth`;
  }
}

const howMany = (axis: Axis, one: string): Choice => ({
  path: 'drive.sets',
  label: 'How many',
  options: [
    [1, one],
    [2, 'one each side'],
  ],
});

function driveChoices(axis: Axis): Choice[] {
  const { drive } = axis;
  const kind: Choice = {
    path: 'drive.kind',
    label: 'Kind',
    options: [
      ['screw', 'screw'],
      ['rack', 'rack and pinion'],
      ['belt', 'toothed belt'],
      ['chain', 'roller chain'],
    ],
  };
  if (drive.kind === 'screw')
    return [
      kind,
      howMany(axis, 'one screw'),
      {
        path: 'drive.turning',
        label: 'What turns',
        options: [
          ['screw', 'the screw'],
          ['nut', 'the nut'],
        ],
      },
      {
        path: 'drive.thread.kind',
        label: 'Thread',
        options: [
          ['ball', 'ball'],
          ['sliding', 'sliding'],
        ],
      },
      ...(drive.thread.kind === 'ball'
        ? [
            {
              path: 'drive.thread.making',
              label: 'Made',
              options: [
                ['rolled', 'rolled'],
                ['ground', 'ground'],
              ] as const,
            },
            {
              path: 'drive.thread.accuracyClass',
              label: 'Class',
              options: (['T3', 'T5', 'T7', 'T10'] as const).map((c) => [c, c] as const),
            },
          ]
        : [
            {
              path: 'drive.thread.form',
              label: 'Form',
              options: [
                ['trapezoidal', 'trapezoidal'],
                ['acme', 'Acme'],
                ['square', 'square'],
              ] as const,
            },
            {
              path: 'drive.thread.nut',
              label: 'Nut',
              options: [
                ['plain', 'plain'],
                ['compensated', 'wear-compensated'],
              ] as const,
            },
          ]),
    ];
  const shaft: Choice = {
    path: 'drive.crossShaft',
    label: 'Both sides',
    options: [
      ['none', 'no shaft across'],
      ['shaft', 'shaft to both sides'],
    ],
    now: drive.crossShaft ? 'shaft' : 'none',
  };
  return [
    kind,
    howMany(axis, 'one motor'),
    shaft,
    ...(drive.kind === 'rack'
      ? [
          {
            path: 'drive.mesh',
            label: 'Mesh',
            options: [
              ['fixed', 'fixed'],
              ['sprung', 'sprung'],
            ] as const,
          },
        ]
      : []),
    ...(drive.kind === 'belt'
      ? [
          {
            path: 'drive.arrangement',
            label: 'Belt',
            options: [
              ['loop', 'loop, motor stands'],
              ['open', 'open, motor rides'],
            ] as const,
          },
        ]
      : []),
    ...(drive.kind === 'chain'
      ? [
          {
            path: 'drive.laid',
            label: 'Chain lies',
            options: [
              ['free', 'free'],
              ['tray', 'in a tray'],
            ] as const,
          },
        ]
      : []),
  ];
}

function driveGroups({ drive }: Axis): FieldGroup[] {
  const share: AxisFieldPath[] =
    drive.sets === 2 || (drive.kind !== 'screw' && drive.crossShaft) ? ['drive.worstShare'] : [];
  if (drive.kind === 'screw')
    return [
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
      {
        title: 'Nut',
        paths:
          drive.thread.kind === 'ball'
            ? [
                'drive.thread.efficiency',
                'drive.thread.preload',
                'drive.thread.dynamicLoad',
                'drive.thread.nutStiffness',
                'drive.thread.speedLimit',
              ]
            : [
                'drive.thread.friction',
                'drive.thread.preload',
                'drive.thread.collarFriction',
                'drive.thread.collarDiameter',
                'drive.thread.nutStiffness',
              ],
      },
      {
        title: 'Turning and heat',
        paths: [drive.turning === 'nut' ? 'drive.nutInertia' : 'drive.screwInertia', 'drive.temperatureRise'],
      },
    ];
  const shaft: AxisFieldPath[] = drive.crossShaft
    ? ['drive.crossShaft.diameter', 'drive.crossShaft.length']
    : [];
  const rest: FieldGroup = {
    title: 'Shaft and bearings',
    paths: [
      'drive.efficiency',
      'drive.inertia',
      'drive.bearingDrag',
      'drive.overhang',
      'drive.shaftLoadLimit',
      'drive.runout',
      ...(drive.kind === 'belt' ? [] : (['drive.temperatureRise'] as const)),
    ],
  };
  if (drive.kind === 'rack')
    return [
      {
        paths: [
          ...share,
          'drive.teeth',
          'drive.module',
          'drive.helixAngle',
          'drive.faceWidth',
          ...(drive.mesh === 'fixed'
            ? ['drive.meshGap' as const]
            : ['drive.springForce' as const, 'drive.springLever' as const]),
          ...shaft,
        ],
      },
      { title: 'Rack pieces', paths: ['drive.segment', 'drive.park', 'drive.pitchError'] },
      {
        title: 'Teeth',
        paths: ['drive.pressureAngle', 'drive.profileShift', 'drive.yieldStrength', 'drive.meshStiffness'],
      },
      rest,
    ];
  if (drive.kind === 'belt')
    return [
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
          ...shaft,
        ],
      },
      {
        title: 'Belt',
        paths: ['drive.allowedPull', 'drive.specificStiffness', 'drive.lineMass', 'drive.maxSpeed'],
      },
      rest,
    ];
  return [
    {
      paths: [
        ...share,
        'drive.teeth',
        'drive.pitch',
        'drive.centreDistance',
        'drive.pretension',
        'drive.wear',
        'drive.play',
        ...shaft,
      ],
    },
    {
      title: 'Chain',
      paths: ['drive.breakingLoad', 'drive.tensileStiffness', 'drive.lineMass', 'drive.maxSpeed'],
    },
    rest,
  ];
}

const driveLinks: readonly LinkSpec[] = [
  {
    id: 'reducer',
    title: (a) => `Reducer${each(a)}`,
    summary: ({ reducer }) => (reducer ? `${reducer.kind} ${formatNumber(reducer.ratio.si, 3)} : 1` : 'none'),
    choices: ({ reducer }) => [
      {
        path: 'reducer.kind',
        label: 'Kind',
        options: [
          ['none', 'none'],
          ['belt', 'toothed belt'],
          ['planetary', 'planetary'],
        ],
        now: reducer?.kind ?? 'none',
      },
      ...(reducer?.kind === 'belt'
        ? [
            {
              path: 'reducer.pulleys',
              label: 'Pulleys',
              options: [
                ['none', 'ratio alone'],
                ['given', 'by teeth'],
              ] as const,
              now: reducer.pulleys ? 'given' : 'none',
            },
          ]
        : []),
    ],
    groups: ({ reducer }) =>
      !reducer
        ? []
        : [
            ...(reducer.pulleys
              ? [
                  {
                    paths: [
                      'reducer.pulleys.motorTeeth',
                      'reducer.pulleys.driveTeeth',
                      'reducer.pulleys.pitch',
                      'reducer.pulleys.centreDistance',
                      'reducer.pulleys.lineMass',
                    ] as const,
                  },
                ]
              : []),
            {
              paths: [
                'reducer.ratio',
                'reducer.efficiency',
                'reducer.inertia',
                'reducer.backlash',
                'reducer.inputSpeed',
                'reducer.torqueLimit',
                'reducer.stiffness',
              ],
            },
          ],
  },
  {
    id: 'coupling',
    title: (a) => `Coupling${each(a)}`,
    summary: (a) => a.coupling.kind,
    choices: () => [
      {
        path: 'coupling.kind',
        label: 'Kind',
        options: [
          ['beam', 'beam'],
          ['bellows', 'bellows'],
          ['disc', 'disc'],
          ['jaw', 'jaw with spider'],
          ['rigid', 'rigid or none'],
        ],
      },
    ],
    groups: () => [
      {
        paths: [
          'coupling.inertia',
          'coupling.stiffness',
          'coupling.backlash',
          'coupling.torqueLimit',
          'coupling.runout',
        ],
      },
    ],
  },
  {
    id: 'drive',
    title: (a) => `${driveNames[a.drive.kind]}${each(a)}`,
    summary: driveSummary,
    choices: driveChoices,
    groups: driveGroups,
  },
  {
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
          'drive.bearingDrag',
          'drive.bearingPlay',
          ...(drive.kind === 'screw' && drive.motorEnd === 'fixed' && drive.farEnd === 'fixed'
            ? (['drive.stretch'] as const)
            : []),
        ],
      },
    ],
  },
];

/** The drive train in the order of force, controller to guide. */
export const links: readonly LinkSpec[] = [...motorLinks, ...driveLinks, guideLink];

/** The link that a finding's path belongs to; undefined for what is asked of the axis. */
export function linkOf(path: string): LinkId | undefined {
  if (/^drive\.(motorEnd|farEnd|thrustBearing|bearingStiffness|bearingPlay|stretch)/.test(path))
    return 'bearings';
  const room = path.split('.')[0]!;
  const byRoom: Record<string, LinkId> = {
    controller: 'controller',
    driver: 'driver',
    supply: 'supply',
    motor: 'motor',
    reducer: 'reducer',
    coupling: 'coupling',
    drive: 'drive',
    guide: 'guide',
  };
  return byRoom[room];
}
