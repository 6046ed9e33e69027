import type { Verdict } from '@/core/findings';

/** Verdicts are always said by these words. */
export const verdictWords: Record<Verdict, string> = {
  holds: 'holds',
  thin: 'thin',
  'gives-out': 'gives out',
  'not-known': 'not known',
};

/** A verdict in words. @param guessed whether it rests on numbers that nobody has said. */
export const verdictText = (verdict: Verdict, guessed: boolean): string =>
  guessed ? `${verdictWords[verdict]}, guessed` : verdictWords[verdict];

/** "7 numbers are ours" */
export const oursText = (count: number): string =>
  count === 1 ? '1 number is ours' : `${count} numbers are ours`;
