import { familiesOf, familyById, type Part } from '@/core/catalogue';
import { driveFamilies } from '@/core/choose';
import type { Arrangement, Axis, FrameKind, Job } from '@/core/model';
import type { Filled } from './asked';

/**
 * What is not proposed though it may compute, because nobody in the trade would build it. Common practice, no
 * source. It sorts what is tried: whoever has such a part says so, and it is judged like any other.
 */
export const refusals = [
  /** A rack or belt lets the head fall when its motor is off. */
  'plunge-line',
  /** A rod of the hardware shop is no lead screw. */
  'threaded-rod',
  /** Chain stretches by links: for half a millimetre and more. */
  'fine-chain',
  /** Milling metal on a belt, or on a sliding screw. */
  'metal-line',
  /** A rack under a short axis: a screw is cheaper, truer and keeps the dirt out. */
  'short-rack',
  /** Screws that are longer whip, or are thicker than anybody lifts. */
  'long-screw',
  /** Teeth finer than module 1.5 under a mill, and pinions of fewer than 15: they wear, and mesh badly. */
  'fine-teeth',
  /** A mill on the smallest motors. */
  'small-motor',
  /** A motor of size 34 for what two hands lift. */
  'big-motor',
  /** A driver that cannot give its motor the current that it is rated for. */
  'small-driver',
  /** A stepper that turns faster at rapid than anybody plans with. */
  'fast-stepper',
  /** Belts narrower than 15 mm, or of 3 mm pitch, on a mill. */
  'thin-belt',
  /** A screw thinner than 12 mm on a mill, or than 16 mm where it mills metal. */
  'thin-screw',
  /** A screw thicker than 25 mm under an axis shorter than 1.5 m, or than 20 mm on a plunge axis for wood. */
  'thick-screw',
  /** A reducer on a screw, which is one itself, or one slower than 10 : 1 on a stepper. */
  'slow-reducer',
  /** A helical or ground rack where a tenth of a millimetre is not asked for. */
  'fine-rack',
  /** A frame of wood for metal, or of slotted extrusion for steel. */
  'soft-frame',
  /** A table that travels with a sheet: it needs twice the room. */
  'long-table',
  /** A cross slide for more than small metal work. */
  'wide-slide',
  /** An arm that reaches farther than it holds still. */
  'long-arm',
  /** A lifted gantry where a plunge axis does. */
  'needless-lift',
] as const;
export type Refusal = (typeof refusals)[number];

/** Jobs that push with next to nothing. */
const light: ReadonlySet<Job> = new Set<Job>(['plasma', 'foam', 'knife', 'pen']);
export const isLight = ({ job }: Pick<Filled, 'job'>): boolean => light.has(job);
export const isMetal = ({ job }: Pick<Filled, 'job'>): boolean => job === 'aluminium' || job === 'steel';

/** Accuracies finer than this want preloaded nuts and a table of pitch errors in the controller, m. */
const FINE = 0.1e-3;
export const isFine = ({ accuracy }: Pick<Filled, 'accuracy'>): boolean => accuracy < FINE;

/** Travels, m: a rack from here on a mill and on a light machine, a screw up to here. */
const RACK_FROM = { mill: 1.2, light: 0.7 } as const;
const SCREW_TO = 2;
/** From this travel a belt takes the place of a screw on a mill, m; below this force, N. */
const BELT = { from: 1.2, force: 300, accuracy: 0.2e-3 } as const;
const CHAIN_FROM = 0.5e-3;

/** Kinds of drive for an axis as they are usual. @param imperial sliding screws of inch sizes. */
export function usualDrives(filled: Filled, axis: Axis, imperial: boolean): readonly string[] {
  const travel = axis.demands.travel.si;
  const sliding = imperial ? 'acme-screw' : 'trapezoidal-screw';
  const metal = isMetal(filled);
  const kinds = () => {
    if (axis.role === 'plunge') return ['ball-screw', ...(metal ? [] : [sliding])];
    if (isLight(filled))
      return [
        'belt',
        ...(travel > RACK_FROM.light ? ['rack'] : []),
        ...(filled.accuracy >= CHAIN_FROM ? ['chain'] : []),
      ];
    const belt = filled.accuracy >= BELT.accuracy && axis.demands.cuttingForce.si < BELT.force;
    return [
      ...(travel <= SCREW_TO ? ['ball-screw', ...(metal ? [] : [sliding])] : []),
      ...(travel > RACK_FROM.mill || (metal && travel > SCREW_TO) ? ['rack'] : []),
      ...(!metal && belt && travel > BELT.from ? ['belt'] : []),
    ];
  };
  return kinds().filter((k) => !filled.wishes.refused.includes(k));
}

