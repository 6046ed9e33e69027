import type { Issue } from '@/core/findings';
import { fromVersion1 } from './migrate-1';
import { fromVersion2 } from './migrate-2';
import { FORMAT, VERSION } from './schema';

/** Takes a document of version n to version n + 1. Gets plain JSON, returns plain JSON. */
export type Migration = (document: Record<string, unknown>) => Record<string, unknown>;

/** Migrations by the version that they start from. */
export const migrations: Readonly<Record<number, Migration>> = { 1: fromVersion1, 2: fromVersion2 };

export type Migrated =
  | { readonly ok: true; readonly document: Record<string, unknown>; readonly from: number }
  | { readonly ok: false; readonly issue: Issue };

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A value cut to a length that fits into a message. */
export function shorten(value: unknown): string {
  let text: string;
  try {
    text = typeof value === 'string' ? value : (JSON.stringify(value) ?? String(value));
  } catch {
    text = String(value);
  }
  return text.length > 80 ? `${text.slice(0, 77)}...` : text;
}

/**
 * Brings a document up to the current version in steps of one. The document that comes in is never changed.
 * @param steps the migrations; another table can be given in tests.
 */
export function migrate(
  value: unknown,
  steps: Readonly<Record<number, Migration>> = migrations,
  target: number = VERSION,
): Migrated {
  const fail = (issue: Issue): Migrated => ({ ok: false, issue });
  if (!isRecord(value))
    return fail({
      code: 'not-an-object',
      path: [],
      read: shorten(value),
      wanted: 'a JSON object that holds one machine',
    });
  if (value.format !== FORMAT)
    return fail({
      code: 'foreign',
      path: ['format'],
      ...(value.format === undefined ? {} : { read: shorten(value.format) }),
      wanted: `“${FORMAT}”`,
      why: 'this file was not written by this application',
    });
  const version = value.version;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return fail({
      code: 'bad-version',
      path: ['version'],
      ...(version === undefined ? {} : { read: shorten(version) }),
      wanted: 'a whole number from 1 up',
    });
  if (version > target)
    return fail({
      code: 'newer',
      path: ['version'],
      read: String(version),
      wanted: `${target} or lower`,
      why: 'the file was written by a newer edition of this application; open it there, or update this one',
    });
  let document: Record<string, unknown> = value;
  for (let at = version; at < target; at++) {
    const step = steps[at];
    if (!step)
      return fail({
        code: 'no-migration',
        path: ['version'],
        read: String(version),
        wanted: `a version that can be brought to ${target}`,
      });
    try {
      document = { ...step(structuredClone(document)), version: at + 1 };
    } catch (cause) {
      const why = cause instanceof Error ? cause.message : String(cause);
      return fail({
        code: 'migration-failed',
        path: ['version'],
        read: String(at),
        wanted: `a document that version ${at} allows`,
        why: shorten(why),
      });
    }
  }
  return { ok: true, document, from: version };
}
