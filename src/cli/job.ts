import { closeSync, fstatSync, openSync, readFileSync, readSync } from 'node:fs';
import { resolve } from 'node:path';
import { computable, readProjectFile, writeTable } from '@/core/formats';
import { jobAt, jobFindings, type JobReport, type JobRun, type JobSetup, jobSteps } from '@/core/job';
import { type JobSaid, MOST_NAME, type Project, startingJob } from '@/core/model';
import { displayUnit, explainParseError, parseQuantity } from '@/core/units';
import { explainIssue, type JobBeside, jobCsvRows, jobText } from '@/words';

const usage = `Usage: npm run --silent job -- machine.json file.nc [options]
Runs a G-code file through a machine: time, travel, torque line by line, what was not read.
--nought 20mm,20mm,50mm   where nought of the work lies, X, Y, Z, from the low soft limits;
                          left out: in the middle of the travel, the highest move at the upper end
--cut ID                  the cut of the brief that is made; left out: the first
--against other.json      another machine, or a variant of this one, on the same job
--json, --csv             the whole report, or the worst lines, instead of words
Exit code 0: it runs; 1: something gives out; 2: a file or the call is not as it should be.
`;

/** A file that is read in pieces, as often as it is asked. */
export interface Source {
  readonly bytes: number;
  readonly pieces: () => Iterable<Uint8Array>;
}

/** What the command needs from outside. */
export interface JobWorld {
  readonly read: (path: string) => string;
  readonly open: (path: string) => Source;
}

interface Reply {
  readonly out: string;
  readonly err: string;
  readonly code: 0 | 1 | 2;
}

interface Call {
  readonly paths: readonly [string, string];
  readonly nought: string | null;
  readonly cut: string | null;
  readonly against: string | null;
  readonly form: 'text' | 'json' | 'csv';
}

class BadCall extends Error {}

function callOf(args: readonly string[]): Call {
  const paths: string[] = [];
  const told = new Map<string, string>();
  for (let i = 0; i < args.length; i++) {
    const arg = args[i]!;
    if (arg === '--json' || arg === '--csv') told.set('form', arg.slice(2));
    else if (arg === '--nought' || arg === '--cut' || arg === '--against') {
      const value = args[++i];
      if (value === undefined) throw new BadCall(`${arg} wants a value\n${usage}`);
      told.set(arg.slice(2), value);
    } else if (arg.startsWith('--')) throw new BadCall(`unknown option ${arg}\n${usage}`);
    else paths.push(arg);
  }
  if (paths.length !== 2) throw new BadCall(usage);
  return {
    paths: [paths[0]!, paths[1]!],
    nought: told.get('nought') ?? null,
    cut: told.get('cut') ?? null,
    against: told.get('against') ?? null,
    form: (told.get('form') ?? 'text') as Call['form'],
  };
}

const reason = (cause: unknown) => (cause instanceof Error ? cause.message : String(cause));

function machineAt(path: string, { read }: JobWorld): Project {
  let text: string;
  try {
    text = read(path);
  } catch (cause) {
    throw new BadCall(`${path}: cannot be read (${reason(cause)})\n`);
  }
  const opened = computable(readProjectFile(text));
  if (!opened.ok) throw new BadCall(opened.issues.map((issue) => `${explainIssue(issue)}\n`).join(''));
  return opened.project;
}

/** What the call says of how the job is run. */
function saidOf({ nought, cut, paths }: Call, project: Project): JobSaid {
  const job = startingJob('job', paths[1].slice(-MOST_NAME), '0'.repeat(64));
  if (cut !== null) {
    const ids = project.brief.cuts.map((c) => c.id);
    if (!ids.includes(cut)) throw new BadCall(`--cut: no cut “${cut}”; wanted one of ${ids.join(', ')}\n`);
    job.cut = cut;
  }
  if (nought === null) return job;
  const unit = displayUnit('length', project.units).symbol;
  const places = nought.split(',').map((text) => {
    const parsed = parseQuantity('length', text, unit);
    if (!parsed.ok) throw new BadCall(`--nought: ${explainParseError('length', parsed.error)}\n`);
    return { typed: text.trim(), si: parsed.si, basis: 'estimate' as const };
  });
  const [x, y, z] = places;
  if (!x || !y || !z || places.length > 3)
    throw new BadCall(`--nought: wanted three places, X,Y,Z; read “${nought}”\n`);
  return { ...job, nought: { x, y, z } };
}

function ranOn(project: Project, source: Source, job: JobSaid) {
  const steps = jobSteps(project, job, source.pieces, source.bytes);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

/** The same job on another machine, with nought of its work at the same place. */
function besideOf(other: Project, source: Source, job: JobSaid, { nought }: JobSetup) {
  return { name: other.name, run: ranOn(other, source, jobAt(job, nought)) };
}

/** Command line: returns what to print and the exit code, so that tests can call it without a process. */
export function run(args: readonly string[], world: JobWorld): Reply {
  try {
    const call = callOf(args);
    const project = machineAt(call.paths[0], world);
    const other = call.against === null ? null : machineAt(call.against, world);
    const said = saidOf(call, project);
    let source: Source;
    try {
      source = world.open(call.paths[1]);
    } catch (cause) {
      throw new BadCall(`${call.paths[1]}: cannot be read (${reason(cause)})\n`);
    }
    const ran = ranOn(project, source, said);
    const beside = other && besideOf(other, source, said, ran.setup);
    const bad = jobFindings(ran.report).some((f) => f.verdict === 'gives-out');
    return { out: written(call, project, ran, beside), err: '', code: bad ? 1 : 0 };
  } catch (cause) {
    if (!(cause instanceof BadCall)) throw cause;
    return { out: '', err: cause.message, code: 2 };
  }
}

function written({ form, paths }: Call, project: Project, run: JobRun, beside: JobBeside | null): string {
  const { report } = run;
  if (form === 'csv') {
    const { fields, rows } = jobCsvRows(report, project.units);
    return writeTable(fields, rows);
  }
  if (form === 'text') return jobText(paths[1], project, run, beside);
  // What is drawn is not read by anybody in a terminal.
  const plain = ({
    preview: _preview,
    series: _series,
    read: { begins: _begins, ...read },
    ...rest
  }: JobReport) => ({
    ...rest,
    read: { ...read, counts: Object.fromEntries(read.counts) },
    findings: jobFindings(report),
  });
  const against = beside && plain(beside.run.report);
  return `${JSON.stringify({ guessed: run.guessed, ...plain(report), against }, null, 2)}\n`;
}

const PIECE = 1 << 18;

/** A file on the disk, a quarter of a megabyte at a time. */
function openedFile(path: string): Source {
  const begin = openSync(path, 'r');
  const bytes = fstatSync(begin).size;
  closeSync(begin);
  return {
    bytes,
    *pieces() {
      const file = openSync(path, 'r');
      try {
        const piece = new Uint8Array(PIECE);
        for (let n = readSync(file, piece); n > 0; n = readSync(file, piece)) yield piece.subarray(0, n);
      } finally {
        closeSync(file);
      }
    },
  };
}

/** Entry point of `npm run job`. */
export function main(): void {
  const at = (path: string) => resolve(process.env.CALLED_FROM ?? '.', path);
  const { out, err, code } = run(process.argv.slice(2), {
    read: (path) => readFileSync(path === '-' ? 0 : at(path), 'utf8'),
    open: (path) => openedFile(at(path)),
  });
  process.stdout.write(out);
  process.stderr.write(err);
  process.exitCode = code;
}
