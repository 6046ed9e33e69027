import type { MachineReport, WayId } from '@/core/machine';
import type { Project, Role } from '@/core/model';
import type { Filled } from './asked';
import { guidesFor } from './guides';
import type { Picks } from './picks';
import { membersFor } from './sections';

/** The same picks with one thing stronger, or undefined where there is nothing stronger. */
type Stronger = (picks: Picks, filled: Filled) => Picks | undefined;

const member =
  (which: 'beam' | 'column' | 'bed'): Stronger =>
  (picks) =>
    picks[which] + 1 < membersFor(picks.frame, picks.ambition.stock)[which].length
      ? { ...picks, [which]: picks[which] + 1 }
      : undefined;

const guide =
  (role: Role): Stronger =>
  (picks, filled) => {
    const now = picks.guides[role] ?? 0;
    return now + 1 < guidesFor(filled, role).length
      ? { ...picks, guides: { ...picks.guides, [role]: now + 1 } }
      : undefined;
  };

/** Carriages stand at the most so much farther apart than is usual. */
const WIDEST = 2.2;
const wider =
  (role: Role): Stronger =>
  (picks) => {
    const now = picks.spans[role] ?? 1;
    return now * 1.2 <= WIDEST ? { ...picks, spans: { ...picks.spans, [role]: now * 1.2 } } : undefined;
  };

/** Drives are asked for at the most so many times the usual stiffness. */
const STIFFEST = 4;
/** One step of it. */
export const STIFFER = 1.4;
const stiffer =
  (role: Role): Stronger =>
  (picks) => {
    const now = picks.stiffer[role] ?? 1;
    return !picks.stiffest[role] && now * STIFFER <= STIFFEST
      ? { ...picks, stiffer: { ...picks.stiffer, [role]: now * STIFFER } }
      : undefined;
  };

/** Plates are at the most so much thicker than is usual. */
const THICKEST = 1.7;
const plates: Stronger = (picks) =>
  picks.plates * 1.3 <= THICKEST ? { ...picks, plates: picks.plates * 1.3 } : undefined;

const supports: Stronger = (picks) =>
  picks.supports < 3 ? { ...picks, supports: picks.supports + 1 } : undefined;

const first =
  (...ways: readonly Stronger[]): Stronger =>
  (picks, filled) => {
    for (const way of ways) {
      const next = way(picks, filled);
      if (next) return next;
    }
    return undefined;
  };

/** What a share of the compliance is mended by. */
const bySharing: Readonly<Record<string, Stronger>> = {
  beam: first(member('beam')),
  'beam-twist': first(member('beam')),
  column: first(member('column')),
  'column-twist': first(member('column')),
  corner: first(member('column')),
  bed: first(supports, member('bed')),
  'base-carriages': first(guide('bed'), wider('bed')),
  carriages: first(guide('gantry'), wider('gantry')),
  plates,
  plunge: first(guide('plunge'), wider('plunge')),
  drive: stiffer('gantry'),
  'base-drive': stiffer('bed'),
  'plunge-drive': stiffer('plunge'),
  // A table gives along its drive, and every other way on its carriages.
  'table-x': first(stiffer('table'), guide('table')),
  table: first(guide('table'), wider('table')),
};

/** A part that gives less than this share of the softest one is not worth making stiffer. */
const WORTH = 0.4;

/**
 * The biggest share of what gives, as far as it can still be mended.
 * @param seen the picks that were reported on: what was made stronger since is not made stronger twice.
 */
function stiffened(
  filled: Filled,
  picks: Picks,
  report: MachineReport,
  way: WayId,
  seen = picks,
): Picks | undefined {
  const shares = [...report.flex!.softest[way].budget].sort((a, b) => b.value - a.value);
  for (const { id, value } of shares) {
    // Where the softest part cannot be had stiffer, all the rest made twice as stiff is no way out.
    if (value < WORTH * shares[0]!.value) return undefined;
    const once = (bySharing[`${id}-${way}`] ?? bySharing[id])?.(seen, filled);
    if (!once) continue;
    const key = (Object.keys(once) as (keyof Picks)[]).find((k) => once[k] !== seen[k])!;
    return picks[key] === seen[key] ? { ...picks, [key]: once[key] } : picks;
  }
  return undefined;
}

const roleOf = (project: Project, axisId: string): Role =>
  project.axes.find((a) => a.id === axisId)?.role ?? 'bed';

/** What of an axis is mended otherwise than by another drive train. */
const ofAxis: Readonly<Record<string, (role: Role) => Stronger>> = {
  'guide-static': (role) => first(guide(role), wider(role)),
  uplift: (role) => first(guide(role), wider(role)),
  'rod-sag': guide,
  racking: wider,
  'span-short': wider,
  'ramp-rings': stiffer,
};

/** Ballast that a stand takes before its feet are bolted down, kg. */
const BALLAST = { step: 20, most: 60 } as const;
const steadier: Stronger = (picks) => {
  if (picks.bolted) return undefined;
  return picks.ballast < BALLAST.most
    ? { ...picks, ballast: picks.ballast + BALLAST.step }
    : { ...picks, bolted: true };
};

/** Which part of the errors at the tool the frame has: where it is small another cause must be mended. */
const flexible: ReadonlySet<string> = new Set(['flex', 'sag', 'wind-up']);

function truer(filled: Filled, picks: Picks, report: MachineReport, way: WayId): Picks | undefined {
  const budget = report.errors.find((e) => e.way === way)!;
  const shares = [...budget.shares].sort((a, b) => (b.value ?? 0) - (a.value ?? 0));
  const worst = shares.find((s) => flexible.has(s.id));
  return worst && (worst.value ?? 0) > 0.1 * budget.likely
    ? stiffened(filled, picks, report, way)
    : undefined;
}

const ways: readonly WayId[] = ['x', 'y', 'z'];

/** Findings of the whole that frame, feet and ballast mend. */
function wholeMended(filled: Filled, picks: Picks, report: MachineReport): Picks | string {
  for (const { code, verdict, params } of report.findings) {
    // Money is no property of the machine: a plan that costs too much is shown with what is over.
    if (verdict !== 'gives-out' || code === 'over-budget') continue;
    const way = params.way as WayId | undefined;
    const next =
      code === 'accuracy'
        ? truer(filled, picks, report, way!)
        : code === 'sag-spread'
          ? stiffened(filled, picks, report, 'z')
          : code === 'tips' || code === 'rocks'
            ? steadier(picks, filled)
            : undefined;
    return next ?? code;
  }
  return picks;
}

/**
 * What is found wanting of a plan made stronger by one step; the same picks where nothing is, and the code of
 * what cannot be mended.
 */
export function repaired(
  filled: Filled,
  picks: Picks,
  project: Project,
  report: MachineReport,
): Picks | string {
  for (const axis of report.axes)
    for (const { code, verdict } of axis.findings) {
      if (verdict !== 'gives-out') continue;
      const next = ofAxis[code]?.(roleOf(project, axis.axisId))(picks, filled);
      return next ?? code;
    }
  if (!report.flex) return 'frame-unknown';
  const mended = wholeMended(filled, picks, report);
  if (mended !== picks) return mended;
  // What gives most in each direction by itself: one part counts in several, and is made stronger once.
  let now = picks;
  for (const way of ways) {
    if (report.flex.softest[way].stiffness >= picks.ambition.stiffness) continue;
    const next = stiffened(filled, now, report, way, picks);
    if (!next) return 'stiffness';
    now = next;
  }
  return now;
}
