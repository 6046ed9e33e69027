import { describe, expect, it } from 'vitest';
import { worstVerdict } from '@/core/findings';
import { loadedAxes, machineReport } from '@/core/machine';
import { applyEdits, change, guess, type Project, projectIssues, put } from '@/core/model';
import { demoMachines } from '@/demo';
import { type Chance, chance, SEED, WIDE } from '@test/helpers/chance';
import { onlyParts, runSearch } from '@test/helpers/search';
import { driveCodes, motorCodes } from '../search/judged';
import { mayChange, setEdits, type TogetherLimits, togetherSets } from '.';

const parts = onlyParts(
  ...['ball-16mm-5mm', 'ball-16mm-16mm', 'ball-20mm-10mm', 'trapezoidal-8mm-8mm', 'trapezoidal-12mm-6mm'],
  ...['rack-1s-milled', 'pinion-1s-12', 'pinion-1s-20', 'belt-5-15-glass', 'belt-5-25-steel', 'pulley-5-16'],
  ...['stage-3-15-60', 'stage-5-20-40', 'planetary-60-5'],
  ...['stepper-17-0_45-2_6', 'stepper-23-1_26-2_5', 'stepper-23-1_9-3_6', 'stepper-23-3-3_8'],
  ...['driver-42', 'driver-56', 'supply-24-150', 'supply-36-350', 'supply-48-350', 'supply-48-600'],
);
const codes: readonly string[] = [...driveCodes, ...motorCodes];

/** A demo machine that is asked for something else: slower or faster, with more or less on it. */
function anyMachine({ next, pick }: Chance): Project {
  const machine = pick(demoMachines());
  const times = (si: number) => si * (0.4 + 1.2 * next());
  const edits = machine.axes.flatMap((axis, i) => [
    put(
      `axes.${i}.demands.acceleration` as 'axes.0.demands.acceleration',
      guess('acceleration', `${times(axis.demands.acceleration.si).toPrecision(4)} m/s²`),
    ),
    put(
      `axes.${i}.demands.rapid` as 'axes.0.demands.rapid',
      guess(
        'speed',
        `${(60 * Math.max(axis.demands.feed.si, times(axis.demands.rapid.si))).toPrecision(4)} m/min`,
      ),
    ),
    ...axis.loads.masses.flatMap((body, j) =>
      body.shape
        ? []
        : [
            put(
              `axes.${i}.loads.masses.${j}.mass` as 'axes.0.loads.masses.0.mass',
              guess('mass', `${times(body.mass.si).toPrecision(4)} kg`),
            ),
          ],
    ),
  ]);
  return applyEdits(machine, edits);
}

describe('any set for any machine', () => {
  it('holds by the full report once it is taken, and costs no less than each axis by itself', () => {
    const drawn = chance(SEED + 17);
    let seen = 0;
    for (let run = 0; run < 6 * WIDE; run++) {
      const project = anyMachine(drawn);
      const limits: TogetherLimits = {
        axes: project.axes.filter(mayChange).map((a) => a.id),
        limits: parts,
        scale: drawn.pick(['speed', 'torque', 'stiffness', 'lost', 'error', 'effort'] as const),
        supplies: drawn.pick([1, 2] as const),
        heavier: drawn.pick([0, 1, 5]),
      };
      const steps = togetherSets(project, limits);
      let step = steps.next();
      while (!step.done) step = steps.next();
      const { sets } = step.value;
      const told = `${project.name} ${run} ${limits.scale} ${limits.supplies} ${limits.heavier}`;
      let before = -Infinity;
      for (const set of sets) {
        expect(set.money, told).toBeGreaterThan(before);
        before = set.money;
        const taken = change(
          project,
          setEdits(project, set, (a) => `More of ${a.name}`),
        );
        if (!taken.ok) throw new Error(told);
        expect(projectIssues(taken.project), told).toEqual([]);
        const report = machineReport(taken.project, { flex: 'figures', remedies: false });
        const found = report.axes.flatMap((a) => a.findings.filter((f) => codes.includes(f.code)));
        // What holds is not told: an empty list holds.
        const verdict = worstVerdict(['holds', ...found.map((f) => f.verdict)]);
        expect(verdict, told).toBe(set.verdict);
        expect(verdict, told).not.toBe('gives-out');
        seen += 1;
      }
      if (!sets.length) continue;
      // Each axis by itself, with nothing more on it and its supply for nothing: no set is cheaper than that.
      const supply = 66;
      const alone = loadedAxes(project)
        .filter((a) => limits.axes.includes(a.id))
        .map((a) => Math.min(...runSearch(a, [], parts).fronts.torque.map((f) => f.money)) - supply);
      expect(sets[0]!.money, told).toBeGreaterThanOrEqual(alone.reduce((s, m) => s + m, 0) - 1e-6);
    }
    expect(seen).toBeGreaterThan(0);
  });
});
