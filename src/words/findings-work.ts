import type { BuildCode, PartKind, StepKind } from '@/core/build';
import { SO_FAR } from '@/core/build';
import { formatNumber } from '@/core/units';
import { partTitle, stateWords, stepTitle } from './assembly';
import type { FindingWords, Teller } from './teller';

interface StepSpec {
  readonly kind: StepKind | typeof SO_FAR;
  readonly axis: string;
  readonly name: string;
}
interface PartSpec {
  readonly kind: PartKind;
  readonly axis: string;
}

const step = ({ kind, axis, name }: StepSpec) =>
  kind === SO_FAR ? 'what is done already' : stepTitle(kind, axis, name);
const stepOf = (t: Teller, name = 'step') => step(JSON.parse(t.word(name)) as StepSpec);
const stepsOf = (t: Teller, name: string) => (JSON.parse(t.word(name)) as StepSpec[]).map(step);
const partOf = (t: Teller) => {
  const { kind, axis } = JSON.parse(t.word('part')) as PartSpec;
  return partTitle(kind, axis);
};
const partsOf = (t: Teller, name: string) =>
  (JSON.parse(t.word(name)) as PartSpec[]).map(({ kind, axis }) => partTitle(kind, axis));

/** `an hour and a half` is read sooner than minutes. */
export const workTime = (minutes: number): string =>
  minutes < 90 ? `${formatNumber(minutes, 2)} min` : `${formatNumber(minutes / 60, 2)} h`;

/** Why an order is not to be had: who is hidden by whom. */
const because = (t: Teller): string[] => {
  const hidden = t.word('hidden') ? stepOf(t, 'hidden') : '';
  const by = stepsOf(t, 'by');
  const steps = stepsOf(t, 'steps');
  return [
    ...(hidden && by.length ? [`“${hidden}” cannot be reached once “${by.join('”, “')}” is done.`] : []),
    ...(hidden && !by.length ? [`Nothing reaches the screws of “${hidden}”.`] : []),
    ...(steps.length > 1 ? [`They wait for one another: ${steps.join(' – ')}.`] : []),
  ];
};

type WorkWords = Record<
  Extract<
    BuildCode,
    | 'order-none'
    | 'order-doubted'
    | 'part-twice'
    | 'screws-hidden'
    | 'joint-loose'
    | 'step-missing'
    | 'delivery-critical'
    | 'work-undated'
    | 'too-cold'
  >,
  FindingWords
>;

/** Words for what is found of order, access and dates. */
export const workWords: WorkWords = {
  'order-none': (t) => ({
    title: 'No order of work',
    lines: [
      ...because(t),
      t.num('least')
        ? 'No smaller set contradicts itself.'
        : 'There may be a smaller set that contradicts itself.',
    ],
  }),
  'order-doubted': (t) => ({
    title: `${partOf(t)}: hidden or not?`,
    lines: [
      'By the sizes that such parts usually have its screws would be shut in for good, whatever the order. ' +
        'Say at the joint what is in the way and what is not.',
    ],
  }),
  'part-twice': (t) => ({
    title: `${stepOf(t)}: goes on twice`,
    lines: because(t),
  }),
  'screws-hidden': (t) => {
    const off = partsOf(t, 'off');
    const count = t.num('count');
    return {
      title: `${partOf(t)}: ${count < 0 ? 'nothing reaches it' : 'buried'}`,
      ...(count > 0 ? { big: `${count} ${count === 1 ? 'part' : 'parts'}` } : {}),
      lines: [
        ...(off.length
          ? [`Off: ${off.join(', ')}; ${workTime(t.num('minutes'))} each time, set anew and all.`]
          : []),
        ...(t.num('usual')
          ? ['It rests on sizes and places that such parts usually have: look, and say it.']
          : []),
      ],
    };
  },
  'joint-loose': (t) => ({
    title: `${partOf(t)}: never tightened`,
    lines: [`The last step leaves it ${stateWords[t.word('state') as keyof typeof stateWords]}.`],
  }),
  'step-missing': (t) => ({
    title: `Not ordered: parts of “${stepOf(t)}”`,
    lines: [
      `${t.num('count') > 1 ? `${t.num('count')} lines` : 'One line'}: ` +
        (t.num('next')
          ? 'it is their turn, and they are not here.'
          : 'the steps that wait for them have no time to spare.'),
    ],
  }),
  'delivery-critical': (t) => ({
    title: `No day to spare: “${stepOf(t)}”`,
    lines: [`Its parts come on ${t.word('due')}: each day that they are late moves the end by a day.`],
  }),
  'work-undated': (t) => ({
    title: `No time for “${stepOf(t)}”`,
    lines: [
      t.word('why') === 'no-stretch'
        ? `It takes ${workTime(t.num('minutes'))} in one go, and no stretch of your times is so long.`
        : 'Your times do not reach that far.',
      ...(t.num('count') > 1 ? [`${t.num('count') - 1} more wait for it.`] : []),
    ],
  }),
  'too-cold': (t) => ({
    title: `Too cold for “${stepOf(t)}”`,
    lines: [
      'Most paints and resins do not cure below 10 °C; the workshop is said to have ' +
        `${formatNumber(t.num('celsius'), 2)} °C. ` +
        'The data sheet says the least.',
    ],
  }),
};
