import type { BegunBar, Edit, Plain, Project } from '@/core/model';
import { barsKey, type SectionPlan } from './plan';

/** A piece of the plan that comes next on its bar. */
export interface NextCut {
  /** Place of the bar in the plan, and id of the piece. */
  readonly bar: number;
  readonly piece: string;
}

/** The next piece on every bar of a plan: bars are sawn from one end, one piece after another. */
export const nextCuts = ({ plan }: SectionPlan): readonly NextCut[] =>
  (plan?.bars ?? []).flatMap(({ pieces: [first] }, bar) => (first ? [{ bar, piece: first.piece.id }] : []));

const plain = (bars: readonly BegunBar[]) => bars as unknown as Plain;

/**
 * The first piece of a bar of the plan was sawn: good, or spoilt. The bar is begun with it, or goes on; one
 * that lay here is one less. @param id of the begun bar and of the cut, where they are new.
 */
export function sawnEdits(
  project: Pick<Project, 'bars' | 'begunBars'>,
  { section, plan }: SectionPlan,
  bar: number,
  state: 'good' | 'spoilt',
  id: string,
): readonly Edit[] {
  const { bar: of, pieces } = plan!.bars[bar]!;
  const { piece, start, end } = pieces[0]!;
  const cut = { id, piece: piece.id, start, end, state };
  const at = project.begunBars.findIndex((b) => b.id === of.id);
  if (at >= 0) {
    const begun = project.begunBars.map((b, i) => (i === at ? { ...b, cuts: [...b.cuts, cut] } : b));
    return [{ path: 'begunBars', value: plain(begun) }];
  }
  const fresh: BegunBar = {
    id,
    section: barsKey(section),
    bar: of.id,
    length: of.length,
    firstHole: of.firstHole,
    cuts: [cut],
  };
  const stock = project.bars.findIndex((b) => b.id === of.id);
  const count = project.bars[stock]?.count ?? null;
  return [
    { path: 'begunBars', value: plain([...project.begunBars, fresh]) },
    ...(count === null ? [] : [{ path: `bars.${stock}.count`, value: count - 1 }]),
  ];
}

/** The last cut of a begun bar never was: the bar is whole again where it was the only one. */
export function unsawnEdits(project: Pick<Project, 'bars' | 'begunBars'>, id: string): readonly Edit[] {
  const bar = project.begunBars.find((b) => b.id === id);
  if (!bar) return [];
  if (bar.cuts.length > 1) {
    const begun = project.begunBars.map((b) => (b.id === id ? { ...b, cuts: b.cuts.slice(0, -1) } : b));
    return [{ path: 'begunBars', value: plain(begun) }];
  }
  const stock = project.bars.findIndex((b) => b.id === bar.bar);
  const count = project.bars[stock]?.count ?? null;
  return [
    { path: 'begunBars', value: plain(project.begunBars.filter((b) => b.id !== id)) },
    ...(count === null ? [] : [{ path: `bars.${stock}.count`, value: count + 1 }]),
  ];
}
