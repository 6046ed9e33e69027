import { type Axis, type MotorKind, startingMotor } from '@/core/model';
import { type Family, MEMORY, type Part, rows, text } from './part';

const baseOf = (kind: MotorKind) => (axis: Axis) =>
  axis.motor.kind === kind ? axis.motor : startingMotor(kind);

const stepperColumns = [
  ['motor.holdingTorque', 'N·m'],
  ['motor.ratedCurrent', 'A'],
  ['motor.resistance', 'Ω'],
  ['motor.inductance', 'mH'],
  ['motor.rotorInertia', 'kg·cm²'],
  ['motor.detentTorque', 'N·m'],
] as const;
const FLANGE = `flange NEMA ICS 16; the rest ${MEMORY}`;

/** size, holding N·m, A per phase, Ω, mH, rotor kg·cm², detent N·m, example price. */
const stepperSizes: readonly (readonly [
  size: number,
  torque: number,
  current: number,
  resistance: number,
  inductance: number,
  rotor: number,
  detent: number,
  price: number,
])[] = [
  [17, 0.26, 1.2, 2.4, 3.0, 0.035, 0.012, 12],
  [17, 0.4, 1.5, 1.8, 3.2, 0.054, 0.015, 13],
  [17, 0.45, 2.0, 1.1, 2.6, 0.068, 0.02, 15],
  [17, 0.6, 2.0, 1.4, 3.0, 0.102, 0.025, 19],
  [17, 0.65, 1.2, 4.2, 9.0, 0.102, 0.025, 19],
  [17, 0.8, 2.5, 1.0, 2.2, 0.13, 0.03, 24],
  [23, 0.55, 2.8, 0.7, 1.4, 0.12, 0.03, 19],
  [23, 1.0, 2.8, 0.83, 2.2, 0.26, 0.04, 22],
  [23, 1.26, 2.8, 0.9, 2.5, 0.3, 0.05, 24],
  [23, 1.9, 2.8, 1.13, 3.6, 0.44, 0.06, 28],
  [23, 1.9, 4.2, 0.5, 1.6, 0.44, 0.06, 30],
  [23, 2.2, 4.2, 0.55, 1.9, 0.52, 0.07, 33],
  [23, 2.4, 4.0, 0.65, 2.4, 0.68, 0.08, 36],
  [23, 3.0, 4.2, 0.9, 3.8, 0.8, 0.1, 40],
  [23, 3.0, 5.0, 0.4, 1.8, 0.8, 0.1, 45],
  [24, 3.1, 5.0, 0.43, 1.7, 0.9, 0.1, 47],
  [24, 4.0, 5.0, 0.65, 3.0, 1.4, 0.12, 58],
  [34, 3.4, 5.5, 0.42, 2.2, 1.0, 0.12, 60],
  [34, 4.5, 5.5, 0.46, 3.8, 1.4, 0.15, 66],
  [34, 4.5, 6.0, 0.3, 2.0, 1.4, 0.15, 70],
  [34, 7.0, 5.5, 0.65, 5.5, 2.3, 0.2, 82],
  [34, 8.5, 6.0, 0.6, 6.2, 2.7, 0.25, 92],
  [34, 8.5, 8.0, 0.3, 2.6, 2.7, 0.25, 99],
  [34, 12.0, 6.0, 0.8, 9.0, 4.0, 0.35, 118],
];

const stepperRow =
  (prefix: string) =>
  ([size, torque, current, resistance, inductance, rotor, detent, price]: (typeof stepperSizes)[number]): [
    string,
    string,
    number,
    ...number[],
  ] => [
    `${prefix}-${size}-${torque}-${inductance}`.replace(/\./g, '_'),
    `${prefix === 'stepper' ? 'Stepper' : 'Closed-loop stepper'} size ${size}, ${torque} N·m, ` +
      `${inductance} mH`,
    price,
    torque,
    current,
    resistance,
    inductance,
    rotor,
    detent,
  ];

const common = { 'motor.rotorTeeth': '50 teeth' };
const open: Part[] = rows(stepperColumns, FLANGE, stepperSizes.map(stepperRow('stepper'))).map((p) => ({
  ...p,
  values: { ...p.values, ...common, 'motor.loop': 'open', 'motor.usableShare': '0.6' },
}));
const closed: Part[] = rows(
  stepperColumns,
  FLANGE,
  stepperSizes
    .filter(
      ([size, torque]) =>
        (size === 17 && torque >= 0.4 && torque < 0.7) ||
        (size === 23 && [1.26, 2.2, 3].includes(torque)) ||
        size === 24 ||
        (size === 34 && torque >= 4.5),
    )
    .map(([size, t, i, r, l, j, d, price]) =>
      stepperRow('closed')([size, t, i, r, l, Number((j * 1.1).toPrecision(3)), d, price + 35]),
    ),
).map((p) => ({
  ...p,
  values: { ...p.values, ...common, 'motor.loop': 'closed', 'motor.usableShare': '0.8' },
}));

