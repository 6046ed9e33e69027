import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SnackbarProvider } from 'notistack';
import { describe, expect, it } from 'vitest';
import { StorageProvider } from '@/session';
import { demoText } from '@test/helpers/demo';
import { push } from '@test/helpers/navigation';
import { Shelf } from './shelf';

const show = (withDemo: boolean) =>
  render(
    <SnackbarProvider>
      <StorageProvider>
        <Shelf withDemo={withDemo} />
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
    expect(await screen.findByRole('link', { name: 'Tern Creek kayak router (copy)' })).toBeInTheDocument();
  });
  it('refuses a file of more than 5 MB without reading it', async () => {
    show(false);
    await screen.findByText('No machine yet');
    const large = file('film.json', ' '.repeat(5 * 1024 * 1024 + 1));
    large.text = () => {
      throw new Error('it was read');
    };
    await userEvent.upload(screen.getByLabelText('Machine files'), large);
    expect(await screen.findByText(/film\.json was not imported/)).toBeInTheDocument();
  });
  it('a new machine opens on the bench', async () => {
    show(false);
    await screen.findByText('No machine yet');
    await userEvent.click(screen.getByRole('button', { name: 'Start a machine' }));
    await waitFor(() => expect(push).toHaveBeenCalledWith(expect.stringMatching(/^\/size\?m=/)));
  });
});
