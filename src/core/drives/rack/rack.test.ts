import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { rack } from '..';
import { planRack } from './segments';

const deg = (d: number) => q('angle', (d * Math.PI) / 180);
const mm = (v: number) => q('length', v / 1000);
const HELIX = deg(19 + 31 / 60 + 42 / 3600);

describe('rack and pinion', () => {
  it(
    'helical racks of 19°31′42″: module 1.5 has a pitch of 5.000 mm, module 2 one of 6.667 mm; spur ' +
      'pi m (ISO 53)',
    () => {
      expect(rack.rackPitch.evaluate({ module: mm(1.5), helix: HELIX }) * 1000).toBeCloseTo(5, 3);
      expect(rack.rackPitch.evaluate({ module: mm(2), helix: HELIX }) * 1000).toBeCloseTo(6.6667, 3);
      expect(rack.rackPitch.evaluate({ module: mm(1), helix: deg(0) }) * 1000).toBeCloseTo(Math.PI, 9);
    },
  );
  it('one turn of the pinion moves as many pitches as it has teeth (definition, ISO 53)', () => {
    for (const [z, m, helix] of [
      [20, 1.5, HELIX],
      [25, 2, deg(0)],
    ] as const)
      expect(
        2 * Math.PI * rack.rackTravel.evaluate({ teeth: q('count', z), module: mm(m), helix }),
      ).toBeCloseTo(z * rack.rackPitch.evaluate({ module: mm(m), helix }), 12);
  });
  it(
    'forces of a tooth: 20° spur pushes out with 0.364 of its pull; 20°/30° helical pair of the ' +
      'textbook (Shigley, helical gear force analysis: Wr = Wt tan φt, Wa = Wt tan ψ)',
    () => {
      const pull = q('force', 1000);
      expect(rack.separatingForce.evaluate({ pull, pressure: deg(20), helix: deg(0) })).toBeCloseTo(
        363.97,
        2,
      );
      const transverse = Math.atan(Math.tan((20 * Math.PI) / 180) / Math.cos((30 * Math.PI) / 180));
      expect(rack.separatingForce.evaluate({ pull, pressure: deg(20), helix: deg(30) })).toBeCloseTo(
        1000 * Math.tan(transverse),
        9,
      );
      expect(rack.axialForce.evaluate({ pull, helix: deg(30) })).toBeCloseTo(577.35, 2);
      expect(rack.shaftResultant.evaluate({ pull: q('force', 3), radial: q('force', 4) })).toBe(5);
    },
  );
  it(
    'undercut: 17.1 teeth at 20°, 31.9 at 14.5° (Shigley, interference with a rack: 18 and 32 ' +
      'teeth), a shift of 0.5 halves it',
    () => {
      expect(
        rack.leastTeeth.evaluate({ pressure: deg(20), helix: deg(0), shift: q('ratio', 0) }),
      ).toBeCloseTo(17.1, 1);
      expect(
        rack.leastTeeth.evaluate({ pressure: deg(14.5), helix: deg(0), shift: q('ratio', 0) }),
      ).toBeCloseTo(31.9, 1);
      expect(
        rack.leastTeeth.evaluate({ pressure: deg(20), helix: deg(0), shift: q('ratio', 0.5) }),
      ).toBeCloseTo(8.55, 2);
    },
  );
  it(
    'Lewis factor: Y 0.245 at 12 teeth, 0.303 at 17, 0.322 at 20, 0.359 at 30, 0.472 at 300 ' +
      '(Shigley, table 14-2)',
    () => {
      const Y = (z: number) =>
        rack.lewisForce.evaluate({
          yieldStrength: q('modulus', 1e6),
          safety: q('ratio', 1),
          face: q('length', 1),
          module: q('length', 1),
          teeth: q('count', z),
          helix: deg(0),
          speed: q('speed', 0),
        }) / 1e6;
      for (const [z, y] of [
        [12, 0.245],
        [17, 0.303],
        [20, 0.322],
        [30, 0.359],
        [300, 0.472],
      ] as const)
        expect(Y(z)).toBeCloseTo(y, 9);
    },
  );
  it(
    'bending: at 6.1 m/s a cut tooth carries half of what it carries at rest (Shigley, eq. 14-4b: Kv ' +
      '= (6.1 + V)/6.1)',
    () => {
      const at = (v: number) =>
        rack.lewisForce.evaluate({
          yieldStrength: q('modulus', 350e6),
          safety: q('ratio', 2),
          face: mm(15),
          module: mm(1.5),
          teeth: q('count', 20),
          helix: deg(0),
          speed: q('speed', v),
        });
      expect(at(6.1) / at(0)).toBeCloseTo(0.5, 12);
    },
  );
  it('0.1 mm out of mesh opens 73 µm of play at 20° (2 e tan α: both flanks of the textbook rack)', () => {
    expect(rack.meshPlay.evaluate({ gap: mm(0.1), pressure: deg(20), helix: deg(0) }) * 1e6).toBeCloseTo(
      72.8,
      1,
    );
  });
  it(
    'a spring must beat the separating force by a fifth, by its lever (common practice, no source; ' +
      'balance of moments)',
    () => {
      expect(rack.springNeeded.evaluate({ separating: q('force', 100) })).toBeCloseTo(120, 12);
      expect(rack.springAtMesh.evaluate({ spring: q('force', 80), lever: q('ratio', 1.5) })).toBe(120);
    },
  );
  it('teeth of 15 mm give 300 N/µm (20 N/(mm µm), ISO 6336-1 mean mesh stiffness, from memory)', () => {
    expect(rack.meshStiffness.evaluate({ face: mm(15) }) / 1e6).toBeCloseTo(300, 9);
  });
  it('pitch error adds up over racks laid end to end and is no less than that of one', () => {
    expect(
      rack.rackError.evaluate({ perSegment: mm(0.1), segment: mm(1000), travel: mm(2500) }) * 1e6,
    ).toBeCloseTo(250, 9);
    expect(
      rack.rackError.evaluate({ perSegment: mm(0.1), segment: mm(1000), travel: mm(300) }) * 1e6,
    ).toBeCloseTo(100, 9);
  });
  it('racks are cut in whole teeth, and their joints lie where pieces meet', () => {
    const plan = planRack(2.54, 1, 0.005);
    expect(plan.pieces).toBe(3);
    expect(plan.joints.map((j) => Math.round(j * 1000))).toEqual([1000, 2000]);
    expect(plan.length).toBeGreaterThanOrEqual(2.54);
    for (const piece of [plan.last, plan.length])
      expect(piece / 0.005).toBeCloseTo(Math.round(piece / 0.005), 9);
  });
});