/** Kinds of drive of which something lies in the drawer: they are judged, whatever is usual. */
export const ownedDrives = ({ own, wishes }: Filled): readonly string[] =>
  driveFamilies.filter((f) => own.some((p) => p.family === f && p.onHand > 0) && !wishes.refused.includes(f));

/** A group of drives that are searched together, with the families of reducers that they may have. */
export interface DriveGroup {
  readonly drives: readonly string[];
  readonly reducers: readonly string[];
}

/** Screws without a reducer, racks with either kind, belts and chains with a stage of belt. */
export function groupsOf(drives: readonly string[]): readonly DriveGroup[] {
  const of = (wanted: (id: string) => boolean, reducers: readonly string[]): DriveGroup[] => {
    const list = drives.filter(wanted);
    return list.length ? [{ drives: list, reducers }] : [];
  };
  return [
    ...of((d) => d.endsWith('-screw'), []),
    ...of((d) => d === 'rack', ['belt-stage', 'planetary-reducer']),
    ...of((d) => d === 'belt' || d === 'chain', ['belt-stage']),
  ];
}

const idsOf = (family: string, unwanted: (part: Part) => boolean): string[] =>
  familyById(family)!
    .parts.filter(unwanted)
    .map((p) => p.id);

const millimetres = (part: Part, path: string) => Number.parseFloat(part.values[path] ?? '0');
const motorFamilies = familiesOf('motor').map((f) => f.id);

/** Stages of belt that a plan has before a rack or a belt: the wider ones that gear down. */
const usualStages: ReadonlySet<string> = new Set(['stage-5-20-40', 'stage-5-18-54', 'stage-5-15-60']);

/**
 * A head from this weight on, kg, hangs on a motor with a brake: a ball screw lets it fall. What the brake
 * holds, and what it costs more; common practice, no source.
 */
export const BRAKE = { from: 12, holds: '1.5 N·m', price: 60 } as const;
export const isBraked = ({ profile }: Filled, role: Axis['role']): boolean =>
  role === 'plunge' && profile.head.mass >= BRAKE.from;

/** Least that a motor of a mill holds, N·m. */
const MILL_MOTOR = 1;

/** Below this moved mass nobody takes motors of size 34, or servos from 750 W, kg. */
const BIG_MOTOR = 40;

function bigMotors({ loads }: Axis): string[] {
  if (loads.masses.reduce((s, b) => s + b.mass.si, 0) >= BIG_MOTOR) return [];
  const big = (id: string) => /-34-/.test(id) || /^servo-(750|1000|1500)-/.test(id);
  return ['stepper', 'closed-loop-stepper', 'servo'].flatMap((f) => idsOf(f, (p) => big(p.id)));
}

/** Diameters of screws in mm: the least by the job, the most under a short axis and a long one. */
const SCREWS = { light: 8, mill: 12, metal: 16, plunge: 20, short: 25, long: 40, from: 1.5 } as const;

/** Screws by id that are too thin for the job, or too thick for the travel. */
function unfitScrews(filled: Filled, { demands, role }: Axis): string[] {
  const least = isLight(filled) ? SCREWS.light : isMetal(filled) ? SCREWS.metal : SCREWS.mill;
  const level = demands.travel.si < SCREWS.from ? SCREWS.short : SCREWS.long;
  const most = role === 'plunge' && !isMetal(filled) ? SCREWS.plunge : level;
  const across = (part: Part) => {
    const typed = part.values['drive.nominalDiameter'] ?? '';
    return Number.parseFloat(typed) * (typed.endsWith('in') ? 25.4 : 1);
  };
  return ['ball-screw', 'trapezoidal-screw', 'acme-screw'].flatMap((f) =>
    idsOf(f, (p) => across(p) < least || across(p) > most),
  );
}

/** Families and parts, by id, that are left out of a search for a group of drives of an axis. */
export function refusedFor(
  filled: Filled,
  { drives, reducers }: DriveGroup,
  motors: readonly string[],
  axis: Axis,
): string[] {
  const not = (all: readonly string[], kept: readonly string[]) => all.filter((id) => !kept.includes(id));
  const mill = !isLight(filled);
  // A planetary reducer has the flange of its motor.
  const sized = (id: string) => id.includes(mill ? '-60-' : '-42-') || (mill && id.includes('-90-'));
  const teeth = mill ? [15, 1.5] : [15, 1];
  return [
    ...filled.wishes.refused,
    ...unfitScrews(filled, axis),
    ...bigMotors(axis),
    ...not(driveFamilies, drives),
    ...not(motorFamilies, motors),
    ...not(['belt-stage', 'planetary-reducer'], reducers),
    ...idsOf('planetary-reducer', (p) => Number(p.values['reducer.ratio']) > 10 || !sized(p.id)),
    ...idsOf('belt-stage', (p) => !usualStages.has(p.id)),
    ...idsOf(
      'pinion',
      (p) => millimetres(p, 'drive.teeth') < teeth[0]! || millimetres(p, 'drive.module') < teeth[1]!,
    ),
    ...idsOf('rack', (p) => millimetres(p, 'drive.module') < teeth[1]!),
    ...(!isFine(filled) ? idsOf('rack', (p) => !p.id.endsWith('s-milled')) : []),
    ...(mill
      ? idsOf('belt', (p) => millimetres(p, 'drive.pitch') < 5 || millimetres(p, 'drive.width') < 15)
      : []),
    ...(mill
      ? ['stepper', 'closed-loop-stepper'].flatMap((f) =>
          idsOf(f, (p) => Number.parseFloat(p.values['motor.holdingTorque'] ?? '0') < MILL_MOTOR),
        )
      : []),
  ];
}

