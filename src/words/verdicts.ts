import type { Verdict } from '@/core/findings';

/** Verdicts are always said by these words. */
export const verdictWords: Record<Verdict, string> = {
  holds: 'holds',
  thin: 'thin',
  'gives-out': 'gives out',
  'not-known': 'not known',
};
