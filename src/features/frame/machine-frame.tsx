'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { usePathname, useRouter, useSearchParams } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import type { Project } from '@/core/model';
import {
  type OpenState,
  type Session,
  SessionProvider,
  useSession,
  useSessionState,
  useStorage,
} from '@/session';
import { Shell } from '@/ui/shell';
import { explainIssue } from '@/words';
import { Backups } from './backups';
import { ChangedStrip } from './changed-strip';
import { downloadText } from './download';
import { useExport } from './export';
import styles from './frame.module.css';
import { KeepAnswer } from './keep-answer';
import { MachineProvider } from './machine-context';
import { Opening } from './opening';
import { ReportsProvider } from './reports-context';
import { SaveNotice } from './save-notice';
import { Shortcuts } from './shortcuts';
import { Tour } from './tour';
import { machineHref, stationNames, stations } from './stations';

interface FrameProps {
  readonly children: ReactNode;
  /** Shown in the place of the pages while the machine breaks a rule: nothing is computed of it then. */
  readonly mend: ReactNode;
}

/** The rail around the pages of one machine, which stays open while its pages change. */
export function MachineFrame({ children, mend }: FrameProps) {
  const path = usePathname();
  const id = useSearchParams().get('m');
  const links = stations.map((s) => ({
    name: stationNames[s],
    href: id ? machineHref(s, id) : '/',
    // A plain web server gives a page as a folder, with a slash at its end.
    here: path.replace(/\/$/, '') === `/${s}`,
  }));
  return (
    <Shell stations={links} home={{ href: '/', label: 'Rugged Carriage: all machines' }}>
      {id ? (
        <SessionProvider id={id}>
          <WhenOpen mend={mend}>{children}</WhenOpen>
        </SessionProvider>
      ) : (
        <NoMachine reason="No machine is picked." />
      )}
      <Tour />
    </Shell>
  );
}

function NoMachine({ reason, children }: { reason: string; children?: ReactNode }) {
  return (
    <div className={styles.empty}>
      <h1>{reason}</h1>
      {children}
      <p>
        <Link href="/">Go to your machines</Link>
      </p>
    </div>
  );
}

function WhenOpen(props: FrameProps) {
  const session = useSession();
  return session ? <Opened session={session} {...props} /> : <Opening />;
}

/** The browser keeps nothing for this page: why, and what can be done. */
function NoStorage({ cause }: { cause: string }) {
  return (
    <NoMachine reason="The browser does not open its storage.">
      <p>
        Machines are kept in this browser, and it refuses that just now ({cause}). A private window, a setting
        that blocks site data, or a full disk does it. Allow it and load the page again; nothing was changed.
      </p>
      <p>
        <Button size="small" onClick={() => window.location.reload()}>
          Load the page again
        </Button>
      </p>
    </NoMachine>
  );
}

/** A document that this edition cannot read: itself as a file, and the last state that could be read. */
function Unreadable({ loaded }: { loaded: Extract<FailedLoad, { reason: 'unreadable' }> }) {
  const { kept, issues, raw } = loaded;
  const storage = useStorage();
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const exportMachine = useExport();
  const open = async (project: Project) => {
    const added = await storage?.add({ ...project, id: crypto.randomUUID() });
    if (added?.ok) router.push(machineHref('machine', added.id));
    else setProblem(added?.problem.cause ?? 'the storage is closed');
  };
  return (
    <div className={styles.empty}>
      <h1>This machine cannot be read</h1>
      <p>Nothing was changed. You can save it as it is and open it elsewhere.</p>
      <ul>
        {issues.slice(0, 5).map((issue) => (
          <li key={issue.path.join('.') + issue.code}>{explainIssue(issue)}</li>
        ))}
      </ul>
      <p className={styles.ways}>
        <Button
          size="small"
          onClick={() => downloadText('unreadable.machine.json', JSON.stringify(raw, null, 2))}
        >
          Save it as a file
        </Button>
        {kept && (
          <>
            <Button size="small" onClick={() => void open(kept)}>
              Open its last readable state as a copy
            </Button>
            <Button size="small" onClick={() => exportMachine(kept)}>
              Save that state as a file
            </Button>
          </>
        )}
        <Link href="/">All machines</Link>
      </p>
      {problem && <p role="alert">It was not opened: {problem}.</p>}
    </div>
  );
}

type FailedLoad = Extract<OpenState, { kind: 'failed' }>['loaded'];

function Failed({ loaded }: { loaded: FailedLoad }) {
  switch (loaded.reason) {
    case 'missing':
      return <NoMachine reason="This machine is not in this browser." />;
    case 'unavailable':
      return <NoStorage cause={loaded.problem.cause} />;
    case 'unreadable':
      return <Unreadable loaded={loaded} />;
  }
}

function Opened({ session, children, mend }: FrameProps & { session: Session }) {
  const machine = useSessionState(session, (s) => s.machine);
  if (machine.kind === 'loading') return <Opening />;
  if (machine.kind === 'failed') return <Failed loaded={machine.loaded} />;
  return (
    <MachineProvider session={session} project={machine.project}>
      <SaveNotice session={session} />
      <Backups session={session} />
      <Shortcuts session={session} />
      {machine.issues.length ? (
        mend
      ) : (
        <ReportsProvider>
          <KeepAnswer session={session} />
          <ChangedStrip session={session} />
          {children}
        </ReportsProvider>
      )}
    </MachineProvider>
  );
}
