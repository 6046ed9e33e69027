import type { Arrangement, FrameKind, Project, Role } from '@/core/model';
import type { Asked, Filled } from './asked';
import { moneyOfPlan } from './money';
import { asOurs } from './ours';
import { polished } from './polish';
import { ACCURACY_SHARE, figuresOf, type PlanFigures, thinOf } from './figures';
import type { Ambition, Picks } from './picks';
import { arrangementsFor, framesFor } from './rules';
import { beamGives, membersFor, type Profile } from './sections';
import { type Settled, settle, type Stuck } from './settle';

/** What a plan is proposed for. */
export const planKinds = ['cheapest', 'stiffest', 'drawer', 'sure', 'other'] as const;
export type PlanKind = (typeof planKinds)[number];

/** A whole machine that holds, and what it comes to. */
export interface Plan {
  readonly kind: PlanKind;
  readonly project: Project;
  readonly picks: Picks;
  readonly figures: PlanFigures;
  /** The finding with the least to spare, and its axis; null: nothing is thin. */
  readonly limit: { readonly code: string; readonly axisId: string | null } | null;
}

/** An attempt that gave out: by code of a check, `drive`, `stiffness` or `rounds`. */
export interface Failed {
  readonly arrangement: Arrangement;
  readonly frame: FrameKind;
  readonly why: string;
  readonly role: Role | null;
}

/** How far the planner is. */
export interface PlanStep {
  readonly kind: PlanKind;
  readonly arrangement: Arrangement;
  readonly frame: FrameKind;
  readonly round: number;
}

/** Of the compliance at the tool a beam is allowed so much when its first size is looked for; practice. */
const BEAM_SHARE = 0.6;
/** Without a budget a stiffer plan may cost so many times the cheapest. */
const GENEROUS = 1.5;
/** Steps in which a stiffer plan is asked for. */
const FACTORS = [1, 1.5, 2.2] as const;

const plain = {
  guides: {},
  spans: {},
  lines: {},
  stiffer: {},
  stiffest: {},
  plates: 1,
  supply: null,
  others: {},
  supports: 0,
  ballast: 0,
  bolted: false,
} as const;

/** The lightest beam that is worth beginning with. */
function firstBeam({ brief }: Filled, frame: FrameKind, { stiffness, stock }: Ambition): number {
  // Saddle and columns beside the width, a tool under the beam by the height of the work.
  const length = brief.area.width.si + 0.25;
  const arm = brief.area.height.si + 0.1;
  const family = membersFor(frame, stock).beam;
  const at = family.findIndex((p) => {
    const { up, fore } = beamGives(p, length, arm);
    return Math.max(up, fore) <= BEAM_SHARE / stiffness;
  });
  return at < 0 ? family.length - 1 : at;
}

/** What a plan is asked for at a level of the job: the least that does, or the middle of what is usual. */
export function ambitionOf(filled: Filled, level: 0 | 1): Ambition {
  const { stiffness, rapid, acceleration } = filled.profile;
  return {
    stiffness: Math.max(stiffness[level], filled.peak / (ACCURACY_SHARE * filled.accuracy)),
    sure: false,
    rapid: rapid[level],
    acceleration: acceleration[level],
    drawer: false,
    stock: [],
  };
}

function planOf(kind: PlanKind, filled: Filled, settled: Settled): Plan {
  // The worst comes first.
  const worst = thinOf(settled.report)[0];
  return {
    kind,
    project: asOurs(settled.project),
    picks: settled.picks,
    figures: figuresOf(filled, settled),
    limit: worst ? { code: worst.code, axisId: worst.axisId } : null,
  };
}

/** Money of a plan, all of it. */
export const totalOf = ({ figures }: Plan): number => figures.money.total;

type Steps<T> = Generator<PlanStep, T>;

/** Tries arrangements, frames and ambitions for one brief, and remembers what gave out. */
export class Planner {
  readonly failed: Failed[] = [];

  constructor(
    readonly asked: Asked,
    readonly filled: Filled,
  ) {}

  private start(arrangement: Arrangement, frame: FrameKind, ambition: Ambition): Picks {
    const beam = firstBeam(this.filled, frame, ambition);
    return { ...plain, arrangement, frame, ambition, beam, column: 0, bed: 0 };
  }

  /** One attempt, from picks to a machine that holds or to what gave out. */
  private *attempt(kind: PlanKind, start: Picks): Steps<Settled | Stuck> {
    const { arrangement, frame } = start;
    const steps = settle(this.asked, this.filled, start);
    let step = steps.next();
    for (; !step.done; step = steps.next()) yield { kind, arrangement, frame, round: step.value };
    const { value } = step;
    if (!value.ok) this.failed.push({ arrangement, frame, why: value.why, role: value.role });
    return value;
  }

