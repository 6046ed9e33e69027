'use client';

import Link from 'next/link';
import { usePathname, useSearchParams } from 'next/navigation';
import type { ReactNode } from 'react';
import { explainIssue, type Project } from '@/core/model';
import { type Session, SessionProvider, useSession, useSessionState } from '@/session';
import { Shell } from '@/ui/shell';
import { downloadText } from './download';
import styles from './frame.module.css';
import { SaveNotice } from './save-notice';
import { Shortcuts } from './shortcuts';
import { machineHref, stationNames, stations } from './stations';

/** The rail around the pages of one machine, which stays open while its pages change. */
export function MachineFrame({ children }: { children: ReactNode }) {
  const path = usePathname();
  const id = useSearchParams().get('m');
  const links = stations.map((s) => ({
    name: stationNames[s],
    href: id ? machineHref(s, id) : '/',
    here: path === `/${s}`,
  }));
  return (
    <Shell stations={links} home={{ href: '/', label: 'Rugged Carriage: all machines' }}>
      {id ? (
        <SessionProvider id={id}>
          <WhenOpen>{children}</WhenOpen>
        </SessionProvider>
      ) : (
        <NoMachine reason="No machine is picked." />
      )}
    </Shell>
  );
}

function NoMachine({ reason }: { reason: string }) {
  return (
    <div className={styles.empty}>
      <h1>{reason}</h1>
      <p>
        <Link href="/">Go to your machines</Link>
      </p>
    </div>
  );
}

function WhenOpen({ children }: { children: ReactNode }) {
  const session = useSession();
  return session ? (
    <Opened session={session}>{children}</Opened>
  ) : (
    <p className={styles.loading} role="status">
      Opening…
    </p>
  );
}

function Opened({ session, children }: { session: Session; children: ReactNode }) {
  const machine = useSessionState(session, (s) => s.machine);
  if (machine.kind === 'loading')
    return (
      <p className={styles.loading} role="status">
        Opening…
      </p>
    );
  if (machine.kind === 'failed') {
    const { loaded } = machine;
    if (loaded.reason === 'missing') return <NoMachine reason="This machine is not in this browser." />;
    return (
      <div className={styles.empty}>
        <h1>This machine cannot be read</h1>
        <p>Nothing was changed. You can save it as it is and open it elsewhere.</p>
        <ul>
          {loaded.issues.slice(0, 5).map((issue) => (
            <li key={issue.path.join('.') + issue.code}>{explainIssue(issue)}</li>
          ))}
        </ul>
        <p>
          <button
            type="button"
            onClick={() => downloadText('unreadable.machine.json', JSON.stringify(loaded.raw, null, 2))}
          >
            Save it as a file
          </button>{' '}
          <Link href="/">All machines</Link>
        </p>
      </div>
    );
  }
  return (
    <>
      <SaveNotice session={session} />
      <Shortcuts session={session} />
      {children}
    </>
  );
}

/** The open machine and its session, for pages inside the frame. */
export function useOpenMachine(): { session: Session; project: Project } {
  const session = useSession();
  if (!session) throw new Error('a page of a machine stands outside its frame');
  const machine = useSessionState(session, (s) => s.machine);
  if (machine.kind !== 'open') throw new Error('a page of a machine is shown before it is open');
  return { session, project: machine.project };
}
