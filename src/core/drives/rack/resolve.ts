import { atLeast, type Checked, comfort, NEVER_ENDS } from '@/core/findings';
import type { RackDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import {
  forceOnStrand,
  givenStiffness,
  heatFigure,
  joinLinks,
  losses,
  runoutFigure,
  shaftConcern,
  shaftFigures,
  thrustLimit,
  unknownsOf,
} from '../line';
import { pitchFigures } from '../pitch';
import type { DriveConcern, DriveFigure, PlayLink, ResolvedDrive } from '../resolved';
import {
  axialForce,
  leastTeeth,
  lewisForce,
  meshPlay,
  meshStiffness,
  rackError,
  rackPitch,
  rackTravel,
  separatingForce,
  shaftResultant,
  springAtMesh,
  springNeeded,
} from './formulas';
import { planRack } from './segments';

/** Safety against yield of the tooth. */
const SAFETY = quantity('ratio', 2);

const helixSource = 'drive.helixAngle';
const pressureSource = 'drive.pressureAngle';

/** The separating force under the worst cut, and what the shaft feels. */
function meshForces(drive: RackDrive, thrust: Quantity<'force'>, sheet: Worksheet) {
  const one = forceOnStrand(drive, thrust, sheet);
  const separating = sheet.apply(
    separatingForce,
    { pull: one.value, pressure: drive.pressureAngle.si, helix: drive.helixAngle.si },
    'rack.separating',
    { pull: one.source, pressure: pressureSource, helix: helixSource },
  );
  const spring =
    drive.mesh === 'sprung'
      ? sheet.apply(
          springAtMesh,
          { spring: drive.springForce.si, lever: drive.springLever.si },
          'rack.spring',
          { spring: 'drive.springForce', lever: 'drive.springLever' },
        )
      : undefined;
  const radial = spring !== undefined && spring > separating ? spring : separating;
  const shaft = sheet.apply(shaftResultant, { pull: one.value, radial }, 'shaft-load', {
    pull: one.source,
    radial: radial === spring ? '#rack.spring' : '#rack.separating',
  });
  return { one, separating, spring, shaft };
}

/** A sixth below the theory is usual practice: the undercut is then hardly seen. */
const PRACTICE = 14 / 17;
/** Play between teeth below which they bind where the pitch wanders; common practice, no source. */
const LEAST_GAP = 0.02e-3;
/** Teeth that a parked pinion stands away from a joint at least; common practice, no source. */
const PARK_TEETH = 3;

function undercut(drive: RackDrive, sheet: Worksheet): Checked<DriveConcern> {
  const least = sheet.apply(
    leastTeeth,
    { pressure: drive.pressureAngle.si, helix: drive.helixAngle.si, shift: drive.profileShift.si },
    'rack.least-teeth',
    { pressure: pressureSource, helix: helixSource, shift: 'drive.profileShift' },
  );
  return comfort(
    atLeast({
      code: 'undercut',
      path: 'drive.teeth',
      kind: 'count',
      have: drive.teeth.si,
      need: least * PRACTICE,
      line: 'rack.least-teeth',
      params: { least, shift: 1 - drive.teeth.si / (least / (1 - drive.profileShift.si)) },
    }),
  );
}

/** A sprung pinion must not climb out, a fixed one must not bind. */
function meshConcern(
  drive: RackDrive,
  separating: Quantity<'force'>,
  spring: Quantity<'force'> | undefined,
  sheet: Worksheet,
): Checked<DriveConcern>[] {
  if (drive.mesh === 'sprung' && spring !== undefined) {
    const need = sheet.apply(springNeeded, { separating }, 'rack.spring-needed', {
      separating: '#rack.separating',
    });
    return [
      atLeast({
        code: 'sprung-pinion',
        path: 'drive.springForce',
        kind: 'force',
        have: spring,
        need,
        line: 'rack.spring-needed',
        params: { lever: drive.springLever.si },
      }),
    ];
  }
  if (drive.mesh === 'sprung' || !drive.meshGap) return [];
  return [
    comfort(
      atLeast({
        code: 'mesh-tight',
        path: 'drive.meshGap',
        kind: 'length',
        have: drive.meshGap.si,
        need: LEAST_GAP,
        params: {},
      }),
      NEVER_ENDS,
    ),
  ];
}

/** A pinion that is parked on a joint of the rack wears it, and starts with a jolt. */
function parkConcern(
  { park, module, helixAngle, segment }: RackDrive,
  travel: number,
): Checked<DriveConcern>[] {
  if (!park) return [];
  const pitch = rackPitch.evaluate({ module: module.si, helix: helixAngle.si });
  const { joints } = planRack(travel, segment.si, pitch);
  const away = joints.map((j) => Math.abs(j - park.si));
  const nearest = joints[away.indexOf(Math.min(...away))];
  if (nearest === undefined) return [];
  return [
    comfort(
      atLeast({
        code: 'joint-at-park',
        path: 'drive.park',
        kind: 'length',
        have: Math.abs(nearest - park.si),
        need: PARK_TEETH * pitch,
        params: { joint: nearest },
      }),
      NEVER_ENDS,
    ),
  ];
}

function concernsOf(
  drive: RackDrive,
  travel: Quantity<'length'>,
  thrust: Quantity<'force'>,
  sheet: Worksheet,
): Checked<DriveConcern>[] {
  const { separating, spring, shaft } = meshForces(drive, thrust, sheet);
  return [
    undercut(drive, sheet),
    ...meshConcern(drive, separating, spring, sheet),
    ...shaftConcern(drive, shaft),
    ...parkConcern(drive, travel),
  ];
}

function figuresOf(
  drive: RackDrive,
  travel: Quantity<'length'>,
  thrust: Quantity<'force'>,
  sheet: Worksheet,
): DriveFigure[] {
  const { one, shaft } = meshForces(drive, thrust, sheet);
  const pitch = sheet.apply(
    rackPitch,
    { module: drive.module.si, helix: drive.helixAngle.si },
    'rack.pitch',
    { module: 'drive.module', helix: helixSource },
  );
  const error = sheet.apply(
    rackError,
    { perSegment: drive.pitchError.si, segment: drive.segment.si, travel },
    'lead-error',
    { perSegment: 'drive.pitchError', segment: 'drive.segment', travel: 'demands.travel' },
  );
  const figures: DriveFigure[] = [
    { id: 'tooth-pitch', value: pitch, line: 'rack.pitch' },
    {
      id: 'mesh-per-tenth',
      value: sheet.apply(
        meshPlay,
        { gap: quantity('length', 1e-4), pressure: drive.pressureAngle.si, helix: drive.helixAngle.si },
        'rack.play-per-tenth',
        { pressure: pressureSource, helix: helixSource },
      ),
      line: 'rack.play-per-tenth',
    },
    ...shaftFigures(drive, shaft, sheet),
    // A line through the errors of several racks leaves that of one.
    ...pitchFigures(error, drive.pitchError.si > 0 ? drive.pitchError.si / error : 0, sheet),
    runoutFigure(drive, sheet),
    heatFigure(drive, travel, sheet),
  ];
  if (drive.helixAngle.si > 0)
    figures.push({
      id: 'shaft-axial',
      value: sheet.apply(axialForce, { pull: one.value, helix: drive.helixAngle.si }, 'rack.axial', {
        pull: one.source,
        helix: helixSource,
      }),
      line: 'rack.axial',
    });
  return figures;
}

function playOf(drive: RackDrive, sheet: Worksheet): PlayLink[] {
  if (drive.mesh === 'sprung')
    return [{ id: 'mesh', value: quantity('length', 0), source: 'drive.springForce' }];
  if (!drive.meshGap) return [{ id: 'mesh', value: null, source: 'drive.meshGap' }];
  return [
    {
      id: 'mesh',
      value: sheet.apply(
        meshPlay,
        { gap: drive.meshGap.si, pressure: drive.pressureAngle.si, helix: drive.helixAngle.si },
        'rack.mesh-play',
        { gap: 'drive.meshGap', pressure: pressureSource, helix: helixSource },
      ),
      source: '#rack.mesh-play',
    },
  ];
}

/** What a tooth of the pinion takes. */
function toothForce(drive: RackDrive, speed: Quantity<'speed'>, sheet: Worksheet): Quantity<'force'> {
  return sheet.apply(
    lewisForce,
    {
      yieldStrength: drive.yieldStrength.si,
      safety: SAFETY,
      face: drive.faceWidth.si,
      module: drive.module.si,
      teeth: drive.teeth.si,
      helix: drive.helixAngle.si,
      speed,
    },
    'tooth',
    {
      yieldStrength: 'drive.yieldStrength',
      face: 'drive.faceWidth',
      module: 'drive.module',
      teeth: 'drive.teeth',
      helix: helixSource,
      speed: 'demands.rapid',
    },
  );
}

/**
 * Everything that a rack drive tells the axis.
 * @param travel m. @param speed pitch line speed at rapid, m/s. @param thrust N on one motor under the worst
 * cut.
 */
export function resolveRack(
  drive: RackDrive,
  travel: Quantity<'length'>,
  speed: Quantity<'speed'>,
  thrust: Quantity<'force'>,
  sheet: Worksheet,
): ResolvedDrive {
  const k = sheet.apply(
    rackTravel,
    { teeth: drive.teeth.si, module: drive.module.si, helix: drive.helixAngle.si },
    'drive.k',
    { teeth: 'drive.teeth', module: 'drive.module', helix: helixSource },
  );
  const teeth = drive.meshStiffness
    ? sheet.apply(givenStiffness, { given: drive.meshStiffness.si }, 'stiffness.mesh', {
        given: 'drive.meshStiffness',
      })
    : sheet.apply(meshStiffness, { face: drive.faceWidth.si }, 'stiffness.mesh', { face: 'drive.faceWidth' });
  const stiffness = joinLinks(drive, k, [{ id: 'mesh', value: teeth, source: '#stiffness.mesh' }], [], sheet);
  return {
    k,
    ...losses(drive, sheet),
    inertia: drive.inertia.si,
    inertiaSource: 'drive.inertia',
    speedLimits: [],
    thrustLimit: thrustLimit(drive, 'tooth', toothForce(drive, speed, sheet), 'drive.module'),
    stiffness,
    stiffnessAt: () => stiffness.value,
    heatCompression: quantity('force', 0),
    play: (to) => playOf(drive, to),
    concerns: (to) => concernsOf(drive, travel, thrust, to),
    figures: (to) => figuresOf(drive, travel, thrust, to),
    unknowns: unknownsOf(drive, drive.meshGap || drive.mesh === 'sprung' ? null : 'drive.meshGap'),
  };
}
