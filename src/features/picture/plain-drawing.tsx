import type { Scene, SceneBox } from '@/core/machine';
import { formatQuantity, type UnitSystem } from '@/core/units';

export type ViewId = 'orbit' | 'front' | 'plan' | 'side';

/** Where each axis stands, m from the start of its travel, by id. */
export type Positions = Readonly<Record<string, number>>;

/** The middle of a box with the axes where they stand. */
export function placeOf(box: SceneBox, { moves }: Scene, positions: Positions): [number, number, number] {
  const at: [number, number, number] = [...box.at];
  for (const m of moves)
    if (box.rides.includes(m.axisId))
      for (let i = 0; i < 3; i++) at[i]! += m.way[i]! * (positions[m.axisId] ?? 0);
  return at;
}

/** Every axis in the middle of its travel, the plunge axis a little down. */
export const restingPositions = ({ moves }: Scene): Positions =>
  Object.fromEntries(moves.map((m) => [m.axisId, m.travel * (m.way[2] ? 0.3 : 0.5)]));

const fills: Record<SceneBox['what'], string> = {
  bed: 'var(--rc-steel)',
  support: 'var(--rc-steel)',
  table: 'var(--rc-panel)',
  column: 'var(--rc-panel)',
  beam: 'var(--rc-blue-wash)',
  saddle: 'var(--rc-blue)',
  plunge: 'var(--rc-panel)',
  tool: 'var(--rc-ink)',
  motor: 'var(--rc-amber-wash)',
  prop: 'var(--rc-steel)',
};

type Point = readonly [number, number];
interface Face {
  readonly points: readonly Point[];
  readonly shade: number;
}
interface Drawn {
  readonly box: SceneBox;
  readonly faces: readonly Face[];
  readonly depth: number;
  readonly low: readonly number[];
  readonly high: readonly number[];
}

const ends = (box: SceneBox, at: readonly number[]) => ({
  low: at.map((v, i) => v - box.size[i]! / 2),
  high: at.map((v, i) => v + box.size[i]! / 2),
});

/** Whether a box stands wholly behind another, seen from large x, y and z. */
const behind = (a: Drawn, b: Drawn): boolean =>
  [0, 1, 2].some((i) => a.high[i]! <= b.low[i]! + 1e-9) &&
  ![0, 1, 2].some((i) => b.high[i]! <= a.low[i]! + 1e-9);

/**
 * Boxes in the order in which they are painted: each after all that stand behind it. Sorting by one figure
 * would paint a long table over a beam that stands on its near half.
 */
function painted(list: readonly Drawn[]): Drawn[] {
  const rest = [...list].sort((a, b) => a.depth - b.depth);
  const order: Drawn[] = [];
  const state = new Map<Drawn, 'open' | 'done'>();
  const visit = (d: Drawn) => {
    if (state.has(d)) return; // Done, or a ring of boxes that overlap: the first order stands.
    state.set(d, 'open');
    for (const other of rest) if (other !== d && behind(other, d)) visit(other);
    state.set(d, 'done');
    order.push(d);
  };
  rest.forEach(visit);
  return order;
}

const COS = Math.cos(Math.PI / 6);
/** Isometric, seen from the front right: x goes away to the left, y to the right, z up. */
const iso = (x: number, y: number, z: number): Point => [(y - x) * COS, (x + y) / 2 - z];

function isometric(box: SceneBox, [x, y, z]: readonly number[]): Drawn {
  const [a, b, c] = box.size.map((v) => v / 2) as [number, number, number];
  const corner = (i: number, j: number, k: number) => iso(x! + i * a, y! + j * b, z! + k * c);
  // Seen from +x, +y and above: those three faces show.
  return {
    box,
    depth: x! + y! + z!,
    ...ends(box, [x!, y!, z!]),
    faces: [
      { points: [corner(-1, -1, 1), corner(1, -1, 1), corner(1, 1, 1), corner(-1, 1, 1)], shade: 0 },
      { points: [corner(1, -1, 1), corner(1, 1, 1), corner(1, 1, -1), corner(1, -1, -1)], shade: 0.1 },
      { points: [corner(-1, 1, 1), corner(1, 1, 1), corner(1, 1, -1), corner(-1, 1, -1)], shade: 0.2 },
    ],
  };
}

