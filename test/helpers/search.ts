import { families } from '@/core/catalogue';
import { everything, type SearchAnswer, type SearchLimits, searchLines } from '@/core/choose';
import type { Axis, OwnPart } from '@/core/model';
import { chance, SEED } from './chance';

const dice = chance(SEED + 77);

/** A search from beginning to end. */
export function runSearch(axis: Axis, own: readonly OwnPart[], limits: SearchLimits): SearchAnswer {
  const steps = searchLines(axis, own, limits);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

/** Links that a search deals with. */
const linked = ['drive', 'reducer', 'motor', 'driver', 'supply'];
/** A catalogue of so many parts by family, drawn by chance: all others are refused. */
export function smallCatalogue(most: Readonly<Record<string, number>>): SearchLimits {
  const refused = families
    .filter((f) => linked.includes(f.link))
    .flatMap((f) => {
      const ids = f.parts.map((p) => p.id);
      const kept = new Set(
        Array.from({ length: most[f.id] ?? 1 }, () => Math.floor(ids.length * dice.next())),
      );
      return ids.filter((_, i) => !kept.has(i));
    });
  return { ...everything, refused };
}

/** A catalogue of these parts alone, by id: all others of a drive train are refused. */
export function onlyParts(...ids: readonly string[]): SearchLimits {
  const kept = new Set(ids);
  const refused = families
    .filter((f) => linked.includes(f.link))
    .flatMap((f) => f.parts.map((p) => p.id).filter((id) => !kept.has(id)));
  return { ...everything, refused };
}
