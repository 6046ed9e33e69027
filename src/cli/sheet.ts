import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import {
  type BuildContext,
  buildContext,
  entriesOf,
  steadyZone,
  wallOf,
  wiringSheet,
  workOf,
} from '@/core/build';
import { computable, readProjectFile, usualSpots } from '@/core/formats';
import { machineReport, type PlateReport } from '@/core/machine';
import type { Project } from '@/core/model';
import { bookPdf, type Paper, type PaperId, papers, type SheetPaperId, sheetPapers } from '@/core/print';
import {
  arrangementFile,
  arrangementFormats,
  bookMarkdown,
  bookOf,
  cautionsBook,
  type BuildSheetId,
  buildSheets,
  cutsCsv,
  cutsPdf,
  datesIcs,
  labelsFile,
  orderCsv,
  orderPdf,
  partsCsv,
  type PlateFormat,
  plateFile,
  plateFormats,
  wiringCsv,
  wiringPdf,
} from '@/drawings';
import { explainIssue } from '@/words';

const usage = `Usage: npm run --silent sheet -- machine.json plate --as FORMAT [--paper a4|letter] [--cut]
       npm run --silent sheet -- machine.json arrangement --as pdf|svg [--paper PAPER]
       npm run --silent sheet -- machine.json parts --as csv
       npm run --silent sheet -- machine.json cuts --as pdf|csv [--paper a4|letter]
       npm run --silent sheet -- machine.json labels --as pdf
       npm run --silent sheet -- machine.json order --as pdf|csv [--paper a4|letter]
       npm run --silent sheet -- machine.json dates --as ics
       npm run --silent sheet -- machine.json wiring --as pdf|csv [--paper a4|letter]
       npm run --silent sheet -- machine.json book --as pdf|md [--paper a4|letter]
       npm run --silent sheet -- machine.json cautions --as pdf|md [--paper a4|letter]
FORMAT is one of ${plateFormats.join(', ')}; PAPER one of ${Object.keys(sheetPapers).join(', ')}.
--cut: the spot drilling goes into the work; without it the program is an air pass.
Writes one plate of a machine, the machine in three views, its list of parts, its cuts bar by bar,
labels for boxes, the order of work step by step, its dates as a calendar, its
wiring, its cautions with the steps that they stand with, or all of it as one book, to standard output.
The plate is meant by its name or its id.
Exit code 0: written; 2: the file, the plate or the call is not as it should be (see standard error).
`;

/** What is printed, and the exit code. */
export interface Written {
  readonly out: string | Uint8Array;
  readonly err: string;
  readonly code: 0 | 2;
}
const written = (data: string | ArrayBuffer): Written => ({
  out: typeof data === 'string' ? data : new Uint8Array(data),
  err: '',
  code: 0,
});
const refused = (err: string): Written => ({ out: '', err, code: 2 });

/** The value after an option; undefined where it is not given. */
const option = (args: readonly string[], name: string) => {
  const at = args.indexOf(name);
  return at < 0 ? undefined : args[at + 1];
};

const isFormat = (text: string | undefined): text is PlateFormat => plateFormats.some((f) => f === text);
const isSheetPaper = (text: string): text is SheetPaperId => Object.hasOwn(sheetPapers, text);
const isPaper = (text: string): text is PaperId => Object.hasOwn(papers, text);

/** Words of a call that stand for themselves. */
const plainArgs = (args: readonly string[]) =>
  args.filter((a, i) => !a.startsWith('--') && !args[i - 1]?.startsWith('--'));

/** The name that means the whole machine. */
const ARRANGEMENT = 'arrangement';

/** The whole machine in three views. */
async function arrangement(project: Project, args: readonly string[], now: Date): Promise<Written> {
  const as = option(args, '--as');
  const paper = option(args, '--paper') ?? (project.units === 'metric' ? 'a3' : 'tabloid');
  const wanted = arrangementFormats.find((f) => f === as);
  if (!wanted || !isSheetPaper(paper)) return refused(usage);
  const { data } = await arrangementFile(project, wanted, { paper, made: now });
  return written(data);
}

/** What is one document: all of it, or where somebody can be hurt. */
const books = { book: bookOf, cautions: cautionsBook } as const;

const isBook = (name: string): name is keyof typeof books => Object.hasOwn(books, name);

/** A face that ships with the application. */
const faceOf = (name: string): string =>
  readFileSync(resolve('node_modules/dejavu-fonts-ttf/ttf', `${name}.ttf`)).toString('base64');

/** A machine, or a part of what is to be said of it, as one document. */
async function book(
  project: Project,
  name: keyof typeof books,
  args: readonly string[],
  now: Date,
): Promise<Written> {
  const as = option(args, '--as');
  const paper = option(args, '--paper') ?? (project.units === 'metric' ? 'a4' : 'letter');
  if ((as !== 'pdf' && as !== 'md') || !isPaper(paper)) return refused(usage);
  const made = books[name](project, { today: now.toISOString().slice(0, 10), zone: steadyZone });
  if (as === 'md') return written(bookMarkdown(made));
  const faces = { normal: faceOf('DejaVuSansCondensed'), bold: faceOf('DejaVuSansCondensed-Bold') };
  return written(bookPdf(made, { paper: papers[paper], faces, made: now }));
}

