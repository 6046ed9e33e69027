import { type UnitSystem, workedQuantity } from '@/core/units';
import type { Formula } from './formula';
import type { Line } from './worksheet';

const placeholder = /<([A-Za-z][A-Za-z0-9]*)>/g;

/** What is needed to set a formula; leaves out `evaluate`, so that a formula of any symbols fits. */
type Printed = Pick<Formula, 'tex' | 'symbols' | 'result'>;

/** The formula in symbols, as TeX. */
export function texOf(formula: Printed): string {
  const right = formula.tex.replace(
    placeholder,
    (whole, name: string) => formula.symbols[name]?.tex ?? whole,
  );
  return `${formula.result.tex} = ${right}`;
}

const escapeTex = (text: string) => text.replace(/[%#&_$]/g, '\\$&');

/** A quantity as TeX with an upright unit. */
export function texQuantity(kind: Formula['result']['kind'], si: number, system: UnitSystem): string {
  const shown = workedQuantity(kind, si, system);
  const number = /^-?[\d.]+$/.test(shown.number)
    ? shown.number
    : shown.number.replace(/^(-?[\d.]+)e(-?\d+)$/, '$1\\cdot 10^{$2}');
  const safe =
    /^[-\d.\\{}^a-z ]+$/.test(number) && !/^[a-z]/.test(number) ? number : `\\text{${escapeTex(number)}}`;
  return shown.unit === '' ? safe : `${safe}\\,\\text{${escapeTex(shown.unit)}}`;
}

/** The formula with the user's own numbers in it, as TeX. */
export function texWithNumbers(line: Line, system: UnitSystem): string {
  const { formula } = line;
  const right = formula.tex.replace(placeholder, (whole, name: string) => {
    const symbol = formula.symbols[name];
    const value = line.inputs[name];
    return symbol === undefined || value === undefined
      ? whole
      : `{${texQuantity(symbol.kind, value, system)}}`;
  });
  return (
    `${formula.result.tex} = ${right} = ` +
    `\\mathbf{${texQuantity(formula.result.kind, line.value, system)}}`
  );
}

/** Names used in an expression: the tests hold them against the symbol table. */
export const namesIn = (formula: Pick<Formula, 'tex'>): string[] =>
  [...formula.tex.matchAll(placeholder)].map((m) => m[1]!);
