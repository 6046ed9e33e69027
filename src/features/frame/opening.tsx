import styles from './frame.module.css';

/** Stands where something is on its way. */
export const Opening = () => (
  <p className={styles.loading} role="status">
    Opening…
  </p>
);
