import { type Ink, outline, type Pen, type Shape } from '@/core/drawing';
import type { SceneBox } from '@/core/machine';
import type { Seen } from './faces';
import { boxInks } from './place';

const pen: Pen = { ink: 'ink', width: 0.7 };
const fine: Pen = { ink: 'ink', width: 0.4 };
const open: Pen = { ink: 'soft', width: 0.7, dash: 'dashed' };

/** Seen square on: the nearest last. */
export const byDepth = (seen: readonly Seen[]): Seen[] => [...seen].sort((a, b) => a.depth - b.depth);

/** How pieces are put on a sheet. */
interface Manner {
  readonly layerOf: (box: SceneBox) => string;
  /** Whether what is only usual is drawn in broken lines. */
  readonly marked: boolean;
  /** Pieces that stand out: what they are painted with. */
  readonly inkOf?: (box: SceneBox) => Ink | undefined;
}

/** Pieces in the order in which they are painted, as shapes. */
export const seenShapes = (seen: readonly Seen[], { layerOf, marked, inkOf }: Manner): Shape[] =>
  seen.flatMap(({ box, faces }) => {
    const layer = layerOf(box);
    const fill = inkOf?.(box) ?? boxInks[box.what];
    return faces.flatMap((face): Shape[] => {
      if (face.hole) return [outline(layer, face.points, { pen: fine, fill: 'panel' })];
      const body = outline(layer, face.points, { pen: marked && box.usual ? open : pen, fill });
      const shade = outline(layer, face.points, { fill: 'ink', opacity: face.shade });
      return face.shade > 0 ? [body, shade] : [body];
    });
  });
