import { type Family, familyById, type Part, partsIn } from '@/core/catalogue';
import type { OwnPart, Role } from '@/core/model';
import type { Filled } from './asked';

/** A guide that may stand under an axis: four carriages of it. */
export interface GuideChoice {
  readonly family: Family;
  readonly part: Part;
  /** Whether enough of it lies in the drawer. */
  readonly owned: boolean;
}

/** Sizes that nobody builds a level axis or a plunge axis of such machines with. */
const unfit: ReadonlySet<string> = new Set(['supported-12', 'supported-30', 'wheel-steel-large']);

/** Carriages that an axis takes. */
export const CARRIAGES = 4;

const owns = (own: readonly OwnPart[], id: string, count: number) =>
  own.some((p) => p.id === id && p.onHand >= count);

/** A pen wants less than the smallest wheels of a mill; a torch spatters the smallest. */
const leastPrice = ({ job }: Filled, role: Role): number => (role !== 'plunge' && job === 'plasma' ? 22 : 0);

/**
 * The guides that an axis may have, what lies in the drawer first, then by their price; what was refused is
 * left out.
 */
export function guidesFor(filled: Filled, role: Role): readonly GuideChoice[] {
  const { profile, own, wishes } = filled;
  const families = role === 'plunge' ? profile.guides.plunge : profile.guides.level;
  const all = families
    .filter((id) => !wishes.refused.includes(id))
    .flatMap((id) => {
      const family = familyById(id)!;
      return partsIn(family, own).map((part) => ({ family, part, owned: owns(own, part.id, CARRIAGES) }));
    })
    .filter(({ part, owned }) => owned || (part.price !== null && !unfit.has(part.id)))
    .filter(({ part }) => !wishes.refused.includes(part.id))
    .filter(({ part, owned }) => owned || part.price! >= leastPrice(filled, role));
  return all.sort((a, b) => Number(b.owned) - Number(a.owned) || a.part.price! - b.part.price!);
}
