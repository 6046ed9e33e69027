const LF = 10;
const CR = 13;
/** Every so-manieth line is found at once, so that any other is found soon. */
export const LINES_A_MARK = 4096;
/** Longer lines are no program: what is beyond is passed over. */
const LONGEST = 4096;

/**
 * Cuts bytes that come in pieces into lines, by LF, CR or both. Memory stays the same however long a file is.
 * @param onLine is told the bytes of a line, where it ends in them, its number from 1, and whether it was cut
 * off for its length. The bytes are only good until it comes back.
 */
export class Lines {
  private readonly kept = new Uint8Array(LONGEST);
  private length = 0;
  private cut = false;
  private afterCr = false;
  private number = 0;
  /** Bytes that were read. */
  bytes = 0;
  /** Where the first line begins, and every so-manieth behind it. */
  readonly begins: number[] = [0];
  private marks = false;

  constructor(
    private readonly onLine: (bytes: Uint8Array, end: number, line: number, cut: boolean) => void,
  ) {}

  push(chunk: Uint8Array): void {
    const before = this.bytes;
    this.bytes += chunk.length;
    for (let i = 0; i < chunk.length; i++) {
      const byte = chunk[i]!;
      if (byte === LF && this.afterCr) {
        this.afterCr = false;
        continue;
      }
      if (this.marks) {
        this.begins.push(before + i);
        this.marks = false;
      }
      this.afterCr = byte === CR;
      if (byte === LF || byte === CR) this.told();
      else if (this.length < LONGEST) this.kept[this.length++] = byte;
      else this.cut = true;
    }
  }

  /** The last line need not end. */
  end(): void {
    if (this.length > 0) this.told();
  }

  private told(): void {
    const { length, cut } = this;
    this.length = 0;
    this.cut = false;
    this.number += 1;
    if (this.number % LINES_A_MARK === 0) this.marks = true;
    this.onLine(this.kept, length, this.number, cut);
  }
}
