'use client';

import { useSearchParams } from 'next/navigation';
import { buildPlace, dateOfWall, isHere } from '@/core/build';
import { worstVerdict } from '@/core/findings';
import {
  type BuildState,
  machineHref,
  SheetHead,
  type SheetTab,
  useBuild,
  useMachine,
  useWork,
  type WorkState,
} from '@/features/frame';
import { AssemblyView } from './assembly/assembly-view';
import { CalendarView } from './calendar/calendar-view';
import styles from './build.module.css';
import { CuttingView } from './cutting/cutting-view';
import { PartsView } from './parts/parts-view';
import { ShopMode } from './shop/shop-mode';
import { WiringView } from './wiring/wiring-view';
import { type BuildViewId, buildViewNames, buildViews } from './views';

const isView = (text: string | null): text is BuildViewId => buildViews.some((v) => v === text);

interface Known {
  readonly build: BuildState;
  readonly state: WorkState;
}

/** What a tab says below its name. */
const notes: Record<BuildViewId, (known: Known) => string> = {
  parts: ({ build: { lines } }) => {
    const wanted = lines.filter((l) => !l.sawn && l.wanted !== 0);
    return `${wanted.filter(isHere).length} of ${wanted.length} here`;
  },
  cutting: ({ build: { answer } }) => {
    const pieces = answer?.plans.reduce((s, p) => s + p.pieces.length, 0) ?? 0;
    const cut = answer?.plans.reduce((s, p) => s + p.cut.size, 0) ?? 0;
    return `${cut} of ${pieces} cut`;
  },
  assembly: ({ state: { work } }) => {
    const steps = work?.assembly.steps ?? [];
    return work ? `${steps.filter((s) => s.state === 'done').length} of ${steps.length} done` : '';
  },
  calendar: ({ state: { work } }) => {
    const first = work?.plan.firstMotion;
    if (first === undefined) return '';
    return `moves ${work?.plan.undue ? '≥ ' : ''}${dayOf.format(new Date(dateOfWall(first)))}`;
  },
  wiring: ({ build: { needs } }) => `${needs.filter((n) => n.kind === 'motor-cable').length} axes`,
};

/** A day as a tab has room for it. */
const dayOf = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });

function tabsOf(id: string, shown: BuildViewId, known: Known): SheetTab[] {
  const found = [...(known.build.answer?.findings ?? []), ...known.state.findings];
  return buildViews.map((view) => {
    const own = found.filter((f) => buildPlace(f.code) === view);
    // Where nothing is found nothing is green either: nobody has said that all is well.
    const verdict = own.length ? { verdict: worstVerdict(own.map((f) => f.verdict)) } : {};
    return {
      id: view,
      title: buildViewNames[view],
      note: notes[view](known),
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
  // The list is typed into: nothing else is worked out between two keys.
  const state = useWork(build, { beside: view !== 'shop' && (shown === 'parts' || shown === 'cutting') });
  if (view === 'shop') return <ShopMode build={build} state={state} step={asked.get('step')} />;
  return (
    <div className={styles.build}>
      <div className={styles.head}>
        <SheetHead label="Build" tabs={tabsOf(project.id, shown, { build, state })} />
      </div>
      {shown === 'parts' && <PartsView build={build} part={asked.get('part')} />}
      {shown === 'cutting' && <CuttingView build={build} />}
      {shown === 'assembly' && <AssemblyView build={build} state={state} step={asked.get('step')} />}
      {shown === 'calendar' && <CalendarView build={build} state={state} />}
      {shown === 'wiring' && <WiringView build={build} />}
    </div>
  );
}
