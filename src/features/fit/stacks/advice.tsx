'use client';

import { leastPile } from '@/core/fit';
import type { GapReport, StackRow } from '@/core/machine';
import type { Shim } from '@/core/model';
import { useMachine } from '@/features/frame';
import { changeText, fineLength } from '@/words';
import styles from './stacks.module.css';

const UM = 1e6;
/** A pile springs when it has more sheets; common practice, no source. */
const SPRINGY = 4;

/** How far a pile may be off, µm: what the window leaves beside the doubt, and half a hundredth at least. */
function allowedOff({ closed, window }: GapReport): number {
  const room = Math.min(window!.most - window!.target, window!.target - window!.least) - closed!.half;
  return Number.isFinite(room) ? Math.max(5, Math.floor(room * UM)) : 5;
}

function pileWords(gap: GapReport, by: number, shims: readonly Shim[], say: (m: number) => string): string {
  const stock = shims.map(({ thickness, count }) => ({
    thickness: Math.round(thickness.si * UM),
    count: count ? count.si : null,
  }));
  const pile = leastPile(stock, Math.round(by * UM), allowedOff(gap));
  if (!pile) return 'No pile of the shims at hand comes near: make a spacer.';
  const sheets = pile.sheets.map((s) => say(s / UM)).join(' + ') || 'nothing';
  const springy = pile.sheets.length > SPRINGY ? ' A pile of so many is springy: make a spacer.' : '';
  return pile.meets
    ? `Out of the drawer: ${sheets}.${springy}`
    : `The nearest out of the drawer is ${sheets}, ${say(pile.sum / UM)}.${springy}`;
}

/** What is done about a gap: leave, measure, shim, recess or slot, in figures. */
export function Advice({ gap, rows }: { gap: GapReport; rows: readonly StackRow[] }) {
  const { project, system } = useMachine();
  const { action, slot, closed, window } = gap;
  const say = (m: number) => fineLength(m, system);
  if (!closed) return <p className={styles.advice}>Add the link that is missing, then it closes.</p>;
  if (gap.twice.length)
    return <p className={styles.advice}>A thing is counted twice: take one of its links out first.</p>;
  if (!window) return <p className={styles.advice}>Say what the gap should be at least or at most.</p>;
  if (!action) return <p className={styles.advice}>Give the links that have no figure or tolerance one.</p>;
  if (action.does === 'leave') return <p className={styles.advice}>Leave it as it is.</p>;
  const change = action.does === 'measure' ? action.then : action;
  const named =
    action.does === 'measure' ? (rows.find((r) => r.link.id === action.link)?.input.name ?? '') : '';
  return (
    <div className={styles.advice}>
      {named && <p>Measure “{named}” before you cut anything.</p>}
      {change && (
        <p>
          {named ? 'If it is as stated: ' : 'Do: '}
          {changeText(change.does, say(Math.abs(change.by)))}.
          {change.does === 'shim' && ` ${pileWords(gap, change.by, project.shims, say)}`}
          {change.does === 'recess' &&
            ' Mill 0.2 mm short, measure, finish; screws get shorter by as much. A shim on the other side ' +
              'does the same and can be taken out again.'}
        </p>
      )}
      {slot && (
        <p>
          {slot.width !== null && slot.length !== null
            ? `It is ${say(slot.width)} wide and ${say(slot.length)} long. `
            : 'Say how wide and long the body is. '}
          {slot.floor === null
            ? 'The thickness of the plate is not said: what floor is left is not known.'
            : slotFloor(slot.floor, say)}
        </p>
      )}
    </div>
  );
}

/** A floor thinner than this is cut through instead, m; common practice, no source. */
const FLOOR = 0.004;

const slotFloor = (floor: number, say: (m: number) => string) =>
  floor >= FLOOR
    ? `A floor of ${say(floor)} is left.`
    : `Only ${say(Math.max(0, floor))} of floor would be left: make it a window.`;
