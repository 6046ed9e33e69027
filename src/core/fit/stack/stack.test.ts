import fc from 'fast-check';
import { erf } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { chanceFrom, normalCdf } from '@/core/numerics';
import {
  actionFor,
  closeGap,
  countedTwice,
  drawGap,
  evened,
  evenWithNormal,
  hangTogether,
  leastPile,
  loopsOf,
  pathOf,
  type Sheets,
  type StackLink,
  standing,
  type Step,
} from '.';

const mm = (v: number) => v / 1000;
const link = (
  id: string,
  from: string,
  to: string,
  value: number,
  more: Partial<StackLink> = {},
): StackLink => ({
  id,
  from,
  to,
  value: mm(value),
  tolerance: mm(0.1),
  shape: 'unknown',
  covers: [],
  lot: '',
  ...more,
});
const read = { shape: 'read', tolerance: mm(0.02) } as const;

/** A carriage 30 over the rail's seat; block 25 and housing 20 on a ledge of -15. */
const links = [
  link('carriage', 'seat', 'plate', 30, read),
  link('step', 'seat', 'base', -15.2, read),
  link('block', 'base', 'axis', 25, read),
  link('housing', 'axis', 'face', 20, read),
];
const gap = { id: 'nut', from: 'face', to: 'plate' };
const stepsOf = (all: readonly StackLink[]) => pathOf(all, gap)!;

describe('a stack-up', () => {
  it('is the shortest way from face to face, each link with its sign', () => {
    expect(stepsOf(links).map(({ link: { id }, sign }) => `${sign} ${id}`)).toEqual([
      '-1 housing',
      '-1 block',
      '-1 step',
      '1 carriage',
    ]);
  });
  it('adds up to a closed sum: 30 - 20 - 25 + 15.2 = 0.2', () => {
    const closed = closeGap(stepsOf(links));
    expect(closed.gap).toBeCloseTo(mm(0.2), 12);
    expect(closed.worst).toBeCloseTo(mm(0.08), 12);
    // Four readings of ±0.02: twice as much.
    expect(closed.half).toBeCloseTo(mm(0.04), 12);
    expect(closed.shares.map((s) => s.share)).toEqual([0.25, 0.25, 0.25, 0.25]);
  });
  it('a missing link is named by what hangs together on either side', () => {
    const open = links.filter((l) => l.id !== 'step');
    expect(pathOf(open, gap)).toBeNull();
    expect([...hangTogether(open, 'face')].sort()).toEqual(['axis', 'base', 'face']);
  });
  it('a link without value or tolerance is named and counts nothing', () => {
    const closed = closeGap(
      stepsOf(links.map((l) => (l.id === 'block' ? { ...l, value: null, tolerance: null } : l))),
    );
    expect(closed.unknown).toEqual(['block']);
    expect(closed.untold).toEqual(['block']);
    expect(closed.gap).toBeCloseTo(mm(25.2), 12);
  });
  it('two ways between the same planes are a loop, with its sum', () => {
    const loops = loopsOf([...links, link('ledge', 'seat', 'axis', 9)]);
    expect(loops).toHaveLength(1);
    expect(loops[0]!.map((s) => s.link.id).sort()).toEqual(['block', 'ledge', 'step']);
    expect(Math.abs(closeGap(loops[0]!).gap)).toBeCloseTo(mm(0.8), 12);
  });
  it('the rail in the height of its carriage, and once more by itself, is counted twice', () => {
    const doubled = [
      link('rail', 'seat', 'top', 15.5, { covers: ['rail'] }),
      link('carriage', 'top', 'plate', 30, { covers: ['rail', 'carriage'] }),
      ...links.slice(1),
    ];
    expect(countedTwice(stepsOf(doubled))).toMatchObject([
      { first: { id: 'rail' }, second: { id: 'carriage' }, thing: 'rail' },
    ]);
    expect(countedTwice(stepsOf(links))).toEqual([]);
    // To and fro over one plate is no fault.
    const toAndFro = [
      link('down', 'a', 'b', 10, { covers: ['plate'] }),
      link('up', 'c', 'b', 10, { covers: ['plate'] }),
    ];
    expect(countedTwice(pathOf(toAndFro, { id: 'g', from: 'a', to: 'c' })!)).toEqual([]);
  });
  it('+0.3/-0.1 about 12 is 12.1 ± 0.2', () => {
    const { value, tolerance } = evened(12, 0.3, 0.1);
    expect([value, tolerance]).toEqual([expect.closeTo(12.1, 12), expect.closeTo(0.2, 12)]);
  });
});

