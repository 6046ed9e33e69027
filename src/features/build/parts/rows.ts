import type { LineMoney, ListLine, MoneyReport } from '@/core/build';
import type { Project } from '@/core/model';
import { formatNumber, type UnitSystem } from '@/core/units';
import { lineName, type NameMemory, ownerName } from '@/words';

/** A line as the table shows it. */
export interface PartRow {
  readonly key: string;
  readonly line: ListLine;
  readonly name: string;
  /** What it is for: an axis, or the machine. */
  readonly owner: string;
  readonly need: string;
  readonly from: string;
  readonly due: string;
  readonly money: LineMoney | undefined;
}

/** Whole money, and hundredths where it is little. */
export const moneyText = (value: number): string =>
  value < 10 && !Number.isInteger(value) ? value.toFixed(2) : value.toFixed(0);

/** A sum of which something is not known: at least so much, or not known at all. */
export const sumText = (value: number, unknown: boolean): string => {
  if (!unknown) return moneyText(value);
  return value > 0 ? `≥ ${moneyText(value)}` : '?';
};

/** Pieces whole, metres to the tenth. */
export const countText = (value: number, by: 'piece' | 'metre'): string =>
  by === 'metre' ? `${formatNumber(Math.ceil(value * 10 - 1e-6) / 10, 4)} m` : formatNumber(value, 6);

function needText({ wanted, spare, by, toBuy, sawn }: ListLine): string {
  if (wanted === null) return '?';
  if (sawn) return `${countText(wanted, by)} cut`;
  const more = spare > 0 && toBuy > 0 ? ` + ${spare}` : '';
  return `${countText(wanted, by)}${more}`;
}

/** Who it comes from: as it was picked, in the basket, or how many quotes there are. */
function fromText(line: ListLine, names: ReadonlyMap<string, string>, basket: ReadonlyMap<string, string>) {
  if (line.sawn) return 'sawn out of bars';
  const picked = line.quotes.find((q) => q.id === line.said?.quote);
  if (picked) return names.get(picked.seller) ?? '';
  const cheapest = basket.get(line.key);
  const { length } = line.quotes;
  if (cheapest !== undefined && length > 1) return `${names.get(cheapest) ?? ''}, of ${length}`;
  if (cheapest !== undefined) return names.get(cheapest) ?? '';
  return length ? `${length} quotes` : '';
}

/** All lines as the table shows them. */
export function partRows(
  lines: readonly ListLine[],
  money: MoneyReport | null,
  project: Pick<Project, 'axes' | 'sellers'>,
  system: UnitSystem,
  memory: NameMemory,
): PartRow[] {
  const sellers = new Map(project.sellers.map((s) => [s.id, s.name]));
  const basket = new Map(
    money?.basket.parcels.flatMap((p) => p.lines.map((l) => [l.item.id, p.seller.id] as const)) ?? [],
  );
  return lines.map((line) => ({
    key: line.key,
    line,
    name: lineName(line, system, memory),
    owner: ownerName(project, line.owner),
    need: needText(line),
    from: fromText(line, sellers, basket),
    due: line.said?.due ?? '',
    money: money?.lines.get(line.key),
  }));
}
