import { type Axis, isCranked } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { each, type FieldGroup, type LinkChoice, type LinkSpec, q } from './link';

function motorName({ motor }: Axis): string {
  if (motor.kind === 'stepper') return motor.loop === 'closed' ? 'Closed-loop stepper' : 'Stepper';
  return { servo: 'Servo', geared: 'Geared motor', hand: 'Handwheel' }[motor.kind];
}

/** What drives and feeds a motor: nothing of it stands on an axis that is cranked by hand. */
const powered = (axis: Axis) => !isCranked(axis);

function motorSummary(axis: Axis, s: UnitSystem): string {
  switch (axis.motor.kind) {
    case 'stepper':
      return (
        `${q(axis, 'motor.holdingTorque', 'torque', s)}, ` +
        `${axis.motor.curve ? 'measured curve' : q(axis, 'motor.inductance', 'inductance', s)}`
      );
    case 'servo':
      return `${q(axis, 'motor.ratedTorque', 'torque', s)}, peak ${q(axis, 'motor.peakTorque', 'torque', s)}`;
    case 'geared':
      return (
        `${q(axis, 'motor.ratedTorque', 'torque', s)}, ` +
        `${q(axis, 'motor.noLoadSpeed', 'angularSpeed', s)}`
      );
    case 'hand':
      return `${q(axis, 'motor.effort', 'force', s)} at ${q(axis, 'motor.radius', 'length', s)}`;
  }
}

function motorGroups({ motor }: Axis): FieldGroup[] {
  switch (motor.kind) {
    case 'stepper':
      return [
        {
          paths: [
            'motor.holdingTorque',
            'motor.ratedCurrent',
            'motor.resistance',
            'motor.inductance',
            'motor.rotorTeeth',
            'motor.rotorInertia',
            'motor.detentTorque',
            'motor.brakeTorque',
            'motor.usableShare',
          ],
        },
        ...(motor.curve ? [{ paths: ['motor.curve.voltage'] as const }] : []),
      ];
    case 'servo':
      return [
        {
          paths: [
            'motor.ratedTorque',
            'motor.peakTorque',
            'motor.ratedSpeed',
            'motor.maxSpeed',
            'motor.peakAtMaxSpeed',
            'motor.rotorInertia',
            'motor.countsPerTurn',
            'motor.brakeTorque',
            'motor.usableShare',
          ],
        },
      ];
    case 'geared':
      return [
        {
          paths: [
            'motor.ratedTorque',
            'motor.stallTorque',
            'motor.noLoadSpeed',
            'motor.rotorInertia',
            'motor.countsPerTurn',
            'motor.brakeTorque',
            'motor.usableShare',
          ],
        },
      ];
    case 'hand':
      return [
        {
          paths: [
            'motor.radius',
            'motor.effort',
            'motor.cranking',
            'motor.divisions',
            'motor.rotorInertia',
            'motor.brakeTorque',
          ],
        },
      ];
  }
}

/** Fewer or more turns on the same motor, in one step; what stands is always the present winding. */
const winding: LinkChoice = {
  path: 'motor.winding',
  label: 'Wound',
  options: [
    ['present', 'as given'],
    ['0.5', 'half the turns (parallel)'],
    ['2', 'twice the turns (series)'],
  ],
  now: 'present',
};

/** Controller, driver, supply and motor. */
export const motorLinks: readonly LinkSpec[] = [
  {
    id: 'controller',
    there: powered,
    title: () => 'Controller',
    summary: (a, s) => q(a, 'controller.pulseLimit', 'pulseRate', s),
    choices: () => [
      {
        path: 'controller.calibration',
        label: 'Steps per unit',
        options: [
          ['none', 'as computed'],
          ['steps', 'set by measuring'],
          ['map', 'error table'],
        ],
      },
    ],
    groups: () => [{ paths: ['controller.pulseLimit'] }],
  },
  {
    id: 'driver',
    there: powered,
    title: (a) => `Driver${each(a)}`,
    summary: (a, s) =>
      a.motor.kind === 'stepper'
        ? `${q(a, 'driver.setCurrent', 'current', s)} ${a.driver.marking}, ` +
          `${a.driver.microsteps.si} microsteps`
        : q(a, 'driver.maxVoltage', 'voltage', s),
    choices: ({ motor }) =>
      motor.kind === 'stepper'
        ? [
            {
              path: 'driver.marking',
              label: 'Marked in',
              options: [
                ['crest', 'crest (peak)'],
                ['rms', 'RMS'],
              ],
            },
          ]
        : [],
    groups: ({ motor }) => [
      {
        paths:
          motor.kind === 'stepper'
            ? ['driver.setCurrent', 'driver.microsteps', 'driver.maxCurrent', 'driver.maxVoltage']
            : ['driver.maxVoltage'],
      },
    ],
  },
  {
    id: 'supply',
    there: powered,
    title: () => 'Supply',
    summary: (a, s) => {
      const power = a.supply.power ? `, ${q(a, 'supply.power', 'power', s)}` : '';
      return `${q(a, 'supply.voltage', 'voltage', s)}${power}`;
    },
    choices: () => [
      {
        path: 'supply.brakeResistor',
        label: 'Brake resistor',
        options: [
          ['none', 'none'],
          ['fitted', 'fitted'],
        ],
      },
    ],
    groups: () => [{ paths: ['supply.voltage', 'supply.power', 'supply.others', 'supply.capacitance'] }],
  },
  {
    id: 'motor',
    title: (a) => `${motorName(a)}${each(a)}`,
    summary: motorSummary,
    choices: ({ motor }) => [
      {
        path: 'motor.kind',
        label: 'Kind',
        options: [
          ['stepper', 'stepper'],
          ['servo', 'servo'],
          ['geared', 'geared motor'],
          ['hand', 'a hand, for now'],
        ],
      },
      ...(motor.kind === 'stepper'
        ? [
            {
              path: 'motor.loop',
              label: 'Loop',
              options: [
                ['open', 'open'],
                ['closed', 'closed, with encoder'],
              ] as const,
            },
            ...(motor.curve ? [] : [winding]),
            {
              path: 'motor.curve',
              label: 'Torque curve',
              options: [
                ['model', 'from the model'],
                ['points', 'by points'],
              ] as const,
              now: motor.curve ? 'points' : 'model',
            },
          ]
        : []),
      ...(motor.kind === 'geared'
        ? [
            {
              path: 'motor.gear',
              label: 'Gear',
              options: [
                ['planetary', 'planetary'],
                ['spur', 'spur'],
                ['worm', 'worm'],
              ] as const,
            },
          ]
        : []),
    ],
    groups: motorGroups,
  },
];
