import { type Checked, hasNumbers } from '@/core/findings';
import type { CaseId } from './analysis';

interface Limit {
  readonly id: string;
  readonly limit: number;
}
interface Valued {
  readonly value: number;
}
/** What of a report must be a number. */
interface Answers {
  readonly ladder: readonly Limit[];
  readonly accelerations: readonly Limit[];
  readonly cases: Readonly<
    Record<CaseId, { readonly force: number; readonly torque: number; readonly usable: number }>
  >;
  readonly figures: readonly (Valued & { readonly id: string })[];
  readonly stiffness: Valued;
  readonly lostMotion: Valued;
  readonly duty: { readonly rms: number; readonly time: number };
}

const caseIds = ['rapid', 'speed-up', 'cut'] as const satisfies readonly CaseId[];

/** All of a report that must be a number and is none, by its code. */
export function noNumberIn(outcomes: readonly Checked[], answers: Answers): string[] {
  const { ladder, accelerations, cases, figures, stiffness, lostMotion, duty } = answers;
  const broken = new Set<string>();
  const look = (id: string, value: number) => {
    if (!Number.isFinite(value)) broken.add(id);
  };
  // Every report runs through this, and nearly always for nothing: no lists are made of what is looked at.
  for (const c of outcomes) if (!hasNumbers(c)) broken.add(c.code);
  for (const r of ladder) look(r.id, r.limit);
  for (const r of accelerations) look(r.id, r.limit);
  for (const id of caseIds) {
    look(id, cases[id].force);
    look(id, cases[id].torque);
    look(id, cases[id].usable);
  }
  for (const f of figures) look(f.id, f.value);
  look('stiffness', stiffness.value);
  look('lost-motion', lostMotion.value);
  look('duty', duty.rms);
  look('duty', duty.time);
  return [...broken];
}
