import { type Drawing, type Pen, polyline, rect, type Shape, type Text } from '@/core/drawing';

/** Paper units: a box, from box to box. */
const [WIDE, HIGH, STEP] = [118, 34, 158];
const edge: Pen = { ink: 'ink', width: 1.2 };
const power: Pen = { ink: 'ink', width: 1.6 };
const signal: Pen = { ink: 'blue', width: 1.2, dash: 'dashed' };

const words = (x: number, y: number, text: string, more: Partial<Text> = {}): Text => ({
  kind: 'text',
  layer: 'names',
  at: { x, y },
  text,
  size: 12,
  anchor: 'middle',
  ink: 'ink',
  ...more,
});

/** A box by its place in the grid. */
const at = (column: number, row: number) => ({ x: column * STEP, y: -row * 62 });

function box(column: number, row: number, text: string, cut = false): Shape[] {
  const { x, y } = at(column, row);
  return [
    rect('boxes', x, y, WIDE, HIGH, { pen: edge, fill: cut ? 'blueWash' : 'panel' }),
    words(x + WIDE / 2, y + HIGH / 2 - 4, text, { bold: cut }),
  ];
}

/** From the right of one box to the left of another. */
function join(from: readonly [number, number], to: readonly [number, number], pen: Pen): Shape {
  const [a, b] = [at(...from), at(...to)];
  const middle = b.x - (STEP - WIDE) / 2;
  const [y1, y2] = [a.y + HIGH / 2, b.y + HIGH / 2];
  const points = [
    { x: a.x + WIDE, y: y1 },
    { x: middle, y: y1 },
    { x: middle, y: y2 },
    { x: b.x, y: y2 },
  ];
  return polyline('lines', points, { pen });
}

/**
 * The emergency stop as a principle: the button drops the contactor, the contactor the power of drives and
 * tool, while logic stays on. @param tool spindle or torch. @param mains V; nought: not said.
 */
export function stopCircuit(tool: string, mains: number): Drawing {
  const stop = at(1, 3);
  const contactor = at(2, 1);
  return {
    scale: 1,
    shapes: [
      join([0, 1], [1, 0], power),
      join([1, 0], [2, 0], power),
      join([2, 0], [3, 0], power),
      join([0, 1], [2, 1], power),
      join([2, 1], [3, 1], power),
      join([3, 1], [4, 1], power),
      join([2, 1], [3, 2], power),
      polyline(
        'lines',
        [
          { x: stop.x + WIDE, y: stop.y + HIGH / 2 },
          { x: contactor.x + WIDE / 2, y: stop.y + HIGH / 2 },
          { x: contactor.x + WIDE / 2, y: contactor.y },
        ],
        { pen: signal },
      ),
      ...box(0, 1, mains ? `Mains ${mains} V` : 'Mains'),
      ...box(1, 0, 'Logic fuse'),
      ...box(2, 0, 'Logic supply'),
      ...box(3, 0, 'Controller'),
      ...box(2, 1, 'Contactor', true),
      ...box(3, 1, 'Drive supply'),
      ...box(4, 1, 'Drivers, motors'),
      ...box(3, 2, tool),
      ...box(1, 3, 'Stop, latching', true),
    ],
  };
}
