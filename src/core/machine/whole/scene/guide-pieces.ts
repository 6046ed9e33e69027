import type { PlateReport } from '../../axis';
import { type Drawn, type Lie, type Own, ownPiece } from './lie';
import { plateHoles } from './plate-pieces';
import type { SceneBox } from './scene';

/** A plate between carriages where none is planned and none is said, m. */
const PLATE = 0.012;
/** What of a carriage's height is body: the rest is air over the rail's seat. */
const BODY = 0.8;

/** The plate of an axis that lies on its carriages; undefined where none is planned. */
export const carriagePlate = ({ plates }: Lie): PlateReport | undefined =>
  plates.find((p) => p.input.kind === 'carriage');

/** Thickness of what lies on the carriages: planned, said at the guide, or usual. */
export const plateThickness = (lie: Lie): number =>
  carriagePlate(lie)?.thickness ?? lie.axis.guide.plate?.thickness.si ?? PLATE;

/** Middles of the carriages on a rail, about the middle of their span. */
export function carriageMiddles({ axis }: Lie, { span, carriageLength }: Drawn): readonly number[] {
  const count = axis.guide.perRail.si;
  if (count < 2) return [0];
  const step = (span - carriageLength) / (count - 1);
  return Array.from({ length: count }, (_, i) => (carriageLength - span) / 2 + i * step);
}

/** Where the middle of the rails stands at the start of the travel. */
const railMiddle = (lie: Lie, d: Drawn) =>
  // Rails that travel begin with their far part at the carriages and end with the near one.
  d.railLength / 2 - d.start - (lie.turned ? lie.axis.demands.travel.si : 0);

/** Rails and carriages of an axis. */
export function guidePieces(lie: Lie, d: Drawn): SceneBox[] {
  const round = lie.axis.guide.kind === 'round-rod' ? { round: 'along' as const } : {};
  const body = d.height * BODY;
  // What stands on the seat is the rail, whichever of the two travels.
  const railOut = lie.turned ? d.height - d.railHeight / 2 : d.railHeight / 2;
  const bodyOut = lie.turned ? body / 2 : d.height - body / 2;
  const rails = d.rails.map((v, i): Own => ({
    id: `rail-${i}`,
    what: 'rail',
    part: 'guide',
    at: [railMiddle(lie, d), v, railOut],
    size: [d.railLength, d.railWidth, d.railHeight],
    moves: lie.turned,
    usual: d.usual,
    ...round,
  }));
  const carriages = d.rails.flatMap((v, i) =>
    carriageMiddles(lie, d).map((u, n): Own => ({
      id: `carriage-${i}-${n}`,
      what: 'carriage',
      part: 'guide',
      at: [u, v, bodyOut],
      size: [d.carriageLength, d.carriageWidth, body],
      moves: !lie.turned,
      usual: d.usual,
    })),
  );
  return [...rails, ...carriages].map((own) => ownPiece(lie, own));
}

/** What lies on the carriages, or carries the rails that travel. */
export function platePiece(lie: Lie, d: Drawn): SceneBox {
  const plate = carriagePlate(lie);
  const thick = plateThickness(lie);
  const spread = (d.rails.at(-1) ?? 0) - (d.rails[0] ?? 0);
  const width = plate?.across ?? spread + d.carriageWidth;
  const along = plate?.along ?? (lie.turned ? d.railLength : d.span);
  return ownPiece(lie, {
    id: plate?.input.id ?? 'plate',
    what: 'plate',
    part: 'plate',
    at: [lie.turned ? railMiddle(lie, d) : 0, 0, d.height + thick / 2],
    size: [along, width, thick],
    moves: true,
    usual: !plate,
    more: {
      holes: plate ? plateHoles(lie, plate, 'along', 'across') : null,
      planned: { axisId: lie.axis.id, part: 'plate', ...(plate ? { id: plate.input.id } : {}) },
    },
  });
}

/** The lane of a cable chain and its bow, which follows at half the speed; none where no bend is said. */
export function cablePieces(lie: Lie, d: Drawn): SceneBox[] {
  const { cable } = lie.axis.fit;
  const travel = lie.axis.demands.travel.si;
  if (!cable.radius) return [];
  const [radius, link] = [cable.radius.si, cable.height?.si ?? cable.radius.si / 2];
  const [anchor, width] = [cable.anchor?.si ?? 0, 1.5 * link];
  const v = (d.rails.at(-1) ?? 0) + d.carriageWidth / 2 + width;
  // Length of the chain between its ends, and where its bow stands at the start of the travel.
  const length = travel / 2 + Math.abs(anchor) + Math.PI * radius;
  const fixed = travel / 2 + anchor;
  const bow = (u: number) => (length - Math.PI * radius + u + fixed) / 2;
  const [near, far] = [Math.min(0, fixed), bow(travel) + radius + link / 2];
  const usual = !cable.height || !cable.anchor;
  const common = { what: 'cable', part: 'cable', usual } as const;
  return [
    ownPiece(lie, {
      ...common,
      id: 'cable-lane',
      at: [(near + far) / 2, v, link / 2],
      size: [far - near, width, link],
      moves: false,
    }),
    ownPiece(lie, {
      ...common,
      id: 'cable-bow',
      at: [bow(0) + (radius + link / 2) / 2, v, radius + link / 2],
      size: [radius + link / 2, width, 2 * radius + link],
      moves: false,
      more: { half: lie.moves.filter((id) => !lie.stands.includes(id)) },
    }),
  ];
}