/** power W, rated N·m, peak N·m, rated rpm, highest rpm, rotor kg·cm², example price. */
const servoSizes = [
  [100, 0.32, 0.96, 3000, 6000, 0.04, 150],
  [200, 0.64, 1.9, 3000, 6000, 0.17, 165],
  [400, 1.27, 3.8, 3000, 6000, 0.27, 185],
  [750, 2.39, 7.2, 3000, 6000, 0.92, 240],
  [750, 2.39, 7.2, 3000, 5000, 1.6, 250],
  [1000, 3.2, 9.6, 3000, 5000, 1.7, 330],
  [1000, 4.77, 14.3, 2000, 3000, 6.2, 340],
  [1500, 4.8, 14.3, 3000, 5000, 2.5, 420],
  [1500, 7.16, 21.5, 2000, 3000, 9.3, 430],
] as const;

const servos = rows(
  [
    ['motor.ratedTorque', 'N·m'],
    ['motor.peakTorque', 'N·m'],
    ['motor.ratedSpeed', 'rpm'],
    ['motor.maxSpeed', 'rpm'],
    ['motor.rotorInertia', 'kg·cm²'],
  ],
  MEMORY,
  servoSizes.map(([power, rated, peak, speed, most, rotor, price]) => [
    `servo-${power}-${rated}-${rotor}`.replace(/\./g, '_'),
    `Servo ${power} W, ${rated} N·m, ${most} rpm`,
    price,
    rated,
    peak,
    speed,
    most,
    rotor,
  ]),
);

const geared = rows(
  [
    ['motor.gear', ''],
    ['motor.ratedTorque', 'N·m'],
    ['motor.stallTorque', 'N·m'],
    ['motor.noLoadSpeed', 'rpm'],
    ['motor.rotorInertia', 'kg·cm²'],
  ],
  MEMORY,
  [
    ['geared-24-spur', 'Geared motor, spur, 1.2 N·m', 25, 'spur', 1.2, 5, 120, 12],
    ['geared-36-planetary', 'Geared motor, planetary, 4 N·m', 55, 'planetary', 4, 16, 200, 15],
    ['geared-42-planetary', 'Geared motor, planetary, 10 N·m', 90, 'planetary', 10, 40, 90, 60],
    ['geared-worm', 'Geared motor, worm, 6 N·m', 35, 'worm', 6, 20, 60, 90],
  ],
);

const drivers = rows(
  [
    ['driver.maxCurrent', 'A'],
    ['driver.maxVoltage', 'V'],
    ['driver.marking', ''],
  ],
  MEMORY,
  [
    ['driver-2a', 'Stepper driver 2 A, 28 V', 9, 2, 28, 'rms'],
    ['driver-42', 'Stepper driver 4.2 A crest, 50 V', 22, 4.2, 50, 'crest'],
    ['driver-56', 'Stepper driver 5.6 A crest, 50 V', 28, 5.6, 50, 'crest'],
    ['driver-60', 'Stepper driver 6 A crest, 80 V', 48, 6, 80, 'crest'],
    ['driver-72', 'Stepper driver 7.2 A crest, 80 V', 52, 7.2, 80, 'crest'],
    ['driver-82', 'Stepper driver 8.2 A crest, 110 V', 75, 8.2, 110, 'crest'],
    ['driver-80-rms', 'Stepper driver 8 A RMS, 80 V', 70, 8, 80, 'rms'],
    ['servo-drive', 'Servo drive, low voltage', 110, 20, 80, 'rms'],
    ['servo-drive-mains', 'Servo drive, mains', 160, 10, 400, 'rms'],
  ],
);

const supplies: Part[] = [
  [24, 150],
  [24, 350],
  [36, 350],
  [48, 350],
  [48, 600],
  [60, 600],
  [70, 1000],
  [72, 800],
].map(([voltage, power]) => ({
  id: `supply-${voltage}-${power}`,
  name: `Supply ${voltage} V, ${power} W`,
  price: Math.round(12 + power! * 0.09),
  source: MEMORY,
  values: {
    'supply.voltage': `${voltage} V`,
    'supply.power': `${power} W`,
    'supply.capacitance': text(power! * 8, 'µF'),
  },
}));

const controllers = rows(
  [['controller.pulseLimit', 'kHz']],
  'class of controller; pulse limit typical, from memory',
  [
    ['parallel-port', 'Computer with parallel port, its own pulses', 0, 35],
    ['board-8bit', '8-bit motion board', 15, 30],
    ['board-32bit', '32-bit motion board', 45, 200],
    ['board-32bit-fast', '32-bit motion board with timers', 70, 400],
    ['pulse-engine', 'External pulse engine', 120, 1000],
    ['pulse-engine-fast', 'External pulse engine, fast', 180, 4000],
  ],
);

