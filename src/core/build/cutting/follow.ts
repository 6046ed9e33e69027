import { type Bar, type BarForm, type CutPiece, GUARD, type Saw } from './stock';

/** Where on a bar a piece would lie, m from the raw end. */
export interface Span {
  readonly start: number;
  readonly end: number;
}

const modulo = (a: number, n: number) => ((a % n) + n) % n;

type Holed = Extract<BarForm, { kind: 'holed' }>;

/** Distance of the first hole behind a place, 0 to the pitch. */
const toHole = (bar: Bar, pitch: number, at: number) => modulo(bar.firstHole - at, pitch);

/** Whether a saw that takes this stretch keeps clear of every hole. */
function sawsClear(bar: Bar, { pitch, clear }: Holed, from: number, to: number): boolean {
  // A hole just as far off as it must be is clear, on whichever side of it the rounding falls.
  const behind = toHole(bar, pitch, from - clear + GUARD);
  return behind + 2 * GUARD >= to - from + 2 * clear;
}

/** Holes so that both ends are equal: the distance of the first from its end. */
export function equalEnd(length: number, pitch: number, clear: number): number | null {
  const count = Math.floor((length - 2 * clear) / pitch + GUARD) + 1;
  return length < 2 * clear ? null : (length - (count - 1) * pitch) / 2;
}

/**
 * Where a piece may begin at or behind a place, its first hole where it is wanted or off by the tolerance.
 */
function beginAsWanted(bar: Bar, { pitch, tolerance }: Holed, from: number, first: number): number {
  const least = from - tolerance - GUARD;
  const exact = least + modulo(bar.firstHole - first - least, pitch);
  return Math.max(from, exact - tolerance);
}

function onHoles(bar: Bar, form: Holed, saw: Saw, from: number, piece: CutPiece): Span | null {
  const { pitch, clear } = form;
  const { length } = piece;
  const good = (start: number) => {
    const first = toHole(bar, pitch, start);
    const last = modulo(start + length - bar.firstHole, pitch);
    const ends = first + GUARD >= clear && last + GUARD >= clear;
    // The end of a raw bar, and a cut that is made, want no saw any more.
    const made = bar.sawn === null ? 0 : bar.sawn + saw.kerf;
    const before = start <= made + GUARD || sawsClear(bar, form, start - saw.kerf, start);
    return ends && before && sawsClear(bar, form, start + length, start + length + saw.kerf);
  };
  if (piece.first !== 'free') {
    const first = piece.first ?? equalEnd(length, pitch, clear);
    if (first === null) return null;
    const start = beginAsWanted(bar, form, from, first);
    return good(start) ? { start, end: start + length } : null;
  }
  // Places where something changes: a hole passes one of the distances that are kept, at either end.
  const kept = [clear, -clear, clear + saw.kerf, -clear - saw.kerf];
  const changes = [0, length].flatMap((end) =>
    kept.map((d) => from + modulo(bar.firstHole + d - end - from, pitch)),
  );
  const start = [from, ...changes].sort((a, b) => a - b).find(good);
  return start === undefined ? null : { start, end: start + length };
}

/** Where the first piece of a raw bar may begin at the earliest. */
const beginning = ({ squared, kerf }: Saw) => (squared === 0 ? 0 : squared + kerf);

/** Up to where a piece may reach. */
const ending = (bar: Bar, { stub, kerf }: Saw) => bar.length - (stub > 0 ? stub + kerf : 0);

/** @param before where the last piece ends, sawn or planned; null: none was. */
function placed(bar: Bar, form: BarForm, saw: Saw, before: number | null, piece: CutPiece): Span | null {
  const { length } = piece;
  const first = beginning(saw);
  const from = before === null ? first : before + saw.kerf;
  switch (form.kind) {
    case 'plain':
      return { start: from, end: from + length };
    case 'mitred': {
      // The slanted cut is shared: the next piece reaches back over it by the height of the section.
      const start = before === null ? first : before - form.height + Math.SQRT2 * saw.kerf;
      return { start, end: start + length };
    }
    case 'toothed': {
      // From the middle of one gap to that of another; the saw eats of the gap, not of the length.
      const teeth = (m: number) => Math.ceil(m / form.pitch - 1e-6) * form.pitch;
      const lost = saw.kerf > form.gap + GUARD ? form.pitch : 0;
      const start = before === null ? teeth(first) : before + lost;
      return { start, end: start + length };
    }
    case 'holed':
      return onHoles(bar, form, saw, from, piece);
  }
}

/** How near a piece must be to a whole bar to be that bar, m. */
const AS_LONG = 0.0005;

/**
 * The earliest place of a piece behind what lies on a bar already; null where there is none left. It never
 * comes earlier when what lies before it ends later, so that of two ways to fill a bar with the same pieces
 * the one that ends earlier is as good or better.
 * @param before where the last piece of the plan ends; null: it is the first of the plan.
 */
export function follow(
  bar: Bar,
  form: BarForm,
  saw: Saw,
  before: number | null,
  piece: CutPiece,
): Span | null {
  // A bar that is as long as the piece is taken as it comes.
  if (before === null && bar.sawn === null && Math.abs(bar.length - piece.length) <= AS_LONG)
    return { start: 0, end: bar.length };
  const at = placed(bar, form, saw, before ?? bar.sawn, piece);
  return at && at.end <= ending(bar, saw) + GUARD ? at : null;
}
