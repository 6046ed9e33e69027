import type { Taking } from '@/core/gcode';

/** A program, and what it comes to: worked out by hand from NISTIR 6556 and from what is said beside it. */
export interface Golden {
  readonly name: string;
  readonly text: string;
  /** Moves and acts, as `test/helpers/gcode` writes them. */
  readonly does: readonly string[];
  /** Notes as `line:column code word`; the missing end of these short programs is not told again. */
  readonly notes?: readonly string[];
  readonly taking?: Partial<Taking>;
}
