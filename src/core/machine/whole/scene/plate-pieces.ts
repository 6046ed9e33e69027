import type { PlateKind } from '@/core/model';
import type { PlateReport } from '../../axis';
import type { Lie, Own } from './lie';
import type { Place3, SceneBox, SceneHole } from './scene';

/** A direction of an axis. */
type Side = 'along' | 'across' | 'out';

/** Thickness of a plate where nobody has said it, m. */
const THICK = 0.008;

const third = (first: Side, second: Side): Side =>
  (['along', 'across', 'out'] as const).find((s) => s !== first && s !== second)!;

/**
 * Holes of a plate about its middle, in the machine's directions.
 * @param first which direction of the axis its first edge runs along. @param second the other one.
 * @param grows which way its front looks from the part that it holds.
 */
export function plateHoles(
  lie: Lie,
  { holes, groups, along, across }: PlateReport,
  first: Side,
  second: Side,
  grows: 1 | -1,
): SceneBox['holes'] {
  const plain = new Set(groups.filter((g) => g.input.way === 'plain').map((g) => g.letter));
  const list = holes.map((h): SceneHole => {
    const at: [number, number, number] = [0, 0, 0];
    at[lie[first].way] += lie[first].sign * (h.x - along / 2);
    at[lie[second].way] += lie[second].sign * (h.y - across / 2);
    return { label: h.label, at, diameter: h.diameter, open: plain.has(h.group) };
  });
  const { way, sign } = lie[third(first, second)];
  return list.length ? { way, front: grows === sign ? 1 : -1, list } : null;
}

/** How a plate of the drive stands. */
interface Stands {
  readonly lane: string;
  /** The middle of the face by which it stands, and which way from there it grows thick. */
  readonly face: Place3;
  readonly grows: 1 | -1;
  readonly first: Side;
  readonly second: Side;
  readonly moves: boolean;
}

/** The plate of a kind where the drive has its place; nothing where none is planned. */
export function drivePlate(
  lie: Lie,
  kind: PlateKind,
  { lane, face, grows, first, second, moves }: Stands,
): Own[] {
  const plate = lie.plates.find((p) => p.input.kind === kind);
  if (!plate) return [];
  const thick = plate.thickness ?? THICK;
  const order: readonly Side[] = ['along', 'across', 'out'];
  const through = third(first, second);
  const sizeOf: Record<Side, number> = { along: thick, across: thick, out: thick };
  sizeOf[first] = plate.along;
  sizeOf[second] = plate.across;
  const at = face.map((v, i) => (order[i] === through ? v + (grows * thick) / 2 : v)) as [
    number,
    number,
    number,
  ];
  return [
    {
      id: `${plate.input.id}-${lane}`,
      what: 'plate',
      part: 'plate',
      at,
      size: [sizeOf.along, sizeOf.across, sizeOf.out],
      moves,
      usual: plate.thickness === null,
      more: {
        holes: plateHoles(lie, plate, first, second, grows),
        planned: { axisId: lie.axis.id, part: 'plate', id: plate.input.id },
      },
    },
  ];
}
