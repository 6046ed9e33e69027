'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import RenameIcon from '@mui/icons-material/DriveFileRenameOutline';
import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';
import type { Stands } from '@/core/build';
import { sceneOf } from '@/core/machine';
import { MOST_NAME, type Project } from '@/core/model';
import { restingPositions } from '@/drawings';
import { machineHref, nextHref, todayIso, useExport } from '@/features/frame';
import { PlainDrawing } from '@/features/picture';
import { useStorage } from '@/session';
import type { AtHome, MachineHead } from '@/storage';
import { AfterPaint } from '@/ui/after-paint';
import { TextLine } from '@/ui/text-line';
import { colourOf, VerdictMark } from '@/ui/verdict-mark';
import { useJob } from '@/workers';
import { atHomeText, nextText, verdictText } from '@/words';
import styles from './shelf.module.css';

type Row =
  | { readonly kind: 'looking' }
  | { readonly kind: 'there'; readonly project: Project }
  | { readonly kind: 'unreadable' };

/** The document of a machine, fetched when its row is shown and again when it was saved. */
function useRow({ id, stamp }: MachineHead): Row {
  const storage = useStorage();
  const [row, setRow] = useState<Row>({ kind: 'looking' });
  useEffect(() => {
    let live = true;
    void storage?.load(id).then((loaded) => {
      if (!live) return;
      if (loaded.ok) setRow({ kind: 'there', project: loaded.project });
      else setRow({ kind: loaded.reason === 'missing' ? 'looking' : 'unreadable' });
    });
    return () => {
      live = false;
    };
  }, [storage, id, stamp]);
  return row;
}

/** Where a machine stands, worked out beside the page. */
function useStands(row: Row, { id, stamp }: MachineHead) {
  const [today] = useState(() => todayIso());
  const input = useMemo(() => (row.kind === 'there' ? { project: row.project, today } : null), [row, today]);
  const key = input ? `${id} ${stamp}` : null;
  return useJob('stands', { input, key, pause: 0, lane: `stands ${id}` });
}

interface RowProps {
  readonly machine: MachineHead;
  /** What of it is in this browser alone; undefined while that is looked up. */
  readonly atHome: AtHome | undefined;
  readonly onDelete: () => void;
  /** Gives it another name; says why not. */
  readonly onRename: (name: string) => void;
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

/** The machine in small, as it is planned. */
function Picture({ project }: { readonly project: Project }) {
  const scene = useMemo(() => sceneOf(project), [project]);
  return (
    <PlainDrawing
      scene={scene}
      positions={restingPositions(scene)}
      view="orbit"
      system={project.units}
      label={`${project.name}, drawn`}
      height={96}
      bare
    />
  );
}

/** Verdict of the whole, money, and what comes next. */
function Standing({ project, stands }: { readonly project: Project; readonly stands: Stands }) {
  const { verdict, guessed, cost, more, budget, next } = stands;
  if (!verdict) return <p className={styles.due}>breaks a rule: open it to mend it</p>;
  const axis = next?.axisId ? project.axes.find((a) => a.id === next.axisId)?.name : undefined;
  return (
    <>
      <p className={styles.verdict} style={{ color: colourOf(verdict, guessed) }}>
        <VerdictMark verdict={verdict} guessed={guessed} /> {verdictText(verdict, guessed)}
      </p>
      <p>
        parts {more ? '≥ ' : ''}
        {cost.toFixed(0)}
        {budget !== null && ` of ${budget.toFixed(0)}`}
      </p>
      {next && (
        <p>
          Next: <Link href={nextHref(project, next)}>{nextText(next, axis)}</Link>
        </p>
      )}
    </>
  );
}

function Axes({ id, stands }: { readonly id: string; readonly stands: Stands }) {
  return stands.axes.map((axis) => (
    <li key={axis.id}>
      <Link href={machineHref('size', id, axis.id)}>
        <VerdictMark verdict={axis.verdict} guessed={axis.guessed} /> {axis.name}{' '}
        <span>{verdictText(axis.verdict, axis.guessed)}</span>
      </Link>
    </li>
  ));
}

/** One machine of the list: its picture, where it stands, and what can be done with it. */
export function MachineRow({ machine, atHome, onDelete, onRename }: RowProps) {
  const { id, name, savedAt } = machine;
  const row = useRow(machine);
  const { output: stands, failed } = useStands(row, machine);
  const [renaming, setRenaming] = useState(false);
  const exportMachine = useExport();
  const project = row.kind === 'there' ? row.project : null;
  const hand = project ? () => exportMachine(project) : undefined;
  const when = new Date(savedAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
  const rename = (text: string) => {
    setRenaming(false);
    if (text !== name) onRename(text);
  };
  return (
    <li className={`${styles.row} ${styles.machine}`}>
      <div className={styles.small}>
        {project && (
          <AfterPaint>
            <Picture project={project} />
          </AfterPaint>
        )}
      </div>
      <div className={styles.name}>
        {renaming ? (
          <TextLine label={`New name of ${name}`} value={name} maxLength={MOST_NAME} onText={rename} />
        ) : (
          <h2>
            <Link href={machineHref('machine', id)}>{name}</Link>
          </h2>
        )}
        {project && stands && <Standing project={project} stands={stands} />}
        {failed && <p className={styles.due}>where it stands could not be worked out: {failed}</p>}
        <p>changed {when}</p>
        {atHome && <Home atHome={atHome} onExport={hand} />}
      </div>
      <ul className={styles.axes}>
        {stands && <Axes id={id} stands={stands} />}
        {row.kind === 'unreadable' && <li>cannot be read by this edition: open it for the ways on</li>}
      </ul>
      <div className={styles.tools}>
        <IconButton
          aria-label={`Rename ${name}`}
          title="Rename"
          disabled={!hand}
          onClick={() => setRenaming(!renaming)}
        >
          <RenameIcon />
        </IconButton>
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
