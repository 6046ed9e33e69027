import { defineCheck, type Finding, findingsOf, judge } from '@/core/checks';
import { told } from '@/core/findings';
import type { LogEntry, Project } from '@/core/model';
import { type Choice, choicesOf } from './choices';

/** A regret or a lesson of some machine. */
export interface Lesson {
  /** Id and name of the machine that it was written for. */
  readonly machine: string;
  readonly machineName: string;
  readonly entry: LogEntry;
}

/** What somebody has learnt of a choice, and where the same one is made. */
export interface LessonAgain {
  readonly lesson: Lesson;
  /** Ids of axes; empty where it is a choice of the whole machine. */
  readonly axes: readonly string[];
}

/** Entries that speak of a choice. */
export const lessonsOf = ({
  id,
  name,
  log,
}: {
  readonly id: string;
  readonly name: string;
  readonly log: readonly LogEntry[];
}): readonly Lesson[] =>
  log.flatMap((entry) =>
    entry.choice && (entry.kind === 'regret' || entry.kind === 'lesson')
      ? [{ machine: id, machineName: name, entry }]
      : [],
  );

const same = (a: Pick<Choice, 'code' | 'value'>, b: Pick<Choice, 'code' | 'value'>) =>
  a.code === b.code && a.value === b.value;

/**
 * Lessons of other machines whose choice is made again in this one, the newest first.
 * @param lessons of all machines that are known here; those of the machine itself are passed over.
 */
export function lessonsAgain(
  project: Pick<Project, 'id' | 'axes' | 'brief' | 'log'>,
  lessons: readonly Lesson[],
): readonly LessonAgain[] {
  const choices = choicesOf(project);
  // A copy of a machine brings its log along: what is written here already, or twice, is told once.
  const told = new Set(project.log.map((e) => e.id));
  return lessons
    .filter((l) => {
      const news = l.machine !== project.id && !told.has(l.entry.id);
      told.add(l.entry.id);
      return news;
    })
    .flatMap((lesson): LessonAgain[] => {
      const made = choices.filter((c) => same(c, lesson.entry.choice!));
      return made.length ? [{ lesson, axes: made.flatMap((c) => c.axis || []) }] : [];
    })
    .sort((a, b) => b.lesson.entry.at.localeCompare(a.lesson.entry.at));
}

export type LogCode = 'lesson-again';
export type LogFinding = Finding<LogCode>;

/** Whether a finding comes out of somebody’s log: no figure of the plan speaks of it. */
export const isLogCode = (code: string): code is LogCode => code === 'lesson-again';

/** What was regretted comes back where it is chosen again; what was good needs no finding. */
const regretted = defineCheck<LogCode, readonly LessonAgain[], string>({
  code: 'lesson-again',
  scope: 'machine',
  judge: (again) =>
    again
      .filter(({ lesson }) => lesson.entry.kind === 'regret')
      .map(({ lesson: { machineName, entry }, axes }) =>
        told(
          'lesson-again',
          'thin',
          'log',
          {
            machine: machineName,
            title: entry.title,
            note: entry.note,
            at: entry.at,
            code: entry.choice!.code,
            value: entry.choice!.value,
            axes: JSON.stringify(axes),
          },
          entry.id,
        ),
      ),
});

/** Findings of choices that were regretted in another machine. */
export const logFindings = (again: readonly LessonAgain[]): readonly LogFinding[] =>
  findingsOf(
    {
      checks: [regretted],
      subject: again,
      outcomes: judge([regretted], again),
      change: () => undefined,
      stored: (edits) => edits,
      root: '',
      axisId: null,
      most: 0,
    },
    false,
  );
