import type { Edit, EditValue } from '@/core/findings';
import { type Axis, fieldRuleAt } from '@/core/model';
import { formatIn, units } from '@/core/units';

/** A change worth putting through the model; it is offered only if it helps. */
export interface Candidate {
  readonly code: string;
  readonly params: Readonly<Record<string, number | string>>;
  readonly edits: readonly Edit[];
}

type Basis = 'standard' | 'estimate';

/** A measured input set to an SI value, typed in the metric unit of its field. */
export function set(path: string, si: number, basis: Basis = 'estimate') {
  const rule = fieldRuleAt(path);
  if (!rule) throw new RangeError(`no measured input at ${path}`);
  const unit = units[rule.kind][0]!;
  // Read back from the text, so that what is typed and the SI value agree to the last digit.
  const shown = formatIn(unit, si, 6);
  return { path, value: { typed: shown.text, si: unit.toSi(Number(shown.number)), basis } } as const;
}

/**
 * An edit that puts a whole part into the axis; a part from the catalogue that stood there is no longer
 * named.
 */
export const whole = (path: string, value: object | null): Edit => ({
  path,
  value: value as unknown as EditValue,
});

export const same = (a: number, b: number) => Math.abs(a - b) < 1e-6 * Math.max(a, b);

/** Rounds down to two digits, the way people ask for a speed. */
function roundDown(value: number): number {
  const step = 10 ** (Math.floor(Math.log10(value)) - 1);
  return Math.floor(value / step + 1e-9) * step;
}

/** Lowers a wish to what the check still holds with its margin. */
export function askLess(path: 'demands.rapid' | 'demands.feed', limit: number, axis: Axis): Candidate[] {
  const perMinute = roundDown((limit / 1.15) * 60) / 60;
  if (!(perMinute > 0.001)) return [];
  const edits: Edit[] = [set(path, perMinute)];
  if (path === 'demands.rapid' && axis.demands.feed.si > perMinute)
    edits.push(set('demands.feed', perMinute));
  return [
    { code: 'ask-less', params: { to: perMinute, wish: path === 'demands.rapid' ? 'rapid' : 'feed' }, edits },
  ];
}

/** Softer ramps. */
export const softer = ({ demands }: Axis): Candidate[] =>
  [0.5, 0.25].map((f) => ({
    code: 'acceleration',
    params: { to: demands.acceleration.si * f },
    edits: [set('demands.acceleration', demands.acceleration.si * f)],
  }));

/**
 * One measured input raised or lowered to the first of some steps that may help; the model says which does.
 */
export const steps = (
  code: string,
  path: string,
  values: readonly number[],
  basis: Basis = 'estimate',
): Candidate[] => values.map((to) => ({ code, params: { to }, edits: [set(path, to, basis)] }));
