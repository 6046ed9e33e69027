import {
  actionFor,
  closeGap,
  type ClosedGap,
  countedTwice,
  evened,
  fit,
  hangTogether,
  IN_95,
  loopsOf,
  pathOf,
  type StackAction,
  type StackLink,
  type Standing,
  standing,
  type Step,
  type Window,
} from '@/core/fit';
import type { Axis, PartDimension, StackGapInput, StackLinkInput } from '@/core/model';
import { quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { type PublishedDimension, publishedOf } from './mounts';

/** A link with all that is known of it. */
export interface StackRow {
  readonly link: StackLink;
  readonly input: StackLinkInput;
  /** What the part is known for, or what was typed as published. */
  readonly published: PublishedDimension | null;
  readonly read: boolean;
  /** How far the reading lies off what was published, and how far it may; null where one is missing. */
  readonly mismatch: { readonly off: number; readonly allowed: number } | null;
}

/** A slot for a body, m. */
export interface SlotSize {
  readonly depth: number;
  readonly width: number | null;
  readonly length: number | null;
  /** What is left under it, of the plate; null where its thickness is not said. */
  readonly floor: number | null;
}

/** A gap, closed or not. */
export interface GapReport {
  readonly input: StackGapInput;
  readonly steps: readonly Step[] | null;
  readonly closed: ClosedGap | null;
  readonly window: Window | null;
  readonly standing: Standing | null;
  readonly action: StackAction | null;
  readonly slot: SlotSize | null;
  /** Two links of its chain that stand for one thing. */
  readonly twice: readonly { readonly first: string; readonly second: string; readonly thing: string }[];
  /** Where its chain breaks off: the last planes that hang together with either side. */
  readonly open: { readonly from: readonly string[]; readonly to: readonly string[] } | null;
  readonly line: string;
}

/** Two ways that say how far two planes stand apart, and disagree by more than their doubt. */
export interface LoopReport {
  readonly links: readonly string[];
  readonly off: number;
  readonly allowed: number;
}

/** All stack-ups of an axis. */
export interface StacksReport {
  readonly rows: readonly StackRow[];
  readonly gaps: readonly GapReport[];
  readonly loops: readonly LoopReport[];
}

/** What a dimension spans: a carriage's height over its rail's seat holds the rail too. */
const SPANS: Record<PartDimension, readonly string[]> = {
  'carriage-height': ['rail', 'carriage'],
  'rail-height': ['rail'],
  'carriage-half': ['carriage width'],
  'block-height': ['end block'],
  'block-half': ['end block width'],
  'nut-face': ['nut housing'],
  'nut-half': ['nut housing width'],
  plate: ['plate'],
  'motor-height': ['motor'],
  'rack-pitch-line': ['rack'],
  'pinion-radius': ['pinion'],
  'rail-spacing': ['rails'],
};

/** A calliper read without a stated doubt, m; common practice, no source. */
const CALLIPER = 5e-5;

function spread({ plus, minus }: StackLinkInput, ofPart: PublishedDimension | null) {
  if (plus || minus) return { plus: plus?.si ?? 0, minus: minus?.si ?? 0 };
  // A figure that was typed without a tolerance has none that anybody knows.
  return ofPart ? { plus: ofPart.tolerance, minus: ofPart.tolerance } : null;
}

function rowOf(input: StackLinkInput, known: Partial<Record<PartDimension, PublishedDimension>>): StackRow {
  const ofPart = input.says ? (known[input.says] ?? null) : null;
  const typed = input.published;
  const published = typed ? { value: typed.si, tolerance: ofPart?.tolerance ?? 0, source: 'typed' } : ofPart;
  const { measured, drawn } = input;
  const range = spread(input, ofPart);
  const stated = drawn?.si ?? published?.value ?? null;
  const even = stated === null ? null : evened(stated, range?.plus ?? 0, range?.minus ?? 0);
  const doubt = input.doubt?.si ?? CALLIPER;
  const said = measured
    ? { value: measured.si as number, tolerance: doubt as number | null, shape: 'read' as const }
    : { value: even?.value ?? null, tolerance: range && (even?.tolerance ?? null), shape: input.shape };
  return {
    input,
    published,
    read: measured !== null,
    link: {
      id: input.id,
      from: input.from,
      to: input.to,
      ...said,
      covers: [...(input.says ? SPANS[input.says] : []), ...(input.part ? [input.part] : [])],
      lot: input.lot,
    },
    mismatch:
      measured && even ? { off: Math.abs(measured.si - even.value), allowed: even.tolerance + doubt } : null,
  };
}

/** What a gap is wanted to be; null while neither end of it is said. */
export function windowOf({ least, most, target }: StackGapInput): Window | null {
  if (!least && !most) return null;
  const [low, high] = [least?.si ?? -Infinity, most?.si ?? Infinity];
  const middle = Number.isFinite(low) && Number.isFinite(high) ? (low + high) / 2 : undefined;
  const nearest = Number.isFinite(low) ? low : high;
  return { least: low, most: high, target: target?.si ?? middle ?? nearest };
}

function slotOf({ body, side, runs }: StackGapInput, axis: Axis, depth: number, sheet: Worksheet): SlotSize {
  const free = side?.si ?? quantity('length', 0);
  const way = (along: boolean) =>
    along && runs === 'along' ? axis.demands.travel.si : quantity('length', 0);
  const size = (of: typeof body.width, along: boolean) =>
    of && sheet.apply(fit.slotSize, { body: of.si, travel: way(along), side: free }, `slot.${along}`);
  const plate = axis.guide.plate?.thickness.si;
  return {
    depth,
    width: size(body.width, false),
    length: size(body.length, true),
    floor: plate === undefined ? null : plate - depth,
  };
}

/** The lines of a gap's working: sums up and down, its spread, and what it wants. */
function workingOf(steps: readonly Step[], closed: ClosedGap, line: string, sheet: Worksheet) {
  const sum = (sign: 1 | -1) =>
    steps.reduce((s, { link, sign: way }) => {
      const value = way * (link.value ?? 0);
      return value * sign > 0 ? s + value * sign : s;
    }, 0);
  const length = (si: number) => quantity('length', si);
  sheet.apply(fit.stackGap, { up: length(sum(1)), down: length(sum(-1)) }, line);
  sheet.apply(fit.stackSpread, { sigma: length(closed.half / IN_95) }, `${line}.spread`);
}

function gapOf(axis: Axis, rows: readonly StackRow[], input: StackGapInput, sheet: Worksheet): GapReport {
  const links = rows.map((r) => r.link);
  const steps = pathOf(links, input);
  const line = `stack.${input.id}`;
  const window = windowOf(input);
  const nothing = { input, window, line, slot: null, standing: null, action: null };
  if (!steps?.length) {
    const from = [...hangTogether(links, input.from)];
    const to = [...hangTogether(links, input.to)];
    return { ...nothing, steps: null, closed: null, twice: [], open: { from, to } };
  }
  const closed = closeGap(steps);
  if (sheet.records) workingOf(steps, closed, line, sheet);
  const twice = countedTwice(steps).map(({ first, second, thing }) => ({
    first: first.id,
    second: second.id,
    thing,
  }));
  const read = new Set(rows.filter((r) => r.read).map((r) => r.link.id));
  const known = closed.unknown.length + closed.untold.length === 0;
  // What is counted twice is no figure to cut by.
  const sound = known && !twice.length;
  const action = window && sound ? actionFor(closed, window, input.mend, read) : null;
  const change = action?.does === 'measure' ? action.then : action;
  const slot = change?.does === 'slot' ? slotOf(input, axis, change.by, sheet) : null;
  const at = window && sound ? standing(closed, window) : null;
  return { input, window, line, steps, closed, twice, open: null, action, slot, standing: at };
}

function loopReports(rows: readonly StackRow[]): LoopReport[] {
  return loopsOf(rows.map((r) => r.link)).flatMap((steps) => {
    const { gap, half, unknown } = closeGap(steps);
    const off = Math.abs(gap);
    if (unknown.length || off <= half) return [];
    return [{ links: steps.map((s) => s.link.id), off, allowed: half }];
  });
}

/** Every stack-up of an axis. @param sheet where the lines of the working go. */
export function stacksOf(axis: Axis, sheet: Worksheet): StacksReport {
  const { links, gaps } = axis.fit.stack;
  if (!links.length && !gaps.length) return { rows: [], gaps: [], loops: [] };
  const known = publishedOf(axis);
  const rows = links.map((l) => rowOf(l, known));
  return { rows, gaps: gaps.map((g) => gapOf(axis, rows, g, sheet)), loops: loopReports(rows) };
}
