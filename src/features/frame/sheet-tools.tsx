'use client';

import { useColorScheme } from '@mui/material/styles';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { projectFileName, writeProjectFile } from '@/core/formats';
import type { Project } from '@/core/model';
import { downloadText } from './download';
import { machineHref } from './stations';
import { type Session, useSessionState } from '@/session';
import styles from './sheet-head.module.css';

/** Small words under the title: undo, units, light, print, export. */
export function SheetTools({
  session,
  project,
  children,
}: {
  session: Session;
  project: Project;
  children?: ReactNode;
}) {
  const past = useSessionState(session, (s) => s.history.past);
  const future = useSessionState(session, (s) => s.history.future);
  const save = useSessionState(session, (s) => s.save.kind);
  const { mode, systemMode, setMode } = useColorScheme();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  const last = past[past.length - 1];
  return (
    <div className={styles.tools}>
      <Link href={machineHref('machine', project.id)}>First page</Link>
      <Link href="/handbook">Handbook</Link>
      <button
        type="button"
        disabled={!last}
        onClick={() => session.undo()}
        title={last ? `Take back: ${last.label}` : 'Nothing to take back'}
      >
        Undo{past.length ? ` ${past.length}` : ''}
      </button>
      <button type="button" disabled={!future.length} onClick={() => session.redo()}>
        Redo
      </button>
      <button
        type="button"
        onClick={() =>
          session.edit([{ path: 'units', value: project.units === 'metric' ? 'imperial' : 'metric' }], {
            label: 'Units of the sheet',
          })
        }
      >
        {project.units === 'metric' ? 'mm → in' : 'in → mm'}
      </button>
      <button type="button" onClick={() => setMode(dark ? 'light' : 'dark')}>
        {dark ? 'Paper' : 'Slate'}
      </button>
      {children}
      <button type="button" onClick={() => window.print()}>
        Print
      </button>
      <button type="button" onClick={() => downloadText(projectFileName(project), writeProjectFile(project))}>
        Export
      </button>
      <span role="status" data-save={save}>
        {save === 'saved' ? 'stored' : save === 'saving' ? 'storing…' : 'not stored'}
      </span>
      <span className={styles.hint}>? keys</span>
    </div>
  );
}
