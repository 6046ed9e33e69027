import { atLeast, atMost, type Checked, comfort } from '@/core/findings';
import type { Axis } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import type { Busiest } from './busiest';
import { guideCases, plateLoad } from './cases';
import {
  carriageLateral,
  carriageVertical,
  equivalentLoad,
  heightLimit,
  jamSpan,
  plateMoment,
  staticSafety,
} from './formulas';
import { mountingLimit } from './limits';
import { equivalentOf, type PlateShape } from './plate';
import { rodSagOf } from './rod';

export type GuideConcern =
  'guide-static' | 'racking' | 'span-short' | 'rail-height' | 'rail-parallel' | 'rod-sag';

/**
 * Static safety that is asked for by load factor: 2 for even loads, 3 with some shock, 4 with much (common
 * practice).
 */
const safetyAsked = (shock: number) => (shock <= 1.2 ? 2 : shock < 2 ? 3 : 4);
/** Sag of rods above which a cut shows it; common practice, no source. */
const SAG = 0.1e-3;

const force = (si: number) => quantity('force', si);
const length = (si: number) => quantity('length', si);

/** Writes the busiest carriage's load as lines, from the moments on the plate on. */
function explainWorst(
  axis: Axis,
  mass: number,
  shape: PlateShape,
  worst: Busiest,
  yawHelp: number,
  sheet: Worksheet,
): void {
  const { guide, demands, loads, drive } = axis;
  const one = guideCases(axis)[worst.index]!;
  const load = plateLoad(axis, mass, one);
  const along =
    -mass * 9.80665 * Math.sin(demands.inclination.si) - mass * one.acceleration + loads.counterbalance.si;
  const [across, away] = [load.y - one.tool[1], load.z - one.tool[2]];
  const pull = force(-(along + one.tool[0]));
  const single = drive.sets === 1 && (drive.kind === 'screw' || !drive.crossShaft);
  const moment = (key: string, a: [number, number, string][], driveArm: number, driveSource: string) =>
    sheet.apply(
      plateMoment,
      {
        bodyArm: length(a[0]![0]),
        bodyForce: force(a[0]![1]),
        bodyArm2: length(a[1]![0]),
        bodyForce2: force(a[1]![1]),
        toolArm: length(a[2]![0]),
        toolForce: force(a[2]![1]),
        toolArm2: length(a[3]![0]),
        toolForce2: force(a[3]![1]),
        driveArm: length(driveArm),
        driveForce: pull,
      },
      key,
      {
        bodyArm: a[0]![2],
        bodyArm2: a[1]![2],
        toolArm: a[2]![2],
        toolArm2: a[3]![2],
        driveArm: driveSource,
        bodyForce: 'loads.masses',
        bodyForce2: 'loads.masses',
        toolForce: 'demands.cuttingForce',
        toolForce2: 'demands.cuttingForce',
      },
    );
  const [bx, by, bz, tx, ty, tz] = [
    guide.massX.si,
    guide.massY.si,
    guide.massZ.si,
    guide.toolX.si,
    guide.toolY.si,
    guide.toolZ.si,
  ];
  const roll = moment(
    'guide.roll',
    [
      [by, away, 'guide.massY'],
      [bz, across, 'guide.massZ'],
      [ty, one.tool[2], 'guide.toolY'],
      [tz, one.tool[1], 'guide.toolZ'],
    ],
    0,
    'guide.driveZ',
  );
  const pitch = moment(
    'guide.pitch',
    [
      [bz, along, 'guide.massZ'],
      [bx, away, 'guide.massX'],
      [tz, one.tool[0], 'guide.toolZ'],
      [tx, one.tool[2], 'guide.toolX'],
    ],
    guide.driveZ.si,
    'guide.driveZ',
  );
  const yaw = moment(
    'guide.yaw',
    [
      [bx, across, 'guide.massX'],
      [by, along, 'guide.massY'],
      [tx, one.tool[1], 'guide.toolX'],
      [ty, one.tool[0], 'guide.toolY'],
    ],
    single ? -guide.driveY.si : 0,
    'guide.driveY',
  );
  const grid = {
    rails: guide.rails.si,
    perRail: guide.perRail.si,
    length: length(shape.length),
    carriage: length(shape.carriage),
  };
  const gridSources = {
    rails: 'guide.rails',
    perRail: 'guide.perRail',
    length: 'guide.carriageSpan',
    carriage: 'guide.carriageLength',
  };
  const vertical = sheet.apply(
    carriageVertical,
    {
      ...grid,
      spacing: length(shape.spacing),
      races: length(shape.races),
      force: force(load.z),
      roll,
      pitch,
      x: length(worst.load.x),
      y: length(worst.load.y),
    },
    'guide.vertical',
    {
      ...gridSources,
      spacing: 'guide.spacing',
      races: 'guide.raceSpacing',
      force: 'loads.masses',
      roll: '#guide.roll',
      pitch: '#guide.pitch',
    },
  );
  const lateral = sheet.apply(
    carriageLateral,
    { ...grid, force: force(load.y), yaw, x: length(worst.load.x), help: quantity('area', yawHelp) },
    'guide.lateral',
    { ...gridSources, yaw: '#guide.yaw' },
  );
  const moments = force(
    equivalentOf(worst.load, shape) - Math.abs(worst.load.vertical) - Math.abs(worst.load.lateral),
  );
  sheet.apply(equivalentLoad, { vertical, lateral, moments }, 'guide.equivalent', {
    vertical: '#guide.vertical',
    lateral: '#guide.lateral',
  });
}

