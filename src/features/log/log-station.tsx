'use client';

import { useSearchParams } from 'next/navigation';
import { lessonsOf } from '@/core/log';
import { machineHref, SheetHead, type SheetTab, useLessons, useMachine } from '@/features/frame';
import { FilesView } from './files-view';
import { LessonsView } from './lessons-view';
import { LogView } from './log-view';
import { RevisionsView } from './revisions-view';
import { UpgradesView } from './upgrades/upgrades-view';
import styles from './log.module.css';

const views = ['log', 'upgrades', 'revisions', 'lessons', 'files'] as const;
type View = (typeof views)[number];

/** The Log station: what happened, and what was learnt? */
export function LogStation() {
  const asked = useSearchParams().get('v');
  const view: View = views.find((v) => v === asked) ?? 'log';
  const { project } = useMachine();
  const again = useLessons();
  const { id, log, revisions, upgrades, files } = project;
  const own = lessonsOf(project).length;
  const notes: Readonly<Record<View, string>> = {
    log: log.length ? `${log.length} written` : 'nothing written',
    upgrades: upgrades.length ? `${upgrades.length} written down` : 'what would better it',
    revisions: revisions.length ? `${revisions.length} kept` : 'none kept',
    lessons: again.length ? `${again.length} chosen again` : `${own} learnt here`,
    files: files.length ? `${files.length} kept` : 'programs, photos',
  };
  const titles: Readonly<Record<View, string>> = {
    log: 'Time line',
    upgrades: 'Upgrades',
    revisions: 'Revisions',
    lessons: 'Lessons',
    files: 'Files',
  };
  const tabs = views.map((v): SheetTab => ({
    id: v,
    title: titles[v],
    note: notes[v],
    href: v === 'log' ? machineHref('log', id) : `${machineHref('log', id)}&v=${v}`,
    here: v === view,
  }));
  return (
    <div className={styles.log}>
      <div className={styles.head}>
        <SheetHead label="Log" tabs={tabs} />
      </div>
      {view === 'log' && <LogView />}
      {view === 'upgrades' && <UpgradesView />}
      {view === 'revisions' && <RevisionsView />}
      {view === 'lessons' && <LessonsView />}
      {view === 'files' && <FilesView />}
    </div>
  );
}
