import { atLeast, type Checked, comfort, exactly } from '@/core/findings';
import type { Axis, CrankDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { givenStiffness } from '../line/formulas';
import { rollingBackEfficiency } from '../screw/efficiency';
import type { DriveConcern, DriveFigure, ResolvedDrive, Swing, ThrustLimit } from '../resolved';
import {
  crankAcceleration,
  crankLever,
  crankMeanSpeed,
  crankPin,
  crankRms,
  crankSideThrust,
  crankStroke,
  crankThrust,
  crankTime,
} from './formulas';

/** A link of so many radii runs quietly; common practice, no source. */
const LINK_RADII = 3;
/** Stroke and travel that are called the same. */
const SAME = 1e-3;
/** A link of which nobody has said what it gives. */
const RIGID = quantity('stiffness', 1e12);

const shapeOf = ({ crankRadius, linkLength }: CrankDrive) => ({
  radius: crankRadius.si,
  link: linkLength.si,
});
const SHAPE = { radius: 'drive.crankRadius', link: 'drive.linkLength' } as const;

/** What a crank makes of a turn that is even. */
function swingOf(drive: CrankDrive, k: Quantity<'travelPerRadian'>): Swing {
  const given = { ...shapeOf(drive), k };
  const from = { ...SHAPE, k: '#drive.k' };
  return {
    thrust: (load, key, sheet) => sheet.apply(crankThrust, { ...given, ...load }, key, from),
    rms: (load, key, sheet) => sheet.apply(crankRms, { ...given, ...load }, key, from),
    time: (speed, sheet) =>
      sheet.apply(crankTime, { speed, k }, 'move-time', { speed: 'demands.rapid', k: '#drive.k' }),
  };
}

function concernsOf(
  drive: CrankDrive,
  travel: Quantity<'length'>,
  sheet: Worksheet,
): Checked<DriveConcern>[] {
  const stroke = sheet.apply(crankStroke, { radius: drive.crankRadius.si }, 'crank.stroke', {
    radius: SHAPE.radius,
  });
  const long = stroke > travel * (1 + SAME);
  const reaches = atLeast({
    code: 'crank-stroke',
    path: 'drive.crankRadius',
    kind: 'length',
    have: stroke,
    need: travel,
    line: 'crank.stroke',
    params: { radius: travel / 2 },
  });
  return [
    // It goes its whole stroke whatever is asked: more is not what was planned, less does not reach.
    long ? { ...reaches, verdict: 'thin' } : exactly({ ...reaches, margin: reaches.margin * (1 + SAME) }),
    comfort(
      atLeast({
        code: 'link-short',
        path: 'drive.linkLength',
        kind: 'length',
        have: drive.linkLength.si,
        need: LINK_RADII * drive.crankRadius.si,
        params: { radii: LINK_RADII },
      }),
    ),
  ];
}

function figuresOf({ drive, demands }: Crank, k: Quantity<'travelPerRadian'>, thrust: Quantity<'force'>) {
  const speed = demands.rapid.si;
  const shape = shapeOf(drive);
  return (sheet: Worksheet): DriveFigure[] => [
    {
      id: 'crank-stroke',
      value: sheet.apply(crankStroke, { radius: shape.radius }, 'crank.stroke', { radius: SHAPE.radius }),
      line: 'crank.stroke',
    },
    {
      id: 'crank-mean',
      value: sheet.apply(crankMeanSpeed, { radius: shape.radius, speed, k }, 'crank.mean', {
        radius: SHAPE.radius,
        speed: 'demands.rapid',
        k: '#drive.k',
      }),
      line: 'crank.mean',
    },
    {
      id: 'crank-acceleration',
      value: sheet.apply(crankAcceleration, { ...shape, speed, k }, 'crank.acceleration', {
        ...SHAPE,
        speed: 'demands.rapid',
        k: '#drive.k',
      }),
      line: 'crank.acceleration',
    },
    {
      id: 'side-thrust',
      value: sheet.apply(crankSideThrust, { force: thrust, ...shape }, 'crank.side', {
        force: '#force.cut',
        ...SHAPE,
      }),
      line: 'crank.side',
    },
  ];
}

/** What the pins take along the axis; null where nobody has said what they take. */
function pinsOf(drive: CrankDrive, sheet: Worksheet): ThrustLimit | null {
  if (!drive.pinLoad) return null;
  const limit = sheet.apply(crankPin, { limit: drive.pinLoad.si, ...shapeOf(drive) }, 'pin-load', {
    limit: 'drive.pinLoad',
    ...SHAPE,
  });
  return { code: 'pin-load', limit, line: 'pin-load', path: 'drive.pinLoad' };
}

type Crank = Pick<Axis, 'demands'> & { readonly drive: CrankDrive };

/** Everything that a crank with its link tells the axis. @param thrust N on the pins under the worst cut. */
export function resolveCrank(axis: Crank, thrust: Quantity<'force'>, sheet: Worksheet): ResolvedDrive {
  const { drive, demands } = axis;
  const k = sheet.apply(crankLever, shapeOf(drive), 'drive.k', SHAPE);
  const given = drive.linkStiffness?.si ?? RIGID;
  const stiffness = sheet.apply(givenStiffness, { given }, 'stiffness.link', {
    given: drive.linkStiffness ? 'drive.linkStiffness' : undefined,
  });
  return {
    k,
    efficiency: drive.efficiency.si,
    efficiencySource: 'drive.efficiency',
    backEfficiency: sheet.apply(rollingBackEfficiency, { eta: drive.efficiency.si }, 'drive.backEfficiency', {
      eta: 'drive.efficiency',
    }),
    drag: drive.bearingDrag.si,
    dragSource: 'drive.bearingDrag',
    inertia: drive.inertia.si,
    inertiaSource: 'drive.inertia',
    speedLimits: [],
    thrustLimit: pinsOf(drive, sheet),
    stiffness: {
      value: stiffness,
      line: 'stiffness.link',
      missing: drive.linkStiffness ? [] : ['drive.linkStiffness'],
      links: drive.linkStiffness ? [{ id: 'link', value: stiffness, source: '#stiffness.link' }] : [],
    },
    stiffnessAt: () => stiffness,
    heatCompression: quantity('force', 0),
    play: () => [{ id: 'pins', value: drive.play?.si ?? null, source: 'drive.play' }],
    concerns: (to) => concernsOf(drive, demands.travel.si, to),
    figures: figuresOf(axis, k, thrust),
    unknowns: [
      ...(drive.pinLoad ? [] : [{ path: 'drive.pinLoad', effect: 'pins' }]),
      ...(drive.play ? [] : [{ path: 'drive.play', effect: 'play' }]),
    ],
    swing: swingOf(drive, k),
  };
}
