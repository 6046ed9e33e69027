import { GRAVITY } from '@/core/units';
import { defineFormula, type InputsOf } from '@/core/worksheet';

/** Standard gravity, m/s² (exact by convention, NIST SP 811). */

export const gravityForce = defineFormula({
  id: 'motion/gravity',
  title: 'Weight along the axis',
  symbols: {
    mass: { kind: 'mass', tex: 'm', meaning: 'moving mass' },
    inclination: { kind: 'angle', tex: '\\theta', meaning: 'inclination, 90° is vertical' },
    counterbalance: { kind: 'force', tex: 'F_b', meaning: 'force of a spring or counterweight' },
  },
  result: {
    kind: 'force',
    tex: 'F_g',
    meaning: 'weight along the axis less the counterbalance; negative: it pushes up',
  },
  tex: '<mass>\\,g\\sin <inclination> - <counterbalance>',
  citation: { basis: 'textbook', text: 'Component of the weight, g = 9.80665 m/s² (NIST SP 811)' },
  range: 'A counterweight adds its own mass to the moving masses.',
  evaluate: ({ mass, inclination, counterbalance }) =>
    mass * GRAVITY * Math.sin(inclination) - counterbalance,
});

export const axisForce = defineFormula({
  id: 'motion/axis-force',
  title: 'Thrust that one drive must give',
  symbols: {
    share: {
      kind: 'ratio',
      tex: 's',
      meaning: 'share of the load on the busier drive; 1 with a single drive',
    },
    mass: { kind: 'mass', tex: 'm', meaning: 'moving mass' },
    acceleration: { kind: 'acceleration', tex: 'a', meaning: 'acceleration' },
    drag: { kind: 'force', tex: 'F_d', meaning: 'drag of guides, seals, cable chain' },
    gravity: { kind: 'force', tex: 'F_g', meaning: 'weight along the axis' },
    cutting: { kind: 'force', tex: 'F_c', meaning: 'cutting force along the axis' },
  },
  result: { kind: 'force', tex: 'F', meaning: 'thrust against the worse direction' },
  tex: '<share>\\left(<mass>\\cdot <acceleration> + <drag> + \\left|<gravity>\\right| + <cutting>\\right)',
  citation: { basis: 'textbook', text: 'Newton; all resistances taken against the motion' },
  range: 'Drag that does not grow with speed.',
  evaluate: ({ share, mass, acceleration, drag, gravity, cutting }) =>
    share * (mass * acceleration + drag + Math.abs(gravity) + cutting),
});

