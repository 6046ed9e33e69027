import type { Kind } from './kinds';
import { kinds } from './kinds';
import { type Unit, units } from './table';

// The Greek mu and the micro sign, the ohm sign and capital omega look alike and are typed by chance.
const fold = (text: string): string =>
  text
    .normalize('NFC')
    .replace(/[\s·.⋅]/g, '')
    .replace(/μ/g, 'µ')
    .replace(/\u2126/g, 'Ω')
    .toLowerCase();

/** "mHz" against "MHz", "mN·m" against "MN·m": where case decides, the exact spelling goes first. */
const exact = (text: string): string =>
  text
    .normalize('NFC')
    .replace(/[\s·.⋅]/g, '')
    .replace(/μ/g, 'µ')
    .replace(/\u2126/g, 'Ω');

interface UnitIndex {
  readonly exact: ReadonlyMap<string, Unit>;
  readonly folded: ReadonlyMap<string, Unit>;
}

function indexOf(kind: Kind): UnitIndex {
  const byExact = new Map<string, Unit>();
  const byFolded = new Map<string, Unit>();
  for (const unit of units[kind])
    for (const name of [unit.symbol, ...unit.also]) {
      if (!byExact.has(exact(name))) byExact.set(exact(name), unit);
      if (!byFolded.has(fold(name))) byFolded.set(fold(name), unit);
    }
  return { exact: byExact, folded: byFolded };
}

const index = new Map<Kind, UnitIndex>(kinds.map((kind) => [kind, indexOf(kind)]));

/**
 * The unit of a kind that a text names, or undefined. An empty text is a unit only where the kind has one.
 */
export function findUnit(kind: Kind, text: string): Unit | undefined {
  const entry = index.get(kind)!;
  return entry.exact.get(exact(text)) ?? entry.folded.get(fold(text));
}

/** All kinds in which a text is a unit: to say what somebody typed instead of what was asked. */
export function kindsOfUnit(text: string): Kind[] {
  return fold(text) === '' ? [] : kinds.filter((kind) => findUnit(kind, text) !== undefined);
}
