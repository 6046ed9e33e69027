import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { PracticeLevel, Project } from '@/core/model';
import { address } from '@test/helpers/navigation';
import { practiceOf } from '@test/helpers/practise';
import { openSession, renderOn } from '@test/helpers/session';
import { kayak } from '@test/helpers/trials';
import { ProveStation } from '.';

/** By seed: one end of the gantry low; too little current on the gantry's motor. */
const ROLL = 56;

async function show(query: string, seed = ROLL, level: PracticeLevel = 'plain', base: Project = kayak) {
  const project = practiceOf(base, seed, level);
  address.query = `m=${project.id}&${query}`;
  const session = await openSession(project);
  renderOn(session, <ProveStation />);
  return session;
}

const press = async (name: string | RegExp) => userEvent.click(await screen.findByRole('button', { name }));
const round = () => screen.findByRole('region', { name: 'Round' });

describe('a practice round', () => {
  beforeEach(() => {
    address.query = '';
  });
  it('stands on a tab of its own, and only on a machine to practise on', async () => {
    await show('v=practice');
    expect(await screen.findByRole('heading', { name: /Find what is wrong/ })).toBeVisible();
    expect(screen.getByRole('link', { name: /^Practice/ })).toHaveTextContent('0 named');
    expect(await round()).toHaveTextContent('Hidden1 to 4');
  });
  it('a real machine has neither tab nor line', async () => {
    const session = await openSession(kayak);
    address.query = `m=${kayak.id}&sheet=feet`;
    renderOn(session, <ProveStation />);
    await screen.findByRole('region', { name: 'Verdict' });
    expect(screen.queryByRole('link', { name: /^Practice/ })).toBeNull();
    expect(screen.queryByRole('group', { name: 'Practice machine' })).toBeNull();
  });
  it('reads a place, once more beside it, then all that are open: each one step of undo', async () => {
    const session = await show('sheet=feet');
    await press('Read this place');
    await waitFor(() => expect(session.project!.rounds[0]!.readings).toHaveLength(1));
    await press('Read all that are open');
    await waitFor(() => expect(session.project!.rounds[0]!.readings).toHaveLength(4));
    const verdict = await screen.findByRole('region', { name: 'Verdict' });
    await waitFor(() => expect(verdict).toHaveTextContent('Out of limit: one end lower'));
    await press('Once more here');
    await waitFor(() => expect(session.project!.rounds[0]!.readings).toHaveLength(5));
    session.undo();
    session.undo();
    await waitFor(() => expect(session.project!.rounds[0]!.readings).toHaveLength(1));
  });
  it('the same place of the same round reads the same after undo', async () => {
    const session = await show('sheet=feet');
    await press('Read this place');
    await waitFor(() => expect(session.project!.rounds).toHaveLength(1));
    await press('Read this place');
    await waitFor(() => expect(session.project!.rounds[0]!.readings).toHaveLength(2));
    const first = session.project!.rounds[0]!.readings[1]!.value;
    session.undo();
    await waitFor(() => expect(session.project!.rounds[0]!.readings).toHaveLength(1));
    session.redo();
    await waitFor(() => expect(session.project!.rounds[0]!.readings[1]!.value).toBe(first));
  });
  it('moves change the machine that is read', async () => {
    const session = await show('sheet=feet');
    await press('Read all that are open');
    await press('Moved: read again');
    await waitFor(() => expect(session.project!.rounds[0]!.moved.length).toBeGreaterThan(0));
    expect(session.project!.rounds[0]!.moved[0]!.kind).toBe('shim');
    await press('Read all that are open');
    const verdict = await screen.findByRole('region', { name: 'Verdict' });
    await waitFor(() => expect(verdict).toHaveTextContent('Holds: one end lower'));
  });
  it('tries a trial on it as one step, and says which cannot be tried', async () => {
    const session = await show('v=proof&trial=links:gantry');
    await press('Try it on the practice machine');
    await waitFor(() => expect(session.project!.trials[0]!.entries.length).toBeGreaterThan(2));
    expect(session.undo()).toContain('Record');
    await waitFor(() => expect(session.project!.trials).toHaveLength(0));
  });
  it('a fault is named once, put right or taken back', async () => {
    const session = await show('v=practice');
    const pick = await screen.findByLabelText('What is wrong');
    await userEvent.selectOptions(pick, 'The nut has play');
    await press('Name it');
    const named = await screen.findByRole('list', { name: 'Named faults' });
    expect(named).toHaveTextContent('The nut has play');
    await press('Name it');
    expect(await screen.findByRole('alert')).toHaveTextContent('That is named already.');
    await userEvent.click(within(named).getByRole('button', { name: 'put it right' }));
    await waitFor(() => expect(session.project!.practice!.named[0]!.mended).toBe(true));
    await userEvent.click(within(named).getByRole('button', { name: /^Take back/ }));
    await waitFor(() => expect(session.project!.practice!.named).toEqual([]));
  });
  it('three hints, each more than the one before, each for five points', async () => {
    const session = await show('v=practice');
    await press(/^Hint: Where is it/);
    expect(await round()).toHaveTextContent('Look at gantry, posts and square.');
    await press(/^Hint: Which test/);
    expect(await round()).toHaveTextContent('Gantry ends to the table shows it.');
    await press(/^Hint: What does/);
    expect(await round()).toHaveTextContent('one end of the gantry is low');
    expect(screen.queryByRole('button', { name: /^Hint/ })).toBeNull();
    expect(session.project!.practice!.hints.map((h) => h.hint)).toEqual(['region', 'test', 'reading']);
  });
  it('ended it says what was there; nothing more is read; undo opens it again', async () => {
    const session = await show('v=practice');
    await press(/^End the round/);
    const told = await screen.findByRole('row', { name: /One end of the gantry is low/ });
    expect(told).toHaveTextContent('not found');
    expect(told).toHaveTextContent('still there');
    expect(screen.getByText('0 of 100')).toBeVisible();
    expect(await round()).toHaveTextContent('Hidden1');
    session.undo();
    expect(await screen.findByRole('heading', { name: /Find what is wrong/ })).toBeVisible();
  });
});

describe('a line to a machine', () => {
  it('is offered where it can be opened, says whose stop it is, and typing stays enough', async () => {
    const session = await openSession(kayak);
    address.query = `m=${kayak.id}&v=first&trial=slow:bed`;
    renderOn(session, <ProveStation />);
    await press('Move the machine from here');
    expect(await screen.findByText(/The emergency stop is your own switch/)).toBeVisible();
    expect(screen.getByText('This browser opens no serial lines.')).toBeVisible();
    expect(screen.getByRole('button', { name: 'Try it on a stand-in' })).toBeVisible();
  });
});