export const motorTorque = defineFormula({
  id: 'motion/motor-torque',
  title: 'Torque asked of the motor',
  symbols: {
    motorInertia: { kind: 'inertia', tex: 'J_m', meaning: 'rotor and coupling' },
    driveInertia: { kind: 'inertia', tex: 'J_d', meaning: 'all that turns with the drive shaft' },
    acceleration: { kind: 'acceleration', tex: 'a', meaning: 'acceleration of the axis' },
    ratio: { kind: 'ratio', tex: 'i', meaning: 'reduction, motor turns per turn of the drive' },
    reducerEfficiency: { kind: 'ratio', tex: '\\eta_r', meaning: 'efficiency of the reducer' },
    force: { kind: 'force', tex: 'F', meaning: 'thrust, inertia of the moving mass included' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the drive' },
    efficiency: { kind: 'ratio', tex: '\\eta', meaning: 'efficiency of the drive, motor driving' },
    drag: { kind: 'torque', tex: 'T_d', meaning: 'drag torque of nut and bearings' },
  },
  result: { kind: 'torque', tex: 'T', meaning: 'torque at the motor shaft' },
  tex:
    '<motorInertia>\\,\\frac{<acceleration>\\,<ratio>}{<k>} + ' +
    '\\frac{<driveInertia>\\,<acceleration>/<k> + <force>\\,<k>/<efficiency> + ' +
    '<drag>}{<ratio>\\,<reducerEfficiency>}',
  citation: { basis: 'textbook', text: 'Newton about the motor shaft; the losses act on inertia forces too' },
  range: 'Motor driving (the worst case: braking and lowering ask less, because the losses help).',
  evaluate: ({
    motorInertia,
    driveInertia,
    acceleration,
    ratio,
    reducerEfficiency,
    force,
    k,
    efficiency,
    drag,
  }) =>
    (motorInertia * acceleration * ratio) / k +
    ((driveInertia * acceleration) / k + (force * k) / efficiency + drag) / (ratio * reducerEfficiency),
});

export const accelerationLimit = defineFormula({
  id: 'motion/acceleration-limit',
  title: 'Acceleration that the usable torque allows',
  symbols: {
    usable: { kind: 'torque', tex: 'T_u', meaning: 'usable torque at this speed' },
    holding: { kind: 'torque', tex: 'T_0', meaning: 'torque at constant speed' },
    accelerating: { kind: 'torque', tex: 'T_a', meaning: 'torque at the asked acceleration' },
    asked: { kind: 'acceleration', tex: 'a', meaning: 'asked acceleration' },
  },
  result: { kind: 'acceleration', tex: 'a_{max}', meaning: 'highest acceleration at this speed' },
  tex: '<asked>\\,\\max\\left(0,\\frac{<usable>-<holding>}{<accelerating>-<holding>}\\right)',
  citation: { basis: 'derived', text: 'The torque equation is linear in the acceleration' },
  range: 'At the stated speed.',
  evaluate: ({ usable, holding, accelerating, asked }) =>
    asked * Math.max(0, (usable - holding) / (accelerating - holding)),
});

export const reflectedInertia = defineFormula({
  id: 'motion/reflected-inertia',
  title: 'Inertia of the load at the motor',
  symbols: {
    driveInertia: { kind: 'inertia', tex: 'J_d', meaning: 'all that turns with the drive shaft' },
    share: { kind: 'ratio', tex: 's', meaning: 'share of the load on this drive' },
    mass: { kind: 'mass', tex: 'm', meaning: 'moving mass' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian' },
    ratio: { kind: 'ratio', tex: 'i', meaning: 'reduction' },
  },
  result: { kind: 'inertia', tex: 'J_L', meaning: 'inertia that the motor feels beyond its own' },
  tex: '\\frac{<driveInertia> + <share>\\,<mass>\\,<k>^2}{<ratio>^2}',
  citation: { basis: 'textbook', text: 'Equal kinetic energy' },
  range: 'Rigid drive.',
  evaluate: ({ driveInertia, share, mass, k, ratio }) =>
    (driveInertia + share * mass * k * k) / (ratio * ratio),
});

export const inertiaRatio = defineFormula({
  id: 'motion/inertia-ratio',
  title: 'Inertia ratio',
  symbols: {
    load: { kind: 'inertia', tex: 'J_L', meaning: 'inertia of the load at the motor' },
    rotor: { kind: 'inertia', tex: 'J_r', meaning: 'inertia of the rotor' },
  },
  result: { kind: 'ratio', tex: 'r', meaning: 'load over rotor' },
  tex: '\\frac{<load>}{<rotor>}',
  citation: { basis: 'practice', text: 'Up to 10 for steppers: common practice, no source' },
  range: 'A guide for smooth running, not a limit of strength.',
  evaluate: ({ load, rotor }) => load / rotor,
});

export const naturalFrequency = defineFormula({
  id: 'motion/natural-frequency',
  title: 'Natural frequency of the axis',
  symbols: {
    stiffness: { kind: 'stiffness', tex: 'K', meaning: 'stiffness of the drive in line' },
    share: { kind: 'ratio', tex: 's', meaning: 'share of the load on this drive' },
    mass: { kind: 'mass', tex: 'm', meaning: 'moving mass' },
  },
  result: { kind: 'frequency', tex: 'f', meaning: 'natural frequency, motor held' },
  tex: '\\frac{1}{2\\pi}\\sqrt{\\frac{<stiffness>}{<share>\\,<mass>}}',
  citation: { basis: 'textbook', text: 'One mass on one spring' },
  range: 'Motor shaft standing; guides and frame rigid.',
  evaluate: ({ stiffness, share, mass }) => Math.sqrt(stiffness / (share * mass)) / (2 * Math.PI),
});

export const turningInertia = defineFormula({
  id: 'motion/turning-inertia',
  title: 'Inertia that turns with the motor',
  symbols: {
    rotor: { kind: 'inertia', tex: 'J_r', meaning: 'rotor' },
    coupling: { kind: 'inertia', tex: 'J_k', meaning: 'coupling' },
    reducer: { kind: 'inertia', tex: 'J_g', meaning: 'reducer, at its input; 0 without one' },
  },
  result: { kind: 'inertia', tex: 'J_m', meaning: 'all on the motor shaft' },
  tex: '<rotor> + <coupling> + <reducer>',
  citation: { basis: 'derived', text: 'Sum of inertias on one shaft' },
  range: 'Same shaft.',
  evaluate: ({ rotor, coupling, reducer }) => rotor + coupling + reducer,
});

/** Symbols of the signed torque equation, shared with what integrates it. */
export const signedSymbols = {
  motorInertia: { kind: 'inertia', tex: 'J_m', meaning: 'rotor and coupling' },
  driveInertia: { kind: 'inertia', tex: 'J_d', meaning: 'all that turns with the drive shaft' },
  acceleration: {
    kind: 'acceleration',
    tex: 'a',
    meaning: 'acceleration along the motion; negative: braking',
  },
  ratio: { kind: 'ratio', tex: 'i', meaning: 'reduction, motor turns per turn of the drive' },
  reducerEfficiency: { kind: 'ratio', tex: '\\eta_r', meaning: 'efficiency of the reducer' },
  force: {
    kind: 'force',
    tex: 'F',
    meaning: 'thrust along the motion: inertia, drag and weight with their signs',
  },
  k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the drive' },
  efficiency: { kind: 'ratio', tex: '\\eta', meaning: 'efficiency of the drive, motor driving' },
  backEfficiency: { kind: 'ratio', tex: '\\eta_b', meaning: 'efficiency of the drive, load driving' },
  drag: { kind: 'torque', tex: 'T_d', meaning: 'drag torque of nut and bearings' },
} as const;

export const signedTorque = defineFormula({
  id: 'motion/signed-torque',
  title: 'Torque at the motor, braking and lowering included',
  symbols: signedSymbols,
  result: {
    kind: 'torque',
    tex: 'T',
    meaning: 'torque at the motor shaft along the motion; negative: the motor holds back',
  },
  tex:
    '<motorInertia>\\,\\frac{<acceleration>\\,<ratio>}{<k>} + ' +
    '\\frac{T_2}{<ratio>}\\,\\eta_r^{\\mp1},\\quad T_2 = \\frac{<driveInertia>\\,<acceleration>}{<k>} ' +
    '+ <drag> + \\begin{cases}<force>\\,<k>/<efficiency> & F\\ge0\\\\ ' +
    '<force>\\,<k>\\,<backEfficiency> & F<0\\end{cases}\\quad \\scriptstyle(\\eta_r=<reducerEfficiency>)',
  citation: {
    basis: 'textbook',
    text: 'Newton about the motor shaft; where the power flows back the losses help',
  },
  range: 'Any direction of motion; drag that does not grow with speed.',
  evaluate: (train) => trainTorque(train, train.acceleration, train.force),
});

/** The signed torque with acceleration and force apart, so that integrating over a move makes no objects. */
export function trainTorque(
  train: Omit<InputsOf<typeof signedSymbols>, 'acceleration' | 'force'>,
  acceleration: number,
  force: number,
): number {
  const { motorInertia, driveInertia, ratio, reducerEfficiency, k, efficiency, backEfficiency, drag } = train;
  const shaft =
    (driveInertia * acceleration) / k +
    drag +
    (force >= 0 ? (force * k) / efficiency : force * k * backEfficiency);
  // A reducer loses the other way round when the drive pushes the motor.
  const reduced =
    shaft >= 0
      ? shaft / (ratio * reducerEfficiency)
      : (shaft * Math.max(0, 2 - 1 / reducerEfficiency)) / ratio;
  return (motorInertia * acceleration * ratio) / k + reduced;
}
