import type { CutPlan } from '../cutting';
import type { Basket } from '../money';
import type { LineOrigin } from '../list';
import type { NeedKind, NeedParams } from '../needs';
import type { SectionPlan } from '../sawing';
import type { BuildContext } from './context';
import { type BuildFinding, buildFindings, workFindings } from './report';
import type { WorkContext } from './work';
import { type WorkReport, workReport } from './work-summary';

/** A line of the list as the service and the terminal tell it. */
export interface LineReport {
  readonly key: string;
  readonly origin: LineOrigin;
  readonly kind: NeedKind | null;
  readonly params: NeedParams;
  /** The builder's own name for it; empty: none. */
  readonly name: string;
  /** Id of the axis; empty: the machine. */
  readonly owner: string;
  readonly by: 'piece' | 'metre';
  /** Whether it rests on numbers that nobody has said. */
  readonly guessed: boolean;
  readonly wanted: number | null;
  readonly spare: number;
  readonly have: number;
  readonly toBuy: number;
  readonly state: string;
  readonly cost: number | null;
  readonly costFrom: string;
}

/** How one section is sawn. Lengths in m from the raw end of each bar. */
export interface CutReport {
  readonly section: string;
  readonly kind: NeedKind;
  readonly params: NeedParams;
  readonly pieces: readonly { readonly id: string; readonly length: number }[];
  /** What the marks rest on and nobody has said. */
  readonly ours: SectionPlan['ours'];
  /** What lies cut, and what was spoilt, bar by bar. */
  readonly begun: SectionPlan['begun'];
  /** Null where nobody has said what bars there are. */
  readonly plan:
    | (Pick<CutPlan, 'cost' | 'unpriced' | 'least' | 'proved'> & {
        readonly bars: readonly {
          readonly length: number;
          /** Where the last piece ends that was sawn off it already; null: a raw bar. */
          readonly sawn: number | null;
          readonly rest: number;
          readonly cuts: readonly { readonly id: string; readonly start: number; readonly end: number }[];
        }[];
        readonly impossible: readonly string[];
        readonly missing: readonly string[];
      })
    | null;
}

/** How a machine is got and sawn: plain data, as it goes into JSON. */
export interface BuildReport {
  readonly today: string;
  readonly list: readonly LineReport[];
  readonly cuts: readonly CutReport[];
  readonly money: {
    readonly paid: number;
    readonly total: number;
    readonly budget: number | null;
    readonly basket: BasketReport;
    /** All here by the wanted day; null where that costs nothing more, or no day is wanted. */
    readonly inTime: BasketReport | null;
    readonly unpriced: BuildContext['money']['unpriced'];
    readonly byOwner: BuildContext['money']['byOwner'];
    readonly options: BuildContext['money']['options'];
  };
  readonly work: WorkReport;
  readonly findings: readonly BuildFinding[];
}

export interface BasketReport {
  readonly total: number;
  readonly least: number;
  readonly proved: boolean;
  readonly parcels: readonly {
    readonly seller: string;
    readonly goods: number;
    readonly shipping: number;
    readonly total: number;
    readonly lines: readonly { readonly key: string; readonly count: number; readonly quote: string }[];
  }[];
  readonly without: readonly string[];
}

const basketOf = ({ total, least, proved, parcels, without }: Basket): BasketReport => ({
  total,
  least,
  proved,
  parcels: parcels.map((p) => ({
    seller: p.seller.id,
    goods: p.goods,
    shipping: p.shipping,
    total: p.total,
    lines: p.lines.map(({ item, way }) => ({ key: item.id, count: way.count, quote: way.offer.id })),
  })),
  without: without.map((i) => i.id),
});

const cutOf = ({ section, pieces, begun, plan, ours }: SectionPlan): CutReport => ({
  section: section.key,
  kind: section.kind,
  params: section.params,
  pieces: pieces.map(({ id, length }) => ({ id, length })),
  ours,
  begun,
  plan: plan && {
    cost: plan.cost,
    unpriced: plan.unpriced,
    least: plan.least,
    proved: plan.proved,
    bars: plan.bars.map(({ bar, pieces: laid, rest }) => ({
      length: bar.length,
      sawn: bar.sawn,
      rest,
      cuts: laid.map(({ piece, start, end }) => ({ id: piece.id, start, end })),
    })),
    impossible: plan.impossible.map((p) => p.id),
    missing: plan.missing.map((p) => p.id),
  },
});

/** The build as a report. */
export function buildReport(context: BuildContext, work: WorkContext): BuildReport {
  const { today, lines, plans, money } = context;
  return {
    today,
    list: lines.map((l) => ({
      key: l.key,
      origin: l.origin,
      kind: l.need?.kind ?? null,
      params: l.need?.params ?? {},
      name: l.said?.name ?? '',
      owner: l.owner,
      by: l.by,
      guessed: l.need?.guessed ?? false,
      wanted: l.wanted,
      spare: l.spare,
      have: l.have,
      toBuy: l.toBuy,
      state: l.state,
      cost: money.lines.get(l.key)?.cost ?? null,
      costFrom: money.lines.get(l.key)?.from ?? 'nothing',
    })),
    cuts: plans.map(cutOf),
    money: {
      paid: money.paid,
      total: money.total,
      budget: money.budget,
      basket: basketOf(money.basket),
      inTime: money.inTime && basketOf(money.inTime),
      unpriced: money.unpriced,
      byOwner: money.byOwner,
      options: money.options,
    },
    work: workReport(work),
    findings: [...buildFindings(context), ...workFindings(work)].map((f) => ({ ...f, remedies: [] })),
  };
}
