import { type Edit, type HandFind, type Project, put, type Sign, type SymptomSaid } from '@/core/model';
import type { Evidence, Question } from './posterior';

type Said = Pick<Project, 'symptoms'>;

/** What the builder answered of an axis. */
export function said({ symptoms }: Said, axis: string): Evidence {
  const own = symptoms.filter((s) => s.axis === axis);
  const hand = own.find((s) => s.question === 'hand')?.answer ?? null;
  const seen = own.filter((s) => s.question !== 'hand');
  return {
    signs: Object.fromEntries(seen.map((s) => [s.question as Sign, s.answer === 'yes'])),
    hand: hand as HandFind | null,
  };
}

/** Answers a question of an axis; null takes the answer back. */
export function saidEdits(
  { symptoms }: Said,
  axis: string,
  question: Question,
  answer: SymptomSaid['answer'] | null,
  { id, at }: Pick<SymptomSaid, 'id' | 'at'>,
): readonly Edit[] {
  const others = symptoms.filter((s) => s.axis !== axis || s.question !== question);
  return [put('symptoms', answer === null ? others : [...others, { id, axis, question, answer, at }])];
}
