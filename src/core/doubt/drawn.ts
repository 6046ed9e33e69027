import type { Grades } from '@/core/machine';
import type { Project } from '@/core/model';
import { type DoubtInput, materialAt } from './inputs';

/** A branch of the document that leads to inputs: which input stands here, and what lies further on. */
interface Branch {
  input: number;
  readonly inner: Map<string, Branch>;
}

const branch = (): Branch => ({ input: -1, inner: new Map() });

function treeOf(inputs: readonly DoubtInput[]): Branch {
  const root = branch();
  inputs.forEach(({ path }, i) => {
    if (materialAt(path)) return;
    let at = root;
    for (const key of path.split('.')) {
      const next = at.inner.get(key) ?? branch();
      at.inner.set(key, next);
      at = next;
    }
    at.input = i;
  });
  return root;
}

type Curve = { readonly points: readonly { readonly torque: { readonly si: number } }[] };

/** Puts one value into a machine that is there to be filled. */
type Fill = (value: number) => void;

/** A torque curve of which every point is moved by the same share. */
function scaled(curve: Curve): { readonly own: Curve; readonly fill: Fill } {
  const points = curve.points.map((p) => ({ ...p, torque: { ...p.torque } }));
  return {
    own: { ...curve, points },
    fill: (by) => points.forEach(({ torque }, i) => (torque.si = curve.points[i]!.torque.si * by)),
  };
}

/** A copy of a measure, or of a curve, that can be filled. */
function leafOf(from: object): { readonly own: unknown; readonly fill: Fill } {
  if ('points' in from) return scaled(from as Curve);
  const own = { ...from } as { si: number };
  return { own, fill: (value) => (own.si = value) };
}

/** A copy along the paths to inputs; what lies on no such path is shared. @param fills by input. */
function copied(from: unknown, at: Branch, fills: Map<number, Fill>): unknown {
  if (at.input >= 0) {
    const { own, fill } = leafOf(from as object);
    fills.set(at.input, fill);
    return own;
  }
  const copy = (Array.isArray(from) ? [...(from as unknown[])] : { ...(from as object) }) as Record<
    string,
    unknown
  >;
  for (const [key, inner] of at.inner) copy[key] = copied(copy[key], inner, fills);
  return copy;
}

/**
 * Makes machines with other values of the inputs: one machine that is filled anew, since ten thousand copies
 * cost more than what is asked of them. Each is a machine by itself only at its top, so that nobody takes one
 * for the last; what it holds is the next one's as soon as that is made, and nothing may be remembered by it.
 * @returns of values in SI, in the order of the inputs, the machine; texts stay what was typed.
 */
export function drawer(
  project: Project,
  inputs: readonly DoubtInput[],
): (values: ArrayLike<number>) => Project {
  const fills = new Map<number, Fill>();
  const own = copied(project, treeOf(inputs), fills) as Project;
  const list = [...fills];
  return (values) => {
    for (const [input, fill] of list) fill(values[input]!);
    return { ...own };
  };
}

/** How much stiffer the materials of a draw are than the table says. */
export const gradesOf = (inputs: readonly DoubtInput[], values: ArrayLike<number>): Grades =>
  Object.fromEntries(
    inputs.flatMap(({ path }, i) => {
      const material = materialAt(path);
      return material ? [[material, values[i]!]] : [];
    }),
  );
