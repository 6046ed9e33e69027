import { byWeight, severity, THIN_MARGIN, type Verdict } from '@/core/findings';
import type { AtLine, JobAxis, JobReport } from './report';

/** What may be found of a job. */
export const jobCodes = [
  'job-past',
  'job-stall',
  'job-torque',
  'job-pulses',
  'job-heat',
  'job-lacking',
  'job-buried',
  'job-spindle',
  'job-deep',
  'job-under',
  'job-skims',
  'job-slow',
  'job-kerf',
  'job-rubs',
  'job-starves',
  'job-unread',
  'job-empty',
] as const;
export type JobCode = (typeof jobCodes)[number];

/** One thing that is found of a job. */
export interface JobFinding {
  readonly code: JobCode;
  readonly verdict: Verdict;
  /** Name of the axis, or the letter of one that is not there; empty: none. */
  readonly axis: string;
  /** What is found, and what may be: m, s or a share, by its code. */
  readonly value: number;
  readonly limit: number;
  /** Where, from 1; 0: nowhere in particular. */
  readonly line: number;
}

/**
 * Share of the way that may rub, and be slower than its feed, before it is told; common practice, no source.
 */
const SOME = 0.02;

/** A torch that is slow on so much of its way spoils what it cuts; common practice, no source. */
const SPOILT = 0.1;
/** A pass may be deeper than the brief's by so much: files round. */
const DEEPER = 1.05;
/** So far into what lies under the stock is a cut through it; common practice, no source. m */
const THROUGH = 1e-3;
/** Stock is no flatter than this, m; common practice, no source. */
const FLAT = 1e-3;

const verdictOf = (share: number): Verdict =>
  share > 1 ? 'gives-out' : share * THIN_MARGIN > 1 ? 'thin' : 'holds';

type Of = (code: JobCode, verdict: Verdict, at: AtLine, limit?: number, axis?: string) => JobFinding;
const of: Of = (code, verdict, { value, line }, limit = 0, axis = '') => ({
  code,
  verdict,
  axis,
  value,
  limit,
  line,
});

/** What an axis cannot do, and what it can only just. */
function ofAxis({ name: axis, share, pull, below, above, pulses, rms, continuous }: JobAxis): JobFinding[] {
  const past = [below, above].filter((p) => p.value > 0).map((p) => of('job-past', 'gives-out', p, 0, axis));
  // A motor that is pulled out of step stops there; one that is asked for more than it may be, may be.
  const torque =
    pull.value >= 1
      ? of('job-stall', 'gives-out', { value: share.value, line: pull.line }, 1, axis)
      : of('job-torque', verdictOf(share.value), share, 1, axis);
  const heat = rms === null || continuous === null ? 0 : rms / continuous;
  return [
    ...past,
    torque,
    of('job-pulses', verdictOf(pulses.value), pulses, 1, axis),
    of('job-heat', verdictOf(heat), { value: heat, line: 0 }, 1, axis),
  ];
}

/** What is found where the tool is in the stock, or close over it. */
function ofStock({ buried, spindle, deep, under, clear }: JobReport): JobFinding[] {
  return [
    of('job-spindle', verdictOf(spindle.value), spindle, 1),
    ...(buried.count ? [of('job-buried', 'gives-out', buried.deepest)] : []),
    ...(deep.value > DEEPER ? [of('job-deep', 'thin', deep, 1)] : []),
    ...(under.value > THROUGH ? [of('job-under', 'thin', under, THROUGH)] : []),
    ...(clear && clear.value < FLAT ? [of('job-skims', 'thin', clear, FLAT)] : []),
  ];
}

/** What is found of how fast the cut goes. */
function ofFeed({ slow, kerf, chips, ways, pace }: JobReport): JobFinding[] {
  const cut = ways.cutting;
  const spoilt = kerf.of > 0 ? kerf.way / kerf.of : 0;
  const kerfVerdict = spoilt > SPOILT ? 'gives-out' : 'thin';
  const rubs = { value: chips.rubbing / cut, line: chips.least.line };
  return [
    ...(slow.way > SOME * (cut - kerf.of)
      ? [of('job-slow', 'thin', { value: slow.lost, line: slow.least.line })]
      : []),
    ...(spoilt > SOME
      ? [of('job-kerf', kerfVerdict, { value: spoilt, line: kerf.corner.line }, SPOILT)]
      : []),
    ...(rubs.value > SOME ? [of('job-rubs', 'thin', rubs, SOME)] : []),
    ...(pace.value > 1 ? [of('job-starves', 'thin', pace, 1)] : []),
  ];
}

/** What is found of a job, the worst first; what holds is not told. */
export function jobFindings(report: JobReport): JobFinding[] {
  const { lacking, read, moves } = report;
  const found = [
    ...report.axes.flatMap((axis) => (axis ? ofAxis(axis) : [])),
    ...Object.entries(lacking).map(([letter, value]) =>
      of('job-lacking', 'gives-out', { value, line: 0 }, 0, letter),
    ),
    ...ofStock(report),
    ...ofFeed(report),
    ...(read.unread ? [of('job-unread', 'not-known', { value: read.unread, line: firstFault(report) })] : []),
    ...(moves ? [] : [of('job-empty', 'not-known', { value: 0, line: 0 })]),
  ];
  return found.filter((f) => f.verdict !== 'holds').sort((a, b) => byWeight(a.verdict, b.verdict));
}

const firstFault = ({ read }: JobReport): number => read.notes.find((n) => n.fault)?.line ?? 0;

/** The verdict of a job as a whole. What was not read hides nothing that gives out. */
export function jobVerdict(findings: readonly JobFinding[]): Verdict {
  return findings.reduce<Verdict>(
    (worst, { verdict }) => (severity[verdict] > severity[worst] ? verdict : worst),
    'holds',
  );
}
