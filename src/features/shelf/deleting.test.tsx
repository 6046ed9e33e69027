import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SnackbarProvider } from 'notistack';
import { describe, expect, it, vi } from 'vitest';
import { StorageProvider } from '@/session';
import { Database, MachineStorage } from '@/storage';
import { JobProvider } from '@/workers';
import { demoProject } from '@test/helpers/demo';
import { Shelf } from './shelf';

const name = 'Tern Creek kayak router';

/** The list with one machine in it. */
async function show(): Promise<MachineStorage> {
  const storage = new MachineStorage(new Database());
  await storage.add(demoProject());
  render(
    <SnackbarProvider>
      <StorageProvider>
        <JobProvider>
          <Shelf withDemo={false} />
        </JobProvider>
      </StorageProvider>
    </SnackbarProvider>,
  );
  await screen.findByRole('link', { name });
  return storage;
}

describe('deleting a machine', () => {
  it('can be taken back while the note stands', async () => {
    await show();
    await userEvent.click(screen.getByRole('button', { name: `Delete ${name}` }));
    expect(await screen.findByText('No machine yet')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Take back' }));
    expect(await screen.findByRole('link', { name })).toBeInTheDocument();
  });
  it('taken back beside one that came meanwhile, it says under which name it stands', async () => {
    const storage = await show();
    await userEvent.click(screen.getByRole('button', { name: `Delete ${name}` }));
    await screen.findByText('No machine yet');
    await storage.add({ ...demoProject(), note: 'imported meanwhile' });
    await screen.findByRole('link', { name });
    await userEvent.click(screen.getByRole('button', { name: 'Take back' }));
    const copy = `${name} (as it was deleted)`;
    expect(
      await screen.findByText(`It stands beside the one that is there now: ${copy}`),
    ).toBeInTheDocument();
    expect(await screen.findByRole('link', { name: copy })).toBeInTheDocument();
    expect(screen.getByRole('link', { name })).toBeInTheDocument();
  });
  it('that the storage refuses is said, and the machine is still there', async () => {
    await show();
    vi.spyOn(MachineStorage.prototype, 'remove').mockRejectedValue(new Error('it is locked'));
    await userEvent.click(screen.getByRole('button', { name: `Delete ${name}` }));
    expect(await screen.findByRole('alert')).toHaveTextContent(/could not be deleted: .*it is locked/);
    expect(screen.getByRole('link', { name })).toBeInTheDocument();
  });
  it('a way back that fails is said too, and can be tried again', async () => {
    await show();
    await userEvent.click(screen.getByRole('button', { name: `Delete ${name}` }));
    await screen.findByText('No machine yet');
    vi.spyOn(MachineStorage.prototype, 'restore').mockRejectedValueOnce(new Error('it is full'));
    await userEvent.click(screen.getByRole('button', { name: 'Take back' }));
    expect(await screen.findByText(/could not be put back: .*it is full/)).toBeInTheDocument();
  });
});

describe('adding a machine', () => {
  it('to a storage that is full is refused in words', async () => {
    await show();
    vi.spyOn(MachineStorage.prototype, 'add').mockResolvedValue({
      ok: false,
      problem: { code: 'no-space', cause: 'quota' },
    });
    await userEvent.click(screen.getByRole('button', { name: 'Start a machine' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('storage is full: nothing was added');
  });
});
