/** Single bytes that act at once, wherever they stand in the stream. */
export const NOW = { hold: 0x01, carryOn: 0x02, drop: 0x04, report: 0x05 } as const;
export type NowByte = keyof typeof NOW;

const nowOf: ReadonlyMap<number, NowByte> = new Map(
  Object.entries(NOW).map(([name, byte]) => [byte, name as NowByte]),
);

/** Longest line, with its check and without its end. */
export const MOST_LINE = 200;
const LF = 0x0a;

/** What a stream of bytes comes to. */
export type Heard =
  | { readonly is: 'line'; readonly text: string }
  /** A line longer than any may be; all of it is gone. */
  | { readonly is: 'long' }
  /** A line with a byte that is no printable ASCII. */
  | { readonly is: 'foreign' }
  | { readonly is: 'now'; readonly byte: NowByte };

/**
 * Takes lines out of a stream that may be cut anywhere: bytes that act at once are taken out first, a line
 * that grew too long is thrown away up to its end, so that the next one is read whole.
 */
export function lineReader(): (bytes: Iterable<number>) => readonly Heard[] {
  let text = '';
  let long = false;
  let foreign = false;
  return (bytes) => {
    const heard: Heard[] = [];
    for (const byte of bytes) {
      const now = nowOf.get(byte);
      if (now) heard.push({ is: 'now', byte: now });
      else if (byte === LF) {
        if (long) heard.push({ is: 'long' });
        else if (foreign) heard.push({ is: 'foreign' });
        else if (text !== '') heard.push({ is: 'line', text });
        [text, long, foreign] = ['', false, false];
      } else if (text.length >= MOST_LINE) long = true;
      else {
        if (byte < 0x20 || byte > 0x7e) foreign = true;
        text += String.fromCharCode(byte);
      }
    }
    return heard;
  };
}

/** A line as bytes, with its end. */
export const bytesOf = (line: string): Uint8Array => new TextEncoder().encode(`${line}\n`);
