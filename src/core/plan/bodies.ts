import { carriagesWeigh, driveWeighs, motorsRide, motorsWeigh, railsWeigh } from '@/core/machine';
import { type Axis, type Body, type Project, type Role, startingBody } from '@/core/model';
import type { Filled, NamedBody, PlanNames } from './asked';
import { type Layout, railLength, tableMoves } from './layout';
import { kg } from './ours';
import type { Picks } from './picks';

/** Plate of aluminium, kg/m² for a metre of thickness. */
const ALUMINIUM = 2700;
/** Filled cable chain, kg/m: half of it moves with the axis; from memory, 1 to 2.5. */
const CHAIN = { heavy: 1.6, light: 0.7 } as const;
/** A table of 18 mm plywood on a light frame of aluminium, kg/m²; from memory. */
const TABLE_PLATE = 22;

/** Density of the work, kg/m³, where it rides on a table; from memory. */
const density: Readonly<Record<Filled['job'], number>> = {
  board: 680,
  slab: 800,
  plastic: 1200,
  aluminium: 2700,
  steel: 7850,
  plasma: 7850,
  foam: 40,
  knife: 700,
  pen: 700,
};

interface Built {
  readonly filled: Filled;
  readonly picks: Picks;
  readonly layout: Layout;
  readonly axes: readonly Axis[];
  readonly names: PlanNames;
}

type Weighed = readonly [NamedBody, number];

const axisOf = ({ axes }: Built, role: Role) => axes.find((a) => a.role === role);

/** What of a drive stands on the axis below it, and what rides on its own carriage. */
function driveParts(axis: Axis): { readonly stays: number; readonly rides: number } {
  const motors = motorsWeigh(axis);
  return motorsRide(axis)
    ? { stays: driveWeighs(axis), rides: motors }
    : { stays: driveWeighs(axis) + motors, rides: 0 };
}

/** Stock on a table: what its thickness is said to be, else a fifth of the height of the work. */
function stockOn({ filled: { brief, job } }: Built): number {
  const { length, width, height } = brief.area;
  const thick = brief.stock.thickness?.si ?? height.si / 5;
  return density[job] * length.si * width.si * thick;
}

function onPlunge(built: Built): Weighed[] {
  const { filled, layout } = built;
  const plunge = axisOf(built, 'plunge')!;
  const { head } = filled.profile;
  const heavy = head.power !== null;
  // A spindle that somebody named weighs by its power: 3 kg/kW and 1.5 kg for clamp, cutter and hose.
  const said = filled.brief.spindle;
  const typed = said && said.power.basis !== 'ours' ? 1.5 + (3 * said.power.si) / 1e3 : head.mass;
  const rail = railLength(layout, 'plunge');
  const plate = ALUMINIUM * (layout.spacing.plunge + 0.05) * rail * (heavy ? 0.015 : 0.008);
  return [
    ['head', typed],
    ['plunge-plate', plate],
    ['plunge-rails', railsWeigh(plunge.guide, rail)],
  ];
}

/** The saddle: plate between the carriages of the gantry and of the plunge axis, and what drives that. */
function onGantry(built: Built): Weighed[] {
  const { filled, layout } = built;
  const [gantry, plunge] = [axisOf(built, 'gantry')!, axisOf(built, 'plunge')!];
  const thick = filled.profile.head.power !== null ? 0.018 : 0.01;
  const area = layout.span.gantry * Math.max(layout.spacing.gantry + 0.05, layout.span.plunge);
  const lift = driveParts(plunge);
  return [
    ['saddle', ALUMINIUM * thick * area],
    ['saddle-carriages', carriagesWeigh(gantry.guide) + carriagesWeigh(plunge.guide)],
    ['plunge-drive', lift.stays + lift.rides],
    ...(motorsRide(gantry) ? [['gantry-motor', motorsWeigh(gantry)] as Weighed] : []),
  ];
}

/** What rides along the bed beside beam and columns. */
function onBed(built: Built): Weighed[] {
  const { filled, layout, picks } = built;
  const [bed, gantry] = [axisOf(built, 'bed')!, axisOf(built, 'gantry')!];
  const heavy = filled.profile.head.power !== null;
  const feet = picks.arrangement === 'cantilever' ? 1 : 2;
  const wide = feet === 1 ? layout.spacing.bed + 0.08 : 0.12;
  const chain = CHAIN[heavy ? 'heavy' : 'light'] * (layout.travel.bed / 2 + layout.travel.gantry / 2);
  const run = driveParts(bed);
  return [
    ['gantry-rails', railsWeigh(gantry.guide, railLength(layout, 'gantry'))],
    ['gantry-drive', driveParts(gantry).stays],
    ['ends', feet * ALUMINIUM * 0.015 * (layout.span.bed + 0.04) * wide + 1],
    ['bed-carriages', carriagesWeigh(bed.guide)],
    ...(run.rides ? [['bed-motors', run.rides] as Weighed] : []),
    ['hose', chain],
  ];
}

