import { type Axis, isCranked } from '@/core/model';
import type { AxisErrors } from '../errors';

/** Axes that hang on one kind of supply, and what it must give for all of them. */
export interface SupplyGroup {
  readonly axes: readonly Axis[];
  /**
   * W. What is typed beside an axis as drawn by others may be the axes of this very group: the most of all
   * its axes together, and of one of them with its others, is what the supply gives.
   */
  readonly drawn: number;
}

/** Supplies of one part are one, and so are such as read alike: nobody types another one's figures for it. */
const readsAs = ({ parts, supply: { voltage, power, others } }: Axis) =>
  parts.supply ? `part ${parts.supply}` : [voltage.si, power?.si ?? '', others.si].join(' ');

/** The supplies of a machine, each once. @param reports of the axes, in their order. */
export function suppliesOf(
  axes: readonly Axis[],
  reports: readonly Pick<AxisErrors, 'figures'>[],
): SupplyGroup[] {
  const groups = new Map<string, { axes: Axis[]; motors: number; most: number }>();
  axes.forEach((axis, i) => {
    if (isCranked(axis)) return;
    const drawn = reports[i]?.figures.find((f) => f.id === 'supply-power')?.value ?? 0;
    const group = groups.get(readsAs(axis)) ?? { axes: [], motors: 0, most: 0 };
    groups.set(readsAs(axis), group);
    group.axes.push(axis);
    group.motors += drawn - axis.supply.others.si;
    group.most = Math.max(group.most, drawn);
  });
  return [...groups.values()].map((g) => ({ axes: g.axes, drawn: Math.max(g.motors, g.most) }));
}
