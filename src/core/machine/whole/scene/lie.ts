import { silentWorksheet } from '@/core/worksheet';
import type { CarriageMount } from '@/core/catalogue';
import type { Axis } from '@/core/model';
import { chainOf, type Mounts, mountsOf, type PlateReport } from '../../axis';
import { piece, type PlannedAt, type Place3, type SceneBox, type Way } from './scene';

/** A direction of the machine and its sense. */
export interface Sense {
  readonly way: Way;
  readonly sign: 1 | -1;
}

/**
 * How an axis lies in its machine: m, its own directions along the travel, across it, and out of the seat.
 */
export interface Lie {
  readonly axis: Axis;
  readonly mounts: Mounts;
  readonly plates: readonly PlateReport[];
  /** On the seat, between the rails, where the middle of the carriages stands at the start of the travel. */
  readonly origin: Place3;
  readonly along: Sense;
  readonly across: Sense;
  readonly out: Sense;
  /** Axes that move what stands, and what it moves. */
  readonly stands: readonly string[];
  readonly moves: readonly string[];
  /** The rails travel and the carriages stand. */
  readonly turned: boolean;
  /** How far below the seat a single drive in the middle runs: under the bed of a portal; m. */
  readonly sink: number;
}

/** Sizes of the guide as it is drawn, m, and whether they are only usual. */
export interface Drawn {
  readonly rails: readonly number[];
  readonly railLength: number;
  readonly railWidth: number;
  readonly railHeight: number;
  readonly carriageLength: number;
  readonly carriageWidth: number;
  /** From the seat of the rail to the face of the carriage. */
  readonly height: number;
  readonly span: number;
  /** Middle of the carriages from the near rail end, at the start of the travel. */
  readonly start: number;
  readonly usual: boolean;
}

/** A guide of which nobody has said what it is: as for a rail of 20 mm. */
const USUAL = { width: 44, height: 30, railWidth: 20, railHeight: 17.5, length: 77 } as const;
const mm = (value: number) => value / 1000;

function usualMount({ guide }: Axis): Pick<CarriageMount, 'width' | 'height'> & {
  rail: Pick<CarriageMount['rail'], 'width' | 'height'>;
} {
  const size = guide.size?.si ?? mm(USUAL.railWidth);
  const k = size / mm(USUAL.railWidth);
  return {
    width: mm(USUAL.width) * k,
    height: mm(USUAL.height) * k,
    rail: { width: size, height: guide.kind === 'round-rod' ? size : mm(USUAL.railHeight) * k },
  };
}

/** Where the travel begins on the rail: as the chain closes, or in the middle of what there is. */
function startOf(axis: Axis, railLength: number): number {
  const { closed, ends } = chainOf(axis, silentWorksheet);
  const middle = closed ? (closed.from + ends.near.taken + closed.to - ends.far.taken) / 2 : railLength / 2;
  return middle - axis.demands.travel.si / 2;
}

/** What is drawn of a guide. @param apart between the outer rails where nobody said it. */
export function drawnGuide(axis: Axis, { carriage, row }: Mounts, apart: number): Drawn {
  const { guide } = axis;
  const mount = carriage ?? usualMount(axis);
  const listed = carriage && row ? carriage.length[row] : null;
  const length = guide.carriageLength?.si ?? listed ?? mm(USUAL.length);
  const many = guide.perRail.si > 1;
  const span = guide.carriageSpan?.si ?? (many ? 2.5 * length : length);
  const railLength = guide.railLength?.si ?? axis.demands.travel.si + span + mm(20);
  const spread = guide.spacing?.si ?? apart;
  const count = guide.rails.si;
  const rails = Array.from({ length: count }, (_, i) =>
    count > 1 ? -spread / 2 + (i * spread) / (count - 1) : 0,
  );
  return {
    rails,
    railLength,
    railWidth: mount.rail.width,
    railHeight: mount.rail.height,
    carriageLength: length,
    carriageWidth: mount.width,
    height: mount.height,
    span,
    start: startOf(axis, railLength),
    usual: !carriage || !guide.railLength || !guide.carriageSpan || (count > 1 && !guide.spacing),
  };
}

/** A place of the axis in the machine: along from the start of the travel, across, and out of the seat. */
export function placed({ origin, along, across, out }: Lie, u: number, v: number, w: number): Place3 {
  const at: [number, number, number] = [...origin];
  at[along.way] += along.sign * u;
  at[across.way] += across.sign * v;
  at[out.way] += out.sign * w;
  return at;
}

/** Sizes along, across and out as sizes of the machine. */
export function sized({ along, across, out }: Lie, a: number, b: number, c: number): Place3 {
  const size: [number, number, number] = [0, 0, 0];
  size[along.way] = a;
  size[across.way] = b;
  size[out.way] = c;
  return size;
}

/** A piece of an axis: where its middle is and how large it is, in the axis' own directions. */
export interface Own {
  readonly id: string;
  readonly what: SceneBox['what'];
  readonly part: PlannedAt['part'];
  readonly at: Place3;
  readonly size: Place3;
  readonly moves: boolean;
  /** The direction of its axis, in the axis' own directions. */
  readonly round?: 'along' | 'across' | 'out';
  readonly usual?: boolean;
  readonly more?: Partial<SceneBox>;
}

/** A piece of an axis as a piece of the machine. */
export const ownPiece = (lie: Lie, { id, what, part, at, size, moves, round, usual, more }: Own): SceneBox =>
  piece({
    id: `${lie.axis.id} ${id}`,
    what,
    at: placed(lie, ...at),
    size: sized(lie, ...size),
    planned: { axisId: lie.axis.id, part },
    rides: moves ? lie.moves : lie.stands,
    round: round ? lie[round].way : null,
    usual: usual ?? false,
    ...more,
  });

/** How an axis lies, with what stands on it. */
export const lieOf = (given: Omit<Lie, 'mounts'>): Lie => ({ ...given, mounts: mountsOf(given.axis) });
