import { ridesAsPortal } from '@/core/model';
import type { Plan } from './plan';
import { piece, type SceneBox } from './scene';

/** Legs under the bed, m. */
const LEGS = 0.55;
/** A bar between the feet as it is drawn, and how far it stays below the bed, m. */
const BAR = 0.05;
const BAR_BELOW = 0.04;
/** A table as thick as is usual, m. */
const TABLE = 0.02;

const structure = { axisId: null, part: 'structure' } as const;
const ridden = ({ carrier }: Plan) => carrier.map((a) => a.id);

/** The two sides of the bed on their supports. */
export function bedPieces({ project, sizes, sides }: Plan): SceneBox[] {
  const [high, wide] = sizes.bed;
  const usual = !project.structure;
  const along = (n: number) => (sizes.bedLength - wide) * (n / Math.max(1, sizes.supports - 1));
  return sides.flatMap((y, i) => [
    piece({
      id: `bed-${i}`,
      what: 'bed',
      planned: structure,
      at: [sizes.bedLength / 2, y, -high / 2],
      size: [sizes.bedLength, wide, high],
      usual,
    }),
    ...Array.from({ length: sizes.supports }, (_, n) =>
      piece({
        id: `support-${i}-${n}`,
        what: 'support',
        planned: structure,
        at: [wide / 2 + along(n), y, -high - LEGS / 2],
        size: [wide * 0.9, wide * 0.9, LEGS],
        usual: true,
      }),
    ),
  ]);
}

/**
 * What is cut lies between the sides, or beside the track of an arm; a table takes it along. @param base m.
 */
export function tablePiece(plan: Plan, base: number): SceneBox {
  const { project, sizes, stands, arm, travel, cross, middle, lengthwise } = plan;
  const { area } = project.brief;
  const reach = lengthwise?.fit.reach.length?.si;
  const long = area.length?.si ?? travel;
  const wide = Math.min((area.width?.si ?? cross) + 0.05, Math.max(0.1, sizes.beamLength - 0.08));
  const y = arm ? (sizes.beamLength - cross) / 2 + cross / 2 : sizes.beamLength / 2;
  const x = stands ? middle - travel / 2 : sizes.bedLength / 2;
  const z = stands ? base + TABLE / 2 : -sizes.bed[0] / 2;
  return piece({
    id: 'table',
    what: 'table',
    planned: { axisId: null, part: 'area' },
    at: [x, y, z],
    size: [reach ?? (stands ? long : Math.min(sizes.bedLength, long + 0.05)), wide, TABLE],
    rides: stands && lengthwise ? [lengthwise.id] : [],
    usual: !area.length || !area.width,
  });
}

/** Columns, and posts on which the rails are lifted. @param base on which they stand, m over the bed. */
export function columnPieces(plan: Plan, base: number): SceneBox[] {
  const { project, sizes, sides, feet, middle, lift } = plan;
  const { arrangement } = project.brief;
  const half = sizes.beam[0] / 2 + sizes.spacing / 2;
  const rise = Math.max(0.02, sizes.height - half);
  // Posts on which a beam or the rails are lifted stand above what they lift.
  const above = arrangement === 'lifted-two' ? half + Math.max(0.25, lift + 0.1) : 0;
  const columns = feet.map((y, i) =>
    piece({
      id: `column-${i}`,
      what: 'column',
      planned: structure,
      at: [middle, y, base + (rise + above) / 2],
      size: [sizes.column[0], sizes.column[1], rise + above],
      rides: ridden(plan),
      usual: !project.structure,
    }),
  );
  if (arrangement !== 'lifted-four') return columns;
  const wide = sizes.bed[1];
  const posts = [0, sizes.bedLength].flatMap((x) =>
    sides.map((y, i) =>
      piece({
        id: `post-${x ? 'far' : 'near'}-${i}`,
        what: 'support',
        planned: structure,
        at: [x, y + (i ? wide : -wide), -0.1],
        size: [wide, wide, 2 * (LEGS - 0.1)],
        usual: true,
      }),
    ),
  );
  return [...columns, ...posts];
}

/** One beam or two, and what props the free end of an arm. @param base of the columns, m over the bed. */
export function beamPieces(plan: Plan, base: number): SceneBox[] {
  const { project, sizes, middle } = plan;
  const [high, wide] = sizes.beam;
  const { beamLength, height, spacing, bedLength } = sizes;
  const offsets = spacing > 0 ? [spacing / 2, -spacing / 2] : [0];
  const rides = ridden(plan);
  const common = { planned: structure, what: 'beam', usual: !project.structure } as const;
  const beams = offsets.map((o, i) =>
    piece({
      ...common,
      id: `beam-${i}`,
      at: [middle, beamLength / 2, base + height + o],
      size: [wide, beamLength, high],
      rides,
    }),
  );
  const bar = project.structure?.crossbar;
  if (bar && ridesAsPortal(project.brief.arrangement))
    beams.push(
      piece({
        ...common,
        id: 'crossbar',
        at: [middle, beamLength / 2, -sizes.bed[0] - BAR_BELOW],
        size: [BAR, beamLength, BAR],
        rides,
      }),
    );
  const prop = project.structure?.prop;
  if (!prop) return beams;
  const under = base + height - high / 2 - 0.03;
  const track = piece({
    id: 'prop',
    what: 'prop',
    planned: structure,
    at: [bedLength / 2, prop.at.si, under],
    size: [bedLength, 0.03, 0.03],
    usual: true,
  });
  return [...beams, track];
}
