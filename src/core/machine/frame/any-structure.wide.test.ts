import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  arrangements,
  fieldRuleAt,
  type Project,
  projectIssues,
  setAt,
  startingSection,
  sectionKinds,
  materialIds,
  projectFields,
} from '@/core/model';
import { demoMachines } from '@/demo';
import { anywhere, holes, rough } from '@test/helpers/anywhere';
import { WIDE } from '@test/helpers/chance';
import {
  axisReport,
  driveStiffnessOf,
  flexReport,
  frameInputs,
  loadedAxes,
  machineReport,
  massReport,
} from '..';

const [kayak] = demoMachines() as [Project];
const paths = Object.keys(projectFields).filter(
  (p) =>
    /^structure\.(beam|column|bed|tool|corner)/.test(p) && !p.includes('.N.') && !p.includes('.section.'),
);

/** Any structure that the ranges let through, however odd. */
const anyMachine: fc.Arbitrary<Project> = fc
  .record({
    arrangement: fc.constantFrom(...arrangements),
    kind: fc.constantFrom(...sectionKinds),
    material: fc.constantFrom(...materialIds),
    fill: fc.constantFrom(null, 'polymer-concrete' as const),
    tied: fc.boolean(),
    plate: fc.option(anywhere(fieldRuleAt('axes.1.guide.plate.thickness')!)),
    values: fc.array(
      fc
        .constantFrom(...paths)
        .chain((path) => anywhere(fieldRuleAt(path)!).map((si) => [path, si] as const)),
      { maxLength: 6 },
    ),
  })
  .map(({ arrangement, kind, material, fill, tied, plate, values }) => {
    const made = { section: startingSection(kind), material };
    const bent = plate === null ? null : { material, thickness: rough(plate) };
    let project = {
      ...kayak,
      axes: kayak.axes.map((axis) => ({ ...axis, guide: { ...axis.guide, plate: bent } })),
      brief: { ...kayak.brief, arrangement },
      structure: {
        ...kayak.structure!,
        beam: { ...kayak.structure!.beam, ...made, fill },
        crossbar: tied ? made : null,
      },
    } as Project;
    for (const [path, si] of values) project = setAt(project, path, rough(si));
    return project;
  })
  .filter((p) => projectIssues(p).length === 0);

describe('any structure that the ranges let through', () => {
  const reports = loadedAxes(kayak).map((axis) => axisReport(axis, { remedies: false }));
  const drives = driveStiffnessOf(kayak.axes, reports);
  it(
    'is solved or refused with a reason; never a hole, never a negative compliance, and ' +
      'shares that add up',
    () => {
      fc.assert(
        fc.property(anyMachine, (project) => {
          const flex = flexReport(frameInputs(project, drives, massReport(project)));
          if (!flex.ok) {
            expect(['no-structure', 'no-gantry-axis', 'loose']).toContain(flex.reason);
            return;
          }
          expect(holes(flex.report)).toEqual([]);
          for (const way of ['x', 'y', 'z'] as const) {
            const { stiffness, budget } = flex.report.softest[way];
            expect(stiffness).toBeGreaterThan(0);
            expect(budget.reduce((s, p) => s + p.value, 0) * stiffness).toBeCloseTo(1, 2);
          }
          expect(flex.report.frequency.hertz).toBeGreaterThan(0);
        }),
        { numRuns: 150 * WIDE },
      );
    },
  );
  it('a machine of which only part is known has a report', () => {
    for (const change of [
      { structure: null },
      { stand: [] },
      { axes: kayak.axes.slice(0, 1).map((a) => ({ ...a })) },
      {
        axes: kayak.axes
          .slice(1)
          .map((a) => ({ ...a, carriedBy: a.carriedBy === 'bed' ? null : a.carriedBy })),
      },
    ]) {
      const project = { ...kayak, ...change } as Project;
      expect(projectIssues(project)).toEqual([]);
      expect(holes(machineReport(project, { flex: true }))).toEqual([]);
    }
  });
});
