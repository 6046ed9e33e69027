import { type Kind, parseQuantity } from '@/core/units';
import type { Measure } from './measure';
import { type Axis, FORMAT, type Project, type Reducer, VERSION } from './schema';

function m<K extends Kind>(kind: K, typed: string): Measure<K> {
  const read = parseQuantity(kind, typed);
  if (!read.ok) throw new RangeError(`the starting value ${typed} is no ${kind}`);
  return { typed, si: read.si, basis: 'estimate' };
}

export type Role = Axis['role'];

/** Names of the roles. Letters follow ISO 841 for a moving gantry (X the long way, Z along the spindle); they are only a proposal. */
export const roles: Record<Role, { readonly name: string; readonly letter: string }> = {
  bed: { name: 'Bed axis', letter: 'X' }, gantry: { name: 'Gantry axis', letter: 'Y' }, plunge: { name: 'Plunge axis', letter: 'Z' }, table: { name: 'Table axis', letter: 'X' },
};

/**
 * An axis to start from. Every figure is marked as an estimate, so that each is asked for; the values are a
 * middling hobby axis and stand for nothing real.
 */
export function startingAxis(role: Role, id: string): Axis {
  const upright = role === 'plunge';
  return {
    id, role, ...roles[role],
    demands: {
      travel: m('length', upright ? '120 mm' : '800 mm'), inclination: m('angle', upright ? '90°' : '0°'), feed: m('speed', upright ? '1 m/min' : '2 m/min'), rapid: m('speed', upright ? '3 m/min' : '5 m/min'),
      acceleration: m('acceleration', '0.5 m/s²'), jerk: null, cuttingForce: m('force', '100 N'),
    },
    loads: { masses: [{ id: 'all', name: 'All that moves', mass: m('mass', upright ? '8 kg' : '25 kg') }], guideDrag: m('force', '20 N'), counterbalance: m('force', '0 N') },
    guide: { railLength: null, carriageSpan: null },
    drive: {
      kind: 'screw', sets: 1, worstShare: m('ratio', '1'), turning: 'screw', nutInertia: m('inertia', '2 kg·cm²'), screwInertia: null,
      thread: { kind: 'ball', making: 'rolled', accuracyClass: 'T7', efficiency: m('ratio', '0.9'), preload: m('force', '0 N'), dynamicLoad: null, nutStiffness: null, speedLimit: null },
      nominalDiameter: m('length', '16 mm'), rootDiameter: m('length', '13.5 mm'), lead: m('linearPerTurn', '5 mm'), starts: m('count', '1'), betweenBearings: m('length', upright ? '200 mm' : '950 mm'), nutOffset: null,
      motorEnd: 'fixed', farEnd: 'supported', thrustBearing: 'angular-contact', bearingStiffness: null, bearingDrag: m('torque', '0.03 N·m'), temperatureRise: m('temperatureRise', '10 K'), stretch: m('force', '0 N'),
    },
    reducer: null,
    coupling: { inertia: m('inertia', '0.1 kg·cm²') },
    motor: {
      kind: 'stepper', holdingTorque: m('torque', '1.9 N·m'), ratedCurrent: m('current', '2.8 A'), resistance: m('resistance', '1.1 Ω'), inductance: m('inductance', '3.5 mH'), rotorTeeth: m('rotorTeeth', '50 teeth'),
      rotorInertia: m('inertia', '0.44 kg·cm²'), detentTorque: m('torque', '0.06 N·m'), usableShare: m('ratio', '0.6'),
    },
    driver: { crestCurrent: m('current', '2.8 A'), microsteps: m('count', '8'), maxVoltage: m('voltage', '50 V'), maxCrestCurrent: m('current', '4.2 A') },
    supply: { voltage: m('voltage', '36 V') },
    controller: { pulseLimit: m('pulseRate', '100 kHz') },
  };
}

/**
 * A reducer to start from, with usual figures out of memory marked as estimates: belts 0.96 and hardly any
 * play, planetary gears 0.94 and 8 arcmin.
 */
export function startingReducer(kind: Reducer['kind'], ratio: number): Reducer {
  const belt = kind === 'belt';
  return {
    kind, ratio: m('ratio', String(ratio)), efficiency: m('ratio', belt ? '0.96' : '0.94'), inertia: m('inertia', belt ? '0.6 kg·cm²' : '0.15 kg·cm²'), backlash: m('angle', belt ? '1 arcmin' : '8 arcmin'),
    inputSpeed: belt ? null : m('angularSpeed', '3000 rpm'),
  };
}

/** A machine with one bed axis to start from. @param now ISO date and time. */
export function startingProject(id: string, now: string): Project {
  return { format: FORMAT, version: VERSION, id, name: 'New machine', note: '', units: 'metric', created: now, changed: now, axes: [startingAxis('bed', 'bed')] };
}
