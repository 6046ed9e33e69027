import { timelineOf } from '@/core/log';
import type { Project } from '@/core/model';
import type { BookBlock, BookChapter } from '@/core/print';
import { upgradeVerdict } from '@/core/upgrade';
import { eventFacts, eventNames, eventTitle, upgradeStateNames, upgradeVerdictText } from '@/words';
import { heading, table, text } from './blocks';

/** Everything that happened, the oldest first, with what became of upgrades, and the plans that were kept. */
export function logChapter(project: Project, partName: (key: string) => string): BookChapter {
  const events = timelineOf(project).toReversed();
  const upgrades = project.upgrades.map((u) => [
    u.name,
    upgradeStateNames[u.state] + (u.doneAt ? `, ${u.doneAt.slice(0, 10)}` : ''),
    u.money === null ? '' : String(u.money),
    u.measure ? upgradeVerdictText(upgradeVerdict(u), u, project.units) : '',
  ]);
  const kept = project.revisions.map((r) => [r.at.slice(0, 10), r.name, r.note]);
  const blocks: readonly BookBlock[] = [
    ...table(
      ['When', 'What', '', 'Facts', 'Note'],
      events.map((e) => [
        e.at.slice(0, 16).replace('T', ' '),
        eventTitle(project, e, partName),
        eventNames[e.kind],
        eventFacts(e).join(', '),
        e.entry
          ? e.entry.note
          : e.text
              .split('\n')
              .slice(e.kind === 'upgrade' ? 1 : 0)
              .join(' '),
      ]),
    ),
    ...(upgrades.length
      ? [heading('Upgrades'), ...table(['Upgrade', 'State', 'Money', 'What it did'], upgrades)]
      : []),
    ...(kept.length ? [heading('Kept plans'), ...table(['When', 'Name', 'Note'], kept)] : []),
  ];
  return { title: 'Log', blocks: blocks.length ? blocks : [text('Nothing was written yet.')] };
}
