import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { demoAxis } from '@test/helpers/demo';
import {
  cornerSpeed,
  pullOutTorque,
  pulsesPerLength,
  pulseSpeed,
  resolveStepper,
  speedAtTorque,
  supplyRule,
  torqueConstant,
} from '.';

interface Machine {
  K: number;
  crest: number;
  voltage: number;
  resistance: number;
  inductance: number;
  teeth: number;
}

const torque = (m: Machine, w: number): number =>
  pullOutTorque.evaluate({
    K: q('torqueConstant', m.K),
    crest: q('current', m.crest),
    voltage: q('voltage', m.voltage),
    resistance: q('resistance', m.resistance),
    inductance: q('inductance', m.inductance),
    teeth: q('rotorTeeth', m.teeth),
    speed: q('angularSpeed', w),
  });

/**
 * Referee: the machine's own voltage equations in the rotor frame, v_d = R i_d - X i_q, v_q = R i_q + X i_d +
 * E, and a search over all currents within crest and voltage for the greatest torque K i_q. No closed form.
 */
function searched(m: Machine, w: number): number {
  const X = m.teeth * w * m.inductance;
  const E = m.K * w;
  const allowed = (id: number, iq: number) =>
    id * id + iq * iq <= m.crest ** 2 &&
    (m.resistance * id - X * iq) ** 2 + (m.resistance * iq + X * id + E) ** 2 <= m.voltage ** 2;
  let best = 0;
  for (let i = 0; i <= 4000; i++) {
    const id = -m.crest + (2 * m.crest * i) / 4000;
    // For one i_d the allowed i_q form an interval (two discs cut by a line): scan for its upper end.
    let top = -1;
    for (let j = 0; j <= 60; j++) {
      const iq = (m.crest * j) / 60;
      if (allowed(id, iq)) top = iq;
    }
    if (top < 0) continue;
    let high = Math.min(m.crest, top + m.crest / 60);
    for (let b = 0; b < 40; b++) {
      const mid = (top + high) / 2;
      if (allowed(id, mid)) top = mid;
      else high = mid;
    }
    best = Math.max(best, top);
  }
  return m.K * best;
}

const size23: Machine = {
  K: 2.2 / (Math.SQRT2 * 4.2),
  crest: 4.2,
  voltage: 48,
  resistance: 0.9,
  inductance: 3.2e-3,
  teeth: 50,
};

