'use client';

import Link from 'next/link';
import styles from './page-notice.module.css';

/** Shown where a page breaks: what it means for the user's work, and the ways on. */
export default function PageError({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <main className={styles.notice}>
      <h1>This page broke</h1>
      <p>
        Every edit that was marked as stored is safe in this browser. The fault is ours, not in what you
        typed.
      </p>
      <p className={styles.cause}>{error.message}</p>
      <p>
        <button type="button" onClick={reset}>
          Try again
        </button>{' '}
        <Link href="/">All machines</Link>
      </p>
    </main>
  );
}
