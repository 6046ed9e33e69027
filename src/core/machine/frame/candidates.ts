import type { Candidate } from '@/core/checks';
import { tubeSizes } from '@/core/catalogue';
import {
  type Axis,
  type Edit,
  estimate,
  guideOfKind,
  holdsBothSides,
  type Project,
  put,
  ridesAsPortal,
  type Section,
  startingCrossbar,
  type Structure,
} from '@/core/model';
import { measured, rodSizes } from '../axis';

/** Every change that builders make to a frame that gives too much; the wording has a text for each. */
export const frameRemedyCodes = [
  'box-beam',
  'crossbar',
  'deeper-beam',
  'drive-both-sides',
  'fill-beam',
  'gusset',
  'axis-longer-span',
  'more-supports',
  'prop',
  'second-beam',
  'shorter-column',
  'shorter-drop',
  'shorter-lever',
  'steel-beam',
  'stiffer-mount',
  'thicker-wall',
  'axis-rod-triangle',
  'axis-thicker-plate',
  'axis-third-rod',
  'axis-thicker-rod',
  'axis-supported-rod',
  'wider-column',
] as const;
export type FrameRemedyCode = (typeof frameRemedyCodes)[number];
export type FrameCandidate = Candidate<FrameRemedyCode>;

/** How far a change goes, as a factor of what is there; common practice, no source. */
const BY = {
  /** The next tube on the list is at least so much deeper. */
  deeper: 1.15,
  wall: 1.5,
  plate: 1.5,
  /** A third rod out of the plane of two over their distance. */
  triangle: 0.5,
  /** Distance of a second beam over the depth of the first, and the least, m. */
  spacing: 1.5,
  leastSpacing: 0.05,
  corner: 4,
  shorterColumn: 0.75,
  widerColumn: 1.4,
  lever: 0.7,
  drop: 0.75,
  mount: 2,
  span: 1.4,
  rod: 1.1,
} as const;

/** Stiffness of a rail under the tip of an arm, N/m; memory. */
const PROP = 2e7;
/** Wall of a tube that takes the place of an open section; common practice, no source. */
const BOX_WALL = '4 mm';
/** Share of the load on the busier of two sides, to start from; common practice, no source. */
const BUSIER = 0.7;
/** Shorter than so much neither column, lever nor drop is worth cutting, m. */
const SHORT = { column: 0.02, lever: 0.04, drop: 0.05 } as const;

const set = (path: string, si: number): Edit => ({ path, value: measured(path, si) });

const offer = (
  code: FrameRemedyCode,
  edits: readonly Edit[],
  params: FrameCandidate['params'] = {},
): FrameCandidate => ({ code, params, edits });

const SECTION = 'structure.beam.section';

/** The next tube of the same making that is deeper and nowhere smaller. */
function deeperTube(section: Extract<Section, { kind: 'rect-tube' }>): FrameCandidate[] {
  const mm = (m: number) => m * 1e3;
  const size = tubeSizes.find(
    (t) =>
      t.making === section.making &&
      t.height > mm(section.height.si) * BY.deeper &&
      t.width >= mm(section.width.si) * 0.99 &&
      t.wall >= mm(section.wall.si) * 0.99,
  );
  if (!size) return [];
  const [height, width, wall] = [size.height / 1e3, size.width / 1e3, size.wall / 1e3];
  const edits = [
    set(`${SECTION}.height`, height),
    set(`${SECTION}.width`, width),
    set(`${SECTION}.wall`, wall),
  ];
  return [offer('deeper-beam', edits, { height, width, wall })];
}

/** Thicker walls of a hollow beam. */
function thickerWall(section: Section): FrameCandidate[] {
  if (section.kind === 'rect-tube') {
    const wall = section.wall.si * BY.wall;
    return [offer('thicker-wall', [set(`${SECTION}.wall`, wall)], { wall })];
  }
  if (section.kind !== 'plate-box') return [];
  const [flange, web] = [section.flange.si * BY.wall, section.web.si * BY.wall];
  return [
    offer('thicker-wall', [set(`${SECTION}.flange`, flange), set(`${SECTION}.web`, web)], { wall: web }),
  ];
}

/** A closed steel tube in place of an open section of the same size. */
function boxBeam(section: Section): FrameCandidate[] {
  if (section.kind !== 'extrusion' && section.kind !== 'angle') return [];
  const tube: Section = {
    kind: 'rect-tube',
    height: section.height,
    width: section.width,
    wall: estimate('length', BOX_WALL),
    making: 'cold',
  };
  return [offer('box-beam', [put('structure.beam.section', tube), put('structure.beam.material', 'steel')])];
}

function beamChanges({ beam, column }: Structure): FrameCandidate[] {
  const { section } = beam;
  const height = 'height' in section ? section.height.si : section.diameter.si;
  const hollow =
    section.kind === 'rect-tube' || section.kind === 'plate-box' || section.kind === 'round-tube';
  const found = section.kind === 'rect-tube' ? deeperTube(section) : [];
  found.push(...thickerWall(section), ...boxBeam(section));
  if (!beam.spacing && column.height.si > height) {
    const spacing = Math.max(BY.leastSpacing, BY.spacing * height);
    found.push(offer('second-beam', [set('structure.beam.spacing', spacing)], { spacing }));
  }
  if (!beam.fill && hollow) found.push(offer('fill-beam', [put('structure.beam.fill', 'polymer-concrete')]));
  if (beam.material === 'aluminium')
    found.push(offer('steel-beam', [put('structure.beam.material', 'steel')]));
  return found;
}

