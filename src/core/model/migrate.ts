import { axesSteps } from './axes/migrations';
import { briefSteps } from './brief/migrations';
import { buildSteps } from './build/migrations';
import { FORMAT, VERSION } from './document';
import { filesSteps } from './files/migrations';
import { fitSteps } from './fit/migrations';
import { type Issue, shorten } from './issue';
import { logSteps } from './log/migrations';
import { partsSteps } from './parts/migrations';
import { proveSteps } from './prove/migrations';
import type { Doc, SliceSteps } from './slice';
import { structureSteps } from './structure/migrations';

/** The steps of every slice. */
const slices: readonly SliceSteps[] = [
  briefSteps,
  axesSteps,
  structureSteps,
  fitSteps,
  partsSteps,
  buildSteps,
  proveSteps,
  logSteps,
  filesSteps,
];

export type Migrated =
  | { readonly ok: true; readonly document: Doc; readonly from: number }
  | { readonly ok: false; readonly issue: Issue };

const isRecord = (value: unknown): value is Doc =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const failed = (issue: Omit<Issue, 'params'> & Partial<Pick<Issue, 'params'>>): Migrated => ({
  ok: false,
  issue: { params: {}, ...issue },
});

/**
 * A document one version on: every slice with a step from here gives its fields anew. @throws what a step
 * throws.
 */
function step(document: Doc, from: number, steps: readonly SliceSteps[]): Doc | undefined {
  const taken = steps.flatMap((s) => s[from] ?? []);
  if (!taken.length) return undefined;
  const old = structuredClone(document);
  return Object.assign({ ...old }, ...taken.map((s) => s(old)), { version: from + 1 });
}

/**
 * Brings a document up to the current version in steps of one. The document that comes in is never changed.
 * @param steps of the slices; another list can be given in tests.
 */
export function migrate(value: unknown, steps = slices, target: number = VERSION): Migrated {
  if (!isRecord(value)) return failed({ code: 'not-an-object', path: [], read: shorten(value) });
  if (value.format !== FORMAT) {
    const read = value.format === undefined ? {} : { read: shorten(value.format) };
    return failed({ code: 'foreign', path: ['format'], ...read, params: { format: FORMAT } });
  }
  const version = value.version;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    const read = version === undefined ? {} : { read: shorten(version) };
    return failed({ code: 'bad-version', path: ['version'], ...read });
  }
  const read = String(version);
  if (version > target) return failed({ code: 'newer', path: ['version'], read, params: { target } });
  let document: Doc = value;
  for (let at = version; at < target; at++) {
    try {
      const next = step(document, at, steps);
      if (!next) return failed({ code: 'no-migration', path: ['version'], read, params: { target } });
      document = next;
    } catch {
      // What the engine says of it names its own variables, and nothing in the file.
      return failed({ code: 'migration-failed', path: ['version'], read: String(at), params: { at } });
    }
  }
  return { ok: true, document, from: version };
}
