import { makingName } from './names-fit';
import type { FindingWords } from './teller';

const others = (count: number) => (count > 1 ? ` and ${count - 1} more` : '');

/** Words for holes and plates. */
export const plateWords = {
  'plate-pattern': ({ num, word, say, value, limit }) => {
    const mm = (m: number) => say('length', m, 4);
    const drawn = `${mm(num('along'))} × ${mm(num('across'))}`;
    const hand = [
      ...(num('handAlong') > 0 ? [`${mm(num('handAlong'))} along`] : []),
      ...(num('handAcross') > 0 ? [`${mm(num('handAcross'))} across`] : []),
    ].join(', ');
    const byLength = word('from') === 'length';
    return {
      title: byLength ? 'Long and short carriage mixed up' : `${word('group')}: drilled otherwise`,
      big: value,
      lines: [
        `${word('plate')}, group ${word('letter')} is drawn ${drawn}. ` +
          (byLength
            ? 'The carriage is as long as its other version, which is drilled otherwise along the rail.'
            : `In hand it measures ${hand}.`),
        `All ${num('holes')} holes miss by ${value}; they let ${limit}.`,
      ],
    };
  },
  'plate-bottom': ({ num, word, say }) => {
    const mm = (m: number) => say('length', m, 3);
    return {
      title: `${word('group')}: the screw touches bottom`,
      lines: [
        `${word('thread')} by ${mm(num('length'))} goes ${mm(num('length') - num('grip'))} in; there are ` +
          `${mm(num('depth'))} of thread, and a shorter one holds too little.`,
        'A screw that touches bottom clamps nothing, and lifts the balls of a carriage.',
      ],
    };
  },
  'plate-short': ({ word, value, limit }) => ({
    title: `${word('group')}: little thread`,
    lines: [
      `${word('plate')}: ${word('thread')} finds ${value} of thread; in this material ${limit} are ` +
        'common practice. A thicker plate, an insert, or a through bolt with a nut.',
    ],
  }),
  'plate-edge': ({ f, num, word, value, limit }) => ({
    title: f.value < 0 ? 'A hole runs out of the plate' : 'Holes near the edge',
    lines: [
      `${word('plate')}: ${word('hole')}${others(num('count'))}. From its middle to the edge it has ` +
        `${value}; ${limit} is common practice.`,
    ],
  }),
  'plate-wall': ({ f, num, word, value, limit }) => ({
    title: f.value < 0 ? 'Holes run into one another' : 'Little wall between holes',
    lines: [
      `${word('plate')}: between ${word('hole')} and ${word('other')}${others(num('count'))} ${value} ` +
        `is left; ${limit} is common practice.`,
    ],
  }),
  'plate-floor': ({ num, word, value, limit }) => ({
    title: 'Too little under the heads',
    lines: [
      `${word('plate')}: under the counterbore of ${word('hole')}${others(num('count'))} ${value} is left; ` +
        `${limit} is common practice. Do without the counterbore, or take a thicker plate.`,
    ],
  }),
  'plate-made': ({ num, word, value, limit }) => ({
    title: `Holes too small for ${makingName[word('made')] ?? 'it'}`,
    lines: [
      `${word('plate')}: ${word('hole')}${others(num('count'))} is ${value}; from ${limit} on it comes ` +
        'out round enough. Its rim is hard and tapered and breaks taps: have smaller ones only marked, ' +
        'and drill them.',
    ],
  }),
  'plate-head': ({ num, word }) => ({
    title: 'Heads under a part',
    lines: [
      `${word('plate')}: ${word('hole')}${others(num('count'))} lies under “${word('under')}” on the ` +
        'same face. No key reaches it while that part is on.',
    ],
  }),
  'plate-twins': ({ word }) => ({
    title: `${word('screw')} is no ${word('thread')}`,
    lines: [
      `${word('plate')}, “${word('group')}”: ${word('screw')} goes a few turns into ${word('thread')} and ` +
        'then strips it. Keep the two in different boxes.',
    ],
  }),
  'plate-locked': ({ word }) => ({
    title: 'Heads lock what must be trued',
    lines: [
      `${word('plate')}, “${word('group')}”: a countersunk head pulls its part to one place, and it ` +
        'cannot be trued. Wide holes under washers while it is set up; dowels, drilled in place, if it ' +
        'must come back.',
    ],
  }),
} satisfies Record<string, FindingWords>;
