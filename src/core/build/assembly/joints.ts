import { patternPlaces } from '@/core/fit';
import {
  mountsOf,
  type Place3,
  type PlateGroup,
  type PlateReport,
  platePartOf,
  railHolesOf,
  type Scene,
  type SceneBox,
  type Way,
} from '@/core/machine';
import type { Axis, Project } from '@/core/model';
import type { Fastener } from '../reach';
import type { Joint, Part, PlannedGroup } from './part';
import { partOfPiece } from './parts';
import { partId, type Seat } from './seats';

/** What a joint is worked out from. */
export interface JointInput {
  readonly project: Project;
  readonly scene: Scene;
  readonly seats: readonly Seat[];
  /** Plates of each axis, in the order of the axes. */
  readonly plates: readonly (readonly PlateReport[])[];
}

type Found = Pick<Joint, 'thread' | 'count' | 'length' | 'torque' | 'fasteners' | 'usual' | 'planned'>;

const UNKNOWN: Found = {
  thread: '',
  count: 0,
  length: null,
  torque: null,
  fasteners: [],
  usual: false,
  planned: null,
};

/** Directions of an axis in the machine: along its travel, across it, and out of its seat. */
const DIRECTIONS: Readonly<Record<Axis['role'], readonly [along: Way, across: Way, out: Way]>> = {
  bed: [0, 1, 2],
  table: [0, 1, 2],
  gantry: [1, 2, 0],
  plunge: [2, 1, 0],
};

/** Which way out is: the carriages look away from what they run on. */
function outSign(boxes: readonly SceneBox[], { axis }: Seat): 1 | -1 {
  const [, , out] = DIRECTIONS[axis.role];
  const rail = boxes.find((b) => b.id === `${axis.id} rail-0`);
  const plate = boxes.find((b) => b.what === 'plate' && b.planned.axisId === axis.id && b.size[out] < 0.1);
  return rail && plate && plate.at[out] < rail.at[out] ? -1 : 1;
}

/** A screw of a joint by its place, head outwards. */
const screw = (
  joint: string,
  n: number,
  at: Place3,
  way: Way,
  sign: 1 | -1,
  rides: readonly string[],
  joins: readonly string[],
): Fastener => ({ id: `${joint}#${n + 1}`, at, way, sign, rides, joins });

/** Group of a plate, and the box of that plate in the picture. */
interface Shown {
  readonly group: PlateGroup;
  readonly plate: PlateReport;
  readonly box: SceneBox;
  readonly axisId: string;
}

/** Screws of a planned group where its plate stands in the machine. */
function plannedScrews(joint: Pick<Part, 'id' | 'on'>, { group, box, plate, axisId }: Shown): Found {
  const joins = [joint.id, ...joint.on, `${axisId}/plate`];
  const { holes } = box;
  const labels = new Set(
    group.holes.filter((h) => h.thread || group.input.way === 'clear').map((h) => h.label),
  );
  const planned: PlannedGroup = { axisId, plate: plate.input.id, group: group.input.id };
  const base: Found = {
    ...UNKNOWN,
    planned,
    thread: group.thread?.name ?? '',
    count: group.holes.length,
    length: group.screw?.fits ? group.screw.length : null,
    torque: group.torque && { class88: group.torque.class88, class129: group.torque.class129 },
  };
  if (!holes || (group.input.way !== 'clear' && group.input.way !== 'tapped')) return base;
  const sign = group.input.face === 'front' ? holes.front : (-holes.front as 1 | -1);
  const face = box.at[holes.way] + (sign * box.size[holes.way]) / 2;
  // A tapped plate takes its screws through the part that lies on it.
  const deep = group.input.way === 'tapped' ? Math.max(0.005, group.input.clamps?.si ?? 0.01) : 0;
  const fasteners = holes.list
    .filter((h) => labels.has(h.label))
    .map((h, n): Fastener => {
      const at: [number, number, number] = [box.at[0] + h.at[0], box.at[1] + h.at[1], box.at[2] + h.at[2]];
      at[holes.way] = face + sign * deep;
      return screw(joint.id, n, at, holes.way, sign, box.rides, joins);
    });
  return { ...base, fasteners };
}

/** Screws at the places of a usual pattern about the middles of some pieces, heads on a face. */
function usualScrews(
  part: Pick<Part, 'id' | 'on'>,
  seat: Seat,
  boxes: readonly SceneBox[],
  of: Parameters<typeof platePartOf>[0],
  head: { readonly way: Way; readonly sign: 1 | -1; readonly at: (box: SceneBox) => number },
): Found {
  const { pattern, thread } = platePartOf(of, seat.axis, mountsOf(seat.axis));
  if (!pattern) return { ...UNKNOWN, thread: thread ?? '' };
  const [along, across, out] = DIRECTIONS[seat.axis.role];
  // A pattern lies across its screws: along the travel and across it, or for a motor across and out.
  const [first, second] = head.way === out ? [along, across] : [across, out];
  const joins = [part.id, ...part.on];
  const fasteners = boxes.flatMap((box, b) =>
    patternPlaces(pattern).map((p, n) => {
      const at: [number, number, number] = [...box.at];
      at[first] += p.x;
      at[second] += p.y;
      at[head.way] = head.at(box);
      return screw(part.id, b * 100 + n, at, head.way, head.sign, box.rides, joins);
    }),
  );
  return { ...UNKNOWN, thread: thread ?? '', count: fasteners.length, fasteners, usual: true };
}

