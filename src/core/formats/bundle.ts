import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate';
import { z } from 'zod';
import { type Issue, MOST_FILE_BYTES, PROGRAM_TYPE, type Project } from '@/core/model';
import type { Contents } from './contents';
import { MAX_FILE_BYTES, type OpenedFile, readProjectFile, writeProjectFile } from './project-file';

type Bytes = Uint8Array<ArrayBuffer>;
/** SHA-256 of bytes, lower-case hexadecimal; whoever calls knows how to get one. */
export type HashOf = (bytes: Bytes) => Promise<string>;

/** Largest bundle that is read, and most that it may come to unpacked, bytes. */
export const MOST_BUNDLE_BYTES = 600 * 1024 * 1024;
const MOST_UNPACKED = MOST_BUNDLE_BYTES;
/** Document, manifest and the zip’s own words want room beside the contents. */
const MOST_CONTENTS = MOST_UNPACKED - 4 * MAX_FILE_BYTES;
/** A machine and a manifest stand beside at most so many files. */
const MOST_ENTRIES = 2002;

const MANIFEST = 'manifest.json';
const MACHINE = 'machine.json';
const FORMAT = 'rugged-carriage-bundle';

const hash = z.string().regex(/^[0-9a-f]{64}$/);
/** So many earlier states are named at the most. */
const MOST_STATES = 40;

const manifestSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(1),
  entries: z.record(z.string().max(200), z.strictObject({ bytes: z.number().int().min(0), sha256: hash })),
  // States that the browser knew when the bundle was made: where two copies parted. Older ones say none.
  states: z.array(hash).max(MOST_STATES).optional(),
});
type Manifest = z.infer<typeof manifestSchema>;

/** Why a bundle is not taken, and which of its entries says so; empty: the whole. */
export interface BundleFault {
  readonly code:
    'not-a-zip' | 'too-large' | 'too-many' | 'swells' | 'no-manifest' | 'missing' | 'altered' | 'not-named';
  readonly name: string;
}

/** A state of a machine, by the hash of its document as it is written. */
export type StateMark = string;

export type BundleRead =
  | (Extract<OpenedFile, { ok: true }> & {
      readonly state: StateMark;
      /** States that lie before it, the newest first. */
      readonly before: readonly StateMark[];
    })
  | { readonly ok: false; readonly faults: readonly BundleFault[]; readonly issues: readonly Issue[] };

const endings: Readonly<Record<string, string>> = {
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'text/csv': 'csv',
  'text/plain': 'txt',
  [PROGRAM_TYPE]: 'nc',
};

/** The path of a content in a bundle: by its hash, so that two of a name do not meet. */
const pathOf = ({ hash, type }: Project['files'][number]) => `files/${hash}.${endings[type] ?? 'bin'}`;

/** The zip tells no time of its own: the same machine gives the same bytes, whenever and wherever. */
const PRESSED = { mtime: '2000-01-01T12:00:00' } as const;
/** Photos are pressed already. */
const STORED = { ...PRESSED, level: 0 } as const;

export interface BundleOptions {
  /** Bytes that contents may take: what we would not read again is not written. */
  readonly room?: number;
  /** States that lie before this one, the newest first. */
  readonly before?: readonly StateMark[];
}

/**
 * A machine with all that belongs to it as one zip: the document, the contents of its files, and a manifest
 * with the size and hash of each.
 * @returns the zip, the mark of the state that is in it, and names of files whose content is not there, or
 * had no room.
 */
export async function writeBundle(
  project: Project,
  contents: Contents,
  hashOf: HashOf,
  { room = MOST_CONTENTS, before = [] }: BundleOptions = {},
): Promise<{ readonly bytes: Bytes; readonly state: StateMark; readonly leftOut: readonly string[] }> {
  const parts = new Map<string, Bytes>([[MACHINE, strToU8(writeProjectFile(project)) as Bytes]]);
  const leftOut: string[] = [];
  let used = 0;
  for (const file of project.files) {
    const [path, bytes] = [pathOf(file), contents.get(file.hash)];
    if (parts.has(path)) continue;
    if (bytes && used + bytes.length <= room) {
      parts.set(path, bytes);
      used += bytes.length;
    } else leftOut.push(file.name);
  }
  const entries: Manifest['entries'] = {};
  for (const [path, bytes] of parts) entries[path] = { bytes: bytes.length, sha256: await hashOf(bytes) };
  const states = before.slice(0, MOST_STATES);
  const manifest: Manifest = { format: FORMAT, version: 1, entries, ...(states.length ? { states } : {}) };
  const zip: Zippable = { [MANIFEST]: [strToU8(`${JSON.stringify(manifest, null, 2)}\n`), PRESSED] };
  for (const [path, bytes] of parts) zip[path] = [bytes, path === MACHINE ? PRESSED : STORED];
  return { bytes: zipSync(zip) as Bytes, state: entries[MACHINE]!.sha256, leftOut };
}

