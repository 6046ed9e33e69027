import { type Joint, type Part, partOfPiece } from '@/core/build';
import {
  circle,
  composed,
  type Drawing,
  type Ink,
  joined,
  line,
  type Point,
  type Shape,
} from '@/core/drawing';
import type { Scene, SceneBox } from '@/core/machine';
import type { Axis } from '@/core/model';
import { isometric, onPage } from './scene/faces';
import { painted } from './scene/order';
import { placeOf, type Positions, restingPositions } from './scene/place';
import { seenShapes } from './scene/shapes';

/** What comes off to reach a part, spread along the way that it comes off. */
export interface WayOffShown {
  readonly scene: Scene;
  readonly axes: readonly Axis[];
  readonly parts: readonly Part[];
  /** The part that is to be reached. */
  readonly target: string;
  /** What comes off, in that order. */
  readonly off: readonly string[];
  /** The joint whose screws are to be turned. */
  readonly joint: Joint | undefined;
  readonly nameOf: (part: string) => string;
}

/** From one part to the next as they are spread, m. */
const APART = 0.11;
/** What the part stands on is drawn while it is no larger than so many times the part. */
const MOST_LARGER = 8;
/** Paper units of the longer side. */
const LONG = 420;

/** Which way a part leaves: away from what it stands on, by the middles of their largest pieces. */
function wayOff(part: string, by: ReadonlyMap<string, readonly SceneBox[]>, parts: readonly Part[]) {
  const own = by.get(part)?.[0];
  const on = parts.find((p) => p.id === part)?.on.flatMap((id) => by.get(id) ?? [])[0];
  if (!own || !on) return [1, 0, 0] as const;
  // By the way in which the piece is thinnest against what it stands on.
  const off = own.at.map((v, i) => v - on.at[i]!);
  const gap = own.size.map((s, i) => Math.abs(off[i]!) - (s + on.size[i]!) / 2);
  const way = gap.indexOf(Math.max(...gap));
  return [0, 1, 2].map((i) => (i === way ? Math.sign(off[i]! || 1) : 0)) as unknown as readonly [
    number,
    number,
    number,
  ];
}

/** Where a screw's head is on the page, and the end of the line that looks out of it. */
function screwLines({ scene, joint }: WayOffShown, out: number): Shape[] {
  const positions = restingPositions(scene);
  return (joint?.fasteners ?? []).flatMap((f): Shape[] => {
    const at = shifted(f, scene, positions);
    const to = [...at];
    to[f.way]! += f.sign * out;
    const [from, end] = [onPage(at), onPage(to)];
    return [
      line('screws', from, end, { pen: { ink: 'blue', width: 2 } }),
      circle('screws', from, 0.0035, { pen: { ink: 'blue', width: 1 }, fill: 'panel' }),
    ];
  });
}

/** Where something that rides on axes is with the axes at rest. */
const shifted = (
  { at, rides }: Joint['fasteners'][number],
  { moves }: Scene,
  positions: Positions,
): number[] =>
  at.map((v, i) =>
    moves.reduce(
      (sum, m) => sum + (rides.includes(m.axisId) ? m.way[i]! * (positions[m.axisId] ?? 0) : 0),
      v,
    ),
  );

/** The middle of what a part shows on the page. */
function middleOf(shapes: readonly Shape[], layer: string): (Point & { readonly half: number }) | undefined {
  const points = shapes.flatMap((s) => (s.kind === 'outline' && s.layer === layer ? s.points : []));
  if (!points.length) return undefined;
  const mid = (list: readonly number[]) => (Math.min(...list) + Math.max(...list)) / 2;
  const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
  return { x: mid(xs), y: mid(ys), half: (Math.max(...xs) - Math.min(...xs)) / 2 };
}

/** The part, what it stands on, and what comes off; the first off stands furthest out. */
export function wayOffDrawing(shown: WayOffShown): Drawing | null {
  const { scene, axes, parts, target, off, nameOf } = shown;
  const by = new Map<string, SceneBox[]>();
  for (const box of scene.boxes) {
    const part = partOfPiece(box, axes);
    if (part) by.set(part, [...(by.get(part) ?? []), box]);
  }
  if (!by.has(target)) return null;
  // What is far larger than the part says nothing of where it is: a screw through the whole machine.
  const largest = (part: string) => Math.max(...by.get(part)!.flatMap((b) => b.size));
  const on = (parts.find((p) => p.id === target)?.on ?? []).filter(
    (p) => by.has(p) && largest(p) < MOST_LARGER * largest(target),
  );
  const positions = restingPositions(scene);
  const seenOf = (part: string) => {
    const n = off.indexOf(part);
    const way = wayOff(part, by, parts);
    const steps = n < 0 ? 0 : off.length - n;
    return by.get(part)!.map((box) => {
      const at = placeOf(box, scene, positions);
      return isometric(
        box,
        at.map((v, i) => v + way[i]! * APART * steps),
      );
    });
  };
  const layerOf = (box: SceneBox) => partOfPiece(box, axes) ?? box.id;
  const inkOf = (box: SceneBox): Ink | undefined =>
    layerOf(box) === target ? 'blue' : off.includes(layerOf(box)) ? 'amberWash' : undefined;
  const manner = { layerOf, marked: false, inkOf };
  const behind = [...on, ...off.filter((p) => by.has(p) && !on.includes(p))].flatMap(seenOf);
  // What is to be reached is drawn over what it hides behind: the picture is to show it.
  const shapes = [...seenShapes(painted(behind), manner), ...seenShapes(painted(seenOf(target)), manner)];
  const points = shapes.flatMap((s) => (s.kind === 'outline' ? s.points : []));
  const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
  const size = Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
  const scale = LONG / Math.max(size, 0.05);
  const labels = [target, ...off].flatMap((part, i) => {
    const at = middleOf(shapes, part);
    const text = i ? `${i} ${nameOf(part)}` : nameOf(part);
    const ink: Ink = i ? 'red' : 'blue';
    // Beside the part, not on it.
    return at ? [{ layer: 'names', text, at, size: 13, ink, bold: true, gap: at.half * scale + 10 }] : [];
  });
  return composed(joined({ shapes: [...shapes, ...screwLines(shown, 0.03)] }, { labels }), scale);
}
