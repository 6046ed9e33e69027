import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { Action, IconAction } from './action';
import { CheckBox } from './check-box';
import { Choice } from './choice';
import { FilePicker, readText } from './file-picker';
import { Fold } from './fold';
import { part } from './part';
import { SheetDialog } from './sheet-dialog';
import { Slide } from './slide';
import { TextLine } from './text-line';
import { Toggle } from './toggle';
import { unitsOfReader } from './units-of-reader';
import { useShortcuts } from './use-shortcuts';

/** Refuses once, then takes. */
const once = (reason: string) =>
  vi.fn<() => string | undefined>().mockReturnValueOnce(reason).mockReturnValue(undefined);

describe('what can be refused says why at its place, and is silent when it is taken', () => {
  it.each([
    ['a word', (act: () => string | undefined) => <Action onAct={act}>Go</Action>],
    [
      'a sign',
      (act: () => string | undefined) => (
        <IconAction label="Go" onAct={act}>
          x
        </IconAction>
      ),
    ],
  ])('%s', async (_, view) => {
    render(view(once('Not now: something must move.')));
    const button = screen.getByRole('button', { name: 'Go' });
    await userEvent.click(button);
    expect(screen.getByRole('alert')).toHaveTextContent('Not now: something must move.');
    expect(button).toHaveAccessibleDescription('Not now: something must move.');
    await userEvent.click(button);
    expect(screen.queryByRole('alert')).toBeNull();
  });
  it('a choice: what stands is still what it was', async () => {
    const pick = once('An axis cannot ride on itself.');
    render(
      <Choice
        label="Rides on"
        value="a"
        options={[
          ['a', 'stand'],
          ['b', 'bed'],
        ]}
        onPick={pick}
      />,
    );
    await userEvent.selectOptions(screen.getByLabelText('Rides on'), 'bed');
    expect(pick).toHaveBeenCalledWith('b');
    expect(screen.getByLabelText('Rides on')).toHaveValue('a');
    expect(screen.getByRole('alert')).toHaveTextContent('ride on itself');
  });
  it('a choice of numbers gives numbers back', async () => {
    const pick = vi.fn();
    const options = [
      [1, 'one'],
      [2, 'two'],
    ] as const;
    render(<Choice bare label="How many" value={1} options={options} onPick={pick} />);
    await userEvent.selectOptions(screen.getByLabelText('How many'), 'two');
    expect(pick).toHaveBeenCalledWith(2);
  });
  it('a box to tick', async () => {
    render(<CheckBox label="From the cuts" checked={false} onCheck={once('There is no cut.')} />);
    await userEvent.click(screen.getByLabelText('From the cuts'));
    expect(screen.getByRole('alert')).toHaveTextContent('There is no cut.');
    expect(screen.getByLabelText('From the cuts')).not.toBeChecked();
  });
});

describe('a line of text', () => {
  const line = (over: Partial<Parameters<typeof TextLine>[0]> = {}) => {
    const onText = vi.fn<(text: string) => string | undefined>(() => undefined);
    render(<TextLine label="Name" value="Old" maxLength={20} onText={onText} {...over} />);
    return { onText, input: screen.getByLabelText('Name') };
  };
  it('counts when it is left, by Enter too, trimmed', async () => {
    const { onText, input } = line();
    await userEvent.clear(input);
    await userEvent.type(input, '  New {Enter}');
    expect(onText.mock.calls).toEqual([['New']]);
  });
  it('Escape drops what was typed; nothing typed is nothing done', async () => {
    const { onText, input } = line();
    await userEvent.type(input, 'er{Escape}');
    expect(input).toHaveValue('Old');
    await userEvent.tab();
    expect(onText).not.toHaveBeenCalled();
  });
  it('what is refused stays to be mended, and Escape drops it with its reason', async () => {
    const { input } = line({ onText: () => 'A name wants letters.' });
    await userEvent.clear(input);
    await userEvent.type(input, '7{Enter}');
    expect(input).toHaveValue('7');
    expect(screen.getByRole('alert')).toHaveTextContent('A name wants letters.');
    await userEvent.type(input, '{Escape}');
    expect(input).toHaveValue('Old');
    expect(screen.queryByRole('alert')).toBeNull();
  });
  it('left empty the old text comes back, unless it may be empty', async () => {
    const { onText, input } = line();
    await userEvent.clear(input);
    await userEvent.tab();
    expect([input, onText.mock.calls.length]).toEqual([screen.getByDisplayValue('Old'), 0]);
    cleanup();
    const free = line({ optional: true });
    await userEvent.clear(free.input);
    await userEvent.tab();
    expect(free.onText).toHaveBeenCalledWith('');
  });
});

describe('what unfolds', () => {
  it('is made only when it is first opened where it is dear, and stays made', async () => {
    const made = vi.fn();
    const Dear = () => {
      made();
      return <p>inside</p>;
    };
    render(
      <Fold lazy summary="Masses">
        <Dear />
      </Fold>,
    );
    expect(made).not.toHaveBeenCalled();
    const head = screen.getByRole('button', { name: 'Masses' });
    await userEvent.click(head);
    expect(head).toHaveAttribute('aria-expanded', 'true');
    expect(screen.getByText('inside')).toBeInTheDocument();
    await userEvent.click(head);
    expect(screen.getByText('inside')).toBeInTheDocument();
  });
});

