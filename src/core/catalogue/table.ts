import type { Part } from './parts/part';

/** Columns that every table has; between them stand the inputs of the family. */
const [FIRST, LAST] = [['id', 'name', 'price'], 'basis'] as const;

const cellsOf = (line: string) => line.split('|').map((cell) => cell.trim());

/** A row by the names of its columns. */
export type Row = Readonly<Record<string, string>>;

/**
 * Rows of a table: named columns, one row a line, a bar between cells; the last column says where the row
 * comes from.
 * @throws RangeError where a row has other cells than the heading, or no basis.
 */
export function grid(text: string): Row[] {
  const [heading = '', ...lines] = text.trim().split('\n');
  const columns = cellsOf(heading);
  if (columns.at(-1) !== LAST) throw new RangeError(`a table ends with its ${LAST}: ${heading}`);
  return lines.map((line) => {
    const cells = cellsOf(line);
    if (cells.length !== columns.length) throw new RangeError(`${cells.length} cells: ${line}`);
    if (!cells.at(-1)) throw new RangeError(`a row says its basis: ${line}`);
    return Object.fromEntries(columns.map((name, i) => [name, cells[i]!]));
  });
}

/**
 * Parts out of a table: one row a line under named columns, a bar between cells, so that who knows better can
 * send a corrected row. A figure is typed as a builder would, with its unit; `basis` says where the row comes
 * from; a price is an example in euros; an empty cell says nothing.
 *
 * @param root the object inside the axis that the columns are inputs of.
 * @param same inputs that are alike in all rows, by their whole path.
 * @throws RangeError as `grid`, and where a row lacks what every part has: tables are checked when the
 *   application starts, and by the tests.
 */
export function table(root: string, text: string, same: Readonly<Record<string, string>> = {}): Part[] {
  return grid(text).map(({ id, name, price, [LAST]: source, ...inputs }): Part => {
    if (!id || !name || price === undefined) throw new RangeError(`a part has ${FIRST.join(', ')}: ${id}`);
    const values = Object.entries(inputs)
      .filter(([, cell]) => cell !== '')
      .map(([column, cell]) => [`${root}.${column}`, cell]);
    return {
      id,
      name,
      price: price === '' ? null : Number(price),
      source: source!,
      values: { ...Object.fromEntries(values), ...same },
    };
  });
}
