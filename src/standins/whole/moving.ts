import type { SheetMove, SheetPlan } from '@/core/prove';
import { gantryAt, tableAt, type WholeState } from './state';
import { type Dice, normalOf } from '../seeds';

const changed = <T>(list: readonly T[], i: number, to: (old: T) => T): readonly T[] =>
  list.map((v, k) => (k === i ? to(v) : v));

const byKey = <T>(all: Readonly<Record<string, T>>, key: string, to: (old: T) => T) =>
  all[key] === undefined ? all : { ...all, [key]: to(all[key]) };

type Act = (state: WholeState, plan: SheetPlan, bolt: number, by: number) => WholeState;

/** Shims under a rail, a foot or an arm's root: which, the sheet says. */
const shim: Act = (state, plan, bolt, by) => {
  if (plan.kind === 'ends') {
    // The feet stand further apart than the places that are read.
    const { span = 1, feet = span } = plan.sizes;
    return { ...state, ends: changed(state.ends, bolt, (h) => h + (by * span) / feet) };
  }
  if (plan.kind === 'droop') {
    const [first = 0, second = 1] = plan.bolts.map((b) => b.x);
    const tilt = by / (second - first);
    // Raising the bolt behind lowers the head, the one in front lifts it; the root itself is at nought.
    const { height, tilt: old, sag } = state.arm;
    const share = (0 - first) / (second - first);
    return {
      ...state,
      arm:
        bolt === 0
          ? { height: height + by * (1 - share), tilt: old - tilt, sag }
          : { height: height + by * share, tilt: old + tilt, sag },
    };
  }
  return side(state, plan, bolt, by);
};

const side: Act = (state, plan, bolt, by) => ({
  ...state,
  rails: byKey(state.rails, plan.key, (r) => ({ ...r, by: changed(r.by, bolt, (v) => v + by) })),
});

/** Turns a plate: of the spindle where it is tram, else of the whole plunge axis. */
const turned =
  (which: 'right' | 'back', sign: 1 | -1): Act =>
  (state, plan, _bolt, by) => {
    const part = plan.kind === 'tram' ? 'spindle' : 'plunge';
    const lean = state[part];
    return { ...state, [part]: { ...lean, [which]: lean[which] + (sign * by) / (plan.sizes.mount ?? 1) } };
  };

const post =
  (way: 'along' | 'across'): Act =>
  (state, plan, bolt, by) => ({
    ...state,
    posts: changed(state.posts, bolt, (p) => ({ ...p, [way]: p[way] + by / (plan.sizes.lift ?? 1) })),
  });

const far =
  (way: 'up' | 'side'): Act =>
  (state, plan, _bolt, by) => ({
    ...state,
    screws: byKey(state.screws, plan.axis ?? '', (s) => ({
      ...s,
      // The near bearing stays; the middle goes half as far.
      [way]: s[way].map((v, i) => v + (by * i) / 2),
    })),
  });

const pulled = (state: WholeState, plan: SheetPlan, bolt: number, pull: number): WholeState => ({
  ...state,
  belts: byKey(state.belts, plan.axis ?? '', (l) => changed(l, bolt, () => pull)),
});

const toTone: Act = (state, plan, bolt, by) => {
  const { span = 1, mass = 1 } = plan.sizes;
  return pulled(state, plan, bolt, 4 * mass * span * span * by * by);
};

/** A chain until it sags so, a belt until it gives so under its weight. */
const toHang: Act = (state, plan, bolt, by) => {
  if (plan.kind === 'chain')
    return { ...state, chains: byKey(state.chains, plan.axis ?? '', (l) => changed(l, bolt, () => by)) };
  const { span = 1, weight = 1 } = plan.sizes;
  return pulled(state, plan, bolt, (weight * span) / (4 * by));
};

const GRID = [0, 0.5, 1];

/** The machine cuts its own table: it then lies as the tool goes. */
const skim: Act = (state, _plan, _bolt, by) => ({
  ...state,
  table: null,
  skimmed: GRID.flatMap((u) => GRID.map((v) => gantryAt(state, u, v) - by + lowest(state))),
});

/** Least of the table over the tool's way before it is cut. */
const lowest = (state: WholeState): number =>
  Math.min(...GRID.flatMap((u) => GRID.map((v) => tableAt(state, u, v) - gantryAt(state, u, v))));

const acts: Readonly<Record<SheetMove['kind'], Act>> = {
  shim,
  side,
  raise: (state, _plan, bolt, by) => ({ ...state, corners: changed(state.corners, bolt, (h) => h + by) }),
  // The end at the larger y goes along the bed: less of it is less than a right angle.
  home: (state, plan, _bolt, by) => ({ ...state, out: state.out + by / (plan.sizes.span ?? 1) }),
  end: (state, plan, _bolt, by) => ({ ...state, out: state.out + by / (plan.sizes.span ?? 1) }),
  'top-shim': turned('back', -1),
  'bottom-shim': turned('back', 1),
  'turn-left': turned('right', -1),
  'turn-right': turned('right', 1),
  'top-along': post('along'),
  'top-across': post('across'),
  'turn-screw': (state, _plan, bolt, by) => ({ ...state, step: changed(state.step, bolt, (h) => h + by) }),
  mesh: (state, plan, _bolt, by) => {
    const { pressure = 0.35, helix = 0 } = plan.sizes;
    const play = (2 * Math.tan(pressure) * by) / Math.cos(helix);
    return {
      ...state,
      meshes: byKey(state.meshes, plan.axis ?? '', (m) => ({ ...m, play: m.play + play })),
    };
  },
  'far-up': far('up'),
  'far-side': far('side'),
  tone: toTone,
  hang: toHang,
  tap: (state, plan, bolt, by) => ({
    ...state,
    // Twice of what the shaft is pushed over goes off its swing.
    runouts: byKey(state.runouts, plan.axis ?? '', (l) => changed(l, bolt, (v) => Math.abs(v - 2 * by))),
  }),
  skim,
};

/** Nobody moves a bolt as told: so much is off by its share, and besides, m. */
const OFF_SHARE = 0.03;
const OFF = 3e-6;

/**
 * A machine after moves that its builder made by hand.
 * @param dice of the hand; every move is a little off, a wanted tone or sag by its share alone.
 */
export function movedBy(
  state: WholeState,
  plan: SheetPlan,
  moves: readonly SheetMove[],
  dice: Dice,
): WholeState {
  return moves.reduce((now, { kind, bolt, by }) => {
    const share = by * (1 + OFF_SHARE * normalOf(dice));
    const made = kind === 'tone' || kind === 'hang' ? share : share + OFF * normalOf(dice);
    return acts[kind](now, plan, bolt ?? 0, made);
  }, state);
}
