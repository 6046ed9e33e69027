import {
  type Drawing,
  type Ink,
  line,
  type Pen,
  polyline,
  rect,
  type Shape,
  type Text,
} from '@/core/drawing';

/** A step on the map of the work. */
export interface MapStep {
  readonly id: string;
  /** Its number in the order. */
  readonly number: number;
  readonly lane: string;
  readonly title: string;
  readonly needs: readonly string[];
  readonly state: 'done' | 'next' | 'open';
  /** In the way of what is picked: as how manyth it comes off. */
  readonly off: number | null;
}

export interface OrderMapShown {
  readonly lanes: readonly { readonly id: string; readonly title: string }[];
  readonly steps: readonly MapStep[];
  readonly picked: string | null;
  /** Of the drawing, paper units. */
  readonly width: number;
}

/** Paper units: what stands left of the steps, a box, from lane to lane, sizes of figures. */
const NAME = 118;
const HIGH = 20;
const LANE = 44;
const SIZE = 12;
/** Narrower than this a number does not fit. */
const LEAST = 25;

const hair: Pen = { ink: 'soft', width: 0.6 };
const link: Pen = { ink: 'soft', width: 0.8 };
const edge: Pen = { ink: 'ink', width: 1 };

/** Letters of a name that stand left of the steps. */
const LETTERS = 21;

const short = (name: string): string =>
  name.length > LETTERS ? `${name.slice(0, LETTERS - 1).trimEnd()}…` : name;

/** In which column each step stands: behind all that it needs, and behind its neighbours in the lane. */
function columnsOf(steps: readonly MapStep[]): ReadonlyMap<string, number> {
  const at = new Map<string, number>();
  const last = new Map<string, number>();
  for (const s of [...steps].sort((a, b) => a.number - b.number)) {
    const after = Math.max(-1, last.get(s.lane) ?? -1, ...s.needs.map((n) => at.get(n) ?? -1));
    at.set(s.id, after + 1);
    last.set(s.lane, after + 1);
  }
  return at;
}

interface Look {
  readonly pen: Pen;
  readonly fill: Ink;
  readonly ink: Ink;
}

function lookOf(step: MapStep, picked: string | null): Look {
  if (step.id === picked) return { pen: { ink: 'blue', width: 2.4 }, fill: 'blue', ink: 'panel' };
  if (step.off !== null) return { pen: { ink: 'red', width: 1.8 }, fill: 'panel', ink: 'red' };
  if (step.state === 'done') return { pen: edge, fill: 'ink', ink: 'panel' };
  if (step.state === 'next') return { pen: { ink: 'blue', width: 2 }, fill: 'blueWash', ink: 'ink' };
  return { pen: edge, fill: 'panel', ink: 'ink' };
}

const words = (at: Text['at'], text: string, more: Partial<Text> = {}): Text => ({
  kind: 'text',
  layer: 'notes',
  at,
  text,
  size: SIZE,
  anchor: 'middle',
  ink: 'ink',
  ...more,
});

/** The order of the work: lanes by axis, what needs what, what is done, what hides what is picked. */
export function orderMap({ lanes, steps, picked, width }: OrderMapShown): Drawing {
  const columns = columnsOf(steps);
  const count = Math.max(1, ...[...columns.values()].map((c) => c + 1));
  const wide = Math.max(LEAST + 4, (width - NAME) / count);
  const box = Math.min(wide - 4, 34);
  const row = new Map(lanes.map((l, i) => [l.id, i]));
  const x = (s: MapStep) => NAME + (columns.get(s.id)! + 0.5) * wide;
  const y = (s: MapStep) => -(row.get(s.lane) ?? 0) * LANE;
  const byId = new Map(steps.map((s) => [s.id, s]));
  const right = NAME + count * wide;
  const ground = lanes.flatMap((l, i): Shape[] => [
    line('lanes', { x: NAME - 6, y: -i * LANE }, { x: right, y: -i * LANE }, { pen: hair }),
    words({ x: 0, y: -i * LANE - 4 }, short(l.title), { anchor: 'start', bold: true }),
  ]);
  const links = steps.flatMap((s) =>
    s.needs.flatMap((n): Shape[] => {
      const from = byId.get(n);
      if (!from || from.lane === s.lane) return [];
      const turn = x(s) - box / 2 - 3;
      const points = [
        { x: x(from) + box / 2, y: y(from) },
        { x: turn, y: y(from) },
        { x: turn, y: y(s) },
        { x: x(s) - box / 2, y: y(s) },
      ];
      return [polyline('links', points, { pen: link, opacity: 0.55 })];
    }),
  );
  const target = steps.find((s) => s.id === picked);
  const hiding = steps.flatMap((s): Shape[] => {
    if (s.off === null || !target || s.id === target.id) return [];
    const high = Math.max(y(s), y(target)) + HIGH / 2 + 9;
    const points = [
      { x: x(target), y: y(target) + HIGH / 2 },
      { x: x(target), y: high },
      { x: x(s), y: high },
      { x: x(s), y: y(s) + HIGH / 2 },
    ];
    return [polyline('hides', points, { pen: { ink: 'red', width: 1.2, dash: 'dashed' } })];
  });
  const boxes = steps.flatMap((s): Shape[] => {
    const look = lookOf(s, picked);
    const [left, low] = [x(s) - box / 2, y(s) - HIGH / 2];
    const title = `${s.number} ${s.title}`;
    return [
      rect(s.id, left, low, box, HIGH, { pen: look.pen, fill: look.fill, title }),
      words({ x: x(s), y: y(s) - 4 }, String(s.number), { ink: look.ink, bold: true, layer: s.id }),
      ...(s.off === null
        ? []
        : [words({ x: x(s), y: y(s) - HIGH / 2 - 11 }, `${s.off} off`, { ink: 'red', size: 10.5 })]),
    ];
  });
  return { scale: 1, shapes: [...ground, ...links, ...hiding, ...boxes] };
}
