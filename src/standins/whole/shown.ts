import type { Cell, SheetMethod, SheetPlan } from '@/core/prove';
import { frameAt, gantryAt, headLean, type MeshState, railAt, tableAt, type WholeState } from './state';

/** What an instrument that never errs shows at a place of a sheet; SI. */
type Show = (state: WholeState, plan: SheetPlan, cell: Cell, method: SheetMethod) => number;

/** Bow of an edge: nothing at its ends. */
const edgeAt = (bow: number, t: number) => bow * 4 * t * (1 - t);

const lineOf = (state: WholeState, plan: SheetPlan, x: number): number => {
  const rail = state.rails[plan.key];
  return rail ? railAt(rail, x) : 0;
};

const straight: Show = (state, plan, { index, x, turned }, method) => {
  const place = x ?? 0;
  const t = place / (plan.sizes.length ?? 1);
  const h = lineOf(state, plan, place);
  if (method.id === 'level') {
    const [a, b] = [plan.places[index - 1]!, plan.places[index]!];
    return (lineOf(state, plan, b.x) - lineOf(state, plan, a.x)) / (b.x - a.x);
  }
  if (method.id === 'edge-turned') return h + (turned ? -1 : 1) * edgeAt(state.edge, t);
  return h + (method.id === 'edge' ? edgeAt(state.edge, t) : 0);
};

const parallel: Show = (state, plan, { x }, method) => {
  const place = x ?? 0;
  const other = state.rails[plan.reference ?? ''];
  const apart = lineOf(state, plan, place) - (other ? railAt(other, place) : 0);
  if (plan.key.endsWith('/height')) {
    const u = place / (plan.sizes.length ?? 1);
    const frame = plan.key === 'rail-b/height' ? frameAt(state, u, 1) - frameAt(state, u, 0) : 0;
    return apart + frame;
  }
  if (method.id === 'bridge') return -apart;
  const { posts } = state;
  const lean = plan.key === 'posts/apart' ? ((posts[1]?.across ?? 0) - (posts[0]?.across ?? 0)) * place : 0;
  return (plan.sizes.span ?? 1) + apart + lean;
};

const corners: Show = ({ corners: h }, plan, { index }, method) => {
  if (method.id !== 'level') return h[index]!;
  const { length = 1, width = 1 } = plan.sizes;
  const [a, b, c, d] = h as [number, number, number, number];
  return [(b - a) / length, (c - b) / width, (c - d) / length, (d - a) / width][index]!;
};

/** Six lengths of a rectangle whose sides make less than a right angle. */
function squareLengths(out: number, { along = 1, across = 1 }: SheetPlan['sizes']) {
  const diagonal = (sign: 1 | -1) =>
    Math.sqrt(along ** 2 + across ** 2 + sign * 2 * along * across * Math.sin(out));
  return { along, across, rising: diagonal(1), falling: diagonal(-1) };
}

const square: Show = (state, plan, { name }) => {
  const of = squareLengths(state.out, plan.sizes);
  const { across = 1 } = plan.sizes;
  const lengths: Readonly<Record<string, number>> = {
    near: of.along,
    far: of.along,
    right: of.across,
    left: of.across,
    rising: of.rising,
    falling: of.falling,
    along: of.along,
    across: of.across,
    third: of.falling,
    'blade-near': 0,
    'turned-near': 0,
    'blade-far': (state.out - state.blade) * across,
    'turned-far': (state.out + state.blade) * across,
  };
  return lengths[name ?? ''] ?? 0;
};

const ends: Show = (state, plan, { index }) => {
  const { length = 1, span = 1 } = plan.sizes;
  const place = plan.places[index]!;
  const [u, v] = [place.x / length, place.y / span];
  // The plunger is pushed in where the gantry is low.
  return tableAt(state, u, v) - gantryAt(state, u, v);
};

const lean: Show = (state, plan, { name, turned }) => {
  const { height = 1, width = 1 } = plan.sizes;
  const { right, back } = headLean(state, width);
  const own = (name ?? '').startsWith('across') ? right : back;
  return (name ?? '').endsWith('high') ? (own + (turned ? -1 : 1) * state.blade) * height : 0;
};

const droop: Show = ({ arm }, plan, { x }) => {
  const place = x ?? 0;
  const { reach = 1 } = plan.sizes;
  const sag = arm.sag * (place / reach) ** 2 * (3 - place / reach) * 0.5;
  // The plunger is pushed in where the head is low.
  return -(arm.height + arm.tilt * place - sag);
};

const tram: Show = (state, plan, { name }) => {
  const { radius = 0.1, width = 1 } = plan.sizes;
  const head = headLean(state, width);
  const [right, back] = [head.right + state.spindle.right, head.back + state.spindle.back];
  const sign = name === 'right' || name === 'back' ? 1 : -1;
  return sign * radius * (name === 'right' || name === 'left' ? right : back);
};

const flat: Show = (state, plan, { index }) => {
  const { length = 1, width = 1 } = plan.sizes;
  const place = plan.places[index]!;
  const [u, v] = [place.x / length, place.y / width];
  return tableAt(state, u, v) - gantryAt(state, u, v);
};

const upright: Show = ({ posts }, plan, { index }, method) => {
  const place = plan.places[index]!;
  const post = posts[place.x]!;
  const slope = place.y === 0 ? post.along : post.across;
  return method.id === 'level' ? slope : slope * (plan.sizes.lift ?? 1);
};

const inStep: Show = ({ step, gains }, plan, { index }) => {
  const place = plan.places[index]!;
  return -(step[place.x]! + (place.y === 1 ? gains[place.x]! : 0));
};

const screw: Show = ({ screws }, plan, { index }) => {
  const made = screws[plan.axis ?? ''];
  return made ? [...made.up, ...made.side][index]! : 0;
};

/** Play of a mesh at a place. */
export const playAt = ({ play, slope, wave, phase, turn, joint, at }: MeshState, x: number): number =>
  Math.max(0, play + slope * x + wave * Math.cos((2 * Math.PI * x) / turn + phase) + (x > at ? joint : 0));

const mesh: Show = ({ meshes }, plan, { x }) => {
  const made = meshes[plan.axis ?? ''];
  return made ? playAt(made, x ?? 0) : 0;
};

const belt: Show = ({ belts }, plan, { index }, method) => {
  const pull = belts[plan.axis ?? '']?.[index] ?? 0;
  const { span = 1, mass = 1, weight = 1 } = plan.sizes;
  return method.id === 'weight'
    ? (weight * span) / (4 * Math.max(pull, 1e-3))
    : Math.sqrt(pull / mass) / (2 * span);
};

const shows: Readonly<Record<SheetPlan['kind'], Show>> = {
  straight,
  parallel,
  corners,
  square,
  ends,
  lean,
  droop,
  tram,
  flat,
  upright,
  'in-step': inStep,
  screw,
  mesh,
  belt,
  chain: ({ chains }, plan, { index }) => chains[plan.axis ?? '']?.[index] ?? 0,
  runout: ({ runouts }, plan, { index }) => runouts[plan.axis ?? '']?.[index] ?? 0,
};

/** What an instrument that never errs shows at a place of a sheet; SI. */
export const shownAt: Show = (state, plan, cell, method) => shows[plan.kind](state, plan, cell, method);
