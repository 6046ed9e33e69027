import Dexie, { type Table } from 'dexie';
import type { Project } from '@/core/model';

/** A machine as it is kept in the browser. */
export interface StoredMachine {
  readonly id: string;
  readonly name: string;
  /** Counts saves: who saves must have seen the revision that is stored. */
  readonly revision: number;
  readonly savedAt: string;
  /** The document; brought up to the current version when it is opened. */
  readonly project: Project;
}

/** Small facts that are not part of any machine (was the demo put in once?). */
export interface StoredFlag {
  readonly key: string;
  readonly value: string;
}

export class Database extends Dexie {
  machines!: Table<StoredMachine, string>;
  flags!: Table<StoredFlag, string>;

  constructor(name = 'rugged-carriage') {
    super(name);
    this.version(1).stores({ machines: 'id, savedAt', flags: 'key' });
  }
}
