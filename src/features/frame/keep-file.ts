import { type FileEntry, MOST_FILE_BYTES, MOST_NAME, PROGRAM_TYPE } from '@/core/model';
import { freshId } from '@/session';
import type { MachineStorage } from '@/storage';

/** Longest side of a kept photo, and how it is pressed: some 300 kB. */
const LONGEST = 1600;
const QUALITY = 0.82;

const NO_STORAGE = 'Nothing is kept in this browser just now.';
const notStored = (what: string) => `${what} could not be stored: the browser may have no room left.`;

/** A photo no larger than it need be; @throws where the browser cannot read it. */
async function scaled(file: Blob): Promise<Uint8Array<ArrayBuffer>> {
  const image = await createImageBitmap(file);
  const share = Math.min(1, LONGEST / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(image.width * share);
  canvas.height = Math.round(image.height * share);
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  image.close();
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  if (!blob) throw new Error('no picture came out');
  return new Uint8Array(await blob.arrayBuffer());
}

/** A photo that is kept, as the machine’s files name it, or why it is not. */
export type KeptFile = { readonly file: FileEntry } | { readonly refused: string };

/** Scales a photo and keeps it in this browser. @param name without its ending. */
export async function keepPhoto(
  storage: MachineStorage | null,
  photo: Blob,
  name: string,
): Promise<KeptFile> {
  if (!storage) return { refused: NO_STORAGE };
  const bytes = await scaled(photo).catch(() => undefined);
  if (!bytes) return { refused: 'The photo could not be read. Try another, in JPEG or PNG.' };
  try {
    const hash = await storage.contents.put(bytes, 'image/jpeg');
    const named = `${name.slice(0, 110)}.jpg`;
    return { file: { id: freshId(), name: named, type: 'image/jpeg', bytes: bytes.length, hash } };
  } catch {
    return { refused: notStored('The photo') };
  }
}

/** A name that no other file has, no longer than a name may be; its ending stays. */
function freeName(name: string, taken: readonly string[]): string {
  const dot = name.lastIndexOf('.');
  const [stem, ending] = dot > 0 ? [name.slice(0, dot), name.slice(dot).slice(0, 12)] : [name, ''];
  for (let n = 1; ; n++) {
    const mark = n > 1 ? ` (${n})` : '';
    const free = `${stem.slice(0, MOST_NAME - mark.length - ending.length).trim()}${mark}${ending}`;
    if (!taken.includes(free)) return free;
  }
}

/** Keeps a program for the controller as it is. @param taken names of the files that the machine has. */
export async function keepProgram(
  storage: MachineStorage | null,
  file: File,
  taken: readonly string[],
): Promise<KeptFile> {
  if (!storage) return { refused: NO_STORAGE };
  const is = (read: string, wanted: string) => ({ refused: `${file.name}: read ${read}; wanted ${wanted}.` });
  // The size is looked at before anything is read: a film dropped by mistake must not fill the memory.
  if (file.size > MOST_FILE_BYTES)
    return is(`${file.size} bytes`, `a program of at most ${MOST_FILE_BYTES} bytes`);
  const bytes = await file.arrayBuffer().then(
    (b) => new Uint8Array(b),
    () => undefined,
  );
  if (!bytes) return { refused: `${file.name} could not be read (a folder, or a file that is gone).` };
  if (!bytes.length) return is('nothing', 'a program');
  if (bytes.includes(0)) return is('what is no text', 'a program, which is text');
  try {
    const hash = await storage.contents.put(bytes, PROGRAM_TYPE);
    const name = freeName(file.name.trim() || 'program', taken);
    return { file: { id: freshId(), name, type: PROGRAM_TYPE, bytes: bytes.length, hash } };
  } catch {
    return { refused: notStored(file.name) };
  }
}
