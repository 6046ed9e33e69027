import { atLeast, atMost, type Checked, comfort } from '@/core/findings';
import { screwSteel } from '@/core/catalogue';
import type { ChainDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import {
  forceOnStrand,
  givenSpeed,
  joinLinks,
  lineInertia,
  linePlay,
  placeOnLine,
  shaftBending,
} from '../line';
import type { DriveConcern, DriveFigure, ResolvedDrive } from '../resolved';
import { rollingBackEfficiency } from '../screw/efficiency';
import { heatGrowth } from '../screw/heat';
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
  if (drive.shaftLoadLimit)
    found.push(
      atLeast({
        code: 'shaft-load',
        path: 'drive.shaftLoadLimit',
        kind: 'force',
        have: drive.shaftLoadLimit.si,
        need: shaftOf(drive, thrust, sheet),
        line: 'shaft-load',
        params: {},
      }),
    );
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
    { id: 'shaft-radial', value: shaftOf(drive, thrust, sheet), line: 'shaft-load' },
    {
      id: 'lead-error',
      value: sheet.apply(chainWear, { wear: drive.wear.si, travel }, 'lead-error', {
        wear: 'drive.wear',
        travel: 'demands.travel',
      }),
      line: 'lead-error',
    },
    {
      id: 'shaft-bending',
      value: sheet.apply(
        shaftBending,
        { radial: shaftOf(drive, thrust, sheet), overhang: drive.overhang.si },
        'shaft-bending',
        { radial: '#shaft-load', overhang: 'drive.overhang' },
      ),
      line: 'shaft-bending',
    },
    {
      id: 'once-per-turn',
      value: sheet.apply(linePlay, { runout: drive.runout.si }, 'once-per-turn', { runout: 'drive.runout' }),
      line: 'once-per-turn',
    },
    {
      id: 'heat-growth',
      value: sheet.apply(
        heatGrowth,
        { expansion: screwSteel.expansion, length: travel, rise: drive.temperatureRise.si },
        'heat-growth',
        { length: 'demands.travel', rise: 'drive.temperatureRise' },
      ),
      line: 'heat-growth',
    },
  ];
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
  const tension = quantity('force', Math.max(drive.pretension.si, NOTHING));
  const hanging = drive.laid === 'free' ? drive.lineMass.si : quantity('linearDensity', 0);
  const strand = (place: number) => quantity('length', placeOnLine(drive.centreDistance.si, travel, place));
  const chain = sheet.apply(
    chainStiffness,
    { rate: drive.tensileStiffness.si, length: strand(travel), lineMass: hanging, tension },
    'stiffness.chain',
    {
      rate: 'drive.tensileStiffness',
      length: 'drive.centreDistance',
      lineMass: drive.laid === 'free' ? 'drive.lineMass' : undefined,
      tension: 'drive.pretension',
    },
  );
  const stiffness = joinLinks(
    drive,
    k,
    [{ id: 'chain', value: chain, source: '#stiffness.chain' }],
    [],
    sheet,
  );
  const others = 1 / stiffness.value - 1 / chain;
  return {
    k,
    efficiency: drive.efficiency.si,
    efficiencySource: 'drive.efficiency',
    backEfficiency: sheet.apply(rollingBackEfficiency, { eta: drive.efficiency.si }, 'drive.backEfficiency', {
      eta: 'drive.efficiency',
    }),
    drag: drive.bearingDrag.si,
    dragSource: 'drive.bearingDrag',
    inertia: sheet.apply(
      lineInertia,
      {
        wheels: drive.inertia.si,
        lineMass: drive.lineMass.si,
        length: quantity('length', 2 * drive.centreDistance.si),
        k,
      },
      'drive.inertia',
      { wheels: 'drive.inertia', lineMass: 'drive.lineMass', length: 'drive.centreDistance', k: '#drive.k' },
    ),
    inertiaSource: '#drive.inertia',
    speedLimits: drive.maxSpeed
      ? [
          {
            id: 'line-speed',
            limit: sheet.apply(givenSpeed, { limit: drive.maxSpeed.si }, 'line-speed', {
              limit: 'drive.maxSpeed',
            }),
            line: 'line-speed',
          },
        ]
      : [],
    thrustLimit: {
      code: 'chain-pull',
      limit: quantity('force', pull / (drive.crossShaft ? drive.worstShare.si : 1)),
      line: 'chain-pull',
      path: 'drive.breakingLoad',
    },
    stiffness,
    stiffnessAt: (at) =>
      1 /
      (1 /
        chainStiffness.evaluate({
          rate: drive.tensileStiffness.si,
          length: strand(at),
          lineMass: hanging,
          tension,
        }) +
        others),
    heatCompression: quantity('force', 0),
    play: () => [{ id: 'chain-slack', value: drive.play?.si ?? null, source: 'drive.play' }],
    concerns: (to) => concernsOf(drive, thrust, to),
    figures: (to) => figuresOf(drive, travel, thrust, to),
    unknowns: [
      ...(drive.shaftLoadLimit ? [] : [{ path: 'drive.shaftLoadLimit', effect: 'shaft-load' }]),
      ...(drive.play ? [] : [{ path: 'drive.play', effect: 'play' }]),
    ],
  };
}
