import { MachineStorage } from '@/storage';
import { SessionPool } from './pool';

/** The storage of this browser, and the machines that are open in this tab. */
export interface Opened {
  readonly storage: MachineStorage;
  readonly pool: SessionPool;
}

/** A frame of the screen, ms: what an edit did is painted before it is handed to the storage. */
const FRAME = 16;

/** Opens the storage; null where the browser has none. */
export function openStorage(): Opened | null {
  if (typeof indexedDB === 'undefined') return null;
  const storage = new MachineStorage();
  return { storage, pool: new SessionPool(storage, { now: () => new Date(), frame: FRAME }) };
}