/**
 * Index of the axis that runs to the right and of the one that runs up the page, and of the one that is
 * looked along.
 */
const flat: Record<Exclude<ViewId, 'orbit'>, readonly [number, number, number, 1 | -1]> = {
  front: [1, 2, 0, 1],
  plan: [0, 1, 2, 1],
  side: [0, 2, 1, -1],
};

function projected(box: SceneBox, at: readonly number[], view: Exclude<ViewId, 'orbit'>): Drawn {
  const [right, up, deep, sign] = flat[view];
  const [x, y] = [at[right]!, -at[up]!];
  const [w, h] = [box.size[right]! / 2, box.size[up]! / 2];
  return {
    box,
    depth: sign * (at[deep]! + box.size[deep]! / 2),
    ...ends(box, at),
    faces: [
      {
        points: [
          [x - w, y - h],
          [x + w, y - h],
          [x + w, y + h],
          [x - w, y + h],
        ],
        shade: 0,
      },
    ],
  };
}

/**
 * The machine drawn from its boxes, without WebGL: isometric or square on, lengths and heights to one scale.
 * `bare`: without a measuring bar.
 */
export function PlainDrawing({
  scene,
  positions,
  view,
  system,
  label,
  height = 300,
  bare = false,
}: {
  scene: Scene;
  positions: Positions;
  view: ViewId;
  system: UnitSystem;
  label: string;
  height?: number;
  bare?: boolean;
}) {
  const all3 = scene.boxes.map((box) => {
    const at = placeOf(box, scene, positions);
    return view === 'orbit' ? isometric(box, at) : projected(box, at, view);
  });
  const drawn = view === 'orbit' ? painted(all3) : all3.sort((a, b) => a.depth - b.depth);
  const all = drawn.flatMap((d) => d.faces.flatMap((f) => f.points));
  const [x0, x1] = [Math.min(...all.map((p) => p[0])), Math.max(...all.map((p) => p[0]))];
  const [y0, y1] = [Math.min(...all.map((p) => p[1])), Math.max(...all.map((p) => p[1]))];
  const edge = 0.06 * Math.max(x1 - x0, y1 - y0);
  const unit = Math.max(x1 - x0, y1 - y0);
  const bar = [0.1, 0.2, 0.5, 1, 2].filter((v) => v < (x1 - x0) * 0.4).at(-1) ?? 0.1;
  return (
    <svg
      viewBox={`${x0 - edge} ${y0 - edge} ${x1 - x0 + 2 * edge} ${y1 - y0 + 2.6 * edge}`}
      role={label ? 'img' : undefined}
      aria-label={label || undefined}
      aria-hidden={label ? undefined : true}
      style={{ display: 'block', width: '100%', height }}
      preserveAspectRatio="xMidYMid meet"
    >
      {drawn.map(({ box, faces }) => (
        <g key={box.id} stroke="var(--rc-ink)" strokeWidth={unit / 700} strokeLinejoin="round">
          {faces.map((f, i) => (
            <path
              key={i}
              d={`M${f.points.map(([x, y]) => `${x.toFixed(4)} ${y.toFixed(4)}`).join('L')}Z`}
              fill={fills[box.what]}
            />
          ))}
          {faces.map((f, i) =>
            f.shade ? (
              <path
                key={`s${i}`}
                d={`M${f.points.map(([x, y]) => `${x.toFixed(4)} ${y.toFixed(4)}`).join('L')}Z`}
                fill="var(--rc-ink)"
                fillOpacity={f.shade}
                stroke="none"
              />
            ) : null,
          )}
        </g>
      ))}
      {!bare && (
        <g stroke="var(--rc-ink)" strokeWidth={unit / 500}>
          <path
            d={
              `M${x0} ${y1 + 0.7 * edge}h${bar}M${x0} ${y1 + 0.55 * edge}v${0.3 * edge}M${x0 + bar} ` +
              `${y1 + 0.55 * edge}v${0.3 * edge}`
            }
          />
          <text
            x={x0 + bar + 0.3 * edge}
            y={y1 + 0.95 * edge}
            fontSize={unit / 34}
            fill="var(--rc-soft)"
            stroke="none"
          >
            {formatQuantity('length', bar, system, 4).text}
          </text>
        </g>
      )}
    </svg>
  );
}
