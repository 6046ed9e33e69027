import { swaysOf, swayed, type Sway } from '@/core/doubt';
import { type Foretold, foretoldIds, foretoldOf, type ForetoldId, loadedAxes } from '@/core/machine';
import { apartBy, CONFLICT } from '@/core/metrology';
import { applyEdits, type Axis, type Project, type TrialSaid } from '@/core/model';
import type { Trials, TrialState } from '../trial';
import { restored } from './restored';

/** 95 % half-widths as standard uncertainties. */
export const STANDARD = 1.96;

/** What was measured of an answer: by the surest of all trials that hold. */
export interface Measured {
  readonly value: number;
  /** Half of the 95 % interval. */
  readonly expanded: number;
  readonly trial: string;
  readonly record: string;
  readonly at: string;
  /** Of how many trials it is the surest. */
  readonly of: number;
}

export type HeldVerdict =
  /** Within both doubts. */
  | 'agree'
  /** Further apart than both doubts allow. */
  | 'apart'
  | 'not-measured'
  /** The plan does not say. */
  | 'not-foretold';

/** One answer of the plan beside what was measured. Plain data, SI. */
export interface HeldRow {
  readonly axis: string;
  readonly axisName: string;
  readonly id: ForetoldId;
  readonly kind: Foretold['kind'];
  readonly side: Foretold['side'];
  /** As the plan was before anything of this record was taken into it. */
  readonly foretold: number | null;
  /** Half of the 95 % interval of what is foretold. */
  readonly doubt: number;
  readonly measured: Measured | null;
  readonly verdict: HeldVerdict;
  /** How far apart, in standard uncertainties of both; null where one of them is missing. */
  readonly apart: number | null;
  /** Whether this record was taken into the plan. */
  readonly taken: boolean;
  /** What moves the foretold figure, for the update. */
  readonly sways: readonly Sway[];
}

const asMap = (axis: Axis): ReadonlyMap<ForetoldId, number> =>
  new Map(foretoldOf(axis).flatMap((f) => (f.value === null ? [] : [[f.id, f.value] as const])));

/** Doubts of what is foretold, by the axis: they take tens of milliseconds, and eleven rows ask for them. */
type SwayMemory = Map<Axis, ReadonlyMap<ForetoldId, readonly Sway[]>>;

function swaysFor(axis: Axis, memory: SwayMemory) {
  const kept = memory.get(axis);
  if (kept) return kept;
  const made = swaysOf(axis, asMap);
  memory.set(axis, made);
  return made;
}

/** Trials that still hold. */
const holds = ({ standing }: TrialState) => standing !== 'stale' && standing !== 'left';

interface Found {
  readonly measured: Measured;
  readonly said: TrialSaid;
}

/** The surest reading of an answer. */
function surest({ trials }: Trials, axis: string, id: ForetoldId): Found | null {
  const found = trials.filter(holds).flatMap(({ plan, last }): Found[] => {
    const figure = last?.result.figures.find((f) => f.checks?.id === id && f.checks.axis === axis);
    if (!last || !figure || figure.expanded === null || !Number.isFinite(figure.value)) return [];
    const { said } = last;
    const { value, expanded } = figure;
    return [{ said, measured: { value, expanded, trial: plan.key, record: said.id, at: said.at, of: 1 } }];
  });
  const best = found.reduce<Found | null>(
    (least, f) => (least && least.measured.expanded <= f.measured.expanded ? least : f),
    null,
  );
  return best && { ...best, measured: { ...best.measured, of: found.length } };
}

/** Whether a reading lies further off than both doubts allow, on a side that counts. */
function verdictOf(
  foretold: number | null,
  doubt: number,
  side: Foretold['side'],
  measured: Measured | null,
): Pick<HeldRow, 'verdict' | 'apart'> {
  if (!measured) return { verdict: 'not-measured', apart: null };
  if (foretold === null) return { verdict: 'not-foretold', apart: null };
  const { value, expanded } = measured;
  const inside = (side === 'at-most' && value <= foretold) || (side === 'at-least' && value >= foretold);
  if (inside) return { verdict: 'agree', apart: 0 };
  const [plan, reading] = [doubt / STANDARD, expanded / STANDARD];
  if (!(plan > 0) && !(reading > 0)) return { verdict: value === foretold ? 'agree' : 'apart', apart: null };
  const apart = apartBy(value, foretold, plan, reading);
  return { verdict: apart > CONFLICT ? 'apart' : 'agree', apart };
}

/**
 * Every answer of the plan that can be measured, axis by axis, beside what was measured of it.
 * @param which only those that were measured: where nothing was, it costs nothing.
 */
export function heldRows(
  project: Project,
  trials: Trials,
  which: 'all' | 'measured' = 'all',
): readonly HeldRow[] {
  const memory: SwayMemory = new Map();
  const loaded = loadedAxes(project);
  return project.axes.flatMap((stored, i) => {
    const now = new Map(foretoldOf(loaded[i]!).map((f) => [f.id, f]));
    return foretoldIds.flatMap((id): HeldRow[] => {
      const found = surest(trials, stored.id, id);
      if (!found && which === 'measured') return [];
      const own = found?.said.taken.filter((t) => t.axis === stored.id) ?? [];
      // What was taken out of this very record must not prove itself: the plan as it was before counts.
      const before = own.length ? loadedAxes(applyEdits(project, restored(project, own)))[i]! : loaded[i]!;
      const plan = own.length ? foretoldOf(before).find((f) => f.id === id)! : now.get(id)!;
      const sways = swaysFor(before, memory).get(id) ?? [];
      const doubt = swayed(sways);
      const measured = found?.measured ?? null;
      const row: HeldRow = {
        axis: stored.id,
        axisName: stored.name,
        id,
        kind: plan.kind,
        side: plan.side,
        foretold: plan.value,
        doubt,
        measured,
        ...verdictOf(plan.value, doubt, plan.side, measured),
        taken: own.length > 0,
        sways,
      };
      return [row];
    });
  });
}
