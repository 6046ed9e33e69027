/** Bytes turned into letters at once: an engine takes only so many arguments. Threes, so that pieces join. */
const PIECE = 0x6000;

/** Bytes as text in base 64. */
export function toBase64(bytes: Uint8Array): string {
  const pieces: string[] = [];
  for (let i = 0; i < bytes.length; i += PIECE)
    // Handed over as they stand: spread, they are five times slower, and photos are many bytes.
    pieces.push(btoa(Reflect.apply(String.fromCharCode, null, bytes.subarray(i, i + PIECE))));
  return pieces.join('');
}

/** The bytes that a text in base 64 stands for; undefined where it is none. */
export function fromBase64(text: string): Uint8Array<ArrayBuffer> | undefined {
  let letters: string;
  try {
    letters = atob(text);
  } catch {
    return undefined;
  }
  const bytes = new Uint8Array(letters.length);
  for (let i = 0; i < letters.length; i++) bytes[i] = letters.charCodeAt(i);
  return bytes;
}
