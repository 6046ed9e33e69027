import { inputLabel } from './labels-machine';
import type { FindingWords } from './teller';

const limitText: Readonly<Record<string, string>> = {
  under: 'the underside of the beam',
  lowest: 'the lowest part on the plunge axis',
  tipUp: 'the tip of the tool',
};

/** Words for what passes through a machine. */
export const passingWords = {
  'passes-between': ({ f, num, say }) => ({
    title: 'Does not pass the columns',
    lines: [
      `Between the columns ${say('length', f.value, 4)} pass; ${say('length', f.limit, 4)} are wanted. ` +
        `The gantry travels ${num('cut') > 0 ? say('length', num('cut'), 4) : 'further'}: that says what ` +
        'is cut, not what passes.',
    ],
  }),
  'passes-under': ({ f, num, word, say, value, limit }) => ({
    title: f.verdict === 'not-known' ? 'What passes below is not all known' : 'Does not pass below',
    lines: [
      `Stock of ${value} passes under ${limitText[word('by')] ?? 'the beam'}, clamps and air taken ` +
        `off; you ask for ${limit}.`,
      ...(num('missing') > 0
        ? [`It is at most so much: “${inputLabel(word('first')).toLowerCase()}” is not said yet.`]
        : [`It lacks ${say('length', f.limit - f.value)}.`]),
    ],
  }),
  'cuts-through': ({ f, say }) => ({
    title: 'Does not cut through',
    lines: [
      f.value < 0
        ? `All the way down the tip stays ${say('length', -f.value)} above the table.`
        : `All the way down the tip goes ${say('length', f.value)} into the table; ` +
          `${say('length', f.limit)} are wanted.`,
    ],
  }),
  'sticks-out': ({ value, limit }) => ({
    title: 'The holder rubs',
    lines: [`The tool stands ${value} out of its holder; your deepest cut is ${limit} deep.`],
  }),
  'both-reach': ({ value, limit }) => ({
    title: 'Two tools reach less',
    lines: [`Both tools reach ${value} of the width; the work area is ${limit}.`],
  }),
  'reach-short': ({ f, num, word, say, value, limit }) => {
    const edge = (m: number, name: string) =>
      m < 0
        ? `stays ${say('length', -m)} short of the ${name} edge`
        : `goes ${say('length', m)} past the ${name}`;
    return {
      title:
        f.verdict === 'not-known' ? 'What the tool reaches is not all known' : 'Tool does not reach it all',
      lines: [
        `${word('axis')}: of the table ${value} are reached, ${limit} are asked. Between its soft ` +
          `limits the tool ${edge(num('before'), 'near')} and ${edge(num('beyond'), 'far')}.`,
      ],
    };
  },
  'table-bed': ({ num, say, value, limit }) => ({
    title: 'Table hangs over its bed',
    lines: [
      `Table and travel together are ${limit}, the bed is ${value}: at both ends ` +
        `${say('length', num('over'))} of the table have nothing under them but their own carriages.`,
    ],
  }),
} satisfies Record<string, FindingWords>;
