import {
  type Cut,
  fieldRuleAt,
  FORMAT,
  startingCut,
  startingProject,
  stockInputs,
  stocks,
  type StockKind,
} from '@/core/model';
import { parseQuantity } from '@/core/units';
import { computable, type Computable } from './computable';
import { readProjectFile, readProjectValue } from './project-file';

type Doc = Readonly<Record<string, unknown>>;

const isDoc = (value: unknown): value is Doc =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What of the answers stands one level deeper in a document. */
const wishKeys: ReadonlySet<string> = new Set(['job', 'arrange', 'frame', 'refused']);
/** What of a brief file belongs to the document as a whole. */
const headKeys: ReadonlySet<string> = new Set(['name', 'units', 'ownParts', 'bars']);

/** A typed quantity as a measure; one that does not read keeps its text, and the schema names it. */
function measure(typed: unknown, path: string): unknown {
  const rule = fieldRuleAt(path);
  if (!rule || (typeof typed !== 'string' && typeof typed !== 'number')) return typed;
  const text = String(typed);
  const read = parseQuantity(rule.kind, text);
  return { typed: text, si: read.ok ? read.si : rule.max, basis: 'estimate' };
}

/** Texts at the places of measures as measures, all the way down. */
function measured(value: unknown, path: string): unknown {
  if (isDoc(value))
    return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, measured(v, `${path}.${k}`)]));
  if (Array.isArray(value)) return value.map((v, i) => measured(v, `${path}.${i}`));
  return measure(value, path);
}

const isStock = (value: unknown): value is StockKind => stocks.some((s) => s === value);

/** A cut with what nobody said of it as such cuts usually are. */
function cutOf(said: unknown, place: number): unknown {
  if (!isDoc(said)) return said;
  const kinds: readonly Cut['kind'][] = ['mill', 'plasma', 'knife', 'light'];
  const kind = kinds.find((k) => k === (said.kind ?? 'mill'));
  if (!kind) return said;
  const usual = startingCut(kind, `cut-${place + 1}`);
  const stock = kind === 'mill' && isStock(said.stock) ? stockInputs(said.stock) : {};
  return { ...usual, ...stock, ...said };
}

/** Bars that lie there, with what nobody said of them. */
const barsOf = (said: unknown): unknown =>
  Array.isArray(said)
    ? said.map((bar: unknown, i) =>
        isDoc(bar)
          ? { ...{ id: `bar-${i + 1}`, price: null, count: 1, firstHole: null, note: '' }, ...bar }
          : bar,
      )
    : said;

/** What a short brief says over what nobody said, level by level. */
function laid(over: Doc, under: Doc): Doc {
  const merged: Record<string, unknown> = { ...under };
  for (const [key, value] of Object.entries(over)) {
    const below = under[key];
    merged[key] = isDoc(value) && isDoc(below) && !('si' in below) ? laid(value, below) : value;
  }
  return merged;
}

/**
 * A brief as somebody types it for the terminal: the fields of a document's brief with texts for measures
 * (`"length": "1250 mm"`), what is not said left out; `job`, `arrange`, `frame`, `refused` and the head's
 * `name`, `units`, `ownParts`, `bars` beside them. A whole machine is read as one.
 * @param now ISO date and time. @returns a machine to plan for, or what is wrong with the text.
 */
export function readBriefFile(text: string, now: string): Computable {
  let value: unknown;
  try {
    value = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    // The reader of machines says in its own words what is no JSON.
    return computable(readProjectFile(text));
  }
  if (!isDoc(value) || value.format === FORMAT) return computable(readProjectFile(text));
  const entries = Object.entries(value);
  const part = (keys: ReadonlySet<string>) => Object.fromEntries(entries.filter(([k]) => keys.has(k)));
  const rest = Object.fromEntries(entries.filter(([k]) => !wishKeys.has(k) && !headKeys.has(k)));
  const cuts = Array.isArray(rest.cuts) ? { cuts: rest.cuts.map(cutOf) } : {};
  const begun = startingProject('plan', now, { machine: 'Plan', axis: 'Bed', body: 'All that moves' });
  // An arrangement that is named is wanted, unless it says otherwise.
  const arrange = rest.arrangement === undefined ? {} : { arrange: 'said' };
  const brief = laid({ ...rest, ...cuts, wishes: { ...arrange, ...part(wishKeys) } }, begun.brief);
  const head = part(headKeys);
  const bars = head.bars === undefined ? {} : { bars: measured(barsOf(head.bars), 'bars') };
  const document = { ...begun, ...head, ...bars, brief: measured(brief, 'brief') };
  return computable(readProjectValue(document));
}
