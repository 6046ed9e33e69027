import {
  composed,
  type Drawing,
  joined,
  line,
  type Parts,
  type Pen,
  rect,
  type Shape,
  textWidth,
} from '@/core/drawing';
import type { GapReport, StackRow } from '@/core/machine';
import type { UnitSystem } from '@/core/units';
import { fineLength, planeText } from '@/words';

/** A stack-up with the links of its axis. */
export interface StackShown {
  readonly gap: GapReport;
  readonly rows: readonly StackRow[];
  readonly system: UnitSystem;
  /** Paper units that the whole height takes, laid flat. */
  readonly width: number;
  /** The link that is picked, if any. */
  readonly picked?: string | undefined;
}

/** Paper units: a lane, a block in it. */
const LANE = 46;
const BLOCK = 26;
const SIZE = 13;
const thin: Pen = { ink: 'ink', width: 1 };
const unread: Pen = { ink: 'red', width: 1.2, dash: 'dashed' };
const picked: Pen = { ink: 'blue', width: 2.2 };
const level: Pen = { ink: 'soft', width: 0.8, dash: 'dashed' };

/** One link laid into its lane: from where it begins to where it ends, m. */
interface Laid {
  readonly id: string;
  readonly letter: string;
  readonly from: number;
  readonly to: number;
  readonly lane: number;
}

/** The letter of a link in its chain. */
export const stackLetter = (place: number): string => String.fromCharCode(65 + (place % 26));

/** A chain as lanes: a new one wherever it turns round. The gap's first plane stands at 0. */
function laidOut({ steps }: GapReport): readonly Laid[] {
  let [at, lane, way] = [0, 0, 0];
  return (steps ?? []).map(({ link, sign }, i) => {
    const to = at + sign * (link.value ?? 0);
    const turn = Math.sign(to - at);
    if (way !== 0 && turn !== 0 && turn !== way) lane++;
    if (turn !== 0) way = turn;
    const laid = { id: link.id, letter: stackLetter(i), from: at, to, lane };
    at = to;
    return laid;
  });
}

/** One line that says what the drawing shows. */
export function stackInWords({ gap: { input, closed }, system }: StackShown): string {
  const say = (m: number) => fineLength(m, system);
  return closed
    ? `${input.name}: ${say(closed.gap)} ± ${say(closed.half)} between ${planeText(input.from)} and ` +
        planeText(input.to)
    : `${input.name}: a link is missing between ${planeText(input.from)} and ${planeText(input.to)}`;
}

function block(shown: StackShown, l: Laid, paper: (units: number) => number): readonly Shape[] {
  const { rows, system } = shown;
  const row = rows.find((r) => r.link.id === l.id)!;
  const [left, right] = [Math.min(l.from, l.to), Math.max(l.from, l.to)];
  const y = -paper(LANE) * l.lane;
  const say = (m: number) => fineLength(m, system);
  const value = row.link.value === null ? '?' : say(Math.abs(row.link.value));
  const title = `${l.letter} ${row.input.name}: ${value}`;
  const pens = { true: picked, false: row.link.value === null ? unread : thin };
  const pen = pens[`${shown.picked === l.id}`];
  const fill = row.read ? 'blueWash' : 'steel';
  const long = `${l.letter}  ${value}`;
  const room = (right - left) / paper(1);
  const words = textWidth(long, SIZE) + 8 < room ? long : l.letter;
  const text: Shape = {
    kind: 'text',
    layer: 'notes',
    at: { x: (left + right) / 2, y: y - paper(SIZE * 0.35) },
    text: words,
    size: SIZE,
    anchor: 'middle',
    ink: 'ink',
    title,
  };
  const wide = Math.max(right - left, paper(1.5));
  const body = rect(`link ${l.id}`, left, y - paper(BLOCK / 2), wide, paper(BLOCK), { pen, fill, title });
  return textWidth(words, SIZE) + 2 < room ? [body, text] : [body];
}

/** Letters of blocks that are too thin for them. */
function letters(laid: readonly Laid[], paper: (units: number) => number): Partial<Parts> {
  return {
    labels: laid
      .filter((l) => textWidth(l.letter, SIZE) + 2 >= Math.abs(l.to - l.from) / paper(1))
      .map((l) => ({
        layer: 'notes',
        text: l.letter,
        at: { x: (l.from + l.to) / 2, y: -paper(LANE) * l.lane + paper(BLOCK / 2) },
        prefer: ['above'] as const,
        size: SIZE,
        ink: 'ink' as const,
      })),
  };
}

