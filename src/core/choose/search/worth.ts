import { isKnown, scaled, type Scale } from './fronts';
import type { FoundLine } from './search';

/** Why a drive train is worth reading. */
export const reasons = ['cheapest', 'knee', 'most'] as const;
export type Reason = (typeof reasons)[number];

/** Something that costs money, with what it comes to. */
type Priced = Pick<FoundLine, 'money' | 'figures'>;

/** Money and what it buys, each as more is better, over what they span: 0 to 1. */
function placed<T extends Priced>(lines: readonly T[], scale: Scale) {
  // Ten times stiffer or a tenth of the play is one step of its kind; what is asked counts as it is.
  const even = (line: T) => {
    const value = scaled(line.figures, scale);
    if (scale === 'stiffness') return Math.log(value);
    return scale === 'lost' || scale === 'error' ? -Math.log(LEAST - value) : value;
  };
  const span = (of: (l: T) => number) => {
    const all = lines.map(of);
    const [least, most] = [Math.min(...all), Math.max(...all)];
    return (line: T) => (most > least ? (of(line) - least) / (most - least) : 0);
  };
  const [money, worth] = [span((l) => Math.log(1 + l.money)), span(even)];
  return lines.map((line) => ({ line, money: money(line), worth: worth(line) }));
}

/** Below a micrometre nobody tells one play from another, m. */
const LEAST = 1e-6;

/**
 * The few of a front that are worth reading: the cheapest that holds, the one that is worth most, and the
 * knee: farthest above the straight line between those two, so that less money loses much and more gains
 * little. Where a figure is a bound alone, for links of it are not known, it is not held against known ones.
 */
export function worthReading<T extends Priced>(
  front: readonly T[],
  scale: Scale,
): readonly { readonly line: T; readonly reason: Reason }[] {
  let best = -Infinity;
  const sure = front.filter((line) => isKnown(line.figures.unknown, scale));
  const lines = [...(sure.length ? sure : front)]
    .sort((a, b) => a.money - b.money || scaled(b.figures, scale) - scaled(a.figures, scale))
    .filter(({ figures }) => {
      const better = scaled(figures, scale) > best;
      if (better) best = scaled(figures, scale);
      return better;
    });
  if (!lines.length) return [];
  // Bounds alone say of none that it is the most.
  if (!sure.length) return [{ line: lines[0]!, reason: 'cheapest' }];
  const points = placed(lines, scale);
  const knee = points.reduce((a, b) => (b.worth - b.money > a.worth - a.money ? b : a)).line;
  const picked: [Reason, T][] = [
    ['cheapest', lines[0]!],
    ['knee', knee],
    ['most', lines.at(-1)!],
  ];
  return picked
    .filter(([, line], i) => picked.findIndex(([, l]) => l === line) === i)
    .map(([reason, line]) => ({ line, reason }));
}
