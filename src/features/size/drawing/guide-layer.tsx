import type { AxisReport } from '@/core/machine';
import type { Guide } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { DRIVE_Y, type Layout, RAIL_Y } from './layout';

/** The rail by its kind: holes of a profile rail, holders of a rod, slots of an extrusion. */
export function RailLayer({ guide, layout }: { guide: Guide; layout: Layout }) {
  const { x, px, rail, railStart } = layout;
  const [from, to] = [x(railStart), x(railStart + rail)];
  const height = px(0.02, 7);
  const dashed = guide.railLength ? undefined : '5 4';
  const holes = Math.max(2, Math.min(40, Math.floor(rail / 0.06)));
  const round =
    guide.kind === 'round-rod' || guide.kind === 'supported-round' || guide.kind === 'tube-bearing';
  const thick = round ? Math.max(3.5, Math.min(height, px(guide.size?.si ?? 0.02, 3.5))) : height;
  return (
    <g stroke="var(--rc-ink)" strokeWidth="1" fill="var(--rc-steel)" strokeDasharray={dashed}>
      <rect x={from} y={RAIL_Y} width={to - from} height={thick} rx={round ? thick / 2 : 0} />
      {guide.kind === 'supported-round' && (
        <path
          d={`M${from} ${RAIL_Y + thick}L${from + 4} ${RAIL_Y + thick + 5}H${to - 4}L${to} ${RAIL_Y + thick}`}
        />
      )}
      {(guide.kind === 'round-rod' || guide.kind === 'tube-bearing') &&
        [from, to].map((at) => (
          <rect key={at} x={at - 4} y={RAIL_Y - 3} width="8" height={thick + 8} fill="var(--rc-ink)" />
        ))}
      {guide.kind === 'v-wheel' && <path d={`M${from} ${RAIL_Y + height / 2}H${to}`} strokeWidth="1.6" />}
      {(guide.kind === 'profile' || guide.kind === 'miniature') && (
        <g fill="none" strokeWidth="0.7" strokeDasharray="none">
          {Array.from({ length: holes }, (_, i) => (
            <circle
              key={i}
              cx={x(railStart + (rail * (i + 0.5)) / holes)}
              cy={RAIL_Y + height / 2}
              r={Math.min(1.6, height / 4)}
            />
          ))}
        </g>
      )}
    </g>
  );
}

/** Carriages of one rail with their plate; a ghost for the other end of the travel. */
export function Carriages({
  guide,
  layout,
  centre,
  ghost,
}: {
  guide: Guide;
  layout: Layout;
  centre: number;
  ghost: boolean;
}) {
  const { px, span, x } = layout;
  const wide = x(span) - x(0);
  const height = px(0.045, 9);
  const n = Math.min(8, Math.max(1, guide.perRail.si));
  const block = Math.min(px(guide.carriageLength?.si ?? 0.08, 8), wide / Math.max(1.1 * n, 1.1));
  const wheels = guide.kind === 'v-wheel' || guide.kind === 'tube-bearing';
  return (
    <g
      fill={ghost ? 'none' : 'var(--rc-blue-wash)'}
      stroke="var(--rc-blue)"
      strokeWidth="1.2"
      strokeDasharray={ghost || !guide.carriageSpan ? '4 3' : undefined}
      opacity={ghost ? 0.7 : 1}
    >
      {Array.from({ length: n }, (_, i) => {
        const left = n === 1 ? centre - block / 2 : centre - wide / 2 + (i * (wide - block)) / (n - 1);
        return wheels ? (
          <circle key={i} cx={left + block / 2} cy={RAIL_Y - height / 2} r={height / 2} />
        ) : (
          <rect key={i} x={left} y={RAIL_Y - height} width={block} height={height} rx="1.5" />
        );
      })}
      <path
        d={`M${centre - wide / 2} ${RAIL_Y - height - 3}H${centre + wide / 2}`}
        strokeWidth={ghost ? 1.5 : 3}
      />
      {!ghost && (
        <path d={`M${centre} ${RAIL_Y - height - 3}V${DRIVE_Y - 6}`} strokeWidth="1" strokeDasharray="2 2" />
      )}
    </g>
  );
}

const LONGEST = 26;

/**
 * Loads of the carriages at the far end of the travel as arrows: down into the rail, up away from it; the
 * busiest of the rails at each place.
 */
export function LoadArrows({
  report,
  layout,
  centre,
  system,
}: {
  report: AxisReport;
  layout: Layout;
  centre: number;
  system: UnitSystem;
}) {
  const { guide } = report;
  if (!guide) return null;
  const { x, px } = layout;
  const top = RAIL_Y - px(0.045, 9) - 4;
  const places = new Map<number, number>();
  for (const c of guide.carriages) {
    const before = places.get(c.x);
    if (before === undefined || Math.abs(c.vertical) > Math.abs(before)) places.set(c.x, c.vertical);
  }
  const most = Math.max(...[...places.values()].map(Math.abs));
  if (!(most > 0)) return null;
  return (
    <g stroke="var(--rc-ink)" fill="var(--rc-ink)" data-testid="carriage-loads">
      {[...places].map(([place, load]) => {
        const at = centre + x(place) - x(0);
        const length = (LONGEST * Math.abs(load)) / most;
        if (length < 1) return null;
        const up = load > 0;
        return (
          <g key={place}>
            <title>
              {`${formatQuantity('force', Math.abs(load), system, 2).text} ` +
                `${up ? 'away from the rail' : 'into the rail'}`}
            </title>
            <path d={`M${at} ${top}v${-length}`} strokeWidth="1.4" />
            <path d={up ? `M${at} ${top - length - 3}l-3 5h6z` : `M${at} ${top}l-3 -5h6z`} stroke="none" />
            {Math.abs(load) === most && (
              <text x={at + 5} y={top - length + 7} fontSize="10.5" stroke="none">
                {formatQuantity('force', most, system, 2).text}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
