import { loads, millingForce } from '@/core/loads';
import { type Axis, type Brief, type Cut, type MillCut, stockForces } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import { silentWorksheet, type Worksheet } from '@/core/worksheet';

/** What one cut asks of the machine. SI. */
export interface CutLoad {
  readonly id: string;
  readonly name: string;
  readonly kind: Cut['kind'];
  readonly stock: Cut['stock'];
  /** Peak along and across the feed, and mean; N. Milling: the spindle's limit is counted in. */
  readonly along: number;
  readonly across: number;
  readonly meanAlong: number;
  readonly meanAcross: number;
  /** Along the spindle, N: the larger of the spiral's pull and the plunge. */
  readonly axial: number;
  readonly feed: number;
  /** Mean power and torque at the cutter, W and N·m; 0 where nothing turns. */
  readonly power: number;
  readonly torque: number;
  /** Power that the spindle has at this speed, W; null where no spindle is given or none is needed. */
  readonly available: number | null;
  /** Feed for each tooth, m, and it over the diameter. */
  readonly chip: number;
  readonly chipShare: number;
  readonly metal: boolean;
  readonly climb: boolean;
  /** Whether the cut pulls the tool along its feed at some moment. */
  readonly pulls: boolean;
  /** Acceleration that its tightest corner asks, m/s²; null where none is given. */
  readonly corner: number | null;
}

const len = (si: number): Quantity<'length'> => quantity('length', si);

function milled(
  cut: MillCut,
  spindle: Brief['spindle'],
  sheet: Worksheet,
): Omit<CutLoad, 'id' | 'name' | 'kind' | 'stock' | 'corner'> {
  const key = (part: string) => `cut.${cut.id}.${part}`;
  const width = len(Math.min(cut.width.si, cut.diameter.si));
  const inputs = {
    diameter: cut.diameter.si,
    flutes: cut.flutes.si,
    spindle: cut.spindle.si,
    feed: cut.feed.si,
    depth: cut.depth.si,
    width,
    kc11: cut.kc11.si,
    exponent: cut.exponent.si,
    radial: cut.radial.si,
  };
  const turn = millingForce({ ...inputs, climb: cut.way === 'climb' });
  const chip = sheet.apply(
    loads.chipLoad,
    { feed: cut.feed.si, flutes: cut.flutes.si, spindle: cut.spindle.si },
    key('chip'),
  );
  if (sheet.records) {
    // The turn is integrated once above; the working shows the same figures as formulas.
    const way = { ...inputs, way: quantity('ratio', cut.way === 'climb' ? 1 : 0) };
    sheet.apply(loads.peakAlong, way, key('along'));
    sheet.apply(loads.peakAcross, way, key('across'));
    sheet.apply(loads.meanTorque, way, key('torque'));
    const arc = sheet.apply(loads.engagementAngle, { diameter: cut.diameter.si, width }, key('arc'));
    const mean = sheet.apply(
      loads.meanChip,
      { width, chip, diameter: cut.diameter.si, arc },
      key('mean-chip'),
      { chip: `#${key('chip')}`, arc: `#${key('arc')}` },
    );
    const specific = sheet.apply(
      loads.specificForce,
      { kc11: cut.kc11.si, chip: mean, exponent: cut.exponent.si },
      key('specific'),
      { chip: `#${key('mean-chip')}` },
    );
    const rate = sheet.apply(
      loads.removalRate,
      { depth: cut.depth.si, width, feed: cut.feed.si },
      key('rate'),
    );
    sheet.apply(loads.cuttingPower, { specific, rate }, key('power'), {
      specific: `#${key('specific')}`,
      rate: `#${key('rate')}`,
    });
  }
  const power = turn.meanTorque * cut.spindle.si;
  const available = spindle
    ? sheet.apply(
        loads.spindlePower,
        { power: spindle.power.si, spindle: cut.spindle.si, rated: spindle.ratedSpeed.si },
        key('spindle-power'),
        { power: 'brief.spindle.power', rated: 'brief.spindle.ratedSpeed' },
      )
    : null;
  // A spindle that is asked for more stalls: no cut pushes harder than it can turn.
  let cap = 1;
  let most = (2 * turn.peakTorque) / cut.diameter.si;
  if (spindle && available !== null) {
    const given = sheet.apply(
      loads.spindleForce,
      {
        power: quantity('power', available),
        efficiency: spindle.efficiency.si,
        diameter: cut.diameter.si,
        spindle: cut.spindle.si,
      },
      key('spindle-force'),
      { power: `#${key('spindle-power')}`, efficiency: 'brief.spindle.efficiency' },
    );
    const mean = (2 * turn.meanTorque) / cut.diameter.si;
    cap = mean > given ? given / mean : 1;
    most *= cap;
  }
  const lift = sheet.apply(
    loads.axialForce,
    { tangential: quantity('force', most), helix: cut.helix.si },
    key('axial'),
  );
  let plunge = 0;
  if (cut.plunge) {
    const each = loads.chipLoad.evaluate({
      feed: cut.plunge.si,
      flutes: cut.flutes.si,
      spindle: cut.spindle.si,
    });
    const specific = loads.specificForce.evaluate({
      kc11: cut.kc11.si,
      chip: each,
      exponent: cut.exponent.si,
    });
    plunge = sheet.apply(
      loads.plungeForce,
      { specific, diameter: cut.diameter.si, feed: len(each * cut.flutes.si) },
      key('plunge'),
    );
  }
  return {
    along: turn.peakAlong * cap,
    across: turn.peakAcross * cap,
    meanAlong: turn.meanAlong * cap,
    meanAcross: turn.meanAcross * cap,
    axial: Math.max(lift, plunge),
    feed: cut.feed.si,
    power,
    torque: turn.meanTorque,
    available: available === null || !spindle ? null : available * spindle.efficiency.si,
    chip,
    chipShare: chip / cut.diameter.si,
    metal: stockForces[cut.stock].metal,
    climb: cut.way === 'climb',
    pulls: turn.pulls,
  };
}

