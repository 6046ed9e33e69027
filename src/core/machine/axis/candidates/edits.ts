import { type Candidate as AnyCandidate } from '@/core/checks';
import { THIN_MARGIN } from '@/core/findings';
import { type Axis, type AxisFieldPath, type Edit, fieldRuleAt, type Measure } from '@/core/model';
import { formatIn, quantity, units } from '@/core/units';
import type { AxisRemedyCode } from './codes';

/** A change to an axis worth putting through the model; paths lead from inside it. */
export type Candidate = AnyCandidate<AxisRemedyCode>;

type Basis = 'standard' | 'estimate' | 'ours';

/**
 * An SI value as somebody would type it, in the metric unit of its input.
 * @throws RangeError where no measured input stands at the path: a fault of ours.
 */
export function measured(path: string, si: number, basis: Basis = 'estimate'): Measure {
  const rule = fieldRuleAt(path);
  if (!rule) throw new RangeError(`no measured input at ${path}`);
  const unit = units[rule.kind][0]!;
  // Read back from the text, so that what is typed and the SI value agree to the last digit.
  const shown = formatIn(unit, si, 6);
  return { typed: shown.text, si: quantity(rule.kind, unit.toSi(Number(shown.number))), basis };
}

/** A measured input set to an SI value. */
export const set = (path: AxisFieldPath, si: number, basis: Basis = 'estimate'): Edit => ({
  path,
  value: measured(path, si, basis),
});

/** A change by its name, its edits and the figures that its wording needs. */
export const offer = (
  code: AxisRemedyCode,
  edits: readonly Edit[],
  params: Candidate['params'] = {},
): Candidate => ({ code, params, edits });

/** Digits that catalogues are printed with. */
const SAME = 1e-6;
export const same = (a: number, b: number) => Math.abs(a - b) < SAME * Math.max(a, b);

/** Two digits, the way people ask for a figure. */
export function rounded(value: number, way: 'up' | 'down'): number {
  const step = 10 ** (Math.floor(Math.log10(value)) - 1);
  return way === 'up' ? Math.ceil(value / step - 1e-9) * step : Math.floor(value / step + 1e-9) * step;
}

/** A part is picked with a fifth to spare; common practice, no source. */
const TO_SPARE = 1.2;

/** A share more than what is needed, rounded up to two digits; NaN where nothing is needed. */
export const ample = (need: number, by = TO_SPARE): number => (need > 0 ? rounded(need * by, 'up') : NaN);

/** Slowest wish that is worth offering, m/s: 0.06 m/min. */
const SLOWEST = 0.001;

/** Lowers a wish to what the check still holds with its margin. */
export function askLess(path: 'demands.rapid' | 'demands.feed', limit: number, axis: Axis): Candidate[] {
  const to = rounded((limit / THIN_MARGIN) * 60, 'down') / 60;
  if (!(to > SLOWEST)) return [];
  const edits: Edit[] = [set(path, to)];
  if (path === 'demands.rapid' && axis.demands.feed.si > to) edits.push(set('demands.feed', to));
  const wish = path === 'demands.rapid' ? 'rapid' : 'feed';
  return [{ ...offer('ask-less', edits, { to, wish }), resigned: true }];
}

/** Softer ramps: half and a quarter of what is asked. */
export const softer = ({ demands }: Axis): Candidate[] =>
  [0.5, 0.25].map((share) => {
    const to = demands.acceleration.si * share;
    return offer('acceleration', [set('demands.acceleration', to)], { to });
  });

/**
 * One measured input raised or lowered to the first of some steps that may help; the model says which does.
 */
export const steps = (
  code: AxisRemedyCode,
  path: AxisFieldPath,
  values: readonly number[],
  basis: Basis = 'estimate',
): Candidate[] => values.map((to) => offer(code, [set(path, to, basis)], { to }));
