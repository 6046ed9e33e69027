/** A stream of bytes to a device and back: a stand-in, or a real serial line. */
export interface BytePort {
  readonly send: (bytes: Uint8Array) => void;
  /** Called with whatever came, cut anywhere. @returns ends it. */
  readonly listen: (onBytes: (bytes: Uint8Array) => void) => () => void;
  /** Called once when the line is gone. @returns ends it. */
  readonly onClosed: (onClosed: () => void) => () => void;
  readonly close: () => void;
}

/** Time as the one who calls keeps it: the core has no clock. */
export interface Clock {
  /** ms */
  readonly now: () => number;
  /** @returns takes it back. */
  readonly after: (ms: number, act: () => void) => () => void;
}
