import type { CutPiece } from './stock';

/** Pieces that are alike: how long, how many, and which they are. */
export interface Kind {
  readonly piece: CutPiece;
  readonly ids: readonly CutPiece[];
}

/** Pieces gathered by what the saw knows of them, the longest first. */
export function kindsOf(pieces: readonly CutPiece[]): readonly Kind[] {
  const kinds = new Map<string, CutPiece[]>();
  for (const piece of pieces) {
    const key = `${piece.length} ${piece.first}`;
    const same = kinds.get(key);
    if (same) same.push(piece);
    else kinds.set(key, [piece]);
  }
  return [...kinds.values()]
    .map((ids) => ({ piece: ids[0]!, ids }))
    .sort((a, b) => b.piece.length - a.piece.length);
}

/**
 * Every choice of so many of each kind as one whole number: the digits of a number whose places count from 0
 * to how many there are. 0 is none of them, `size - 1` all.
 */
export interface Choices {
  readonly counts: readonly number[];
  /** What one more of a kind adds to the number. */
  readonly steps: readonly number[];
  readonly size: number;
}

export function choicesOf(counts: readonly number[]): Choices {
  const steps: number[] = [];
  let size = 1;
  for (const count of counts) {
    steps.push(size);
    size *= count + 1;
  }
  return { counts, steps, size };
}

/** How many of a kind a choice has. */
export const digit = ({ counts, steps }: Choices, choice: number, kind: number): number =>
  Math.floor(choice / steps[kind]!) % (counts[kind]! + 1);

/**
 * Calls with every choice that has no more of any kind than this one, none and all of it among them.
 * @param least of the first kind that the choice has at all: 1 halves the work where order does not matter.
 */
export function eachWithin(choices: Choices, choice: number, visit: (part: number) => void, least = 0): void {
  const digits = choices.counts.map((_, kind) => digit(choices, choice, kind));
  const first = digits.findIndex((d) => d > 0);
  const walk = (kind: number, part: number): void => {
    if (kind === digits.length) return visit(part);
    const from = kind === first ? Math.min(least, digits[kind]!) : 0;
    for (let d = from; d <= digits[kind]!; d++) walk(kind + 1, part + d * choices.steps[kind]!);
  };
  walk(0, 0);
}
