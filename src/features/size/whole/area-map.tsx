import type { FlexReport, WayId } from '@/core/machine';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { stiffnessText } from '@/words';

const [W, H] = [300, 150];
const direction: Record<WayId, number> = { x: 0, y: 1, z: 2 };

/** Stiffness at the tool over the work area: dark is soft. The beam runs across, the bed upward. */
export function AreaMap({
  flex,
  way,
  at,
  system,
}: {
  flex: FlexReport;
  way: WayId;
  at: number;
  system: UnitSystem;
}) {
  const d = direction[way];
  const rows = flex.stations;
  const values = rows.map((r) => r.map((s) => 1 / s.compliance[d]!));
  const [soft, stiff] = [Math.min(...values.flat()), Math.max(...values.flat())];
  const columns = rows[0]!.length;
  const [w, h] = [(W - 44) / columns, (H - 34) / rows.length];
  const say = (m: number) => formatQuantity('length', m, system, 4).text;
  const here = rows[0]!.findIndex((s) => Math.abs(s.at - at) < 1e-9);
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      width="100%"
      height="100%"
      role="img"
      aria-label={
        `Stiffness over the work area, ${stiffnessText(soft, system)} to ` + `${stiffnessText(stiff, system)}`
      }
    >
      {values.map((row, r) =>
        row.map((v, c) => (
          <rect
            key={`${r}-${c}`}
            x={36 + c * w}
            y={8 + (rows.length - 1 - r) * h}
            width={w + 0.3}
            height={h + 0.3}
            fill="var(--rc-blue)"
            fillOpacity={stiff > soft ? 0.08 + 0.8 * (1 - (v - soft) / (stiff - soft)) : 0.3}
          />
        )),
      )}
      <rect
        x="36"
        y="8"
        width={w * columns}
        height={h * rows.length}
        fill="none"
        stroke="var(--rc-ink)"
        strokeWidth="0.8"
      />
      {here >= 0 && (
        <path
          d={`M${36 + (here + 0.5) * w} 8v${h * rows.length}`}
          stroke="var(--rc-ink)"
          strokeDasharray="4 3"
        />
      )}
      <g fontSize="10.5" fill="var(--rc-soft)">
        <text x="36" y={H - 8}>
          {say(flex.reach[0])}
        </text>
        <text x={36 + w * columns} y={H - 8} textAnchor="end">
          {say(flex.reach[1])} along the beam
        </text>
        <text x="31" y={H - 30} textAnchor="end">
          0
        </text>
        <text x="31" y="16" textAnchor="end">
          bed
        </text>
      </g>
    </svg>
  );
}
