import { atLeast, atMost, comfort, exactly, verdictOf } from '@/core/findings';
import { putInAxis } from '@/core/model';
import { heatShareOfRated, inertiaRatio, pumpedVoltage, reflectedInertia } from '@/core/motion';
import { stepper } from '@/core/motors';
import type { Analysis } from '../analysis';
import { ample, gearing, leads, moreDrive, offer, softer, steps } from '../candidates';
import { energyBack, powerOf } from '../duty';
import { poweredCheck } from './subject';

/**
 * Load over rotor inertia that is taken well: steppers 10, servos 5 for stiff tuning. Common practice, no
 * source.
 */
const inertiaLimit = { stepper: 10, servo: 5, geared: 10, hand: Infinity } as const;
/** Past so many times that limit a load throws its rotor about, whatever the tuning; common practice. */
export const INERTIA_ENDS = 5;
/** A driver set to within so much of the full current holds nothing back: switches come in coarse steps. */
const FULLY_SET = 0.95;
/** Share of the usual supply below which a stepper is called held back; common practice, no source. */
const SUPPLY_LOW = 0.75;
/** Capacitance to start from where none is given, F. */
const USUAL_CAPACITANCE = 0.01;

const any = () => true;

const torqueIsShort = (analysis: Analysis): boolean =>
  analysis.rungs.some(
    (r) => (r.id === 'torque-rapid' || r.id === 'torque-cut') && verdictOf(r.limit, r.asked) !== 'holds',
  );

/** What the numbers on the driver stand for, in crest. */
const crestOf = ({ driver }: Analysis['axis']) =>
  driver.setCurrent.si * (driver.marking === 'rms' ? Math.SQRT2 : 1);

const crestLow = poweredCheck({
  code: 'crest-low',
  judge: ({ analysis }) => {
    const { motor, driver } = analysis.axis;
    if (motor.kind !== 'stepper' || motor.curve) return undefined;
    const full = Math.SQRT2 * motor.ratedCurrent.si;
    const crest = crestOf(analysis.axis);
    if (crest >= full * FULLY_SET || !torqueIsShort(analysis)) return undefined;
    const found = atLeast({
      code: 'crest-low',
      path: 'driver.setCurrent',
      kind: 'current',
      have: crest,
      need: full,
      params: { rated: motor.ratedCurrent.si, marking: driver.marking },
      line: 'motor.torqueConstant',
    });
    return { ...found, verdict: 'thin' };
  },
  candidates: ({ analysis: { axis } }) => moreDrive(axis).filter((c) => c.code === 'crest'),
});

const supplyLow = poweredCheck({
  code: 'supply-low',
  judge: ({ analysis, sheet }) => {
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
    return { ...outcome, verdict: supply.voltage.si < SUPPLY_LOW * wanted ? 'thin' : 'holds' };
  },
  candidates: ({ analysis: { axis } }) => moreDrive(axis).filter((c) => c.code === 'supply'),
});

const inertiaCheck = poweredCheck({
  code: 'inertia-ratio',
  judge: ({ analysis: { axis, mass, massSource, share, drive, gear }, sheet }) => {
    const load = sheet.apply(
      reflectedInertia,
      { driveInertia: drive.inertia, share, mass, k: drive.k, ratio: gear.ratio },
      'inertia.load',
      {
        ratio: axis.reducer ? 'reducer.ratio' : undefined,
        driveInertia: drive.inertiaSource,
        mass: massSource,
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
      INERTIA_ENDS,
    );
  },
  candidates: ({ analysis: { axis } }) => [...leads(axis, any), ...gearing(axis)],
});

const motorHeat = poweredCheck({
  code: 'motor-heat',
  judge: ({ analysis, duty, sheet }) => {
    const rated = analysis.motor.continuous;
    if (!rated) return undefined;
    const { rms, line, over } = duty;
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
      params: { heat, over },
    });
  },
  candidates: ({ analysis: { axis } }) => [...softer(axis), ...gearing(axis), ...leads(axis, any)],
});

const supplyPower = poweredCheck({
  code: 'supply-power',
  judge: ({ analysis, sheet }) => {
    const { power } = analysis.axis.supply;
    if (!power) return undefined;
    return atLeast({
      code: 'supply-power',
      path: 'supply.power',
      kind: 'power',
      have: power.si,
      need: powerOf(analysis, sheet).drawn,
      line: 'supply-power',
    });
  },
  candidates: (_, found) => steps('bigger-supply', 'supply.power', [ample(found.limit)]),
});

const regeneration = poweredCheck({
  code: 'regeneration',
  judge: ({ analysis, sheet }) => {
    const { supply, driver } = analysis.axis;
    if (!supply.capacitance || !driver.maxVoltage || supply.brakeResistor === 'fitted') return undefined;
    const energy = energyBack(analysis, sheet);
    const lifted = sheet.apply(
      pumpedVoltage,
      { voltage: supply.voltage.si, energy, capacitance: supply.capacitance.si },
      'pumped-voltage',
      { voltage: 'supply.voltage', energy: '#braking-energy', capacitance: 'supply.capacitance' },
    );
    return exactly(
      atMost({
        code: 'regeneration',
        path: 'supply.capacitance',
        kind: 'voltage',
        have: lifted,
        need: driver.maxVoltage.si,
        params: { energy },
        line: 'pumped-voltage',
      }),
    );
  },
  candidates: ({ analysis: { axis } }) => {
    const now = axis.supply.capacitance?.si ?? USUAL_CAPACITANCE;
    return [
      offer('brake-resistor', [putInAxis('supply.brakeResistor', 'fitted')]),
      ...steps('capacitance', 'supply.capacitance', [2 * now, 4 * now]),
      ...softer(axis),
    ];
  },
});

/** Checks of motor, driver and supply by their own limits. */
export const motorLimitChecks = [inertiaCheck, motorHeat, supplyPower, regeneration] as const;

/** Checks of motor, driver and supply. */
export const motorChecks = [crestLow, supplyLow, ...motorLimitChecks] as const;
