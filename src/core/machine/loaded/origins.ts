import { type Axis, type Body, getAt, isMeasure, oursIn, type Project } from '@/core/model';
import { isDerived } from './loaded-axis';

/** Forces of a loaded axis that come from the cuts where they are not typed. */
const CUT_FORCE = /^(demands\.cuttingForce|guide\.(sideForce|normalForce))$/;
const MASS = /^loads\.masses\.(\d+)\.mass$/;

/** Numbers of ours that make the mass of a body. */
const oursOfBody = (body: Body, at: string): string[] =>
  body.shape ? oursIn(body.shape, `${at}.shape`) : oursIn(body.mass, `${at}.mass`);

/** Numbers of ours behind a row of masses that stands elsewhere in the machine. */
function oursOfRow({ axes, structure }: Project, rowId: string): string[] {
  const [, from, bodyId] = rowId.split('~');
  const carrier = axes.findIndex((a) => a.id === from);
  if (carrier < 0)
    return [...oursIn(structure?.beam, 'structure.beam'), ...oursIn(structure?.column, 'structure.column')];
  const index = axes[carrier]!.loads.masses.findIndex((b) => b.id === bodyId);
  const body = axes[carrier]!.loads.masses[index];
  return body ? oursOfBody(body, `axes.${carrier}.loads.masses.${index}`) : [];
}

/** Numbers of ours in the cuts and the spindle that turns them. */
export const oursOfCuts = ({ brief }: Project): string[] => [
  ...oursIn(brief.cuts, 'brief.cuts'),
  ...(brief.cuts.some((c) => c.kind === 'mill') ? oursIn(brief.spindle, 'brief.spindle') : []),
];

/**
 * Where the numbers of ours of a loaded axis stand in the machine: its own fields, bodies of other axes,
 * members of the structure, cuts of the brief.
 * @param index of the axis. @param loaded the axis as the machine loads it. @param paths inside it.
 * @returns paths from the root of the machine, each once.
 */
export function originsOf(project: Project, index: number, loaded: Axis, paths: readonly string[]): string[] {
  const root = `axes.${index}.`;
  const found = paths.flatMap((path): string[] => {
    const row = MASS.exec(path)?.[1];
    const body = row === undefined ? undefined : loaded.loads.masses[Number(row)];
    if (body && isDerived(body.id)) return oursOfRow(project, body.id);
    if (body) {
      const own = project.axes[index]!.loads.masses.findIndex((b) => b.id === body.id);
      const stored = project.axes[index]!.loads.masses[own];
      return stored ? oursOfBody(stored, `${root}loads.masses.${own}`) : [];
    }
    const typed = getAt(project, root + path);
    if (CUT_FORCE.test(path) && getAt(loaded, path) !== typed) return oursOfCuts(project);
    return isMeasure(typed) ? [root + path] : [];
  });
  return [...new Set(found)];
}
