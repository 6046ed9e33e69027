import { told } from '@/core/findings';
import { barKey, barsKey, openSpoilt } from '../sawing';
import { isHere } from '../list';
import type { NeedSection } from '../needs';
import { buildCheck } from './checks-list';
import { specOf } from './spec';

/** A section for the wording. */
const namedSection = (section: NeedSection) => ({
  section: section.key,
  kind: section.kind,
  spec: specOf(section),
});

/** Pieces that no bar lets be: longer than all of them, or with a hole by the saw wherever they lie. */
const impossible = buildCheck({
  code: 'cut-impossible',
  judge: ({ plans }) =>
    plans.flatMap(({ section, plan }) => {
      const [first] = plan?.impossible ?? [];
      if (!first) return [];
      const { length } = first;
      const params = { ...namedSection(section), count: plan!.impossible.length, length };
      return [told('cut-impossible', 'gives-out', 'bars', params, section.key)];
    }),
});

/** Only what lies here may be used, and it is not enough. */
const missing = buildCheck({
  code: 'cut-missing',
  judge: ({ plans }) =>
    plans.flatMap(({ section, plan }) => {
      const lacking = plan?.missing ?? [];
      if (!lacking.length) return [];
      const length = lacking.reduce((s, p) => s + p.length, 0);
      const params = { ...namedSection(section), count: lacking.length, length };
      return [told('cut-missing', 'gives-out', 'bars', params, section.key)];
    }),
});

/** Spoilt pieces, and whether what is left and here makes them good. */
const spoilt = buildCheck({
  code: 'cut-spoilt',
  judge: ({ plans, lines }) =>
    plans.flatMap((sawn) => {
      const { section, plan } = sawn;
      const open = openSpoilt(sawn);
      if (!open.length) return [];
      const fresh = (plan?.bars ?? []).filter((b) => b.bar.count === null);
      const bars = new Map(lines.map((l) => [l.key, l]));
      const kinds = new Map(fresh.map(({ bar }) => [bar.id, bar]));
      const buy = [...kinds.values()].map((bar) => {
        const line = bars.get(barKey(bar.id));
        const coming = !line || !isHere(line);
        return { bar, more: line?.toBuy || (coming ? 1 : 0) };
      });
      const more = buy.reduce((s, b) => s + b.more, 0);
      const first = open[0]!;
      const params = {
        ...namedSection(section),
        count: open.length,
        key: first.piece.split('#')[0]!,
        length: first.end - first.start,
        bars: more,
        bar: buy.find((b) => b.more)?.bar.length ?? -1,
      };
      const verdict = more || plan === null ? ('gives-out' as const) : ('thin' as const);
      return [told('cut-spoilt', verdict, 'begunBars', params, barsKey(section))];
    }),
});

/** Cut to a length that the plan no longer asks. */
const other = buildCheck({
  code: 'cut-other',
  judge: ({ plans }) =>
    plans.flatMap(({ section, cut, pieces }) => {
      const off = pieces.filter((p) => cut.get(p.id) === 'other-length');
      if (!off.length) return [];
      const params = {
        ...namedSection(section),
        count: off.length,
        key: off[0]!.key,
        length: off[0]!.length,
      };
      return [told('cut-other', 'gives-out', 'begunBars', params, section.key)];
    }),
});

/** Checks of what is sawn. */
export const sawingChecks = [spoilt, impossible, missing, other] as const;
