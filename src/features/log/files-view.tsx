'use client';

import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Link from 'next/link';
import { useState } from 'react';
import { type FileKind, filesOf, type LogEvent, type LyingFile } from '@/core/log';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { FilePicker, useDrop } from '@/ui/file-picker';
import { Notice } from '@/ui/notice';
import { useRefusal } from '@/ui/refusal';
import { TitleBlock } from '@/ui/title-block';
import { bytesText } from '@/words';
import { BundleAction } from './bundle-action';
import styles from './log.module.css';
import { placeOf } from './place';
import { useEvents } from './use-events';
import { type FileActs, useFiles } from './use-files';

/** Programs as post-processors name them; a browser asks for endings where a type has no name. */
const PROGRAMS = { 'text/plain': ['.nc', '.ngc', '.gcode', '.gc', '.tap', '.cnc', '.txt'] };

const kindNames: Readonly<Record<FileKind, string>> = { photo: 'Photo', program: 'Program', other: 'File' };

interface RowProps {
  readonly lying: LyingFile;
  readonly acts: FileActs;
  readonly title: (event: LogEvent) => string;
}

function Row({ lying, acts, title }: RowProps) {
  const { file, kind, shownBy } = lying;
  const { project } = useMachine();
  const refusal = useRefusal();
  const gone = acts.here && !acts.here.has(file.hash);
  const save = async () => {
    const said = await acts.save(lying);
    refusal.attempt(() => said);
  };
  return (
    <TableRow>
      <TableCell component="th" scope="row">
        <span className={styles.fileName}>{file.name}</span>
        {gone && <small className={styles.note}>its content is not in this browser</small>}
        {refusal.note}
      </TableCell>
      <TableCell data-title="Kind">{kindNames[kind]}</TableCell>
      <TableCell data-title="Size">{bytesText(file.bytes)}</TableCell>
      <TableCell data-title="Shown by">
        {!shownBy.length && '–'}
        {shownBy.map((event, i) => (
          <span key={event.id}>
            {i > 0 && ', '}
            <Link href={placeOf(event, project.id) ?? `/log?m=${project.id}`}>{title(event)}</Link>
          </span>
        ))}
      </TableCell>
      <TableCell>
        <Action onAct={() => void save()} label={`Save ${file.name}`}>
          Save
        </Action>{' '}
        {!shownBy.length && (
          <Action onAct={() => refusal.attempt(() => acts.remove(lying))} label={`Remove ${file.name}`}>
            Remove
          </Action>
        )}
      </TableCell>
    </TableRow>
  );
}

/** What lies with the machine: programs for its controller, photos; all of it goes along in the bundle. */
export function FilesView() {
  const { project } = useMachine();
  const { events, title } = useEvents();
  const acts = useFiles();
  const [said, setSaid] = useState<readonly string[]>([]);
  const add = (files: readonly File[]) => void acts.add(files).then(setSaid);
  const drop = useDrop(PROGRAMS, add);
  const lying = filesOf(project.files, events);
  const programs = lying.filter((f) => f.kind === 'program').length;
  const bytes = lying.reduce((sum, { file }) => sum + file.bytes, 0);
  return (
    <>
      <div className={`${styles.middle} ${styles.wide} ${styles.scrolls}`} {...drop}>
        <h2 className={styles.heading}>
          What lies with the machine <small>kept in this browser, and taken along in its bundle</small>
        </h2>
        {!lying.length && (
          <p>
            Nothing yet. Programs that the machine is to run are dropped here or added with the button; photos
            come with steps and with entries of the log.
          </p>
        )}
        {said.length > 0 && (
          <Notice kind="error">
            {said.map((line) => (
              <p key={line}>{line}</p>
            ))}
          </Notice>
        )}
        {lying.length > 0 && (
          <CardTable titles={['Name', 'Kind', 'Size', 'Shown by']} acts label="Files of the machine">
            {lying.map((one) => (
              <Row key={one.file.id} lying={one} {...{ acts, title }} />
            ))}
          </CardTable>
        )}
      </div>
      <section className={styles.right} aria-label="Files">
        <p>
          A program is kept as it is, byte for byte; nothing of it is read or checked here. What it does to a
          machine is for whoever starts it: look at it in the controller, run it in the air, stay at the stop.
        </p>
        <div className={styles.row}>
          <FilePicker label="Program files" accept={PROGRAMS} multiple onFiles={add} variant="outlined">
            Add a program
          </FilePicker>
          <BundleAction />
        </div>
        <TitleBlock
          cells={[
            { label: 'Sheet', value: 'Files' },
            { label: 'Programs, others', value: `${programs}, ${lying.length - programs}` },
            { label: 'In all', value: bytes ? bytesText(bytes) : '–' },
          ]}
        />
      </section>
    </>
  );
}
