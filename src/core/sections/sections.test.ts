import { describe, expect, it } from 'vitest';
import { extrusionSizes } from '@/core/catalogue';
import { guess as m, type Section } from '@/core/model';
import { quantity } from '@/core/units';
import { cornerRadii, memberOf, propertiesOf, sections } from '.';

const mm = (v: number) => m('length', `${v} mm`);
const tube = (height: number, width: number, wall: number, making: 'cold' | 'hot'): Section => ({
  kind: 'rect-tube',
  height: mm(height),
  width: mm(width),
  wall: mm(wall),
  making,
});
const q = quantity;
const len = (v: number) => q('length', v);

describe('hollow sections against the published tables', () => {
  // EN 10210-2 (hot finished) and EN 10219-2 (cold formed): area cm², second moments cm⁴, torsion cm⁴, kg/m.
  it.each([
    [250, 150, 8, 'hot', 60.8, 5111, 2298, 5021, 47.7],
    [100, 100, 5, 'hot', 18.7, 279, 279, 439, 14.7],
    [100, 50, 4, 'hot', 11.2, 140, 46.2, 113, 8.78],
    [100, 50, 4, 'cold', 10.9, 134, 44.9, null, null],
    [60, 60, 3, 'cold', 6.61, 35.1, 35.1, null, 5.19],
    [50, 50, 3, 'cold', 5.41, 19.5, 19.5, null, 4.25],
  ] as const)('%d x %d x %d %s', (h, b, t, making, area, iv, il, it, mass) => {
    const p = propertiesOf(tube(h, b, t, making));
    const near = (value: number, want: number) => expect(Math.abs(value / want - 1)).toBeLessThan(0.005);
    near(p.area * 1e4, area);
    near(p.secondMomentV * 1e8, iv);
    near(p.secondMomentL * 1e8, il);
    if (it) near(p.torsion * 1e8, it);
    if (mass) near(memberOf(tube(h, b, t, making), 'steel').mass, mass);
  });
  it('corner radii follow the wall', () => {
    expect(cornerRadii('cold', 0.006).outer).toBeCloseTo(0.012, 9);
    expect(cornerRadii('cold', 0.008).outer).toBeCloseTo(0.02, 9);
    expect(cornerRadii('cold', 0.012)).toEqual({
      outer: expect.closeTo(0.036, 9),
      inner: expect.closeTo(0.024, 9),
    });
    expect(cornerRadii('sharp', 0.01)).toEqual({ outer: 0, inner: 0 });
  });
});

