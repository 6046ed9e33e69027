import type { Point } from '@/core/metrology';
import type { MoveKind } from '@/core/model';
import type { Figure } from './figure';

/** Something to move, and how far. */
export interface SheetMove {
  readonly kind: MoveKind;
  /** Which bolt of the sheet, post, belt or place; null where there is but one thing to move. */
  readonly bolt: number | null;
  /** m; of `tone` the wanted tone, Hz; of `hang` the wanted sag, m. */
  readonly by: number;
}

/** What a round of a sheet comes to. */
export interface SheetResult {
  readonly figures: readonly Figure[];
  readonly moves: readonly SheetMove[];
  /** Width or size that is expected after the moves; null where it is not told. */
  readonly expected: number | null;
  /** Readings as they are drawn: along the length, whatever they were read as. */
  readonly points: readonly Point[];
  /** Band that holds them: height of both lines at nought and their slope. */
  readonly band: { readonly top: number; readonly bottom: number; readonly slope: number } | null;
  /** Points that the band touches. */
  readonly contacts: readonly Point[];
  /** Places to be asked about, and how far they stand off their neighbours. */
  readonly asked: readonly { readonly index: number; readonly off: number }[];
  /** What a round of single moves would leave, as a factor; null where each move has its own reading. */
  readonly coupled: number | null;
  /** Standard uncertainty of one point. */
  readonly standard: number;
}

export const NO_RESULT: SheetResult = {
  figures: [],
  moves: [],
  expected: null,
  points: [],
  band: null,
  contacts: [],
  asked: [],
  coupled: null,
  standard: 0,
};
