import type { ListLine, Need } from '@/core/build';
import type { ListRow } from '@/core/formats';
import { MOST_NAME, type Project } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { needName } from './needs';

/** Names by the need: they are dear to make, and needs are the same until the model changes. */
export type NameMemory = WeakMap<Need, string>;

/** What a line is called: the builder's own name first. */
export function lineName(line: ListLine, system: UnitSystem, memory?: NameMemory): string {
  const { need, said } = line;
  if (said?.name) return said.name;
  if (!need) return line.origin === 'own' ? 'Without a name' : 'Asked for no more';
  const known = memory?.get(need);
  if (known !== undefined) return known;
  const name = needName(need.kind, need.params, system);
  memory?.set(need, name);
  return name;
}

/** Whose a line is: an axis by its name, or the machine. */
export const ownerName = ({ axes }: Pick<Project, 'axes'>, owner: string): string =>
  owner === ''
    ? 'Frame, control, shared'
    : (axes.find((a) => a.id === owner)?.name ?? 'An axis that is gone');

/** The list as rows of a file: what was typed, and the price that each line is or would be bought at. */
export function listRows(project: Project, lines: readonly ListLine[], system: UnitSystem): ListRow[] {
  return lines.map((line) => {
    const picked = line.quotes.find((q) => q.id === line.said?.quote) ?? line.quotes[0];
    const seller = project.sellers.find((s) => s.id === picked?.seller);
    // A price is somebody's: one whose seller is gone would not be read again.
    const quote = seller && picked;
    return {
      at: 0,
      key: line.key,
      part: lineName(line, system).slice(0, MOST_NAME),
      for: ownerName(project, line.owner),
      need: line.wanted === null ? null : Number(line.wanted.toFixed(6)),
      spare: line.spare,
      have: line.have,
      state: line.state,
      due: line.said?.due ?? null,
      paid: line.said?.paid ?? null,
      option: line.option,
      note: line.said?.note ?? '',
      seller: seller?.name ?? '',
      price: quote?.price ?? null,
      pack: quote?.pack ?? null,
      days: quote?.days ?? null,
    };
  });
}
