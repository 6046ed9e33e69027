import { families, familyById, partOfOwn } from '@/core/catalogue';
import { type Axis, type Project, shaftDriven } from '@/core/model';

/** Money so far: the example prices of the parts that the axes name. */
export interface CostReport {
  readonly known: number;
  /** Named parts with their count and price; null where a part has none. */
  readonly parts: readonly {
    readonly axisId: string;
    readonly family: string;
    readonly name: string;
    readonly count: number;
    readonly price: number | null;
  }[];
  /** Links of axes for which no part is picked yet. */
  readonly unpicked: readonly { readonly axisId: string; readonly link: string }[];
  readonly budget: number | null;
}

/** How many of a part an axis needs. */
function countOf(axis: Axis, family: string): number {
  const link = familyById(family)?.link;
  const { drive, guide } = axis;
  if (link === 'controller' || link === 'supply') return 1;
  // Families of the guide price a carriage with its share of the rail.
  if (link === 'guide') return guide.rails.si * guide.perRail.si;
  if (link === 'drive' && shaftDriven(drive)) return 2;
  return drive.sets;
}

const LINKS = ['motor', 'driver', 'drive', 'guide'] as const;

/** What the machine costs as far as its parts are picked; example prices, for comparing sums only. */
export function costReport({ axes, ownParts, brief }: Project): CostReport {
  const parts = axes.flatMap((axis) =>
    Object.entries(axis.parts).flatMap(([family, id]) => {
      const own = ownParts.find((p) => p.id === id);
      const part = own ? partOfOwn(own) : familyById(family)?.parts.find((p) => p.id === id);
      if (!part) return [];
      // What lies on the shelf is paid.
      const need = Math.max(0, countOf(axis, family) - (own?.onHand ?? 0));
      return [{ axisId: axis.id, family, name: part.name, count: need, price: part.price }];
    }),
  );
  const unpicked = axes.flatMap((axis) =>
    LINKS.filter((link) => !families.some((f) => f.link === link && axis.parts[f.id])).map((link) => ({
      axisId: axis.id,
      link,
    })),
  );
  return {
    known: parts.reduce((s, p) => s + p.count * (p.price ?? 0), 0),
    parts,
    unpicked,
    budget: brief.budget,
  };
}
