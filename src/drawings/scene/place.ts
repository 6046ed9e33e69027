import type { Ink } from '@/core/drawing';
import type { Scene, SceneBox } from '@/core/machine';

export type ViewId = 'orbit' | 'front' | 'plan' | 'side';

/** Where each axis stands, m from the start of its travel, by id. */
export type Positions = Readonly<Record<string, number>>;

/** The middle of a piece with the axes where they stand. */
export function placeOf(box: SceneBox, { moves }: Scene, positions: Positions): [number, number, number] {
  const at: [number, number, number] = [...box.at];
  for (const m of moves) {
    const half = box.half.includes(m.axisId) ? 0.5 : 0;
    const share = box.rides.includes(m.axisId) ? 1 : half;
    if (share) for (let i = 0; i < 3; i++) at[i]! += m.way[i]! * share * (positions[m.axisId] ?? 0);
  }
  return at;
}

/** Every axis in the middle of its travel, the plunge axis a little down. */
export const restingPositions = ({ moves }: Scene): Positions =>
  Object.fromEntries(moves.map((m) => [m.axisId, m.travel * (m.way[2] ? 0.3 : 0.5)]));

/** What every kind of piece is painted with. */
export const boxInks: Readonly<Record<SceneBox['what'], Ink>> = {
  bed: 'steel',
  support: 'steel',
  table: 'panel',
  column: 'panel',
  beam: 'blueWash',
  prop: 'steel',
  plate: 'panel',
  tool: 'ink',
  rail: 'steel',
  carriage: 'blue',
  screw: 'steel',
  rack: 'steel',
  belt: 'ink',
  wheel: 'steel',
  nut: 'blueWash',
  block: 'blueWash',
  motor: 'amberWash',
  coupling: 'steel',
  cable: 'soft',
};
