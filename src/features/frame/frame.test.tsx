import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SnackbarProvider } from 'notistack';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { guess, put } from '@/core/model';
import { Session } from '@/session';
import { askToKeep, Database, MachineStorage } from '@/storage';
import { demoProject } from '@test/helpers/demo';
import { renderOn } from '@test/helpers/session';
import { Help } from './help';
import { SaveNotice } from './save-notice';
import { Shortcuts } from './shortcuts';
import { useKnown, useReport } from './reports-context';

let serial = 0;
const open: Session[] = [];
let storage: MachineStorage;

async function session(): Promise<Session> {
  const s = new Session('tern-creek', storage, { now: () => new Date() });
  await s.open();
  open.push(s);
  return s;
}
beforeEach(async () => {
  storage = new MachineStorage(new Database(`frame-${++serial}`));
  await storage.add(demoProject());
});
afterEach(() => {
  open.splice(0).forEach((s) => s.close());
});
const rename = (s: Session, value: string) => s.edit([{ path: 'name', value }], { label: 'Name' });

describe('notices about storing', () => {
  it('is silent while all is well', async () => {
    const { container } = render(<SaveNotice session={await session()} />);
    expect(container).toBeEmptyDOMElement();
  });
  it('says when space has run out, and tries again', async () => {
    const s = await session();
    render(<SaveNotice session={s} />);
    const save = storage.save.bind(storage);
    storage.save = async () => ({
      ok: false,
      reason: 'problem',
      problem: { code: 'no-space', cause: 'quota' },
    });
    rename(s, 'Too much');
    expect(await screen.findByText(/storage is full/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Export it as a file' })).toBeInTheDocument();
    storage.save = save;
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
  });
  it('offers both ways out of a conflict', async () => {
    const one = await session();
    const two = await session();
    two.close();
    render(<SaveNotice session={two} />);
    rename(one, 'From one');
    await waitFor(() => expect(one.store.getState().save.kind).toBe('saved'));
    rename(two, 'From two');
    await userEvent.click(await screen.findByRole('button', { name: 'Keep the other here' }));
    await waitFor(() => expect(two.project!.name).toBe('From one'));
  });
  it('warns when the browser is nearly full', async () => {
    vi.stubGlobal('navigator', {
      ...navigator,
      storage: { persisted: async () => true, estimate: async () => ({ usage: 95, quota: 100 }) },
    });
    const s = await session();
    render(<SaveNotice session={s} />);
    rename(s, 'Edited');
    expect(await screen.findByText(/nearly full/)).toHaveTextContent('nearly full');
    vi.unstubAllGlobals();
  });
});

describe('asking the browser to keep the machines', () => {
  const manager = (over: object) =>
    ({
      persisted: async () => false,
      persist: async () => true,
      estimate: async () => ({ usage: 1, quota: 4 }),
      ...over,
    }) as unknown as StorageManager;
  it('reports the promise and the share in use, and never throws', async () => {
    expect(await askToKeep(manager({}))).toEqual({ persistent: true, used: 0.25 });
    expect(await askToKeep(manager({ persist: async () => false, estimate: async () => ({}) }))).toEqual({
      persistent: false,
    });
    expect(await askToKeep(undefined)).toEqual({ persistent: false });
    expect(
      await askToKeep(
        manager({
          persisted: async () => {
            throw new Error('no');
          },
        }),
      ),
    ).toEqual({ persistent: false });
  });
});

describe('keys', () => {
  it('undo and redo from anywhere, and nothing inside a field but what it takes', async () => {
    const s = await session();
    render(
      <SnackbarProvider>
        <Shortcuts session={s} />
        <input aria-label="field" />
      </SnackbarProvider>,
    );
    rename(s, 'Changed');
    fireEvent.keyDown(screen.getByLabelText('field'), { key: 'z', ctrlKey: true });
    expect(s.project!.name).toBe('Tern Creek kayak router');
    expect(await screen.findByText('Taken back: Name')).toBeInTheDocument();
    fireEvent.keyDown(window, { key: 'y', ctrlKey: true });
    expect(s.project!.name).toBe('Changed');
  });
});

describe('help', () => {
  it('opens by its key outside of fields, with the words that stand on the sheet', async () => {
    render(
      <>
        <main id="sheet">
          <p>
            The <b>lead</b> of the screw, and its backlash.
          </p>
          <input aria-label="field" />
        </main>
        <Help />
      </>,
    );
    fireEvent.keyDown(screen.getByLabelText('field'), { key: '?' });
    expect(screen.queryByRole('dialog')).toBeNull();
    fireEvent.keyDown(document.body, { key: '?' });
    const help = await screen.findByRole('dialog', { name: 'Help' });
    const words = within(help).getByRole('region', { name: 'Words on this page' });
    expect(
      within(words)
        .getAllByRole('term')
        .map((t) => t.textContent.trim()),
    ).toEqual(['lead', 'backlash']);
    expect(within(help).getByText('take the last step back')).toBeInTheDocument();
    fireEvent.click(within(help).getByRole('button', { name: 'Close' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });
});

describe('the report of the open machine', () => {
  it('computes again only the axis that an edit touched, and nothing for a word in the note', async () => {
    const s = await session();
    const seen: { report: ReturnType<typeof useReport>; known: ReturnType<typeof useKnown> }[] = [];
    const View = () => {
      seen.push({ report: useReport(), known: useKnown() });
      return null;
    };
    renderOn(s, <View />);
    const before = seen.at(-1)!;
    act(() => void s.edit([put('note', 'a word')], { label: 'Note' }));
    expect(seen.at(-1)!.known).toBe(before.known);
    act(
      () =>
        void s.edit([put('axes.0.demands.rapid', guess('speed', '5 m/min'))], {
          label: 'Rapid',
        }),
    );
    const after = seen.at(-1)!;
    expect(after.report.axes[0]).not.toBe(before.report.axes[0]);
    expect(after.report.axes[1]).toBe(before.report.axes[1]);
  });
});
