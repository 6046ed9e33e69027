import { fieldRuleAt } from '@/core/model';
import { formatQuantity, type Kind, parseQuantity } from '@/core/units';
import type { Family, Part } from './part';

/** A text of a part read as the input that it fills; undefined where it is no measure, or none that reads. */
function readAt(path: string, typed: string): { readonly kind: Kind; readonly si: number } | undefined {
  const rule = fieldRuleAt(path);
  if (!rule) return undefined;
  const parsed = parseQuantity(rule.kind, typed);
  return parsed.ok ? { kind: rule.kind, si: parsed.si } : undefined;
}

const INCH = 0.0254;
/** Parts of an inch that a diameter is told in. */
const SIXTEENTHS = 16;

/** A whole number of sixteenths as people write it: 8 is 1/2, 20 is 1-1/4. */
function fraction(sixteenths: number): string {
  let [over, under] = [sixteenths % SIXTEENTHS, SIXTEENTHS];
  while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2];
  const whole = Math.floor(sixteenths / SIXTEENTHS);
  if (!over) return String(whole);
  return whole ? `${whole}-${over}/${under}` : `${over}/${under}`;
}

/** What a screw in inches is called in the trade: diameter and threads an inch, `1/2-10` (ASME B1.5). */
function inchThread({ values }: Part): string {
  const of = (path: string) => {
    const typed = values[path];
    return typed?.includes('in') ? readAt(path, typed)?.si : undefined;
  };
  const [diameter, lead] = [of('drive.nominalDiameter'), of('drive.lead')];
  if (!diameter || !lead) return '';
  const starts = Number(values['drive.starts'] ?? 1) || 1;
  const sixteenths = (diameter / INCH) * SIXTEENTHS;
  const threads = (starts * INCH) / lead;
  const near = (v: number) => Math.abs(v - Math.round(v)) < 0.02;
  if (!near(sixteenths) || !near(threads)) return '';
  return `${fraction(Math.round(sixteenths))}-${Math.round(threads)}`;
}

const texts = new WeakMap<Part, string>();

/** All that a part is found by: name, figures as typed and in both systems, its name in the trade. */
function textOf(part: Part): string {
  const kept = texts.get(part);
  if (kept !== undefined) return kept;
  const figures = Object.entries(part.values).flatMap(([path, typed]) => {
    const read = readAt(path, typed);
    if (!read) return [typed];
    // Rounded as coarse and as fine as sellers do: 8.5 N·m is sold as 1200 and as 1204 oz-in.
    const say = (digits: number) =>
      (['metric', 'imperial'] as const).map((s) => formatQuantity(read.kind, read.si, s, digits).text);
    return [typed, ...say(3), ...say(4)];
  });
  const text = [part.name, ...figures, inchThread(part)].join(' ').toLowerCase();
  texts.set(part, text);
  return text;
}

/** Whether a text has a word in it. A figure is found from its first digit on: 25 is not in 425 or 0.25. */
function finder(word: string): (text: string) => boolean {
  if (!/^\d/.test(word)) return (text) => text.includes(word);
  const figure = new RegExp(`(?<![\\d.])${word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`);
  return (text) => figure.test(text);
}

/** Parts that have every word of a text in their name or figures, in either system of units. */
export function searchParts(parts: readonly Part[], text: string): readonly Part[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean).map(finder);
  return words.length ? parts.filter((part) => words.every((has) => has(textOf(part)))) : parts;
}

/** What a list of parts is sorted by: a column of its family by its path, or one of these. */
export type PartOrder = 'name' | 'price' | (string & {});

function valueOf(part: Part, by: PartOrder): number | string {
  if (by === 'name') return part.name;
  if (by === 'price') return part.price ?? Infinity;
  const typed = part.values[by] ?? '';
  return readAt(by, typed)?.si ?? typed;
}

/** Whether a family can be sorted so. */
export const isOrder = ({ columns }: Family, by: string): boolean =>
  by === 'name' || by === 'price' || columns.some((c) => c.path === by);

/** Parts in the order of one of their figures; those that are alike stay as they were. */
export function sortedParts(parts: readonly Part[], by: PartOrder, downwards: boolean): readonly Part[] {
  const keyed = parts.map((part) => ({ part, key: valueOf(part, by) }));
  keyed.sort((a, b) => {
    if (typeof a.key === 'number' && typeof b.key === 'number') return a.key - b.key || 0;
    return String(a.key).localeCompare(String(b.key), 'en', { numeric: true });
  });
  const sorted = keyed.map(({ part }) => part);
  return downwards ? sorted.reverse() : sorted;
}
