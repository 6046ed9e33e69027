import type { PlateReport } from './plates';
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

/**
 * What rides on the plate of an axis: carriages of the next one, a quarter turned, under its back; on the
 * last one the spindle's clamp.
 */
const riding = (axis: Axis, rider: Axis | undefined): readonly GroupSeed[] => {
  // The head rides on the plate of the gantry; a gantry itself stands on columns.
  if (rider && axis.role === 'gantry')
    return [
      startingGroup('rider', 'carriages', { of: rider.id, turned: 'quarter', way: 'clear', face: 'back' }),
    ];
  return axis.role === 'plunge' ? [startingGroup('spindle', 'spindle', { way: 'tapped' })] : [];
};

/**
 * Plates that the parts of an axis ask for and that are not there yet. @param rider the axis that it carries.
 */
export function proposedPlates(axis: Axis, rider?: Axis): readonly PlateSeed[] {
  const { drive, guide, fit } = axis;
  const there = new Set(fit.plates.map((p) => p.kind));
  const saddle = [
    startingGroup('carriages', 'carriages'),
    ...(drive.kind === 'screw' ? [startingGroup('nut', 'nut')] : []),
    ...riding(axis, rider),
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

/** A dowel as is usual, and how far its middle stays from the edges: two diameters; common practice. */
const DOWEL = 0.006;
const FROM_EDGE = 2 * DOWEL;

/** Two dowels at opposite corners, as far apart as the plate lets them be: so they hold an angle best. */
export function dowelGroup(id: string, { along, across }: Pick<PlateReport, 'along' | 'across'>): GroupSeed {
  const mm = (m: number) => guess('length', `${Number((m * 1000).toFixed(2))} mm`);
  const corner = (name: string, x: number, y: number) => ({ id: name, x: mm(x), y: mm(y) });
  return startingGroup(id, 'own', {
    pattern: { kind: 'single' },
    way: 'dowel',
    head: 'flat',
    diameter: mm(DOWEL),
    at: [corner(`${id}-a`, FROM_EDGE, FROM_EDGE), corner(`${id}-b`, along - FROM_EDGE, across - FROM_EDGE)],
  });
}
