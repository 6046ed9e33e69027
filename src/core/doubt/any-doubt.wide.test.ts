import { describe, expect, it } from 'vitest';
import { axisIssues, fieldRuleAt, isMeasure, getAt, type Project, setAt } from '@/core/model';
import { demoMachines } from '@/demo';
import { chance, SEED, WIDE } from '@test/helpers/chance';
import { doubtInputs } from './inputs';
import { sweepSteps } from './sweep';
import { doubtOf } from './work';

/** Machines of one run, and draws of each. */
const MACHINES = 12 * WIDE;
const DRAWS = 40;

const machines = demoMachines();

/** A machine with some of its figures anywhere in their range, as far as its rules let them. */
function anyMachine(at: number): Project {
  const c = chance(SEED + at);
  let machine: Project = c.pick(machines);
  for (let i = 0; i < 8; i++) {
    const { path } = c.pick(doubtInputs(machine));
    const measure = getAt(machine, path);
    const rule = fieldRuleAt(path);
    if (!isMeasure(measure) || !rule || !(measure.si > 0)) continue;
    const si = Math.min(rule.max, measure.si * 10 ** (2 * c.next() - 1));
    const basis = c.pick(['measured', 'datasheet', 'estimate', 'ours'] as const);
    const changed = setAt(machine, path, { ...measure, si, basis });
    if (changed.axes.every((axis) => axisIssues(axis).length === 0)) machine = changed;
  }
  return machine;
}

describe(`any machine, seed ${SEED}`, () => {
  it('has chances that are chances, margins that are numbers, readings surer than what is known', () => {
    for (let m = 0; m < MACHINES; m++) {
      const project = anyMachine(m);
      const { answer, told } = doubtOf(project, m, DRAWS);
      const sure = new Map(doubtInputs(project).map((i) => [i.path, i.half]));
      for (const { key, chance: of, margin } of answer.checks) {
        expect(of.low, key).toBeLessThanOrEqual(of.share);
        expect(of.high, key).toBeGreaterThanOrEqual(of.share);
        expect(Number.isNaN(margin.low) || Number.isNaN(margin.middle), key).toBe(false);
        expect(margin.low, key).toBeLessThanOrEqual(margin.high);
      }
      for (const { limit } of answer.axes.flatMap((a) => a.rungs))
        expect(limit.low).toBeLessThanOrEqual(limit.high);
      for (const { path, half, gain } of told.next) {
        expect(half, path).toBeLessThan(sure.get(path)!);
        expect(gain, path).toBeGreaterThan(0);
      }
      for (const list of told.causes.values())
        for (const { share } of list) expect(share).toBeLessThanOrEqual(1 + 1e-9);
    }
  }, 600_000);

  it('is swept over any of its figures, and what turns turns where it says', () => {
    for (let m = 0; m < MACHINES; m++) {
      const project = anyMachine(m);
      const c = chance(SEED + 1000 + m);
      const { path, value } = c.pick(doubtInputs(project).filter((i) => fieldRuleAt(i.path)));
      const steps = sweepSteps({ project, path, from: value / 2, to: value * 2 });
      let step = steps.next();
      while (!step.done) step = steps.next();
      const { values, crossings } = step.value!;
      for (const { at, key } of crossings) {
        expect(at, `${key} over ${path}`).toBeGreaterThanOrEqual(values[0]!);
        expect(at, `${key} over ${path}`).toBeLessThanOrEqual(values.at(-1)!);
      }
      for (let i = 1; i < values.length; i++) expect(values[i]).toBeGreaterThan(values[i - 1]!);
    }
  }, 600_000);
});
