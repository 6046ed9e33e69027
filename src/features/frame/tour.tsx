'use client';

import Button from '@mui/material/Button';
import { usePathname, useRouter, useSearchParams } from 'next/navigation';
import { tourStops, type TourStop, tourTexts } from '@/words';
import { machineHref, type StationId, WHOLE } from './stations';
import styles from './frame.module.css';

/** Says in the address that the tour is on. */
export const TOUR = 'tour';

const pageOf = (stop: TourStop): 'machine' | StationId => (stop === 'whole' ? 'size' : stop);

/** Address of a stop of the tour. */
export const tourHref = (stop: TourStop, machine: string): string =>
  `${machineHref(pageOf(stop), machine, stop === 'whole' ? WHOLE : undefined)}&${TOUR}=${stop}`;

/** A first walk through the stations on a machine: what each page answers. It can be left at any stop. */
export function Tour() {
  const query = useSearchParams();
  const path = usePathname().replace(/\/$/, '');
  const router = useRouter();
  const machine = query.get('m');
  const at = tourStops.findIndex((stop) => stop === query.get(TOUR));
  const stop = tourStops[at];
  if (!machine || !stop || path !== `/${pageOf(stop)}`) return null;
  const { title, text } = tourTexts[stop];
  const go = (to: number) => router.push(tourHref(tourStops[to]!, machine));
  const axis = stop === 'whole' ? WHOLE : undefined;
  return (
    <aside className={styles.tour} aria-label="Tour">
      <p role="status">
        <b>
          {at + 1} of {tourStops.length}. {title}
        </b>{' '}
        {text}
      </p>
      <p className={styles.ways}>
        <Button size="small" disabled={at === 0} onClick={() => go(at - 1)}>
          Back
        </Button>
        {at + 1 < tourStops.length ? (
          <Button size="small" variant="contained" onClick={() => go(at + 1)}>
            Next
          </Button>
        ) : (
          <Button size="small" variant="contained" onClick={() => router.push('/')}>
            To your machines
          </Button>
        )}
        <Button size="small" onClick={() => router.replace(machineHref(pageOf(stop), machine, axis))}>
          Leave the tour
        </Button>
      </p>
    </aside>
  );
}
