import { describe, expect, it } from 'vitest';
import { familyById, type Part, searchParts, sortedParts } from '..';

const names = (parts: readonly Part[]) => parts.map((p) => p.name);
const of = (family: string) => familyById(family)!.parts;

describe('parts are found', () => {
  it('by every word of their name and figures, in either system of units', () => {
    // 3 N·m are 425 oz-in: how a shop in inches lists the same motor.
    const strong = of('stepper').filter((p) => p.values['motor.holdingTorque'] === '3 N·m');
    expect(strong.length).toBeGreaterThan(0);
    expect(searchParts(of('stepper'), '425 oz-in')).toEqual(strong);
    expect(names(searchParts(of('ball-screw'), '0.63 in')).every((n) => n.includes('16 mm'))).toBe(true);
    expect(searchParts(of('ball-screw'), 'zeppelin')).toEqual([]);
    expect(searchParts(of('ball-screw'), ' ')).toBe(of('ball-screw'));
  });
  it('by what the trade calls a screw: 1/2-10 (ASME B1.5)', () => {
    expect(names(searchParts(of('stepper'), '25'))).not.toContain('Stepper size 23, 3 N·m, 3.8 mH');
    for (const sold of ['1200', '1204'])
      expect(names(searchParts(of('stepper'), sold))).toContain('Stepper size 34, 8.5 N·m, 2.6 mH');
    expect(names(searchParts(of('acme-screw'), '1/2-10'))).toContain('Acme 0.5 in × 0.1 in');
    for (const part of searchParts(of('acme-screw'), '1/2-10')) expect(part.name).toMatch(/^Acme 0\.5 in/);
  });
});

describe('parts are sorted', () => {
  it('by a figure as it is meant, not as it is written', () => {
    const bigger: Part = {
      ...of('stepper')[0]!,
      id: 'own',
      name: 'Own',
      values: { 'motor.holdingTorque': '1000 oz-in' },
    };
    const sorted = sortedParts([...of('stepper'), bigger], 'motor.holdingTorque', false);
    const at = sorted.indexOf(bigger);
    const torque = (p: Part) => Number.parseFloat(p.values['motor.holdingTorque']!);
    for (const [i, p] of sorted.entries()) if (p !== bigger) expect(torque(p) <= 7.06).toBe(i < at);
    expect(sortedParts(sorted, 'motor.holdingTorque', true)[0]).toBe(sorted.at(-1));
  });
  it('by name with their numbers, by price with those of none at the end', () => {
    expect(names(sortedParts(of('ball-screw'), 'name', false))[0]).toMatch(/^Ball screw 12 mm/);
    const bare = { ...of('stepper')[0]!, id: 'bare', price: null };
    expect(sortedParts([bare, ...of('stepper')], 'price', false).at(-1)).toBe(bare);
  });
});
