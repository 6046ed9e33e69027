import {
  type JobReport,
  type JobRun,
  jobFindings,
  jobLetters,
  type JobSetup,
  jobVerdict,
  timeKinds,
} from '@/core/job';
import type { Project } from '@/core/model';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { gcodeNoteText } from './gcode';
import {
  holdsText,
  jobFindingText,
  jobSpaceText,
  jobWayText,
  longTime,
  timeNames,
  worstLineText,
} from './job';
import { verdictText, verdictWords } from './verdicts';

/** Rows of a table, their columns filled with blanks. */
function columns(rows: readonly (readonly string[])[]): string[] {
  const widths = rows[0]?.map((_, i) => Math.max(...rows.map((r) => r[i]!.length))) ?? [];
  return rows.map((r) => `  ${r.map((cell, i) => cell.padEnd(widths[i]!)).join('  ')}`.trimEnd());
}

const headed = (title: string, lines: readonly string[]) => (lines.length ? ['', title, ...lines] : []);

/** Notes that are shown; the rest is counted. */
const SHOWN = 12;

function noteLines({ read }: JobReport, system: UnitSystem): string[] {
  const shown = [...read.notes].sort((a, b) => Number(b.fault) - Number(a.fault)).slice(0, SHOWN);
  const all = [...read.counts.values()].reduce((sum, n) => sum + n, 0);
  return [
    ...shown.map((n) => `  ${gcodeNoteText(n, system)}`),
    ...(all > shown.length ? [`  and ${all - shown.length} more`] : []),
  ];
}

/** What a job is run with, in words. */
export function jobSetupText(project: Project, { nought, stock, cutId, planning }: JobSetup): string[] {
  const system = project.units;
  const length = (si: number) => formatQuantity('length', si, system, 5).text;
  const place = (at: readonly number[]) => at.map((v, i) => `${jobLetters[i]} ${length(v)}`).join(', ');
  const cut = project.brief.cuts.find((c) => c.id === cutId);
  const { cornering, window } = planning;
  const corner =
    cornering.kind === 'stop'
      ? 'stops in every corner'
      : cornering.kind === 'jump'
        ? 'axes jump in corners'
        : `corners within ${length(cornering.by)} (${cornering.kind})`;
  return [
    `  nought of the work at ${place(nought)} from the low soft limits`,
    stock
      ? `  stock from ${place(stock.low)} to ${place(stock.high)}, its top at Z ${length(stock.top)}`
      : '  no stock said: what feeds with the spindle on cuts',
    cut ? `  cut: ${cut.name}` : '  no cut: nothing pushes on the tool',
    `  ${corner}, ${window} moves seen ahead`,
  ];
}

const reachText = ({ low, high }: NonNullable<JobReport['box']>, length: (si: number) => string) =>
  low.map((v, i) => `${jobLetters[i]} ${length(v)} to ${length(high[i]!)}`).join(', ');

/** Lines that ask for more than half of what there is, the worst first. */
function worstRows(project: Project, { worst }: JobReport): string[][] {
  const nameOf = (axisId: string) => project.axes.find((a) => a.id === axisId)?.name ?? axisId;
  return worst
    .filter((w) => w.share > 0.5)
    .slice(0, 10)
    .map((w) => {
      const holds = holdsText(w, project.units);
      return [`line ${w.line}`, nameOf(w.axisId), worstLineText(w), holds && `holds at ${holds}`];
    });
}

/** A job and its answers as a page of text. */
export function jobText(
  file: string,
  project: Project,
  { report, setup, guessed }: JobRun,
  beside: JobBeside | null,
): string {
  const system = project.units;
  const length = (si: number) => formatQuantity('length', si, system, 4).text;
  const findings = jobFindings(report);
  const { read, times, ways, time, moves, box } = report;
  const used = timeKinds.filter((k) => times[k] > 0);
  const lines = [
    `${file} on ${project.name}: ${verdictText(jobVerdict(findings), guessed)}`,
    `${read.lines} lines, ${moves} moves, ${longTime(time)}`,
    ...(box ? [`reaches ${reachText(box, length)}`] : []),
    ...[jobSpaceText(report, system)].filter(Boolean),
    ...headed(
      'Found',
      columns(
        findings.map((f) => [
          verdictWords[f.verdict],
          f.line ? `line ${f.line}` : '',
          jobFindingText(f, system),
        ]),
      ),
    ),
    ...headed(
      'Time',
      columns(
        used.map((k) => [timeNames[k], longTime(times[k]), ways[k] ? jobWayText(ways[k], system) : '']),
      ),
    ),
    ...headed('Lines that ask most', columns(worstRows(project, report))),
    ...headed('What the file says', noteLines(report, system)),
    ...headed('Taken as', jobSetupText(project, setup)),
    ...(beside ? ['', `Beside it, ${jobBesideText(report, beside)}`] : []),
    '',
    'A pass knows nothing of clamps, of the tool that is really in, of the stock that really lies there.',
    'Run it in air first, with a hand on the stop.',
  ];
  return `${lines.join('\n')}\n`;
}

/** What a job came to elsewhere. */
export interface JobBeside {
  readonly name: string;
  readonly run: JobRun;
}

/** Another machine, or a variant, beside the one at hand on the same job. */
export function jobBesideText(report: JobReport, { name, run }: JobBeside): string {
  const other = run.report;
  const saved = report.time - other.time;
  const much = longTime(Math.abs(saved));
  const said = Math.abs(saved) < 1 ? 'takes as long' : saved > 0 ? `saves ${much}` : `takes ${much} more`;
  const verdict = verdictText(jobVerdict(jobFindings(other)), run.guessed);
  return `${name} ${said} (${longTime(other.time)}): ${verdict}`;
}

/** The worst lines as rows of a table: what each asks, and at which feed it holds. */
export function jobCsvRows(report: JobReport, system: UnitSystem) {
  const unit = formatQuantity('speed', 1, system).unit;
  const speed = (si: number) => Number(formatQuantity('speed', si, system, 5).number);
  return {
    fields: ['line', 'axis', 'torque share', `feed reached (${unit})`, `holds at (${unit})`, 'what'],
    rows: report.worst.map((w) => [
      w.line,
      report.axes.find((a) => a?.axisId === w.axisId)?.name ?? w.axisId,
      formatNumber(w.share, 4),
      speed(w.reached),
      w.holds === null ? 'none' : speed(w.holds),
      worstLineText(w),
    ]),
  };
}
