import { type Axis, isCranked, type Measure } from '@/core/model';
import {
  backDrivingTorque,
  brakingEnergy,
  creditedForce,
  creditedTorque,
  joinedTorque,
  moveTime,
  peakPower,
  shuttleTorque,
  signedTorque,
  supplyPower,
  trainTorque,
} from '@/core/motion';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import type { Swing } from '@/core/drives';
import { type Analysis, steadyCut, torqueFor } from './analysis';
import { gearSources } from './gear';
import { sealsOf } from './balance';

const NONE = quantity('force', 0);

/** The train as the signed torque equation wants it. */
export const signedTrain = ({ drive, motorInertia, gear }: Analysis) => ({
  motorInertia,
  driveInertia: drive.inertia,
  ratio: gear.ratio,
  reducerEfficiency: gear.reducerEfficiency,
  k: drive.k,
  efficiency: drive.efficiency,
  backEfficiency: drive.backEfficiency,
  drag: drive.drag,
});

/** Where the figures of the train come from; gathered only where there is a working. */
const trainSources = ({ axis, drive }: Analysis) => ({
  ...gearSources(axis),
  motorInertia: '#motor.turning',
  driveInertia: drive.inertiaSource,
  k: '#drive.k',
  efficiency: drive.efficiencySource,
  backEfficiency: '#drive.backEfficiency',
  drag: drive.dragSource,
});

/** A move over a distance as the formulas of motion want it. */
export function moveOf(
  { demands }: Axis,
  travel: Quantity<'length'>,
  travelSource: string,
  speed: 'rapid' | 'feed',
) {
  return {
    move: {
      travel,
      rapid: demands[speed].si,
      acceleration: demands.acceleration.si,
      jerk: demands.jerk?.si ?? quantity('jerk', Infinity),
    },
    sources: {
      travel: travelSource,
      rapid: `demands.${speed}`,
      acceleration: 'demands.acceleration',
      jerk: demands.jerk ? 'demands.jerk' : undefined,
    },
  };
}

/** Share of a guess that may be counted on where it helps; common practice, no source. */
const GUESSED = 0.5;

/** How much of figures may be counted on that stand together: half where one of them is guessed. */
export const creditOf = (measures: readonly (Measure | null | undefined)[]): Quantity<'ratio'> =>
  quantity(
    'ratio',
    measures.some((m) => m && m.si !== 0 && (m.basis === 'estimate' || m.basis === 'ours')) ? GUESSED : 1,
  );

/** Drag of the guides that is counted on to hold the weight of an axis. */
export function holdingDrag({ axis, drag: all }: Analysis, sheet: Worksheet): Quantity<'force'> {
  const { guideDrag, otherDrag } = axis.loads;
  const { friction, seal } = axis.guide;
  const credit = creditOf([otherDrag, ...(guideDrag ? [guideDrag] : [friction, seal])]);
  // A seal that has stood still may stick or let go: it is not counted on.
  const drag = quantity('force', all - sealsOf(axis));
  return sheet.apply(creditedForce, { drag, credit }, 'drop.guides', { drag: '#drag' });
}

/** Drag of the drive that is counted on to hold the weight of an axis. */
export function holdingTorque({ axis, drive }: Analysis, sheet: Worksheet): Quantity<'torque'> {
  const nut = axis.drive.kind === 'screw' ? axis.drive.thread.preload : null;
  const credit = creditOf([axis.drive.bearingDrag, nut]);
  return sheet.apply(creditedTorque, { drag: drive.drag, credit }, 'drop.drive', { drag: drive.dragSource });
}

/** Torque in which the drive holds the weight at rest, with the power on; written as the line `drops`. */
export function restingTorque(analysis: Analysis, sheet: Worksheet): Quantity<'torque'> {
  const { axis, gravity, share, drive, gear } = analysis;
  return sheet.apply(
    backDrivingTorque,
    {
      share,
      weight: gravity,
      guideDrag: holdingDrag(analysis, sheet),
      k: drive.k,
      backEfficiency: drive.backEfficiency,
      drag: holdingTorque(analysis, sheet),
      ratio: gear.ratio,
    },
    'drops',
    {
      ratio: axis.reducer ? 'reducer.ratio' : undefined,
      share: axis.drive.sets === 2 ? 'drive.worstShare' : undefined,
      weight: '#gravity',
      guideDrag: '#drop.guides',
      k: '#drive.k',
      backEfficiency: '#drive.backEfficiency',
      drag: '#drop.drive',
    },
  );
}

