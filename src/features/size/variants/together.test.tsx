import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { type Project, put, variantsOf } from '@/core/model';
import { demoMachines } from '@/demo';
import { openSession, renderOn } from '@test/helpers/session';
import { Together } from './together';

const [kayak] = demoMachines() as [Project];
/** Long enough for a search on the page itself. */
const SLOW = { timeout: 40_000 };
const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const tick = (name: string) => userEvent.click(screen.getByRole('checkbox', { name }));

/** Two axes, other motors on the drives that are there: a search that is done in a moment. */
async function open() {
  const session = await openSession(kayak);
  renderOn(session, <Together />);
  for (const link of ['Bed axis', 'the drive', 'the reducer', 'no servos']) await tick(link);
  return session;
}

describe('parts for all axes', () => {
  it('says what it will do, looks, shows sets on one supply; one is held, and taken', async () => {
    const session = await open();
    const before = session.project!;
    expect(screen.getByText(/one supply for all of them, the drawer shared out/)).toBeVisible();
    await press('Look');
    const picked = await screen.findByRole('region', { name: 'Picked set' }, SLOW);
    const lines = within(picked).getByRole('table', { name: 'Drive trains of the set' });
    const [, gantry, plunge] = within(lines).getAllByRole('row');
    expect(gantry).toHaveTextContent(/^Gantry axis.*Stepper/);
    expect(plunge).toHaveTextContent(/^Plunge axis.*Stepper/);
    // The supply is named once, for both.
    expect(gantry).not.toHaveTextContent('Supply');
    expect(
      within(picked).getByText(/^Supply .* for Gantry axis, Plunge axis: \d+ W at the most$/),
    ).toBeVisible();
    expect(within(picked).getByRole('row', { name: /^Effort, all axes/ })).toHaveTextContent(/\d+ h\d+ h/);
    const read = screen.getByRole('table', { name: 'Sets worth reading' });
    expect(within(read).getByRole('button', { name: 'Cheapest' })).toBeVisible();
    expect(screen.getByText(/each better than all before it\. Looked at: \d+ combinations/)).toBeVisible();
    // A note is nothing to what was looked for.
    session.edit([put('note', 'another note')], { label: 'Note' });
    expect(screen.getByRole('region', { name: 'Picked set' })).toBeVisible();
    await press('Hold it as a variant');
    expect(variantsOf(session.project!).at(-1)!.name).toMatch(/^Parts for \d+$/);
    expect(session.project!.axes).toEqual(before.axes);
    await press('Take it');
    const now = session.project!;
    expect(now.axes[1]!.supply.voltage.si).toBe(now.axes[2]!.supply.voltage.si);
    expect(now.axes[1]!.supply.others.si).toBeGreaterThan(0);
    expect(now.axes[0]).toEqual(before.axes[0]);
    // What stands there now was not looked through.
    expect(await screen.findByText('The machine was changed since. Look again.')).toBeVisible();
    session.undo();
    await waitFor(() => expect(session.project!.axes).toEqual(before.axes));
  });

  it('can be stopped; too little money and no axis are said', async () => {
    await open();
    await press('Look');
    await press('Stop');
    expect(await screen.findByText('Stopped. Nothing was changed.')).toBeVisible();
    await userEvent.type(screen.getByRole('textbox', { name: 'Most money' }), '1{Enter}');
    await press('Look again');
    expect(await screen.findByText(/^No set holds\./, undefined, SLOW)).toBeVisible();
    await tick('Gantry axis');
    await tick('Plunge axis');
    expect(screen.getByRole('button', { name: 'Look again' })).toBeDisabled();
  });
});
