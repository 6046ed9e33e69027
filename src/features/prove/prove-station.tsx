'use client';

import { useSearchParams } from 'next/navigation';
import { worstVerdict } from '@/core/findings';
import type { JobFound } from '@/core/job';
import type { HeldRow, Trials, Truing } from '@/core/prove';
import {
  machineHref,
  SheetHead,
  type SheetTab,
  useHeld,
  useJobsFound,
  useMachine,
  useProveFindings,
  useTrials,
  useTruing,
} from '@/features/frame';
import { CausesView } from './causes/causes-view';
import type { Project } from '@/core/model';
import { JobView } from './job/job-view';
import { LineProvider } from './line/line-context';
import { HeldView } from './held/held-view';
import styles from './prove.module.css';
import { markOf } from './trials/trial-order';
import { PracticeView } from './practice/practice-view';
import { TrialsView } from './trials/trials-view';
import { TruingView } from './truing/truing-view';

const views = ['truing', 'first', 'proof', 'job', 'held', 'causes', 'practice'] as const;
type View = (typeof views)[number];

const viewOf = (asked: string | null): View => views.find((v) => v === asked) ?? 'truing';

/** What a tab says besides its address. */
type TabSaid = Omit<SheetTab, 'id' | 'href' | 'here'>;

function truingTab({ sheets }: Truing): TabSaid {
  const asked = sheets.filter((s) => s.state !== 'left');
  const read = asked.filter((s) => s.state === 'done');
  const bad = asked.filter((s) => s.state === 'stale' || s.verdict === 'gives-out');
  const note = read.length
    ? `${read.filter((s) => s.verdict === 'holds').length} of ${asked.length} hold`
    : 'not yet';
  // Green only when every sheet was read and holds.
  const verdict = worstVerdict(asked.map((s) => (s.state === 'stale' ? 'thin' : s.verdict)));
  const guessed = asked.some((s) => s.guessed);
  // Five tabs leave no room for both: the verdict says more than the count, which stands on the page.
  if (bad.length || read.length === asked.length) return { title: 'Truing', note: '', verdict, guessed };
  return { title: 'Truing', note };
}

function trialsTab({ trials }: Trials, stage: 'first' | 'proof'): TabSaid {
  const own = trials.filter((t) => t.plan.stage === stage && t.standing !== 'left');
  const passed = own.filter((t) => t.standing === 'passed').length;
  const tried = own.filter((t) => t.standing !== 'open');
  const title = stage === 'first' ? 'First motion' : 'Proof';
  const note = tried.length ? `${passed} of ${own.length} pass` : 'not yet';
  const marks = tried.flatMap((t) => markOf(t) ?? []);
  const whole = passed === own.length && own.length > 0;
  const bad = tried.some((t) => t.standing === 'failed' || t.standing === 'stale');
  const guessed = tried.some((t) => t.guessed);
  return whole || bad ? { title, note: '', verdict: worstVerdict(marks), guessed } : { title, note };
}

function heldTab(rows: readonly HeldRow[] | null): TabSaid {
  const measured = rows?.filter((r) => r.measured) ?? [];
  const apart = measured.filter((r) => r.verdict === 'apart' && !r.taken).length;
  if (!measured.length) return { title: 'Plan and proof', note: 'not measured' };
  const note = apart ? `${apart} apart` : `${measured.length} agree`;
  return { title: 'Plan and proof', note };
}

/** No verdict stands on jobs before they were run. */
function jobTab(jobs: number, found: readonly JobFound[]): TabSaid {
  const title = 'Job check';
  if (!found.length) return { title, note: jobs ? `${jobs} ${jobs === 1 ? 'job' : 'jobs'}` : 'none yet' };
  const verdict = worstVerdict(found.map((f) => f.verdict));
  return { title, note: '', verdict, guessed: found.some((f) => f.guessed) };
}

/** Causes are guesses by what was seen: no verdict stands on them. */
const causesTab = (symptoms: number): TabSaid => ({
  title: 'Causes',
  note: symptoms ? `${symptoms} ${symptoms === 1 ? 'sign' : 'signs'}` : 'nothing asked',
});

/** How far a practice round is. */
const practiceTab = (practice: Project['practice']): TabSaid => ({
  title: 'Practice',
  note: practice?.ended ? 'ended' : `${practice?.named.length ?? 0} named`,
});

/** The Prove station: is it straight, does it move, and does it do what was promised? */
export function ProveStation() {
  const asked = useSearchParams();
  const { project } = useMachine();
  const view = viewOf(asked.get('v'));
  const truing = useTruing();
  const trials = useTrials();
  const held = useHeld(trials, view === 'held');
  const findings = useProveFindings(truing, trials, held);
  const jobsFound = useJobsFound();
  const { id, symptoms } = project;
  const said: Readonly<Record<View, TabSaid>> = {
    truing: truingTab(truing),
    first: trialsTab(trials, 'first'),
    proof: trialsTab(trials, 'proof'),
    job: jobTab(project.jobs.length, jobsFound),
    held: heldTab(held.rows),
    causes: causesTab(symptoms.length),
    practice: practiceTab(project.practice),
  };
  // Only of a machine to practise on.
  const shown = views.filter((v) => v !== 'practice' || project.practice !== null);
  const tabs = shown.map((v): SheetTab => ({
    id: v,
    href: v === 'truing' ? machineHref('prove', id) : `${machineHref('prove', id)}&v=${v}`,
    here: v === view,
    ...said[v],
  }));
  return (
    <LineProvider>
      <div className={styles.prove}>
        <div className={styles.head}>
          <SheetHead label="Prove" tabs={tabs} />
        </div>
        {view === 'truing' && <TruingView truing={truing} sheet={asked.get('sheet')} findings={findings} />}
        {(view === 'first' || view === 'proof') && (
          <TrialsView key={view} trials={trials} stage={view} trial={asked.get('trial')} />
        )}
        {view === 'job' && <JobView asked={asked.get('job')} found={jobsFound} />}
        {view === 'held' && <HeldView {...{ held, trials, findings }} />}
        {view === 'causes' && <CausesView axis={asked.get('axis')} trials={trials} />}
        {view === 'practice' && <PracticeView />}
      </div>
    </LineProvider>
  );
}
