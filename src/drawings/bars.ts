import { begunId, type SectionPlan } from '@/core/build';
import { type Drawing, line, type Pen, polyline, rect, type Shape, type Text } from '@/core/drawing';
import type { BegunBar } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';

/** Bars of one section as they are sawn. */
export interface BarsShown {
  readonly plan: SectionPlan;
  readonly system: UnitSystem;
  /** What a piece is for, by its id. */
  readonly pieceName: (id: string) => string;
  /** Of the drawing, paper units. */
  readonly width: number;
}

/** A piece on a bar, planned or cut. */
interface Laid {
  readonly id: string;
  readonly start: number;
  readonly end: number;
  readonly state: 'planned' | 'next' | 'good' | 'spoilt';
}

/** One bar as it is drawn. */
interface Row {
  readonly title: string;
  readonly length: number;
  readonly firstHole: number;
  readonly pieces: readonly Laid[];
  readonly rest: number;
}

const edge: Pen = { ink: 'ink', width: 1.2 };
const hair: Pen = { ink: 'soft', width: 0.8 };
const stock: Pen = { ink: 'soft', width: 0.9, dash: 'dashed' };
const wrong: Pen = { ink: 'red', width: 1.2 };

/** Paper units: what stands left of the bars, a bar's height, from one bar to the next, sizes of figures. */
const NAME = 104;
const HIGH = 20;
const STEP = 52;
const SIZE = 12;

const cutsOf = ({ cuts }: BegunBar): Laid[] =>
  cuts.map(({ piece, start, end, state }) => ({ id: piece, start, end, state }));

/** Begun bars with what is planned on the rest of them, then new ones. */
function rowsOf({ plan: { begun, plan } }: BarsShown): Row[] {
  const planned = plan?.bars ?? [];
  const laid = (bar: Pick<(typeof planned)[number], 'bar' | 'pieces'>): Laid[] =>
    bar.pieces.map(({ piece, start, end }, i) => ({
      id: piece.id,
      start,
      end,
      state: i === 0 ? 'next' : 'planned',
    }));
  const before = begun.map((b, i): Row => {
    const more = planned.find((p) => p.bar.id === begunId(b.id));
    const last = b.cuts.at(-1)?.end ?? 0;
    return {
      title: `Begun ${i + 1}`,
      length: b.length,
      firstHole: b.firstHole,
      pieces: [...cutsOf(b), ...(more ? laid(more) : [])],
      rest: more ? more.rest : Math.max(0, b.length - last),
    };
  });
  const fresh = planned.filter((p) => !begun.some((b) => begunId(b.id) === p.bar.id));
  // Bars that are sawn alike stand once, with how many they are.
  const alike = new Map<string, number[]>();
  fresh.forEach(({ bar, pieces }, i) => {
    const key = [bar.id, ...pieces.map((p) => `${p.start} ${p.end}`)].join(' ');
    alike.set(key, [...(alike.get(key) ?? []), i]);
  });
  const names = (places: readonly number[]) =>
    places.length === 1 ? `Bar ${places[0]! + 1}` : `${places.length} bars alike`;
  return [
    ...before,
    ...[...alike.values()].map((places): Row => {
      const { bar, pieces, rest } = fresh[places[0]!]!;
      return {
        title: bar.count === null ? names(places) : `Here: ${names(places).toLowerCase()}`,
        length: bar.length,
        firstHole: bar.firstHole,
        pieces: laid({ bar, pieces }),
        rest,
      };
    }),
  ];
}

const fills = { planned: 'panel', next: 'blueWash', good: 'ink', spoilt: 'panel' } as const;
const inks = { planned: 'ink', next: 'blue', good: 'panel', spoilt: 'red' } as const;

interface At {
  readonly y: number;
  readonly m: (units: number) => number;
  readonly say: (m: number) => string;
}

/** Holes of a rail along a piece, as dots in its middle. */
function holesIn({ plan: { section } }: BarsShown, row: Row, piece: Laid, { y, m }: At): Shape[] {
  const { form } = section;
  if (form.kind !== 'holed') return [];
  const first = Math.ceil((piece.start - row.firstHole) / form.pitch - 1e-9);
  const last = Math.floor((piece.end - row.firstHole) / form.pitch + 1e-9);
  const ink = piece.state === 'good' ? 'panel' : 'soft';
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i): Shape => ({
    kind: 'circle',
    layer: 'holes',
    centre: { x: row.firstHole + (first + i) * form.pitch, y: y - m(HIGH - 4) },
    radius: m(1.2),
    fill: ink,
  }));
}

