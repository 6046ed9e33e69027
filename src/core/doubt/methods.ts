import type { Kind } from '@/core/units';

/** Every way to measure or look up an input at home; the wording has a text for each. */
export const methodIds = [
  'scale-small',
  'scale-large',
  'pull',
  'tilt',
  'caliper',
  'tape',
  'turns',
  'ohmmeter',
  'bridge',
  'lever',
  'clamp-meter',
  'volts',
  'push',
  'reversal',
  'string',
  'tone',
  'bend',
  'feeler',
  'plug-meter',
  'thermometer',
  'diagonals',
  'sheet',
] as const;
export type MethodId = (typeof methodIds)[number];

/** How an input is measured at home: half-width of its 95 % interval, and the time that it takes. */
export interface Method {
  readonly id: MethodId;
  readonly basis: 'measured' | 'datasheet';
  /** Share of the reading, and what comes on top of it whatever is read, SI. */
  readonly relative: number;
  readonly absolute: number;
  readonly minutes: number;
}

const method = (
  id: MethodId,
  minutes: number,
  relative: number,
  absolute = 0,
  basis: Method['basis'] = 'measured',
): Method => ({ id, minutes, relative, absolute, basis });

/** Heavier than this a kitchen scale is no use, kg; longer than this neither is a caliper, m. */
const LIMIT = { kitchen: 5, caliper: 0.15 } as const;

const weighed = (value: number) =>
  value <= LIMIT.kitchen ? method('scale-small', 5, 0.01) : method('scale-large', 10, 0, 0.5);
const length = (value: number) =>
  Math.abs(value) <= LIMIT.caliper ? method('caliper', 3, 0, 0.05e-3) : method('tape', 3, 0, 1e-3);

/**
 * Which way fits an input, by its path inside the axis or from the root. Uncertainties and minutes: practice,
 * no source. The first that fits counts.
 */
const RULES: readonly (readonly [RegExp, Method | ((value: number) => Method)])[] = [
  [/mass$/, weighed],
  [/loads\.(guideDrag|otherDrag)$/, method('pull', 5, 0.03, 1)],
  [/guide\.(friction|seal)$/, method('tilt', 10, 0.05)],
  [/drive\.lead$/, method('turns', 5, 0, 0.005e-3)],
  [/motor\.resistance$/, method('ohmmeter', 3, 0, 0.05)],
  [/motor\.inductance$/, method('bridge', 5, 0.1)],
  [/motor\.(holdingTorque|ratedTorque|stallTorque|curve)$/, method('lever', 15, 0.1)],
  [/driver\.setCurrent$/, method('clamp-meter', 10, 0.03)],
  [/supply\.voltage$/, method('volts', 2, 0.005)],
  [
    /((vertical|lateral|support|plunge|mount|bearing|nut|mesh)Stiffness|structure\.corner|prop\.stiffness)$/,
    method('push', 15, 0.1),
  ],
  [/drive\.(play|bearingPlay|meshGap|runout)$/, method('reversal', 10, 0, 0.01e-3)],
  // A hundredth of a millimetre at the end of an arm of 100 mm.
  [/(reducer|coupling)\.backlash$/, method('reversal', 10, 0, 1e-4)],
  [/drive\.bearingDrag$/, method('string', 5, 0.05)],
  [/drive\.pretension$/, method('tone', 5, 0.08)],
  [/secondMoment[VL]$|section\.torsion$/, method('bend', 10, 0.1)],
  [/guide\.(heightError|parallelError)$/, method('feeler', 10, 0, 0.03e-3)],
  [/kc11$/, method('plug-meter', 10, 0.1)],
  [/brief\.cuts\.\d+\.(drag|down)$/, method('pull', 5, 0.03, 1)],
  // Each side by itself.
  [/drive\.worstShare$/, method('pull', 10, 0.05)],
  [/temperatureRise$/, method('thermometer', 10, 0, 1)],
  [/squareness$/, method('diagonals', 20, 0, 0.05e-3)],
];

const SHEET = method('sheet', 10, 0.05, 0, 'datasheet');

/** The way to measure an input at home; what nobody can measure there is looked up on its sheet. */
export function methodFor(path: string, kind: Kind, value: number): Method {
  for (const [rule, found] of RULES)
    if (rule.test(path)) return typeof found === 'function' ? found(value) : found;
  return kind === 'length' ? length(value) : SHEET;
}

/** Half-width of the 95 % interval of a reading. @param value what is read, SI. */
export const readingHalf = ({ relative, absolute }: Method, value: number): number =>
  relative * Math.abs(value) + absolute;
