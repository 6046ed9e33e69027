import type { UnitSystem } from '@/core/units';

/** Regions where shops work in inches. Common practice, no source. */
const INCHES: ReadonlySet<string> = new Set(['US', 'LR', 'MM']);

/** Units that somebody begins with, by the region of the browser's language; each sheet can be turned. */
export function unitsOfReader(language: string = navigator.language): UnitSystem {
  try {
    const { region } = new Intl.Locale(language);
    return region && INCHES.has(region) ? 'imperial' : 'metric';
  } catch {
    // A browser may be told any text as its language.
    return 'metric';
  }
}
