import { type Axis, type DriveKind, guess, startingDrive, startingReducer } from '@/core/model';
import { type Family, MEMORY, type Part, rows, text } from './part';

const baseOf = (kind: DriveKind) => (axis: Axis) =>
  axis.drive.kind === kind
    ? axis.drive
    : startingDrive(kind, axis.demands.travel.si, {
        sets: axis.drive.sets,
        worstShare: axis.drive.worstShare,
      });

/** Inertia of a disc, kg·cm². @param diameter and width m. @param density kg/m³. */
const disc = (diameter: number, width: number, density: number) =>
  text((Math.PI / 32) * density * width * diameter ** 4 * 1e4, 'kg·cm²');
const STEEL = 7850;
const ALUMINIUM = 2700;

/** Helix of usual helical racks: 19°31'42", which makes the pitches 5 and 6.667 mm. */
const HELIX = '19.5283°';
const helixOf = (helical: boolean) => (helical ? HELIX : '0°');
const angle = (19.5283 * Math.PI) / 180;

const racks: Part[] = [1, 1.25, 1.5, 2, 2.5, 3].flatMap((m) =>
  [false, true]
    .filter((helical) => !helical || m === 1.5 || m === 2 || m === 3)
    .flatMap((helical): Part[] => {
      const face = { 1: 10, 1.25: 12, 1.5: 15, 2: 20, 2.5: 25, 3: 29 }[m]!;
      const shared = {
        'drive.module': `${m} mm`,
        'drive.helixAngle': helixOf(helical),
        'drive.pressureAngle': '20°',
        'drive.faceWidth': `${face} mm`,
        'drive.segment': '1000 mm',
      };
      const name = `Rack module ${m}${helical ? ', helical' : ', spur'}`;
      return [
        {
          id: `rack-${m}${helical ? 'h' : 's'}-milled`,
          name: `${name}, milled`,
          price: Math.round(14 + 9 * m),
          source: `ISO 53 and ISO 54 for the teeth; steel and accuracy ${MEMORY}`,
          values: { ...shared, 'drive.pitchError': '0.1 mm', 'drive.yieldStrength': '350 MPa' },
        },
        ...(m >= 1.5
          ? [
              {
                id: `rack-${m}${helical ? 'h' : 's'}-ground`,
                name: `${name}, hardened and ground`,
                price: Math.round(55 + 25 * m),
                source: `ISO 53 and ISO 54 for the teeth; steel and accuracy ${MEMORY}`,
                values: { ...shared, 'drive.pitchError': '0.035 mm', 'drive.yieldStrength': '650 MPa' },
              },
            ]
          : []),
      ];
    }),
);

const pinions: Part[] = [1, 1.5, 2, 3].flatMap((m) =>
  [false, true]
    .filter((helical) => !helical || m !== 1)
    .flatMap((helical) =>
      [12, 15, 18, 20, 25, 30].map((z): Part => {
        const d = (z * m) / 1000 / (helical ? Math.cos(angle) : 1);
        return {
          id: `pinion-${m}${helical ? 'h' : 's'}-${z}`,
          name: `Pinion module ${m}${helical ? ', helical' : ''}, ${z} teeth`,
          price: Math.round(9 + z * m * 0.5 + (helical ? 12 : 0)),
          source: `ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc`,
          values: {
            'drive.module': `${m} mm`,
            'drive.helixAngle': helixOf(helical),
            'drive.teeth': String(z),
            'drive.inertia': disc(d, 0.02 * Math.max(1, m / 1.5), STEEL),
            ...(z < 17 ? { 'drive.profileShift': z < 14 ? '0.4' : '0.2' } : { 'drive.profileShift': '0' }),
          },
        };
      }),
    ),
);

/**
 * Curvilinear belts by pitch: cord stiffness for each mm of width, allowed pull for each mm, mass for each mm
 * and metre.
 */
const beltKinds = [
  [3, 10_000, 10, 2.4, [9, 15]],
  [5, 14_000, 24, 4, [9, 15, 25]],
  [8, 24_000, 45, 6.2, [15, 20, 30, 50]],
] as const;

const belts: Part[] = beltKinds.flatMap(([pitch, stiffness, pull, mass, widths]) =>
  widths.flatMap((width) =>
    [
      ['glass', 1],
      ['steel', 1.6],
    ].map(([cord, factor]): Part => ({
      id: `belt-${pitch}-${width}-${cord}`,
      name: `Belt ${pitch} mm pitch, ${width} mm, ${cord} cord`,
      price: Math.round((3 + width * 0.35) * Number(factor)),
      source: `pitch ISO 13050; cord ${MEMORY}`,
      values: {
        'drive.pitch': `${pitch} mm`,
        'drive.width': `${width} mm`,
        'drive.specificStiffness': text(stiffness * Number(factor), 'N/mm'),
        'drive.allowedPull': text(pull * width * (cord === 'steel' ? 1.25 : 1), 'N'),
        'drive.lineMass': text((mass * width) / 1, 'g/m'),
        'drive.play': pitch === 3 ? '0.06 mm' : pitch === 5 ? '0.08 mm' : '0.1 mm',
      },
    })),
  ),
);

