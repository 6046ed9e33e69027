import {
  circle,
  type Drawing,
  line,
  type Pen,
  type Point,
  polyline,
  rect,
  type Shape,
  type Text,
} from '@/core/drawing';
import type { SheetKind } from '@/core/prove';

/** Paper units of the whole drawing; y up from its lower edge. */
const WIDTH = 640;
const SIZE = 12;

const hair: Pen = { ink: 'soft', width: 0.6 };
const edge: Pen = { ink: 'ink', width: 1 };
const blue: Pen = { ink: 'blue', width: 1.4 };

const text = (x: number, y: number, words: string, more: Partial<Text> = {}): Text => ({
  kind: 'text',
  layer: 'notes',
  at: { x, y },
  text: words,
  size: SIZE,
  anchor: 'middle',
  ink: 'soft',
  ...more,
});
const said = (x: number, y: number, words: string, more: Partial<Text> = {}) =>
  text(x, y, words, { ink: 'blue', bold: true, anchor: 'start', ...more });

/** An arrow from one place to another. */
function arrow(from: Point, to: Point): Shape[] {
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const [ux, uy] = [(to.x - from.x) / length, (to.y - from.y) / length];
  const barb = (side: 1 | -1): Point => ({
    x: to.x - 7 * ux + side * 4 * uy,
    y: to.y - 7 * uy - side * 4 * ux,
  });
  return [line('sign', from, to, { pen: blue }), polyline('sign', [barb(1), to, barb(-1)], { pen: blue })];
}

/** An indicator whose plunger ends at a place and points down, up or to a side. */
function dial(tip: Point, way: 'down' | 'left' | 'right' = 'down'): Shape[] {
  const along = { down: { x: 0, y: 1 }, left: { x: 1, y: 0 }, right: { x: -1, y: 0 } }[way];
  const at = (d: number): Point => ({ x: tip.x + d * along.x, y: tip.y + d * along.y });
  const face = at(30);
  return [
    line('dial', tip, at(16), { pen: edge }),
    circle('dial', face, 14, { pen: edge, fill: 'panel' }),
    line('dial', face, { x: face.x + 7, y: face.y + 8 }, { pen: blue }),
    circle('dial', tip, 2, { fill: 'blue' }),
  ];
}

/** A rail from the side, on its screws. */
const rail = (y: number, from = 40, to = 440): Shape[] => [
  rect('rail', from, y, to - from, 10, { pen: edge, fill: 'steel' }),
  ...Array.from({ length: 11 }, (_, i) =>
    circle('bolts', { x: from + 20 + (i * (to - from - 40)) / 10, y: y + 5 }, 1.6, { pen: hair }),
  ),
];

const table = (y: number, from = 40, to = 440) =>
  rect('table', from, y, to - from, 8, { pen: edge, fill: 'panel' });

const straight = (side: boolean): Shape[] => [
  ...rail(20),
  rect('edge', 60, 74, 360, 12, { pen: edge, fill: 'panel' }),
  text(400, 92, 'straight edge, wire or level foot', { anchor: 'end' }),
  rect('carriage', 196, 30, 44, 12, { pen: edge, fill: 'blueWash' }),
  line('post', { x: 204, y: 42 }, { x: 204, y: 60 }, { pen: edge }),
  ...arrow({ x: 470, y: 20 }, { x: 470, y: 62 }),
  said(482, 46, side ? '+ the rail strays to +' : '+ the rail is high'),
  said(482, 30, 'stations from the near end', { bold: false }),
];

const parallel = (side: boolean): Shape[] => [
  ...rail(70),
  ...rail(14),
  rect('bridge', 200, 8, 26, 86, { pen: edge, fill: 'blueWash' }),
  text(30, 72, 'A', { ink: 'ink', bold: true }),
  text(30, 16, 'B', { ink: 'ink', bold: true }),
  ...dial({ x: 227, y: 19 }, 'left'),
  text(236, 100, 'bridge from the carriage on A', { anchor: 'start' }),
  ...arrow({ x: 470, y: side ? 20 : 14 }, { x: 470, y: side ? 62 : 56 }),
  said(482, 40, side ? '+ B is too near to A' : '+ B is high'),
];