  /** A machine that holds made as light as it may be, and what it comes to. */
  private *finished(kind: PlanKind, settled: Settled): Steps<Plan> {
    const { arrangement, frame } = settled.picks;
    const steps = polished(this.asked, this.filled, settled);
    let step = steps.next();
    for (; !step.done; step = steps.next()) yield { kind, arrangement, frame, round: step.value };
    return planOf(kind, this.filled, step.value);
  }

  /** Money of a machine as it came to rest. */
  private moneyOf({ picks, project, report }: Settled): number {
    return moneyOfPlan(this.filled, picks, project, report).total;
  }

  /**
   * The cheapest of every arrangement that is worth trying, over all its frames; the cheapest of them first.
   * @param frames of what, in the order in which they are tried.
   */
  *cheapest(ambition: Ambition, frames: readonly FrameKind[] = framesFor(this.filled)): Steps<Plan[]> {
    const found: Plan[] = [];
    for (const arrangement of this.arrangements()) {
      let best: Settled | null = null;
      let drives: Pick<Picks, 'lines' | 'supply'> = { lines: {}, supply: null };
      for (const { frame, stock } of this.framesOf(frames)) {
        const start = { ...this.start(arrangement, frame, { ...ambition, stock }), ...drives };
        const settled = yield* this.attempt('cheapest', start);
        if (!settled.ok) continue;
        // A drive train that does on one frame is tried on the next before another is looked for.
        drives = { lines: settled.picks.lines, supply: settled.picks.supply };
        if (!best || this.moneyOf(settled) < this.moneyOf(best)) best = settled;
      }
      if (best) found.push(yield* this.finished('cheapest', best));
    }
    return found.sort((x, y) => totalOf(x) - totalOf(y));
  }

  /** Stiffer for its money: as stiff as the budget lets it be, from the middle of what is usual upwards. */
  *stiffest(from: Plan, ambition: Ambition): Steps<Plan | null> {
    const budget = this.filled.brief.budget ?? totalOf(from) * GENEROUS;
    // Steel is stiffest for its money wherever it is let.
    const frame = framesFor(this.filled).includes('steel') ? 'steel' : from.picks.frame;
    let start = this.start(from.picks.arrangement, frame, ambition);
    let best: Settled | null = null;
    for (const factor of FACTORS) {
      const stiffness = ambition.stiffness * factor;
      const stiffer = { ...ambition, stiffness };
      const beam = Math.max(start.beam, firstBeam(this.filled, frame, stiffer));
      const asked = { ...start, beam, ambition: stiffer };
      const settled = yield* this.attempt('stiffest', asked);
      if (!settled.ok || this.moneyOf(settled) > budget) break;
      best = settled;
      start = settled.picks;
    }
    return best && (yield* this.finished('stiffest', best));
  }

  /** Another plan in the manner of one that is there: out of the drawer, or with nothing thin. */
  *alike(kind: 'drawer' | 'sure', from: Plan, ambition: Ambition): Steps<Plan | null> {
    const { arrangement, frame } = from.picks;
    const asked = { ...ambition, sure: kind === 'sure', drawer: kind === 'drawer' };
    const lies = kind === 'drawer' ? this.mostStock() : null;
    if (lies) {
      const stock = this.stockOf(lies);
      const settled = yield* this.attempt(kind, this.start(arrangement, lies, { ...asked, stock }));
      if (settled.ok) return yield* this.finished(kind, settled);
    }
    const settled = yield* this.attempt(kind, this.start(arrangement, frame, asked));
    return settled.ok ? yield* this.finished(kind, settled) : null;
  }

  private stockOf(frame: FrameKind): readonly Profile[] {
    return this.filled.stock.filter((s) => s.kind === frame).map((s) => s.profile);
  }

  /** Every frame out of what is bought, and then out of what lies there, where something does. */
  private framesOf(frames: readonly FrameKind[]) {
    return frames.flatMap((frame) => {
      const stock = this.stockOf(frame);
      return [{ frame, stock: [] }, ...(stock.length ? [{ frame, stock }] : [])];
    });
  }

  /** What most of the bars that lie there are of, by weight, of what is not refused; null: none lie there. */
  private mostStock(): FrameKind | null {
    const weight = (kind: FrameKind) =>
      this.filled.stock
        .filter((s) => s.kind === kind)
        .reduce((sum, { profile, lengths }) => sum + profile.mass * lengths.reduce((a, b) => a + b, 0), 0);
    const [best] = [...framesFor(this.filled)].sort((a, b) => weight(b) - weight(a));
    return best && weight(best) > 0 ? best : null;
  }

  /** The arrangement that was said, or those that are worth trying. */
  private arrangements(): readonly Arrangement[] {
    const { wishes, brief } = this.filled;
    return wishes.arrange === 'said' ? [brief.arrangement] : arrangementsFor(this.filled);
  }
}
