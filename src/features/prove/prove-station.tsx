'use client';

import { useSearchParams } from 'next/navigation';
import { worstVerdict } from '@/core/findings';
import type { Truing } from '@/core/prove';
import { machineHref, SheetHead, type SheetTab, useMachine } from '@/features/frame';
import { CausesView } from './causes/causes-view';
import styles from './prove.module.css';
import { TruingView } from './truing/truing-view';
import { useTruing } from './truing/use-truing';

function truingTab(id: string, { sheets }: Truing, here: boolean): SheetTab {
  const asked = sheets.filter((s) => s.state !== 'left');
  const read = asked.filter((s) => s.state === 'done');
  const bad = asked.filter((s) => s.state === 'stale' || s.verdict === 'gives-out');
  const note = read.length
    ? `${read.filter((s) => s.verdict === 'holds').length} of ${asked.length} hold`
    : 'not yet';
  // Green only when every sheet was read and holds.
  const verdict = worstVerdict(asked.map((s) => (s.state === 'stale' ? 'thin' : s.verdict)));
  const guessed = asked.some((s) => s.guessed);
  const shown = bad.length || read.length === asked.length ? { verdict, guessed } : {};
  return { id: 'truing', title: 'Truing', note, href: machineHref('prove', id), here, ...shown };
}

/** Causes are guesses by what was seen: no verdict stands on them. */
function causesTab(id: string, symptoms: number, here: boolean): SheetTab {
  const note = symptoms ? `${symptoms} ${symptoms === 1 ? 'sign' : 'signs'} answered` : 'nothing asked';
  return { id: 'causes', title: 'Causes', note, href: `${machineHref('prove', id)}&v=causes`, here };
}

/** The Prove station: is it straight, and does it do what was promised? */
export function ProveStation() {
  const asked = useSearchParams();
  const { project } = useMachine();
  const truing = useTruing();
  const causes = asked.get('v') === 'causes';
  const { id, symptoms } = project;
  const tabs = [truingTab(id, truing, !causes), causesTab(id, symptoms.length, causes)];
  return (
    <div className={styles.prove}>
      <div className={styles.head}>
        <SheetHead label="Prove" tabs={tabs} />
      </div>
      {causes ? (
        <CausesView axis={asked.get('axis')} />
      ) : (
        <TruingView truing={truing} sheet={asked.get('sheet')} />
      )}
    </div>
  );
}
