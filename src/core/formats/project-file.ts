import { type Issue, openProject, type Opened, type Project } from '@/core/model';
import { type Contents, readContents, writtenContents } from './contents';

/** Largest document that is read, bytes. */
export const MAX_FILE_BYTES = 5 * 1024 * 1024;
/** Largest file that is read, the contents of the machine's files included, bytes. */
export const MAX_WHOLE_BYTES = 80 * 1024 * 1024;
/** Deeper nesting than any machine has: refused before the schema walks into it. */
const MAX_DEPTH = 40;

/** A file that is too large to be read. */
export const fileTooLarge = (bytes: number, most = MAX_FILE_BYTES): Issue => ({
  code: 'file-too-large',
  path: [],
  read: `${bytes} bytes`,
  params: { most },
});

function depthOf(value: unknown): number {
  // Level by level instead of by recursion: the depth of a hostile file must not become that of the stack.
  let level: unknown[] = [value];
  let depth = 0;
  while (level.length && depth <= MAX_DEPTH) {
    level = level.flatMap((v) => (typeof v === 'object' && v !== null ? Object.values(v) : []));
    depth++;
  }
  return depth;
}

/** Reads a machine out of a value that came as JSON; never throws. */
export function readProjectValue(value: unknown): Opened {
  if (depthOf(value) > MAX_DEPTH)
    return { ok: false, issues: [{ code: 'too-deep', path: [], params: { most: MAX_DEPTH } }] };
  return openProject(value);
}

/** A machine that was read out of a file, with the contents that came along. */
export type OpenedFile = Opened & { readonly contents: Contents };

const bytesOf = (text: string) => new TextEncoder().encode(text).length;
const refused = (...issues: Issue[]): OpenedFile => ({ ok: false, issues, contents: new Map() });

/** Reads the text of a project file; never throws. A byte order mark is passed over. */
export function readProjectFile(text: string): OpenedFile {
  const bytes = bytesOf(text);
  if (bytes > MAX_WHOLE_BYTES) return refused(fileTooLarge(bytes, MAX_WHOLE_BYTES));
  let value: unknown;
  try {
    value = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (cause) {
    const start = text.trim().slice(0, 40);
    const why = cause instanceof Error ? cause.message.slice(0, 160) : 'not JSON';
    return refused({ code: 'not-json', path: [], ...(start ? { read: start } : {}), params: { why } });
  }
  const { contents: carried, ...document } =
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? (value as Record<string, unknown>)
      : { contents: undefined };
  const read = readContents(carried);
  if (!read.ok) return refused(...read.issues);
  // What came along does not count: only a document that is large by itself is refused.
  const own = carried === undefined ? bytes : bytesOf(JSON.stringify(document));
  if (own > MAX_FILE_BYTES) return refused(fileTooLarge(own));
  return { ...readProjectValue(carried === undefined ? value : document), contents: read.contents };
}

/**
 * The text of a project file: indented, so that it can be read and compared, while that may be read again.
 */
export function writeProjectFile(project: Project): string {
  const indented = `${JSON.stringify(project, null, 2)}\n`;
  return bytesOf(indented) <= MAX_FILE_BYTES ? indented : `${JSON.stringify(project)}\n`;
}

/**
 * The text of a project file with the contents of the machine's files, as many as such a file may carry.
 * @returns the text, and the names of the files whose content is not in it.
 */
export function writeWholeFile(project: Project, contents: Contents): { text: string; leftOut: string[] } {
  const text = writeProjectFile(project);
  if (!project.files.length) return { text, leftOut: [] };
  const { written, leftOut } = writtenContents(project, contents, MAX_WHOLE_BYTES - MAX_FILE_BYTES);
  // The document stands as it would alone; what came along follows it.
  const body = text.trimEnd().slice(0, -1).trimEnd();
  return { text: `${body},\n  "contents": ${JSON.stringify(written)}\n}\n`, leftOut };
}

/** A file name made of any name: lower case, safe on every system. */
export function fileName(name: string, ending: string): string {
  const stem = name
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60);
  return `${stem || 'machine'}.${ending}`;
}

/** The name of a machine's file. */
export const projectFileName = ({ name }: Pick<Project, 'name'>): string => fileName(name, 'machine.json');
