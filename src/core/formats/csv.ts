import Papa from 'papaparse';

/**
 * Rows of a CSV text. The first line that is no comment says what stands between columns: a guess over all
 * lines would be misled by decimal commas.
 */
export function csvRows(text: string): string[][] {
  // Lines may end in several ways in one file: what was put together out of two ends as each of them did.
  const plain = text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
  const heading = plain.split('\n').find((l) => l.trim() !== '' && !l.startsWith('#')) ?? '';
  const delimiter = [';', '\t'].find((d) => heading.includes(d)) ?? ',';
  const { data } = Papa.parse<string[]>(plain, { delimiter, skipEmptyLines: false });
  // The quote that keeps a cell from being a formula was ours, or another table's: it is no part of the text.
  return data.map((row) => row.map((cell) => cell.replace(/^'(?=[=+\-@\t\r])/, '')));
}

/** A plain table as CSV. What begins like a formula is kept from being one. */
export const writeTable = (
  fields: readonly string[],
  rows: readonly (readonly (string | number)[])[],
): string =>
  `${Papa.unparse({ fields: [...fields], data: rows.map((r) => [...r]) }, { escapeFormulae: true })}\n`;
