import { familyById, swapEdits } from '@/core/catalogue';
import { freshAxis, lettersOf } from '@/core/machine';
import {
  applyEdits,
  arrangedAxes,
  type Axis,
  type Guide,
  guess,
  type Project,
  type Role,
  roles,
  startingDrive,
  type Structure,
} from '@/core/model';
import type { Asked, Filled, PlanNames } from './asked';
import { bodiesOf, ON_BENCH, STAND, standOf, supportsOf } from './bodies';
import { guidesFor } from './guides';
import { bothSides, type Layout, layoutOf, membersOf, railLength, tableMoves } from './layout';
import { mm, ours } from './ours';
import type { Picks } from './picks';
import { BRAKE, isBraked, isFine } from './rules';
import { cornerStiffness, outside } from './sections';

/** The controller that a plan begins with: pulses for any microstepping of a hobby machine. */
const CONTROLLER = 'board-32bit';
/**
 * How stiff a head is clamped, N/m: a cast clamp about a spindle, a light holder, a long clamp, a cartridge
 * that is bolted on; from memory, ± 50 %.
 */
const MOUNT = { heavy: 60e6, light: 5e6, aluminium: 100e6, steel: 200e6 } as const;
/** Plates between carriages, m; a table is a frame, and gives no more than a plate of this thickness. */
const PLATE = { heavy: 0.018, light: 0.01, table: 0.045 } as const;
/** Of a support of the bed: a levelling foot on a stand; from memory, ± 50 %. */
const SUPPORT = 40e6;

/** A guide's sizes and places on its axis. */
function placed(axis: Axis, layout: Layout, { arrangement, plates }: Picks, heavy: boolean): Guide {
  const { guide, role } = axis;
  const wall = role === 'gantry' && arrangement !== 'fixed-gantry';
  const flat = role === 'plunge' ? 'flat' : wall ? 'wall' : 'flat';
  const { reach, drop, lever, columnHeight, travel, spacing } = layout;
  const tool = {
    plunge: [-lever, 0, reach / 2],
    gantry: wall ? [0, -drop, reach] : [0, travel.gantry / 2, 0.1],
    bed: [reach, travel.gantry / 2, columnHeight - drop],
    table: [travel.table / 2, travel.gantry / 2, 0.1],
  }[role];
  const mass = {
    plunge: [0, 0, reach / 2],
    gantry: wall ? [0, -drop / 3, reach * 0.6] : [0, 0, 0.05],
    bed:
      arrangement === 'cantilever' ? [0, travel.gantry / 3, columnHeight * 0.8] : [0, 0, columnHeight * 0.8],
    table: [0, 0, 0.06],
  }[role];
  return {
    ...guide,
    mounting: flat,
    rails: guess('count', '2'),
    perRail: guess('count', '2'),
    spacing: mm(spacing[role]),
    railLength: mm(railLength(layout, role)),
    carriageSpan: mm(layout.span[role]),
    plate: {
      material: 'aluminium',
      thickness: mm(plates * (role === 'table' ? PLATE.table : PLATE[heavy ? 'heavy' : 'light'])),
    },
    // Eccentrics set wheels and bearings against both sides of their rail.
    grip: guide.kind === 'v-wheel' || guide.kind === 'tube-bearing' ? 'both-sides' : guide.grip,
    massX: mm(mass[0]!),
    massY: mm(mass[1]!),
    massZ: mm(mass[2]!),
    toolX: mm(tool[0]!),
    toolY: mm(tool[1]!),
    toolZ: mm(tool[2]!),
    driveY: mm(axis.drive.sets === 2 ? spacing[role] / 2 : 0),
    driveZ: mm(role === 'bed' ? -0.03 : 0),
  };
}

/**
 * Share of the force that the busier of two sides takes with the tool over it, while it cuts and speeds up.
 * @param saddle what stands over the tool, kg. @param all that moves, kg.
 */
