import type { PartKind, StepKind, WorkStep } from '../assembly';
import { isHere, type ListLine } from '../list';
import type { NeedKind } from '../needs';

/** Which lines of the list a part is made of, by what they are. */
const OF_PART: Partial<Record<PartKind, readonly NeedKind[]>> = {
  'rail-a': ['rail', 'round-rail', 'rod', 'tube-rail', 'wheel-rail', 'rail-screw'],
  'rail-b': ['rail', 'round-rail', 'rod', 'tube-rail', 'wheel-rail', 'rail-screw'],
  carriages: ['carriage', 'bush-block', 'wheel'],
  plate: ['plate', 'screw', 'washer', 'dowel', 'insert'],
  'block-fixed': ['fixed-block'],
  'block-float': ['floating-block'],
  screw: ['ball-screw', 'sliding-screw'],
  nut: ['nut', 'turning-nut', 'nut-housing'],
  motor: ['motor', 'reducer'],
  coupling: ['coupling'],
  rack: ['rack'],
  pinion: ['pinion'],
  wheels: ['pulley', 'idler', 'sprocket', 'cross-shaft', 'shaft-bearing'],
  belt: ['belt', 'roller-chain', 'belt-clamp'],
  ends: ['stop', 'cushion', 'switch'],
  cable: ['cable-chain', 'chain-bracket'],
  bellows: ['bellows'],
  bed: ['bed', 'foot'],
  beam: ['beam'],
  columns: ['column'],
  crossbar: ['crossbar'],
  table: ['sheet'],
  spindle: ['spindle'],
};

/** What else a step wants, of whichever axis. */
const OF_STEP: Partial<Record<StepKind, readonly NeedKind[]>> = {
  'trial-metal': ['bed', 'foot', 'column', 'beam', 'crossbar', 'plate'],
  paint: ['bed', 'column', 'beam', 'crossbar'],
  wire: [
    'driver',
    'controller',
    'supply',
    'emergency-stop',
    'contactor',
    'motor-cable',
    'switch-cable',
    'connector',
  ],
};

/** A line that a step waits for. */
export interface Missing {
  readonly key: string;
  readonly step: string;
  /** Day on which it comes, as far as it is known: said, or a quote's days from today on. */
  readonly due: string | null;
  /** Whether it is ordered already. */
  readonly ordered: boolean;
  /** It lies here as a bar and is to be sawn yet, or is refused and to be bought again. */
  readonly why: 'coming' | 'to-buy' | 'uncut' | 'refused';
}

const tailOf = (part: string) => part.slice(part.indexOf('/') + 1) as PartKind;

/** Lines of the list that a step's parts are made of. */
export function linesFor(step: WorkStep, lines: readonly ListLine[]): readonly ListLine[] {
  const wanted = step.brings.map((part) => ({
    owner: part.includes('/') ? part.slice(0, part.indexOf('/')) : '',
    kinds: OF_PART[tailOf(part)] ?? [],
  }));
  const also = OF_STEP[step.kind] ?? [];
  return lines.filter(({ need, owner, wanted: count, option }) => {
    if (!need || count === 0 || option !== '') return false;
    return also.includes(need.kind) || wanted.some((w) => w.owner === owner && w.kinds.includes(need.kind));
  });
}

/** Whether all pieces of a sawn line are cut. */
export type CutOf = (key: string, count: number) => boolean;

/** What a step still waits for. */
export function missingFor(
  step: WorkStep,
  lines: readonly ListLine[],
  { cut, soonest }: { readonly cut: CutOf; readonly soonest: (line: ListLine) => string | null },
): readonly Missing[] {
  return linesFor(step, lines).flatMap((line): Missing[] => {
    const { key, state, said, toBuy } = line;
    const one = { key, step: step.id };
    if (line.sawn) {
      const done = cut(key, line.wanted ?? 0);
      return done ? [] : [{ ...one, due: null, ordered: false, why: 'uncut' }];
    }
    if (isHere(line) && toBuy === 0) return [];
    if (state === 'ordered') return [{ ...one, due: said?.due ?? null, ordered: true, why: 'coming' }];
    const why = state === 'refused' ? ('refused' as const) : ('to-buy' as const);
    return [{ ...one, due: soonest(line), ordered: false, why }];
  });
}
