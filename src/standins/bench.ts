import { controllerStandIn, type ControllerStandIn } from './controller';
import { type AxisLetter, axisLetters, type Mechanism } from './controller';
import { type DialMakeup, dialStandIn, type DialStandIn } from './dial/dial';
import { type DriveMakeup, drivePlant, type DrivePlant, limitSwitch, type SwitchMakeup } from './plant';
import { diceOf } from './seeds';

/** One axis of a bench: its drive, its switch, and the steps for a millimetre that would be true. */
export interface BenchAxis {
  readonly drive: DriveMakeup;
  readonly switch: SwitchMakeup;
  readonly trueSteps: number;
}

/** A machine with hidden faults behind a controller and an indicator. */
export interface BenchStandIn {
  readonly controller: ControllerStandIn;
  /** Reads the carriage of the first axis that is there. */
  readonly dial: DialStandIn;
  /** Goes on by so many milliseconds. */
  readonly run: (ms: number) => void;
  /** Where a carriage really is, m: for tests, no builder sees it. */
  readonly truth: (axis: AxisLetter) => number;
  /** Sets the indicator’s base so that it begins in the middle of its range. */
  readonly setDial: () => void;
}

const STEPPED = 1e-3;

/**
 * A machine whose axes are plants; an axis that is left out follows without any error.
 * @param seed of everything that is chance in it.
 */
export function benchStandIn(
  axes: Readonly<Partial<Record<AxisLetter, BenchAxis>>>,
  dialMade: DialMakeup,
  seed: number,
): BenchStandIn {
  const plants = new Map<AxisLetter, DrivePlant>();
  const looks = new Map<AxisLetter, (seconds: number) => boolean>();
  const tripped = new Map<AxisLetter, boolean>();
  const ideal: Record<AxisLetter, number> = { x: 0, y: 0, z: 0 };
  for (const [l, made] of Object.entries(axes) as [AxisLetter, BenchAxis][]) {
    const plant = drivePlant(made.drive);
    const limit = limitSwitch(made.switch, diceOf(seed, `switch ${l}`));
    plants.set(l, plant);
    looks.set(l, (seconds) => limit.look(plant.state().place, seconds));
  }
  const mechanism: Mechanism = {
    drive: (to, seconds) => {
      for (const l of axisLetters) {
        const plant = plants.get(l);
        if (!plant) {
          ideal[l] = to[l] / 1000;
          continue;
        }
        // Pulses turn the motor; how far that goes is the drive’s affair.
        const share = controller.settings.of(l, 'steps') / axes[l]!.trueSteps;
        plant.step((to[l] / 1000) * share, seconds);
        tripped.set(l, looks.get(l)!(seconds));
      }
    },
    tripped: (l) => tripped.get(l) ?? false,
    touched: () => false,
    stopped: () => false,
    supplied: () => true,
  };
  const controller = controllerStandIn(mechanism);
  const dial = dialStandIn(dialMade, diceOf(seed, 'dial'));
  const [first] = plants.keys();
  const truth = (l: AxisLetter) => plants.get(l)?.state().place ?? ideal[l];
  let base = 0;
  return {
    controller,
    dial,
    truth,
    setDial: () => {
      base = truth(first ?? 'x') - dialMade.range / 2;
    },
    run: (ms) => {
      for (let i = 0; i < ms; i++) {
        controller.run(STEPPED * 1000);
        dial.run(1, truth(first ?? 'x') - base);
      }
    },
  };
}
