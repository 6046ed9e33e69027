import { atLeast, comfort, NEVER_ENDS, verdictOf } from '@/core/findings';
import { putInAxis } from '@/core/model';
import { quantity } from '@/core/units';
import type { Analysis, LoadCase } from '../analysis';
import { moreTorque, offer } from '../candidates';
import { poweredCheck } from './subject';

const TURN = 2 * Math.PI;
/**
 * Where an open-loop stepper on a chopper may swing itself out of step, rad/s: 5 to 15 turns a second. Common
 * practice, no source: it hangs on rotor, load and driver.
 */
export const MID_BAND = { from: 5 * TURN, to: 15 * TURN } as const;
/** Share of the pull-out torque that an undamped stepper is trusted with there; common practice. */
const MID_SHARE = 0.5;

/** Whether the torque does not do anyway: that says more than one of its causes. */
const givesOut = ({ rungs }: Analysis): boolean =>
  rungs.some(({ id, limit, asked }) => id.startsWith('torque-') && verdictOf(limit, asked) === 'gives-out');

/** The case that has least to spare in the band: rapid crosses it, a cut may stay in it. */
function leastThere({ cases, gear, motor }: Analysis) {
  const turning = ({ speed }: LoadCase) => speed / gear.kMotor;
  const there = [cases['speed-up'], cases.cut].filter((c) => turning(c) >= MID_BAND.from);
  const held = there
    .filter((c) => c.id !== 'cut' || turning(c) <= MID_BAND.to)
    .map((c) => {
      const speed = Math.min(turning(c), MID_BAND.to);
      return { torque: c.torque, line: c.line, speed, usable: motor.usable(quantity('angularSpeed', speed)) };
    });
  return held.sort((a, b) => a.usable / a.torque - b.usable / b.torque)[0];
}

/** Resonance of rotor and current in the middle of the speed range of an open-loop stepper. */
export const midBand = poweredCheck({
  code: 'mid-band',
  judge: ({ analysis }) => {
    const { motor } = analysis.axis;
    // A measured curve has its dips in it, an encoder damps or says so, and a want of torque is said already.
    if (motor.kind !== 'stepper' || motor.loop === 'closed' || motor.curve) return undefined;
    if (motor.usableShare.si <= MID_SHARE || givesOut(analysis)) return undefined;
    const least = leastThere(analysis);
    if (!least) return undefined;
    return comfort(
      atLeast({
        code: 'mid-band',
        path: 'motor.usableShare',
        kind: 'torque',
        have: (least.usable / motor.usableShare.si) * MID_SHARE,
        need: least.torque,
        params: { speed: least.speed },
        line: least.line,
      }),
      NEVER_ENDS,
    );
  },
  candidates: ({ analysis: { axis } }) => [
    offer('closed-loop', [putInAxis('motor.loop', 'closed')]),
    ...moreTorque(axis),
  ],
});
