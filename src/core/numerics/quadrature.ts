/**
 * Composite Simpson rule.
 * @param f integrand, smooth on [from, to].
 * @param panels even number of panels, 2 or more.
 */
export function simpson(f: (x: number) => number, from: number, to: number, panels = 32): number {
  const h = (to - from) / panels;
  let sum = f(from) + f(to);
  for (let i = 1; i < panels; i++) sum += (i % 2 ? 4 : 2) * f(from + i * h);
  return (sum * h) / 3;
}
