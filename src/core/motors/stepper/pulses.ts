import { defineFormula } from '@/core/worksheet';

export const pulsesPerLength = defineFormula({
  id: 'stepper/pulses-per-length',
  title: 'Pulses per length of travel',
  symbols: {
    teeth: { kind: 'rotorTeeth', tex: 'N_r', meaning: 'rotor teeth' },
    microsteps: { kind: 'count', tex: 'm', meaning: 'microsteps per full step' },
    ratio: { kind: 'ratio', tex: 'i', meaning: 'reduction, motor turns per turn of the drive' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the drive' },
  },
  result: { kind: 'pulsesPerLength', tex: 'p', meaning: 'pulses per length' },
  tex: '\\frac{4\\,<teeth>\\,<microsteps>\\,<ratio>}{2\\pi\\,<k>}',
  citation: { basis: 'derived', text: 'A two-phase stepper makes four full steps a tooth' },
  range: 'Two-phase steppers.',
  evaluate: ({ teeth, microsteps, ratio, k }) => (4 * teeth * microsteps * ratio) / (2 * Math.PI * k),
});

export const pulseSpeed = defineFormula({
  id: 'stepper/pulse-limit',
  title: 'Highest speed that the controller can pulse',
  symbols: {
    limit: { kind: 'pulseRate', tex: 'f', meaning: 'highest pulse rate of the controller' },
    perLength: { kind: 'pulsesPerLength', tex: 'p', meaning: 'pulses per length' },
  },
  result: { kind: 'speed', tex: 'v_p', meaning: 'highest axis speed' },
  tex: '\\frac{<limit>}{<perLength>}',
  citation: { basis: 'derived', text: 'Pulse rate over pulses per length' },
  range: 'One axis alone; some boards share their rate between axes.',
  evaluate: ({ limit, perLength }) => limit / perLength,
});
