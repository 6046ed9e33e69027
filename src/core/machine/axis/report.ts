import { type Finding, findingsOf, judge, lazily, wholeVerdict } from '@/core/checks';
import { type Verdict, verdictOf } from '@/core/findings';
import { busiest, loadsIn } from '@/core/guides';
import { type Axis, applyEdits, axisIssues, type Edit } from '@/core/model';
import { quantity } from '@/core/units';
import { type Line, recordingWorksheet, silentWorksheet, type Worksheet } from '@/core/worksheet';
import { type AccelerationId, accelerationsOf } from './accelerations';
import { analyse, type Analysis, type CaseId, movingMass, type RungId } from './analysis';
import type { Balanced } from './balance';
import { torqueBand, type TorqueBand } from './band';
import { chainOf, type TravelChain } from './chain';
import { type AxisCode, axisChecks, type AxisSubject, subjectOf } from './checks';
import type { DutyTorque } from './duty';
import { type Figure, figuresOf } from './figures';
import { noNumberIn } from './no-number';
import { oursOf } from './ours';
import type { StacksReport } from './stacks';
import type { PlateReport } from './plates';
import type { EndsReport } from './stopping';
import { lostMotionOf } from './train';
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
  /** Not known while `noNumber` names anything. */
  readonly verdict: Verdict;
  /** What came to no number, by its code: a fault of ours, and nothing of this axis may be believed. */
  readonly noNumber: readonly string[];
  /** Numbers of ours on which the answers rest, as paths inside the axis as the machine loads it. */
  readonly ours: readonly string[];
  /** Of all bodies that ride on it. */
  readonly mass: number;
  /** What holds it up at either end, and what is left; null where nothing but a typed force does. */
  readonly balance: Balanced['ends'];
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
  readonly findings: readonly Finding<AxisCode>[];
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
  /** The axis end to end: what ends its travel, and what is left between the soft limits. */
  readonly chain: TravelChain;
  /** Heights and spacings: what every gap comes to, and what is done about it. */
  readonly stacks: StacksReport;
  /** How it stops at its ends, with power and without, and finds its zero. */
  readonly ends: EndsReport;
  /** Every plate with its holes, and the screws that go into them. */
  readonly plates: readonly PlateReport[];
  /** Inputs that are not given, and what therefore stays unknown. */
  readonly unknowns: readonly { readonly path: string; readonly effect: string }[];
  /** The working, only where it was asked for. */
  readonly working?: readonly Line[];
}

function carriagesOf({ balance, guide }: Analysis, driveStiffness: number): CarriagesReport | null {
  const { axis } = balance;
  const mass = movingMass(axis);
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

/** Where an axis stands in its machine, so that findings and remedies speak of the stored machine. */
export interface AxisPlace {
  /** Path of the axis from the root, with its point: `axes.0.`. */
  readonly root: string;
  /** Edits worked out on the axis as the machine loads it, as they apply from the root to the stored one. */
  readonly stored: (edits: readonly Edit[]) => readonly Edit[];
  /** Axes whose parts lie on plates of this one. */
  readonly others: readonly Axis[];
}

/** An axis by itself: its root is its own. */
const ALONE: AxisPlace = { root: '', stored: (edits) => edits, others: [] };

/** Highest rapid that no rung forbids, m/s. */
export const axisSpeed = ({ analysis }: AxisSubject): number => {
  let least = Infinity;
  for (const { wish, limit } of analysis.rungs) if (wish === 'rapid' && limit < least) least = limit;
  return least;
};

/** Most remedies shown for one finding of an axis. */
const OFFERED = 5;

/** The axis with edits made, analysed; undefined where a rule between its fields refuses them. */
function changed({ analysis, others }: AxisSubject, edits: readonly Edit[]): AxisSubject | undefined {
  const axis = applyEdits(analysis.axis, edits);
  return axisIssues(axis).length
    ? undefined
    : subjectOf(analyse(axis, silentWorksheet), silentWorksheet, others);
}

/** Rungs with their verdicts, the highest first. */
const ladderOf = ({ rungs }: Analysis): Rung[] =>
  rungs
    .map(({ id, limit, wish, asked, line, over }) => ({
      id,
      limit,
      wish,
      asked,
      line,
      ...(over === undefined ? {} : { over }),
      verdict: verdictOf(limit, asked),
    }))
    .sort((a, b) => b.limit - a.limit);

/** The duty as the report keeps it. */
const dutyOf = ({ rms, time, line }: DutyTorque) => ({ rms, time, line });

/**
 * The report of one axis.
 * @param axis a validated axis. @param place where it stands; left out: by itself.
 * @returns plain data; with `working` the lines as well.
 */
export function axisReport(axis: Axis, options: ReportOptions = {}, place = ALONE): AxisReport {
  const sheet = options.working ? recordingWorksheet() : silentWorksheet;
  const analysis = analyse(axis, sheet);
  const subject = subjectOf(analysis, sheet, place.others);
  const outcomes = judge(axisChecks, subject);
  const ladder = ladderOf(analysis);
  const governing = ladder.findLast((r) => r.wish === 'rapid')!;
  const { stiffness, duty } = subject;
  const asked = axis.demands.acceleration.si;
  const bench = {
    checks: axisChecks,
    subject,
    outcomes,
    change: changed,
    stored: place.stored,
    root: place.root,
    axisId: axis.id,
    reach: { of: axisSpeed, asked: axis.demands.rapid.si },
    most: OFFERED,
  };
  const answers = {
    ladder,
    balance: analysis.balance.ends,
    accelerations: accelerationsOf(analysis, stiffness, sheet).map(({ id, limit, line }) => ({
      id,
      limit,
      asked,
      verdict: verdictOf(limit, asked),
      line,
    })),
    cases: casesOf(analysis, sheet),
    figures: figuresOf(analysis, outcomes, stiffness, duty, sheet),
    stiffness,
    lostMotion: lostMotionOf(analysis, stiffness, sheet),
    duty: { ...dutyOf(duty), rated: analysis.motor.continuous?.torque ?? null },
  };
  const noNumber = noNumberIn(outcomes, answers);
  // Asked for by a page that shows them, not by the many reports that are only compared.
  const ours = lazily(() => oursOf(axis));
  const band = lazily(() => torqueBand(analysis));
  const guide = lazily(() => carriagesOf(analysis, stiffness.value));
  const chain = lazily(() => chainOf(axis, sheet));
  const report: AxisReport = {
    ...answers,
    axisId: axis.id,
    verdict: noNumber.length ? 'not-known' : wholeVerdict(outcomes),
    noNumber,
    mass: movingMass(axis),
    speed: governing.limit,
    governing: governing.id,
    feed: ladder[ladder.length - 1]!.limit,
    findings: findingsOf(bench, options.remedies !== false),
    unknowns: unknownsOf(analysis, stiffness),
    get ours() {
      return ours();
    },
    get band() {
      return band();
    },
    get guide() {
      return guide();
    },
    get chain() {
      return chain();
    },
    get stacks() {
      return subject.stacks;
    },
    get ends() {
      return subject.ends;
    },
    get plates() {
      return subject.plates;
    },
  };
  return options.working ? { ...report, working: sheet.lines } : report;
}