describe('pull-out torque', () => {
  it.each([0, 20, 60, 67, 75, 90, 120, 200, 400, 800])(
    'equals a search over all allowed currents at %d rad/s',
    (w) => {
      expect(torque(size23, w)).toBeGreaterThan(0.999 * searched(size23, w) - 1e-3);
      expect(torque(size23, w)).toBeLessThan(1.001 * searched(size23, w) + 1e-3);
    },
  );

  it('min of the two simple limits would be too hopeful between them (handbook: up to 12 %)', () => {
    let worst = 0;
    for (let w = 1; w < 400; w += 1) {
      const X = 50 * w * 3.2e-3;
      const Z = Math.hypot(0.9, X);
      const TV = (size23.K * 48) / Z - (size23.K ** 2 * w * 0.9) / Z ** 2;
      worst = Math.max(worst, Math.min(size23.K * 4.2, TV) / torque(size23, w) - 1);
    }
    expect(worst).toBeGreaterThan(0.02);
    expect(worst).toBeLessThan(0.13);
  });

  it(
    'a driver set to the rated current as its crest gives 71 % of the holding torque (common ' +
      'practice, no source)',
    () => {
      const K = torqueConstant.evaluate({ holding: q('torque', 3), rated: q('current', 4) });
      expect(torque({ ...size23, K, crest: 4 }, 0) / 3).toBeCloseTo(Math.SQRT1_2, 12);
    },
  );

  it('never grows with speed, never falls with voltage or crest current, never negative', () => {
    const machine = fc.record({
      K: fc.double({ min: 0.02, max: 3, noNaN: true }),
      crest: fc.double({ min: 0.3, max: 12, noNaN: true }),
      voltage: fc.double({ min: 12, max: 160, noNaN: true }),
      resistance: fc.double({ min: 0.1, max: 8, noNaN: true }),
      inductance: fc.double({ min: 2e-4, max: 0.03, noNaN: true }),
      teeth: fc.constantFrom(50, 100),
    });
    const speed = fc.double({ min: 0, max: 700, noNaN: true });
    fc.assert(
      fc.property(machine, speed, speed, (m, a, b) => {
        const [slow, fast] = a < b ? [a, b] : [b, a];
        const T = torque(m, fast);
        expect(T).toBeGreaterThanOrEqual(0);
        expect(torque(m, slow)).toBeGreaterThanOrEqual(T * (1 - 1e-9));
        expect(torque({ ...m, voltage: m.voltage * 1.3 }, fast)).toBeGreaterThanOrEqual(T * (1 - 1e-9));
        expect(torque({ ...m, crest: m.crest * 1.3 }, fast)).toBeGreaterThanOrEqual(T * (1 - 1e-9));
      }),
      { numRuns: 3000 },
    );
  });

  it('keeps full torque up to the corner and not beyond', () => {
    const w = cornerSpeed(size23.K, 4.2, 48, 0.9, 50 * 3.2e-3);
    expect(torque(size23, w * 0.999)).toBeCloseTo(size23.K * 4.2, 9);
    expect(torque(size23, w * 1.05)).toBeLessThan(size23.K * 4.2);
    expect(cornerSpeed(size23.K, 4.2, 3, 0.9, 50 * 3.2e-3)).toBe(0);
  });
});

describe('speed for a torque', () => {
  const inputs = {
    share: q('ratio', 0.6),
    K: q('torqueConstant', size23.K),
    crest: q('current', 4.2),
    voltage: q('voltage', 48),
    resistance: q('resistance', 0.9),
    inductance: q('inductance', 3.2e-3),
    teeth: q('rotorTeeth', 50),
    k: q('travelPerRadian', 0.005 / (2 * Math.PI)),
  };
  it('is the root of the usable torque', () => {
    const v = speedAtTorque.evaluate({ ...inputs, torque: q('torque', 0.3) });
    expect(0.6 * torque(size23, v / inputs.k)).toBeCloseTo(0.3, 4);
  });
  it('is 0 where even standing still is too much', () => {
    expect(speedAtTorque.evaluate({ ...inputs, torque: q('torque', 3) })).toBe(0);
  });
});

describe('pulses and supply', () => {
  it('200 steps, 16 microsteps, lead 5 mm: 640 pulses/mm; 100 kHz is 9.375 m/min (definition)', () => {
    const p = pulsesPerLength.evaluate({
      teeth: q('rotorTeeth', 50),
      microsteps: q('count', 16),
      ratio: q('ratio', 1),
      k: inputs5(),
    });
    expect(p).toBeCloseTo(640_000, 6);
    expect(pulseSpeed.evaluate({ limit: q('pulseRate', 1e5), perLength: p }) * 60).toBeCloseTo(9.375, 9);
  });
  const inputs5 = () => q('travelPerRadian', 0.005 / (2 * Math.PI));
  it('32 V times the root of the millihenries (common practice, no source)', () => {
    expect(supplyRule.evaluate({ inductance: q('inductance', 4e-3) })).toBeCloseTo(64, 9);
  });
  it('a resolved motor tells the same as the formula', () => {
    const { motor, driver, supply } = demoAxis('bed');
    const m = resolveStepper(motor, driver, supply, silentWorksheet);
    const w = q('angularSpeed', 150);
    expect(m.usable(w)).toBeCloseTo(0.6 * m.pullOut(w), 12);
    expect(m.usableAt(w, 'x', silentWorksheet)).toBeCloseTo(m.usable(w), 12);
  });
});
