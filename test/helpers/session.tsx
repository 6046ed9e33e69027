import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { Project } from '@/core/model';
import { type MachineEditor, useMachineEditor } from '@/features/frame';
import { inputLabel } from '@/features/words';
import { Session, useSessionState } from '@/session';
import { MachineStorage } from '@/storage';

let count = 0;

/** An open session of a machine, stored in the stand-in for the browser's database. */
export async function openSession(project: Project): Promise<Session> {
  const storage = new MachineStorage();
  const id = `machine-${++count}`;
  const added = await storage.add({ ...project, id }, () => `other-${count}`);
  if (!added.ok) throw new Error('not stored');
  const session = new Session(
    id,
    storage,
    () => new Date('2026-11-25T12:00:00Z'),
    () => `fresh-${++count}`,
  );
  await session.open();
  return session;
}

/** Renders what edits a machine, and follows its edits. */
export function renderEditing(
  session: Session,
  view: (project: Project, editor: MachineEditor) => ReactNode,
) {
  function Host() {
    const machine = useSessionState(session, (s) => s.machine);
    const project = machine.kind === 'open' ? machine.project : undefined;
    const editor = useMachineEditor(session, project?.units ?? 'metric', inputLabel);
    return project ? view(project, editor) : null;
  }
  return render(<Host />);
}
