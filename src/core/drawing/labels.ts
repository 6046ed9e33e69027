import { flattened } from './arc';
import { type Box, boxOf, grown, inside, overlap, shapeBox, textBox, union } from './box';
import { type Ink, line, type Outline, type Plain, type Point, type Text } from './shapes';

export type Side = 'right' | 'left' | 'above' | 'below';

/** A text that belongs to a place, and may stand on any side of it. */
export interface Label {
  readonly layer: string;
  readonly text: string;
  readonly at: Point;
  /** Sides in the order in which they are tried; the others follow. */
  readonly prefer?: readonly Side[];
  /** Paper units. */
  readonly size?: number;
  /** How far from its place it stands at least, paper units. */
  readonly gap?: number;
  readonly ink?: Ink;
  readonly bold?: boolean;
  readonly title?: string;
}

/** What labels keep clear of. */
export interface Taken {
  /** Never covered: other texts. */
  readonly texts: readonly Box[];
  /** Not covered where there is room elsewhere: lines and bodies. */
  readonly things: readonly Box[];
}

/** Where a label may stand, and how far its text is then from its own place, paper units. */
interface Place {
  readonly text: Text;
  readonly distance: number;
}

const SIZE = 11;
const GAP = 5;
/** Air about a text, paper units. */
const AIR = 3;
/** Distances that are tried, beyond the label's own. */
const STEPS = [0, 6, 12, 20, 30, 42, 56];
/** From here on a thin line leads from the place to its label. */
const LEADER = 14;
const ALL: readonly Side[] = ['right', 'left', 'above', 'below'];

function standing(label: Label, side: Side, distance: number, k: number): Text {
  const size = label.size ?? SIZE;
  const d = ((label.gap ?? GAP) + distance) * k;
  const level = label.at.y - 0.26 * size * k;
  const place = {
    right: { at: { x: label.at.x + d, y: level }, anchor: 'start' },
    left: { at: { x: label.at.x - d, y: level }, anchor: 'end' },
    above: { at: { x: label.at.x, y: label.at.y + d + 0.24 * size * k }, anchor: 'middle' },
    below: { at: { x: label.at.x, y: label.at.y - d - 0.76 * size * k }, anchor: 'middle' },
  } as const;
  const { layer, text, ink = 'soft', bold, title } = label;
  return {
    kind: 'text',
    layer,
    text,
    size,
    ink,
    ...place[side],
    ...(bold ? { bold } : {}),
    ...(title ? { title } : {}),
  };
}

const clamp = (v: number, low: number, high: number) => Math.min(Math.max(v, low), high);
/** The point of a box that is nearest to a place. */
const nearest = (at: Point, box: Box): Point => ({
  x: clamp(at.x, box.x0, box.x1),
  y: clamp(at.y, box.y0, box.y1),
});
/** A text as a place for a label. */
function placeOf(label: Label, text: Text, scale: number): Place {
  const to = nearest(label.at, textBox(text, scale));
  return { text, distance: Math.hypot(to.x - label.at.x, to.y - label.at.y) * scale };
}

/** How much farther away a text may stand rather than on a less liked side, or slid along it; paper units. */
const RANK = 2;
const SLID = 1;

/** Places about a label's own, the nearest first. */
function about(label: Label, scale: number): Place[] {
  const k = 1 / scale;
  const sides = [...(label.prefer ?? []), ...ALL.filter((s) => !label.prefer?.includes(s))];
  const found = STEPS.flatMap((distance) =>
    sides.flatMap((side, rank) => {
      const straight = standing(label, side, distance, k);
      // Slid along its side, so that two neighbours can part.
      const size = straight.size * k;
      const [sx, sy] = side === 'right' || side === 'left' ? [0, size] : [2 * size, 0];
      return [0, 1, -1].map((slid) => {
        const at = { x: straight.at.x + slid * sx, y: straight.at.y + slid * sy };
        const place = placeOf(label, { ...straight, at }, scale);
        return { place, cost: place.distance + RANK * rank + SLID * Math.abs(slid) };
      });
    }),
  );
  return found.sort((a, b) => a.cost - b.cost).map((f) => f.place);
}

