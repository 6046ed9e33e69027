import { familiesOf, familyById, type PartLink, partOfOwn } from '@/core/catalogue';
import { planRack, rack } from '@/core/drives';
import {
  type Axis,
  change,
  type Edit,
  holdsBothSides,
  isCranked,
  type OwnPart,
  type Project,
} from '@/core/model';
import type { AxisReport } from '../axis';
import { priceDoubt, type Priced } from './price-doubt';
import { suppliesOf } from './supplies';

/** A named part of an axis with what of it is needed; the price is null where it has none. */
export interface CostRow extends Priced {
  readonly axisId: string;
  readonly by: 'piece' | 'metre';
}

/** Money so far: the example prices of the parts that the axes name. */
export interface CostReport {
  readonly known: number;
  /** By how much that sum may be off: half of its 95 % interval. */
  readonly off: number;
  readonly parts: readonly CostRow[];
  /** Links of axes for which no part is picked yet. */
  readonly unpicked: readonly { readonly axisId: string; readonly link: string }[];
  readonly budget: number | null;
}

/** Metres on one side of what is sold by the metre; undefined where the family is sold by the piece. */
function metresOf({ drive, demands }: Axis, family: string): number | undefined {
  if (drive.kind === 'screw')
    return ['ball-screw', 'trapezoidal-screw', 'acme-screw', 'threaded-rod'].includes(family)
      ? drive.betweenBearings.si
      : undefined;
  if (drive.kind !== family) return undefined;
  if (drive.kind === 'rack') {
    const pitch = rack.rackPitch.evaluate({ module: drive.module.si, helix: drive.helixAngle.si });
    return planRack(demands.travel.si, drive.segment.si, pitch).pieces * drive.segment.si;
  }
  if (drive.kind === 'crank') return undefined;
  // Round both wheels, half of each: once round one of them.
  const round = 2 * drive.centreDistance.si + drive.teeth.si * drive.pitch.si;
  return drive.kind === 'belt' && drive.arrangement === 'open' ? drive.centreDistance.si : round;
}

/** How many of a part an axis needs. */
function countOf(axis: Axis, family: string): number {
  const link = familyById(family)?.link;
  const { drive, guide } = axis;
  // Families of the guide price a carriage with its share of the rail.
  if (link === 'guide') return guide.rails.si * guide.perRail.si;
  if (link === 'drive') return holdsBothSides(drive) ? 2 : 1;
  return drive.sets;
}

/** Links that an axis has for itself, with the families that they are picked from. */
const links = (['motor', 'driver', 'drive', 'guide'] as const).map((link) => ({
  link,
  families: familiesOf(link).map((f) => f.id),
}));
/** What one of serves several axes. */
const SHARED = ['supply', 'controller'];

/** What lies on the shelf is paid. */
const lacking = (need: number, onHand: number) => Math.max(0, need - onHand);

/** A part that was picked for an axis, and how many of it the builder has. */
export interface PickedPart {
  readonly family: string;
  readonly name: string;
  /** Example price, or the builder's own; null: none. */
  readonly price: number | null;
  readonly onHand: number;
  /** Whether it is the builder's own: its price is that of a piece, whatever its length. */
  readonly own: boolean;
}

/** A part by its id, the builder's own or the catalogue's; undefined where it is gone. */
function partOf({ ownParts }: Pick<Project, 'ownParts'>, family: string, id: string): PickedPart | undefined {
  const own = ownParts.find((p) => p.id === id);
  const part = own ? partOfOwn(own) : familyById(family)?.parts.find((p) => p.id === id);
  return (
    part && {
      family,
      name: part.name,
      price: part.price,
      onHand: own?.onHand ?? 0,
      own: own !== undefined,
    }
  );
}

/** The part of a link that was picked for an axis; undefined where none was, or it is gone. */
export function pickedPart(
  project: Pick<Project, 'ownParts'>,
  axis: Axis,
  link: PartLink,
): PickedPart | undefined {
  for (const { id } of familiesOf(link)) {
    const picked = axis.parts[id];
    const part = picked === undefined ? undefined : partOf(project, id, picked);
    if (part) return part;
  }
  return undefined;
}

/** Whether a part waits for a motor: an axis that is cranked by hand drives none. */
const idle = (axis: Axis, family: string): boolean => isCranked(axis) && family === 'driver';

