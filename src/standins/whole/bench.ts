import type { Cell, SheetMethod, SheetMove, SheetPlan } from '@/core/prove';
import { type AxisLetter, controllerStandIn, type ControllerStandIn, type Mechanism } from '../controller';
import { type DialMakeup, dialStandIn, type DialStandIn } from '../dial/dial';
import { diceOf, normalOf } from '../seeds';
import { movedBy } from './moving';
import { shownAt } from './shown';
import type { WholeState } from './state';

/** What is touched: a place of a sheet, by one of its methods. */
export interface Touch {
  readonly plan: SheetPlan;
  readonly cell: Cell;
  readonly method: SheetMethod;
}

/** A whole machine behind a controller that moves it and an indicator that touches it. */
export interface WholeBench {
  readonly controller: ControllerStandIn;
  /** Puts an indicator of such a make somewhere; what it reads goes with where the axes really stand. */
  readonly touch: (touch: Touch, made: DialMakeup) => DialStandIn;
  /** What is heard or seen without touching: the tone of a belt, the bubble of a level; it errs as said. */
  readonly sense: (touch: Touch, scatter: number) => number;
  /** Goes on by so many milliseconds. */
  readonly run: (ms: number) => void;
  /** What the builder's hands do. */
  readonly move: (plan: SheetPlan, moves: readonly SheetMove[]) => void;
  readonly truth: () => WholeState;
}

/** Switches lie so far below where it was switched on, mm. */
const SWITCH = -3;
const MM = 1e-3;
/** The first place of every sheet is so far from where the controller counts from, mm. */
export const ORIGIN = 10;
const alongOf = (mm: number) => (mm - ORIGIN) * MM;

/** Whether the axes carry the indicator to its place, and which letters of it they are. */
export function carriedBy({ kind }: Pick<SheetPlan, 'kind'>): readonly AxisLetter[] {
  switch (kind) {
    case 'straight':
    case 'parallel':
    case 'mesh':
    case 'droop':
      return ['x'];
    case 'ends':
    case 'flat':
      return ['x', 'y'];
    default:
      return [];
  }
}

/** A touch as the axes really stand: a carriage that was not driven to its place reads another one. */
function asDriven(touch: Touch, at: Readonly<Record<AxisLetter, number>>): Touch {
  const letters = carriedBy(touch.plan);
  const { plan, cell } = touch;
  if (!letters.length || touch.method.id === 'level') return touch;
  if (letters.length === 1) return { ...touch, cell: { ...cell, x: alongOf(at.x) } };
  const place = { x: alongOf(at.x), y: alongOf(at.y) };
  return { ...touch, plan: { ...plan, places: plan.places.map((p, i) => (i === cell.index ? place : p)) } };
}

/**
 * A machine with hidden faults whose axes follow exactly: what is wrong is where its parts lie.
 * @param start as it was put together. @param seed of indicator and hand.
 */
export function wholeBench(start: WholeState, seed: number): WholeBench {
  let state = start;
  const real: Record<AxisLetter, number> = { x: 0, y: 0, z: 0 };
  const mechanism: Mechanism = {
    drive: (to) => Object.assign(real, to),
    tripped: (l) => real[l] <= SWITCH,
    touched: () => false,
    stopped: () => false,
    supplied: () => true,
  };
  const controller = controllerStandIn(mechanism);
  const hand = diceOf(seed, 'hand');
  const senses = diceOf(seed, 'senses');
  let touched: { readonly touch: Touch; readonly dial: DialStandIn; readonly middle: number } | null = null;
  let placed = 0;
  return {
    controller,
    touch: (touch, made) => {
      placed += 1;
      const dial = dialStandIn(made, diceOf(seed, `dial ${placed}`));
      touched = { touch, dial, middle: made.range / 2 };
      return dial;
    },
    sense: ({ plan, cell, method }, scatter) =>
      shownAt(state, plan, cell, method) + scatter * normalOf(senses),
    run: (ms) => {
      controller.run(ms);
      if (!touched) return;
      const { plan, cell, method } = asDriven(touched.touch, controller.at());
      touched.dial.run(ms, touched.middle + shownAt(state, plan, cell, method));
    },
    move: (plan, moves) => {
      state = movedBy(state, plan, moves, hand);
    },
    truth: () => state,
  };
}
