import type { Project } from '@/core/model';
import type { Block } from '@/core/program';
import { acrossOf, PIECE } from './pieces';
import {
  aroundHere,
  ask,
  CALM,
  feedTo,
  letterOf,
  type Make,
  millimetres,
  type ProgramBody,
  say,
  type Wanted,
} from './program-blocks';

/** Radius of the cutter that the brief speaks of; nought: drawn with a pen. */
const cutterRadius = ({ brief }: Project): number => {
  const mill = brief.cuts.find((c) => c.kind === 'mill');
  return mill?.kind === 'mill' ? mill.diameter.si / 2 : 0;
};

/** A shape about the place where the tool stands; lowered and lifted by hand, so that no depth is guessed. */
function shape({ project, grounds, plan }: Wanted, size: number, cut: 'inside' | 'outside' | 'round') {
  const [x, y] = acrossOf(project, grounds);
  if (!x || !y) return null;
  const [X, Y] = [letterOf(x), letterOf(y)];
  const round = cut === 'round';
  // Of a torch the kerf is what is asked for: no width is taken off.
  const r = plan.kind === 'plasma-square' ? 0 : cutterRadius(project);
  const half = size / 2 + (cut === 'inside' ? -r : r);
  if (!(half > 0) || 2 * half > Math.min(x.travel, y.travel)) return null;
  const speed = Math.min(CALM, x.feed, y.feed);
  const at = (i: number, j: number) => ({ [X]: i * half, [Y]: j * half });
  const path: Block[] = round
    ? [{ does: 'arc', way: 'cw', to: {}, centre: { [X]: 0, [Y]: 0 }, speed }]
    : [at(1, -1), at(1, 1), at(-1, 1), at(-1, -1)].map((to) => feedTo(to, speed));
  const body: ProgramBody = {
    nought: 'here',
    axes: [aroundHere(x, half), aroundHere(y, half)],
    blocks: [
      say(r ? `Cutter ${millimetres(2 * r)} across` : 'Pen or torch: no width is taken off'),
      say('The tool stands over the middle of the piece, lifted.'),
      feedTo(round ? { [X]: half, [Y]: 0 } : at(-1, -1), speed),
      ask('Spindle or torch on; lower the tool by hand.'),
      ...path,
      ask('Lift the tool by hand; spindle or torch off.'),
      feedTo({ [X]: 0, [Y]: 0 }, speed),
    ],
  };
  return body;
}

/** Programs of the test pieces that are plain outlines. */
export const shapeMakes = {
  disc: (w) => shape(w, PIECE.disc, 'round'),
  'ply-square': (w) => shape(w, PIECE.square, 'outside'),
  'half-lap': (w) => shape(w, PIECE.lap, 'inside'),
  pocket: (w) => shape(w, PIECE.pocket, 'inside'),
  'plasma-square': (w) => shape(w, PIECE.plasmaSquare, 'outside'),
} as const satisfies Readonly<Record<string, Make>>;
