import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { readBriefFile } from '@/core/formats';
import { type PlanAnswer, planReply, plansFor } from '@/core/plan';
import { explainIssue, planNames } from '@/words';

const usage = `Usage: npm run --silent plan -- brief.json
Reads a brief (- for standard input), writes two or three whole machines that hold as JSON to standard output.
A brief says what it knows and leaves out the rest: {"job": "board", "area": {"length": "1250 mm"}}.
Exit code 0: plans written; 1: nothing holds, and what conflicts is written; 2: the brief or the call is
not as it should be (see standard error).
`;

/**
 * Command line: returns what to print and the exit code, so that tests can call it without a process.
 * @param now ISO date and time.
 */
export function run(
  args: readonly string[],
  read: (path: string) => string,
  now: string,
): { out: string; err: string; code: 0 | 1 | 2 } {
  const [path] = args;
  const unknown = args.filter((a) => a.startsWith('--'));
  if (args.length !== 1 || path === undefined || unknown.length)
    return { out: '', err: `${unknown.map((u) => `unknown option ${u}\n`).join('')}${usage}`, code: 2 };
  let text: string;
  try {
    text = read(path);
  } catch (cause) {
    const why = cause instanceof Error ? cause.message : String(cause);
    return { out: '', err: `${path}: cannot be read (${why})\n`, code: 2 };
  }
  const opened = readBriefFile(text, now);
  if (!opened.ok) return { out: '', err: opened.issues.map((i) => `${explainIssue(i)}\n`).join(''), code: 2 };
  const steps = plansFor({ project: opened.project, names: planNames });
  let step = steps.next();
  while (!step.done) step = steps.next();
  const answer: PlanAnswer = step.value;
  const out = `${JSON.stringify(planReply(answer), null, 2)}\n`;
  return { out, err: '', code: answer.plans.length ? 0 : 1 };
}

/** Runs it on this process. */
export function main(): void {
  const from = process.env.CALLED_FROM ?? process.cwd();
  const read = (path: string) => readFileSync(path === '-' ? 0 : resolve(from, path), 'utf8');
  const { out, err, code } = run(process.argv.slice(2), read, new Date().toISOString());
  process.stdout.write(out);
  process.stderr.write(err);
  process.exitCode = code;
}