const anyLink = fc.record({
  value: fc.integer({ min: -40_000, max: 40_000 }),
  tolerance: fc.integer({ min: 1, max: 300 }),
  shape: fc.constantFrom('read', 'two-sigma', 'three-sigma', 'unknown' as const),
  lot: fc.constantFrom('', '', '', 'A'),
  sign: fc.constantFrom(1 as const, -1 as const),
});
const stepsFrom = (
  some: readonly { value: number; tolerance: number; shape: StackLink['shape']; lot: string; sign: 1 | -1 }[],
): Step[] =>
  some.map(({ sign, value, tolerance, shape, lot }, i) => ({
    sign,
    link: link(`l${i}`, `p${i}`, `p${i + 1}`, value / 1000, { tolerance: mm(tolerance / 1000), shape, lot }),
  }));

describe('how far a gap may be off', () => {
  it('at worst as far as the farthest corner of all tolerances (enumerated)', () => {
    fc.assert(
      fc.property(fc.array(anyLink, { minLength: 1, maxLength: 7 }), (some) => {
        const steps = stepsFrom(some);
        const { gap: middle, worst, half } = closeGap(steps);
        const corners = Array.from({ length: 2 ** steps.length }, (_, bits) =>
          steps.reduce(
            (s, { link: l, sign }, i) => s + sign * (l.value! + ((bits >> i) & 1 ? 1 : -1) * l.tolerance!),
            0,
          ),
        );
        expect(middle + worst).toBeCloseTo(Math.max(...corners), 9);
        expect(middle - worst).toBeCloseTo(Math.min(...corners), 9);
        expect(half).toBeLessThanOrEqual(worst + 1e-12);
      }),
    );
  });
  it('k links of unknown shape: 1.13 times the root of their squares (1.96 / √3)', () => {
    const steps = [0, 1, 2].map((i) => ({ link: link(`l${i}`, `p${i}`, `p${i + 1}`, 5), sign: 1 as const }));
    expect(closeGap(steps).half / mm(0.1 * Math.sqrt(3))).toBeCloseTo(1.1316, 4);
  });
  it('links of one lot err together: against one another they cancel', () => {
    const lot = { lot: 'milled in one go' };
    const both = (a: 1 | -1, b: 1 | -1) =>
      closeGap([
        { link: link('a', '1', '2', 5, lot), sign: a },
        { link: link('b', '3', '2', 5, lot), sign: b },
      ]);
    expect(both(1, -1).half).toBe(0);
    expect(both(1, 1).half).toBeCloseTo(Math.min(mm(0.2), (2 * 1.96 * mm(0.1)) / Math.sqrt(3)), 12);
  });
  it('the normal distribution agrees with a reference library', () => {
    for (const z of [-5, -1.96, -0.3, 0, 0.7, 1.96, 3.2, 6])
      expect(normalCdf(z)).toBeCloseTo((1 + erf(z / Math.SQRT2)) / 2, 12);
    expect(normalCdf(1.959963984540054)).toBeCloseTo(0.975, 14);
    expect([normalCdf(9), normalCdf(-9)]).toEqual([1, 0]);
  });
  it('an even spread alone, and drowned in a normal one', () => {
    expect(evenWithNormal(0.1, 0)).toBeCloseTo(0.095, 12);
    expect(evenWithNormal(0.1, 0.02)).toBeGreaterThan(0.095);
    // Far wider than the even one, the normal one rules: 1.96 times the root of both variances.
    expect(evenWithNormal(0.01, 1) / (1.96 * Math.hypot(1, 0.01 / Math.sqrt(3)))).toBeCloseTo(1, 4);
  });
  it('as 20,000 draws have it, whatever is in the chain', () => {
    const cases = [
      [
        ['unknown', 200],
        ['read', 60],
      ],
      [['unknown', 200]],
      [
        ['read', 100],
        ['two-sigma', 80],
        ['three-sigma', 200],
        ['unknown', 60],
      ],
    ] as const;
    for (const some of cases) {
      const steps = stepsFrom(
        some.map(([shape, tolerance]) => ({ value: 1000, tolerance, shape, lot: '', sign: 1 as const })),
      );
      const { gap: middle, half } = closeGap(steps);
      const { low, high } = drawGap(steps, chanceFrom(7), 20_000);
      // A 95 % edge out of 20,000 draws scatters by about 2 % of itself.
      expect((high - middle) / half).toBeCloseTo(1, 1);
      expect((middle - low) / half).toBeCloseTo(1, 1);
      expect(Math.abs((high - low) / 2 / half - 1)).toBeLessThan(0.04);
    }
  });
});

