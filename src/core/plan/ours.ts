import { guess, type Measure } from '@/core/model';
import type { Kind } from '@/core/units';

/** A figure of ours in a unit, to three digits: more nobody would type for a plan. */
export const ours = <K extends Kind>(kind: K, value: number, unit: string): Measure<K> =>
  guess(kind, `${Number(value.toPrecision(3))} ${unit}`.trim());

/** A length of ours to a whole millimetre. @param si m */
export const mm = (si: number): Measure<'length'> => guess('length', `${Math.round(si * 1e3)} mm`);

/** A mass of ours to a tenth of a kilogram. @param si kg, above 0 */
export const kg = (si: number): Measure<'mass'> =>
  guess('mass', `${Math.max(0.1, Math.round(si * 10) / 10)} kg`);
