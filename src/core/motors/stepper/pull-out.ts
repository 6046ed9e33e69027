import { quantity, type Quantity } from '@/core/units';
import { defineFormula } from '@/core/worksheet';

export const torqueConstant = defineFormula({
  id: 'stepper/torque-constant',
  title: 'Torque constant of one phase',
  symbols: {
    holding: { kind: 'torque', tex: 'T_h', meaning: 'holding torque with both phases at rated current' },
    rated: { kind: 'current', tex: 'I_r', meaning: 'rated phase current' },
  },
  result: { kind: 'torqueConstant', tex: 'K', meaning: 'peak torque per ampere of one phase' },
  tex: '\\frac{<holding>}{\\sqrt2\\,<rated>}',
  citation: { basis: 'textbook', text: 'Acarnley, Stepping Motors: two phases on add at right angles' },
  range: 'Two-phase hybrid steppers below saturation.',
  evaluate: ({ holding, rated }) => holding / (Math.SQRT2 * rated),
});

export const pullOutTorque = defineFormula({
  id: 'stepper/pull-out',
  title: 'Pull-out torque at speed',
  symbols: {
    K: { kind: 'torqueConstant', tex: 'K', meaning: 'torque constant' },
    crest: { kind: 'current', tex: 'I_p', meaning: 'crest of the phase current that the driver gives' },
    voltage: { kind: 'voltage', tex: 'V', meaning: 'supply voltage at the driver' },
    resistance: { kind: 'resistance', tex: 'R', meaning: 'phase resistance' },
    inductance: { kind: 'inductance', tex: 'L', meaning: 'phase inductance' },
    teeth: { kind: 'rotorTeeth', tex: 'N_r', meaning: 'rotor teeth: 50 for 1.8°, 100 for 0.9°' },
    speed: { kind: 'angularSpeed', tex: '\\omega', meaning: 'speed of the shaft' },
  },
  result: { kind: 'torque', tex: 'T', meaning: 'pull-out torque' },
  tex: [
    '\\begin{cases}',
    '<K><crest> & \\text{while } (R I_p+E)^2+(X I_p)^2\\le V^2\\\\[2pt]',
    '\\dfrac{K\\left(R\\,c + X\\sqrt{Z^2 I_p^2-c^2}\\right)}{Z^2} & \\text{between}\\\\[6pt]',
    '\\dfrac{K V}{Z}-\\dfrac{K E R}{Z^2} & \\text{once the current stays below } I_p',
    '\\end{cases}\\\\[4pt]',
    '\\scriptstyle V=<voltage>,\\; R=<resistance>,\\; L=<inductance>,\\; N_r=<teeth>,\\; \\omega=<speed>\\\\',
    '\\scriptstyle X=N_r\\,\\omega L,\\quad Z=\\sqrt{R^2+X^2},\\quad E=K\\omega,\\quad ' +
      'c=\\dfrac{V^2-E^2-Z^2I_p^2}{2E}',
  ].join(''),
  citation: {
    basis: 'textbook',
    text:
      'Acarnley, Stepping Motors: two-phase synchronous machine on a supply of limited ' +
      'voltage and current',
  },
  range:
    'Sine drive without resonance; drops in the driver and saturation of iron left out. A measured ' +
    'curve is better.',
  evaluate: ({ K, crest, voltage, resistance, inductance, teeth, speed }) =>
    pullOut(K, crest, voltage, resistance, teeth * inductance, speed),
});

/**
 * Pull-out torque, N·m. Plain numbers in, so that root finding and search make no objects; `reactance` is N_r
 * L in H.
 */
