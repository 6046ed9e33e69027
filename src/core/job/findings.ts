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
  'job-slow',
  'job-rubs',
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

const verdictOf = (share: number): Verdict =>
  share > 1 ? 'gives-out' : share * THIN_MARGIN > 1 ? 'thin' : 'holds';

/** What an axis cannot do, and what it can only just. */
function ofAxis({ name: axis, share, pull, below, above, pulses, rms, continuous }: JobAxis): JobFinding[] {
  const of = (code: JobCode, { value, line }: AtLine, limit: number, verdict: Verdict): JobFinding => ({
    code,
    verdict,
    axis,
    value,
    limit,
    line,
  });
  const past = [below, above].filter((p) => p.value > 0).map((p) => of('job-past', p, 0, 'gives-out'));
  // A motor that is pulled out of step stops there; one that is asked for more than it may be, may be.
  const torque =
    pull.value >= 1
      ? of('job-stall', { value: share.value, line: pull.line }, 1, 'gives-out')
      : of('job-torque', share, 1, verdictOf(share.value));
  const heat = rms === null || continuous === null ? 0 : rms / continuous;
  return [
    ...past,
    torque,
    of('job-pulses', pulses, 1, verdictOf(pulses.value)),
    of('job-heat', { value: heat, line: 0 }, 1, verdictOf(heat)),
  ];
}

/** What is found of a job, the worst first; what holds is not told. */
export function jobFindings(report: JobReport): JobFinding[] {
  const { buried, lacking, spindle, slow, chips, ways, read, moves } = report;
  const of = (
    code: JobCode,
    verdict: Verdict,
    value: number,
    line = 0,
    axis = '',
    limit = 1,
  ): JobFinding => ({
    code,
    verdict,
    axis,
    value,
    limit,
    line,
  });
  const cut = ways.cutting;
  const found = [
    ...report.axes.flatMap((axis) => (axis ? ofAxis(axis) : [])),
    ...Object.entries(lacking).map(([letter, n]) => of('job-lacking', 'gives-out', n, 0, letter, 0)),
    of('job-spindle', verdictOf(spindle.value), spindle.value, spindle.line),
    ...(buried.count
      ? [of('job-buried', 'gives-out', buried.deepest.value, buried.deepest.line, '', 0)]
      : []),
    ...(slow.way > SOME * cut ? [of('job-slow', 'thin', slow.lost, slow.least.line, '', 0)] : []),
    ...(chips.rubbing > SOME * cut
      ? [of('job-rubs', 'thin', chips.rubbing / cut, chips.least.line, '', SOME)]
      : []),
    ...(read.unread ? [of('job-unread', 'not-known', read.unread, firstFault(report), '', 0)] : []),
    ...(moves ? [] : [of('job-empty', 'not-known', 0)]),
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
