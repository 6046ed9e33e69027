import { describe, expect, it } from 'vitest';
import { materials, woodSizes } from '@/core/catalogue';
import { applyEdits, estimate, put, type Section } from '@/core/model';
import { propertiesOf } from '@/core/sections';
import { demoMachines } from '@/demo';
import { machineReport } from '..';

const kayak = demoMachines()[0]!;

describe('what is printed creeps', () => {
  const creeping = (beam: string, column: string) =>
    machineReport(
      applyEdits(kayak, [
        { path: 'structure.beam.material', value: beam },
        { path: 'structure.column.material', value: column },
      ]),
      { flex: true },
    ).findings.filter((f) => f.code === 'creeps');

  it('as a beam and as a column, each for itself, and neither of what stays', () => {
    expect(creeping('steel', 'aluminium')).toEqual([]);
    expect(creeping('steel', 'pla').map((f) => f.params.member)).toEqual(['column']);
    expect(creeping('petg', 'pla').map((f) => f.params.member)).toEqual(['beam', 'column']);
  });
  it('is mended by a material that does not, in the member that it speaks of', () => {
    const [found] = creeping('steel', 'pla');
    expect(found!.remedies.length).toBeGreaterThan(0);
    for (const r of found!.remedies)
      expect(r.edits.map((e) => e.path)).toEqual(['structure.column.material']);
  });
  it('nobody speaks of columns where there are none', () => {
    const flat = applyEdits(kayak, [
      put('structure.column.height', estimate('length', '0 mm')),
      put('structure.column.material', 'pla'),
    ]);
    expect(machineReport(flat, { flex: true }).findings.filter((f) => f.code === 'creeps')).toEqual([]);
  });
});

describe('members of wood', () => {
  const mm = (v: number) => estimate('length', `${v} mm`);
  it('are of a wood that the materials know, and say where they come from', () => {
    for (const w of woodSizes) {
      expect(materials[w.material].creeps, w.name).toBe(false);
      expect(w.source.length).toBeGreaterThan(5);
      expect((w.flange === null) === (w.web === null)).toBe(true);
    }
    expect(new Set(woodSizes.map((w) => w.material))).toEqual(new Set(['birch-plywood', 'maple']));
  });
  it('a torsion box twists by Bredt: 4 A² over the sum of side by thickness', () => {
    for (const { height: h, width: w, flange: f, web: t, name } of woodSizes.filter((b) => b.flange)) {
      const box = { kind: 'plate-box', height: mm(h), width: mm(w), flange: mm(f!), web: mm(t!) };
      const [tall, wide] = [h - f!, w - t!];
      const bredt = (4 * (tall * wide) ** 2) / ((2 * wide) / f! + (2 * tall) / t!);
      expect(propertiesOf(box as Section).torsion * 1e12, name).toBeCloseTo(bredt, -3);
      // Many times what as much plywood in a heap of strips would resist: b t³/3 of each.
      const heap = (2 * w * f! ** 3 + 2 * (h - 2 * f!) * t! ** 3) / 3;
      expect(bredt / heap).toBeGreaterThan(20);
    }
  });
});
