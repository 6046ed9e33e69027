import { type Demand, type Depth, serviceDepth, type ServicePart } from '../order';
import { exitsOf, type Solid } from '../reach';
import type { JointReach } from './access';
import type { Part, PartKind } from './part';
import { servicedKinds } from './step';
import { type JointMap, offAndOn, type WorkStep } from './work';

/** What a part that wears or is set anew asks for. */
export interface Service {
  readonly part: string;
  readonly kind: PartKind;
  readonly what: 'wears' | 'set' | 'both';
  /** Parts off until its screws can be turned; undefined: never, whatever comes off. */
  readonly reach: Depth | undefined;
  /** Parts off until it is off itself, counted with it. */
  readonly off: Depth | undefined;
  /** Joints that must be set anew afterwards, by the steps that set them. */
  readonly again: readonly string[];
  /** Off, on and set anew, minutes. */
  readonly minutes: number;
  readonly usual: boolean;
  /** Where the screws of it, or of what must come off, are not known: it may be worse. */
  readonly unknown: readonly string[];
}

/** Wear parts are wanted at most so deep; common practice, no source. */
export const WANTED_DEPTH = 2;

/** What must be met for each part to come off: what stands on it, its screws, a way out. */
export function serviceParts(
  parts: readonly Part[],
  joints: JointMap,
  access: ReadonlyMap<string, JointReach>,
  solids: readonly Solid[],
): ServicePart[] {
  return parts.map((part) => {
    const resting = parts.filter((p) => p.on.includes(part.id)).map((p) => [[p.id]]);
    const screws = access.get(part.id)?.demand ?? [];
    const mates = [...part.on, ...parts.filter((p) => p.on.includes(part.id)).map((p) => p.id)];
    const exits = part.drawn ? exitsOf(part.id, solids, part.ways, mates).map((e) => e.hidden) : [];
    const out: Demand = exits.length && !exits.some((e) => !e.length) ? [exits] : [];
    return { id: part.id, minutes: offAndOn(joints.get(part.id)), demand: [...resting, ...screws, ...out] };
  });
}

/** Steps that set a joint anew: those with something to read, for which it was made. */
export function settingSteps(steps: readonly WorkStep[], parts: readonly string[]): readonly WorkStep[] {
  const touched = new Set(parts);
  return steps.filter((s) => s.readings.length > 0 && s.sets.some((x) => touched.has(x.joint)));
}

/** What must come off for every part that wears or is set anew, the worst first. */
export function servicesOf(
  parts: readonly Part[],
  joints: JointMap,
  access: readonly JointReach[],
  solids: readonly Solid[],
  steps: readonly WorkStep[],
): readonly Service[] {
  const byJoint = new Map(access.map((a) => [a.joint, a]));
  const list = serviceParts(parts, joints, byJoint, solids);
  const found = parts.flatMap((part): Service[] => {
    const what = servicedKinds[part.kind];
    if (!what) return [];
    const reach = serviceDepth(list, byJoint.get(part.id)?.demand ?? []);
    const off = what === 'set' ? undefined : serviceDepth(list, [[[part.id]]]);
    const gone = [...new Set([...(reach?.off ?? []), ...(off?.off ?? [])])];
    const again = settingSteps(steps, [part.id, ...gone]);
    const trueing = again.reduce((sum, s) => sum + s.work, 0);
    return [
      {
        part: part.id,
        kind: part.kind,
        what,
        reach,
        off,
        again: again.map((s) => s.id),
        minutes: Math.round(Math.max(reach?.minutes ?? 0, off?.minutes ?? 0) + trueing),
        usual: [part.id, ...gone].some((id) => byJoint.get(id)?.usual),
        unknown: [part.id, ...gone].filter((id) => byJoint.get(id)?.unknown),
      },
    ];
  });
  const depth = (s: Service) => Math.max(s.reach?.off.length ?? 99, s.off ? s.off.off.length - 1 : 0);
  return [...found].sort((a, b) => depth(b) - depth(a) || b.minutes - a.minutes);
}
