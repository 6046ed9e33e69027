'use client';

import { useSearchParams } from 'next/navigation';
import { isHere, type BuildFinding } from '@/core/build';
import { worstVerdict } from '@/core/findings';
import {
  type BuildState,
  machineHref,
  SheetHead,
  type SheetTab,
  useBuild,
  useMachine,
} from '@/features/frame';
import styles from './build.module.css';
import { CuttingView } from './cutting/cutting-view';
import { PartsView } from './parts/parts-view';
import { type BuildViewId, buildViewNames, buildViews } from './views';

const isView = (text: string | null): text is BuildViewId => buildViews.some((v) => v === text);

const ofCutting = ({ code }: BuildFinding) => code.startsWith('cut-');

/** What a tab says below its name. */
const notes: Record<BuildViewId, (build: BuildState) => string> = {
  parts: ({ lines }) => {
    const wanted = lines.filter((l) => !l.sawn && l.wanted !== 0);
    return `${wanted.filter(isHere).length} of ${wanted.length} here`;
  },
  cutting: ({ answer }) => {
    const pieces = answer?.plans.reduce((s, p) => s + p.pieces.length, 0) ?? 0;
    const cut = answer?.plans.reduce((s, p) => s + p.cut.size, 0) ?? 0;
    return `${cut} of ${pieces} cut`;
  },
};

function tabsOf(id: string, shown: BuildViewId, build: BuildState): SheetTab[] {
  const found = build.answer?.findings;
  return buildViews.map((view) => {
    const own = found?.filter((f) => ofCutting(f) === (view === 'cutting'));
    // Where nothing is found nothing is green either: nobody has said that all is well.
    const verdict = own?.length ? { verdict: worstVerdict(own.map((f) => f.verdict)) } : {};
    return {
      id: view,
      title: buildViewNames[view],
      note: notes[view](build),
      href: `${machineHref('build', id)}&v=${view}`,
      here: view === shown,
      ...verdict,
    };
  });
}

/** The Build station: what is got, cut and put together. */
export function BuildStation() {
  const asked = useSearchParams();
  const { project } = useMachine();
  const build = useBuild();
  const view = asked.get('v');
  const shown = isView(view) ? view : 'parts';
  return (
    <div className={styles.build}>
      <div className={styles.head}>
        <SheetHead label="Build" tabs={tabsOf(project.id, shown, build)} />
      </div>
      {shown === 'parts' ? (
        <PartsView build={build} part={asked.get('part')} />
      ) : (
        <CuttingView build={build} />
      )}
    </div>
  );
}
