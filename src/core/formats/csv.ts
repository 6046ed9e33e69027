import Papa from 'papaparse';

/**
 * Rows of a CSV text. The first line that is no comment says what stands between columns: a guess over all
 * lines would be misled by decimal commas.
 */
export function csvRows(text: string): string[][] {
  const plain = text.replace(/^\uFEFF/, '');
  const heading = plain.split(/\r?\n/).find((l) => l.trim() !== '' && !l.startsWith('#')) ?? '';
  const delimiter = [';', '\t'].find((d) => heading.includes(d)) ?? ',';
  return Papa.parse<string[]>(plain, { delimiter, skipEmptyLines: false }).data;
}

/** A plain table as CSV. What begins like a formula is kept from being one. */
export const writeTable = (
  fields: readonly string[],
  rows: readonly (readonly (string | number)[])[],
): string =>
  `${Papa.unparse({ fields: [...fields], data: rows.map((r) => [...r]) }, { escapeFormulae: true })}\n`;