function pieceShapes(shown: BarsShown, row: Row, piece: Laid, at: At): Shape[] {
  const { y, m, say } = at;
  const { start, end, state } = piece;
  const wide = end - start;
  const title = `${shown.pieceName(piece.id)}, ${say(wide)}, ${state}`;
  const pen = state === 'spoilt' ? wrong : edge;
  const fits = wide > m(SIZE * 2.6);
  const label: Text = {
    kind: 'text',
    layer: 'lengths',
    at: { x: (start + end) / 2, y: y - m(HIGH * 0.62) },
    text: say(wide).replace(/ \D+$/, ''),
    size: SIZE,
    anchor: 'middle',
    ink: inks[state],
    bold: true,
  };
  const cross = [
    line('spoilt', { x: start, y }, { x: end, y: y - m(HIGH) }, { pen: wrong }),
    line('spoilt', { x: start, y: y - m(HIGH) }, { x: end, y }, { pen: wrong }),
  ];
  return [
    rect('pieces', start, y - m(HIGH), wide, m(HIGH), { pen, fill: fills[state], title }),
    ...holesIn(shown, row, piece, at),
    ...(fits ? [label] : []),
    ...(state === 'spoilt' ? cross : []),
  ];
}

/** Marks from the raw end: where each piece ends. Marks that would cover the one before stay out. */
function marks(row: Row, { y, m, say }: At): Shape[] {
  const ends = [row.pieces[0]?.start ?? 0, ...row.pieces.map((p) => p.end)];
  let last = -Infinity;
  return ends.flatMap((x): Shape[] => {
    const foot = y - m(HIGH);
    const tick = line('marks', { x, y: foot }, { x, y: foot - m(5) }, { pen: hair });
    const text = say(x).replace(/ \D+$/, '');
    const half = m((text.length * SIZE * 0.56) / 2);
    if (x - half < last + m(4)) return [tick];
    last = x + half;
    const at = { x, y: foot - m(17) };
    return [tick, { kind: 'text', layer: 'marks', at, text, size: SIZE - 1, anchor: 'middle', ink: 'soft' }];
  });
}

function rowShapes(shown: BarsShown, row: Row, at: At): Shape[] {
  const { y, m, say } = at;
  const text = (x: number, up: number, words: string, more: Partial<Text> = {}): Text => ({
    kind: 'text',
    layer: 'names',
    at: { x, y: y - m(up) },
    text: words,
    size: SIZE,
    anchor: 'start',
    ink: 'ink',
    ...more,
  });
  const worth = row.rest > 1e-6;
  return [
    rect('stock', 0, y - m(HIGH), row.length, m(HIGH), { pen: stock }),
    ...row.pieces.flatMap((p) => pieceShapes(shown, row, p, at)),
    ...marks(row, at),
    text(-m(NAME), 9, row.title, { bold: true }),
    text(-m(NAME), 23, say(row.length), { ink: 'soft', size: SIZE - 1 }),
    ...(worth ? [text(row.length + m(6), 14, `${say(row.rest)} left`, { ink: 'soft', size: SIZE - 1 })] : []),
    // Where the saw begins.
    polyline(
      'begin',
      [
        { x: 0, y: y + m(4) },
        { x: 0, y: y - m(HIGH + 4) },
      ],
      { pen: { ink: 'blue', width: 1.6 } },
    ),
  ];
}

/**
 * Every bar with its pieces, marks from one end, holes of a rail, what is spoilt; null where there is none.
 */
export function barsDrawing(shown: BarsShown): Drawing | null {
  const rows = rowsOf(shown);
  if (!rows.length) return null;
  const longest = Math.max(...rows.map((r) => r.length));
  const scale = Math.max(1, (shown.width - NAME - 96) / longest);
  const m = (units: number) => units / scale;
  const say = (x: number) => formatQuantity('length', x, shown.system, 5).text;
  const shapes = rows.flatMap((row, i) => rowShapes(shown, row, { y: -m(i * STEP), m, say }));
  return { scale, shapes };
}

/** The bars in words, for who does not see them. */
export function barsInWords(shown: BarsShown): string {
  const say = (x: number) => formatQuantity('length', x, shown.system, 5).text;
  return rowsOf(shown)
    .map(({ title, length, pieces }) => {
      const list = pieces.map((p) => `${say(p.end - p.start)}${p.state === 'planned' ? '' : ` ${p.state}`}`);
      return `${title} of ${say(length)}: ${list.join(', ')}`;
    })
    .join('; ');
}
