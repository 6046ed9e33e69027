import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { guess, type Project, setAt } from '@/core/model';
import { demoMachines } from '@/demo';
import { address } from '@test/helpers/navigation';
import { openSession, renderOn } from '@test/helpers/session';
import { kayak as untried } from '@test/helpers/trials';
import { ProveStation } from '.';

const [kayak] = demoMachines() as [Project];

async function show(view: string, trial: string, project: Project = kayak) {
  address.query = `m=${project.id}&v=${view}&trial=${encodeURIComponent(trial)}`;
  const session = await openSession(project);
  renderOn(session, <ProveStation />);
  return session;
}

const verdict = () => screen.findByRole('region', { name: 'Verdict' });
const cell = (name: RegExp) => screen.findByRole('textbox', { name });

describe('first motion', () => {
  beforeEach(() => {
    address.query = '';
  });
  it('begins untried, says what it foretells and what stands before', async () => {
    await show('first', 'slow:bed', untried);
    expect(await verdict()).toHaveTextContent('not tried');
    expect(await verdict()).toHaveTextContent('2 steps stand before it. Next: Bed axis: Turn it by hand');
    // Nothing may move before that.
    expect(screen.getByText('Held back.')).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Write the program' })).toBeNull();
  });
  it('readings by keyboard, a look by a press; passed when all is written; undo takes one back', async () => {
    const session = await show('first', 'hand:bed', untried);
    await userEvent.type(
      await cell(/^Radius of the cord/),
      '20{Enter}50{Enter}51{Enter}49{Enter}50{Enter}52{Enter}',
    );
    await waitFor(async () => expect(await verdict()).toHaveTextContent('passed'));
    expect(session.project!.trials[0]!.entries.map((e) => e.typed)).toEqual([
      '20 mm',
      '50 N',
      '51 N',
      '49 N',
      '50 N',
      '52 N',
    ]);
    expect(await verdict()).toHaveTextContent(/1\.01 ± 0\.0\d+ N·m/);
    expect(session.undo()).toBe('Reading: Bed axis: Turn it by hand');
    await waitFor(async () => expect(await verdict()).toHaveTextContent('1 still to write down.'));
  });
  it('a look that is refused fails at once', async () => {
    const session = await show('first', 'stop', untried);
    await userEvent.click(await screen.findByRole('button', { name: 'Power of the drives is gone: no' }));
    await waitFor(async () => expect(await verdict()).toHaveTextContent('failed'));
    await userEvent.click(screen.getByRole('button', { name: 'Power of the drives is gone: no' }));
    await waitFor(() => expect(session.project!.trials[0]!.entries).toEqual([]));
  });
  it('what cannot be read is said, in the units of the sheet, and stays as it was typed', async () => {
    const session = await show('first', 'hand:bed', untried);
    const field = await cell(/^Radius of the cord/);
    await userEvent.type(field, 'thumb{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent(/Turn it by hand.*thumb/);
    expect(field).toHaveValue('thumb');
    await userEvent.type(field, '{Escape}');
    expect(field).toHaveValue('');
    expect(session.project!.trials).toEqual([]);
  });
  it('a machine that runs already leaves it out with one press', async () => {
    const session = await show('first', 'hand:bed', untried);
    await userEvent.click(await screen.findByRole('button', { name: /^This machine runs already/ }));
    await waitFor(async () => expect(await verdict()).toHaveTextContent('left out'));
    expect(session.project!.sheets.filter((s) => s.left).length).toBeGreaterThan(15);
  });
});

describe('proof', () => {
  it('shows the demo’s steps per unit: failed, new steps, drawn, its program', async () => {
    await show('proof', 'steps:bed');
    expect(await verdict()).toHaveTextContent('failed');
    expect(await verdict()).toHaveTextContent('Steps per unit off by more than the doubt');
    expect(screen.getByRole('figure', { name: /from below, 5 places; from above, 5 places/ })).toBeVisible();
    expect(screen.getByRole('button', { name: 'Write the program' })).toBeEnabled();
    expect(screen.getByLabelText('Program text')).toHaveTextContent(/G90 G17 G94/);
  });
  it('a pasted column fills the cells from there on; too many are refused', async () => {
    const session = await show('proof', 'steps:gantry');
    const first = (await screen.findAllByRole('textbox'))[0]!;
    first.focus();
    await userEvent.paste('127.1\n381\n635.2\n952\n1270.1');
    await waitFor(() => expect(session.project!.trials.at(-1)!.entries).toHaveLength(5));
    expect(session.project!.trials.at(-1)!.entries[0]).toMatchObject({
      cell: 'distance-1/up',
      value: 0.1271,
    });
    first.focus();
    await userEvent.paste(Array(30).fill('1').join('\n'));
    expect(await screen.findByRole('alert')).toHaveTextContent('read 30 figures, wanted 10 at most');
  });
  it('an axis too short for a trial says so instead of a program', async () => {
    const short = setAt(kayak, 'axes.1.demands.travel', guess('length', '4 mm')) as Project;
    await show('proof', 'stairs-acceleration:gantry', short);
    expect(await screen.findByText('No program.')).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Write the program' })).toBeNull();
  });
  it('the controller’s class and its pauses change the program', async () => {
    const session = await show('proof', 'steps:bed');
    await userEvent.selectOptions(await screen.findByLabelText('Pause counted in'), 'milliseconds');
    await userEvent.selectOptions(screen.getByLabelText('Waits for readings'), 'dwell');
    await waitFor(() => expect(screen.getByLabelText('Program text')).toHaveTextContent('G4 P3000'));
    expect(session.project!.posting.dwell).toBe('milliseconds');
  });
});

describe('plan and proof', () => {
  const view = async () => show('held', '');
  it('shows what was measured, what contradicts the plan, and takes in what agrees', async () => {
    const session = await view();
    const table = await screen.findByRole('table', { name: 'Foretold against measured' });
    const row = within(table).getByRole('row', { name: /Bed axis, drag/ });
    expect(row).toHaveTextContent('64 ± 3 N');
    expect(row).toHaveTextContent('61 ± 3.3 N');
    const apart = screen.getByRole('region', { name: 'Where plan and proof part' });
    expect(apart).toHaveTextContent('Plan and proof disagree: Bed axis, lost motion');
    await userEvent.click(within(row).getByRole('button', { name: /^Take Bed axis, drag/ }));
    await waitFor(() => expect(session.project!.axes[0]!.loads.guideDrag!.basis).toBe('measured'));
    const back = await screen.findByRole('button', { name: /^Take Bed axis, drag .* back out of the plan/ });
    await userEvent.click(back);
    await waitFor(() => expect(session.project!.axes).toEqual(kayak.axes));
  });
  it('settings are numbered, with where each comes from', async () => {
    await view();
    await userEvent.click(await screen.findByText(/^Settings of the controller: \d+ numbers/));
    const row = screen.getByRole('row', { name: /^101/ });
    expect(row).toHaveTextContent(/Steps per unit.*measured/);
  });
});
