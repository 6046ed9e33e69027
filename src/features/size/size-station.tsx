'use client';

import dynamic from 'next/dynamic';
import { useRouter, useSearchParams } from 'next/navigation';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { EditValue, Remedy } from '@/core/findings';
import { axisDoubt } from '@/core/choose';
import { axisReport } from '@/core/machine';
import { getAt, isMeasure } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { machineHref, useAxisReports, useOpenMachine } from '@/features/frame';
import { useSessionState } from '@/session';
import { TitleBlock } from '@/ui/title-block';
import { AskedPanel } from './asked-panel';
import { BenchHead } from './bench-head';
import { AxisDrawing } from './drawing/axis-drawing';
import { Figures } from './figures';
import { FindingsPanel } from './findings-panel';
import { labelOf } from './labels';
import { Pins } from './exchange/pins';
import type { PartLink } from '@/core/catalogue';
import styles from './sheet.module.css';
import { TrainPanel } from './train-panel';
import type { LinkId } from './link';
import { WHOLE } from './tabs';
import { useAxisEditor } from './use-axis-editor';
import { ChartBox, LadderBox } from './views/bench-views';
import { usePins } from './use-pins';

// Typesetting and the exchange come after the first paint: the verdict does not wait for them.
const WorkingDrawer = dynamic(() => import('@/ui/working-drawer').then((m) => m.WorkingDrawer), {
  ssr: false,
});
const ExchangeDialog = dynamic(() => import('./exchange/exchange-dialog').then((m) => m.ExchangeDialog), {
  ssr: false,
});

const WholeMachine = dynamic(() => import('@/features/whole').then((m) => m.WholeMachine), { ssr: false });

/** The Size station: an axis on its bench, or the machine as a whole. */
export function SizeStation() {
  return useSearchParams().get('a') === WHOLE ? <WholeMachine /> : <AxisBench />;
}

/** The axis bench: one axis on one sheet, loaded as the whole machine loads it. */
function AxisBench() {
  const { session, project } = useOpenMachine();
  const router = useRouter();
  const wanted = useSearchParams().get('a');
  const index = Math.max(
    0,
    project.axes.findIndex((a) => a.id === wanted),
  );
  const stored = project.axes[index]!;
  const system = project.units;
  const report = useAxisReports(project);
  const axis = report.effective[index]!;
  const mine = report.axes[index]!;
  // A millisecond: every uncertain input moved both ways through the silent model.
  const doubt = useMemo(() => axisDoubt(axis), [axis]);
  const editor = useAxisEditor(session, index, system);
  const [trail, setTrail] = useState<readonly string[]>([]);
  const [openLink, setOpenLink] = useState<LinkId | null>(null);
  const [exchanged, setExchanged] = useState<PartLink | null>(null);
  const pins = usePins(session, index);
  // The lines are only made while somebody looks at them, and follow every edit.
  const lines = useMemo(
    () => (trail.length ? axisReport(axis, { working: true }).working! : []),
    [axis, trail.length],
  );
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
      const ids = [...project.axes.map((a) => a.id), WHOLE];
      e.preventDefault();
      router.replace(
        machineHref(
          'size',
          project.id,
          ids[(index + (e.key === 'ArrowRight' ? 1 : -1) + ids.length) % ids.length],
        ),
        { scroll: false },
      );
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [project, index, router]);

  const say = (speed: number) => formatQuantity('speed', speed, system, 3).text;

  return (
    <div className={styles.bench}>
      <div className={styles.headBox}>
        <BenchHead session={session} project={project} axes={report.axes} current={stored.id}>
          <Pins
            axis={stored}
            report={mine}
            pins={project.pins}
            project={project}
            system={system}
            onPin={pins.pin}
            onTake={pins.take}
            onDrop={pins.drop}
          />
        </BenchHead>
      </div>

      <div className={styles.left} key={axis.id}>
        <AskedPanel
          axis={stored}
          loaded={axis}
          project={project}
          mass={mine.mass}
          editor={editor}
          system={system}
        />
        <TrainPanel
          axis={stored}
          report={mine}
          editor={editor}
          system={system}
          open={openLink}
          onOpen={setOpenLink}
          onExchange={setExchanged}
        />
      </div>

      <div className={styles.drawingBox}>
        <AxisDrawing axis={axis} report={mine} system={system} />
      </div>
      <LadderBox axis={axis} report={mine} doubt={doubt} system={system} onWorking={onWorking} />
      <ChartBox axis={axis} report={mine} editor={editor} system={system} onWorking={onWorking} />

      <div className={styles.right}>
        <FindingsPanel
          report={mine}
          doubt={doubt}
          system={system}
          onWorking={onWorking}
          onTry={onTry}
          tried={tried}
          onTakeBack={() => {
            session.undo();
            setTrial(null);
          }}
        />
      </div>
      <div className={styles.figuresBox}>
        <Figures report={mine} system={system} onWorking={onWorking} />
      </div>
      <div className={styles.blockBox}>
        <TitleBlock
          cells={[
            { label: 'Sheet', value: axis.name },
            { label: 'Good for', value: say(mine.speed) },
            { label: 'Under cut', value: say(mine.feed) },
            { label: 'Moves', value: formatQuantity('mass', mine.mass, system, 3).text },
            {
              label: 'Changed',
              value: new Date(project.changed).toLocaleDateString('en-GB', {
                day: 'numeric',
                month: 'short',
              }),
            },
            {
              label: 'Not given',
              value: mine.unknowns.length === 1 ? '1 value' : `${mine.unknowns.length} values`,
            },
          ]}
        />
      </div>
      {exchanged && (
        <ExchangeDialog
          axis={axis}
          report={mine}
          link={exchanged}
          own={project.ownParts}
          editor={editor}
          system={system}
          onClose={() => setExchanged(null)}
          onOwn={(parts, label) =>
            session.edit([{ path: 'ownParts', value: parts as unknown as EditValue }], { label })
          }
        />
      )}
      {trail.length > 0 && (
        <WorkingDrawer
          lines={lines}
          trail={trail}
          system={system}
          onTrail={(next) => {
            setTrail(next);
            if (!next.length && opener.current instanceof HTMLElement) opener.current.focus();
          }}
          source={(path) => {
            const value = getAt(axis, path);
            return {
              label: labelOf(path),
              ...(isMeasure(value) ? { typed: value.typed, basis: value.basis } : {}),
            };
          }}
        />
      )}
    </div>
  );
}
