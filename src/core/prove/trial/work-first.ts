import { meanOf, mayTry, normalRange95, rangeDoubt, stoppingOf, wayAt } from '@/core/metrology';
import { column, lossLimit, placeOf, propagated, trialDoubt, type TrialRead } from './reading';
import { trialFigure, type TrialFigure, type TrialNote, type TrialResult } from './result';

/** What a kind makes of its record; missing cells and refused looks are counted by the caller. */
export type Worked = Partial<Pick<TrialResult, 'figures' | 'notes' | 'series'>>;
export type Work = (read: TrialRead) => Worked;

export const checksOf = (read: TrialRead, id: NonNullable<TrialFigure['checks']>['id']) =>
  read.plan.axis === null ? null : { id, axis: read.plan.axis };

/** By hand it may take twice what is foretold, and half as much again where it is stiffest; practice. */
const HAND = { most: 2, uneven: 1.5 } as const;

export const workHand: Work = (read) => {
  const arm = read.get('arm');
  const pulls = column(read, 'pull');
  if (!arm || pulls.length < 2) return {};
  const torques = pulls.map((p) => Math.abs(p.value) * arm);
  const { mean, scatter } = meanOf(torques);
  const one = trialDoubt(read).expanded * arm;
  const expanded = Math.hypot(one, (2 * scatter) / Math.sqrt(torques.length));
  const foretold = read.ground?.foretold.get('hand');
  const least = Math.min(...torques);
  const figures = [
    trialFigure({
      id: 'hand-torque',
      of: 'torque',
      value: mean,
      expanded,
      good: foretold === undefined ? null : HAND.most * foretold,
      checks: checksOf(read, 'hand'),
    }),
  ];
  if (least > 0) {
    const ratio = Math.max(...torques) / least;
    // Both ends of the ratio are read.
    const off = (ratio * Math.SQRT2 * one) / mean;
    figures.push(trialFigure({ id: 'uneven', of: 'ratio', value: ratio, expanded: off, good: HAND.uneven }));
  }
  const points = pulls.map((p, i) => ({ x: placeOf(p.row), y: torques[i]! }));
  return { figures, series: [{ name: 'torque', points }] };
};

/** Asked of the first move, and how far it may be off; common practice, no source. */
export const FIRST_MOVE = 0.005;
const MOVE_OFF = 0.02;

export const workSlow: Work = (read) => {
  const moved = read.get('moved');
  if (moved === undefined) return {};
  const { expanded } = trialDoubt(read, { ends: 2 });
  const off = Math.abs(moved) / FIRST_MOVE - 1;
  return {
    figures: [
      trialFigure({
        id: 'first-move',
        of: 'ratio',
        value: off,
        expanded: expanded / FIRST_MOVE,
        good: MOVE_OFF,
      }),
    ],
  };
};

export const workReversal: Work = (read) => {
  const ends = column(read, 'end').map((e) => e.value);
  if (ends.length < 2) return {};
  const range = Math.max(...ends) - Math.min(...ends);
  const { standard } = trialDoubt(read);
  const expanded = rangeDoubt(range, ends.length, standard);
  // Within three standard uncertainties, half a full step, or what scatter alone spreads, nothing was lost.
  const good = Math.max(lossLimit(read), normalRange95(ends.length) * standard) + expanded;
  const points = ends.map((y, i) => ({ x: i + 1, y }));
  return {
    figures: [trialFigure({ id: 'range', of: 'length', value: range, expanded, good })],
    series: [{ name: 'end', points }],
  };
};

/** Only so much of the room behind a switch is spent. */
const ROOM_SHARE = 1.5;

