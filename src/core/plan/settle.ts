import {
  cutLoads,
  loadedAxis,
  type MachineReport,
  machineReport,
  massReport,
  partsLeft,
} from '@/core/machine';
import { arrangedAxes, type Axis, type Project, type Role } from '@/core/model';
import type { Asked, Filled } from './asked';
import { assembled } from './assemble';
import { guidesFor } from './guides';
import { type LineAsked, linesFor, type PickedLine, stillDoes } from './line';
import type { Picks } from './picks';
import { repaired, STIFFER } from './repair';
import { suppliesFor } from './rules';

/** A plan that came to rest: the machine, and the report that it was judged by. */
export interface Settled {
  readonly ok: true;
  readonly project: Project;
  readonly report: MachineReport;
  readonly picks: Picks;
}

/** What a plan could not do, by code of a check, `drive` or `stiffness`, and of which axis. */
export interface Stuck {
  readonly ok: false;
  readonly why: string;
  readonly role: Role | null;
}

/** Rounds in which masses and picks come to rest; each picks nothing lighter than before, so that it ends. */
const ROUNDS = 90;
/** Of the compliance at the tool a drive may give so much to begin with; common practice, no source. */
const DRIVE_SHARE = 0.3;
/** Few hobby drive trains are stiffer in line, N/m: more is only asked for where the frame wants it. */
const STIFF_TRAIN = 30e6;

/** The axes from the tool outwards: what rides comes before what carries it. */
export function outwards(picks: Picks): readonly Role[] {
  const list = arrangedAxes[picks.arrangement];
  const depth = (role: Role): number => {
    const on = list.find((a) => a.role === role)?.on ?? null;
    return on === null ? 0 : 1 + depth(on);
  };
  return list.map((a) => a.role).sort((a, b) => depth(b) - depth(a));
}

export function askedFor(asked: Asked, filled: Filled, picks: Picks, role: Role): LineAsked {
  const project = assembled(asked, filled, picks);
  const i = project.axes.findIndex((a) => a.role === role);
  const masses = massReport(project);
  return {
    filled,
    axis: loadedAxis(project.axes[i]!, masses.axes[i]!, cutLoads(project.brief)),
    own: partsLeft(project, project.axes[i]!.id),
    stiffness: (picks.stiffer[role] ?? 1) * Math.min(picks.ambition.stiffness / DRIVE_SHARE, STIFF_TRAIN),
    drawer: picks.ambition.drawer,
    sure: picks.ambition.sure,
    supplies: picks.supply ? [picks.supply] : null,
    imperial: asked.project.units === 'imperial',
  };
}

/** The supply on which all axes stand for the least money together; null where there is none for all. */
function sharedSupply(filled: Filled, found: readonly ReadonlyMap<string, PickedLine>[]): string | null {
  let [best, least] = [null as string | null, Infinity];
  for (const id of suppliesFor(filled)) {
    const lines = found.map((m) => m.get(id));
    if (lines.some((l) => !l)) continue;
    const money = lines.reduce((s, l) => s + l!.money, 0);
    if (money < least) [best, least] = [id, money];
  }
  return best;
}

type Lines = { readonly picks: Picks; readonly failed: Role | null; readonly changed: boolean };

/** Drive trains of all axes, from the tool outwards; what still does stays. */
function withLines(asked: Asked, filled: Filled, before: Picks): Lines {
  const roles = outwards(before);
  let picks = before;
  if (picks.supply === null) {
    const found: ReadonlyMap<string, PickedLine>[] = [];
    for (const role of roles) {
      const lines = linesFor(askedFor(asked, filled, picks, role));
      if (!lines.size) return { picks, failed: role, changed: true };
      found.push(lines);
      const cheapest = [...lines.values()].sort((a, b) => a.money - b.money)[0]!;
      picks = { ...picks, lines: { ...picks.lines, [role]: cheapest.line } };
    }
    const supply = sharedSupply(filled, found);
    if (supply === null) return { picks, failed: null, changed: false };
    const lines = Object.fromEntries(roles.map((role, i) => [role, found[i]!.get(supply)!.line]));
    return { picks: { ...picks, supply, lines }, failed: null, changed: true };
  }
  let changed = false;
  for (const role of roles) {
    const one = askedFor(asked, filled, picks, role);
    if (picks.lines[role] && stillDoes(one)) continue;
    const line = linesFor(one).get(picks.supply!)?.line;
    const wanted = picks.stiffer[role] ?? 1;
    if (!line && picks.lines[role] && wanted > 1) {
      // Nothing as stiff is to be had: what is there stays, and something else has to be stiffer.
      picks = {
        ...picks,
        stiffer: { ...picks.stiffer, [role]: wanted / STIFFER },
        stiffest: { ...picks.stiffest, [role]: true },
      };
      changed = true;
      continue;
    }
    if (!line) return { picks: { ...picks, supply: null, lines: {} }, failed: role, changed: true };
    changed = true;
    picks = { ...picks, lines: { ...picks.lines, [role]: line } };
  }
  return { picks, failed: null, changed };
}

/** What each axis draws, told to the others on the same supply. */
function drawn(picks: Picks, axes: readonly Axis[], report: MachineReport): Picks {
  const each = axes.map((axis, i) => {
    const all = report.axes[i]!.figures.find((f) => f.id === 'supply-power')?.value ?? 0;
    return [axis.role, Math.max(0, all - axis.supply.others.si)] as const;
  });
  const sum = each.reduce((s, [, w]) => s + w, 0);
  const others = Object.fromEntries(each.map(([role, w]) => [role, Math.round(sum - w)]));
  const same = each.every(([role, w]) => Math.abs((picks.others[role] ?? 0) - (sum - w)) <= 0.02 * sum + 1);
  return same ? picks : { ...picks, others };
}

/** A plan as it stands: what the report says of it, and what would be made stronger next. */
export function looked(asked: Asked, filled: Filled, picks: Picks) {
  const project = assembled(asked, filled, picks);
  const report = machineReport(project, { flex: 'figures', remedies: false });
  const told = drawn(picks, project.axes, report);
  return { project, report, next: repaired(filled, told, project, report) };
}

/**
 * Iterates a plan until what is carried agrees with what carries it. Members and guides only ever become
 * heavier, so it ends; a drive train that still does is kept.
 */
export function* settle(asked: Asked, filled: Filled, start: Picks): Generator<number, Settled | Stuck> {
  let picks = start;
  const stuck = (why: string, role: Role | null = null): Stuck => ({ ok: false, why, role });
  const unguided = outwards(start).find((role) => guidesFor(filled, role).length === 0);
  if (unguided) return stuck('guide', unguided);
  let restarts = 0;
  for (let round = 1; round <= ROUNDS; round++) {
    yield round;
    const lines = withLines(asked, filled, picks);
    picks = lines.picks;
    if (lines.failed) {
      // On its supply an axis found nothing: all of them may yet find something on another.
      if (picks.supply === null && start.supply === null && restarts++ < 2 && round > 1) continue;
      return stuck('drive', lines.failed);
    }
    // What was just picked weighs otherwise: masses first agree, then the whole is judged.
    if (lines.changed) continue;
    const { project, report, next } = looked(asked, filled, picks);
    if (typeof next === 'string') return stuck(next);
    if (next === picks) return { ok: true, project, report, picks };
    picks = next;
  }
  return stuck('rounds');
}
