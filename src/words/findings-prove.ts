import type { ProveCode, TrialKind } from '@/core/prove';
import type { HappeningKind } from '@/core/model';
import type { FindingWords, Teller } from './teller';
import type { ForetoldId } from '@/core/machine';
import type { Kind } from '@/core/units';
import { foretoldNames, trialFigureName, trialRowName, trialText } from './trial-figures';
import { trialTitle } from './trials';
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
  'trial-failed': (t) => {
    const refused = JSON.parse(t.word('refused')) as string[];
    const kind = t.word('trial').split(':')[0] as TrialKind;
    const names = refused.map((id) =>
      trialRowName({ kind }, { id, of: 'look', at: null, optional: false }, t.system),
    );
    const said = refused.length ? [`Not so: ${names.join('; ')}.`] : [];
    const figure = t.word('figure');
    if (!figure) return { title: `Failed: ${trialTitle(t.word('trial'), t.word('axis'))}`, lines: said };
    const say = (si: number) => trialText(t.f.kind as Kind, si, t.system);
    return {
      title: `Failed: ${trialTitle(t.word('trial'), t.word('axis'))}`,
      ...t.over,
      lines: [
        `${trialFigureName(figure)}: ${say(t.f.value)} ± ${say(t.num('expanded'))}, good enough is ` +
          `${say(t.f.limit)}.`,
        ...said,
      ],
    };
  },
  'trial-stale': (t) => {
    const keys = JSON.parse(t.word('trials')) as string[];
    const axes = JSON.parse(t.word('axes')) as string[];
    const names = keys.map((k, i) => trialTitle(k, axes[i] ?? ''));
    return {
      title: keys.length === 1 ? `Stale: ${names[0]!}` : `${keys.length} proofs are stale`,
      lines: [
        `${sheetTitle(t.word('node'), '')} was ${happeningWords[t.word('what') as HappeningKind]} on ` +
          `${when(t.word('at'))} (UTC).`,
        `Prove again: ${names.join('; ')}.`,
      ],
    };
  },
  'proof-apart': (t) => {
    const say = (name: string) => trialText(t.word('kind') as Kind, t.num(name), t.system);
    return {
      title: `Plan and proof disagree: ${t.word('axis')}, ${foretoldNames[t.word('id') as ForetoldId]}`,
      lines: [
        `Measured ${say('measured')} ± ${say('expanded')}, foretold ${say('foretold')} ± ` +
          `${say('doubt')}: further ` +
          'apart than both doubts allow.',
        `By ${trialTitle(t.word('trial'), t.word('axis'))}. Measure again, look for the cause, or take ` +
          `it as it is.`,
      ],
    };
  },
  'not-tried-slow': (t) => ({
    title: `Not yet tried slowly: ${trialTitle(t.word('trial'), t.word('axis'))} was begun`,
    lines: [
      `${t.num('count')} ${t.num('count') === 1 ? 'step' : 'steps'} of first motion stand before it; next: ` +
        `${trialTitle(t.word('next'), t.word('nextAxis'))}.`,
    ],
  }),
};
