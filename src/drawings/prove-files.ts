import { writeTable } from '@/core/formats';
import type { Setting } from '@/core/prove';
import type { UnitSystem } from '@/core/units';
import { settingFrom, settingNames, settingText } from '@/words';

/** The controller’s settings as CSV: number, axis, name, value with its unit, where it comes from. */
export const settingsCsv = (settings: readonly Setting[], system: UnitSystem): string =>
  writeTable(
    ['number', 'axis', 'setting', 'value', 'from'],
    settings.map((s) => [
      String(s.number),
      s.letter,
      settingNames[s.id],
      settingText(s, system),
      settingFrom[s.from],
    ]),
  );
