'use client';

import useMediaQuery from '@mui/material/useMediaQuery';
import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import type { AxisReport, TravelChain } from '@/core/machine';
import type { Axis } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { chainDrawing, chainInWords } from '@/drawings';
import { FindingList, TrialBar } from '@/features/findings';
import { machineHref, SheetHead, type SheetTab, useKnown, useMachine } from '@/features/frame';
import { SaveDrawing } from '@/features/picture';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { TitleBlock } from '@/ui/title-block';
import { VerdictMark } from '@/ui/verdict-mark';
import { chainPartName, labelOf } from '@/words';
import { ChainFields } from './chain-fields';
import { ChainTable } from './chain-table';
import styles from './fit.module.css';

/** What Fit looks for in an axis. */
const isFit = (code: string) => code === 'chain-short' || code === 'rail-short';

/** Paper units of the longest part, and below which width of the page the phone's counts. */
const WIDTH = { sheet: 370, phone: 210 } as const;
const PHONE = '(max-width: 899px)';

/** The Fit station: whether an axis goes together along its travel. */
export function FitStation() {
  const wanted = useSearchParams().get('a');
  const { project } = useMachine();
  const { loaded } = useKnown();
  const index = Math.max(
    0,
    project.axes.findIndex((a) => a.id === wanted),
  );
  const { loaded: axis, report } = loaded[index]!;
  const tabs = project.axes.map((a, i): SheetTab => ({
    id: a.id,
    title: a.name,
    note: a.letter,
    href: machineHref('fit', project.id, a.id),
    here: i === index,
    verdict: loaded[i]!.report.verdict,
    guessed: loaded[i]!.report.ours.length > 0,
  }));
  return (
    <div className={styles.fit}>
      <div className={styles.head}>
        <SheetHead label="Axes" tabs={tabs} />
      </div>
      <div className={styles.left} key={axis.id}>
        <ChainFields axis={axis} index={index} />
      </div>
      <TravelChainSheet key={axis.id} axis={axis} report={report} />
    </div>
  );
}

/** The chain drawn to scale, what it says, and what it comes to. */
function TravelChainSheet({ axis, report }: { axis: Axis; report: AxisReport }) {
  const { system } = useMachine();
  const { chain } = report;
  const width = useMediaQuery(PHONE) ? WIDTH.phone : WIDTH.sheet;
  const shown = useMemo(() => ({ axis, chain, system, width }), [axis, chain, system, width]);
  const drawing = useMemo(() => chainDrawing(shown), [shown]);
  const words = chainInWords(shown);
  return (
    <>
      <section aria-labelledby="chain-title" className={styles.chain}>
        <h2 className={styles.heading} id="chain-title">
          Travel chain <small>every part from the near rail end</small>
        </h2>
        {drawing ? (
          <div className={styles.paper}>
            <DrawingView drawing={drawing} label={words} className={styles.drawing} />
            <SaveDrawing drawing={drawing} name={`${axis.name} travel chain`} title={words} />
          </div>
        ) : (
          <p>Say how long the rail is and how far the carriages stand apart: then the chain is drawn.</p>
        )}
        <ChainTable chain={chain} />
        <Missing chain={chain} />
        <p className={styles.missing}>Stack-ups, ends and stops, and plates are not built yet.</p>
      </section>
      <section aria-labelledby="fit-findings" className={styles.right}>
        <h2 className={styles.heading} id="fit-findings">
          What does not close
        </h2>
        <TrialBar />
        <Answer report={report} chain={chain} />
        <ChainBlock axis={axis} chain={chain} />
      </section>
    </>
  );
}

/** What was found; while something is not said yet, that nothing is known beats that nothing was found. */
function Answer({ report, chain: { missing } }: { report: AxisReport; chain: TravelChain }) {
  const findings = report.findings.filter((f) => isFit(f.code));
  if (!findings.length && missing.length)
    return (
      <p>
        <VerdictMark verdict="not-known" /> Whether the travel closes is not known yet.
      </p>
    );
  return <FindingList findings={findings} calm="The travel closes." ours={report.ours.length} />;
}

/** Inputs without which the chain is a bound. */
function Missing({ chain: { missing } }: { chain: TravelChain }) {
  if (!missing.length) return null;
  return (
    <p className={styles.missing}>
      <VerdictMark verdict="not-known" /> At most so much, for these are not said yet:{' '}
      {missing.map((path) => labelOf(path).toLowerCase()).join(', ')}.
    </p>
  );
}

function ChainBlock({ axis, chain }: { axis: Axis; chain: TravelChain }) {
  const { system } = useMachine();
  const { closed, soft, ends } = chain;
  const say = (m: number, digits = 4) => formatQuantity('length', m, system, digits).text;
  // What is missing makes bounds: no more is left, no less is taken, and nobody knows what could be gained.
  const open = chain.missing.length > 0;
  const [most, least] = open ? ['≤ ', '≥ '] : ['', ''];
  const none = open ? 'not known' : 'nothing';
  const gain = closed?.gain ? say(closed.gain.by, 3) : none;
  const binds = closed && [...new Set([closed.near, closed.far])].map((id) => chainPartName[id]).join(', ');
  return (
    <TitleBlock
      cells={[
        { label: 'Sheet', value: axis.name },
        { label: 'Asked', value: say(axis.demands.travel.si) },
        { label: 'Soft travel', value: soft === null ? 'not known' : most + say(soft) },
        { label: 'Binds', value: binds ?? 'not known' },
        { label: 'Ends take', value: `${least}${say(ends.near.taken, 3)}, ${say(ends.far.taken, 3)}` },
        { label: 'To gain', value: gain },
      ]}
    />
  );
}
