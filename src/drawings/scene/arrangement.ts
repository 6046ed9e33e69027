import {
  type Box,
  boundsOf,
  composed,
  type Drawing,
  joined,
  moved,
  outline,
  type Pen,
  plain,
  type Plain,
  rect,
  type Shape,
} from '@/core/drawing';
import { type Extent, type Scene, type SceneBox, sweptBy } from '@/core/machine';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { isometric, type Look, projected, type Turned } from './faces';
import { painted } from './order';
import { placeOf, type Positions } from './place';
import { byDepth, seenShapes } from './shapes';

/** A machine in three views on one sheet. */
export interface ArrangementShown {
  readonly scene: Scene;
  readonly positions: Positions;
  readonly system: UnitSystem;
  /** Room for the views on the sheet, mm. */
  readonly room: { readonly width: number; readonly height: number };
}

/** A general arrangement, and to which scale it is drawn: so many to one. */
export interface Arrangement {
  readonly drawing: Drawing;
  readonly ratio: number;
}

/**
 * Metric sheets lay their views out by the first angle (a view lies on the far side of what it shows), inch
 * sheets by the third: as drawing offices on either side of the ocean do (ISO 5456-2, ASME Y14.3).
 */
type Angle = 'first' | 'third';

const front: Look = { right: [1, 1], up: [2, 1], near: [0, 1] };
const plan: Look = { right: [1, 1], up: [0, -1], near: [2, 1] };
const side: Record<Angle, Look> = {
  first: { right: [0, 1], up: [2, 1], near: [1, -1] },
  third: { right: [0, -1], up: [2, 1], near: [1, 1] },
};

/** Scales of the drawing office (ISO 5455) with some between, and those by halves that inch sheets use. */
const ratios: Record<UnitSystem, readonly number[]> = {
  metric: [1, 2, 5, 10, 15, 20, 25, 30, 40, 50, 100],
  imperial: [1, 2, 4, 8, 12, 16, 24, 32, 48, 96],
};

/** Paper units in a millimetre, and those between two views. */
const UNIT = 96 / 25.4;
const BETWEEN = 22;
const swept: Pen = { ink: 'soft', width: 0.7, dash: 'dotted' };
const noted = { layer: 'notes', size: 11.5, ink: 'soft', gap: 0 } as const;

const lowOf = ({ low, high }: Extent, [way, sign]: Turned) => (sign > 0 ? low[way] : -high[way]);
const highOf = ({ low, high }: Extent, [way, sign]: Turned) => (sign > 0 ? high[way] : -low[way]);

/** A dimension of a view: of some pieces together, or over all; over or under it, left or right of it. */
interface Asked {
  readonly along: 'x' | 'y';
  readonly side: 1 | -1;
  readonly ids?: readonly string[];
  readonly name: string;
}

interface View {
  readonly look: Look;
  readonly name: string;
  readonly asked: readonly Asked[];
}

interface Sheet extends ArrangementShown {
  readonly all: Extent;
  readonly scale: number;
  readonly paper: (units: number) => number;
  readonly say: (m: number) => string;
}

/** What a view measures of pieces, from and to; undefined where they are not there. */
function spanOf({ scene, positions, all }: Sheet, [way, sign]: Turned, ids: readonly string[] | undefined) {
  if (!ids) return [lowOf(all, [way, sign]), highOf(all, [way, sign])] as const;
  const ends = scene.boxes
    .filter((b) => ids.includes(b.id))
    .flatMap((b) =>
      [-1, 1].map((side) => sign * placeOf(b, scene, positions)[way] + (side * b.size[way]) / 2),
    );
  return ends.length ? ([Math.min(...ends), Math.max(...ends)] as const) : undefined;
}

/** One view with its dimensions about it, where the machine's least corner is the origin; plain shapes. */
function viewOf(sheet: Sheet, { look, name, asked }: View): readonly Shape[] {
  const { scene, positions, all, paper, say, scale } = sheet;
  const [x0, y0] = [lowOf(all, look.right), lowOf(all, look.up)];
  const [wide, tall] = [highOf(all, look.right) - x0, highOf(all, look.up) - y0];
  const seen = scene.boxes.map((box) => projected(box, placeOf(box, scene, positions), look));
  const manner = { layerOf: (box: SceneBox) => box.what, marked: true };
  const bodies = seenShapes(byDepth(seen), manner).map((s) => moved(s, { x: -x0, y: -y0 }));
  const dimensions = asked.flatMap(({ along, side, ids, name: what }) => {
    const span = spanOf(sheet, along === 'x' ? look.right : look.up, ids);
    if (!span) return [];
    const [from, to] = span.map((m) => m - (along === 'x' ? x0 : y0)) as [number, number];
    const edge = along === 'x' ? (side > 0 ? tall : 0) : side > 0 ? wide : 0;
    const at = (m: number) => (along === 'x' ? { x: m, y: edge } : { x: edge, y: m });
    const text = `${what} ${say(to - from)}`;
    return [{ layer: 'dimensions', along, side, from: at(from), to: at(to), text }];
  });
  const parts = joined(
    { shapes: [rect('travel', 0, 0, wide, tall, { pen: swept }), ...bodies] },
    { labels: [{ ...noted, text: name, at: { x: 0, y: tall + paper(9) } }], dimensions },
  );
  return plain(composed(parts, scale)).shapes;
}

const columns = ['column-0', 'column-1'];
const overAll = { name: 'over all' } as const;

