import type { RoundSaid } from '@/core/model';
import type { SheetMove } from '@/core/prove';
import { diceOf } from '../seeds';
import { movedBy, type WholeFault, type WholeFaults, wholeFaults, wholeOf, type WholeState } from '../whole';
import type { HiddenFault, PracticeGround } from './ground';
import { faultsMade } from './faults';

/** Faults that were not put right by another part or setting. */
export function leftOf(
  hidden: readonly HiddenFault[],
  { named }: PracticeGround['practice'],
): readonly HiddenFault[] {
  return hidden.filter(
    (h) =>
      faultsMade[h.fault].mend === 'move' ||
      !named.some((n) => n.mended && n.fault === h.fault && n.axis === h.axis),
  );
}

/** Faults of where parts lie, as the stand-in takes them. */
function lyingOf(faults: readonly HiddenFault[]): WholeFaults {
  const known = new Set<string>(wholeFaults);
  return Object.fromEntries(
    faults.flatMap(({ fault, axis, size }) =>
      known.has(fault) ? [[axis ? `${fault as WholeFault}:${axis}` : fault, size]] : [],
    ),
  );
}

const movesOf = ({ moved }: RoundSaid): readonly SheetMove[] =>
  moved.flatMap(({ kind, bolt, by }) => (kind === '' ? [] : [{ kind, bolt, by }]));

/** Where the parts lie as the machine was put together. */
export const putTogether = (
  { sheets, practice }: PracticeGround,
  faults: readonly HiddenFault[],
): WholeState => wholeOf(sheets, lyingOf(faults), practice.seed);

/**
 * Where the parts of a practice machine lie by now: as it was put together, with every move since.
 * It follows from the document alone, so that undo takes a move back.
 */
export function lyingWith(ground: PracticeGround, faults: readonly HiddenFault[]): WholeState {
  const { practice, sheets, project } = ground;
  return project.rounds.reduce(
    (state, round) => {
      const plan = sheets.find((s) => s.key === round.sheet);
      const moves = movesOf(round);
      return plan && moves.length
        ? movedBy(state, plan, moves, diceOf(practice.seed, `hand ${round.id}`))
        : state;
    },
    putTogether(ground, faults),
  );
}
