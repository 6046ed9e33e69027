import { describe, expect, it } from 'vitest';
import { doubtInputs, doubtOf, methodFor, methodIds } from '@/core/doubt';
import { demoMachines } from '@/demo';
import { chanceText, doubtedText, doubtfulText, gainText, methodTexts } from '.';

const machines = demoMachines();

describe('how doubt is said', () => {
  it('a chance is never all and never none: so many draws show neither', () => {
    expect(chanceText(1, 10_000)).toBe('> 99.97 %');
    expect(chanceText(0, 10_000)).toBe('< 0.03 %');
    expect(chanceText(0.5, 400)).toBe('50 %');
    expect(chanceText(0.9957, 10_000)).toBe('99.57 %');
    expect(chanceText(1, 400)).toBe('> 99.25 %');
  });
  it('every check has a name that is no code, and what it is about', () => {
    for (const project of machines)
      for (const check of doubtOf(project, 1, 30).answer.checks) {
        const { name, of } = doubtedText(project, check);
        expect(name, check.key).toMatch(/^[A-Z][^_|]*$/);
        expect(name, check.key).not.toBe(check.code);
        expect(of, check.key).not.toMatch(/[|~]/);
        if (check.axisId) expect(of).toContain(project.axes.find((a) => a.id === check.axisId)!.name);
      }
  });
  it('every figure that may be off has a name, a place and a way to read it', () => {
    for (const project of machines)
      for (const input of doubtInputs(project)) {
        const { name, of } = doubtfulText(project, input.path);
        expect(name.length, input.path).toBeGreaterThan(1);
        expect(of.length, input.path).toBeGreaterThan(2);
        const { id } = methodFor(input.path, input.kind, input.value);
        expect(methodTexts[id].how.length).toBeGreaterThan(20);
      }
    expect(doubtfulText(machines[0]!, 'brief.spindle.efficiency')).toEqual({
      name: 'Efficiency',
      of: 'Spindle',
    });
    expect(doubtfulText(machines[0]!, 'material.aluminium').name).toBe('Stiffness of aluminium');
  });
  it('what can hurt is told where it can: whatever lifts, turns, is wired or can drop', () => {
    for (const id of ['lever', 'clamp-meter', 'volts', 'plug-meter', 'pull', 'scale-large', 'bend'] as const)
      expect(methodTexts[id].mind, id).toBeDefined();
    expect(methodTexts.volts.mind).toMatch(/licensed electrician/);
    expect(methodIds.every((id) => methodTexts[id].title)).toBe(true);
  });
  it('a gain is said in words', () => {
    expect([0.5, 0.1, 0.02].map(gainText)).toEqual(['settles much', 'settles some', 'settles little']);
  });
});
