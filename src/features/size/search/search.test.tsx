import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { openAxis, renderBench } from '@test/helpers/bench';
import { demoAxis } from '@test/helpers/demo';
import { SearchDialog } from './search-dialog';

/** Long enough for a search on the page itself. */
const SLOW = { timeout: 30_000 };

async function open() {
  const session = await openAxis(demoAxis('plunge'));
  const onClose = vi.fn();
  renderBench(session, <SearchDialog onClose={onClose} />);
  return { session, onClose, now: () => session.project!.axes[0]! };
}
const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const tick = (name: string) => userEvent.click(screen.getByRole('checkbox', { name }));

/** Only trapezoidal screws and what turns them now: a search that is done in a moment. */
async function narrow() {
  for (const kind of [
    'Ball screws',
    'Acme screws',
    'Threaded rods',
    'Racks',
    'Toothed belts',
    'Roller chains',
  ])
    await tick(kind);
  await tick('the reducer');
  await tick('the supply');
  await tick('no servos');
}

describe('looking for a drive train', () => {
  it('says what it will do, looks, and takes what was picked; undo brings the old one back', async () => {
    const { session, onClose, now } = await open();
    expect(screen.getByText(/in every combination/)).toBeVisible();
    await narrow();
    await press('Look');
    await screen.findByRole('button', { name: 'Take it' }, SLOW);
    const before = now();
    const rows = within(screen.getByRole('table', { name: 'Worth reading' })).getAllByRole('row');
    expect(rows[1]).toHaveTextContent(/^CheapestTrapezoidal .*\d+/);
    await press('Torque to spare');
    expect(screen.getByText(/^Torque to spare, times what is asked: usable torque/)).toBeVisible();
    const picked = screen.getByRole('region', { name: 'Picked drive train' });
    expect(within(picked).getByRole('row', { name: /^Money/ })).toBeVisible();
    // Held beside, it is a variant of this axis and the axis stays as it is.
    await press('Hold it beside');
    const held = session.project!.pins.at(-1)!;
    expect(held).toMatchObject({
      axisId: before.id,
      name: expect.stringMatching(/^Trapezoidal screws, \d+$/),
    });
    expect(held.axis.parts['trapezoidal-screw']).toMatch(/^trapezoidal-/);
    expect(now()).toEqual(before);
    // Brushed over the dearer half the cheapest is read no more.
    const cheapest = rows[1]!.textContent;
    const from = screen.getByRole('slider', { name: 'Shown from' });
    fireEvent.change(from, { target: { value: String(Number(from.getAttribute('aria-valuenow')) + 1) } });
    const dearer = within(screen.getByRole('table', { name: 'Worth reading' })).getAllByRole('row');
    expect(dearer[1]!.textContent).not.toBe(cheapest);
    await press('Effort');
    expect(within(picked).getByRole('row', { name: /^Effort/ })).toHaveTextContent(/\d h.*\d h/);
    await press('Torque to spare');
    await press('Most of all');
    await press('Take it');
    expect(onClose).toHaveBeenCalledOnce();
    expect(now().parts['trapezoidal-screw']).toMatch(/^trapezoidal-/);
    expect(now().drive.kind).toBe('screw');
    expect(now().demands).toEqual(before.demands);
    expect(session.undo()).toBe('Drive train: trapezoidal screws');
    expect(now()).toEqual(before);
  }, 60_000);
  it('where nothing holds it says what most went by', async () => {
    await open();
    await narrow();
    const most = screen.getByLabelText('Most money');
    await userEvent.type(most, '1{Enter}');
    await press('Look');
    expect(await screen.findByText(/^Nothing holds\./, {}, SLOW)).toHaveTextContent(/ by the budget/);
    expect(screen.queryByRole('button', { name: 'Take it' })).toBeNull();
  }, 60_000);
  it('refuses a budget that is no number, by its name', async () => {
    await open();
    await userEvent.type(screen.getByLabelText('Most money'), 'lots{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent(/Most money: read “lots”; wanted a number/);
  });

  it('says of one part why it is not there, and takes what would hold with it', async () => {
    const { onClose, now } = await open();
    await press('Why not…');
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Family' }), 'driver');
    const part = screen.getByRole('combobox', { name: 'Part' });
    await userEvent.selectOptions(part, within(part).getByRole('option', { name: /^Stepper driver 2 A/ }));
    await press('Why not this one?');
    await screen.findByText(/^With nothing else changed/, undefined, SLOW);
    expect(screen.getByText(/^It holds/)).toBeVisible();
    await press('Take it');
    expect(onClose).toHaveBeenCalledOnce();
    expect(now().parts.driver).toBe('driver-2a');
  }, 60_000);
});
