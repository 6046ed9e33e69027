import fc from 'fast-check';
import { CholeskyDecomposition, inverse as matrixInverse, Matrix, solve as denseSolve } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { GRAVITY } from '@/core/units';
import { addTo, banded, factorBanded, entryOf, inverseInBand, solveBanded } from '@/core/numerics';
import type { MemberProperties } from '@/core/sections';
import { innerFlexibility, type Vector } from './element';
import { addOwnWeight, energies, type Frame, globalShapes, prepare, type Ready, solve } from './frame';

const EI = 2e5;
/** Stiff in shear, so that the closed forms of slender beams hold. */
const slender: MemberProperties = {
  EA: 4e8,
  EIv: EI,
  EIl: 0.4 * EI,
  GJ: 9e4,
  GAv: 1e14,
  GAl: 1e14,
  mass: 12,
  turning: 0.02,
};
const RIGID = 1e14;
const clamp = (node: number) => ({
  node,
  stiffness: [RIGID, RIGID, RIGID, RIGID, RIGID, RIGID],
  group: 'ground',
});
/** Held in place and against turning about its own length, free to bend. */
const hinge = (node: number) => ({ node, stiffness: [RIGID, RIGID, RIGID, 0, RIGID, 0], group: 'ground' });

function beam(length: number, elements: number, grounds: Frame['grounds'], member = slender): Ready {
  const nodes = Array.from({ length: elements + 1 }, (_, i): Vector => [0, (length * i) / elements, 0]);
  const ready = prepare({
    nodes,
    elements: Array.from({ length: elements }, (_, i) => ({ a: i, b: i + 1, member, group: 'beam' })),
    grounds,
    joints: [],
  });
  if (!ready.ok) throw new Error(`loose at ${ready.node}`);
  return ready;
}
const loadAt = (ready: Ready, node: number, dof: number, value: number) => {
  const f = new Float64Array(6 * ready.frame.nodes.length);
  f[6 * node + dof] = value;
  return f;
};

describe(
  'beams against closed forms (Gere and Goodno, Mechanics of Materials, tables of ' + 'deflections)',
  () => {
    const [L, P] = [1.6, 500];
    const sagMiddle = (ready: Ready) => -solve(ready, loadAt(ready, 8, 2, -P))[6 * 8 + 2]!;
    it('held at both ends: P L³/48EI, 5 w L⁴/384EI', () => {
      const b = beam(L, 16, [hinge(0), hinge(16)]);
      expect(sagMiddle(b) / ((P * L ** 3) / (48 * EI))).toBeCloseTo(1, 6);
      const own = new Float64Array(6 * 17);
      addOwnWeight(b, own);
      expect(-solve(b, own)[6 * 8 + 2]! / ((5 * slender.mass * GRAVITY * L ** 4) / (384 * EI))).toBeCloseTo(
        1,
        6,
      );
    });
    it('clamped at one end: P L³/3EI, w L⁴/8EI, twist T L/GJ', () => {
      const b = beam(L, 16, [clamp(0)]);
      expect(-solve(b, loadAt(b, 16, 2, -P))[6 * 16 + 2]! / ((P * L ** 3) / (3 * EI))).toBeCloseTo(1, 6);
      expect(solve(b, loadAt(b, 16, 4, 30))[6 * 16 + 4]! / ((30 * L) / slender.GJ)).toBeCloseTo(1, 6);
      const own = new Float64Array(6 * 17);
      addOwnWeight(b, own);
      expect(-solve(b, own)[6 * 16 + 2]! / ((slender.mass * GRAVITY * L ** 4) / (8 * EI))).toBeCloseTo(1, 6);
    });
    it('clamped at both ends: P L³/192EI; clamped and propped: 7 P L³/768EI in the middle', () => {
      expect(sagMiddle(beam(L, 16, [clamp(0), clamp(16)])) / ((P * L ** 3) / (192 * EI))).toBeCloseTo(1, 6);
      expect(sagMiddle(beam(L, 16, [clamp(0), hinge(16)])) / ((7 * P * L ** 3) / (768 * EI))).toBeCloseTo(
        1,
        6,
      );
    });
    it('a short deep beam adds the shear of its webs: P L/(G A)', () => {
      const deep = { ...slender, GAv: 3e6 };
      const b = beam(L, 16, [clamp(0)], deep);
      expect(
        -solve(b, loadAt(b, 16, 2, -P))[6 * 16 + 2]! / ((P * L ** 3) / (3 * EI) + (P * L) / 3e6),
      ).toBeCloseTo(1, 6);
    });
    it('a portal clamped at its feet sways by P h³ (2 + 3k) / 12EI (1 + 6k)', () => {
      // Slope-deflection equations of the clamped portal with k = (I_b/b)/(I_c/h); Kleinlogel, Rahmenformeln,
      // says the same.
      const [h, b] = [0.8, 1.2];
      const n = 4;
      const nodes: Vector[] = [];
      for (let i = 0; i <= n; i++) nodes.push([0, 0, (h * i) / n]);
      for (let i = 1; i <= n; i++) nodes.push([0, (b * i) / n, h]);
      for (let i = 1; i <= n; i++) nodes.push([0, b, h - (h * i) / n]);
      // One stiffness in the plane of the portal: sideways for the columns (their up is x), up for the beam.
      const column = { ...slender, EIl: EI, EA: 1e13 };
      const member = { ...slender, EIv: EI, EA: 1e13 };
      const ready = prepare({
        nodes,
        elements: Array.from({ length: 3 * n }, (_, i) => ({
          a: i,
          b: i + 1,
          member: i >= n && i < 2 * n ? member : column,
          group: 'portal',
        })),
        grounds: [clamp(0), clamp(3 * n)],
        joints: [],
      }) as Ready;
      const k = 1 / b / (1 / h);
      const sway = solve(ready, loadAt(ready, n, 1, P))[6 * n + 1]!;
      expect(sway / ((P * h ** 3 * (2 + 3 * k)) / (12 * EI * (1 + 6 * k)))).toBeCloseTo(1, 5);
    });
  },
);