/** Parts that an axis has for itself. */
function ownRows(project: Pick<Project, 'ownParts'>, axis: Axis): CostRow[] {
  return Object.entries(axis.parts).flatMap(([family, id]) => {
    const part = SHARED.includes(family) || idle(axis, family) ? undefined : partOf(project, family, id);
    if (!part) return [];
    const sides = countOf(axis, family);
    // A price that the builder typed is that of a piece, whatever its length.
    const metres = part.own ? undefined : metresOf(axis, family);
    const count = metres === undefined ? lacking(sides, part.onHand) : sides * metres;
    const by = metres === undefined ? 'piece' : 'metre';
    return [{ axisId: axis.id, family, name: part.name, count, by, price: part.price, typed: part.own }];
  });
}

/** A part that serves several axes, of which so many are needed. */
function sharedRow(project: Pick<Project, 'ownParts'>, axis: Axis, family: string, need: number): CostRow[] {
  const id = axis.parts[family];
  const part = id === undefined ? undefined : partOf(project, family, id);
  if (!part) return [];
  const count = lacking(need, part.onHand);
  const { name, price, own: typed } = part;
  return [{ axisId: axis.id, family, name, count, by: 'piece', price, typed }];
}

/** One controller of a kind for all its axes, as many supplies as the load needs. */
function sharedRows(project: Project, reports: readonly AxisReport[]): CostRow[] {
  const powered = project.axes.filter((a) => !isCranked(a));
  const controllers = powered.filter(
    (a, i, all) => all.findIndex((b) => b.parts.controller === a.parts.controller) === i,
  );
  const supplies = suppliesOf(project.axes, reports).flatMap(({ axes, drawn }) => {
    const power = axes[0]!.supply.power?.si;
    return sharedRow(project, axes[0]!, 'supply', power ? Math.max(1, Math.ceil(drawn / power)) : 1);
  });
  return [...controllers.flatMap((axis) => sharedRow(project, axis, 'controller', 1)), ...supplies];
}

/**
 * The builder's own parts as far as they lie free for one axis: what the others take of them is gone, but for
 * supplies and controllers, which serve several.
 * @param axisId of the axis that they are for.
 */
export function partsLeft({ ownParts, axes }: Pick<Project, 'ownParts' | 'axes'>, axisId: string): OwnPart[] {
  return ownParts.map((part) => {
    if (SHARED.includes(part.family)) return part;
    const used = axes
      .filter((a) => a.id !== axisId && a.parts[part.family] === part.id)
      .reduce((sum, axis) => sum + countOf(axis, part.family), 0);
    return used ? { ...part, onHand: lacking(part.onHand, used) } : part;
  });
}

/** Parts of one axis with a supply of its own; a controller serves them all and is not counted. */
export function axisCost(project: Pick<Project, 'ownParts'>, axis: Axis): readonly CostRow[] {
  return [...ownRows(project, axis), ...sharedRow(project, axis, 'supply', 1)];
}

/**
 * What the machine costs as far as its parts are picked; example prices, for comparing sums only.
 * @param reports of the axes, in their order: how much they draw says how many supplies there are.
 */
export function costReport(project: Project, reports: readonly AxisReport[]): CostReport {
  const { axes, brief } = project;
  // What an axis takes out of the drawer is not there for those after it.
  const own = axes.flatMap((axis, i) => {
    const before = { ownParts: project.ownParts, axes: axes.slice(0, i) };
    return ownRows({ ownParts: partsLeft(before, axis.id) }, axis);
  });
  const parts = [...own, ...sharedRows(project, reports)];
  const unpicked = axes.flatMap((axis) =>
    links
      .filter(({ families }) => !families.some((id) => axis.parts[id] || idle(axis, id)))
      .map(({ link }) => ({ axisId: axis.id, link })),
  );
  return {
    known: parts.reduce((s, p) => s + p.count * (p.price ?? 0), 0),
    off: priceDoubt(parts),
    parts,
    unpicked,
    budget: brief.budget,
  };
}

/**
 * What a change costs by the example prices, those that the builder typed among them; null where it changes
 * nothing that has a price, or cannot be made.
 */
export function costOfChange(
  project: Project,
  reports: readonly AxisReport[],
  before: CostReport,
  edits: readonly Edit[],
): number | null {
  const made = change(project, edits);
  if (!made.ok) return null;
  const by = costReport(made.project, reports).known - before.known;
  return Math.abs(by) < 0.005 ? null : by;
}
