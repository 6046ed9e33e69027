import { type PlateShape, plateSquares } from '@/core/guides';
import type { Six } from '@/core/structure';
import type { FrameAxis } from './inputs';

export type Way = 'x' | 'y' | 'z';
export const ways = ['x', 'y', 'z'] as const;
const index: Record<Way, number> = { x: 0, y: 1, z: 2 };

/** What is not known counts as rigid: far stiffer than any part of a hobby machine, N/m and N·m/rad. */
export const RIGID = 1e12;
export const RIGID_TURN = 1e10;
/** A plate that gives way to a moment altogether would make the frame loose: N·m/rad that no answer feels. */
const LEAST_TURN = 1;

/** Springs that no answer feels. */
export const RIGID_SIX: Six = [RIGID, RIGID, RIGID, RIGID_TURN, RIGID_TURN, RIGID_TURN];

type Numbers = [number, number, number, number, number, number];

/** Six stiffnesses of carriages as a rigid plate on springs, put into the machine's directions. */
export function sixOf(axis: FrameAxis, shape: PlateShape, along: Way, drive: number): Six {
  const away = awayOf(axis, along);
  const lateral = ways.find((w) => w !== along && w !== away)!;
  const { n, roll, along: turning } = plateSquares(shape);
  const six: Numbers = [0, 0, 0, 0, 0, 0];
  six[index[along]] = drive;
  six[index[away]] = n * axis.vertical;
  six[index[lateral]] = n * axis.lateral;
  six[3 + index[along]] = Math.max(LEAST_TURN, axis.vertical * roll);
  six[3 + index[lateral]] = Math.max(LEAST_TURN, axis.vertical * turning);
  six[3 + index[away]] = Math.max(LEAST_TURN, axis.lateral * turning);
  return six;
}

/** A plate of which nothing is known but its drive. */
export function rigidSix(along: Way, drive: number): Six {
  const six: Numbers = [RIGID, RIGID, RIGID, RIGID_TURN, RIGID_TURN, RIGID_TURN];
  six[index[along]] = drive;
  return six;
}

/** The plate of an axis, rigid where the places of its carriages are not given. */
export const plateOf = (axis: FrameAxis, along: Way, drive: number, side = false): Six => {
  if (!axis.shape) return rigidSix(along, drive);
  return sixOf(axis, side ? sideShape(axis.shape) : axis.shape, along, drive);
};

/** Carriages of one side of a gantry: a plate on its own rail. */
const sideShape = (shape: PlateShape): PlateShape => ({
  ...shape,
  rails: Math.max(1, Math.round(shape.rails / 2)),
  spacing: 0,
});

/** What a plate gives at a point away from it, by direction: forces and their moments through six springs. */
export function pointCompliance(
  six: Six,
  [rx, ry, rz]: readonly [number, number, number],
): [number, number, number] {
  const turns = [
    [0, rz, ry],
    [rz, 0, rx],
    [ry, rx, 0],
  ] as const;
  const at = (d: 0 | 1 | 2) =>
    1 / six[d] + turns[d].reduce<number>((s, arm, i) => s + arm ** 2 / six[(3 + i) as 3 | 4 | 5], 0);
  return [at(0), at(1), at(2)];
}

/**
 * Which way the plate stands off its rails: upward or downward rails push along z, rails on a face push
 * outward.
 */
export function awayOf({ mounting }: FrameAxis, along: Way): Way {
  if (mounting === 'wall') return along === 'x' ? 'y' : 'x';
  return along === 'z' ? 'x' : 'z';
}

/** Both drives of an axis, or the one that it has. */
export const drivesOf = ({ drive, holdsBoth }: FrameAxis): number => drive * (holdsBoth ? 2 : 1);
