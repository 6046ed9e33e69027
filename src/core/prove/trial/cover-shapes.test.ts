import { describe, expect, it } from 'vitest';
import { even, LEAST_COVER, MOST_COVER, normal } from '@test/helpers/errors';
import { type Case, coverOf, dice, some } from '@test/helpers/trial-cover';
import { gate, homes } from '@test/helpers/trials';
import { groundsOf, PIECE, trialPlans } from '.';

const RADIUS = trialPlans(homes, groundsOf(homes)).find((p) => p.key === 'circle')!.fields[0]!.at!.value;
const W = PIECE.square;
const P = PIECE.plasmaSquare;

/** Lost motion of an axis as a step of the radius, and a lag as a lean that turns with the sense. */
function traced(angle: number, ccw: boolean, lost: number, mismatch: number): number {
  const k = ccw ? 1 : -1;
  return (k * Math.sign(Math.sin(angle)) * Math.cos(angle) * lost) / 2 + k * Math.sin(2 * angle) * mismatch;
}

/** Six lengths of a square that is out of square, and scaled. */
function sixOf(gamma: number, sx: number, sy: number): Readonly<Record<string, number>> {
  const [a, b] = [W * (1 + sx), W * (1 + sy)];
  const [x, y] = [b * Math.sin(gamma), b * Math.cos(gamma)];
  const [rising, falling] = [Math.hypot(a + x, y), Math.hypot(a - x, y)];
  return { near: a, far: a, right: b, left: b, rising, falling };
}

const router = (test: Omit<Case, 'of'>): Case => ({ of: homes, ...test });
const slope = () => some(-1e-3, 1e-3);

