import type { Kind } from './kinds';

/** One unit that people type. `toSi` and `fromSi` are inverse of each other. */
export interface Unit {
  /** What is shown. */
  readonly symbol: string;
  /** Further spellings that are understood; compared without case, blanks and middle dots. */
  readonly also: readonly string[];
  readonly toSi: (value: number) => number;
  readonly fromSi: (si: number) => number;
}

const unit = (symbol: string, factor: number, ...also: string[]): Unit => ({
  symbol,
  also,
  toSi: (value) => value * factor,
  fromSi: (si) => si / factor,
});

// Exact by definition (NIST SP 811, appendix B.8): inch, pound, standard gravity; the rest follows from them.
const INCH = 0.0254;
const POUND = 0.45359237;
/** Standard acceleration of free fall, m/s² (NIST SP 811). */
export const GRAVITY = 9.80665;
const POUND_FORCE = POUND * GRAVITY;
const OUNCE_FORCE = POUND_FORCE / 16;
const DEGREE = Math.PI / 180;
const TURN = 2 * Math.PI;
/** Mechanical horsepower: 550 ft·lbf/s. */
const HORSEPOWER = 550 * 12 * INCH * POUND_FORCE;

/**
 * A full step moves a quarter of a rotor tooth, so teeth = 90° / step angle: a reciprocal, and said so here.
 */
const stepAngle: Unit = {
  symbol: '°',
  also: ['deg', 'degree', 'degrees'],
  toSi: (deg) => 90 / deg,
  fromSi: (z) => 90 / z,
};

const siOnly = (symbol: string): readonly Unit[] => [unit(symbol, 1)];

