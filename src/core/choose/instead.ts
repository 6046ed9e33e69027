import {
  type CarriageForm,
  carriageMounts,
  type ExtrusionSize,
  extrusionSection,
  extrusionSizes,
  type Family,
  familyById,
  type Part,
  partFault,
  type PartLink,
  partsIn,
  partValue,
  presentFamily,
  rowByLength,
  sectionInMm,
  swapEdits,
  tubeSection,
  type TubeSize,
  tubeSizes,
} from '@/core/catalogue';
import {
  applyEdits,
  type Axis,
  type Edit,
  estimate,
  isMeasure,
  type Plain,
  type Project,
  putInAxis,
  type Section,
} from '@/core/model';

/** What a supplier may have another one of. */
export const insteadGroups = ['carriage', 'guide', 'drive', 'motor', 'beam', 'column', 'bed'] as const;
export type InsteadGroup = (typeof insteadGroups)[number];

/** What is had instead: data only. */
export type InsteadIs =
  | { readonly is: 'part'; readonly name: string }
  | { readonly is: 'form'; readonly form: CarriageForm }
  | { readonly is: 'tube'; readonly size: TubeSize }
  | { readonly is: 'extrusion'; readonly size: ExtrusionSize };

/** Another part in the place of the present one, and the edits from the root that put it there. */
export interface Instead {
  readonly id: string;
  readonly group: InsteadGroup;
  readonly what: InsteadIs;
  readonly edits: readonly Edit[];
}

const inRoot = (index: number, edits: readonly Edit[]): Edit[] =>
  edits.map((e) => ({ ...e, path: `axes.${index}.${e.path}` }));

/**
 * Another carriage on the plate that is there: the middles of the carriages stay where they are drilled, so
 * the
 * span over them grows or shrinks by what the carriage does.
 */
function sameMiddles({ guide }: Axis, changed: Axis): Edit[] {
  const [was, is] = [guide.carriageLength?.si, changed.guide.carriageLength?.si];
  if (!guide.carriageSpan || was === undefined || is === undefined) return [];
  const span = guide.carriageSpan.si + is - was;
  if (!(span > 0)) return [];
  const text = `${Number((span * 1000).toFixed(2))} mm`;
  return [putInAxis('guide.carriageSpan', estimate('length', text))];
}

/** A guide off the list, with what of its mounting follows from its length. */
function guideEdits(axis: Axis, family: string, part: Part): Edit[] {
  const edits = swapEdits(axis, familyById(family)!, part);
  const changed = applyEdits(axis, edits);
  const { size, carriageLength, kind } = changed.guide;
  const forms = size ? carriageMounts(kind, size.si) : [];
  const mount = forms.find((f) => f.form === axis.fit.mount.carriage) ?? forms[0];
  const row = mount && carriageLength ? rowByLength(mount, carriageLength.si) : null;
  return [...edits, ...sameMiddles(axis, changed), putInAxis('fit.mount.row', row)];
}

/** A figure of a part, SI; not a number where it states none. */
function figureOf({ values }: Part, path: string): number {
  const typed = values[path];
  const read = typed === undefined ? undefined : partValue(path, typed, false);
  return read?.ok && isMeasure(read.value) ? read.value.si : NaN;
}

const ALIKE = 1e-6;
/**
 * Own parts come out of a file as texts: one that does not read is mended where parts are, not offered here.
 */
const readable = (family: Family, parts: readonly Part[]) =>
  parts.filter((p) => !partFault(family, { name: p.name, values: p.values, price: '', onHand: '0' }));

/** How near two listed lengths are one carriage, m. */
const LIKE = 0.004;

/** Parts of the present family, the nearest to the present one by name of size and length first. */
function guidesInstead(project: Project, index: number): Instead[] {
  const axis = project.axes[index]!;
  const family = presentFamily(axis, 'guide')!;
  const size = axis.guide.size?.si ?? 0;
  const length = axis.guide.carriageLength?.si ?? 0;
  const off = (part: Part) => Math.abs(figureOf(part, 'guide.size') - size);
  const isPresent = (part: Part) =>
    part.id === axis.parts[family] ||
    (off(part) < ALIKE && Math.abs(figureOf(part, 'guide.carriageLength') - length) < LIKE);
  const listed = familyById(family)!;
  return readable(listed, partsIn(listed, project.ownParts))
    .filter((part) => !isPresent(part))
    .sort((a, b) => off(a) - off(b))
    .map((part): Instead => ({
      id: `guide ${part.id}`,
      // Another length of the same size is another carriage; another size is another rail.
      group: off(part) < ALIKE ? 'carriage' : 'guide',
      what: { is: 'part', name: part.name },
      edits: inRoot(index, guideEdits(axis, family, part)),
    }));
}

