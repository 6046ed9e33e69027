import { atLeast, type Checked, exactly, unlessMissing } from '@/core/findings';
import { type Axis, type AxisFieldPath, type Edit, isMeasure, putInAxis } from '@/core/model';
import { chainOf, fitBegun, type TravelChain } from '../chain';
import type { ChainPart } from '../chain-parts';
import { type Candidate, offer, set } from '../candidates';
import { axisCheck } from './subject';

/** Lengths are cut to whole millimetres. */
const upToMm = (si: number) => Math.ceil(si * 1000 - 1e-6) / 1000;

/** A part made as much longer as is lacking, or stops moved out by it. */
function longer({ fit: said, guide }: Axis, part: ChainPart, lacking: number): readonly Edit[] {
  if (part.id === 'stops') {
    const out = (side: 'near' | 'far') => said.stops[side]!.si - lacking / 2;
    return [set('fit.stops.near', out('near')), set('fit.stops.far', out('far'))];
  }
  // Bellows pushed together take what they take: the rail between them grows.
  const rail = part.id === 'bellows' ? guide.railLength?.si : undefined;
  if (rail !== undefined) return [set('guide.railLength', upToMm(rail + lacking))];
  return [set(part.path as AxisFieldPath, upToMm(part.length + lacking))];
}

/** One part that ends the travel, by itself. */
function alone(axis: Axis, part: ChainPart, lacking: number): Candidate {
  const edits = longer(axis, part, lacking);
  return part.id === 'stops'
    ? offer('stops-out', edits, { by: lacking / 2 })
    : offer('longer-part', edits, { part: part.id, to: upToMm(part.length + lacking) });
}

/**
 * Everything that is too short at once, each part by what it lacks; a drive whose place is typed is set
 * where it serves. One length may serve two parts: the longer one stands.
 */
function together(axis: Axis, parts: readonly ChainPart[], wanted: number): Candidate[] {
  const edits = new Map<string, Edit>();
  for (const part of parts)
    if (part.free < wanted)
      for (const edit of longer(axis, part, wanted - part.free)) {
        const before = edits.get(edit.path)?.value;
        const more = !isMeasure(before) || !isMeasure(edit.value) || edit.value.si > before.si;
        if (more) edits.set(edit.path, edit);
      }
  const lengths = [...edits.values()];
  const shift = axis.fit.driveStart ? [putInAxis('fit.driveStart', null)] : [];
  return lengths.length + shift.length > 1
    ? [offer('close-chain', [...lengths, ...shift], { count: lengths.length })]
    : [];
}

/** What can be done about a chain that does not leave the travel. */
function mended(axis: Axis, { parts, closed, wanted }: TravelChain, lacking: number): Candidate[] {
  if (!closed) return [];
  const { stroke, near, far, loss } = closed;
  const binds = parts.filter((p) => p.id === near || p.id === far);
  const found = [...binds.map((part) => alone(axis, part, lacking)), ...together(axis, parts, wanted)];
  // A drive whose place is typed may sit where it takes stroke: anywhere that serves is better.
  if (loss > 0 && axis.fit.driveStart) found.push(offer('shift-drive', [putInAxis('fit.driveStart', null)]));
  const travel = Math.floor((axis.demands.travel.si - lacking) * 1000) / 1000;
  if (travel > 0 && stroke > 0)
    found.push({ ...offer('travel', [set('demands.travel', travel)], { to: travel }), resigned: true });
  return found;
}

const chainShort = axisCheck({
  code: 'chain-short',
  judge: ({ analysis: { axis }, sheet }) => {
    // Before anybody has begun with it, the station itself says what it wants to know.
    if (!fitBegun(axis)) return undefined;
    const { parts, closed, soft, ends, missing } = chainOf(axis, sheet);
    if (!closed || soft === null) return undefined;
    const part = parts.find((p) => p.id === closed.near)!;
    const found = atLeast({
      code: 'chain-short',
      path: part.path,
      kind: 'length',
      have: soft,
      need: axis.demands.travel.si,
      line: 'chain.soft',
      params: {
        near: closed.near,
        far: closed.far,
        stroke: closed.stroke,
        takenNear: ends.near.taken,
        takenFar: ends.far.taken,
        gain: closed.gain?.by ?? 0,
        then: closed.gain?.then ?? '',
        missing: missing.length,
        first: missing[0] ?? '',
      },
    });
    return unlessMissing(exactly(found), missing.length);
  },
  candidates: ({ analysis: { axis }, sheet }, found) =>
    mended(axis, chainOf(axis, sheet), found.limit - found.value),
});

/** Joints in rails of which nobody has said where their holes are. */
const unheardOf = ({ fit: { joints } }: Axis): Checked<'rail-joint'>[] =>
  (['a', 'b'] as const).flatMap((rail) => {
    const at = joints[rail]?.si;
    if (at === undefined) return [];
    const path = `fit.joints.${rail}`;
    const about = { code: 'rail-joint', about: rail, path, params: { rail, at } } as const;
    return [{ ...atLeast({ ...about, kind: 'length', have: 0, need: 0 }), verdict: 'not-known' as const }];
  });

/** A joint through a hole of its rail, or so near to one that the counterbore breaks out. */
const railJoint = axisCheck({
  code: 'rail-joint',
  judge: ({ analysis: { axis }, sheet }) => {
    const { joints, railHoles } = chainOf(axis, sheet).lengths;
    if (!railHoles) return unheardOf(axis);
    return joints.map(({ rail, at, toHole, least }) =>
      exactly(
        atLeast({
          code: 'rail-joint',
          about: rail,
          path: `fit.joints.${rail}`,
          kind: 'length',
          have: toHole,
          need: least,
          params: { rail, at },
        }),
      ),
    );
  },
  candidates: ({ analysis: { axis }, sheet }, found) => {
    const { railHoles, joints } = chainOf(axis, sheet).lengths;
    const joint = joints.find((j) => j.rail === found.about);
    if (!railHoles || !joint) return [];
    const { end, pitch, count } = railHoles;
    // The middle between the two holes that it lies by.
    const gap = Math.min(count - 2, Math.max(0, Math.floor((joint.at - end) / pitch)));
    const to = end + (gap + 0.5) * pitch;
    return count > 1
      ? [offer('joint-at', [set(`fit.joints.${joint.rail}`, to)], { to, rail: joint.rail })]
      : [];
  },
});

/** Both rails joined at one place: the carriages meet both joints at once. */
const railStagger = axisCheck({
  code: 'rail-stagger',
  judge: ({ analysis: { axis } }) => {
    const { a, b } = axis.fit.joints;
    const carriage = axis.guide.carriageLength;
    if (!a || !b || axis.guide.rails.si < 2 || !carriage) return undefined;
    return exactly(
      atLeast({
        code: 'rail-stagger',
        path: 'fit.joints.b',
        kind: 'length',
        have: Math.abs(a.si - b.si),
        need: carriage.si,
      }),
      'thin',
    );
  },
});

/** Whether the parts leave the travel that is asked, and what is joined holds. */
export const chainChecks = [chainShort, railJoint, railStagger] as const;
