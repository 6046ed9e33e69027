import type { Kind, Quantity } from '@/core/units';
import type { Formula, InputsOf, SymbolTable } from './formula';

/** Where an input of a formula came from: `axis path` of a typed input, or `#key` of an earlier line. */
export type Sources<S extends SymbolTable> = { readonly [N in keyof S]?: string };

/** One use of a formula, kept when somebody asks for the working. */
export interface Line {
  readonly key: string;
  readonly formula: Formula;
  readonly inputs: Readonly<Record<string, number>>;
  readonly sources: Readonly<Record<string, string | undefined>>;
  readonly value: number;
}

/** Runs formulas. A silent worksheet only computes; a recording one keeps a line for each use. */
export interface Worksheet {
  readonly lines: readonly Line[];
  /** Whether lines are kept: what only serves the working need not be computed where they are not. */
  readonly records: boolean;
  /**
   * @param formula what to evaluate.
   * @param inputs its inputs, SI.
   * @param key names the line inside the report, unique; findings and rungs refer to it.
   * @param sources where the inputs come from, so that the working can be followed back to what was typed.
   */
  apply<S extends SymbolTable, R extends Kind>(
    formula: Formula<S, R>,
    inputs: InputsOf<S>,
    key: string,
    sources?: Sources<S>,
  ): Quantity<R>;
}

export const silentWorksheet: Worksheet = {
  lines: [],
  records: false,
  apply: (formula, inputs) => formula.evaluate(inputs),
};

/**
 * A worksheet that keeps its lines, in the order of computation. A key that comes twice keeps the last line.
 */
export function recordingWorksheet(): Worksheet {
  const lines: Line[] = [];
  return {
    lines,
    records: true,
    apply(formula, inputs, key, sources) {
      const value = formula.evaluate(inputs);
      const line: Line = {
        key,
        formula: formula as unknown as Formula,
        inputs: { ...inputs },
        sources: { ...sources },
        value,
      };
      const at = lines.findIndex((l) => l.key === key);
      if (at >= 0) lines.splice(at, 1);
      lines.push(line);
      return value;
    },
  };
}
