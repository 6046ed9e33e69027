import type { Measure } from '@/core/model';
import { type Kind, parseQuantity, quantity } from '@/core/units';
import { grid } from '../table';

/** How two members or a tool and its plate may be joined. */
export const jointKinds = ['welded', 'bolted', 'dowel', 'screwed', 'printed'] as const;
export type JointKind = (typeof jointKinds)[number];

/** What a joint of a kind usually gives: low and high, as somebody would type them. */
export interface UsualJoint {
  readonly kind: JointKind;
  /** Turning stiffness of a corner of members about 100 mm deep, and stiffness of a mount at the tool. */
  readonly corner: readonly [low: string, high: string];
  readonly mount: readonly [low: string, high: string];
  readonly basis: string;
}

const rows = grid(`
kind    | cornerLow     | cornerHigh      | mountLow | mountHigh | basis
welded  | 400000 N·m/rad | 1600000 N·m/rad | 80 N/µm  | 200 N/µm  | from memory, members about 100 mm deep
bolted  | 60000 N·m/rad  | 300000 N·m/rad  | 40 N/µm  | 120 N/µm  | from memory, plate of 10 mm and more
dowel   | 6000 N·m/rad   | 30000 N·m/rad   | 8 N/µm   | 30 N/µm   | from memory, cross-dowels or extrusion brackets
screwed | 1500 N·m/rad   | 8000 N·m/rad    | 3 N/µm   | 12 N/µm   | from memory, wood screws in plywood
printed | 400 N·m/rad    | 2500 N·m/rad    | 1 N/µm   | 5 N/µm    | from memory, printed bracket, creeps
`);

/** Usual joints, the stiffest first. Ranges of a factor of two to five: a start until it is measured. */
export const usualJoints: readonly UsualJoint[] = jointKinds.map((kind) => {
  const row = rows.find((r) => r.kind === kind)!;
  return {
    kind,
    corner: [row.cornerLow!, row.cornerHigh!],
    mount: [row.mountLow!, row.mountHigh!],
    basis: row.basis!,
  };
});

/**
 * The estimate that stands for a range: its geometric middle, for a stiffness is as likely half as twice as
 * much, with a doubt that reaches to its upper end.
 * @throws RangeError where an end of the range is no such quantity: a fault of ours.
 */
export function middleOf<K extends Kind>(kind: K, [low, high]: readonly [string, string]): Measure<K> {
  const [a, b] = [parseQuantity(kind, low), parseQuantity(kind, high)];
  if (!a.ok || !b.ok) throw new RangeError(`the usual range ${low} to ${high} is no ${kind}`);
  const unit = low.slice(low.indexOf(' ') + 1);
  const share = Math.sqrt(b.si / a.si);
  const shown = Number((Number.parseFloat(low) * share).toPrecision(2));
  return {
    typed: `${shown} ${unit}`,
    si: quantity(kind, (a.si / Number.parseFloat(low)) * shown),
    basis: 'estimate',
    spread: { by: 'relative', halfWidth: Number((share - 1).toFixed(2)) },
  };
}
