'use client';

import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import type { MachineStorage } from '@/storage';
import type { Opened } from './open';
import type { Session, SessionState } from './session';

/** How long a page waits before it asks again for what did not come, ms. */
const AGAIN = 2000;

const StorageContext = createContext<Opened | null>(null);
const SessionContext = createContext<Session | null>(null);

/** Random ids come from the browser; the core has no chance of its own. */
export const freshId = (): string => crypto.randomUUID();

/**
 * Gives the storage, and the machines that are open, to all that is below. What reads and checks a document
 * is large, and comes after the page was painted first.
 */
export function StorageProvider({ children }: { children: ReactNode }) {
  const [opened, setOpened] = useState<Opened | null>(null);
  const [missing, setMissing] = useState(false);
  useEffect(() => {
    let live = true;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const open = () => {
      import('./open').then(
        (m) => {
          if (!live) return;
          setOpened(m.openStorage());
          setMissing(false);
        },
        () => {
          if (!live) return;
          setMissing(true);
          timer = setTimeout(open, AGAIN);
        },
      );
    };
    open();
    return () => {
      live = false;
      clearTimeout(timer);
    };
  }, []);
  return (
    <StorageContext.Provider value={opened}>
      {missing && (
        <p role="alert">
          The part that reads your machines could not be fetched. There may be no network just now; it is
          asked for again. What is stored is kept.
        </p>
      )}
      {children}
    </StorageContext.Provider>
  );
}

/** The storage; null while the page is made on the server, where there is none. */
export const useStorage = (): MachineStorage | null => useContext(StorageContext)?.storage ?? null;

/** Asks whether anything in this tab is not stored. */
export function useUnsaved(): () => boolean {
  const pool = useContext(StorageContext)?.pool;
  return useCallback(() => pool?.sessions.some((session) => session.unsaved) ?? false, [pool]);
}

/** Opens a machine for all that is below; it stays open when the page is left. */
export function SessionProvider({ id, children }: { id: string; children: ReactNode }) {
  const pool = useContext(StorageContext)?.pool;
  const session = useMemo(() => pool?.get(id) ?? null, [pool, id]);
  // A tab that was asleep hears nothing; when it comes to the front it looks.
  useEffect(() => {
    const onShow = () => {
      if (document.visibilityState === 'visible') void session?.lookAgain();
    };
    document.addEventListener('visibilitychange', onShow);
    return () => document.removeEventListener('visibilitychange', onShow);
  }, [session]);
  return <SessionContext.Provider value={session}>{children}</SessionContext.Provider>;
}

/** The open session; null for a moment while the page starts. */
export const useSession = (): Session | null => useContext(SessionContext);

/** A part of the state of an open session. */
export function useSessionState<T>(session: Session, select: (state: SessionState) => T): T {
  return useStore(session.store, select);
}
