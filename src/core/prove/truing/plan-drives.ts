import type { Axis } from '@/core/model';
import { BELT_SHARE, CHAIN_SAG, GOOD_RUNOUT, GOOD_SCREW, MESH_PLAY } from './good';
import { methodsOf, type SheetPlan } from './sheet';

const sheet = (
  axis: Axis,
  kind: 'screw' | 'mesh' | 'belt' | 'chain' | 'runout',
  more: Partial<SheetPlan>,
): SheetPlan => ({
  key: `${kind}:${axis.id}`,
  kind,
  axis: axis.id,
  methods: methodsOf[kind],
  places: [],
  bolts: [],
  usualBolts: false,
  reference: null,
  good: { value: null, from: 'unknown' },
  cautions: ['power-off', 'fingers'],
  sizes: {},
  ...more,
});

/** Screw beside its rail: three places, each read in two planes. */
function screwSheets(axis: Axis): SheetPlan[] {
  const travel = axis.demands.travel.si;
  const xs = [0, travel / 2, travel];
  const line = sheet(axis, 'screw', {
    places: [0, 1].flatMap((y) => xs.map((x) => ({ x, y }))),
    bolts: [
      { x: 0, y: 0 },
      { x: travel, y: 0 },
    ],
    good: GOOD_SCREW,
    sizes: { travel },
  });
  return axis.coupling ? [line, runoutSheet(axis)] : [line];
}

/** Both places of a shaft: by the coupling, and a little further. */
const runoutSheet = (axis: Axis): SheetPlan =>
  sheet(axis, 'runout', {
    places: [
      { x: 0, y: 0 },
      { x: 0.05, y: 0 },
    ],
    good: GOOD_RUNOUT,
    sizes: { apart: 0.05 },
  });

/** A rack: every third of two pinion turns, then along its length. */
function meshSheet(axis: Axis): SheetPlan[] {
  const { drive, demands } = axis;
  if (drive.kind !== 'rack') return [];
  const turn = (Math.PI * drive.teeth.si * drive.module.si) / Math.cos(drive.helixAngle.si);
  const travel = demands.travel.si;
  const near = [0, 1, 2, 3, 4, 5, 6].map((i) => (i * turn) / 3);
  const rest = Math.max(0, Math.floor((travel - 2 * turn) / 0.2));
  const far = Array.from({ length: Math.min(rest, 40) }, (_, i) => 2 * turn + (i + 1) * 0.2);
  const xs = [...near, ...far].filter((x) => x <= travel);
  return [
    sheet(axis, 'mesh', {
      places: xs.map((x) => ({ x, y: 0 })),
      good: { value: (MESH_PLAY.most - MESH_PLAY.least) / 2, from: 'practice' },
      sizes: { turn, pressure: drive.pressureAngle.si, helix: drive.helixAngle.si },
    }),
  ];
}

/** Weights that are at hand, kg, and how far one may press a span in, by its length; common practice. */
const WEIGHTS = [0.1, 0.2, 0.5, 1, 2, 5, 10] as const;
const GIVE = 1 / 75;
const GRAVITY = 9.80665;

/** Force of the weight that presses a span of such a pull in by about a seventy-fifth, N. */
function weightFor(pull: number): number {
  const wanted = (4 * pull * GIVE) / GRAVITY;
  const off = (kg: number) => Math.abs(Math.log(kg / Math.max(wanted, 1e-3)));
  return GRAVITY * WEIGHTS.reduce((best, kg) => (off(kg) < off(best) ? kg : best));
}

function beltSheet(axis: Axis): SheetPlan[] {
  const { drive } = axis;
  if (drive.kind === 'belt')
    return [
      sheet(axis, 'belt', {
        places: Array.from({ length: drive.sets }, (_, i) => ({ x: 0, y: i })),
        good: { value: BELT_SHARE * drive.pretension.si, from: 'plan' },
        sizes: {
          span: drive.centreDistance.si,
          mass: drive.lineMass.si,
          pull: drive.pretension.si,
          weight: weightFor(drive.pretension.si),
        },
      }),
    ];
  if (drive.kind !== 'chain') return [];
  const span = drive.centreDistance.si;
  return [
    sheet(axis, 'chain', {
      places: Array.from({ length: drive.sets }, (_, i) => ({ x: span / 2, y: i })),
      good: { value: ((CHAIN_SAG.most - CHAIN_SAG.least) / 2) * span, from: 'practice' },
      sizes: { span, mass: drive.lineMass.si },
    }),
  ];
}

/** What is trued at the drive of an axis, after its rails. */
export const driveSheets = (axis: Axis): SheetPlan[] =>
  axis.drive.kind === 'screw' ? screwSheets(axis) : [...meshSheet(axis), ...beltSheet(axis)];
