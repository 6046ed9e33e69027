import { defineFormula } from '@/core/worksheet';

export const frictionAngle = defineFormula({
  id: 'screw/friction-angle',
  title: 'Friction angle of the thread',
  symbols: {
    friction: { kind: 'ratio', tex: '\\mu', meaning: 'coefficient of friction in the thread' },
    flank: { kind: 'angle', tex: '\\alpha', meaning: 'half flank angle of the thread' },
  },
  result: { kind: 'angle', tex: '\\varphi', meaning: 'friction angle' },
  tex: '\\arctan\\frac{<friction>}{\\cos <flank>}',
  citation: { basis: 'textbook', text: 'Shigley, Mechanical Engineering Design, power screws (Acme thread)' },
  range: 'Sliding threads, lead angle small against the flank angle.',
  evaluate: ({ friction, flank }) => Math.atan(friction / Math.cos(flank)),
});

const slidingSymbols = {
  lambda: { kind: 'angle', tex: '\\lambda', meaning: 'lead angle' },
  phi: { kind: 'angle', tex: '\\varphi', meaning: 'friction angle' },
  collarFriction: {
    kind: 'ratio',
    tex: '\\mu_c',
    meaning: 'friction of the thrust collar; 0 with rolling thrust bearings',
  },
  collar: { kind: 'length', tex: 'd_c', meaning: 'mean diameter of the collar' },
  diameter: { kind: 'length', tex: 'd_2', meaning: 'pitch diameter' },
} as const;

export const slidingEfficiency = defineFormula({
  id: 'screw/sliding-efficiency',
  title: 'Efficiency of a sliding screw, motor driving',
  symbols: slidingSymbols,
  result: { kind: 'ratio', tex: '\\eta', meaning: 'efficiency, torque to thrust' },
  tex: '\\frac{\\tan <lambda>}{\\tan(<lambda>+<phi>) + <collarFriction> <collar>/<diameter>}',
  citation: {
    basis: 'textbook',
    text: 'Shigley, Mechanical Engineering Design, power screws: raising torque with collar',
  },
  range: 'λ + φ below 90°.',
  evaluate: ({ lambda, phi, collarFriction, collar, diameter }) =>
    Math.tan(lambda) / (Math.tan(lambda + phi) + (collarFriction * collar) / diameter),
});

export const slidingBackEfficiency = defineFormula({
  id: 'screw/sliding-back-efficiency',
  title: 'Efficiency of a sliding screw, load driving',
  symbols: slidingSymbols,
  result: { kind: 'ratio', tex: '\\eta_b', meaning: 'efficiency, thrust to torque; negative: self-locking' },
  tex: '\\frac{\\tan(<lambda>-<phi>) - <collarFriction> <collar>/<diameter>}{\\tan <lambda>}',
  citation: {
    basis: 'textbook',
    text: 'Shigley, Mechanical Engineering Design, power screws: lowering torque with collar',
  },
  range: 'Standing still or moving smoothly; vibration undoes a thin self-locking margin.',
  evaluate: ({ lambda, phi, collarFriction, collar, diameter }) =>
    (Math.tan(lambda - phi) - (collarFriction * collar) / diameter) / Math.tan(lambda),
});

export const rollingBackEfficiency = defineFormula({
  id: 'screw/rolling-back-efficiency',
  title: 'Efficiency of a ball screw, load driving',
  symbols: { eta: { kind: 'ratio', tex: '\\eta', meaning: 'efficiency with the motor driving' } },
  result: { kind: 'ratio', tex: '\\eta_b', meaning: 'efficiency with the load driving' },
  tex: '\\max\\left(0,\\; 2 - \\frac{1}{<eta>}\\right)',
  citation: {
    basis: 'textbook',
    text:
      'Same loss in both directions; also the form used for rolling drives in ISO 3408 ' +
      'literature (memory)',
  },
  range: 'Rolling drives; too low for sliding screws.',
  evaluate: ({ eta }) => Math.max(0, 2 - 1 / eta),
});

export const ballPreloadDrag = defineFormula({
  id: 'screw/ball-preload-drag',
  title: 'Drag torque of a preloaded ball nut',
  symbols: {
    lambda: { kind: 'angle', tex: '\\lambda', meaning: 'lead angle' },
    preload: { kind: 'force', tex: 'F_p', meaning: 'preload of the nut' },
    lead: { kind: 'linearPerTurn', tex: 'P_h', meaning: 'lead' },
  },
  result: { kind: 'torque', tex: 'T_p', meaning: 'drag torque of the nut' },
  tex: '0.05\\,(\\tan <lambda>)^{-1/2}\\,\\frac{<preload>\\,<lead>}{2\\pi}',
  citation: { basis: 'standard', text: 'JIS B 1192, preload dynamic torque' },
  range: 'Ball nuts; wipers add their own drag.',
  evaluate: ({ lambda, preload, lead }) =>
    (0.05 / Math.sqrt(Math.tan(lambda))) * ((preload * lead) / (2 * Math.PI)),
});

export const slidingPreloadDrag = defineFormula({
  id: 'screw/sliding-preload-drag',
  title: 'Drag torque of a sprung sliding nut',
  symbols: {
    preload: { kind: 'force', tex: 'F_p', meaning: 'force of the spring between the two nut halves' },
    diameter: { kind: 'length', tex: 'd_2', meaning: 'pitch diameter' },
    lambda: { kind: 'angle', tex: '\\lambda', meaning: 'lead angle' },
    phi: { kind: 'angle', tex: '\\varphi', meaning: 'friction angle' },
  },
  result: { kind: 'torque', tex: 'T_p', meaning: 'drag torque of the nut' },
  tex: '\\frac{<preload>\\,<diameter>}{2}\\left(\\tan(<phi>+<lambda>) + \\tan(<phi>-<lambda>)\\right)',
  citation: {
    basis: 'derived',
    text:
      'One half of the nut is raised and the other lowered by the spring: raising plus lowering ' +
      'torque of Shigley’s power screw',
  },
  range: 'Spring-loaded split nuts; the working load is taken by one half in full.',
  evaluate: ({ preload, diameter, lambda, phi }) =>
    ((preload * diameter) / 2) * (Math.tan(phi + lambda) + Math.tan(phi - lambda)),
});

export const driveDrag = defineFormula({
  id: 'screw/drive-drag',
  title: 'Drag torque of nut and end bearings',
  symbols: {
    nut: { kind: 'torque', tex: 'T_p', meaning: 'drag torque of the nut by its preload' },
    bearings: { kind: 'torque', tex: 'T_b', meaning: 'drag torque of the end bearings and seals' },
  },
  result: { kind: 'torque', tex: 'T_d', meaning: 'drag torque at the screw' },
  tex: '<nut> + <bearings>',
  citation: { basis: 'derived', text: 'Sum of the drags' },
  range: 'Drag that does not grow with speed; stiff grease does.',
  evaluate: ({ nut, bearings }) => nut + bearings,
});
