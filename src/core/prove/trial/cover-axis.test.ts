import { describe, expect, it } from 'vitest';
import { figuresOf } from '@/core/metrology';
import { even, LEAST_COVER, MOST_COVER, normal } from '@test/helpers/errors';
import { type Case, coverOf, dice, nought, some, type Truth } from '@test/helpers/trial-cover';
import { homes, scenery } from '@test/helpers/trials';
import { groundsOf, trialPlans } from '.';

const plans = trialPlans(homes, groundsOf(homes));
const placesOf = (key: string) => plans.find((p) => p.key === key)!.rows.map((r) => r.at!.value);

/** A push: stretch beyond friction, loading through the fifth row of a side, and half of the play. */
const pushed =
  (stiffness: number, play: number, friction: number): Truth =>
  ({ at, id }) => {
    const force = at!.value;
    const way = Number(id.split('-')[1]) <= 5 ? 1 : -1;
    const pull = Math.abs(force) - way * friction;
    return Math.sign(force) * (Math.max(0, pull) / stiffness + play / 2);
  };

const { rapid } = groundsOf(scenery).find((g) => g.axis.id === 'bed')!;
const gantry = (test: Omit<Case, 'of'>): Case => ({ of: homes, ...test });

/** An axis with a slope, a wave, lost motion and scatter. */
function positioned(): ReturnType<Case['draw']> {
  const [slope, wave] = [some(-4e-5, 4e-5), some(0, 1e-5)];
  const [back, sigma] = [some(5e-6, 3e-5), some(2e-6, 8e-6)];
  const off = (x: number, up: boolean) =>
    slope * x + wave * Math.sin((2 * Math.PI * x) / 0.31) + (up ? -back : back) / 2;
  const p = figuresOf(
    placesOf('positioning:gantry').map((place) => ({
      place,
      up: off(place, true),
      down: off(place, false),
      scatterUp: sigma,
      scatterDown: sigma,
    })),
  );
  return {
    truth: {
      'iso-A': p.accuracy,
      'iso-B': p.reversal,
      'lost-motion': Math.abs(p.meanReversal),
      'iso-R': p.repeat,
      'iso-E': p.systematic,
      'iso-M': p.mean,
      'iso-R-up': p.repeatUp,
      'iso-R-down': p.repeatDown,
      'iso-E-up': p.systematicUp,
      'iso-E-down': p.systematicDown,
      'iso-A-up': p.accuracyUp,
      'iso-A-down': p.accuracyDown,
    },
    cell: ({ at }, column) => off(at!.value, column!.startsWith('up')) + sigma * normal(dice),
  };
}

