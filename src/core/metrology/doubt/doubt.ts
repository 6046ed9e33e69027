import { quantity } from '@/core/units';
import { silentWorksheet, type Worksheet } from '@/core/worksheet';
import { expandedDoubt, readingDoubt, readingFreedom } from './formulas';
import type { Instrument } from './instrument';
import { student95 } from './student';

/** Expansion of steel, 1/K; ISO 1 has it measured at 20 °C. */
export const STEEL_EXPANSION = 11.5e-6;

export interface ReadingInput {
  readonly instrument: Instrument;
  /** Length over which the instrument errs, and which warms, m; 0 for a comparison at one place. */
  readonly size: number;
  /** Readings that were averaged, and the scatter of one of them (sample standard deviation). */
  readonly readings: number;
  readonly scatter: number;
  /** 2 where the figure is a difference of two readings. */
  readonly ends?: 1 | 2;
  /** Standard uncertainty of the temperature, K. */
  readonly warm?: number;
  readonly expansion?: number;
}

/** How far a reading may be off: standard, expanded, and on how many degrees of freedom. */
export interface Doubt {
  readonly standard: number;
  /** Half of the 95 % interval. */
  readonly expanded: number;
  readonly freedom: number;
}

/**
 * The doubt of one reading or a mean of several. SI, as the instrument reads.
 * @throws RangeError where fewer than one reading is meant, or a scatter is negative.
 */
export function doubtOf(input: ReadingInput, sheet: Worksheet = silentWorksheet, key = 'reading'): Doubt {
  const { instrument, size, readings, scatter, ends = 1, warm = 0, expansion = STEEL_EXPANSION } = input;
  if (!(readings >= 1) || !(scatter >= 0)) throw new RangeError(`${readings} readings, scatter ${scatter}`);
  const limit = instrument.limit(size);
  const standard = sheet.apply(
    readingDoubt,
    {
      digit: quantity('length', instrument.digit),
      ends: quantity('count', ends),
      scatter: quantity('length', scatter),
      readings: quantity('count', readings),
      limit: quantity('length', limit),
      expansion: quantity('thermalExpansion', expansion),
      size: quantity('length', size),
      warm: quantity('temperatureRise', warm),
    },
    `${key}/standard`,
  );
  return expandedOf(standard, { readings, scatter }, sheet, key);
}

/** The 95 % interval of a figure whose standard uncertainty is known. */
export function expandedOf(
  standard: number,
  { readings, scatter }: { readonly readings: number; readonly scatter: number },
  sheet: Worksheet = silentWorksheet,
  key = 'reading',
): Doubt {
  const known = scatter === 0 || readings < 2;
  const freedom = known
    ? Infinity
    : sheet.apply(
        readingFreedom,
        {
          readings: quantity('count', readings),
          standard: quantity('length', standard),
          scatter: quantity('length', scatter),
        },
        `${key}/freedom`,
      );
  const factor = student95(Math.max(1, freedom));
  const expanded = sheet.apply(
    expandedDoubt,
    { factor: quantity('ratio', factor), standard: quantity('length', standard) },
    `${key}/expanded`,
  );
  return { standard, expanded, freedom };
}

/** Mean and scatter of one of several readings; the scatter of a single one is not known: 0. */
export function meanOf(values: readonly number[]): { readonly mean: number; readonly scatter: number } {
  const mean = values.reduce((s, v) => s + v, 0) / values.length;
  if (values.length < 2) return { mean, scatter: 0 };
  const squares = values.reduce((s, v) => s + (v - mean) ** 2, 0);
  return { mean, scatter: Math.sqrt(squares / (values.length - 1)) };
}

/** So many readings of one place are the most that are asked for. */
const MOST_READINGS = 30;

/**
 * Least number of readings whose scatter takes no more than three tenths of the limit.
 * @returns null where no sensible number does: another instrument is wanted.
 */
export function readingsWanted(scatter: number, limit: number): number | null {
  if (scatter === 0) return 1;
  for (let n = 3; n <= MOST_READINGS; n++)
    if ((student95(n - 1) * scatter) / Math.sqrt(n) <= 0.3 * limit) return n;
  return null;
}
