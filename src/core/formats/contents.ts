import {
  contentsSchema,
  fromBase64,
  type Issue,
  issueOfZod,
  type Project,
  shorten,
  toBase64,
} from '@/core/model';

/** Contents of a machine's files, by their hash. */
export type Contents = ReadonlyMap<string, Uint8Array<ArrayBuffer>>;

/** The name of the form that is wanted. */
const BASE_64 = { message: 'base64' };

export type ContentsRead =
  { readonly ok: true; readonly contents: Contents } | { readonly ok: false; readonly issues: Issue[] };

/** Reads the contents out of a file's value; none where the file has none. */
export function readContents(value: unknown): ContentsRead {
  if (value === undefined) return { ok: true, contents: new Map() };
  const parsed = contentsSchema.safeParse(value, { reportInput: true });
  if (!parsed.success)
    return { ok: false, issues: parsed.error.issues.map((issue) => issueOfZod(issue, ['contents'])) };
  const contents = new Map<string, Uint8Array<ArrayBuffer>>();
  const issues: Issue[] = [];
  for (const [hash, text] of Object.entries(parsed.data)) {
    const bytes = fromBase64(text);
    if (bytes) contents.set(hash, bytes);
    else issues.push({ code: 'wrong-form', path: ['contents', hash], read: shorten(text), params: BASE_64 });
  }
  return issues.length ? { ok: false, issues } : { ok: true, contents };
}

/**
 * The contents that a machine's files name, as they go into its file.
 * @param room letters that they may take.
 * @returns what goes in, and the names of the files for whose content there was no room or that are not
 * there.
 */
export function writtenContents({ files }: Project, contents: Contents, room: number) {
  const written: Record<string, string> = {};
  const leftOut: string[] = [];
  let used = 0;
  for (const { hash, name } of files) {
    if (hash in written) continue;
    const bytes = contents.get(hash);
    const letters = bytes ? 4 * Math.ceil(bytes.length / 3) : 0;
    if (!bytes || used + letters > room) {
      leftOut.push(name);
      continue;
    }
    written[hash] = toBase64(bytes);
    used += letters;
  }
  return { written, leftOut };
}