/** Forces over one turn of a milling cut, N, by the share of the turn: what is drawn. */
export function forceOverTurn(
  cut: MillCut,
): { readonly turn: number; readonly along: number; readonly across: number }[] {
  const points: { turn: number; along: number; across: number }[] = [];
  let step = 0;
  millingForce(
    {
      diameter: cut.diameter.si,
      flutes: cut.flutes.si,
      spindle: cut.spindle.si,
      feed: cut.feed.si,
      depth: cut.depth.si,
      width: Math.min(cut.width.si, cut.diameter.si),
      kc11: cut.kc11.si,
      exponent: cut.exponent.si,
      radial: cut.radial.si,
      climb: cut.way === 'climb',
    },
    (turn, along, across) => {
      if (step++ % 12 === 0) points.push({ turn, along, across });
    },
  );
  // Every tooth does the same.
  return Array.from({ length: cut.flutes.si }, (_, tooth) =>
    points.map((p) => ({ ...p, turn: p.turn + tooth / cut.flutes.si })),
  ).flat();
}

/** The loads of one cut. */
export function cutLoad(cut: Cut, spindle: Brief['spindle'], sheet: Worksheet = silentWorksheet): CutLoad {
  const corner = cut.corner
    ? sheet.apply(
        loads.cornerAcceleration,
        { feed: cut.feed.si, radius: cut.corner.si },
        `cut.${cut.id}.corner`,
      )
    : null;
  const same = { id: cut.id, name: cut.name, kind: cut.kind, stock: cut.stock, corner };
  if (cut.kind === 'mill') return { ...same, ...milled(cut, spindle, sheet) };
  const drag = cut.drag.si;
  return {
    ...same,
    along: drag,
    across: 0,
    meanAlong: drag,
    meanAcross: 0,
    axial: cut.kind === 'plasma' ? 0 : cut.down.si,
    feed: cut.feed.si,
    power: 0,
    torque: 0,
    available: null,
    chip: 0,
    chipShare: 0,
    metal: false,
    climb: false,
    pulls: false,
  };
}

/**
 * Loads of cuts that were worked out before, by the cut: one that an edit left alone need not be integrated
 * again.
 */
export type CutMemory = WeakMap<Cut, { readonly spindle: Brief['spindle']; readonly load: CutLoad }>;

/** The loads of all cuts of a brief. @param memory of the caller; what is new is noted in it. */
export function cutLoads({ cuts, spindle }: Pick<Brief, 'cuts' | 'spindle'>, memory?: CutMemory): CutLoad[] {
  return cuts.map((cut) => {
    const before = memory?.get(cut);
    if (before && before.spindle === spindle) return before.load;
    const load = cutLoad(cut, spindle);
    memory?.set(cut, { spindle, load });
    return load;
  });
}

/**
 * Force with which the worst cut loads an axis, N: paths run every way, so the level axes each meet the
 * larger of along and across.
 */
export interface AxisCut {
  readonly force: number;
  readonly side: number;
  readonly normal: number;
  readonly cutId: string | null;
}

export function worstCut(axis: Pick<Axis, 'role'>, list: readonly CutLoad[]): AxisCut {
  const upright = axis.role === 'plunge';
  let worst: AxisCut = { force: 0, side: 0, normal: 0, cutId: null };
  for (const c of list) {
    const level = Math.max(c.along, c.across);
    const force = upright ? c.axial : level;
    if (force > worst.force || worst.cutId === null)
      worst = { force, side: level, normal: upright ? level : c.axial, cutId: c.id };
  }
  return worst;
}
