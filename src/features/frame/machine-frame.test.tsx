import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SnackbarProvider } from 'notistack';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { guess, setAt } from '@/core/model';
import { StorageProvider } from '@/session';
import { Database, MachineStorage } from '@/storage';
import { demoProject } from '@test/helpers/demo';
import { address, push } from '@test/helpers/navigation';
import { pagePool } from '@test/helpers/session';
import { JobProvider } from '@/workers';
import { MachineFrame } from './machine-frame';
import { useMachine } from './machine-context';

/** Opens the size page of that machine. */
function at(machine: string | null): void {
  address.path = '/size';
  address.query = machine === null ? '' : `m=${machine}`;
}

let db: Database;
beforeEach(async () => {
  at('tern-creek');
  db = new Database();
  await new MachineStorage(db).add(demoProject());
});
const Page = () => <p>The page of {useMachine().project.name}</p>;
const show = () =>
  render(
    <SnackbarProvider>
      <StorageProvider>
        <JobProvider pool={pagePool()}>
          <MachineFrame mend={<p>Something is at odds</p>}>
            <Page />
          </MachineFrame>
        </JobProvider>
      </StorageProvider>
    </SnackbarProvider>,
  );

describe('the frame of a machine', () => {
  it('opens the machine of the address for its pages, with the rail of the stations', async () => {
    show();
    expect(await screen.findByText('The page of Tern Creek kayak router')).toBeInTheDocument();
    const rail = screen.getByRole('navigation', { name: 'Stations' });
    expect(rail).toHaveTextContent(/Brief.*Size.*Fit.*Build.*Prove.*Log/);
    expect(screen.getByRole('link', { name: 'Size' })).toHaveAttribute('aria-current', 'page');
  });
  it('says so where none is picked, and where it is not in this browser', async () => {
    at(null);
    show();
    expect(await screen.findByText('No machine is picked.')).toBeInTheDocument();
    cleanup();
    at('nobody');
    show();
    expect(await screen.findByText('This machine is not in this browser.')).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Go to your machines' })).toHaveAttribute('href', '/');
  });
  it('puts the mending sheet in the place of the page while a rule is broken', async () => {
    const broken = setAt(demoProject(), 'axes.0.demands.feed', guess('speed', '40 m/min'));
    await db.slices.put({ machine: 'tern-creek', slice: 'axes', value: broken.axes });
    show();
    expect(await screen.findByText('Something is at odds')).toBeInTheDocument();
    expect(screen.queryByText(/^The page of/)).toBeNull();
  });
  it('hands out what it cannot read, and opens the last readable state as a copy', async () => {
    const storage = new MachineStorage(db);
    const loaded = await storage.load('tern-creek');
    if (!loaded.ok) throw new Error('not there');
    await storage.keep(loaded.project, loaded.mark);
    await db.slices.put({ machine: 'tern-creek', slice: 'version', value: 99 });
    show();
    expect(await screen.findByText('This machine cannot be read')).toBeInTheDocument();
    expect(screen.getByText(/version: read “99”/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Open its last readable state as a copy' }));
    await waitFor(() => expect(push).toHaveBeenCalledWith(expect.stringMatching(/^\/machine\?m=/)));
    expect(await db.machines.count()).toBe(2);
    // What could not be read is still there as it was.
    expect(await storage.load('tern-creek')).toMatchObject({ reason: 'unreadable', raw: { version: 99 } });
  });
  it('says where the browser keeps nothing, and what can be done', async () => {
    const load = vi.spyOn(MachineStorage.prototype, 'load').mockResolvedValue({
      ok: false,
      reason: 'unavailable',
      problem: { code: 'broken', cause: 'the disk is full' } as never,
    });
    show();
    expect(await screen.findByText('The browser does not open its storage.')).toBeInTheDocument();
    expect(screen.getByText(/the disk is full/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Load the page again' })).toBeInTheDocument();
    load.mockRestore();
  });
  it('says beside every page what the last change did to the whole machine; undo takes it away', async () => {
    const Change = () => {
      const { editor, session } = useMachine();
      return (
        <>
          <button onClick={() => void editor.type('axes.0.demands.rapid', '90 m/min', 'a')}>faster</button>
          <button onClick={() => void editor.write('note', 'Oars too.', 'Note')}>note</button>
          <button onClick={() => session.undo()}>back</button>
        </>
      );
    };
    render(
      <SnackbarProvider>
        <StorageProvider>
          <JobProvider pool={pagePool()}>
            <MachineFrame mend={null}>
              <Change />
            </MachineFrame>
          </JobProvider>
        </StorageProvider>
      </SnackbarProvider>,
    );
    await userEvent.click(await screen.findByRole('button', { name: 'faster' }));
    const strip = await screen.findByRole('status', { name: 'What the last change did' }, { timeout: 8000 });
    expect(strip).toHaveTextContent(/^Rapid.*Bed axis.*gives out/);
    // A word in the note turns no answer: there is nothing to say of it.
    await userEvent.click(screen.getByRole('button', { name: 'note' }));
    await waitFor(() => expect(screen.queryByRole('status', { name: /last change/ })).toBeNull());
    await userEvent.click(screen.getByRole('button', { name: 'back' }));
    await userEvent.click(screen.getByRole('button', { name: 'back' }));
    expect(screen.queryByRole('status', { name: /last change/ })).toBeNull();
  });
});
