import type { Arrangement, Axis, FrameKind, Role } from '@/core/model';
import type { Profile } from './sections';

/** What a plan chose for the drive train of one axis. */
export type Line = Pick<Axis, 'drive' | 'reducer' | 'coupling' | 'motor' | 'driver' | 'supply' | 'parts'>;

/** How much a plan asks beyond what will just do. */
export interface Ambition {
  /** Stiffness at the tool, N/m. */
  readonly stiffness: number;
  /** Nothing may be thin. */
  readonly sure: boolean;
  readonly rapid: number;
  readonly acceleration: number;
  /** Motors, drivers and supplies only out of the drawer, as far as one of them does. */
  readonly drawer: boolean;
  /** Sections of the frame that lie there and go before what is bought, the lightest first. */
  readonly stock: readonly Profile[];
}

type ByRole<T> = Readonly<Partial<Record<Role, T>>>;

/** Everything that a plan has chosen. Members and guides are places in their families, the lightest first. */
export interface Picks {
  readonly arrangement: Arrangement;
  readonly frame: FrameKind;
  readonly beam: number;
  readonly column: number;
  readonly bed: number;
  readonly guides: ByRole<number>;
  /** Span of the carriages over what is usual. */
  readonly spans: ByRole<number>;
  readonly lines: ByRole<Line>;
  /** Stiffness in line that each drive must have beyond the usual share, as a factor. */
  readonly stiffer: ByRole<number>;
  /** Drives for which nothing stiffer was found. */
  readonly stiffest: ByRole<boolean>;
  /** Plates between carriages over the usual thickness. */
  readonly plates: number;
  /** The supply that all axes hang on; null: not picked yet. */
  readonly supply: string | null;
  /** What the other axes draw from it, W, by axis. */
  readonly others: ByRole<number>;
  /** Supports of each side of the bed beyond the usual. */
  readonly supports: number;
  /** kg in the stand. */
  readonly ballast: number;
  readonly bolted: boolean;
  readonly ambition: Ambition;
}
