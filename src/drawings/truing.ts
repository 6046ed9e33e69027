import {
  circle,
  type Drawing,
  line,
  outline,
  type Pen,
  polyline,
  rect,
  type Shape,
  type Text,
} from '@/core/drawing';
import { type MoveGroup, moveGroups, type SheetResult } from '@/core/prove';
import { formatNumber, type UnitSystem, smallUnit } from '@/core/units';

/** Readings along a length, as they are drawn. */
export interface TruingShown {
  readonly result: SheetResult;
  /** The round before; null where there was none. */
  readonly before: SheetResult | null;
  readonly length: number;
  readonly bolts: readonly number[];
  /** Where the next reading is taken; null where all are. */
  readonly next: number | null;
  readonly system: UnitSystem;
  /** Of the whole drawing, paper units. */
  readonly width: number;
  /** Where the first and the last place stand, paper units from the left. */
  readonly from: number;
  readonly to: number;
}

const CHART = 150;
const SIZE = 11;
/** From the axis of the chart down to the rail. */
const RAIL = 64;
const MOST_SHIM = 26;

const hair: Pen = { ink: 'soft', width: 0.5 };
const edge: Pen = { ink: 'ink', width: 1.6 };
const blue: Pen = { ink: 'blue', width: 1.2 };
const dotted: Pen = { ink: 'soft', width: 1, dash: 'dotted' };
const coming: Pen = { ink: 'blue', width: 1.2, dash: 'dashed' };

const text = (at: Text['at'], words: string, more: Partial<Text> = {}): Text => ({
  kind: 'text',
  layer: 'notes',
  at,
  text: words,
  size: SIZE,
  anchor: 'middle',
  ink: 'soft',
  ...more,
});

/** Small lengths by the sheet: micrometres or thousandths of an inch. */
const fine = (si: number, system: UnitSystem) => smallUnit(system).fromSi(si);

/** A round step so that some four lines stand in a range. */
function stepOf(range: number): number {
  const rough = range / 4;
  const power = 10 ** Math.floor(Math.log10(rough));
  return [1, 2, 5, 10].map((f) => f * power).find((s) => s >= rough) ?? 10 * power;
}

/** Everything that must be seen, in the fine unit. */
function rangeOf({ result, before, system }: TruingShown): readonly [number, number] {
  const heights = [...result.points, ...(before?.points ?? [])].map((p) => fine(p.h, system));
  const [low, high] = [Math.min(0, ...heights), Math.max(0, ...heights)];
  const room = Math.max(high - low, 10) * 0.15;
  return [low - room, high + room];
}

/** Readings, the band that holds them, the round before, and what goes under the bolts. */
export function truingDrawing(shown: TruingShown): Drawing {
  const { result, before, length, width, system, from, to } = shown;
  const [low, high] = rangeOf(shown);
  const x = (m: number) => from + ((to - from) * m) / (length || 1);
  const y = (h: number) => ((fine(h, system) - low) / (high - low)) * CHART;
  const step = stepOf(high - low);
  const ticks: number[] = [];
  for (let t = Math.ceil(low / step) * step; t <= high; t += step) ticks.push(t);
  const at = (t: number) => ((t - low) / (high - low)) * CHART;
  const grid = ticks.flatMap((t): Shape[] => [
    line(
      'grid',
      { x: from, y: at(t) },
      { x: width - 8, y: at(t) },
      { pen: hair, opacity: t === 0 ? 1 : 0.4 },
    ),
    text({ x: from - 16, y: at(t) - 4 }, t > 0 ? `+${formatNumber(t, 3)}` : formatNumber(t, 3), {
      anchor: 'end',
    }),
  ]);
  return {
    scale: 1,
    shapes: [
      ...grid,
      ...bandShapes(shown, x, y),
      ...(before ? [path(before, x, y, dotted)] : []),
      path(result, x, y, edge),
      ...result.points.map((p) =>
        circle('points', { x: x(p.x), y: y(p.h) }, 3, { fill: 'ink', title: sayPoint(p, system) }),
      ),
      ...result.contacts.map((p) => circle('contacts', { x: x(p.x), y: y(p.h) }, 7, { pen: blue })),
      ...(shown.next === null
        ? []
        : [line('next', { x: x(shown.next), y: 0 }, { x: x(shown.next), y: CHART }, { pen: coming })]),
      ...railShapes(shown, x),
    ],
  };
}

const sayPoint = (p: { readonly x: number; readonly h: number }, system: UnitSystem) =>
  `${formatNumber(fine(p.h, system), 3)} ${smallUnit(system).symbol}`;

const path = ({ points }: SheetResult, x: (m: number) => number, y: (h: number) => number, pen: Pen): Shape =>
  polyline(
    'readings',
    points.map((p) => ({ x: x(p.x), y: y(p.h) })),
    { pen },
  );

