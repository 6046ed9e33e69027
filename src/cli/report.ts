import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { computable, readProjectFile } from '@/core/formats';
import { buildContext, buildReport, steadyZone, wallOf, workOf } from '@/core/build';
import { allJobsFound } from '@/core/job';
import { machineReport } from '@/core/machine';
import { proveSummary } from '@/core/prove';
import { explainIssue } from '@/words';

const usage = `Usage: npm run --silent report -- machine.json [--working]
Reads a machine (- for standard input) and writes its report as JSON to standard output.
--working adds every formula with its numbers and sources.
Exit code 0: report written; 2: the file or the call is not as it should be (see standard error).
`;

/**
 * Command line: returns what to print and the exit code, so that tests can call it without a process.
 * @param today `2026-11-27`.
 */
export function run(
  args: readonly string[],
  read: (path: string) => string,
  today: string,
): { out: string; err: string; code: 0 | 2 } {
  const paths = args.filter((a) => !a.startsWith('--'));
  const unknown = args.filter((a) => a.startsWith('--') && a !== '--working');
  if (paths.length !== 1 || unknown.length)
    return { out: '', err: `${unknown.map((u) => `unknown option ${u}\n`).join('')}${usage}`, code: 2 };
  let text: string;
  try {
    text = read(paths[0]!);
  } catch (cause) {
    return {
      out: '',
      err: `${paths[0]}: cannot be read (${cause instanceof Error ? cause.message : String(cause)})\n`,
      code: 2,
    };
  }
  const opened = computable(readProjectFile(text));
  if (!opened.ok)
    return { out: '', err: opened.issues.map((issue) => `${explainIssue(issue)}\n`).join(''), code: 2 };
  const { project, contents } = opened;
  const report = machineReport(project, { working: args.includes('--working'), flex: true });
  const context = buildContext(project, report.axes, today);
  const build = buildReport(context, workOf(context, { now: wallOf(today), zone: steadyZone }));
  const jobs = allJobsFound(project, contents);
  return {
    out: `${JSON.stringify({ ...report, build, prove: proveSummary(project), jobs }, null, 2)}\n`,
    err: '',
    code: 0,
  };
}

/** Entry point of `npm run report`. */
export function main(): void {
  const { out, err, code } = run(
    process.argv.slice(2),
    (path) => readFileSync(path === '-' ? 0 : resolve(process.env.CALLED_FROM ?? '.', path), 'utf8'),
    new Date().toISOString().slice(0, 10),
  );
  process.stdout.write(out);
  process.stderr.write(err);
  process.exitCode = code;
}
