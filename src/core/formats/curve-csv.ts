import type { Wanted } from '@/core/catalogue';
import { brokenRule, fieldRuleAt, type Measure, MOST_TYPED } from '@/core/model';
import { parseQuantity } from '@/core/units';
import { csvRows } from './csv';

export interface CurvePoint {
  readonly speed: Measure<'angularSpeed'>;
  readonly torque: Measure<'torque'>;
}

/**
 * Points of a torque curve, or the first line that cannot be read: its number from 1, what was read, what is
 * wanted.
 */
export type CurveRead =
  | { readonly ok: true; readonly points: readonly CurvePoint[] }
  | { readonly ok: false; readonly line: number; readonly read: string; readonly wanted: Wanted };

/** As many points as the model takes. */
const MOST_POINTS = 60;

/** The unit named in a heading: in brackets, or its last word. */
const unitOf = (heading: string): string =>
  (
    /[([]([^)\]]+)[)\]]/.exec(heading)?.[1] ??
    heading
      .trim()
      .split(/[\s_/]+/)
      .pop() ??
    ''
  ).trim();

const isNumber = (text: string) => /^[-+]?[\d.,]+([eE][-+]?\d+)?$/.test(text.trim());

/**
 * Reads a torque curve: two columns, speed and torque, comma, semicolon or tab between them, decimal point or
 * comma. A heading may name the units; without one they are rpm and N·m. Never throws.
 */
export function readCurveCsv(text: string): CurveRead {
  const data = csvRows(text);
  const units = { angularSpeed: 'rpm', torque: 'N·m' };
  const points: CurvePoint[] = [];
  for (const [i, row] of data.entries()) {
    const cells = row.map((c) => c.trim());
    if (cells.every((c) => c === '') || cells[0]!.startsWith('#')) continue;
    const fail = (read: string, wanted: Wanted): CurveRead => ({
      ok: false,
      line: i + 1,
      read: read.slice(0, 60),
      wanted,
    });
    if (cells.length < 2) return fail(row.join(','), { is: 'two-columns' });
    if (points.length === 0 && !isNumber(cells[0]!) && !/^\d/.test(cells[0]!)) {
      for (const [column, kind] of (['angularSpeed', 'torque'] as const).entries())
        if (
          parseQuantity(kind, '1', unitOf(cells[column]!)).ok &&
          parseQuantity(kind, `1 ${unitOf(cells[column]!)}`).ok
        )
          units[kind] = unitOf(cells[column]!);
      continue;
    }
    const read = <K extends 'angularSpeed' | 'torque'>(
      kind: K,
      cell: string,
      path: string,
    ): Measure<K> | { readonly wanted: Wanted } => {
      const typed = isNumber(cell) ? `${cell} ${units[kind]}` : cell;
      if (typed.length > MOST_TYPED) return { wanted: { is: 'letters', most: MOST_TYPED } };
      const value = parseQuantity(kind, typed);
      if (!value.ok) return { wanted: { is: 'quantity', kind } };
      const rule = fieldRuleAt(path)!;
      return brokenRule(rule, value.si)
        ? { wanted: { is: 'range', rule } }
        : { typed, si: value.si, basis: 'datasheet' };
    };
    const speed = read('angularSpeed', cells[0]!, 'motor.curve.points.0.speed');
    if ('wanted' in speed) return fail(cells[0]!, speed.wanted);
    const torque = read('torque', cells[1]!, 'motor.curve.points.0.torque');
    if ('wanted' in torque) return fail(cells[1]!, torque.wanted);
    if (points.length === MOST_POINTS) return fail(row.join(','), { is: 'points', most: MOST_POINTS });
    points.push({ speed, torque });
  }
  return points.length >= 2
    ? { ok: true, points }
    : {
        ok: false,
        line: Math.max(1, data.length),
        read: String(points.length),
        wanted: { is: 'two-points' },
      };
}
