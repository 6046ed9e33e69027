import type { Finding } from '@/core/checks';
import {
  formatIn,
  formatNumber,
  formatQuantity,
  type Kind,
  type UnitSystem,
  units,
  smallUnit,
} from '@/core/units';

/** What a finding says: a title, one big figure where there is one ("18 % short"), and sentences. */
export interface FindingText {
  readonly title: string;
  readonly big?: string;
  readonly lines: readonly string[];
}

/** A small length as it is read: µm in metric, thou in inches. */
export function micro(si: number, system: UnitSystem): string {
  if (Math.abs(si) >= 1e-3) return formatQuantity('length', si, system, 3).text;
  return formatIn(smallUnit(system), si, 3).text;
}

/** A stiffness at a tool. */
export const stiffnessText = (si: number, system: UnitSystem): string =>
  system === 'metric'
    ? formatIn(units.stiffness[0]!, si, 3).text
    : formatQuantity('stiffness', si, system, 3).text;

/** What the wording of a finding is made from: its figures in the user's units, and its verdict. */
export interface Teller {
  readonly f: Finding;
  readonly system: UnitSystem;
  readonly p: Finding['params'];
  readonly num: (name: string) => number;
  readonly word: (name: string) => string;
  readonly say: (kind: Kind, si: number, digits?: number) => string;
  readonly micro: (si: number) => string;
  /** The figure found and the one that it is held against. */
  readonly value: string;
  readonly limit: string;
  readonly thin: boolean;
  /** How much is missing, or too much, as the one big figure; nothing while it does not give out. */
  readonly missing: { readonly big?: string };
  readonly over: { readonly big?: string };
}

export type FindingWords = (teller: Teller) => FindingText;

/** From so many times the limit on it is said as times, not as what is over. */
const TIMES = 2;

/**
 * How far something falls short of what it is held against: "18 % short".
 * @param share the part of it that is there, above 0 and below 1.
 */
export const shortText = (share: number): string =>
  `${formatNumber(Math.min(99, 100 * (1 - share)), 2)} % short`;

/**
 * How far something is over its limit: "44 % over", "2.4 × the limit". @param ratio to the limit, above 1.
 */
const overText = (ratio: number): string =>
  ratio < TIMES ? `${formatNumber(100 * (ratio - 1), 2)} % over` : `${formatNumber(ratio, 2)} × the limit`;

/** A ratio without a basis says nothing, and neither does one on the other side of the limit. */
const big = (say: (ratio: number) => string, ratio: number, says: boolean) =>
  says && Number.isFinite(ratio) ? { big: say(ratio) } : {};

export function tellerOf(f: Finding, system: UnitSystem): Teller {
  const say = (kind: Kind, si: number, digits = 3) => formatQuantity(kind, si, system, digits).text;
  const gives = f.verdict === 'gives-out';
  return {
    f,
    system,
    p: f.params,
    num: (name) => Number(f.params[name]),
    word: (name) => String(f.params[name]),
    say,
    micro: (si) => micro(si, system),
    value: say(f.kind, f.value),
    limit: say(f.kind, f.limit),
    thin: f.verdict === 'thin',
    missing: !gives
      ? {}
      : f.value > 0
        ? big(shortText, f.value / f.limit, f.value < f.limit)
        : { big: 'not at all' },
    over: gives && f.limit > 0 ? big(overText, f.value / f.limit, f.value > f.limit) : {},
  };
}
