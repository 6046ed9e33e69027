import type { BuildCode } from '@/core/build';
import { formatNumber } from '@/core/units';
import { lineNameOf, sectionName } from './needs';
import type { NeedKind } from '@/core/build';
import { paramsOf } from '@/core/build';
import { workWords } from './findings-work';
import type { FindingWords, Teller } from './teller';

const money = (v: number) => formatNumber(v, v < 100 ? 3 : Math.max(3, Math.ceil(Math.log10(v + 1))));
const days = (n: number) => `${formatNumber(n, 4)} ${n === 1 ? 'day' : 'days'}`;
const nameOf = ({ word, system }: Teller) =>
  lineNameOf({ kind: word('kind'), own: word('own'), spec: word('spec') }, system);
const others = (count: number) => (count > 1 ? ` and ${count - 1} more` : '');
const barOf = ({ word, system }: Teller) =>
  sectionName(word('kind') as NeedKind, paramsOf(word('spec')) ?? { text: word('section') }, system);
const pieces = (n: number) => (n === 1 ? '1 piece' : `${formatNumber(n, 4)} pieces`);

/** Words for what is found of parts, money, cuts, order and dates. */
export const buildWords: Record<BuildCode, FindingWords> = {
  ...workWords,
  'list-budget': ({ f, num, thin }) => ({
    title: f.verdict === 'not-known' ? 'Not all has a price' : thin ? 'Little money left' : 'Over the budget',
    ...(f.verdict === 'gives-out' ? { big: `+ ${money(f.value - f.limit)}` } : {}),
    lines: [
      `Paid ${money(num('paid'))}, cheapest basket ${money(num('basket'))}` +
        (num('likes') > 0
          ? `, ${formatNumber(num('likes'), 4)} lines by example prices ${money(num('like'))}`
          : '') +
        `: ${money(f.value)} of ${money(f.limit)}.`,
      ...(num('unknown') > 0
        ? [`${formatNumber(num('unknown'), 4)} lines have no price at all, so it is at least so much.`]
        : []),
    ],
  }),
  'part-late': (t) => ({
    title: `${nameOf(t)} is late`,
    big: t.num('overdue') > 0 ? `+ ${days(t.num('overdue'))}` : `+ ${days(t.num('after'))}`,
    lines: [
      t.num('overdue') > 0
        ? `It was due on ${t.word('due')} and is not here.`
        : `It comes on ${t.word('due')}, ${days(t.num('after'))} after the day on which all is wanted.`,
    ],
  }),
  'part-refused': (t) => ({
    title: `${nameOf(t)}: refused`,
    lines: [t.word('note') || 'It came and does not serve. It is on the list to be bought again.'],
  }),
  'part-changed': (t) => ({
    title: `${nameOf(t)} is not what was ordered`,
    lines: [
      `Ordered: ${lineNameOf({ kind: t.word('kind'), own: '', spec: t.word('was') }, t.system)}. ` +
        'The plan asks otherwise now: order again, or take the plan back to what lies here.',
    ],
  }),
  'part-short': (t) => ({
    title: `Too few: ${nameOf(t)}`,
    big: `+ ${formatNumber(t.num('more'), 4)}`,
    lines: [
      `${t.word('by') === 'metre' ? t.say('length', t.num('more')) : pieces(t.num('more'))} more than were ` +
        'ordered are wanted.',
    ],
  }),
  'part-gone': (t) => ({
    title: 'Bought, and asked for no more',
    lines: [`${nameOf(t)}${others(t.num('count'))}: the plan has gone another way since.`],
  }),
  'quote-old': (t) => ({
    title: 'Old quotes in the basket',
    lines: [
      `${nameOf(t)}${others(t.num('count'))}: ` +
        (t.num('days') > 0 ? `the price was named ${days(t.num('days'))} ago. ` : 'the quote has run out. ') +
        'Ask again before you count on it.',
    ],
  }),
  'quote-few': (t) => ({
    title: 'Two quotes far apart',
    lines: [
      `${nameOf(t)}${others(t.num('count'))}: ${money(t.num('low'))} and ${money(t.num('high'))}. ` +
        'One of them may be of another thing; compare at least three.',
    ],
  }),
  'cut-spoilt': (t) => ({
    title: t.num('count') === 1 ? 'A piece is spoilt' : `${t.num('count')} pieces are spoilt`,
    lines: [
      `${barOf(t)}: ${t.say('length', t.num('length'), 5)} was cut and does not serve.`,
      t.num('bars') > 0
        ? `What is left does not make it good: ${t.num('bars')} more of ${t.say('length', t.num('bar'), 5)}.`
        : 'What is left and lies here makes it good: the cuts are planned anew.',
    ],
  }),
  'cut-impossible': (t) => ({
    title: `${barOf(t)}: no bar for it`,
    lines: [
      `${pieces(t.num('count'))} of ${t.say('length', t.num('length'), 5)} can be had out of no bar on ` +
        'the list: too long with squared end and stub, or with a hole at the saw.',
    ],
  }),
  'cut-missing': (t) => ({
    title: `${barOf(t)}: not enough`,
    lines: [
      `${pieces(t.num('count'))}, ${t.say('length', t.num('length'), 4)} in all, have no bar left. ` +
        'Say which bars can be bought.',
    ],
  }),
  'cut-other': (t) => ({
    title: `${barOf(t)}: cut to another length`,
    lines: [
      `${pieces(t.num('count'))} lie cut to a length that the plan no longer asks; it wants ` +
        `${t.say('length', t.num('length'), 5)} now.`,
    ],
  }),
};
