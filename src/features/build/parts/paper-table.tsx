import { partColumns } from './columns';
import styles from './parts.module.css';
import { sumText } from './rows';
import type { Entry } from './use-table';

/** The whole list for paper, with a box to tick at each line. */
export function PaperTable({ entries }: { readonly entries: readonly Entry[] }) {
  return (
    <table className={styles.onPaper}>
      <thead>
        <tr>
          <th aria-label="Done" />
          {partColumns.map((c) => (
            <th key={c.id} scope="col">
              {c.title}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {entries.map((entry) =>
          entry.kind === 'group' ? (
            <tr key={entry.id}>
              <th colSpan={partColumns.length} scope="rowgroup">
                {entry.name || 'Not said'}
              </th>
              <td>
                {sumText(
                  entry.rows.reduce((s, r) => s + (r.money?.known ?? 0), 0),
                  entry.rows.some((r) => r.money?.cost === null),
                )}
              </td>
            </tr>
          ) : (
            <tr key={entry.id}>
              <td>☐</td>
              {partColumns.map((c) => (
                <td key={c.id} data-figures={c.figures || undefined}>
                  {c.text(entry.row)}
                </td>
              ))}
            </tr>
          ),
        )}
      </tbody>
    </table>
  );
}
