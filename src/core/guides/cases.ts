import { GRAVITY } from '@/core/units';
import { type Axis, holdsBothSides } from '@/core/model';
import type { PlateLoad } from './plate';

/** What is done to the axis while the carriages are looked at. */
export type GuideCaseId = 'standing' | 'speeding-up' | 'cutting';

/** One sign of everything: acceleration in m/s² with its sign, and the tool's force in N. */
export interface GuideCase {
  readonly id: GuideCaseId;
  readonly acceleration: number;
  readonly tool: readonly [x: number, y: number, z: number];
}

/**
 * Every case that may be the worst: both directions of acceleration, and of each part of the tool's force.
 */
export function guideCases({ demands, guide }: Axis): GuideCase[] {
  const none = [0, 0, 0] as const;
  const a = demands.acceleration.si;
  const cases: GuideCase[] = [
    { id: 'standing', acceleration: 0, tool: none },
    { id: 'speeding-up', acceleration: a, tool: none },
    { id: 'speeding-up', acceleration: -a, tool: none },
  ];
  const along = demands.cuttingForce.si;
  if (!along && !guide.sideForce?.si && !guide.normalForce?.si) return cases;
  const side = guide.sideForce?.si ?? along;
  const normal = guide.normalForce?.si ?? 0;
  for (const x of [-along, along])
    for (const y of [-side, side])
      for (const z of normal ? [-normal, normal] : [0])
        cases.push({ id: 'cutting', acceleration: 0, tool: [x, y, z] });
  return cases;
}

/** Direction of the weight across the axis: rails on the ground, on the face of a beam, or overhead. */
const weightAcross = { flat: [0, -1], wall: [-1, 0], under: [0, 1] } as const;

/**
 * Forces and moments on the plate. The drive takes all force along the axis at its own point; with two drives
 * that point lies between them, for each takes its part.
 * @param mass kg that moves.
 */
export function plateLoad(
  { demands, guide, loads, drive }: Axis,
  mass: number,
  { acceleration, tool }: GuideCase,
): PlateLoad {
  const across = mass * GRAVITY * Math.cos(demands.inclination.si);
  const [wy, wz] = weightAcross[guide.mounting];
  const body = [
    -mass * GRAVITY * Math.sin(demands.inclination.si) - mass * acceleration,
    across * wy,
    across * wz,
  ] as const;
  const drives = holdsBothSides(drive) ? 0 : guide.driveY.si;
  const [bx, by, bz] = [guide.massX.si, guide.massY.si, guide.massZ.si];
  const [tx, ty, tz] = [guide.toolX.si, guide.toolY.si, guide.toolZ.si];
  // A counterbalance is taken to hold on where the weight pulls.
  const lifted = body[0] + loads.counterbalance.si;
  const pull = -(lifted + tool[0]);
  return {
    y: body[1] + tool[1],
    z: body[2] + tool[2],
    roll: by * body[2] - bz * body[1] + ty * tool[2] - tz * tool[1],
    pitch: bz * lifted - bx * body[2] + tz * tool[0] - tx * tool[2] + guide.driveZ.si * pull,
    yaw: bx * body[1] - by * lifted + tx * tool[1] - ty * tool[0] - drives * pull,
  };
}
