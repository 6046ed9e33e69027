import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SnackbarProvider } from 'notistack';
import { describe, expect, it } from 'vitest';
import { writeWholeFile } from '@/core/formats';
import { StorageProvider } from '@/session';
import { Database, hashOf, MachineStorage } from '@/storage';
import { JobProvider } from '@/workers';
import { demoProject, demoText } from '@test/helpers/demo';
import { push } from '@test/helpers/navigation';
import { Shelf } from './shelf';

const show = (withDemo: boolean) =>
  render(
    <SnackbarProvider>
      <StorageProvider>
        <JobProvider>
          <Shelf withDemo={withDemo} />
        </JobProvider>
      </StorageProvider>
    </SnackbarProvider>,
  );
const file = (name: string, text: string) => new File([text], name, { type: 'application/json' });

describe('the list of machines', () => {
  it('starts empty without the demo, and loads it on demand', async () => {
    show(false);
    await userEvent.click(await screen.findByRole('button', { name: 'Load the demo machines' }));
    expect(await screen.findByRole('link', { name: 'Tern Creek kayak router' })).toBeInTheDocument();
    expect(await screen.findByRole('link', { name: /Bed axis gives out/ })).toBeInTheDocument();
  });
  it('shows each machine drawn, with verdict, money and next step, and takes another name', async () => {
    show(true);
    const [row] = (await screen.findAllByRole('listitem')).filter((li) =>
      li.textContent.includes('Tern Creek'),
    );
    const said = within(row!);
    expect(await said.findByText('gives out', { selector: 'p' }, { timeout: 8000 })).toBeInTheDocument();
    expect(said.getByText(/^parts ≥ \d+ of 2600$/)).toBeInTheDocument();
    expect(said.getByRole('link', { name: 'Mend what gives out on the bed axis.' })).toHaveAttribute(
      'href',
      '/size?m=tern-creek&a=bed',
    );
    expect(await said.findByRole('img', { name: 'Tern Creek kayak router, drawn' })).toBeInTheDocument();
    await userEvent.click(said.getByRole('button', { name: 'Rename Tern Creek kayak router' }));
    const name = said.getByRole('textbox', { name: 'New name of Tern Creek kayak router' });
    await userEvent.clear(name);
    await userEvent.type(name, 'Oar router{Enter}');
    expect(await screen.findByRole('link', { name: 'Oar router' })).toBeInTheDocument();
    const loaded = await new MachineStorage().load('tern-creek');
    expect(loaded.ok && loaded.project.name).toBe('Oar router');
  });
  it('a second new machine gets a number', async () => {
    show(false);
    const start = await screen.findByRole('button', { name: 'Start a machine' });
    await waitFor(() => expect(start).toBeEnabled());
    await userEvent.click(start);
    await screen.findByRole('link', { name: 'New machine' });
    await userEvent.click(start);
    expect(await screen.findByRole('link', { name: 'New machine 2' })).toBeInTheDocument();
  });
  it('puts the demo in once, and only once', async () => {
    show(true);
    await userEvent.click(await screen.findByRole('button', { name: 'Delete Tern Creek kayak router' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Delete Fernhollow gate table' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Delete Wayside scenery cutter' }));
    expect(await screen.findByText('No machine yet')).toBeInTheDocument();
    cleanup();
    show(true);
    expect(await screen.findByText('No machine yet')).toBeInTheDocument();
  });
  it('imports good files and refuses bad ones by name, in one go', async () => {
    show(false);
    await screen.findByText('No machine yet');
    await userEvent.upload(screen.getByLabelText('Machine files'), [
      file('good.json', demoText),
      file('bad.json', '{"format":"x"}'),
      file('again.json', demoText),
    ]);
    expect(await screen.findByText(/bad\.json was not imported/)).toBeInTheDocument();
    expect(screen.getByText(/format: read “x”/)).toBeInTheDocument();
    // The second of an id is asked about, never written over the first.
    expect(await screen.findByText('again.json says the same of it.')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Keep it beside' }));
    expect(await screen.findByRole('link', { name: 'Tern Creek kayak router (copy)' })).toBeInTheDocument();
  });
  it('refuses a file of more than 80 MB without reading it', async () => {
    show(false);
    await screen.findByText('No machine yet');
    const large = file('film.json', '');
    Object.defineProperty(large, 'size', { value: 80 * 1024 * 1024 + 1 });
    large.text = () => {
      throw new Error('it was read');
    };
    await userEvent.upload(screen.getByLabelText('Machine files'), large);
    expect(await screen.findByText(/film\.json was not imported/)).toBeInTheDocument();
  });
  it('keeps what came along with a machine, and says what is not what its hash says', async () => {
    const bytes = Uint8Array.from([1, 2, 3]);
    const hash = await hashOf(bytes);
    const entry = (id: string, of: string) => ({
      id,
      name: `${id}.png`,
      type: 'image/png',
      bytes: 3,
      hash: of,
    });
    const other = 'a'.repeat(64);
    const project = { ...demoProject(), files: [entry('photo', hash), entry('other', other)] };
    const contents = new Map([bytes, bytes].map((b, i) => [[hash, other][i]!, b]));
    show(false);
    await screen.findByText('No machine yet');
    await userEvent.upload(
      screen.getByLabelText('Machine files'),
      file('with.json', writeWholeFile(project, contents).text),
    );
    expect(await screen.findByText(/other\.png: its content is not what its hash says/)).toBeInTheDocument();
    const kept = new MachineStorage(new Database()).contents;
    expect([...(await kept.get(hash))!]).toEqual([...bytes]);
    expect(await kept.get(other)).toBeUndefined();
  });
  it('a new machine opens in the brief', async () => {
    show(false);
    await screen.findByText('No machine yet');
    await userEvent.click(screen.getByRole('button', { name: 'Start a machine' }));
    await waitFor(() => expect(push).toHaveBeenCalledWith(expect.stringMatching(/^\/brief\?m=/)));
  });
});
