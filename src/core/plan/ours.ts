import { defaultSpread, guess, isMeasure, type Measure, type Project } from '@/core/model';
import type { Kind } from '@/core/units';

/** A figure of ours in a unit, to three digits: more nobody would type for a plan. */
export const ours = <K extends Kind>(kind: K, value: number, unit: string): Measure<K> =>
  guess(kind, `${Number(value.toPrecision(3))} ${unit}`.trim());

/** A length of ours to a whole millimetre. @param si m */
export const mm = (si: number): Measure<'length'> => guess('length', `${Math.round(si * 1e3)} mm`);

/** A mass of ours to a tenth of a kilogram. @param si kg, above 0 */
export const kg = (si: number): Measure<'mass'> =>
  guess('mass', `${Math.max(0.1, Math.round(si * 10) / 10)} kg`);

/** A measure as a figure of ours: as sure as where it came from, and nobody has confirmed it here. */
const oursFrom = (said: Measure): Measure =>
  said.basis === 'ours'
    ? said
    : {
        ...said,
        basis: 'ours',
        spread: said.spread ?? { by: 'relative', halfWidth: defaultSpread[said.basis] },
      };

function allOurs<T>(part: T): T {
  if (typeof part !== 'object' || part === null) return part;
  if (isMeasure(part)) return oursFrom(part) as T;
  if (Array.isArray(part)) return part.map(allOurs) as T;
  return Object.fromEntries(Object.entries(part).map(([k, v]) => [k, allOurs(v)])) as T;
}

/**
 * A planned machine with every figure that the plan chose marked as ours: a size of the catalogue is a
 * standard's, but nobody has said that it stands in this machine. The brief keeps what was said.
 */
export const asOurs = ({ axes, structure, stand, ...rest }: Project): Project => ({
  ...rest,
  axes: allOurs(axes),
  structure: allOurs(structure),
  stand: allOurs(stand),
});
