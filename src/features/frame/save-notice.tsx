'use client';

import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { projectFileName, writeProjectFile } from '@/core/formats';
import { type Session, useSessionState } from '@/session';
import { askToKeep, type Space } from '@/storage';
import { downloadText } from './download';
import styles from './frame.module.css';

/** Above this share of the quota the user is told in time. */
const NEARLY_FULL = 0.9;

/** Says when something is not stored, and offers what can be done. Silent while all is well. */
export function SaveNotice({ session }: { session: Session }) {
  const save = useSessionState(session, (s) => s.save);
  const edited = useSessionState(session, (s) => s.history.past.length > 0);
  const [space, setSpace] = useState<Space | null>(null);
  // Asked at the first edit: a browser grants it rather to somebody who works than to somebody who looks.
  useEffect(() => {
    if (edited) void askToKeep(navigator.storage).then(setSpace);
  }, [edited]);

  const exportNow = () => {
    const project = session.project;
    if (project) downloadText(projectFileName(project), writeProjectFile(project));
  };
  const exportButton = (
    <Button size="small" onClick={exportNow}>
      Export it as a file
    </Button>
  );

  if (save.kind === 'conflict')
    return (
      <div className={styles.notice} role="alert">
        <p>
          <strong>Another tab changed this machine as well.</strong> Nothing is lost: the one that you do not
          keep here is kept as a copy beside it.
        </p>
        <Button size="small" onClick={() => void session.settle('mine')}>
          Keep mine here
        </Button>
        <Button size="small" onClick={() => void session.settle('theirs')}>
          Keep the other here
        </Button>
      </div>
    );
  if (save.kind === 'gone')
    return (
      <div className={styles.notice} role="alert">
        <p>
          <strong>Another tab deleted this machine.</strong> It is still on this screen.
        </p>
        <Button size="small" onClick={() => void session.putBack()}>
          Put it back
        </Button>
        {exportButton}
      </div>
    );
  if (save.kind === 'problem')
    return (
      <div className={styles.notice} role="alert">
        <p>
          <strong>
            {save.problem.code === 'no-space'
              ? 'The browser’s storage is full.'
              : 'The browser does not store this machine.'}
          </strong>{' '}
          Your last changes are only on this screen ({save.problem.cause}).
        </p>
        <Button size="small" onClick={() => void session.retry()}>
          Try again
        </Button>
        {exportButton}
      </div>
    );
  if (space?.used !== undefined && space.used > NEARLY_FULL)
    return (
      <div className={styles.notice} role="status">
        <p>
          <strong>The browser’s storage is nearly full</strong> ({Math.round(space.used * 100)} %). Export
          machines that you no longer need, and delete them here.
        </p>
        {exportButton}
      </div>
    );
  return null;
}
