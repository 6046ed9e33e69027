import { boundsOf, type Drawing, line, type Pen, type Shape } from '@/core/drawing';
import type { Scene } from '@/core/machine';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { isometric, type Look, projected } from './faces';
import { painted } from './order';
import { placeOf, type Positions, type ViewId } from './place';
import { byDepth, seenShapes } from './shapes';

export { boxInks, placeOf, type Positions, restingPositions, type ViewId } from './place';
export { type Arrangement, arrangementDrawing, type ArrangementShown } from './arrangement';

const looks: Record<Exclude<ViewId, 'orbit'>, Look> = {
  front: { right: [1, 1], up: [2, 1], near: [0, 1] },
  plan: { right: [0, 1], up: [1, 1], near: [2, 1] },
  side: { right: [0, 1], up: [2, 1], near: [1, -1] },
};

/** Paper units that the longer side of a machine takes. */
const LONG = 460;

/** A round length, at most so large a part of the width. */
const barOf = (width: number): number => [0.1, 0.2, 0.5, 1, 2].filter((v) => v < width * 0.4).at(-1) ?? 0.1;

/** A bar that says how long a round length is on the drawing, under it. */
function measuringBar({ x0, x1, y0 }: { x0: number; x1: number; y0: number }, scale: number, text: string) {
  const bar = barOf(x1 - x0);
  const k = 1 / scale;
  const y = y0 - 16 * k;
  const pen: Pen = { ink: 'ink', width: 0.9 };
  const tick = (x: number) => line('notes', { x, y: y - 4 * k }, { x, y: y + 4 * k }, { pen });
  const shapes: Shape[] = [
    line('notes', { x: x0, y }, { x: x0 + bar, y }, { pen }),
    tick(x0),
    tick(x0 + bar),
    {
      kind: 'text',
      layer: 'notes',
      at: { x: x0 + bar + 8 * k, y: y - 4 * k },
      text,
      size: 13,
      anchor: 'start',
      ink: 'soft',
    },
  ];
  return shapes;
}

/** A machine as it is looked at. */
export interface SceneShown {
  readonly scene: Scene;
  readonly positions: Positions;
  readonly view: ViewId;
  readonly system: UnitSystem;
  /** Without a measuring bar, and without telling what is only usual. */
  readonly bare?: boolean;
  /** A piece that stands out, by its id. */
  readonly picked?: string | undefined;
}

/**
 * The machine drawn from its pieces: isometric or square on, lengths and heights to one scale. Every piece is
 * a
 * layer with its id.
 */
export function sceneDrawing({ scene, positions, view, system, bare = false, picked }: SceneShown): Drawing {
  const seen = scene.boxes.map((box) => {
    const at = placeOf(box, scene, positions);
    return view === 'orbit' ? isometric(box, at) : projected(box, at, looks[view]);
  });
  const shapes = seenShapes(view === 'orbit' ? painted(seen) : byDepth(seen), {
    layerOf: (box) => box.id,
    marked: !bare,
    inkOf: (box) => (box.id === picked ? 'amber' : undefined),
  });
  const ground = boundsOf({ scale: 1e9, shapes });
  const scale = LONG / Math.max(ground.x1 - ground.x0, ground.y1 - ground.y0);
  const bar = barOf(ground.x1 - ground.x0);
  const text = formatQuantity('length', bar, system, 4).text;
  return { scale, shapes: bare ? shapes : [...shapes, ...measuringBar(ground, scale, text)] };
}
