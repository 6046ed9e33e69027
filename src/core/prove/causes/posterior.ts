import { type HandFind, handFinds, type Sign, signs } from '@/core/model';
import { type Cause, causeRows, type CauseRow } from './signs';

/** What was answered: signs that are there or not, and what the test by hand found. */
export interface Evidence {
  readonly signs: Readonly<Partial<Record<Sign, boolean>>>;
  readonly hand: HandFind | null;
}

export const NO_EVIDENCE: Evidence = { signs: {}, hand: null };

/** A cause and its share of the belief; all shares add up to one. */
export interface Belief {
  readonly cause: Cause;
  readonly share: number;
}

/** Where a run in air comes back, what is said of how it does not means nothing. */
const ONLY_WHEN_LOST: readonly Sign[] = ['whole-four-steps', 'grows-with-reversals', 'one-side'];

/** Whether a sign can be asked with what is known. */
export const isAsked = (sign: Sign, { signs: said }: Evidence): boolean =>
  said['air-run-lost'] !== false || !ONLY_WHEN_LOST.includes(sign);

/** How likely all that was answered is with a cause. */
function likelihood(row: CauseRow, evidence: Evidence): number {
  const seen = signs.reduce((p, sign) => {
    const said = evidence.signs[sign];
    if (said === undefined || !isAsked(sign, evidence)) return p;
    return p * (said ? row.sign[sign] : 1 - row.sign[sign]);
  }, 1);
  return evidence.hand === null ? seen : seen * row.hand[evidence.hand];
}

/** Causes by what is left of belief in them, the likeliest first (Bayes). */
export function beliefs(evidence: Evidence, rows: readonly CauseRow[] = causeRows): readonly Belief[] {
  const weights = rows.map((r) => r.prior * likelihood(r, evidence));
  const all = weights.reduce((s, w) => s + w, 0);
  return rows.map((r, i) => ({ cause: r.cause, share: weights[i]! / all })).sort((a, b) => b.share - a.share);
}

const entropy = (found: readonly Belief[]) =>
  found.reduce((s, { share }) => (share > 0 ? s - share * Math.log2(share) : s), 0);

/** A question that is open: a sign to look for, or the test by hand. */
export type Question = Sign | 'hand';

/** What a question would tell, and how long it takes. */
export interface NextTest {
  readonly question: Question;
  /** Expected bits: by so much less is left to guess. */
  readonly bits: number;
  readonly minutes: number;
}

/** Answers to a question, as evidence. */
const answersTo = (question: Question, evidence: Evidence): readonly Evidence[] =>
  question === 'hand'
    ? handFinds.map((hand) => ({ ...evidence, hand }))
    : [true, false].map((said) => ({ ...evidence, signs: { ...evidence.signs, [question]: said } }));

/** How much an answer would tell, on average. */
export function bitsOf(
  question: Question,
  evidence: Evidence,
  rows: readonly CauseRow[] = causeRows,
): number {
  const weight = (e: Evidence) => rows.reduce((s, r) => s + r.prior * likelihood(r, e), 0);
  const all = weight(evidence);
  const after = answersTo(question, evidence).reduce((s, e) => {
    const share = weight(e) / all;
    return share > 0 ? s + share * entropy(beliefs(e, rows)) : s;
  }, 0);
  return entropy(beliefs(evidence, rows)) - after;
}

/** Minutes to look for a sign; from memory. What is not listed is a look at readings that are there: 3. */
const MINUTES: Readonly<Partial<Record<Question, number>>> = {
  hand: 9,
  'marks-part': 1,
  'since-crash': 1,
  'play-felt': 2,
  'drag-uneven': 2,
  'air-run-lost': 6,
  'whole-four-steps': 6,
  'grows-with-reversals': 8,
  'grows-warm': 30,
  'under-cut': 15,
  'with-spindle': 6,
  'once-a-screw-turn': 12,
  'once-a-pinion-turn': 12,
  'within-four-steps': 10,
  'grows-with-distance': 10,
  'cured-by-acceleration': 5,
  'cured-by-speed': 5,
  'supply-falls': 4,
  'homing-scatters': 6,
};
const LOOK = 3;

export const minutesOf = (question: Question): number => MINUTES[question] ?? LOOK;

/** Open questions by what they tell a minute, the best first. */
export function nextTests(evidence: Evidence, rows: readonly CauseRow[] = causeRows): readonly NextTest[] {
  const open = signs.filter((s) => evidence.signs[s] === undefined && isAsked(s, evidence));
  const questions: readonly Question[] = evidence.hand === null ? [...open, 'hand'] : open;
  return questions
    .map((question) => ({ question, bits: bitsOf(question, evidence, rows), minutes: minutesOf(question) }))
    .sort((a, b) => b.bits / b.minutes - a.bits / a.minutes);
}