const corners = (): Shape[] => [
  rect('frame', 90, 12, 260, 84, { pen: edge }),
  ...(
    [
      [82, 2, '1'],
      [358, 2, '2'],
      [358, 98, '3'],
      [82, 98, '4'],
    ] as const
  ).map(([x, y, n]) => text(x, y, n, { ink: 'ink', bold: true })),
  rect('level', 190, 8, 60, 8, { pen: edge, fill: 'blueWash' }),
  text(220, 22, 'near side'),
  text(220, 80, 'far side'),
  text(345, 50, 'right side', { anchor: 'end' }),
  text(96, 50, 'left side', { anchor: 'start' }),
  ...arrow({ x: 440, y: 20 }, { x: 500, y: 20 }),
  text(508, 16, 'along the bed', { ink: 'blue', bold: true, anchor: 'start' }),
  ...arrow({ x: 440, y: 20 }, { x: 440, y: 76 }),
  text(440, 82, 'across', { ink: 'blue', bold: true }),
  said(520, 50, '+ that end is high'),
];

const post = (x: number): Shape[] => [
  polyline(
    'post',
    [
      { x, y: 8 },
      { x: x + 14, y: 98 },
    ],
    { pen: { ink: 'ink', width: 8 } },
  ),
  line('plumb', { x: x + 26, y: 98 }, { x: x + 26, y: 8 }, { pen: { ...hair, dash: 'dashed' } }),
];

const upright = (): Shape[] => [
  table(0),
  ...post(110),
  ...post(330),
  ...arrow({ x: 160, y: 90 }, { x: 210, y: 90 }),
  said(220, 86, 'along the bed, then across', { bold: false }),
  said(460, 60, '+ the top leans to +'),
  said(460, 42, 'each post, in both planes', { bold: false }),
];

const inStep = (): Shape[] => [
  table(0),
  ...[80, 390].map((x) => rect('screw', x, 8, 10, 98, { pen: edge, fill: 'panel' })),
  rect('beam', 90, 40, 300, 14, { pen: edge, fill: 'steel' }),
  rect('beam', 90, 88, 300, 14, { pen: { ...edge, dash: 'dashed' } }),
  ...dial({ x: 140, y: 8 }),
  ...dial({ x: 340, y: 8 }),
  said(430, 60, '+ that end is low'),
  said(430, 42, 'all ends low, then high', { bold: false }),
];

const square = (): Shape[] => [
  polyline(
    'figure',
    [
      { x: 90, y: 12 },
      { x: 330, y: 12 },
      { x: 350, y: 96 },
      { x: 110, y: 96 },
      { x: 90, y: 12 },
    ],
    { pen: edge },
  ),
  line('first', { x: 90, y: 12 }, { x: 350, y: 96 }, { pen: blue }),
  line('second', { x: 330, y: 12 }, { x: 110, y: 96 }, { pen: { ...hair, dash: 'dashed' } }),
  text(82, 0, '1', { ink: 'ink', bold: true }),
  text(340, 0, '2', { ink: 'ink', bold: true }),
  text(360, 96, '3', { ink: 'ink', bold: true }),
  text(102, 96, '4', { ink: 'ink', bold: true }),
  text(210, 0, 'along the bed'),
  said(400, 60, '+ less than 90° at corner 1'),
  said(400, 42, 'then diagonal 1 to 3 is the longer one', { bold: false }),
];

const ends = (): Shape[] => [
  table(8),
  rect('beam', 90, 74, 300, 18, { pen: edge, fill: 'steel' }),
  rect('column', 76, 16, 14, 76, { pen: edge, fill: 'panel' }),
  rect('column', 390, 16, 14, 76, { pen: edge, fill: 'panel' }),
  ...dial({ x: 120, y: 16 }),
  ...dial({ x: 360, y: 16 }),
  text(140, 50, 'left', { anchor: 'start' }),
  text(340, 50, 'right', { anchor: 'end' }),
  said(430, 46, '+ the gantry is low there'),
];

const lean = (): Shape[] => [
  table(8),
  rect('stock', 220, 16, 90, 10, { pen: edge, fill: 'steel' }),
  rect('blade', 220, 16, 10, 86, { pen: edge, fill: 'steel' }),
  ...dial({ x: 219, y: 40 }, 'right'),
  ...arrow({ x: 150, y: 40 }, { x: 150, y: 96 }),
  said(330, 80, 'low, then high; across, then along'),
  said(330, 62, '+ the tool comes nearer to the blade', { bold: false }),
];

const tram = (): Shape[] => [
  circle('swing', { x: 220, y: 54 }, 46, { pen: { ...edge, dash: 'dashed' } }),
  circle('spindle', { x: 220, y: 54 }, 7, { pen: edge, fill: 'steel' }),
  line('arm', { x: 220, y: 54 }, { x: 266, y: 54 }, { pen: edge }),
  circle('tip', { x: 266, y: 54 }, 3, { fill: 'blue' }),
  text(276, 50, 'right', { anchor: 'start' }),
  text(164, 50, 'left', { anchor: 'end' }),
  text(220, 104, 'back: to the plate'),
  text(220, -4, 'front'),
  said(400, 56, 'seen from above; 100 mm from the middle'),
  said(400, 40, '+ plunger pushed in: the arm is low there', { bold: false }),
];

