import {
  block,
  composed,
  type Drawing,
  joined,
  line,
  outline,
  type Parts,
  type Pen,
  placed,
  type Point,
  polyline,
  rect,
  type Shape,
} from '@/core/drawing';
import type { FlexReport, ShapePoint } from '@/core/machine';
import { type Project, ridesAsPortal, type Structure } from '@/core/model';
import { formatNumber, formatQuantity } from '@/core/units';
import { isArm, micro } from '@/words';

/** A gantry bent by its weight and a push at the tool. */
export interface GantryShown {
  readonly project: Project;
  readonly structure: Structure;
  readonly flex: FlexReport;
  /** Which of the solved places the tool stands at. */
  readonly index: number;
  readonly way: 'x' | 'y' | 'z';
  /** N. */
  readonly push: number;
}

/** Paper units: what beam, columns and tool take at most, and how far the largest movement is drawn. */
const LONG = 350;
const TALL = 130;
const LOWEST = 92;
const SHOWN = 22;
/** The end view turns no further: beyond it nothing can be told any more. */
const MOST_TURN = (40 * Math.PI) / 180;

const ink: Pen = { ink: 'ink', width: 1 };
const blue: Pen = { ink: 'blue', width: 1.6 };
const asBuilt: Pen = { ink: 'soft', width: 1, dash: 'dashed' };
const noted = { layer: 'notes', size: 11.5, ink: 'soft', gap: 0 } as const;

/**
 * The largest round factor (1, 2 or 5 times a power of ten) by which a movement fills at most so many
 * units.
 */
