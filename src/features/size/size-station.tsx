'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import type { PartLink } from '@/core/catalogue';
import { axisDoubt } from '@/core/doubt';
import { formatQuantity } from '@/core/units';
import { AxisWorking } from '@/features/findings';
import { machineHref, SURE, useMachine, VARIANTS, WHOLE } from '@/features/frame';
import { Action } from '@/ui/action';
import { part } from '@/ui/part';
import { TitleBlock } from '@/ui/title-block';
import { useAfterPaint } from '@/ui/use-after-paint';
import { useShortcuts } from '@/ui/use-shortcuts';
import { useTrail } from '@/ui/use-trail';
import { AskedPanel } from './asked-panel';
import { AxisProvider, useAxis } from './axis-context';
import { BenchHead } from './bench-head';
import { AxisDrawing } from './axis-drawing';
import { Pins } from './exchange/pins';
import { Figures } from './figures';
import { FindingsPanel } from './findings-panel';
import { type LinkId, linkIds } from './link';
import styles from './sheet.module.css';
import { TrainPanel } from './train-panel';
import { ChartBox, LadderBox } from './views/bench-views';

// The exchange and the whole machine come after the first paint: the verdict does not wait for them.
const ExchangeDialog = part(() => import('./exchange/exchange-dialog').then((m) => m.ExchangeDialog));
const SearchDialog = part(() => import('./search/search-dialog').then((m) => m.SearchDialog));
const SureView = part(() => import('./sure/sure-view').then((m) => m.SureView));
const VariantsView = part(() => import('./variants/variants-view').then((m) => m.VariantsView));
const WholeMachine = part(() => import('./whole/whole-machine').then((m) => m.WholeMachine));

/** The Size station: an axis on its bench, the machine as a whole, how sure it is, or its variants. */
export function SizeStation() {
  const wanted = useSearchParams().get('a');
  const { project } = useMachine();
  if (wanted === WHOLE) return <WholeMachine />;
  if (wanted === SURE) return <SureView />;
  if (wanted === VARIANTS) return <VariantsView />;
  const index = Math.max(
    0,
    project.axes.findIndex((a) => a.id === wanted),
  );
  return (
    <AxisProvider index={index}>
      <AxisBench />
    </AxisProvider>
  );
}

/** Alt and an arrow turn to the sheet beside: the axes, the whole machine, how sure it is, variants. */
function useTurning(): void {
  const { project } = useMachine();
  const { index } = useAxis();
  const router = useRouter();
  const turn = (step: number) => {
    const ids = [...project.axes.map((a) => a.id), WHOLE, SURE, VARIANTS];
    const next = ids[(index + step + ids.length) % ids.length];
    router.replace(machineHref('size', project.id, next), { scroll: false });
  };
  useShortcuts([
    { key: 'arrowleft', alt: true, act: () => turn(-1) },
    { key: 'arrowright', alt: true, act: () => turn(1) },
  ]);
}

/** The axis bench: one axis on one sheet, loaded as the whole machine loads it. */
function AxisBench() {
  const { system } = useMachine();
  const { stored, axis, report } = useAxis();
  // Every uncertain input moved both ways through the silent model, some four times the axis itself: the
  // verdict is painted first, how far it may be off a frame later.
  const doubted = useAfterPaint(axis);
  const doubt = useMemo(() => axisDoubt(doubted), [doubted]);
  const { trail, onWorking, onTrail } = useTrail();
  const asked = useSearchParams().get('l');
  const [openLink, setOpenLink] = useState<LinkId | null>(() => linkIds.find((l) => l === asked) ?? null);
  const [exchanged, setExchanged] = useState<PartLink | null>(null);
  const [searching, setSearching] = useState(false);
  useTurning();
  return (
    <div className={styles.bench}>
      <div className={styles.headBox}>
        <BenchHead current={stored.id}>
          <Pins />
        </BenchHead>
      </div>
      {/* Heard, and reached by keyboard, before all that it is judged by. */}
      <div className={`${styles.right} fades`}>
        <FindingsPanel doubt={doubt} onWorking={onWorking} />
      </div>
      <div className={`${styles.left} fades`} key={axis.id}>
        <AskedPanel />
        {axis.drive.kind !== 'crank' && (
          <Action
            title="Every combination of parts for this axis, and what is worth its money"
            onAct={() => setSearching(true)}
          >
            Look for parts
          </Action>
        )}
        <TrainPanel open={openLink} onOpen={setOpenLink} onExchange={setExchanged} />
      </div>
      <div className={styles.drawingBox}>
        <AxisDrawing key={axis.id} axis={axis} report={report} system={system} />
      </div>
      <LadderBox doubt={doubt} onWorking={onWorking} />
      <ChartBox onWorking={onWorking} />
      <div className={`${styles.figuresBox} fades`}>
        <Figures onWorking={onWorking} />
      </div>
      <div className={styles.blockBox}>
        <BenchBlock />
      </div>
      {searching && <SearchDialog onClose={() => setSearching(false)} />}
      {exchanged && <ExchangeDialog link={exchanged} onClose={() => setExchanged(null)} />}
      <AxisWorking axis={axis} trail={trail} onTrail={onTrail} />
    </div>
  );
}

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

function BenchBlock() {
  const { project, system } = useMachine();
  const { axis, report } = useAxis();
  const { speed, feed, mass, unknowns } = report;
  const say = (v: number) => formatQuantity('speed', v, system, 3).text;
  const changed = day.format(new Date(project.changed));
  return (
    <TitleBlock
      cells={[
        { label: 'Sheet', value: axis.name },
        { label: 'Good for', value: say(speed) },
        { label: 'Under cut', value: say(feed) },
        { label: 'Moves', value: formatQuantity('mass', mass, system, 3).text },
        { label: 'Changed', value: changed },
        { label: 'Not given', value: unknowns.length === 1 ? '1 value' : `${unknowns.length} values` },
      ]}
    />
  );
}
