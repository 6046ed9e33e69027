import { atMost, type Checked, comfort } from '@/core/findings';
import type { ChainDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import {
  forceOnStrand,
  givenSpeeds,
  heatFigure,
  joinLinks,
  losses,
  placeOnLine,
  runningInertia,
  runoutFigure,
  shaftConcern,
  shaftFigures,
  thrustLimit,
  unknownsOf,
} from '../line';
import { pitchFigures } from '../pitch';
import type { DriveConcern, DriveFigure, ResolvedDrive } from '../resolved';
import {
  chainPull,
  chainSag,
  chainShaft,
  chainStiffness,
  chainTravel,
  chainWear,
  pitchDiameter,
  speedRipple,
} from './formulas';

/** Share of the stretch by wear that differs from link to link; memory. */
const UNEVEN_WEAR = 0.2;
/** Safety of a running chain against its tensile strength. Common practice, no source. */
const SAFETY = quantity('ratio', 7);
/** Sag over span up to which a strand runs quietly. Common practice, no source: 1 to 3 %. */
const SAG_SHARE = 0.03;
/** Ripple of the speed that is still called smooth: that of 17 teeth. Common practice, no source. */
const RIPPLE = 0.0171;

const NOTHING = quantity('force', 1);

function sagOf(drive: ChainDrive, sheet: Worksheet): Quantity<'length'> {
  return sheet.apply(
    chainSag,
    {
      lineMass: drive.lineMass.si,
      length: drive.centreDistance.si,
      tension: quantity('force', Math.max(drive.pretension.si, NOTHING)),
    },
    'chain.sag',
    { lineMass: 'drive.lineMass', length: 'drive.centreDistance', tension: 'drive.pretension' },
  );
}

function shaftOf(drive: ChainDrive, thrust: Quantity<'force'>, sheet: Worksheet): Quantity<'force'> {
  const one = forceOnStrand(drive, thrust, sheet);
  return sheet.apply(chainShaft, { pull: one.value, tension: drive.pretension.si }, 'shaft-load', {
    pull: one.source,
    tension: 'drive.pretension',
  });
}

function concernsOf(drive: ChainDrive, thrust: Quantity<'force'>, sheet: Worksheet): Checked<DriveConcern>[] {
  const ripple = sheet.apply(speedRipple, { teeth: drive.teeth.si }, 'chain.ripple', {
    teeth: 'drive.teeth',
  });
  const found: Checked<DriveConcern>[] = [
    comfort(
      atMost({
        code: 'chain-ripple',
        path: 'drive.teeth',
        kind: 'ratio',
        have: ripple,
        need: RIPPLE,
        line: 'chain.ripple',
        params: { teeth: drive.teeth.si },
      }),
    ),
  ];
  if (drive.laid === 'free')
    found.push(
      comfort(
        atMost({
          code: 'chain-sag',
          path: 'drive.pretension',
          kind: 'length',
          have: sagOf(drive, sheet),
          need: SAG_SHARE * drive.centreDistance.si,
          line: 'chain.sag',
          params: { span: drive.centreDistance.si },
        }),
      ),
    );
  found.push(...shaftConcern(drive, shaftOf(drive, thrust, sheet)));
  return found;
}

function figuresOf(
  drive: ChainDrive,
  travel: Quantity<'length'>,
  thrust: Quantity<'force'>,
  sheet: Worksheet,
): DriveFigure[] {
  return [
    {
      id: 'pitch-diameter',
      value: sheet.apply(
        pitchDiameter,
        { pitch: drive.pitch.si, teeth: drive.teeth.si },
        'chain.pitchDiameter',
        { pitch: 'drive.pitch', teeth: 'drive.teeth' },
      ),
      line: 'chain.pitchDiameter',
    },
    {
      id: 'speed-ripple',
      value: sheet.apply(speedRipple, { teeth: drive.teeth.si }, 'chain.ripple', { teeth: 'drive.teeth' }),
      line: 'chain.ripple',
    },
    ...(drive.laid === 'free' ? [{ id: 'chain-sag', value: sagOf(drive, sheet), line: 'chain.sag' }] : []),
    ...shaftFigures(drive, shaftOf(drive, thrust, sheet), sheet),
    ...pitchFigures(
      sheet.apply(chainWear, { wear: drive.wear.si, travel }, 'lead-error', {
        wear: 'drive.wear',
        travel: 'demands.travel',
      }),
      UNEVEN_WEAR,
      sheet,
    ),
    runoutFigure(drive, sheet),
    heatFigure(drive, travel, sheet),
  ];
}

/** The chain alone, at the softest place and at any; a strand that hangs free gives by its sag as well. */
function chainSprings(drive: ChainDrive, travel: Quantity<'length'>, sheet: Worksheet) {
  const free = drive.laid === 'free';
  const spring = (place: number) => ({
    rate: drive.tensileStiffness.si,
    centre: drive.centreDistance.si,
    place: quantity('length', placeOnLine(drive.centreDistance.si, travel, place)),
    lineMass: free ? drive.lineMass.si : quantity('linearDensity', 0),
    tension: quantity('force', Math.max(drive.pretension.si, NOTHING)),
  });
  // Near the driving sprocket the way round the idler is the longest.
  const worst = sheet.apply(chainStiffness, spring(0), 'stiffness.chain', {
    rate: 'drive.tensileStiffness',
    centre: 'drive.centreDistance',
    lineMass: free ? 'drive.lineMass' : undefined,
    tension: 'drive.pretension',
  });
  return { worst, at: (place: number) => chainStiffness.evaluate(spring(place)) };
}

/**
 * Everything that a roller chain tells the axis. @param travel m. @param thrust N on one motor under the
 * worst cut.
 */
export function resolveChain(
  drive: ChainDrive,
  travel: Quantity<'length'>,
  thrust: Quantity<'force'>,
  sheet: Worksheet,
): ResolvedDrive {
  const k = sheet.apply(chainTravel, { pitch: drive.pitch.si, teeth: drive.teeth.si }, 'drive.k', {
    pitch: 'drive.pitch',
    teeth: 'drive.teeth',
  });
  const pull = sheet.apply(chainPull, { breaking: drive.breakingLoad.si, safety: SAFETY }, 'chain-pull', {
    breaking: 'drive.breakingLoad',
  });
  const chain = chainSprings(drive, travel, sheet);
  const link = { id: 'chain', value: chain.worst, source: '#stiffness.chain' };
  const stiffness = joinLinks(drive, k, [link], [], sheet);
  const others = 1 / stiffness.value - 1 / chain.worst;
  const moving = quantity('length', 2 * drive.centreDistance.si);
  return {
    k,
    ...losses(drive, sheet),
    ...runningInertia(drive, moving, k, sheet),
    speedLimits: givenSpeeds(drive, sheet),
    thrustLimit: thrustLimit(drive, 'chain-pull', pull, 'drive.breakingLoad'),
    stiffness,
    stiffnessAt: (at) => 1 / (1 / chain.at(at) + others),
    heatCompression: quantity('force', 0),
    play: () => [{ id: 'chain-slack', value: drive.play?.si ?? null, source: 'drive.play' }],
    concerns: (to) => concernsOf(drive, thrust, to),
    figures: (to) => figuresOf(drive, travel, thrust, to),
    unknowns: unknownsOf(drive, drive.play ? null : 'drive.play'),
  };
}
