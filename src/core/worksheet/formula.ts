import { type Kind, type Quantity, quantity } from '@/core/units';

/** Where a formula comes from. `memory` and `practice` are shown to the user as such. */
export interface Citation {
  readonly basis: 'standard' | 'textbook' | 'derived' | 'practice' | 'memory';
  readonly text: string;
}

/** One symbol: how it is set, its kind of quantity, and what it means. */
export interface SymbolOf<K extends Kind = Kind> {
  readonly kind: K;
  readonly tex: string;
  readonly meaning: string;
}

export type SymbolTable = Readonly<Record<string, SymbolOf>>;
export type InputsOf<S extends SymbolTable> = { readonly [N in keyof S]: Quantity<S[N]['kind']> };

/**
 * A formula as a value. The same object computes (in reports and in search), explains (working drawer),
 * cites its source and is listed in the checks.
 */
export interface Formula<S extends SymbolTable = SymbolTable, R extends Kind = Kind> {
  /** Stable id, `room/name`. */
  readonly id: string;
  readonly title: string;
  readonly symbols: S;
  readonly result: SymbolOf<R>;
  /** The right-hand side in TeX; `<name>` stands for the symbol of that name. */
  readonly tex: string;
  readonly citation: Citation;
  /** Limits of use, in words. */
  readonly range: string;
  /** SI in, SI out. Pure; makes no garbage. */
  readonly evaluate: (inputs: InputsOf<S>) => Quantity<R>;
}

interface FormulaSpec<S extends SymbolTable, R extends Kind> extends Omit<Formula<S, R>, 'evaluate'> {
  readonly evaluate: (inputs: InputsOf<S>) => number;
}

/** Defines a formula; the number that `evaluate` returns becomes a quantity of the result's kind. */
export function defineFormula<const S extends SymbolTable, const R extends Kind>(
  spec: FormulaSpec<S, R>,
): Formula<S, R> {
  const { evaluate, ...rest } = spec;
  const kind = spec.result.kind;
  return { ...rest, evaluate: (inputs) => quantity(kind, evaluate(inputs)) };
}

/**
 * A formula with plain numbers, for those who know it by its id only.
 * @param inputs SI, by name; one that is missing makes the result NaN.
 */
export function evaluateWith(formula: Formula, inputs: Readonly<Record<string, number>>): number {
  const named = Object.entries(formula.symbols).map(
    ([name, { kind }]) => [name, quantity(kind, inputs[name] ?? NaN)] as const,
  );
  return formula.evaluate(Object.fromEntries(named));
}
