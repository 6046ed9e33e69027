import { boxOf, flattened, type Vertex } from '@/core/drawing';
import { type DxfEntity as Entity, readDxf } from './dxf-read';

/** A hole that was drawn, m. */
export interface DrawnHole {
  readonly x: number;
  readonly y: number;
  readonly diameter: number;
}

/** An outline out of a DXF file, its lower left corner at 0; or why there is none. */
export type DxfOutline =
  | {
      readonly ok: true;
      readonly outline: readonly Vertex[];
      readonly holes: readonly DrawnHole[];
      /** What its figures were taken as: what the file says, or millimetres where it says nothing. */
      readonly unit: 'mm' | 'inch' | 'm' | 'assumed-mm';
    }
  | { readonly ok: false; readonly why: 'too-large' | 'not-dxf' | 'no-outline' | 'too-many' | 'too-wide' };

/** Largest file that is read, characters; most corners of an outline, and how wide it may be, m. */
const MOST_TEXT = 5_000_000;
const MOST_CORNERS = 2000;
const MOST_WIDE = 12;
/** How far the ends of two pieces may lie apart and still meet, of the file's own unit. */
const MEETS = 1e-3;

const finite = (v: number | undefined): v is number => v !== undefined && Number.isFinite(v);

/** Corners of an entity that is a line of any kind; none where a figure of it is missing. */
function cornersOf({ vertices = [] }: Entity): Vertex[] {
  const corners = vertices.flatMap(({ x, y, bulge = 0 }) =>
    finite(x) && finite(y) && finite(bulge) ? [{ x, y, bulge }] : [],
  );
  return corners.length === vertices.length ? corners : [];
}

const apart = (a: Vertex, b: Vertex) => Math.hypot(a.x - b.x, a.y - b.y);

/** A closed polyline as its corners; none where it is open. */
function closedCorners(entity: Entity): Vertex[] {
  const corners = cornersOf(entity);
  if (corners.length < 3) return [];
  const meets = apart(corners[0]!, corners[corners.length - 1]!) < MEETS;
  if (meets) return corners.slice(0, -1);
  return entity.shape ? corners : [];
}

type Piece = readonly [from: Vertex, to: Vertex];

/** A line or an arc as a piece from corner to corner. */
function pieceOf(entity: Entity): Piece[] {
  const { type, centre, radius, startAngle, endAngle } = entity;
  if (type === 'LINE') {
    const [a, b] = cornersOf(entity);
    return a && b ? [[a, b]] : [];
  }
  const { x, y } = centre ?? {};
  if (type !== 'ARC' || !finite(x) || !finite(y) || !finite(radius)) return [];
  if (!finite(startAngle) || !finite(endAngle)) return [];
  const turn = 2 * Math.PI;
  const sweep = (((endAngle - startAngle) % turn) + turn) % turn || turn;
  const on = (angle: number) => ({ x: x + radius * Math.cos(angle), y: y + radius * Math.sin(angle) });
  return [[{ ...on(startAngle), bulge: Math.tan(sweep / 4) }, on(endAngle)]];
}

const turned = ([from, to]: Piece): Piece => [
  { ...to, bulge: -(from.bulge ?? 0) },
  { x: from.x, y: from.y },
];

/** Pieces joined end to end as far as they meet; the corners of those that come round. */
function loopsOf(pieces: readonly Piece[]): Vertex[][] {
  const left = [...pieces];
  const loops: Vertex[][] = [];
  while (left.length) {
    const chain: Piece[] = [left.shift()!];
    for (let found = true; found;) {
      const end = chain[chain.length - 1]![1];
      const at = left.findIndex(([a, b]) => apart(a, end) < MEETS || apart(b, end) < MEETS);
      found = at >= 0;
      if (!found) break;
      const [piece] = left.splice(at, 1) as [Piece];
      chain.push(apart(piece[0], end) < MEETS ? piece : turned(piece));
    }
    const closed = apart(chain[0]![0], chain[chain.length - 1]![1]) < MEETS;
    if (closed && chain.length > 1) loops.push(chain.map(([from]) => from));
  }
  return loops;
}

/** Ground that corners enclose, arcs taken in pieces. */
function areaOf(corners: readonly Vertex[]): number {
  const points = flattened({ points: corners, closed: true });
  return Math.abs(
    points.reduce((sum, p, i) => {
      const q = points[(i + 1) % points.length]!;
      return sum + p.x * q.y - q.x * p.y;
    }, 0) / 2,
  );
}

/** Units by the number that a file gives them, and what one of them is in m. */
const UNITS: Readonly<Record<number, readonly ['inch' | 'mm' | 'm', number]>> = {
  1: ['inch', 0.0254],
  4: ['mm', 1e-3],
  6: ['m', 1],
};

/**
 * The outline of a plate and its holes out of a DXF file: the largest closed line in it, of polylines or of
 * lines and arcs that meet, and every circle.
 */
export function readDxfOutline(text: string): DxfOutline {
  if (text.length > MOST_TEXT) return { ok: false, why: 'too-large' };
  const { entities, unit: said } = readDxf(text);
  if (!entities.length) return { ok: false, why: 'not-dxf' };
  const [unit, metres] = UNITS[said ?? NaN] ?? (['assumed-mm', 1e-3] as const);
  const polylines = entities.filter((e) => e.type === 'POLYLINE' || e.type === 'LWPOLYLINE');
  const loops = [...polylines.map(closedCorners), ...loopsOf(entities.flatMap(pieceOf))].filter(
    (l) => l.length >= 2,
  );
  if (!loops.length) return { ok: false, why: 'no-outline' };
  const largest = loops.reduce((a, b) => (areaOf(b) > areaOf(a) ? b : a));
  if (!(areaOf(largest) > 0)) return { ok: false, why: 'no-outline' };
  if (largest.length > MOST_CORNERS) return { ok: false, why: 'too-many' };
  const box = boxOf(flattened({ points: largest, closed: true }));
  if (Math.max(box.x1 - box.x0, box.y1 - box.y0) * metres > MOST_WIDE) return { ok: false, why: 'too-wide' };
  const onto = (x: number, y: number) => ({ x: (x - box.x0) * metres, y: (y - box.y0) * metres });
  const holes = entities.flatMap(({ type, centre, radius }): DrawnHole[] =>
    type === 'CIRCLE' && finite(centre?.x) && finite(centre?.y) && finite(radius) && radius > 0
      ? [{ ...onto(centre.x, centre.y), diameter: 2 * radius * metres }]
      : [],
  );
  const outline = largest.map(({ x, y, bulge = 0 }) => ({ ...onto(x, y), bulge }));
  return { ok: true, outline, holes, unit };
}
