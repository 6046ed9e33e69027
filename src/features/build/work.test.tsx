import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { beginMachine } from '@/core/machine';
import type { Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { newNames } from '@/words';
import { localZone } from '@/workers';
import { address } from '@test/helpers/navigation';
import { openSession, renderOn } from '@test/helpers/session';
import { BuildStation } from '.';
import { readTime } from './calendar/time-fields';

const [kayak, gate] = demoMachines() as [Project, Project];

async function show(query: string, project: Project = kayak) {
  address.query = `m=${project.id}&${query}`;
  const session = await openSession(project);
  renderOn(session, <BuildStation />);
  return session;
}

describe('assembly, calendar, wiring', () => {
  beforeEach(() => {
    address.query = '';
  });
  it('what is buried stands first, is drawn, and its covers can be said', async () => {
    const session = await show('v=assembly', gate);
    expect(
      await screen.findByRole('heading', { name: /^To reach: Height axis: second rail|^To reach/ }),
    ).toBeVisible();
    const list = screen.getByRole('list', { name: 'Steps in their order' });
    await userEvent.click(within(list).getByRole('button', { name: /fixed end block/ }));
    const panel = await screen.findByRole('region', { name: /fixed end block/ });
    fireEvent.change(within(panel).getByLabelText('Also before it'), { target: { value: 'square' } });
    const said = () => session.project!.steps.find((s) => s.key === 'height/block-fixed');
    await waitFor(() => expect(said()?.needs).toEqual(['square']));
    await userEvent.click(within(panel).getByRole('button', { name: 'Leave out' }));
    await waitFor(() => expect(said()?.left).toBe(true));
    expect(session.undo()).toMatch(/^Left out/);
  });
  it('readings are kept as they are typed, and what is none is refused at its place', async () => {
    const session = await show('v=assembly&step=square');
    const panel = await screen.findByRole('region', { name: 'Square, tight' });
    const field = within(panel).getByLabelText('Diagonals differ, Square, tight');
    await userEvent.type(field, 'about nothing{Enter}');
    expect(within(panel).getByRole('alert')).toHaveTextContent(/not a number I can read/);
    await userEvent.clear(field);
    await userEvent.type(field, '0,4 mm{Enter}');
    const read = () => session.project!.steps.find((s) => s.key === 'square')?.readings[0];
    await waitFor(() => expect(read()).toMatchObject({ what: 'diagonals', typed: '0,4 mm' }));
    expect(read()!.value).toBeCloseTo(0.0004, 9);
  });
  it('the calendar tells today, and another day without time moves it', async () => {
    const session = await show('v=calendar');
    expect(await screen.findByRole('heading', { name: /with what is here/ })).toBeVisible();
    fireEvent.change(screen.getByLabelText('Begins on'), { target: { value: '2030-01-07' } });
    await waitFor(() => expect(session.project!.calendar.start).toBe('2030-01-07'));
    expect((await screen.findAllByText(/^2030-01-07 /)).length).toBeGreaterThan(0);
  });
  it('a new machine has its steps and its wires, and nothing of it is red', async () => {
    const session = await show(
      'v=assembly',
      beginMachine('new', '2026-11-27T12:00:00Z', 'New', newNames.axis),
    );
    expect(await screen.findByRole('list', { name: 'Steps in their order' })).toBeInTheDocument();
    expect(screen.getByRole('link', { name: /^Assembly/ })).not.toHaveTextContent('gives out');
    expect(session.store.getState().machine).toMatchObject({ issues: [] });
  });
  it('shop mode shows the next step, and keeps what its keypad says', async () => {
    const session = await show('v=shop');
    const pad = await screen.findByRole('region', { name: 'Turns by hand' });
    for (const key of ['1', 'Point', '2', 'Take the last digit back', '5'])
      await userEvent.click(within(pad).getByRole('button', { name: key }));
    await userEvent.click(within(pad).getByRole('button', { name: 'keep' }));
    const step = () => session.project!.steps.find((s) => s.key === 'gantry/nut-set');
    await waitFor(() => expect(step()?.readings[0]).toMatchObject({ what: 'turn', value: 1.5 }));
    await userEvent.click(screen.getByRole('button', { name: 'done' }));
    await waitFor(() => expect(step()?.state).toBe('done'));
  });
});

describe('times of the day as people type them', () => {
  it.each([
    ['19:30', '19:30'],
    ['19.30', '19:30'],
    ['7', '07:00'],
    ['7:30 pm', '19:30'],
    ['12 am', '00:00'],
    ['12:15 pm', '12:15'],
    ['24:00', '24:00'],
  ])('%s', (typed, time) => expect(readTime(typed)).toBe(time));
  it.each(['25', '19:60', '13 pm', 'noon', '', '24:30', '-3'])('%s is none', (typed) =>
    expect(readTime(typed)).toBeUndefined(),
  );
  it('the wall’s clock goes to the world’s and back', () => {
    for (let wall = 29_700_000; wall < 29_700_000 + 400 * 1440; wall += 1441) {
      const back = localZone.wall(localZone.real(wall));
      // An hour that the clocks leave out is no hour of the wall.
      expect(Math.abs(back - wall) % 60).toBe(0);
    }
  });
});