describe('any frame', () => {
  const member = { ...slender, GAv: 2e7, GAl: 1.5e7 };
  /** A bent frame on springs with a joint, and a load. */
  const place = (turn: (v: Vector) => Vector): Ready => {
    const nodes = (
      [
        [0, 0, 0],
        [0.1, 0, 0.5],
        [0.1, 0.6, 0.6],
        [0.1, 0.6, 0.6],
        [0.4, 1.2, 0.5],
        [0.5, 1.2, 0],
      ] as Vector[]
    ).map(turn);
    const ready = prepare({
      nodes,
      elements: [
        [0, 1],
        [1, 2],
        [3, 4],
        [4, 5],
      ].map(([a, b]) => ({ a: a!, b: b!, member, group: 'frame' })),
      grounds: [
        { node: 0, stiffness: [4e7, 4e7, 4e7, 3e5, 3e5, 3e5], group: 'feet' },
        { node: 5, stiffness: [5e7, 5e7, 5e7, 2e5, 2e5, 2e5], group: 'feet' },
      ],
      joints: [{ a: 2, b: 3, stiffness: [9e8, 9e8, 9e8, 4e4, 4e4, 4e4], group: 'joint' }],
    });
    return ready as Ready;
  };
  const base = place((v) => v);
  const force = [30, -50, -120] as const;
  const pushed = (ready: Ready, f: readonly number[]) => {
    const x = new Float64Array(36);
    f.forEach((v, i) => {
      x[6 * 2 + i] = v;
    });
    return solve(ready, x);
  };
  it('reactions add up to the loads, 1e-9', () => {
    const u = pushed(base, force);
    const sum = [0, 1, 2].map((i) =>
      base.frame.grounds.reduce((s, g) => s + g.stiffness[i]! * u[6 * g.node + i]!, 0),
    );
    sum.forEach((s, i) => expect(Math.abs(s - force[i]!)).toBeLessThan(1e-9 * 135));
  });
  it('turned by a quarter about the upright and mirrored, the whole answer turns and mirrors with it', () => {
    const u = pushed(base, force);
    const quarter = pushed(
      place(([x, y, z]) => [-y, x, z]),
      [-force[1], force[0], force[2]],
    );
    const mirrored = pushed(
      place(([x, y, z]) => [x, -y, z]),
      [force[0], -force[1], force[2]],
    );
    for (let node = 0; node < 6; node++) {
      const at = (v: Float64Array, i: number) => v[6 * node + i]!;
      // No member is quite upright, for only those look for their up along x.
      expect(at(quarter, 0)).toBeCloseTo(-at(u, 1), 12);
      expect(at(quarter, 1)).toBeCloseTo(at(u, 0), 12);
      expect(at(quarter, 2)).toBeCloseTo(at(u, 2), 12);
      expect(at(mirrored, 1)).toBeCloseTo(-at(u, 1), 12);
      expect(at(mirrored, 2)).toBeCloseTo(at(u, 2), 12);
      // Turns are pseudo-vectors: in a mirror across y those about x and z change sign.
      expect(at(mirrored, 3)).toBeCloseTo(-at(u, 3), 12);
      expect(at(mirrored, 4)).toBeCloseTo(at(u, 4), 12);
    }
  });
  it('strain energy of all parts is the work of the load (Clapeyron)', () => {
    const u = pushed(base, force);
    const work = force.reduce((s, f, i) => s + f * u[12 + i]!, 0);
    expect([...energies(base, u).values()].reduce((s, e) => s + e, 0) / work).toBeCloseTo(1, 9);
  });
  it('a point inside a member gives what a node put there gives', () => {
    const b = beam(
      1.2,
      2,
      [clamp(0), { node: 2, stiffness: [1e6, 1e6, 1e6, 1e4, 1e4, 1e4], group: 'g' }],
      member,
    );
    const at = 0.3;
    const nodes: Vector[] = [
      [0, 0, 0],
      [0, 0.6, 0],
      [0, 0.6 + 0.6 * at, 0],
      [0, 1.2, 0],
    ];
    const fine = prepare({
      nodes,
      elements: [0, 1, 2].map((i) => ({ a: i, b: i + 1, member, group: 'b' })),
      grounds: [clamp(0), { node: 3, stiffness: [1e6, 1e6, 1e6, 1e4, 1e4, 1e4], group: 'g' }],
      joints: [],
    }) as Ready;
    const part = b.parts[1]!;
    const n = globalShapes(part, at);
    const inner = innerFlexibility(member, part.length, at);
    for (let dof = 0; dof < 6; dof++) {
      const load = new Float64Array(18);
      for (let j = 0; j < 12; j++) load[6 + j]! += n[dof * 12 + j]!;
      const u = solve(b, load);
      let own = 0;
      for (let j = 0; j < 12; j++) own += n[dof * 12 + j]! * u[6 + j]!;
      // The beam lies along y: own axes are (y, -x, z) in global ones, so own row of global x is 1, of y is
      // 0.
      const ownDof = [1, 0, 2, 4, 3, 5][dof]!;
      const f = solve(fine, loadAt(fine, 2, dof, 1))[6 * 2 + dof]!;
      expect((own + inner[ownDof * 6 + ownDof]!) / f, `unknown ${dof}`).toBeCloseTo(1, 8);
    }
  });
  it('a frame that is not held is refused with the place', () => {
    const nodes: Vector[] = [
      [0, 0, 0],
      [0, 1, 0],
    ];
    expect(
      prepare({ nodes, elements: [{ a: 0, b: 1, member, group: 'x' }], grounds: [], joints: [] }),
    ).toMatchObject({ ok: false, code: 'loose' });
  });
});