/** The band with both its lines. */
function bandShapes(
  { result, length }: TruingShown,
  x: (m: number) => number,
  y: (h: number) => number,
): Shape[] {
  const { band, points } = result;
  if (!band || points.length < 2) return [];
  const last = points.at(-1)!.x;
  const corner = (m: number, offset: number) => ({ x: x(m), y: y(offset + band.slope * m) });
  const first = points[0]!.x;
  const held = [
    corner(first, band.top),
    corner(last, band.top),
    corner(last, band.bottom),
    corner(first, band.bottom),
  ];
  const beyond = last < length ? [band.top, band.bottom] : [];
  return [
    outline('band', held, { fill: 'blueWash' }),
    line('band', held[0]!, held[1]!, { pen: blue }),
    line('band', held[3]!, held[2]!, { pen: blue }),
    ...beyond.map((offset) => line('band', corner(last, offset), corner(length, offset), { pen: coming })),
  ];
}

/** The rail on its bolts, and what goes in under them. */
function railShapes({ bolts, result, length, system }: TruingShown, x: (m: number) => number): Shape[] {
  if (!bolts.length) return [];
  const most = Math.max(1e-9, ...result.moves.map((m) => Math.abs(m.by)));
  const shims = result.moves.flatMap((m): Shape[] => {
    if (m.bolt === null || bolts[m.bolt] === undefined) return [];
    const tall = (Math.abs(m.by) / most) * MOST_SHIM;
    const title = `bolt ${m.bolt + 1}: ${sayPoint({ x: 0, h: m.by }, system)}`;
    const below = m.by < 0 ? 0 : tall;
    return [rect('shims', x(bolts[m.bolt]!) - 3, -RAIL - 8 - below, 6, tall, { fill: 'blue', title })];
  });
  return [
    rect('rail', x(0) - 6, -RAIL - 6, x(length) - x(0) + 12, 12, {
      pen: { ink: 'ink', width: 0.8 },
      fill: 'steel',
    }),
    ...bolts.map((b) => circle('bolts', { x: x(b), y: -RAIL }, 1.6, { pen: hair })),
    ...shims,
    ...largest(moveGroups(result.moves)).map(({ first, last, low, high: top }) =>
      text(
        { x: (x(bolts[first] ?? 0) + x(bolts[last] ?? 0)) / 2, y: -RAIL - MOST_SHIM - 22 },
        `${boltsText(first, last)}: ${spanText(low, top, system)}`,
        { ink: 'blue', bold: true },
      ),
    ),
  ];
}

const boltsText = (first: number, last: number) =>
  first === last ? `bolt ${first + 1}` : `bolts ${first + 1} to ${last + 1}`;

const spanText = (low: number, high: number, system: UnitSystem) => {
  const say = (v: number) => formatNumber(fine(v, system), 2);
  const unit = smallUnit(system).symbol;
  return low === high ? `${say(low)} ${unit}` : `${say(low)} to ${say(high)} ${unit}`;
};

/** So many groups of bolts can be named without names running into one another. */
const MOST_NAMES = 4;
const largest = (groups: readonly MoveGroup[]) =>
  [...groups].sort((a, b) => b.last - b.first - (a.last - a.first)).slice(0, MOST_NAMES);

/** Rounds as they come down, with what is good enough drawn across. */
export interface RoundsShown {
  /** Worst figure of each round by its limit. */
  readonly worsts: readonly number[];
  /** What the next is expected to come to; null where nobody can say. */
  readonly expected: number | null;
  readonly say: (worst: number) => string;
  readonly width: number;
}

const TALL = 84;

export function roundsDrawing({ worsts, expected, say, width }: RoundsShown): Drawing {
  const all = expected === null ? worsts : [...worsts, expected];
  const most = Math.max(1.2, ...all);
  const left = 140;
  const x = (i: number) => left + ((width - left - 60) * i) / Math.max(1, all.length - 1);
  const y = (v: number) => (v / most) * TALL;
  const points = worsts.map((v, i) => ({ x: x(i), y: y(v) }));
  return {
    scale: 1,
    shapes: [
      rect('good', 40, 0, width - 40, y(1), { fill: 'blueWash', opacity: 0.6 }),
      line('good', { x: 40, y: y(1) }, { x: width, y: y(1) }, { pen: { ink: 'green', width: 1.4 } }),
      text({ x: 44, y: y(1) + 4 }, 'good enough', { anchor: 'start', ink: 'green', bold: true }),
      line('zero', { x: 40, y: 0 }, { x: width, y: 0 }, { pen: hair }),
      polyline('rounds', points, { pen: edge }),
      ...points.map((p, i) => circle('rounds', p, 4, { fill: 'ink', title: say(worsts[i]!) })),
      ...points.map((p, i) =>
        text({ x: p.x + 8, y: p.y + 8 }, say(worsts[i]!), { anchor: 'start', ink: 'ink', bold: true }),
      ),
      ...all.map((_, i) =>
        text({ x: x(i), y: -14 }, i < worsts.length ? String(i + 1) : `${i + 1} expected`),
      ),
      ...(expected === null || !points.length
        ? []
        : [
            line('next', points.at(-1)!, { x: x(all.length - 1), y: y(expected) }, { pen: coming }),
            circle('next', { x: x(all.length - 1), y: y(expected) }, 4, { pen: blue, fill: 'panel' }),
            text({ x: x(all.length - 1) + 8, y: y(expected) + 8 }, say(expected), {
              anchor: 'start',
              ink: 'blue',
            }),
          ]),
    ],
  };
}
