import { screwSteel, usualSpeedLimit } from '@/core/catalogue';
import type { ScrewDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import { silentWorksheet, type Worksheet } from '@/core/worksheet';
import type { SpeedLimit } from '../resolved';
import { eulerLoad } from './column-load';
import {
  criticalSpeed,
  diameterSpeedLimit,
  endCase,
  type Hold,
  warmFactor,
  WHIP_ALLOWANCE,
  whipSpeed,
} from './critical-speed';
import { heatCompression } from './heat';
import { circleArea, meanArea, rootSecondMoment } from './section';
import { profileMeans } from './thread-profile';

/** A length of screw between two holds. */
export interface Piece {
  readonly name: 'whole' | 'motor-side' | 'far-side';
  readonly length: number;
  readonly a: Hold;
  readonly b: Hold;
}

export const holdOf = (fixing: ScrewDrive['farEnd']): Hold => (fixing === 'supported' ? 'hinge' : fixing);

/** Ends that take thrust: the fixed ones; where none is fixed, the motor end. */
export const thrustEnds = (drive: ScrewDrive): { motor: boolean; far: boolean } => ({
  motor: drive.motorEnd === 'fixed' || drive.farEnd !== 'fixed',
  far: drive.farEnd === 'fixed',
});

/**
 * The two bounds from below for the free length. The whole screw without help of the nut is one: a nut that
 * holds it sideways can only raise the frequency. The screw cut at the nut by a hinge is the other: letting
 * go of the slope can only lower it. The better of the two is still safe.
 */
export function boundingPieces(drive: ScrewDrive, travel: number): Piece[][] {
  const length = drive.betweenBearings.si;
  const a = holdOf(drive.motorEnd);
  const b = holdOf(drive.farEnd);
  const whole: Piece[] = [{ name: 'whole', length, a, b }];
  if (!drive.nutOffset || b === 'free') return [whole];
  const motorSide = drive.nutOffset.si + travel;
  const farSide = length - drive.nutOffset.si;
  return [
    whole,
    [
      { name: 'motor-side', length: motorSide, a, b: 'hinge' },
      { name: 'far-side', length: farSide, a: b, b: 'hinge' },
    ],
  ];
}

/** What bends: E, I, mass per length and the compression that is in it. */
interface Section {
  readonly secondMoment: Quantity<'secondMoment'>;
  readonly area: Quantity<'area'>;
  readonly areaSource: string;
  readonly compression: Quantity<'force'>;
}

/** Critical speed of a piece, and what compression leaves of it. */
function speedOf(piece: Piece, { secondMoment, area, areaSource, compression }: Section, sheet: Worksheet) {
  const { modulus, density } = screwSteel;
  const ends = endCase(piece.a, piece.b);
  const length = quantity('length', piece.length);
  const lengthSource = piece.name === 'whole' ? 'drive.betweenBearings' : 'drive.nutOffset';
  const critical = sheet.apply(
    criticalSpeed,
    { lambda: quantity('ratio', ends.lambda), length, modulus, secondMoment, density, area },
    'whip.critical',
    { length: lengthSource, secondMoment: '#screw.secondMoment', area: areaSource },
  );
  if (compression === 0) return { critical, warm: quantity('ratio', 1) };
  const euler = sheet.apply(
    eulerLoad,
    { factor: quantity('ratio', ends.column), modulus, secondMoment, length },
    'whip.euler',
    { secondMoment: '#screw.secondMoment', length: lengthSource },
  );
  return {
    critical,
    warm: sheet.apply(warmFactor, { compression, euler }, 'whip.warm', {
      compression: '#screw.heatCompression',
      euler: '#whip.euler',
    }),
  };
}

/** Whip limit of a turning screw, over the piece that decides it. */
function whipLimit(drive: ScrewDrive, travel: number, section: Section, sheet: Worksheet): SpeedLimit {
  const rate = (piece: Piece) => {
    const { critical, warm } = speedOf(piece, section, silentWorksheet);
    return critical * warm;
  };
  const lowest = (pieces: readonly Piece[]) => pieces.reduce((low, p) => (rate(p) < rate(low) ? p : low));
  const piece = boundingPieces(drive, travel)
    .map(lowest)
    .reduce((best, p) => (rate(p) > rate(best) ? p : best));
  const { critical, warm } = speedOf(piece, section, sheet);
  const limit = sheet.apply(
    whipSpeed,
    { allowance: quantity('ratio', WHIP_ALLOWANCE), warm, critical, lead: drive.lead.si },
    'whip',
    {
      warm: section.compression === 0 ? undefined : '#whip.warm',
      critical: '#whip.critical',
      lead: 'drive.lead',
    },
  );
  return { id: 'whip', limit, line: 'whip', over: quantity('length', piece.length) };
}

function diameterSpeed(drive: ScrewDrive, sheet: Worksheet): SpeedLimit[] {
  if (drive.thread.kind !== 'ball') return [];
  const typed = drive.thread.speedLimit;
  const dn =
    typed?.si ?? quantity('diameterSpeed', (usualSpeedLimit[drive.thread.making] * 1e-3 * 2 * Math.PI) / 60);
  const limit = sheet.apply(
    diameterSpeedLimit,
    { dn, nominal: drive.nominalDiameter.si, lead: drive.lead.si },
    'dn',
    {
      dn: typed ? 'drive.thread.speedLimit' : undefined,
      nominal: 'drive.nominalDiameter',
      lead: 'drive.lead',
    },
  );
  return [{ id: 'dn', limit, line: 'dn' }];
}

export interface ScrewBending {
  readonly limits: readonly SpeedLimit[];
  readonly compression: Quantity<'force'>;
  readonly rootArea: Quantity<'area'>;
  readonly secondMoment: Quantity<'secondMoment'>;
}

/** Speed limits of the screw; a standing one (turning nut) does not whip. */
export function screwLimits(drive: ScrewDrive, travel: number, sheet: Worksheet): ScrewBending {
  const { modulus, expansion } = screwSteel;
  const secondMoment = sheet.apply(rootSecondMoment, { root: drive.rootDiameter.si }, 'screw.secondMoment', {
    root: 'drive.rootDiameter',
  });
  const rootArea = sheet.apply(circleArea, { diameter: drive.rootDiameter.si }, 'screw.rootArea', {
    diameter: 'drive.rootDiameter',
  });
  const compression =
    drive.motorEnd === 'fixed' && drive.farEnd === 'fixed'
      ? sheet.apply(
          heatCompression,
          { modulus, area: rootArea, expansion, rise: drive.temperatureRise.si, stretch: drive.stretch.si },
          'screw.heatCompression',
          { area: '#screw.rootArea', rise: 'drive.temperatureRise', stretch: 'drive.stretch' },
        )
      : quantity('force', 0);
  const balls = diameterSpeed(drive, sheet);
  if (drive.turning === 'nut') return { limits: balls, compression, rootArea, secondMoment };
  const ball = drive.thread.kind === 'ball';
  const area = ball
    ? rootArea
    : sheet.apply(meanArea, { meanSquare: quantity('area', profileMeans(drive).square) }, 'screw.meanArea');
  const whip = whipLimit(
    drive,
    travel,
    { secondMoment, area, areaSource: ball ? '#screw.rootArea' : '#screw.meanArea', compression },
    sheet,
  );
  return { limits: [whip, ...balls], compression, rootArea, secondMoment };
}
