import type { Axis, Project, Section } from '@/core/model';

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

/**
 * The machine as boxes, out of the same data as everything else: its picture and its plain drawing both come
 * from here.
 */
export function sceneOf(project: Project): Scene {
  const { arrangement } = project.brief;
  const sizes = sizesOf(project);
  const [bed, table, gantry, plunge] = (['bed', 'table', 'gantry', 'plunge'] as const).map((role) =>
    project.axes.find((a) => a.role === role),
  );
  const stands = arrangement === 'moving-table' || arrangement === 'fixed-gantry';
  const arm = arrangement === 'cantilever';
  const lengthwise = bed ?? table;
  const travel = travelOf(lengthwise, 0.8);
  const cross = travelOf(gantry, 0.6);
  const boxes: SceneBox[] = [];
  const add = (
    what: SceneBox['what'],
    id: string,
    at: SceneBox['at'],
    size: SceneBox['size'],
    rides: readonly (Axis | undefined)[] = [],
    round = false,
  ) => boxes.push({ what, id, at, size, round, rides: rides.flatMap((a) => a?.id ?? []) });
  const [bedH, bedW] = sizes.bed;
  const [beamH, beamW] = sizes.beam;
  const legs = 0.55;
  const spread = arm ? (lengthwise?.guide.spacing?.si ?? 0.3) : sizes.beamLength;
  const sides = arm ? [-spread / 2, spread / 2] : [0, sizes.beamLength];
  const middle = stands ? sizes.bedLength / 2 : (sizes.bedLength - travel) / 2;
  sides.forEach((y, i) => {
    add('bed', `bed-${i}`, [sizes.bedLength / 2, y, -bedH / 2], [sizes.bedLength, bedW, bedH]);
    for (let n = 0; n < sizes.supports; n++)
      add(
        'support',
        `support-${i}-${n}`,
        [bedW / 2 + ((sizes.bedLength - bedW) * n) / Math.max(1, sizes.supports - 1), y, -bedH - legs / 2],
        [bedW * 0.9, bedW * 0.9, legs],
      );
  });
  // What is cut lies between the sides, or beside the track of an arm; a table takes it along.
  const work = project.brief.area;
  const workX = work.length?.si ?? travel;
  const workY = work.width?.si ?? cross;
  const tableLength = stands ? workX : Math.min(sizes.bedLength, workX + 0.05);
  const tableY = arm ? (sizes.beamLength - cross) / 2 + cross / 2 : sizes.beamLength / 2;
  add(
    'table',
    'table',
    [stands ? middle - travel / 2 : sizes.bedLength / 2, tableY, stands ? 0.03 : -bedH / 2],
    [tableLength, Math.min(workY + 0.05, Math.max(0.1, sizes.beamLength - 0.08)), 0.02],
    stands ? [lengthwise] : [],
  );

  const carrier = stands ? [] : [lengthwise];
  const beamZ = sizes.height;
  const foot = arm ? [0] : [0, sizes.beamLength];
  const rise = Math.max(0.02, beamZ - beamH / 2 - sizes.spacing / 2);
  // Posts on which a beam or the rails are lifted stand above what they lift.
  const above =
    arrangement === 'lifted-two'
      ? beamH / 2 + sizes.spacing / 2 + Math.max(0.25, travelOf(plunge, 0.1) + 0.1)
      : 0;
  foot.forEach((y, i) =>
    add(
      'column',
      `column-${i}`,
      [middle, y, (rise + above) / 2],
      [sizes.column[0], sizes.column[1], rise + above],
      carrier,
    ),
  );
  if (arrangement === 'lifted-four')
    for (const x of [0, sizes.bedLength])
      sides.forEach((y, i) =>
        add(
          'support',
          `post-${x ? 'far' : 'near'}-${i}`,
          [x, y + (i ? bedW : -bedW), -0.1],
          [bedW, bedW, 2 * (legs - 0.1)],
        ),
      );
  const offsets = sizes.spacing > 0 ? [sizes.spacing / 2, -sizes.spacing / 2] : [0];
  offsets.forEach((o, i) =>
    add(
      'beam',
      `beam-${i}`,
      [middle, sizes.beamLength / 2, beamZ + o],
      [beamW, sizes.beamLength, beamH],
      carrier,
    ),
  );
  const prop = project.structure?.prop;
  if (prop)
    add(
      'prop',
      'prop',
      [sizes.bedLength / 2, prop.at.si, beamZ - beamH / 2 - 0.03],
      [sizes.bedLength, 0.03, 0.03],
    );

  const y0 = (sizes.beamLength - cross) / 2;
  const out = Math.sign(sizes.reach) || 1;
  const face = middle + out * (beamW / 2 + 0.02);
  const span = gantry?.guide.carriageSpan?.si ?? 0.15;
  add(
    'saddle',
    'saddle',
    [face, y0, beamZ],
    [0.02, span, Math.max(beamH + sizes.spacing, 0.12)],
    [...carrier, gantry],
  );
  const lift = travelOf(plunge, 0.1);
  // The tool is drawn up; the drop is that at full depth.
  const tip = beamZ - sizes.drop + lift;
  const toolX = middle + sizes.reach;
  const mid = middle + (sizes.reach + out * (beamW / 2 + 0.02)) / 2;
  add(
    'plunge',
    'plunge-plate',
    [mid, y0, beamZ + lift / 2],
    [Math.max(0.02, Math.abs(toolX - face) - 0.03), Math.min(span, 0.12), Math.max(0.1, beamH)],
    [...carrier, gantry, plunge],
  );
  add('tool', 'head', [toolX, y0, tip + 0.13], [0.07, 0.07, 0.18], [...carrier, gantry, plunge], true);
  add('tool', 'tip', [toolX, y0, tip + 0.02], [0.012, 0.012, 0.04], [...carrier, gantry, plunge], true);
  add(
    'motor',
    'plunge-motor',
    [mid, y0, beamZ + lift / 2 + Math.max(0.1, beamH) / 2 + 0.05],
    [0.06, 0.06, 0.08],
    [...carrier, gantry],
  );
  add('motor', 'gantry-motor', [middle, arm ? -0.06 : -0.07, beamZ], [0.06, 0.09, 0.06], carrier);
  if (lengthwise)
    for (const [i, y] of (lengthwise.drive.sets === 2 ? foot : [foot[0]!]).entries())
      add(
        'motor',
        `bed-motor-${i}`,
        [stands ? -0.05 : middle - sizes.column[0] / 2 - 0.04, y, stands ? 0 : 0.05],
        [0.08, 0.06, 0.06],
        carrier,
      );

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
