import { type Kind, type Quantity, quantity } from './kinds';
import { findUnit, kindsOfUnit } from './lookup';
import { type NumberTextError, readNumber } from './number-text';
import type { Unit } from './table';

/** Why a text is no quantity of the wanted kind. Wording is made by `explainParseError`. */
export type ParseError =
  | NumberTextError
  | { readonly code: 'wrong-kind'; readonly read: string; readonly unit: string; readonly readAs: Kind }
  | { readonly code: 'unknown-unit'; readonly read: string; readonly unit: string }
  | { readonly code: 'no-unit'; readonly read: string };

export type Parsed<K extends Kind> =
  | { readonly ok: true; readonly si: Quantity<K>; readonly unit: Unit }
  | { readonly ok: false; readonly error: ParseError };

const feetAndInches =
  /^\s*([+-]?\d+(?:[.,]\d+)?)\s*(?:'|′|ft|feet|foot)\s*(\d.*?)\s*(?:"|″|in|inch|inches)\s*$/i;

/**
 * Reads what people type into an SI quantity.
 * @param kind the kind that is wanted.
 * @param text such as `62 in`, `3/8"`, `425 oz-in`, `100 ipm`, `1,5 m`, `4' 6"`.
 * @param bareUnit the unit that a number without one is in (the unit shown beside the field); where it is
 *   left out, a bare number is refused unless the kind has a unit without a symbol.
 */
export function parseQuantity<K extends Kind>(kind: K, text: string, bareUnit?: string): Parsed<K> {
  const fail = (error: ParseError): Parsed<K> => ({ ok: false, error });
  if (kind === 'length') {
    const both = feetAndInches.exec(text);
    if (both) {
      const feet = readNumber(both[1]!);
      const inches = readNumber(both[2]!);
      if (feet.ok && inches.ok && inches.rest === '') {
        const ft = findUnit('length', 'ft')!;
        const sign = both[1]!.startsWith('-') ? -1 : 1;
        return {
          ok: true,
          si: quantity(kind, ft.toSi(feet.value) + sign * findUnit('length', 'in')!.toSi(inches.value)),
          unit: ft,
        };
      }
    }
  }
  const number = readNumber(text);
  if (!number.ok) return fail(number.error);
  const unitText = number.rest;
  const unit = unitText === '' ? findUnit(kind, bareUnit ?? '') : findUnit(kind, unitText);
  if (!unit) {
    if (unitText === '') return fail({ code: 'no-unit', read: text.trim() });
    const readAs = kindsOfUnit(unitText)[0];
    return fail(
      readAs
        ? { code: 'wrong-kind', read: text.trim(), unit: unitText, readAs }
        : { code: 'unknown-unit', read: text.trim(), unit: unitText },
    );
  }
  const si = unit.toSi(number.value);
  if (!Number.isFinite(si)) return fail({ code: 'not-a-number', read: text.trim() });
  return { ok: true, si: quantity(kind, si), unit };
}