describe('a part that is fetched later', () => {
  it('says that it did not come, and is there when it comes at last', async () => {
    const fetch = vi
      .fn<() => Promise<() => React.ReactNode>>()
      .mockRejectedValueOnce(new Error('no network'))
      .mockResolvedValue(() => <p>the chart</p>);
    const Chart = part(fetch);
    render(<Chart />);
    expect(await screen.findByRole('alert')).toHaveTextContent('could not be fetched');
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText('the chart')).toBeInTheDocument();
    expect(fetch).toHaveBeenCalledTimes(2);
  });
});

describe('files', () => {
  it('are read as text; one too large is not read, one that cannot be read says so', async () => {
    const good = new File(['abc'], 'a.csv');
    expect(await readText(good, 10)).toEqual({ ok: true, name: 'a.csv', text: 'abc' });
    expect(await readText(good, 2)).toMatchObject({
      ok: false,
      reason: 'a.csv: read 3 bytes; wanted at most 2 bytes.',
    });
    const folder = Object.assign(new File([], 'folder'), {
      text: () => Promise.reject(new Error('it is a folder')),
    });
    expect(await readText(folder, 10)).toMatchObject({
      ok: false,
      reason: expect.stringMatching(/^folder: /),
    });
  });
  it('are picked or dropped, one of the wrong kind is handed on to be refused by name', async () => {
    const onFiles = vi.fn();
    render(
      <FilePicker label="Curve" accept={{ 'text/csv': ['.csv'] }} onFiles={onFiles}>
        Read
      </FilePicker>,
    );
    const input = screen.getByLabelText('Curve');
    await userEvent.upload(input, new File(['x'], 'curve.csv', { type: 'text/csv' }));
    await waitFor(() => expect(onFiles).toHaveBeenCalledTimes(1));
    const film = new File(['x'], 'film.mp4', { type: 'video/mp4' });
    const items = [{ kind: 'file', type: film.type, getAsFile: () => film }];
    fireEvent.drop(input, { dataTransfer: { files: [film], items, types: ['Files'] } });
    await waitFor(() => expect(onFiles).toHaveBeenCalledTimes(2));
    const names = onFiles.mock.calls.map(([files]) => (files as File[]).map((f) => f.name));
    expect(names).toEqual([['curve.csv'], ['film.mp4']]);
  });
});

describe('views, values and sheets', () => {
  it('one view of several is pressed, and pressing it again changes nothing', async () => {
    const pick = vi.fn();
    const options = [
      ['a', 'Torque'],
      ['b', 'Move'],
    ] as const;
    render(<Toggle label="Chart" options={options} value="a" onPick={pick} />);
    expect(screen.getByRole('button', { name: 'Torque' })).toHaveAttribute('aria-pressed', 'true');
    await userEvent.click(screen.getByRole('button', { name: 'Torque' }));
    expect(pick).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole('button', { name: 'Move' }));
    expect(pick).toHaveBeenCalledWith('b');
  });
  it('a value is moved by keys and said in words', async () => {
    const slide = vi.fn();
    render(<Slide label="Along" value={1} max={4} step={1} onSlide={slide} text="200 mm" />);
    const slider = screen.getByRole('slider', { name: 'Along' });
    expect(slider).toHaveAttribute('aria-valuetext', '200 mm');
    fireEvent.change(slider, { target: { value: '3' } });
    expect(slide).toHaveBeenCalledWith(3);
  });
  it('a dialog is named by its title and closed by Escape', async () => {
    const close = vi.fn();
    render(
      <SheetDialog title="Exchange" foot={<Action onAct={close}>Cancel</Action>} onClose={close}>
        <p>parts</p>
      </SheetDialog>,
    );
    expect(screen.getByRole('dialog', { name: 'Exchange' })).toHaveTextContent('parts');
    await userEvent.keyboard('{Escape}');
    expect(close).toHaveBeenCalledOnce();
  });
});

describe('keys of a page', () => {
  it('count outside fields, or in them where that is meant, and the newest act holds', () => {
    const acts = { undo: vi.fn(), help: vi.fn(), turn: vi.fn() };
    const Page = ({ act }: { act: () => void }) => {
      useShortcuts([
        { key: 'z', command: true, inFields: true, act: acts.undo },
        { key: '?', act: acts.help },
        { key: 'arrowright', alt: true, act },
      ]);
      return <input aria-label="field" />;
    };
    const { rerender } = render(<Page act={() => undefined} />);
    rerender(<Page act={acts.turn} />);
    const field = screen.getByLabelText('field');
    fireEvent.keyDown(field, { key: 'z', ctrlKey: true });
    fireEvent.keyDown(field, { key: '?' });
    fireEvent.keyDown(field, { key: 'ArrowRight', altKey: true });
    expect([acts.undo, acts.help, acts.turn].map((a) => a.mock.calls.length)).toEqual([1, 0, 0]);
    fireEvent.keyDown(document.body, { key: '?', shiftKey: true });
    fireEvent.keyDown(document.body, { key: 'ArrowRight', altKey: true });
    fireEvent.keyDown(document.body, { key: 'ArrowRight' });
    expect([acts.undo, acts.help, acts.turn].map((a) => a.mock.calls.length)).toEqual([1, 1, 1]);
  });
});

describe('units that somebody begins with', () => {
  it.each([
    ['en-US', 'imperial'],
    ['es-US', 'imperial'],
    ['en-GB', 'metric'],
    ['de', 'metric'],
    ['not a language', 'metric'],
  ])('%s: %s', (language, units) => {
    expect(unitsOfReader(language)).toBe(units);
  });
});
