'use client';

import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
} from 'react';
import { useStore } from 'zustand';
import { MachineStorage } from '@/storage';
import { SessionPool } from './pool';
import type { Session, SessionState } from './session';

interface Opened {
  readonly storage: MachineStorage;
  readonly pool: SessionPool;
}

const StorageContext = createContext<Opened | null>(null);
const SessionContext = createContext<Session | null>(null);

/** Random ids come from the browser; the core has no chance of its own. */
export const freshId = (): string => crypto.randomUUID();

const neverChanges = () => () => undefined;

/** A frame of the screen, ms: what an edit did is painted before it is handed to the storage. */
const FRAME = 16;

function openStorage(): Opened | null {
  if (typeof indexedDB === 'undefined') return null;
  const storage = new MachineStorage();
  return { storage, pool: new SessionPool(storage, { now: () => new Date(), frame: FRAME }) };
}

/** Gives the storage, and the machines that are open, to all that is below. */
export function StorageProvider({ children }: { children: ReactNode }) {
  const [opened] = useState(openStorage);
  // The first paint must be what the server painted, and that had no storage.
  const started = useSyncExternalStore(
    neverChanges,
    () => true,
    () => false,
  );
  return <StorageContext.Provider value={started ? opened : null}>{children}</StorageContext.Provider>;
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
