import { describe, expect, it } from 'vitest';
import { instrumentOf } from '@/core/metrology';
import { type InstrumentKind, startingTrial, type TrialEntry } from '@/core/model';
import { chance, SEED } from '@test/helpers/chance';
import { CASES, covered, even, LEAST_COVER, MOST_COVER, normal } from '@test/helpers/errors';
import { homes } from '@test/helpers/trials';
import { groundsOf, type TrialPlan, trialPlans, trialRead, type TrialRow, workTrial } from '.';

const grounds = groundsOf(homes);
const plans = trialPlans(homes, grounds);
const planOf = (key: string) => plans.find((p) => p.key === key)!;

/** Truth of a cell by its row and column. */
type Truth = (row: TrialRow, column: string | null) => number;

interface Case {
  readonly key: string;
  readonly figure: string;
  /** What the figure really is, and what each cell really holds. */
  readonly draw: () => { readonly truth: number; readonly cell: Truth };
  readonly instrument: InstrumentKind;
  /** Whether an instrument errs alike all through a record, as a scale does that is set too high. */
  readonly alike: boolean;
}

const dice = chance(SEED + 77);
const some = (low: number, high: number) => low + (high - low) * dice.next();

/** A record as an instrument that errs shows it. */
function recordOf(plan: TrialPlan, kind: InstrumentKind, alike: boolean, cell: Truth): TrialEntry[] {
  const { digit, limit, reads } = instrumentOf(kind);
  // Out of all instruments whose standard uncertainty is as it is taken.
  const own = (limit(0) / Math.sqrt(3)) * normal(dice);
  const shown = (row: TrialRow, truth: number) => {
    // The radius is asked, not read.
    if (row.of !== reads || row.id === 'radius' || row.id === 'asked') return truth;
    const seen = truth + (alike ? own : even(dice, limit(0)));
    return Math.round(seen / digit) * digit;
  };
  const entry = (id: string, row: TrialRow, column: string | null): TrialEntry => ({
    cell: id,
    typed: '',
    value: shown(row, cell(row, column)),
    at: row.at?.value ?? null,
  });
  return [
    ...plan.fields.map((r) => entry(r.id, r, null)),
    ...plan.columns.flatMap((c) => plan.rows.map((r) => entry(`${r.id}/${c}`, r, c))),
  ];
}

function coverOf({ key, figure, draw, instrument, alike }: Case): number {
  const plan = planOf(key);
  return covered(CASES, () => {
    const { truth, cell } = draw();
    const entries = recordOf(plan, instrument, alike, cell);
    const said = { ...startingTrial('r', key, ''), instrument, temperature: 20, entries };
    const found = workTrial(trialRead(plan, said, homes, grounds)).figures.find((f) => f.id === figure)!;
    return { value: found.value, truth, expanded: found.expanded! };
  });
}

/** An indicator that is set to nought is read there too, to its digit. */
const NOUGHT = () => even(dice, 5e-6);

const RADIUS = planOf('circle').fields[0]!.at!.value;

/** A push: stretch beyond friction, loading through the fifth row of a side, and half of the play. */
const pushed =
  (stiffness: number, play: number, friction: number): Truth =>
  ({ at, id }) => {
    const force = at!.value;
    const way = Number(id.split('-')[1]) <= 5 ? 1 : -1;
    const pull = Math.abs(force) - way * friction;
    return Math.sign(force) * (Math.max(0, pull) / stiffness + play / 2);
  };

const cases: readonly Case[] = [
  {
    key: 'links:gantry',
    figure: 'lost-motion',
    instrument: 'dial',
    alike: false,
    draw: () => {
      const play = some(1e-4, 4e-4);
      return { truth: play, cell: () => play + NOUGHT() };
    },
  },
  {
    key: 'slow:gantry',
    figure: 'first-move',
    instrument: 'dial',
    alike: false,
    draw: () => {
      const off = some(-0.05, 0.05);
      return { truth: off, cell: () => 0.005 * (1 + off) + NOUGHT() };
    },
  },
  {
    key: 'plan-speed:gantry',
    figure: 'shift',
    instrument: 'dial',
    alike: false,
    draw: () => {
      const shift = some(-2e-4, 2e-4);
      return { truth: shift, cell: () => shift + NOUGHT() };
    },
  },
  {
    key: 'homing:gantry',
    figure: 'comes-back',
    instrument: 'lever-dial',
    alike: true,
    draw: () => {
      const scatter = some(3e-5, 1e-4);
      return { truth: 4 * scatter, cell: () => scatter * normal(dice) };
    },
  },
  {
    key: 'pull:gantry',
    figure: 'drag',
    instrument: 'scale',
    alike: true,
    draw: () => {
      const drag = some(15, 40);
      return { truth: drag, cell: () => drag };
    },
  },
  {
    key: 'tap:gantry',
    figure: 'ring',
    instrument: 'tone',
    alike: false,
    draw: () => {
      const ring = some(30, 80);
      return { truth: ring, cell: ({ id }) => (id === 'ring' ? ring : 1) };
    },
  },
  ...(['stiffness', 'play', 'friction'] as const).map((figure) => ({
    key: 'push:gantry',
    figure,
    instrument: 'lever-dial' as const,
    alike: false,
    draw: () => {
      const [stiffness, play, friction] = [some(4e6, 9e6), some(5e-5, 1.5e-4), some(15, 30)];
      return { truth: { stiffness, play, friction }[figure], cell: pushed(stiffness, play, friction) };
    },
  })),
  {
    key: 'warm-up:gantry',
    figure: 'growth',
    instrument: 'lever-dial',
    alike: false,
    draw: () => {
      const [growth, tau] = [some(5e-5, 2e-4), some(400, 1000)];
      return {
        truth: growth,
        cell: ({ at }) => growth * (1 - Math.exp(-at!.value / tau)) + even(dice, 1e-6),
      };
    },
  },
  {
    key: 'disc',
    figure: 'gamma',
    instrument: 'caliper',
    alike: false,
    draw: () => {
      const gamma = some(-1e-3, 1e-3);
      return {
        truth: gamma,
        cell: ({ at, id }) => (id === 'asked' ? 0.1 : 0.1 * (1 + (gamma * Math.sin(2 * at!.value)) / 2)),
      };
    },
  },
  {
    key: 'circle',
    figure: 'gamma',
    instrument: 'lever-dial',
    alike: false,
    draw: () => {
      const gamma = some(-1e-3, 1e-3);
      return {
        truth: gamma,
        cell: ({ at, id }) => (id === 'radius' ? at!.value : RADIUS * (gamma / 2) * Math.sin(2 * at!.value)),
      };
    },
  },
];

describe('stated intervals of trials hold the truth as often as they say', () => {
  it.each(cases)('$key: $figure', (one) => {
    const share = coverOf(one);
    expect(share).toBeGreaterThan(LEAST_COVER);
    expect(share).toBeLessThanOrEqual(MOST_COVER);
  });
});
