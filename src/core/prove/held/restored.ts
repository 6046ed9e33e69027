import { type Edit, type Plain, type Project, put, type TrialTaken } from '@/core/model';

/** Edits that put back what stood in inputs before they were taken out of a record. */
export const restored = ({ axes }: Project, taken: readonly TrialTaken[]): readonly Edit[] =>
  taken.flatMap(({ axis, path, before }) => {
    const i = axes.findIndex((a) => a.id === axis);
    if (i < 0) return [];
    return [put(`axes.${i}.${path}`, JSON.parse(before) as Plain)];
  });
