import { fit } from '@/core/fit';
import { quantity } from '@/core/units';
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
      holes: plate ? plateHoles(lie, plate, 'along', 'across', 1) : null,
      planned: { axisId: lie.axis.id, part: 'plate', ...(plate ? { id: plate.input.id } : {}) },
    },
  });
}

/** The lane of a cable chain and its bow, which follows at half the speed; none where no bend is said. */
export function cablePieces(lie: Lie, d: Drawn): SceneBox[] {
  const { cable } = lie.axis.fit;
  const travel = lie.axis.demands.travel.si;
  if (!cable.radius) return [];
  const radius = cable.radius.si;
  const height = cable.height?.si ?? quantity('length', radius / 2);
  const off = cable.anchor?.si ?? quantity('length', 0);
  const width = 1.5 * height;
  const v = (d.rails.at(-1) ?? 0) + d.carriageWidth / 2 + width;
  const pitch = cable.pitch?.si ?? quantity('length', 0);
  const length = fit.cableLength.evaluate({ stroke: travel, anchor: off, radius, pitch });
  const anchor = quantity('length', travel / 2 + off);
  /** The outermost of its bow with the bracket so far from the start of the travel. */
  const reach = (u: number) =>
    fit.cableBow.evaluate({ length, radius, bracket: quantity('length', u), anchor, height });
  const [near, far, deep] = [Math.min(0, anchor), reach(travel), radius + height / 2];
  const usual = !cable.height || !cable.anchor || !cable.pitch;
  const common = { what: 'cable', part: 'cable', usual } as const;
  return [
    ownPiece(lie, {
      ...common,
      id: 'cable-lane',
      at: [(near + far) / 2, v, height / 2],
      size: [far - near, width, height],
      moves: false,
    }),
    ownPiece(lie, {
      ...common,
      id: 'cable-bow',
      at: [reach(0) - deep / 2, v, deep],
      size: [deep, width, 2 * deep],
      moves: false,
      more: { half: lie.moves.filter((id) => !lie.stands.includes(id)) },
    }),
  ];
}
