/**
 * Spreads labels so that none stands closer to the next than a gap, each as near to its place as that
 * allows (pooling of neighbours that push each other), within the given ends.
 * @param wants heights in rising order.
 */
export function spread(wants: readonly number[], gap: number, low: number, high: number): number[] {
  // Without the gaps the task is a non-decreasing fit: groups that would cross share their mean.
  const groups: { sum: number; count: number }[] = [];
  wants.forEach((want, i) => {
    groups.push({ sum: want - i * gap, count: 1 });
    for (let last = groups.length - 1; last > 0; last--) {
      const [a, b] = [groups[last - 1]!, groups[last]!];
      if (a.sum / a.count <= b.sum / b.count) break;
      groups.splice(last - 1, 2, { sum: a.sum + b.sum, count: a.count + b.count });
    }
  });
  const room = high - (wants.length - 1) * gap;
  const flat = groups.flatMap((g) =>
    Array.from({ length: g.count }, () => Math.min(Math.max(g.sum / g.count, low), Math.max(low, room))),
  );
  return flat.map((v, i) => v + i * gap);
}
