'use client';

import { createContext, type ReactNode, useContext, useEffect, useState, useSyncExternalStore } from 'react';
import { useStore } from 'zustand';
import { MachineStorage } from '@/storage';
import { Session, type SessionState } from './session';

const StorageContext = createContext<MachineStorage | null>(null);
const SessionContext = createContext<Session | null>(null);

/** Random ids come from the browser; the core has no chance of its own. */
export const freshId = (): string => crypto.randomUUID();

const neverChanges = () => () => undefined;

/** Gives the storage to all that is below. */
export function StorageProvider({ children }: { children: ReactNode }) {
  const [storage] = useState(() => (typeof indexedDB === 'undefined' ? null : new MachineStorage()));
  // The first paint must be what the server painted, and that had no storage.
  const started = useSyncExternalStore(
    neverChanges,
    () => true,
    () => false,
  );
  return <StorageContext.Provider value={started ? storage : null}>{children}</StorageContext.Provider>;
}

/** The storage; null while the page is made on the server, where there is none. */
export const useStorage = (): MachineStorage | null => useContext(StorageContext);

/** Opens a machine for all that is below. */
export function SessionProvider({ id, children }: { id: string; children: ReactNode }) {
  const storage = useStorage();
  const [session, setSession] = useState<Session | null>(null);
  useEffect(() => {
    if (!storage) return;
    const opened = new Session(id, storage, () => new Date(), freshId);
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the session is an external system
    setSession(opened);
    void opened.open();
    return () => opened.close();
  }, [id, storage]);
  return <SessionContext.Provider value={session}>{children}</SessionContext.Provider>;
}

/** The open session; null for a moment while the page starts. */
export const useSession = (): Session | null => useContext(SessionContext);

/** A part of the state of an open session. */
export function useSessionState<T>(session: Session, select: (state: SessionState) => T): T {
  return useStore(session.store, select);
}