/** Supplies that are usual for a job, W and V; a supply of a drawer comes before them. */
const usualSupplies = {
  still: ['supply-24-150', 'supply-24-350', 'supply-36-350'],
  quick: ['supply-24-350', 'supply-36-350', 'supply-48-350', 'supply-48-600'],
  mill: ['supply-36-350', 'supply-48-350', 'supply-48-600', 'supply-72-800'],
} as const;

/** Supplies that a plan may hang all its axes on, what lies in the drawer first. */
export function suppliesFor(filled: Filled): readonly string[] {
  const { job, own, wishes } = filled;
  const usual = !isLight(filled) ? 'mill' : job === 'pen' || job === 'foam' ? 'still' : 'quick';
  const owned = own.filter((p) => p.family === 'supply' && p.onHand > 0).map((p) => p.id);
  return [...owned, ...usualSupplies[usual]].filter((id) => !wishes.refused.includes(id));
}

/** A crest that gives a motor all but the last of its rated current. */
const ENOUGH = 0.95;

/** Whether a driver gives its motor what that is rated for, read by its own marking. */
export const drivenFully = ({ motor, driver }: Axis): boolean =>
  motor.kind !== 'stepper' || driver.setCurrent.si >= ENOUGH * motor.ratedCurrent.si;

/** A stepper turns no faster than this at rapid, rad/s: 1500 rpm; above it nobody counts on its torque. */
const STEPPER_TOP = (1500 * 2 * Math.PI) / 60;

/** Whether a rapid asks more turns of a stepper than anybody plans with. */
export function races({ drive, reducer, demands }: Axis, { motor }: Pick<Axis, 'motor'>): boolean {
  if (motor.kind !== 'stepper' || drive.kind === 'crank') return false;
  const round =
    drive.kind === 'screw'
      ? drive.lead.si
      : drive.kind === 'rack'
        ? (Math.PI * drive.module.si * drive.teeth.si) / Math.cos(drive.helixAngle.si)
        : drive.pitch.si * drive.teeth.si;
  const turns = (demands.rapid.si / round) * (reducer?.ratio.si ?? 1);
  return 2 * Math.PI * turns > STEPPER_TOP;
}

/** Frames that a job may have. */
export const framesFor = ({ job, wishes }: Filled): readonly FrameKind[] => {
  const usual: readonly FrameKind[] =
    job === 'steel'
      ? ['steel']
      : job === 'aluminium'
        ? ['steel', 'aluminium']
        : ['steel', 'aluminium', 'wood'];
  return wishes.frame ? [wishes.frame] : usual;
};

/** Reach of an arm for a light tool and for a mill; work area of a table that travels and of a slide; m. */
const ARM = { light: 0.8, mill: 0.4 } as const;
const TABLE_TO = 0.8;
const SLIDE_TO = 0.5;
/** Height of work above which the whole gantry is lifted rather than a long plunge axis, m. */
const LIFT_FROM = 0.3;

/** Arrangements that are worth trying for a work area, the usual first. */
export function arrangementsFor(filled: Filled): readonly Arrangement[] {
  const { area } = filled.brief;
  const [length, width] = [area.length.si, area.width.si];
  const small = Math.max(length, width) <= TABLE_TO;
  const lifted: Arrangement[] = area.height.si > LIFT_FROM ? ['lifted-two'] : [];
  const arm = width <= (isLight(filled) ? ARM.light : ARM.mill);
  const table: Arrangement[] = small && !isLight(filled) ? ['moving-table'] : [];
  const slide: Arrangement[] = isMetal(filled) && Math.max(length, width) <= SLIDE_TO ? ['fixed-gantry'] : [];
  return isMetal(filled)
    ? [...table, ...slide, 'moving-gantry']
    : ['moving-gantry', ...table, ...lifted, ...(arm && isLight(filled) ? (['cantilever'] as const) : [])];
}
