import type { UnitSystem } from '@/core/units';
import type { FindingWords } from './teller';

const MM = 1e3;
const IN = 1 / 0.0254;

/** A figure of so many decimals, its last noughts left away. */
const trimmed = (value: number, decimals: number) => String(Number(value.toFixed(decimals)));

/** A length as fits are read: to a hundredth of a millimetre or half a thousandth of an inch. */
export const fineLength = (m: number, system: UnitSystem): string =>
  system === 'metric' ? `${trimmed(m * MM, 2)} mm` : `${trimmed(Math.round(m * IN * 2000) / 2000, 4)} in`;

/** What a gap should be: from, to, or both. Infinite where nothing bounds it. */
export function windowText(least: number, most: number, system: UnitSystem): string {
  const figure = (m: number) => fineLength(m, system);
  if (!Number.isFinite(most)) return `≥ ${figure(least)}`;
  if (!Number.isFinite(least)) return `≤ ${figure(most)}`;
  return `${figure(least).split(' ')[0]}–${figure(most)}`;
}

/** Words for how heights and spacings come together. */
export const fitWords = {
  'stack-gap': ({ f, num, word, system }) => {
    const name = word('gap');
    const fine = (m: number) => fineLength(m, system);
    const window = [
      ...(f.params.least === '' ? [] : [`at least ${fine(num('least'))}`]),
      ...(f.params.most === '' ? [] : [`at most ${fine(num('most'))}`]),
    ].join(', ');
    const wanted = window ? ` Wanted is ${window}.` : ' What it should be is not said yet.';
    const now = `It comes to ${fine(f.value)} ± ${fine(num('half'))}.${wanted}`;
    if (num('open') === 1)
      return {
        title: `${name}: a link is missing`,
        lines: ['No chain of links leads from one of its faces to the other.'],
      };
    if (word('missing') !== '')
      return {
        title: `${name}: not known`,
        lines: [
          `“${word('missing')}” has no ${num('untold') === 1 ? 'tolerance' : 'figure'} yet. ` +
            'Read it, or take it from its datasheet.',
        ],
      };
    const change = changeText(word('change'), fine(num('by')));
    if (word('does') === 'measure') {
      const share = Math.round(100 * num('share'));
      const then = change ? `If it is as stated: ${change}.` : '';
      return {
        title: `${name}: measure before you cut`,
        lines: [now, `Read “${word('measure')}”: it makes ${share} % of the doubt. ${then}`.trim()],
      };
    }
    return {
      title: f.value < 0 ? `${name} fouls` : `${name} is off`,
      big: f.value < 0 ? `− ${fine(-f.value)}` : `+ ${fine(f.value)}`,
      lines: [now, ...(change ? [`It wants: ${change}.`] : [])],
    };
  },
  'stack-mismatch': ({ num, word, say, value, limit }) => ({
    title: `${word('name')} is not as stated`,
    lines: [
      `You read ${say('length', num('read'), 4)}, stated is ${say('length', num('stated'), 4)}: ` +
        `${value} apart, where ${limit} would be usual.`,
      'Another variant, another plane, paint or a burr? Read it a second time before you mill.',
    ],
  }),
  'stack-twice': ({ word, say, f }) => ({
    title: `${word('gap')}: ${word('thing')} is counted twice`,
    lines: [
      `“${word('first')}” and “${word('second')}” both hold it, and both are added up ` +
        `(${say('length', f.value, 4)} too much or too little). Published heights often run from the ` +
        'seat of the rail to the face of the carriage.',
    ],
  }),
  'stack-loop': ({ word, value, limit }) => ({
    title: 'Two parts fix one height',
    lines: [
      `${word('names')} lead round to where they began and miss it by ${value}, where their doubts come to ` +
        `${limit}. One of them must give way: a slot, a shim, or another reading.`,
    ],
  }),
} satisfies Record<string, FindingWords>;

/** A change of a gap in a few words; empty where there is none. */
export function changeText(does: string, by: string): string {
  switch (does) {
    case 'shim':
      return `a shim of ${by}`;
    case 'recess':
      return `a recess of ${by}`;
    case 'slot':
      return `a slot ${by} deep`;
    case 'adjust':
      return `move it by ${by}`;
    default:
      return '';
  }
}
