import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { atLeast, atMost, type Checked, severity } from '@/core/findings';
import type { Edit, Plain } from '@/core/model';
import { type Bench, defineCheck, findingsOf, judge } from '.';

/** A shelf: what it bears, what lies on it, how far it reaches. The engine knows nothing of axes. */
interface Shelf {
  readonly bears: number;
  readonly load: number;
  readonly reach: number;
}

const set = (path: string, value: number): Edit => ({ path, value: value as Plain });
const offer = (code: string, edits: readonly Edit[], params = {}) => ({ code, params, edits });

const bearing = (s: Shelf) =>
  atLeast({ code: 'bears', path: 'bears', kind: 'mass', have: s.bears, need: s.load });

const bears = defineCheck({
  code: 'bears',
  scope: 'axis',
  judge: bearing,
  candidates: (shelf: Shelf) => [
    offer('thicker', [set('bears', shelf.load * 2)]),
    offer('much-thicker', [set('bears', shelf.load * 4)]),
    offer('less', [set('load', shelf.bears / 2)], {}),
    { ...offer('wish-for-less', [set('load', shelf.bears / 3)]), resigned: true },
    offer('nothing-helps', [set('load', shelf.load)]),
    offer('breaks-the-other', [set('bears', shelf.load * 3), set('reach', 9)]),
    offer('against-the-rules', [set('bears', -1)]),
    offer('no-edit', []),
  ],
});
const reaches = defineCheck({
  code: 'reaches',
  scope: 'axis',
  judge: (s: Shelf) => atMost({ code: 'reaches', path: 'reach', kind: 'length', have: s.reach, need: 2 }),
});

function benchOf(subject: Shelf, over: Partial<Bench<Shelf, 'bears' | 'reaches'>> = {}) {
  const checks = [bears, reaches] as const;
  return {
    checks,
    subject,
    outcomes: judge<Shelf, 'bears' | 'reaches'>(checks, subject),
    change: (shelf: Shelf, edits: readonly Edit[]) => {
      const next = edits.reduce((s, e) => ({ ...s, [e.path]: e.value }), shelf);
      return next.bears < 0 ? undefined : next;
    },
    stored: (edits: readonly Edit[]) => edits.map((e) => ({ ...e, path: `shelves.3.${e.path}` })),
    root: 'shelves.3.',
    axisId: 'third',
    most: 9,
    ...over,
  } satisfies Bench<Shelf, 'bears' | 'reaches'>;
}

describe('the engine that finds and tries', () => {
  const weak: Shelf = { bears: 5, load: 10, reach: 1 };
  const [finding] = findingsOf(benchOf(weak), true);
  it('finds what does not hold, the worst first, with its place from the root', () => {
    expect(finding).toMatchObject({
      code: 'bears',
      verdict: 'gives-out',
      path: 'shelves.3.bears',
      axisId: 'third',
    });
    const both = findingsOf(benchOf({ bears: 10.5, load: 10, reach: 5 }), false);
    expect(both.map((f) => [f.code, f.verdict])).toEqual([
      ['reaches', 'gives-out'],
      ['bears', 'thin'],
    ]);
    expect(both.every((f) => f.remedies.length === 0)).toBe(true);
    expect(findingsOf(benchOf({ bears: 50, load: 10, reach: 1 }), true)).toEqual([]);
  });
  it('offers only what can be made and helps, and says what it becomes of what is stored', () => {
    const codes = finding!.remedies.map((r) => r.code);
    for (const code of ['nothing-helps', 'against-the-rules', 'no-edit']) expect(codes).not.toContain(code);
    const thicker = finding!.remedies.find((r) => r.code === 'thicker')!;
    expect(thicker).toMatchObject({
      edits: [{ path: 'shelves.3.bears', value: 20 }],
      becomes: 20,
      verdict: 'holds',
      wholeVerdict: 'holds',
      breaks: [],
    });
  });
  it('a change that breaks another check stands behind and names it; a wish stands last', () => {
    // What breaks another check makes the whole no better than it was: it is offered as long as it is no
    // worse.
    const codes = finding!.remedies.map((r) => r.code);
    expect(codes.at(-1)).toBe('wish-for-less');
    expect(codes.indexOf('breaks-the-other')).toBe(codes.length - 2);
    expect(finding!.remedies.find((r) => r.code === 'breaks-the-other')!.breaks).toEqual(['reaches']);
  });
  it('never makes the whole worse for the sake of one check', () => {
    const thin: Shelf = { bears: 11, load: 10, reach: 1 };
    const [found] = findingsOf(benchOf(thin), true);
    expect(found!.verdict).toBe('thin');
    expect(found!.remedies.map((r) => r.code)).not.toContain('breaks-the-other');
  });
  it('the farther of two ways out comes first, as far as that is asked for; no more than are wanted', () => {
    const reach = { of: (s: Shelf) => s.bears, asked: 1000 };
    const [far] = findingsOf(benchOf(weak, { reach, most: 2 }), true);
    expect(far!.remedies.map((r) => [r.code, r.reach])).toEqual([
      ['much-thicker', 40],
      ['thicker', 20],
    ]);
  });
  it('offers what mends by however little, and nothing that leaves verdict and figure as they were', () => {
    const stepped = (to: number) =>
      defineCheck({ ...bears, candidates: () => [offer('step', [set('bears', to)])] });
    const offered = (now: number, to: number) => {
      const checks = [stepped(to)];
      const subject = { bears: now, load: 10, reach: 1 };
      const bench = { ...benchOf(subject), checks, outcomes: judge<Shelf, 'bears'>(checks, subject) };
      return findingsOf<Shelf, 'bears'>(bench, true)[0]!.remedies.length;
    };
    // From 9.99 to 10.01 is two thousandths, and turns it from giving out to thin.
    expect(offered(9.99, 10.01)).toBe(1);
    // Still giving out: five hundredths are no help, a fifth is.
    expect([offered(5, 5.25), offered(5, 6)]).toEqual([0, 1]);
    // Short by a hundred thousandfold: a fifth more is no help, ten times as much is.
    expect([offered(1e-4, 1.2e-4), offered(1e-4, 1e-3)]).toEqual([0, 1]);
    // A figure that is 0 before and after shows nothing, however much its margin grows.
    const hidden = defineCheck({
      ...bears,
      judge: (s: Shelf) => ({ ...bearing({ ...s, bears: 0 }), margin: s.bears / s.load - 1 }),
      candidates: () => [offer('step', [set('bears', 8)])],
    });
    const checks = [hidden];
    const subject = { bears: 5, load: 10, reach: 1 };
    const outcomes = judge<Shelf, 'bears'>(checks, subject);
    expect(outcomes[0]!.margin).toBe(-0.5);
    expect(findingsOf<Shelf, 'bears'>({ ...benchOf(subject), checks, outcomes }, true)[0]!.remedies).toEqual(
      [],
    );
  });
  it('what else falls is named too', () => {
    const aside = (s: Shelf) => (s.bears > 30 ? ['lintel'] : []);
    const [found] = findingsOf(benchOf(weak, { aside }), true);
    expect(found!.remedies.find((r) => r.code === 'much-thicker')!.breaks).toEqual(['lintel']);
  });
  it('outcomes of one check about several things are kept apart', () => {
    const each = defineCheck({
      code: 'bears',
      scope: 'axis',
      judge: (s: Shelf): Checked<'bears'>[] =>
        ['left', 'right'].map((about, i) =>
          atLeast({ code: 'bears', path: about, kind: 'mass', have: s.bears + 10 * i, need: s.load, about }),
        ),
    });
    const checks = [each];
    const bench = { ...benchOf(weak), checks, outcomes: judge<Shelf, 'bears'>(checks, weak) };
    expect(findingsOf<Shelf, 'bears'>(bench, true).map((f) => f.about)).toEqual(['left']);
  });
});

