import {
  circle,
  composed,
  type Drawing,
  joined,
  type Label,
  line,
  outline,
  type Parts,
  type Pen,
  rect,
  type Shape,
} from '@/core/drawing';
import { patternPlaces, placedAt, type PlateHole } from '@/core/fit';
import type { PlateReport } from '@/core/machine';
import { formatQuantity, type UnitSystem } from '@/core/units';

/** A plate as it is looked at from the front. */
export interface PlateShown {
  readonly plate: PlateReport;
  readonly system: UnitSystem;
  /** Paper units of its longer side. */
  readonly width: number;
  /** The group whose ordinates are shown, by letter. */
  readonly picked?: string | undefined;
}

const edge: Pen = { ink: 'ink', width: 1.8 };
const thin: Pen = { ink: 'ink', width: 1 };
const chosen: Pen = { ink: 'blue', width: 1.4 };
const hidden: Pen = { ink: 'soft', width: 0.9, dash: 'dashed' };
const front: Pen = { ink: 'soft', width: 0.9 };
const hand: Pen = { ink: 'red', width: 1.8 };
const ordinate: Pen = { ink: 'blue', width: 0.6 };
const SIZE = 13;

const figure = (mm: number) => String(Number(mm.toFixed(3))).replace('.', '_');

/** The layer of a hole by what is done to it: `THRU_5_5`, `TAP_M6`, `REAM_5`. */
export function operationLayer({ thread, diameter, depth, reamed }: PlateHole): string {
  if (thread) return `TAP_${thread.replace(/[^A-Za-z0-9]/g, '_')}`;
  if (reamed) return `REAM_${figure(diameter * 1000)}`;
  return `${depth === null ? 'THRU' : 'BLIND'}_${figure(diameter * 1000)}`;
}

/** One hole as it is drilled, with what sinks in around it. */
function holeShapes(hole: PlateHole, pen: Pen): Shape[] {
  const { bore, sink, thread, diameter } = hole;
  const size = figure(diameter * 1000).replace('_', '.');
  const title = `${hole.label}: ${size} mm${thread ? ` for ${thread}` : ''}`;
  const layer = `hole ${hole.group}`;
  return [
    circle(layer, hole, diameter / 2, { pen, title }),
    ...(bore ? [circle(layer, hole, bore.diameter / 2, { pen, title })] : []),
    ...(sink ? [circle(layer, hole, sink.diameter / 2, { pen, title })] : []),
    // A thread stands outside its drill as a thin ring.
    ...(thread ? [circle(layer, hole, diameter * 0.6, { pen: { ...pen, width: 0.6, dash: 'links' } })] : []),
  ];
}

/** The middle of a hole. */
function crossShapes({ x, y, group, diameter }: PlateHole): Shape[] {
  const [layer, reach] = [`hole ${group}`, diameter * 0.7];
  return [
    line(layer, { x: x - reach, y }, { x: x + reach, y }, { pen: ordinate }),
    line(layer, { x, y: y - reach }, { x, y: y + reach }, { pen: ordinate }),
  ];
}

/** Parts that lie on the plate: in front as they are, behind it dashed. */
const partShapes = ({ parts }: PlateReport): Shape[] =>
  parts.map((p) =>
    rect(`part ${p.group}`, p.middle.x - p.along / 2, p.middle.y - p.across / 2, p.along, p.across, {
      pen: p.face === 'front' ? front : hidden,
    }),
  );

const unique = (values: readonly number[]) =>
  [...new Set(values.map((v) => Number(v.toFixed(6))))].sort((a, b) => a - b);

/** Places of the picked group along both edges, each from the corner. */
function ordinates({ plate, system, picked }: PlateShown, paper: (units: number) => number): Partial<Parts> {
  const holes = plate.holes.filter((h) => h.group === picked);
  const say = (m: number) => formatQuantity('length', m, system, 5).number;
  const beyond = paper(14);
  const noted = { layer: 'ordinates', size: SIZE, ink: 'blue' } as const;
  const xs = unique(holes.map((h) => h.x));
  const ys = unique(holes.map((h) => h.y));
  const lowest = (x: number) => Math.min(...holes.filter((h) => Math.abs(h.x - x) < 1e-5).map((h) => h.y));
  const leftmost = (y: number) => Math.min(...holes.filter((h) => Math.abs(h.y - y) < 1e-5).map((h) => h.x));
  return {
    shapes: [
      ...xs.map((x) => line('ordinates', { x, y: lowest(x) }, { x, y: -beyond }, { pen: ordinate })),
      ...ys.map((y) => line('ordinates', { x: leftmost(y), y }, { x: -beyond, y }, { pen: ordinate })),
    ],
    labels: [
      ...xs.map((x): Label => ({ ...noted, text: say(x), at: { x, y: -beyond }, prefer: ['below'] })),
      ...ys.map((y): Label => ({ ...noted, text: say(y), at: { x: -beyond, y }, prefer: ['left'] })),
    ],
  };
}

