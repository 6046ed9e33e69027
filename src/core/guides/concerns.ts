import { atLeast, atMost, type Checked, comfort, unlessMissing } from '@/core/findings';
import { type Axis, holdsBothSides } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { type Busiest, mostLifted } from './busiest';
import { explainWorst } from './explain';
import { heightLimit, jamSpan, staticSafety } from './formulas';
import { mountingLimit } from './limits';
import type { PlateShape } from './plate';
import { rodSagOf } from './rod';

export type GuideConcern =
  'guide-static' | 'uplift' | 'racking' | 'span-short' | 'rail-height' | 'rail-parallel' | 'rod-sag';

/**
 * Static safety that is asked for by load factor: 2 for even loads, 3 with some shock, 4 with much (common
 * practice).
 */
const safetyAsked = (shock: number) => (shock <= 1.2 ? 2 : shock < 2 ? 3 : 4);
/** Sag of rods above which a cut shows it; common practice, no source. */
const SAG = 0.1e-3;

const length = (si: number) => quantity('length', si);

/** One drive pushes beside what resists: the plate wedges on its carriages, and it racks. */
function racking({ guide, drive, demands }: Axis, sheet: Worksheet): Checked<GuideConcern>[] {
  if (holdsBothSides(drive) || !guide.carriageSpan) return [];
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

/** The busiest carriage against the load at which its balls dent the races. */
function staticConcern({ guide }: Axis, worst: Busiest, sheet: Worksheet): Checked<GuideConcern>[] {
  if (!guide.staticLoad) return [];
  const load = worst.equivalent;
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
  return [
    atLeast({
      code: 'guide-static',
      path: 'guide.staticLoad',
      kind: 'ratio',
      have: safety,
      need: safetyAsked(guide.shock.si),
      line: 'guide.static',
      params: { load, when: worst.at },
    }),
  ];
}

/** Share of its static rating that an open block takes away from its rail; from memory, makers differ. */
const OPEN_BLOCK = 0.5;
/** Carriages that do not reach round their rail: an open block does by part, wheels by how they are set. */
const lets = new Set<Axis['guide']['kind']>(['supported-round', 'v-wheel', 'tube-bearing']);

/** A carriage that is pulled off its rail, where it may let go of it. */
function uplift(axis: Axis, mass: number, shape: PlateShape, yawHelp: number): Checked<GuideConcern>[] {
  const { guide } = axis;
  if (!lets.has(guide.kind)) return [];
  const { at, force } = mostLifted(axis, mass, shape, yawHelp);
  if (force <= 0) return [];
  const block = guide.kind === 'supported-round';
  // What holds on from below carries the pull as it carries a load.
  if (!block && guide.grip === 'both-sides') return [];
  const found = atLeast({
    code: 'uplift',
    path: 'guide.kind',
    kind: 'force',
    have: block ? OPEN_BLOCK * (guide.staticLoad?.si ?? 0) : 0,
    need: force,
    params: { when: at, kind: guide.kind, grip: guide.grip },
  });
  const known = block ? guide.staticLoad !== null : guide.grip !== 'unknown';
  return [known ? found : unlessMissing({ ...found, verdict: 'not-known' }, 1)];
}

/** A rod held at its ends hangs through under what it carries. */
function rodConcern(axis: Axis, mass: Quantity<'mass'>, sheet: Worksheet): Checked<GuideConcern>[] {
  const { guide } = axis;
  if (guide.kind !== 'round-rod' || !guide.railLength || !guide.size) return [];
  return [
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
  ];
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
  const carried = shape && worst;
  if (carried && sheet.records) explainWorst(axis, mass, shape, worst, yawHelp, sheet);
  return [
    ...racking(axis, sheet),
    ...seats(axis, sheet),
    ...(carried ? [...staticConcern(axis, worst, sheet), ...uplift(axis, mass, shape, yawHelp)] : []),
    ...rodConcern(axis, mass, sheet),
  ];
}
