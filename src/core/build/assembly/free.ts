import { startingGroup } from '@/core/machine';
import { applyEdits, type Edit, guess, type Project, put } from '@/core/model';
import { type Depth, serviceDepth } from '../order';
import { posed, type Reach } from '../reach';
import { type JointReach, movesOf } from './access';
import { type Geometry, geometryOf } from './assembly';
import type { Joint } from './part';
import { partId } from './seats';
import { serviceParts } from './service';

/** How hidden screws are freed. */
export type FreeKind = 'holes' | 'other-side' | 'captive';

/** A change that frees the screws of a joint, tried in the model. */
export interface FreeWay {
  readonly kind: FreeKind;
  readonly joint: string;
  /** Plate that is changed, and how many holes of which diameter go through it, m. */
  readonly plate: string;
  readonly holes: number;
  readonly diameter: number;
  /** What then must come off; undefined: never reached all the same. */
  readonly reach: Depth | undefined;
  /** The change of the plan; none: it is done at the bench and said by hand. */
  readonly edits: readonly Edit[];
}

/** What a tool wants around it in an access hole, m. */
const AROUND = 0.002;

/** Where a plate of an axis stands in the file. */
function plateAt({ axes }: Project, axisId: string, plateId: string) {
  const axis = axes.findIndex((a) => a.id === axisId);
  const plate = axes[axis]?.fit.plates.findIndex((p) => p.id === plateId) ?? -1;
  return axis < 0 || plate < 0 ? undefined : ({ axis, plate } as const);
}

/** A hole to be drilled in a planned plate so that a straight tool goes through it. */
interface Hole {
  readonly axisId: string;
  readonly plateId: string;
  readonly x: number;
  readonly y: number;
  readonly diameter: number;
}

/**
 * The hole through a plate that one way of turning a screw asks for; undefined: it is not that plate alone.
 */
function holeFor(
  geometry: Geometry,
  project: Project,
  joint: Joint,
  n: number,
  way: Reach,
): Hole | undefined {
  const { scene } = geometry;
  const fastener = joint.fasteners[n]!;
  if (way.tool.lean || way.hidden.length !== 1) return undefined;
  const box = scene.boxes.find(
    (b) => b.what === 'plate' && partId({ id: b.planned.axisId ?? '' }, 'plate') === way.hidden[0],
  );
  const axisId = box?.planned.axisId;
  if (!box || !axisId || !box.planned.id || box.size[fastener.way] > Math.min(...box.size) + 1e-9)
    return undefined;
  const axis = project.axes.find((a) => a.id === axisId)!;
  const moves = movesOf(scene);
  const from = posed(fastener.at, fastener.rides, moves, way.pose);
  const at = posed(box.at, box.rides, moves, way.pose);
  // A plate's own x runs along the travel, its y across it.
  const along = axis.role === 'plunge' ? 2 : axis.role === 'gantry' ? 1 : 0;
  const across = axis.role === 'gantry' ? 2 : 1;
  if (along === fastener.way || across === fastener.way) return undefined;
  const sign = axis.role === 'plunge' ? -1 : 1;
  const x = sign * (from[along] - at[along]) + box.size[along] / 2;
  const y = from[across] - at[across] + box.size[across] / 2;
  const diameter = 2 * way.tool.radius + AROUND;
  const inside = [x, box.size[along] - x, y, box.size[across] - y].every((d) => d > diameter);
  return inside ? { axisId, plateId: box.planned.id, x, y, diameter } : undefined;
}

const mm = (m: number) => guess('length', `${Number((m * 1000).toFixed(2))} mm`);