/** Lower columns, or wider ones. */
function columnChanges({ column }: Structure): FrameCandidate[] {
  const { height, section } = column;
  if (height.si <= SHORT.column) return [];
  const to = height.si * BY.shorterColumn;
  const found = [offer('shorter-column', [set('structure.column.height', to)], { to })];
  if (section.kind !== 'bar' && section.kind !== 'rect-tube') return found;
  const [h, w] = [section.height.si * BY.widerColumn, section.width.si * BY.widerColumn];
  const edits = [set('structure.column.section.height', h), set('structure.column.section.width', w)];
  return [...found, offer('wider-column', edits, { height: h, width: w })];
}

function toolChanges({ tool }: Structure): FrameCandidate[] {
  const found: FrameCandidate[] = [];
  const scaled = (code: FrameRemedyCode, path: string, si: number, by: number) =>
    found.push(offer(code, [set(path, si * by)], { to: si * by }));
  const { lever, drop, mountStiffness } = tool;
  if (lever && lever.si > SHORT.lever) scaled('shorter-lever', 'structure.tool.lever', lever.si, BY.lever);
  if (drop.si > SHORT.drop) scaled('shorter-drop', 'structure.tool.drop', drop.si, BY.drop);
  if (mountStiffness) scaled('stiffer-mount', 'structure.tool.mountStiffness', mountStiffness.si, BY.mount);
  return found;
}

/** Rods that are held at their ends: one more, thicker ones, or such as are supported all along. */
function rodChanges({ guide, name }: Axis, at: string): FrameCandidate[] {
  const found: FrameCandidate[] = [];
  if (guide.rails.si < 3) found.push(offer('axis-third-rod', [set(`${at}.guide.rails`, 3)], { axis: name }));
  if (guide.spacing && !(guide.rails.si === 3 && guide.offPlane)) {
    const to = guide.spacing.si * BY.triangle;
    const edits = [set(`${at}.guide.rails`, 3), set(`${at}.guide.offPlane`, to)];
    found.push(offer('axis-rod-triangle', edits, { axis: name, to }));
  }
  const to = rodSizes.find((d) => guide.size && d > guide.size.si * BY.rod);
  if (to) found.push(offer('axis-thicker-rod', [set(`${at}.guide.size`, to)], { axis: name, to }));
  const supported = { ...guideOfKind('supported-round', guide), size: guide.size };
  return [...found, offer('axis-supported-rod', [{ path: `${at}.guide`, value: supported }], { axis: name })];
}

function axisChanges(axis: Axis, i: number, arm: boolean): FrameCandidate[] {
  const { guide, drive, role, name } = axis;
  const at = `axes.${i}`;
  const found: FrameCandidate[] = [];
  if (guide.plate) {
    const to = guide.plate.thickness.si * BY.plate;
    found.push(offer('axis-thicker-plate', [set(`${at}.guide.plate.thickness`, to)], { axis: name, to }));
  }
  if (guide.carriageSpan && guide.perRail.si > 1 && (role === 'gantry' || role === 'plunge')) {
    const to = guide.carriageSpan.si * BY.span;
    found.push(offer('axis-longer-span', [set(`${at}.guide.carriageSpan`, to)], { axis: name, to }));
  }
  if (guide.kind === 'round-rod') found.push(...rodChanges(axis, at));
  const single = !holdsBothSides(drive);
  if (role === 'bed' && single && !arm) {
    const edits = [put(`axes.${i}.drive.sets`, 2), set(`${at}.drive.worstShare`, BUSIER)];
    found.push(offer('drive-both-sides', edits, { axis: name }));
  }
  return found;
}

/** Changes that builders make to a frame that gives too much; paths lead from the root of the machine. */
export function frameCandidates({ structure, axes, brief }: Project): FrameCandidate[] {
  if (!structure) return [];
  const { bed, prop, corner, beam } = structure;
  const arm = brief.arrangement === 'cantilever';
  const found = beamChanges(structure);
  if (arm && !prop) {
    const value = {
      at: measured('structure.prop.at', beam.length.si),
      stiffness: measured('structure.prop.stiffness', PROP),
    };
    found.push(offer('prop', [{ path: 'structure.prop', value }], { stiffness: PROP }));
  }
  if (corner) {
    const to = corner.si * BY.corner;
    found.push(offer('gusset', [set('structure.corner', to)], { to }));
  }
  if (ridesAsPortal(brief.arrangement) && !structure.crossbar)
    found.push(offer('crossbar', [{ path: 'structure.crossbar', value: startingCrossbar() }]));
  found.push(...columnChanges(structure));
  const supports = bed.supports.si + 2;
  found.push(offer('more-supports', [set('structure.bed.supports', supports)], { to: supports }));
  found.push(...toolChanges(structure), ...axes.flatMap((axis, i) => axisChanges(axis, i, arm)));
  return found;
}
