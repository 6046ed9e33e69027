import { type PartLink, familyById } from '@/core/catalogue';
import {
  type Difference,
  type Plan,
  planDifferences,
  planOf,
  stepsOf,
  type Value,
  withDifferences,
} from '@/core/changes';
import type { OwnPart } from '@/core/model';

/** What of an axis goes from one plan into another as one piece. */
export const axisLinks = [
  'place',
  'demands',
  'loads',
  'drive',
  'reducer',
  'coupling',
  'motor',
  'controller',
  'guide',
  'fit',
  'duty',
] as const;
export type AxisLink = (typeof axisLinks)[number];

/**
 * What stands in an axis under a field belongs to this link. A motor goes with its driver and its supply:
 * apart they would not be what was judged.
 */
const linkOfField: Readonly<Record<string, AxisLink>> = {
  demands: 'demands',
  loads: 'loads',
  drive: 'drive',
  reducer: 'reducer',
  coupling: 'coupling',
  motor: 'motor',
  driver: 'motor',
  supply: 'motor',
  controller: 'controller',
  guide: 'guide',
  fit: 'fit',
  duty: 'duty',
};

/** Parts of the catalogue go with the link that they were picked for. */
const linkOfPart: Readonly<Record<PartLink, AxisLink>> = {
  motor: 'motor',
  driver: 'motor',
  supply: 'motor',
  controller: 'controller',
  drive: 'drive',
  bearings: 'drive',
  coupling: 'coupling',
  reducer: 'reducer',
  guide: 'guide',
};

/** What differs between two plans and goes over as one piece. */
export interface LinkGroup {
  /** `axes[gantry].drive`, `structure.beam`, `brief.cuts`; an axis that only one plan has: `axes[arm]`. */
  readonly id: string;
  /** Id of the axis that it is of; null: of the machine. */
  readonly axisId: string | null;
  /** Of an axis, what of it; null: the whole of what the id names. */
  readonly link: AxisLink | null;
  readonly differences: readonly Difference[];
}

type Key = Omit<LinkGroup, 'differences'>;

const whole = (id: string): Key => ({ id, axisId: null, link: null });

/** Which piece a place in a plan belongs to. */
function keyOf(at: string): Key {
  const [slice, row, field, family] = stepsOf(at);
  const name = slice && 'field' in slice ? slice.field : at;
  if (name === 'axes' && row && 'row' in row) {
    const axis = { axisId: row.row };
    if (!field || !('field' in field)) return { ...axis, id: `axes[${row.row}]`, link: null };
    const picked =
      field.field === 'parts' && family && 'field' in family ? familyById(family.field) : undefined;
    const link = (picked ? linkOfPart[picked.link] : linkOfField[field.field]) ?? 'place';
    return { ...axis, id: `axes[${row.row}].${link}`, link };
  }
  const inside = row && 'field' in row && (name === 'structure' || name === 'brief') ? `.${row.field}` : '';
  return whole(`${name}${inside}`);
}

/** What differs between two plans, piece by piece, in the order in which a plan is written. */
export function linkGroups(before: Plan, after: Plan): readonly LinkGroup[] {
  const found = new Map<string, Key & { readonly differences: Difference[] }>();
  for (const difference of planDifferences(before, after)) {
    const key = keyOf(difference.at);
    const group = found.get(key.id) ?? { ...key, differences: [] };
    group.differences.push(difference);
    found.set(key.id, group);
  }
  return [...found.values()];
}

/** Own parts that the axes of a plan name and that are not in it, as another plan has them. */
const ownPartsFrom = (into: Plan, from: Plan): readonly OwnPart[] => {
  const named = new Set(into.axes.flatMap((axis) => Object.values(axis.parts)));
  const here = new Set(into.ownParts.map((part) => part.id));
  return from.ownParts.filter(({ id }) => named.has(id) && !here.has(id));
};

/**
 * A plan with pieces of another in it. Parts of the builder's own that such a piece names come with it.
 * Nothing is judged: the gate asks the rules when the plan is taken.
 * @param ids of the pieces, as `linkGroups(into, from)` tells them; others are passed over.
 */
export function withLinks(into: Plan, from: Plan, ids: ReadonlySet<string>): Plan {
  const differences = linkGroups(into, from).flatMap((g) => (ids.has(g.id) ? g.differences : []));
  const made = withDifferences(planOf(into) as unknown as Value, differences) as unknown as Plan;
  const own = ownPartsFrom(made, from);
  return own.length ? { ...made, ownParts: [...made.ownParts, ...own] } : made;
}
