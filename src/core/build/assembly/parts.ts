import { massReport, type Scene, type SceneBox, type Way } from '@/core/machine';
import type { Axis, Project } from '@/core/model';
import type { Solid } from '../reach';
import type { Part, PartKind } from './part';
import { movedPart, partId, type Seat, seatsOf, underColumns } from './seats';

/** Kinds of parts of an axis by what its pieces are called in the picture. */
const OF_PIECE: readonly (readonly [RegExp, PartKind])[] = [
  [/^rail-0$/, 'rail-a'],
  [/^rail-/, 'rail-b'],
  [/^carriage-/, 'carriages'],
  [/^screw-/, 'screw'],
  [/^nut-/, 'nut'],
  [/^block-\d+-0$/, 'block-fixed'],
  [/^block-/, 'block-float'],
  [/^coupling-/, 'coupling'],
  [/^(motor|plug)-/, 'motor'],
  [/^rack-/, 'rack'],
  [/^belt-/, 'belt'],
  [/^(wheel|idler)-/, 'wheels'],
  [/^cable-/, 'cable'],
];

const OF_MACHINE: readonly (readonly [RegExp, string])[] = [
  [/^(bed|support|post)-/, 'bed'],
  [/^table$/, 'table'],
  [/^column-/, 'columns'],
  [/^beam-/, 'beam'],
  [/^(prop)$/, 'bed'],
  [/^crossbar$/, 'crossbar'],
  [/^(head|tip)$/, 'spindle'],
];

/** Which part a piece of the picture belongs to; undefined: none that is put on by itself. */
export function partOfPiece({ id, what, planned }: SceneBox, axes: readonly Axis[]): string | undefined {
  const cut = id.indexOf(' ');
  if (cut < 0) return OF_MACHINE.find(([p]) => p.test(id))?.[1];
  const axis = axes.find((a) => a.id === id.slice(0, cut));
  if (!axis) return undefined;
  const rest = id.slice(cut + 1);
  if (what === 'plate') {
    const kind = axis.fit.plates.find((p) => p.id === planned.id)?.kind;
    // Plates of the drive go on with what they hold.
    if (kind === 'motor') return partId(axis, 'motor');
    if (kind === 'end') return partId(axis, rest.endsWith('-0') ? 'block-fixed' : 'block-float');
    return partId(axis, 'plate');
  }
  const found = OF_PIECE.find(([p]) => p.test(rest))?.[1];
  // The wheel of a rack drive is its pinion.
  const kind = found === 'wheels' && axis.drive.kind === 'rack' ? 'pinion' : found;
  return kind && partId(axis, kind);
}

/** Pieces of parts as they may be in the way. */
export const solidsOf = (scene: Scene, axes: readonly Axis[]): Solid[] =>
  scene.boxes.flatMap((box): Solid[] => {
    const part = partOfPiece(box, axes);
    const { at, size, rides, holes, usual } = box;
    return part ? [{ part, at, size, rides, holes, usual }] : [];
  });

const EVERY: readonly Way[] = [0, 1, 2];

interface Given {
  readonly on?: readonly string[];
  readonly ways?: readonly Way[];
}

/** Parts of the drive of an axis, with what each stands on. */
function driveParts({ axis, on }: Seat, moved: string, along: Way): readonly (readonly [PartKind, Given])[] {
  const id = (kind: PartKind) => partId(axis, kind);
  switch (axis.drive.kind) {
    case 'screw':
      return [
        ['block-fixed', { on: [on] }],
        ['screw', { on: [id('block-fixed')] }],
        ['nut', { on: [id('screw'), moved], ways: [along] }],
        ['block-float', { on: [on, id('screw')], ways: [along] }],
        ['motor', { on: [on] }],
        ['coupling', { on: [id('screw')] }],
      ];
    case 'rack':
      return [
        ['rack', { on: [on] }],
        ['motor', { on: [moved] }],
        ['pinion', { on: [id('motor')] }],
      ];
    case 'belt':
    case 'chain':
      return [
        ['motor', { on: [axis.drive.kind === 'belt' && axis.drive.arrangement === 'open' ? moved : on] }],
        ['wheels', { on: [id('motor')] }],
        ['belt', { on: [id('wheels')] }],
      ];
    case 'crank':
      return [
        ['motor', { on: [on] }],
        ['crank', { on: [id('motor'), moved], ways: [along] }],
      ];
  }
}

