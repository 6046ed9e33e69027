import {
  boreDepth,
  type Face,
  type Footprint,
  type Pattern,
  patternPlaces,
  type Place,
  placedAt,
  type PlateHole,
  type ScrewLength,
  screwFor,
  servesMirrored,
  standardLengths,
  sunkHead,
  type Thread,
  threadNamed,
} from '@/core/fit';
import type { Axis, PlateGroupInput, PlateInput } from '@/core/model';
import { type Mounts, mountsOf } from './mounts';
import { modelPlaces, partOf, type PlatePart, typedPattern } from './plate-parts';

/** A pattern as it is in hand against the drawn one, m. */
export interface PatternOff {
  /** How far the worst hole lies off, and how far its screw lets it. */
  readonly by: number;
  readonly allowed: number;
  /** Read on the part, or told by the length of the carriage. */
  readonly from: 'hand' | 'length';
  /** Its holes along the travel, where that is known. */
  readonly along: number | null;
}

/** Holes of one group, and the screws that go into them. */
export interface PlateGroup {
  readonly input: PlateGroupInput;
  readonly letter: string;
  readonly part: PlatePart;
  readonly pattern: Pattern | null;
  /** Middles of the part from the corner of the two reference edges. */
  readonly places: readonly Place[];
  readonly thread: Thread | null;
  readonly holes: readonly PlateHole[];
  /** The screw to get; null where it is not known what it goes into. */
  readonly screw: ScrewLength | null;
  readonly grip: number | null;
  /** Thread that a tapped plate has and wants, m, where it has too little. */
  readonly short: { readonly have: number; readonly need: number } | null;
  /** The pattern in hand against the drawn one; null where nothing in hand is known. */
  readonly off: PatternOff | null;
}

/** A plate with every hole in its place; lengths in m. */
export interface PlateReport {
  readonly input: PlateInput;
  /** Along the travel and across it. */
  readonly along: number;
  readonly across: number;
  readonly thickness: number | null;
  readonly outline: readonly Place[];
  readonly groups: readonly PlateGroup[];
  readonly holes: readonly PlateHole[];
  readonly parts: readonly Footprint[];
  /** Whether one drawing serves for a left and a right one. */
  readonly mirrors: boolean;
  /** Groups whose places or patterns are not known, by letter. */
  readonly missing: readonly string[];
}

const letterOf = (i: number) => String.fromCharCode(65 + (i % 26));
const UP_TO = 1e-3;
const upTo = (m: number) => Math.ceil(m / UP_TO - 1e-6) * UP_TO;

const otherFace: Record<Face, Face> = { front: 'back', back: 'front' };

/** As drilled: clear, for a tap, for a dowel, or as typed. */
function drilled({ way, clearance, diameter }: PlateGroupInput, thread: Thread | null): number | null {
  if (way === 'clear') return thread ? thread.clearance[clearance] : null;
  if (way === 'tapped') return thread ? thread.tapDrill : null;
  return diameter?.si ?? null;
}

/** A hole before it has a number. */
type Unnumbered = Omit<PlateHole, 'label'>;

/** Holes about one middle: those of the pattern, and the one in the middle of the part. */
function holesAt(
  input: PlateGroupInput,
  group: string,
  places: readonly Place[],
  middle: Place,
  thread: Thread | null,
  bore: number | null,
): Unnumbered[] {
  const diameter = drilled(input, thread);
  if (diameter === null) return [];
  const clear = input.way === 'clear' && thread;
  const plain = { group, face: input.face, depth: null, thread: null, bore: null, sink: null, reamed: false };
  const holes = places.map((p): Unnumbered => ({
    ...plain,
    ...p,
    diameter,
    depth: input.depth?.si ?? null,
    thread: input.way === 'tapped' && thread ? thread.name : null,
    bore: clear && input.head === 'counterbore' ? { diameter: thread.bore, depth: boreDepth(thread) } : null,
    sink: clear && input.head === 'countersink' ? { diameter: sunkHead(thread), angle: thread.sink } : null,
    reamed: input.way === 'dowel',
  }));
  return bore === null ? holes : [...holes, { ...plain, ...middle, diameter: bore }];
}

/** Thread that a screw wants at least, over its diameter, by what is tapped; common practice, no source. */
const ENGAGED: Partial<Record<PlateInput['material'], number>> = {
  steel: 1,
  'cast-iron': 1.25,
  aluminium: 1.5,
};
/** Plastic, wood and what else is soft want an insert, or so much. */
const SOFT = 2.5;

