import { formatNumber } from '@/core/units';
import { each, type LinkSpec } from './link';

/** Where the coupling sits makes a difference only with a reducer. */
const couplingPlace = {
  path: 'coupling.place',
  label: 'Sits',
  options: [
    ['motor', 'at the motor'],
    ['drive', 'behind the reducer'],
  ],
} as const;

/** Between motor and drive. */
export const reducerLinks: readonly LinkSpec[] = [
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
    choices: (a) => [
      ...(a.reducer ? [couplingPlace] : []),
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
];
