'use client';

import { useMemo } from 'react';
import { openSpoilt } from '@/core/build';
import { fileName } from '@/core/formats';
import { FindingList } from '@/features/findings';
import { type BuildState, downloadText, useMachine, useWriting } from '@/features/frame';
import { MachineField } from '@/features/fields';
import { TitleBlock } from '@/ui/title-block';
import { cutsCsv, cutsPdf, pieceNames } from '@/drawings';
import { Action } from '@/ui/action';
import { sawingCautions } from '@/words';
import page from '../build.module.css';
import { Working } from '../parts/money-side';
import { moneyText } from '../parts/rows';
import { OwnPieces } from './own-pieces';
import { SectionBlock } from './section-block';

/** The cuts on paper and as a table. */
function Files({ built }: { readonly built: Parameters<typeof cutsCsv>[0] }) {
  const { name, units } = built.project;
  const file = useWriting();
  const pdf = () =>
    file.write(async () => {
      // Paper is dear to load and seldom wanted.
      const { papers } = await import('@/core/print');
      const paper = units === 'metric' ? papers.a4 : papers.letter;
      const data = await cutsPdf(built, paper, new Date());
      return { name: fileName(`${name} cuts`, 'pdf'), data, type: 'application/pdf' };
    });
  return (
    <div className={page.files}>
      <Action onAct={() => void pdf()}>All bars as PDF</Action>
      <Action onAct={() => downloadText(fileName(`${name} cuts`, 'csv'), cutsCsv(built), 'text/csv')}>
        As CSV
      </Action>
      {file.notice}
    </div>
  );
}

/** Bars and pieces: what is sawn out of what, in which order. */
export function CuttingView({ build }: { readonly build: BuildState }) {
  const { project } = useMachine();
  const { answer, lines } = build;
  const pieceName = useMemo(() => pieceNames({ project, lines }), [project, lines]);
  const plans = answer?.plans ?? [];
  const found = answer?.findings.filter((f) => f.code.startsWith('cut-')) ?? [];
  const bars = plans.reduce((s, p) => s + (p.plan?.bars.length ?? 0), 0);
  const spoilt = plans.reduce(
    (s, p) => s + p.begun.flatMap((b) => b.cuts).filter((c) => c.state === 'spoilt').length,
    0,
  );
  const hard = plans.some((p) => p.section.hard);
  // What is spoilt first, then what is still to be sawn; what has no bars last.
  const weight = (p: (typeof plans)[number]) =>
    (openSpoilt(p).length ? 8 : 0) + (p.plan ? 4 : 0) + (p.plan && p.cut.size < p.pieces.length ? 2 : 0);
  const shown = [...plans].sort((a, b) => weight(b) - weight(a));
  return (
    <>
      <div className={`${page.middle} ${page.scrolls}`}>
        {plans.length > 0 && <Files built={{ project, lines, plans }} />}
        <Working build={build} />
        {answer && !plans.length && (
          <p>Nothing is sawn yet: rails, screws, racks and members come here once their lengths are known.</p>
        )}
        {shown.map((p) => (
          <SectionBlock key={p.section.key} plan={p} pieceName={pieceName} busy={build.busy} />
        ))}
        <OwnPieces plans={plans} />
      </div>
      <section aria-labelledby="build-cuts" className={page.right}>
        <h2 className={page.heading} id="build-cuts">
          What is wrong with the cuts
        </h2>
        {found.length ? (
          <FindingList findings={found} calm="" ours={0} />
        ) : (
          <p>{plans.some((p) => p.plan) ? 'Nothing is found.' : 'Nobody has said which bars there are.'}</p>
        )}
        <h2 className={`${page.heading} ${page.part}`}>At the saw</h2>
        {sawingCautions(hard).map((text) => (
          <p key={text}>{text}</p>
        ))}
        <h2 className={`${page.heading} ${page.part}`}>Remnants</h2>
        <MachineField path="remnants.keep" />
        <MachineField path="remnants.worth" />
        <TitleBlock
          cells={[
            { label: 'Sheet', value: 'Cutting' },
            { label: 'Pieces', value: String(plans.reduce((s, p) => s + p.pieces.length, 0)) },
            { label: 'Bars to go', value: String(bars) },
            { label: 'Spoilt', value: String(spoilt) },
            {
              label: 'Stock',
              value: moneyText(plans.reduce((s, p) => s + (p.plan && !p.plan.unpriced ? p.plan.cost : 0), 0)),
            },
            { label: 'Today', value: build.today },
          ]}
        />
      </section>
    </>
  );
}
