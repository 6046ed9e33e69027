import Dexie, { type Table } from 'dexie';

/** Tells one stored state from every other: the count of saves, and a mark that no other save has. */
export interface Mark {
  readonly revision: number;
  readonly stamp: string;
}

/** What the list of machines reads, and what every save checks. The document lies in slices beside it. */
export interface MachineHead extends Mark {
  readonly id: string;
  readonly name: string;
  readonly savedAt: string;
}

/** One field of a document: brief, axes, structure, ... A save writes those that changed. */
export interface StoredSlice {
  readonly machine: string;
  readonly slice: string;
  readonly value: unknown;
}

/** The last state of a machine that this edition could read. */
export interface KeptState extends Mark {
  readonly machine: string;
  readonly savedAt: string;
  readonly project: unknown;
}

/** A large content by its hash, shared by all machines that have it. */
export interface StoredContent {
  readonly hash: string;
  readonly type: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
  /** Since when nothing refers to it; undefined while something does. */
  readonly unused?: string | undefined;
}

/** Small facts that are not part of any machine (was the demo put in once?). */
export interface StoredFlag {
  readonly key: string;
  readonly value: string;
}

/** The last state of a machine that left this browser as a file. */
export interface OutsideState {
  readonly machine: string;
  readonly revision: number;
  readonly at: string;
}

/** A state of a machine that left this browser or came in, so that copies edited apart can be merged. */
export interface KnownState {
  readonly machine: string;
  /** Hash of its document as it is written into a bundle. */
  readonly state: string;
  readonly at: string;
  /** Of one slot only the newest is kept; empty: each by itself. */
  readonly slot: string;
  readonly project: unknown;
}

/** What was worked out of one axis when its machine was last open. */
export interface AxisAnswer {
  readonly id: string;
  readonly name: string;
  readonly verdict: 'holds' | 'thin' | 'gives-out' | 'not-known';
  readonly guessed: boolean;
}

/** What the axes of a machine came to, and the stored state that they were worked out from. */
export interface StoredAnswer {
  readonly machine: string;
  readonly stamp: string;
  readonly axes: readonly AxisAnswer[];
}

/** Folder on disk that the user chose as the place of backups. The browser keeps the handle as it is. */
export interface ChosenPlace {
  readonly key: 'backups';
  readonly handle: FileSystemDirectoryHandle;
}

/** Stands for a document that is no object and so has no slices. */
export const WHOLE = '';

/** A document in slices. */
export const slicesOf = (machine: string, document: unknown): StoredSlice[] =>
  typeof document === 'object' && document !== null && !Array.isArray(document)
    ? Object.entries(document).map(([slice, value]) => ({ machine, slice, value }))
    : [{ machine, slice: WHOLE, value: document }];

/** A row of the first version of the database, which kept every document whole. */
interface FirstRow {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly savedAt: string;
  readonly project: unknown;
}

export class Database extends Dexie {
  machines!: Table<MachineHead, string>;
  slices!: Table<StoredSlice, [string, string]>;
  kept!: Table<KeptState, string>;
  contents!: Table<StoredContent, string>;
  flags!: Table<StoredFlag, string>;
  outside!: Table<OutsideState, string>;
  states!: Table<KnownState, [string, string]>;
  places!: Table<ChosenPlace, string>;
  answers!: Table<StoredAnswer, string>;

  constructor(name = 'rugged-carriage') {
    super(name);
    this.version(1).stores({ machines: 'id, savedAt', flags: 'key' });
    this.version(2)
      .stores({
        machines: 'id, savedAt',
        slices: '[machine+slice], machine',
        kept: 'machine',
        contents: 'hash',
        flags: 'key',
      })
      .upgrade(async (tx) => {
        const rows: FirstRow[] = await tx.table('machines').toArray();
        for (const { project, ...head } of rows) {
          await tx.table('slices').bulkPut(slicesOf(head.id, project));
          await tx.table('machines').put({ ...head, stamp: `first-${head.revision}` });
        }
      });
    this.version(3).stores({ outside: 'machine', states: '[machine+state], machine', places: 'key' });
    this.version(4).stores({ answers: 'machine' });
  }
}
