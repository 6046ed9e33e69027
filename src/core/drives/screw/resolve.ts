import { leadVariation, screwSteel } from '@/core/catalogue';
import { halfFlankAngle, pitchLineDrop, type ScrewDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import { silentWorksheet, type Worksheet } from '@/core/worksheet';
import { atLeast, type Checked } from '@/core/findings';
import { pitchFigures } from '../pitch';
import type { DriveConcern, DriveFigure, PlayLink, ResolvedDrive } from '../resolved';
import { columnOf } from './column';
import {
  ballPreloadDrag,
  driveDrag,
  frictionAngle,
  rollingBackEfficiency,
  slidingBackEfficiency,
  slidingEfficiency,
  slidingPreloadDrag,
} from './efficiency';
import { heatGrowth, leadError, slidingLeadError } from './heat';
import { leadAngle, pitchDiameter, travelPerRadian } from './lead';
import { lineStiffness } from './line-stiffness';
import { rubbingLimits, slidingNutConcerns } from './nut';
import { ownSagOf } from './own-sag';
import { nutLife, ratingConcerns, ratingUnknowns } from './ratings';
import { screwInertia } from './section';
import { profileMeans } from './thread-profile';
import { screwLimits } from './whip';

/** Efficiency both ways and drag of the nut. */
function threadLosses(drive: ScrewDrive, sheet: Worksheet) {
  const { thread } = drive;
  const lead = drive.lead.si;
  if (thread.kind === 'ball') {
    const lambda = sheet.apply(leadAngle, { lead, diameter: drive.nominalDiameter.si }, 'screw.leadAngle', {
      lead: 'drive.lead',
      diameter: 'drive.nominalDiameter',
    });
    return {
      efficiency: thread.efficiency.si,
      backEfficiency: sheet.apply(
        rollingBackEfficiency,
        { eta: thread.efficiency.si },
        'drive.backEfficiency',
        { eta: 'drive.thread.efficiency' },
      ),
      nutDrag: sheet.apply(ballPreloadDrag, { lambda, preload: thread.preload.si, lead }, 'drive.nutDrag', {
        lambda: '#screw.leadAngle',
        preload: 'drive.thread.preload',
        lead: 'drive.lead',
      }),
      lockingRatio: undefined,
      lambda,
      pitchDiameter: drive.nominalDiameter.si,
    };
  }
  const diameter = sheet.apply(
    pitchDiameter,
    {
      nominal: drive.nominalDiameter.si,
      lead,
      starts: drive.starts.si,
      drop: quantity('ratio', pitchLineDrop[thread.form]),
    },
    'screw.pitchDiameter',
    { nominal: 'drive.nominalDiameter', lead: 'drive.lead', starts: 'drive.starts' },
  );
  const lambda = sheet.apply(leadAngle, { lead, diameter }, 'screw.leadAngle', {
    lead: 'drive.lead',
    diameter: '#screw.pitchDiameter',
  });
  const phi = sheet.apply(
    frictionAngle,
    { friction: thread.friction.si, flank: quantity('angle', halfFlankAngle[thread.form]) },
    'screw.frictionAngle',
    { friction: 'drive.thread.friction' },
  );
  const inputs = {
    lambda,
    phi,
    collarFriction: thread.collarFriction.si,
    collar: thread.collarDiameter.si,
    diameter,
  };
  const sources = {
    lambda: '#screw.leadAngle',
    phi: '#screw.frictionAngle',
    collarFriction: 'drive.thread.collarFriction',
    collar: 'drive.thread.collarDiameter',
    diameter: '#screw.pitchDiameter',
  };
  return {
    efficiency: sheet.apply(slidingEfficiency, inputs, 'drive.efficiency', sources),
    backEfficiency: sheet.apply(slidingBackEfficiency, inputs, 'drive.backEfficiency', sources),
    nutDrag: sheet.apply(
      slidingPreloadDrag,
      { preload: thread.preload.si, diameter, lambda, phi },
      'drive.nutDrag',
      {
        preload: 'drive.thread.preload',
        diameter: '#screw.pitchDiameter',
        lambda: '#screw.leadAngle',
        phi: '#screw.frictionAngle',
      },
    ),
    lockingRatio: lambda / phi,
    lambda,
    pitchDiameter: diameter,
  };
}

/** Share of the lead error of a rolled sliding screw that wavers, the rest grows evenly; memory. */
const SLIDING_UNEVEN = 0.25;

/** Of a ball screw, what the class allows over any 300 mm stays (ISO 3408-3); the rest grows evenly. */
function screwFigures(
  drive: ScrewDrive,
  travel: Quantity<'length'>,
  thrust: number,
  sheet: Worksheet,
): DriveFigure[] {
  const { expansion } = screwSteel;
  const figures: DriveFigure[] = [];
  const figure = (id: string, value: number, line = id) => figures.push({ id, value, line });
  figure(
    'heat-growth',
    sheet.apply(heatGrowth, { expansion, length: travel, rise: drive.temperatureRise.si }, 'heat-growth', {
      length: 'demands.travel',
      rise: 'drive.temperatureRise',
    }),
  );
  if (drive.thread.kind === 'sliding') {
    const error = sheet.apply(slidingLeadError, { travel }, 'lead-error', { travel: 'demands.travel' });
    figures.push(...pitchFigures(error, SLIDING_UNEVEN, sheet));
  } else {
    const perSpan = quantity('length', leadVariation[drive.thread.accuracyClass]);
    const error = sheet.apply(leadError, { perSpan, travel }, 'lead-error', { travel: 'demands.travel' });
    figures.push(...pitchFigures(error, perSpan / error, sheet));
    const life = nutLife(drive, thrust, sheet);
    if (life !== undefined) figure('life', life);
  }
  return figures;
}

const NONE = quantity('length', 0);

/**
 * Axial play of nut and thrust bearing. Preload or a spring takes out that of the nut, an angular-contact
 * pair that of the bearing.
 */
function screwPlay(drive: ScrewDrive): PlayLink[] {
  const { thread } = drive;
  const tight = thread.preload.si > 0 && (thread.kind === 'ball' || thread.nut === 'compensated');
  return [
    {
      id: 'nut',
      value: tight ? NONE : (drive.play?.si ?? null),
      source: tight ? 'drive.thread.preload' : 'drive.play',
    },
    {
      id: 'thrust-bearing',
      value: drive.bearingPlay?.si ?? (drive.thrustBearing === 'angular-contact' ? NONE : null),
      source: 'drive.bearingPlay',
    },
  ];
}

/** The spring of a wear-compensated nut must beat the thrust, or the play is there when it matters. */
function screwConcerns({ thread }: ScrewDrive, thrust: number): Checked<DriveConcern>[] {
  if (thread.kind !== 'sliding' || thread.nut !== 'compensated') return [];
  return [
    atLeast({
      code: 'nut-spring',
      path: 'drive.thread.preload',
      kind: 'force',
      have: thread.preload.si,
      need: thrust,
      line: 'force.cut',
    }),
  ];
}

function screwUnknowns(drive: ScrewDrive, missing: readonly string[]) {
  const { thread } = drive;
  return [
    ...(drive.nutOffset ? [] : [{ path: 'drive.nutOffset', effect: 'whip' }]),
    ...missing.map((path) => ({ path, effect: 'stiffness' })),
    ...ratingUnknowns(drive),
    ...(thread.kind === 'ball' && !thread.speedLimit
      ? [{ path: 'drive.thread.speedLimit', effect: 'dn' }]
      : []),
    ...screwPlay(drive)
      .filter((p) => p.value === null)
      .map(({ source }) => ({ path: source, effect: 'play' })),
  ];
}

/** What turns with the drive shaft: the nut, or the screw by its datasheet or its thread profile. */
function shaftInertia(drive: ScrewDrive, sheet: Worksheet): { value: Quantity<'inertia'>; source: string } {
  if (drive.turning === 'nut') return { value: drive.nutInertia.si, source: 'drive.nutInertia' };
  if (drive.screwInertia) return { value: drive.screwInertia.si, source: 'drive.screwInertia' };
  const meanDiameter = quantity('length', profileMeans(drive).fourth ** 0.25);
  const value = sheet.apply(
    screwInertia,
    { density: screwSteel.density, meanDiameter, length: drive.betweenBearings.si },
    'drive.inertia',
    { length: 'drive.betweenBearings' },
  );
  return { value, source: '#drive.inertia' };
}

/** How an axis stands and cuts: the cosine of its inclination, and its feed in m/s. */
interface Use {
  readonly level: number;
  readonly feed: Quantity<'speed'>;
}

const LEVEL_AND_STILL: Use = { level: 1, feed: quantity('speed', 0) };

/**
 * Everything that a screw drive tells the axis.
 * @param travel m. @param thrust N on one screw under the worst cut: sets nut stiffness and life.
 */
export function resolveScrew(
  drive: ScrewDrive,
  travel: Quantity<'length'>,
  thrust: number,
  sheet: Worksheet,
  { level, feed }: Use = LEVEL_AND_STILL,
): ResolvedDrive {
  const k = sheet.apply(travelPerRadian, { lead: drive.lead.si }, 'drive.k', { lead: 'drive.lead' });
  const losses = threadLosses(drive, sheet);
  const bending = screwLimits(drive, travel, sheet);
  const inertia = shaftInertia(drive, sheet);

  const limit = columnOf(drive, travel, bending, sheet);
  const stiffness = lineStiffness(drive, travel, k, bending.rootArea, thrust, sheet);
  return {
    k,
    efficiency: losses.efficiency,
    efficiencySource: drive.thread.kind === 'ball' ? 'drive.thread.efficiency' : '#drive.efficiency',
    backEfficiency: losses.backEfficiency,
    ...(losses.lockingRatio === undefined ? {} : { lockingRatio: losses.lockingRatio }),
    drag: sheet.apply(driveDrag, { nut: losses.nutDrag, bearings: drive.bearingDrag.si }, 'drive.drag', {
      nut: '#drive.nutDrag',
      bearings: 'drive.bearingDrag',
    }),
    inertia: inertia.value,
    inertiaSource: inertia.source,
    speedLimits: [...bending.limits, ...rubbingLimits(drive, losses, sheet)],
    dragSource: '#drive.drag',
    thrustLimit: { code: 'column', limit, line: 'column', path: 'drive.rootDiameter' },
    stiffness,
    stiffnessAt: (place) =>
      lineStiffness(drive, travel, k, bending.rootArea, thrust, silentWorksheet, place).value,
    heatCompression: bending.compression,
    play: () => screwPlay(drive),
    concerns: (to) => [
      ...screwConcerns(drive, thrust),
      ...slidingNutConcerns(drive, losses, thrust, feed, to),
      ...ratingConcerns(drive, thrust, to),
    ],
    unknowns: screwUnknowns(drive, stiffness.missing),
    figures: (to) => [
      ...screwFigures(drive, travel, thrust, to),
      { id: 'screw-sag', value: ownSagOf(drive, level, bending, to), line: 'screw-sag' },
    ],
  };
}
