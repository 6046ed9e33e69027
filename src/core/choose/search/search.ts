import { familiesOf, presentFamily } from '@/core/catalogue';
import { type Verdict } from '@/core/findings';
import { type Axis, axisIssues, type OwnPart } from '@/core/model';
import { frontOf, isKnown, type Place, type Scale, scaled, scales } from './fronts';
import { judgedLine, type LineFigures, type LineJudged } from './judged';
import { type Pairs, pairsOf } from './pairs';
import { type Killed, moneyOf, type Sides, sidesOf } from './sides';
import { driveFamilies, joined, searchLinks, type SearchLimits } from './space';

/** A drive train that a search found: the whole axis with it, and what it comes to. */
export interface FoundLine {
  /** The same in every run. */
  readonly id: string;
  /** Family by whose kind it is drawn. */
  readonly family: string;
  readonly axis: Axis;
  /** For drive, reducer, motor, driver and supply; example prices. */
  readonly money: number;
  readonly verdict: Verdict;
  readonly figures: LineFigures;
}

/** A drive train that is there: it need not hold, and may have no price. */
export type PresentLine = Omit<FoundLine, 'id' | 'money'> & { readonly money: number | null };

/**
 * An axis as it is, beside what a search found. Without its parts named and priced its money is not known.
 */
export function presentLine(axis: Axis, own: readonly OwnPart[]): PresentLine {
  const { verdict, figures } = judgedLine(axis, false);
  const links = axis.reducer ? searchLinks : searchLinks.filter((l) => l !== 'reducer');
  const named = links.every((link) => familiesOf(link).some((f) => axis.parts[f.id] !== undefined));
  const sum = named ? moneyOf(own, axis, 'drive') + moneyOf(own, axis, 'motor') : Infinity;
  const money = sum === Infinity ? null : sum;
  return { family: presentFamily(axis, 'drive')!, axis, money, verdict, figures };
}

/** How far a search is. */
export interface SearchStep {
  readonly stage: 'drives' | 'pairs';
  /** Drives seen, or pairs judged in full. */
  readonly done: number;
  /** The cheapest that was found to hold so far. */
  readonly best: FoundLine | null;
}

export interface SearchAnswer {
  /** Combinations that were looked at. */
  readonly combinations: number;
  /** Those that no cheap test refused, and those of them that were put through every check. */
  readonly passed: number;
  readonly judged: number;
  /** How many went by what they failed first; what a cheaper one outdid is in no count. */
  readonly killed: Killed;
  /** By scale, kind of drive, and whether the figure is known; each the cheapest first. */
  readonly fronts: Readonly<Record<Scale, readonly FoundLine[]>>;
}

const add = (killed: Killed, code: keyof Killed, count: number) => {
  if (count) killed[code] = (killed[code] ?? 0) + count;
};

/** Pairs judged in full, each once, whatever asks for it. */
class Bench {
  private readonly known = new Map<string, FoundLine | null>();
  readonly killed: Killed = {};
  cheapest: FoundLine | null = null;

  constructor(
    private readonly sides: Sides,
    private readonly sure: boolean,
  ) {}

  get judged() {
    return this.known.size;
  }
  /** The pair at a place; null: something of it gives out. */
  at({ drive, motor, money }: Place): FoundLine | null {
    const [mech, elec] = [this.sides.drives[drive]!, this.sides.motors[motor]!];
    const id = `${mech.row.id} | ${elec.row.id}`;
    const known = this.known.get(id);
    if (known !== undefined) return known;
    const axis = joined(mech.row, elec.row);
    if (axisIssues(axis).length) return this.keep(id, null);
    const { verdict, figures, out }: LineJudged = judgedLine(axis, this.sure);
    const found = out.length ? null : { id, family: mech.row.family, axis, money, verdict, figures };
    if (out.length) add(this.killed, out[0]!, 1);
    if (found && money < (this.cheapest?.money ?? Infinity)) this.cheapest = found;
    return this.keep(id, found);
  }
  private keep(id: string, found: FoundLine | null) {
    this.known.set(id, found);
    return found;
  }
}

/** Pairs judged between two tellings of how far it is. */
const STRIDE = 50;

function* frontsOf(
  sides: Sides,
  pairs: Pairs,
  bench: Bench,
  axis: Axis,
): Generator<SearchStep, SearchAnswer['fronts']> {
  // What is a bound alone is not held against what is known: it would hide it.
  const groups = (scale: Scale) =>
    driveFamilies.flatMap((family) =>
      [true, false].map((sure) =>
        sides.drives.flatMap((d, i) =>
          d.row.family === family && isKnown(d.unknown, scale) === sure ? [i] : [],
        ),
      ),
    );
  const fronts = {} as Record<Scale, FoundLine[]>;
  let told = 0;
  for (const scale of scales) {
    fronts[scale] = [];
    for (const among of groups(scale)) {
      const worth = (place: Place) => {
        const found = bench.at(place);
        return found && scaled(found.figures, scale);
      };
      const steps = frontOf(sides, pairs, { among, scale, axis, worth });
      let step = steps.next();
      for (; !step.done; step = steps.next())
        if (bench.judged - told >= STRIDE) {
          told = bench.judged;
          yield { stage: 'pairs', done: told, best: bench.cheapest };
        }
      fronts[scale].push(...step.value.map((point) => bench.at(point)!));
    }
  }
  return fronts;
}

/**
 * Every combination of drive, reducer, motor, driver and supply for one axis, and of those that hold the ones
 * that are worth their money. A combination holds where no check of its drive train gives out; what else is
 * found of the axis is not its doing. Each that is shown was put through every check of its drive train.
 * @param axis as the machine loads it.
 */
export function* searchLines(
  axis: Axis,
  own: readonly OwnPart[],
  limits: SearchLimits,
): Generator<SearchStep, SearchAnswer> {
  const rows = sidesOf(axis, own, limits);
  let row = rows.next();
  for (; !row.done; row = rows.next()) yield { stage: 'drives', done: row.value, best: null };
  const sides = row.value;
  const pairs = pairsOf(sides, axis, limits);
  const bench = new Bench(sides, limits.sure);
  const fronts = yield* frontsOf(sides, pairs, bench, axis);
  const killed: Killed = {};
  for (const some of [sides.killed, pairs.killed, bench.killed])
    for (const [code, count] of Object.entries(some)) add(killed, code as keyof Killed, count);
  return {
    combinations: sides.combinations,
    passed: pairs.motors.length,
    judged: bench.judged,
    killed,
    fronts,
  };
}
