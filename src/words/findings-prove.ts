import type { ProveCode } from '@/core/prove';
import type { HappeningKind } from '@/core/model';
import type { FindingWords, Teller } from './teller';
import { trueFigureName, happeningWords, sheetTitle, trueText } from './truing';

const sheetOf = (t: Teller) => sheetTitle(t.word('sheet'), t.word('axis'));

type Of = 'length' | 'slope' | 'force';

/** Day and hour out of an ISO time, as it was where it was written down. */
const when = (iso: string) => {
  const at = new Date(iso);
  return Number.isNaN(at.getTime()) ? '' : at.toISOString().slice(0, 16).replace('T', ', ');
};

/** Words for what is found of truing. */
export const proveWords: Record<ProveCode, FindingWords> = {
  'true-out': (t) => {
    const of = t.f.kind as Of;
    return {
      title: `Not true: ${sheetOf(t)}`,
      ...t.over,
      lines: [
        `${trueFigureName(t.word('figure'))}: ${trueText(of, t.f.value, t.system)} ± ` +
          `${trueText(of, t.num('expanded'), t.system)}, good enough is ` +
          `${trueText(of, t.f.limit, t.system)}.`,
      ],
    };
  },
  'true-unsure': (t) => {
    const of = t.word('of') as Of;
    const say = (name: string) => trueText(of, t.num(name), t.system);
    return {
      title: `Cannot say yet: ${sheetOf(t)}`,
      lines: [
        `${trueFigureName(t.word('figure'))}: ${say('value')} ± ${say('expanded')} reaches over the ` +
          `limit of ${say('good')}.`,
        t.word('want') === 'more-readings'
          ? 'Scatter of the readings leads: read each place more often.'
          : 'The instrument leads: a finer one would decide.',
      ],
    };
  },
  'true-stale': (t) => {
    const keys = JSON.parse(t.word('sheets')) as string[];
    const axes = JSON.parse(t.word('axes')) as string[];
    const names = keys.map((k, i) => sheetTitle(k, axes[i] ?? ''));
    const what = t.word('what') as HappeningKind | '';
    const why = what
      ? `${sheetTitle(t.word('node'), t.word('axis'))} was ${happeningWords[what]} on ` +
        `${when(t.word('at'))} (UTC).`
      : 'The shop is more than 5 K warmer or colder than it was.';
    return {
      title: keys.length === 1 ? `Stale: ${names[0]!}` : `${keys.length} sheets are stale`,
      lines: [why, `Read again: ${names.join('; ')}.`],
    };
  },
  'true-slip': (t) => ({
    title: `A reading stands out: ${sheetOf(t)}`,
    lines: [
      `At ${t.say('length', t.num('place'), 4)} it lies ${t.micro(t.num('off'))} off the line of its ` +
        `neighbours. ` +
        'Read it again; it counts until you do.',
    ],
  }),
};