const pulleys: Part[] = beltKinds.flatMap(([pitch]) =>
  [16, 18, 20, 24, 30, 36, 40, 48]
    .filter((z) => pitch !== 8 || z >= 20)
    .map((z): Part => ({
      id: `pulley-${pitch}-${z}`,
      name: `Pulley ${pitch} mm pitch, ${z} teeth`,
      price: Math.round(5 + z * pitch * 0.06),
      source: 'pitch ISO 13050; inertia of a solid aluminium disc with an idler like it',
      values: {
        'drive.pitch': `${pitch} mm`,
        'drive.teeth': String(z),
        'drive.inertia': disc((z * pitch) / Math.PI / 1000, 0.03, 2 * ALUMINIUM),
      },
    })),
);

/** ISO 606, simplex: pitch mm, minimum tensile strength kN, mass kg/m. */
const chainSizes = [
  ['04B', 6, 3, 0.12],
  ['05B', 8, 4.4, 0.18],
  ['06B', 9.525, 8.9, 0.41],
  ['08B', 12.7, 17.8, 0.7],
] as const;

const chains: Part[] = chainSizes.map(([size, pitch, kN, mass]) => ({
  id: `chain-${size.toLowerCase()}`,
  name: `Roller chain ${size}-1`,
  price: Math.round(6 + pitch),
  source: `ISO 606 for pitch and tensile strength; mass and stiffness ${MEMORY}`,
  values: {
    'drive.pitch': `${pitch} mm`,
    'drive.breakingLoad': `${kN} kN`,
    'drive.tensileStiffness': text(kN * 100, 'kN'),
    'drive.lineMass': `${mass} kg/m`,
  },
}));

const sprockets: Part[] = chainSizes.flatMap(([size, pitch]) =>
  [11, 13, 15, 17, 19, 21, 25].map((z): Part => ({
    id: `sprocket-${size.toLowerCase()}-${z}`,
    name: `Sprocket ${size}, ${z} teeth`,
    price: Math.round(4 + z * pitch * 0.05),
    source: 'ISO 606 for the pitch; inertia of two solid steel discs',
    values: {
      'drive.pitch': `${pitch} mm`,
      'drive.teeth': String(z),
      'drive.inertia': disc(pitch / 1000 / Math.sin(Math.PI / z), 0.006, 2 * STEEL),
    },
  })),
);

const planetary = rows(
  [
    ['reducer.ratio', ''],
    ['reducer.efficiency', ''],
    ['reducer.inertia', 'kg·cm²'],
    ['reducer.backlash', 'arcmin'],
    ['reducer.inputSpeed', 'rpm'],
    ['reducer.torqueLimit', 'N·m'],
    ['reducer.stiffness', 'N·m/rad'],
  ],
  MEMORY,
  [42, 60, 90, 120].flatMap((size) =>
    [3, 5, 10, 20].map((ratio): [string, string, number, ...number[]] => {
      const torque = { 42: 9, 60: 30, 90: 90, 120: 200 }[size]! * (ratio >= 10 ? 0.75 : 1);
      return [
        `planetary-${size}-${ratio}`,
        `Planetary ${size} mm, ${ratio} : 1`,
        Math.round(size * 1.1 + ratio),
        ratio,
        ratio > 10 ? 0.9 : 0.94,
        Number(({ 42: 0.03, 60: 0.12, 90: 0.6, 120: 2.2 }[size]! / (ratio > 4 ? 1.6 : 1)).toPrecision(3)),
        ratio > 10 ? 12 : 8,
        { 42: 4000, 60: 4000, 90: 3500, 120: 3000 }[size]!,
        torque,
        { 42: 2000, 60: 7000, 90: 24_000, 120: 60_000 }[size]!,
      ];
    }),
  ),
);

const stages: Part[] = [
  [20, 30],
  [20, 40],
  [18, 54],
  [15, 60],
  [24, 24],
  [32, 16],
].flatMap(([a, b]) =>
  [3, 5].map((pitch): Part => ({
    id: `stage-${pitch}-${a}-${b}`,
    name: `Belt stage ${a} on the motor, ${b} on the drive, ${pitch} mm pitch`,
    price: Math.round(14 + (a! + b!) * pitch * 0.05),
    source: `pitch ISO 13050; the rest ${MEMORY}, inertia of solid aluminium discs`,
    values: {
      'reducer.pulleys.motorTeeth': String(a),
      'reducer.pulleys.driveTeeth': String(b),
      'reducer.pulleys.pitch': `${pitch} mm`,
      'reducer.ratio': String(b! / a!),
      'reducer.efficiency': '0.96',
      'reducer.backlash': '1 arcmin',
      'reducer.inertia': text(
        (Math.PI / 32) *
          ALUMINIUM *
          0.02 *
          (((a! * pitch) / Math.PI / 1000) ** 4 + ((b! * pitch) / Math.PI / 1000) ** 4 / (b! / a!) ** 2) *
          1e4,
        'kg·cm²',
      ),
    },
  })),
);

