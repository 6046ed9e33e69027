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
  const ends = thrustEnds(drive);
  const whole = nutReach(drive, travel);
  const at = (drive.nutOffset?.si ?? (drive.betweenBearings.si - travel) / 2) + (place ?? 0);
  const reach = place === undefined ? whole : { near: at, far: at };
  const total = drive.betweenBearings.si;
  const bearing = drive.bearingStiffness?.si;
  const missing: string[] = bearing === undefined ? ['drive.bearingStiffness'] : [];

  /** Screw and thrust bearing in line over a length. */
  const side = (length: number, key: string) => {
    const screw = sheet.apply(
      axialStiffness,
      { modulus: screwSteel.modulus, area: rootArea, length: quantity('length', Math.max(length, 1e-3)) },
      `${key}.screw`,
      { area: '#screw.rootArea' },
    );
    return bearing === undefined
      ? { value: screw, line: `${key}.screw` }
      : {
          value: sheet.apply(inSeries, { first: screw, second: bearing }, `${key}.bearing`, {
            first: `#${key}.screw`,
            second: 'drive.bearingStiffness',
          }),
          line: `${key}.bearing`,
        };
  };
  const links: StiffnessLink[] = [];
  let chain: { value: Quantity<'stiffness'>; line: string };
  if (ends.motor && ends.far) {
    // Softest in the middle, or at the reachable point nearest to it.
    const worst = Math.min(Math.max(total / 2, reach.near), reach.far);
    const motor = side(worst, 'stiffness.motorSide');
    const far = side(total - worst, 'stiffness.farSide');
    chain = {
      value: sheet.apply(sideBySide, { first: motor.value, second: far.value }, 'stiffness.both', {
        first: `#${motor.line}`,
        second: `#${far.line}`,
      }),
      line: 'stiffness.both',
    };
  } else chain = side(ends.motor ? reach.far : total - reach.near, 'stiffness.side');

  links.push({ id: 'screw', value: chain.value, source: `#${chain.line}` });
  const join = (id: string, second: Quantity<'stiffness'>, source: string, key: string) => {
    links.push({ id, value: second, source });
    chain = {
      value: sheet.apply(inSeries, { first: chain.value, second }, key, {
        first: `#${chain.line}`,
        second: source,
      }),
      line: key,
    };
  };
  const windUp = sheet.apply(
    windUpStiffness,
    {
      shear: screwSteel.shearModulus,
      root: drive.rootDiameter.si,
      length: quantity('length', Math.max(reach.far, 1e-3)),
      k,
    },
    'stiffness.windUp',
    { root: 'drive.rootDiameter', k: '#drive.k' },
  );
  join('wind-up', windUp, '#stiffness.windUp', 'stiffness.withWindUp');

  const rated = drive.thread.nutStiffness;
  if (!rated) missing.push('drive.thread.nutStiffness');
  else if (drive.thread.kind === 'ball' && drive.thread.dynamicLoad) {
    const preloaded = drive.thread.preload.si > 0;
    const load = preloaded ? drive.thread.preload.si : quantity('force', Math.max(thrust, 1));
    const nut = sheet.apply(
      nutStiffness,
      {
        rated: rated.si,
        load,
        share: quantity('ratio', preloaded ? 0.1 : 0.3),
        dynamicLoad: drive.thread.dynamicLoad.si,
      },
      'stiffness.nut',
      {
        rated: 'drive.thread.nutStiffness',
        load: preloaded ? 'drive.thread.preload' : '#force.cut',
        dynamicLoad: 'drive.thread.dynamicLoad',
      },
    );
    join('nut', nut, '#stiffness.nut', 'stiffness');
  } else join('nut', rated.si, 'drive.thread.nutStiffness', 'stiffness');
  return { value: chain.value, line: chain.line, missing, links };
}
