import type { Verdict } from '@/core/findings';
import { type Project, variantsOf } from '@/core/model';
import { machineHref, type SheetTab, SURE, VARIANTS, WHOLE } from '@/features/frame';

/** A verdict, and whether it rests on numbers of ours. */
export interface Said {
  readonly verdict: Verdict;
  readonly guessed: boolean;
}

/**
 * The axes as tabs, and behind them the whole machine, how sure it is, and its variants.
 * @param whole what the checks of the whole say.
 */
export const sizeTabs = (
  project: Project,
  axes: readonly Said[],
  whole: Said,
  current: string,
): SheetTab[] => [
  ...project.axes.map((axis, i) => ({
    id: axis.id,
    title: axis.name,
    note: axis.letter,
    href: machineHref('size', project.id, axis.id),
    here: axis.id === current,
    ...axes[i]!,
  })),
  {
    id: WHOLE,
    title: 'Whole machine',
    note: '',
    href: machineHref('size', project.id, WHOLE),
    here: current === WHOLE,
    ...whole,
  },
  {
    id: SURE,
    title: 'How sure',
    note: '',
    href: machineHref('size', project.id, SURE),
    here: current === SURE,
  },
  {
    id: VARIANTS,
    title: 'Variants',
    note: variantsOf(project).length ? `${variantsOf(project).length} held` : '',
    href: machineHref('size', project.id, VARIANTS),
    here: current === VARIANTS,
  },
];
