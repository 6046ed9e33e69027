import { type Axis, guess, type PlateGroupInput, type PlateInput, type PlateKind } from '@/core/model';

/** A plate before it and its groups have names; words come from above. */
export type PlateSeed = Omit<PlateInput, 'name' | 'groups'> & {
  readonly groups: readonly Omit<PlateGroupInput, 'name'>[];
};

type GroupSeed = PlateSeed['groups'][number];

/** A group of holes as it usually is. */
export const startingGroup = (
  id: string,
  joins: PlateGroupInput['joins'],
  more: Partial<GroupSeed> = {},
): GroupSeed => ({
  id,
  joins,
  of: '',
  pattern: joins === 'own' || joins === 'spindle' ? { kind: 'rect', along: null, across: null } : null,
  bore: null,
  at: [],
  turned: 'no',
  hand: { along: null, across: null },
  way: 'clear',
  thread: '',
  clearance: 'medium',
  head: 'counterbore',
  face: 'front',
  depth: null,
  diameter: null,
  clamps: null,
  partDepth: null,
  ...more,
});

const plate = (
  id: string,
  kind: PlateKind,
  groups: readonly GroupSeed[],
  thick: string | null,
): PlateSeed => ({
  id,
  kind,
  thickness: thick === null ? null : guess('length', thick),
  material: 'aluminium',
  along: null,
  across: null,
  outline: [],
  made: 'drill',
  groups,
});

/** Plates that the parts of an axis ask for and that are not there yet. */
export function proposedPlates({ drive, guide, fit }: Axis): readonly PlateSeed[] {
  const there = new Set(fit.plates.map((p) => p.kind));
  const saddle = [
    startingGroup('carriages', 'carriages'),
    ...(drive.kind === 'screw' ? [startingGroup('nut', 'nut')] : []),
  ];
  const thick = guide.plate ? null : '12 mm';
  const asked: PlateSeed[] = [
    plate('carriage-plate', 'carriage', saddle, thick),
    plate('motor-plate', 'motor', [startingGroup('motor', 'motor', { head: 'washer' })], '8 mm'),
    ...(drive.kind === 'screw'
      ? [plate('end-plate', 'end', [startingGroup('blocks', 'blocks', { way: 'tapped' })], '12 mm')]
      : []),
  ];
  return asked.filter((p) => !there.has(p.kind));
}
