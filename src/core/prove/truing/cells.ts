import type { SheetMethod, SheetPlan } from './sheet';

/** Readings that a square is found by, in their order. */
const SQUARES: Readonly<Record<string, readonly string[]>> = {
  diagonals: ['rising', 'falling'],
  six: ['near', 'right', 'far', 'left', 'rising', 'falling'],
  three: ['along', 'across', 'third'],
  'square-turned': ['blade-near', 'blade-far', 'turned-near', 'turned-far'],
};
const TURNED = ['across-low', 'across-high', 'along-low', 'along-high'];

/** One reading that a sheet asks for. */
export interface Cell {
  /** How many readings stand before it. */
  readonly index: number;
  /** Of a place along a length: m; null where it has a name. */
  readonly x: number | null;
  readonly name: string | null;
  /** Whether edge or square is turned over for it. */
  readonly turned: boolean;
}

const named = (names: readonly string[], turned = false): Cell[] =>
  names.map((name, index) => ({ index, x: null, name, turned }));

/** The readings of a round, in the order in which they are taken. */
export function cellsOf(plan: SheetPlan, method: SheetMethod): readonly Cell[] {
  const { places } = plan;
  switch (plan.kind) {
    case 'square':
      return named(SQUARES[method.id] ?? SQUARES.diagonals!);
    case 'corners':
      return named(method.id === 'level' ? ['near', 'right', 'far', 'left'] : ['1', '2', '3', '4']);
    case 'ends':
      return named(['near-left', 'near-right', 'far-left', 'far-right']);
    case 'lean': {
      const first = named(TURNED);
      if (method.runs === 1) return first;
      return [...first, ...named(TURNED, true).map((c) => ({ ...c, index: c.index + TURNED.length }))];
    }
    case 'upright':
      return named(places.map((p) => `post-${p.x + 1}-${p.y === 0 ? 'along' : 'across'}`));
    case 'in-step':
      return named(places.map((p) => `${p.y === 0 ? 'low' : 'high'}-${p.x + 1}`));
    case 'tram':
      return named(['right', 'back', 'left', 'front']);
    case 'runout':
      return named(['coupling', 'further']);
    case 'belt':
    case 'chain':
      return named(places.map((_, i) => String(i + 1)));
    case 'flat':
      return named(places.map((_, i) => String(i + 1)));
    case 'screw':
      return places.map((p, index) => ({
        index,
        x: p.x,
        name: p.y === 0 ? 'height' : 'side',
        turned: false,
      }));
    case 'straight':
      // A level steps from place to place: there is one step less than there are places.
      return inLine(plan, method).slice(method.id === 'level' ? 1 : 0);
    default:
      return inLine(plan, method);
  }
}

/** A cell for each place along a length, run by run. */
const inLine = ({ places }: SheetPlan, { runs }: SheetMethod): Cell[] =>
  Array.from({ length: runs }, (_, run) =>
    places.map((p, i) => ({ index: run * places.length + i, x: p.x, name: null, turned: run === 1 })),
  ).flat();
