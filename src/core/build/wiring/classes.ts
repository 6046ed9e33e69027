import type { ControllerClass } from '@/core/model';

/** What a class of controllers has to give; from memory, the board's own manual says it. */
export interface ClassLimits {
  /** Lines for step, direction and the like; null: as many as anybody wants. */
  readonly outputs: number | null;
  readonly inputs: number | null;
  readonly axes: number | null;
  /** Volts of its inputs. */
  readonly inputVolts: 5 | 24;
}

export const CLASS_LIMITS: Readonly<Record<ControllerClass, ClassLimits>> = {
  // A parallel port: 12 lines out, 5 in, behind a board that buffers and separates them.
  parallel: { outputs: 12, inputs: 5, axes: null, inputVolts: 5 },
  'board-8': { outputs: null, inputs: 6, axes: 4, inputVolts: 5 },
  'board-32': { outputs: null, inputs: 10, axes: 6, inputVolts: 24 },
  'motion-card': { outputs: null, inputs: 16, axes: 9, inputVolts: 24 },
  closed: { outputs: null, inputs: 16, axes: 6, inputVolts: 24 },
};
