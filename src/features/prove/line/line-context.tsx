'use client';

import {
  createContext,
  type ReactNode,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
} from 'react';
import { type BytePort, type Clock, type LineState, machineLine, type MachineLine } from '@/core/link';
import { useMachine } from '@/features/frame';
import { type StandInMachine, standInMachine, type StandInTravels } from '@/workers';
import { serialPort } from '../devices/serial';

/** What is at the other end. */
export type LineKind = 'stand-in' | 'real';

interface Opened {
  readonly kind: LineKind;
  readonly line: MachineLine;
  /** Indicator of the stand-in; a real one has a line of its own. */
  readonly dial: BytePort | null;
  readonly close: () => void;
}

interface LineValue {
  readonly opened: Opened | null;
  /** Why the last try came to nothing. */
  readonly note: string;
  readonly open: (kind: LineKind) => Promise<void>;
  readonly close: () => void;
}

const LineContext = createContext<LineValue | null>(null);

/** Usual rate of a controller's line. */
const BAUD = 115_200;

const clock: Clock = {
  now: () => performance.now(),
  after: (ms, act) => {
    const id = setTimeout(act, ms);
    return () => clearTimeout(id);
  },
};

async function opening(kind: LineKind, travels: StandInTravels): Promise<Opened | null> {
  const standIn: StandInMachine | null = kind === 'stand-in' ? standInMachine(travels) : null;
  const port = standIn?.controller ?? (await serialPort(BAUD));
  const line = machineLine(port, clock);
  const close = () => {
    line.close();
    standIn?.close();
  };
  if (await line.greet()) return { kind, line, dial: standIn?.dial ?? null, close };
  close();
  return null;
}

/**
 * One line to a machine for all sheets of the station. A page that is hidden or left holds the machine and
 * disarms it.
 */
export function LineProvider({ children }: { readonly children: ReactNode }) {
  const { axes } = useMachine().project;
  const [opened, setOpened] = useState<Opened | null>(null);
  const [note, setNote] = useState('');
  const held = useRef<Opened | null>(null);
  // Of the newest try: one that was overtaken, or whose page is gone, closes what it opened.
  const tries = useRef(0);
  useEffect(() => {
    const onHide = () => {
      if (document.visibilityState === 'hidden') held.current?.line.disarm('hidden');
    };
    document.addEventListener('visibilitychange', onHide);
    return () => {
      document.removeEventListener('visibilitychange', onHide);
      tries.current += 1;
      held.current?.close();
      held.current = null;
    };
  }, []);
  const value = useMemo((): LineValue => {
    const close = () => {
      held.current?.close();
      held.current = null;
      setOpened(null);
    };
    const travels: StandInTravels = Object.fromEntries(
      axes.map((a) => [a.letter.toLowerCase(), 1000 * a.demands.travel.si]),
    );
    return {
      opened,
      note,
      close,
      open: async (kind) => {
        close();
        setNote('');
        const mine = ++tries.current;
        try {
          const next = await opening(kind, travels);
          if (mine !== tries.current) return next?.close();
          held.current = next;
          setOpened(next);
          if (!next) setNote('Nobody answered as a controller that speaks bench/1.');
        } catch {
          setNote('No line was opened.');
        }
        return undefined;
      },
    };
  }, [opened, note, axes]);
  return <LineContext.Provider value={value}>{children}</LineContext.Provider>;
}

/** The line of the station; null outside of it. */
export const useLine = (): LineValue | null => useContext(LineContext);

const never = () => () => undefined;
const NOBODY: LineState = { name: null, armed: false, why: 'never', now: null, fault: null };

/** How the machine at the other end stands. */
export function useLineState(line: MachineLine | null): LineState {
  return useSyncExternalStore(line?.onChange ?? never, line?.state ?? (() => NOBODY), () => NOBODY);
}
