declare module 'gcode-parser' {
  /** Blocks of a program; a word is its letter and its figure. */
  export function parseStringSync(text: string): { readonly words: readonly (readonly [string, number])[] }[];
}
