import { type Axis, type Project, ridesAsPortal, type Section } from '@/core/model';

/**
 * A box of the machine, m: x along the bed, y along the beam, z up from the bed's top. `rides` names the axes
 * that move it.
 */
export interface SceneBox {
  readonly id: string;
  readonly what:
    'bed' | 'table' | 'support' | 'column' | 'beam' | 'saddle' | 'plunge' | 'tool' | 'motor' | 'prop';
  /** Middle with every axis at the start of its travel, and full sizes. */
  readonly at: readonly [number, number, number];
  readonly size: readonly [number, number, number];
  readonly round: boolean;
  readonly rides: readonly string[];
}

/** A machine as boxes, and how its axes move them. */
export interface Scene {
  readonly boxes: readonly SceneBox[];
  /** Direction and travel of every axis that moves something. */
  readonly moves: readonly {
    readonly axisId: string;
    readonly name: string;
    readonly letter: string;
    readonly way: readonly [number, number, number];
    readonly travel: number;
  }[];
  /** What it was drawn without: no structure is planned, so sizes are guessed from the travels. */
  readonly guessed: boolean;
}

const heightOf = (s: Section) => ('height' in s ? s.height.si : s.diameter.si);
const widthOf = (s: Section) => ('width' in s ? s.width.si : s.diameter.si);
const travelOf = (axis: Axis | undefined, otherwise: number) => axis?.demands.travel.si ?? otherwise;

interface Sizes {
  readonly beam: readonly [number, number];
  readonly beamLength: number;
  readonly spacing: number;
  readonly column: readonly [number, number];
  readonly height: number;
  readonly bed: readonly [number, number];
  readonly bedLength: number;
  readonly supports: number;
  readonly reach: number;
  readonly drop: number;
}

/** Sizes of the planned structure, or guesses from the travels. */
function sizesOf({ structure: s, axes }: Project): Sizes {
  const x = travelOf(
    axes.find((a) => a.role === 'bed' || a.role === 'table'),
    0.8,
  );
  const y = travelOf(
    axes.find((a) => a.role === 'gantry'),
    0.6,
  );
  if (!s)
    return {
      beam: [0.1, 0.08],
      beamLength: y + 0.25,
      spacing: 0,
      column: [0.16, 0.03],
      height: 0.25,
      bed: [0.1, 0.08],
      bedLength: x + 0.35,
      supports: 3,
      reach: 0.12,
      drop: 0.2,
    };
  return {
    beam: [heightOf(s.beam.section), widthOf(s.beam.section)],
    beamLength: s.beam.length.si,
    spacing: s.beam.spacing?.si ?? 0,
    column: [heightOf(s.column.section), widthOf(s.column.section)],
    height: s.column.height.si,
    bed: [heightOf(s.bed.section), widthOf(s.bed.section)],
    bedLength: s.bed.length.si,
    supports: s.bed.supports.si,
    reach: s.tool.reach.si,
    drop: s.tool.drop.si,
  };
}

/** Who is who on this machine, and where everything stands: m. */
interface Plan {
  readonly project: Project;
  readonly sizes: Sizes;
  readonly lengthwise: Axis | undefined;
  readonly gantry: Axis | undefined;
  readonly plunge: Axis | undefined;
  /** The gantry stands and the table moves. */
  readonly stands: boolean;
  readonly arm: boolean;
  readonly travel: number;
  readonly cross: number;
  readonly lift: number;
  /** Where the beam stands along the bed at the start of its travel. */
  readonly middle: number;
  /** Axes that move the beam. */
  readonly carrier: readonly (Axis | undefined)[];
  /** Sides along which the bed runs, and those at which the beam has a column; y. */
  readonly sides: readonly number[];
  readonly feet: readonly number[];
}

/** Guesses where no travel is given, m. */
const [TRAVEL, CROSS, LIFT] = [0.8, 0.6, 0.1];
/** Legs under the bed, m. */
const LEGS = 0.55;
/** A bar between the feet as it is drawn, and how far it stays below the bed, m. */
const BAR = 0.05;
const BAR_BELOW = 0.04;

