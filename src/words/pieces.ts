import type { Piece, SceneBox } from '@/core/machine';
import type { Project } from '@/core/model';
import { formatQuantity } from '@/core/units';

/** What a piece of the picture is called. */
export const pieceNames: Record<Piece, string> = {
  bed: 'Side of the bed',
  support: 'Support',
  table: 'Table',
  column: 'Column',
  beam: 'Beam',
  prop: 'Prop',
  plate: 'Plate',
  tool: 'Tool',
  rail: 'Rail',
  carriage: 'Carriage',
  screw: 'Screw',
  rack: 'Rack',
  belt: 'Belt or chain',
  wheel: 'Pinion or pulley',
  nut: 'Nut',
  block: 'End block',
  motor: 'Motor',
  coupling: 'Coupling',
  cable: 'Cable chain',
};

/**
 * A piece with whose it is, its size, and whether anybody has said that: `Rail of Gantry, 20 × 1300 × 18 mm`.
 */
export function pieceText({ what, planned, size, usual }: SceneBox, { axes, units }: Project): string {
  const axis = axes.find((a) => a.id === planned.axisId);
  const plate = axis?.fit.plates.find((p) => p.id === planned.id);
  const name = plate?.name ?? pieceNames[what];
  const [x, y, z] = size.map((m) => formatQuantity('length', m, units, 3));
  const large = `${x!.number} × ${y!.number} × ${z!.text}`;
  return (
    `${name}${axis ? ` of ${axis.name}` : ''}, ` +
    `${large}${usual ? ' (not all said: drawn as is usual)' : ''}`
  );
}
