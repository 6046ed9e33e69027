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
  type Thread,
  threadNamed,
} from '@/core/fit';
import { type RailSeat, seatFor } from '@/core/catalogue';
import type { Axis, PlateGroupInput, PlateInput } from '@/core/model';
import { type Mounts, mountsOf } from './mounts';
import { outlineOf, type Sized, sizeOf } from './plate-outline';
import { type Tightening, tighteningOf } from './plate-torque';
import { modelPlaces, partOf, type PlatePart, typedPattern, UNKNOWN } from './plate-parts';

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
  /** Torque for that screw; null where it is not known what it bears. */
  readonly torque: Tightening | null;
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
  /** Reference edge and grease port of the carriages, and the seat of the rail; for who makes the plate. */
  readonly mount: Axis['fit']['mount'];
  readonly seat: RailSeat | null;
}

const letterOf = (i: number) => String.fromCharCode(65 + (i % 26));

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
    sink: clear && input.head === 'countersink' ? { diameter: thread.sunk, angle: thread.sink } : null,
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

/** What a screw goes into: the plate, or a carriage, which is of steel; of other parts nobody has said it. */
function screwedInto(
  { way, joins }: PlateGroupInput,
  { guide }: Axis,
  material: PlateInput['material'],
): PlateInput['material'] | null {
  if (way === 'tapped') return material;
  return joins === 'carriages' && (guide.kind === 'profile' || guide.kind === 'miniature') ? 'steel' : null;
}

/** An axis whose parts meet a plate, and those parts. */
interface Whose {
  readonly axis: Axis;
  readonly mounts: Mounts;
  /** The axis whose part it is said to be is not there any more. */
  readonly lost?: boolean;
}

function groupOf(
  { axis, mounts, lost = false }: Whose,
  input: PlateGroupInput,
  letter: string,
  size: Sized,
  material: PlateInput['material'],
): PlateGroup {
  const part = lost ? UNKNOWN : partOf(input.joins, axis, mounts);
  const turned = input.turned === 'quarter';
  const pattern = input.pattern ? typedPattern(input.pattern) : part.pattern;
  const middle = { x: size.along / 2, y: size.across / 2 };
  const places = input.at.length
    ? input.at.map(({ x, y }): Place => ({ x: x.si, y: y.si }))
    : placedAt(lost ? [] : (modelPlaces(input.joins, axis) ?? []), middle, turned);
  const thread = threadNamed(input.thread || (part.thread ?? '')) ?? null;
  const bore = input.bore?.si ?? part.bore;
  const about = pattern ? patternPlaces(pattern) : [];
  const holes = (about.length ? places : [])
    .flatMap((at) => holesAt(input, letter, placedAt(about, at, turned), at, thread, bore))
    .map((hole, n): PlateHole => ({ ...hole, label: `${letter}${n + 1}` }));
  const fastened = screwOf(input, part, thread, size.thickness, material);
  return {
    input,
    letter,
    part,
    pattern,
    places,
    thread,
    holes,
    ...fastened,
    torque: tighteningOf(thread, fastened.screw, screwedInto(input, axis, material)),
    off: offOf(input, pattern, thread, mounts),
  };
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
    const lost = g.of !== '' && !other;
    const from = other ? { axis: other, mounts: mountsOf(other) } : { ...whose, lost };
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
    mount: whose.axis.fit.mount,
    seat: seatFor(whose.axis.guide),
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
