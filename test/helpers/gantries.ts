import type { MemberProperties } from '@/core/sections';
import {
  type Base,
  type Carried,
  type GantryAnswer,
  type GantryInput,
  type Six,
  solveGantry,
} from '@/core/structure';

export const beam: MemberProperties = {
  EA: 6e8,
  EIv: 3e5,
  EIl: 2e5,
  GJ: 1.5e5,
  GAv: 1e13,
  GAl: 1e13,
  mass: 14,
  turning: 0.02,
};
export const column: MemberProperties = {
  EA: 5e8,
  EIv: 2e5,
  EIl: 2e5,
  GJ: 1e5,
  GAv: 6e7,
  GAl: 6e7,
  mass: 20,
  turning: 0.05,
};
export const HARD = 1e13;
export const hard: Six = [HARD, HARD, HARD, HARD, HARD, HARD];
export const portal: GantryInput = {
  kind: 'portal',
  length: 1.4,
  height: 0,
  beam,
  spacing: 0,
  column,
  corner: null,
  lift: null,
  prop: null,
  pieces: 24,
};
export const diagonal = (values: readonly number[]) =>
  values.map((v, i) => values.map((_, j) => (i === j ? v : 0)));
export const zeros = (n: number) => Array.from({ length: n }, () => new Array<number>(n).fill(0));
export const base = (feet: readonly number[], beds = [zeros(feet.length)]): Base => ({
  carriages: diagonal(feet),
  beds,
});
export const carried = (more: Partial<Carried> = {}): Carried => ({
  mass: 0,
  out: 0,
  up: 0,
  reach: 0,
  drop: 0,
  plate: hard,
  ...more,
});
export const answer = (
  input: GantryInput,
  b: Base,
  c: Carried,
  series: Parameters<typeof solveGantry>[3] = [],
): GantryAnswer => {
  const solved = solveGantry(input, b, c, series);
  if (!solved.ok) throw new Error(solved.code);
  return solved.answer;
};
export const twoFeet = (six: readonly number[]) => [...six, ...six];
export const total = (shares: readonly { value: number }[]) => shares.reduce((s, p) => s + p.value, 0);

/** A gantry of everything: columns on springs on a soft bed, soft corners, carriages, series parts. */
export const feet = twoFeet([2e7, 9e7, 1.5e8, 4e5, 6e5, 5e5]);
export const bed = (f: number) => {
  const m = zeros(12);
  for (const foot of [0, 6]) {
    m[foot + 1]![foot + 1] = 0.3 * f;
    m[foot + 2]![foot + 2] = f;
    m[foot + 3]![foot + 3] = 40 * f;
  }
  return m;
};
export const full: GantryInput = {
  ...portal,
  height: 0.35,
  beam: { ...beam, GAv: 4e7, GAl: 5e7 },
  corner: 3e5,
};
export const plate: Six = [3e8, 2e7, 4e8, 2e6, 3e6, 2.5e6];
export const load = carried({ mass: 18, out: 0.08, reach: 0.12, drop: 0.25, plate });
