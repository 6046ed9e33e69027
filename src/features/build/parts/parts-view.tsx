'use client';

import { enqueueSnackbar } from 'notistack';
import { useDeferredValue, useMemo, useState } from 'react';
import { isHere, lineEdits } from '@/core/build';
import { FindingList, TrialBar } from '@/features/findings';
import { type BuildState, useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { DateLine } from '@/ui/date-line';
import { TitleBlock } from '@/ui/title-block';
import { usePrinting } from '@/ui/use-printing';
import type { NameMemory } from '@/words';
import styles from '../build.module.css';
import { BulkBar } from './bulk-bar';
import type { ColumnId } from './columns';
import { LinePanel } from './line-panel';
import { BasketList, BudgetLine, MoneyFolds, Working } from './money-side';
import { PaperTable } from './paper-table';
import { PartsTable } from './parts-table';
import { moneyText, type PartRow, partRows, sumText } from './rows';
import { Sellers } from './sellers';
import { TableTools, useTakeRows } from './table-tools';
import { typedInto } from './typing';
import { useTable } from './use-table';
import { pastedInto } from './pasted';

interface PartsProps {
  readonly build: BuildState;
  /** Key of the line that the address asks for; null: none. */
  readonly part: string | null;
}

/** What is found of parts and money, what all of it costs, and by when it is wanted. */
function Side({ build }: Pick<PartsProps, 'build'>) {
  const { project, editor } = useMachine();
  const { answer, lines } = build;
  const found = answer?.findings.filter((f) => !f.code.startsWith('cut-')) ?? [];
  const wanted = lines.filter((l) => !l.sawn && l.wanted !== 0);
  const money = answer?.money;
  return (
    <section aria-labelledby="build-money" className={styles.right}>
      <h2 className={styles.heading} id="build-money">
        Cheapest basket
      </h2>
      <Working build={build} />
      {money && (
        <>
          <BasketList money={money} />
          <BudgetLine money={money} />
        </>
      )}
      <TrialBar />
      {found.length > 0 && <FindingList findings={found} calm="" ours={0} />}
      {money && <MoneyFolds money={money} />}
      <p className={styles.note}>All wanted here by</p>
      <DateLine
        label="All wanted here by"
        value={project.buying.wantedBy}
        onDate={(value) => editor.apply([{ path: 'buying.wantedBy', value }], 'All wanted here by')}
      />
      <TitleBlock
        cells={[
          { label: 'Sheet', value: 'Parts' },
          { label: 'Paid', value: money ? moneyText(money.paid) : '–' },
          { label: 'Budget', value: project.brief.budget?.toFixed(0) ?? '–' },
          { label: 'Here', value: `${wanted.filter(isHere).length} of ${wanted.length}` },
          {
            label: 'In all',
            value: money ? sumText(money.total, money.unpriced.unknown > 0) : '–',
          },
          { label: 'Today', value: build.today },
        ]}
      />
    </section>
  );
}

/** The list of parts with its money. */
export function PartsView({ build, part }: PartsProps) {
  const { project, system, editor } = useMachine();
  const { answer, today, lines } = build;
  const [memory, setMemory] = useState<{ of: string; names: NameMemory }>(() => ({
    of: system,
    names: new WeakMap(),
  }));
  if (memory.of !== system) setMemory({ of: system, names: new WeakMap() });
  const money = answer?.money ?? null;
  const { axes, sellers } = project;
  const rows = useMemo(
    () => partRows(lines, money, { axes, sellers }, system, memory.names),
    [lines, money, axes, sellers, system, memory],
  );
  const state = useTable(rows);
  const printing = usePrinting();
  const [picked, setPicked] = useState<string | null>(part);
  // What is said of a line follows in pieces too.
  const asked = useDeferredValue(picked);
  const shown = rows.find((r) => r.key === asked);
  const take = (row: PartRow, column: ColumnId, text: string) => {
    const typed = typedInto(row, column, text, today);
    if ('error' in typed) return typed.error;
    return editor.apply(lineEdits(project, new Map([[row.key, typed.change]]), freshId), row.name);
  };
  const takeRows = useTakeRows(rows, today);
  const paste = (text: string, at: { readonly row: string; readonly column: ColumnId } | null) => {
    const order = state.entries.flatMap((e) => (e.kind === 'line' ? [e.row] : []));
    const cells = at && pastedInto(project, text, order, at, today);
    const refused = cells ? (cells.error ?? editor.apply(cells.edits, 'Pasted cells')) : takeRows(text);
    if (refused) enqueueSnackbar(refused, { variant: 'error', persist: true });
  };
  const selected = rows.filter((r) => state.selected.has(r.key));
  return (
    <>
      <div className={styles.middle}>
        <TableTools rows={rows} state={state} today={today} />
        <BulkBar picked={selected} today={today} onClear={() => state.selectAll(false)} />
        {printing && <PaperTable entries={state.entries} />}
        <PartsTable
          table={state}
          picked={picked}
          show={part}
          onPick={setPicked}
          onTake={take}
          onPaste={paste}
        />
        {shown ? (
          <LinePanel key={shown.key} line={shown.line} name={shown.name} today={today} />
        ) : (
          <p className={styles.note}>
            Arrows move, Enter or a key types, Space picks, Ctrl and V takes rows out of a spreadsheet. Pick a
            line for its quotes.
          </p>
        )}
        <Sellers />
      </div>
      <Side build={build} />
    </>
  );
}
