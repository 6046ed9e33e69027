import type { FlexReport, ShapePoint } from '@/core/machine';
import type { Project } from '@/core/model';
import { formatNumber, formatQuantity } from '@/core/units';
import { Dimension } from '@/ui/drawing/dimension';
import { micro } from '@/words';
import styles from './whole.module.css';

export const WIDTH = 620;
const HEIGHT = 236;
const LEFT = 70;
const RIGHT = 430;
const BASE = 176;

/** A round number whose product with the largest movement makes about this many pixels. */
function exaggeration(most: number, perMetre: number, pixels: number): number {
  const raw = pixels / Math.max(1e-9, most * perMetre);
  const step = 10 ** Math.floor(Math.log10(raw));
  return [5, 2, 1].map((m) => m * step).find((f) => f <= raw) ?? step;
}

/** Weight and a push of so many newtons together. */
const bent = (weight: ShapePoint, unit: ShapePoint, newtons: number): ShapePoint => ({
  y: weight.y,
  x: weight.x + unit.x * newtons,
  z: weight.z + unit.z * newtons,
  twist: weight.twist + unit.twist * newtons,
});

/**
 * The gantry seen along the bed, and its end seen along the beam: straight as built, and bent by its weight
 * and a push at the tool, movements enlarged by a stated factor.
 */
