import { nutMaterials } from '@/core/catalogue';
import { atLeast, type Checked } from '@/core/findings';
import { pitchLineDrop, type ScrewDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import { defineFormula, type Worksheet } from '@/core/worksheet';
import type { DriveConcern, SpeedLimit } from '../resolved';

const AXIS_OF_LAMBDA = { kind: 'angle', tex: '\\lambda', meaning: 'lead angle' } as const;

export const rubbingLimit = defineFormula({
  id: 'screw/rubbing-limit',
  title: 'Speed of the axis at which the nut rubs as fast as it may',
  symbols: {
    rubbing: { kind: 'speed', tex: 'v_r', meaning: 'fastest rubbing that the nut stands' },
    lambda: AXIS_OF_LAMBDA,
  },
  result: { kind: 'speed', tex: 'v', meaning: 'speed of the axis' },
  tex: '<rubbing>\\,\\sin <lambda>',
  citation: {
    basis: 'textbook',
    text: 'Shigley, power screws: the thread unrolled is a ramp. Speeds of materials: memory',
  },
  range: 'Sliding nuts, greased; a ball nut rolls.',
  evaluate: ({ rubbing, lambda }) => rubbing * Math.sin(lambda),
});

export const nutArea = defineFormula({
  id: 'screw/nut-area',
  title: 'Flank on which a sliding nut carries',
  symbols: {
    diameter: { kind: 'length', tex: 'd_2', meaning: 'pitch diameter' },
    engagement: { kind: 'ratio', tex: 'e', meaning: 'depth of engagement over the pitch' },
    length: { kind: 'length', tex: 'L', meaning: 'engaged length of thread' },
  },
  result: { kind: 'area', tex: 'A', meaning: 'area, seen along the axis' },
  tex: '\\pi\\,<diameter>\\,<engagement>\\,<length>',
  citation: { basis: 'textbook', text: 'Shigley, power screws: bearing stress F/(π dm nt p/2)' },
  range: 'All turns carry alike. New nuts touch with fewer; the pressures allowed count on it.',
  evaluate: ({ diameter, engagement, length }) => Math.PI * diameter * engagement * length,
});

export const nutLoad = defineFormula({
  id: 'screw/nut-load',
  title: 'Thrust that a sliding nut stands at low speed',
  symbols: {
    pressure: { kind: 'modulus', tex: 'p', meaning: 'pressure that the material of the nut stands' },
    area: { kind: 'area', tex: 'A', meaning: 'flank that carries' },
  },
  result: { kind: 'force', tex: 'F', meaning: 'thrust' },
  tex: '<pressure>\\,<area>',
  citation: { basis: 'textbook', text: 'Shigley, power screws, table of bearing pressures of nuts' },
  range: 'Rubbing below 0.05 m/s.',
  evaluate: ({ pressure, area }) => pressure * area,
});

export const nutHeatLoad = defineFormula({
  id: 'screw/nut-heat-load',
  title: 'Thrust at which a sliding nut overheats at a speed',
  symbols: {
    pressureSpeed: { kind: 'pressureSpeed', tex: '(pv)', meaning: 'pressure times speed of the material' },
    area: { kind: 'area', tex: 'A', meaning: 'flank that carries' },
    speed: { kind: 'speed', tex: 'v', meaning: 'speed of the axis, here the feed' },
    lambda: AXIS_OF_LAMBDA,
  },
  result: { kind: 'force', tex: 'F', meaning: 'thrust' },
  tex: '\\frac{<pressureSpeed>\\,<area>\\,\\sin <lambda>}{<speed>}',
  citation: {
    basis: 'textbook',
    text: 'Pressure times rubbing speed of plain bearings (Machinery’s Handbook); values: see the material',
  },
  range: 'Without a rest; with rests a nut stands as much more as it rests.',
  evaluate: ({ pressureSpeed, area, speed, lambda }) => (pressureSpeed * area * Math.sin(lambda)) / speed,
});

/** Engaged depth over the pitch: as deep as the pitch line lies below the crest, of a V 0.541 (ISO 68-1). */
const engagementOf = (form: keyof typeof pitchLineDrop): number =>
  form === 'vee' ? (5 / 8) * Math.cos(Math.PI / 6) : pitchLineDrop[form];

interface Geometry {
  readonly lambda: Quantity<'angle'>;
  readonly pitchDiameter: Quantity<'length'>;
}

/** How fast the axis may go before a sliding nut rubs too fast; none for balls. */
export function rubbingLimits(
  { thread }: ScrewDrive,
  { lambda }: Geometry,
  sheet: Worksheet,
): readonly SpeedLimit[] {
  if (thread.kind !== 'sliding') return [];
  const rubbing = nutMaterials[thread.nutMaterial].speed;
  const limit = sheet.apply(rubbingLimit, { rubbing, lambda }, 'nut-rubbing', { lambda: '#screw.leadAngle' });
  return [{ id: 'nut-rubbing', limit, line: 'nut-rubbing' }];
}

/** What pressure and heat let a sliding nut carry, against the worst cut. @param feed of the cut, m/s. */
export function slidingNutConcerns(
  { thread }: ScrewDrive,
  { lambda, pitchDiameter }: Geometry,
  thrust: number,
  feed: Quantity<'speed'>,
  sheet: Worksheet,
): Checked<DriveConcern>[] {
  if (thread.kind !== 'sliding') return [];
  const { pressure, pressureSpeed } = nutMaterials[thread.nutMaterial];
  const area = sheet.apply(
    nutArea,
    {
      diameter: pitchDiameter,
      engagement: quantity('ratio', engagementOf(thread.form)),
      length: thread.nutLength.si,
    },
    'nut.area',
    { diameter: '#screw.pitchDiameter', length: 'drive.thread.nutLength' },
  );
  const cold = sheet.apply(nutLoad, { pressure, area }, 'nut-load', { area: '#nut.area' });
  const concern = (code: 'nut-load' | 'nut-heat', have: number) =>
    atLeast({ code, path: 'drive.thread.nutLength', kind: 'force', have, need: thrust, line: code });
  if (feed <= 0) return [concern('nut-load', cold)];
  const warm = sheet.apply(nutHeatLoad, { pressureSpeed, area, speed: feed, lambda }, 'nut-heat', {
    area: '#nut.area',
    speed: 'demands.feed',
    lambda: '#screw.leadAngle',
  });
  return [concern('nut-load', cold), concern('nut-heat', warm)];
}
