import { startingFit } from '../fit/starting';
import { guess as m } from '../guess';
import type { Axis, Role } from './schema';
import { startingDrive, startingMotor } from './starting-drives';
import { startingCoupling, startingGuide } from './starting-guide';

/**
 * Letters follow ISO 841 for a moving gantry (X the long way, Z along the spindle); they are only a proposal.
 */
const letters: Record<Role, string> = { bed: 'X', gantry: 'Y', plunge: 'Z', table: 'X' };

/** What a new axis and the one body on it are called; words come from above. */
export interface AxisNames {
  readonly axis: string;
  readonly body: string;
}

const plain = (role: Role): AxisNames => ({ axis: role, body: role });

/**
 * An axis to start from. Every figure is marked as an estimate, so that each is asked for; the values are a
 * middling hobby axis and stand for nothing real.
 */
export function startingAxis(role: Role, id: string, names: AxisNames = plain(role)): Axis {
  const upright = role === 'plunge';
  const travel = upright ? 0.12 : 0.8;
  return {
    id,
    role,
    letter: letters[role],
    name: names.axis,
    carriedBy: null,
    demands: {
      travel: m('length', upright ? '120 mm' : '800 mm'),
      inclination: m('angle', upright ? '90°' : '0°'),
      feed: m('speed', upright ? '1 m/min' : '2 m/min'),
      rapid: m('speed', upright ? '3 m/min' : '5 m/min'),
      acceleration: m('acceleration', '0.5 m/s²'),
      jerk: null,
      cuttingForce: m('force', '100 N'),
      cuttingFrom: 'typed',
      lostMotion: null,
    },
    loads: {
      masses: [{ id: 'all', name: names.body, mass: m('mass', upright ? '8 kg' : '25 kg'), shape: null }],
      guideDrag: m('force', '20 N'),
      otherDrag: m('force', '0 N'),
      counterbalance: m('force', '0 N'),
      balance: [],
    },
    guide: startingGuide(),
    drive: startingDrive('screw', travel),
    reducer: null,
    coupling: startingCoupling(),
    motor: startingMotor('stepper'),
    driver: {
      marking: 'crest',
      setCurrent: m('current', '2.8 A'),
      microsteps: m('count', '8'),
      maxVoltage: m('voltage', '50 V'),
      maxCurrent: m('current', '4.2 A'),
    },
    supply: {
      voltage: m('voltage', '36 V'),
      power: null,
      others: m('power', '0 W'),
      capacitance: null,
      brakeResistor: 'none',
    },
    controller: { pulseLimit: m('pulseRate', '100 kHz'), calibration: 'none' },
    fit: startingFit(),
    duty: [],
    parts: {},
  };
}
