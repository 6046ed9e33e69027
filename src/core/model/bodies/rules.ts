import type { IssueParams } from '../params';
import { type Broken, type SliceRules } from '../rule';
import type { Body } from './body';
import type { Section } from './section';

/**
 * Corners of a cold-formed tube take up to three walls on each side: so much of its lesser side must be left.
 */
const LEFT_INSIDE = 0.9;

/** What is wrong with a section, at its own field: walls that meet in the middle. */
export function sectionFault(
  section: Section,
): { readonly field: string; readonly params: IssueParams } | undefined {
  const fault = (field: string, thickness: number, most: number) => ({ field, params: { thickness, most } });
  switch (section.kind) {
    case 'rect-tube': {
      const most = (LEFT_INSIDE / 2) * Math.min(section.height.si, section.width.si);
      return section.wall.si < most ? undefined : fault('wall', section.wall.si, most);
    }
    case 'round-tube': {
      const most = section.diameter.si / 2;
      return section.wall.si < most ? undefined : fault('wall', section.wall.si, most);
    }
    case 'plate-box': {
      const [high, wide] = [section.height.si / 2, section.width.si / 2];
      if (section.flange.si >= high) return fault('flange', section.flange.si, high);
      return section.web.si < wide ? undefined : fault('web', section.web.si, wide);
    }
    case 'angle': {
      const most = Math.min(section.height.si, section.width.si);
      return section.thickness.si < most ? undefined : fault('thickness', section.thickness.si, most);
    }
    default:
      return undefined;
  }
}

type Found = { readonly path: string; readonly section: Section };

const ofBodies = (path: string, list: readonly Body[]): Found[] =>
  list.flatMap((b, i) =>
    b.shape?.kind === 'member' ? [{ path: `${path}.${i}.shape.section`, section: b.shape.section }] : [],
  );

export type SectionRuleCode = 'no-room-inside';

/** Every section of the machine: members of the structure, and bodies that are weighed by their shape. */
export const sectionRules: SliceRules<SectionRuleCode> = ({ structure, stand, axes }, touched) => {
  const members: Found[] = structure
    ? (['beam', 'column', 'bed'] as const).map((part) => ({
        path: `structure.${part}.section`,
        section: structure[part].section,
      }))
    : [];
  const all = [
    ...members,
    ...ofBodies('stand', stand),
    ...axes.flatMap((a, i) => ofBodies(`axes.${i}.loads.masses`, a.loads.masses)),
  ];
  return all.flatMap(({ path, section }): Broken<SectionRuleCode>[] => {
    const fault = sectionFault(section);
    if (!fault) return [];
    const at = touched?.startsWith(`${path}.`) ? touched : `${path}.${fault.field}`;
    return [{ code: 'no-room-inside', path: at, params: fault.params, among: [`${path}.${fault.field}`] }];
  });
};