/** Screws of rails: from the top of the rail into its seat. */
function railScrews(part: Part, seat: Seat, boxes: readonly SceneBox[], sign: 1 | -1): Found {
  const row = railHolesOf(seat.axis);
  const thread = platePartOf('rails', seat.axis, mountsOf(seat.axis)).thread ?? '';
  if (!row) return { ...UNKNOWN, thread };
  const [along, , out] = DIRECTIONS[seat.axis.role];
  // Rails that travel are screwed to their plate from the side of the carriages.
  const up = seat.turned ? (-sign as 1 | -1) : sign;
  const fasteners = boxes.flatMap((box, b) =>
    Array.from({ length: row.count }, (_, i) => {
      const at: [number, number, number] = [...box.at];
      at[along] += (i - (row.count - 1) / 2) * row.pitch;
      at[out] += (up * box.size[out]) / 2;
      return screw(part.id, b * 1000 + i, at, out, up, box.rides, [part.id, ...part.on]);
    }),
  );
  return { ...UNKNOWN, thread, count: fasteners.length, fasteners };
}

/** What stands in the picture and in the plates, as joints look it up. */
interface Look {
  readonly boxes: readonly SceneBox[];
  readonly boxesOf: (part: string) => readonly SceneBox[];
  readonly shown: readonly Shown[];
}

function lookOf({ project, scene: { boxes }, plates }: JointInput): Look {
  const parts = new Map<string, SceneBox[]>();
  for (const box of boxes) {
    const part = partOfPiece(box, project.axes);
    if (part) parts.set(part, [...(parts.get(part) ?? []), box]);
  }
  const shown = project.axes.flatMap((axis, i) =>
    plates[i]!.flatMap((plate) => {
      const box = boxes.find(
        (b) => b.what === 'plate' && b.planned.axisId === axis.id && b.planned.id === plate.input.id,
      );
      return box ? plate.groups.map((group) => ({ group, plate, box, axisId: axis.id })) : [];
    }),
  );
  return { boxes, boxesOf: (id) => parts.get(id) ?? [], shown };
}

/** Screws of a part of an axis: as they are planned, else as such parts usually have them. */
function axisScrews(part: Part, seat: Seat, look: Look): Found {
  const { axis } = seat;
  const [along, , out] = DIRECTIONS[axis.role];
  const sign = outSign(look.boxes, seat);
  const boxes = look.boxesOf(part.id);
  const plate = look.boxesOf(partId(axis, 'plate'))[0];
  /** Of a group on a plate of the axis itself, or on one that carries it. */
  const planned = (joins: PlateGroup['input']['joins'], carried = false) => {
    const group = look.shown.find(
      ({ group: { input: g }, axisId }) =>
        g.joins === joins && (carried ? g.of === axis.id : g.of === '') && (axisId === axis.id) !== carried,
    );
    return group && plannedScrews(part, group);
  };
  const fromPlate = { way: out, sign, at: (box: SceneBox) => box.at[out] + (sign * box.size[out]) / 2 };
  const onPlate = plate && { ...fromPlate, at: () => fromPlate.at(plate) };
  switch (part.kind) {
    case 'rail-a':
    case 'rail-b':
      return railScrews(part, seat, boxes, sign);
    case 'carriages':
      return (seat.turned && planned('carriages', true)) || UNKNOWN;
    case 'plate': {
      if (seat.turned || !onPlate) return UNKNOWN;
      const carriages = look.boxesOf(partId(axis, 'carriages'));
      return planned('carriages') ?? usualScrews(part, seat, carriages, 'carriages', onPlate);
    }
    case 'nut':
      if (!onPlate) return UNKNOWN;
      return planned('nut') ?? usualScrews(part, seat, boxes, 'nut', onPlate);
    case 'block-fixed':
    case 'block-float': {
      const blocks = boxes.filter((b) => b.what === 'block');
      return usualScrews(part, seat, blocks, 'blocks', fromPlate);
    }
    case 'motor': {
      const known = planned('motor');
      // Beside a wheel a motor is screwed from either side, and nobody has said from which.
      if (known || axis.drive.kind !== 'screw') return known ?? UNKNOWN;
      const bodies = boxes.filter((b) => b.what === 'motor');
      // It looks along the axis, on the plunge axis upwards.
      const away = axis.role === 'plunge' ? 1 : -1;
      const flange = (box: SceneBox) => box.at[along] - (away * box.size[along]) / 2;
      return usualScrews(part, seat, bodies, 'motor', { way: along, sign: away, at: flange });
    }
    default:
      return UNKNOWN;
  }
}

/** What holds the parts of a machine, and where its screws are as far as the model knows. */
export function jointsOf(input: JointInput, parts: readonly Part[]): readonly Joint[] {
  const look = lookOf(input);
  const screwsOf = (part: Part): Found => {
    const seat = input.seats.find((s) => s.axis.id === part.owner);
    if (seat) return axisScrews(part, seat, look);
    const clamp = part.kind === 'spindle' && look.shown.find((s) => s.group.input.joins === 'spindle');
    return clamp ? plannedScrews(part, clamp) : UNKNOWN;
  };
  return parts.flatMap((part) =>
    part.on.length ? [{ id: part.id, on: part.on[0]!, ...screwsOf(part) }] : [],
  );
}