/** Entries of a zip, as long as they stay within what a bundle may come to: sizes are looked at before. */
function unpacked(bytes: Bytes): { readonly entries: Readonly<Record<string, Bytes>> } | BundleFault {
  let [count, size] = [0, 0];
  let over: BundleFault | undefined;
  try {
    const entries = unzipSync(bytes, {
      filter({ name, originalSize }) {
        count += 1;
        size += originalSize;
        const most = name === MACHINE || name === MANIFEST ? MAX_FILE_BYTES : MOST_FILE_BYTES;
        if (count > MOST_ENTRIES) over ??= { code: 'too-many', name: '' };
        else if (originalSize > most || size > MOST_UNPACKED) over ??= { code: 'swells', name };
        return !over;
      },
    });
    return over ?? { entries: entries as Record<string, Bytes> };
  } catch {
    return over ?? { code: 'not-a-zip', name: '' };
  }
}

function manifestIn(entries: Readonly<Record<string, Bytes>>): Manifest | null {
  const bytes = entries[MANIFEST];
  if (!bytes) return null;
  try {
    const read = manifestSchema.safeParse(JSON.parse(strFromU8(bytes)));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}

/** What of the entries is not as the manifest says. */
async function faultsOf(
  entries: Readonly<Record<string, Bytes>>,
  manifest: Manifest,
  hashOf: HashOf,
): Promise<BundleFault[]> {
  const faults: BundleFault[] = [];
  for (const [name, said] of Object.entries(manifest.entries)) {
    const bytes = Object.hasOwn(entries, name) ? entries[name] : undefined;
    if (!bytes) faults.push({ code: 'missing', name });
    else if (bytes.length !== said.bytes || (await hashOf(bytes)) !== said.sha256)
      faults.push({ code: 'altered', name });
  }
  for (const name of Object.keys(entries))
    if (name !== MANIFEST && !Object.hasOwn(manifest.entries, name)) faults.push({ code: 'not-named', name });
  if (!Object.hasOwn(manifest.entries, MACHINE)) faults.push({ code: 'missing', name: MACHINE });
  return faults;
}

const refused = (...faults: BundleFault[]): BundleRead => ({ ok: false, faults, issues: [] });

/**
 * Reads a bundle; never throws. It is taken whole or not at all: an entry that is missing, altered or named
 * nowhere is told by its name.
 */
export async function readBundle(bytes: Bytes, hashOf: HashOf): Promise<BundleRead> {
  if (bytes.length > MOST_BUNDLE_BYTES) return refused({ code: 'too-large', name: '' });
  const read = unpacked(bytes);
  if ('code' in read) return refused(read);
  const { entries } = read;
  const manifest = manifestIn(entries);
  if (!manifest) return refused({ code: 'no-manifest', name: MANIFEST });
  const faults = await faultsOf(entries, manifest, hashOf);
  if (faults.length) return refused(...faults);
  const opened = readProjectFile(strFromU8(entries[MACHINE]!));
  if (!opened.ok) return { ok: false, faults: [], issues: opened.issues };
  const contents = new Map<string, Bytes>();
  const others: BundleFault[] = [];
  for (const file of opened.project.files) {
    const path = pathOf(file);
    const said = Object.hasOwn(manifest.entries, path) ? manifest.entries[path] : undefined;
    // A content that nobody had when the bundle was made is missing here as well.
    if (!said) continue;
    if (said.sha256 === file.hash) contents.set(file.hash, entries[path]!);
    else others.push({ code: 'altered', name: path });
  }
  if (others.length) return refused(...others);
  const { sha256: state } = manifest.entries[MACHINE]!;
  return { ...opened, contents, state, before: manifest.states ?? [] };
}

/** Whether a file begins as a zip does. */
export const looksLikeZip = (start: Uint8Array): boolean =>
  start[0] === 0x50 && start[1] === 0x4b && (start[2] === 0x03 || start[2] === 0x05);