export function pullOut(
  K: number,
  crest: number,
  voltage: number,
  resistance: number,
  reactance: number,
  speed: number,
): number {
  const X = reactance * speed;
  const E = K * speed;
  const atCurrent = resistance * crest + E;
  if (atCurrent * atCurrent + X * X * crest * crest <= voltage * voltage) return K * crest;
  const Z2 = resistance * resistance + X * X;
  const Z = Math.sqrt(Z2);
  // Squared current that the motor takes from the stiff supply at its steepest load angle.
  const current2 = (voltage * voltage + E * E - (2 * voltage * E * resistance) / Z) / Z2;
  if (current2 <= crest * crest) return Math.max(0, (K * voltage) / Z - (K * E * resistance) / Z2);
  const c = (voltage * voltage - E * E - Z2 * crest * crest) / (2 * E);
  return Math.max(0, (K * (resistance * c + X * Math.sqrt(Math.max(0, Z2 * crest * crest - c * c)))) / Z2);
}

export const usableTorque = defineFormula({
  id: 'stepper/usable',
  title: 'Torque that may be used',
  symbols: {
    share: {
      kind: 'ratio',
      tex: 's',
      meaning: 'usable share: 0.5 in mid-band without damping, 0.6 usual, 0.8 closed loop',
    },
    pullOut: { kind: 'torque', tex: 'T', meaning: 'pull-out torque at this speed' },
  },
  result: { kind: 'torque', tex: 'T_u', meaning: 'torque that may be asked' },
  tex: '<share>\\cdot <pullOut>',
  citation: { basis: 'practice', text: 'Usable share of pull-out: common practice, no source' },
  range: 'The share covers resonance, supply sag and wear.',
  evaluate: ({ share, pullOut: torque }) => share * torque,
});

export const supplyRule = defineFormula({
  id: 'stepper/supply-rule',
  title: 'Rough supply voltage for the motor',
  symbols: { inductance: { kind: 'inductance', tex: 'L', meaning: 'phase inductance' } },
  result: { kind: 'voltage', tex: 'V', meaning: 'voltage above which the gain falls off' },
  tex: '32\\,\\text{V}\\sqrt{\\frac{<inductance>}{1\\,\\text{mH}}}',
  citation: { basis: 'practice', text: 'Common practice, no source' },
  range: 'Never above the driver’s limit.',
  evaluate: ({ inductance }) => 32 * Math.sqrt(inductance * 1000),
});

export const crestOf = defineFormula({
  id: 'stepper/crest-from-rms',
  title: 'Crest of a current that is set as RMS',
  symbols: { rms: { kind: 'current', tex: 'I_{rms}', meaning: 'current as set' } },
  result: { kind: 'current', tex: 'I_p', meaning: 'crest of the sine' },
  tex: '\\sqrt2\\,<rms>',
  citation: { basis: 'textbook', text: 'Crest of a sine over its root mean square' },
  range: 'Drivers whose switches are marked in RMS. A driver set to I in crest gives only I / 1.41 in RMS.',
  evaluate: ({ rms }) => Math.SQRT2 * rms,
});

export const copperLoss = defineFormula({
  id: 'stepper/copper-loss',
  title: 'Heat in the windings of a stepper',
  symbols: {
    crest: { kind: 'current', tex: 'I_p', meaning: 'crest of the phase current' },
    resistance: { kind: 'resistance', tex: 'R', meaning: 'phase resistance' },
  },
  result: { kind: 'power', tex: 'P_h', meaning: 'heat of both phases' },
  tex: '<crest>^2\\,<resistance>',
  citation: {
    basis: 'textbook',
    text: 'Two phases with sine and cosine: their squares add to the crest squared',
  },
  range: 'Cold windings; warm ones have a third more. It does not depend on the load.',
  evaluate: ({ crest, resistance }) => crest * crest * resistance,
});

/** The speed up to which the stepper keeps its low-speed torque, rad/s. */
export function cornerSpeed(
  K: number,
  crest: number,
  voltage: number,
  resistance: number,
  reactance: number,
): Quantity<'angularSpeed'> {
  // (R I + K w)² + (N L I w)² = V², solved for w.
  const a = K * K + (reactance * crest) ** 2;
  const b = 2 * resistance * crest * K;
  const c = (resistance * crest) ** 2 - voltage * voltage;
  return quantity('angularSpeed', c >= 0 ? 0 : (-b + Math.sqrt(b * b - 4 * a * c)) / (2 * a));
}