/** Units by kind. The first is the metric display unit. */
export const units: { readonly [K in Kind]: readonly Unit[] } = {
  length: [
    unit('mm', 1e-3),
    unit('m', 1),
    unit('cm', 1e-2),
    unit('µm', 1e-6, 'um', 'micron', 'microns'),
    unit('in', INCH, '"', '″', 'inch', 'inches'),
    unit('ft', 12 * INCH, "'", '′', 'foot', 'feet'),
    unit('thou', INCH / 1000, 'mil', 'mils'),
  ],
  area: [
    unit('mm²', 1e-6, 'mm2'),
    unit('m²', 1, 'm2'),
    unit('cm²', 1e-4, 'cm2'),
    unit('in²', INCH * INCH, 'in2', 'sqin'),
  ],
  mass: [
    unit('kg', 1),
    unit('g', 1e-3),
    unit('t', 1000),
    unit('lb', POUND, 'lbs', 'lbm', 'pound', 'pounds'),
    unit('oz', POUND / 16, 'ounce', 'ounces'),
  ],
  time: [
    unit('s', 1, 'sec', 'second', 'seconds'),
    unit('ms', 1e-3),
    unit('min', 60, 'minute', 'minutes'),
    unit('h', 3600, 'hr', 'hour', 'hours'),
  ],
  force: [
    unit('N', 1, 'newton', 'newtons'),
    unit('kN', 1000),
    unit('kgf', GRAVITY, 'kp'),
    unit('gf', GRAVITY / 1000),
    unit('lbf', POUND_FORCE),
    unit('ozf', OUNCE_FORCE),
  ],
  torque: [
    unit('N·m', 1, 'nm', 'n-m', 'n*m'),
    unit('N·cm', 1e-2, 'ncm', 'n-cm', 'n*cm'),
    unit('mN·m', 1e-3, 'mnm'),
    unit('kgf·cm', GRAVITY / 100, 'kgcm', 'kg-cm', 'kgf-cm'),
    unit('oz-in', OUNCE_FORCE * INCH, 'ozin', 'ozf-in', 'ozfin', 'in-oz', 'inoz', 'oz*in'),
    unit('lbf-in', POUND_FORCE * INCH, 'lbfin', 'lb-in', 'lbin', 'in-lb', 'inlb'),
    unit('lbf-ft', POUND_FORCE * 12 * INCH, 'lbfft', 'lb-ft', 'lbft', 'ft-lb', 'ftlb'),
  ],
  speed: [
    unit('m/min', 1 / 60),
    unit('mm/min', 1e-3 / 60),
    unit('mm/s', 1e-3),
    unit('m/s', 1),
    unit('in/min', INCH / 60, 'ipm', '"/min'),
    unit('in/s', INCH, 'ips', '"/s'),
    unit('ft/min', (12 * INCH) / 60, 'fpm', "'/min"),
  ],
  acceleration: [
    unit('m/s²', 1, 'm/s2', 'm/s^2'),
    unit('mm/s²', 1e-3, 'mm/s2', 'mm/s^2'),
    unit('g', GRAVITY),
    unit('in/s²', INCH, 'in/s2', 'in/s^2', '"/s²'),
  ],
  jerk: [
    unit('m/s³', 1, 'm/s3', 'm/s^3'),
    unit('mm/s³', 1e-3, 'mm/s3', 'mm/s^3'),
    unit('in/s³', INCH, 'in/s3', 'in/s^3'),
  ],
  angle: [unit('°', DEGREE, 'deg', 'degree', 'degrees'), unit('rad', 1), unit('arcmin', DEGREE / 60)],
  angularSpeed: [unit('rpm', TURN / 60, 'rev/min', '1/min', 'r/min'), unit('rad/s', 1), unit('rev/s', TURN)],
  angularAcceleration: siOnly('rad/s²'),
  frequency: [unit('Hz', 1), unit('kHz', 1e3), unit('1/min', 1 / 60)],
  pulseRate: [unit('kHz', 1e3), unit('Hz', 1, 'pulses/s', 'steps/s', 'pps', '1/s'), unit('MHz', 1e6)],
  inertia: [
    unit('kg·cm²', 1e-4, 'kgcm2', 'kgcm²', 'kg*cm2'),
    unit('g·cm²', 1e-7, 'gcm2', 'gcm²', 'g*cm2'),
    unit('kg·m²', 1, 'kgm2', 'kgm²', 'kg*m2'),
    unit('kg·mm²', 1e-6, 'kgmm2'),
    unit('oz-in²', (POUND / 16) * INCH * INCH, 'ozin2', 'oz-in2', 'oz*in2'),
    unit('lb-in²', POUND * INCH * INCH, 'lbin2', 'lb-in2'),
  ],
  voltage: [unit('V', 1, 'volt', 'volts', 'vdc'), unit('mV', 1e-3), unit('kV', 1e3)],
  current: [unit('A', 1, 'amp', 'amps', 'ampere'), unit('mA', 1e-3)],
  resistance: [unit('Ω', 1, 'Ω', 'ohm', 'ohms'), unit('mΩ', 1e-3, 'mohm', 'mohms'), unit('kΩ', 1e3, 'kohm')],
  inductance: [unit('mH', 1e-3), unit('µH', 1e-6, 'uh'), unit('H', 1)],
  power: [unit('W', 1, 'watt', 'watts'), unit('kW', 1e3), unit('hp', HORSEPOWER)],
  ratio: [unit('', 1), unit('%', 1e-2, 'percent')],
  count: [unit('', 1)],
  rotorTeeth: [unit('teeth', 1, '', 'tooth'), stepAngle, unit('steps', 1 / 4, 'steps/rev', 'steps per turn')],
  stiffness: [
    unit('N/µm', 1e6, 'n/um'),
    unit('N/mm', 1e3),
    unit('N/m', 1),
    unit('lbf/in', POUND_FORCE / INCH, 'lb/in'),
  ],
  torsionalStiffness: [unit('N·m/rad', 1, 'nm/rad'), unit('lbf-in/rad', POUND_FORCE * INCH, 'lb-in/rad')],
  temperatureRise: [unit('K', 1, '°C', 'degc', 'c'), unit('°F', 5 / 9, 'degf', 'f')],
  density: [unit('kg/m³', 1, 'kg/m3')],
  modulus: [unit('GPa', 1e9), unit('MPa', 1e6, 'n/mm2', 'n/mm²'), unit('Pa', 1)],
  torqueConstant: [unit('N·m/A', 1)],
  linearPerTurn: [
    unit('mm', 1e-3, 'mm/rev', 'mm/turn'),
    unit('in', INCH, '"', 'inch', 'in/rev', 'in/turn'),
    unit('m', 1),
  ],
  travelPerRadian: [unit('mm/rad', 1e-3)],
  pulsesPerLength: [unit('pulses/mm', 1e3), unit('pulses/in', 1 / INCH), unit('pulses/m', 1)],
  thermalExpansion: [unit('1e-6/K', 1e-6)],
  secondMoment: [unit('mm⁴', 1e-12, 'mm4'), unit('cm⁴', 1e-8, 'cm4'), unit('in⁴', INCH ** 4, 'in4')],
  diameterSpeed: [unit('mm·rpm', (1e-3 * TURN) / 60)],
  pressureSpeed: [
    unit('MPa·m/s', 1e6),
    unit('psi·ft/min', (POUND_FORCE / INCH ** 2) * ((12 * INCH) / 60), 'psi·fpm'),
    unit('W/m²', 1, 'w/m2'),
  ],
  revolutions: [unit('rev', 1, 'turns'), unit('10⁶ rev', 1e6)],
  energy: [unit('J', 1, 'joule', 'joules'), unit('kJ', 1e3), unit('Wh', 3600)],
  capacitance: [unit('µF', 1e-6, 'uf'), unit('mF', 1e-3), unit('F', 1)],
  bendingStiffness: [unit('kN·m²', 1e3), unit('N·m²', 1)],
  compliance: [unit('µm/N', 1e-6), unit('m/N', 1)],
  removalRate: [unit('cm³/min', 1e-6 / 60), unit('m³/s', 1), unit('in³/min', INCH ** 3 / 60, 'in3/min')],
  slope: [
    unit('mm/m', 1e-3),
    unit('µm/m', 1e-6, 'um/m'),
    unit('mrad', 1e-3),
    unit('in/ft', 1 / 12),
    unit('arcsec', DEGREE / 3600),
    unit('rad', 1, 'm/m'),
  ],
  linearDensity: [unit('kg/m', 1), unit('g/m', 1e-3), unit('lb/ft', POUND / (12 * INCH))],
};

