import { type BuildContext, type WiringSheet, type WorkContext } from '@/core/build';
import type { BookChapter } from '@/core/print';
import { lineName, ownerName, stateNames } from '@/words';
import { cutItems } from '../build-files';
import { wiringItems } from '../wiring-files';
import { orderItems } from '../work-files';
import { stacked, table } from './blocks';

/** What is got and done. */
export interface Shop {
  readonly built: BuildContext;
  readonly work: WorkContext;
  readonly wiring: WiringSheet;
}

export function partsChapter({ built: { project, lines } }: Shop): BookChapter {
  return {
    title: 'Parts',
    blocks: table(
      ['Part', 'For', 'How many', 'State', 'Note'],
      lines.map((l) => [
        lineName(l, project.units),
        ownerName(project, l.owner),
        `${l.wanted === null ? '?' : Number(l.wanted.toFixed(2))}${l.by === 'metre' ? ' m' : ''}` +
          (l.spare ? ` + ${l.spare}` : ''),
        stateNames[l.state],
        l.said?.note ?? '',
      ]),
    ),
  };
}

export const cutsChapter = ({ built }: Shop): BookChapter => ({
  title: 'Cuts',
  blocks: stacked(cutItems(built)),
});

export const stepsChapter = ({ work, built }: Shop): BookChapter => ({
  title: 'Order of work',
  blocks: stacked(orderItems({ work, lines: built.lines })),
});

export const wiringChapter = ({ built: { project }, wiring }: Shop): BookChapter => ({
  title: 'Wiring',
  blocks: stacked(wiringItems({ project, sheet: wiring })),
});