function worstShare(
  filled: Filled,
  { ambition }: Picks,
  layout: Layout,
  saddle: number,
  all: number,
): number {
  const over = filled.peak + saddle * ambition.acceleration;
  const even = Math.max(0, all - saddle) * ambition.acceleration;
  const side = 0.5 + layout.travel.gantry / (2 * layout.beamLength);
  return Math.min(0.95, (even / 2 + over * side) / (even + over));
}

/** Targets of an axis, ours. */
function demandsOf(filled: Filled, picks: Picks, layout: Layout, axis: Axis): Axis['demands'] {
  const { profile, accuracy } = filled;
  const { role } = axis;
  const upright = role === 'plunge';
  const minutes = (si: number) => ours('speed', si * 60, 'm/min');
  const fastest = Math.max(...filled.brief.cuts.map((c) => c.feed.si));
  const rapid = upright ? profile.plunge.rapid : picks.ambition.rapid;
  const feed = upright ? profile.plunge.feed : Math.max(profile.feed, fastest);
  return {
    ...axis.demands,
    travel: mm(layout.travel[role]),
    feed: minutes(Math.min(feed, rapid)),
    rapid: minutes(rapid),
    acceleration: ours(
      'acceleration',
      upright ? profile.plunge.acceleration : picks.ambition.acceleration,
      'm/s²',
    ),
    // Of what is allowed altogether half may be lost at a reversal; common practice, no source.
    lostMotion: ours('length', (accuracy / 2) * 1e3, 'mm'),
  };
}

/** What the axes are called: on an arm nothing is a gantry. */
const calledOf =
  ({ axis, armAxis }: PlanNames, { arrangement }: Picks) =>
  (role: Role) =>
    (arrangement === 'cantilever' ? armAxis : axis)[role];

/** An axis without its bodies. */
function axisOf({ names }: Asked, filled: Filled, picks: Picks, role: Role, guide: Axis): Axis {
  const fresh = freshAxis([], role, calledOf(names, picks));
  const family = familyById('controller')!;
  const controller = family.parts.find((p) => p.id === CONTROLLER)!;
  const begun = applyEdits(
    { ...fresh, guide: guide.guide, parts: guide.parts },
    swapEdits({ ...fresh, parts: guide.parts }, family, controller),
  );
  const line = picks.lines[role];
  return {
    ...begun,
    loads: {
      ...begun.loads,
      otherDrag: ours('force', role === 'plunge' ? filled.profile.drag / 6 : filled.profile.drag, 'N'),
    },
    motor: isBraked(filled, role)
      ? { ...begun.motor, brakeTorque: guess('torque', BRAKE.holds) }
      : begun.motor,
    // Steps per unit are set by measuring; where metal is cut, a table of errors.
    controller: { ...begun.controller, calibration: isFine(filled) ? 'map' : 'steps' },
    ...(line
      ? {
          ...line,
          supply: { ...line.supply, others: ours('power', picks.others[role] ?? 0, 'W') },
          parts: { ...line.parts, ...begun.parts },
        }
      : {}),
  };
}

/** Every axis with its guide and nothing else: how long its carriages are says how it is laid out. */
function guided({ names }: Asked, filled: Filled, picks: Picks): Readonly<Record<Role, Axis>> {
  const called = calledOf(names, picks);
  const list = roles.map((role) => {
    const axis = freshAxis([], role, called);
    const all = guidesFor(filled, role);
    const choice = all[Math.min(picks.guides[role] ?? 0, all.length - 1)];
    return [role, choice ? applyEdits(axis, swapEdits(axis, choice.family, choice.part)) : axis] as const;
  });
  return Object.fromEntries(list) as Record<Role, Axis>;
}

function mountOf({ job, profile }: Filled): number {
  if (job === 'steel' || job === 'aluminium') return MOUNT[job];
  return MOUNT[profile.head.power === null ? 'light' : 'heavy'];
}

