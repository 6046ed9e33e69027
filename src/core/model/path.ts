import type { Edit, Plain, ValueAt } from './edit';
import type { Project } from './document';
import type { Axis } from './axes/schema';

type Tree = Record<string, unknown> | unknown[];

const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null;

/** An edit of a machine: the value must be what stands at the path. */
export const put = <const P extends string>(path: P, value: ValueAt<Project, P>): Edit => ({
  path,
  value: value as Plain,
});

/** An edit of an axis, its path leading from inside it. */
export const putInAxis = <const P extends string>(path: P, value: ValueAt<Axis, P>): Edit => ({
  path,
  value: value as Plain,
});

/**
 * The value at a dotted path such as `drive.lead` or `loads.masses.0.mass`; undefined where it ends early.
 */
export function getAt(root: unknown, path: string): unknown {
  let at: unknown = root;
  for (const key of path.split('.')) {
    if (!isTree(at) || !Object.hasOwn(at, key)) return undefined;
    at = (at as Record<string, unknown>)[key];
  }
  return at;
}

/**
 * A copy of a tree with one value replaced; all that does not lie on the path is shared with the original.
 * @throws RangeError where the path leaves the tree: a programming error, not a user's.
 */
export const setAt = <T>(root: T, path: string, value: unknown): T =>
  setKeys(root, path.split('.'), 0, value) as T;

function setKeys(root: unknown, keys: readonly string[], at: number, value: unknown): unknown {
  const key = keys[at]!;
  if (!isTree(root) || !Object.hasOwn(root, key))
    throw new RangeError(`no “${key}” to set (${keys.join('.')})`);
  const next =
    at + 1 < keys.length ? setKeys((root as Record<string, unknown>)[key], keys, at + 1, value) : value;
  if (Array.isArray(root)) return root.map((v, i) => (String(i) === key ? next : v));
  return { ...root, [key]: next };
}

/**
 * Applies edits one after another. What lies on a path is copied once, however many edits go through it; all
 * else is shared with the original.
 * @throws RangeError where a path leaves the tree: a programming error, not a user's.
 */
export function applyEdits<T>(root: T, edits: readonly Edit[]): T {
  const fresh = new Set<unknown>();
  const own = (tree: unknown, path: string): Record<string, unknown> => {
    if (!isTree(tree)) throw new RangeError(`nothing to set at ${path}`);
    if (fresh.has(tree)) return tree as Record<string, unknown>;
    const copy = Array.isArray(tree) ? [...(tree as unknown[])] : { ...tree };
    fresh.add(copy);
    return copy as Record<string, unknown>;
  };
  if (!edits.length) return root;
  const changed = own(root, '');
  for (const { path, value } of edits) {
    const keys = path.split('.');
    let at = changed;
    keys.forEach((key, i) => {
      if (!Object.hasOwn(at, key)) throw new RangeError(`no “${key}” to set (${path})`);
      at[key] = i + 1 < keys.length ? own(at[key], path) : value;
      at = at[key] as Record<string, unknown>;
    });
  }
  return changed as T;
}
