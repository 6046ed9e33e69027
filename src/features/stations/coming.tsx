import { NextLink, type StationId, stationNames } from '@/features/frame';
import styles from './coming.module.css';

const plans: Record<Exclude<StationId, 'size' | 'brief' | 'fit' | 'build' | 'prove'>, string> = {
  log:
    'Here dated entries, changes of parts and regrets will be kept, with what each upgrade ' +
    'really brought.',
};

/**
 * A station that is planned and not built: one sentence, and no field that could be taken for a broken one.
 */
export function Coming({
  station,
}: {
  station: Exclude<StationId, 'size' | 'brief' | 'fit' | 'build' | 'prove'>;
}) {
  return (
    <section className={styles.coming}>
      <p className={styles.stamp}>Not built yet</p>
      <h1>{stationNames[station]}</h1>
      <p>{plans[station]}</p>
      <p className={styles.now}>
        Working today: <b>Brief</b>, <b>Size</b>, <b>Fit</b>, and parts and cuts of <b>Build</b>.
      </p>
      <NextLink />
    </section>
  );
}