function structureOf(filled: Filled, picks: Picks, layout: Layout): Structure {
  const { beam, column, bed } = membersOf(picks);
  const newtons = (si: number) => ours('stiffness', si / 1e6, 'N/µm');
  const bench = onBench(filled, layout);
  return {
    beam: {
      section: beam.section,
      material: beam.material,
      length: mm(layout.beamLength),
      strips: [],
      fill: null,
      spacing: null,
    },
    column: { section: column.section, material: column.material, height: mm(layout.columnHeight) },
    crossbar: null,
    bed: {
      section: bed.section,
      material: bed.material,
      length: mm(layout.bedLength),
      supports: guess('count', String(supportsOf(layout, picks))),
      supportStiffness: newtons(SUPPORT),
    },
    corner: ours('torsionalStiffness', cornerStiffness(column), 'N·m/rad'),
    prop: null,
    feet: {
      held: picks.bolted ? 'bolted' : 'free',
      along: mm(layout.bedLength - 0.1),
      across: mm(Math.max(0.3, layout.beamLength - 0.06)),
      height: mm(bench ? 0.1 : STAND),
    },
    tool: {
      reach: mm(layout.reach),
      drop: mm(layout.drop),
      lever: mm(layout.lever),
      plungeStiffness: null,
      mountStiffness: newtons(mountOf(filled)),
    },
  };
}

/** A machine that is small enough stands on a bench, where one is said. */
function onBench({ brief }: Filled, { bedLength, beamLength }: Layout): boolean {
  return brief.place.bench !== null && Math.max(bedLength, beamLength) <= ON_BENCH;
}

/** A whole machine out of what was picked: every axis, its bodies, the frame, what stands. */
export function assembled(asked: Asked, filled: Filled, picks: Picks): Project {
  const { project, names } = asked;
  const guides = guided(asked, filled, picks);
  const lengths = Object.fromEntries(roles.map((r) => [r, guides[r].guide.carriageLength?.si ?? 0.05]));
  const layout = layoutOf(filled, picks, lengths as Record<Role, number>);
  const bare = arrangedAxes[picks.arrangement].map(({ role, on }): Axis => {
    const axis = axisOf(asked, filled, picks, role, guides[role]);
    const sets = bothSides(picks.arrangement, role, layout) ? 2 : 1;
    const drive = picks.lines[role]
      ? axis.drive
      : startingDrive('screw', layout.travel[role], { sets, worstShare: guess('ratio', '1') });
    return {
      ...axis,
      drive,
      carriedBy: on,
      demands: demandsOf(filled, picks, layout, axis),
      guide: placed({ ...axis, drive }, layout, picks, filled.profile.head.power !== null),
    };
  });
  const built = { filled, picks, layout, axes: bare, names };
  const axes = bare.map((axis) => ({
    ...axis,
    loads: { ...axis.loads, masses: bodiesOf(built, axis.role) },
  }));
  const weighs = (role: Role) =>
    axes.find((a) => a.role === role)?.loads.masses.reduce((s, b) => s + b.mass.si, 0) ?? 0;
  const saddle = weighs('gantry') + weighs('plunge');
  const share = worstShare(
    filled,
    picks,
    layout,
    saddle,
    saddle + weighs('bed') + membersOf(picks).beam.mass * layout.beamLength,
  );
  const letters = lettersOf({ brief: filled.brief });
  const even = axes.map((plain): Axis => {
    const axis = { ...plain, letter: letters[plain.role] };
    if (axis.drive.sets === 1) return axis;
    return { ...axis, drive: { ...axis.drive, worstShare: ours('ratio', share, '') } as Axis['drive'] };
  });
  const moved = tableMoves(picks.arrangement);
  return {
    ...project,
    brief: { ...filled.brief, arrangement: picks.arrangement },
    axes: even,
    structure: structureOf(filled, picks, layout),
    stand: standOf(built, onBench(filled, layout)),
    passing: {
      ...project.passing,
      between: mm(layout.beamLength - (moved ? 0 : 2 * outside(membersOf(picks).column.section).width)),
      under: mm(layout.drop - outside(membersOf(picks).beam.section).height / 2),
    },
  };
}