describe('the best of many candidates', () => {
  /** A shelf with two more checks; candidates set all three figures anywhere. */
  const draws = fc.array(
    fc.record({
      kind: fc.constantFrom('a', 'b', 'c', 'd'),
      bears: fc.integer({ min: 1, max: 24 }),
      reach: fc.constantFrom(1, 1.9, 3),
      resigned: fc.boolean(),
    }),
    { maxLength: 14 },
  );
  it('is what asking every check of every candidate finds, in the same order', () => {
    fc.assert(
      fc.property(draws, fc.constantFrom(1, 3), (list, reach) => {
        const tries = list.map(({ kind, resigned, ...to }) => ({
          ...offer(kind, [set('bears', to.bears), set('reach', to.reach)]),
          resigned,
        }));
        const checks = [{ ...bears, candidates: () => tries }, reaches] as const;
        const subject = { bears: 5, load: 10, reach };
        const speed = (s: Shelf) => s.bears;
        const bench = { ...benchOf(subject, { checks, reach: { of: speed, asked: 12 }, most: 3 }) };
        const found = findingsOf(bench, true).find((f) => f.code === 'bears')!;
        /** Without a short way: each alone is a list of one, and the lists are put into one order. */
        const alone = tries.flatMap((one) => {
          const only = [{ ...bears, candidates: () => [one] }, reaches] as const;
          const [remedy] = findingsOf({ ...bench, checks: only }, true).find(
            (f) => f.code === 'bears',
          )!.remedies;
          return remedy ? [{ remedy, resigned: one.resigned }] : [];
        });
        const order = (x: (typeof alone)[number]) => [
          Number(x.resigned),
          severity[x.remedy.verdict],
          x.remedy.breaks.length,
          severity[x.remedy.wholeVerdict],
          -Math.min(x.remedy.reach!, 12),
        ];
        const sorted = [...alone].sort((a, b) => {
          const [p, q] = [order(a), order(b)];
          const i = p.findIndex((v, n) => v !== q[n]);
          return i < 0 ? 0 : p[i]! - q[i]!;
        });
        const best = sorted.filter((x, i) => sorted.findIndex((y) => y.remedy.code === x.remedy.code) === i);
        const worth = (x: { remedy: (typeof found.remedies)[number] }) => [
          x.remedy.verdict,
          x.remedy.breaks.length,
          x.remedy.wholeVerdict,
          Math.min(x.remedy.reach!, 12),
        ];
        expect(found.remedies.map((remedy) => worth({ remedy }))).toEqual(best.slice(0, 3).map(worth));
      }),
      { numRuns: 300 },
    );
  });
});
