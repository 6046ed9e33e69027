import type { BegunBar, Edit, Plain, Project } from '@/core/model';
import { barsKey, begunId, type SectionPlan } from './plan';

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
 * that lay here is one less. @param id of the begun bar, where it is new.
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
  const at = project.begunBars.findIndex((b) => begunId(b.id) === of.id);
  const number = (project.begunBars[at]?.cuts.length ?? 0) + 1;
  const cut = { id: `cut-${number}`, piece: piece.id, start, end, state };
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

/** Spoilt pieces of a bar that are no offcuts yet. */
export const spoiltPieces = (
  { bars }: Pick<Project, 'bars'>,
  bar: BegunBar,
): readonly BegunBar['cuts'][number][] =>
  bar.cuts.filter((c) => c.state === 'spoilt' && !bars.some((b) => b.id === offcutId(bar, c)));

const offcutId = (bar: BegunBar, cut: BegunBar['cuts'][number]) => `offcut-${bar.id}-${cut.id}`.slice(0, 64);

/** A spoilt piece is kept as an offcut that lies here: shorter pieces may come out of it. */
export function offcutEdits(
  { bars }: Pick<Project, 'bars'>,
  bar: BegunBar,
  cut: BegunBar['cuts'][number],
  pitch: number | null,
): readonly Edit[] {
  const length = cut.end - cut.start;
  const measure = (si: number) => ({ typed: `${Number((si * 1000).toFixed(3))} mm`, si, basis: 'estimate' });
  const round = (m: number) => Number(m.toFixed(6));
  const toHole = pitch === null ? null : (((bar.firstHole - cut.start) % pitch) + pitch) % pitch;
  const offcut = {
    id: offcutId(bar, cut),
    section: bar.section,
    length: measure(round(length)),
    price: 0,
    count: 1,
    firstHole: toHole === null ? null : measure(round(toHole)),
    note: 'a spoilt piece',
  };
  return [{ path: 'bars', value: [...bars, offcut] as unknown as Plain }];
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
