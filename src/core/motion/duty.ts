import { defineFormula } from '@/core/worksheet';

export const joinedTorque = defineFormula({
  id: 'motion/joined-torque',
  title: 'RMS torque of two stretches of a duty cycle',
  symbols: {
    first: { kind: 'torque', tex: 'T_1', meaning: 'RMS torque of the stretches before' },
    firstTime: { kind: 'time', tex: 't_1', meaning: 'their time' },
    second: { kind: 'torque', tex: 'T_2', meaning: 'RMS torque of this stretch' },
    secondTime: { kind: 'time', tex: 't_2', meaning: 'its time' },
  },
  result: { kind: 'torque', tex: 'T_{rms}', meaning: 'RMS torque of all so far' },
  tex: '\\sqrt{\\frac{<first>^2\\,<firstTime>+<second>^2\\,<secondTime>}{<firstTime>+<secondTime>}}',
  citation: { basis: 'textbook', text: 'Mean heating follows the mean square of the torque' },
  range: 'Cycles shorter than the thermal time constant of the motor (tens of minutes).',
  evaluate: ({ first, firstTime, second, secondTime }) =>
    firstTime + secondTime > 0
      ? Math.sqrt((first * first * firstTime + second * second * secondTime) / (firstTime + secondTime))
      : 0,
});

export const heatShareOfRated = defineFormula({
  id: 'motion/motor-load',
  title: 'Heating of the motor against its rating',
  symbols: {
    rms: { kind: 'torque', tex: 'T_{rms}', meaning: 'RMS torque of the duty cycle' },
    rated: { kind: 'torque', tex: 'T_N', meaning: 'rated torque' },
  },
  result: { kind: 'ratio', tex: 'q', meaning: 'winding heat over rated heat' },
  tex: '\\left(\\frac{<rms>}{<rated>}\\right)^2',
  citation: { basis: 'textbook', text: 'Copper loss goes with the square of the current' },
  range: 'Iron loss left out; 1 is as hot as the datasheet allows.',
  evaluate: ({ rms, rated }) => (rms / rated) ** 2,
});

export const supplyPower = defineFormula({
  id: 'motion/supply-power',
  title: 'Power that the supply must give',
  symbols: {
    motors: { kind: 'count', tex: 'n', meaning: 'motors of this axis' },
    heat: { kind: 'power', tex: 'P_h', meaning: 'heat of one motor' },
    mechanical: { kind: 'power', tex: 'P_m', meaning: 'peak mechanical power of one motor' },
    others: { kind: 'power', tex: 'P_o', meaning: 'what other axes draw at the same time' },
  },
  result: { kind: 'power', tex: 'P', meaning: 'power drawn' },
  tex: '<motors>\\,(<heat>+<mechanical>)+<others>',
  citation: { basis: 'derived', text: 'Energy: what goes in comes out as heat and work' },
  range: 'At the end of a ramp; losses of the driver (a few per cent) left out.',
  evaluate: ({ motors, heat, mechanical, others }) => motors * (heat + mechanical) + others,
});

export const brakingEnergy = defineFormula({
  id: 'motion/braking-energy',
  title: 'Energy that comes back when the axis brakes',
  symbols: {
    motors: { kind: 'count', tex: 'n', meaning: 'motors of this axis' },
    torque: { kind: 'torque', tex: 'T_b', meaning: 'signed torque while braking' },
    speed: { kind: 'speed', tex: 'v', meaning: 'rapid' },
    k: { kind: 'travelPerRadian', tex: 'k_m', meaning: 'travel per radian of the motor' },
    acceleration: { kind: 'acceleration', tex: 'a', meaning: 'deceleration' },
    heat: { kind: 'power', tex: 'P_h', meaning: 'heat that the windings of one motor burn' },
  },
  result: { kind: 'energy', tex: 'E', meaning: 'energy into the supply; 0 where the losses eat it' },
  tex:
    '<motors>\\max\\left(0,\\ ' +
    '-<torque>\\frac{<speed>^2}{2\\,<k>\\,<acceleration>}-<heat>\\frac{<speed>}{<acceleration>}\\right)',
  citation: { basis: 'derived', text: 'Mean braking power over the ramp, less the heat in the windings' },
  range: 'One stop from full rapid; all motors of the axis on one supply.',
  evaluate: ({ motors, torque, speed, k, acceleration, heat }) =>
    motors * Math.max(0, (-torque * speed * speed) / (2 * k * acceleration) - (heat * speed) / acceleration),
});

export const pumpedVoltage = defineFormula({
  id: 'motion/pumped-voltage',
  title: 'Voltage of the supply after a stop',
  symbols: {
    voltage: { kind: 'voltage', tex: 'V', meaning: 'supply voltage' },
    energy: { kind: 'energy', tex: 'E', meaning: 'energy that comes back' },
    capacitance: { kind: 'capacitance', tex: 'C', meaning: 'capacitance of supply and drivers' },
  },
  result: { kind: 'voltage', tex: 'V_2', meaning: 'highest voltage' },
  tex: '\\sqrt{<voltage>^2+\\frac{2\\,<energy>}{<capacitance>}}',
  citation: { basis: 'textbook', text: 'Energy of a capacitor' },
  range: 'A supply that takes nothing back, and no other load on it.',
  evaluate: ({ voltage, energy, capacitance }) => Math.sqrt(voltage * voltage + (2 * energy) / capacitance),
});

export const shaftTorque = defineFormula({
  id: 'motion/shaft-torque',
  title: 'Torque on the drive shaft',
  symbols: {
    driveInertia: { kind: 'inertia', tex: 'J_d', meaning: 'all that turns with the drive shaft' },
    acceleration: { kind: 'acceleration', tex: 'a', meaning: 'acceleration' },
    force: { kind: 'force', tex: 'F', meaning: 'thrust' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the drive' },
    efficiency: { kind: 'ratio', tex: '\\eta', meaning: 'efficiency of the drive' },
    drag: { kind: 'torque', tex: 'T_d', meaning: 'drag torque' },
  },
  result: { kind: 'torque', tex: 'T_2', meaning: 'torque at the output of the reducer' },
  tex: '\\frac{<driveInertia>\\,<acceleration>}{<k>}+\\frac{<force>\\,<k>}{<efficiency>}+<drag>',
  citation: { basis: 'textbook', text: 'Newton about the drive shaft' },
  range: 'Motor driving.',
  evaluate: ({ driveInertia, acceleration, force, k, efficiency, drag }) =>
    (driveInertia * acceleration) / k + (force * k) / efficiency + drag,
});
