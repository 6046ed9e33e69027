import { type HeldRow, settingsOf, type Trials, type Truing } from '@/core/prove';
import type { Project } from '@/core/model';
import type { BookBlock, BookChapter } from '@/core/print';
import {
  foretoldNames,
  instrumentNames,
  settingFrom,
  settingNames,
  settingText,
  sheetTitle,
  standingWords,
  trialFigureName,
  trialPair,
  trialText,
  trialTitle,
  trueFigureName,
  trueText,
  verdictText,
} from '@/words';
import { heading, table, text } from './blocks';

/** What was read and tried. */
export interface Proved {
  readonly project: Project;
  readonly truing: Truing;
  readonly trials: Trials;
  readonly held: readonly HeldRow[];
}

/** Every truing sheet that was begun: figures of its last round with their doubt. */
export function readingsChapter({ project, truing }: Proved): BookChapter {
  const { units } = project;
  const blocks = truing.sheets
    .filter((s) => s.rounds.length)
    .flatMap(({ plan, axisName, instrument, rounds, last, verdict, guessed, stale }): BookBlock[] => [
      heading(sheetTitle(plan.key, axisName)),
      text(
        `${rounds.length === 1 ? 'One round' : `${rounds.length} rounds`}, ${instrumentNames[instrument]}; ` +
          `${verdictText(verdict, guessed)}${stale ? '; stale: something was moved since' : ''}.`,
      ),
      ...table(
        ['Figure', 'Read', '± (95 %)', 'Good enough'],
        (last?.result.figures ?? []).map((f) => [
          trueFigureName(f.id),
          trueText(f.of, f.value, units),
          trueText(f.of, f.expanded, units),
          f.good === null ? '' : trueText(f.of, f.good, units),
        ]),
      ),
    ]);
  return { title: 'Readings', blocks: blocks.length ? blocks : [text('Nothing was read yet.')] };
}

/** Every trial that was tried, and what the plan foretold beside what was measured. */
export function proofChapter({ project, trials, held }: Proved): BookChapter {
  const { units } = project;
  const tried = trials.trials.filter((t) => t.last);
  const blocks = tried.flatMap(({ plan, axisName, standing, last, guessed }): BookBlock[] => [
    heading(trialTitle(plan.key, axisName)),
    text(`${last!.said.at.slice(0, 10)}: ${standingWords[standing]}${guessed ? ', guessed' : ''}.`),
    ...table(
      ['Figure', 'Read', '± (95 %)', 'Good enough'],
      last!.result.figures.map((f) => [
        trialFigureName(f.id),
        trialText(f.of, f.value, units),
        f.expanded === null ? 'nobody can say' : trialText(f.of, f.expanded, units, 2),
        f.good === null ? '' : trialText(f.of, f.good, units),
      ]),
    ),
  ]);
  const rows = held
    .filter((r) => r.measured)
    .map((r) => [
      `${r.axisName}: ${foretoldNames[r.id]}`,
      r.foretold === null ? 'not foretold' : trialPair(r.kind, r.foretold, r.doubt, units),
      trialPair(r.kind, r.measured!.value, r.measured!.expanded, units),
      r.verdict === 'apart' ? 'apart' : 'agree',
    ]);
  const beside = rows.length
    ? [heading('Plan and proof'), ...table(['Answer', 'Foretold', 'Measured', ''], rows)]
    : [];
  return {
    title: 'Proof',
    blocks: tried.length ? [...beside, ...blocks] : [text('Nothing was tried yet.')],
  };
}

/** What the controller is told. */
export const settingsChapter = ({ project, trials }: Proved): BookChapter => ({
  title: 'Controller settings',
  blocks: table(
    ['No', 'Axis', 'Setting', 'Value', 'From'],
    settingsOf(project, trials).map((s) => [
      String(s.number),
      s.letter,
      settingNames[s.id],
      settingText(s, project.units),
      settingFrom[s.from],
    ]),
  ),
});
