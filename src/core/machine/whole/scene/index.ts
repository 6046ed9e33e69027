import type { Axis, Project } from '@/core/model';
import { metByPlates, platesOf } from '../../axis';
import { drivePieces, stackOf } from './drive-pieces';
import { beamPieces, bedPieces, columnPieces, tablePiece } from './frame-pieces';
import { cablePieces, guidePieces, platePiece } from './guide-pieces';
import { type Drawn, drawnGuide, type Lie, lieOf } from './lie';
import { type Plan, planOf } from './plan';
import { piece, type Scene, type SceneBox } from './scene';

export { type Extent, sweptBy } from './swept';
export {
  type Piece,
  pieces,
  type Place3,
  type PlannedAt,
  type Scene,
  type SceneBox,
  type Way,
} from './scene';

/** An axis that lies in its machine, and what is drawn of its guide. */
interface Laid {
  readonly lie: Lie;
  readonly drawn: Drawn;
}

const laid = (given: Omit<Lie, 'mounts'>, apart: number): Laid => {
  const lie = lieOf(given);
  return { lie, drawn: drawnGuide(lie.axis, lie.mounts, apart) };
};

const idsOf = (axes: readonly (Axis | undefined)[]) => axes.flatMap((a) => a?.id ?? []);

/** A drive under a bed stays so far below it, with its nut; m, as is usual. */
const UNDER_BED = 0.05;

/** Along the bed: rails on its two sides, carriages that take the beam or the table along. */
function lengthwiseOf(plan: Plan): Laid | undefined {
  const { project, lengthwise, stands, middle, travel, sides, arm, sizes } = plan;
  if (!lengthwise) return undefined;
  const [low, high] = [Math.min(...sides), Math.max(...sides)];
  return laid(
    {
      axis: lengthwise,
      plates: platesOf(lengthwise, metByPlates(lengthwise, project.axes)),
      origin: [stands ? middle - travel / 2 : middle, arm ? 0 : (low + high) / 2, 0],
      along: { way: 0, sign: 1 },
      across: { way: 1, sign: 1 },
      out: { way: 2, sign: 1 },
      stands: [],
      moves: [lengthwise.id],
      turned: false,
      // One drive between the sides of a portal runs under what is cut.
      sink: arm || stands ? 0 : sizes.bed[0] + UNDER_BED,
    },
    high - low,
  );
}

/** Along the beam: rails on its face, above one another. @param base of the columns. */
function gantryOf(plan: Plan, base: number): Laid | undefined {
  const { project, gantry, sizes, middle, cross, carrier } = plan;
  if (!gantry) return undefined;
  const sign = Math.sign(sizes.reach) < 0 ? -1 : 1;
  const apart = sizes.spacing || sizes.beam[0] * 0.7;
  return laid(
    {
      axis: gantry,
      plates: platesOf(gantry, metByPlates(gantry, project.axes)),
      origin: [middle + (sign * sizes.beam[1]) / 2, (sizes.beamLength - cross) / 2, base + sizes.height],
      along: { way: 1, sign: 1 },
      across: { way: 2, sign: 1 },
      out: { way: 0, sign },
      stands: idsOf(carrier),
      moves: idsOf([...carrier, gantry]),
      turned: false,
      sink: 0,
    },
    apart,
  );
}

