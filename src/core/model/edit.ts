/** Plain data, as it stands in a document and crosses to a worker. */
export type Plain =
  string | number | boolean | null | readonly Plain[] | { readonly [key: string]: Plain | undefined };

/** One change of one value: a path from the root, and what stands there then. */
export interface Edit {
  readonly path: string;
  readonly value: Plain;
}

type Step<T, K extends string> = T extends readonly (infer E)[]
  ? K extends `${number}`
    ? E
    : never
  : K extends keyof T
    ? T[K]
    : never;

/** What stands at a path of a type; of a path that is only known when the program runs, any plain data. */
export type ValueAt<T, P extends string> = string extends P
  ? Plain
  : P extends `${infer K}.${infer R}`
    ? ValueAt<Step<T, K>, R>
    : Step<T, P>;

type Join<K extends string, P extends string> = P extends '' ? K : `${K}.${P}`;

/** Every path of a type that leads to a measured input outside lists. */
export type MeasurePath<T> = T extends { readonly typed: string; readonly si: number }
  ? ''
  : T extends readonly unknown[]
    ? never
    : T extends object
      ? { [K in keyof T & string]: Join<K, MeasurePath<NonNullable<T[K]>>> }[keyof T & string]
      : never;
