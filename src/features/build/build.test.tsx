import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { address } from '@test/helpers/navigation';
import { openSession, renderOn } from '@test/helpers/session';
import { BuildStation } from '.';

const [kayak] = demoMachines() as [Project];

async function show(query: string, project: Project = kayak) {
  address.query = `m=${project.id}&${query}`;
  const session = await openSession(project);
  renderOn(session, <BuildStation />);
  return session;
}

describe('the Build station', () => {
  beforeEach(() => {
    address.query = '';
  });
  it('says what is cheapest, that it is proved, and what is wrong, the worst first', async () => {
    await show('v=parts');
    expect(await screen.findByText(/^Proved: nothing is cheaper; \d+ sets/)).toBeInTheDocument();
    const side = screen.getByRole('region', { name: 'Cheapest basket' });
    // The far mill sends by weight, and nobody has said what screw, nut and motor weigh.
    expect(side).toHaveTextContent(/\d lines go by weight and nobody has said it/);
    const headings = within(side)
      .getAllByRole('heading', { level: 3 })
      .map((h) => h.textContent);
    expect(headings[0]).toMatch(/: refused$/);
    expect(headings.join()).toMatch(/is late/);
    expect(screen.getByRole('link', { name: /^Cutting/ })).toHaveTextContent('gives out');
  });
  it('a quote is typed to a line, and the basket follows', async () => {
    const session = await show('v=parts&part=bed%2Fsheet%2Ffeet');
    const panel = await screen.findByRole('region', { name: /^Carriage plates of the feet/ });
    const price = within(panel).getByLabelText('Price, metal yard');
    await userEvent.clear(price);
    await userEvent.type(price, '41,5{Enter}');
    expect(session.project!.quotes.find((q) => q.line === 'bed/sheet/feet')!.price).toBe(41.5);
    await userEvent.type(within(panel).getByLabelText('Price of one'), '29{Enter}');
    await waitFor(() => expect(within(panel).getAllByRole('row')).toHaveLength(3));
    expect(session.undo()).toMatch(/^Quote/);
    const note = within(panel).getByLabelText('Can be left out, as part of');
    await userEvent.type(note, 'feet{Enter}');
    expect(await screen.findByText('What can be left out')).toBeInTheDocument();
  });
  it('a piece that was cut is ticked and the rest planned anew; a spoilt one may be an offcut', async () => {
    const session = await show('v=cutting');
    const rail = await screen.findByRole('region', { name: 'Rail 15' });
    expect(rail).toHaveTextContent('0 of 4 cut');
    // While a plan is worked out nothing is ticked: who presses then presses again.
    await waitFor(() => {
      if (!rail.textContent?.includes('1 of 4 cut'))
        fireEvent.click(within(rail).getAllByRole('button', { name: /: cut$/ })[0]!);
      expect(rail).toHaveTextContent('1 of 4 cut');
    });
    expect(session.project!.begunBars.find((b) => b.section === 'rail profile 15')!.cuts).toHaveLength(2);
    await userEvent.click(within(rail).getByRole('button', { name: /^Keep the spoilt/ }));
    expect(session.project!.bars.at(-1)).toMatchObject({ count: 1, note: 'a spoilt piece' });
    expect(session.store.getState().machine).toMatchObject({ issues: [] });
    await userEvent.click(within(rail).getByRole('button', { name: 'Take the last cut back' }));
    await waitFor(() => expect(rail).toHaveTextContent('0 of 4 cut'));
  });
  it('while nothing is said nothing is green; bars are added with one press', async () => {
    const bare: Project = { ...kayak, partLines: [], quotes: [], sellers: [], bars: [], begunBars: [] };
    const session = await show('v=cutting', bare);
    expect(await screen.findByText('Nobody has said which bars there are.')).toBeInTheDocument();
    expect(screen.getByRole('link', { name: /^Parts/ })).not.toHaveTextContent('holds');
    const rail = await screen.findByRole('region', { name: 'Rail 20' });
    await userEvent.click(within(rail).getByRole('button', { name: '3000 mm' }));
    expect(session.project!.bars).toHaveLength(1);
    expect(await within(rail).findByText(/Proved: nothing is cheaper/)).toBeInTheDocument();
  });
});