const cases: readonly Case[] = [
  router({
    key: 'circle',
    instrument: 'lever-dial',
    errs: 'alone',
    known: ['radius'],
    draw: () => {
      const [gamma, scales, lost, mismatch] = [slope(), slope(), some(2e-5, 6e-5), some(-2e-5, 2e-5)];
      return {
        truth: { gamma, scales, 'lost-x': lost, mismatch },
        cell: ({ at, id }, column) => {
          if (id === 'radius') return RADIUS;
          const t = at!.value;
          return (
            (RADIUS / 2) * (gamma * Math.sin(2 * t) + scales * Math.cos(2 * t)) +
            traced(t, column === 'ccw', lost, mismatch)
          );
        },
      };
    },
  }),
  router({
    key: 'circle',
    instrument: 'lever-dial',
    errs: 'by-place',
    known: ['radius'],
    // Three lobes: no centre gives a narrower ring.
    draw: () => {
      const high = some(1e-5, 5e-5);
      const width = 2 * high;
      return {
        truth: {
          'circle-G': width,
          'circle-ccw': width,
          'circle-cw': width,
          'circle-most': high,
          'circle-least': -high,
        },
        cell: ({ at, id }) => (id === 'radius' ? RADIUS : high * Math.cos(3 * at!.value)),
      };
    },
  }),
  router({
    key: 'circle',
    instrument: 'lever-dial',
    errs: 'alike',
    known: ['radius'],
    draw: () => {
      const off = some(-1e-4, 1e-4);
      return { truth: { 'circle-D': off }, cell: ({ id }) => (id === 'radius' ? RADIUS : off) };
    },
  }),
  router({
    key: 'disc',
    instrument: 'caliper',
    errs: 'by-place',
    known: ['asked'],
    draw: () => {
      const [gamma, scales] = [slope(), slope()];
      const across = (t: number) =>
        PIECE.disc * (1 + (gamma * Math.sin(2 * t) + scales * Math.cos(2 * t)) / 2);
      const four = [0, 1, 2, 3].map((k) => across((k * Math.PI) / 4));
      return {
        truth: { gamma, scales, round: (Math.max(...four) - Math.min(...four)) / 2 },
        cell: ({ at, id }) => (id === 'asked' ? PIECE.disc : across(at!.value)),
      };
    },
  }),
  router({
    key: 'disc',
    instrument: 'caliper',
    errs: 'alike',
    known: ['asked'],
    draw: () => {
      const off = some(-2e-4, 2e-4);
      return { truth: { 'size-off': off }, cell: ({ id }) => PIECE.disc + (id === 'asked' ? 0 : off) };
    },
  }),
  router({
    key: 'ply-square',
    instrument: 'caliper',
    errs: 'alone',
    draw: () => {
      const [gamma, sx, sy] = [slope(), slope(), slope()];
      const six = sixOf(gamma, sx, sy);
      return { truth: { gamma, 'scale-x': sx, 'scale-y': sy }, cell: ({ id }) => six[id]! };
    },
  }),
  router({
    key: 'half-lap',
    instrument: 'caliper',
    errs: 'alone',
    draw: () => {
      const [slot, tongue] = [PIECE.lap + some(-1e-4, 2e-4), PIECE.lap + some(-2e-4, 1e-4)];
      return {
        truth: { 'lap-play': slot - tongue, 'cutter-off': (slot - tongue) / 2 },
        cell: ({ id }) => (id === 'slot' ? slot : tongue),
      };
    },
  }),
  router({
    key: 'pocket',
    instrument: 'caliper',
    errs: 'alike',
    draw: () => {
      const off = some(-2e-4, 2e-4);
      return { truth: { 'off-wide-x': off, 'off-boss-x': off }, cell: () => PIECE.pocket + off };
    },
  }),
  router({
    key: 'face',
    instrument: 'lever-dial',
    errs: 'alone',
    draw: () => {
      const ridge = some(1e-5, 1e-4);
      return { truth: { 'ridge-x': ridge }, cell: () => ridge + even(dice, 1e-6) };
    },
  }),
  router({
    key: 'wall-bore',
    instrument: 'caliper',
    errs: 'by-place',
    draw: () => {
      const [taper, oval] = [some(5e-5, 3e-4), some(5e-5, 3e-4)];
      const walls: Readonly<Record<string, number>> = {
        'wall-low': PIECE.wall,
        'wall-middle': PIECE.wall + taper / 2,
        'wall-high': PIECE.wall + taper,
      };
      return {
        truth: { 'wall-taper': taper, round: oval },
        cell: ({ id, at }) => walls[id] ?? PIECE.bore + oval * Math.cos(2 * at!.value),
      };
    },
  }),
  router({
    key: 'disc-sense',
    instrument: 'caliper',
    errs: 'alone',
    draw: () => {
      const gives = some(5e-5, 3e-4);
      return { truth: { gives }, cell: ({ id }) => PIECE.disc + (id === 'climb' ? 2 * gives : 0) };
    },
  }),
  router({
    key: 'spindle',
    instrument: 'lever-dial',
    errs: 'alone',
    draw: () => {
      const near = some(1e-5, 5e-5);
      return { truth: { 'spindle-near': near }, cell: () => near + even(dice, 1e-6) };
    },
  }),
  {
    of: gate,
    key: 'plasma-square',
    instrument: 'caliper',
    errs: 'alone',
    draw: () => {
      const [kerf, scale] = [some(1e-3, 2e-3), some(-2e-3, 2e-3)];
      return {
        truth: { 'kerf-x': kerf, 'scale-x': scale },
        cell: ({ id }) => P * (1 + scale) + (id.startsWith('hole') ? kerf : -kerf),
      };
    },
  },
  {
    of: gate,
    key: 'touch-off',
    instrument: 'dial',
    errs: 'alike',
    draw: () => {
      const [height, scatter] = [some(-1e-4, 1e-4), some(2e-5, 8e-5)];
      return {
        truth: { 'comes-back': 4 * scatter, 'touch-height': height },
        cell: ({ id }) => (id === 'give' ? 0 : height + scatter * normal(dice)),
      };
    },
  },
];

/** Two thousand cases each; beside all other checks on a slow machine they take minutes, ms. */
const PATIENCE = 300_000;

describe('stated intervals of pieces and circles hold the truth as often as they say', () => {
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