describe('the banded solver against a dense one', () => {
  it('any positive definite band', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 14 }),
        fc.integer({ min: 1, max: 5 }),
        fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 100, maxLength: 100 }),
        (size, width, values) => {
          const m = banded(size, width);
          const dense = Matrix.zeros(size, size);
          let at = 0;
          for (let i = 0; i < size; i++)
            for (let j = Math.max(0, i - width); j <= i; j++) {
              const v = i === j ? 3 + 2 * width : values[at++ % 100]!;
              addTo(m, j, i, v);
              dense.set(i, j, v);
              dense.set(j, i, v);
            }
          expect(new CholeskyDecomposition(dense).isPositiveDefinite()).toBe(true);
          const factored = factorBanded(m);
          if (!factored.ok) throw new Error('refused');
          const b = Float64Array.from({ length: size }, (_, i) => values[(i * 7) % 100]! + 0.1);
          const x = b.slice();
          solveBanded(factored.factor, x);
          const want = denseSolve(dense, Matrix.columnVector([...b])).to1DArray();
          x.forEach((v, i) => expect(v).toBeCloseTo(want[i]!, 10));
          const inverse = inverseInBand(factored.factor);
          const whole = matrixInverse(dense);
          for (let i = 0; i < size; i++)
            for (let j = 0; j < size; j++)
              expect(entryOf(inverse, i, j)).toBeCloseTo(Math.abs(i - j) <= width ? whole.get(i, j) : 0, 10);
          dense
            .mmul(Matrix.columnVector([...x]))
            .to1DArray()
            .forEach((v, i) => expect(v).toBeCloseTo(b[i]!, 10));
        },
      ),
      { numRuns: 200 },
    );
  });
  it('is not positive definite, and says where; an entry outside the band is a fault', () => {
    const m = banded(3, 1);
    addTo(m, 0, 0, 1);
    addTo(m, 1, 1, -1);
    addTo(m, 2, 2, 1);
    expect(factorBanded(m)).toEqual({ ok: false, code: 'not-positive-definite', row: 1 });
    expect(() => addTo(m, 0, 2, 1)).toThrow(RangeError);
  });
});
