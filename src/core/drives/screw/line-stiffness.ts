import { screwSteel } from '@/core/catalogue';
import type { ScrewDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import type { DriveStiffness, StiffnessLink } from '../resolved';
import { axialStiffness, inSeries, nutStiffness, sideBySide, windUpStiffness } from './stiffness';
import { thrustEnds } from './whip';

/**
 * Distance from the motor-end bearing to the nut at the two ends of travel; the whole screw where the nut's
 * place is not known.
 */
export function nutReach(drive: ScrewDrive, travel: number): { near: number; far: number } {
  return drive.nutOffset
    ? { near: drive.nutOffset.si, far: drive.nutOffset.si + travel }
    : { near: 0, far: drive.betweenBearings.si };
}

/** A stiffness and the line of the worksheet that it stands on. */
interface Joined {
  readonly value: Quantity<'stiffness'>;
  readonly line: string;
}

/** No piece of screw is stiffer than one so short, m: a nut at its bearing has no screw between. */
const SHORTEST = 1e-3;
/** Load at which a nut without preload is given its stiffness, N, where nothing pushes. */
const LEAST_LOAD = 1;
/** Share of the rating at which makers state the stiffness, with preload and without. From memory. */
const [PRELOADED_SHARE, PLAIN_SHARE] = [0.1, 0.3];

const piece = (length: number) => quantity('length', Math.max(length, SHORTEST));

/** Screw and thrust bearing in line over a length. */
function oneSide(
  drive: ScrewDrive,
  rootArea: Quantity<'area'>,
  length: number,
  key: string,
  sheet: Worksheet,
): Joined {
  const screw = sheet.apply(
    axialStiffness,
    { modulus: screwSteel.modulus, area: rootArea, length: piece(length) },
    `${key}.screw`,
    { area: '#screw.rootArea' },
  );
  const bearing = drive.bearingStiffness?.si;
  if (bearing === undefined) return { value: screw, line: `${key}.screw` };
  const value = sheet.apply(inSeries, { first: screw, second: bearing }, `${key}.bearing`, {
    first: `#${key}.screw`,
    second: 'drive.bearingStiffness',
  });
  return { value, line: `${key}.bearing` };
}

/** The screw between nut and bearings: on one thrust bearing, or on two side by side. */
function screwAlone(
  drive: ScrewDrive,
  rootArea: Quantity<'area'>,
  reach: { near: number; far: number },
  sheet: Worksheet,
): Joined {
  const ends = thrustEnds(drive);
  const total = drive.betweenBearings.si;
  const side = (length: number, key: string) => oneSide(drive, rootArea, length, key, sheet);
  if (!ends.motor || !ends.far) return side(ends.motor ? reach.far : total - reach.near, 'stiffness.side');
  // Softest in the middle, or at the reachable point nearest to it.
  const worst = Math.min(Math.max(total / 2, reach.near), reach.far);
  const motor = side(worst, 'stiffness.motorSide');
  const far = side(total - worst, 'stiffness.farSide');
  const value = sheet.apply(sideBySide, { first: motor.value, second: far.value }, 'stiffness.both', {
    first: `#${motor.line}`,
    second: `#${far.line}`,
  });
  return { value, line: 'stiffness.both' };
}

/** The nut: as it was given, or by the load that it carries; undefined where nothing is given. */
function nutOf(
  { thread }: ScrewDrive,
  thrust: number,
  sheet: Worksheet,
): { value: Quantity<'stiffness'>; source: string } | undefined {
  const rated = thread.nutStiffness;
  if (!rated) return undefined;
  if (thread.kind !== 'ball' || !thread.dynamicLoad)
    return { value: rated.si, source: 'drive.thread.nutStiffness' };
  const preloaded = thread.preload.si > 0;
  const load = preloaded ? thread.preload.si : quantity('force', Math.max(thrust, LEAST_LOAD));
  const share = quantity('ratio', preloaded ? PRELOADED_SHARE : PLAIN_SHARE);
  const value = sheet.apply(
    nutStiffness,
    { rated: rated.si, load, share, dynamicLoad: thread.dynamicLoad.si },
    'stiffness.nut',
    {
      rated: 'drive.thread.nutStiffness',
      load: preloaded ? 'drive.thread.preload' : '#force.cut',
      dynamicLoad: 'drive.thread.dynamicLoad',
    },
  );
  return { value, source: '#stiffness.nut' };
}

/**
 * Stiffness of the screw drive at the softest place of its travel: screw in line, its wind-up, nut and
 * thrust bearings. Links without a value are left out and named in `missing`.
 * @param thrust N, sets the stiffness of a nut without preload.
 * @param place of the carriage, m from the motor's end of travel; left out: the softest one.
 */
export function lineStiffness(
  drive: ScrewDrive,
  travel: number,
  k: Quantity<'travelPerRadian'>,
  rootArea: Quantity<'area'>,
  thrust: number,
  sheet: Worksheet,
  place?: number,
): DriveStiffness {
  const at = (drive.nutOffset?.si ?? (drive.betweenBearings.si - travel) / 2) + (place ?? 0);
  const reach = place === undefined ? nutReach(drive, travel) : { near: at, far: at };
  let chain = screwAlone(drive, rootArea, reach, sheet);
  const links: StiffnessLink[] = [{ id: 'screw', value: chain.value, source: `#${chain.line}` }];
  const join = (id: string, second: Quantity<'stiffness'>, source: string, line: string) => {
    links.push({ id, value: second, source });
    const value = sheet.apply(inSeries, { first: chain.value, second }, line, {
      first: `#${chain.line}`,
      second: source,
    });
    chain = { value, line };
  };
  const windUp = sheet.apply(
    windUpStiffness,
    { shear: screwSteel.shearModulus, root: drive.rootDiameter.si, length: piece(reach.far), k },
    'stiffness.windUp',
    { root: 'drive.rootDiameter', k: '#drive.k' },
  );
  join('wind-up', windUp, '#stiffness.windUp', 'stiffness.withWindUp');
  const nut = nutOf(drive, thrust, sheet);
  if (nut) join('nut', nut.value, nut.source, 'stiffness');
  const missing = [
    ...(drive.bearingStiffness ? [] : ['drive.bearingStiffness']),
    ...(nut ? [] : ['drive.thread.nutStiffness']),
  ];
  return { value: chain.value, line: chain.line, missing, links };
}
