import { isPositioned, type Project } from '@/core/model';
import type { Ground } from './ground';
import { firstKinds, type FirstKind, looks, repeats, row, type TrialPlan, trialOf } from './trial';

const PLACES = [0, 0.25, 0.5, 0.75, 1] as const;

/** Rows along the travel. */
export const placesAlong = (travel: number, of: 'force' | 'length') =>
  PLACES.map((share, i) => row(`place-${i + 1}`, of, { kind: 'length', value: share * travel }));

/** Slow speeds of first motion, m/min; common practice, no source. */
const RUN_ON = [0.5, 1, 2, 4, 8, 16] as const;

/** Whether letting go lets it fall. */
const falls = ({ axis }: Ground) => axis.demands.inclination.si > 0;

const ends = ({ axis: { fit } }: Ground) =>
  (['near', 'far'] as const).filter((side) => fit.ends[side].switch !== 'none');

type Make = (ground: Ground) => TrialPlan | null;

/** Steps by their kind; null where an axis has no use for one. */
const makes: Readonly<Record<Exclude<FirstKind, 'stop'>, Make>> = {
  hand: (g) =>
    trialOf('hand', g.axis.id, {
      fields: [row('arm', 'length')],
      rows: placesAlong(g.travel, 'force'),
      columns: ['pull'],
      instrument: 'scale',
      cautions: ['power-off', 'fingers', 'cord', ...(falls(g) ? (['prop'] as const) : [])],
      minutes: 10,
      again: 12,
    }),
  switches: (g) =>
    ends(g).length
      ? trialOf('switches', g.axis.id, {
          fields: looks(...ends(g).flatMap((side) => [`finger-${side}`, `wire-${side}`])),
          cautions: ['power-off', 'fingers'],
          again: 6,
        })
      : null,
  slow: (g) =>
    trialOf('slow', g.axis.id, {
      fields: [row('plus', 'look'), row('moved', 'length'), row('stop-moving', 'look')],
      instrument: 'dial',
      others: ['caliper'],
      cautions: ['stop-first', 'reach', 'fingers', ...(falls(g) ? (['drop'] as const) : [])],
      program: true,
    }),
  reversal: (g) =>
    trialOf('reversal', g.axis.id, {
      rows: repeats('length', 10),
      columns: ['end'],
      instrument: 'dial',
      cautions: ['reach', 'fingers'],
      program: true,
    }),
  'slow-travel': (g) =>
    trialOf('slow-travel', g.axis.id, {
      fields: looks('no-hesitation', 'no-growl', 'cables-free'),
      cautions: ['reach', 'fingers'],
      program: true,
    }),
  trip: (g) =>
    ends(g).length
      ? trialOf('trip', g.axis.id, {
          fields: looks(...ends(g).map((side) => `trips-${side}`)),
          cautions: ['fingers', 'reach'],
        })
      : null,
  'run-on': (g) =>
    ends(g).length
      ? trialOf('run-on', g.axis.id, {
          rows: RUN_ON.map((v) => v / 60)
            .filter((v, i) => i < 2 || v <= g.rapid)
            .map((v, i) => row(`speed-${i + 1}`, 'length', { kind: 'speed', value: v }, i > 1)),
          columns: ['way'],
          instrument: 'caliper',
          others: ['dial', 'ruler'],
          cautions: ['reach', 'fingers', 'not-a-stop'],
        })
      : null,
  home: (g) =>
    g.axis.fit.homing.at !== 'none'
      ? trialOf('home', g.axis.id, {
          fields: [
            row('found', 'look'),
            row('fast', 'speed'),
            row('slow', 'speed'),
            row('pull-off', 'length'),
            row('hysteresis', 'length'),
          ],
          cautions: ['reach'],
        })
      : null,
  'soft-limits': (g) =>
    g.axis.fit.homing.at !== 'none'
      ? trialOf('soft-limits', g.axis.id, {
          fields: looks('refused-near', 'refused-far'),
          cautions: ['reach'],
        })
      : null,
  'both-motors': (g) =>
    g.axis.drive.sets === 2
      ? trialOf('both-motors', g.axis.id, {
          fields: [...looks('own-a', 'own-b', 'same-way'), row('apart', 'length', null, true)],
          instrument: 'ruler',
          others: ['tape', 'dial'],
          cautions: ['reach', 'fingers'],
          again: 12,
        })
      : null,
  current: (g) =>
    trialOf('current', g.axis.id, {
      fields: [
        row('marking', 'look'),
        row('set', 'current'),
        row('warmer', 'temperatureRise'),
        ...(falls(g) ? looks('holds-idle') : []),
      ],
      cautions: ['power-off', 'hot'],
      minutes: 35,
    }),
  'plan-speed': (g) =>
    trialOf('plan-speed', g.axis.id, {
      fields: [row('ran', 'look'), row('shift', 'length')],
      instrument: 'dial',
      cautions: ['no-cutter', 'reach'],
      program: true,
    }),
};

/** The emergency stop, before anything moves: of the whole machine. */
function stopTrial({ axes }: Pick<Project, 'axes'>): TrialPlan {
  const heavy = axes.some((a) => a.demands.inclination.si > 0);
  return trialOf('stop', null, {
    fields: [
      ...looks('power-gone', 'stays-off'),
      ...(heavy ? [row('drop', 'length'), row('drop-held', 'look')] : []),
    ],
    instrument: 'ruler',
    others: ['dial'],
    cautions: ['drop', 'prop'],
    again: 6,
  });
}

/** First motion of a machine: step by step, each step for every axis before the next. */
export function firstPlans(project: Project, grounds: readonly Ground[]): readonly TrialPlan[] {
  const plans = firstKinds.flatMap((kind) =>
    kind === 'stop'
      ? [stopTrial(project)]
      : grounds.filter((g) => kind === 'hand' || isPositioned(g.axis)).flatMap((g) => makes[kind](g) ?? []),
  );
  // An axis waits for its own steps, and for what is of the whole machine.
  return plans.map((plan, i) => ({
    ...plan,
    after: plans
      .slice(0, i)
      .filter((p) => p.kind !== plan.kind && (p.axis === null || plan.axis === null || p.axis === plan.axis))
      .map((p) => p.key),
  }));
}
