import { buildContext, wallOf, wiringSheet, workOf, type Zone } from '@/core/build';
import { machineReport } from '@/core/machine';
import type { Project } from '@/core/model';
import type { Book, BookChapter } from '@/core/print';
import { heldRows, trialsOf, truingOf } from '@/core/prove';
import { arrangementText, lineName, verdictText, workNames } from '@/words';
import { cautionsChapter } from './cautions';
import { logChapter } from './life';
import {
  briefChapter,
  drawingsChapter,
  type Reported,
  specChapter,
  standsChapter,
  workingChapter,
} from './plan';
import { proofChapter, readingsChapter, settingsChapter } from './proof';
import { cutsChapter, partsChapter, stepsChapter, wiringChapter } from './shop';

/** When the book is made, and how the clocks run there. */
export interface BookTime {
  /** ISO day. */
  readonly today: string;
  readonly zone: Zone;
}

/** How many steps the making of a book takes. */
export const BOOK_STEPS = 15;

/**
 * A machine as one document, a chapter a step, so that a page can show how far it is and stop.
 * @param project a machine that breaks no rule.
 */
export function* bookSteps(project: Project, { today, zone }: BookTime): Generator<string, Book> {
  const reported = { project, report: machineReport(project, { flex: true, remedies: false }) };
  const chapters: BookChapter[] = [];
  function* add(...made: (() => BookChapter)[]): Generator<string, void> {
    for (const make of made) {
      const chapter = make();
      chapters.push(chapter);
      yield chapter.title;
    }
  }
  yield* add(
    () => briefChapter(reported),
    () => standsChapter(reported),
    () => specChapter(reported),
    () => drawingsChapter(reported),
    () => workingChapter(reported),
  );
  const built = buildContext(project, reported.report.axes, today);
  const shop = {
    built,
    work: workOf(built, { now: wallOf(today), zone }),
    wiring: wiringSheet(project, reported.report.axes, built.needs),
  };
  yield* add(
    () => partsChapter(shop),
    () => cutsChapter(shop),
    () => stepsChapter(shop),
  );
  const trials = trialsOf(project);
  const proved = { project, trials, truing: truingOf(project), held: heldRows(project, trials, 'measured') };
  const names = new Map(built.lines.map((l) => [l.key, lineName(l, project.units)]));
  yield* add(
    () => readingsChapter(proved),
    () => proofChapter(proved),
    () => wiringChapter(shop),
    () => settingsChapter(proved),
    () => cautionsChapter({ ...proved, cautions: reported.report.cautions, work: shop.work }),
    () => logChapter(project, (key) => names.get(key) ?? 'A part that is gone'),
  );
  return bound(reported, today, chapters);
}

/** Chapters between a first page and what every page ends with. */
function bound({ project, report }: Reported, today: string, chapters: readonly BookChapter[]): Book {
  const { brief } = project;
  return {
    title: project.name,
    subtitle: `${workNames[brief.work]}, ${arrangementText[brief.arrangement].name}`,
    facts: [
      ['As of', today],
      ['Verdict', verdictText(report.verdict, report.ours.length > 0)],
      ['Axes', project.axes.map((a) => `${a.letter} ${a.name}`).join(', ')],
    ],
    note:
      'The tool advises; it certifies nothing. Local codes and licensed practice decide where mains, ' +
      'lifting and guarding are concerned. Print without scaling, and measure one drawing before you ' +
      'build by it.',
    chapters,
  };
}

/**
 * Every caution of a machine with the steps that it stands with, to hang up in the shop.
 * @param project a machine that breaks no rule.
 */
export function cautionsBook(project: Project, { today, zone }: BookTime): Book {
  const reported = { project, report: machineReport(project, { flex: false, remedies: false }) };
  const built = buildContext(project, reported.report.axes, today);
  const risky = {
    project,
    cautions: reported.report.cautions,
    work: workOf(built, { now: wallOf(today), zone }),
    truing: truingOf(project),
    trials: trialsOf(project),
  };
  return bound(reported, today, [cautionsChapter(risky)]);
}

/** The whole book at once. */
export function bookOf(project: Project, time: BookTime): Book {
  const steps = bookSteps(project, time);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