const cases: readonly Case[] = [
  gantry({
    key: 'hand:gantry',
    instrument: 'scale',
    errs: 'alone',
    known: ['arm'],
    draw: () => {
      const [pull, most, arm] = [some(15, 40), some(1.1, 1.4), 0.03];
      return {
        truth: { uneven: most },
        cell: ({ id }) => (id === 'arm' ? arm : pull * (id === 'place-3' ? most : 1)),
      };
    },
  }),
  gantry({
    key: 'hand:gantry',
    instrument: 'scale',
    errs: 'alike',
    known: ['arm'],
    draw: () => {
      const [pull, arm] = [some(15, 40), 0.03];
      return { truth: { 'hand-torque': pull * arm }, cell: ({ id }) => (id === 'arm' ? arm : pull) };
    },
  }),
  gantry({
    key: 'slow:gantry',
    instrument: 'dial',
    errs: 'alone',
    draw: () => {
      const off = some(-0.05, 0.05);
      return { truth: { 'first-move': off }, cell: () => 0.005 * (1 + off) + nought() };
    },
  }),
  gantry({
    key: 'reversal:gantry',
    instrument: 'dial',
    errs: 'alone',
    draw: () => {
      const gone = some(0, 4e-5);
      return { truth: { range: 9 * gone }, cell: ({ id }) => Number(id.slice(2)) * gone };
    },
  }),
  {
    of: scenery,
    key: 'run-on:bed',
    instrument: 'caliper',
    errs: 'alone',
    draw: () => {
      const [reaction, braking] = [some(0.01, 0.05), some(0.8, 2)];
      const way = (v: number) => v * reaction + v ** 2 / (2 * braking);
      return {
        truth: { 'stop-at-rapid': way(rapid) },
        cell: ({ at }) => way(at!.value),
      };
    },
  },
  gantry({
    key: 'plan-speed:gantry',
    instrument: 'dial',
    errs: 'alone',
    draw: () => {
      const shift = some(-2e-4, 2e-4);
      return { truth: { shift }, cell: () => shift + nought() };
    },
  }),
  gantry({
    key: 'pull:gantry',
    instrument: 'scale',
    errs: 'alike',
    draw: () => {
      const drag = some(15, 40);
      return { truth: { drag }, cell: () => drag };
    },
  }),
  gantry({
    key: 'steps:gantry',
    instrument: 'caliper',
    errs: 'alone',
    draw: () => {
      const [scale, lost] = [1 + some(-2e-3, 2e-3), some(1e-4, 4e-4)];
      return {
        truth: { 'lost-motion': lost },
        cell: ({ at }, side) => scale * at!.value + (side === 'up' ? -lost : lost) / 2,
      };
    },
  }),
  gantry({
    key: 'steps:gantry',
    instrument: 'caliper',
    errs: 'scale',
    run: 1.14,
    draw: () => {
      const scale = 1 + some(-2e-3, 2e-3);
      return { truth: { 'scale-off': scale - 1 }, cell: ({ at }) => scale * at!.value };
    },
  }),
  gantry({
    key: 'links:gantry',
    instrument: 'dial',
    errs: 'alone',
    draw: () => {
      const play = some(1e-4, 4e-4);
      return { truth: { 'lost-motion': play }, cell: () => play + nought() };
    },
  }),
  gantry({ key: 'positioning:gantry', instrument: 'lever-dial', errs: 'by-place', draw: positioned }),
  gantry({
    key: 'push:gantry',
    instrument: 'lever-dial',
    errs: 'alone',
    draw: () => {
      const [stiffness, play, friction] = [some(4e6, 9e6), some(5e-5, 1.5e-4), some(15, 30)];
      return { truth: { stiffness, play, friction }, cell: pushed(stiffness, play, friction) };
    },
  }),
  gantry({
    key: 'tap:gantry',
    instrument: 'tone',
    errs: 'alike',
    draw: () => {
      const ring = some(30, 80);
      return { truth: { ring }, cell: ({ id }) => (id === 'ring' ? ring : 1) };
    },
  }),
  gantry({
    key: 'warm-up:gantry',
    instrument: 'lever-dial',
    errs: 'alone',
    draw: () => {
      const [growth, tau] = [some(5e-5, 2e-4), some(400, 1000)];
      return {
        truth: { growth },
        cell: ({ at }) => growth * (1 - Math.exp(-at!.value / tau)) + even(dice, 1e-6),
      };
    },
  }),
  gantry({
    key: 'homing:gantry',
    instrument: 'lever-dial',
    errs: 'alike',
    draw: () => {
      const scatter = some(3e-5, 1e-4);
      return { truth: { 'comes-back': 4 * scatter }, cell: () => scatter * normal(dice) };
    },
  }),
];

/** Two thousand cases each; beside all other checks on a slow machine they take minutes, ms. */
const PATIENCE = 300_000;

describe('stated intervals of an axis hold the truth as often as they say', () => {
  it.each(cases)(
    '$key, errors $errs',
    (one) => {
      const shares = coverOf(one);
      for (const [figure, share] of Object.entries(shares)) {
        expect(share, figure).toBeGreaterThan(LEAST_COVER);
        expect(share, figure).toBeLessThanOrEqual(MOST_COVER);
      }
    },
    PATIENCE,
  );
});