function planOf(project: Project): Plan {
  const { arrangement } = project.brief;
  const sizes = sizesOf(project);
  const of = (role: Axis['role']) => project.axes.find((a) => a.role === role);
  const lengthwise = of('bed') ?? of('table');
  const [gantry, plunge] = [of('gantry'), of('plunge')];
  const stands = arrangement === 'moving-table' || arrangement === 'fixed-gantry';
  const arm = arrangement === 'cantilever';
  const travel = travelOf(lengthwise, TRAVEL);
  const spread = lengthwise?.guide.spacing?.si ?? 0.3;
  return {
    project,
    sizes,
    lengthwise,
    gantry,
    plunge,
    stands,
    arm,
    travel,
    cross: travelOf(gantry, CROSS),
    lift: travelOf(plunge, LIFT),
    middle: stands ? sizes.bedLength / 2 : (sizes.bedLength - travel) / 2,
    carrier: stands ? [] : [lengthwise],
    sides: arm ? [-spread / 2, spread / 2] : [0, sizes.beamLength],
    feet: arm ? [0] : [0, sizes.beamLength],
  };
}

const box = (
  what: SceneBox['what'],
  id: string,
  at: SceneBox['at'],
  size: SceneBox['size'],
  rides: readonly (Axis | undefined)[] = [],
  round = false,
): SceneBox => ({ what, id, at, size, round, rides: rides.flatMap((a) => a?.id ?? []) });

/** The two sides of the bed on their supports. */
function bedBoxes({ sizes, sides }: Plan): SceneBox[] {
  const [high, wide] = sizes.bed;
  const along = (n: number) => (sizes.bedLength - wide) * (n / Math.max(1, sizes.supports - 1));
  return sides.flatMap((y, i) => [
    box('bed', `bed-${i}`, [sizes.bedLength / 2, y, -high / 2], [sizes.bedLength, wide, high]),
    ...Array.from({ length: sizes.supports }, (_, n) =>
      box(
        'support',
        `support-${i}-${n}`,
        [wide / 2 + along(n), y, -high - LEGS / 2],
        [wide * 0.9, wide * 0.9, LEGS],
      ),
    ),
  ]);
}

/** What is cut lies between the sides, or beside the track of an arm; a table takes it along. */
function tableBox({ project, sizes, stands, arm, travel, cross, middle, lengthwise }: Plan): SceneBox {
  const { area } = project.brief;
  const long = area.length?.si ?? travel;
  const wide = Math.min((area.width?.si ?? cross) + 0.05, Math.max(0.1, sizes.beamLength - 0.08));
  const y = arm ? (sizes.beamLength - cross) / 2 + cross / 2 : sizes.beamLength / 2;
  const x = stands ? middle - travel / 2 : sizes.bedLength / 2;
  const z = stands ? 0.03 : -sizes.bed[0] / 2;
  const size = [stands ? long : Math.min(sizes.bedLength, long + 0.05), wide, 0.02] as const;
  return box('table', 'table', [x, y, z], size, stands ? [lengthwise] : []);
}

/** Columns, and posts on which the rails are lifted. */
function columnBoxes({ project, sizes, sides, feet, middle, carrier, lift }: Plan): SceneBox[] {
  const { arrangement } = project.brief;
  const half = sizes.beam[0] / 2 + sizes.spacing / 2;
  const rise = Math.max(0.02, sizes.height - half);
  // Posts on which a beam or the rails are lifted stand above what they lift.
  const above = arrangement === 'lifted-two' ? half + Math.max(0.25, lift + 0.1) : 0;
  const columns = feet.map((y, i) =>
    box(
      'column',
      `column-${i}`,
      [middle, y, (rise + above) / 2],
      [sizes.column[0], sizes.column[1], rise + above],
      carrier,
    ),
  );
  if (arrangement !== 'lifted-four') return columns;
  const wide = sizes.bed[1];
  const posts = [0, sizes.bedLength].flatMap((x) =>
    sides.map((y, i) =>
      box(
        'support',
        `post-${x ? 'far' : 'near'}-${i}`,
        [x, y + (i ? wide : -wide), -0.1],
        [wide, wide, 2 * (LEGS - 0.1)],
      ),
    ),
  );
  return [...columns, ...posts];
}

