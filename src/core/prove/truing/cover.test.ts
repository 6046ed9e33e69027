import { describe, expect, it } from 'vitest';
import { instrumentOf } from '@/core/metrology';
import type { Project, RoundSaid } from '@/core/model';
import { chance, SEED } from '@test/helpers/chance';
import { CASES, covered, even, LEAST_COVER, MOST_COVER, normal } from '@test/helpers/errors';
import { kayak, scenery } from '@test/helpers/trials';
import { machineOf } from '@test/helpers/true-up';
import { cellsOf, exactRound, type SheetPlan, truingPlan } from '.';
import { readOf } from './readings';
import { workSheet } from './work';

const lifted = machineOf('lifted-two');
const dice = chance(SEED + 31);

interface Case {
  readonly of: Project;
  readonly key: string;
  readonly method: string;
  readonly figure: string;
  /** What its cells really hold, in their order. */
  readonly truth: (plan: SheetPlan) => readonly number[];
}

/** So many figures about a middle, so far off it at most. */
const about = (count: number, middle: number, off: number) =>
  Array.from({ length: count }, () => middle + even(dice, off));

const cases: readonly Case[] = [
  {
    of: kayak,
    key: 'mesh:bed',
    method: 'push',
    figure: 'tightest',
    // A slope, so that the tightest place is one and the same.
    truth: ({ places }) => {
      const [least, slope] = [3e-5 + even(dice, 1e-5), 4e-4];
      return places.map((p) => least + slope * p.x);
    },
  },
  {
    of: kayak,
    key: 'screw:gantry',
    method: 'dial',
    figure: 'height',
    truth: () => [0, 1e-4 + even(dice, 2e-5), 3e-4 + even(dice, 1e-4), 0, 1e-4, 2e-4],
  },
  {
    of: kayak,
    key: 'runout:gantry',
    method: 'swing',
    figure: 'near',
    truth: () => about(2, 2e-4, 1e-4),
  },
  {
    of: scenery,
    key: 'arm/droop',
    method: 'dial',
    figure: 'drop',
    truth: ({ places }) => {
      const tilt = even(dice, 5e-4);
      return places.map((p) => tilt * p.x);
    },
  },
  {
    of: scenery,
    key: 'belt:arm',
    method: 'weight',
    figure: 'pull-1',
    truth: ({ places }) => about(places.length, 0.03, 0.01),
  },
  {
    of: scenery,
    key: 'belt:arm',
    method: 'tone',
    figure: 'pull-1',
    truth: ({ places }) => about(places.length, 60, 20),
  },
  {
    of: scenery,
    key: 'chain:bed',
    method: 'sag',
    figure: 'sag-1',
    truth: ({ places }) => about(places.length, 0.06, 0.02),
  },
  {
    of: lifted,
    key: 'posts/upright',
    method: 'level',
    figure: 'post-1-along',
    truth: ({ places }) => about(places.length, 0, 2e-3),
  },
  {
    of: lifted,
    key: 'posts/upright',
    method: 'plumb',
    figure: 'post-2-across',
    truth: ({ places }) => about(places.length, 0, 2e-3),
  },
  {
    of: lifted,
    key: 'posts/step',
    method: 'dial',
    figure: 'out-of-step',
    // One end clearly lower, so that the range is of the same two.
    truth: () => [0, 4e-4 + even(dice, 1e-4), 0, 4e-4],
  },
];

/** A round of such a truth, read by instruments whose standard uncertainty is as it is taken. */
function readRound(plan: SheetPlan, id: string, truth: readonly number[]): RoundSaid {
  const method = plan.methods.find((m) => m.id === id)!;
  const { digit, limit } = instrumentOf(method.instrument);
  const cells = cellsOf(plan, method);
  const round = exactRound(plan, method, (cell) => {
    const real = truth[cells.findIndex((c) => c.index === cell.index)]!;
    const off = (limit(0) / Math.sqrt(3)) * normal(dice);
    return Math.round((real + off) / digit) * digit;
  });
  return { ...round, digit, limit: limit(0) };
}

describe('stated intervals of sheets hold the truth as often as they say', () => {
  it.each(cases)('$key by $method: $figure', ({ of, key, method: id, figure, truth }) => {
    const plan = truingPlan(of).find((p) => p.key === key)!;
    const method = plan.methods.find((m) => m.id === id)!;
    const found = (round: RoundSaid) =>
      workSheet(plan, readOf(round, method.runs), id).figures.find((f) => f.id === figure)!;
    const share = covered(CASES, () => {
      const real = truth(plan);
      const cells = cellsOf(plan, method);
      const exact = exactRound(plan, method, (cell) => real[cells.findIndex((c) => c.index === cell.index)]!);
      const read = found(readRound(plan, id, real));
      return { value: read.value, truth: found(exact).value, expanded: read.expanded };
    });
    expect(share).toBeGreaterThan(LEAST_COVER);
    expect(share).toBeLessThanOrEqual(MOST_COVER);
  });
});
