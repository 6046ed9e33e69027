import { belt as belts, chain as chains, planRack, rack as racks } from '@/core/drives';
import type { Axis } from '@/core/model';
import { driveBodies } from '../../axis';
import { plateThickness } from './guide-pieces';
import { type Drawn, type Lie, type Own, ownPiece } from './lie';
import { drivePlate } from './plate-pieces';
import type { SceneBox } from './scene';

const mm = (value: number) => value / 1000;

/** A nut's housing, a belt's width and thickness, a gap beside the rails, m. */
const HOUSING = [mm(40), mm(50), mm(40)] as const;
const BELT = [mm(15), mm(3)] as const;
const BESIDE = mm(10);

/** Where drives stand across the axis: in one line, or beside both outer rails. */
function lanes({ axis }: Lie, d: Drawn, width: number): readonly number[] {
  if (axis.drive.sets === 1) return [axis.guide.driveY.si];
  const out = d.carriageWidth / 2 + BESIDE + width / 2;
  return [(d.rails[0] ?? 0) - out, (d.rails.at(-1) ?? 0) + out];
}

/**
 * Middle of what stands along the axis, from the start of the travel: as it was placed, or where it serves.
 */
const standMiddle = ({ fit, demands }: Axis, d: Drawn, length: number) =>
  fit.driveStart
    ? fit.driveStart.si + length / 2 - d.start
    : demands.travel.si / 2 + (fit.driveOffset?.si ?? 0);

/** How thick plug and cable are drawn, m. */
const PLUG = mm(20);

/**
 * Plug and bend of the cable behind a motor, where they are said. @param at middle by half of their length.
 */
function plugs(
  { axis, mounts }: Lie,
  lane: number,
  at: (half: number) => Own['at'],
  way: 'along' | 'out',
  moves: boolean,
): Own[] {
  const long = driveBodies(axis, mounts).plug;
  if (!long) return [];
  const size = way === 'along' ? ([long, PLUG, PLUG] as const) : ([PLUG, PLUG, long] as const);
  return [{ id: `plug-${lane}`, what: 'cable', part: 'motor', at: at(long / 2), size, moves }];
}

/** Where a screw ends and how high it lies, m. */
interface ScrewEnds {
  readonly near: number;
  readonly far: number;
  readonly deep: number;
  readonly coupling: number;
  readonly up: number;
  readonly low: number;
}

/** The motor's plate stands at its face, those of the end blocks lie under them. */
function screwPlates(lie: Lie, lane: number, v: number, ends: ScrewEnds): Own[] {
  const { near, far, deep, coupling, up, low } = ends;
  const motor = { face: [near - deep - coupling, v, up], grows: 1, first: 'across', second: 'out' } as const;
  return [
    ...drivePlate(lie, 'motor', { ...motor, lane: `${lane}`, moves: false }),
    ...[near - deep / 2, far + deep / 2].flatMap((u, n) => {
      const end = { face: [u, v, up - low], grows: -1, first: 'along', second: 'across' } as const;
      return drivePlate(lie, 'end', { ...end, lane: `${lane}-${n}`, moves: false });
    }),
  ];
}

function screwPieces(lie: Lie, d: Drawn): Own[] {
  const { axis, mounts } = lie;
  const { drive, fit } = axis;
  if (drive.kind !== 'screw') return [];
  const { block, housing } = mounts;
  const { motor, coupling, block: deep } = driveBodies(axis, mounts);
  const between = drive.betweenBearings.si;
  const middle = standMiddle(axis, d, between);
  // The nut's housing hangs under the plate; without one the screw lies as high as its blocks hold it.
  const up = housing ? d.height - housing.centre : (block?.centre ?? d.height / 2);
  const low = block?.centre ?? up;
  const near = middle - between / 2;
  const nut = housing ? ([housing.length, housing.width, housing.height] as const) : HOUSING;
  const blockWidth = block?.width ?? mm(50);
  return lanes(lie, d, blockWidth).flatMap((v, i): Own[] => [
    {
      id: `screw-${i}`,
      what: 'screw',
      part: 'drive',
      at: [middle, v, up],
      size: [between, drive.nominalDiameter.si, drive.nominalDiameter.si],
      moves: false,
      round: 'along',
    },
    {
      id: `nut-${i}`,
      what: 'nut',
      part: 'drive',
      at: [fit.driveOffset?.si ?? 0, v, housing ? d.height - nut[2] / 2 : up],
      size: nut,
      moves: true,
      usual: !housing || !fit.driveOffset,
    },
    ...[near - deep / 2, near + between + deep / 2].map((u, n): Own => ({
      id: `block-${i}-${n}`,
      what: 'block',
      part: 'drive',
      at: [u, v, up],
      size: [deep, blockWidth, 2 * Math.min(low, blockWidth / 2)],
      moves: false,
      usual: !block,
    })),
    {
      id: `coupling-${i}`,
      what: 'coupling',
      part: 'coupling',
      at: [near - deep - coupling.long / 2, v, up],
      size: [coupling.long, coupling.wide, coupling.wide],
      moves: false,
      round: 'along',
      usual: coupling.usual,
    },
    {
      id: `motor-${i}`,
      what: 'motor',
      part: 'motor',
      at: [near - deep - coupling.long - motor.long / 2, v, up],
      size: [motor.long, motor.frame, motor.frame],
      moves: false,
      usual: motor.usual,
    },
    ...plugs(lie, i, (half) => [near - deep - coupling.long - motor.long - half, v, up], 'along', false),
    ...screwPlates(lie, i, v, { near, far: near + between, deep, coupling: coupling.long, up, low }),
  ]);
}

