import { render } from '@testing-library/react';
import { useState, type ReactNode } from 'react';
import type { Project } from '@/core/model';
import { MachineProvider, type OpenMachine, ReportsProvider, useMachine } from '@/features/frame';
import { Session, useSessionState } from '@/session';
import { MachineStorage } from '@/storage';
import { jobPool, type JobPool, JobProvider } from '@/workers';

let count = 0;

/** Jobs that run on the page, as where no worker starts: the same code without the threads. */
export const pagePool = (): JobPool =>
  jobPool({
    start: () => {
      throw new Error('no worker here');
    },
    size: 1,
    patience: 1000,
  });

/** An open session of a machine, stored in the stand-in for the browser's database. */
export async function openSession(project: Project): Promise<Session> {
  const storage = new MachineStorage();
  const id = `machine-${++count}`;
  const added = await storage.add({ ...project, id });
  if (!added.ok) throw new Error('not stored');
  const session = new Session(id, storage, { now: () => new Date('2026-11-25T12:00:00Z') });
  await session.open();
  return session;
}

interface HostProps {
  readonly session: Session;
  readonly pool?: JobPool;
  readonly children: ReactNode;
}

/** What the frame gives to its pages: the open machine, its reports, and jobs. */
export function Host({ session, pool, children }: HostProps) {
  const [own] = useState(() => pool ?? pagePool());
  const machine = useSessionState(session, (s) => s.machine);
  if (machine.kind !== 'open') return null;
  return (
    <JobProvider pool={own}>
      <MachineProvider session={session} project={machine.project}>
        <ReportsProvider>{children}</ReportsProvider>
      </MachineProvider>
    </JobProvider>
  );
}

/** Renders a part of a page on an open machine; it follows the edits. */
export function renderOn(session: Session, view: ReactNode, pool?: JobPool) {
  return render(
    <Host session={session} {...(pool ? { pool } : {})}>
      {view}
    </Host>,
  );
}

/** Renders what needs the machine itself. */
export function renderWith(session: Session, view: (machine: OpenMachine) => ReactNode) {
  const View = () => view(useMachine());
  return renderOn(session, <View />);
}
