import { defineCheck } from '@/core/checks';
import { atMost, type Checked, exactly, type Params, unlessMissing, told } from '@/core/findings';
import type { QuoteInput } from '@/core/model';
import { dayOf } from '../days';
import { isGot, isHere, type ListLine } from '../list';
import type { BuildContext } from './context';
import { barKey, barsKey, openSpoilt } from '../sawing';
import { paramsOf, sameSpec, specOf } from './spec';

export const buildCheck = <const Code extends string>(check: {
  readonly code: Code;
  readonly judge: (
    context: BuildContext,
  ) => Checked<NoInfer<Code>> | readonly Checked<NoInfer<Code>>[] | undefined;
}) => defineCheck<Code, BuildContext, string>({ scope: 'machine', ...check });

/** A line for the wording: its own name, or what it is with its figures. */
export const namedLine = ({ key, need, said }: ListLine): Params => ({
  key,
  kind: need?.kind ?? '',
  own: said?.name ?? '',
  spec: need ? specOf(need) : (said?.asked ?? ''),
});

/** Where a line stands in the list of what was said; the list itself where nothing was. */
const pathOf = ({ project }: BuildContext, { said }: ListLine) =>
  said ? `partLines.${project.partLines.indexOf(said)}` : 'partLines';

/** All that is paid, in the cheapest basket, or without a price, against the budget. */
const budget = buildCheck({
  code: 'list-budget',
  judge: ({ money }) => {
    const { total, unpriced } = money;
    if (money.budget === null) return undefined;
    const found = exactly(
      atMost({
        code: 'list-budget',
        path: 'brief.budget',
        kind: 'count',
        have: total,
        need: money.budget,
        params: {
          paid: money.paid,
          basket: money.basket.total,
          like: unpriced.like,
          likes: unpriced.likes,
          unknown: unpriced.unknown,
        },
      }),
    );
    return unlessMissing(found, unpriced.unknown);
  },
});

/** Quotes that money rests on: those picked for a line, and those of the cheapest basket. */
function used({ lines, money }: BuildContext): readonly { line: ListLine; quote: QuoteInput }[] {
  const basket = new Set(money.basket.parcels.flatMap((p) => p.lines.map((l) => l.way.offer.id)));
  return lines
    .filter((l) => l.toBuy > 0)
    .flatMap((line) => line.quotes.filter((q) => basket.has(q.id)).map((quote) => ({ line, quote })));
}

const quoteOld = buildCheck({
  code: 'quote-old',
  judge: (context) => {
    const { today, project } = context;
    const now = dayOf(today);
    const old = used(context).filter(({ quote: { until, date } }) =>
      until ? dayOf(until) < now : date !== null && now - dayOf(date) > project.buying.staleAfter,
    );
    if (!old.length) return undefined;
    const { line, quote } = old[0]!;
    const days = quote.date ? now - dayOf(quote.date) : -1;
    return told('quote-old', 'thin', 'quotes', { count: old.length, ...namedLine(line), days });
  },
});

/** Quotes that lie far apart say that one of them is of another thing, or a third is worth asking for. */
const quoteFew = buildCheck({
  code: 'quote-few',
  judge: (context) => {
    const { farApart } = context.project.buying;
    const far = context.lines.filter(({ toBuy, quotes }) => {
      if (toBuy === 0 || quotes.length !== 2) return false;
      const [a, b] = quotes.map((q) => q.price) as [number, number];
      return Math.max(a, b) > farApart * Math.min(a, b);
    });
    if (!far.length) return undefined;
    const [a, b] = far[0]!.quotes.map((q) => q.price) as [number, number];
    return told('quote-few', 'thin', 'quotes', {
      count: far.length,
      ...namedLine(far[0]!),
      low: Math.min(a, b),
      high: Math.max(a, b),
    });
  },
});

const late = buildCheck({
  code: 'part-late',
  judge: (context) => {
    const { project, today, lines } = context;
    const wanted = project.buying.wantedBy;
    const coming = lines.filter((l) => isGot(l) && !isHere(l));
    const found = coming.flatMap((l) => {
      const due = l.said?.due;
      if (!due) return [];
      const overdue = dayOf(today) - dayOf(due);
      const after = wanted ? dayOf(due) - dayOf(wanted) : 0;
      return overdue > 0 || after > 0 ? [{ l, due, overdue, after }] : [];
    });
    return found.map(({ l, due, overdue, after }) =>
      told(
        'part-late',
        overdue > 0 ? 'gives-out' : 'thin',
        pathOf(context, l),
        { ...namedLine(l), due, overdue: Math.max(0, overdue), after: Math.max(0, after) },
        l.key,
      ),
    );
  },
});

const refused = buildCheck({
  code: 'part-refused',
  judge: (context) =>
    context.lines
      .filter((l) => l.state === 'refused')
      .map((l) =>
        told(
          'part-refused',
          'gives-out',
          pathOf(context, l),
          { ...namedLine(l), note: l.said?.note ?? '' },
          l.key,
        ),
      ),
});

/** What was ordered is not what the model asks now. */
const changed = buildCheck({
  code: 'part-changed',
  judge: (context) =>
    context.lines.flatMap((l) => {
      const then = l.said ? paramsOf(l.said.asked) : undefined;
      if (!isGot(l) || !then || !l.need || sameSpec(then, l.need.params)) return [];
      return [
        told('part-changed', 'gives-out', pathOf(context, l), { ...namedLine(l), was: l.said!.asked }, l.key),
      ];
    }),
});

/** Lines of bars of which a spoilt piece is found: that more of them are wanted is said there. */
const spoiltBars = ({ project, plans }: BuildContext): ReadonlySet<string> => {
  const spoilt = plans.filter((p) => openSpoilt(p).length).map((p) => barsKey(p.section));
  return new Set(project.bars.filter((b) => spoilt.includes(b.section)).map((b) => barKey(b.id)));
};

const short = buildCheck({
  code: 'part-short',
  judge: (context) =>
    context.lines
      .filter((l) => isGot(l) && l.toBuy > 0 && !spoiltBars(context).has(l.key))
      .map((l) =>
        told(
          'part-short',
          'gives-out',
          pathOf(context, l),
          { ...namedLine(l), more: l.toBuy, by: l.by },
          l.key,
        ),
      ),
});

/** Ordered for a machine that has since been planned otherwise. */
const gone = buildCheck({
  code: 'part-gone',
  judge: (context) => {
    const lines = context.lines.filter((l) => l.origin === 'gone' && isGot(l));
    if (!lines.length) return undefined;
    return told('part-gone', 'thin', 'partLines', { count: lines.length, ...namedLine(lines[0]!) });
  },
});

/** Checks of the list and its money. */
export const listChecks = [budget, late, refused, changed, short, gone, quoteOld, quoteFew] as const;
