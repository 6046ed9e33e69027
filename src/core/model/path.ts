import type { Edit } from '@/core/findings';

type Tree = Record<string, unknown> | unknown[];

const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null;

/** The value at a dotted path such as `drive.lead` or `loads.masses.0.mass`; undefined where it ends early. */
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
export const setAt = <T>(root: T, path: string, value: unknown): T => setKeys(root, path.split('.'), 0, value) as T;

function setKeys(root: unknown, keys: readonly string[], at: number, value: unknown): unknown {
  const key = keys[at]!;
  if (!isTree(root) || !Object.hasOwn(root, key)) throw new RangeError(`no “${key}” to set (${keys.join('.')})`);
  const next = at + 1 < keys.length ? setKeys((root as Record<string, unknown>)[key], keys, at + 1, value) : value;
  if (Array.isArray(root)) return root.map((v, i) => (String(i) === key ? next : v));
  return { ...root, [key]: next };
}

/** Applies edits one after another. */
export const applyEdits = <T>(root: T, edits: readonly Edit[]): T =>
  edits.reduce((tree, edit) => setAt(tree, edit.path, edit.value), root);
