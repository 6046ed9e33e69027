import type { Place, Taking } from '@/core/gcode';
import type { Planning } from './machine';

/** A block of stock, as it lies on the machine; m, in its coordinates. */
export interface JobStock {
  readonly low: readonly [number, number];
  readonly high: readonly [number, number];
  readonly top: number;
  /** Infinity: nobody has said. */
  readonly thickness: number;
}

/** How a job is run. */
export interface JobSetup {
  readonly taking: Taking;
  readonly planning: Planning;
  /** Where the tool stands at the beginning, nought of the work, and nought of the machine; m. */
  readonly place: Place;
  readonly nought: Place;
  readonly zero: Place;
  /** Null: nobody has said; cutting is then what feeds with the spindle on. */
  readonly stock: JobStock | null;
  /** Cut of the brief that each tool makes, by its number; and what all others make. */
  readonly tools: ReadonlyMap<number, string>;
  readonly cutId: string | null;
}
