import type { InstrumentKind } from '@/core/model';

/** What an instrument gives: lengths, slopes against the horizontal, forces, tones. */
export type ReadingKind = 'length' | 'slope' | 'force' | 'frequency';

/** An instrument with the figures that its doubt is made of. */
export interface Instrument {
  readonly kind: InstrumentKind;
  readonly reads: ReadingKind;
  /** Smallest step that is read, in SI. */
  readonly digit: number;
  /** Error at most over a length, in SI; standard uncertainty is this by the root of three. */
  readonly limit: (length: number) => number;
  /** Where the limit is from. */
  readonly source: 'memory' | 'DIN 875 from memory' | 'DIN 874 from memory' | 'own';
}

const UM = 1e-6;
const fixed = (limit: number) => () => limit;
/** A limit that grows with the length, both in m. */
const growing =
  (least: number, each: number) =>
  (length: number): number =>
    least + each * Math.abs(length);

const of = (
  kind: InstrumentKind,
  digit: number,
  limit: Instrument['limit'],
  reads: ReadingKind = 'length',
  source: Instrument['source'] = 'memory',
): Instrument => ({ kind, reads, digit, limit, source });

const SQUARE = 'DIN 875 from memory';
const EDGE = 'DIN 874 from memory';

/**
 * Usual instruments. Standards give micrometres with the length in millimetres: 5 + L/50 is 5 µm and 20 µm a
 * metre.
 */
export const instruments: Readonly<Record<InstrumentKind, Instrument>> = {
  dial: of('dial', 10 * UM, fixed(15 * UM)),
  'lever-dial': of('lever-dial', 2 * UM, fixed(5 * UM)),
  caliper: of('caliper', 10 * UM, fixed(30 * UM)),
  tape: of('tape', 500 * UM, growing(300 * UM, 200 * UM)),
  wire: of('wire', 20 * UM, fixed(20 * UM)),
  'straight-edge-1': of('straight-edge-1', 10 * UM, growing(4 * UM, UM / 0.06), 'length', EDGE),
  'straight-edge-2': of('straight-edge-2', 10 * UM, growing(8 * UM, UM / 0.04), 'length', EDGE),
  'square-0': of('square-0', 10 * UM, growing(5 * UM, UM / 0.05), 'length', SQUARE),
  'square-1': of('square-1', 10 * UM, growing(10 * UM, UM / 0.02), 'length', SQUARE),
  'square-2': of('square-2', 10 * UM, growing(20 * UM, UM / 0.01), 'length', SQUARE),
  'machine-level': of('machine-level', 20 * UM, fixed(20 * UM), 'slope'),
  level: of('level', 250 * UM, fixed(500 * UM), 'slope'),
  feeler: of('feeler', 10 * UM, fixed(10 * UM)),
  ruler: of('ruler', 500 * UM, fixed(200 * UM)),
  scale: of('scale', 1, fixed(2), 'force'),
  tone: of('tone', 0.5, fixed(1), 'frequency'),
};

/** An instrument as its owner knows it: digits and limit that were said count for the usual ones. */
export function instrumentOf(
  kind: InstrumentKind,
  own: { readonly digit: number | null; readonly limit: number | null } = { digit: null, limit: null },
): Instrument {
  const usual = instruments[kind];
  if (own.digit === null && own.limit === null) return usual;
  const { limit } = own;
  return {
    ...usual,
    digit: own.digit ?? usual.digit,
    limit: limit === null ? usual.limit : () => limit,
    source: limit === null ? usual.source : 'own',
  };
}