/** The same size in another form: its holes, its height and its width are others. */
function formsInstead({ axes }: Project, index: number): Instead[] {
  const { guide, fit } = axes[index]!;
  const forms = guide.size ? carriageMounts(guide.kind, guide.size.si) : [];
  return forms
    .filter((f) => f.form !== fit.mount.carriage)
    .map(({ form }) => ({
      id: `form ${form}`,
      group: 'carriage',
      what: { is: 'form', form },
      edits: inRoot(index, [putInAxis('fit.mount.carriage', form)]),
    }));
}

/** Figures by which parts of a family stand near one another. */
const nearBy: Partial<Record<PartLink, readonly string[]>> = {
  drive: ['drive.nominalDiameter', 'drive.module', 'drive.pitch', 'drive.lead', 'drive.teeth'],
  motor: ['motor.holdingTorque', 'motor.ratedTorque'],
};

/** Screws, racks, belts or motors of the present family, the nearest first. */
function partsInstead(project: Project, index: number, link: 'drive' | 'motor'): Instead[] {
  const axis = project.axes[index]!;
  const family = familyById(presentFamily(axis, link)!);
  // A crank is made, not bought: no list has others.
  if (!family) return [];
  const parts = readable(family, partsIn(family, project.ownParts));
  const now = parts.find((p) => p.id === axis.parts[family.id]);
  const away = (part: Part) =>
    (nearBy[link] ?? []).reduce((sum, path) => {
      const [a, b] = [figureOf(part, path), now ? figureOf(now, path) : NaN];
      return a > 0 && b > 0 ? sum + Math.abs(Math.log(a / b)) : sum;
    }, 0);
  return parts
    .filter((p) => p !== now)
    .sort((a, b) => away(a) - away(b))
    .map((part): Instead => ({
      id: `${link} ${part.id}`,
      group: link,
      what: { is: 'part', name: part.name },
      edits: inRoot(index, swapEdits(axis, family, part)),
    }));
}

/** Members off the list of their own kind: another wall of the same outside first. */
function membersInstead({ structure }: Project, member: 'beam' | 'column' | 'bed'): Instead[] {
  if (!structure) return [];
  const { section } = structure[member];
  if (section.kind !== 'rect-tube' && section.kind !== 'extrusion') return [];
  const [high, wide] = [sectionInMm(section.height), sectionInMm(section.width)];
  const away = (s: { readonly height: number; readonly width: number }) =>
    Math.abs(Math.log(s.height / high)) + Math.abs(Math.log(s.width / wide));
  const put = (next: Section): readonly Edit[] => [
    { path: `structure.${member}.section`, value: next as Plain },
  ];
  if (section.kind === 'extrusion')
    return [...extrusionSizes]
      .filter((s) => s.height !== high || s.width !== wide)
      .sort((a, b) => away(a) - away(b))
      .map((size) => ({
        id: `${member} ${size.id}`,
        group: member,
        what: { is: 'extrusion', size },
        edits: put(extrusionSection(size)),
      }));
  const wall = sectionInMm(section.wall);
  return tubeSizes
    .filter((s) => s.making === section.making && (s.height !== high || s.width !== wide || s.wall !== wall))
    .sort((a, b) => away(a) - away(b) || a.wall - b.wall)
    .map((size) => ({
      id: `${member} ${size.id}`,
      group: member,
      what: { is: 'tube', size },
      edits: put(tubeSection(size)),
    }));
}

/** How many of a group are offered: the nearest. */
const OFFERED = 12;

/** What may be had instead of what an axis and its machine are planned with, by group, the nearest first. */
export function insteadOf(project: Project, index: number): readonly Instead[] {
  const all = [
    ...formsInstead(project, index),
    ...guidesInstead(project, index),
    ...partsInstead(project, index, 'drive'),
    ...partsInstead(project, index, 'motor'),
    ...(['beam', 'column', 'bed'] as const).flatMap((m) => membersInstead(project, m)),
  ];
  return insteadGroups.flatMap((group) => all.filter((i) => i.group === group).slice(0, OFFERED));
}
