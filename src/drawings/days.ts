import { type Dated, DAY, dateOfWall, OpenTime, type Wall, wallOf } from '@/core/build';
import { type Drawing, line, type Pen, rect, type Shape, type Text } from '@/core/drawing';
import type { OtherDay, WorkTime } from '@/core/model';

/** Days with the times in which work is done, and what is done in them. */
export interface DaysShown {
  readonly now: Wall;
  readonly week: readonly WorkTime[];
  readonly others: readonly OtherDay[];
  readonly dated: readonly Dated[];
  readonly nameOf: (step: string) => string;
  /** Deliveries by their day. */
  readonly due: readonly { readonly day: string; readonly name: string }[];
  readonly count: number;
  /** Of the drawing, paper units. */
  readonly width: number;
}

/** Paper units: what stands left of the days, how high a day is, sizes of figures. */
const NAME = 44;
const TALL = 150;
const SIZE = 11;
const WEEKDAYS = ['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su'] as const;

const hair: Pen = { ink: 'soft', width: 0.5 };
const edge: Pen = { ink: 'ink', width: 0.8 };
const hot: Pen = { ink: 'blue', width: 1.4 };

/** Hours that the days of the strip reach over. */
function hoursOf(open: OpenTime): readonly [number, number] {
  const at = (m: Wall) => m % DAY;
  const from = Math.min(18 * 60, ...open.spans.map((s) => at(s.from)));
  const to = Math.max(20 * 60, ...open.spans.map((s) => at(s.to - 1) + 1));
  return [Math.floor(from / 60) * 60, Math.ceil(to / 60) * 60];
}

/** Pieces of a stretch day by day. */
const byDay = (from: Wall, to: Wall): { day: number; from: number; to: number }[] => {
  const found = [];
  for (let day = Math.floor(from / DAY); day * DAY < to; day++)
    found.push({ day, from: Math.max(0, from - day * DAY), to: Math.min(DAY, to - day * DAY) });
  return found;
};

/** Some days on end: open times shaded, work in them, deliveries under them. */
export function daysDrawing(shown: DaysShown): Drawing {
  const first = Math.floor(shown.now / DAY);
  const open = new OpenTime(first * DAY, shown.week, shown.others, shown.count);
  const [low, high] = hoursOf(open);
  const wide = (shown.width - NAME) / shown.count;
  const x = (day: number) => NAME + (day - first) * wide;
  const y = (minute: number) => -((Math.min(high, Math.max(low, minute)) - low) / (high - low)) * TALL;
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
  const inSight = (day: number) => day >= first && day < first + shown.count;
  const hours = Array.from({ length: Math.round((high - low) / 60) + 1 }, (_, i) => low + i * 60);
  const step = hours.length > 9 ? 3 : 1;
  const grid = hours
    .filter((h) => (h / 60) % step === 0)
    .flatMap((h): Shape[] => [
      line('grid', { x: NAME, y: y(h) }, { x: shown.width, y: y(h) }, { pen: hair, opacity: 0.5 }),
      text({ x: NAME - 6, y: y(h) - 4 }, `${h / 60}`, { anchor: 'end' }),
    ]);
  const times = open.spans.flatMap((s) =>
    byDay(s.from, s.to).map((p) =>
      rect('open', x(p.day) + 3, y(p.to), wide - 6, y(p.from) - y(p.to), { pen: hair, fill: 'steel' }),
    ),
  );
  const work = shown.dated.flatMap((d) =>
    open.spans
      .map((s) => ({ from: Math.max(s.from, d.from), to: Math.min(s.to, d.to) }))
      .filter((s) => s.to > s.from)
      .flatMap((s) => byDay(s.from, s.to))
      .filter((p) => inSight(p.day))
      .map((p) =>
        rect(d.id, x(p.day) + 4, y(p.to), wide - 8, y(p.from) - y(p.to), {
          pen: d.critical ? hot : edge,
          fill: d.critical ? 'blue' : 'blueWash',
          title: shown.nameOf(d.id),
        }),
      ),
  );
  const days = Array.from({ length: shown.count }, (_, i) => {
    const day = first + i;
    const weekday = WEEKDAYS[(((day + 3) % 7) + 7) % 7]!;
    const date = Number(dateOfWall(day * DAY).slice(8));
    return [
      text({ x: x(day) + wide / 2, y: 18 }, weekday, i === 0 ? { ink: 'blue', bold: true } : {}),
      text({ x: x(day) + wide / 2, y: 6 }, String(date), { ink: 'ink', bold: i === 0 }),
    ];
  }).flat();
  const due = shown.due.flatMap(({ day, name }): Shape[] => {
    const at = Math.floor(wallOf(day) / DAY);
    if (!inSight(at)) return [];
    const mark = { x: x(at) + wide / 2, y: -TALL - 14 };
    return [text(mark, '▲', { ink: 'amber', bold: true, title: name })];
  });
  return { scale: 1, shapes: [...grid, ...times, ...work, ...days, ...due] };
}
