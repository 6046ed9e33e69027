import {
  boundsOf,
  type Drawing,
  type Ink,
  line,
  outline,
  type Pen,
  type Point as Place,
  type Shape,
} from '@/core/drawing';
import type { Scene, SceneBox } from '@/core/machine';
import { formatQuantity, type UnitSystem } from '@/core/units';

export type ViewId = 'orbit' | 'front' | 'plan' | 'side';

/** Where each axis stands, m from the start of its travel, by id. */
export type Positions = Readonly<Record<string, number>>;

/** The middle of a box with the axes where they stand. */
export function placeOf(box: SceneBox, { moves }: Scene, positions: Positions): [number, number, number] {
  const at: [number, number, number] = [...box.at];
  for (const m of moves)
    if (box.rides.includes(m.axisId))
      for (let i = 0; i < 3; i++) at[i]! += m.way[i]! * (positions[m.axisId] ?? 0);
  return at;
}

/** Every axis in the middle of its travel, the plunge axis a little down. */
export const restingPositions = ({ moves }: Scene): Positions =>
  Object.fromEntries(moves.map((m) => [m.axisId, m.travel * (m.way[2] ? 0.3 : 0.5)]));

/** What every kind of box is painted with. */
export const boxInks: Readonly<Record<SceneBox['what'], Ink>> = {
  bed: 'steel',
  support: 'steel',
  table: 'panel',
  column: 'panel',
  beam: 'blueWash',
  saddle: 'blue',
  plunge: 'panel',
  tool: 'ink',
  motor: 'amberWash',
  prop: 'steel',
};

type Point = readonly [number, number];
interface Face {
  readonly points: readonly Point[];
  readonly shade: number;
}
interface Drawn {
  readonly box: SceneBox;
  readonly faces: readonly Face[];
  readonly depth: number;
  readonly low: readonly number[];
  readonly high: readonly number[];
}

const ends = (box: SceneBox, at: readonly number[]) => ({
  low: at.map((v, i) => v - box.size[i]! / 2),
  high: at.map((v, i) => v + box.size[i]! / 2),
});

/** What two of a box's three measures differ by: along the view none of it changes. */
const PAIRS = [
  [0, 1],
  [1, 2],
  [0, 2],
] as const;

/** Whether two boxes cover one another on the page, seen along x = y = z. */
const meets = (a: Drawn, b: Drawn): boolean =>
  PAIRS.every(
    ([i, j]) =>
      a.low[i]! - a.high[j]! < b.high[i]! - b.low[j]! - 1e-9 &&
      b.low[i]! - b.high[j]! < a.high[i]! - a.low[j]! - 1e-9,
  );

/** Whether a box that covers another on the page stands wholly behind it, seen from large x, y and z. */
const behind = (a: Drawn, b: Drawn): boolean =>
  meets(a, b) &&
  [0, 1, 2].some((i) => a.high[i]! <= b.low[i]! + 1e-9) &&
  ![0, 1, 2].some((i) => b.high[i]! <= a.low[i]! + 1e-9);

/**
 * Boxes in the order in which they are painted: each after all that stand behind it. Sorting by one figure
 * would paint a long table over a beam that stands on its near half.
 */
function painted(list: readonly Drawn[]): Drawn[] {
  const rest = [...list].sort((a, b) => a.depth - b.depth);
  const order: Drawn[] = [];
  const state = new Map<Drawn, 'open' | 'done'>();
  const visit = (d: Drawn) => {
    if (state.has(d)) return; // Done, or a ring of boxes that overlap: the first order stands.
    state.set(d, 'open');
    for (const other of rest) if (other !== d && behind(other, d)) visit(other);
    state.set(d, 'done');
    order.push(d);
  };
  rest.forEach(visit);
  return order;
}

const COS = Math.cos(Math.PI / 6);
/** Isometric, seen from the front right: x goes away to the left, y to the right, z up. */
const iso = (x: number, y: number, z: number): Point => [(y - x) * COS, (x + y) / 2 - z];

