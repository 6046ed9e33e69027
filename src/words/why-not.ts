import type { DemandId, GivesWay, SearchLink } from '@/core/choose';
import type { Checked } from '@/core/findings';
import { formatQuantity, type Kind, type UnitSystem } from '@/core/units';
import { checkNameOf } from './remedies';
import { searchLinkNames } from './search';
import { shortText } from './teller';

const demands: Readonly<Record<DemandId, { readonly name: string; readonly kind: Kind }>> = {
  rapid: { name: 'rapid', kind: 'speed' },
  feed: { name: 'feed under cut', kind: 'speed' },
  acceleration: { name: 'acceleration', kind: 'acceleration' },
  'cutting-force': { name: 'cutting force', kind: 'force' },
  'lost-motion': { name: 'lost motion allowed', kind: 'length' },
  mass: { name: 'moving mass', kind: 'mass' },
};

/** A demand that gives way: "rapid 3.1 instead of 10 m/min"; several of them at once. */
export const lessAskedText = (way: readonly GivesWay[], system: UnitSystem): string =>
  way
    .map(({ id, now, to }) => {
      const { name, kind } = demands[id];
      const [less, was] = [to, now].map((v) => formatQuantity(kind, v, system, 3));
      // A small way beside a long one may stand in another unit.
      const text = less!.unit === was!.unit ? less!.number : less!.text;
      return `${name} ${text} instead of ${was!.text}`;
    })
    .join(' and ');

/** Links that change beside a part: "the motor and the driver". */
export function changedText(links: readonly SearchLink[]): string {
  const names = links.map((l) => searchLinkNames[l]);
  return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`;
}

/** What gives out with a part, and by how much. */
export function givesOutText({ code, kind, value, limit, margin }: Checked, system: UnitSystem): string {
  const say = (v: number) => formatQuantity(kind, v, system, 3).text;
  const by = margin > 0 && margin < 1 ? `, ${shortText(margin)}` : '';
  return `${checkNameOf(code)}: ${say(value)} against ${say(limit)}${by}`;
}
