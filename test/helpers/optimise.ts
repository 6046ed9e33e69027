/**
 * Least value of a function of several numbers by the simplex search of Nelder and Mead (1965), begun anew
 * where it ended until that brings nothing: a referee that knows no derivative.
 */
export function leastOf(
  f: (x: readonly number[]) => number,
  start: readonly number[],
  step: number,
): { readonly x: readonly number[]; readonly value: number } {
  let best = { x: start, value: f(start) };
  for (let round = 0; round < 30; round++) {
    const found = descend(f, best.x, step / (1 + round));
    const gained = best.value - found.value;
    if (found.value < best.value) best = found;
    if (round > 3 && gained < 1e-13 * (1 + Math.abs(best.value))) break;
  }
  return best;
}

function descend(f: (x: readonly number[]) => number, start: readonly number[], step: number) {
  const n = start.length;
  const corner = (x: readonly number[]) => ({ x, value: f(x) });
  const corners = [
    corner(start),
    ...start.map((_, i) => corner(start.map((v, j) => v + (i === j ? step : 0)))),
  ];
  const along = (from: readonly number[], to: readonly number[], by: number) =>
    corner(from.map((v, i) => v + by * (to[i]! - v)));
  for (let turn = 0; turn < 2000; turn++) {
    corners.sort((a, b) => a.value - b.value);
    const [first, worst] = [corners[0]!, corners[n]!];
    if (Math.abs(worst.value - first.value) < 1e-16) break;
    const middle = start.map((_, i) => corners.slice(0, n).reduce((s, c) => s + c.x[i]!, 0) / n);
    const turned = along(middle, worst.x, -1);
    if (turned.value < first.value) {
      const further = along(middle, worst.x, -2);
      corners[n] = further.value < turned.value ? further : turned;
    } else if (turned.value < corners[n - 1]!.value) corners[n] = turned;
    else {
      const nearer = along(middle, turned.value < worst.value ? turned.x : worst.x, 0.5);
      if (nearer.value < Math.min(worst.value, turned.value)) corners[n] = nearer;
      else for (let i = 1; i <= n; i++) corners[i] = along(first.x, corners[i]!.x, 0.5);
    }
  }
  corners.sort((a, b) => a.value - b.value);
  return corners[0]!;
}
