import { screwSteel } from '@/core/catalogue';
import { atLeast, type Checked, comfort } from '@/core/findings';
import type { RackDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { forceOnStrand, givenStiffness, joinLinks, linePlay, shaftBending } from '../line';
import type { DriveConcern, DriveFigure, PlayLink, ResolvedDrive } from '../resolved';
import { rollingBackEfficiency } from '../screw/efficiency';
import { heatGrowth } from '../screw/heat';
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

function concernsOf(
  drive: RackDrive,
  travel: Quantity<'length'>,
  thrust: Quantity<'force'>,
  sheet: Worksheet,
): Checked<DriveConcern>[] {
  const { separating, spring, shaft } = meshForces(drive, thrust, sheet);
  const found: Checked<DriveConcern>[] = [];
  const least = sheet.apply(
    leastTeeth,
    { pressure: drive.pressureAngle.si, helix: drive.helixAngle.si, shift: drive.profileShift.si },
    'rack.least-teeth',
    { pressure: pressureSource, helix: helixSource, shift: 'drive.profileShift' },
  );
  // A sixth below the theory is usual practice: the undercut is then hardly seen.
  found.push(
    comfort(
      atLeast({
        code: 'undercut',
        path: 'drive.teeth',
        kind: 'count',
        have: drive.teeth.si,
        need: (least * 14) / 17,
        line: 'rack.least-teeth',
        params: { least, shift: 1 - drive.teeth.si / (least / (1 - drive.profileShift.si)) },
      }),
    ),
  );
  if (spring !== undefined) {
    const need = sheet.apply(springNeeded, { separating }, 'rack.spring-needed', {
      separating: '#rack.separating',
    });
    found.push(
      atLeast({
        code: 'sprung-pinion',
        path: 'drive.springForce',
        kind: 'force',
        have: spring,
        need,
        line: 'rack.spring-needed',
        params: { lever: drive.springLever.si },
      }),
    );
  } else if (drive.meshGap) {
    // Zero play binds where the pitch wanders; common practice, no source.
    found.push(
      comfort(
        atLeast({
          code: 'mesh-tight',
          path: 'drive.meshGap',
          kind: 'length',
          have: drive.meshGap.si,
          need: 0.02e-3,
          params: {},
        }),
      ),
    );
  }
  if (drive.shaftLoadLimit)
    found.push(
      atLeast({
        code: 'shaft-load',
        path: 'drive.shaftLoadLimit',
        kind: 'force',
        have: drive.shaftLoadLimit.si,
        need: shaft,
        line: 'shaft-load',
        params: {},
      }),
    );
  if (drive.park) {
    const pitch = rackPitch.evaluate({ module: drive.module.si, helix: drive.helixAngle.si });
    const { joints } = planRack(travel, drive.segment.si, pitch);
    const nearest = joints.reduce(
      (best, j) => (Math.abs(j - drive.park!.si) < Math.abs(best - drive.park!.si) ? j : best),
      Infinity,
    );
    if (Number.isFinite(nearest))
      found.push(
        comfort(
          atLeast({
            code: 'joint-at-park',
            path: 'drive.park',
            kind: 'length',
            have: Math.abs(nearest - drive.park.si),
            need: 3 * pitch,
            params: { joint: nearest },
          }),
        ),
      );
  }
  return found;
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
    { id: 'shaft-radial', value: shaft, line: 'shaft-load' },
    {
      id: 'lead-error',
      value: sheet.apply(
        rackError,
        { perSegment: drive.pitchError.si, segment: drive.segment.si, travel },
        'lead-error',
        { perSegment: 'drive.pitchError', segment: 'drive.segment', travel: 'demands.travel' },
      ),
      line: 'lead-error',
    },
    {
      id: 'shaft-bending',
      value: sheet.apply(shaftBending, { radial: shaft, overhang: drive.overhang.si }, 'shaft-bending', {
        radial: '#shaft-load',
        overhang: 'drive.overhang',
      }),
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
  const tooth = sheet.apply(
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
  const teeth = drive.meshStiffness
    ? sheet.apply(givenStiffness, { given: drive.meshStiffness.si }, 'stiffness.mesh', {
        given: 'drive.meshStiffness',
      })
    : sheet.apply(meshStiffness, { face: drive.faceWidth.si }, 'stiffness.mesh', { face: 'drive.faceWidth' });
  const stiffness = joinLinks(drive, k, [{ id: 'mesh', value: teeth, source: '#stiffness.mesh' }], [], sheet);
  const share = drive.crossShaft ? drive.worstShare.si : 1;
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
    thrustLimit: {
      code: 'tooth',
      limit: quantity('force', tooth / share),
      line: 'tooth',
      path: 'drive.module',
    },
    stiffness,
    stiffnessAt: () => stiffness.value,
    heatCompression: quantity('force', 0),
    play: (to) => playOf(drive, to),
    concerns: (to) => concernsOf(drive, travel, thrust, to),
    figures: (to) => figuresOf(drive, travel, thrust, to),
    unknowns: [
      ...(drive.shaftLoadLimit ? [] : [{ path: 'drive.shaftLoadLimit', effect: 'shaft-load' }]),
      ...(drive.meshGap || drive.mesh === 'sprung' ? [] : [{ path: 'drive.meshGap', effect: 'play' }]),
    ],
  };
}
