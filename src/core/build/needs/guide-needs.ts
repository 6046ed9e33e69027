import { mountsOf, pickedPart, platePartOf, railClear, railHolesOf, railOf } from '@/core/machine';
import type { BarForm } from '../cutting';
import type { Whose } from './drive-needs';
import { mm, type Need, need, type NeedPiece, type NeedSection, restingOn } from './need';

/** How far the two ends of a rail may differ before anybody minds, m; common practice, no source. */
const EQUAL_ENOUGH = 0.0005;

/** What a rail is sawn out of, by the kind of guide. */
function railSection({ axis }: Whose): NeedSection {
  const { kind, size } = axis.guide;
  const width = size?.si ?? -1;
  const rail = railOf(axis)?.rail;
  const holed: BarForm =
    rail && (kind === 'profile' || kind === 'miniature')
      ? { kind: 'holed', pitch: rail.pitch, clear: railClear(rail), tolerance: EQUAL_ENOUGH }
      : { kind: 'plain' };
  const what = {
    profile: 'rail',
    miniature: 'rail',
    'supported-round': 'round-rail',
    'round-rod': 'rod',
    'v-wheel': 'wheel-rail',
    'tube-bearing': 'tube-rail',
  } as const;
  return {
    key: `rail ${kind} ${width < 0 ? 'unknown' : mm(width)}`,
    kind: what[kind],
    params: { size: width, guide: kind },
    form: holed,
    // Of these only wheels and bearings on tube run on what a saw goes through like butter.
    hard: kind !== 'v-wheel' && kind !== 'tube-bearing',
  };
}

/** Pieces of one rail: whole, or two that keep the pitch across their joint. */
function piecesOf({ axis }: Whose, length: number, joint: number | undefined): readonly NeedPiece[] {
  if (joint === undefined || joint <= 0 || joint >= length) return [{ length, first: null }];
  const holes = railHolesOf(axis);
  if (!holes)
    return [
      { length: joint, first: null },
      { length: length - joint, first: null },
    ];
  const behind = (joint - holes.end) % holes.pitch;
  return [
    { length: joint, first: holes.end },
    { length: length - joint, first: holes.pitch - behind },
  ];
}

/** Rails with their screws and caps. */
function railNeeds(whose: Whose): Need[] {
  const { axis, at } = whose;
  const { guide, fit } = axis;
  const owner = axis.id;
  const section = railSection(whose);
  const length = guide.railLength?.si ?? null;
  const joints = [fit.joints.a?.si, fit.joints.b?.si];
  const pieces =
    length === null
      ? []
      : Array.from({ length: guide.rails.si }, (_, i) => piecesOf(whose, length, joints[i % 2])).flat();
  const rails = need({
    kind: section.kind,
    owner,
    quantity: length === null ? guide.rails.si : pieces.length,
    params: { ...section.params, length: length ?? -1, rails: guide.rails.si },
    open: length === null ? [`${at}.guide.railLength`] : [],
    sawn: length === null ? null : { section, pieces },
  });
  const holes = railHolesOf(axis);
  const { thread } = platePartOf('rails', axis, mountsOf(axis));
  // Where a plate carries the rails its own screws are on the list already.
  const onPlate = fit.plates.some((p) => p.groups.some((g) => g.joins === 'rails' && g.of === ''));
  if (!holes) return [rails];
  const count = holes.count * guide.rails.si;
  return [
    rails,
    ...(onPlate
      ? []
      : [
          need({
            kind: 'rail-screw',
            owner,
            quantity: count,
            spare: Math.ceil(count / 10),
            params: { thread: thread ?? '', length: -1 },
          }),
        ]),
    ...(guide.kind === 'profile'
      ? [
          need({
            kind: 'rail-cap',
            owner,
            quantity: count,
            spare: Math.ceil(count / 10),
            params: section.params,
          }),
        ]
      : []),
  ];
}

const runs = {
  profile: 'carriage',
  miniature: 'carriage',
  'supported-round': 'bush-block',
  'round-rod': 'bush-block',
  'v-wheel': 'wheel',
  'tube-bearing': 'wheel',
} as const;

/** Rails, and what runs on them. */
export function guideNeeds(whose: Whose): Need[] {
  const { project, axis } = whose;
  const { guide, fit } = axis;
  const part = pickedPart(project, axis, 'guide');
  const mounts = mountsOf(axis);
  const carriages = need({
    kind: runs[guide.kind],
    owner: axis.id,
    quantity: guide.rails.si * guide.perRail.si,
    params: {
      size: guide.size?.si ?? -1,
      guide: guide.kind,
      form: fit.mount.carriage ?? mounts.carriage?.form ?? '',
      row: mounts.row ?? '',
    },
    // The catalogue prices a carriage with its share of the rail.
    price: part?.price ?? null,
    onHand: part?.onHand ?? 0,
  });
  const { rails, perRail, size, railLength } = guide;
  return restingOn([rails, perRail, size, railLength], [...railNeeds(whose), carriages]);
}
