import { atLeast, type Checked, comfort } from '@/core/findings';
import type { BeltDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import {
  forceOnStrand,
  givenSpeeds,
  joinLinks,
  losses,
  placeOnLine,
  pullOnShaft,
  runningInertia,
  runoutFigure,
  shaftConcern,
  shaftFigures,
  thrustLimit,
  unknownsOf,
  heatFigure,
} from '../line';
import { pitchFigures } from '../pitch';
import type { DriveConcern, DriveFigure, ResolvedDrive } from '../resolved';
import {
  beltPull,
  beltRate,
  beltTravel,
  loopStiffness,
  openStiffness,
  spanFrequency,
  teethInMesh,
  beltPitchError,
} from './formulas';

/** The softest place of the belt within the travel, measured as its stiffness formula wants it. */
function softest({ arrangement, centreDistance }: BeltDrive, travel: number): number {
  const far = placeOnLine(centreDistance.si, travel, travel);
  // A loop is softest with the carriage at the idler, an open belt with the block in the middle.
  return arrangement === 'loop' ? far : centreDistance.si / 2;
}

const stiffnessOf = ({ arrangement }: BeltDrive) => (arrangement === 'loop' ? loopStiffness : openStiffness);

/**
 * What the belt pulls at the motor's shaft where it pulls the most: the carriage at the driving end, pushed
 * away from it. The span between them is short and stiff and takes nearly all of the thrust, so the sum of
 * both is up to 2 T0 + F.
 */
function pullOf(drive: BeltDrive, travel: number, thrust: Quantity<'force'>, sheet: Worksheet) {
  const one = forceOnStrand(drive, thrust, sheet);
  const centre = drive.centreDistance.si;
  const near = placeOnLine(centre, travel, 0) / centre;
  // Spans of x and 2C - x round a loop, of x and C - x beside a block: (1/a - 1/b) / (1/a + 1/b).
  const share = drive.arrangement === 'loop' ? 1 - near : 1 - 2 * near;
  return sheet.apply(
    pullOnShaft,
    {
      pretension: drive.pretension.si,
      pull: one.value,
      share: quantity('ratio', share),
      wrap: drive.wrap.si,
    },
    'shaft-load',
    { pretension: 'drive.pretension', pull: one.source, share: 'drive.centreDistance', wrap: 'drive.wrap' },
  );
}

function concernsOf(
  drive: BeltDrive,
  mesh: number,
  travel: number,
  thrust: Quantity<'force'>,
  sheet: Worksheet,
): Checked<DriveConcern>[] {
  const one = forceOnStrand(drive, thrust, sheet);
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
    ...shaftConcern(drive, pullOf(drive, travel, thrust, sheet)),
  ];
}

/** Share of the pitch error of a belt that wavers along it; memory. */
const UNEVEN_PITCH = 0.15;

function figuresOf(
  drive: BeltDrive,
  travel: number,
  thrust: Quantity<'force'>,
  sheet: Worksheet,
): DriveFigure[] {
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
    ...shaftFigures(drive, pullOf(drive, travel, thrust, sheet), sheet),
    runoutFigure(drive, sheet),
    ...pitchFigures(
      sheet.apply(beltPitchError, { travel: quantity('length', travel) }, 'lead-error', {
        travel: 'demands.travel',
      }),
      UNEVEN_PITCH,
      sheet,
    ),
    // As steel cords grow: those of glass half as much, of aramid hardly.
    heatFigure(drive, quantity('length', travel), sheet),
  ];
}

/** The belt alone, at the softest place and at any. */
function beltSprings(drive: BeltDrive, travel: Quantity<'length'>, sheet: Worksheet) {
  const rate = sheet.apply(
    beltRate,
    { specific: drive.specificStiffness.si, width: drive.width.si },
    'belt.rate',
    { specific: 'drive.specificStiffness', width: 'drive.width' },
  );
  const centre = drive.centreDistance.si;
  const place = quantity('length', softest(drive, travel));
  const formula = stiffnessOf(drive);
  const worst = sheet.apply(formula, { rate, place, centre }, 'stiffness.belt', {
    rate: '#belt.rate',
    centre: 'drive.centreDistance',
  });
  const at = (p: number) =>
    formula.evaluate({ rate, place: quantity('length', placeOnLine(centre, travel, p)), centre });
  return { worst, at };
}

/** The pull that the teeth in mesh allow. */
function pullLimit(drive: BeltDrive, mesh: Quantity<'ratio'>, sheet: Worksheet) {
  const pull = sheet.apply(beltPull, { allowed: drive.allowedPull.si, mesh }, 'belt-pull', {
    allowed: 'drive.allowedPull',
    mesh: '#belt.mesh',
  });
  return thrustLimit(drive, 'belt-pull', pull, 'drive.allowedPull');
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
  const belt = beltSprings(drive, travel, sheet);
  const link = { id: 'belt', value: belt.worst, source: '#stiffness.belt' };
  const stiffness = joinLinks(drive, k, [link], [], sheet);
  const others = 1 / stiffness.value - 1 / belt.worst;
  // The open belt stands; only a loop runs along.
  const moving = quantity('length', drive.arrangement === 'loop' ? 2 * drive.centreDistance.si : 0);
  return {
    k,
    ...losses(drive, sheet),
    ...runningInertia(drive, moving, k, sheet),
    speedLimits: givenSpeeds(drive, sheet),
    thrustLimit: pullLimit(drive, mesh, sheet),
    stiffness,
    stiffnessAt: (at) => 1 / (1 / belt.at(at) + others),
    heatCompression: quantity('force', 0),
    play: () => [{ id: 'belt-teeth', value: drive.play?.si ?? null, source: 'drive.play' }],
    concerns: (to) => concernsOf(drive, mesh, travel, thrust, to),
    figures: (to) => figuresOf(drive, travel, thrust, to),
    unknowns: unknownsOf(drive, drive.play ? null : 'drive.play'),
  };
}
