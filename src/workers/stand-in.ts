import type { BytePort } from '@/core/link';
import type { StandInBytes } from './standin.worker';

/** Both lines of a machine that stands in for a real one, in a thread of its own. */
export interface StandInMachine {
  readonly controller: BytePort;
  readonly dial: BytePort;
  readonly close: () => void;
}

/** Travels of its axes by letter, mm; the usual one where a letter is left out. */
export type StandInTravels = Readonly<Partial<Record<'x' | 'y' | 'z', number>>>;

/** Switches a stand-in on. */
export function standInMachine(travels: StandInTravels): StandInMachine {
  const worker = new Worker(new URL('./standin.worker.ts', import.meta.url), {
    type: 'module',
    // What it is made with goes along as its name: its lines carry nothing but bytes.
    name: JSON.stringify(travels),
  });
  const closed = new Set<() => void>();
  const end = () => {
    worker.terminate();
    for (const tell of closed) tell();
    closed.clear();
  };
  worker.addEventListener('error', end);
  const portOf = (device: StandInBytes['device']): BytePort => {
    const listeners = new Set<(bytes: Uint8Array) => void>();
    worker.addEventListener('message', ({ data }: MessageEvent<StandInBytes>) => {
      if (data.device === device) listeners.forEach((tell) => tell(data.bytes));
    });
    return {
      send: (bytes) => worker.postMessage({ device, bytes } satisfies StandInBytes),
      listen: (onBytes) => {
        listeners.add(onBytes);
        return () => listeners.delete(onBytes);
      },
      onClosed: (tell) => {
        closed.add(tell);
        return () => closed.delete(tell);
      },
      close: () => listeners.clear(),
    };
  };
  return { controller: portOf('controller'), dial: portOf('dial'), close: end };
}
