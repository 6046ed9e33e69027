/** A place by axis letter, m; letters that are left out stay where they are. */
export type ProgramPlace = Readonly<Record<string, number>>;

/** One act of a program, in SI units and without a word of any controller's language. */
export type Block =
  | { readonly does: 'say'; readonly text: string }
  /** Stops until somebody presses start. */
  | { readonly does: 'ask'; readonly text: string }
  | { readonly does: 'rapid'; readonly to: ProgramPlace }
  | { readonly does: 'feed'; readonly to: ProgramPlace; readonly speed: number }
  /**
   * In the plane of X and Y, its sense as seen with the first letter of `centre` to the right and the second
   * up; a full turn where it ends where it begins.
   */
  | {
      readonly does: 'arc';
      readonly way: 'cw' | 'ccw';
      readonly to: ProgramPlace;
      readonly centre: ProgramPlace;
      readonly speed: number;
    }
  | { readonly does: 'dwell'; readonly time: number }
  /** rad/s; null: off. */
  | { readonly does: 'spindle'; readonly speed: number | null };

/** What an axis may be asked for: its soft limits in the program's own coordinates, m, and its top speed. */
export interface ProgramAxis {
  readonly letter: string;
  readonly low: number;
  readonly high: number;
  readonly speed: number;
}

/** A program before it is written for a class of controller. */
export interface Program {
  readonly name: string;
  /** Said at its head. */
  readonly remarks: readonly string[];
  /** What nought is: the low soft limit of every axis, or where they stand when it is started. */
  readonly nought: 'low-limit' | 'here';
  /** Empty: in the coordinates of the work, whose limits nobody knows. */
  readonly axes: readonly ProgramAxis[];
  readonly blocks: readonly Block[];
}
