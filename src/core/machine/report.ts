import { byWeight, type Finding, type Verdict, verdictOf } from '@/core/findings';
import { busiest, loadsIn } from '@/core/guides';
import type { Axis } from '@/core/model';
import { quantity } from '@/core/units';
import { type Line, recordingWorksheet, silentWorksheet, type Worksheet } from '@/core/worksheet';
import { type AccelerationId, accelerationsOf } from './accelerations';
import { analyse, type Analysis, type CaseId, type RungId } from './analysis';
import { torqueBand, type TorqueBand } from './band';
import { runChecks } from './checks';
import { dutyTorque } from './duty';
import { type Figure, figuresOf } from './figures';
import { axisVerdict, remediesFor } from './offer';
import { lostMotionOf, trainStiffness } from './train';
import { unknownsOf } from './unknowns';

/** A rung with its verdict; speeds in m/s. */
export interface Rung {
  readonly id: RungId;
  readonly limit: number;
  readonly wish: 'rapid' | 'feed';
  readonly asked: number;
  readonly verdict: Verdict;
  readonly line: string;
  /** Free length that decides it, where one does; m. */
  readonly over?: number;
}

export interface AccelerationStep {
  readonly id: AccelerationId;
  readonly limit: number;
  readonly asked: number;
  readonly verdict: Verdict;
  readonly line: string;
}

/**
 * One link of a budget; `null` where it is not known. `source` is `#key` of a line or the path of an input.
 */
export interface BudgetLink {
  readonly id: string;
  readonly value: number | null;
  readonly source: string;
}

/** A sum of links with what is missing in it. */
export interface Budget {
  readonly value: number;
  readonly line: string;
  readonly links: readonly BudgetLink[];
  readonly missing: readonly string[];
}

/** Loads of all carriages in their worst case, N; places in m from the middle of the plate. */
export interface CarriagesReport {
  readonly when: string;
  readonly carriages: readonly {
    readonly x: number;
    readonly y: number;
    readonly vertical: number;
    readonly lateral: number;
  }[];
}

/** The answer for one axis. Plain data, SI units. */
export interface AxisReport {
  readonly axisId: string;
  readonly verdict: Verdict;
  readonly mass: number;
  /** Highest rapid at which nothing gives out, and the rung that governs it. */
  readonly speed: number;
  readonly governing: RungId;
  /** Highest feed under cut at which nothing gives out. */
  readonly feed: number;
  readonly ladder: readonly Rung[];
  readonly accelerations: readonly AccelerationStep[];
  readonly cases: Readonly<
    Record<
      CaseId,
      {
        readonly speed: number;
        readonly force: number;
        readonly torque: number;
        readonly usable: number;
        readonly verdict: Verdict;
        readonly line: string;
      }
    >
  >;
  readonly band: TorqueBand;
  readonly findings: readonly Finding[];
  readonly figures: readonly Figure[];
  /** Stiffness in line by link (N/m), and what is lost at a reversal by link (m). */
  readonly stiffness: Budget;
  readonly lostMotion: Budget;
  /** RMS torque of the duty cycle, N·m, over its time, s; `rated` where the motor has a continuous torque. */
  readonly duty: {
    readonly rms: number;
    readonly time: number;
    readonly line: string;
    readonly rated: number | null;
  };
  /** Null where the places of the carriages are not given. */
  readonly guide: CarriagesReport | null;
  /** Inputs that are not given, and what therefore stays unknown. */
  readonly unknowns: readonly { readonly path: string; readonly effect: string }[];
  /** The working, only where it was asked for. */
  readonly working?: readonly Line[];
}

function carriagesOf({ axis, mass, guide }: Analysis, driveStiffness: number): CarriagesReport | null {
  if (!guide.shape) return null;
  const help = guide.yawHelp(driveStiffness);
  const worst = busiest(axis, mass, guide.shape, help);
  return {
    when: worst.at,
    carriages: loadsIn(axis, mass, guide.shape, help, worst.index).map(({ x, y, vertical, lateral }) => ({
      x,
      y,
      vertical,
      lateral,
    })),
  };
}

function casesOf(analysis: Analysis, sheet: Worksheet): AxisReport['cases'] {
  const caseReport = (id: CaseId) => {
    const { speed, force, torque, line } = analysis.cases[id];
    const usable = analysis.motor.usableAt(
      quantity('angularSpeed', speed / analysis.gear.kMotor),
      `usable.case.${id}`,
      sheet,
    );
    return { speed, force, torque, usable, verdict: verdictOf(usable, torque), line };
  };
  return { rapid: caseReport('rapid'), 'speed-up': caseReport('speed-up'), cut: caseReport('cut') };
}

export interface ReportOptions {
  /** Keep the lines of the working. */
  readonly working?: boolean;
  /** Leave the search for remedies out: comparing variants does not ask for them. */
  readonly remedies?: boolean;
}

/**
 * The report of one axis.
 * @param axis a validated axis. @returns plain data; with `working` the lines as well.
 */
export function axisReport(axis: Axis, options: ReportOptions = {}): AxisReport {
  const sheet = options.working ? recordingWorksheet() : silentWorksheet;
  const analysis = analyse(axis, sheet);
  const checked = runChecks(analysis, sheet);
  const ladder = analysis.rungs
    .map((r) => ({ ...r, verdict: verdictOf(r.limit, r.asked) }))
    .sort((a, b) => b.limit - a.limit);
  const rapidRungs = ladder.filter((r) => r.wish === 'rapid');
  const governing = rapidRungs[rapidRungs.length - 1]!;
  const findings = checked
    .filter((c) => c.verdict !== 'holds')
    .sort((a, b) => byWeight(a.verdict, b.verdict) || a.margin - b.margin)
    .map(({ margin: _margin, ...c }): Finding => ({
      ...c,
      remedies: options.remedies === false ? [] : remediesFor(analysis, { ...c, margin: _margin }, checked),
    }));
  const stiffness = trainStiffness(analysis, sheet);
  const duty = dutyTorque(analysis, sheet);
  const report: AxisReport = {
    axisId: axis.id,
    verdict: axisVerdict(checked),
    mass: analysis.mass,
    speed: governing.limit,
    governing: governing.id,
    feed: ladder[ladder.length - 1]!.limit,
    ladder,
    accelerations: accelerationsOf(analysis, sheet).map((a) => ({
      ...a,
      asked: axis.demands.acceleration.si,
      verdict: verdictOf(a.limit, axis.demands.acceleration.si),
    })),
    cases: casesOf(analysis, sheet),
    band: torqueBand(analysis),
    findings,
    figures: figuresOf(analysis, checked, stiffness, duty, sheet),
    stiffness,
    lostMotion: lostMotionOf(analysis, stiffness, sheet),
    duty: {
      rms: duty.rms,
      time: duty.time,
      line: duty.line,
      rated: analysis.motor.continuous?.torque ?? null,
    },
    guide: carriagesOf(analysis, stiffness.value),
    unknowns: unknownsOf(analysis, stiffness),
  };
  return options.working ? { ...report, working: sheet.lines } : report;
}
