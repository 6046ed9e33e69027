import { belt, chain as roller, planRack, rack } from '@/core/drives';
import { fit, type Span } from '@/core/fit';
import type { Axis } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';

/** What may end the travel of an axis. */
export type ChainPartId = 'rail' | 'thread' | 'blocks' | 'rack' | 'loop' | 'stops' | 'bellows';

/** A part of the chain, with what is drawn of it: where it lies, m from the near rail end. */
export interface ChainPart extends Span<ChainPartId> {
  readonly length: number;
  readonly start: number | null;
  /** The input that makes it longer. */
  readonly path: string;
  readonly line: string;
}

type Length = Quantity<'length'>;
const length = (si: number): Length => quantity('length', si);
const NONE = length(0);

/** Kept free between a moving body and what stands at the ends, m; common practice, no source. */
const CLEAR = length(0.003);
/** Thread that a nut keeps at each end: a lead, and at least so much, m; common practice, no source. */
const LEAST_RESERVE = 0.005;

/** Parts of one kind, and the inputs, by their paths, that are wanted for more. */
export type Found = { readonly parts: ChainPart[]; readonly missing: string[] };

const clearOf = ({ fit: said }: Axis): Length => said.clearance?.si ?? CLEAR;
/** Where what is kept free comes from, if anybody has said it. */
const clearSource = ({ fit: said }: Axis) => (said.clearance ? 'fit.clearance' : undefined);

/** A part of the drive: it begins where the drive does, and its moving body sits off the carriages. */
function driven(
  { fit: said }: Axis,
  part: Pick<ChainPart, 'id' | 'free' | 'length' | 'path' | 'line'>,
  inset = 0,
): ChainPart {
  const start = said.driveStart ? said.driveStart.si + inset : null;
  // Half of what the part is longer than its stroke lies before it.
  const before = (part.length - part.free) / 2;
  const from = start === null ? null : start + before - (said.driveOffset?.si ?? 0);
  return { ...part, start, from };
}

function screwParts(axis: Axis, sheet: Worksheet): Found {
  const { drive, fit: said } = axis;
  if (drive.kind !== 'screw') return { parts: [], missing: [] };
  const between = drive.betweenBearings.si;
  const thread = said.thread?.si ?? between;
  const parts: ChainPart[] = [];
  if (said.nut) {
    // The lead is travel for each turn: as a length it is one turn of it.
    const reserve = said.reserve?.si ?? length(Math.max(drive.lead.si, LEAST_RESERVE));
    const free = sheet.apply(fit.threadReach, { thread, nut: said.nut.si, reserve }, 'chain.thread', {
      thread: said.thread ? 'fit.thread' : 'drive.betweenBearings',
      nut: 'fit.nut',
      reserve: said.reserve ? 'fit.reserve' : 'drive.lead',
    });
    const path = said.thread ? 'fit.thread' : 'drive.betweenBearings';
    const inset = (between - thread) / 2;
    parts.push(driven(axis, { id: 'thread', free, length: thread, path, line: 'chain.thread' }, inset));
  }
  if (said.housing) {
    const given = { between, housing: said.housing.si, clearance: clearOf(axis) };
    const free = sheet.apply(fit.blockReach, given, 'chain.blocks', {
      between: 'drive.betweenBearings',
      housing: 'fit.housing',
      clearance: clearSource(axis),
    });
    const path = 'drive.betweenBearings';
    parts.push(driven(axis, { id: 'blocks', free, length: between, path, line: 'chain.blocks' }));
  }
  const missing = [...(said.nut ? [] : ['fit.nut']), ...(said.housing ? [] : ['fit.housing'])];
  return { parts, missing };
}

function rackParts(axis: Axis, sheet: Worksheet): Found {
  const { drive, fit: said, demands } = axis;
  if (drive.kind !== 'rack') return { parts: [], missing: [] };
  const pitch = rack.rackPitch.evaluate({ module: drive.module.si, helix: drive.helixAngle.si });
  const whole = planRack(demands.travel.si, drive.segment.si, pitch).pieces * drive.segment.si;
  const teeth = said.rack?.si ?? length(whole);
  const free = sheet.apply(fit.rackReach, { rack: teeth, module: drive.module.si }, 'chain.rack', {
    rack: said.rack ? 'fit.rack' : 'drive.segment',
    module: 'drive.module',
  });
  const part = { id: 'rack', free, length: teeth, path: 'fit.rack', line: 'chain.rack' } as const;
  return { parts: [driven(axis, part)], missing: said.rack ? [] : ['fit.rack'] };
}

