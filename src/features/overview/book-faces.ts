import type { BookFaces } from '@/core/print';

const files = {
  normal: new URL('dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf', import.meta.url),
  bold: new URL('dejavu-fonts-ttf/ttf/DejaVuSansCondensed-Bold.ttf', import.meta.url),
} as const;

/** So many bytes are turned at once: a call takes no more arguments. */
const PIECE = 0x8000;

/** Bytes in base 64. */
function inBase64(bytes: Uint8Array): string {
  const pieces: string[] = [];
  for (let at = 0; at < bytes.length; at += PIECE)
    pieces.push(String.fromCharCode(...bytes.subarray(at, at + PIECE)));
  return btoa(pieces.join(''));
}

async function face(file: URL): Promise<string> {
  const response = await fetch(file);
  if (!response.ok) throw new Error(`${response.status}`);
  return inBase64(new Uint8Array(await response.arrayBuffer()));
}

/** The face of the book, which ships with the application: the PDF's own faces lack signs of the trade. */
export async function bookFaces(): Promise<BookFaces> {
  const [normal, bold] = await Promise.all([face(files.normal), face(files.bold)]);
  return { normal, bold };
}
