import type { Wanted } from '@/core/catalogue';
import { rangeInWords, wantedText } from '@/core/units';

type Of<K extends Wanted['is']> = Extract<Wanted, { readonly is: K }>;
type Words = { readonly [K in Wanted['is']]: (wanted: Of<K>) => string };

const words: Words = {
  name: ({ most }) => `a name of up to ${most} letters`,
  letters: ({ most }) => `at most ${most} letters`,
  parts: ({ most }) => `at most ${most} parts`,
  points: ({ most }) => `at most ${most} points`,
  price: ({ most }) => `a price of 0 to ${most}, or nothing`,
  count: ({ most }) => `a whole number from 0 to ${most}`,
  words: (wanted) => wanted.words.join(' or '),
  heading: (wanted) => `one of ${wanted.words.join(', ')}`,
  'column-of': ({ family }) => `one of the columns of ${family.toLowerCase()}`,
  column: ({ name }) => `a column called ${name}`,
  quantity: ({ kind }) => wantedText(kind),
  range: ({ rule }) => rangeInWords(rule),
  figure: () => 'at least one figure of the part',
  'a-part': () => 'at least one part below the heading',
  'two-columns': () => 'two columns, speed and torque',
  'two-points': () => 'two points or more',
};

/** What a table or a part wants in the place of what was read, in words. */
export const wantedWords = (wanted: Wanted): string =>
  (words[wanted.is] as (wanted: Wanted) => string)(wanted);