describe('formulas of sections', () => {
  const radii = { outer: len(0), inner: len(0) };
  it('a sharp tube is a bar less a bar', () => {
    const [h, b, t] = [0.1, 0.06, 0.004];
    const inputs = { height: len(h), width: len(b), wall: len(t), ...radii };
    expect(sections.tubeArea.evaluate(inputs)).toBeCloseTo(h * b - (h - 2 * t) * (b - 2 * t), 12);
    expect(sections.tubeSecondMoment.evaluate(inputs)).toBeCloseTo(
      (b * h ** 3 - (b - 2 * t) * (h - 2 * t) ** 3) / 12,
      14,
    );
    // Bredt for an even wall is the box of plates plus the small open part.
    const box = sections.boxTorsion.evaluate({ height: len(h), width: len(b), flange: len(t), web: len(t) });
    expect(sections.tubeTorsion.evaluate(inputs) - box).toBeCloseTo((t ** 3 * 2 * (b + h - 2 * t)) / 3, 12);
  });
  it('corners against counting small squares', () => {
    const [h, b, t, ro, ri] = [0.04, 0.04, 0.004, 0.008, 0.004];
    const n = 800;
    let [area, moment] = [0, 0];
    const inside = (y: number, z: number, w: number, hh: number, r: number) => {
      const [dy, dz] = [Math.abs(y) - (w / 2 - r), Math.abs(z) - (hh / 2 - r)];
      return (
        Math.abs(y) <= w / 2 && Math.abs(z) <= hh / 2 && (dy < 0 || dz < 0 || dy * dy + dz * dz <= r * r)
      );
    };
    for (let i = 0; i < n; i++)
      for (let j = 0; j < n; j++) {
        const [y, z] = [(b * (i + 0.5)) / n - b / 2, (h * (j + 0.5)) / n - h / 2];
        if (inside(y, z, b, h, ro) && !inside(y, z, b - 2 * t, h - 2 * t, ri)) {
          area += (b * h) / n ** 2;
          moment += (z * z * b * h) / n ** 2;
        }
      }
    const inputs = { height: len(h), width: len(b), wall: len(t), outer: len(ro), inner: len(ri) };
    expect(sections.tubeArea.evaluate(inputs) / area).toBeCloseTo(1, 3);
    expect(sections.tubeSecondMoment.evaluate(inputs) / moment).toBeCloseTo(1, 3);
  });
  it(
    'rounds: 16 mm against 8 mm is four times the area (common practice, no source) and sixteen ' +
      'times the second moment',
    () => {
      const at = (d: number) => ({ outer: len(d), inner: len(0) });
      expect(sections.roundArea.evaluate(at(0.016)) / sections.roundArea.evaluate(at(0.008))).toBeCloseTo(
        4,
        12,
      );
      expect(
        sections.roundSecondMoment.evaluate(at(0.016)) / sections.roundSecondMoment.evaluate(at(0.008)),
      ).toBeCloseTo(16, 12);
    },
  );
  it('a tube carries shear by its webs: walked round 120 x 80 x 5, by 0.541 and 0.292 of its area', () => {
    const [H, B, t] = [0.12, 0.08, 0.005];
    /** I²/∮Q²/t ds, the first moment gathered step by step from the middle of the flange (Timoshenko). */
    const walked = (h: number, b: number) => {
      const steps = 40_000;
      const around = [b / 2, h, b / 2];
      let [x, Q, I, energy] = [0, 0, 0, 0];
      const ds = (b + h) / steps;
      for (let i = 0; i < steps; i++, x += ds) {
        const z = x < around[0]! ? h / 2 : x < around[0]! + h ? h / 2 - (x - around[0]!) : -h / 2;
        Q += t * z * ds;
        I += 2 * t * z * z * ds;
        energy += (2 * Q * Q * ds) / t;
      }
      return I ** 2 / energy / (2 * t * (h + b));
    };
    const share = (h: number, b: number) =>
      sections.boxShearArea.evaluate({ height: len(h - t), width: len(b - t), flange: len(t), web: len(t) }) /
      (2 * t * (h + b - 2 * t));
    expect(share(H, B)).toBeCloseTo(0.541, 3);
    expect(share(B, H)).toBeCloseTo(0.292, 3);
    expect(share(H, B) / walked(H - t, B - t)).toBeCloseTo(1, 3);
    expect(share(B, H) / walked(B - t, H - t)).toBeCloseTo(1, 3);
  });
  it('a round tube is its strips, added up: area, and area times the distance squared', () => {
    const [outer, inner, strips] = [0.03, 0.024, 20_000];
    const chord = (d: number, y: number) => 2 * Math.sqrt(Math.max(0, (d / 2) ** 2 - y ** 2));
    let [area, moment] = [0, 0];
    for (let i = 0; i < strips; i++) {
      const y = outer * ((i + 0.5) / strips - 0.5);
      const strip = ((chord(outer, y) - chord(inner, y)) * outer) / strips;
      area += strip;
      moment += strip * y * y;
    }
    const tube = { outer: len(outer), inner: len(inner) };
    expect(sections.roundArea.evaluate(tube) / area).toBeCloseTo(1, 4);
    expect(sections.roundSecondMoment.evaluate(tube) / moment).toBeCloseTo(1, 4);
  });
  it(
    'a square bar: b h³/12, and 0.1406 a⁴ in twist (Timoshenko and Goodier, Theory of Elasticity, ' +
      'table of Saint-Venant)',
    () => {
      expect(sections.barSecondMoment.evaluate({ height: len(0.02), width: len(0.01) })).toBeCloseTo(
        (0.01 * 0.02 ** 3) / 12,
        15,
      );
      expect(sections.barTorsion.evaluate({ long: len(1), short: len(1) })).toBeCloseTo(0.1406, 3);
      // The same table: 0.229 for sides 2 : 1, 0.281 for 4 : 1.
      expect(sections.barTorsion.evaluate({ long: len(2), short: len(1) }) / 2).toBeCloseTo(0.229, 3);
      expect(sections.barTorsion.evaluate({ long: len(4), short: len(1) }) / 4).toBeCloseTo(0.281, 3);
    },
  );
  it('an angle is tens of times softer in twist than a tube of its weight', () => {
    const open = sections.openTorsion.evaluate({ height: len(0.1), width: len(0.1), thickness: len(0.01) });
    expect(open).toBeCloseTo((0.19 * 0.01 ** 3) / 3, 14);
    const angle = propertiesOf({ kind: 'angle', height: mm(100), width: mm(100), thickness: mm(10) });
    const closed = propertiesOf(tube(100, 100, 5, 'hot'));
    expect(angle.area / closed.area).toBeCloseTo(1, 1);
    expect(closed.torsion / open).toBeGreaterThan(60);
    // Angle 100 x 100 x 10 of EN 10056-1: 177 cm⁴ with its rounded toes; sharp ones give 2 % more.
    expect(Math.abs((angle.secondMomentV * 1e8) / 177 - 1)).toBeLessThan(0.02);
  });
  it(
    'two equal bars glued one on the other are one bar of twice the height: eight times the ' +
      'stiffness of one',
    () => {
      const [E, b, h] = [70e9, 0.03, 0.01];
      const own = q('bendingStiffness', (E * b * h ** 3) / 12);
      const axial = q('force', E * b * h);
      expect(
        sections.parallelAxis.evaluate({
          own,
          ownAxial: axial,
          added: own,
          addedAxial: axial,
          offset: len(h),
        }) / own,
      ).toBeCloseTo(8, 12);
    },
  );
});

