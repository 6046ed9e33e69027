import { atLeast, type Checked, comfort } from '@/core/findings';
import type { ScrewDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import { defineFormula, type Worksheet } from '@/core/worksheet';
import type { DriveConcern } from '../resolved';
import { ballScrewLife, SHOCK_FACTOR } from './life';

export const staticThrust = defineFormula({
  id: 'screw/static-thrust',
  title: 'Thrust that balls stand without dents',
  symbols: {
    rating: { kind: 'force', tex: 'C_0', meaning: 'static load rating' },
    safety: { kind: 'ratio', tex: 's_0', meaning: 'static safety factor' },
    factor: {
      kind: 'ratio',
      tex: 'Y_0',
      meaning: 'share of the thrust that counts: 1 for a ball nut, 0.26 angular contact, 0.5 deep groove',
    },
  },
  result: { kind: 'force', tex: 'F', meaning: 'thrust' },
  tex: '\\frac{<rating>}{<safety>\\,<factor>}',
  citation: {
    basis: 'standard',
    text: 'ISO 76 (radial ball bearings, 40° contact); ISO 3408-5 (ball screws)',
  },
  range: 'Thrust alone, no radial load.',
  evaluate: ({ rating, safety, factor }) => rating / (safety * factor),
});

export const bearingLife = defineFormula({
  id: 'screw/bearing-life',
  title: 'Life of the thrust bearing, as travel',
  symbols: {
    rating: { kind: 'force', tex: 'C', meaning: 'dynamic load rating of one bearing' },
    factor: {
      kind: 'ratio',
      tex: 'Y',
      meaning: 'share of the thrust that counts: 0.57 for 40° contact; 2.3 for deep groove, its safe end',
    },
    shock: { kind: 'ratio', tex: 'f_w', meaning: 'shock factor' },
    thrust: { kind: 'force', tex: 'F', meaning: 'thrust; here that of the worst cut all the time' },
    lead: { kind: 'linearPerTurn', tex: 'P_h', meaning: 'lead' },
  },
  result: { kind: 'length', tex: 'L_{10}', meaning: 'distance that nine of ten bearings outlive' },
  tex: '\\left(\\frac{<rating>}{<factor>\\,<shock>\\,<thrust>}\\right)^3\\cdot 10^6\\,<lead>',
  citation: { basis: 'standard', text: 'ISO 281: L10 = (C/P)^3 million turns, P = Y Fa under thrust alone' },
  range: 'One bearing takes the thrust, as in a pair face to face or back to back.',
  evaluate: ({ rating, factor, shock, thrust, lead }) =>
    (rating / (factor * shock * thrust)) ** 3 * 1e6 * lead,
});

/** Share of a thrust that counts, by the kind of bearing: static by ISO 76, dynamic by ISO 281. */
const thrustShare = {
  'angular-contact': { static: quantity('ratio', 0.26), dynamic: quantity('ratio', 0.57) },
  'deep-groove': { static: quantity('ratio', 0.5), dynamic: quantity('ratio', 2.3) },
} as const;

/** Static safety where the load comes with shocks (ISO 76: 1.5 and more for ball bearings). */
const STATIC_SAFETY = quantity('ratio', 1.5);
/** Static safety of a ball nut on a cutting machine, the middle of the usual 1.5 to 2.5; memory. */
const NUT_SAFETY = quantity('ratio', 2);
/** Travel that nut and bearing should last, m: 250 h a year at 4 m/min for 15 years; ours. */
const LIFE_WANTED = 1e6;
/** Lighter loads make no difference to a life. */
const LEAST_LOAD = 1;

/** Nut life under the worst cut, or the preload where that is more. @returns undefined without a rating. */
export function nutLife(drive: ScrewDrive, thrust: number, sheet: Worksheet): Quantity<'length'> | undefined {
  const { thread, lead } = drive;
  if (thread.kind !== 'ball' || !thread.dynamicLoad) return undefined;
  return sheet.apply(
    ballScrewLife,
    {
      dynamicLoad: thread.dynamicLoad.si,
      shock: quantity('ratio', SHOCK_FACTOR),
      meanLoad: quantity('force', Math.max(thrust, thread.preload.si, LEAST_LOAD)),
      lead: lead.si,
    },
    'life',
    { dynamicLoad: 'drive.thread.dynamicLoad', meanLoad: '#force.cut', lead: 'drive.lead' },
  );
}

const lasting = (code: 'nut-life' | 'bearing-life', path: string, have: number, line: string) =>
  comfort(atLeast({ code, path, kind: 'length', have, need: LIFE_WANTED, line }));

/** What the ratings of nut and thrust bearing say about a thrust, as far as they are known. */
export function ratingConcerns(drive: ScrewDrive, thrust: number, sheet: Worksheet): Checked<DriveConcern>[] {
  const { thread, thrustBearing, bearingStaticLoad, bearingDynamicLoad, lead } = drive;
  const share = thrustShare[thrustBearing];
  const found: Checked<DriveConcern>[] = [];
  const stands = (code: 'nut-static' | 'bearing-static', path: string, have: number) =>
    found.push(atLeast({ code, path, kind: 'force', have, need: thrust, line: code }));
  if (thread.kind === 'ball' && thread.staticLoad) {
    const given = { rating: thread.staticLoad.si, safety: NUT_SAFETY, factor: quantity('ratio', 1) };
    const path = 'drive.thread.staticLoad';
    stands('nut-static', path, sheet.apply(staticThrust, given, 'nut-static', { rating: path }));
  }
  const life = nutLife(drive, thrust, sheet);
  if (life !== undefined) found.push(lasting('nut-life', 'drive.thread.dynamicLoad', life, 'life'));
  if (bearingStaticLoad) {
    const given = { rating: bearingStaticLoad.si, safety: STATIC_SAFETY, factor: share.static };
    const path = 'drive.bearingStaticLoad';
    stands('bearing-static', path, sheet.apply(staticThrust, given, 'bearing-static', { rating: path }));
  }
  if (bearingDynamicLoad) {
    const path = 'drive.bearingDynamicLoad';
    const given = {
      rating: bearingDynamicLoad.si,
      factor: share.dynamic,
      shock: quantity('ratio', SHOCK_FACTOR),
      thrust: quantity('force', Math.max(thrust, LEAST_LOAD)),
      lead: lead.si,
    };
    const sources = { rating: path, thrust: '#force.cut', lead: 'drive.lead' };
    found.push(
      lasting('bearing-life', path, sheet.apply(bearingLife, given, 'bearing-life', sources), 'bearing-life'),
    );
  }
  return found;
}

/** Ratings that are not known, and what therefore stays unknown. */
export const ratingUnknowns = ({ thread, bearingStaticLoad, bearingDynamicLoad }: ScrewDrive) => [
  ...(thread.kind === 'ball' && !thread.dynamicLoad
    ? [{ path: 'drive.thread.dynamicLoad', effect: 'life' }]
    : []),
  ...(thread.kind === 'ball' && !thread.staticLoad
    ? [{ path: 'drive.thread.staticLoad', effect: 'nut-static' }]
    : []),
  ...(bearingStaticLoad ? [] : [{ path: 'drive.bearingStaticLoad', effect: 'bearing-static' }]),
  ...(bearingDynamicLoad ? [] : [{ path: 'drive.bearingDynamicLoad', effect: 'bearing-life' }]),
];
