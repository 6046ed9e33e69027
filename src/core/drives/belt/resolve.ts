import { atLeast, type Checked, comfort } from '@/core/findings';
import type { BeltDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import {
  forceOnStrand,
  givenSpeed,
  joinLinks,
  lineInertia,
  linePlay,
  placeOnLine,
  pullOnShaft,
  shaftBending,
} from '../line';
import type { DriveConcern, DriveFigure, ResolvedDrive } from '../resolved';
import { rollingBackEfficiency } from '../screw/efficiency';
import {
  beltPull,
  beltRate,
  beltTravel,
  loopStiffness,
  openStiffness,
  spanFrequency,
  teethInMesh,
} from './formulas';

/** The softest place of the belt within the travel, measured as its stiffness formula wants it. */
function softest({ arrangement, centreDistance }: BeltDrive, travel: number): number {
  const far = placeOnLine(centreDistance.si, travel, travel);
  // A loop is softest with the carriage at the idler, an open belt with the block in the middle.
  return arrangement === 'loop' ? far : centreDistance.si / 2;
}

const stiffnessOf = ({ arrangement }: BeltDrive) => (arrangement === 'loop' ? loopStiffness : openStiffness);

function concernsOf(
  drive: BeltDrive,
  mesh: number,
  thrust: Quantity<'force'>,
  sheet: Worksheet,
): Checked<DriveConcern>[] {
  const one = forceOnStrand(drive, thrust, sheet);
  const shaft = sheet.apply(
    pullOnShaft,
    { pretension: drive.pretension.si, wrap: drive.wrap.si },
    'shaft-load',
    { pretension: 'drive.pretension', wrap: 'drive.wrap' },
  );
  return [
    atLeast({
      code: 'belt-tension',
      path: 'drive.pretension',
      kind: 'force',
      have: drive.pretension.si,
      need: one.value,
      line: one.source.slice(1),
      params: {},
    }),
    comfort(
      atLeast({
        code: 'belt-teeth',
        path: 'drive.teeth',
        kind: 'ratio',
        have: mesh,
        need: 6,
        line: 'belt.mesh',
        params: { teeth: drive.teeth.si },
      }),
    ),
    ...(drive.shaftLoadLimit
      ? [
          atLeast({
            code: 'shaft-load' as const,
            path: 'drive.shaftLoadLimit',
            kind: 'force',
            have: drive.shaftLoadLimit.si,
            need: shaft,
            line: 'shaft-load',
            params: {},
          }),
        ]
      : []),
  ];
}

function figuresOf(drive: BeltDrive, sheet: Worksheet): DriveFigure[] {
  // The span that is plucked: the return span of a loop, half the belt beside a block in the middle.
  const length = quantity(
    'length',
    drive.arrangement === 'loop' ? drive.centreDistance.si : drive.centreDistance.si / 2,
  );
  return [
    {
      id: 'belt-note',
      value: sheet.apply(
        spanFrequency,
        { tension: drive.pretension.si, lineMass: drive.lineMass.si, length },
        'belt.note',
        { tension: 'drive.pretension', lineMass: 'drive.lineMass', length: 'drive.centreDistance' },
      ),
      line: 'belt.note',
    },
    {
      id: 'shaft-radial',
      value: sheet.apply(
        pullOnShaft,
        { pretension: drive.pretension.si, wrap: drive.wrap.si },
        'shaft-load',
        { pretension: 'drive.pretension', wrap: 'drive.wrap' },
      ),
      line: 'shaft-load',
    },
    {
      id: 'shaft-bending',
      value: sheet.apply(
        shaftBending,
        {
          radial: pullOnShaft.evaluate({ pretension: drive.pretension.si, wrap: drive.wrap.si }),
          overhang: drive.overhang.si,
        },
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
    // No growth by heat: cords of glass, aramid and steel differ by more than the figure would be worth.
  ];
}

/**
 * Everything that a toothed belt tells the axis. @param travel m. @param thrust N on one motor under the
 * worst cut.
 */
export function resolveBelt(
  drive: BeltDrive,
  travel: Quantity<'length'>,
  thrust: Quantity<'force'>,
  sheet: Worksheet,
): ResolvedDrive {
  const k = sheet.apply(beltTravel, { teeth: drive.teeth.si, pitch: drive.pitch.si }, 'drive.k', {
    teeth: 'drive.teeth',
    pitch: 'drive.pitch',
  });
  const mesh = sheet.apply(teethInMesh, { teeth: drive.teeth.si, wrap: drive.wrap.si }, 'belt.mesh', {
    teeth: 'drive.teeth',
    wrap: 'drive.wrap',
  });
  const pull = sheet.apply(beltPull, { allowed: drive.allowedPull.si, mesh }, 'belt-pull', {
    allowed: 'drive.allowedPull',
    mesh: '#belt.mesh',
  });
  const rate = sheet.apply(
    beltRate,
    { specific: drive.specificStiffness.si, width: drive.width.si },
    'belt.rate',
    { specific: 'drive.specificStiffness', width: 'drive.width' },
  );
  const centre = drive.centreDistance.si;
  const place = quantity('length', softest(drive, travel));
  const belt = sheet.apply(stiffnessOf(drive), { rate, place, centre }, 'stiffness.belt', {
    rate: '#belt.rate',
    centre: 'drive.centreDistance',
  });
  const stiffness = joinLinks(drive, k, [{ id: 'belt', value: belt, source: '#stiffness.belt' }], [], sheet);
  const others = 1 / stiffness.value - 1 / belt;
  // The open belt stands; only a loop runs along.
  const moving = quantity('length', drive.arrangement === 'loop' ? 2 * centre : 0);
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
      { wheels: drive.inertia.si, lineMass: drive.lineMass.si, length: moving, k },
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
      code: 'belt-pull',
      limit: quantity('force', pull / (drive.crossShaft ? drive.worstShare.si : 1)),
      line: 'belt-pull',
      path: 'drive.allowedPull',
    },
    stiffness,
    stiffnessAt: (at) =>
      1 /
      (1 /
        stiffnessOf(drive).evaluate({
          rate,
          place: quantity('length', placeOnLine(centre, travel, at)),
          centre,
        }) +
        others),
    heatCompression: quantity('force', 0),
    play: () => [{ id: 'belt-teeth', value: drive.play?.si ?? null, source: 'drive.play' }],
    concerns: (to) => concernsOf(drive, mesh, thrust, to),
    figures: (to) => figuresOf(drive, to),
    unknowns: [
      ...(drive.shaftLoadLimit ? [] : [{ path: 'drive.shaftLoadLimit', effect: 'shaft-load' }]),
      ...(drive.play ? [] : [{ path: 'drive.play', effect: 'play' }]),
    ],
  };
}
