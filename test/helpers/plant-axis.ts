import type { Project, TrialEntry } from '@/core/model';
import { applyEdits, type HandFind } from '@/core/model';
import { beliefs, type Cause, rowsFor, sayEdits, signsRead, trialsOf, writeEdits } from '@/core/prove';
import {
  type Dice,
  diceOf,
  type DriveMakeup,
  drivePlant,
  limitSwitch,
  normalOf,
  pitchError,
  warmth,
} from '@/standins';
import { homes, kayak, stamped } from './trials';

/** An axis on a screw with one fault, as it is simulated. */
export interface PlantFault {
  readonly cause: Cause;
  /** What somebody finds who pushes it with the motor held. */
  readonly hand: HandFind;
}

const hands: Readonly<Partial<Record<Cause, HandFind>>> = {
  'nut-play': 'nut',
  'thrust-bearing': 'bearing',
  'coupling-spider': 'coupling',
  'grub-screw': 'hub',
  'preload-tight': 'drive-drag',
};

/** Causes that this plant can have: drawn as often as each other. */
export const plantCauses: readonly Cause[] = [
  'nut-play',
  'thrust-bearing',
  'coupling-spider',
  'grub-screw',
  'compensation',
  'steps-per-unit',
  'lead-error',
  'inch-or-ratio',
  'torque-at-speed',
  'direction-late',
  'home-switch',
  'warm-growth',
  'preload-tight',
];

const LEAD = 0.005;

interface Made {
  readonly drive: DriveMakeup;
  /** What the axis goes over what is asked. */
  readonly scale: number;
  readonly madeUp: number;
  /** Lost at each reversal, and by each hard move, m. */
  readonly late: number;
  readonly slips: number;
  readonly switchScatter: number;
  readonly growth: number;
  readonly uneven: number;
}

/** A plant with the fault of a cause, its size drawn. */
function madeOf(cause: Cause, dice: Dice): Made {
  const is = (...causes: Cause[]) => causes.includes(cause);
  const some = (low: number, high: number) => low + (high - low) * dice();
  const side = dice() < 0.5 ? -1 : 1;
  const play = is('nut-play', 'thrust-bearing', 'coupling-spider') ? some(6e-5, 2e-4) : 5e-6;
  const torque = is('torque-at-speed') ? some(0.1, 0.18) : 1;
  const tight = is('preload-tight');
  return {
    drive: {
      mass: 15,
      weight: 0,
      travel: LEAD / (2 * Math.PI),
      inertia: 8e-5,
      rotorTeeth: 50,
      // Enough at rest, and little of it at speed where that is the fault.
      pullOut: (w) => 2.5 / (1 + (w / 80) * (torque < 1 ? 1 / torque : 0.2)),
      detent: 0.03,
      supply: 1,
      damping: 4e-3,
      stiffness: 2e7,
      loss: 2e4,
      play,
      coulomb: tight ? some(60, 120) : 15,
      stiction: tight ? 130 : 20,
      viscous: 50,
      error: pitchError({
        lead: is('lead-error') ? side * some(3e-4, 8e-4) : side * 2e-5,
        wave: 3e-6,
        phase: 1,
        turn: LEAD,
        joints: [],
      }),
    },
    scale: is('steps-per-unit')
      ? 1 + side * some(3e-3, 9e-3)
      : is('inch-or-ratio')
        ? [1.25, 0.8, 2, 0.5][Math.floor(4 * dice())]!
        : 1,
    madeUp: is('compensation') ? some(6e-5, 1.5e-4) : 0,
    late: is('direction-late') ? some(3e-5, 6e-5) : 0,
    slips: is('grub-screw') ? some(6e-5, 2e-4) : 0,
    switchScatter: is('home-switch') ? some(8e-5, 2e-4) : 4e-6,
    growth: is('warm-growth') ? some(1.2e-4, 2.5e-4) : 1e-5,
    uneven: tight ? some(1.8, 2.5) : 1.1,
  };
}

const SECOND_OF = 1e-3;

/** An axis that is asked for places, and where its carriage then is. */
function axisOf(made: Made, dice: Dice) {
  const plant = drivePlant(made.drive);
  let [asked, last, gone] = [0, 1, 0];
  const go = (to: number, speed: number, acceleration = 1) => {
    const way = Math.sign(to - asked);
    if (!way) return;
    if (way !== last) gone -= made.late;
    last = way;
    const start = asked;
    const far = Math.abs(to - start);
    const peak = Math.min(speed, Math.sqrt(far * acceleration));
    const ramp = peak / acceleration;
    const whole = ramp + far / peak;
    for (let t = SECOND_OF; t < whole + 0.15; t += SECOND_OF) {
      const s = Math.min(t, whole);
      const brake = Math.max(0, s - (whole - ramp));
      const up = Math.min(s, ramp);
      const x =
        (acceleration * up * up) / 2 + peak * Math.max(0, s - ramp) - (acceleration * brake * brake) / 2;
      const at = start + way * Math.min(far, x);
      const more = way > 0 ? made.madeUp : 0;
      plant.step(made.scale * at + more + gone, SECOND_OF);
    }
    // A hub turns a little on its shaft whenever it is started hard.
    if (made.slips && acceleration > 0.5) gone += way * -made.slips * dice();
    asked = to;
  };
  const read = () => plant.state().place + 1.5e-6 * normalOf(dice);
  return { go, read };
}

type Entry = Omit<TrialEntry, 'typed'>;

const DISTANCES = [0.02, 0.04, 0.06, 0.08, 0.1];

