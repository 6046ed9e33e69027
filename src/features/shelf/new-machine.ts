import { FORMAT, type Measure, type Project, VERSION } from '@/core/model';
import { type Kind, parseQuantity } from '@/core/units';

function measure<K extends Kind>(kind: K, typed: string): Measure<K> {
  const read = parseQuantity(kind, typed);
  if (!read.ok) throw new RangeError(`the starting value ${typed} is no ${kind}`);
  return { typed, si: read.si, basis: 'estimate' };
}

/**
 * A machine to start from: one bed axis with every figure marked as an estimate, so that each is asked for.
 * The values are a middling hobby axis and stand for nothing real.
 */
export function newMachine(id: string, now: Date): Project {
  const m = measure;
  return {
    format: FORMAT, version: VERSION, id, name: 'New machine', note: '', units: 'metric', created: now.toISOString(), changed: now.toISOString(),
    axes: [{
      id: 'bed', role: 'bed', letter: 'X', name: 'Bed axis',
      demands: {
        travel: m('length', '800 mm'), inclination: m('angle', '0°'), feed: m('speed', '2 m/min'), rapid: m('speed', '5 m/min'), acceleration: m('acceleration', '0.5 m/s²'), jerk: null, cuttingForce: m('force', '100 N'),
      },
      loads: { masses: [{ id: 'all', name: 'All that moves', mass: m('mass', '25 kg') }], guideDrag: m('force', '20 N'), counterbalance: m('force', '0 N') },
      guide: { railLength: null, carriageSpan: null },
      drive: {
        kind: 'screw', sets: 1, worstShare: m('ratio', '1'),
        thread: { kind: 'ball', making: 'rolled', accuracyClass: 'T7', efficiency: m('ratio', '0.9'), preload: m('force', '0 N'), dynamicLoad: null, nutStiffness: null, speedLimit: null },
        nominalDiameter: m('length', '16 mm'), rootDiameter: m('length', '13.5 mm'), lead: m('linearPerTurn', '5 mm'), starts: m('count', '1'), betweenBearings: m('length', '950 mm'), nutOffset: null,
        motorEnd: 'fixed', farEnd: 'supported', thrustBearing: 'angular-contact', bearingStiffness: null, bearingDrag: m('torque', '0.03 N·m'), temperatureRise: m('temperatureRise', '10 K'), stretch: m('force', '0 N'),
      },
      coupling: { inertia: m('inertia', '0.1 kg·cm²') },
      motor: {
        kind: 'stepper', holdingTorque: m('torque', '1.9 N·m'), ratedCurrent: m('current', '2.8 A'), resistance: m('resistance', '1.1 Ω'), inductance: m('inductance', '3.5 mH'), rotorTeeth: m('rotorTeeth', '50 teeth'),
        rotorInertia: m('inertia', '0.44 kg·cm²'), detentTorque: m('torque', '0.06 N·m'), usableShare: m('ratio', '0.6'),
      },
      driver: { crestCurrent: m('current', '2.8 A'), microsteps: m('count', '8'), maxVoltage: m('voltage', '50 V'), maxCrestCurrent: m('current', '4.2 A') },
      supply: { voltage: m('voltage', '36 V') },
      controller: { pulseLimit: m('pulseRate', '100 kHz') },
    }],
  };
}
