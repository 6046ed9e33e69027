'use client';

import dynamic from 'next/dynamic';
import { useRouter, useSearchParams } from 'next/navigation';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { EditValue, Remedy } from '@/core/findings';
import { axisDoubt } from '@/core/choose';
import { axisReport } from '@/core/machine';
import { getAt, isMeasure } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { machineHref, useMachineReport, useOpenMachine } from '@/features/frame';
import { useSessionState } from '@/session';
import { TitleBlock } from '@/ui/title-block';
import { AskedPanel } from './asked-panel';
import { AxisDrawing } from './drawing/axis-drawing';
import { AxisTabs } from './axis-tabs';
import { Figures } from './figures';
import { FindingsPanel } from './findings-panel';
import { labelOf } from './labels';
import { Pins } from './exchange/pins';
import type { PartLink } from '@/core/catalogue';
import { SheetTools } from './sheet-tools';
import styles from './sheet.module.css';
import { TrainPanel } from './train-panel';
import type { LinkId } from './link';
import { useAxisEditor } from './use-axis-editor';
import { ChartBox, LadderBox } from './views/bench-views';
import { usePins } from './use-pins';

// Typesetting and the exchange come after the first paint: the verdict does not wait for them.
const WorkingDrawer = dynamic(() => import('@/ui/working-drawer').then((m) => m.WorkingDrawer), { ssr: false });
const ExchangeDialog = dynamic(() => import('./exchange/exchange-dialog').then((m) => m.ExchangeDialog), { ssr: false });

/** The axis bench: one axis on one sheet. */
export function SizeStation() {
  const { session, project } = useOpenMachine();
  const router = useRouter();
  const wanted = useSearchParams().get('a');
  const index = Math.max(0, project.axes.findIndex((a) => a.id === wanted));
  const axis = project.axes[index]!;
  const system = project.units;
  const report = useMachineReport(project);
  const mine = report.axes[index]!;
  // A millisecond: every uncertain input moved both ways through the silent model.
  const doubt = useMemo(() => axisDoubt(axis), [axis]);
  const editor = useAxisEditor(session, index, system);
  const [trail, setTrail] = useState<readonly string[]>([]);
  const [openLink, setOpenLink] = useState<LinkId | null>(null);
  const [exchanged, setExchanged] = useState<PartLink | null>(null);
  const pins = usePins(session, index);
  // The lines are only made while somebody looks at them, and follow every edit.
  const lines = useMemo(() => (trail.length ? axisReport(axis, { working: true }).working! : []), [axis, trail.length]);
  const top = useSessionState(session, (s) => s.history.past[s.history.past.length - 1]);
  const [trial, setTrial] = useState<{ step: unknown; name: string } | null>(null);
  const opener = useRef<Element | null>(null);

  const onWorking = useCallback((line: string) => {
    opener.current = document.activeElement;
    setTrail([line]);
  }, []);
  const onTry = (remedy: Remedy, name: string) => {
    if (editor.apply(remedy.edits, `Try: ${name}`) === undefined) {
      const { past } = session.store.getState().history;
      setTrial({ step: past[past.length - 1], name });
    }
  };
  const tried = trial && trial.step === top ? trial.name : null;

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (!e.altKey || (e.key !== 'ArrowLeft' && e.key !== 'ArrowRight')) return;
      const next = project.axes[(index + (e.key === 'ArrowRight' ? 1 : -1) + project.axes.length) % project.axes.length]!;
      e.preventDefault();
      router.replace(machineHref('size', project.id, next.id), { scroll: false });
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [project, index, router]);

  const say = (speed: number) => formatQuantity('speed', speed, system, 3).text;

  return (
    <div className={styles.bench}>
      <header className={styles.head}>
        <div className={styles.title}>
          <h1>{project.name}</h1>
          <SheetTools session={session} project={project}><Pins axis={axis} report={mine} pins={project.pins} system={system} onPin={pins.pin} onTake={pins.take} onDrop={pins.drop} /></SheetTools>
        </div>
        <AxisTabs project={project} report={report} current={axis.id} />
      </header>

      <div className={styles.left} key={axis.id}>
        <AskedPanel axis={axis} mass={mine.mass} editor={editor} system={system} />
        <TrainPanel axis={axis} report={mine} editor={editor} system={system} open={openLink} onOpen={setOpenLink} onExchange={setExchanged} />
      </div>

      <div className={styles.drawingBox}>
        <AxisDrawing axis={axis} report={mine} system={system} />
      </div>
      <LadderBox axis={axis} report={mine} doubt={doubt} system={system} onWorking={onWorking} />
      <ChartBox axis={axis} report={mine} editor={editor} system={system} onWorking={onWorking} />

      <div className={styles.right}>
        <FindingsPanel report={mine} doubt={doubt} system={system} onWorking={onWorking} onTry={onTry} tried={tried} onTakeBack={() => { session.undo(); setTrial(null); }} />
      </div>
      <div className={styles.figuresBox}><Figures report={mine} system={system} onWorking={onWorking} /></div>
      <div className={styles.blockBox}>
        <TitleBlock cells={[
          { label: 'Sheet', value: axis.name }, { label: 'Good for', value: say(mine.speed) }, { label: 'Under cut', value: say(mine.feed) },
          { label: 'Moves', value: formatQuantity('mass', mine.mass, system, 3).text }, { label: 'Changed', value: new Date(project.changed).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' }) }, { label: 'Not given', value: mine.unknowns.length === 1 ? '1 value' : `${mine.unknowns.length} values` },
        ]} />
      </div>
      {exchanged && (
        <ExchangeDialog
          axis={axis} report={mine} link={exchanged} own={project.ownParts} editor={editor} system={system} onClose={() => setExchanged(null)}
          onOwn={(parts, label) => session.edit([{ path: 'ownParts', value: parts as unknown as EditValue }], { label })}
        />
      )}
      {trail.length > 0 && (
        <WorkingDrawer
          lines={lines} trail={trail} system={system}
          onTrail={(next) => { setTrail(next); if (!next.length && opener.current instanceof HTMLElement) opener.current.focus(); }}
          source={(path) => {
            const value = getAt(axis, path);
            return { label: labelOf(path), ...(isMeasure(value) ? { typed: value.typed, basis: value.basis } : {}) };
          }}
        />
      )}
    </div>
  );
}
