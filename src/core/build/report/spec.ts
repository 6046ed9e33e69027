import type { Need, NeedParams } from '../needs';

/** A need as it is asked for now, to see later what has changed: its figures as text. */
export const specOf = ({ params }: Pick<Need, 'params'>): string =>
  JSON.stringify(Object.fromEntries(Object.entries(params).sort(([a], [b]) => a.localeCompare(b))));

/** The figures of a text that `specOf` wrote; undefined where it says none. */
export function paramsOf(spec: string): NeedParams | undefined {
  try {
    const read: unknown = JSON.parse(spec);
    if (typeof read !== 'object' || read === null || Array.isArray(read)) return undefined;
    const fits = Object.values(read).every((v) => typeof v === 'number' || typeof v === 'string');
    return fits ? (read as NeedParams) : undefined;
  } catch {
    return undefined;
  }
}

/** Rounding of what a file keeps. */
const SAME = 1e-6;

/** Whether two needs ask for the same: names may change, figures may not. */
export function sameSpec(a: NeedParams, b: NeedParams): boolean {
  const told = (p: NeedParams) =>
    Object.entries(p).filter(([k]) => k !== 'name' && k !== 'plate' && k !== 'group');
  const of = Object.fromEntries(told(b));
  const mine = told(a);
  return (
    mine.length === Object.keys(of).length &&
    mine.every(([k, v]) => {
      const other = of[k];
      if (typeof v === 'number' && typeof other === 'number') return Math.abs(v - other) <= SAME;
      return v === other;
    })
  );
}