describe('members', () => {
  const aluminium = tube(120, 80, 5, 'cold');
  const plain = memberOf(aluminium, 'aluminium');
  it(
    'a steel rail bolted on top of aluminium counts about three times its area ' + '(transformed section)',
    () => {
      const rail = { width: 0.02, height: 0.015, up: 0.0675, out: 0, material: 'steel' as const };
      const both = memberOf(aluminium, 'aluminium', [rail]);
      // By hand: centroid of EA, then parallel axes.
      const [ea1, ea2] = [plain.EA, 206e9 * 0.02 * 0.015];
      const c = (ea2 * 0.0675) / (ea1 + ea2);
      expect(both.EIv).toBeCloseTo(
        plain.EIv + ea1 * c * c + (206e9 * 0.02 * 0.015 ** 3) / 12 + ea2 * (0.0675 - c) ** 2,
        3,
      );
      expect(both.mass - plain.mass).toBeCloseTo(7850 * 0.0003, 9);
      expect(both.EIl).toBeGreaterThan(plain.EIl);
    },
  );
  it('filling makes it heavier for certain and stiffer a little', () => {
    const filled = memberOf(aluminium, 'aluminium', [], 'polymer-concrete');
    expect(filled.mass / plain.mass).toBeGreaterThan(3);
    expect(filled.EIv / plain.EIv).toBeGreaterThan(1.2);
    expect(filled.EIv / plain.EIv).toBeLessThan(2);
    expect(filled.GJ).toBe(plain.GJ);
    expect(
      memberOf({ kind: 'bar', height: mm(50), width: mm(20) }, 'steel', [], 'polymer-concrete').mass,
    ).toBe(memberOf({ kind: 'bar', height: mm(50), width: mm(20) }, 'steel').mass);
  });
  it(
    'listed extrusions lie where a hollow box of their size and area would: more than a solid of ' +
      'their area, less than an empty frame; soft in twist',
    () => {
      for (const e of extrusionSizes) {
        const [h, b, area] = [e.height / 10, e.width / 10, e.area];
        // A solid rectangle of the same proportions and area, and all of the area at the outer edge (cm⁴).
        const solid = (area * area * (h / b)) / 12;
        expect(e.secondMomentV, e.id).toBeGreaterThan(solid * 0.9);
        expect(e.secondMomentV, e.id).toBeLessThan((area * h * h) / 4);
        expect(e.torsion, e.id).toBeLessThan(e.secondMomentV + e.secondMomentL);
      }
      expect(extrusionSizes.length).toBeGreaterThan(10);
    },
  );
  it('every kind of section has positive figures', () => {
    const all: Section[] = [
      aluminium,
      { kind: 'round-tube', diameter: mm(60), wall: mm(3) },
      { kind: 'bar', height: mm(50), width: mm(20) },
      { kind: 'round', diameter: mm(20) },
      { kind: 'angle', height: mm(60), width: mm(40), thickness: mm(5) },
      { kind: 'plate-box', height: mm(160), width: mm(120), flange: mm(12), web: mm(9) },
      {
        kind: 'extrusion',
        height: mm(80),
        width: mm(40),
        area: m('area', '900 mm²'),
        secondMomentV: m('secondMoment', '55 cm⁴'),
        secondMomentL: m('secondMoment', '15 cm⁴'),
        torsion: m('secondMoment', '8 cm⁴'),
      },
    ];
    for (const s of all)
      for (const [name, v] of Object.entries(memberOf(s, 'steel')))
        expect(v, `${s.kind} ${name}`).toBeGreaterThan(0);
  });
});
