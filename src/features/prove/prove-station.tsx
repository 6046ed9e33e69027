'use client';

import { useSearchParams } from 'next/navigation';
import { worstVerdict } from '@/core/findings';
import type { Truing } from '@/core/prove';
import { machineHref, SheetHead, type SheetTab, useMachine } from '@/features/frame';
import styles from './prove.module.css';
import { TruingView } from './truing/truing-view';
import { useTruing } from './truing/use-truing';

function truingTab(id: string, { sheets }: Truing): SheetTab {
  const asked = sheets.filter((s) => s.state !== 'left');
  const read = asked.filter((s) => s.state === 'done');
  const bad = asked.filter((s) => s.state === 'stale' || s.verdict === 'gives-out');
  const note = read.length
    ? `${read.filter((s) => s.verdict === 'holds').length} of ${asked.length} hold`
    : 'not yet';
  // Green only when every sheet was read and holds.
  const verdict = worstVerdict(asked.map((s) => (s.state === 'stale' ? 'thin' : s.verdict)));
  const shown = bad.length || read.length === asked.length ? { verdict } : {};
  return { id: 'truing', title: 'Truing', note, href: machineHref('prove', id), here: true, ...shown };
}

/** The Prove station: is it straight, and does it do what was promised? */
export function ProveStation() {
  const asked = useSearchParams();
  const { project } = useMachine();
  const truing = useTruing();
  return (
    <div className={styles.prove}>
      <div className={styles.head}>
        <SheetHead label="Prove" tabs={[truingTab(project.id, truing)]} />
      </div>
      <TruingView truing={truing} sheet={asked.get('sheet')} />
    </div>
  );
}