/** The planes of the gap, and what lies between them. */
function gapOf(shown: StackShown, laid: readonly Laid[], paper: (units: number) => number): Partial<Parts> {
  const { gap, system } = shown;
  const { closed, input } = gap;
  const lanes = laid.at(-1)!.lane;
  const [top, bottom] = [paper(BLOCK / 2 + 16), -paper(LANE) * lanes - paper(BLOCK / 2 + 16)];
  const end = laid.at(-1)!.to;
  const upright = (x: number) => line('planes', { x, y: top }, { x, y: bottom }, { pen: level });
  const say = (m: number) => fineLength(m, system);
  const name = (text: string, x: number, y: number, side: 'above' | 'below') => ({
    layer: 'notes',
    text,
    at: { x, y },
    prefer: [side] as const,
    size: SIZE,
    ink: 'soft' as const,
  });
  const fill = closed!.gap < 0 ? 'red' : 'amber';
  return {
    shapes: [
      rect('gap', Math.min(0, end), bottom, Math.abs(end), top - bottom, { fill, opacity: 0.18 }),
      upright(0),
      upright(end),
    ],
    labels: [
      name(`${planeText(input.from)}, gap ${say(closed!.gap)}`, 0, top, 'above'),
      name(planeText(input.to), end, bottom, 'below'),
    ],
  };
}

/** A stack-up as blocks to scale, laid flat; null where no chain leads through it. */
export function stackDrawing(shown: StackShown): Drawing | null {
  const laid = laidOut(shown.gap);
  if (!laid.length || !shown.gap.closed) return null;
  const ends = laid.flatMap((l) => [l.from, l.to]);
  const range = Math.max(...ends) - Math.min(...ends);
  if (!(range > 0)) return null;
  const scale = shown.width / range;
  const paper = (units: number) => units / scale;
  const blocks = { shapes: laid.flatMap((l) => block(shown, l, paper)) };
  return composed(joined(gapOf(shown, laid, paper), blocks, letters(laid, paper)), scale);
}

/** The gap on a scale of its own: the window that is wanted, where it stands, how far it may be off. */
export function gapDrawing({ gap, system, width }: StackShown): Drawing | null {
  const { closed, window, standing } = gap;
  if (!closed || !window || !standing) return null;
  const marks = [closed.gap - closed.half, closed.gap + closed.half, window.least, window.most, 0];
  const finite = marks.filter(Number.isFinite);
  const [low, high] = [Math.min(...finite), Math.max(...finite)];
  const range = Math.max(high - low, 1e-5);
  const [from, to] = [low - 0.08 * range, high + 0.08 * range];
  const scale = width / (to - from);
  const paper = (units: number) => units / scale;
  const say = (m: number) => fineLength(m, system);
  const [least, most] = [Math.max(window.least, from), Math.min(window.most, to)];
  const tick = (x: number, tall: number, pen: Pen) =>
    line('scale', { x, y: 0 }, { x, y: paper(tall) }, { pen });
  const noted = (text: string, x: number, side: 'above' | 'below', ink: 'blue' | 'ink') => ({
    layer: 'notes',
    text,
    at: { x, y: side === 'above' ? paper(44) : 0 },
    prefer: [side] as const,
    size: 12,
    ink,
  });
  const fine = standing === 'inside';
  return composed(
    {
      shapes: [
        rect('window', least, paper(4), most - least, paper(14), {
          fill: 'blueWash',
          pen: { ink: 'blue', width: 1 },
        }),
        rect('doubt', closed.gap - closed.half, paper(22), 2 * closed.half, paper(14), {
          fill: 'amberWash',
          pen: { ink: fine ? 'green' : 'amber', width: 1, dash: 'dashed' },
        }),
        line('scale', { x: from, y: 0 }, { x: to, y: 0 }, { pen: thin }),
        tick(0, 4, thin),
        tick(closed.gap, 40, { ink: fine ? 'green' : 'red', width: 2 }),
      ],
      labels: [
        noted(`${say(closed.gap)} ± ${say(closed.half)}`, closed.gap, 'above', 'ink'),
        noted('wanted', (least + most) / 2, 'below', 'blue'),
        noted('0', 0, 'below', 'ink'),
      ],
      dimensions: [],
    },
    scale,
  );
}
