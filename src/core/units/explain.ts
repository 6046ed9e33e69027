import type { Kind } from './kinds';
import { formatNumber, formatQuantity, type UnitSystem } from './format';
import type { ParseError } from './parse';
import { kindWords } from './table';

// What is typed into the wrong field most often, and what was meant.
const meant: Partial<Record<Kind, Partial<Record<Kind, string>>>> = {
  force: { mass: 'A weight as a force is typed in kgf or lbf.' },
  torque: { mass: 'A torque is a force times an arm: oz-in, kgf·cm, N·m.' },
  speed: { angularSpeed: 'Speed along the axis is meant, not of the shaft.' },
};

/** What a field wants, to stand behind “wanted”. */
export const wantedText = (kind: Kind): string =>
  `${kindWords[kind].name}, such as ${kindWords[kind].example}`;

/** One sentence for the person who typed it: what was read, and what is wanted. */
export function explainParseError(kind: Kind, error: ParseError): string {
  const wanted = kindWords[kind];
  switch (error.code) {
    case 'empty':
      return `Nothing typed; ${wanted.name} is wanted, such as ${wanted.example}.`;
    case 'not-a-number':
      return (
        `“${error.read}” is not a number I can read; ${wanted.name} is wanted, such as ` +
        `${wanted.example}.`
      );
    case 'ambiguous-separator':
      return (
        `“${error.read}” can be read as ${formatNumber(error.asThousands, 8)} or as ` +
        `${formatNumber(error.asDecimal, 8)}. Type it without the comma or with a point.`
      );
    case 'no-unit':
      return `“${error.read}” has no unit; ${wanted.name} is wanted, such as ${wanted.example}.`;
    case 'unknown-unit':
      return `“${error.unit}” is not a unit I know; ${wanted.name} is wanted, such as ${wanted.example}.`;
    case 'wrong-kind': {
      const hint = meant[kind]?.[error.readAs];
      return (
        `“${error.read}” is ${kindWords[error.readAs].name}; ${wanted.name} is wanted, such as ` +
        `${wanted.example}.${hint ? ` ${hint}` : ''}`
      );
    }
  }
}

/** A range of a kind of quantity, in SI; `above` is an open end. */
export interface Range {
  readonly kind: Kind;
  readonly above?: number;
  readonly min?: number;
  readonly max: number;
  readonly whole?: boolean;
}

/** A range in words: "above 0 mm, at most 30000 mm". @param system in whose units it is said. */
export function rangeInWords(range: Range, system: UnitSystem = 'metric'): string {
  const { kind, above, min, max, whole } = range;
  const show = (si: number) => formatQuantity(kind, si, system, 6).text;
  const low = above !== undefined ? `above ${show(above)}` : min !== undefined ? `at least ${show(min)}` : '';
  const words = [low, `at most ${show(max)}`].filter(Boolean).join(', ');
  return whole ? `a whole number, ${words}` : words;
}