/** One drive pushes beside what resists: the plate wedges on its carriages, and it racks. */
function racking({ guide, drive, demands }: Axis, sheet: Worksheet): Checked<GuideConcern>[] {
  if (drive.sets === 2 || (drive.kind !== 'screw' && drive.crossShaft) || !guide.carriageSpan) return [];
  const lever = Math.max(
    Math.abs(guide.driveY.si - guide.massY.si),
    demands.cuttingForce.si ? Math.abs(guide.driveY.si - guide.toolY.si) : 0,
  );
  const found: Checked<GuideConcern>[] = [];
  const least = sheet.apply(jamSpan, { friction: guide.friction.si, lever: length(lever) }, 'guide.jam', {
    friction: 'guide.friction',
    lever: 'guide.driveY',
  });
  found.push(
    atLeast({
      code: 'racking',
      path: 'guide.carriageSpan',
      kind: 'length',
      have: guide.carriageSpan.si,
      need: least,
      line: 'guide.jam',
      params: { lever },
    }),
  );
  // The span of a plate that hangs on one rail, or whose rails stand close, is not what racks.
  if (guide.rails.si > 1 && guide.spacing)
    found.push(
      comfort(
        atLeast({
          code: 'span-short',
          path: 'guide.carriageSpan',
          kind: 'length',
          have: guide.carriageSpan.si,
          need: guide.spacing.si / 2,
          params: { spacing: guide.spacing.si },
        }),
      ),
    );
  return found;
}

function seats({ guide }: Axis, sheet: Worksheet): Checked<GuideConcern>[] {
  const limit = guide.rails.si > 1 ? mountingLimit(guide) : undefined;
  if (!limit) return [];
  const found: Checked<GuideConcern>[] = [];
  if (guide.heightError && guide.spacing) {
    const allowed = sheet.apply(
      heightLimit,
      { per: length(limit.heightAt500), spacing: guide.spacing.si },
      'guide.height-limit',
      { spacing: 'guide.spacing' },
    );
    found.push(
      comfort(
        atMost({
          code: 'rail-height',
          path: 'guide.heightError',
          kind: 'length',
          have: guide.heightError.si,
          need: allowed,
          line: 'guide.height-limit',
        }),
      ),
    );
  }
  if (guide.parallelError)
    found.push(
      comfort(
        atMost({
          code: 'rail-parallel',
          path: 'guide.parallelError',
          kind: 'length',
          have: guide.parallelError.si,
          need: limit.parallel,
        }),
      ),
    );
  return found;
}

/** Checks that the guide makes of itself. */
export function guideConcerns(
  axis: Axis,
  mass: Quantity<'mass'>,
  shape: PlateShape | undefined,
  worst: Busiest | undefined,
  yawHelp: number,
  sheet: Worksheet,
): Checked<GuideConcern>[] {
  const { guide } = axis;
  const found = [...racking(axis, sheet), ...seats(axis, sheet)];
  if (shape && worst) {
    if (sheet.records) explainWorst(axis, mass, shape, worst, yawHelp, sheet);
    const load = worst.equivalent;
    if (guide.staticLoad) {
      const safety = sheet.apply(
        staticSafety,
        {
          rating: guide.staticLoad.si,
          load,
          overhang: guide.overhang.si,
          carriage: guide.carriageLength?.si ?? length(0),
        },
        'guide.static',
        {
          rating: 'guide.staticLoad',
          load: '#guide.equivalent',
          overhang: 'guide.overhang',
          carriage: 'guide.carriageLength',
        },
      );
      found.push(
        atLeast({
          code: 'guide-static',
          path: 'guide.staticLoad',
          kind: 'ratio',
          have: safety,
          need: safetyAsked(guide.shock.si),
          line: 'guide.static',
          params: { load, when: worst.at },
        }),
      );
    }
  }
  if (guide.kind === 'round-rod' && guide.railLength && guide.size)
    found.push(
      comfort(
        atMost({
          code: 'rod-sag',
          path: 'guide.size',
          kind: 'length',
          have: rodSagOf(axis, mass, sheet),
          need: SAG,
          line: 'guide.rod-sag',
          params: { rods: guide.rails.si },
        }),
      ),
    );
  return found;
}
