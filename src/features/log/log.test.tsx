import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { filesWithout, photoUses, put, startingEntry } from '@/core/model';
import { address } from '@test/helpers/navigation';
import { demoMachines } from '@/demo';
import { openSession, renderOn } from '@test/helpers/session';
import { LogStation } from '.';
import { dayOf, fromLocal, stampOf, timeOf, toLocal } from './when';

async function show(query = '') {
  address.query = `m=tern-creek${query}`;
  const session = await openSession(demoMachines()[0]!);
  renderOn(session, <LogStation />);
  await screen.findByRole('heading', { name: /What happened|Chosen here again/ });
  return session;
}
const press = async (name: string | RegExp) => userEvent.click(await screen.findByRole('button', { name }));

describe('the time line', () => {
  beforeEach(() => {
    address.query = '';
  });
  it('tells entries, and folds many of a kind on one day', async () => {
    await show();
    expect(screen.getByRole('button', { name: 'Write: The rubber spider winds up' })).toBeVisible();
    await press(/^Step done: \d+$/);
    const steps = await screen.findAllByRole('link', { name: /^Bed axis: / });
    const places = steps.map((a) => a.getAttribute('href')!.replace(/m=machine-\d+/, 'm=it'));
    expect(places).toContain('/build?m=it&v=assembly&step=bed%2Frail-a');
  });
  it('words, kinds and axes narrow it, and what is left is counted', async () => {
    await show();
    await userEvent.type(screen.getByRole('searchbox', { name: 'Look for words' }), 'spider');
    expect(await screen.findByText(/^1 of \d+ events$/)).toBeVisible();
    await press('Show all');
    await press(/^Hours at the machine · 1$/);
    expect(await screen.findByText(/^1 of \d+ events$/)).toBeVisible();
    expect(screen.getByText('Hours').nextSibling).toHaveTextContent('5.5');
  });
  it('an entry is begun, written, said to be about a choice, and taken back step by step', async () => {
    const session = await show();
    await press('New entry: regret');
    const entry = await screen.findByRole('region', { name: 'Entry' });
    await userEvent.type(within(entry).getByRole('textbox', { name: 'In a few words' }), 'Too short{Enter}');
    await userEvent.selectOptions(within(entry).getByLabelText('Axis'), 'Bed axis');
    await userEvent.selectOptions(within(entry).getByLabelText('About the choice'), 'Drive: rack');
    await userEvent.type(within(entry).getByRole('textbox', { name: 'What happened' }), 'Next time more.');
    await userEvent.type(within(entry).getByRole('textbox', { name: 'Hours' }), '2,5{Enter}');
    await waitFor(() =>
      expect(session.project!.log.at(-1)).toMatchObject({
        kind: 'regret',
        title: 'Too short',
        note: 'Next time more.',
        axis: 'bed',
        hours: 2.5,
        choice: { code: 'drive', value: 'rack' },
      }),
    );
    const steps = session.project!.log.length;
    await press('Remove this entry');
    await waitFor(() => expect(session.project!.log).toHaveLength(steps - 1));
    session.undo();
    await waitFor(() => expect(session.project!.log).toHaveLength(steps));
  });
  it('what is no number is refused by its name, and nothing is lost', async () => {
    const session = await show();
    await press('Write: Beam filed and drilled');
    const entry = await screen.findByRole('region', { name: 'Entry' });
    const hours = within(entry).getByRole('textbox', { name: 'Hours' });
    await userEvent.clear(hours);
    await userEvent.type(hours, 'long{Enter}');
    expect(await within(entry).findByRole('alert')).toHaveTextContent('Hours: read “long”; wanted a number');
    expect(session.project!.log.find((e) => e.title === 'Beam filed and drilled')!.hours).toBe(5.5);
  });
  it('a kind that is no lesson is about no choice', async () => {
    const session = await show();
    await press('Write: The rubber spider winds up');
    await userEvent.selectOptions(await screen.findByLabelText('Kind'), 'Note');
    await waitFor(() => expect(session.project!.log.find((e) => e.id === 'tern-log-5')!.choice).toBeNull());
    expect(screen.queryByLabelText('About the choice')).toBeNull();
  });
  it('lessons of this machine stand on their own tab', async () => {
    await show('&v=lessons');
    expect(await screen.findByText('Coupling: jaw', { exact: false })).toBeVisible();
    expect(screen.getByRole('link', { name: /^Lessons/ })).toHaveTextContent('2 learnt here');
  });
});

