import {
  type Axis,
  type Edit,
  getAt,
  guess,
  isMeasure,
  type Measure,
  type Project,
  startingDrive,
  startingStructure,
  type Work,
} from '@/core/model';
import type { Kind } from '@/core/units';
import { proposedTargets, TABLE_MASS } from '../demand';

/** Head with its tool, carriage across, beam by its length, and gantry ends; kg and kg/m. Memory. */
interface Weights {
  readonly head: number;
  readonly carriage: number;
  readonly beam: number;
  readonly ends: number;
}

const heavy: Weights = { head: 6, carriage: 8, beam: 12, ends: 10 };
const light: Weights = { head: 2, carriage: 3, beam: 6, ends: 6 };
const weights: Readonly<Record<Work, Weights>> = {
  router: heavy,
  mixed: heavy,
  plasma: { ...light, head: 3, carriage: 4 },
  knife: light,
  foam: light,
  pen: { ...light, head: 1 },
};

/** Force with which each work pushes on its tool, N, until a cut is said; common practice, no source. */
const push: Readonly<Record<Work, number>> = {
  router: 100,
  mixed: 100,
  plasma: 10,
  knife: 30,
  foam: 10,
  pen: 3,
};

/** The body of all that moves, with which an axis begins; others are somebody's own. */
const BODY = 'all';

const threeDigits = (value: number) => Number(value.toPrecision(3));
const of = <K extends Kind>(kind: K, si: number, unit: string): Measure<K> =>
  guess(kind, `${threeDigits(si)} ${unit}`);
const length = (si: number) => guess('length', `${Math.round(si * 1e4) / 10} mm`);

/** A measure of the brief as a number of ours: it is as it was typed, and nobody has said it of the axis. */
const taken = <K extends Kind>({ typed, si }: Measure<K>): Measure<K> => ({ typed, si, basis: 'ours' });

/** What all of an axis weighs, out of the brief; undefined where the brief does not say enough. */
function massOf({ brief, structure }: Project, role: Axis['role']): number | undefined {
  const { head, carriage, beam, ends } = weights[brief.work];
  const { length: long, width } = brief.area;
  switch (role) {
    case 'plunge':
      return head;
    case 'gantry':
      return carriage;
    case 'bed':
      // Beam and columns of the structure are weighed by themselves.
      if (structure) return ends;
      return width ? ends + beam * startingStructure(width.si, width.si).beam.length.si : undefined;
    case 'table':
      return long && width ? TABLE_MASS * long.si * width.si : undefined;
  }
}

/** Where the tool stands on the carriages of an axis, out of the frame: one tool point for both. */
function toolPoint({ structure, axes }: Project, { role, guide }: Axis): Record<string, number> {
  if (!structure) return {};
  const { reach, drop, lever } = structure.tool;
  if (role === 'plunge') return lever ? { toolX: -lever.si } : {};
  if (role === 'gantry')
    return guide.mounting === 'wall'
      ? { toolY: -drop.si, toolZ: reach.si }
      : { toolY: reach.si, toolZ: guide.mounting === 'under' ? drop.si : -drop.si };
  if (role !== 'bed') return {};
  const across = axes.find((a) => a.role === 'gantry')?.demands.travel.si ?? 0;
  return { toolX: reach.si, toolY: across / 2, toolZ: structure.column.height.si - drop.si };
}

/** What the area of the brief asks of an axis. */
const reachOf = ({ brief: { area } }: Project, role: Axis['role']) =>
  ({ bed: area.length, table: area.length, gantry: area.width, plunge: area.height })[role];

/** Length of the screw or line that a travel takes, as it would be begun with. */
function driveLength({ drive }: Axis, travel: number): [path: string, value: Measure][] {
  const begun = startingDrive(drive.kind, travel);
  if (begun.kind === 'screw') return [['drive.betweenBearings', begun.betweenBearings]];
  if (begun.kind === 'crank') return [['drive.crankRadius', begun.crankRadius]];
  return begun.kind === 'rack' ? [] : [['drive.centreDistance', begun.centreDistance]];
}

