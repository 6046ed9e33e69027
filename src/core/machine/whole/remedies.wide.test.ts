import { describe, expect, it } from 'vitest';
import { applyEdits, projectIssues } from '@/core/model';
import { demoMachines } from '@/demo';
import { machineReport } from '..';

describe('findings of a whole machine', () => {
  it.each(demoMachines().map((m) => [m.name, m] as const))(
    '%s: every remedy keeps its word: put into the machine, the finding is what was promised',
    (_name, machine) => {
      const { findings } = machineReport(machine, { flex: true });
      expect(findings.some((f) => f.remedies.length)).toBe(true);
      for (const finding of findings)
        for (const remedy of finding.remedies) {
          const changed = applyEdits(machine, remedy.edits);
          expect(projectIssues(changed), remedy.code).toEqual([]);
          const again = machineReport(changed, { flex: true, remedies: false }).findings.find(
            (other) =>
              other.code === finding.code &&
              other.params.axisId === finding.params.axisId &&
              other.params.cutIndex === finding.params.cutIndex &&
              other.params.way === finding.params.way,
          );
          expect(again?.verdict ?? 'holds', `${finding.code} by ${remedy.code}`).toBe(remedy.verdict);
        }
    },
  );
});