/** Holes through one plate for every screw that it hides alone. */
function holesWay(
  project: Project,
  geometry: Geometry,
  joint: Joint,
  reach: JointReach,
  name: string,
): FreeWay[] {
  const hidden = reach.screws.flatMap((s, n) =>
    s.ways.some((w) => !w.hidden.length) ? [] : [{ n, ways: s.ways }],
  );
  const holes = hidden.flatMap(({ n, ways }) => {
    const straight = ways.flatMap((w) => holeFor(geometry, project, joint, n, w) ?? []);
    return straight.slice(0, 1);
  });
  const [first] = holes;
  const at = first && plateAt(project, first.axisId, first.plateId);
  if (!first || !at || holes.length !== hidden.length || holes.some((h) => h.plateId !== first.plateId))
    return [];
  const groups = project.axes[at.axis]!.fit.plates[at.plate]!.groups;
  const id = `access-${groups.length + 1}`;
  const group = {
    ...startingGroup(id, 'own', {
      pattern: { kind: 'single' },
      way: 'plain',
      head: 'flat',
      diameter: mm(first.diameter),
      at: holes.map((h, i) => ({ id: `${id}-${i + 1}`, x: mm(h.x), y: mm(h.y) })),
    }),
    name,
  };
  const edits = [put(`axes.${at.axis}.fit.plates.${at.plate}.groups`, [...groups, group])];
  return [
    judged(project, geometry, joint, edits, {
      kind: 'holes',
      plate: first.plateId,
      holes: holes.length,
      diameter: first.diameter,
    }),
  ];
}

type Told = Pick<FreeWay, 'kind' | 'plate' | 'holes' | 'diameter'>;

/** What must come off once the plan is changed: the joint is looked at anew, the rest as it was. */
function judged(
  project: Project,
  geometry: Geometry,
  joint: Joint,
  edits: readonly Edit[],
  told: Told,
): FreeWay {
  const after = geometryOf(applyEdits(project, edits), [joint.id]);
  const found = after.access[0];
  const access = new Map(geometry.access.map((a) => [a.joint, a.joint === joint.id && found ? found : a]));
  const joints = new Map(geometry.joints.map((j) => [j.id, j]));
  const list = serviceParts(geometry.parts, joints, access, geometry.solids);
  return { ...told, joint: joint.id, edits, reach: serviceDepth(list, access.get(joint.id)?.demand ?? []) };
}

/** The screws from the side of the part, into a thread or captive nuts in the plate. */
function otherSide(project: Project, geometry: Geometry, joint: Joint): FreeWay[] {
  const { planned } = joint;
  const at = planned && plateAt(project, planned.axisId, planned.plate);
  if (!planned || !at) return [];
  const groups = project.axes[at.axis]!.fit.plates[at.plate]!.groups;
  const n = groups.findIndex((g) => g.id === planned.group);
  const group = groups[n];
  // A carriage has threads of its own, and a tapped plate takes its screws from there already.
  if (!group || group.way !== 'clear' || group.joins === 'carriages') return [];
  const face = group.face === 'front' ? ('back' as const) : ('front' as const);
  const turned = groups.map((g, i) => (i === n ? { ...g, way: 'tapped' as const, face } : g));
  const edits = [put(`axes.${at.axis}.fit.plates.${at.plate}.groups`, turned)];
  const told = { plate: planned.plate, holes: 0, diameter: 0 };
  const tapped = judged(project, geometry, joint, edits, { ...told, kind: 'other-side' });
  return [tapped, { ...tapped, kind: 'captive', edits: [] }];
}

/**
 * What frees the hidden screws of a joint, the best first. Some tenths of a second for each.
 * @param name of a group of access holes.
 */
export function waysToFree(
  project: Project,
  geometry: Geometry,
  jointId: string,
  name: string,
): readonly FreeWay[] {
  const joint = geometry.joints.find((j) => j.id === jointId);
  const reach = geometry.access.find((a) => a.joint === jointId);
  if (!joint || !reach?.demand.length) return [];
  const before = accessDepth(geometry, reach);
  const found = [...holesWay(project, geometry, joint, reach, name), ...otherSide(project, geometry, joint)];
  const depth = (w: FreeWay) => w.reach?.off.length ?? Infinity;
  return found.filter((w) => depth(w) < before).sort((a, b) => depth(a) - depth(b));
}

/** Parts off until a joint is reached as it is now. */
function accessDepth(geometry: Geometry, reach: JointReach): number {
  const access = new Map(geometry.access.map((a) => [a.joint, a]));
  const joints = new Map(geometry.joints.map((j) => [j.id, j]));
  const list = serviceParts(geometry.parts, joints, access, geometry.solids);
  return serviceDepth(list, reach.demand)?.off.length ?? Infinity;
}
