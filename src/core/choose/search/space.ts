import {
  familiesOf,
  type Family,
  familyById,
  motorKindsOf,
  type Part,
  type PartLink,
  partFault,
  partsIn,
  presentFamily,
  swapEdits,
} from '@/core/catalogue';
import { THIN_MARGIN } from '@/core/findings';
import { analyse, rated, rewound } from '@/core/machine';
import { applyEdits, type Axis, axisIssues, guess, isMeasure, type OwnPart, putInAxis } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';

/** Links of the drive train that a search may change. */
export const searchLinks = ['drive', 'reducer', 'motor', 'driver', 'supply'] as const;
export type SearchLink = (typeof searchLinks)[number];

/** What the builder lets a search do. */
export interface SearchLimits {
  /** Links that may change; the others stay as they are. */
  readonly vary: readonly SearchLink[];
  /** Families and parts, by id, that are not wanted. */
  readonly refused: readonly string[];
  /** Both ends of a screw in each way, or as they are. */
  readonly ends: boolean;
  /** Steppers with eight leads also in parallel: asked for where somebody has such motors. */
  readonly parallel: boolean;
  /** Nothing may be thin either; otherwise only what gives out is left out. */
  readonly sure: boolean;
  /** Most money for what may change; null: as much as it takes. */
  readonly budget: number | null;
}

export const everything: SearchLimits = {
  vary: searchLinks,
  refused: [],
  ends: false,
  parallel: false,
  sure: false,
  budget: null,
};

/** One way to fill some links: an axis with them in it. The other links of that axis are the present ones. */
export interface Row {
  /** Tells it from every other of its kind; the same in every run. */
  readonly id: string;
  /** Family by whose kind it is drawn. */
  readonly family: string;
  readonly axis: Axis;
}

const PRESENT = 'present';

/** Drives that one part alone makes, and those that a line and its wheel make together. */
const screws = ['ball-screw', 'trapezoidal-screw', 'acme-screw', 'threaded-rod'];
const wheels = [
  { line: 'rack', wheel: 'pinion', alike: ['drive.module', 'drive.helixAngle'] },
  { line: 'belt', wheel: 'pulley', alike: ['drive.pitch'] },
  { line: 'chain', wheel: 'sprocket', alike: ['drive.pitch'] },
] as const;

/** Kinds of drive that a search looks through, by the family of its screw or line. */
export const driveFamilies: readonly string[] = [...screws, ...wheels.map((w) => w.line)];

/** Ends of a screw, the usual first. */
const ends = [
  ['fixed', 'supported'],
  ['fixed', 'fixed'],
  ['fixed', 'free'],
  ['supported', 'supported'],
] as const;

/** Parts that were looked at before: whether they read. */
const sound = new WeakMap<Part, boolean>();

function reads(family: Family, part: Part): boolean {
  const known = sound.get(part);
  if (known !== undefined) return known;
  const { name, values } = part;
  const does = !partFault(family, { name, values, price: '', onHand: '0' });
  sound.set(part, does);
  return does;
}

/** What may be taken of a family: nothing refused, nothing of the builder's own that does not read. */
function open(own: readonly OwnPart[], { refused }: SearchLimits, family: Family): Part[] {
  if (refused.includes(family.id)) return [];
  return partsIn(family, own).filter((p) => !refused.includes(p.id) && reads(family, p));
}

const taken = (axis: Axis, family: Family, part: Part): Axis =>
  applyEdits(axis, swapEdits(axis, family, part));

/** Whether an axis that was given a line and then a wheel still has the line's own teeth. */
const meshes = (line: Axis, both: Axis, alike: readonly string[]): boolean =>
  alike.every((path) => {
    const key = path.split('.')[1]!;
    const [a, b] = [line, both].map(({ drive }) => (drive as unknown as Record<string, unknown>)[key]);
    return isMeasure(a) && isMeasure(b) && Math.abs(a.si - b.si) <= 1e-3 * Math.abs(a.si);
  });

/** Without the parts of other kinds that the link had before. */
function only(axis: Axis, link: PartLink, kept: readonly string[]): Axis {
  const others = familiesOf(link).map((f) => f.id);
  const parts = Object.entries(axis.parts).filter(([f]) => !others.includes(f) || kept.includes(f));
  return { ...axis, parts: Object.fromEntries(parts) };
}

function* drives(axis: Axis, own: readonly OwnPart[], limits: SearchLimits): Generator<Row> {
  for (const id of screws) {
    const family = familyById(id)!;
    for (const part of open(own, limits, family)) {
      const screw = only(taken(axis, family, part), 'drive', [id]);
      if (screw.drive.kind !== 'screw') continue;
      const wasScrew = axis.drive.kind === 'screw';
      for (const [motorEnd, farEnd] of limits.ends ? ends : ends.slice(0, 1)) {
        // Ends that somebody has already stand as they are, unless others are asked for.
        const drive = wasScrew && !limits.ends ? screw.drive : { ...screw.drive, motorEnd, farEnd };
        yield { id: `${part.id} ${drive.motorEnd} ${drive.farEnd}`, family: id, axis: { ...screw, drive } };
      }
    }
  }
  for (const { line, wheel, alike } of wheels) {
    const [lines, on] = [familyById(line)!, familyById(wheel)!];
    for (const part of open(own, limits, lines)) {
      // What a screw stood in goes with it.
      const laid = only(only(taken(axis, lines, part), 'drive', [line]), 'bearings', []);
      for (const round of open(own, limits, on)) {
        const both = taken(laid, on, round);
        if (meshes(laid, both, alike)) yield { id: `${part.id} ${round.id}`, family: line, axis: both };
      }
    }
  }
}

