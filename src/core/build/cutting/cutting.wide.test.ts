import { describe, expect, it } from 'vitest';
import { chance, SEED, WIDE } from '@test/helpers/chance';
import { type Bar, type BarForm, type CutPiece, follow, type Job, leastCost, planCuts } from '.';
import { filled } from './filling';

/*
 * Another way to the same answer, as plainly as it can be written: every piece on every bar in every order,
 * one after another. It knows nothing of choices, ends that decide, or alike pieces.
 */
function bruteForce(job: Job): number {
  const { form, saw, pieces, remnants } = job;
  const bars = job.bars.flatMap((b) => Array.from({ length: b.count ?? pieces.length }, () => b));
  const open: { end: number | null }[] = bars.map(() => ({ end: null }));
  let best = Infinity;
  const costOf = (i: number) => {
    const { end } = open[i]!;
    const { length, sawn, price } = bars[i]!;
    const whole = sawn === null ? length : length - sawn - saw.kerf;
    if (end === null) return 0;
    const rest = Math.max(0, length - end - saw.kerf);
    const back = rest + 1e-9 >= remnants.keep ? (remnants.worth * price! * rest) / whole : 0;
    return price! - back;
  };
  const seat = (left: readonly CutPiece[], from: number) => {
    if (!left.length) {
      best = Math.min(
        best,
        bars.reduce((s, _, i) => s + costOf(i), 0),
      );
      return;
    }
    // Bars are filled one after another, so that no filling is looked at twice; every order on each.
    for (let i = from; i < bars.length; i++) {
      // Of two bars of one kind the first is taken first: the other way round is the same.
      if (i > from && bars[i] === bars[i - 1] && open[i - 1]!.end === null) continue;
      left.forEach((piece, k) => {
        const was = open[i]!.end;
        const at = follow(bars[i]!, form, saw, was, piece);
        if (!at) return;
        open[i]!.end = at.end;
        seat([...left.slice(0, k), ...left.slice(k + 1)], i);
        open[i]!.end = was;
      });
    }
  };
  seat(pieces, 0);
  return best;
}

const draw = (seed: number): Job => {
  const { next, pick } = chance(seed);
  const between = (a: number, b: number) => a + (b - a) * next();
  const chanceOf = (p: number) => next() < p;
  const form = pick<BarForm>([
    { kind: 'plain' },
    { kind: 'plain' },
    { kind: 'mitred', height: 0.04 },
    { kind: 'toothed', pitch: 0.005, gap: 0.0025 },
    { kind: 'holed', pitch: 0.06, clear: 0.008, tolerance: 0.0005 },
  ]);
  const lengths = Array.from({ length: 3 }, () => Math.round(between(40, 240)) / 200);
  const bars = Array.from({ length: pick([1, 2]) }, (_, i): Bar => ({
    id: `bar ${i}`,
    length: pick([1.5, 2, 2.4, 3]),
    price: Math.round(between(5, 30)),
    count: null,
    sawn: null,
    firstHole: 0.02,
  }));
  const offcut: Bar = { ...bars[0]!, id: 'offcut', length: 1.1, price: 2, count: 1, sawn: 0.1 };
  return {
    form,
    saw: { kerf: pick([0.001, 0.003, 0.0035]), squared: pick([0, 0.01]), stub: pick([0, 0, 0.05]) },
    bars: chanceOf(0.5) ? [...bars, offcut] : bars,
    pieces: Array.from({ length: pick([3, 4, 5, 6]) }, (_, i) => ({
      id: `p${i}`,
      length: pick(lengths),
      first: form.kind === 'holed' && chanceOf(0.4) ? 'free' : null,
    })),
    remnants: { keep: 0.3, worth: pick([0, 0.5, 1]) },
  };
};

describe('the cheapest way to cut', () => {
  it(`is that of a search through every order on every bar, ${200 * WIDE} times`, () => {
    for (let i = 0; i < 200 * WIDE; i++) {
      const job = draw(SEED + i);
      const plan = planCuts(job);
      const possible = { ...job, pieces: job.pieces.filter((p) => !plan.impossible.includes(p)) };
      if (!possible.pieces.length) continue;
      const best = bruteForce(possible);
      const at = `seed ${SEED + i}`;
      expect(plan.proved, at).toBe(true);
      expect(plan.cost, at).toBeCloseTo(best, 9);
      // What only bounds it never lies above it, and what only comes near never below.
      expect(leastCost(possible, false), at).toBeLessThanOrEqual(best + 1e-9);
      const near = filled(possible, false);
      expect(
        near.bars.reduce((s, b) => s + b.cost, 0),
        at,
      ).toBeGreaterThanOrEqual(best - 1e-9);
    }
  });
  it('has every piece once, none over another, none past its bar, of large sets too', () => {
    for (let i = 0; i < 12 * WIDE; i++) {
      const small = draw(SEED + 1000 + i);
      const { pick, next } = chance(SEED + i);
      const job: Job = {
        ...small,
        pieces: Array.from({ length: pick([20, 60, 120]) }, (_, k) => ({
          id: `p${k}`,
          length: Math.round(200 + 900 * next()) / 1000,
          first: null,
        })),
      };
      const { bars, impossible, missing, cost, least, proved } = planCuts(job);
      const at = `seed ${SEED + i}`;
      const ids = [...bars.flatMap((b) => b.pieces.map((p) => p.piece)), ...impossible, ...missing];
      expect(ids.map((p) => p.id).sort(), at).toEqual(job.pieces.map((p) => p.id).sort());
      expect(least, at).toBeLessThanOrEqual(cost + 1e-9);
      if (proved) expect(cost, at).toBeCloseTo(least, 6);
      const lap = job.form.kind === 'mitred' ? job.form.height : 0;
      for (const { bar, pieces } of bars)
        pieces.forEach(({ start, end }, k) => {
          expect(start, at).toBeGreaterThanOrEqual((pieces[k - 1]?.end ?? bar.sawn ?? 0) - lap - 1e-9);
          expect(end, at).toBeLessThanOrEqual(bar.length + 1e-9);
        });
    }
  });
});
