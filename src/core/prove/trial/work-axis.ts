import {
  compensation,
  plainRatios,
  positioningDoubt,
  type PositioningDoubt,
  positioningOf,
  scaleOf,
  WRONG_NUMBER,
} from '@/core/metrology';
import { GRAVITY } from '@/core/units';
import { goodLength } from '../truing/good';
import { column, meanDoubt, placeOf, trialDoubt, type TrialRead } from './reading';
import { trialFigure, type TrialFigure, type TrialNote } from './result';
import { checksOf, type Work } from './work-first';

export const workPull: Work = (read) => {
  const [plus, minus] = [column(read, 'plus'), column(read, 'minus')];
  if (plus.length < 2 || minus.length < 2) return {};
  const up = meanDoubt(
    read,
    plus.map((p) => Math.abs(p.value)),
  );
  const down = meanDoubt(
    read,
    minus.map((p) => Math.abs(p.value)),
  );
  // One scale reads both ways: what it errs is in their mean whole, and falls out of their difference.
  const mean = (up.expanded + down.expanded) / 2;
  const both = Math.hypot(up.expanded, down.expanded) / 2;
  const drag = (up.mean + down.mean) / 2;
  const weight = (up.mean - down.mean) / 2;
  const inclined = (read.ground?.axis.demands.inclination.si ?? 0) > 0;
  return {
    figures: [
      trialFigure({ id: 'drag', of: 'force', value: drag, expanded: mean, checks: checksOf(read, 'drag') }),
      ...(inclined
        ? [
            trialFigure({
              id: 'weight',
              of: 'mass',
              value: Math.abs(weight) / GRAVITY,
              expanded: both / GRAVITY,
            }),
          ]
        : []),
    ],
    series: [
      { name: 'plus', points: plus.map((p) => ({ x: placeOf(p.row), y: Math.abs(p.value) })) },
      { name: 'minus', points: minus.map((p) => ({ x: placeOf(p.row), y: Math.abs(p.value) })) },
    ],
  };
};

/** Ratios are looked for within so many standard uncertainties. */
const RATIO_WITHIN = 3;

function scaleNotes(scale: number, expanded: number, reversal: number, sure: number, steps: number) {
  const notes: TrialNote[] = [];
  if (Math.abs(scale - 1) > expanded)
    notes.push({ code: 'new-steps', values: { steps: steps / scale, was: steps } });
  if (Math.abs(scale - 1) > WRONG_NUMBER)
    for (const { over, under } of plainRatios(scale, (RATIO_WITHIN * expanded) / 2).slice(0, 3))
      notes.push({ code: 'plain-ratio', values: { over, under } });
  if (reversal > sure) notes.push({ code: 'over-compensated', values: { by: reversal } });
  return notes;
}

export const workSteps: Work = (read) => {
  const reached = (['up', 'down'] as const).flatMap((side) =>
    column(read, side).map(({ row, value }) => ({
      asked: placeOf(row),
      measured: value,
      from: side === 'up' ? ('below' as const) : ('above' as const),
    })),
  );
  const ground = read.ground;
  const sides = new Set(reached.map((r) => r.from)).size;
  if (reached.length < 5 || sides < 2 || !ground) return {};
  const run = Math.max(...reached.map((r) => r.asked)) - Math.min(...reached.map((r) => r.asked));
  if (!(run > 0)) return {};
  // The scale’s own error over the run, its last digit, and the warmth that nobody knows.
  const own = trialDoubt(read, { size: run, ends: 2 }).standard;
  const found = scaleOf(reached, own / run);
  const { scale, expanded, reversal } = found;
  const lost = Math.hypot(found.reversalExpanded, (1.96 * read.instrument.digit) / Math.sqrt(12));
  const good = goodLength(read.project).value;
  const { travel } = ground;
  const figures: TrialFigure[] = [
    trialFigure({
      id: 'scale-off',
      of: 'slope',
      value: scale - 1,
      expanded,
      good: good === null ? null : good / travel,
      byScatter: found.scatter > own,
    }),
    trialFigure({
      id: 'lost-motion',
      of: 'length',
      value: Math.max(0, -reversal),
      expanded: lost,
      checks: checksOf(read, 'lost-motion'),
    }),
    trialFigure({
      id: 'over-travel',
      of: 'length',
      value: Math.abs(scale - 1) * travel,
      expanded: expanded * travel,
      checks: checksOf(read, 'lead'),
    }),
  ];
  const off = (side: 'below' | 'above') =>
    reached.filter((r) => r.from === side).map((r) => ({ x: r.asked, y: r.measured - r.asked }));
  return {
    figures,
    notes: scaleNotes(scale, expanded, reversal, lost, ground.pulses),
    series: [
      { name: 'up', points: off('below') },
      { name: 'down', points: off('above') },
    ],
  };
};

