/** An id that no other of the list has. */
export function freshId(prefix: string, list: readonly { readonly id: string }[]): string {
  const ids = new Set(list.map((e) => e.id));
  let n = list.length + 1;
  while (ids.has(`${prefix}-${n}`)) n++;
  return `${prefix}-${n}`;
}
