'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import styles from './page-notice.module.css';

/** Whether a piece of the application could not be fetched: no fault of the page, and none of the user. */
const isMissingPiece = ({ name, message }: Error) =>
  name === 'ChunkLoadError' ||
  /loading (css )?chunk|dynamically imported module|failed to fetch/i.test(message);

/** Shown where a page breaks: what it means for the user's work, and the ways on. */
export default function PageError({ error, reset }: { error: Error; reset: () => void }) {
  const apart = isMissingPiece(error);
  return (
    <main className={styles.notice}>
      <h1>{apart ? 'A piece of the page did not arrive' : 'This page broke'}</h1>
      <p>
        {apart
          ? 'There may be no network just now, or the application was renewed since this page was opened. ' +
            'Load it again when the network is back.'
          : 'The fault is ours, not in what you typed.'}{' '}
        Every edit that was marked as stored is safe in this browser.
      </p>
      <p className={styles.cause}>{error.message}</p>
      <p>
        <Button variant="outlined" onClick={apart ? () => window.location.reload() : reset}>
          {apart ? 'Load it again' : 'Try again'}
        </Button>{' '}
        <Link href="/">All machines</Link>
      </p>
    </main>
  );
}
