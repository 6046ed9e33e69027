import type { FileEntry } from '@/core/model';
import { freshId } from '@/session';
import type { MachineStorage } from '@/storage';

/** Longest side of a kept photo, and how it is pressed: some 300 kB. */
const LONGEST = 1600;
const QUALITY = 0.82;

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
  if (!storage) return { refused: 'Nothing is kept in this browser just now.' };
  const bytes = await scaled(photo).catch(() => undefined);
  if (!bytes) return { refused: 'The photo could not be read. Try another, in JPEG or PNG.' };
  try {
    const hash = await storage.contents.put(bytes, 'image/jpeg');
    const named = `${name.slice(0, 110)}.jpg`;
    return { file: { id: freshId(), name: named, type: 'image/jpeg', bytes: bytes.length, hash } };
  } catch {
    return { refused: 'The photo could not be stored: the browser may have no room left.' };
  }
}
