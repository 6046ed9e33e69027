import { atLeast, atMost, comfort, verdictOf } from '@/core/findings';
import { heatShareOfRated, inertiaRatio, pumpedVoltage, reflectedInertia } from '@/core/motion';
import { stepper } from '@/core/motors';
import type { Analysis } from './analysis';
import type { CheckTable } from './check';
import { dutyTorque, energyBack, powerOf } from './duty';

/**
 * Load over rotor inertia that is taken well: steppers 10, servos 5 for stiff tuning. Common practice, no
 * source.
 */
const inertiaLimit = { stepper: 10, servo: 5, geared: 10 } as const;

const torqueIsShort = (analysis: Analysis): boolean =>
  analysis.rungs.some(
    (r) => (r.id === 'torque-rapid' || r.id === 'torque-cut') && verdictOf(r.limit, r.asked) !== 'holds',
  );

/** What the numbers on the driver stand for, in crest. */
const crestOf = ({ driver }: Analysis['axis']) =>
  driver.setCurrent.si * (driver.marking === 'rms' ? Math.SQRT2 : 1);

/** Checks of motor, driver and supply. */
export const motorChecks = {
  'crest-low': (analysis) => {
    const { motor } = analysis.axis;
    if (motor.kind !== 'stepper' || motor.curve) return undefined;
    const full = Math.SQRT2 * motor.ratedCurrent.si;
    const crest = crestOf(analysis.axis);
    if (crest >= full * 0.95 || !torqueIsShort(analysis)) return undefined;
    return {
      code: 'crest-low',
      verdict: 'thin',
      path: 'driver.setCurrent',
      kind: 'current',
      value: crest,
      limit: full,
      margin: crest / full,
      params: { rated: motor.ratedCurrent.si, marking: analysis.axis.driver.marking },
      line: 'motor.torqueConstant',
    };
  },

  'supply-low': (analysis, sheet) => {
    const { motor, supply } = analysis.axis;
    if (motor.kind !== 'stepper' || motor.curve || !torqueIsShort(analysis)) return undefined;
    const wanted = sheet.apply(stepper.supplyRule, { inductance: motor.inductance.si }, 'supply.rule', {
      inductance: 'motor.inductance',
    });
    const outcome = atLeast({
      code: 'supply-low',
      path: 'supply.voltage',
      kind: 'voltage',
      have: supply.voltage.si,
      need: wanted,
      line: 'supply.rule',
    });
    return { ...outcome, verdict: supply.voltage.si < 0.75 * wanted ? 'thin' : 'holds' };
  },

  'inertia-ratio': ({ axis, mass, share, drive, gear }, sheet) => {
    const load = sheet.apply(
      reflectedInertia,
      { driveInertia: drive.inertia, share, mass, k: drive.k, ratio: gear.ratio },
      'inertia.load',
      {
        ...(axis.reducer ? { ratio: 'reducer.ratio' } : {}),
        driveInertia: drive.inertiaSource,
        mass: 'loads.masses',
        k: '#drive.k',
      },
    );
    const ratio = sheet.apply(inertiaRatio, { load, rotor: axis.motor.rotorInertia.si }, 'inertia.ratio', {
      load: '#inertia.load',
      rotor: 'motor.rotorInertia',
    });
    return comfort(
      atMost({
        code: 'inertia-ratio',
        path: 'motor.rotorInertia',
        kind: 'ratio',
        have: ratio,
        need: inertiaLimit[axis.motor.kind],
        line: 'inertia.ratio',
      }),
    );
  },

  'motor-heat': (analysis, sheet) => {
    const rated = analysis.motor.continuous;
    if (!rated) return undefined;
    const { rms, line } = dutyTorque(analysis, sheet);
    const heat = sheet.apply(heatShareOfRated, { rms, rated: rated.torque }, 'motor-load', {
      rms: `#${line}`,
      rated: rated.source,
    });
    return atMost({
      code: 'motor-heat',
      path: rated.source,
      kind: 'torque',
      have: rms,
      need: rated.torque,
      line: 'motor-load',
      params: { heat },
    });
  },

  'supply-power': (analysis, sheet) => {
    const { supply } = analysis.axis;
    if (!supply.power) return undefined;
    const { drawn } = powerOf(analysis, sheet);
    return atLeast({
      code: 'supply-power',
      path: 'supply.power',
      kind: 'power',
      have: supply.power.si,
      need: drawn,
      line: 'supply-power',
    });
  },

  regeneration: (analysis, sheet) => {
    const { supply, driver } = analysis.axis;
    if (!supply.capacitance || !driver.maxVoltage || supply.brakeResistor === 'fitted') return undefined;
    const energy = energyBack(analysis, sheet);
    const lifted = sheet.apply(
      pumpedVoltage,
      { voltage: supply.voltage.si, energy, capacitance: supply.capacitance.si },
      'pumped-voltage',
      { voltage: 'supply.voltage', energy: '#braking-energy', capacitance: 'supply.capacitance' },
    );
    const most = driver.maxVoltage.si;
    return {
      code: 'regeneration',
      verdict: lifted <= most ? 'holds' : 'gives-out',
      path: 'supply.capacitance',
      kind: 'voltage',
      value: lifted,
      limit: most,
      margin: most / lifted,
      params: { energy },
      line: 'pumped-voltage',
    };
  },
} satisfies CheckTable;