/** What a screw clamps and finds: through the plate into the part, or through the part into the plate. */
function screwOf(
  input: PlateGroupInput,
  part: PlatePart,
  thread: Thread | null,
  plate: number | null,
  material: PlateInput['material'],
) {
  const nothing = { screw: null, grip: null, short: null };
  if (!thread || plate === null || (input.way !== 'clear' && input.way !== 'tapped')) return nothing;
  const washer = input.head === 'washer' ? thread.washer.thickness : 0;
  const sunk = input.head === 'counterbore' ? boreDepth(thread) : 0;
  const clamps = input.clamps?.si ?? 0;
  const tapped = input.way === 'tapped';
  const depth = tapped ? (input.depth?.si ?? plate) : (input.partDepth?.si ?? part.depth);
  if (depth === null || depth === undefined || (tapped && !input.clamps)) return nothing;
  const grip = tapped ? clamps + washer : plate - sunk + washer + clamps;
  const through = tapped && !input.depth;
  const most = through ? null : depth - (tapped ? thread.pitch : 0);
  // A part brings the thread that its maker thought enough; a plate is ours to make thick enough.
  const asked = (tapped ? (ENGAGED[material] ?? SOFT) : 1) * thread.diameter;
  const wanted = Math.min(asked, depth);
  const short = tapped && depth < asked ? { have: depth, need: asked } : null;
  return { screw: screwFor({ grip, wanted, most }, standardLengths(thread.system)), grip, short };
}

/** A rectangle of holes against another: how far the worst hole lies off. */
const apart = (a: Pattern, along: number | null, across: number | null): number =>
  a.kind === 'rect'
    ? Math.hypot(along === null ? 0 : (a.along - along) / 2, across === null ? 0 : (a.across - across) / 2)
    : 0;

function offOf(
  { hand, joins, clearance, way }: PlateGroupInput,
  pattern: Pattern | null,
  thread: Thread | null,
  mounts: Mounts,
): PlateGroup['off'] {
  if (!pattern) return null;
  // A screw floats by half of what its hole is wider.
  const allowed = thread && way === 'clear' ? (thread.clearance[clearance] - thread.diameter) / 2 : 0;
  const [along, across] = [hand.along?.si ?? null, hand.across?.si ?? null];
  if (along !== null || across !== null)
    return { by: apart(pattern, along, across), allowed, from: 'hand', along };
  const { carriage, rowByLength } = mounts;
  const listed = joins === 'carriages' && carriage && rowByLength ? carriage.along[rowByLength] : null;
  return listed === null
    ? null
    : { by: apart(pattern, listed, null), allowed, from: 'length', along: listed };
}

interface Sized {
  readonly along: number;
  readonly across: number;
  readonly thickness: number | null;
}

/** An axis whose parts meet a plate, and those parts. */
interface Whose {
  readonly axis: Axis;
  readonly mounts: Mounts;
}

function groupOf(
  { axis, mounts }: Whose,
  input: PlateGroupInput,
  letter: string,
  size: Sized,
  material: PlateInput['material'],
): PlateGroup {
  const part = partOf(input.joins, axis, mounts);
  const turned = input.turned === 'quarter';
  const pattern = input.pattern ? typedPattern(input.pattern) : part.pattern;
  const middle = { x: size.along / 2, y: size.across / 2 };
  const places = input.at.length
    ? input.at.map(({ x, y }): Place => ({ x: x.si, y: y.si }))
    : placedAt(modelPlaces(input.joins, axis) ?? [], middle, turned);
  const thread = threadNamed(input.thread || (part.thread ?? '')) ?? null;
  const bore = input.bore?.si ?? part.bore;
  const about = pattern ? patternPlaces(pattern) : [];
  const holes = (about.length ? places : [])
    .flatMap((at) => holesAt(input, letter, placedAt(about, at, turned), at, thread, bore))
    .map((hole, n): PlateHole => ({ ...hole, label: `${letter}${n + 1}` }));
  return {
    input,
    letter,
    part,
    pattern,
    places,
    thread,
    holes,
    ...screwOf(input, part, thread, size.thickness, material),
    off: offOf(input, pattern, thread, mounts),
  };
}