/** Braking on the way down, where the weight pushes on; on a level axis the way does not matter. */
export function brakingTorque(analysis: Analysis, sheet: Worksheet): Quantity<'torque'> {
  const {
    axis: { demands },
    share,
    mass,
    drag,
    gravity,
  } = analysis;
  const train = signedTrain(analysis);
  const acceleration = quantity('acceleration', -demands.acceleration.si);
  const force = quantity('force', share * (mass * acceleration + drag - Math.abs(gravity)));
  // Search runs this dozens of times: without a working there is no need to gather its sources.
  if (!sheet.records) return quantity('torque', trainTorque(train, acceleration, force));
  return sheet.apply(signedTorque, { ...train, acceleration, force }, 'torque.brake', {
    ...trainSources(analysis),
    acceleration: 'demands.acceleration',
    force: '#force.speed-up',
  });
}

/** RMS torque over the duty cycle that was typed, or over the hardest usual one, and its time. */
export interface DutyTorque {
  readonly rms: Quantity<'torque'>;
  readonly time: Quantity<'time'>;
  readonly line: string;
  /** What it is over: the duty that was typed, to and fro at rapid or cutting, or a cut without an end. */
  readonly over: 'typed' | 'rapid' | 'cutting' | 'endless';
}

type Run = (
  key: string,
  distance: Quantity<'length'>,
  source: string,
  does: 'rapid' | 'cut',
) => { readonly rms: Quantity<'torque'>; readonly time: () => Quantity<'time'> };

/**
 * What heats a motor most where no duty is typed: to and fro over the travel at rapid, to and fro cutting, or
 * one cut without an end, for a long job stands in its cut for minutes.
 */
function usualDuty(analysis: Analysis, run: Run, sheet: Worksheet): DutyTorque {
  const { travel, cuttingForce } = analysis.axis.demands;
  const there = (key: string, does: 'rapid' | 'cut', over: DutyTorque['over']) => {
    const { rms, time } = run(key, travel.si, 'demands.travel', does);
    return { rms, time, line: key, over };
  };
  const found = [there('shuttle-torque', 'rapid', 'rapid')];
  if (cuttingForce.si) {
    const cutting = there('shuttle-cutting', 'cut', 'cutting');
    const { torque: rms } = steadyCut(analysis, sheet);
    found.push(cutting, { rms, time: cutting.time, line: 'torque.cut-steady', over: 'endless' });
  }
  const { rms, time, line, over } = found.reduce((most, one) => (one.rms > most.rms ? one : most));
  return { rms, time: quantity('time', 2 * time()), line, over };
}

/** What a crank that turns on and on heats its motor with. */
function swingDuty(analysis: Analysis, swing: Swing, key: string, does: 'rapid' | 'cut', sheet: Worksheet) {
  const { axis, share, mass, drag, gravity } = analysis;
  const { cuttingForce, feed, rapid } = axis.demands;
  const cutting = does === 'cut' ? cuttingForce.si : 0;
  const load = {
    steady: quantity('force', share * (drag + Math.abs(gravity) + cutting)),
    mass: quantity('mass', share * mass),
    speed: does === 'cut' ? feed.si : rapid.si,
  };
  const thrust = swing.rms(load, `${key}.thrust`, sheet);
  const still = quantity('acceleration', 0);
  return {
    rms: torqueFor(analysis, key, thrust, `#${key}.thrust`, still, sheet),
    time: () => swing.time(load.speed, sheet),
  };
}