/** One beam or two, and what props the free end of an arm. */
function beamBoxes({ project, sizes, middle, carrier }: Plan): SceneBox[] {
  const [high, wide] = sizes.beam;
  const { beamLength, height, spacing, bedLength } = sizes;
  const offsets = spacing > 0 ? [spacing / 2, -spacing / 2] : [0];
  const beams = offsets.map((o, i) =>
    box('beam', `beam-${i}`, [middle, beamLength / 2, height + o], [wide, beamLength, high], carrier),
  );
  const bar = project.structure?.crossbar;
  if (bar && ridesAsPortal(project.brief.arrangement)) {
    const depth = sizes.bed[0] + BAR_BELOW;
    beams.push(box('beam', 'crossbar', [middle, beamLength / 2, -depth], [BAR, beamLength, BAR], carrier));
  }
  const prop = project.structure?.prop;
  if (!prop) return beams;
  const under = height - high / 2 - 0.03;
  return [...beams, box('prop', 'prop', [bedLength / 2, prop.at.si, under], [bedLength, 0.03, 0.03])];
}

/** Saddle, plunge axis and tool, at the start of their travel: the tool is drawn up. */
function headBoxes({ sizes, middle, cross, lift, carrier, gantry, plunge }: Plan): SceneBox[] {
  const [high, wide] = sizes.beam;
  const { reach, height, drop, spacing } = sizes;
  const y = (sizes.beamLength - cross) / 2;
  const out = Math.sign(reach) || 1;
  const off = out * (wide / 2 + 0.02);
  const [face, toolX, mid] = [middle + off, middle + reach, middle + (reach + off) / 2];
  const span = gantry?.guide.carriageSpan?.si ?? 0.15;
  const plate = Math.max(0.1, high);
  // The drop is that at full depth.
  const tip = height - drop + lift;
  const [rides, plunging] = [
    [...carrier, gantry],
    [...carrier, gantry, plunge],
  ];
  const deep = Math.max(0.02, Math.abs(toolX - face) - 0.03);
  return [
    box('saddle', 'saddle', [face, y, height], [0.02, span, Math.max(high + spacing, 0.12)], rides),
    box('plunge', 'plunge-plate', [mid, y, height + lift / 2], [deep, Math.min(span, 0.12), plate], plunging),
    box('tool', 'head', [toolX, y, tip + 0.13], [0.07, 0.07, 0.18], plunging, true),
    box('tool', 'tip', [toolX, y, tip + 0.02], [0.012, 0.012, 0.04], plunging, true),
    box('motor', 'plunge-motor', [mid, y, height + lift / 2 + plate / 2 + 0.05], [0.06, 0.06, 0.08], rides),
  ];
}

/** Motors of the beam and of the bed. */
function motorBoxes({ sizes, middle, arm, stands, feet, lengthwise, carrier }: Plan): SceneBox[] {
  const beside = [middle, arm ? -0.06 : -0.07, sizes.height] as const;
  const x = stands ? -0.05 : middle - sizes.column[0] / 2 - 0.04;
  const driven = lengthwise ? (lengthwise.drive.sets === 2 ? feet : feet.slice(0, 1)) : [];
  return [
    box('motor', 'gantry-motor', beside, [0.06, 0.09, 0.06], carrier),
    ...driven.map((y, i) =>
      box('motor', `bed-motor-${i}`, [x, y, stands ? 0 : 0.05], [0.08, 0.06, 0.06], carrier),
    ),
  ];
}

/**
 * The machine as boxes, out of the same data as everything else: its picture and its plain drawing both come
 * from here.
 */
export function sceneOf(project: Project): Scene {
  const plan = planOf(project);
  const { lengthwise, gantry, plunge, travel, cross, lift } = plan;
  const boxes = [
    ...bedBoxes(plan),
    tableBox(plan),
    ...columnBoxes(plan),
    ...beamBoxes(plan),
    ...headBoxes(plan),
    ...motorBoxes(plan),
  ];
  const moves = (
    [
      [lengthwise, [1, 0, 0], travel],
      [gantry, [0, 1, 0], cross],
      [plunge, [0, 0, -1], lift],
    ] as const
  ).flatMap(([axis, way, length]) =>
    axis ? [{ axisId: axis.id, name: axis.name, letter: axis.letter, way, travel: length }] : [],
  );
  return { boxes, moves, guessed: !project.structure };
}
