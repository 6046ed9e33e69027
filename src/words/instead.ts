import type { CarriageForm } from '@/core/catalogue';
import type { InsteadGroup, InsteadIs } from '@/core/choose';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';

/** What a supplier may have another one of. */
export const insteadGroupNames: Record<InsteadGroup, string> = {
  carriage: 'Another carriage',
  guide: 'Another rail',
  drive: 'Another screw, rack, belt or chain',
  motor: 'Another motor',
  beam: 'Another beam',
  column: 'Another column',
  bed: 'Another bed',
};

const forms: Record<CarriageForm, string> = {
  narrow: 'Narrow carriage',
  low: 'Low carriage',
  flange: 'Flanged carriage',
};

/** What is had instead. */
export function insteadText(what: InsteadIs, system: UnitSystem): string {
  const size = (...mm: readonly number[]) =>
    `${mm.map((v) => formatQuantity('length', v / 1000, system, 3).number).join(' × ')} ` +
    `${system === 'metric' ? 'mm' : 'in'}`;
  switch (what.is) {
    case 'part':
      return what.name;
    case 'form':
      return forms[what.form];
    case 'tube':
      return `Tube ${size(what.size.height, what.size.width, what.size.wall)}`;
    case 'extrusion':
      return `Extrusion ${size(what.size.height, what.size.width)}`;
  }
}

/** What is to be done about new holes beside old ones. */
export function clashText(clash: number, count: number, stay: number): string {
  if (!count) return 'Where its holes lie is not known: ask for it, or measure the part in hand.';
  const fresh = count - stay;
  if (!fresh) return 'Every hole stays where it is.';
  const drilled = `${formatNumber(fresh, 3)} of ${formatNumber(count, 3)} are new`;
  return clash
    ? `${drilled}; ${formatNumber(clash, 3)} come within a diameter of an old one: turn the plate, ` +
        'plug the old holes, or make it anew.'
    : `${drilled}, clear of the old ones.`;
}
