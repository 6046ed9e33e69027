'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import type { Verdict } from '@/core/findings';
import { amongAxes, axisReport, loadedAxes } from '@/core/machine';
import type { Project } from '@/core/model';
import { machineHref, useExport } from '@/features/frame';
import { useStorage } from '@/session';
import type { AtHome, MachineHead } from '@/storage';
import { VerdictMark } from '@/ui/verdict-mark';
import { atHomeText, verdictText } from '@/words';
import styles from './shelf.module.css';

interface AxisLine {
  readonly id: string;
  readonly name: string;
  readonly verdict: Verdict;
  readonly guessed: boolean;
}

type Row =
  | { readonly kind: 'looking' }
  | { readonly kind: 'there'; readonly project: Project; readonly axes: readonly AxisLine[] }
  | { readonly kind: 'unreadable' };

const axesOf = (project: Project): AxisLine[] =>
  loadedAxes(project).map((axis) => {
    const { verdict, ours } = axisReport(axis, { remedies: false }, amongAxes(axis, project.axes));
    return { id: axis.id, name: axis.name, verdict, guessed: ours.length > 0 };
  });

/** The document of a machine, fetched when its row is shown and again when it was saved. */
function useRow({ id, stamp }: MachineHead): Row {
  const storage = useStorage();
  const [row, setRow] = useState<Row>({ kind: 'looking' });
  useEffect(() => {
    let live = true;
    void storage?.load(id).then((loaded) => {
      if (!live) return;
      if (loaded.ok) setRow({ kind: 'there', project: loaded.project, axes: axesOf(loaded.project) });
      else setRow({ kind: loaded.reason === 'missing' ? 'looking' : 'unreadable' });
    });
    return () => {
      live = false;
    };
  }, [storage, id, stamp]);
  return row;
}

interface RowProps {
  readonly machine: MachineHead;
  /** What of it is in this browser alone; undefined while that is looked up. */
  readonly atHome: AtHome | undefined;
  readonly onDelete: () => void;
}

/** Whether all of a machine is outside as well; with a way out where somebody should be reminded. */
function Home({ atHome, onExport }: { atHome: AtHome; onExport: (() => void) | undefined }) {
  const storage = useStorage();
  const due = storage?.outside.due(atHome) ?? false;
  return (
    <p className={due ? styles.due : undefined}>
      {atHomeText(atHome, new Date().toISOString())}
      {due && onExport && (
        <>
          {' '}
          <Button size="small" onClick={onExport}>
            Export it now
          </Button>
        </>
      )}
    </p>
  );
}

/** One machine of the list: its axes with their verdicts, and what can be done with it. */
export function MachineRow({ machine, atHome, onDelete }: RowProps) {
  const { id, name, savedAt } = machine;
  const row = useRow(machine);
  const exportMachine = useExport();
  const hand = row.kind === 'there' ? () => exportMachine(row.project) : undefined;
  const when = new Date(savedAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
  return (
    <li className={styles.row}>
      <div className={styles.name}>
        <h2>
          <Link href={machineHref('machine', id)}>{name}</Link>
        </h2>
        <p>changed {when}</p>
        {atHome && <Home atHome={atHome} onExport={hand} />}
      </div>
      <ul className={styles.axes}>
        {row.kind === 'there' &&
          row.axes.map((axis) => (
            <li key={axis.id}>
              <Link href={machineHref('size', id, axis.id)}>
                <VerdictMark verdict={axis.verdict} guessed={axis.guessed} /> {axis.name}{' '}
                <span>{verdictText(axis.verdict, axis.guessed)}</span>
              </Link>
            </li>
          ))}
        {row.kind === 'unreadable' && <li>cannot be read by this edition: open it for the ways on</li>}
      </ul>
      <div className={styles.tools}>
        <IconButton aria-label={`Export ${name}`} title="Export as a file" disabled={!hand} onClick={hand}>
          <DownloadIcon />
        </IconButton>
        <IconButton aria-label={`Delete ${name}`} title="Delete" onClick={onDelete}>
          <DeleteIcon />
        </IconButton>
      </div>
    </li>
  );
}