/** Rows below everything, for what finds no room: there is always another row. */
function* below(label: Label, bottom: number, scale: number): Generator<Place> {
  const k = 1 / scale;
  const first = standing(label, 'below', 0, k);
  for (let row = 1; ; row++) {
    const y = bottom - row * 1.3 * first.size * k;
    yield { text: { ...first, at: { x: first.at.x, y } }, distance: 0 };
  }
}

/** Places all over a room, the nearest to the label's own first. */
function over(label: Label, room: Box, scale: number): Place[] {
  const first = standing(label, 'right', 0, 1 / scale);
  const step = first.size / scale;
  const found: Place[] = [];
  for (let y = room.y0 + step / 2; y < room.y1; y += step)
    for (let x = room.x0; x < room.x1; x += step)
      found.push(placeOf(label, { ...first, at: { x, y } }, scale));
  return found.sort((a, b) => a.distance - b.distance);
}

/** A thin line from a label's place to the nearest point of its text. */
const leader = (label: Label, box: Box): Outline =>
  line(label.layer, label.at, nearest(label.at, box), { pen: { ink: 'soft', width: 0.6 } });

/**
 * Puts labels beside their places so that no text ever covers another, and none a line or a body where
 * there is room elsewhere. Earlier labels are placed first.
 *
 * @param scale paper units per metre. @param room what they must stay inside of; left out, a drawing grows.
 * @returns texts, and the lines that lead to those that stand far off. A label for which a room has no
 * place at
 *   all is left out.
 */
export function placeLabels(
  labels: readonly Label[],
  taken: Taken,
  scale: number,
  room?: Box,
): (Text | Plain)[] {
  const texts = [...taken.texts];
  const ground = [...taken.texts, ...taken.things];
  const bottom = ground.length ? union(ground).y0 : 0;
  const free = (box: Box, others: readonly Box[]) =>
    (!room || inside(box, room)) && !others.some((other) => overlap(box, other));
  return labels.flatMap((label) => {
    /** The first place that is free, with the line that leads to it where it stands far off. */
    const find = (places: Iterable<Place>, others: readonly Box[], led = true) => {
      for (const { text, distance } of places) {
        const box = grown(textBox(text, scale), AIR / scale);
        if (!free(box, others)) continue;
        const way = led && distance > LEADER ? [leader(label, box)] : [];
        // A line to a label strikes through no other.
        if (way.some((l) => groundOf(l, scale).some((piece) => texts.some((t) => overlap(piece, t)))))
          continue;
        texts.push(box);
        return [...way, text];
      }
      return undefined;
    };
    const [clear, near] = [[...texts, ...taken.things], about(label, scale)];
    const found = find(near, clear);
    if (found) return found;
    const far = room ? over(label, room, scale) : [];
    return (
      find(far, clear) ??
      find(near, texts) ??
      (room ? (find(far, texts) ?? find(far, texts, false)) : find(below(label, bottom, scale), texts)) ??
      []
    );
  });
}

/** How finely slanting lines are cut to say what ground they take, paper units. */
const PIECE = 8;

/** The ground of a line, cut so finely that what it passes by is not taken for what it covers. */
function groundOf(shape: Outline, scale: number): Box[] {
  const half = (shape.pen?.width ?? 1) / 2 / scale;
  const open = flattened(shape);
  const points = shape.closed ? [...open, open[0]!] : open;
  return points.slice(1).flatMap((b, i) => {
    const a = points[i]!;
    const slants = a.x !== b.x && a.y !== b.y;
    const n = slants ? Math.ceil((Math.hypot(b.x - a.x, b.y - a.y) * scale) / PIECE) : 1;
    const on = (u: number) => ({ x: a.x + (b.x - a.x) * u, y: a.y + (b.y - a.y) * u });
    return Array.from({ length: n }, (_, j) => grown(boxOf([on(j / n), on((j + 1) / n)]), half));
  });
}

/** The ground that shapes take, for labels to keep clear of. */
export function takenBy(shapes: readonly Plain[], scale: number): Taken {
  const texts: Box[] = [];
  const things: Box[] = [];
  for (const shape of shapes) {
    if (shape.kind === 'text') texts.push(shapeBox(shape, scale));
    else if (shape.kind === 'circle' || (shape.closed && shape.fill)) things.push(shapeBox(shape, scale));
    else things.push(...groundOf(shape, scale));
  }
  return { texts, things };
}
