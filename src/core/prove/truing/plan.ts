import type { Arrangement, Project, Role } from '@/core/model';
import { driveSheets } from './plan-drives';
import type { Parts } from './plan-parts';
import { postSheets, stepSheet } from './plan-posts';
import { railLength, railSheets } from './plan-rails';
import { goodLength, goodSlope, goodSquare } from './good';
import { methodsOf, type SheetPlan } from './sheet';

/** Screws of an arm’s root, one behind the other, m; common practice, no source. */
const ROOT = 0.12;
/** Radius of a swing that most spindles can make, m; common practice, no source. */
export const SWING = 0.1;

/** Upper to lower screws of a spindle’s or plunge axis’s plate, m; common practice, no source. */
export const USUAL_MOUNT = 0.15;

const plain = { bolts: [], usualBolts: false, reference: null, cautions: [], sizes: {} } as const;

/** Corners of a rectangle, in the order of the ring. */
const ring = (length: number, width: number) => [
  { x: 0, y: 0 },
  { x: length, y: 0 },
  { x: length, y: width },
  { x: 0, y: width },
];

/** Frame level and without twist: everything stands on it. */
function frameSheet({ project, area, long }: Parts): SheetPlan {
  const length = project.structure?.bed.length.si ?? (long ? railLength(long) : area.length);
  const width = long?.guide.spacing?.si ?? area.width;
  const corners = ring(length, width);
  return {
    ...plain,
    key: 'frame',
    kind: 'corners',
    axis: null,
    methods: methodsOf.corners,
    places: corners,
    bolts: corners,
    good: goodLength(project),
    cautions: ['lift', 'fingers'],
    sizes: { length, width },
  };
}

/** Both ends of the gantry over the table, near and far. */
function feetSheet({ project, area }: Parts, key: string, reference: string): SheetPlan {
  const { length, width } = area;
  return {
    ...plain,
    key,
    kind: 'ends',
    axis: null,
    methods: methodsOf.ends,
    places: [
      { x: 0, y: 0 },
      { x: 0, y: width },
      { x: length, y: 0 },
      { x: length, y: width },
    ],
    bolts: [
      { x: 0, y: 0 },
      { x: 0, y: width },
    ],
    reference,
    good: goodLength(project),
    cautions: ['prop', 'fingers', 'shim-edge'],
    sizes: { span: width, length, feet: project.structure?.beam.length.si ?? width },
  };
}

function squareSheet({ project, cross, area, long }: Parts, reference: string): SheetPlan {
  const a = long?.demands.travel.si ?? area.length;
  const b = cross?.demands.travel.si ?? area.width;
  // As large a rectangle as the tool reaches, its sides not too unlike.
  const side = Math.min(a, 1.5 * b);
  return {
    ...plain,
    key: 'square',
    kind: 'square',
    axis: cross?.id ?? null,
    methods: methodsOf.square,
    places: ring(side, b),
    reference,
    good: goodSquare(project, cross),
    cautions: ['prop', 'fingers'],
    sizes: { along: side, across: b, span: long?.guide.spacing?.si ?? b, sets: long?.drive.sets ?? 1 },
  };
}

function plungeSheet({ project, plunge, area }: Parts): SheetPlan[] {
  if (!plunge) return [];
  const height = Math.max(0.05, plunge.demands.travel.si);
  const spot = (x: number, y: number) => ({ x, y });
  return [
    {
      ...plain,
      key: 'plunge',
      kind: 'lean',
      axis: plunge.id,
      methods: methodsOf.lean,
      // Down and up against the blade, across the machine and along it.
      places: [spot(0, 0), spot(0, height), spot(1, 0), spot(1, height)],
      reference: 'cross/height',
      good: goodSlope(project, height),
      cautions: ['prop', 'fingers'],
      sizes: { height, mount: USUAL_MOUNT, width: area.width },
    },
  ];
}