const LINKS = ['motor', 'nut', 'carriage', 'tool'] as const;

export const workLinks: Work = (read) => {
  const played = LINKS.flatMap((id) => {
    const value = read.get(id);
    return value === undefined ? [] : [{ id, value: Math.abs(value) }];
  });
  const carriage = played.find((p) => p.id === 'carriage');
  if (!carriage) return {};
  const one = trialDoubt(read, { ends: 2 }).expanded;
  const figures: TrialFigure[] = [
    trialFigure({
      id: 'lost-motion',
      of: 'length',
      value: carriage.value,
      expanded: one,
      checks: checksOf(read, 'lost-motion'),
    }),
  ];
  let largest: { id: string; value: number } | undefined;
  played.forEach(({ id, value }, i) => {
    const own = value - (played[i - 1]?.value ?? 0);
    const link = i ? `${played[i - 1]!.id}-${id}` : id;
    figures.push(
      trialFigure({ id: `link-${link}`, of: 'length', value: own, expanded: i ? Math.SQRT2 * one : one }),
    );
    if (own > (largest?.value ?? 0)) largest = { id: link, value: own };
  });
  const notes: TrialNote[] =
    largest && largest.value > Math.SQRT2 * one
      ? [{ code: 'largest-link', values: { link: largest.id, value: largest.value } }]
      : [];
  return { figures, notes };
};

/** Targets as they were run, where both sides of each have two runs at least. */
export function targetsOf(read: TrialRead) {
  const runs = (row: string, side: string) =>
    read.plan.columns.flatMap((c) => (c.startsWith(side) ? (read.get(`${row}/${c}`) ?? []) : []));
  return read.plan.rows.map((r) => ({
    place: placeOf(r),
    up: runs(r.id, 'up'),
    down: runs(r.id, 'down'),
  }));
}

/** Corrections for a controller that takes a table, out of a record; none where it is not whole. */
export function compensationTable(read: TrialRead) {
  const targets = targetsOf(read);
  const whole = targets.every((t) => t.up.length > 1 && t.down.length > 1);
  return whole ? compensation(positioningOf(targets)) : [];
}

export const workPositioning: Work = (read) => {
  const targets = targetsOf(read);
  if (targets.some((t) => t.up.length < 2 || t.down.length < 2)) return {};
  const p = positioningOf(targets);
  const run = placeOf(read.plan.rows.at(-1)!) - placeOf(read.plan.rows[0]!);
  const runs = Math.min(...targets.flatMap((t) => [t.up.length, t.down.length]));
  const place = trialDoubt(read).standard;
  // Over the run the scale errs as well, by its own and by its warmth.
  const over = Math.sqrt(Math.max(0, trialDoubt(read, { size: run }).standard ** 2 - place ** 2));
  const off = positioningDoubt(p, runs, { place, scale: over / run });
  const { accuracy } = read.project.brief;
  const length = (
    id: string,
    of: keyof PositioningDoubt,
    more: Partial<Pick<TrialFigure, 'good' | 'checks'>> = {},
  ) => trialFigure({ id, of: 'length', value: Math.abs(p[of]), expanded: off[of], ...more });
  return {
    figures: [
      length('iso-A', 'accuracy', { good: accuracy?.si ?? null }),
      length('iso-B', 'reversal'),
      length('lost-motion', 'meanReversal', { checks: checksOf(read, 'lost-motion') }),
      length('iso-R', 'repeat'),
      length('iso-E', 'systematic'),
      length('iso-M', 'mean', { checks: checksOf(read, 'lead') }),
      length('iso-R-up', 'repeatUp'),
      length('iso-R-down', 'repeatDown'),
      length('iso-E-up', 'systematicUp'),
      length('iso-E-down', 'systematicDown'),
      length('iso-A-up', 'accuracyUp'),
      length('iso-A-down', 'accuracyDown'),
    ],
    series: [
      { name: 'up', points: p.targets.map((t) => ({ x: t.place, y: t.up })) },
      { name: 'down', points: p.targets.map((t) => ({ x: t.place, y: t.down })) },
      { name: 'up-high', points: p.targets.map((t) => ({ x: t.place, y: t.up + 2 * t.scatterUp })) },
      { name: 'down-low', points: p.targets.map((t) => ({ x: t.place, y: t.down - 2 * t.scatterDown })) },
    ],
  };
};
