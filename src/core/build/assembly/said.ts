import { type CoverSaid, type Edit, type Project, put, startingStep, type StepSaid } from '@/core/model';

/** Whether anything is said in an entry that is not said without it. */
const says = ({ id, key, ...rest }: StepSaid): boolean => {
  const { id: _, key: __, ...plain } = startingStep(id, key);
  return key.startsWith('own:') || JSON.stringify(rest) !== JSON.stringify(plain);
};

/** What the builder says of a step from now on. @param id for an entry that is not there yet. */
export function stepEdits(project: Project, key: string, change: Partial<StepSaid>, id: string): Edit[] {
  const at = project.steps.findIndex((s) => s.key === key);
  const next = { ...(project.steps[at] ?? startingStep(id, key)), ...change };
  const others = project.steps.filter((_, i) => i !== at);
  if (!says(next)) return [put('steps', others)];
  return [put('steps', at < 0 ? [...others, next] : project.steps.map((s, i) => (i === at ? next : s)))];
}

/** Marks a step done or not done. @param today `2026-11-27`. */
export const doneEdits = (project: Project, key: string, done: boolean, today: string, id: string): Edit[] =>
  stepEdits(project, key, done ? { state: 'done', done: today } : { state: 'open', done: null }, id);

/** A step of the builder's own goes with all that speaks of it. */
export const dropStepEdits = (project: Project, key: string): Edit[] => [
  put(
    'steps',
    project.steps
      .filter((s) => s.key !== key)
      .map((s) => (s.needs.includes(key) ? { ...s, needs: s.needs.filter((n) => n !== key) } : s)),
  ),
];

/** Says by hand whether a part hides the screws of a joint; null: as the model finds it. */
export function coverEdits(
  project: Project,
  { joint, part }: Pick<CoverSaid, 'joint' | 'part'>,
  hides: boolean | null,
  id: string,
): Edit[] {
  const others = project.covers.filter((c) => c.joint !== joint || c.part !== part);
  return [put('covers', hides === null ? others : [...others, { id, joint, part, hides }])];
}

/** A reading is kept with its step; one of the same name on the same day takes the place of the older. */
export function readingEdits(
  project: Project,
  key: string,
  reading: StepSaid['readings'][number],
  id: string,
): Edit[] {
  const had = project.steps.find((s) => s.key === key)?.readings ?? [];
  return stepEdits(project, key, { readings: [...had.filter((r) => r.id !== reading.id), reading] }, id);
}
