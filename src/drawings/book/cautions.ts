import type { WorkContext } from '@/core/build';
import type { Caution } from '@/core/machine';
import type { Project } from '@/core/model';
import type { BookBlock, BookChapter } from '@/core/print';
import type { Trials, Truing } from '@/core/prove';
import {
  assemblyNames,
  cautionText,
  cautionWords,
  sheetTitle,
  stepCautionTexts,
  trialCautions,
  trialTitle,
  wiringCaution,
} from '@/words';
import { ordered } from '../work-files';
import { heading, list, text } from './blocks';

/** Everything of a machine that says where somebody can be hurt. */
export interface Risky {
  readonly project: Project;
  readonly cautions: readonly Caution[];
  readonly work: WorkContext;
  readonly truing: Truing;
  readonly trials: Trials;
}

/** A caution, and what it stands with. */
interface Told {
  readonly caution: string;
  readonly at: string;
}

/** Each caution once, with all that it stands with, in the order in which they first come. */
function gathered(told: readonly Told[]): readonly BookBlock[] {
  const places = new Map<string, string[]>();
  for (const { caution, at } of told) places.set(caution, [...(places.get(caution) ?? []), at]);
  return [...places].flatMap(([caution, at]): BookBlock[] => [{ is: 'caution', text: caution }, ...list(at)]);
}

const part = (title: string, told: readonly Told[]): readonly BookBlock[] =>
  told.length ? [heading(title), ...gathered(told)] : [];

/** Every caution with the steps, sheets and trials that it stands with, and whom it defers to. */
export function cautionsChapter({ project, cautions, work, truing, trials }: Risky): BookChapter {
  const names = assemblyNames(project, work.assembly);
  return {
    title: 'Cautions',
    blocks: [
      text('The tool advises; it certifies nothing. Local codes and licensed practice decide.'),
      ...[...cautions.map((c) => cautionText(c, project.units)), wiringCaution].map((caution): BookBlock => ({
        is: 'caution',
        text: caution,
      })),
      ...part(
        'While it is put together',
        ordered(work).flatMap((s) =>
          s.cautions.map((c) => ({ caution: stepCautionTexts[c], at: names.step(s.id) })),
        ),
      ),
      ...part(
        'While it is trued up',
        truing.sheets.flatMap(({ plan, axisName }) =>
          plan.cautions.map((c) => ({ caution: cautionWords[c], at: sheetTitle(plan.key, axisName) })),
        ),
      ),
      ...part(
        'At first motion and at the proofs',
        trials.trials.flatMap(({ plan, axisName }) =>
          plan.cautions.map((c) => ({ caution: trialCautions[c], at: trialTitle(plan.key, axisName) })),
        ),
      ),
    ],
  };
}
