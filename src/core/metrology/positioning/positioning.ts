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

const range = (values: readonly number[]) => Math.max(...values) - Math.min(...values);

function targetResult({ place, up, down }: Target, i: number, sheet: Worksheet): TargetResult {
  const [below, above] = [meanOf(up), meanOf(down)];
  const length = (v: number) => quantity('length', v);
  const b = sheet.apply(reversal, { up: length(below.mean), down: length(above.mean) }, `reversal/${i}`);
  const repeat = sheet.apply(
    twoWayRepeat,
    { up: length(below.scatter), down: length(above.scatter), reversal: b },
    `repeat/${i}`,
    { reversal: `#reversal/${i}` },
  );
  return {
    place,
    up: below.mean,
    down: above.mean,
    scatterUp: below.scatter,
    scatterDown: above.scatter,
    reversal: b,
    repeat,
  };
}

/**
 * Positioning of an axis by ISO 230-2:2014.
 * @throws RangeError with fewer than two targets, or fewer than two runs from either side of one.
 */
export function positioningOf(targets: readonly Target[], sheet: Worksheet = silentWorksheet): Positioning {
  if (targets.length < 2) throw new RangeError('positioning wants two targets at least');
  if (targets.some((t) => t.up.length < 2 || t.down.length < 2))
    throw new RangeError('every target wants two runs from each side at least');
  const found = targets.map((t, i) => targetResult(t, i, sheet));
  const one = (scatter: number, key: string) =>
    sheet.apply(oneWayRepeat, { scatter: quantity('length', scatter) }, key);
  const most = (of: (t: TargetResult) => number) => Math.max(...found.map(of));
  const bands = (side: 'up' | 'down') => {
    const s = side === 'up' ? 'scatterUp' : 'scatterDown';
    return found.flatMap((t) => [t[side] + 2 * t[s], t[side] - 2 * t[s]]);
  };
  return {
    targets: found,
    reversal: most((t) => Math.abs(t.reversal)),
    meanReversal: meanOf(found.map((t) => t.reversal)).mean,
    repeatUp: one(
      most((t) => t.scatterUp),
      'repeat/up',
    ),
    repeatDown: one(
      most((t) => t.scatterDown),
      'repeat/down',
    ),
    repeat: most((t) => t.repeat),
    systematicUp: range(found.map((t) => t.up)),
    systematicDown: range(found.map((t) => t.down)),
    systematic: range(found.flatMap((t) => [t.up, t.down])),
    mean: range(found.map((t) => (t.up + t.down) / 2)),
    accuracyUp: range(bands('up')),
    accuracyDown: range(bands('down')),
    accuracy: range([...bands('up'), ...bands('down')]),
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
