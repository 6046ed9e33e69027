import { type Axis, type GuideKind, guideOfKind } from '@/core/model';
import { type Family, MEMORY, type Part, rows } from './part';

const baseOf = (kind: GuideKind) => (axis: Axis) =>
  axis.guide.kind === kind ? axis.guide : guideOfKind(kind, axis.guide);

const columns = [
  ['guide.size', 'mm'],
  ['guide.carriageLength', 'mm'],
  ['guide.raceSpacing', 'mm'],
  ['guide.dynamicLoad', 'kN'],
  ['guide.staticLoad', 'kN'],
  ['guide.verticalStiffness', 'N/µm'],
  ['guide.lateralStiffness', 'N/µm'],
  ['guide.friction', ''],
  ['guide.seal', 'N'],
] as const;

type Row = readonly [id: string, name: string, price: number, ...values: (number | string)[]];
const made = (basis: '50' | '100', source: string, list: readonly Row[]): Part[] =>
  rows(columns, source, list).map((p) => ({ ...p, values: { ...p.values, 'guide.ratingBasis': basis } }));

const profile = made('50', `size ISO 12090; ratings ${MEMORY}`, [
  ['profile-15', 'Profile rail 15, carriage 59 mm', 42, 15, 59, 13, 8.4, 14.5, 150, 110, 0.004, 2.5],
  ['profile-15-long', 'Profile rail 15, long carriage 77 mm', 52, 15, 77, 13, 11.4, 21, 200, 140, 0.004, 3],
  ['profile-20', 'Profile rail 20, carriage 77 mm', 55, 20, 77, 17, 13.9, 24, 220, 160, 0.004, 3.5],
  ['profile-20-long', 'Profile rail 20, long carriage 93 mm', 66, 20, 93, 17, 17, 32, 280, 200, 0.004, 4],
  ['profile-25', 'Profile rail 25, carriage 84 mm', 68, 25, 84, 20, 19.8, 32, 270, 190, 0.004, 4],
  ['profile-25-long', 'Profile rail 25, long carriage 106 mm', 82, 25, 106, 20, 24.6, 45, 350, 250, 0.004, 5],
  ['profile-30', 'Profile rail 30, carriage 98 mm', 95, 30, 98, 24, 27.5, 46, 330, 230, 0.004, 5],
  ['profile-35', 'Profile rail 35, carriage 111 mm', 125, 35, 111, 29, 37, 62, 400, 280, 0.004, 6],
]);
const miniature = made('50', `sizes as common; ratings ${MEMORY}`, [
  ['miniature-9', 'Miniature rail 9', 22, 9, 31, 6, 1.8, 2.5, 35, 28, 0.005, 0.4],
  ['miniature-12', 'Miniature rail 12', 24, 12, 35, 8, 2.8, 3.8, 45, 35, 0.005, 0.5],
  ['miniature-15', 'Miniature rail 15', 28, 15, 42, 10, 4.6, 5.6, 60, 48, 0.005, 0.6],
  ['miniature-15-long', 'Miniature rail 15, long carriage', 34, 15, 59, 10, 6.4, 9, 85, 65, 0.005, 0.7],
]);
const supported = made(
  '50',
  MEMORY,
  [12, 16, 20, 25, 30].map((d): Row => [
    `supported-${d}`,
    `Supported round rail ${d} mm, open bush`,
    14 + d,
    d,
    { 12: 39, 16: 45, 20: 50, 25: 65, 30: 70 }[d]!,
    0,
    { 12: 0.41, 16: 0.77, 20: 0.86, 25: 0.98, 30: 1.56 }[d]!,
    { 12: 0.59, 16: 1.18, 20: 1.37, 25: 1.57, 30: 2.74 }[d]!,
    15 + 1.8 * d,
    8 + d,
    0.004,
    2,
  ]),
);
const rods = made(
  '50',
  MEMORY,
  [8, 10, 12, 16, 20, 25, 30].map((d): Row => [
    `rod-${d}`,
    `Round rod ${d} mm with ball bush`,
    5 + d,
    d,
    { 8: 24, 10: 29, 12: 30, 16: 37, 20: 42, 25: 59, 30: 64 }[d]!,
    0,
    { 8: 0.27, 10: 0.37, 12: 0.41, 16: 0.77, 20: 0.86, 25: 0.98, 30: 1.56 }[d]!,
    { 8: 0.4, 10: 0.55, 12: 0.59, 16: 1.18, 20: 1.37, 25: 1.57, 30: 2.74 }[d]!,
    10 + 1.4 * d,
    10 + 1.4 * d,
    0.004,
    1.5,
  ]),
);
const loose = [
  ['guide.size', 'mm'],
  ['guide.carriageLength', 'mm'],
  ['guide.staticLoad', 'N'],
  ['guide.verticalStiffness', 'N/µm'],
  ['guide.lateralStiffness', 'N/µm'],
  ['guide.friction', ''],
  ['guide.seal', 'N'],
] as const;
const wheels = rows(loose, MEMORY, [
  [
    'wheel-small',
    'Polymer V-wheels 24 mm on 20 mm extrusion, four to a plate',
    18,
    20,
    65,
    250,
    1.2,
    1.2,
    0.04,
    0,
  ],
  [
    'wheel-40',
    'Polymer V-wheels 24 mm on 40 mm extrusion, four to a plate',
    22,
    40,
    85,
    300,
    1.5,
    1.5,
    0.04,
    0,
  ],
  ['wheel-steel', 'Steel V-wheels 30 mm on hardened edge', 48, 30, 95, 1500, 12, 10, 0.02, 1],
  ['wheel-steel-large', 'Steel V-wheels 45 mm on hardened edge', 80, 45, 130, 3000, 20, 16, 0.02, 1.5],
]);
const tubes = rows(loose, MEMORY, [
  ['tube-30', 'Ball bearings 22 mm on 30 mm tube, three around', 20, 30, 70, 800, 6, 6, 0.012, 0],
  ['tube-42', 'Ball bearings 22 mm on 42 mm tube, three around', 22, 42, 80, 900, 6, 6, 0.012, 0],
  ['tube-square-40', 'Ball bearings 22 mm on 40 mm square tube', 20, 40, 80, 900, 7, 7, 0.012, 0],
]);

const shown = [
  { path: 'guide.size', title: 'Size' },
  { path: 'guide.staticLoad', title: 'Rating C0' },
  { path: 'guide.dynamicLoad', title: 'Rating C' },
  { path: 'guide.carriageLength', title: 'Carriage' },
] as const;
const family = (id: string, name: string, kind: GuideKind, parts: readonly Part[]): Family => ({
  id,
  name,
  link: 'guide',
  root: 'guide',
  base: baseOf(kind),
  columns:
    kind === 'v-wheel' || kind === 'tube-bearing'
      ? shown.filter((c) => c.path !== 'guide.dynamicLoad')
      : shown,
  standard: ['guide.size'],
  forget: () => [],
  parts,
});

export const guideFamilies: readonly Family[] = [
  family('profile-rail', 'Profile rails', 'profile', profile),
  family('miniature-rail', 'Miniature rails', 'miniature', miniature),
  family('supported-rail', 'Supported round rails', 'supported-round', supported),
  family('round-rod', 'Round rods', 'round-rod', rods),
  family('wheel', 'V-wheels', 'v-wheel', wheels),
  family('tube-bearing', 'Bearings on tube', 'tube-bearing', tubes),
];
