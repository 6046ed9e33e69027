import type { Axis, Body, Edit, Measure, Project } from '@/core/model';
import { type Kind, formatQuantity, quantity } from '@/core/units';
import { type AxisMasses, type CutLoad, cutLoads, type MassReport, massReport, worstCut } from '../demand';

/** Marks a row that comes from elsewhere in the machine; no typed id can begin with it. */
const DERIVED = '~';

/** Whether a row of masses stands elsewhere in the machine. */
export const isDerived = (id: string): boolean => id.startsWith(DERIVED);

/** Whether derived figures are put into words too: of machines that are only judged nobody reads them. */
type Told = boolean;

const derived = <K extends Kind>(kind: K, si: number, basis: Measure['basis'], told: Told): Measure<K> => ({
  typed: told ? formatQuantity(kind, si, 'metric', 6).text : '',
  si: quantity(kind, si),
  basis,
});

/** Bodies of an axis as rows: its own as they are or out of their shapes, those of others marked. */
function rowsOf(axis: Axis, { bodies }: AxisMasses, told: Told): Body[] {
  return bodies.map((b, i): Body => {
    const own = b.from === 'own' ? axis.loads.masses[i] : undefined;
    return {
      id: own ? b.id : `${DERIVED}${b.axisId ?? 'structure'}${DERIVED}${b.id}`,
      name: b.name,
      shape: null,
      mass: own && !own.shape ? own.mass : derived('mass', b.mass, b.basis, told),
    };
  });
}

/**
 * An axis as the machine loads it: its own bodies by weight or shape, those of all axes that ride on it,
 * members of the structure, and the worst of the cuts where the brief gives them. An axis that nothing rides
 * on and whose figures are typed comes back as it is.
 * @param told false: derived figures are not put into words.
 */
export function loadedAxis(
  axis: Axis,
  masses: AxisMasses,
  cuts: readonly CutLoad[],
  told: Told = true,
): Axis {
  const plain = masses.bodies.every((b) => b.from === 'own') && axis.loads.masses.every((b) => !b.shape);
  // While no cut is said, the force that stands at the axis counts: none would be too little.
  const cut = axis.demands.cuttingFrom === 'cuts' && cuts.length ? worstCut(axis, cuts) : undefined;
  if (plain && !cut) return axis;
  const loaded = plain ? axis : { ...axis, loads: { ...axis.loads, masses: rowsOf(axis, masses, told) } };
  if (!cut) return loaded;
  const { demands, guide } = axis;
  // The worst of the cuts: no surer than the least sure of them.
  const basis = cuts.some((c) => c.basis === 'ours') ? 'ours' : 'estimate';
  return {
    ...loaded,
    demands: { ...demands, cuttingForce: derived('force', cut.force, basis, told) },
    guide: {
      ...guide,
      sideForce: guide.sideForce ?? derived('force', cut.side, basis, told),
      normalForce: guide.normalForce ?? derived('force', cut.normal, basis, told),
    },
  };
}

/** All axes as the machine loads them. @param cuts, masses of the machine, where they are at hand. */
export const loadedAxes = (
  project: Project,
  cuts: readonly CutLoad[] = cutLoads(project.brief),
  masses: MassReport = massReport(project),
): Axis[] => project.axes.map((axis, i) => loadedAxis(axis, masses.axes[i]!, cuts));

const sameMeasure = (a: Measure | null, b: Measure | null) =>
  a === b || (a !== null && b !== null && a.si === b.si && a.basis === b.basis);

/**
 * Whether two loaded forms of one stored axis load it alike: then a report of the one is a report of the
 * other.
 */
export const loadsAlike = (a: Axis, b: Axis): boolean =>
  a === b ||
  (sameMeasure(a.demands.cuttingForce, b.demands.cuttingForce) &&
    sameMeasure(a.guide.sideForce, b.guide.sideForce) &&
    sameMeasure(a.guide.normalForce, b.guide.normalForce) &&
    a.loads.masses.length === b.loads.masses.length &&
    a.loads.masses.every((m, i) => {
      const other = b.loads.masses[i]!;
      return m.id === other.id && sameMeasure(m.mass, other.mass);
    }));

const isBody = (value: unknown): value is Body =>
  typeof value === 'object' && value !== null && 'id' in value && 'mass' in value;

/** Side loads that came from the cuts are not the guide's own. */
const ownGuide = (value: Edit['value'], { guide }: Axis): Edit['value'] =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? { ...value, sideForce: guide.sideForce, normalForce: guide.normalForce }
    : value;

/** Rows of other places stay there; a body out of its shape keeps it. */
function ownRows(rows: readonly unknown[], { loads }: Axis): Body[] {
  return rows
    .filter(isBody)
    .filter((row) => !isDerived(row.id))
    .map((row) => {
      const kept = loads.masses.find((b) => b.id === row.id);
      return kept?.shape ? kept : { ...row, shape: null };
    });
}

/** Edits that were worked out on a loaded axis, as they apply to the stored one. */
export const toStored = (edits: readonly Edit[], stored: Axis): Edit[] =>
  edits.map((edit) => {
    if (edit.path === 'guide') return { ...edit, value: ownGuide(edit.value, stored) };
    if (edit.path === 'loads.masses' && Array.isArray(edit.value))
      return { ...edit, value: ownRows(edit.value, stored) };
    return edit;
  });