describe('what to do about a gap', () => {
  const even: readonly (readonly [string, number])[] = ['a', 'b', 'c', 'd', 'e'].map((l) => [l, 0.2]);
  const closed = (gapMm: number, half: number, shares = even) => ({
    gap: mm(gapMm),
    half: mm(half),
    worst: mm(half),
    shares: shares.map(([id, share]) => ({ id, share })),
    unknown: [] as string[],
    untold: [] as string[],
  });
  const wanted = { least: 0, most: mm(0.1), target: mm(0.02) };
  const all = new Set(['a', 'b', 'c', 'd', 'e']);
  it.each([
    [0.05, 0.03, 'inside', { does: 'leave' }],
    [0.05, 0.08, 'middle', { does: 'measure', link: 'a', then: null }],
    [0.5, 0.03, 'outside', { does: 'shim', by: mm(0.48) }],
    [-0.5, 0.03, 'outside', { does: 'recess', by: mm(0.52) }],
    [-0.5, 0.09, 'outside', { does: 'measure', link: 'a', then: { does: 'recess', by: mm(0.52) } }],
    [0.12, 0.04, 'overlaps', { does: 'measure', link: 'a', then: { does: 'shim', by: mm(0.1) } }],
  ] as const)('gap %d ± %d: %s', (at, half, where, does) => {
    const c = closed(at, half);
    expect(standing(c, wanted)).toBe(where);
    const action = actionFor(c, wanted, 'recess', all)!;
    expect(action).toMatchObject(
      'by' in does
        ? { does: does.does }
        : JSON.parse(JSON.stringify(does, (k, v) => (k === 'by' ? undefined : v))),
    );
    if ('by' in does && 'by' in action) expect(action.by).toBeCloseTo(does.by, 12);
  });
  it('cuts nothing while one link that nobody has read makes a quarter of the doubt', () => {
    const c = closed(-0.5, 0.03, [
      ['a', 0.7],
      ['b', 0.1],
      ['c', 0.1],
      ['d', 0.05],
      ['e', 0.05],
    ]);
    expect(actionFor(c, wanted, 'recess', new Set(['b', 'c', 'd', 'e']))).toMatchObject({
      does: 'measure',
      link: 'a',
      then: { does: 'recess' },
    });
    expect(actionFor(c, wanted, 'recess', all)).toMatchObject({ does: 'recess' });
  });
  it('says nothing while a link has no value', () => {
    expect(actionFor({ ...closed(1, 0), unknown: ['a'] }, wanted, 'shim', all)).toBeNull();
  });
});

describe('a pile of shims', () => {
  const usual = [20, 30, 50, 100, 200, 500, 1000].map((thickness): Sheets => ({ thickness, count: null }));
  it('0.63 out of the usual sheets: three, 0.5 and 0.1 and 0.03', () => {
    expect(leastPile(usual, 630, 0)).toEqual({ sum: 630, sheets: [500, 100, 30], meets: true });
  });
  it('0.13: 0.1 and 0.03', () => expect(leastPile(usual, 130, 5)!.sheets).toEqual([100, 30]));
  it('names the nearest where none is near enough; none from an empty drawer', () => {
    expect(leastPile([{ thickness: 500, count: 1 }], 300, 10)).toEqual({
      sum: 500,
      sheets: [500],
      meets: false,
    });
    expect(leastPile([], 300, 10)).toBeNull();
    expect(leastPile(usual, 25_000, 10)).toBeNull();
  });
  it('is never beaten by any other pile (exhaustive search)', () => {
    const sheets = fc.record({
      thickness: fc.integer({ min: 1, max: 12 }),
      count: fc.option(fc.integer({ min: 0, max: 3 })),
    });
    const stock = fc.uniqueArray(sheets, { minLength: 1, maxLength: 4, selector: (s) => s.thickness });
    fc.assert(
      fc.property(
        stock,
        fc.integer({ min: 0, max: 25 }),
        fc.integer({ min: 0, max: 3 }),
        (some, target, off) => {
          const most = target + Math.max(off, ...some.map((s) => s.thickness));
          let all: { sum: number; pieces: number }[] = [{ sum: 0, pieces: 0 }];
          for (const { thickness, count } of some)
            all = all.flatMap(({ sum, pieces }) =>
              Array.from(
                { length: Math.min(count ?? Infinity, Math.floor((most - sum) / thickness)) + 1 },
                (_, n) => ({
                  sum: sum + n * thickness,
                  pieces: pieces + n,
                }),
              ),
            );
          const meeting = all.filter(({ sum }) => Math.abs(sum - target) <= off);
          const pile = leastPile(some, target, off)!;
          expect(pile.sheets.reduce((s, t) => s + t, 0)).toBe(pile.sum);
          expect(all).toContainEqual({ sum: pile.sum, pieces: pile.sheets.length });
          expect(pile.meets).toBe(meeting.length > 0);
          if (!meeting.length) {
            const nearest = Math.min(...all.map(({ sum }) => Math.abs(sum - target)));
            expect(Math.abs(pile.sum - target)).toBe(nearest);
            return;
          }
          const fewest = Math.min(...meeting.map((m) => m.pieces));
          expect(pile.sheets).toHaveLength(fewest);
          const near = Math.min(
            ...meeting.filter((m) => m.pieces === fewest).map(({ sum }) => Math.abs(sum - target)),
          );
          expect(Math.abs(pile.sum - target)).toBe(near);
        },
      ),
    );
  });
});