function onTable(built: Built): Weighed[] {
  const { filled, layout } = built;
  const table = axisOf(built, 'table')!;
  const { length, width } = filled.brief.area;
  const run = driveParts(table);
  // What lies on the table for the work: a plate of aluminium where metal is cut.
  const plate = Math.max(TABLE_PLATE, filled.profile.under);
  return [
    ['table', plate * length.si * width.si],
    ['stock', stockOn(built)],
    ['table-carriages', carriagesWeigh(table.guide)],
    ...(run.rides ? [['bed-motors', run.rides] as Weighed] : []),
    ['hose', CHAIN.light * layout.travel.table * 0.5],
  ];
}

/** A cross slide: its plate, its carriages, and the rails and drive of the table on it. */
function onSlide(built: Built): Weighed[] {
  const { layout } = built;
  const [slide, table] = [axisOf(built, 'gantry')!, axisOf(built, 'table')!];
  return [
    ['saddle', ALUMINIUM * 0.02 * layout.span.gantry * (layout.spacing.gantry + 0.08)],
    ['saddle-carriages', carriagesWeigh(slide.guide)],
    ['bed-rails', railsWeigh(table.guide, railLength(layout, 'table'))],
    ['bed-drive', driveParts(table).stays],
  ];
}

/** The axis's own bodies, by what it stands for in its arrangement; what rides on it comes on top. */
export function bodiesOf(built: Built, role: Role): Body[] {
  const { arrangement } = built.picks;
  const lifted = arrangement === 'lifted-two' || arrangement === 'lifted-four';
  const list = (): Weighed[] => {
    if (role === 'table') return onTable(built);
    if (role === 'bed') return onBed(built);
    if (role === 'gantry') {
      if (arrangement === 'fixed-gantry') return onSlide(built);
      // Where the posts are lifted the head sits on the gantry's carriage.
      return lifted ? [...onGantry(built), ...onPlunge(built)] : onGantry(built);
    }
    if (arrangement === 'fixed-gantry') return [...onPlunge(built)];
    return lifted ? [['saddle-carriages', carriagesWeigh(axisOf(built, 'plunge')!.guide)]] : onPlunge(built);
  };
  return list().map(([id, mass]) => ({ ...startingBody(id, built.names.body[id]), mass: kg(mass) }));
}

/** Legs and cross bars of a stand, kg a metre of leg: 60 x 60 x 3 tube (EN 10219). */
const LEG = 5.2;
/** Of a stand at its usual height, m. */
export const STAND = 0.75;
/** A machine that a bench can carry: no longer and no wider than this, m. */
export const ON_BENCH = 1.2;

/** What stands: legs or a base, what lies under the work, the cabinet, drives that do not ride, ballast. */
export function standOf(built: Built, bench: boolean): Project['stand'] {
  const { filled, layout, picks } = built;
  const { length, width } = filled.brief.area;
  const moved = tableMoves(picks.arrangement);
  const supports = supportsOf(layout, picks);
  const across = layout.beamLength;
  const legs = bench ? 0.15 * supports * across : supports * (2 * STAND + across);
  const along = axisOf(built, moved ? (picks.arrangement === 'fixed-gantry' ? 'gantry' : 'table') : 'bed')!;
  const under = moved ? 8 : filled.profile.under * length.si * width.si;
  const rails = railsWeigh(along.guide, railLength(layout, along.role));
  const head =
    picks.arrangement === 'fixed-gantry' ? driveParts(axisOf(built, 'plunge')!) : { stays: 0, rides: 0 };
  const gantry = moved && picks.arrangement !== 'fixed-gantry' ? axisOf(built, 'gantry')! : null;
  const above = gantry
    ? railsWeigh(gantry.guide, railLength(layout, 'gantry')) + driveParts(gantry).stays
    : head.stays + head.rides;
  const weights: Weighed[] = [
    ['stand', LEG * legs],
    ['under', under],
    ['bed-rails', rails + driveParts(along).stays],
    ...(above > 0 ? [['gantry-drive', above] as Weighed] : []),
    ['cabinet', filled.profile.head.power === null ? 6 : 14],
    ...(picks.ballast > 0 ? [['ballast', picks.ballast] as Weighed] : []),
  ];
  return weights.map(([id, mass]) => ({ ...startingBody(id, built.names.body[id]), mass: kg(mass) }));
}

/** Between the supports of a bed, m; common practice, no source. */
const SUPPORTED = 0.9;
export const supportsOf = ({ bedLength }: Layout, { supports }: Picks): number =>
  Math.max(2, Math.ceil(bedLength / SUPPORTED) + 1) + supports;
