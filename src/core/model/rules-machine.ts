import type { Issue } from '@/core/findings';
import { mm, SLACK } from './rule';
import type { Axis, Project } from './schema';
import type { Section } from './section-schema';

type Found = Omit<Issue, 'path'> & { readonly path: string };

/** What is wrong with a section, at its own fields. */
function sectionFault(section: Section): (Omit<Found, 'path'> & { field: string }) | undefined {
  const thick = (field: string, read: string, wanted: string) => ({
    code: 'no-room-inside',
    field,
    read,
    wanted,
    why: 'the walls would meet in the middle; for a solid section pick a bar',
  });
  switch (section.kind) {
    case 'rect-tube': {
      const least = Math.min(section.height.si, section.width.si);
      // Corners of a cold-formed tube take up to three walls on each side.
      return 2 * section.wall.si < least * 0.9
        ? undefined
        : thick(
            'wall',
            `wall ${mm(section.wall.si)}, ${mm(section.height.si)} x ${mm(section.width.si)}`,
            `a wall below ${mm(least * 0.45)}`,
          );
    }
    case 'round-tube':
      return 2 * section.wall.si < section.diameter.si
        ? undefined
        : thick(
            'wall',
            `wall ${mm(section.wall.si)}, diameter ${mm(section.diameter.si)}`,
            `a wall below ${mm(section.diameter.si / 2)}`,
          );
    case 'plate-box':
      return 2 * section.flange.si < section.height.si && 2 * section.web.si < section.width.si
        ? undefined
        : thick(
            'flange',
            `flange ${mm(section.flange.si)}, web ${mm(section.web.si)}`,
            `plates that leave room inside ${mm(section.height.si)} x ${mm(section.width.si)}`,
          );
    case 'angle':
      return section.thickness.si < Math.min(section.height.si, section.width.si)
        ? undefined
        : thick('thickness', `thickness ${mm(section.thickness.si)}`, 'legs longer than they are thick');
    default:
      return undefined;
  }
}

function sectionsIn(project: Project): { path: string; section: Section }[] {
  const bodies = (path: string, list: Axis['loads']['masses']) =>
    list.flatMap((b, i) =>
      b.shape?.kind === 'member' ? [{ path: `${path}.${i}.shape.section`, section: b.shape.section }] : [],
    );
  const { structure } = project;
  return [
    ...(structure
      ? (['beam', 'column', 'bed'] as const).map((part) => ({
          path: `structure.${part}.section`,
          section: structure[part].section,
        }))
      : []),
    ...bodies('stand', project.stand),
    ...project.axes.flatMap((a, i) => bodies(`axes.${i}.loads.masses`, a.loads.masses)),
  ];
}

/** Whether an axis rides, through others, on itself. */
function ring(project: Project, axis: Axis): boolean {
  let at: Axis | undefined = axis;
  for (let step = 0; step <= project.axes.length && at?.carriedBy; step++) {
    at = project.axes.find((a) => a.id === at!.carriedBy);
    if (at === axis) return true;
  }
  return false;
}

const somethingRides = (project: Project, axis: Axis) => project.axes.some((a) => a.carriedBy === axis.id);

/**
 * Rules of the machine outside its axes. @param touched path that was just typed into; the issue names it
 * where the rule speaks of it.
 */
export function machineIssues(project: Project, touched?: string): Issue[] {
  const found: Found[] = [];
  for (const { path, section } of sectionsIn(project)) {
    const fault = sectionFault(section);
    if (fault) {
      const { field, ...rest } = fault;
      found.push({ ...rest, path: touched?.startsWith(path) ? touched : `${path}.${field}` });
    }
  }
  project.axes.forEach((axis, i) => {
    const path = `axes.${i}.carriedBy`;
    if (axis.carriedBy !== null && !project.axes.some((a) => a.id === axis.carriedBy))
      found.push({
        code: 'rides-on-nothing',
        path,
        read: axis.carriedBy,
        wanted: 'the id of another axis, or nothing',
      });
    else if (ring(project, axis))
      found.push({
        code: 'rides-on-itself',
        path,
        read: axis.carriedBy ?? '',
        wanted: 'an axis that does not ride on this one',
        why: 'carried masses would never add up',
      });
    if (!axis.loads.masses.length && !somethingRides(project, axis))
      found.push({
        code: 'nothing-moves',
        path: `axes.${i}.loads.masses`,
        read: 'no body',
        wanted: 'a body on the axis, or an axis that rides on it',
        why: 'without a mass there is nothing to accelerate',
      });
  });
  project.brief.cuts.forEach((cut, i) => {
    if (cut.kind !== 'mill') return;
    if (cut.width.si > cut.diameter.si + SLACK) {
      const [width, diameter] = [`brief.cuts.${i}.width`, `brief.cuts.${i}.diameter`];
      found.push({
        code: 'wider-than-cutter',
        path: touched === diameter ? diameter : width,
        read: `width ${mm(cut.width.si)}, cutter ${mm(cut.diameter.si)}`,
        wanted: 'a width across the feed no larger than the cutter',
        why: 'a full slot is as wide as the cutter; wider pockets are several passes',
      });
    }
  });
  const { structure } = project;
  if (structure?.prop && structure.prop.at.si > structure.beam.length.si + SLACK)
    found.push({
      code: 'prop-beyond-beam',
      path: 'structure.prop.at',
      read: mm(structure.prop.at.si),
      wanted: `a place on the beam, up to ${mm(structure.beam.length.si)}`,
    });
  return found.map(({ path, ...rest }) => ({
    ...rest,
    path: path.split('.').map((k) => (/^\d+$/.test(k) ? Number(k) : k)),
  }));
}
