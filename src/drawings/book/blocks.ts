import type { BookBlock, StackedItem } from '@/core/print';
import { getAt, isMeasure, type Project } from '@/core/model';
import { formatQuantity, type Kind, type UnitSystem } from '@/core/units';
import { inputLabel } from '@/words';

export const heading = (text: string): BookBlock => ({ is: 'heading', text });
export const text = (words: string): BookBlock => ({ is: 'text', text: words });
export const list = (items: readonly string[]): readonly BookBlock[] =>
  items.length ? [{ is: 'list', items }] : [];

/** A table; nothing where it has no rows. @param widths shares of the width by column. */
export const table = (
  head: readonly string[],
  rows: readonly (readonly string[])[],
  widths?: readonly number[],
): readonly BookBlock[] => (rows.length ? [{ is: 'table', head, rows, ...(widths ? { widths } : {}) }] : []);

const CAUTION = 'Caution: ';

/** What stands on a sheet of its own, as pieces of a chapter. */
export const stacked = (items: readonly StackedItem[]): readonly BookBlock[] =>
  items.flatMap(({ heading: title, drawing, notes }): BookBlock[] => [
    heading(title.replace(/\s+/g, ' ')),
    ...(drawing ? [{ is: 'drawing' as const, drawing, caption: title.trim(), toScale: false }] : []),
    ...notes.map((n): BookBlock =>
      n.startsWith(CAUTION) ? { is: 'caution', text: n.slice(CAUTION.length) } : text(n),
    ),
  ]);

/** Paths of all measured inputs below a path of a document. */
function measuresBelow(value: unknown, path: string): string[] {
  if (isMeasure(value)) return [path];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, part]) => measuresBelow(part, `${path}.${key}`));
}

/** Every measured input below a path: what it is, what was typed, where it comes from. */
export function inputsBelow(project: Project, path: string): readonly (readonly string[])[] {
  return measuresBelow(getAt(project, path), path).map((at) => {
    const value = getAt(project, at);
    return isMeasure(value) ? [inputLabel(at), value.typed, value.basis] : [];
  });
}

/** A figure in the units of the sheet. */
export const figure = (kind: Kind, si: number, system: UnitSystem, digits = 4): string =>
  Number.isFinite(si) ? formatQuantity(kind, si, system, digits).text : 'no limit';