function exaggeration(most: number, scale: number, units: number): number {
  const raw = units / Math.max(1e-9, most * scale);
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

/** Everything that both views are drawn from; m, x along the beam, y up from the ground of the columns. */
interface Bent {
  readonly shown: GantryShown;
  readonly points: readonly ShapePoint[];
  readonly here: ShapePoint;
  readonly at: number;
  readonly tip: { readonly x: number; readonly z: number };
  readonly scale: number;
  readonly factor: number;
  readonly length: number;
  readonly height: number;
  readonly drop: number;
  readonly reach: number;
  readonly depth: number;
  readonly width: number;
  readonly gap: number;
  readonly arm: boolean;
  readonly paper: (units: number) => number;
}

function bentOf(shown: GantryShown): Bent {
  const { project, structure, flex, index, way, push } = shown;
  const { column, tool, beam } = structure;
  const shape = flex.shapes[index]!;
  const points = shape.weight.map((w, i) => bent(w, shape.perNewton[way][i]!, push));
  const { at } = shape;
  const here = points.reduce((a, p) => (Math.abs(p.y - at) < Math.abs(a.y - at) ? p : a), points[0]!);
  const [drop, reach, height] = [tool.drop.si, tool.reach.si, column.height.si];
  const tip = { x: here.x - here.twist * drop, z: here.z - here.twist * reach };
  const scale = Math.min(LONG / flex.beamLength, TALL / Math.max(0.05, height + 0.05));
  const most = Math.max(...points.map((p) => Math.hypot(p.x, p.z)), Math.abs(tip.x), 1e-9);
  const { section } = beam;
  const paper = (units: number) => units / scale;
  return {
    shown,
    points,
    here,
    at,
    tip,
    scale,
    factor: exaggeration(most, scale, SHOWN),
    length: flex.beamLength,
    height,
    drop: Math.min(drop, paper(LOWEST)),
    reach,
    depth: Math.max(paper(5), 'height' in section ? section.height.si : section.diameter.si),
    width: Math.max(paper(6), 'width' in section ? section.width.si : section.diameter.si),
    gap: beam.spacing?.si ?? 0,
    arm: project.brief.arrangement === 'cantilever',
    paper,
  };
}

/** Columns, prop, beam as built and beam as it hangs, seen along the bed. */
function front(b: Bent): Shape[] {
  const { length, height, depth, gap, paper, factor } = b;
  const { prop } = b.shown.structure;
  const columns = (b.arm ? [0] : [0, length]).map((x) =>
    rect('ground', x - paper(6), 0, paper(12), Math.max(paper(2), height), { pen: ink, fill: 'panel' }),
  );
  const under = height - depth / 2;
  const propped = prop
    ? [
        outline(
          'ground',
          [
            { x: prop.at.si, y: under },
            { x: prop.at.si - paper(9), y: under - paper(16) },
            { x: prop.at.si + paper(9), y: under - paper(16) },
          ],
          { pen: ink, fill: 'steel' },
        ),
      ]
    : [];
  const beams = (gap ? [gap / 2, -gap / 2] : [0]).flatMap((offset) => {
    const hangs = (up: number) => b.points.map((p) => ({ x: p.y, y: height + offset + up + p.z * factor }));
    const body = [...hangs(depth / 2), ...hangs(-depth / 2).reverse()];
    return [
      rect('built', 0, height + offset - depth / 2, length, depth, { pen: asBuilt }),
      outline('moved', body, { fill: 'blue', opacity: 0.2 }),
      polyline('moved', hangs(0), { pen: blue }),
    ];
  });
  return [...columns, ...tie(b), ...propped, ...beams];
}

/** The bar that ties the feet of a riding portal. */
function tie({ shown, length, paper }: Bent): Shape[] {
  const bar = shown.structure.crossbar;
  if (!bar || !ridesAsPortal(shown.project.brief.arrangement)) return [];
  const { section } = bar;
  const deep = Math.max(paper(5), 'height' in section ? section.height.si : section.diameter.si);
  return [rect('ground', 0, -deep, length, deep, { pen: ink, fill: 'steel' })];
}

/** The carriage with the tool where it stands. */
function carriage(b: Bent): Shape[] {
  const { at, here, height, factor, depth, gap, drop, paper } = b;
  const y = height + here.z * factor;
  const foot = y - drop;
  return [
    block('moved', { x: at, y }, paper(30), depth + gap + paper(8), { fill: 'blue' }),
    line('moved', { x: at, y: y - (depth + gap) / 2 }, { x: at, y: foot }, { pen: { ink: 'ink', width: 4 } }),
    outline(
      'moved',
      [
        { x: at - paper(4), y: foot },
        { x: at + paper(4), y: foot },
        { x: at, y: foot - paper(8) },
      ],
      { fill: 'ink' },
    ),
  ];
}

/** The beam's end with the tool, as built and turned and moved alike enlarged; seen along the beam. */
function end(b: Bent, middle: Point): Shape[] {
  const { here, factor, width, depth, reach, drop } = b;
  const angle = -Math.max(-MOST_TURN, Math.min(MOST_TURN, here.twist * factor));
  const to = { x: middle.x + here.x * factor, y: middle.y + here.z * factor };
  const corners = rect('', -width / 2, -depth / 2, width, depth, {}).points;
  const arm = [
    { x: width / 2, y: 0 },
    { x: reach, y: 0 },
    { x: reach, y: -drop },
  ];
  const tool = { x: middle.x + reach, y: middle.y };
  return [
    block('built', middle, width, depth, { pen: asBuilt }),
    line('built', tool, { ...tool, y: tool.y - drop }, { pen: { ...asBuilt, dash: 'dotted' } }),
    outline('moved', placed(corners, angle, to), { pen: blue, fill: 'blueWash' }),
    polyline('moved', placed(arm, angle, to), { pen: { ink: 'ink', width: 3 } }),
  ];
}

/** The drawing in words, for those who do not see it. */
export function gantryInWords(shown: GantryShown): string {
  const { at, tip, factor } = bentOf(shown);
  const { units, brief } = shown.project;
  return (
    `${isArm(brief.arrangement) ? 'Arm' : 'Gantry'} with the tool at ` +
    `${formatQuantity('length', at, units, 4).text}: hangs ${micro(-tip.z, units)}, ` +
    `moves ${micro(tip.x, units)} along the bed; movements enlarged ${factor} times`
  );
}

/**
 * The gantry seen along the bed, and its end seen along the beam: straight as built, and bent by its weight
 * and a push at the tool, movements enlarged by a stated factor. x is the way along the beam.
 */
export function gantryDrawing(shown: GantryShown): Drawing {
  const b = bentOf(shown);
  const { length, height, width, reach, paper, factor, at, scale } = b;
  const say = (m: number) => formatQuantity('length', m, shown.project.units, 4).text;
  const apart = length + paper(95) + width / 2;
  const middle = { x: apart, y: height };
  const [left, right] = [apart - Math.max(paper(50), width), apart + Math.max(paper(60), reach + paper(12))];
  const dash: Pen = { ink: 'soft', width: 0.8, dash: 'dashed' };
  const grounds = [
    [-paper(50), length + paper(30)],
    [left, right],
  ].map(([x0, x1]) => line('ground', { x: x0!, y: 0 }, { x: x1!, y: 0 }, { pen: dash }));
  const above = height + Math.max(paper(34), b.depth / 2 + b.gap / 2 + paper(26));
  const parts: Parts = joined(
    { shapes: [...grounds, ...front(b), ...carriage(b), ...end(b, middle)] },
    {
      dimensions: [
        {
          layer: 'dimensions',
          along: 'x',
          side: -1,
          from: { x: 0, y: -paper(4) },
          to: { x: length, y: -paper(4) },
          text: `${b.arm ? 'clamp to tip' : 'between columns'} ${say(length)}`,
        },
      ],
      labels: [
        { ...noted, text: 'seen along the bed', at: { x: -paper(50), y: above } },
        { ...noted, text: 'seen along the beam', at: { x: left, y: above } },
        { ...noted, text: `movements × ${formatNumber(factor, 3)}`, at: { x: left, y: -paper(14) } },
        { ...noted, text: `tool at ${say(at)}`, at: { x: left, y: -paper(35) } },
      ],
    },
  );
  return composed(parts, scale);
}
