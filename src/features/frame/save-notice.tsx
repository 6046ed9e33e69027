'use client';

import Button from '@mui/material/Button';
import { type ReactNode, useEffect, useState } from 'react';
import { type SaveState, type Session, useSessionState } from '@/session';
import { askToKeep, type Space } from '@/storage';
import { Notice } from '@/ui/notice';
import { useExport } from './export';

/** Above this share of the quota the user is told in time. */
const NEARLY_FULL = 0.9;

const Word = ({ onClick, children }: { onClick: () => void; children: ReactNode }) => (
  <Button size="small" onClick={onClick}>
    {children}
  </Button>
);

/** Says when something is not stored, and offers what can be done. Silent while all is well. */
export function SaveNotice({ session }: { session: Session }) {
  const save = useSessionState(session, (s) => s.save);
  const edited = useSessionState(session, (s) => s.history.past.length > 0);
  const [space, setSpace] = useState<Space | null>(null);
  const exportMachine = useExport();
  // Asked at the first edit: a browser grants it rather to somebody who works than to somebody who looks.
  useEffect(() => {
    if (edited) void askToKeep(navigator.storage).then(setSpace);
  }, [edited]);
  const exportWord = (
    <Word onClick={() => session.project && exportMachine(session.project)}>Export it as a file</Word>
  );
  if (save.kind === 'saved' || save.kind === 'saving') {
    if (space?.used === undefined || space.used <= NEARLY_FULL) return null;
    return (
      <Notice kind="warning" actions={exportWord}>
        <strong>The browser’s storage is nearly full</strong> ({Math.round(space.used * 100)} %). Export
        machines that you no longer need, and delete them here.
      </Notice>
    );
  }
  return <NotStored save={save} session={session} exportWord={exportWord} />;
}

type Trouble = Exclude<SaveState, { kind: 'saved' | 'saving' }>;

function NotStored({
  save,
  session,
  exportWord,
}: {
  save: Trouble;
  session: Session;
  exportWord: ReactNode;
}) {
  switch (save.kind) {
    case 'conflict':
      return (
        <Notice
          kind="warning"
          actions={
            <>
              <Word onClick={() => void session.settle('mine')}>Keep mine here</Word>
              <Word onClick={() => void session.settle('theirs')}>Keep the other here</Word>
            </>
          }
        >
          <strong>Another tab changed this machine as well.</strong> Nothing is lost: the one that you do not
          keep here is kept as a copy beside it.
        </Notice>
      );
    case 'gone':
      return (
        <Notice
          kind="warning"
          actions={
            <>
              <Word onClick={() => void session.putBack()}>Put it back</Word>
              {exportWord}
            </>
          }
        >
          <strong>This machine is no longer stored in this browser:</strong> another tab deleted it, or the
          browser’s storage was cleared. It is still on this screen.
        </Notice>
      );
    case 'foreign':
      return (
        <Notice
          kind="warning"
          actions={
            <>
              <Word onClick={() => window.location.reload()}>Load the page again</Word>
              {exportWord}
            </>
          }
        >
          <strong>Another tab stored something that this one cannot read.</strong> It may run a newer edition:
          export what is on this screen if you need it, and load the page again.
        </Notice>
      );
    case 'problem':
      return (
        <Notice
          kind="warning"
          actions={
            <>
              <Word onClick={() => void session.retry()}>Try again</Word>
              {exportWord}
            </>
          }
        >
          <strong>
            {save.problem.code === 'no-space'
              ? 'The browser’s storage is full.'
              : 'The browser does not store this machine.'}
          </strong>{' '}
          Your last changes are only on this screen ({save.problem.cause}).
        </Notice>
      );
  }
}
