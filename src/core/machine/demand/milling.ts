import { loads, millingForce, type MillingForce } from '@/core/loads';
import { type Brief, type MillCut, type Spindle, stockForces } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import type { CutLoad } from './cut-load';
import { atTool } from './spindle';

/** What the forces of a milling cut follow from; no wider than its cutter. */
const inputsOf = (cut: MillCut) => ({
  climb: cut.way === 'climb',
  diameter: cut.diameter.si,
  flutes: cut.flutes.si,
  spindle: cut.spindle.si,
  feed: cut.feed.si,
  depth: cut.depth.si,
  width: quantity('length', Math.min(cut.width.si, cut.diameter.si)),
  kc11: cut.kc11.si,
  exponent: cut.exponent.si,
  radial: cut.radial.si,
});

/** The key of a line of a cut's working. */
const keyOf = (cut: MillCut, part: string) => `cut.${cut.id}.${part}`;

/** The figures of the turn as formulas: it was integrated once, and the working shows the same. */
function explainTurn(cut: MillCut, chip: Quantity<'length'>, sheet: Worksheet): void {
  const key = (part: string) => keyOf(cut, part);
  const inputs = inputsOf(cut);
  const { width, diameter, feed, depth } = inputs;
  const way = { ...inputs, way: quantity('ratio', cut.way === 'climb' ? 1 : 0) };
  sheet.apply(loads.peakAlong, way, key('along'));
  sheet.apply(loads.peakAcross, way, key('across'));
  sheet.apply(loads.meanTorque, way, key('torque'));
  const arc = sheet.apply(loads.engagementAngle, { diameter, width }, key('arc'));
  const mean = sheet.apply(loads.meanChip, { width, chip, diameter, arc }, key('mean-chip'), {
    chip: `#${key('chip')}`,
    arc: `#${key('arc')}`,
  });
  const specific = sheet.apply(
    loads.specificForce,
    { kc11: cut.kc11.si, chip: mean, exponent: cut.exponent.si },
    key('specific'),
    { chip: `#${key('mean-chip')}` },
  );
  const rate = sheet.apply(loads.removalRate, { depth, width, feed }, key('rate'));
  sheet.apply(loads.cuttingPower, { specific, rate }, key('power'), {
    specific: `#${key('specific')}`,
    rate: `#${key('rate')}`,
  });
}

/**
 * How far the spindle lets a cut go: the power that it has at this speed, and the share of the force that it
 * can turn. A spindle that is asked for more stalls: no cut pushes harder than it can turn.
 */
function spindleLimit(cut: MillCut, spindle: Spindle, turn: MillingForce, sheet: Worksheet) {
  const tool = atTool(spindle, keyOf(cut, 'spindle-rated'), sheet);
  const power = sheet.apply(
    loads.spindlePower,
    { power: tool.power, spindle: cut.spindle.si, rated: tool.ratedSpeed },
    keyOf(cut, 'spindle-power'),
    { power: 'brief.spindle.power', rated: tool.ratedSource },
  );
  const given = sheet.apply(
    loads.spindleForce,
    {
      power,
      efficiency: tool.efficiency,
      diameter: cut.diameter.si,
      spindle: cut.spindle.si,
    },
    keyOf(cut, 'spindle-force'),
    { power: `#${keyOf(cut, 'spindle-power')}`, efficiency: 'brief.spindle.efficiency' },
  );
  const mean = (2 * turn.meanTorque) / cut.diameter.si;
  return { available: power * tool.efficiency, cap: mean > given ? given / mean : 1 };
}

/** Force along the spindle while it plunges, N; 0 where it does not. */
function plungeOf(cut: MillCut, sheet: Worksheet): number {
  if (!cut.plunge) return 0;
  const each = loads.chipLoad.evaluate({
    feed: cut.plunge.si,
    flutes: cut.flutes.si,
    spindle: cut.spindle.si,
  });
  const specific = loads.specificForce.evaluate({ kc11: cut.kc11.si, chip: each, exponent: cut.exponent.si });
  return sheet.apply(
    loads.plungeForce,
    { specific, diameter: cut.diameter.si, feed: quantity('length', each * cut.flutes.si) },
    keyOf(cut, 'plunge'),
  );
}

/** What a milling cut asks, the spindle's limit counted in. @param same what is told of any cut. */
export function milled(
  same: Pick<CutLoad, 'basis' | 'corner'>,
  cut: MillCut,
  spindle: Brief['spindle'],
  sheet: Worksheet,
): CutLoad {
  const turn = millingForce(inputsOf(cut));
  const chip = sheet.apply(
    loads.chipLoad,
    { feed: cut.feed.si, flutes: cut.flutes.si, spindle: cut.spindle.si },
    keyOf(cut, 'chip'),
  );
  if (sheet.records) explainTurn(cut, chip, sheet);
  const { available, cap } = spindle ? spindleLimit(cut, spindle, turn, sheet) : { available: null, cap: 1 };
  const lift = sheet.apply(
    loads.axialForce,
    { tangential: quantity('force', (cap * 2 * turn.peakTorque) / cut.diameter.si), helix: cut.helix.si },
    keyOf(cut, 'axial'),
  );
  return {
    id: cut.id,
    name: cut.name,
    kind: cut.kind,
    stock: cut.stock,
    basis: same.basis,
    corner: same.corner,
    along: turn.peakAlong * cap,
    across: turn.peakAcross * cap,
    meanAlong: turn.meanAlong * cap,
    meanAcross: turn.meanAcross * cap,
    axial: Math.max(lift, plungeOf(cut, sheet)),
    feed: cut.feed.si,
    power: turn.meanTorque * cut.spindle.si,
    torque: turn.meanTorque,
    available,
    chip,
    chipShare: chip / cut.diameter.si,
    metal: stockForces[cut.stock].metal,
    climb: cut.way === 'climb',
    pulls: turn.pulls,
  };
}

/** Every so many steps of the integration one is drawn. */
const DRAWN = 6;

/** Forces over one turn of a milling cut, N, by the share of the turn: what is drawn. */
export function forceOverTurn(
  cut: MillCut,
): { readonly turn: number; readonly along: number; readonly across: number }[] {
  const points: { turn: number; along: number; across: number }[] = [];
  let step = 0;
  millingForce(inputsOf(cut), (turn, along, across) => {
    if (step++ % DRAWN === 0) points.push({ turn, along, across });
  });
  // Every tooth does the same.
  return Array.from({ length: cut.flutes.si }, (_, tooth) =>
    points.map((p) => ({ ...p, turn: p.turn + tooth / cut.flutes.si })),
  ).flat();
}
