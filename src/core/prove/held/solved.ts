import { foretoldOf } from '@/core/machine';
import { type Axis, fieldRuleAt, getAt, type Measure, setAt } from '@/core/model';
import type { HeldRow } from './rows';

/** An input with which the plan foretells what was read, and how the answer changes with it there. */
export interface Solved {
  readonly value: number;
  readonly slope: number;
}

/** Steps of the search, and how near is near enough, as a share of what was read. */
const STEPS = 30;
const NEAR = 1e-6;
/** A slope is taken over so much of the input. */
const SPAN = 1e-3;
/** One step goes at most so many times up or down. */
const FURTHEST = 2;

/**
 * The input with which an answer of the plan becomes what was read: by slopes, step for step, as answers bend
 * (stiffnesses in a row add by their reciprocals).
 * @returns null where no value that the input may have does it.
 */
export function solvedInput(axis: Axis, id: HeldRow['id'], path: string, target: number): Solved | null {
  const rule = fieldRuleAt(path);
  const input = getAt(axis, path) as Measure;
  const at = (si: number) =>
    foretoldOf(setAt(axis, path, { ...input, si: si as Measure['si'] })).find((f) => f.id === id)?.value ??
    NaN;
  const slopeAt = (si: number) => {
    const step = Math.abs(si) * SPAN || SPAN * Math.abs(input.si) || 1e-9;
    return (at(si + step) - at(Math.max(0, si - step))) / (si + step - Math.max(0, si - step));
  };
  let value: number = input.si;
  for (let k = 0; k < STEPS; k++) {
    const off = target - at(value);
    const slope = slopeAt(value);
    if (!Number.isFinite(off) || !Number.isFinite(slope) || slope === 0) return null;
    if (Math.abs(off) <= NEAR * Math.abs(target)) return { value, slope };
    const next = value + off / slope;
    const [low, high] = value > 0 ? [value / FURTHEST, value * FURTHEST] : [-Infinity, Infinity];
    value = Math.min(rule?.max ?? Infinity, Math.max(low, Math.min(high, next)));
  }
  return null;
}