/** Up and down, on the plate of the gantry: its carriages stand there, or its rails if a plate says so. */
function plungeOf(plan: Plan, base: number, gantry: Laid | undefined): Laid | undefined {
  const { project, plunge, sizes, cross, carrier, lift } = plan;
  if (!plunge) return undefined;
  const out = gantry?.lie.out ?? { way: 0, sign: 1 };
  const face = gantry
    ? gantry.lie.origin[0] + out.sign * stackOf(gantry.lie, gantry.drawn)
    : plan.middle + sizes.beam[1] / 2;
  const joins = gantry?.lie.plates.flatMap((p) => p.input.groups).find((g) => g.of === plunge.id)?.joins;
  // Where the gantry's plate does not say it, a plate that lies on its own axis's carriages moves with them.
  const own = plunge.fit.plates.some((p) =>
    p.groups.some((g) => p.kind === 'carriage' && g.joins === 'carriages' && g.of === ''),
  );
  const turned = joins ? joins !== 'rails' : !own;
  const up = base + sizes.height + (turned ? 0 : lift / 2);
  return laid(
    {
      axis: plunge,
      plates: platesOf(plunge, metByPlates(plunge, project.axes)),
      origin: [face, (sizes.beamLength - cross) / 2, up],
      along: { way: 2, sign: -1 },
      across: { way: 1, sign: 1 },
      out,
      stands: idsOf([...carrier, plan.gantry]),
      moves: idsOf([...carrier, plan.gantry, plunge]),
      turned,
      sink: 0,
    },
    0.1,
  );
}

/** Spindle or torch as it is usual, m. */
const SPINDLE = { diameter: 0.07, length: 0.18 } as const;
/** What of the tool looks out of it, and how thick that is drawn, m. */
const TIP = [0.012, 0.04] as const;

/** Spindle or torch, at the start of the travel: drawn up. @param base of the columns. */
function toolPieces(plan: Plan, base: number): SceneBox[] {
  const { project, sizes, middle, cross, lift, carrier, gantry, plunge } = plan;
  const { spindle } = project.passing;
  const [wide, long] = [spindle.diameter?.si ?? SPINDLE.diameter, spindle.length?.si ?? SPINDLE.length];
  const [x, y] = [middle + sizes.reach, (sizes.beamLength - cross) / 2];
  // The drop is that at full depth.
  const tip = base + sizes.height - sizes.drop + lift;
  const rides = idsOf([...carrier, gantry, plunge]);
  const planned = { axisId: null, part: 'tool' } as const;
  const common = { what: 'tool', planned, rides, round: 2 } as const;
  return [
    piece({
      ...common,
      id: 'head',
      at: [x, y, tip + TIP[1] + long / 2],
      size: [wide, wide, long],
      usual: !spindle.diameter || !spindle.length,
    }),
    piece({
      ...common,
      id: 'tip',
      at: [x, y, tip + TIP[1] / 2],
      size: [TIP[0], TIP[0], TIP[1]],
      usual: true,
    }),
  ];
}

/** Everything of one axis. */
const axisPieces = ({ lie, drawn }: Laid): SceneBox[] => [
  ...guidePieces(lie, drawn),
  ...drivePieces(lie, drawn),
  ...cablePieces(lie, drawn),
];

/**
 * The machine piece by piece, in true size as far as it is said, out of the same data as everything else: its
 * picture, its plain drawing and its general arrangement all come from here.
 */
export function sceneOf(project: Project): Scene {
  const plan = planOf(project);
  const { gantry, plunge, stands, arm, travel, cross, lift, lengthwise } = plan;
  const bed = lengthwiseOf(plan);
  const high = bed?.drawn.height ?? 0;
  // Columns stand on the carriages of a portal, on the plate of an arm's truck, or on the bed itself.
  const onPlate = bed !== undefined && arm;
  const base = stands || !bed ? 0 : onPlate ? stackOf(bed.lie, bed.drawn) : high;
  const beam = gantryOf(plan, base);
  const head = plungeOf(plan, base, beam);
  const laidOut = [bed, beam, head].filter((l) => l !== undefined);
  const boxes = [
    ...bedPieces(plan),
    tablePiece(plan, bed ? stackOf(bed.lie, bed.drawn) : 0.03),
    ...columnPieces(plan, base),
    ...beamPieces(plan, base),
    ...(onPlate || (bed && stands) ? [platePiece(bed.lie, bed.drawn)] : []),
    ...[beam, head].flatMap((l) => (l ? [platePiece(l.lie, l.drawn)] : [])),
    ...laidOut.flatMap(axisPieces),
    ...toolPieces(plan, base),
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
