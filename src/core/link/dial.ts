import { opened } from './crc';

/** A reading of a digital indicator. */
export interface DialReading {
  readonly id: string;
  /** Counts up by one each line. */
  readonly n: number;
  /** ms since it was switched on. */
  readonly time: number;
  /** m, + as its plunger is pushed in. */
  readonly value: number;
  readonly state: 'still' | 'moving' | 'over' | 'under';
}

const LINE = /^@([A-Za-z0-9-]{1,16}) (\d{1,9}) (\d{1,10}) (-?\d{1,8}) (um|tenths) (still|moving|over|under)$/;
/** Units that it sends: micrometres, and tenths of a thousandth of an inch. */
const PER_METRE = { um: 1e6, tenths: 1 / 2.54e-6 } as const;

/** Reads a line of an indicator; null where its check is missing or wrong, or it is no reading. */
export function readDial(text: string): DialReading | null {
  const whole = opened(text);
  const found = whole.ok && whole.checked ? LINE.exec(whole.line) : null;
  if (!found) return null;
  const [, id, n, time, value, unit, state] = found;
  return {
    id: id!,
    n: Number(n),
    time: Number(time),
    value: Number(value) / PER_METRE[unit as 'um'],
    state: state as DialReading['state'],
  };
}

/** What a reading that comes after another one tells: one that was sent again, or how many are missing. */
export const dialGap = (before: Pick<DialReading, 'n'>, after: Pick<DialReading, 'n'>): number =>
  after.n - before.n - 1;
