import { Explained } from './explained';
import styles from './title-block.module.css';

/** The small table in the lower right of a shop drawing. */
export function TitleBlock({
  cells,
}: {
  cells: readonly { readonly label: string; readonly value: string }[];
}) {
  return (
    <dl className={styles.block}>
      {cells.map((c) => (
        <div key={c.label}>
          <dt>
            <Explained>{c.label}</Explained>
          </dt>
          <dd>{c.value}</dd>
        </div>
      ))}
    </dl>
  );
}
