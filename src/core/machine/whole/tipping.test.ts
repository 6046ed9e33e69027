import { describe, expect, it } from 'vitest';
import { loads } from '@/core/loads';
import { applyEdits, guess, type Project, put, startingBody, startingStructure } from '@/core/model';
import { quantity as q } from '@/core/units';
import { anyEdit, gate, scenery } from '@test/helpers/machines';
import { machineReport, massReport } from '..';

const g = 9.80665;
const tips = (project: Project) =>
  machineReport(project, { remedies: true }).findings.filter((f) => f.code === 'tips');
const mm = (v: number) => guess('length', `${v} mm`);
const feet = (
  project: Project,
  along: number,
  across: number,
  height: number,
  ...more: Parameters<typeof put>[]
) =>
  applyEdits(project, [
    put('structure.feet.along', mm(along)),
    put('structure.feet.across', mm(across)),
    put('structure.feet.height', mm(height)),
    ...more.map(([path, value]) => put(path, value)),
  ]);

describe('weight against inertia about the feet', () => {
  it('a crate on a truck tips from a = g b/h on (Meriam and Kraige, Dynamics)', () => {
    const box = { all: q('mass', 40), half: q('length', 0.3), centre: q('length', 0), moving: q('mass', 40) };
    const at = (a: number) =>
      loads.steadiness.evaluate({ ...box, acceleration: q('acceleration', a), height: q('length', 0.9) });
    expect(at((g * 0.3) / 0.9)).toBeCloseTo(1, 12);
    expect(at((g * 0.3) / 1.8)).toBeCloseTo(2, 12);
    // Half of the load stands still on the floor of the truck: only what is sped up pushes.
    const half = {
      ...box,
      moving: q('mass', 20),
      acceleration: q('acceleration', 1),
      height: q('length', 0.9),
    };
    expect(loads.steadiness.evaluate(half)).toBeCloseTo(2 * at(1), 12);
  });
});

/** Force on the feet of each side, N, out of the balance of moments over all bodies one by one. */
function footForces(
  bodies: readonly (readonly [mass: number, x: number, a: number, h: number])[],
  base: number,
) {
  const about = bodies.reduce((s, [m, x, a, h]) => s + m * g * (base / 2 + x) + m * a * h, 0);
  const weight = bodies.reduce((s, [m]) => s + m * g, 0);
  return { far: about / base, near: weight - about / base };
}

describe('a machine on its feet', () => {
  // A plasma table whose feet stand so close that its gantry lifts them.
  const narrow = feet(gate, 900, 260, 700);
  it('lifts a foot where the balance of forces says so', () => {
    const { axes, structure } = narrow;
    const masses = massReport(narrow);
    const gantry = axes.findIndex((a) => a.role === 'gantry');
    const moving = masses.axes[gantry]!.total;
    const rest = masses.moving + masses.standing - moving;
    const [x, h] = [axes[gantry]!.demands.travel.si / 2, 0.7 + structure!.column.height.si];
    /** The acceleration at which the near feet carry nothing, by halving. */
    let [low, high] = [0, 1000];
    for (let i = 0; i < 60; i++) {
      const a = (low + high) / 2;
      const { near } = footForces(
        [
          [moving, x, a, h],
          [rest, 0, 0, 0],
        ],
        0.26,
      );
      if (near > 0) low = a;
      else high = a;
    }
    const asked = applyEdits(narrow, [
      anyEdit(`axes.${gantry}.demands.acceleration`, guess('acceleration', `${low} m/s²`)),
    ]);
    const found = tips(asked).find((f) => f.params.way === 'across')!;
    expect(found.value).toBeCloseTo(1, 6);
    expect(tips(narrow).find((f) => f.params.way === 'across')?.verdict ?? 'holds').toBe(
      low > 1.5 * axes[gantry]!.demands.acceleration.si ? 'holds' : 'thin',
    );
  });
  it('every way out that is offered holds in the machine with it made', () => {
    const tall = feet(gate, 700, 200, 1500);
    const found = tips(tall);
    expect(found.length).toBeGreaterThan(0);
    for (const f of found) {
      expect(f.remedies.map((r) => r.code)).toContain('wider-feet');
      for (const r of f.remedies) {
        const after = tips(applyEdits(tall, r.edits)).find((o) => o.about === f.about);
        expect(after?.value ?? Infinity, r.code).toBeGreaterThan(f.value);
      }
    }
  });
  it('of a machine that is bolted down nothing is asked', () => {
    expect(tips(applyEdits(feet(gate, 100, 100, 2000), [put('structure.feet.held', 'bolted')]))).toEqual([]);
  });
  it('of an arm without feet and without a rail under its tip nothing is known; a rail is a foot', () => {
    const open = applyEdits(scenery, [put('structure.feet.across', null), put('structure.prop', null)]);
    expect(tips(open).map((f) => [f.verdict, f.path])).toContainEqual(['not-known', 'structure.feet.across']);
    const propped = { at: scenery.structure!.beam.length, stiffness: guess('stiffness', '20 N/µm') };
    expect(tips(applyEdits(open, [put('structure.prop', propped)]))).toEqual([]);
  });
  it('an arm that leans out beyond its feet tips by its weight alone', () => {
    const light = applyEdits(scenery, [anyEdit('stand', [startingBody('s', 'Trestles')])]);
    const [found] = tips(feet(light, 3900, 150, 700)).filter((f) => f.params.way === 'across');
    expect(found).toMatchObject({ verdict: 'gives-out', params: { outside: 1 } });
    expect(found!.value).toBeLessThan(0);
  });
  it('what a usual frame begins with is ours, and as tall as a stand', () => {
    expect(startingStructure(1, 1).feet.height).toMatchObject({ si: 0.8, basis: 'ours' });
  });
});
