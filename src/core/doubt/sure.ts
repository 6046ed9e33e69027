import { fieldRuleAt, halfWidth, type Measure } from '@/core/model';

/**
 * What carries no doubt inside an axis though it is a number, by its slice: what the builder wishes or sets;
 * allowances; where a rack is cut; and what a part must be to fit at all, for a rack of module 1.5 is none of
 * 1.48. Lengths of Fit carry their own tolerances, in stacks. Counted things are whole by their rule.
 */
const SURE_IN_AXIS: readonly RegExp[] = [
  /^demands\.(?!cuttingForce$|inclination$)/,
  /^(fit|duty)\./,
  /^loads\.balance\.\d+\.(roping|stroke|pressed)$/,
  /^motor\.(usableShare$|curve\.)/,
  /^guide\.(size|shock)$/,
  /^drive\.(module|pressureAngle|helixAngle|profileShift|pitch|segment|park)$/,
  /^reducer\.(ratio|pulleys\.pitch)$/,
];

/**
 * What carries doubt outside the axes: what a material and a tool ask, what a spindle, a circuit, a floor
 * give. A cut is set, not measured.
 */
const OPEN_IN_BRIEF: readonly RegExp[] = [
  /^brief\.cuts\.\d+\.(kc11|exponent|radial|drag|down)$/,
  /^brief\.(spindle\.(power|efficiency|belt\.efficiency)|power|squareness|place\.floorLoad)$/,
];

const anyOf = (rules: readonly RegExp[], path: string) => rules.some((rule) => rule.test(path));

/** Slices that hold inputs of the machine as it is planned. */
const PLANNED = /^(axes\.\d+|structure|stand\.\d+)\./;

/** Whether an input of an axis carries doubt. @param path inside the axis. */
export const bearsDoubtInAxis = (path: string): boolean =>
  !anyOf(SURE_IN_AXIS, path) && fieldRuleAt(path)?.whole !== true;

/** Whether an input of a machine carries doubt. @param path from the root. */
export function bearsDoubt(path: string): boolean {
  if (anyOf(OPEN_IN_BRIEF, path)) return true;
  if (!PLANNED.test(path) || fieldRuleAt(path)?.whole) return false;
  const inside = /^axes\.\d+\.(.+)$/.exec(path)?.[1];
  return inside === undefined || bearsDoubtInAxis(inside);
}

/** What was put there by us is off by more where it is a weight or a force; common practice, no source. */
const OURS = { mass: 0.3, force: 0.5 } as const;

/** Half-width of the 95 % interval of an input, SI. @param path inside an axis or from the root. */
export function spreadAt(path: string, measure: Measure): number {
  if (measure.basis !== 'ours' || measure.spread) return halfWidth(measure);
  const kind = fieldRuleAt(path)?.kind;
  return kind === 'mass' || kind === 'force' ? Math.abs(measure.si) * OURS[kind] : halfWidth(measure);
}