function loopParts(axis: Axis, sheet: Worksheet): Found {
  const { drive, fit: said } = axis;
  if (drive.kind !== 'belt' && drive.kind !== 'chain') return { parts: [], missing: [] };
  if (!said.clamp) return { parts: [], missing: ['fit.clamp'] };
  const { teeth, pitch, centreDistance } = drive;
  const round =
    drive.kind === 'belt'
      ? belt.pulleyDiameter.evaluate({ teeth: teeth.si, pitch: pitch.si })
      : roller.pitchDiameter.evaluate({ teeth: teeth.si, pitch: pitch.si });
  // An open belt is clamped at both ends: no pulley stands there.
  const diameter = drive.kind === 'belt' && drive.arrangement === 'open' ? NONE : round;
  const given = { centre: centreDistance.si, diameter, clamp: said.clamp.si, clearance: clearOf(axis) };
  const free = sheet.apply(fit.loopReach, given, 'chain.loop', {
    centre: 'drive.centreDistance',
    clamp: 'fit.clamp',
    clearance: clearSource(axis),
  });
  const path = 'drive.centreDistance';
  return {
    parts: [driven(axis, { id: 'loop', free, length: centreDistance.si, path, line: 'chain.loop' })],
    missing: [],
  };
}

/** Bellows between the rail ends and the carriages; at an end where none is said there is none. */
function bellowsPart(
  { bellows }: Axis['fit'],
  rail: Length,
  span: Length,
  sheet: Worksheet,
): ChainPart | undefined {
  const [near, far] = [bellows.near?.si ?? NONE, bellows.far?.si ?? NONE];
  if (!near && !far) return undefined;
  const free = sheet.apply(fit.bellowsReach, { rail, span, near, far }, 'chain.bellows', {
    rail: 'guide.railLength',
    span: 'guide.carriageSpan',
    near: 'fit.bellows.near',
    far: 'fit.bellows.far',
  });
  const path = near > far ? 'fit.bellows.near' : 'fit.bellows.far';
  const between = rail - near - far;
  return {
    id: 'bellows',
    free,
    from: near + span / 2,
    length: between,
    start: near,
    path,
    line: 'chain.bellows',
  };
}

/** Rail and stops, which are counted from the rail. */
function railParts({ guide, fit: said }: Axis, sheet: Worksheet): Found {
  const { railLength, carriageSpan, overhang } = guide;
  // The end of a rail stops nothing: without stops nobody may say that the travel closes.
  const missing = [
    ...(railLength ? [] : ['guide.railLength']),
    ...(carriageSpan ? [] : ['guide.carriageSpan']),
    ...(['near', 'far'] as const).filter((side) => !said.stops[side]).map((side) => `fit.stops.${side}`),
  ];
  if (!railLength || !carriageSpan) return { parts: [], missing };
  const [rail, span] = [railLength.si, carriageSpan.si];
  const free = sheet.apply(fit.railReach, { rail, span, overhang: overhang.si }, 'chain.rail', {
    rail: 'guide.railLength',
    span: 'guide.carriageSpan',
    overhang: 'guide.overhang',
  });
  const from = span / 2 - overhang.si;
  const parts: ChainPart[] = [
    { id: 'rail', free, from, length: rail, start: 0, path: 'guide.railLength', line: 'chain.rail' },
  ];
  const pushed = bellowsPart(said, rail, span, sheet);
  if (pushed) parts.push(pushed);
  const { near, far } = said.stops;
  if (near && far) {
    const apart = length(rail - near.si - far.si);
    const between = sheet.apply(fit.railReach, { rail: apart, span, overhang: NONE }, 'chain.stops', {
      span: 'guide.carriageSpan',
    });
    const start = near.si;
    const path = 'fit.stops.near';
    parts.push({
      id: 'stops',
      free: between,
      from: start + span / 2,
      length: apart,
      start,
      path,
      line: 'chain.stops',
    });
  }
  return { parts, missing };
}

/** A drive whose place is typed is counted from: where its nut or pinion sits must be said as well. */
const unplaced = ({ fit: said }: Axis): string[] =>
  said.driveStart && !said.driveOffset ? ['fit.driveOffset'] : [];

/** Everything along an axis that may end its travel. */
export function chainParts(axis: Axis, sheet: Worksheet): Found {
  const found = [railParts, screwParts, rackParts, loopParts].map((of) => of(axis, sheet));
  return {
    parts: found.flatMap((f) => f.parts),
    missing: [...found.flatMap((f) => f.missing), ...unplaced(axis)],
  };
}
