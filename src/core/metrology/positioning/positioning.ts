import { quantity } from '@/core/units';
import { silentWorksheet, type Worksheet } from '@/core/worksheet';
import { meanOf } from '../doubt';
import { oneWayRepeat, reversal, twoWayRepeat } from './formulas';

/** One target and what was reached of it, deviations in m: runs from below and from above. */
export interface Target {
  readonly place: number;
  readonly up: readonly number[];
  readonly down: readonly number[];
}

/** What one target comes to. */
export interface TargetResult {
  readonly place: number;
  readonly up: number;
  readonly down: number;
  readonly scatterUp: number;
  readonly scatterDown: number;
  readonly reversal: number;
  readonly repeat: number;
}

/** Figures of an axis by ISO 230-2, m. */
export interface Positioning {
  readonly targets: readonly TargetResult[];
  /** Largest reversal error without its sign, and the mean of them with it. */
  readonly reversal: number;
  readonly meanReversal: number;
  /** Repeatability from below, from above, from either side. */
  readonly repeatUp: number;
  readonly repeatDown: number;
  readonly repeat: number;
  /** Systematic deviation from below, from above, from either side. */
  readonly systematicUp: number;
  readonly systematicDown: number;
  readonly systematic: number;
  /** Range of the means of both sides. */
  readonly mean: number;
  /** Accuracy from below, from above, from either side. */
  readonly accuracyUp: number;
  readonly accuracyDown: number;
  readonly accuracy: number;
}

type Of = (t: TargetResult) => number;

/** From the smallest to the largest of several figures of all targets. */
function range(found: readonly TargetResult[], ...figures: readonly Of[]): number {
  let [low, high] = [Infinity, -Infinity];
  for (const t of found)
    for (const of of figures) {
      const value = of(t);
      if (value < low) low = value;
      if (value > high) high = value;
    }
  return high - low;
}

const up: Of = (t) => t.up;
const down: Of = (t) => t.down;
/** The band of two standard deviations to both sides of a mean. */
const bandUp: readonly Of[] = [(t) => t.up + 2 * t.scatterUp, (t) => t.up - 2 * t.scatterUp];
const bandDown: readonly Of[] = [(t) => t.down + 2 * t.scatterDown, (t) => t.down - 2 * t.scatterDown];

/** Means and scatters of both sides of a target. */
export type TargetMeans = Pick<TargetResult, 'place' | 'up' | 'down' | 'scatterUp' | 'scatterDown'>;

function targetMeans(target: Target): TargetMeans {
  const [below, above] = [meanOf(target.up), meanOf(target.down)];
  return {
    place: target.place,
    up: below.mean,
    down: above.mean,
    scatterUp: below.scatter,
    scatterDown: above.scatter,
  };
}

function targetResult(means: TargetMeans, i: number, sheet: Worksheet): TargetResult {
  const length = (v: number) => quantity('length', v);
  const b = sheet.apply(reversal, { up: length(means.up), down: length(means.down) }, `reversal/${i}`);
  const repeat = sheet.apply(
    twoWayRepeat,
    { up: length(means.scatterUp), down: length(means.scatterDown), reversal: b },
    `repeat/${i}`,
    { reversal: `#reversal/${i}` },
  );
  return { ...means, reversal: b, repeat };
}

/**
 * Positioning of an axis by ISO 230-2:2014.
 * @throws RangeError with fewer than two targets, or fewer than two runs from either side of one.
 */
export function positioningOf(targets: readonly Target[], sheet: Worksheet = silentWorksheet): Positioning {
  if (targets.length < 2) throw new RangeError('positioning wants two targets at least');
  if (targets.some((t) => t.up.length < 2 || t.down.length < 2))
    throw new RangeError('every target wants two runs from each side at least');
  return figuresOf(targets.map(targetMeans), sheet);
}

/** Figures of the axis out of means and scatters of its targets. */
export function figuresOf(means: readonly TargetMeans[], sheet: Worksheet = silentWorksheet): Positioning {
  const found = means.map((t, i) => targetResult(t, i, sheet));
  const one = (scatter: number, key: string) =>
    sheet.apply(oneWayRepeat, { scatter: quantity('length', scatter) }, key);
  const most = (of: Of) => found.reduce((high, t) => Math.max(high, of(t)), -Infinity);
  return {
    targets: found,
    reversal: most((t) => Math.abs(t.reversal)),
    meanReversal: found.reduce((sum, t) => sum + t.reversal, 0) / found.length,
    repeatUp: one(
      most((t) => t.scatterUp),
      'repeat/up',
    ),
    repeatDown: one(
      most((t) => t.scatterDown),
      'repeat/down',
    ),
    repeat: most((t) => t.repeat),
    systematicUp: range(found, up),
    systematicDown: range(found, down),
    systematic: range(found, up, down),
    mean: range(found, (t) => (t.up + t.down) / 2),
    accuracyUp: range(found, ...bandUp),
    accuracyDown: range(found, ...bandDown),
    accuracy: range(found, ...bandUp, ...bandDown),
  };
}

/** Fewest targets a metre, and at all, and runs to each side that the standard asks for up to two metres. */
const EACH_METRE = 5;
const LEAST = 5;
export const STANDARD_RUNS = 5;

/**
 * Targets over a travel by the standard: the i-th at (i − 1) p + r, so that no period hides.
 * @param lead length after which screw or pinion come round; the odd part r is no part of it.
 * @param chance 0 or more and below 1, for each target.
 */
export function targetPlaces(travel: number, lead: number, chance: () => number): readonly number[] {
  const count = Math.max(LEAST, Math.ceil(EACH_METRE * travel));
  const step = (travel - lead) / (count - 1);
  return Array.from({ length: count }, (_, i) => i * step + chance() * Math.min(lead, step / 2));
}

/**
 * Corrections for a controller that takes a table: what is added to the asked place so that the mean of both
 * sides lands on it.
 */
export const compensation = ({
  targets,
}: Positioning): readonly { readonly place: number; readonly by: number }[] =>
  targets.map(({ place, up, down }) => ({ place, by: -(up + down) / 2 }));