/** Where the holes of the part in hand lie, where they are not as drawn: a cross at each. */
function inHand({ plate }: PlateShown): Partial<Parts> {
  const off = plate.groups.filter((g) => g.off && g.off.by > g.off.allowed && g.pattern?.kind === 'rect');
  return {
    shapes: off.flatMap(({ letter, places, pattern, input, off: how }) => {
      if (pattern?.kind !== 'rect') return [];
      const along = input.hand.along?.si ?? (how!.from === 'length' ? how!.along : null) ?? pattern.along;
      const across = input.hand.across?.si ?? pattern.across;
      const about = patternPlaces({ kind: 'rect', along, across });
      return places.flatMap((at) =>
        placedAt(about, at, input.turned === 'quarter').flatMap(({ x, y }) => {
          const title = `${letter}: as in hand`;
          return [
            line('in hand', { x: x - 2e-3, y }, { x: x + 2e-3, y }, { pen: hand, title }),
            line('in hand', { x, y: y - 2e-3 }, { x, y: y + 2e-3 }, { pen: hand, title }),
          ];
        }),
      );
    }),
  };
}

/** The corner that everything is counted from. */
const datum = (paper: (units: number) => number): Partial<Parts> => ({
  shapes: [
    circle('datum', { x: 0, y: 0 }, paper(5), { pen: chosen, fill: 'panel' }),
    circle('datum', { x: 0, y: 0 }, paper(1.5), { fill: 'blue' }),
  ],
});

const LETTER = 15;

/**
 * The letter of a group: in the middle of each of its parts, where no hole is; beside the first of single
 * holes, of which there may be many.
 */
function letters({ plate, picked }: PlateShown, paper: (units: number) => number): Partial<Parts> {
  const groups = plate.groups.filter((g) => g.holes.length);
  const ink = (letter: string) => (letter === picked ? 'blue' : 'ink');
  const hollow = groups.filter((g) => g.pattern?.kind !== 'single' && g.holes.length % g.places.length === 0);
  const middles = hollow.filter(
    (g) => !g.holes.some((h) => h.x === g.places[0]!.x && h.y === g.places[0]!.y),
  );
  const others = groups.filter((g) => !middles.includes(g));
  return {
    shapes: middles.flatMap(({ letter, places }) =>
      places.map(({ x, y }): Shape => ({
        kind: 'text',
        layer: `hole ${letter}`,
        at: { x, y: y - paper(LETTER * 0.35) },
        text: letter,
        size: LETTER,
        anchor: 'middle',
        bold: true,
        ink: ink(letter),
      })),
    ),
    labels: others.map(({ letter, places }): Label => ({
      layer: `hole ${letter}`,
      text: letter,
      at: places[0]!,
      size: LETTER,
      bold: true,
      ink: ink(letter),
    })),
  };
}

const counted = (n: number, what: string) => `${n} ${what}${n === 1 ? '' : 's'}`;

/** One line that says what the drawing shows. */
export const plateInWords = ({ plate, system }: PlateShown): string => {
  const say = (m: number) => formatQuantity('length', m, system, 4).text;
  const count = plate.holes.length;
  return (
    `${plate.input.name}, ${say(plate.along)} along the travel and ${say(plate.across)} across, ` +
    `${counted(count, 'hole')} in ${counted(plate.groups.length, 'group')}`
  );
};

/** A plate to scale from the front: its corner below left, the travel to the right. */
export function plateDrawing(shown: PlateShown): Drawing {
  const { plate, system, width, picked } = shown;
  const scale = width / Math.max(plate.along, plate.across);
  const paper = (units: number) => units / scale;
  const say = (m: number) => formatQuantity('length', m, system, 4).text;
  const body: Partial<Parts> = {
    shapes: [
      outline('outline', plate.outline, { pen: edge, fill: 'panel' }),
      ...partShapes(plate),
      ...plate.holes.flatMap((h) => holeShapes(h, h.group === picked ? chosen : thin)),
      ...plate.holes.flatMap(crossShapes),
    ],
    dimensions: [
      {
        layer: 'dimensions',
        along: 'x',
        side: 1,
        from: { x: 0, y: plate.across },
        to: { x: plate.along, y: plate.across },
        text: say(plate.along),
      },
      {
        layer: 'dimensions',
        along: 'y',
        side: 1,
        from: { x: plate.along, y: 0 },
        to: { x: plate.along, y: plate.across },
        text: say(plate.across),
      },
    ],
  };
  const picking = picked ? [ordinates(shown, paper)] : [];
  return composed(joined(body, inHand(shown), datum(paper), letters(shown, paper), ...picking), scale);
}

/** Paper units in a metre: a true size on paper. */
const TRUE_SIZE = 96 / 0.0254;

/**
 * A plate as it is made, for files: each outline and hole once, on the layer of its operation, in true size.
 * A counterbore and a countersink are circles of their own.
 */
export function plateForShop({ holes, outline: edgeLine, input }: PlateReport): Drawing {
  const pen: Pen = { ink: 'ink', width: 0.7 };
  const given = input.outline.length >= 3 ? input.outline : edgeLine;
  return {
    scale: TRUE_SIZE,
    shapes: [
      outline('OUTLINE', given, { pen }),
      ...holes.flatMap((h) => [
        circle(operationLayer(h), h, h.diameter / 2, { pen }),
        ...(h.bore ? [circle('CBORE', h, h.bore.diameter / 2, { pen })] : []),
        ...(h.sink ? [circle('SINK', h, h.sink.diameter / 2, { pen })] : []),
      ]),
    ],
  };
}
