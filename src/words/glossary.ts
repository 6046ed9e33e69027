import type { Verdict } from '@/core/findings';
import { verdictWords } from './verdicts';

/** A word of the trade or of ours, and what is meant by it here. */
export interface Term {
  readonly word: string;
  readonly means: string;
  /** Ours: not found in a textbook under this name. */
  readonly ours?: boolean;
  /**
   * `alone`: also an everyday word, explained only where it stands by itself. `as-is`: with an s behind it
   * another word.
   */
  readonly form?: 'alone' | 'as-is';
}

/** Words that stand on the sheets and are not everybody's. */
export const glossary: readonly Term[] = [
  {
    word: 'holds',
    means: 'Everything that was checked keeps its distance from its limit.',
    ours: true,
    form: 'alone',
  },
  {
    word: 'thin',
    means:
      'It holds, and with less than 15 % to spare, or with a loss of comfort, or not over all of its doubt.',
    ours: true,
    form: 'alone',
  },
  { word: 'gives out', means: 'A limit is passed: it will not do what is asked of it.', ours: true },
  { word: 'not known', means: 'Something that the answer needs was not said.', ours: true, form: 'alone' },
  {
    word: 'guessed',
    means: 'The answer rests on a number of ours that nobody has said yet.',
    ours: true,
    form: 'alone',
  },
  {
    word: 'basis',
    means:
      'Where an input comes from: measured, datasheet, standard, estimate, or ours. It gives its spread.',
    ours: true,
  },
  { word: 'ours', means: 'A number that we put in until you say yours.', ours: true, form: 'alone' },
  {
    word: 'Slate',
    means: 'The sheet light on dark, as chalk on a slate; paper is dark on light.',
    ours: true,
    form: 'alone',
  },
  {
    word: 'Put by',
    means: 'Keeps what stands now beside the plan, so that it can be compared and taken back.',
    ours: true,
    form: 'alone',
  },
  {
    word: 'rung',
    means: 'One speed at which something gives out; the lowest rung of the ladder governs.',
    ours: true,
  },
  { word: 'lead', means: 'How far a nut goes in one turn of its screw.', form: 'as-is' },
  { word: 'pitch', means: 'From one thread, tooth or roller to the next. With one start it is the lead.' },
  { word: 'whip', means: 'A long screw bows out and beats at its critical speed.' },
  { word: 'pull-out torque', means: 'Most that a stepper turns at a speed before it loses its step.' },
  { word: 'holding torque', means: 'What a stepper holds at rest with current: not what it turns with.' },
  { word: 'detent torque', means: 'What a stepper holds without current.' },
  { word: 'crest current', means: 'The peak of the current in a winding; the RMS value is 0.71 of it.' },
  { word: 'lost motion', means: 'What the tool does not follow when an axis turns round: play and wind-up.' },
  { word: 'backlash', means: 'Play between parts that touch: nut, mesh, coupling.' },
  { word: 'static safety factor', means: 'Static rating over the load at rest or in a blow.' },
  { word: 'back-driving', means: 'A load turns the drive: an axis may fall when power goes.' },
  {
    word: 'reflected inertia',
    means: 'What the load weighs at the motor’s shaft, divided by the ratio squared.',
  },
  {
    word: 'microstep',
    means: 'A part of a full step by shared current; it divides the way, not the torque.',
  },
  { word: 'jerk', means: 'How fast the acceleration comes on.' },
  {
    word: 'specific cutting force',
    means: 'Force for each square millimetre of chip (Kienzle): kc1.1 and its rise mc.',
  },
  { word: 'chip load', means: 'How far the work goes for each tooth of the cutter.' },
  { word: 'compliance', means: 'How far it gives for each newton; stiffness the other way round.' },
  { word: 'second moment of area', means: 'What a section sets against bending, by shape alone.' },
  {
    word: 'travel chain',
    means: 'All that says how far an axis runs, end to end: rail, thread, blocks, stops.',
    ours: true,
  },
  { word: 'stack-up', means: 'Heights that add up to a gap, with what each may be off.' },
  { word: 'shim', means: 'A thin sheet that fills a gap.' },
  { word: 'soft limit', means: 'Where the controller stops by itself, before a switch is met.' },
  { word: 'homing', means: 'An axis seeks its switch, so that it knows where it is.' },
  { word: 'gang of two drives', means: 'Two motors that move one axis, one on each side.' },
  { word: 'racking', means: 'One side of a gantry runs ahead of the other.' },
  { word: 'tram', means: 'The spindle stands square to the table both ways.' },
  { word: 'kerf', means: 'What the saw or the torch takes away in its width.' },
  { word: 'truing up', means: 'Making straight, flat, square and parallel, reading by reading.' },
  { word: 'wind', means: 'A twist between two ends, seen with sticks or a level.', form: 'alone' },
  { word: 'half-width, 95 %', means: 'The truth lies within ± so much in nineteen of twenty cases.' },
  {
    word: 'conforms',
    means: 'Within the limit even by the far end of its doubt (ISO 14253-1).',
    form: 'alone',
  },
  { word: 'stale', means: 'Read before something was moved that it stands on.', ours: true },
  { word: 'staircase', means: 'Faster and faster until steps are lost, then half-way back.', ours: true },
  { word: 'bundle', means: 'One zip with the machine and all its photos.', ours: true, form: 'alone' },
  {
    word: 'moves ahead',
    means:
      'Moves that a controller sees before it runs them: it goes no faster than it can brake within them.',
  },
];

