import type { Move, Path, Place } from './moves';

/** What runs: how far, how fast, and where that is. */
interface Running {
  readonly move: Move;
  way: number;
  /** mm/s */
  speed: number;
  waited: number;
}

/** Moves that were planned, run one after the other from rest to rest. */
export interface Motion {
  readonly add: (move: Move) => void;
  readonly used: () => number;
  readonly at: () => Place;
  /** All that was driven since it was switched on: a place that is named anew is no motion. */
  readonly driven: () => Place;
  /** Names the place; at rest only. */
  readonly place: (at: Place) => void;
  /** mm/s along the way. */
  readonly speed: () => number;
  readonly resting: () => boolean;
  readonly hold: (on: boolean) => void;
  readonly held: () => boolean;
  /** Stops as fast as the axes may, and throws the plan away. */
  readonly drop: () => void;
  /** @returns the number of a move that has come to its end in this step, and whether it was to touch. */
  readonly step: (seconds: number) => Move | null;
  /** The move that runs. */
  readonly inHand: () => Move | null;
  /** Ends the move in hand where it is. */
  readonly cut: () => void;
}

export const PLAN_SIZE = 16;

/** The speed after a step: towards what is asked, and never faster than can still be braked away. */
function speedAfter(speed: number, left: number, path: Path, wanted: number, seconds: number): number {
  const by = path.acceleration * seconds;
  const next = speed < wanted ? Math.min(wanted, speed + by) : Math.max(wanted, speed - by);
  // With a step of lead, so that it does not run over its end.
  const brakes = Math.sqrt(Math.max(0, 2 * path.acceleration * left));
  return Math.min(next, Math.max(brakes, by));
}

export function motion(start: Place): Motion {
  const plan: Move[] = [];
  let running: Running | null = null;
  let at = start;
  let driven: Place = { x: 0, y: 0, z: 0 };
  const drive = (to: Place) => {
    driven = { x: driven.x + to.x - at.x, y: driven.y + to.y - at.y, z: driven.z + to.z - at.z };
    at = to;
  };
  let holding = false;
  let dropping: { path: Path; way: number; speed: number } | null = null;

  const begin = () => {
    const move = plan.shift();
    if (move) running = { move, way: 0, speed: 0, waited: 0 };
  };
  const stepDrop = (seconds: number) => {
    const d = dropping!;
    d.speed = Math.max(0, d.speed - d.path.acceleration * seconds);
    d.way = Math.min(d.path.length, d.way + d.speed * seconds);
    drive(d.path.at(d.way));
    if (d.speed === 0 || d.way >= d.path.length) dropping = null;
  };
  const stepPath = (r: Running, path: Path, seconds: number): boolean => {
    const wanted = holding ? 0 : path.feed / 60;
    r.speed = speedAfter(r.speed, path.length - r.way, path, wanted, seconds);
    r.way = Math.min(path.length, r.way + r.speed * seconds);
    drive(path.at(r.way));
    return r.way >= path.length - 1e-9;
  };
  return {
    add: (move) => plan.push(move),
    used: () => plan.length + (running ? 1 : 0),
    at: () => at,
    driven: () => driven,
    place: (to) => {
      at = to;
    },
    speed: () => dropping?.speed ?? running?.speed ?? 0,
    resting: () => dropping === null && (running === null || (holding && running.speed === 0)),
    hold: (on) => {
      holding = on;
    },
    held: () => holding,
    drop: () => {
      const r = running;
      if (r?.move.does === 'path' && r.speed > 0)
        dropping = { path: r.move.path, way: r.way, speed: r.speed };
      running = null;
      plan.length = 0;
      holding = false;
    },
    inHand: () => running?.move ?? null,
    cut: () => {
      running = null;
    },
    step: (seconds) => {
      if (dropping) {
        stepDrop(seconds);
        return null;
      }
      if (!running && !holding) begin();
      const r: Running | null = running;
      if (!r) return null;
      const { move } = r as Running;
      let done = false;
      if (move.does === 'path') done = stepPath(r, move.path, seconds);
      else if (!holding) {
        (r as Running).waited += seconds * 1000;
        done = (r as Running).waited >= move.ms - 1e-9;
      }
      if (!done) return null;
      running = null;
      return move;
    },
  };
}