/** The three views, each with what it is dimensioned by. */
const viewsBy = (angle: Angle): Record<'front' | 'plan' | 'side', View> => ({
  front: {
    look: front,
    name: 'front',
    asked: [
      { along: 'x', side: -1, ids: columns, name: 'columns' },
      { along: 'x', side: -1, ...overAll },
      { along: 'y', side: -1, ids: ['bed-0', 'beam-0'], name: 'bed and beam' },
      { along: 'y', side: -1, ...overAll },
    ],
  },
  plan: {
    look: plan,
    name: 'plan',
    asked: [
      { along: 'x', side: -1, ids: ['table'], name: 'table' },
      { along: 'y', side: -1, ids: ['table'], name: 'table' },
    ],
  },
  side: {
    look: side[angle],
    name: angle === 'first' ? 'from the left' : 'from the right',
    asked: [
      { along: 'x', side: -1, ids: ['bed-0'], name: 'bed' },
      { along: 'x', side: -1, ...overAll },
    ],
  },
});

/** The sign of the angle: a cut cone, seen from its side and from its end. */
function angleSign(angle: Angle, x: number, y: number, paper: (units: number) => number): Plain[] {
  const pen: Pen = { ink: 'ink', width: 0.8 };
  const [r, small, long] = [paper(9), paper(4.5), paper(20)];
  const cone = [
    { x, y: y - small },
    { x: x + long, y: y - r },
    { x: x + long, y: y + r },
    { x, y: y + small },
  ];
  // Seen from its narrow end: by the first angle that view lies on the far side, at the wide end.
  const centre = { x: angle === 'first' ? x + long + paper(16) : x - paper(16), y };
  const ring = (radius: number): Plain => ({ kind: 'circle', layer: 'notes', centre, radius, pen });
  return [outline('notes', cone, { pen }), ring(r), ring(small)];
}

/** The machine seen from its corner, as large as the room in the free corner of the sheet; not to scale. */
function pictureIn({ scene, positions }: ArrangementShown, room: Box): readonly Shape[] {
  const seen = painted(scene.boxes.map((box) => isometric(box, placeOf(box, scene, positions))));
  const shapes = seenShapes(seen, { layerOf: (box) => box.what, marked: false });
  const box = boundsOf({ scale: 1e9, shapes });
  const k = Math.min((room.x1 - room.x0) / (box.x1 - box.x0), (room.y1 - room.y0) / (box.y1 - box.y0));
  if (!(k > 0)) return [];
  const by = {
    x: (room.x0 + room.x1 - k * (box.x0 + box.x1)) / 2,
    y: (room.y0 + room.y1 - k * (box.y0 + box.y1)) / 2,
  };
  return shapes.map((shape) =>
    shape.kind === 'outline'
      ? { ...shape, points: shape.points.map((p) => ({ ...p, x: by.x + k * p.x, y: by.y + k * p.y })) }
      : shape,
  );
}

function drawn(shown: ArrangementShown, ratio: number): Drawing {
  const { scene, system } = shown;
  const scale = (1000 / ratio) * UNIT;
  const paper = (units: number) => units / scale;
  const say = (m: number) => formatQuantity('length', m, system, 4).text;
  const sheet: Sheet = { ...shown, all: sweptBy(scene), scale, paper, say };
  const angle: Angle = system === 'metric' ? 'first' : 'third';
  const views = viewsBy(angle);
  const [fore, above, beside] = [views.front, views.plan, views.side].map((v) => viewOf(sheet, v));
  const boxOf = (shapes: readonly Shape[]) => boundsOf({ scale, shapes });
  const [f, p, s] = [boxOf(fore!), boxOf(above!), boxOf(beside!)];
  const air = paper(BETWEEN);
  // Places of the machine's corner in each view: in line with that of the front.
  const planY = angle === 'first' ? f.y0 - air - p.y1 : f.y1 + air - p.y0;
  const sideX = f.x1 + air - s.x0;
  const noteY = angle === 'first' ? s.y0 - air : s.y1 + air + paper(72);
  const at = { x: sideX, y: noteY - paper(16) };
  const corner: Box = {
    x0: sideX + s.x0,
    x1: sideX + s.x1,
    y0: angle === 'first' ? planY + p.y0 : noteY + air,
    y1: angle === 'first' ? noteY - paper(90) : planY + p.y1,
  };
  const travels = scene.moves.map((m) => `${m.letter} ${say(m.travel)}`).join(', ');
  const note = (text: string, x: number, y: number): Plain => ({
    kind: 'text',
    layer: 'notes',
    at: { x, y },
    text,
    size: 11.5,
    anchor: 'start',
    ink: 'soft',
  });
  const shapes = [
    ...fore!,
    ...above!.map((shape) => moved(shape, { x: 0, y: planY })),
    ...beside!.map((shape) => moved(shape, { x: sideX, y: 0 })),
    ...pictureIn(shown, corner),
    ...angleSign(angle, at.x + paper(30), at.y, paper),
    note(`1 : ${formatNumber(ratio, 3)}`, at.x + paper(84), at.y - paper(4)),
    note(`travel ${travels}`, at.x, at.y - paper(30)),
    note('dotted: what it sweeps; broken: drawn as is usual', at.x, at.y - paper(48)),
  ];
  return { scale, shapes };
}

/** The machine in three views with its dimensions, to the largest usual scale at which it fits the room. */
export function arrangementDrawing(shown: ArrangementShown): Arrangement {
  const { system, room } = shown;
  const list = ratios[system];
  for (const ratio of list) {
    const drawing = drawn(shown, ratio);
    const box = boundsOf(drawing);
    const mm = (m: number) => (m * drawing.scale) / UNIT;
    const last = ratio === list.at(-1);
    if (last || (mm(box.x1 - box.x0) <= room.width && mm(box.y1 - box.y0) <= room.height))
      return { drawing, ratio };
  }
  throw new Error('a list of scales is empty');
}