/** A drive with every reducer that may stand before it, and with none. */
function* geared(row: Row, own: readonly OwnPart[], limits: SearchLimits): Generator<Row> {
  const bare = { ...only(row.axis, 'reducer', []), reducer: null };
  yield { ...row, axis: bare };
  for (const family of familiesOf('reducer')) {
    // A screw is a reducer itself: before it a planetary one is never had.
    if (bare.drive.kind === 'screw' && family.id === 'planetary-reducer') continue;
    for (const part of open(own, limits, family))
      yield { ...row, id: `${row.id} ${part.id}`, axis: taken(bare, family, part) };
  }
}

const lawful = ({ axis }: Row): boolean => axisIssues(axis).length === 0;

/**
 * Every drive with its reducer that the limits let through, the present one where it stays; each with the
 * present motor. Rows that break a rule between their fields are left out.
 */
export function* mechanicalRows(axis: Axis, own: readonly OwnPart[], limits: SearchLimits): Generator<Row> {
  const present: Row = { id: PRESENT, family: presentFamily(axis, 'drive')!, axis };
  const bases = limits.vary.includes('drive') ? drives(axis, own, limits) : [present];
  for (const base of bases) {
    const rows = limits.vary.includes('reducer') ? geared(base, own, limits) : [base];
    for (const row of rows) if (lawful(row)) yield row;
  }
}

function* motors(axis: Axis, own: readonly OwnPart[], limits: SearchLimits): Generator<Row> {
  for (const family of familiesOf('motor')) {
    // A geared motor drives a feed of one purpose: nobody looks for one among steppers and servos.
    if (family.id === 'geared-motor' || family.id === 'handwheel') continue;
    for (const part of open(own, limits, family)) {
      const series = only(taken(axis, family, part), 'motor', [family.id]);
      yield { id: part.id, family: family.id, axis: series };
      if (!limits.parallel) continue;
      const edits = rewound(series, 0.5);
      if (edits.length)
        yield { id: `${part.id} parallel`, family: family.id, axis: applyEdits(series, edits) };
    }
  }
}

const allOf = (link: 'driver' | 'supply') => familyById(link)!;

/** Motor, driver and supply with the driver set for the motor. */
export function* electricalRows(axis: Axis, own: readonly OwnPart[], limits: SearchLimits): Generator<Row> {
  const vary = (link: SearchLink) => limits.vary.includes(link);
  const present: Row = { id: PRESENT, family: presentFamily(axis, 'motor')!, axis };
  for (const motor of vary('motor') ? motors(axis, own, limits) : [present]) {
    const drivers = vary('driver')
      ? open(own, limits, allOf('driver'))
          .filter((d) => motorKindsOf(d).includes(motor.axis.motor.kind))
          .map((d) => ({ id: d.id, axis: taken(motor.axis, allOf('driver'), d) }))
      : [{ id: PRESENT, axis: motor.axis }];
    for (const driver of drivers) {
      const set = vary('motor') || vary('driver') ? rated(driver.axis) : driver.axis;
      const supplies = vary('supply') ? open(own, limits, allOf('supply')) : [null];
      for (const supply of supplies) {
        const row = {
          id: [motor.id, driver.id, supply?.id ?? PRESENT].join(' '),
          family: motor.family,
          axis: supply ? taken(set, allOf('supply'), supply) : set,
        };
        if (lawful(row)) yield row;
      }
    }
  }
}

/** Microsteps that are taken where the controller cannot give more pulses, the finest first. */
const settings = [16, 10, 8, 4];

/**
 * The finest setting of a driver that the controller gives pulses for with some to spare, or the coarsest.
 * @param fine how it is set now. @param most highest speed at that setting over the one that is asked.
 */
export function microsteps(fine: number, most: number): number {
  if (most >= THIN_MARGIN) return fine;
  const coarser = settings.filter((m) => m < fine);
  return coarser.find((m) => (most * fine) / m >= THIN_MARGIN) ?? coarser.at(-1) ?? fine;
}

/** The axis with its driver set as fine as its controller allows. */
function stepped(axis: Axis): Axis {
  const { motor, driver, controller, demands } = axis;
  if (motor.kind !== 'stepper') return axis;
  const { pulsesPerLength } = analyse(axis, silentWorksheet);
  const fine = driver.microsteps.si;
  const to = microsteps(fine, controller.pulseLimit.si / (demands.rapid.si * pulsesPerLength));
  return to === fine ? axis : applyEdits(axis, [putInAxis('driver.microsteps', guess('count', String(to)))]);
}

/** The axis with the drive of one row and the motor of another. */
export function joined({ axis: mech }: Row, { axis: elec }: Row): Axis {
  const electric = ['motor', 'driver', 'supply'] as const;
  const families = electric.flatMap((link) => familiesOf(link).map((f) => f.id));
  const kept = Object.entries(mech.parts).filter(([f]) => !families.includes(f));
  const brought = Object.entries(elec.parts).filter(([f]) => families.includes(f));
  const { motor, driver, supply } = elec;
  return stepped({ ...mech, motor, driver, supply, parts: Object.fromEntries([...kept, ...brought]) });
}

/** What a search changed of an axis, as edits from inside it. */
export const searchEdits = (axis: Axis) =>
  ([...searchLinks, 'parts'] as const).map((link) => putInAxis(link, axis[link]));
