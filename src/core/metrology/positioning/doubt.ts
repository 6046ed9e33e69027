import { normalsFrom } from '@/core/numerics';
import { chiSquare, meanOf } from '../doubt';
import { figuresOf, type Positioning, type TargetMeans } from './positioning';

/** So often the test is run again on paper; the seed is fixed, so that the answer stays the same. */
const RUNS = 200;
const SEED = 20261128;
/** Scatter and places that it runs with are estimated themselves: 97 of 100 there are 95 in truth (tests). */
const SHARE = 0.97;
/** Normal deviate that 95 % lie below. */
const SURE = 1.645;

/** Half of the 95 % interval of each figure, m. */
export type PositioningDoubt = Readonly<Record<keyof Omit<Positioning, 'targets'>, number>>;

/** What errs besides the axis itself; standard uncertainties. */
export interface PositioningErrors {
  /** Of the reading at a place from one side, the same in all its runs, m. */
  readonly place: number;
  /** Of the scale along the run: of the instrument, and of its warmth; m per m. */
  readonly scale: number;
}

/** Figures of an axis by name. */
const figureNames = [
  'reversal',
  'meanReversal',
  'repeatUp',
  'repeatDown',
  'repeat',
  'systematicUp',
  'systematicDown',
  'systematic',
  'mean',
  'accuracyUp',
  'accuracyDown',
  'accuracy',
] as const satisfies readonly (keyof PositioningDoubt)[];

/** Scatter of all targets and sides together: few runs say little of one place. */
function pooled(found: readonly TargetMeans[]): number {
  const squares = found.flatMap((t) => [t.scatterUp ** 2, t.scatterDown ** 2]);
  return Math.sqrt(squares.reduce((sum, s) => sum + s, 0) / squares.length);
}

/** Figures drawn together to their mean, by as much of their spread as errors of so much may explain. */
function drawn(values: readonly number[], off: number): readonly number[] {
  const { mean, scatter } = meanOf(values);
  const freedom = values.length - 1;
  const explained = scatter ** 2 * freedom <= off ** 2 * chiSquare(freedom, SURE);
  const share = explained ? 0 : Math.sqrt(1 - (off / scatter) ** 2);
  return values.map((v) => mean + share * (v - mean));
}

/**
 * Targets without what errors alone spread them by (James and Stein 1961): else the largest reversal of a
 * test that is run again on paper would be spread twice.
 */
function calmed(targets: readonly TargetMeans[], off: number): readonly TargetMeans[] {
  const middles = drawn(
    targets.map((t) => (t.up + t.down) / 2),
    off / Math.SQRT2,
  );
  const apart = drawn(
    targets.map((t) => t.up - t.down),
    off * Math.SQRT2,
  );
  return targets.map((t, i) => ({
    ...t,
    up: middles[i]! + apart[i]! / 2,
    down: middles[i]! - apart[i]! / 2,
  }));
}

/**
 * How far the figures of ISO 230-2 may be off. They are largest and smallest of many, so that no formula
 * carries the doubt of a run into them: the test is run again on paper, as the axis was found and with the
 * scatter of all targets together, and nearly all fall within (JCGM 101:2008, clause 7.7; the law by which
 * doubts are carried along breaks down at a maximum).
 * @param figures as they were read. @param runs of each target from either side, the fewest.
 * Range: scatter alike all along the axis.
 */
export function positioningDoubt(
  figures: Positioning,
  runs: number,
  { place, scale }: PositioningErrors,
): PositioningDoubt {
  const scatter = pooled(figures.targets);
  // What a mean is off, and what so many of them are shaken about by it alone.
  const off = Math.hypot(scatter / Math.sqrt(runs), place);
  const base = calmed(figures.targets, off).map((t) => ({ ...t, scatterUp: scatter, scatterDown: scatter }));
  const normal = normalsFrom(SEED);
  const meanAgain = (mean: number) => mean + off * normal();
  const scatterAgain = () => {
    let squares = 0;
    for (let k = 1; k < runs; k++) squares += normal() ** 2;
    return scatter * Math.sqrt(squares / (runs - 1));
  };
  const whole = figuresOf(base);
  const again = () => {
    const slope = scale * normal();
    return figuresOf(
      base.map((t) => ({
        place: t.place,
        up: meanAgain(t.up) + slope * t.place,
        down: meanAgain(t.down) + slope * t.place,
        scatterUp: scatterAgain(),
        scatterDown: scatterAgain(),
      })),
    );
  };
  const all = Array.from({ length: RUNS }, again);
  const within = (name: (typeof figureNames)[number]) =>
    all.map((f) => Math.abs(f[name] - whole[name])).sort((a, b) => a - b)[Math.ceil(SHARE * RUNS) - 1]!;
  return Object.fromEntries(figureNames.map((n) => [n, within(n)])) as PositioningDoubt;
}
