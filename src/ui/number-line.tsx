'use client';

import type { Refused } from './refusal';
import { TextLine } from './text-line';

interface NumberLineProps {
  readonly label: string;
  readonly value: number | null;
  readonly most: number;
  readonly least?: number;
  readonly whole?: boolean;
  /** Whether it may be left empty. */
  readonly optional?: boolean;
  readonly placeholder?: string | undefined;
  /**
   * Takes the number when the field is left; null: nothing was typed. Gives the reason where it was
   * refused.
   */
  readonly onNumber: (value: number | null) => Refused | void;
}

/** A plain number, of money or pieces; a decimal comma is as good as a point. */
export function NumberLine(props: NumberLineProps) {
  const { label, value, most, least = 0, whole = false, optional = false, placeholder, onNumber } = props;
  const take = (text: string) => {
    const typed = text.replace(',', '.');
    const number = typed === '' ? null : Number(typed);
    const fits =
      number === null || (number >= least && number <= most && (!whole || Number.isInteger(number)));
    if (fits) return onNumber(number);
    const kind = whole ? 'a whole number' : 'a number';
    const nothing = optional ? ', or nothing' : '';
    return `${label}: read “${text.slice(0, 20)}”; wanted ${kind} from ${least} to ${most}${nothing}.`;
  };
  return (
    <TextLine
      label={label}
      value={value === null ? '' : String(value)}
      maxLength={20}
      inputMode="decimal"
      placeholder={placeholder}
      optional={optional}
      onText={take}
    />
  );
}
