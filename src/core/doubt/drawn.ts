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

/** A torque curve of which every point is moved by the same share. */
const scaled = (curve: Curve, by: number): Curve => ({
  ...curve,
  points: curve.points.map((p) => ({ ...p, torque: { ...p.torque, si: p.torque.si * by } })),
});

function rebuilt(from: unknown, at: Branch, values: ArrayLike<number>): unknown {
  if (at.input >= 0) {
    const value = values[at.input]!;
    return (from as object) !== null && 'points' in (from as object)
      ? scaled(from as Curve, value)
      : { ...(from as object), si: value };
  }
  const copy = (Array.isArray(from) ? [...(from as unknown[])] : { ...(from as object) }) as Record<
    string,
    unknown
  >;
  for (const [key, inner] of at.inner) copy[key] = rebuilt(copy[key], inner, values);
  return copy;
}

/**
 * Makes machines with other values of the inputs. What lies on no path to one is shared by all of them, and
 * nothing is read or parsed: some microseconds a machine.
 * @returns of values in SI, in the order of the inputs, the machine; texts stay what was typed.
 */
export function drawer(
  project: Project,
  inputs: readonly DoubtInput[],
): (values: ArrayLike<number>) => Project {
  const tree = treeOf(inputs);
  return (values) => rebuilt(project, tree, values) as Project;
}

/** How much stiffer the materials of a draw are than the table says. */
export const gradesOf = (inputs: readonly DoubtInput[], values: ArrayLike<number>): Grades =>
  Object.fromEntries(
    inputs.flatMap(({ path }, i) => {
      const material = materialAt(path);
      return material ? [[material, values[i]!]] : [];
    }),
  );
