import {
  type Edit,
  type HappeningKind,
  type Project,
  put,
  type RoundReading,
  type RoundSaid,
  type SheetSaid,
  startingSheet,
} from '@/core/model';
import { cellsOf } from './cells';
import { isLine, type SheetState } from './state';

/** Says something of a sheet. */
export function sheetEdits(
  { sheets }: Pick<Project, 'sheets'>,
  key: string,
  change: Partial<Omit<SheetSaid, 'id' | 'key'>>,
  freshId: () => string,
): readonly Edit[] {
  const known = sheets.some((s) => s.key === key);
  const list = known
    ? sheets.map((s) => (s.key === key ? { ...s, ...change } : s))
    : [...sheets, { ...startingSheet(freshId(), key), ...change }];
  return [put('sheets', list)];
}

/** Places of a round: one for each reading of one run. */
export const placesOf = ({ plan, method }: Pick<SheetState, 'plan' | 'method'>) => {
  const count = cellsOf(plan, method).length / method.runs;
  return isLine(plan) || plan.places.length === count
    ? plan.places.map(({ x, y }) => ({ x, y }))
    : Array.from({ length: count }, (_, i) => ({ x: i, y: 0 }));
};

/** A round that is begun, with the instrument as it is now. */
export const startedRound = (
  state: SheetState,
  { id, at, temperature }: { readonly id: string; readonly at: string; readonly temperature: number | null },
): RoundSaid => ({
  id,
  sheet: state.plan.key,
  at,
  temperature,
  method: state.method.id,
  instrument: state.instrument,
  digit: state.digit,
  limit: state.limit,
  places: placesOf(state),
  readings: [],
  moved: [],
});

const withRound = ({ rounds }: Pick<Project, 'rounds'>, round: RoundSaid): readonly Edit[] => [
  put(
    'rounds',
    rounds.some((r) => r.id === round.id)
      ? rounds.map((r) => (r.id === round.id ? round : r))
      : [...rounds, round],
  ),
];

/**
 * Writes a reading down. The same place is read anew; once more it counts beside the first.
 * @param again whether an earlier reading of this place stays beside it.
 */
export function readEdits(
  project: Pick<Project, 'rounds'>,
  round: RoundSaid,
  reading: RoundReading,
  again: boolean,
): readonly Edit[] {
  const kept = again ? round.readings : round.readings.filter((r) => r.place !== reading.place);
  return withRound(project, { ...round, readings: [...kept, reading] });
}

/** Takes all readings of a place back. */
export const unreadEdits = (
  project: Pick<Project, 'rounds'>,
  round: RoundSaid,
  place: number,
): readonly Edit[] =>
  withRound(project, { ...round, readings: round.readings.filter((r) => r.place !== place) });

/** Something happened to a part: what stood on it must be read again. */
export const happenedEdits = (
  { happenings }: Pick<Project, 'happenings'>,
  happening: {
    readonly id: string;
    readonly at: string;
    readonly node: string;
    readonly what: HappeningKind;
    readonly note: string;
  },
): readonly Edit[] => [put('happenings', [...happenings, { ...happening }])];

/** The moves of a sheet were made: what was read before is of another machine. */
export function movedEdits(
  project: Pick<Project, 'rounds' | 'happenings'>,
  state: SheetState,
  { id, at }: { readonly id: string; readonly at: string },
): readonly Edit[] {
  const { last, plan } = state;
  if (!last) return [];
  const moved = last.result.moves.map(({ kind, bolt, by }) => ({ kind, bolt: bolt ?? 0, by }));
  return [
    ...withRound(project, { ...last.round, moved }),
    ...happenedEdits(project, { id, at, node: plan.key, what: 'moved', note: '' }),
  ];
}
