'use client';

import { usePathname } from 'next/navigation';
import { useEffect, useState } from 'react';
import { Database, type FirstAnswer, firstAnswer } from '@/storage';
import { Shell } from '@/ui/shell';
import { VerdictMark } from '@/ui/verdict-mark';
import { verdictText } from '@/words';
import styles from './frame.module.css';
import { machineHref, stationNames, stations } from './stations';

/** What is known at once: name and verdicts of the machine, as they were when it was last worked out. */
async function lookUp(id: string): Promise<FirstAnswer | undefined> {
  const db = new Database();
  try {
    return await firstAnswer(db, id);
  } finally {
    db.close();
  }
}

/**
 * A page of a machine while what works it out is on its way: the rail, the name, and the verdicts that were
 * kept with exactly this state. It needs little, so it is there early.
 */
export function FirstLook({ onSeen }: { readonly onSeen: (page: string) => void }) {
  const page = usePathname().replace(/\/$/, '').slice(1);
  const [seen, setSeen] = useState<{ readonly id: string; readonly answer: FirstAnswer | undefined }>();
  useEffect(() => {
    let live = true;
    const id = new URLSearchParams(window.location.search).get('m');
    // Where nothing can be read yet the page that follows says why.
    const read = id && typeof indexedDB !== 'undefined' ? lookUp(id) : Promise.reject(new Error('nothing'));
    void read
      .then((answer) => {
        if (live && id) setSeen({ id, answer });
      })
      .catch(() => undefined)
      .finally(() => onSeen(page));
    return () => {
      live = false;
    };
  }, [page, onSeen]);
  const links = stations.map((s) => ({
    name: stationNames[s],
    href: seen ? machineHref(s, seen.id) : '/',
    here: page === s,
  }));
  return (
    <Shell stations={links} home={{ href: '/', label: 'Rugged Carriage: all machines' }}>
      <div className={styles.firstLook}>
        {seen?.answer && <h1>{seen.answer.name}</h1>}
        <p role="status">{seen?.answer?.axes.length ? 'As last worked out; opening…' : 'Opening…'}</p>
        <ul>
          {seen?.answer?.axes.map(({ id, name, verdict, guessed }) => (
            <li key={id}>
              <VerdictMark verdict={verdict} guessed={guessed} /> <b>{name}</b>{' '}
              {verdictText(verdict, guessed)}
            </li>
          ))}
        </ul>
      </div>
    </Shell>
  );
}