function stepsOf(made: Made, dice: Dice): Entry[] {
  const { go, read } = axisOf(made, dice);
  const cell = (i: number, side: string, value: number): Entry => ({
    cell: `distance-${i + 1}/${side}`,
    value,
    at: DISTANCES[i]!,
  });
  go(-0.005, 0.02, 0.3);
  const up = DISTANCES.map((d, i) => {
    go(d, 0.03, 0.3);
    return cell(i, 'up', read());
  });
  go(0.105, 0.03, 0.3);
  const down = DISTANCES.toReversed().map((d, i) => {
    go(d, 0.03, 0.3);
    return cell(DISTANCES.length - 1 - i, 'down', read());
  });
  return [...up, ...down];
}

/** Ten reversals, each time back to the same place. */
function reversalsOf(made: Made, dice: Dice): Entry[] {
  const { go, read } = axisOf(made, dice);
  go(0.02, 0.03, 0.3);
  const first = read();
  return Array.from({ length: 10 }, (_, i) => {
    go(0.01, 0.03, 0.3);
    go(0.02, 0.03, 0.3);
    return { cell: `n-${i + 1}/end`, value: read() - first, at: null };
  });
}

/** There and back at the planned rapid: what is missing then. */
function planSpeedOf(made: Made, dice: Dice, rapid: number, acceleration: number): Entry[] {
  const { go, read } = axisOf(made, dice);
  go(0.02, 0.02, 0.3);
  const first = read();
  for (let i = 0; i < 3; i++) {
    go(0.2, rapid, acceleration);
    go(0.01, rapid, acceleration);
  }
  go(0.02, 0.02, 0.3);
  return [{ cell: 'shift', value: read() - first, at: null }];
}

/** With the motor held, pushed to and fro by five times its friction: how far it goes. */
function linksOf(made: Made): Entry[] {
  const plant = drivePlant(made.drive, true);
  const push = 5 * made.drive.coulomb;
  const settle = (force: number) => {
    for (let i = 0; i < 400; i++) plant.step(0, SECOND_OF, force);
    return plant.state().place;
  };
  settle(push);
  const value = Math.abs(settle(push) - settle(-push));
  const elastic = (2 * push) / made.drive.stiffness;
  return [{ cell: 'carriage', value: Math.max(0, value - elastic), at: null }];
}

function homingOf(made: Made, dice: Dice): Entry[] {
  const limit = limitSwitch(
    { at: 0, hysteresis: 2e-4, scatter: made.switchScatter, bounce: 0, broken: false },
    dice,
  );
  return Array.from({ length: 10 }, (_, i) => {
    let place = 1e-3;
    while (!limit.look(place, SECOND_OF)) place -= 1e-6;
    while (limit.look(place, SECOND_OF)) place += 1e-5;
    return { cell: `n-${i + 1}/cold`, value: place - 2e-4, at: null };
  });
}

function warmOf(made: Made): Entry[] {
  const heat = warmth(1, 900);
  const minutes = [2, 5, 10, 15, 20, 30, 45, 60];
  let now = 0;
  return minutes.map((m, i) => {
    heat.step(made.growth, 60 * (m - now));
    now = m;
    return { cell: `minute-${i + 1}/off`, value: heat.rise(), at: 60 * m };
  });
}

function handOf(made: Made, places: readonly number[], pull: number): Entry[] {
  return [
    { cell: 'arm', value: 0.05, at: null },
    ...places.map((at, i) => ({
      cell: `place-${i + 1}/pull`,
      value: pull * (i === 1 ? made.uneven : 1),
      at,
    })),
  ];
}

/** A machine whose axis was read in all the ways that tell its faults, and what pushing it by hand finds. */
export function plantRead(project: Project, axis: string, cause: Cause, seed: number) {
  const dice = diceOf(seed, cause);
  const made = madeOf(cause, dice);
  const demands = project.axes.find((a) => a.id === axis)!.demands;
  const records: Readonly<Record<string, Entry[]>> = {
    steps: stepsOf(made, dice),
    reversal: reversalsOf(made, dice),
    'plan-speed': planSpeedOf(made, dice, demands.rapid.si, demands.acceleration.si),
    links: linksOf(made),
    homing: homingOf(made, dice),
    'warm-up': warmOf(made),
    hand: handOf(made, [0.1, 0.5, 0.9], 2),
  };
  const machine = Object.entries(records).reduce((now, [kind, entries]) => {
    const typed = entries.map((e) => ({ ...e, typed: String(e.value).slice(0, 40) }));
    const key = `${kind}:${axis}`;
    const written = applyEdits(now, writeEdits(now, key, typed, stamped()));
    // A digital scale for ways, a fine spring scale for forces.
    const own = kind === 'hand' ? { digit: 0.05, limit: 0.05 } : { digit: 1e-6, limit: 3e-6 };
    return applyEdits(written, sayEdits(written, key, own, stamped()));
  }, project);
  // Nine in ten find by hand what is there.
  const right = dice() < 0.9;
  const hand: HandFind = right ? (hands[cause] ?? 'nothing') : 'frame';
  return { machine, hand };
}

const AXIS = 'gantry';
const rows = rowsFor(kayak.axes.find((a) => a.id === AXIS)!);

/** Where the right cause comes among all that such an axis can have, by readings of its plant alone. */
export function rankOf(cause: Cause, seed: number): number {
  const { machine, hand } = plantRead(homes, AXIS, cause, seed);
  const signs = Object.fromEntries(signsRead(trialsOf(machine), AXIS).map((s) => [s.sign, s.there]));
  return beliefs({ signs, hand }, rows).findIndex((b) => b.cause === cause) + 1;
}
