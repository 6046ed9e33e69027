import type { Point } from '@/core/drawing';
import type { SceneBox } from '@/core/machine';

/** A face of a piece on the page: m, y up, and how dark it lies. */
export interface Face {
  readonly points: readonly Point[];
  readonly shade: number;
  /** A hole, drawn over the face that it goes through. */
  readonly hole?: boolean;
}

/** A piece as it is seen: its faces, how near it is, and the room that it takes. */
export interface Seen {
  readonly box: SceneBox;
  readonly faces: readonly Face[];
  readonly depth: number;
  readonly low: readonly number[];
  readonly high: readonly number[];
}

type Place3 = readonly number[];

const ends = (box: SceneBox, at: Place3) => ({
  low: at.map((v, i) => v - box.size[i]! / 2),
  high: at.map((v, i) => v + box.size[i]! / 2),
});

const COS = Math.cos(Math.PI / 6);
/** Isometric, seen from the front right: x comes near to the left, y to the right, z up. */
const iso = ([x, y, z]: Place3): Point => ({ x: (y! - x!) * COS, y: z! - (x! + y!) / 2 });

/** A place as it is seen. */
export const onPage: (at: Place3) => Point = iso;

/** Corners of a round thing on the page. */
const ROUND = 24;

/** The two directions across one. */
const across = (way: number) => [0, 1, 2].filter((i) => i !== way) as [number, number];

/** A ring in space about a place, across a direction. */
function ring(at: Place3, way: number, radius: number): Place3[] {
  const [a, b] = across(way);
  return Array.from({ length: ROUND }, (_, n) => {
    const t = (2 * Math.PI * n) / ROUND;
    const point = [...at];
    point[a] = at[a]! + radius * Math.cos(t);
    point[b] = at[b]! + radius * Math.sin(t);
    return point;
  });
}

const moved = (at: Place3, way: number, by: number): Place3 => at.map((v, i) => (i === way ? v + by : v));

/** The outermost points of a set, counter-clockwise (Andrew's chain). */
function hull(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((p, q) => p.x - q.x || p.y - q.y);
  const turn = (o: Point, p: Point, q: Point) => (p.x - o.x) * (q.y - o.y) - (p.y - o.y) * (q.x - o.x);
  const half = (list: readonly Point[]) => {
    const kept: Point[] = [];
    for (const p of list) {
      while (kept.length > 1 && turn(kept.at(-2)!, kept.at(-1)!, p) <= 0) kept.pop();
      kept.push(p);
    }
    return kept.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

/** A shaft, a spindle: its outline, and the end that is seen. */
function roundFaces(box: SceneBox, at: Place3, way: number): Face[] {
  const radius = box.size[across(way)[0]]! / 2;
  const half = box.size[way]! / 2;
  const near = ring(moved(at, way, half), way, radius).map(iso);
  const far = ring(moved(at, way, -half), way, radius).map(iso);
  return [
    { points: hull([...near, ...far]), shade: 0.15 },
    { points: near, shade: way === 2 ? 0 : 0.1 },
  ];
}

/** Holes on the face that is seen. */
const holeFaces = ({ holes, size }: SceneBox, at: Place3): Face[] =>
  (holes?.list ?? []).map((h) => {
    const middle = at.map((v, i) => v + h.at[i]!);
    const face = moved(middle, holes!.way, size[holes!.way]! / 2);
    return { points: ring(face, holes!.way, h.diameter / 2).map(iso), shade: 0, hole: true };
  });

/** A piece seen from +x, +y and above: those three faces show. */
export function isometric(box: SceneBox, at: Place3): Seen {
  const [a, b, c] = box.size.map((v) => v / 2) as [number, number, number];
  const corner = (i: number, j: number, k: number) => iso([at[0]! + i * a, at[1]! + j * b, at[2]! + k * c]);
  const flat: Face[] = [
    { points: [corner(-1, -1, 1), corner(1, -1, 1), corner(1, 1, 1), corner(-1, 1, 1)], shade: 0 },
    { points: [corner(1, -1, 1), corner(1, 1, 1), corner(1, 1, -1), corner(1, -1, -1)], shade: 0.1 },
    { points: [corner(-1, 1, 1), corner(1, 1, 1), corner(1, 1, -1), corner(-1, 1, -1)], shade: 0.2 },
  ];
  const faces = box.round === null ? flat : roundFaces(box, at, box.round);
  return { box, depth: at[0]! + at[1]! + at[2]!, ...ends(box, at), faces: [...faces, ...holeFaces(box, at)] };
}

/** A direction of the machine and its sense. */
export type Turned = readonly [way: 0 | 1 | 2, sign: 1 | -1];

/** What runs to the right, what up the page, and what towards who looks. */
export interface Look {
  readonly right: Turned;
  readonly up: Turned;
  readonly near: Turned;
}

/** A piece looked at square on. */
export function projected(box: SceneBox, at: Place3, { right, up, near }: Look): Seen {
  const middle: Point = { x: right[1] * at[right[0]]!, y: up[1] * at[up[0]]! };
  const [w, h] = [box.size[right[0]]! / 2, box.size[up[0]]! / 2];
  const circle = ({ x, y }: Point, radius: number): Point[] =>
    Array.from({ length: ROUND }, (_, n) => {
      const t = (2 * Math.PI * n) / ROUND;
      return { x: x + radius * Math.cos(t), y: y + radius * Math.sin(t) };
    });
  const corners = [
    { x: middle.x - w, y: middle.y - h },
    { x: middle.x + w, y: middle.y - h },
    { x: middle.x + w, y: middle.y + h },
    { x: middle.x - w, y: middle.y + h },
  ];
  const { holes } = box;
  const seen = holes?.way === near[0] ? holes.list : [];
  return {
    box,
    depth: near[1] * at[near[0]]! + box.size[near[0]]! / 2,
    ...ends(box, at),
    faces: [
      { points: box.round === near[0] ? circle(middle, w) : corners, shade: 0 },
      ...seen.map((hole) => {
        const x = middle.x + right[1] * hole.at[right[0]];
        const y = middle.y + up[1] * hole.at[up[0]];
        return { points: circle({ x, y }, hole.diameter / 2), shade: 0, hole: true };
      }),
    ],
  };
}
