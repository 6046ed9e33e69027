import type { Finding } from '@/core/checks';
import { formatIn, formatNumber, formatQuantity, type Kind, type UnitSystem, units } from '@/core/units';

/** What a finding says: a title, one big figure where there is one ("÷ 8.7"), and sentences. */
export interface FindingText {
  readonly title: string;
  readonly big?: string;
  readonly lines: readonly string[];
}

/** A small length as it is read: µm in metric, inches otherwise. */
export function micro(si: number, system: UnitSystem): string {
  if (system === 'imperial' || Math.abs(si) >= 1e-3) return formatQuantity('length', si, system, 3).text;
  return `${formatNumber(si * 1e6, 3)} µm`;
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

/** A ratio without a basis says nothing. */
const big = (sign: string, ratio: number) =>
  Number.isFinite(ratio) ? { big: `${sign} ${formatNumber(ratio, 2)}` } : {};

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
    missing: !gives ? {} : f.value > 0 ? big('÷', f.limit / f.value) : { big: 'not at all' },
    over: gives && f.limit > 0 ? big('×', f.value / f.limit) : {},
  };
}
