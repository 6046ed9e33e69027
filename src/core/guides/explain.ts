import { type Axis, holdsBothSides } from '@/core/model';
import { GRAVITY, type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import type { Busiest } from './busiest';
import { guideCases, plateLoad } from './cases';
import { carriageLateral, carriageVertical, equivalentLoad, plateMoment } from './formulas';
import { equivalentOf, type PlateShape } from './plate';

const force = (si: number) => quantity('force', si);
const length = (si: number) => quantity('length', si);

/** A lever with the force at it: m, N, and the input that the lever comes from. */
type Lever = readonly [arm: number, force: number, source: string];

/** The four levers of a moment: two of the bodies, two of the tool; and that of the drive. */
interface Moment {
  readonly key: string;
  readonly bodies: readonly [Lever, Lever];
  readonly tool: readonly [Lever, Lever];
  readonly drive: readonly [arm: number, source: string];
}

function momentLine({ key, bodies, tool, drive }: Moment, pull: Quantity<'force'>, sheet: Worksheet) {
  const [[b1, bodies2], [t1, tool2]] = [bodies, tool];
  return sheet.apply(
    plateMoment,
    {
      bodyArm: length(b1[0]),
      bodyForce: force(b1[1]),
      bodyArm2: length(bodies2[0]),
      bodyForce2: force(bodies2[1]),
      toolArm: length(t1[0]),
      toolForce: force(t1[1]),
      toolArm2: length(tool2[0]),
      toolForce2: force(tool2[1]),
      driveArm: length(drive[0]),
      driveForce: pull,
    },
    key,
    {
      bodyArm: b1[2],
      bodyArm2: bodies2[2],
      toolArm: t1[2],
      toolArm2: tool2[2],
      driveArm: drive[1],
      bodyForce: 'loads.masses',
      bodyForce2: 'loads.masses',
      toolForce: 'demands.cuttingForce',
      toolForce2: 'demands.cuttingForce',
    },
  );
}

/** Forces on the plate in the busiest case: along, across, away from the rails; N. */
function forcesOf(axis: Axis, mass: number, index: number) {
  const { demands, loads } = axis;
  const one = guideCases(axis)[index]!;
  const load = plateLoad(axis, mass, one);
  const weight = mass * GRAVITY * Math.sin(demands.inclination.si);
  const along = loads.counterbalance.si - weight - mass * one.acceleration;
  return {
    tool: one.tool,
    load,
    along,
    across: load.y - one.tool[1],
    away: load.z - one.tool[2],
    pull: force(-(along + one.tool[0])),
  };
}

/** The three moments on the plate, each as a line. */
function moments(axis: Axis, forces: ReturnType<typeof forcesOf>, sheet: Worksheet) {
  const { guide, drive } = axis;
  const { tool, along, across, away, pull } = forces;
  const single = !holdsBothSides(drive);
  const at = (name: 'massX' | 'massY' | 'massZ' | 'toolX' | 'toolY' | 'toolZ', f: number): Lever => [
    guide[name].si,
    f,
    `guide.${name}`,
  ];
  const line = (moment: Moment) => momentLine(moment, pull, sheet);
  return {
    roll: line({
      key: 'guide.roll',
      bodies: [at('massY', away), at('massZ', across)],
      tool: [at('toolY', tool[2]), at('toolZ', tool[1])],
      drive: [0, 'guide.driveZ'],
    }),
    pitch: line({
      key: 'guide.pitch',
      bodies: [at('massZ', along), at('massX', away)],
      tool: [at('toolZ', tool[0]), at('toolX', tool[2])],
      drive: [guide.driveZ.si, 'guide.driveZ'],
    }),
    yaw: line({
      key: 'guide.yaw',
      bodies: [at('massX', across), at('massY', along)],
      tool: [at('toolX', tool[1]), at('toolY', tool[0])],
      drive: [single ? -guide.driveY.si : 0, 'guide.driveY'],
    }),
  };
}

/** Writes the busiest carriage's load as lines, from the moments on the plate on. */
export function explainWorst(
  axis: Axis,
  mass: number,
  shape: PlateShape,
  worst: Busiest,
  yawHelp: number,
  sheet: Worksheet,
): void {
  const { guide } = axis;
  const forces = forcesOf(axis, mass, worst.index);
  const { roll, pitch, yaw } = moments(axis, forces, sheet);
  const grid = {
    rails: guide.rails.si,
    perRail: guide.perRail.si,
    length: length(shape.length),
    carriage: length(shape.carriage),
  };
  const sources = {
    rails: 'guide.rails',
    perRail: 'guide.perRail',
    length: 'guide.carriageSpan',
    carriage: 'guide.carriageLength',
  };
  const x = length(worst.load.x);
  const vertical = sheet.apply(
    carriageVertical,
    {
      ...grid,
      spacing: length(shape.spacing),
      races: length(shape.races),
      force: force(forces.load.z),
      roll,
      pitch,
      x,
      y: length(worst.load.y),
    },
    'guide.vertical',
    {
      ...sources,
      spacing: 'guide.spacing',
      races: 'guide.raceSpacing',
      force: 'loads.masses',
      roll: '#guide.roll',
      pitch: '#guide.pitch',
    },
  );
  const lateral = sheet.apply(
    carriageLateral,
    { ...grid, force: force(forces.load.y), yaw, x, help: quantity('area', yawHelp) },
    'guide.lateral',
    { ...sources, yaw: '#guide.yaw' },
  );
  const straight = Math.abs(worst.load.vertical) + Math.abs(worst.load.lateral);
  const rest = force(equivalentOf(worst.load, shape) - straight);
  sheet.apply(equivalentLoad, { vertical, lateral, moments: rest }, 'guide.equivalent', {
    vertical: '#guide.vertical',
    lateral: '#guide.lateral',
  });
}
