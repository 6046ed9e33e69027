import { type Checked as Outcome, verdictOf } from '@/core/findings';
import type { DriveConcern } from '@/core/drives';
import type { GuideConcern } from '@/core/guides';
import type { MotorConcern } from '@/core/motors';
import { quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import type { Analysis, RungId } from './analysis';
import type { Check, CheckTable } from './check';
import { motorChecks } from './checks-motor';
import { trainChecks } from './checks-train';
import { trainStiffness } from './train';

export type CheckCode =
  RungId | keyof typeof motorChecks | keyof typeof trainChecks | DriveConcern | MotorConcern | GuideConcern;
export type Checked = Outcome<CheckCode>;

/** The motor input that its torque hangs on. */
const torquePath = {
  stepper: 'motor.holdingTorque',
  servo: 'motor.peakTorque',
  geared: 'motor.stallTorque',
} as const;

const rungPath = (id: RungId, { axis }: Analysis): string => {
  switch (id) {
    case 'whip':
      return 'drive.rootDiameter';
    case 'dn':
      return 'drive.nominalDiameter';
    case 'line-speed':
      return 'drive.maxSpeed';
    case 'reducer':
      return 'reducer.inputSpeed';
    case 'pulses':
      return 'controller.pulseLimit';
    case 'motor-speed':
      return axis.motor.kind === 'geared' ? 'motor.noLoadSpeed' : 'motor.maxSpeed';
    default:
      return torquePath[axis.motor.kind];
  }
};

const rungCheck =
  (id: RungId): Check =>
  (analysis) => {
    const rung = analysis.rungs.find((r) => r.id === id);
    if (!rung) return undefined;
    const { drive } = analysis.axis;
    const asked = id === 'torque-rapid' ? analysis.cases['speed-up'].torque : analysis.cases.cut.torque;
    return {
      code: id,
      verdict: verdictOf(rung.limit, rung.asked),
      path: rungPath(id, analysis),
      kind: 'speed',
      value: rung.limit,
      limit: rung.asked,
      // A motor that cannot even start has limit 0 whatever is done; how far its torque is off still tells
      // what helps.
      margin:
        rung.limit > 0
          ? rung.limit / rung.asked
          : analysis.motor.usable(quantity('angularSpeed', 0)) / asked - 1,
      line: rung.line,
      params: {
        wish: rung.wish,
        ...(drive.kind === 'screw'
          ? {
              root: drive.rootDiameter.si,
              length: rung.over ?? drive.betweenBearings.si,
              heat: analysis.drive.heatCompression,
              lead: drive.lead.si,
            }
          : {}),
      },
    };
  };

const checks: CheckTable = {
  ...Object.fromEntries(
    (
      [
        'whip',
        'dn',
        'line-speed',
        'torque-rapid',
        'torque-cut',
        'motor-speed',
        'reducer',
        'pulses',
      ] as const satisfies readonly RungId[]
    ).map((id) => [id, rungCheck(id)]),
  ),
  ...trainChecks,
  ...motorChecks,
};

/** Codes of the checks that every axis is put through; drive, motor and guide add their own concerns. */
export const checkCodes = Object.keys(checks) as CheckCode[];

/** What drive, motor and guide find about themselves. */
const concernsOf = (analysis: Analysis, sheet: Worksheet): Checked[] => [
  ...analysis.drive.concerns(sheet),
  ...analysis.motor.concerns(sheet),
  ...analysis.guide.concerns(trainStiffness(analysis, sheet).value, sheet),
];

/** Runs one check. */
export const runCheck = (code: CheckCode, analysis: Analysis, sheet: Worksheet): Checked | undefined =>
  Object.hasOwn(checks, code)
    ? (checks[code]!(analysis, sheet) as Checked | undefined)
    : concernsOf(analysis, sheet).find((c) => c.code === code);

/** Runs them all, in a fixed order. */
export const runChecks = (analysis: Analysis, sheet: Worksheet): Checked[] => [
  ...checkCodes.flatMap((code) => (checks[code]!(analysis, sheet) as Checked | undefined) ?? []),
  ...concernsOf(analysis, sheet),
];
