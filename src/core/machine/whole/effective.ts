import type { Edit } from '@/core/findings';
import type { Axis, Measure, Project } from '@/core/model';
import { type Kind, formatQuantity, quantity } from '@/core/units';
import { type CutLoad, cutLoads, worstCut } from './cuts';
import { bodiesOn } from './masses';

/** Marks a row that comes from elsewhere in the machine; no typed id can begin with it. */
const DERIVED = '~';

const derived = <K extends Kind>(kind: K, si: number, basis: Measure['basis']): Measure<K> => ({
  typed: formatQuantity(kind, si, 'metric', 6).text,
  si: quantity(kind, si),
  basis,
});

/**
 * An axis as the machine loads it: its own bodies by weight or shape, those of all axes that ride on it,
 * members of the
 * structure, and the worst of the cuts where the brief gives them. An axis that nothing rides on and whose
 * figures are typed
 * comes back as it is.
 */
export function effectiveAxis(
  project: Project,
  axis: Axis,
  loads: readonly CutLoad[] = cutLoads(project.brief),
): Axis {
  const list = bodiesOn(project, axis);
  const plain = list.every((b) => b.from === 'own') && axis.loads.masses.every((b) => !b.shape);
  const masses = plain
    ? axis.loads.masses
    : list.map((b, i) => ({
        id: b.from === 'own' ? b.id : `${DERIVED}${b.axisId ?? 'structure'}${DERIVED}${b.id}`,
        name: b.name,
        shape: null,
        mass:
          b.from === 'own' && !axis.loads.masses[i]!.shape
            ? axis.loads.masses[i]!.mass
            : derived('mass', b.mass, b.basis),
      }));
  const cut = axis.demands.cuttingFrom === 'cuts' ? worstCut(axis, loads) : undefined;
  if (plain && !cut) return axis;
  return {
    ...axis,
    loads: plain ? axis.loads : { ...axis.loads, masses },
    ...(cut
      ? {
          demands: { ...axis.demands, cuttingForce: derived('force', cut.force, 'estimate') },
          guide: {
            ...axis.guide,
            sideForce: axis.guide.sideForce ?? derived('force', cut.side, 'estimate'),
            normalForce: axis.guide.normalForce ?? derived('force', cut.normal, 'estimate'),
          },
        }
      : {}),
  };
}

/** All axes as the machine loads them. */
export function effectiveAxes(project: Project): Axis[] {
  const loads = cutLoads(project.brief);
  return project.axes.map((axis) => effectiveAxis(project, axis, loads));
}

const sameMeasure = (a: Measure | null, b: Measure | null) =>
  a === b || (a !== null && b !== null && a.si === b.si && a.basis === b.basis);

/**
 * Whether two effective forms of one stored axis load it alike: then a report of the one is a report of the
 * other.
 */
export const loadsAlike = (a: Axis, b: Axis): boolean =>
  a === b ||
  (sameMeasure(a.demands.cuttingForce, b.demands.cuttingForce) &&
    sameMeasure(a.guide.sideForce, b.guide.sideForce) &&
    sameMeasure(a.guide.normalForce, b.guide.normalForce) &&
    a.loads.masses.length === b.loads.masses.length &&
    a.loads.masses.every(
      (m, i) => m.id === b.loads.masses[i]!.id && sameMeasure(m.mass, b.loads.masses[i]!.mass),
    ));

/**
 * Edits that were worked out on an effective axis, as they apply to the stored one: rows of other places stay
 * where they are.
 */
export function toStored(edits: readonly Edit[], stored: Axis): Edit[] {
  return edits.map((edit) => {
    // Side loads that came from the cuts are not the guide's own.
    if (edit.path === 'guide')
      return {
        ...edit,
        value: {
          ...(edit.value as unknown as Axis['guide']),
          sideForce: stored.guide.sideForce,
          normalForce: stored.guide.normalForce,
        } as never,
      };
    if (edit.path !== 'loads.masses' || !Array.isArray(edit.value)) return edit;
    const rows = (edit.value as readonly { id: string }[])
      .filter((r) => !r.id.startsWith(DERIVED))
      .map((r) => {
        const kept = stored.loads.masses.find((b) => b.id === r.id);
        return kept?.shape ? kept : { ...r, shape: null };
      });
    return { ...edit, value: rows };
  });
}
