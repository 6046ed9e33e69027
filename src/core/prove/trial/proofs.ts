import { isPositioned } from '@/core/model';
import { STANDARD_RUNS, targetPlaces } from '@/core/metrology';
import { placesAlong } from './first';
import type { Ground } from './ground';
import { type AxisProof, axisProofs, looks, repeats, row, type TrialPlan, trialOf } from './trial';

/** Parts of the golden section: as good as chance to miss every period, and the same each time. */
const golden = () => {
  let k = 0;
  return () => (++k * 0.6180339887) % 1;
};

/** A staircase: from half of what is foretold, a tenth up each step. */
const STAIRS = { from: 0.5, by: 1.1, steps: 12 } as const;

/** Heights of the steps that may be tried: never beyond what else gives out. */
export function stairs(foretold: number, bound: number): readonly number[] {
  const all = Array.from({ length: STAIRS.steps }, (_, i) => foretold * STAIRS.from * STAIRS.by ** i);
  return all.filter((v) => v <= bound);
}

const DISTANCES = [0.1, 0.3, 0.5, 0.75, 1] as const;
/** Loads of a push, as shares of the largest; the way back is read as well. */
export const PUSH = [0.2, 0.4, 0.6, 0.8, 1, 0.6, 0.4, 0.2] as const;
const WARM = [2, 5, 10, 15, 20, 30, 45, 60] as const;

/** Largest push: five times friction at least, and half of what the motor holds. */
export function mostPush({ foretold, slip }: Ground): number {
  const wanted = 8 * (foretold.get('drag') ?? 0);
  const rounded = 10 * Math.ceil(Math.min(Math.max(wanted, 50), slip / 2) / 10);
  return Math.max(10, Math.min(rounded, 10 * Math.floor(slip / 20)));
}

type Make = (ground: Ground) => TrialPlan | null;

const stairsOf = (kind: 'stairs-speed' | 'stairs-acceleration', g: Ground): TrialPlan | null => {
  const speed = kind === 'stairs-speed';
  const value = g.foretold.get(speed ? 'top-speed' : 'top-acceleration');
  const steps = value === undefined ? [] : stairs(value, speed ? g.bound : Infinity);
  if (!steps.length) return null;
  return trialOf(kind, g.axis.id, {
    rows: steps.map((v, i) =>
      row(`step-${i + 1}`, 'length', { kind: speed ? 'speed' : 'acceleration', value: v }, true),
    ),
    columns: ['shift'],
    instrument: 'dial',
    cautions: ['no-cutter', 'reach', 'stop-first'],
    program: true,
    minutes: 30,
    again: 12,
  });
};

