/**
 * A two-phase stepper in the time domain at constant speed: the referee for the pull-out formula. Phase
 * equations v = R i + L di/dt + e with e_a = -K w sin θ, e_b = K w cos θ, torque K (-i_a sin θ + i_b cos θ),
 * integrated by Runge-Kutta of fourth order. Nothing of the product's algebra is used.
 */
export interface Machine {
  readonly K: number;
  readonly resistance: number;
  readonly inductance: number;
  readonly teeth: number;
}

type Voltage = (theta: number, ia: number, ib: number) => readonly [number, number];

/**
 * Mean torque and highest phase current over the last two electrical periods, after the currents have
 * settled.
 */
export function settle(
  m: Machine,
  speed: number,
  voltage: Voltage,
  stepsPerPeriod: number,
): { torque: number; current: number } {
  const we = m.teeth * speed;
  const period = (2 * Math.PI) / we;
  const dt = period / stepsPerPeriod;
  const periods = Math.ceil((7 * m.inductance) / m.resistance / period) + 2;
  let [ia, ib, t, torque, current] = [0, 0, 0, 0, 0];
  const slope = (at: number, a: number, b: number, va: number, vb: number): [number, number] => {
    const theta = we * at;
    return [
      (va - m.resistance * a + m.K * speed * Math.sin(theta)) / m.inductance,
      (vb - m.resistance * b - m.K * speed * Math.cos(theta)) / m.inductance,
    ];
  };
  for (let n = 0; n < periods * stepsPerPeriod; n++) {
    // The bridge holds its voltage over a step, as a switching driver does; a fed sine is taken in its
    // middle.
    const [va, vb] = voltage(we * (t + dt / 2), ia, ib);
    const [a1, b1] = slope(t, ia, ib, va, vb);
    const [a2, b2] = slope(t + dt / 2, ia + (dt / 2) * a1, ib + (dt / 2) * b1, va, vb);
    const [a3, b3] = slope(t + dt / 2, ia + (dt / 2) * a2, ib + (dt / 2) * b2, va, vb);
    const [a4, b4] = slope(t + dt, ia + dt * a3, ib + dt * b3, va, vb);
    ia += (dt / 6) * (a1 + 2 * a2 + 2 * a3 + a4);
    ib += (dt / 6) * (b1 + 2 * b2 + 2 * b3 + b4);
    t += dt;
    if (n >= (periods - 2) * stepsPerPeriod) {
      torque += m.K * (-ia * Math.sin(we * t) + ib * Math.cos(we * t));
      current = Math.max(current, Math.hypot(ia, ib));
    }
  }
  return { torque: torque / (2 * stepsPerPeriod), current };
}

/**
 * Greatest mean torque with sine voltages of at most `supply` and currents of at most `crest`, over amplitude
 * and load angle.
 */
export function sineFedPullOut(m: Machine, speed: number, supply: number, crest: number): number {
  let best = 0;
  for (let level = 1; level <= 20; level++) {
    const V = (supply * level) / 20;
    for (let i = 0; i < 48; i++) {
      const delta = (i * Math.PI) / 48;
      const { torque, current } = settle(
        m,
        speed,
        (theta) => [-V * Math.sin(theta + delta), V * Math.cos(theta + delta)],
        32,
      );
      if (current <= crest * 1.01) best = Math.max(best, torque);
    }
  }
  return best;
}

/**
 * Greatest mean torque of a chopper that switches full supply to follow sine currents of the crest, over the
 * lead of the reference.
 */
export function chopperPullOut(m: Machine, speed: number, supply: number, crest: number): number {
  let best = 0;
  for (let i = 0; i < 40; i++) {
    const lead = (i * Math.PI) / 40;
    const { torque } = settle(
      m,
      speed,
      (theta, ia, ib) => [
        -crest * Math.sin(theta + lead) > ia ? supply : -supply,
        crest * Math.cos(theta + lead) > ib ? supply : -supply,
      ],
      400,
    );
    best = Math.max(best, torque);
  }
  return best;
}