const optional =
  (...paths: string[]) =>
  () =>
    paths.map((path) => ({ path, value: null }));

export const wheelFamilies: readonly Family[] = [
  {
    id: 'rack',
    name: 'Racks',
    link: 'drive',
    root: 'drive',
    base: baseOf('rack'),
    columns: [
      { path: 'drive.module', title: 'Module' },
      { path: 'drive.helixAngle', title: 'Helix' },
      { path: 'drive.faceWidth', title: 'Face' },
      { path: 'drive.pitchError', title: 'Error' },
    ],
    standard: ['drive.module', 'drive.helixAngle', 'drive.pressureAngle'],
    forget: optional('drive.meshStiffness'),
    parts: racks,
  },
  {
    id: 'pinion',
    name: 'Pinions',
    link: 'drive',
    root: 'drive',
    base: baseOf('rack'),
    columns: [
      { path: 'drive.module', title: 'Module' },
      { path: 'drive.teeth', title: 'Teeth' },
      { path: 'drive.inertia', title: 'Inertia' },
    ],
    standard: ['drive.module', 'drive.helixAngle', 'drive.teeth'],
    forget: () => [],
    parts: pinions,
  },
  {
    id: 'belt',
    name: 'Toothed belts',
    link: 'drive',
    root: 'drive',
    base: baseOf('belt'),
    columns: [
      { path: 'drive.pitch', title: 'Pitch' },
      { path: 'drive.width', title: 'Width' },
      { path: 'drive.allowedPull', title: 'Pull' },
    ],
    standard: ['drive.pitch'],
    forget: optional('drive.maxSpeed'),
    parts: belts,
  },
  {
    id: 'pulley',
    name: 'Pulleys',
    link: 'drive',
    root: 'drive',
    base: baseOf('belt'),
    columns: [
      { path: 'drive.pitch', title: 'Pitch' },
      { path: 'drive.teeth', title: 'Teeth' },
      { path: 'drive.inertia', title: 'Inertia' },
    ],
    standard: ['drive.pitch', 'drive.teeth'],
    forget: () => [],
    parts: pulleys,
  },
  {
    id: 'chain',
    name: 'Roller chains',
    link: 'drive',
    root: 'drive',
    base: baseOf('chain'),
    columns: [
      { path: 'drive.pitch', title: 'Pitch' },
      { path: 'drive.breakingLoad', title: 'Strength' },
      { path: 'drive.lineMass', title: 'Mass' },
    ],
    standard: ['drive.pitch', 'drive.breakingLoad'],
    forget: optional('drive.maxSpeed', 'drive.play'),
    parts: chains,
  },
  {
    id: 'sprocket',
    name: 'Sprockets',
    link: 'drive',
    root: 'drive',
    base: baseOf('chain'),
    columns: [
      { path: 'drive.pitch', title: 'Pitch' },
      { path: 'drive.teeth', title: 'Teeth' },
      { path: 'drive.inertia', title: 'Inertia' },
    ],
    standard: ['drive.pitch', 'drive.teeth'],
    forget: () => [],
    parts: sprockets,
  },
  {
    id: 'planetary-reducer',
    name: 'Planetary reducers',
    link: 'reducer',
    root: 'reducer',
    base: emptyReducer('planetary'),
    columns: [
      { path: 'reducer.ratio', title: 'Ratio' },
      { path: 'reducer.backlash', title: 'Play' },
      { path: 'reducer.torqueLimit', title: 'Torque' },
      { path: 'reducer.inputSpeed', title: 'Input' },
    ],
    standard: [],
    forget: () => [],
    parts: planetary,
  },
  {
    id: 'belt-stage',
    name: 'Belt stages',
    link: 'reducer',
    root: 'reducer',
    base: emptyReducer('belt'),
    columns: [
      { path: 'reducer.ratio', title: 'Ratio' },
      { path: 'reducer.pulleys.motorTeeth', title: 'On motor' },
      { path: 'reducer.pulleys.driveTeeth', title: 'On drive' },
    ],
    standard: [
      'reducer.pulleys.pitch',
      'reducer.pulleys.motorTeeth',
      'reducer.pulleys.driveTeeth',
      'reducer.ratio',
    ],
    forget: () => [],
    parts: stages,
  },
];

/**
 * A reducer of a kind that a part is put into: usual figures where the part states none, the old datasheet's
 * gone.
 */
function emptyReducer(kind: 'belt' | 'planetary') {
  return (): object => ({
    ...startingReducer(kind, 2),
    inputSpeed: null,
    torqueLimit: null,
    stiffness: null,
    pulleys:
      kind === 'belt'
        ? {
            motorTeeth: guess('count', '20'),
            driveTeeth: guess('count', '40'),
            pitch: guess('length', '5 mm'),
            centreDistance: guess('length', '150 mm'),
            lineMass: guess('linearDensity', '60 g/m'),
          }
        : null,
  });
}