/** All that the brief and the frame say of one axis, by path inside it. */
function proposed(project: Project, axis: Axis): [path: string, value: Measure][] {
  const reach = reachOf(project, axis.role);
  const own = axis.loads.masses.findIndex((b) => b.id === BODY && !b.shape);
  const mass = massOf(project, axis.role);
  const tool = Object.entries(toolPoint(project, axis));
  return [
    ...(reach ? [['demands.travel', taken(reach)] as [string, Measure]] : []),
    ...proposedTargets(project, axis).map((t): [string, Measure] => [t.path, t.value]),
    ['demands.cuttingForce', of('force', push[project.brief.work], 'N')],
    ...(mass !== undefined && own >= 0
      ? [[`loads.masses.${own}.mass`, of('mass', mass, 'kg')] as [string, Measure]]
      : []),
    ...tool.map(([at, si]): [string, Measure] => [`guide.${at}`, length(si)]),
  ];
}

/** Whether a number stands where nobody has said one. */
const isOurs = (value: unknown): value is Measure => isMeasure(value) && value.basis === 'ours';

/** Without the one of feed and rapid that would not go with what somebody said of the other. */
function inOrder(axis: Axis, list: [string, Measure][]): [string, Measure][] {
  const after = (path: 'feed' | 'rapid') =>
    list.find(([p]) => p === `demands.${path}`)?.[1].si ?? axis.demands[path].si;
  if (after('feed') <= after('rapid')) return list;
  const kept = axis.demands.feed.basis === 'ours' ? 'demands.rapid' : 'demands.feed';
  const less = list.filter(([path]) => !/^demands\.(feed|rapid)$/.test(path) || path === kept);
  const rapid = less.find(([path]) => path === 'demands.rapid')?.[1].si ?? axis.demands.rapid.si;
  return axis.demands.feed.si <= rapid ? less : less.filter(([path]) => path !== 'demands.rapid');
}

/**
 * Whether a number of ours still reads as it was proposed: what a plan worked out otherwise follows nothing,
 * and what the change itself sets stands as it sets it.
 */
const asProposed = (now: Measure, was: Measure | undefined, old: unknown): boolean =>
  (!was || was.typed === now.typed) && (!isMeasure(old) || old.typed === now.typed);

/**
 * The edits that bring an axis to what brief and frame say of it; what somebody typed is left alone, and so
 * is what read otherwise than proposed already.
 * @param before the machine as it was; undefined: it just begins.
 */
export function axisFollows(project: Project, index: number, before?: Project): Edit[] {
  const axis = project.axes[index]!;
  const old = before?.axes.find((a) => a.id === axis.id);
  const was = new Map(before && old ? proposed(before, old) : []);
  const inside = (list: readonly [string, Measure][]) =>
    list.filter(([path, value]) => {
      const now = getAt(axis, path);
      return (
        isOurs(now) && now.typed !== value.typed && asProposed(now, was.get(path), old && getAt(old, path))
      );
    });
  const values = inOrder(axis, inside(proposed(project, axis)));
  const travel = values.find(([path]) => path === 'demands.travel')?.[1].si;
  const drive = travel === undefined ? [] : inside(driveLength(axis, travel));
  return [...values, ...drive].map(([path, value]) => ({ path: `axes.${index}.${path}`, value }));
}

/** Lengths of beam and bed as the area of a brief has them, as far as it is said. */
function membersFor({ area }: Project['brief']): Map<'beam' | 'bed', Measure> {
  const { beam, bed } = startingStructure(area.width?.si ?? 0, area.length?.si ?? 0);
  return new Map([
    ...(area.width ? [['beam', beam.length] as const] : []),
    ...(area.length ? [['bed', bed.length] as const] : []),
  ]);
}

/**
 * The edits that bring beam and bed of a frame that nobody has measured to what the brief asks.
 * @param before the machine as it was.
 */
export function structureFollows({ structure, brief }: Project, before: Project): Edit[] {
  // A frame that comes with a brief was worked out for it.
  if (!structure || (!before.structure && before.brief !== brief)) return [];
  const was = before.structure ? membersFor(before.brief) : new Map<string, Measure>();
  return [...membersFor(brief)].flatMap(([member, value]): Edit[] => {
    const now = structure[member].length;
    const old = before.structure?.[member].length;
    const follows = isOurs(now) && now.typed !== value.typed && asProposed(now, was.get(member), old);
    return follows ? [{ path: `structure.${member}.length`, value }] : [];
  });
}
