/** One entity of a DXF file, as far as plates need it; figures in the file's own unit, angles in rad. */
export interface DxfEntity {
  readonly type: string;
  readonly vertices: readonly { readonly x?: number; readonly y?: number; readonly bulge?: number }[];
  /** Whether a polyline is closed. */
  readonly shape: boolean;
  readonly centre?: { readonly x?: number; readonly y?: number };
  readonly radius?: number;
  readonly startAngle?: number;
  readonly endAngle?: number;
}

interface Pair {
  readonly code: number;
  readonly value: string;
}

/** Most entities that are read of a file. */
const MOST = 100_000;

/** Pairs of a group code and a value, as far as the file is made of them. */
function pairsOf(text: string): Pair[] {
  const lines = text.split(/\r\n|\r|\n/);
  const pairs: Pair[] = [];
  for (let i = 0; i + 1 < lines.length; i += 2) {
    const code = Number(lines[i]!.trim());
    if (!Number.isInteger(code) || lines[i]!.trim() === '') break;
    pairs.push({ code, value: lines[i + 1]!.trim() });
  }
  return pairs;
}

/** The pairs of each thing that begins with code 0. */
function thingsOf(pairs: readonly Pair[]): { readonly type: string; readonly pairs: Pair[] }[] {
  const things: { type: string; pairs: Pair[] }[] = [];
  for (const pair of pairs) {
    if (pair.code === 0) things.push({ type: pair.value.toUpperCase(), pairs: [] });
    else things.at(-1)?.pairs.push(pair);
  }
  return things;
}

const numberOf = (pairs: readonly Pair[], code: number): number | undefined => {
  const found = pairs.find((p) => p.code === code)?.value;
  return found === undefined || found === '' || !Number.isFinite(Number(found)) ? undefined : Number(found);
};
const flag = (pairs: readonly Pair[], code: number) => numberOf(pairs, code) ?? 0;
const RADIANS = Math.PI / 180;

type Corner = DxfEntity['vertices'][number];

const corner = (pairs: readonly Pair[], x: number, y: number): Corner => {
  const [cx, cy, bulge] = [numberOf(pairs, x), numberOf(pairs, y), numberOf(pairs, 42)];
  return {
    ...(cx === undefined ? {} : { x: cx }),
    ...(cy === undefined ? {} : { y: cy }),
    ...(bulge === undefined ? {} : { bulge }),
  };
};

/** Corners of a light polyline: each begins with its x. */
function lightCorners(pairs: readonly Pair[]): Corner[] {
  const starts = pairs.flatMap((p, i) => (p.code === 10 ? [i] : []));
  return starts.map((from, i) => corner(pairs.slice(from, starts[i + 1] ?? pairs.length), 10, 20));
}

function entityOf(type: string, pairs: readonly Pair[], corners: readonly Corner[]): DxfEntity {
  const plain = { type, vertices: corners, shape: (flag(pairs, 70) & 1) === 1 };
  if (type === 'LINE') return { ...plain, vertices: [corner(pairs, 10, 20), corner(pairs, 11, 21)] };
  if (type === 'LWPOLYLINE') return { ...plain, vertices: lightCorners(pairs) };
  if (type !== 'CIRCLE' && type !== 'ARC') return plain;
  const { bulge: _none, ...centre } = corner(pairs, 10, 20);
  const radius = numberOf(pairs, 40);
  const [from, to] = [numberOf(pairs, 50), numberOf(pairs, 51)];
  return {
    ...plain,
    centre,
    ...(radius === undefined ? {} : { radius }),
    ...(from === undefined ? {} : { startAngle: from * RADIANS }),
    ...(to === undefined ? {} : { endAngle: to * RADIANS }),
  };
}

const READ = new Set(['LINE', 'ARC', 'CIRCLE', 'LWPOLYLINE', 'POLYLINE']);

/**
 * Lines, arcs, circles and polylines of a DXF file, and the number of its unit. A file that breaks off or is
 * spoilt gives what can be read of it: nothing here waits for an end that may not come.
 */
export function readDxf(text: string): { readonly entities: readonly DxfEntity[]; readonly unit?: number } {
  const pairs = pairsOf(text);
  const named = pairs.findIndex((p) => p.code === 9 && p.value === '$INSUNITS');
  const unit = named < 0 ? undefined : numberOf(pairs.slice(named, named + 3), 70);
  const from = pairs.findIndex((p) => p.code === 2 && p.value.toUpperCase() === 'ENTITIES');
  if (from < 0) return { entities: [] };
  const entities: DxfEntity[] = [];
  const things = thingsOf(pairs.slice(from + 1));
  for (let i = 0; i < things.length && entities.length < MOST; i++) {
    const { type, pairs: own } = things[i]!;
    if (type === 'ENDSEC') break;
    if (!READ.has(type)) continue;
    const corners: Corner[] = [];
    // The corners of an old polyline are things of their own behind it.
    if (type === 'POLYLINE')
      while (things[i + 1]?.type === 'VERTEX') corners.push(corner(things[++i]!.pairs, 10, 20));
    entities.push(entityOf(type, own, corners));
  }
  return { entities, ...(unit === undefined ? {} : { unit }) };
}
