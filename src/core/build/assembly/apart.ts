import { serviceDepth } from '../order';
import type { Geometry } from './assembly';
import { serviceParts, settingSteps } from './service';
import type { WorkStep } from './work';

/** What changing some parts of a machine takes apart. */
export interface Apart {
  /** All that comes off, the parts themselves with it, in the order in which it does. */
  readonly off: readonly string[];
  /** Steps that set something anew afterwards. */
  readonly again: readonly string[];
  /** Off, on and set anew, minutes. */
  readonly minutes: number;
  readonly usual: boolean;
  /** Parts whose screws are not known: it may be worse. */
  readonly unknown: readonly string[];
}

/**
 * What must come off so that some parts can be changed, and what is set anew afterwards.
 * @param changed parts that are changed; those that the machine does not have are passed over.
 * @returns undefined where no way takes them off.
 */
export function comeApart(
  { parts, joints, access, solids }: Pick<Geometry, 'parts' | 'joints' | 'access' | 'solids'>,
  steps: readonly WorkStep[],
  changed: readonly string[],
): Apart | undefined {
  const there = changed.filter((id) => parts.some((p) => p.id === id));
  const reaches = new Map(access.map((a) => [a.joint, a]));
  const list = serviceParts(parts, new Map(joints.map((j) => [j.id, j])), reaches, solids);
  const depth = serviceDepth(
    list,
    there.map((id) => [[id]]),
  );
  if (!depth) return undefined;
  const again = settingSteps(steps, depth.off);
  return {
    off: depth.off,
    again: again.map((s) => s.id),
    minutes: Math.round(depth.minutes + again.reduce((sum, s) => sum + s.work, 0)),
    usual: depth.off.some((id) => reaches.get(id)?.usual),
    unknown: depth.off.filter((id) => reaches.get(id)?.unknown),
  };
}
