import { type Axis, guideOfKind, putInAxis } from '@/core/model';
import { ample, type Candidate, offer, set, steps } from './edits';

/** Rods as they are sold, m. */
export const rodSizes = [16, 20, 25, 30, 40].map((d) => d / 1000);
const SAME = 1e-9;
/** Most rods that are worth laying side by side. */
const MOST_RODS = 3;
/** A span is made a hair longer than the least. */
const HAIR = 1.02;
/** Of what the seat may be out, so much is aimed at. */
const AIMED = 0.8;

/** Carriages that stand farther apart. @param least outer span, m. */
export function longerSpan({ guide }: Axis, least: number): Candidate[] {
  const to = ample(least, HAIR);
  return guide.carriageSpan ? [offer('longer-span', [set('guide.carriageSpan', to)], { to })] : [];
}

/** Carriages with a larger rating. @param lacking what is needed over what is there. */
export function biggerCarriage({ guide }: Axis, lacking: number): Candidate[] {
  if (!guide.staticLoad) return [];
  const to = ample(guide.staticLoad.si * lacking);
  // The dynamic rating was the old carriage's.
  return [
    offer('bigger-carriage', [set('guide.staticLoad', to), putInAxis('guide.dynamicLoad', null)], { to }),
  ];
}

/** Carriages that reach round their rail, of the size that there is, or wheels on both sides of it. */
export const gripping = ({ guide }: Axis): Candidate[] => [
  ...(guide.grip === 'one-side' ? [offer('grip-both', [putInAxis('guide.grip', 'both-sides')])] : []),
  offer('gripping-rail', [{ path: 'guide', value: { ...guideOfKind('profile', guide), size: guide.size } }]),
];

/** Rails set better, or carriages that forgive. @param allowed error of the seat, m. */
export function betterSeat(which: 'heightError' | 'parallelError', allowed: number): Candidate[] {
  const to = allowed * AIMED;
  return [
    offer(which === 'heightError' ? 'shim' : 'align', [set(`guide.${which}`, to)], { to }),
    offer('clearance', [putInAxis('guide.preload', 'clearance')]),
  ];
}

/** More rods, or thicker ones. */
export function stifferRods({ guide }: Axis): Candidate[] {
  const thicker = rodSizes.filter((d) => d > (guide.size?.si ?? 0) + SAME);
  return [
    ...(guide.rails.si < MOST_RODS ? [offer('third-rod', [set('guide.rails', MOST_RODS)])] : []),
    ...steps('thicker-rod', 'guide.size', thicker, 'standard'),
  ];
}

/** Share of a carriage that may overhang at a loss of rating; common practice, no source. */
const OVERHANG = 0.25;

/**
 * A longer rail, a carriage past its end, or less travel. @param need rail length, m. @param reach travel
 * that the rail leaves, m.
 */
export function railReaches({ guide }: Axis, need: number, reach: number): Candidate[] {
  const found = [offer('rail', [set('guide.railLength', Math.ceil(need * 100) / 100)], { to: need })];
  const over = guide.carriageLength ? guide.carriageLength.si * OVERHANG : 0;
  if (guide.overhang.si < over) found.push(offer('overhang', [set('guide.overhang', over)], { to: over }));
  const travel = Math.floor(reach * 1000) / 1000;
  if (travel > 0)
    found.push({ ...offer('travel', [set('demands.travel', travel)], { to: travel }), resigned: true });
  return found;
}
