'use client';

import AddIcon from '@mui/icons-material/Add';
import InputBase from '@mui/material/InputBase';
import { enqueueSnackbar } from 'notistack';
import { addedLines } from '@/core/build';
import { fileName, readListCsv } from '@/core/formats';
import { partsCsv } from '@/drawings';
import { downloadText, useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { FilePicker, readText } from '@/ui/file-picker';
import { Toggle } from '@/ui/toggle';
import { listFaultText } from '@/words';
import { filterNames, filters, groupingNames, groupings, passes } from './columns';
import { LabelsButton } from './labels-button';
import styles from './parts.module.css';
import type { PartRow } from './rows';
import { takenRows } from './taken-rows';
import type { useTable } from './use-table';

const MOST_FILE = 2_000_000;
const CSV = { 'text/csv': ['.csv', '.tsv', '.txt'] };

interface ToolsProps {
  readonly rows: readonly PartRow[];
  readonly state: ReturnType<typeof useTable>;
  readonly today: string;
}

/** Takes rows out of a text, and says what became of them. */
export function useTakeRows(rows: readonly PartRow[], today: string) {
  const { project, editor } = useMachine();
  return (text: string) => {
    const read = readListCsv(text);
    if (!read.ok) return listFaultText(read);
    const taken = takenRows(project, read.rows, rows, today);
    if (!taken.ok) return listFaultText(taken);
    const { edits, added } = taken;
    const refused = editor.apply(edits, `${read.rows.length} rows taken`);
    if (!refused) {
      const changed = read.rows.length - added;
      const told = `${changed} lines changed, ${added} added. Undo takes all of it back.`;
      enqueueSnackbar(told, { variant: 'info' });
    }
    return refused;
  };
}

/** What lines are shown, how they are gathered, and ways in and out. */
export function TableTools({ rows, state, today }: ToolsProps) {
  const { project, editor } = useMachine();
  const take = useTakeRows(rows, today);
  const counts = filters.map((f) => [f, `${filterNames[f]} ${rows.filter(passes[f]).length}`] as const);
  const onFiles = async ([file]: readonly File[]) => {
    if (!file) return;
    const read = await readText(file, MOST_FILE);
    const refused = read.ok ? take(read.text) : read.reason;
    if (refused) enqueueSnackbar(refused, { variant: 'error', persist: true });
  };
  return (
    <div className={styles.tools}>
      <Toggle label="Lines shown" options={counts} value={state.filter} onPick={state.setFilter} />
      <InputBase
        className={styles.search ?? ''}
        placeholder="look for"
        value={state.text}
        slotProps={{ input: { 'aria-label': 'Look for a part', type: 'search' } }}
        onChange={(e) => state.setText(e.target.value)}
      />
      <Choice
        bare
        label="Gathered"
        value={state.grouping}
        options={groupings.map((g) => [g, groupingNames[g]] as const)}
        onPick={state.setGrouping}
      />
      <Action
        icon={<AddIcon />}
        onAct={() => editor.apply(addedLines(project, [{ name: 'New part' }], freshId), 'A part of your own')}
      >
        Part of your own
      </Action>
      <FilePicker label="List of parts as CSV" accept={CSV} onFiles={(files) => void onFiles(files)}>
        CSV in
      </FilePicker>
      <Action
        onAct={() =>
          downloadText(
            fileName(`${project.name} parts`, 'csv'),
            partsCsv(
              project,
              state.shown.map((r) => r.line),
            ),
            'text/csv',
          )
        }
      >
        CSV out
      </Action>
      <LabelsButton rows={state.shown} />
    </div>
  );
}
