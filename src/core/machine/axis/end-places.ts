import { fit } from '@/core/fit';
import type { Axis, Cushion } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';

/** The two ends of the travel. */
export const sides = ['near', 'far'] as const;
export type Side = (typeof sides)[number];

/** What lies at one end, m, from the hard contact inwards. */
export interface EndPlace {
  /** Stroke of the cushion and what is kept before the hard contact. */
  readonly crash: number;
  /** Path from the trip to standstill, from rapid. */
  readonly stop: number;
  readonly scatter: number;
  /** Where the switch trips: as it was typed, or where it must at least. */
  readonly trip: number;
  readonly tripNeeded: number;
  readonly margin: number;
  /** Between soft limit and hard contact. */
  readonly taken: number;
  readonly line: string;
}

const NONE = quantity('length', 0);

/** Foam and rubber are a wall beyond these shares of their thickness; common practice, no source. */
const USABLE = { foam: 0.6, rubber: 0.3 } as const;

/** How far a cushion may be pressed, m; 0 for metal on metal, null where it is not said. */
export function usableStroke(cushion: Cushion): number | null {
  switch (cushion.kind) {
    case 'rigid':
      return 0;
    case 'spring':
      return cushion.stroke?.si ?? null;
    default:
      return cushion.thickness ? cushion.thickness.si * USABLE[cushion.kind] : null;
  }
}

/** Path from the trip to standstill: as it was read on the machine, or as it follows. */
function stopOf({ demands, fit: said }: Axis, sheet: Worksheet): Quantity<'length'> {
  if (said.read.stop) return said.read.stop.si;
  const { rapid, acceleration, jerk } = demands;
  return sheet.apply(
    fit.stopPath,
    {
      speed: rapid.si,
      reaction: said.reaction?.si ?? quantity('time', 0),
      acceleration: acceleration.si,
      jerk: jerk?.si ?? quantity('jerk', Infinity),
    },
    'chain.stop',
    { speed: 'demands.rapid', reaction: 'fit.reaction', acceleration: 'demands.acceleration' },
  );
}

function endAt(axis: Axis, side: Side, stop: Quantity<'length'>, sheet: Worksheet): EndPlace {
  const { ends, scatter: spread, read } = axis.fit;
  const { crash: kept, trip: typed, margin: left, cushion } = ends[side];
  const at = `fit.ends.${side}`;
  const crash = quantity('length', Math.max(kept?.si ?? 0, usableStroke(cushion) ?? 0));
  const scatter = spread?.si ?? NONE;
  const needed = sheet.apply(fit.tripPlace, { crash, stop, scatter }, `chain.${side}.trip`, {
    crash: `${at}.crash`,
    stop: read.stop ? 'fit.read.stop' : '#chain.stop',
    scatter: 'fit.scatter',
  });
  const trip = typed?.si ?? needed;
  const margin = left?.si ?? NONE;
  const line = `chain.${side}.end`;
  const taken = sheet.apply(fit.endLength, { trip, margin }, line, {
    trip: typed ? `${at}.trip` : `#chain.${side}.trip`,
    margin: `${at}.margin`,
  });
  return { crash, stop, scatter, trip, tripNeeded: needed, margin, taken, line };
}

/** What both ends take, and the inputs without which they take at least so much. */
export function endPlaces(axis: Axis, sheet: Worksheet) {
  const { ends, scatter, reaction, read } = axis.fit;
  const stop = stopOf(axis, sheet);
  const missing = sides.flatMap((side) => {
    const { crash, margin, cushion } = ends[side];
    // A cushion says what is kept before the hard contact.
    const kept = crash ?? (cushion.kind === 'rigid' ? null : usableStroke(cushion));
    return [
      ...(kept === null ? [`fit.ends.${side}.crash`] : []),
      ...(margin ? [] : [`fit.ends.${side}.margin`]),
    ];
  });
  const timed = reaction !== null || read.stop !== null;
  return {
    near: endAt(axis, 'near', stop, sheet),
    far: endAt(axis, 'far', stop, sheet),
    missing: [...missing, ...(scatter ? [] : ['fit.scatter']), ...(timed ? [] : ['fit.reaction'])],
  };
}
