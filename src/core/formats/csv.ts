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
