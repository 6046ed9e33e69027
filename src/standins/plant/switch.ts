import { type Dice, normalOf } from '../seeds';

/** A limit switch: where it closes, how far it opens behind that, its scatter and its bounce. */
export interface SwitchMakeup {
  /** Trips at or below this place, m. */
  readonly at: number;
  readonly hysteresis: number;
  readonly scatter: number;
  /** Longest bounce, s. */
  readonly bounce: number;
  /** A wire that is broken: a good circuit reads as tripped. */
  readonly broken: boolean;
}

export interface LimitSwitch {
  readonly look: (place: number, seconds: number) => boolean;
}

/** A switch with its own chance: each closing is a little elsewhere. */
export function limitSwitch(made: SwitchMakeup, dice: Dice): LimitSwitch {
  let closed = false;
  let closes = made.at + made.scatter * normalOf(dice);
  let bouncing = 0;
  return {
    look: (place, seconds) => {
      if (made.broken) return true;
      if (!closed && place <= closes) {
        closed = true;
        bouncing = made.bounce * dice();
      } else if (closed && place > closes + made.hysteresis) {
        closed = false;
        closes = made.at + made.scatter * normalOf(dice);
        bouncing = made.bounce * dice();
      }
      bouncing = Math.max(0, bouncing - seconds);
      return bouncing > 0 && dice() < 0.5 ? !closed : closed;
    },
  };
}
