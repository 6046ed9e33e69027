'use client';

import Button from '@mui/material/Button';
import { createContext, type ReactNode, useContext, useEffect, useState } from 'react';
import { useStore } from 'zustand';
import { Keeper, type KeeperState } from '@/offline';
import { useUnsaved } from '@/session';
import { Notice } from '@/ui/notice';
import { BASE } from './base';
import styles from './frame.module.css';

const KeeperContext = createContext<Keeper | null>(null);

/** Keeps the application for work without a network, for all that is below. */
export function KeeperProvider({ children }: { children: ReactNode }) {
  const [keeper] = useState(() => new Keeper(BASE));
  useEffect(() => {
    void keeper.begin();
  }, [keeper]);
  return (
    <KeeperContext.Provider value={keeper}>
      <Renewal keeper={keeper} />
      {children}
    </KeeperContext.Provider>
  );
}

/** How far the application is kept; null where nothing keeps it. */
export function useKept(): KeeperState['kept'] | null {
  const keeper = useContext(KeeperContext);
  const [nothing] = useState(() => new Keeper(''));
  const kept = useStore((keeper ?? nothing).store, (s) => s.kept);
  return keeper && kept;
}

/** How often it is looked whether all is stored, ms. */
const LOOK = 250;

/** Does something as soon as nothing is left unstored. @returns whether it waits, and how to begin. */
function useWhenStored(act: () => void): { readonly waits: boolean; readonly begin: () => void } {
  const unsaved = useUnsaved();
  const [waits, setWaits] = useState(false);
  useEffect(() => {
    if (!waits) return;
    const look = () => {
      if (unsaved()) return;
      clearInterval(timer);
      act();
    };
    const timer = setInterval(look, LOOK);
    return () => clearInterval(timer);
  }, [waits, unsaved, act]);
  return { waits, begin: () => setWaits(true) };
}

const again = () => window.location.reload();

/** Says that a newer version waits, or was taken elsewhere; it comes when nothing is left unstored. */
function Renewal({ keeper }: { keeper: Keeper }) {
  const waiting = useStore(keeper.store, (s) => s.waiting);
  const renewed = useStore(keeper.store, (s) => s.renewed);
  const [take] = useState(() => () => keeper.take());
  const { waits, begin } = useWhenStored(renewed ? again : take);
  // Nobody is interrupted by what happens behind another page.
  useEffect(() => {
    const onHide = () => {
      if (document.visibilityState === 'hidden') begin();
    };
    if (renewed) document.addEventListener('visibilitychange', onHide);
    return () => document.removeEventListener('visibilitychange', onHide);
  });
  if (!waiting && !renewed) return null;
  const way = renewed ? 'Load again' : 'Take it';
  return (
    <div className={styles.renewal}>
      <Notice
        kind="info"
        actions={
          <Button size="small" disabled={waits} onClick={begin}>
            {waits ? 'Waiting until all is stored…' : way}
          </Button>
        }
      >
        {renewed
          ? 'Another tab took a newer version. Load this page again; what you typed is stored first.'
          : 'A newer version of Rugged Carriage lies ready. What you typed is stored first.'}
      </Notice>
    </div>
  );
}
