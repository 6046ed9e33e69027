import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { kayak } from '@test/helpers/machines';
import { address } from '@test/helpers/navigation';
import { openSession, renderOn } from '@test/helpers/session';
import { FitStation } from '..';

const machine = kayak;
const gantry = machine.axes.findIndex((a) => a.role === 'gantry');

describe('another part instead', () => {
  it('shows what changes, takes nothing until it is said, and can be undone', async () => {
    address.query = `m=${machine.id}&a=${machine.axes[gantry]!.id}&v=instead`;
    const session = await openSession(machine);
    renderOn(session, <FitStation />);
    expect(screen.getByText(/Nothing changes before you take it/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Profile rail 15, carriage 59 mm' }));
    const figures = screen.getByRole('table', { name: 'What changes in figures' });
    expect(within(figures).getByRole('rowheader', { name: 'Between soft limits' })).toBeTruthy();
    expect(session.project!.axes[gantry]!.guide.carriageLength!.si).toBeCloseTo(0.077, 3);
    await userEvent.click(screen.getByRole('button', { name: 'Take it' }));
    expect(session.project!.axes[gantry]!.guide.carriageLength!.si).toBeCloseTo(0.059, 9);
    session.undo();
    expect(session.project!.axes[gantry]!.guide.carriageLength!.si).toBeCloseTo(0.077, 3);
  });
});