/** Heating of the motor by what it does over and over. */
export function dutyTorque(analysis: Analysis, sheet: Worksheet): DutyTorque {
  const { axis, share, mass, massSource, drag, gravity, drive } = analysis;
  const train = signedTrain(analysis);
  const run = (key: string, distance: Quantity<'length'>, source: string, does: 'rapid' | 'cut') => {
    if (drive.swing) return swingDuty(analysis, drive.swing, key, does, sheet);
    const { move, sources: from } = moveOf(axis, distance, source, does === 'cut' ? 'feed' : 'rapid');
    const rms = sheet.apply(
      shuttleTorque,
      // Written out: a spread costs as much as the integral.
      {
        motorInertia: train.motorInertia,
        driveInertia: train.driveInertia,
        ratio: train.ratio,
        reducerEfficiency: train.reducerEfficiency,
        k: train.k,
        efficiency: train.efficiency,
        backEfficiency: train.backEfficiency,
        drag: train.drag,
        travel: distance,
        rapid: move.rapid,
        acceleration: move.acceleration,
        jerk: move.jerk,
        share,
        mass,
        guideDrag: drag,
        gravity,
        cutting: does === 'cut' ? axis.demands.cuttingForce.si : NONE,
      },
      key,
      sheet.records
        ? {
            ...from,
            ...trainSources(analysis),
            mass: massSource,
            guideDrag: '#drag',
            gravity: '#gravity',
            cutting: does === 'cut' ? 'demands.cuttingForce' : undefined,
          }
        : undefined,
    );
    // Asked for only of what is chosen: a move is not planned anew for nothing.
    return { rms, time: () => sheet.apply(moveTime, move, `${key}.time`, from) };
  };
  if (!axis.duty.length) return usualDuty(analysis, run, sheet);
  const resting = quantity('torque', Math.max(0, restingTorque(analysis, sheet)));
  let rms = quantity('torque', 0);
  let time = quantity('time', 0);
  let before: string | undefined;
  const join = (key: string, second: Quantity<'torque'>, secondTime: number, source: string) => {
    rms = sheet.apply(
      joinedTorque,
      { first: rms, firstTime: time, second, secondTime: quantity('time', secondTime) },
      key,
      { first: before, second: source },
    );
    time = quantity('time', time + secondTime);
    before = `#${key}`;
  };
  axis.duty.forEach((step, i) => {
    if (step.does !== 'rest') {
      const one = run(`duty.${i}`, step.distance.si, `duty.${i}.distance`, step.does);
      join(`duty.${i}.moved`, one.rms, step.times.si * one.time(), `#duty.${i}`);
    }
    if (step.rest.si > 0) join(`duty.${i}.rested`, resting, step.times.si * step.rest.si, '#drops');
  });
  return { rms, time, line: before?.slice(1) ?? 'drops', over: 'typed' };
}

/** Heat of one motor and its peak mechanical power, and what the supply must give for all of the axis. */
export function powerOf(analysis: Analysis, sheet: Worksheet) {
  const { axis, cases, gear, motor } = analysis;
  const heat = motor.copperLoss(sheet);
  const mechanical = sheet.apply(
    peakPower,
    {
      torque: cases['speed-up'].torque,
      steady: cases.rapid.torque,
      speed: axis.demands.rapid.si,
      acceleration: axis.demands.acceleration.si,
      jerk: axis.demands.jerk?.si ?? quantity('jerk', Infinity),
      k: gear.kMotor,
    },
    'peak-power',
    {
      torque: '#torque.speed-up',
      steady: '#torque.rapid',
      speed: 'demands.rapid',
      acceleration: 'demands.acceleration',
      jerk: axis.demands.jerk ? 'demands.jerk' : undefined,
      k: gear.kSource,
    },
  );
  if (isCranked(axis)) return { heat, mechanical, drawn: quantity('power', 0) };
  const drawn = sheet.apply(
    supplyPower,
    {
      motors: quantity('count', axis.drive.sets),
      heat: heat.power,
      mechanical,
      others: axis.supply.others.si,
    },
    'supply-power',
    { heat: heat.source, mechanical: '#peak-power', others: 'supply.others' },
  );
  return { heat, mechanical, drawn };
}

/** Energy that a stop from rapid sends back into the supply. */
export function energyBack(analysis: Analysis, sheet: Worksheet): Quantity<'energy'> {
  const {
    axis: { demands, drive },
    gear,
    motor,
  } = analysis;
  const heat = motor.copperLoss(sheet);
  const torque = brakingTorque(analysis, sheet);
  return sheet.apply(
    brakingEnergy,
    {
      motors: quantity('count', drive.sets),
      torque,
      speed: demands.rapid.si,
      k: gear.kMotor,
      acceleration: demands.acceleration.si,
      heat: heat.power,
    },
    'braking-energy',
    {
      torque: '#torque.brake',
      speed: 'demands.rapid',
      k: gear.kSource,
      acceleration: 'demands.acceleration',
      heat: heat.source,
    },
  );
}