export const workRunOn: Work = (read) => {
  const runs = column(read, 'way').map(({ row, value }) => ({ speed: placeOf(row), way: value }));
  if (runs.length < 2) return {};
  const stopping = stoppingOf(runs);
  const { ground } = read;
  const rapid = ground?.rapid ?? 0;
  const room = ground?.room ?? null;
  const next = read.plan.rows.find((r) => read.get(`${r.id}/way`) === undefined);
  const notes: TrialNote[] = room === null ? [{ code: 'room-unknown', values: {} }] : [];
  if (next && room !== null)
    notes.push({
      code: 'next-speed',
      values: {
        speed: placeOf(next),
        way: wayAt(stopping, placeOf(next)),
        may: mayTry(stopping, placeOf(next), room) ? 1 : 0,
      },
    });
  const way = wayAt(stopping, rapid);
  // What is foretold beyond the fastest run grows in doubt with the speed.
  const far = propagated(
    runs.map((r) => r.way),
    (ways) => wayAt(stoppingOf(runs.map(({ speed }, i) => ({ speed, way: ways[i]! }))), rapid),
    trialDoubt(read).standard,
  );
  return {
    figures: [
      trialFigure({
        id: 'stop-at-rapid',
        of: 'length',
        value: way,
        expanded: 1.96 * far,
        good: room === null ? null : room / ROOM_SHARE,
        checks: checksOf(read, 'stop'),
      }),
      trialFigure({ id: 'reaction', of: 'time', value: stopping.reaction, expanded: null }),
      ...(Number.isFinite(stopping.braking)
        ? [trialFigure({ id: 'braking', of: 'acceleration', value: stopping.braking, expanded: null })]
        : []),
    ],
    notes,
    series: [{ name: 'way', points: runs.map((r) => ({ x: r.speed, y: r.way })) }],
  };
};

/** A slow second pass, and a pull-off that clears the switch; common practice, no source. */
const SLOW_SHARE = 0.1;
const PULL_OFF = 2;

export const workHome: Work = (read) => {
  const [fast, slow] = [read.get('fast'), read.get('slow')];
  const [off, hysteresis] = [read.get('pull-off'), read.get('hysteresis')];
  const figures: TrialFigure[] = [];
  if (fast && slow !== undefined)
    figures.push(
      trialFigure({ id: 'slow-share', of: 'ratio', value: slow / fast, expanded: 0, good: SLOW_SHARE }),
    );
  if (off && hysteresis !== undefined)
    figures.push(
      trialFigure({
        id: 'hysteresis-share',
        of: 'ratio',
        value: hysteresis / off,
        expanded: 0,
        good: 1 / PULL_OFF,
      }),
    );
  return { figures };
};

/** A motor’s case may be so much warmer than the shop (80 °C at 20 °C; memory). */
const CASE = 60;
const CURRENT_OFF = 0.05;

export const workCurrent: Work = (read) => {
  const [set, warmer] = [read.get('set'), read.get('warmer')];
  const planned = read.ground?.axis.driver.setCurrent.si;
  const figures: TrialFigure[] = [];
  if (set !== undefined && planned)
    figures.push(
      trialFigure({
        id: 'current-off',
        of: 'ratio',
        value: set / planned - 1,
        expanded: 0,
        good: CURRENT_OFF,
      }),
    );
  if (warmer !== undefined)
    figures.push(trialFigure({ id: 'case', of: 'temperatureRise', value: warmer, expanded: 2, good: CASE }));
  return { figures };
};

/** Whether the axis comes back to where it was. */
export const workShift: Work = (read) => {
  const shift = read.get('shift');
  if (shift === undefined) return {};
  const { expanded } = trialDoubt(read, { ends: 2 });
  return {
    figures: [
      trialFigure({ id: 'shift', of: 'length', value: shift, expanded, good: lossLimit(read) + expanded }),
    ],
  };
};

/** How far the side at the larger Y stands ahead, + ahead: a setting, no verdict. */
export const workBothMotors: Work = (read) => {
  const apart = read.get('apart');
  if (apart === undefined) return {};
  const { expanded } = trialDoubt(read, { ends: 2 });
  return { figures: [trialFigure({ id: 'apart', of: 'length', value: apart, expanded })] };
};

/** How far the plunge falls when the power goes; common practice, no source. */
const DROP = 0.001;

export const workStop: Work = (read) => {
  const drop = read.get('drop');
  if (drop === undefined) return {};
  const { expanded } = trialDoubt(read);
  return { figures: [trialFigure({ id: 'drop', of: 'length', value: drop, expanded, good: DROP })] };
};
