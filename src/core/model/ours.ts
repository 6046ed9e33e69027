/**
 * Paths of all numbers of ours in a part of the document: such as nobody has confirmed or replaced.
 * @param part plain data: a slice, an axis, a single measure. @param at path of the part, put before each.
 */
export function oursIn(part: unknown, at = ''): string[] {
  const found: string[] = [];
  // Every report asks this of every axis: paths are only put together where something is found.
  const keys: string[] = at === '' ? [] : [at];
  const walk = (value: unknown): void => {
    if (typeof value !== 'object' || value === null) return;
    const { basis } = value as { readonly basis?: unknown };
    if (basis !== undefined) {
      if (basis === 'ours') found.push(keys.join('.'));
      return;
    }
    for (const key in value) {
      const inner = (value as Record<string, unknown>)[key];
      if (typeof inner !== 'object' || inner === null) continue;
      keys.push(key);
      walk(inner);
      keys.pop();
    }
  };
  walk(part);
  return found;
}