/** A motor that stands out of the plate or of the frame, with its wheel under it. */
function uprightMotor(
  lie: Lie,
  at: { readonly u: number; readonly v: number; readonly w: number; readonly lane: number },
  wheel: { readonly diameter: number; readonly tall: number },
  moves: boolean,
): Own[] {
  const { motor } = driveBodies(lie.axis, lie.mounts);
  const foot = at.w + wheel.tall / 2;
  return [
    {
      id: `wheel-${at.lane}`,
      what: 'wheel',
      part: 'drive',
      at: [at.u, at.v, at.w],
      size: [wheel.diameter, wheel.diameter, wheel.tall],
      moves,
      round: 'out',
    },
    {
      id: `motor-${at.lane}`,
      what: 'motor',
      part: 'motor',
      at: [at.u, at.v, foot + motor.long / 2],
      size: [motor.frame, motor.frame, motor.long],
      moves,
      usual: motor.usual,
    },
    ...plugs(lie, at.lane, (half) => [at.u, at.v, foot + motor.long + half], 'out', moves),
    ...drivePlate(lie, 'motor', {
      lane: `${at.lane}`,
      face: [at.u, at.v, foot],
      grows: -1,
      first: 'along',
      second: 'across',
      moves,
    }),
  ];
}

function rackPieces(lie: Lie, d: Drawn): Own[] {
  const { axis, mounts } = lie;
  const { drive, fit, demands } = axis;
  if (drive.kind !== 'rack') return [];
  const [wide, high] = mounts.rack ? [mounts.rack.width, mounts.rack.height] : [mm(20), mm(20)];
  const pitch = racks.rackPitch.evaluate({ module: drive.module.si, helix: drive.helixAngle.si });
  const whole = planRack(demands.travel.si, drive.segment.si, pitch).pieces * drive.segment.si;
  // The last piece is sawn where its rail ends, until somebody says how long the rack is.
  const long = fit.rack?.si ?? Math.min(whole, axis.guide.railLength?.si ?? whole);
  const pinion = (drive.teeth.si * drive.module.si) / Math.cos(drive.helixAngle.si);
  return lanes(lie, d, high).flatMap((v, lane): Own[] => {
    // Teeth look away from the rails, and the pinion stands beyond them.
    const side = v < 0 ? -1 : 1;
    const line = mounts.rack?.line ?? high;
    return [
      {
        id: `rack-${lane}`,
        what: 'rack',
        part: 'drive',
        at: [standMiddle(axis, d, long), v, wide / 2],
        size: [long, high, wide],
        moves: false,
        usual: !mounts.rack || !fit.rack,
      },
      ...uprightMotor(
        lie,
        {
          u: fit.driveOffset?.si ?? 0,
          v: v + side * (line - high / 2 + pinion / 2),
          w: wide / 2,
          lane,
        },
        { diameter: pinion, tall: wide },
        true,
      ),
    ];
  });
}

function linePieces(lie: Lie, d: Drawn): Own[] {
  const { axis } = lie;
  const { drive, fit } = axis;
  if (drive.kind !== 'belt' && drive.kind !== 'chain') return [];
  const open = drive.kind === 'belt' && drive.arrangement === 'open';
  const given = { teeth: drive.teeth.si, pitch: drive.pitch.si };
  const wheel =
    drive.kind === 'belt' ? belts.pulleyDiameter.evaluate(given) : chains.pitchDiameter.evaluate(given);
  const [wide, thick] = BELT;
  const long = drive.centreDistance.si;
  const middle = standMiddle(axis, d, long);
  // A loop runs above the carriages' feet, between its wheels; an open belt lies on the frame.
  const up = open ? wide / 2 : Math.max(wide / 2, d.height / 2);
  return lanes(lie, d, wheel).flatMap((v, lane): Own[] => {
    const strands = open ? [0] : [-wheel / 2, wheel / 2];
    const near = middle - long / 2;
    const own = { diameter: wheel, tall: wide };
    return [
      ...strands.map((off, n): Own => ({
        id: `belt-${lane}-${n}`,
        what: 'belt',
        part: 'drive',
        at: [middle, v + off, up],
        size: [long, thick, wide],
        moves: false,
        usual: true,
      })),
      ...(open
        ? uprightMotor(lie, { u: fit.driveOffset?.si ?? 0, v: v + wheel / 2, w: up, lane }, own, true)
        : [
            ...uprightMotor(lie, { u: near, v, w: up, lane }, own, false),
            {
              id: `idler-${lane}`,
              what: 'wheel' as const,
              part: 'drive' as const,
              at: [near + long, v, up] as const,
              size: [wheel, wheel, wide] as const,
              moves: false,
              round: 'out' as const,
            },
          ]),
    ];
  });
}

/** What moves an axis: screw or rack or belt, and its motors. */
export const drivePieces = (lie: Lie, d: Drawn): SceneBox[] => {
  const sink = lie.axis.drive.sets === 1 ? lie.sink : 0;
  return [...screwPieces(lie, d), ...rackPieces(lie, d), ...linePieces(lie, d)].map((own) =>
    ownPiece(lie, { ...own, at: [own.at[0], own.at[1], own.at[2] - sink] }),
  );
};

/** How high all that lies on the carriages stands over the seat. */
export const stackOf = (lie: Lie, d: Drawn): number => d.height + plateThickness(lie);