const isBuildSheet = (name: string): name is BuildSheetId => Object.hasOwn(buildSheets, name);

/** The order of work, or its dates. */
async function workSheet(
  built: BuildContext,
  name: 'order' | 'dates',
  as: string,
  { paper, now }: { readonly paper: Paper; readonly now: Date },
): Promise<Written> {
  const work = workOf(built, { now: wallOf(built.today), zone: steadyZone });
  const shown = { work, lines: built.lines };
  if (name === 'order')
    return written(as === 'csv' ? orderCsv(shown) : await orderPdf(shown, { paper, made: now }));
  const { sentEntries } = built.project;
  let fresh = 0;
  const { entries } = entriesOf(work.plan, sentEntries, () => `entry-${(fresh += 1)}`);
  if (!entries.length) return refused('nothing is left to be dated\n');
  return written(datesIcs(shown, entries, { zone: steadyZone, made: now.getTime() }));
}

/** List, cuts, labels, order or dates. */
async function buildSheet(
  project: Project,
  name: BuildSheetId,
  args: readonly string[],
  now: Date,
): Promise<Written> {
  const as = option(args, '--as');
  const paper = option(args, '--paper') ?? (project.units === 'metric' ? 'a4' : 'letter');
  const formats: readonly string[] = buildSheets[name];
  if (!as || !formats.includes(as) || !isPaper(paper)) return refused(usage);
  const { axes } = machineReport(project, { remedies: false });
  const built = buildContext(project, axes, now.toISOString().slice(0, 10));
  if (name === 'parts') return written(partsCsv(project, built.lines));
  if (name === 'cuts')
    return written(as === 'csv' ? cutsCsv(built) : await cutsPdf(built, papers[paper], now));
  if (name === 'order' || name === 'dates') return workSheet(built, name, as, { paper: papers[paper], now });
  if (name === 'wiring') {
    const shown = { project, sheet: wiringSheet(project, axes, built.needs) };
    const options = { paper: papers[paper], made: now };
    return written(as === 'csv' ? wiringCsv(shown) : await wiringPdf(shown, options));
  }
  const sheet = paper === 'letter' ? 'letter-30' : 'a4-24';
  // The terminal does not know where the application will stand: the code names the line.
  const options = { skip: 0, made: now, addressOf: (key: string) => key };
  return written(await labelsFile(project, built.lines, sheet, options));
}

function namedPlate(plates: readonly PlateReport[], name: string): PlateReport | string {
  const plate = plates.find((p) => p.input.id === name || p.input.name === name);
  if (plate) return plate;
  const there = plates.map((p) => `“${p.input.name}”`).join(', ') || 'none';
  return `no plate “${name}”; plates of this machine: ${there}\n`;
}

/** One plate as a file. */
async function plateSheet(
  project: Project,
  name: string,
  args: readonly string[],
  cuts: boolean,
  now: Date,
): Promise<Written> {
  const as = option(args, '--as');
  const paper = option(args, '--paper') ?? 'a4';
  if (!isFormat(as) || !isPaper(paper)) return refused(usage);
  const { axes } = machineReport(project, { remedies: false });
  const plate = namedPlate(
    axes.flatMap((a) => a.plates),
    name,
  );
  if (typeof plate === 'string') return refused(plate);
  if (!plate.holes.length) return refused(`“${name}”: the place of none of its holes is known yet\n`);
  const { data } = await plateFile(plate, as, {
    system: project.units,
    paper: papers[paper],
    scale: { x: 1, y: 1 },
    spots: { ...usualSpots, units: project.units === 'metric' ? 'mm' : 'inch', air: !cuts },
    made: now,
  });
  return written(data);
}

/** Command line: gives what to print, so that tests can call it without a process. @param now of the file. */
export async function run(
  given: readonly string[],
  read: (path: string) => string,
  now: Date,
): Promise<Written> {
  const args = given.filter((a) => a !== '--cut');
  const [path, name, ...more] = plainArgs(args);
  if (!path || !name || more.length || !option(args, '--as')) return refused(usage);
  let text: string;
  try {
    text = read(path);
  } catch (cause) {
    return refused(`${path}: cannot be read (${cause instanceof Error ? cause.message : String(cause)})\n`);
  }
  const opened = computable(readProjectFile(text));
  if (!opened.ok) return refused(opened.issues.map((issue) => `${explainIssue(issue)}\n`).join(''));
  if (isBook(name)) return book(opened.project, name, args, now);
  if (isBuildSheet(name)) return buildSheet(opened.project, name, args, now);
  return name === ARRANGEMENT
    ? arrangement(opened.project, args, now)
    : plateSheet(opened.project, name, args, given.includes('--cut'), now);
}

/** Entry point of `npm run sheet`. */
export async function main(): Promise<void> {
  const read = (path: string) =>
    readFileSync(path === '-' ? 0 : resolve(process.env.CALLED_FROM ?? '.', path), 'utf8');
  const { out, err, code } = await run(process.argv.slice(2), read, new Date());
  process.stdout.write(out);
  process.stderr.write(err);
  process.exitCode = code;
}