const flat = (): Shape[] => [
  rect('table', 120, 8, 240, 92, { pen: edge, fill: 'panel' }),
  ...Array.from({ length: 9 }, (_, i) => {
    const [row, column] = [Math.floor(i / 3), i % 3];
    return text(136 + row * 104, 14 + column * 34, String(i + 1), { ink: 'ink', bold: true });
  }),
  text(240, -6, 'along the bed'),
  said(400, 50, '+ the table is high there'),
];

const droop = (): Shape[] => [
  rect('post', 60, 6, 30, 94, { pen: edge, fill: 'steel' }),
  polyline(
    'arm',
    [
      { x: 90, y: 84 },
      { x: 430, y: 74 },
    ],
    { pen: { ink: 'ink', width: 4 } },
  ),
  table(6, 110, 440),
  ...[175, 260, 345, 425].map((x) => line('place', { x, y: 14 }, { x, y: 30 }, { pen: hair })),
  ...dial({ x: 260, y: 14 }),
  said(470, 52, '+ the head is low there'),
  said(470, 34, 'with the real head on', { bold: false }),
];

const screw = (): Shape[] => [
  ...rail(14),
  line('screw', { x: 40, y: 70 }, { x: 440, y: 76 }, { pen: { ink: 'ink', width: 4, dash: 'teeth' } }),
  rect('carriage', 210, 24, 44, 14, { pen: edge, fill: 'blueWash' }),
  ...dial({ x: 232, y: 68 }).map((s) => s),
  text(60, 50, 'near'),
  text(420, 50, 'far'),
  said(470, 52, 'indicator on the carriage'),
  said(470, 34, 'mean over one turn of the screw', { bold: false }),
];

const mesh = (): Shape[] => [
  ...rail(14),
  line('rack', { x: 40, y: 40 }, { x: 440, y: 40 }, { pen: { ink: 'ink', width: 3, dash: 'teeth' } }),
  circle('pinion', { x: 240, y: 64 }, 22, { pen: edge, fill: 'steel' }),
  text(240, 60, 'locked', { ink: 'ink' }),
  ...arrow({ x: 290, y: 64 }, { x: 340, y: 64 }),
  ...arrow({ x: 190, y: 64 }, { x: 140, y: 64 }),
  said(470, 52, 'push both ways: the whole play'),
];

const line2 = (sag: boolean): Shape[] => [
  circle('wheel', { x: 80, y: 54 }, 30, { pen: edge, fill: 'steel' }),
  circle('wheel', { x: 400, y: 54 }, 30, { pen: edge, fill: 'steel' }),
  line('lower', { x: 80, y: 24 }, { x: 400, y: 24 }, { pen: edge }),
  polyline(
    'upper',
    [
      { x: 80, y: 84 },
      { x: 240, y: sag ? 72 : 92 },
      { x: 400, y: 84 },
    ],
    { pen: blue },
  ),
  ...(sag ? arrow({ x: 240, y: 100 }, { x: 240, y: 76 }) : []),
  said(460, 60, sag ? 'sag in the middle of the span' : 'pluck the free span, or hang a weight on it'),
];

const runout = (): Shape[] => [
  rect('coupling', 90, 30, 50, 46, { pen: edge, fill: 'steel' }),
  rect('shaft', 140, 44, 260, 18, { pen: edge, fill: 'panel' }),
  ...dial({ x: 170, y: 62 }),
  ...dial({ x: 330, y: 62 }),
  text(170, 22, 'by the coupling'),
  text(330, 22, '50 mm further'),
  said(430, 52, 'one slow turn: the whole swing'),
];

const setups: Readonly<Record<SheetKind, (side: boolean) => readonly Shape[]>> = {
  straight,
  parallel,
  upright,
  'in-step': inStep,
  corners,
  square,
  ends,
  lean,
  droop,
  tram,
  flat,
  screw,
  mesh,
  belt: () => line2(false),
  chain: () => line2(true),
  runout,
};

/** How a sheet is set up, and which way its readings grow. @param side whether a rail is read sideways. */
export const setupDrawing = (kind: SheetKind, side: boolean): Drawing => ({
  scale: 1,
  shapes: [rect('ground', 0, -14, WIDTH, 128, { opacity: 0 }), ...setups[kind](side)],
});