/** Parts of an axis and what each stands on. */
function axisParts(seat: Seat, project: Project): readonly (readonly [PartKind, Given])[] {
  const { axis, on, turned, plated } = seat;
  const id = (kind: PartKind) => partId(axis, kind);
  const moved = movedPart(seat);
  const rails = [id('rail-a'), ...(axis.guide.rails.si > 1 ? [id('rail-b')] : [])];
  const railKinds: readonly PartKind[] = axis.guide.rails.si > 1 ? ['rail-a', 'rail-b'] : ['rail-a'];
  const guide: readonly (readonly [PartKind, Given])[] = turned
    ? [
        ['carriages', { on: [on] }],
        ...railKinds.map((k) => [k, { on: [id('carriages')] }] as const),
        ['plate', { on: rails }],
      ]
    : [
        ...railKinds.map((k) => [k, { on: [on] }] as const),
        ['carriages', { on: rails }],
        ...(plated ? ([['plate', { on: [id('carriages')] }]] as const) : []),
      ];
  const along: Way = axis.role === 'plunge' ? 2 : axis.role === 'gantry' ? 1 : 0;
  const { bellows, cable, ends, stops } = axis.fit;
  const trips = [ends.near, ends.far].some((e) => e.switch !== 'none') || stops.near || stops.far;
  return [
    ...guide,
    ...driveParts(seat, moved, along),
    ...(trips ? ([['ends', { on: [on] }]] as const) : []),
    ...(cable.radius ? ([['cable', { on: [on, moved] }]] as const) : []),
    ...(bellows.near?.si || bellows.far?.si ? ([['bellows', { on: [on, moved] }]] as const) : []),
    ...(axis.role === 'plunge' || (axis.role === 'gantry' && !project.axes.some((a) => a.role === 'plunge'))
      ? ([['spindle', { on: [moved] }]] as const)
      : []),
    ...(axis.role === 'table' ? ([['table', { on: [moved] }]] as const) : []),
  ];
}

/** Parts that belong to no axis. */
const COMMON: ReadonlySet<PartKind> = new Set(['spindle', 'table']);

/** What structure the weighed members are. */
const MEMBERS: Readonly<Record<string, string>> = {
  beam: 'beam',
  'both-beams': 'beam',
  columns: 'columns',
  crossbar: 'crossbar',
  'bed-members': 'bed',
};

/** Masses that the model knows, kg, by part; the head counts with all that the last axis carries. */
function massesOf(project: Project): ReadonlyMap<string, number> {
  const { axes, standBodies } = massReport(project);
  const found = new Map<string, number>();
  for (const b of [...axes.flatMap((a) => a.bodies), ...standBodies]) {
    const part = b.from === 'structure' ? MEMBERS[b.id] : undefined;
    if (part) found.set(part, b.mass);
  }
  const last = project.axes.findIndex((a) => a.role === 'plunge');
  if (last >= 0) found.set('spindle', axes[last]!.own);
  return found;
}

/**
 * Every part of a machine that is put on by itself, what each stands on, in the order in which they are
 * told.
 */
export function partsOf(project: Project, scene: Scene, seats: readonly Seat[]): readonly Part[] {
  const drawn = new Set(scene.boxes.flatMap((b) => partOfPiece(b, project.axes) ?? []));
  const masses = massesOf(project);
  const part = (kind: PartKind, owner: string, id: string, { on = [], ways = EVERY }: Given): Part => ({
    id,
    kind,
    owner,
    on,
    ways,
    mass: masses.get(id) ?? 0,
    drawn: drawn.has(id),
  });
  const plain = (kind: PartKind, on: readonly string[]) => part(kind, '', kind, { on });
  const tables = project.axes.some((a) => a.role === 'table');
  const list = [
    plain('bed', []),
    ...seats.flatMap((seat) =>
      axisParts(seat, project).map(([kind, given]) =>
        COMMON.has(kind)
          ? part(kind, '', kind, given)
          : part(kind, seat.axis.id, partId(seat.axis, kind), given),
      ),
    ),
    plain('columns', [underColumns(project)]),
    plain('beam', ['columns']),
    ...(drawn.has('crossbar') ? [plain('crossbar', ['columns'])] : []),
    ...(tables ? [] : [plain('table', ['bed'])]),
  ];
  const there = new Set(list.map((p) => p.id));
  return list.map((p) => ({ ...p, on: p.on.filter((id) => there.has(id)) }));
}

/** Axes whose rails travel: their rails ride on the axis itself. */
export const turnedAxes = (scene: Scene): ReadonlySet<string> =>
  new Set(
    scene.boxes.flatMap(({ what, planned: { axisId }, rides }) =>
      what === 'rail' && axisId !== null && rides.includes(axisId) ? [axisId] : [],
    ),
  );

export { seatsOf };