const tableSheets = ({ project, area, plunge }: Parts): SheetPlan[] => {
  const { length, width } = area;
  const spots = [0, 0.5, 1].flatMap((x) => [0, 0.5, 1].map((y) => ({ x: x * length, y: y * width })));
  const tools: SheetPlan[] = [
    {
      ...plain,
      key: 'table',
      kind: 'flat',
      axis: null,
      methods: methodsOf.flat,
      places: spots,
      reference: 'cross/height',
      good: goodLength(project),
      cautions: ['dust', 'power-off'],
      sizes: { length, width },
    },
  ];
  if (!plunge || !project.brief.cuts.some((c) => c.kind === 'mill')) return tools;
  return [
    ...tools,
    {
      ...plain,
      key: 'tram',
      kind: 'tram',
      axis: plunge.id,
      methods: methodsOf.tram,
      places: [
        { x: SWING, y: 0 },
        { x: 0, y: SWING },
        { x: -SWING, y: 0 },
        { x: 0, y: -SWING },
      ],
      reference: 'table',
      good: goodSlope(project, 2 * SWING),
      cautions: ['power-off', 'prop'],
      sizes: { radius: SWING, mount: USUAL_MOUNT, width },
    },
  ];
};

const droopSheet = ({ project, cross, area }: Parts): SheetPlan => ({
  ...plain,
  key: 'arm/droop',
  kind: 'droop',
  axis: cross?.id ?? null,
  methods: methodsOf.droop,
  places: [0.25, 0.5, 0.75, 1].map((t) => ({ x: t * (cross?.demands.travel.si ?? area.width), y: 0 })),
  bolts: [
    { x: -ROOT, y: 0 },
    { x: 0, y: 0 },
  ],
  usualBolts: true,
  reference: 'rail-a/height',
  good: goodLength(project),
  cautions: ['prop', 'lift'],
  sizes: { reach: cross?.demands.travel.si ?? area.width },
});

/** Steps of an arrangement, before drives, table and tram; each stands on those before it. */
const bodies: Readonly<Record<Arrangement, (p: Parts) => SheetPlan[]>> = {
  'moving-gantry': (p) => portal(p),
  // Posts that run along the bed stand on its rails; posts that lift the rails come before them.
  'lifted-two': (p) => [...rails(p), ...postSheets(p, 2), stepSheet(p, 2), ...gantry(p)],
  'lifted-four': (p) => [...postSheets(p, 4), stepSheet(p, 4), ...rails(p), ...gantry(p)],
  'moving-table': (p) => portal(p),
  cantilever: (p) => [...rails(p), ...crossRails(p), squareSheet(p, 'rail-a/side'), droopSheet(p)],
  'fixed-gantry': (p) => [...rails(p), ...crossRails(p), squareSheet(p, 'rail-a/side')],
};

const rails = ({ project, long }: Parts): SheetPlan[] =>
  long ? railSheets(project, long, { first: 'rail-a', second: 'rail-b' }, 'frame') : [];

const crossRails = ({ project, cross }: Parts): SheetPlan[] =>
  cross ? railSheets(project, cross, { first: 'cross', second: 'cross-b' }, 'feet') : [];

/** Rails of the bed, the gantry on them, its own rails, square: what moves along the bed comes first. */
const portal = (p: Parts): SheetPlan[] => [...rails(p), ...gantry(p)];

const gantry = (p: Parts): SheetPlan[] => [
  feetSheet(p, 'feet', 'rail-b/height'),
  ...crossRails(p),
  squareSheet(p, 'rail-a/side'),
];

/**
 * What is trued up on a machine, in the order in which each step may trust those before it.
 */
export function truingPlan(project: Project): readonly SheetPlan[] {
  const { axes, brief } = project;
  const of = (role: Role) => axes.find((a) => a.role === role);
  const long = of('bed') ?? of('table');
  const cross = of('gantry');
  const area = {
    length: brief.area.length?.si ?? long?.demands.travel.si ?? 1,
    width: brief.area.width?.si ?? cross?.demands.travel.si ?? 1,
  };
  const parts: Parts = { project, of, long, cross, plunge: of('plunge'), area };
  return [
    frameSheet(parts),
    ...bodies[brief.arrangement](parts),
    ...plungeSheet(parts),
    ...axes.flatMap(driveSheets),
    ...tableSheets(parts),
  ];
}