export function GantryDrawing({
  project,
  flex,
  index,
  way,
  push,
  onIndex,
}: {
  project: Project;
  flex: FlexReport;
  index: number;
  way: 'x' | 'y' | 'z';
  push: number;
  onIndex: (index: number) => void;
}) {
  const structure = project.structure!;
  const shape = flex.shapes[index]!;
  const points = shape.weight.map((w, i) => bent(w, shape.perNewton[way][i]!, push));
  const length = flex.beamLength;
  const px = (RIGHT - LEFT) / length;
  const X = (y: number) => LEFT + y * px;
  const height = structure.column.height.si;
  const scale = Math.min(px, 92 / Math.max(0.05, height + 0.05));
  const Y = (z: number) => BASE - z * scale;
  const drop = structure.tool.drop.si;
  const reach = structure.tool.reach.si;
  const tipOf = (p: ShapePoint) => ({ x: p.x - p.twist * drop, z: p.z - p.twist * reach });
  const most = Math.max(
    ...points.map((p) => Math.hypot(p.x, p.z)),
    Math.abs(tipOf(points[Math.round((shape.at / length) * (points.length - 1))]!).x),
    1e-9,
  );
  const factor = exaggeration(most, scale, 22);
  const at = shape.at;
  const here = points.reduce((a, p) => (Math.abs(p.y - at) < Math.abs(a.y - at) ? p : a), points[0]!);
  const line = (f: (p: ShapePoint) => [number, number]) =>
    `M${points
      .map((p) =>
        f(p)
          .map((v) => v.toFixed(1))
          .join(' '),
      )
      .join('L')}`;
  const depth = Math.max(
    5,
    ('height' in structure.beam.section
      ? structure.beam.section.height.si
      : structure.beam.section.diameter.si) * scale,
  );
  const gap = (structure.beam.spacing?.si ?? 0) * scale;
  const beams = gap ? [gap / 2, -gap / 2] : [0];
  const arm = project.brief.arrangement === 'cantilever';
  const say = (m: number) => formatQuantity('length', m, project.units, 4).text;
  const tip = tipOf(here);
  // The end view: the section turned and moved, enlarged alike.
  const [ex, ey] = [530, Y(height)];
  const turn = (here.twist * factor * 180) / Math.PI;
  const width = Math.max(
    6,
    ('width' in structure.beam.section
      ? structure.beam.section.width.si
      : structure.beam.section.diameter.si) * scale,
  );
  const set = (clientX: number, box: DOMRect) => {
    const y = ((clientX - box.left) / box.width) * WIDTH;
    const place = (y - LEFT) / px;
    let best = 0;
    flex.shapes.forEach((s, i) => {
      if (Math.abs(s.at - place) < Math.abs(flex.shapes[best]!.at - place)) best = i;
    });
    onIndex(best);
  };
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className={styles.drawing}
      role="img"
      aria-label={
        `Gantry with the tool at ${say(at)}: hangs ${micro(-tip.z, project.units)}, moves ` +
        `${micro(tip.x, project.units)} along the bed; movements enlarged ${factor} times`
      }
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        set(e.clientX, e.currentTarget.getBoundingClientRect());
      }}
      onPointerMove={(e) => {
        if (e.buttons) set(e.clientX, e.currentTarget.getBoundingClientRect());
      }}
    >
      <text x="14" y="18" className={styles.caption}>
        seen along the bed
      </text>
      <text x={ex - 52} y="18" className={styles.caption}>
        seen along the beam
      </text>
      <path
        d={`M20 ${BASE}H${RIGHT + 30}M${ex - 60} ${BASE}h120`}
        stroke="var(--rc-soft)"
        strokeWidth="0.8"
        strokeDasharray="6 3"
      />
      {(arm ? [0] : [0, length]).map((y) => (
        <rect
          key={y}
          x={X(y) - 6}
          y={Y(height)}
          width="12"
          height={Math.max(2, height * scale)}
          fill="var(--rc-panel)"
          stroke="var(--rc-ink)"
        />
      ))}
      {structure.prop && (
        <path
          d={`M${X(structure.prop.at.si)} ${Y(height) + depth / 2}l-9 16h18z`}
          fill="var(--rc-steel)"
          stroke="var(--rc-ink)"
        />
      )}
      {beams.map((o) => (
        <g key={o}>
          <rect
            x={LEFT}
            y={Y(height) - depth / 2 - o}
            width={RIGHT - LEFT}
            height={depth}
            fill="none"
            stroke="var(--rc-soft)"
            strokeDasharray="3 3"
          />
          <path
            d={line((p) => [X(p.y), Y(height) - o - p.z * factor * scale])}
            fill="none"
            stroke="var(--rc-blue)"
            strokeWidth={depth}
            strokeOpacity="0.2"
          />
          <path
            d={line((p) => [X(p.y), Y(height) - o - p.z * factor * scale])}
            fill="none"
            stroke="var(--rc-blue)"
            strokeWidth="1.6"
          />
        </g>
      ))}
      <g transform={`translate(${X(at)} ${Y(height) - here.z * factor * scale})`} className={styles.grip}>
        <rect
          x="-15"
          y={-depth / 2 - gap / 2 - 4}
          width="30"
          height={depth + gap + 8}
          fill="var(--rc-blue)"
          rx="2"
        />
        <path
          d={`M0 ${depth / 2 + gap / 2}V${Math.min(drop * scale, 92)}`}
          stroke="var(--rc-ink)"
          strokeWidth="4"
        />
        <path d={`M-4 ${Math.min(drop * scale, 92)}h8l-4 8z`} fill="var(--rc-ink)" />
      </g>
      <g>
        <rect
          x={ex - width / 2}
          y={ey - depth / 2}
          width={width}
          height={depth}
          fill="none"
          stroke="var(--rc-soft)"
          strokeDasharray="3 3"
        />
        <g
          transform={
            `translate(${ex + here.x * factor * scale} ${ey - here.z * factor * scale}) ` +
            `rotate(${Math.max(-40, Math.min(40, turn))})`
          }
        >
          <rect
            x={-width / 2}
            y={-depth / 2}
            width={width}
            height={depth}
            fill="var(--rc-blue-wash)"
            stroke="var(--rc-blue)"
            strokeWidth="1.6"
          />
          <path
            d={`M${width / 2} 0H${reach * scale}V${Math.min(drop * scale, 92)}`}
            fill="none"
            stroke="var(--rc-ink)"
            strokeWidth="3"
          />
        </g>
        <path
          d={`M${ex + reach * scale} ${ey}V${ey + Math.min(drop * scale, 92)}`}
          fill="none"
          stroke="var(--rc-soft)"
          strokeDasharray="2 3"
        />
      </g>
      <Dimension
        x1={X(0)}
        x2={X(length)}
        y={212}
        from1={BASE + 4}
        from2={BASE + 4}
        text={`${arm ? 'clamp to tip' : 'between columns'} ${say(length)}`}
      />
      <text x={ex - 60} y="208" className={styles.caption}>
        movements × {formatNumber(factor, 3)}
      </text>
      <text x={ex - 60} y="224" className={styles.caption}>
        tool at {say(at)}
      </text>
    </svg>
  );
}
