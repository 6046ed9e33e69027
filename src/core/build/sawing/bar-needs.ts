import type { Project } from '@/core/model';
import { need, type Need } from '../needs/need';
import { barsKey, type SectionPlan } from './plan';

/** Key of the line of a bar. */
export const barKey = (id: string): string => `bar/${id}`;

/** Sections of which there is a bar that can be bought: their pieces are sawn, not bought. */
export const fromBars = ({ bars }: Pick<Project, 'bars'>, plans: readonly SectionPlan[]): Set<string> =>
  new Set(
    plans.flatMap(({ section }) => (bars.some((b) => b.section === barsKey(section)) ? [section.key] : [])),
  );

/** Whole bars that the plans want, those that were begun among them. */
export function barNeeds(
  { bars, begunBars }: Pick<Project, 'bars' | 'begunBars'>,
  plans: readonly SectionPlan[],
): readonly Need[] {
  return bars
    .filter((b) => b.count === null)
    .map((bar) => {
      const of = plans.filter(({ section }) => barsKey(section) === bar.section);
      const fresh = of.reduce((s, p) => s + (p.fresh.get(bar.id) ?? 0), 0);
      const begun = begunBars.filter((b) => b.bar === bar.id).length;
      const section = of[0]?.section;
      return {
        ...need({
          kind: section?.kind ?? 'member',
          quantity: fresh + begun,
          params: { ...(section?.params ?? { text: bar.section }), bar: bar.length.si },
          price: bar.price,
        }),
        key: barKey(bar.id),
      };
    })
    .filter((n) => n.quantity !== 0);
}
