import { type Arrangement, type Role, ridesAsPortal } from '@/core/model';
import type { Filled } from './asked';
import type { Picks } from './picks';
import { membersFor, outside, type Profile } from './sections';

/** Members of a plan, as it picked them. */
export interface Members {
  readonly beam: Profile;
  readonly column: Profile;
  readonly bed: Profile;
}

export const membersOf = ({ frame, beam, column, bed, ambition }: Picks): Members => {
  const family = membersFor(frame, ambition.stock);
  return { beam: family.beam[beam]!, column: family.column[column]!, bed: family.bed[bed]! };
};

/** Sizes of a machine that follow from its work, its members and its guides; m. */
export interface Layout {
  readonly travel: Readonly<Record<Role, number>>;
  readonly span: Readonly<Record<Role, number>>;
  readonly spacing: Readonly<Record<Role, number>>;
  readonly beamLength: number;
  readonly bedLength: number;
  readonly columnHeight: number;
  readonly reach: number;
  readonly drop: number;
  readonly lever: number;
}

/** Over the work area at each end, so that a cutter clears the edge of the board. */
const BEYOND = 0.02;
/** Free height over the work, for clamps and to cross. */
const CLEAR = 0.02;
/** From the outside of the carriages to the end of the rail, and of the beam. */
const END = { rail: 0.02, beam: 0.03 } as const;
/** Rail, carriages, saddle, rail and carriages of the plunge axis and its plate, one on the other. */
const STACK = { heavy: 0.085, light: 0.05 } as const;
/** The rails of the bed lie so far below the table, out of the dust. */
const BELOW = 0.04;
/** A table with its carriages over the bed on which it runs. */
const TABLE = 0.08;

export const tableMoves = (arrangement: Arrangement): boolean =>
  arrangement === 'moving-table' || arrangement === 'fixed-gantry';

/** @param carriage length of one, by role, m. */
export function layoutOf(
  { brief, profile }: Filled,
  picks: Picks,
  carriage: Readonly<Record<Role, number>>,
): Layout {
  const { arrangement } = picks;
  const { beam, column } = membersOf(picks);
  const [L, W, H] = [brief.area.length.si, brief.area.width.si, brief.area.height.si];
  const { height, width } = outside(beam.section);
  const heavy = profile.head.power !== null;
  const drop = height / 2 + H + CLEAR;
  const lever = H + 0.05;
  const along = L + 2 * BEYOND;
  const travel = { bed: along, table: along, gantry: W + 2 * BEYOND, plunge: H + CLEAR };
  const wide = (role: Role, least: number) =>
    Math.max(2 * carriage[role] + 0.01, least * (picks.spans[role] ?? 1));
  const arm = arrangement === 'cantilever';
  const lifted = arrangement === 'lifted-two' || arrangement === 'lifted-four';
  const span = {
    // As long as the tool stands low under the beam, and as the portal is wide: it must not rack.
    bed: wide('bed', Math.max(0.2, 0.7 * drop, (arm ? 0.35 : 0.15) * W)),
    table: wide('table', 0.55 * L),
    gantry:
      arrangement === 'fixed-gantry' ? wide('gantry', 0.6 * W) : wide('gantry', Math.max(0.12, 0.6 * drop)),
    plunge: wide('plunge', Math.max(0.06, (heavy ? 0.7 : 0.6) * lever)),
  };
  const beamLength =
    arrangement === 'fixed-gantry'
      ? 2 * W + 0.2
      : Math.max(
          travel.gantry + span.gantry + 2 * END.beam,
          // The work passes between the columns.
          (arm ? 0 : Math.max(W, brief.stock.width?.si ?? 0) + 2 * outside(column.section).width) + CLEAR,
        );
  const spacing = {
    bed: arm ? Math.max(0.2, 0.3 * W) : beamLength,
    table: 0.65 * W,
    gantry: arrangement === 'fixed-gantry' ? 0.6 * L : Math.max(0.04, height - 0.03),
    plunge: lifted ? beamLength : heavy ? 0.11 : 0.07,
  };
  const moved = tableMoves(arrangement);
  return {
    travel,
    span,
    spacing,
    beamLength,
    bedLength:
      (moved ? travel.table + Math.max(L, span.table) : travel.bed + span.bed) + 2 * (END.rail + 0.02),
    columnHeight: drop + (moved ? TABLE : BELOW),
    reach: width / 2 + (heavy ? STACK.heavy : STACK.light) + profile.head.out,
    drop,
    lever,
  };
}

/** Rail under an axis, m. */
export const railLength = ({ travel, span }: Layout, role: Role): number =>
  travel[role] + span[role] + 2 * END.rail;

/** Whether an axis is driven on both sides: a portal that is wider than its feet are long racks otherwise. */
export const bothSides = (arrangement: Arrangement, role: Role, { spacing, span }: Layout): boolean => {
  if (arrangement === 'lifted-two' || arrangement === 'lifted-four') return role !== 'gantry';
  return role === 'bed' && ridesAsPortal(arrangement) && spacing.bed > 2 * span.bed;
};
