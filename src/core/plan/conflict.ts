import { applyEdits, type Edit, type Project, put } from '@/core/model';
import { type Asked, filled as fill } from './asked';
import { mm, ours } from './ours';
import { ambitionOf, Planner, type PlanStep, totalOf } from './planner';
import { framesFor } from './rules';

/** Wishes that can give way. */
export const wishCodes = [
  'budget',
  'room',
  'bench',
  'power',
  'floor',
  'arrangement',
  'frame',
  'refused',
  'accuracy',
  'cut',
  'height',
  'width',
  'length',
] as const;
export type WishCode = (typeof wishCodes)[number];

/** A wish that gave way, from what to what; SI, null: it was dropped. */
export interface GivesWay {
  readonly wish: WishCode;
  readonly from: number | null;
  readonly to: number | null;
}

/** A way out: one wish or two that give way, and what the cheapest plan then costs. */
export interface WayOut {
  readonly gives: readonly GivesWay[];
  readonly money: number;
}

/** Wishes that do not go together: without any one of the ways out nothing holds. */
export interface Conflict {
  readonly ways: readonly WayOut[];
  /** How many wishes must give way at once: 1 or 2; 0: more than that. */
  readonly together: 0 | 1 | 2;
}

/** A wish made less by a factor, or dropped; undefined where nobody has said it. */
interface Softer {
  readonly wish: WishCode;
  /** Factors, the mildest first; one of 0 drops the wish. */
  readonly steps: readonly number[];
  readonly edits: (project: Project, factor: number) => readonly Edit[];
  readonly value: (project: Project) => number | null;
}

type Fill = ReturnType<typeof fill>;

const dropped = (wish: WishCode, edits: readonly Edit[], value: number | null): Softer => ({
  wish,
  steps: [0],
  edits: () => edits,
  value: () => value,
});

/** What a builder may give up, what costs least to give first. */
function softer(project: Project, { brief, wishes, accuracy }: Fill): readonly Softer[] {
  const { area, cuts, place } = brief;
  const said = project.brief;
  const shrunk = (wish: 'height' | 'width' | 'length'): Softer => ({
    wish,
    steps: [0.8, 0.6, 0.4],
    edits: (_, f) => [put(`brief.area.${wish}`, mm(area[wish].si * f))],
    value: () => area[wish].si,
  });
  const mills = cuts.some((c) => c.kind === 'mill');
  return [
    ...(wishes.refused.length ? [dropped('refused', [put('brief.wishes.refused', [])], null)] : []),
    ...(wishes.frame ? [dropped('frame', [put('brief.wishes.frame', null)], null)] : []),
    ...(wishes.arrange === 'said'
      ? [dropped('arrangement', [put('brief.wishes.arrange', 'propose')], null)]
      : []),
    ...(place.length || place.width
      ? [
          dropped(
            'room',
            [put('brief.place.length', null), put('brief.place.width', null)],
            place.length?.si ?? null,
          ),
        ]
      : []),
    ...(place.bench ? [dropped('bench', [put('brief.place.bench', null)], place.bench.si)] : []),
    ...(place.floorLoad ? [dropped('floor', [put('brief.place.floorLoad', null)], place.floorLoad.si)] : []),
    ...(said.power ? [dropped('power', [put('brief.power', null)], said.power.si)] : []),
    {
      wish: 'accuracy',
      steps: [1.5, 2, 3, 5],
      edits: (_, f) => [put('brief.accuracy', ours('length', accuracy * f * 1e3, 'mm'))],
      value: () => accuracy,
    },
    ...(mills ? [lighter(cuts)] : []),
    shrunk('height'),
    shrunk('width'),
    shrunk('length'),
  ];
}

/** All milling cuts less deep. */
function lighter(cuts: Fill['brief']['cuts']): Softer {
  const deepest = Math.max(...cuts.map((c) => (c.kind === 'mill' ? c.depth.si : 0)));
  return {
    wish: 'cut',
    steps: [0.7, 0.5, 0.3],
    edits: (_, f) => [
      put(
        'brief.cuts',
        cuts.map((c) =>
          c.kind === 'mill' ? { ...c, depth: ours('length', c.depth.si * f * 1e3, 'mm') } : c,
        ),
      ),
    ],
    value: () => deepest,
  };
}

type Steps<T> = Generator<PlanStep, T>;

/** Money of the cheapest plan with some wishes softer; null where none holds, or none for the budget. */
function* moneyWith(asked: Asked, edits: readonly Edit[], budget: number | null): Steps<number | null> {
  const project = applyEdits(asked.project, edits);
  const softened = { ...asked, project };
  const filled = fill(softened);
  const planner = new Planner(softened, filled);
  const [plan] = yield* planner.cheapest(ambitionOf(filled, 0), framesFor(filled).slice(0, 1));
  return !plan || (budget !== null && totalOf(plan) > budget) ? null : totalOf(plan);
}

const gaveWay = (s: Softer, project: Project, factor: number): GivesWay => {
  const from = s.value(project);
  return { wish: s.wish, from, to: factor === 0 || from === null ? null : from * factor };
};

/** The mildest step of a wish at which a plan holds; null: at none. */
function* mildest(asked: Asked, s: Softer, budget: number | null): Steps<WayOut | null> {
  const last = s.steps.at(-1)!;
  const most = yield* moneyWith(asked, s.edits(asked.project, last), budget);
  if (most === null) return null;
  for (const factor of s.steps.slice(0, -1)) {
    const money = yield* moneyWith(asked, s.edits(asked.project, factor), budget);
    if (money !== null) return { gives: [gaveWay(s, asked.project, factor)], money };
  }
  return { gives: [gaveWay(s, asked.project, last)], money: most };
}

/** Pairs that are looked at where no single wish helps. */
const MOST_PAIRS = 6;

/**
 * Which wishes do not go together, and what giving way on each would buy. Every single wish is tried, the
 * mildest step first found; only where none helps, pairs of them at their farthest step.
 */
export function* conflictOf(asked: Asked): Steps<Conflict> {
  const { project } = asked;
  const filled = fill(asked);
  const { budget } = filled.brief;
  const list = softer(project, filled);
  const ways: WayOut[] = [];
  if (budget !== null) {
    const money = yield* moneyWith(asked, [], null);
    if (money !== null) ways.push({ gives: [{ wish: 'budget', from: budget, to: money }], money });
  }
  for (const s of list) {
    const way = yield* mildest(asked, s, budget);
    if (way) ways.push(way);
  }
  if (ways.length) return { ways, together: 1 };
  let looked = 0;
  for (let i = 0; i < list.length; i++)
    for (let j = i + 1; j < list.length; j++) {
      if (looked++ >= MOST_PAIRS) return { ways: [], together: 0 };
      const both = [list[i]!, list[j]!];
      const edits = both.flatMap((s) => s.edits(project, s.steps.at(-1)!));
      const money = yield* moneyWith(asked, edits, null);
      if (money === null) continue;
      const gives = both.map((s) => gaveWay(s, project, s.steps.at(-1)!));
      return { ways: [{ gives, money }], together: 2 };
    }
  return { ways: [], together: 0 };
}