const couplings = rows(
  [
    ['coupling.kind', ''],
    ['coupling.inertia', 'kg·cm²'],
    ['coupling.stiffness', 'N·m/rad'],
    ['coupling.torqueLimit', 'N·m'],
    ['coupling.backlash', '°'],
  ],
  MEMORY,
  [19, 25, 30, 40].flatMap((d): [string, string, number, ...(number | string)[]][] => {
    const f = (d / 25) ** 3;
    const n = (v: number) => Number(v.toPrecision(3));
    return [
      [
        `beam-${d}`,
        `Beam coupling ${d} mm`,
        6 + d * 0.3,
        'beam',
        n(0.06 * f * (d / 25) ** 2),
        n(120 * f),
        n(1.6 * f),
        0,
      ],
      [
        `bellows-${d}`,
        `Bellows coupling ${d} mm`,
        18 + d,
        'bellows',
        n(0.07 * f * (d / 25) ** 2),
        n(1100 * f),
        n(2.2 * f),
        0,
      ],
      [
        `disc-${d}`,
        `Disc coupling ${d} mm`,
        15 + d,
        'disc',
        n(0.08 * f * (d / 25) ** 2),
        n(1400 * f),
        n(2.5 * f),
        0,
      ],
      [
        `jaw-${d}`,
        `Jaw coupling ${d} mm with spider`,
        8 + d * 0.4,
        'jaw',
        n(0.08 * f * (d / 25) ** 2),
        n(260 * f),
        n(5 * f),
        0,
      ],
    ];
  }),
);

export const motorFamilies: readonly Family[] = [
  {
    id: 'stepper',
    name: 'Steppers',
    link: 'motor',
    root: 'motor',
    base: baseOf('stepper'),
    columns: [
      { path: 'motor.holdingTorque', title: 'Holding' },
      { path: 'motor.ratedCurrent', title: 'Current' },
      { path: 'motor.inductance', title: 'Inductance' },
      { path: 'motor.rotorInertia', title: 'Rotor' },
    ],
    standard: [],
    forget: () => [{ path: 'motor.curve', value: null }],
    parts: open,
  },
  {
    id: 'closed-loop-stepper',
    name: 'Closed-loop steppers',
    link: 'motor',
    root: 'motor',
    base: baseOf('stepper'),
    columns: [
      { path: 'motor.holdingTorque', title: 'Holding' },
      { path: 'motor.ratedCurrent', title: 'Current' },
      { path: 'motor.inductance', title: 'Inductance' },
      { path: 'motor.rotorInertia', title: 'Rotor' },
    ],
    standard: [],
    forget: () => [{ path: 'motor.curve', value: null }],
    parts: closed,
  },
  {
    id: 'servo',
    name: 'Servos',
    link: 'motor',
    root: 'motor',
    base: baseOf('servo'),
    columns: [
      { path: 'motor.ratedTorque', title: 'Rated' },
      { path: 'motor.peakTorque', title: 'Peak' },
      { path: 'motor.maxSpeed', title: 'Highest' },
      { path: 'motor.rotorInertia', title: 'Rotor' },
    ],
    standard: [],
    forget: () => [{ path: 'motor.peakAtMaxSpeed', value: null }],
    parts: servos,
  },
  {
    id: 'geared-motor',
    name: 'Geared motors',
    link: 'motor',
    root: 'motor',
    base: baseOf('geared'),
    columns: [
      { path: 'motor.ratedTorque', title: 'Rated' },
      { path: 'motor.noLoadSpeed', title: 'Speed' },
    ],
    standard: [],
    forget: () => [],
    parts: geared,
  },
  {
    id: 'driver',
    name: 'Drivers',
    link: 'driver',
    root: 'driver',
    base: (axis) => axis.driver,
    columns: [
      { path: 'driver.maxCurrent', title: 'Current' },
      { path: 'driver.maxVoltage', title: 'Voltage' },
      { path: 'driver.marking', title: 'Marked in' },
    ],
    standard: [],
    forget: () => [],
    parts: drivers,
  },
  {
    id: 'supply',
    name: 'Supplies',
    link: 'supply',
    root: 'supply',
    base: (axis) => axis.supply,
    columns: [
      { path: 'supply.voltage', title: 'Voltage' },
      { path: 'supply.power', title: 'Power' },
    ],
    standard: [],
    forget: () => [],
    parts: supplies,
  },
  {
    id: 'controller',
    name: 'Controllers by class',
    link: 'controller',
    root: 'controller',
    base: (axis) => axis.controller,
    columns: [{ path: 'controller.pulseLimit', title: 'Pulses' }],
    standard: [],
    forget: () => [],
    parts: controllers,
  },
  {
    id: 'coupling',
    name: 'Couplings',
    link: 'coupling',
    root: 'coupling',
    base: (axis) => axis.coupling,
    columns: [
      { path: 'coupling.kind', title: 'Kind' },
      { path: 'coupling.stiffness', title: 'Stiffness' },
      { path: 'coupling.torqueLimit', title: 'Torque' },
    ],
    standard: [],
    forget: () => [{ path: 'coupling.runout', value: null }],
    parts: couplings,
  },
];
