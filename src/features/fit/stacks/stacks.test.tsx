import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { applyEdits, guess, putInAxis, startingAxis, startingDrive } from '@/core/model';
import { openAxis } from '@test/helpers/bench';
import { address } from '@test/helpers/navigation';
import { renderOn } from '@test/helpers/session';
import { FitStation } from '..';

const mm = (v: number) => guess('length', `${v} mm`);
const axis = applyEdits(
  { ...startingAxis('gantry', 'a'), name: 'Gantry', drive: startingDrive('screw', 0.9) },
  [
    putInAxis('drive.nominalDiameter', mm(16)),
    putInAxis('drive.rootDiameter', mm(12.9)),
    putInAxis('guide.kind', 'profile'),
    putInAxis('guide.size', mm(20)),
  ],
);
const press = async (name: string | RegExp) => userEvent.click(await screen.findByRole('button', { name }));

describe('stack-ups on the Fit station', () => {
  beforeEach(() => {
    address.query = 'm=bench&a=a&v=stacks';
  });
  it('is proposed from the parts, wants to know which, and says what to do', async () => {
    const session = await openAxis(axis);
    renderOn(session, <FitStation />);
    expect(screen.getByText('Nothing is stacked up yet.')).toBeInTheDocument();
    await press('Nut housing under the plate');
    // Of a carriage that is made in several forms nothing is known before somebody says which.
    expect(screen.getByText(/Give the links that have no figure or tolerance one/)).toBeInTheDocument();
    await userEvent.selectOptions(screen.getByLabelText('Carriage'), 'narrow');
    expect((await screen.findAllByText(/If it is as stated: a recess of 15.02 mm/)).length).toBe(2);
    expect(
      screen.getByRole('img', { name: /^Nut under the plate: -15 mm ± 0.\d+ mm between [a-z ]+$/ }),
    ).toBeVisible();
    expect(screen.getByText(/by 20,000 draws/)).toBeInTheDocument();
    await press(/^A Nut housing/);
    const links = screen.getByRole('group', { name: 'Links of the chain' });
    const field = within(links).getAllByLabelText('Measured')[0]!;
    await userEvent.type(field, '36 mm{Enter}');
    expect(
      session.project!.axes[0]!.fit.stack.links.find((l) => l.id === 'nut-face')!.measured!.si,
    ).toBeCloseTo(0.036, 12);
    expect(await screen.findByRole('heading', { name: /is not as stated/ })).toBeInTheDocument();
    await userEvent.type(screen.getByRole('textbox', { name: 'Cut in one go with' }), 'both ends{Enter}');
    expect(session.project!.axes[0]!.fit.stack.links.find((l) => l.id === 'nut-face')!.lot).toBe('both ends');
  });
  it('a link and a stack-up of one’s own are added, named and taken away', async () => {
    const session = await openAxis(axis);
    renderOn(session, <FitStation />);
    await press('One of your own');
    await press('Add a link');
    const { links, gaps } = session.project!.axes[0]!.fit.stack;
    expect([links.length, gaps.length]).toEqual([1, 1]);
    await press('Remove New stack-up');
    await waitFor(() => expect(session.project!.axes[0]!.fit.stack.gaps).toEqual([]));
  });
});
