import type { Axis } from '@/core/model';
import type { EndPlace, Side } from './end-places';

/** What a controller is told of an axis that homes, m and m/s; null where it is not said. */
export interface ControllerFigures {
  readonly side: Side;
  readonly fast: number | null;
  readonly slow: number | null;
  readonly pullOff: number | null;
  /**
   * Soft limits for controllers that call the place where the axis stands after its pull-off nought; plus
   * towards
   * the far end.
   */
  readonly soft: { readonly low: number; readonly high: number } | null;
  /** What that place is called on controllers that count from the near soft limit. */
  readonly home: number | null;
  /** Inputs without which it is not known, by their paths inside the axis. */
  readonly missing: readonly string[];
}

/** Figures for the controller; null for an axis that has no home. */
export function controllerFigures(
  { fit: { homing, ends }, demands }: Axis,
  places: Readonly<Record<Side, EndPlace>>,
): ControllerFigures | null {
  const { at: side, speed, again, pullOff } = homing;
  if (side === 'none') return null;
  const margin = ends[side].margin ? places[side].margin : null;
  const [travel, off] = [demands.travel.si, pullOff?.si ?? null];
  const inward = margin === null || off === null ? null : off - margin;
  // From the near soft limit: the trip lies a margin outside of it, or of the far one.
  const standing = (m: number) => (side === 'near' ? m : travel - m);
  const home = inward === null ? null : standing(inward);
  return {
    side,
    fast: speed?.si ?? null,
    slow: again?.si ?? null,
    pullOff: off,
    soft: home === null ? null : { low: 0 - home, high: travel - home },
    home,
    missing: [
      ...(speed ? [] : ['fit.homing.speed']),
      ...(again ? [] : ['fit.homing.again']),
      ...(pullOff ? [] : ['fit.homing.pullOff']),
      ...(ends[side].margin ? [] : [`fit.ends.${side}.margin`]),
    ],
  };
}