/** Words for a kind in a sentence ("a length", "a torque"), and an example of what may be typed. */
export const kindWords: { readonly [K in Kind]: { readonly name: string; readonly example: string } } = {
  length: { name: 'a length', example: '62 in or 1575 mm' },
  area: { name: 'an area', example: '180 mm²' },
  mass: { name: 'a mass', example: '12 kg or 26 lb' },
  time: { name: 'a time', example: '0.4 s' },
  force: { name: 'a force', example: '165 N or 37 lbf' },
  torque: { name: 'a torque', example: '3 N·m or 425 oz-in' },
  speed: { name: 'a speed', example: '15 m/min or 600 ipm' },
  acceleration: { name: 'an acceleration', example: '0.8 m/s² or 0.1 g' },
  jerk: { name: 'a jerk', example: '20 m/s³' },
  angle: { name: 'an angle', example: '90°' },
  angularSpeed: { name: 'a speed of rotation', example: '1200 rpm' },
  angularAcceleration: { name: 'an angular acceleration', example: '100 rad/s²' },
  frequency: { name: 'a frequency', example: '40 Hz' },
  pulseRate: { name: 'a pulse rate', example: '100 kHz' },
  inertia: { name: 'a moment of inertia', example: '0.48 kg·cm²' },
  voltage: { name: 'a voltage', example: '48 V' },
  current: { name: 'a current', example: '4.2 A' },
  resistance: { name: 'a resistance', example: '0.9 ohm' },
  inductance: { name: 'an inductance', example: '3.2 mH' },
  power: { name: 'a power', example: '2.2 kW or 3 hp' },
  ratio: { name: 'a plain number or a percentage', example: '0.92 or 92 %' },
  count: { name: 'a count', example: '4' },
  rotorTeeth: { name: 'a step angle or a number of rotor teeth', example: '1.8° or 50 teeth' },
  stiffness: { name: 'a stiffness', example: '200 N/µm' },
  torsionalStiffness: { name: 'a torsional stiffness', example: '120 N·m/rad' },
  temperatureRise: { name: 'a temperature rise', example: '10 K or 18 °F' },
  density: { name: 'a density', example: '7850 kg/m³' },
  modulus: { name: 'a modulus or stress', example: '206 GPa' },
  torqueConstant: { name: 'a torque constant', example: '0.5 N·m/A' },
  linearPerTurn: { name: 'a lead (travel per turn)', example: '10 mm or 0.2 in' },
  travelPerRadian: { name: 'a travel per radian', example: '1.6 mm/rad' },
  pulsesPerLength: { name: 'pulses per length', example: '400 pulses/mm' },
  thermalExpansion: { name: 'a thermal expansion', example: '11.5 1e-6/K' },
  secondMoment: { name: 'a second moment of area', example: '1630 mm⁴' },
  diameterSpeed: { name: 'a diameter times speed', example: '60000 mm·rpm' },
  pressureSpeed: { name: 'a pressure times speed', example: '0.1 MPa·m/s' },
  revolutions: { name: 'a number of revolutions', example: '20 10⁶ rev' },
  energy: { name: 'an energy', example: '12 J' },
  capacitance: { name: 'a capacitance', example: '4700 µF' },
  bendingStiffness: { name: 'a bending stiffness', example: '40 kN·m²' },
  compliance: { name: 'a compliance', example: '0.05 µm/N' },
  removalRate: { name: 'a rate of material cut', example: '40 cm³/min' },
  slope: { name: 'a slope', example: '0.1 mm/m or 0.001 in/ft' },
  linearDensity: { name: 'a mass per length', example: '0.6 kg/m' },
};