/** Terms with all the words in them, in any order. */
export function searchTerms(text: string): readonly Term[] {
  const wanted = text.toLowerCase().split(/\s+/).filter(Boolean);
  return glossary.filter(({ word, means }) =>
    wanted.every((w) => `${word} ${means}`.toLowerCase().includes(w)),
  );
}

const escaped = (word: string) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

function patternOf({ word, form }: Term): RegExp {
  if (form === 'alone') return new RegExp(`^${escaped(word)}$`, 'i');
  const ending = form === 'as-is' ? '' : '(?:e?s)?';
  return new RegExp(`(?<![\\p{L}-])${escaped(word)}${ending}(?![\\p{L}-])`, 'iu');
}

/** Each term as it may stand in a sentence, the longest first: "pull-out torque" goes before "torque". */
const patterns = [...glossary]
  .sort((a, b) => b.word.length - a.word.length)
  .map((term) => ({ term, pattern: patternOf(term) }));

/** A stretch of a text, and the term that it is. */
export interface Marked {
  readonly text: string;
  readonly term?: Term;
}

/** A text cut into stretches, the first mention of each term by itself. */
export function markTerms(text: string): readonly Marked[] {
  let rest: readonly Marked[] = [{ text }];
  for (const { term, pattern } of patterns) {
    const at = rest.findIndex((m) => !m.term && pattern.test(m.text));
    if (at < 0) continue;
    const { text: whole } = rest[at]!;
    const found = pattern.exec(whole)!;
    const end = found.index + found[0].length;
    const cut = [{ text: whole.slice(0, found.index) }, { text: found[0], term }, { text: whole.slice(end) }];
    rest = [...rest.slice(0, at), ...cut.filter((m) => m.text !== ''), ...rest.slice(at + 1)];
  }
  return rest;
}

/** Terms that any of these texts mentions, in the order of the glossary. */
export function termsIn(texts: readonly string[]): readonly Term[] {
  const found = new Set(texts.flatMap((text) => markTerms(text).flatMap(({ term }) => (term ? [term] : []))));
  return glossary.filter((term) => found.has(term));
}

/** What a verdict means, and that it is guessed where it is. */
export const verdictMeans = (verdict: Verdict, guessed: boolean): string =>
  [verdictWords[verdict], ...(guessed ? ['guessed'] : [])].map(wordsOf).join(' ');

/** What the words of a label mean, in a sentence each; empty where all of them are everybody's. */
export const wordsOf = (label: string): string =>
  termsIn([label])
    .map(({ word, means }) => (word.toLowerCase() === label.toLowerCase() ? means : `${word}: ${means}`))
    .join(' ');
