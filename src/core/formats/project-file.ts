import { type Issue, openProject, type Opened, type Project } from '@/core/model';

/** Largest project file that is read, bytes. */
export const MAX_FILE_BYTES = 5 * 1024 * 1024;
/** Deeper nesting than any machine has: refused before the schema walks into it. */
const MAX_DEPTH = 40;

/** A file that is too large to be read. */
export const fileTooLarge = (bytes: number): Issue => ({
  code: 'file-too-large',
  path: [],
  read: `${bytes} bytes`,
  params: { most: MAX_FILE_BYTES },
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

/** Reads the text of a project file; never throws. A byte order mark is passed over. */
export function readProjectFile(text: string): Opened {
  const bytes = new TextEncoder().encode(text).length;
  if (bytes > MAX_FILE_BYTES) return { ok: false, issues: [fileTooLarge(bytes)] };
  let value: unknown;
  try {
    value = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (cause) {
    const start = text.trim().slice(0, 40);
    const why = cause instanceof Error ? cause.message.slice(0, 160) : 'not JSON';
    const issue: Issue = { code: 'not-json', path: [], ...(start ? { read: start } : {}), params: { why } };
    return { ok: false, issues: [issue] };
  }
  return readProjectValue(value);
}

/** The text of a project file: indented, so that it can be read and compared. */
export const writeProjectFile = (project: Project): string => `${JSON.stringify(project, null, 2)}\n`;

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
