'use client';

import Button from '@mui/material/Button';
import { useColorScheme } from '@mui/material/styles';
import Link from 'next/link';
import { memo, type ReactNode } from 'react';
import { put } from '@/core/model';
import { type Session, useSessionState } from '@/session';
import { Action } from '@/ui/action';
import { Hint } from '@/ui/hint';
import { wordsOf } from '@/words';
import type { MachineEditor } from './editor';
import { useExport } from './export';
import { useMachine } from './machine-context';
import { Help } from './help';
import styles from './sheet-head.module.css';
import { machineHref } from './stations';

interface UndoProps {
  readonly session: Session;
  readonly steps: number;
  /** What the last step did; nothing: there is none. */
  readonly last: string | undefined;
  readonly more: boolean;
}

/*
 * Each group of words is drawn anew only where it reads otherwise: the head stands over every keystroke.
 */

const UndoWords = memo(function UndoWords({ session, steps, last, more }: UndoProps) {
  return (
    <>
      <Hint text={last === undefined ? '' : `Take back: ${last}`}>
        <Button size="small" disabled={last === undefined} onClick={() => session.undo()}>
          Undo{steps ? ` ${steps}` : ''}
        </Button>
      </Hint>
      <Button size="small" disabled={!more} onClick={() => session.redo()}>
        Redo
      </Button>
    </>
  );
});

const SheetWords = memo(function SheetWords({ metric, editor }: { metric: boolean; editor: MachineEditor }) {
  const { mode, systemMode, setMode } = useColorScheme();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <>
      <Action
        onAct={() => editor.apply([put('units', metric ? 'imperial' : 'metric')], 'Units of the sheet')}
      >
        {metric ? 'mm → in' : 'in → mm'}
      </Action>
      <Hint text={wordsOf('Slate')}>
        <Button size="small" onClick={() => setMode(dark ? 'light' : 'dark')}>
          {dark ? 'Paper' : 'Slate'}
        </Button>
      </Hint>
    </>
  );
});

const OutWords = memo(function OutWords({ session }: { session: Session }) {
  const exportMachine = useExport();
  return (
    <>
      <Button size="small" onClick={() => window.print()}>
        Print
      </Button>
      <Button size="small" onClick={() => session.project && exportMachine(session.project)}>
        Export
      </Button>
    </>
  );
});

const PageWords = memo(function PageWords({ id }: { id: string }) {
  return (
    <>
      <Link href={machineHref('machine', id)}>First page</Link>
      <Link href="/handbook">Handbook</Link>
    </>
  );
});

const saveWords: Record<string, string> = { saved: 'stored', saving: 'storing…' };

/** Whether what was typed is stored. */
export function SaveWord() {
  const { session } = useMachine();
  const save = useSessionState(session, (s) => s.save.kind);
  return (
    <span role="status" className={styles.save} data-save={save}>
      {saveWords[save] ?? 'not stored'}
    </span>
  );
}

/** Small words under the title: undo, units, light, print, export. */
export function SheetTools({ children }: { children?: ReactNode }) {
  const { session, project, editor } = useMachine();
  const past = useSessionState(session, (s) => s.history.past);
  const more = useSessionState(session, (s) => s.history.future.length > 0);
  return (
    <div className={styles.tools}>
      <PageWords id={project.id} />
      <UndoWords session={session} steps={past.length} last={past.at(-1)?.label} more={more} />
      <SheetWords metric={project.units === 'metric'} editor={editor} />
      {children}
      <OutWords session={session} />
      <SaveWord />
      <Help />
    </div>
  );
}
