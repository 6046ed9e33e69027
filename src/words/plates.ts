import type { PlateGroup, PlateReport } from '@/core/machine';
import type { Joins, PlateGroupInput, PlateKind } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';

export const plateKindNames: Record<PlateKind, string> = {
  carriage: 'Carriage plate',
  motor: 'Motor plate',
  end: 'End plate',
  own: 'Plate of your own',
};

export const joinsNames: Record<Joins, string> = {
  carriages: 'carriages',
  rails: 'rails',
  nut: 'nut',
  motor: 'motor',
  blocks: 'end block',
  spindle: 'spindle clamp',
  feet: 'feet',
  own: 'something of your own',
};

/** What a group of holes is called until somebody says otherwise. */
export const groupNames: Record<Joins, string> = {
  carriages: 'Carriages',
  rails: 'Rails',
  nut: 'Nut housing',
  motor: 'Motor',
  blocks: 'End block',
  spindle: 'Spindle clamp',
  feet: 'Feet',
  own: 'Own holes',
};

export const headNames: Record<PlateGroupInput['head'], string> = {
  counterbore: 'sunk in a counterbore',
  countersink: 'countersunk',
  washer: 'on a washer',
  flat: 'flat on the plate',
};

export const wayNames: Record<PlateGroupInput['way'], string> = {
  clear: 'clear for a screw',
  tapped: 'tapped',
  dowel: 'reamed for a dowel',
  plain: 'plain',
};

const mm = (m: number, system: UnitSystem) => formatQuantity('length', m, system, 4).text;

/** What is drilled at a group, in a few words: `Ø4.5, counterbore Ø8 x 4.4, front`. */
export function holeText({ holes, thread, input }: PlateGroup, system: UnitSystem): string {
  const [hole] = holes;
  if (!hole) return 'not known';
  const size = hole.thread
    ? `${hole.thread} (drill ${mm(hole.diameter, system)})`
    : `Ø${mm(hole.diameter, system)}`;
  const deep = hole.depth === null ? 'through' : `${mm(hole.depth, system)} deep`;
  const bore = hole.bore
    ? `, counterbore Ø${mm(hole.bore.diameter, system)} × ${mm(hole.bore.depth, system)}`
    : '';
  const sink = hole.sink ? `, countersunk Ø${mm(hole.sink.diameter, system)}` : '';
  const screw = input.way === 'clear' && thread ? ` for ${thread.name}` : '';
  return `${size}${screw}, ${deep}${bore}${sink}, from the ${input.face}`;
}

/**
 * A screw by its thread and length, in the system that it is made in: `M5 × 20 mm`. @param length m; null:
 * not known.
 */
export const screwName = (thread: string, length: number | null): string =>
  length === null ? thread : `${thread} × ${mm(length, thread.startsWith('M') ? 'metric' : 'imperial')}`;

/** The screw to get for a group. */
export function screwText({ screw, thread }: PlateGroup, system: UnitSystem): string {
  if (!screw || !thread) return 'not known';
  const name = screwName(thread.name, screw.length);
  return screw.fits ? name : `none: ${name} is ${mm(screw.over, system)} too long`;
}

/** Torques for the screw of a group by its class; empty where they are not known. */
export function torqueText({ torque }: PlateGroup, system: UnitSystem): string {
  if (!torque) return '';
  const say = (value: number) => formatQuantity('torque', value, system, 2).text;
  const { class88, class129, capped } = torque;
  const strips = (value: number) => `no more than ${say(value)}, or the thread strips`;
  if (capped.class88) return strips(class88);
  return `class 8.8 ${say(class88)}, 12.9 ${capped.class129 ? strips(class129) : say(class129)}`;
}

const sides: Readonly<Record<string, string>> = {
  plus: 'plus',
  minus: 'minus',
  near: 'near end',
  far: 'far end',
  side: 'side',
};

/** What who mills a seat for rail or carriages must keep, and which way carriages stand. */
function seatNotes({ groups, mount, seat, input }: PlateReport, system: UnitSystem): readonly string[] {
  const meets = new Set(groups.map((g) => g.input.joins));
  if (!meets.has('carriages') && !meets.has('rails')) return [];
  const [high, corner] = meets.has('rails')
    ? [seat?.railShoulder, seat?.railCorner]
    : [seat?.shoulder, seat?.corner];
  return [
    ...(high && corner
      ? [
          `A shoulder to press against: at most ${mm(high, system)} high, its corner no rounder than ` +
            `${mm(corner, system)} (from memory).`,
        ]
      : []),
    mount.datum === 'unknown'
      ? 'Which side of a carriage has the reference edge is not said: look for the mark or the ground side.'
      : `Reference edges of the carriages look to the ${sides[mount.datum]} side.`,
    ...(mount.grease === 'unknown' || input.kind !== 'carriage'
      ? []
      : [`Grease ports look to the ${sides[mount.grease]}: keep a hole or a tube free for the nipple.`]),
  ];
}

/** Sentences for who makes the plate: what is tight and why, and what is not. */
export function shopNotes(plate: PlateReport, system: UnitSystem): readonly string[] {
  const { groups, mirrors, input } = plate;
  const joined = groups.filter((g) => g.holes.length);
  const tight = joined.map(({ letter, holes, thread, input: g }) => {
    const hole = holes[0]!;
    const room = thread && g.way === 'clear' ? (hole.diameter - thread.diameter) / 2 / Math.SQRT2 : null;
    const why =
      room === null
        ? 'its screws find their place only there'
        : `${thread!.name} in its hole lets ${formatQuantity('length', room, system, 2).text} each way, ` +
          `both parts together`;
    return `Group ${letter} (${g.name}): holes to one another within ${mm(1e-4, system)}; ${why}.`;
  });
  return [
    `All from the corner of the two reference edges, never hole to hole. Both edges straight and square ` +
      `within ${mm(2e-5, system)}: everything is set out from them.`,
    ...tight,
    ...(input.kind === 'carriage'
      ? [`Back flat within ${mm(5e-5, system)} where the carriages lie: otherwise they bind.`]
      : []),
    ...seatNotes(plate, system),
    mirrors
      ? 'One drawing serves for a left and a right one.'
      : 'It has a left and a right: the other hand is its mirror image.',
    'All else ISO 2768-m; edges broken. Nothing else is tight.',
  ];
}

/** Ways to find the place of a hole, with when to use which; common practice, no source. */
export const locating: readonly { readonly title: string; readonly text: string }[] = [
  {
    title: 'By coordinates',
    text:
      'On a drill press with a cross table or a mill: from the two reference edges, every hole from the ' +
      'corner. Errors do not add up. Best where the pattern is published and both parts are made apart.',
  },
  {
    title: 'By the printed template',
    text:
      'Glue it on, punch, drill. Good for half a millimetre: clearance holes and wood. Measure its ' +
      'rulers first; paper is for punching only.',
  },
  {
    title: 'Transfer marks',
    text:
      'Screw points or transfer screws into the part in hand, press it on, drill where it marks. Best ' +
      'where the pattern is not published or not trusted.',
  },
  {
    title: 'Drill through both',
    text:
      'Clamp the trued parts together, drill the tap size through both, open up the one. Best for what ' +
      'must meet and is never swapped. Chips stay out of carriages: mask them, or drill a dummy.',
  },
  {
    title: 'Dowels',
    text:
      'A part that must come back to where it was, or that is trued and then fixed: oversize holes to ' +
      'adjust, then two dowels drilled and reamed in place.',
  },
];
