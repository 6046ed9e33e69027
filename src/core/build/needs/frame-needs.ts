import { materials } from '@/core/catalogue';
import { columnCount, type PlateReport } from '@/core/machine';
import {
  type Body,
  type MaterialId,
  type Measure,
  type Project,
  ridesAsPortal,
  type Section,
} from '@/core/model';
import { memberOf } from '@/core/sections';
import { isPlanned } from './fit-needs';
import {
  mm,
  type Need,
  need,
  type NeedKind,
  type NeedParams,
  type NeedSection,
  restingOn,
  sawnOf,
} from './need';

/** Figures of a section by which it is sold; what a datasheet says of it does not tell two bars apart. */
function sizesOf(section: Section): NeedParams {
  const { kind, ...figures } = section;
  const sold = ['height', 'width', 'wall', 'diameter', 'thickness', 'flange', 'web'];
  const sizes = Object.entries(figures).flatMap(([name, value]): [string, number][] =>
    sold.includes(name) && typeof value === 'object' ? [[name, value.si]] : [],
  );
  return { section: kind, ...Object.fromEntries(sizes) };
}

/** What a member is sawn out of. */
export function memberSection(section: Section, material: MaterialId): NeedSection {
  const sizes = sizesOf(section);
  const figures = Object.values(sizes).flatMap((v) => (typeof v === 'number' ? [mm(v)] : []));
  return {
    key: `${section.kind} ${figures.join('x')} ${material}`,
    kind: 'member',
    params: { ...sizes, material },
    form: { kind: 'plain' },
    hard: false,
  };
}

interface Member {
  readonly kind: NeedKind;
  readonly section: Section;
  readonly material: MaterialId;
  readonly length: number;
  readonly count: number;
  readonly owner?: string;
  readonly which?: string;
  readonly name?: string;
}

function memberNeed({ kind, section, material, length, count, owner = '', which, name }: Member): Need {
  const sawn = memberSection(section, material);
  return need(
    {
      kind,
      owner,
      quantity: count,
      params: { ...sawn.params, length, ...(name === undefined ? {} : { name }) },
      mass: memberOf(section, material).mass * length,
      // A box out of plates is welded, not sawn.
      sawn: section.kind === 'plate-box' ? null : sawnOf(sawn, length, count),
    },
    which,
  );
}

/** How near a strip must be to a rail in size to be that rail, which is on the list with its axis. */
const RAIL_LIKE = 0.35;

/** Whether a strip that stiffens the beam is a rail of the axis that runs on it. */
function isRail({ axes }: Project, { width, height }: { width: Measure; height: Measure }): boolean {
  const like = (a: number, b: number) => Math.abs(a - b) <= RAIL_LIKE * b;
  return axes.some(
    ({ role, guide: { size } }) =>
      role === 'gantry' && size !== null && like(width.si, size.si) && like(height.si, size.si),
  );
}

/** Beam, columns and bed. */
function structureNeeds(project: Project): Need[] {
  const { structure } = project;
  if (!structure) return [];
  const { beam, column, crossbar, bed } = structure;
  const beams = beam.spacing ? 2 : 1;
  const tied = crossbar && ridesAsPortal(project.brief.arrangement) ? [crossbar] : [];
  const columns =
    column.height.si > 0
      ? [memberNeed({ kind: 'column', ...column, length: column.height.si, count: columnCount(project) })]
      : [];
  return [
    ...restingOn([beam], [memberNeed({ kind: 'beam', ...beam, length: beam.length.si, count: beams })]),
    ...restingOn([column], columns),
    ...tied.map((bar) => memberNeed({ kind: 'crossbar', ...bar, length: beam.length.si, count: 1 })),
    ...restingOn(
      [bed.section, bed.length],
      [memberNeed({ kind: 'bed', ...bed, length: bed.length.si, count: 2 })],
    ),
    ...beam.strips
      .filter((s) => !isRail(project, s))
      .map((s) =>
        memberNeed({
          kind: 'strip',
          section: { kind: 'bar', height: s.height, width: s.width },
          material: s.material,
          length: beam.length.si,
          count: beams,
          which: s.id,
          name: s.name,
        }),
      ),
    need({ kind: 'foot', quantity: 2 * bed.supports.si, origin: 'usual' }),
  ];
}

/** Bodies that are made out of bar, plate, or bought: what is weighed only is no part that could be named. */
function bodyNeeds(bodies: readonly Body[], owner: string, plates: readonly PlateReport[]): Need[] {
  return bodies.flatMap((body): Need[] => {
    const { shape, id, name } = body;
    if (shape?.kind === 'member') {
      const { section, material } = shape;
      const [length, count] = [shape.length.si, shape.count.si];
      return [memberNeed({ kind: 'member', section, material, length, count, owner, which: id, name })];
    }
    if (shape?.kind === 'plate' && !isPlanned(body, plates)) {
      const [along, across] = [shape.length.si, shape.width.si];
      const thickness = shape.thickness.si;
      return [
        need(
          {
            kind: 'sheet',
            owner,
            quantity: shape.count.si,
            params: { name, material: shape.material, along, across, thickness },
            mass: materials[shape.material].density * along * across * thickness,
          },
          id,
        ),
      ];
    }
    if (shape?.kind === 'spindle')
      return [need({ kind: 'spindle', owner, params: { name, diameter: shape.diameter.si } }, id)];
    return [];
  });
}

/** The structure, and bodies out of their shapes. @param plates of each axis, in their order. */
export const frameNeeds = (project: Project, plates: readonly (readonly PlateReport[])[]): Need[] => [
  ...structureNeeds(project),
  ...bodyNeeds(project.stand, '', []),
  ...project.axes.flatMap((axis, i) => bodyNeeds(axis.loads.masses, axis.id, plates[i] ?? [])),
];
