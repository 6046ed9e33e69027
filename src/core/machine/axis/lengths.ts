import { fit, jointToHole, railHoles } from '@/core/fit';
import type { Axis } from '@/core/model';
import { quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { railOf } from './mounts';

/** What a carriage past its rail end has left, as shares of what it has on the rail. */
export interface OverhangPrice {
  readonly static: number;
  readonly dynamic: number;
  /** Peak load of a single carriage on a rail, over that on the rail; null where two share the tilt. */
  readonly peak: number | null;
}

/** What is cut to length, m; null where it is not known or there is none. */
export interface Lengths {
  /** The whole screw with its journals. */
  readonly screw: number | null;
  /** A belt before it is laid in. */
  readonly belt: number | null;
  /** Holes of a rail so that both its ends are equal. */
  readonly railHoles: { readonly count: number; readonly end: number; readonly pitch: number } | null;
  readonly overhang: OverhangPrice | null;
  /** Of the cable chain, up to whole links, and how many those are. */
  readonly cable: { readonly length: number; readonly links: number } | null;
  /** Joints in the rails: where, how far from the nearest hole, and how far they must be at least. */
  readonly joints: readonly RailJoint[];
}

/** A joint between two pieces of a rail, m. */
export interface RailJoint {
  readonly rail: 'a' | 'b';
  readonly at: number;
  readonly toHole: number;
  readonly least: number;
}

/** Loaded share of a carriage's length; from memory. */
const LOADED = 0.7;

function screwLength({ drive, fit: said }: Axis, sheet: Worksheet): number | null {
  const { journals } = said;
  if (drive.kind !== 'screw' || !journals.drive || !journals.far) return null;
  const thread = said.thread?.si ?? drive.betweenBearings.si;
  const given = { thread, drive: journals.drive.si, far: journals.far.si };
  return sheet.apply(fit.screwLength, given, 'chain.screw', {
    thread: said.thread ? 'fit.thread' : 'drive.betweenBearings',
    drive: 'fit.journals.drive',
    far: 'fit.journals.far',
  });
}

function beltLength({ drive, fit: said }: Axis, sheet: Worksheet): number | null {
  if (drive.kind !== 'belt' || drive.arrangement !== 'loop' || !said.grip || !said.mouths) return null;
  const { centreDistance, teeth, pitch } = drive;
  return sheet.apply(
    fit.beltCut,
    {
      centre: centreDistance.si,
      teeth: teeth.si,
      pitch: pitch.si,
      mouths: said.mouths.si,
      grip: said.grip.si,
    },
    'chain.belt',
    {
      centre: 'drive.centreDistance',
      teeth: 'drive.teeth',
      pitch: 'drive.pitch',
      mouths: 'fit.mouths',
      grip: 'fit.grip',
    },
  );
}

function overhangPrice({ guide }: Axis, sheet: Worksheet): OverhangPrice | null {
  const { overhang, carriageLength: carriage, kind, railLength } = guide;
  // Wheels and bushes have no row of balls that comes off its rail.
  if (!railLength || !overhang.si || !carriage || (kind !== 'profile' && kind !== 'miniature')) return null;
  const given = {
    overhang: overhang.si,
    carriage: carriage.si,
    loaded: quantity('length', LOADED * carriage.si),
  };
  const share = sheet.apply(fit.overhangShare, given, 'overhang.share', {
    overhang: 'guide.overhang',
    carriage: 'guide.carriageLength',
  });
  const from = { share: '#overhang.share' };
  const single = guide.perRail.si === 1;
  return {
    static: sheet.apply(fit.overhangStatic, { share }, 'overhang.static', from),
    dynamic: sheet.apply(fit.overhangDynamic, { share }, 'overhang.dynamic', from),
    peak: single ? sheet.apply(fit.overhangPeak, { share }, 'overhang.peak', from) : null,
  };
}

/** Kept between the edge of a counterbore and the end of its rail, m; common practice, no source. */
const AT_END = 0.003;

/** From the middle of a rail's hole to an end or a saw, at least, m. */
export const railClear = ({ hole, bore }: { readonly hole: number; readonly bore: number | null }): number =>
  (bore ?? hole) / 2 + AT_END;

/** Holes of a rail so that both ends are equal; null while its length or its form is not known. */
export function railHolesOf(axis: Axis): Lengths['railHoles'] {
  const length = axis.guide.railLength?.si;
  const rail = railOf(axis)?.rail;
  if (length === undefined || !rail) return null;
  const found = railHoles(length, rail.pitch, railClear(rail));
  return found && { ...found, pitch: rail.pitch };
}

function cableOf({ fit: { cable }, demands }: Axis, sheet: Worksheet): Lengths['cable'] {
  if (!cable.radius || !cable.pitch) return null;
  const pitch = cable.pitch.si;
  const given = {
    stroke: demands.travel.si,
    anchor: cable.anchor?.si ?? quantity('length', 0),
    radius: cable.radius.si,
    pitch,
  };
  const wanted = sheet.apply(fit.cableLength, given, 'chain.cable', {
    stroke: 'demands.travel',
    anchor: 'fit.cable.anchor',
    radius: 'fit.cable.radius',
    pitch: 'fit.cable.pitch',
  });
  const links = Math.ceil(wanted / pitch - 1e-9);
  return { length: links * pitch, links };
}

function jointsOf(axis: Axis): readonly RailJoint[] {
  const holes = railHolesOf(axis);
  const rail = railOf(axis)?.rail;
  if (!holes || !rail) return [];
  return (['a', 'b'] as const).flatMap((id) => {
    const at = axis.fit.joints[id]?.si;
    if (at === undefined) return [];
    return [{ rail: id, at, toHole: jointToHole(at, holes), least: railClear(rail) }];
  });
}

/** What is cut to length for an axis, and the price of its overhang. */
export const lengthsOf = (axis: Axis, sheet: Worksheet): Lengths => ({
  screw: screwLength(axis, sheet),
  belt: beltLength(axis, sheet),
  railHoles: railHolesOf(axis),
  overhang: overhangPrice(axis, sheet),
  cable: cableOf(axis, sheet),
  joints: jointsOf(axis),
});
