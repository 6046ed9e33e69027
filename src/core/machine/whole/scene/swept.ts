import type { Place3, Scene, SceneBox } from './scene';

/** The least and the greatest of a machine along its three directions, m. */
export interface Extent {
  readonly low: Place3;
  readonly high: Place3;
}

/** How far a piece is moved at most one way, and how far the other. */
function reachOf(box: SceneBox, { moves }: Scene, way: 0 | 1 | 2): readonly [number, number] {
  let [least, most] = [0, 0];
  for (const m of moves) {
    const half = box.half.includes(m.axisId) ? 0.5 : 0;
    const by = m.way[way] * m.travel * (box.rides.includes(m.axisId) ? 1 : half);
    if (by < 0) least += by;
    else most += by;
  }
  return [least, most];
}

/** What the pieces of a machine sweep with every axis from one end of its travel to the other. */
export function sweptBy(scene: Scene, boxes: readonly SceneBox[] = scene.boxes): Extent {
  const low: [number, number, number] = [Infinity, Infinity, Infinity];
  const high: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const box of boxes)
    for (const way of [0, 1, 2] as const) {
      const [least, most] = reachOf(box, scene, way);
      low[way] = Math.min(low[way], box.at[way] - box.size[way] / 2 + least);
      high[way] = Math.max(high[way], box.at[way] + box.size[way] / 2 + most);
    }
  return { low, high };
}
