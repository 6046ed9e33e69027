import { MOST_FILE_BYTES } from '@/core/model';
import type { Database } from './database';

/** Unused so long, a content goes. Steps that could be taken back in any open tab are then long over. */
const GRACE_DAYS = 7;
const DAY = 86_400_000;

const hex = (bytes: ArrayBuffer) =>
  [...new Uint8Array(bytes)].map((b) => b.toString(16).padStart(2, '0')).join('');

/** Larger ones are copied for some ten milliseconds, bytes. */
const LARGE = 4 * 2 ** 20;

const breath = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve);
  });

/** SHA-256 of a content, lower-case hexadecimal. */
export const hashOf = async (bytes: Uint8Array<ArrayBuffer>): Promise<string> =>
  hex(await crypto.subtle.digest('SHA-256', bytes));

interface FileRow {
  readonly hash: string;
}

/** A content that came along and was not kept. */
export interface NotKept {
  readonly hash: string;
  readonly why: 'too-large' | 'another';
}

const isFile = (row: unknown): row is FileRow =>
  typeof row === 'object' && row !== null && 'hash' in row && typeof row.hash === 'string';

/** Hashes that the `files` of a document name. */
export const hashesIn = (files: unknown): string[] =>
  Array.isArray(files) ? files.filter(isFile).map((f) => f.hash) : [];

/** What is large: photos, traces, jobs. Kept once by its hash, whatever refers to it. */
export class ContentStorage {
  /** What was kept last, as long as its bytes are held: reading many megabytes back keeps a page waiting. */
  private last: { readonly hash: string; readonly bytes: WeakRef<Uint8Array<ArrayBuffer>> } | null = null;

  constructor(
    private readonly db: Database,
    private readonly now: () => Date = () => new Date(),
  ) {}

  /**
   * Keeps a content and gives its hash.
   * @throws RangeError where it is larger than a machine may keep; what the database throws.
   */
  async put(bytes: Uint8Array<ArrayBuffer>, type: string): Promise<string> {
    if (bytes.byteLength > MOST_FILE_BYTES) throw new RangeError(`${bytes.byteLength} bytes`);
    const hash = await hashOf(bytes);
    // Hashing and storing copy all of it, each at one go: a page that shows something is let in between.
    if (bytes.byteLength > LARGE) await breath();
    await this.db.contents.put({ hash, type, bytes });
    this.last = { hash, bytes: new WeakRef(bytes) };
    return hash;
  }

  /**
   * Keeps contents that came with a machine, as far as its files name them.
   * @returns those that were not kept, and why: larger than a machine may keep, or not what its hash says.
   */
  async keep(
    files: readonly (FileRow & { readonly type: string })[],
    contents: ReadonlyMap<string, Uint8Array<ArrayBuffer>>,
  ): Promise<NotKept[]> {
    const not: NotKept[] = [];
    for (const { hash, type } of new Map(files.map((f) => [f.hash, f])).values()) {
      const bytes = contents.get(hash);
      if (!bytes) continue;
      if (bytes.byteLength > MOST_FILE_BYTES) not.push({ hash, why: 'too-large' });
      else if ((await hashOf(bytes)) !== hash) not.push({ hash, why: 'another' });
      else await this.put(bytes, type);
    }
    return not;
  }

  /** The contents that a machine's files name, as far as they are kept. */
  async of(files: readonly FileRow[]): Promise<Map<string, Uint8Array<ArrayBuffer>>> {
    const found = new Map<string, Uint8Array<ArrayBuffer>>();
    for (const { hash } of files) {
      const bytes = await this.get(hash);
      if (bytes) found.set(hash, bytes);
    }
    return found;
  }

  /** Those of some hashes whose content is kept here; no content is read for it. */
  async known(hashes: readonly string[]): Promise<ReadonlySet<string>> {
    return new Set(await this.db.contents.where('hash').anyOf(hashes).primaryKeys());
  }

  async get(hash: string): Promise<Uint8Array<ArrayBuffer> | undefined> {
    const kept = this.last?.hash === hash ? this.last.bytes.deref() : undefined;
    return kept ?? (await this.db.contents.get(hash))?.bytes;
  }

  /**
   * Clears what nothing refers to. A content that has just become unused is only marked: it goes when it is
   * still unused a week later, so that an undo finds it.
   * @param inUse hashes that open machines or their histories still name.
   * @returns how many went.
   */
  sweep(inUse: Iterable<string>): Promise<number> {
    this.last = null;
    const { contents, slices } = this.db;
    return this.db.transaction('rw', [contents, slices], async () => {
      const needed = new Set(inUse);
      const lists = await slices.filter((s) => s.slice === 'files').toArray();
      for (const { value } of lists) for (const hash of hashesIn(value)) needed.add(hash);
      const now = this.now();
      let gone = 0;
      for (const content of await contents.toArray()) {
        const { hash, unused } = content;
        if (needed.has(hash)) {
          if (unused) await contents.put({ ...content, unused: undefined });
        } else if (!unused) await contents.put({ ...content, unused: now.toISOString() });
        else if (now.getTime() - Date.parse(unused) > GRACE_DAYS * DAY) {
          await contents.delete(hash);
          gone += 1;
        }
      }
      return gone;
    });
  }
}
