'use client';

import Button from '@mui/material/Button';
import { useColorScheme } from '@mui/material/styles';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { put } from '@/core/model';
import { useSessionState } from '@/session';
import { Action } from '@/ui/action';
import { useExport } from './export';
import { useMachine } from './machine-context';
import styles from './sheet-head.module.css';
import { machineHref } from './stations';

/** Small words under the title: undo, units, light, print, export. */
export function SheetTools({ children }: { children?: ReactNode }) {
  const { session, project, editor } = useMachine();
  const past = useSessionState(session, (s) => s.history.past);
  const future = useSessionState(session, (s) => s.history.future);
  const save = useSessionState(session, (s) => s.save.kind);
  const { mode, systemMode, setMode } = useColorScheme();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  const last = past[past.length - 1];
  const exportMachine = useExport();
  const metric = project.units === 'metric';
  const stored = save === 'saved' ? 'stored' : save === 'saving' ? 'storing…' : 'not stored';
  return (
    <div className={styles.tools}>
      <Link href={machineHref('machine', project.id)}>First page</Link>
      <Link href="/handbook">Handbook</Link>
      <Button
        size="small"
        disabled={!last}
        onClick={() => session.undo()}
        title={last ? `Take back: ${last.label}` : 'Nothing to take back'}
      >
        Undo{past.length ? ` ${past.length}` : ''}
      </Button>
      <Button size="small" disabled={!future.length} onClick={() => session.redo()}>
        Redo
      </Button>
      <Action
        onAct={() => editor.apply([put('units', metric ? 'imperial' : 'metric')], 'Units of the sheet')}
      >
        {metric ? 'mm → in' : 'in → mm'}
      </Action>
      <Button size="small" onClick={() => setMode(dark ? 'light' : 'dark')}>
        {dark ? 'Paper' : 'Slate'}
      </Button>
      {children}
      <Button size="small" onClick={() => window.print()}>
        Print
      </Button>
      <Button size="small" onClick={() => exportMachine(project)}>
        Export
      </Button>
      <span role="status" data-save={save}>
        {stored}
      </span>
      <span className={styles.hint}>? keys</span>
    </div>
  );
}
