import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { guess, putInAxis, applyEdits, startingAxis, startingDrive } from '@/core/model';
import { openAxis } from '@test/helpers/bench';
import { address } from '@test/helpers/navigation';
import { renderOn } from '@test/helpers/session';
import { FitStation } from '.';

const mm = (v: number) => guess('length', `${v} mm`);
const axis = applyEdits({ ...startingAxis('bed', 'a'), name: 'Bed', drive: startingDrive('screw', 0.9) }, [
  putInAxis('guide.railLength', mm(1000)),
  putInAxis('guide.carriageSpan', mm(180)),
  putInAxis('demands.travel', mm(760)),
  putInAxis('drive.betweenBearings', mm(950)),
]);
const type = async (label: string, text: string) => {
  const field = screen.getByLabelText(label, { exact: true });
  await userEvent.clear(field);
  await userEvent.click(field);
  await userEvent.paste(text);
  await userEvent.keyboard('{Enter}');
};

describe('the Fit station', () => {
  beforeEach(() => {
    address.query = 'm=bench&a=a';
  });
  it('says what it does not know, judges as it is typed, and is mended by one press', async () => {
    // 10 m/min at 0.5 m/s²: 27.8 mm to standstill at each end.
    const rapid = putInAxis('demands.rapid', guess('speed', '10 m/min'));
    const session = await openAxis(applyEdits(axis, [rapid]));
    renderOn(session, <FitStation />);
    expect(screen.getByText(/At most so much/)).toHaveTextContent('crash zone');
    // Nothing is green that nobody has said.
    expect(screen.getByText(/Whether the travel closes is not known yet/)).toBeInTheDocument();
    expect(screen.getByRole('img', { name: /^Bed: free stroke 820 mm, ended by the rail/ })).toBeVisible();
    await type('Near stop', '-2 in');
    await type('Far stop', '-2 in');
    await type('Nut', '60 mm');
    await type('Nut and housing', '3 in');
    for (const end of ['Near', 'Far']) {
      await type(`${end} crash zone`, '12 mm');
      await type(`${end} margin`, '3 mm');
    }
    await type('Switch spread', '0.5 mm');
    await type('Reaction', '10 ms');
    expect(await screen.findByRole('heading', { name: /Travel does not close/ })).toBeInTheDocument();
    expect(screen.queryByText(/At most so much/)).toBeNull();
    // 12 + 3 + 0.5 and the way to standstill at both ends: 30 mm are lacking when all is typed.
    await userEvent.click(await screen.findByRole('button', { name: /^Try: Rail of 1030 mm/ }));
    await waitFor(() => expect(screen.queryByRole('heading', { name: /Travel does not close/ })).toBeNull());
    expect(session.project!.axes[0]!.guide.railLength!.si).toBeGreaterThan(1);
    await userEvent.click(screen.getByRole('button', { name: 'Take back' }));
    expect(session.project!.axes[0]!.guide.railLength!.si).toBe(1);
  });
  it('names the part that ends the travel in a table, with where it lets the carriages be', async () => {
    const session = await openAxis(
      applyEdits(axis, [putInAxis('fit.nut', mm(200)), putInAxis('fit.driveStart', mm(20))]),
    );
    renderOn(session, <FitStation />);
    const thread = screen.getByRole('row', { name: /^Thread/ });
    // 20 + half the nut + a lead in reserve; 950 - 200 - 10 of stroke.
    expect(thread).toHaveTextContent('740 mm');
    expect(thread).toHaveTextContent('125 mm');
    expect(thread).toHaveTextContent('both ends');
    // 760 of travel, 6.94 to standstill at each end (5 m/min, 0.5 m/s²), 200 of nut, a lead of 5 in reserve.
    expect(thread).toHaveTextContent('983.9 mm');
  });
});