const makes: Readonly<Record<AxisProof, Make>> = {
  pull: (g) =>
    trialOf('pull', g.axis.id, {
      rows: placesAlong(g.travel, 'force'),
      columns: ['plus', 'minus'],
      instrument: 'scale',
      cautions: ['power-off', 'cord', ...(g.axis.demands.inclination.si > 0 ? (['prop'] as const) : [])],
      minutes: 15,
      again: 12,
    }),
  steps: (g) =>
    trialOf('steps', g.axis.id, {
      rows: DISTANCES.map((share, i) =>
        row(`distance-${i + 1}`, 'length', {
          kind: 'length',
          // Whole millimetres, and room for the overrun at both ends.
          value: Math.floor(share * (g.travel - 0.01) * 1000) / 1000,
        }),
      ),
      columns: ['up', 'down'],
      instrument: 'caliper',
      others: ['tape', 'ruler', 'dial'],
      cautions: ['no-cutter', 'reach'],
      program: true,
      minutes: 25,
      again: 12,
    }),
  links: (g) =>
    trialOf('links', g.axis.id, {
      fields: [
        row('motor', 'length', null, true),
        row('nut', 'length', null, true),
        row('carriage', 'length'),
        row('tool', 'length', null, true),
      ],
      instrument: 'dial',
      others: ['lever-dial'],
      cautions: ['power-off', 'no-lever', 'fingers'],
      minutes: 20,
      again: 12,
    }),
  'stairs-speed': (g) => stairsOf('stairs-speed', g),
  'stairs-acceleration': (g) => stairsOf('stairs-acceleration', g),
  positioning: (g) =>
    trialOf('positioning', g.axis.id, {
      rows: targetPlaces(g.travel - 0.012, Math.min(g.turn, g.travel / 8), golden()).map((at, i) =>
        // Room for the overrun before each end.
        row(`target-${i + 1}`, 'length', { kind: 'length', value: Math.round((at + 0.006) * 1e5) / 1e5 }),
      ),
      columns: Array.from({ length: STANDARD_RUNS }, (_, i) => [`up-${i + 1}`, `down-${i + 1}`]).flat(),
      instrument: 'dial',
      others: ['lever-dial', 'caliper'],
      cautions: ['no-cutter', 'reach'],
      program: true,
      minutes: 60,
      again: 12,
    }),
  push: (g) =>
    trialOf('push', g.axis.id, {
      rows: [1, -1].flatMap((side) =>
        PUSH.map((share, i) =>
          row(`${side > 0 ? 'plus' : 'minus'}-${i + 1}`, 'length', {
            kind: 'force',
            value: side * share * mostPush(g),
          }),
        ),
      ),
      columns: ['run-1', 'run-2'],
      instrument: 'lever-dial',
      others: ['dial'],
      cautions: ['no-lever', 'fingers', 'no-cutter'],
      minutes: 30,
      again: 12,
    }),
  tap: (g) =>
    trialOf('tap', g.axis.id, {
      fields: [
        row('ring', 'frequency'),
        row('first', 'ratio', null, true),
        row('last', 'ratio', null, true),
        row('periods', 'count', null, true),
      ],
      instrument: 'tone',
      cautions: ['fingers'],
      again: 12,
    }),
  'warm-up': (g) =>
    trialOf('warm-up', g.axis.id, {
      rows: WARM.map((m, i) => row(`minute-${i + 1}`, 'length', { kind: 'time', value: m * 60 }, i > 5)),
      columns: ['off'],
      instrument: 'lever-dial',
      others: ['dial'],
      cautions: ['no-cutter', 'reach', 'hot'],
      program: true,
      minutes: 60,
    }),
  homing: (g) =>
    g.axis.fit.homing.at !== 'none'
      ? trialOf('homing', g.axis.id, {
          rows: repeats('length', 10),
          columns: ['cold'],
          instrument: 'dial',
          others: ['lever-dial'],
          cautions: ['reach'],
          minutes: 15,
          again: 6,
        })
      : null,
  servo: (g) =>
    g.axis.motor.kind === 'stepper'
      ? null
      : trialOf('servo', g.axis.id, {
          fields: [
            row('overshoot', 'ratio'),
            row('lag', 'length', null, true),
            row('lag-speed', 'speed', null, true),
            ...looks('no-ringing'),
          ],
          cautions: ['reach', 'no-cutter', 'stop-first'],
          minutes: 40,
        }),
};

/** Proofs that want no motor: what is pulled, pushed and tapped. */
const BY_HAND: readonly AxisProof[] = ['pull', 'push', 'tap'];

/** Proofs of every axis, kind by kind; each waits until its axis has come through first motion. */
export function axisPlans(grounds: readonly Ground[], first: readonly TrialPlan[]): readonly TrialPlan[] {
  const waits = ({ axis, kind }: TrialPlan) =>
    // What is read with the power off waits for nothing.
    kind === 'pull' || kind === 'tap'
      ? []
      : first.filter((f) => f.axis === null || f.axis === axis).map((f) => f.key);
  return axisProofs.flatMap((kind) =>
    grounds.flatMap((g) => {
      if (!isPositioned(g.axis) && !BY_HAND.includes(kind)) return [];
      const plan = makes[kind](g);
      return plan ? [{ ...plan, after: waits(plan) }] : [];
    }),
  );
}
