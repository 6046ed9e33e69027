import { type Mechanism, type Place, straight } from './moves';
import type { Motion } from './motion';
import type { AxisLetter, Settings } from './settings';

/** One axis after the other: fast onto its switch, off it, slowly onto it, and away from it. */
export interface Homing {
  /** @returns `going`, `done`, or that no switch was found. */
  readonly step: (seconds: number) => 'going' | 'done' | 'lost';
}

type Stage = 'seek' | 'back' | 'slow' | 'off';
const stages: readonly Stage[] = ['seek', 'back', 'slow', 'off'];

/** So much farther than its travel an axis looks for its switch. */
const LOOK = 1.2;
/** Off the switch before the slow approach, mm. */
const BACK = 5;

interface Ground {
  readonly moves: Motion;
  readonly settings: Settings;
  readonly mechanism: Mechanism;
  readonly onHomed: (axis: AxisLetter) => void;
}

export function homing(axes: readonly AxisLetter[], { moves, settings, mechanism, onHomed }: Ground): Homing {
  const left = [...axes];
  let stage = 0;
  let begun = false;

  const by = (axis: AxisLetter, way: number): Place => ({ ...moves.at(), [axis]: moves.at()[axis] + way });
  const speedOf = (axis: AxisLetter, of: Stage) =>
    settings.of(axis, of === 'seek' ? 'seek' : of === 'off' ? 'seek' : 'slow');
  const wayOf = (axis: AxisLetter, of: Stage): number => {
    const sign = settings.of(axis, 'home-dir') < 0 ? -1 : 1;
    const travel = settings.of(axis, 'travel');
    const ways = { seek: LOOK * travel, back: -BACK, slow: 2 * BACK, off: -settings.of(axis, 'off') };
    return sign * ways[of];
  };
  const start = (axis: AxisLetter, of: Stage) => {
    const path = straight(
      moves.at(),
      by(axis, wayOf(axis, of)),
      speedOf(axis, of),
      settings.of(axis, 'amax'),
    );
    moves.add({ does: 'path', seq: 0, path, touch: false });
    begun = true;
  };
  const named = (axis: AxisLetter) => {
    const low = settings.of(axis, 'home-dir') < 0;
    // The trip is nought at the low end, the travel at the high one.
    moves.place({ ...moves.at(), [axis]: low ? 0 : settings.of(axis, 'travel') });
  };
  const forward = (axis: AxisLetter) => {
    begun = false;
    if (stages[stage] === 'slow') named(axis);
    stage += 1;
    if (stage < stages.length) return;
    stage = 0;
    left.shift();
    onHomed(axis);
  };
  return {
    step: (seconds) => {
      const [axis] = left;
      if (!axis) return 'done';
      const of = stages[stage]!;
      if (!begun) start(axis, of);
      const ended = moves.step(seconds);
      const looks = of === 'seek' || of === 'slow';
      if (looks && mechanism.tripped(axis)) {
        moves.cut();
        forward(axis);
      } else if (ended && looks) return 'lost';
      else if (ended) forward(axis);
      return left.length ? 'going' : 'done';
    },
  };
}