function isometric(box: SceneBox, [x, y, z]: readonly number[]): Drawn {
  const [a, b, c] = box.size.map((v) => v / 2) as [number, number, number];
  const corner = (i: number, j: number, k: number) => iso(x! + i * a, y! + j * b, z! + k * c);
  // Seen from +x, +y and above: those three faces show.
  return {
    box,
    depth: x! + y! + z!,
    ...ends(box, [x!, y!, z!]),
    faces: [
      { points: [corner(-1, -1, 1), corner(1, -1, 1), corner(1, 1, 1), corner(-1, 1, 1)], shade: 0 },
      { points: [corner(1, -1, 1), corner(1, 1, 1), corner(1, 1, -1), corner(1, -1, -1)], shade: 0.1 },
      { points: [corner(-1, 1, 1), corner(1, 1, 1), corner(1, 1, -1), corner(-1, 1, -1)], shade: 0.2 },
    ],
  };
}

/**
 * Index of the axis that runs to the right and of the one that runs up the page, and of the one that is
 * looked along.
 */
const flat: Record<Exclude<ViewId, 'orbit'>, readonly [number, number, number, 1 | -1]> = {
  front: [1, 2, 0, 1],
  plan: [0, 1, 2, 1],
  side: [0, 2, 1, -1],
};

function projected(box: SceneBox, at: readonly number[], view: Exclude<ViewId, 'orbit'>): Drawn {
  const [right, up, deep, sign] = flat[view];
  const [x, y] = [at[right]!, -at[up]!];
  const [w, h] = [box.size[right]! / 2, box.size[up]! / 2];
  return {
    box,
    depth: sign * (at[deep]! + box.size[deep]! / 2),
    ...ends(box, at),
    faces: [
      {
        points: [
          [x - w, y - h],
          [x + w, y - h],
          [x + w, y + h],
          [x - w, y + h],
        ],
        shade: 0,
      },
    ],
  };
}

/** Paper units that the longer side of a machine takes. */
const LONG = 460;

/** A round length, at most so large a part of the width. */
const barOf = (width: number): number => [0.1, 0.2, 0.5, 1, 2].filter((v) => v < width * 0.4).at(-1) ?? 0.1;

/** A bar that says how long a round length is on the drawing, under it. */
function measuringBar({ x0, x1, y0 }: { x0: number; x1: number; y0: number }, scale: number, text: string) {
  const bar = barOf(x1 - x0);
  const k = 1 / scale;
  const y = y0 - 16 * k;
  const pen: Pen = { ink: 'ink', width: 0.9 };
  const tick = (x: number) => line('notes', { x, y: y - 4 * k }, { x, y: y + 4 * k }, { pen });
  const shapes: Shape[] = [
    line('notes', { x: x0, y }, { x: x0 + bar, y }, { pen }),
    tick(x0),
    tick(x0 + bar),
    {
      kind: 'text',
      layer: 'notes',
      at: { x: x0 + bar + 8 * k, y: y - 4 * k },
      text,
      size: 13,
      anchor: 'start',
      ink: 'soft',
    },
  ];
  return shapes;
}

/**
 * The machine drawn from its boxes: isometric or square on, lengths and heights to one scale.
 * @param bare without a measuring bar.
 */
export function sceneDrawing(
  scene: Scene,
  positions: Positions,
  view: ViewId,
  system: UnitSystem,
  bare: boolean,
): Drawing {
  const boxes = scene.boxes.map((box) => {
    const at = placeOf(box, scene, positions);
    return view === 'orbit' ? isometric(box, at) : projected(box, at, view);
  });
  const drawn = view === 'orbit' ? painted(boxes) : boxes.sort((a, b) => a.depth - b.depth);
  const pen: Pen = { ink: 'ink', width: 0.7 };
  // The faces run down the page; a drawing's y runs up.
  const corners = (face: Face): Place[] => face.points.map(([x, y]) => ({ x, y: -y }));
  const shapes = drawn.flatMap(({ box, faces }) => [
    ...faces.map((face) => outline(box.what, corners(face), { pen, fill: boxInks[box.what] })),
    ...faces
      .filter((face) => face.shade > 0)
      .map((face) => outline(box.what, corners(face), { fill: 'ink', opacity: face.shade })),
  ]);
  const ground = boundsOf({ scale: 1e9, shapes });
  const scale = LONG / Math.max(ground.x1 - ground.x0, ground.y1 - ground.y0);
  const bar = barOf(ground.x1 - ground.x0);
  const text = formatQuantity('length', bar, system, 4).text;
  return { scale, shapes: bare ? shapes : [...shapes, ...measuringBar(ground, scale, text)] };
}
