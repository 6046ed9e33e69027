import { type Family, familyById, type Part, partsIn } from '@/core/catalogue';
import type { Role } from '@/core/model';
import type { Filled } from './asked';

/** A guide that may stand under an axis: four carriages of it. */
export interface GuideChoice {
  readonly family: Family;
  readonly part: Part;
  /** Whether enough of it lies in the drawer. */
  readonly owned: boolean;
}

/** Sizes that nobody builds such machines with. */
const unfit: ReadonlySet<string> = new Set(['supported-12', 'supported-30', 'wheel-steel-large']);
/** Wheels that the spatter of a torch jams. */
const spattered: ReadonlySet<string> = new Set(['wheel-small']);

/** Carriages that an axis takes. */
const CARRIAGES = 4;

/** In which order axes take guides out of the drawer; a machine has a bed or a table. */
const inTurn: readonly (readonly Role[])[] = [['gantry'], ['bed', 'table'], ['plunge']];

const familiesFor = ({ profile }: Filled, role: Role): readonly string[] =>
  role === 'plunge' ? profile.guides.plunge : profile.guides.level;

/** Carriages that are gone before it is the turn of an axis, its own counted. */
function wantedBy(filled: Filled, family: string, role: Role): number {
  const turn = inTurn.findIndex((roles) => roles.includes(role));
  const before = inTurn.slice(0, turn).filter(([first]) => familiesFor(filled, first!).includes(family));
  return CARRIAGES * (before.length + 1);
}

/**
 * The guides that an axis may have, what lies in the drawer first, then by their price; what was refused is
 * left out. What lies there for fewer axes than want it goes to the first of them.
 */
export function guidesFor(filled: Filled, role: Role): readonly GuideChoice[] {
  const { own, wishes, job } = filled;
  const all = familiesFor(filled, role)
    .filter((id) => !wishes.refused.includes(id))
    .flatMap((id) => {
      const family = familyById(id)!;
      return partsIn(family, own).map((part): GuideChoice => {
        const kept = own.find((p) => p.id === part.id)?.onHand ?? 0;
        return { family, part, owned: kept >= wantedBy(filled, id, role) };
      });
    })
    // Of a guide of one's own that does not reach for this axis nobody knows a price by the metre.
    .filter(({ part, owned }) => owned || !own.some((p) => p.id === part.id))
    .filter(({ part }) => !wishes.refused.includes(part.id))
    .filter(({ part, owned }) => owned || (part.price !== null && !unfit.has(part.id)))
    .filter(({ part, owned }) => owned || job !== 'plasma' || !spattered.has(part.id));
  return all.sort((a, b) => Number(b.owned) - Number(a.owned) || (a.part.price ?? 0) - (b.part.price ?? 0));
}