/** As large as the parts want it: the span of the carriages along, rails and a carriage across. */
function sizeOf(axis: Axis, mounts: Mounts, input: PlateInput): Sized {
  const { guide } = axis;
  const thickness = input.thickness?.si ?? guide.plate?.thickness.si ?? null;
  const face = mounts.face?.frame ?? 0.06;
  const block = mounts.block?.width ?? 0.06;
  const carriage = mounts.carriage?.width ?? 0.04;
  const wanted: Record<PlateInput['kind'], readonly [number, number]> = {
    carriage: [
      guide.carriageSpan?.si ?? guide.carriageLength?.si ?? 0.1,
      (guide.rails.si > 1 ? (guide.spacing?.si ?? 0.1) : 0) + carriage,
    ],
    motor: [face + 0.02, face + 0.02],
    end: [block + 0.02, Math.max(block, face) + 0.02],
    own: [0.1, 0.1],
  };
  const [along, across] = wanted[input.kind];
  return {
    along: input.along?.si ?? upTo(along),
    across: input.across?.si ?? upTo(across),
    thickness,
  };
}

/** Pieces of a turn that an arc of an outline is cut into for the checks. */
const PIECES = 12;

/** An outline without arcs: the rectangle, or what was drawn elsewhere. */
function outlineOf({ outline }: PlateInput, { along, across }: Sized): readonly Place[] {
  if (outline.length < 3)
    return [
      { x: 0, y: 0 },
      { x: along, y: 0 },
      { x: along, y: across },
      { x: 0, y: across },
    ];
  return outline.flatMap((a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    if (!a.bulge) return [{ x: a.x, y: a.y }];
    // Middle of the arc from the bulge: a quarter of the angle is its arc tangent.
    const angle = 4 * Math.atan(a.bulge);
    const half = { x: (b.x - a.x) / 2, y: (b.y - a.y) / 2 };
    const cot = 1 / Math.tan(angle / 2);
    const centre = { x: a.x + half.x - half.y * cot, y: a.y + half.y + half.x * cot };
    const [dx, dy] = [a.x - centre.x, a.y - centre.y];
    return Array.from({ length: PIECES }, (_, n) => {
      const t = (angle * n) / PIECES;
      return {
        x: centre.x + dx * Math.cos(t) - dy * Math.sin(t),
        y: centre.y + dx * Math.sin(t) + dy * Math.cos(t),
      };
    });
  });
}

/** Parts lie on the face away from their heads: carriages behind a plate that is screwed from the front. */
const partsOf = (groups: readonly PlateGroup[]): Footprint[] =>
  groups.flatMap(({ input, letter, part, places }) =>
    part.along !== null && part.across !== null
      ? places.map((middle) => ({
          group: letter,
          face: input.way === 'tapped' ? input.face : otherFace[input.face],
          middle,
          along: (input.turned === 'quarter' ? part.across : part.along)!,
          across: (input.turned === 'quarter' ? part.along : part.across)!,
        }))
      : [],
  );

function plateOf(whose: Whose, input: PlateInput, others: readonly Axis[]): PlateReport {
  const size = sizeOf(whose.axis, whose.mounts, input);
  const groups = input.groups.map((g, i) => {
    const other = others.find((a) => a.id === g.of);
    const from = other ? { axis: other, mounts: mountsOf(other) } : whose;
    return groupOf(from, g, letterOf(i), size, input.material);
  });
  const holes = groups.flatMap((g) => g.holes);
  return {
    input,
    ...size,
    outline: outlineOf(input, size),
    groups,
    holes,
    parts: partsOf(groups),
    mirrors: servesMirrored(holes, size.along, size.across),
    missing: groups.filter((g) => !g.holes.length).map((g) => g.letter),
  };
}

/** Axes of a machine whose parts lie on a plate of this one. */
export function metByPlates({ fit, id }: Axis, axes: readonly Axis[]): readonly Axis[] {
  const named = new Set(fit.plates.flatMap((p) => p.groups.map((g) => g.of)));
  return axes.filter((a) => a.id !== id && named.has(a.id));
}

/** Every plate of an axis. @param others axes whose parts its plates may meet. */
export function platesOf(axis: Axis, others: readonly Axis[] = []): readonly PlateReport[] {
  const { plates } = axis.fit;
  if (!plates.length) return [];
  const whose = { axis, mounts: mountsOf(axis) };
  return plates.map((p) => plateOf(whose, p, others));
}
