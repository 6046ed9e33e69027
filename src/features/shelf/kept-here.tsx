'use client';

import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { useKept } from '@/features/frame';
import { askToKeep, lookAtSpace, type SpaceKept } from '@/storage';
import { bytesText, neverKeptText } from '@/words';
import { BackupFolder } from './backup-folder';
import styles from './shelf.module.css';

function Offline() {
  const kept = useKept();
  if (kept === null) return null;
  switch (kept.kind) {
    case 'ready':
      return <>All of it works without a network.</>;
    case 'fetching':
      return <>Being fetched for work without a network…</>;
    case 'never':
      return <>It needs a network: {neverKeptText[kept.why]}.</>;
    case 'failed':
      return (
        <>
          It could not be kept for work without a network ({kept.cause}). It is tried again when the page is
          loaded again.
        </>
      );
  }
}

function Space() {
  const [space, setSpace] = useState<SpaceKept | null>(null);
  const [refused, setRefused] = useState(false);
  useEffect(() => {
    void lookAtSpace(navigator.storage).then(setSpace);
  }, []);
  if (!space) return null;
  const ask = async () => {
    const { persistent } = await askToKeep(navigator.storage);
    setRefused(!persistent);
    setSpace(await lookAtSpace(navigator.storage));
  };
  const { usage, quota, persistent } = space;
  return (
    <>
      {usage !== undefined && quota
        ? `${bytesText(usage)} of at most ${bytesText(quota)} in use, the application with it. `
        : ''}
      {persistent
        ? 'The browser promised not to clear them when space runs low.'
        : 'The browser may clear them when space runs low.'}{' '}
      {!persistent && !refused && (
        <Button size="small" onClick={() => void ask()}>
          Ask it to keep them
        </Button>
      )}
      {refused && 'It did not promise that: it does so rather for sites that are used often or installed.'}
    </>
  );
}

/** What of the application and the machines is kept in this browser, and how safely. */
export function KeptHere() {
  return (
    <section className={styles.kept} aria-label="Kept in this browser">
      <h2>Kept in this browser</h2>
      <dl>
        <dt>Application</dt>
        <dd>
          <Offline />
        </dd>
        <dt>Machines</dt>
        <dd>
          <Space />
        </dd>
        <dt>Backups</dt>
        <dd>
          <BackupFolder />
        </dd>
      </dl>
    </section>
  );
}
