import type { StepKind } from '@/core/build';
import type { EventKind, LogCode, LogEvent, LogLane } from '@/core/log';
import type { ChoiceCode, LogChoice, LogKind, Project } from '@/core/model';
import { stepTexts, stepTitle } from './assembly';
import { arrangementText } from './names-machine';
import type { FindingWords } from './teller';
import { trialTitle } from './trials';
import { happeningWords, sheetTitle } from './truing';

/** Kinds of entries as they are picked. */
export const logKindNames: Record<LogKind, string> = {
  note: 'Note',
  work: 'Hours at the machine',
  part: 'Part changed',
  expense: 'Money spent',
  reading: 'Reading',
  regret: 'Regret',
  lesson: 'Lesson',
};

/** Kinds of events as they are filtered. */
export const eventNames: Record<EventKind, string> = {
  ...logKindNames,
  sheet: 'Truing round',
  trial: 'Trial',
  step: 'Step done',
  order: 'Ordered',
  happening: 'Moved or replaced',
  upgrade: 'Upgrade done',
  plan: 'Plan kept',
};

/** What a choice is of. */
const choiceNames: Record<ChoiceCode, string> = {
  arrangement: 'Arrangement',
  drive: 'Drive',
  thread: 'Thread',
  nut: 'Nut',
  'far-end': 'Far end of the screw',
  'thrust-bearing': 'Thrust bearing',
  mesh: 'Mesh of the pinion',
  belt: 'Belt',
  motor: 'Motor',
  reducer: 'Reducer',
  coupling: 'Coupling',
  guide: 'Guide',
  preload: 'Preload of the guide',
  'screw-size': 'Screw',
};

/** Values that do not read well as they are stored. */
const valueNames: Readonly<Record<string, string>> = {
  'angular-contact': 'angular contact',
  'deep-groove': 'deep groove',
  sprung: 'sprung',
  fixed: 'fixed',
  loop: 'loop, motor stands',
  open: 'open, motor rides',
  'v-wheel': 'V-wheels on extrusion',
  'tube-bearing': 'bearings on tube',
  'supported-round': 'supported round rail',
  'round-rod': 'round rod',
  profile: 'profile rail',
  miniature: 'miniature rail',
  'stepper open': 'stepper without encoder',
  'stepper closed': 'stepper with encoder',
};

/** A choice as it reads: `Drive: belt`. */
export function choiceText({ code, value }: LogChoice): string {
  const named =
    code === 'arrangement'
      ? (arrangementText[value as keyof typeof arrangementText]?.name.toLowerCase() ?? value)
      : (valueNames[value] ?? value.replace(' x ', ' × '));
  return `${choiceNames[code]}: ${named}`;
}

const axisName = ({ axes }: Pick<Project, 'axes'>, id: string) => axes.find((a) => a.id === id)?.name ?? '';

/** A step by its key: of the proposal it is named by what is done, its own name goes first. */
function stepOf(project: Pick<Project, 'axes' | 'steps'>, key: string, axis: string): string {
  const said = project.steps.find((s) => s.key === key);
  const kind = key.split('/').at(-1) ?? '';
  const known = Object.hasOwn(stepTexts, kind) ? (kind as StepKind) : 'own';
  return stepTitle(known, axisName(project, axis), said?.name ?? '');
}

/**
 * What an event is called.
 * @param partName name of a line of the list of parts, by its key.
 */
export function eventTitle(
  project: Pick<Project, 'axes' | 'steps'>,
  event: LogEvent,
  partName: (key: string) => string,
): string {
  const { kind, of, axis, entry } = event;
  switch (kind) {
    case 'sheet':
      return sheetTitle(of, axisName(project, axis));
    case 'trial':
      return trialTitle(of, axisName(project, axis));
    case 'step':
      return stepOf(project, of, axis);
    case 'order':
      return partName(of);
    case 'happening':
      return `${sheetTitle(of, axisName(project, axis))}: ${happeningWords[event.happening!]}`;
    case 'upgrade':
    case 'plan':
      return event.text.split('\n')[0] || eventNames[kind];
    default:
      return entry?.title || logKindNames[kind];
  }
}

/** What an event holds besides its title: `12 readings`. */
export function eventFacts({ hours, money, readings, photos, kind }: LogEvent): readonly string[] {
  const count = (n: number, one: string, many = `${one}s`) => (n ? [`${n} ${n === 1 ? one : many}`] : []);
  return [
    ...count(readings, kind === 'trial' ? 'figure' : 'reading'),
    ...(hours === null ? [] : [`${hours} h`]),
    ...(money === null ? [] : [`paid ${money}`]),
    ...count(photos.length, 'photo'),
  ];
}

/** Words for what comes back out of somebody’s log. */
export const logWords: Record<LogCode, FindingWords> = {
  'lesson-again': (t) => {
    const choice = { code: t.word('code') as ChoiceCode, value: t.word('value') };
    const note = t.word('note').trim();
    return {
      title: `Regretted before: ${t.word('title') || choiceText(choice).toLowerCase()}`,
      lines: [
        `${choiceText(choice)}. On ${t.word('machine')} you wrote on ${t.word('at').slice(0, 10)} that you ` +
          `would choose otherwise.`,
        ...(note ? [`“${note.length > 200 ? `${note.slice(0, 199)}…` : note}”`] : []),
      ],
    };
  },
};

/** Lanes of the time line. */
export const laneNames: Record<LogLane, string> = {
  made: 'made, ordered, moved',
  read: 'read and tried',
  wrote: 'written',
  regretted: 'regretted',
};

/** What one bar of the time line stands for. */
export const stretchText = (days: number): string =>
  ({ 1: 'A bar is a day', 7: 'A bar is a week' })[days] ?? `A bar is ${days / 7} weeks`;