describe('revisions', () => {
  it('differ place by place, and what it did to the answers stands below', async () => {
    address.query = 'm=tern-creek&v=revisions';
    const session = await openSession(demoMachines()[0]!);
    renderOn(session, <LogStation />);
    const table = await screen.findByRole('table', { name: 'Differences' });
    expect(within(table).getAllByRole('row')).toHaveLength(3);
    expect(within(table).getByRole('row', { name: 'rapid 6 m/min 4 m/min' })).toBeVisible();
    expect(await screen.findByRole('button', { name: /^Plunge axis: \d+ answers? differ/ })).toBeVisible();
    const whole = await screen.findByRole(
      'table',
      { name: 'Answers of the whole machine' },
      { timeout: 30_000 },
    );
    expect(within(whole).getByRole('row', { name: /^Top speed, Plunge axis/ })).toBeVisible();
  });
  it('a plan is kept by name, changed, returned to, and the return taken back', async () => {
    address.query = 'm=tern-creek&v=revisions';
    const session = await openSession(demoMachines()[0]!);
    renderOn(session, <LogStation />);
    const was = session.project!.brief.accuracy;
    await userEvent.type(
      await screen.findByRole('textbox', { name: 'Name of the plan that is kept' }),
      'As drawn{Enter}',
    );
    await press('Keep the plan as it is now');
    await waitFor(() => expect(session.project!.revisions.at(-1)!.name).toBe('As drawn'));
    session.edit([put('brief.accuracy', null)], { label: 'accuracy' });
    const kept = await screen.findAllByRole('option', { name: /^As drawn/ });
    await userEvent.selectOptions(screen.getByLabelText('After'), kept[0]!.getAttribute('value')!);
    // Kept to look back, it can be held to choose between: the same plan, no second copy.
    const count = session.project!.revisions.length;
    await press('Hold As drawn as a variant');
    expect(session.project!.revisions.at(-1)).toMatchObject({ name: 'As drawn', by: 'variant' });
    expect(session.project!.revisions).toHaveLength(count);
    expect(screen.queryByRole('button', { name: 'Hold As drawn as a variant' })).toBeNull();
    await press('Return to As drawn');
    await waitFor(() => expect(session.project!.brief.accuracy).toEqual(was));
    session.undo();
    await waitFor(() => expect(session.project!.brief.accuracy).toBeNull());
  });
  it('one that cannot be read says so, and the others stand', async () => {
    address.query = 'm=tern-creek&v=revisions';
    const demo = demoMachines()[0]!;
    const revisions = demo.revisions.map((r, i) => (i ? r : { ...r, plan: 'AAAA' }));
    renderOn(await openSession({ ...demo, revisions }), <LogStation />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Two screws on the bed');
    expect(await screen.findByRole('table', { name: 'Differences' })).toBeVisible();
  });
});

describe('files', () => {
  it('say what lies here and where it is shown; what nothing shows can go, and come back', async () => {
    const session = await show();
    const file = (id: string, type: string) => ({ id, name: id, type, bytes: 2500, hash: id.repeat(64) });
    const files = [file('a', 'image/jpeg'), file('b', 'text/x-gcode')];
    const log = session.project!.log.map((e, i) => (i ? e : { ...e, photos: [files[0]!.hash] }));
    session.edit([put('files', files), put('log', log as never)], { label: 'two files' });
    cleanup();
    address.query = 'm=tern-creek&v=files';
    renderOn(session, <LogStation />);
    const rows = () =>
      within(screen.getByRole('table', { name: 'Files of the machine' })).getAllByRole('row');
    expect(rows()[1]).toHaveTextContent(/^bProgram3 kB–/);
    expect(within(rows()[2]!).getByRole('link', { name: log[0]!.title })).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Remove a' })).toBeNull();
    await press('Save b');
    expect(await screen.findByRole('alert')).toHaveTextContent(/The content of b is not in this browser/);
    await press('Remove b');
    await waitFor(() => expect(rows()).toHaveLength(2));
    session.undo();
    await waitFor(() => expect(rows()).toHaveLength(3));
  });
});

describe('photos', () => {
  it('go with the last place that shows them', () => {
    const project = demoMachines()[0]!;
    const file = { id: 'f', name: 'a.jpg', type: 'image/jpeg', bytes: 3, hash: 'a'.repeat(64) };
    const entry = (id: string) => ({
      ...startingEntry(id, '2026-01-01T00:00:00.000Z', 'note' as const),
      photos: [file.hash],
    });
    const both = { ...project, files: [file], log: [entry('1'), entry('2')] };
    expect(photoUses(both, file.hash)).toBe(2);
    expect(filesWithout(both, file.hash)).toEqual([file]);
    expect(filesWithout({ ...both, log: [entry('1')] }, file.hash)).toEqual([]);
  });
});

describe('when', () => {
  it('a day is that day wherever one reads; a time is read on the own clock, and back', () => {
    expect(dayOf('2026-11-16')).toContain('16 Nov 2026');
    expect(timeOf('2026-11-16')).toBe('');
    const iso = '2026-11-16T18:03:00.000Z';
    expect(fromLocal(toLocal(iso))).toBe(iso);
    expect(stampOf('2026-11-16')).toBe('2026-11-16');
    expect(stampOf(iso)).toMatch(/^2026-11-1\d \d\d:\d\d$/);
    expect(fromLocal('')).toBeNull();
  });
});
