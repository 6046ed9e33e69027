import type { PlanFigures } from './figures';

/** A figure by which plans are told apart. */
export const toldFigures = ['rapid', 'stiffness', 'error', 'money', 'moving', 'thin'] as const;
export type ToldFigure = (typeof toldFigures)[number];

/** What a plan gives up against another. */
export interface GivenUp {
  readonly figure: ToldFigure;
  readonly own: number;
  readonly other: number;
  /** Place of the plan that has more of it. */
  readonly than: number;
}

/** Figures of which more is better. */
const more: ReadonlySet<ToldFigure> = new Set<ToldFigure>(['rapid', 'stiffness']);
/** Less than such a part of a figure nobody gives up anything. */
const NOTICED = 0.12;

const valueOf = (figures: PlanFigures, figure: ToldFigure): number =>
  figure === 'money' ? figures.money.total : figures[figure];

/** How much better another is, as a share of the larger of both; 0 and less: not at all. */
function loss(own: number, other: number, figure: ToldFigure): number {
  const by = more.has(figure) ? other - own : own - other;
  return by / Math.max(own, other, 1e-12);
}

/** What each of some plans gives up against the best of the others, the most first. */
export function givenUp(all: readonly PlanFigures[], place: number): readonly GivenUp[] {
  const own = all[place]!;
  const found = toldFigures.flatMap((figure) => {
    const mine = valueOf(own, figure);
    const others = all
      .map((f, than) => ({ than, other: valueOf(f, figure) }))
      .filter(({ than }) => than !== place)
      .sort((a, b) => loss(mine, b.other, figure) - loss(mine, a.other, figure));
    const best = others[0];
    const lost = best ? loss(mine, best.other, figure) : 0;
    return best && lost > NOTICED ? [{ figure, own: mine, other: best.other, than: best.than, lost }] : [];
  });
  return found.sort((a, b) => b.lost - a.lost).map(({ lost: _lost, ...up }) => up);
}
