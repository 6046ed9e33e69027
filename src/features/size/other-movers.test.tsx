import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Axis } from '@/core/model';
import { openAxis, renderBench } from '@test/helpers/bench';
import { demoAxis, withTyped } from '@test/helpers/demo';
import { AskedPanel } from './asked-panel';
import { TrainPanel } from './train-panel';
import { AccelerationLadder } from './views/acceleration-ladder';
import { CrankChart } from './views/crank-chart';

const train = (open: 'motor' | 'drive') => <TrainPanel open={open} onOpen={vi.fn()} onExchange={vi.fn()} />;

describe('what balances an axis that lifts', () => {
  it('is added, typed and taken out again; what is left is said at both ends', async () => {
    const session = await openAxis(demoAxis('plunge'));
    const balance = () => session.project!.axes[0]!.loads.balance;
    renderBench(session, <AskedPanel />);
    await userEvent.click(screen.getByText('Balanced by'));
    await userEvent.click(screen.getByRole('button', { name: 'Add a gas spring' }));
    expect(balance()).toMatchObject([{ kind: 'gas-spring', force: { typed: '100 N', basis: 'ours' } }]);
    expect(screen.getByText(/At the top .* hold it up: .* At the bottom/)).toBeInTheDocument();
    const force = screen.getByLabelText('Force, rod out');
    await userEvent.clear(force);
    await userEvent.type(force, '20 lbf');
    expect(balance()[0]).toMatchObject({ force: { typed: '20 lbf', basis: 'estimate' } });
    await userEvent.click(screen.getByRole('button', { name: 'Add a counterweight' }));
    expect(screen.getByText('2 parts')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Remove Gas spring' }));
    expect(balance().map((b) => b.kind)).toEqual(['weight']);
    expect(session.undo()).toBe('Removed Gas spring');
  });
  it('is not asked of an axis that lies', async () => {
    renderBench(await openAxis(demoAxis('bed')), <AskedPanel />);
    expect(screen.queryByText('Balanced by')).toBeNull();
  });
  it('stays within reach on one that lies where somebody has said a push', async () => {
    renderBench(
      await openAxis(withTyped(demoAxis('bed'), { 'loads.counterbalance': '20 N' })),
      <AskedPanel />,
    );
    expect(screen.getByText('Balanced by')).toBeInTheDocument();
  });
});

describe('an axis that a hand turns', () => {
  it(
    'has a handwheel and neither driver, supply nor controller; a motor finds them as they ' + 'were',
    async () => {
      const before = demoAxis('gantry');
      const session = await openAxis(before);
      const { unmount } = renderBench(session, train('motor'));
      await userEvent.selectOptions(screen.getAllByLabelText('Kind')[0]!, 'hand');
      const axis = () => session.project!.axes[0]!;
      expect(axis().motor).toMatchObject({ kind: 'hand', divisions: { si: 100 } });
      const list = within(screen.getByRole('list'));
      for (const gone of ['Driver', 'Supply', 'Controller']) expect(list.queryByText(gone)).toBeNull();
      expect(screen.getByText(/Keep its place for a motor/)).toHaveTextContent(/N·m and turn .* rpm/);
      unmount();
      renderBench(session, <AskedPanel />);
      expect(screen.queryByLabelText('Acceleration')).toBeNull();
      expect(axis().driver).toEqual(before.driver);
    },
  );
});

describe('an axis that a crank swings', () => {
  it('is picked as a kind of drive, with a crank that makes the travel', async () => {
    const session = await openAxis(demoAxis('plunge'));
    const { unmount } = renderBench(session, train('drive'));
    await userEvent.selectOptions(screen.getAllByLabelText('Kind')[0]!, 'crank');
    const axis = (): Axis => session.project!.axes[0]!;
    const drive = axis().drive as Extract<Axis['drive'], { kind: 'crank' }>;
    expect(2 * drive.crankRadius.si).toBeCloseTo(axis().demands.travel.si, 3);
    expect(screen.getByLabelText('Link')).toBeInTheDocument();
    expect(screen.getByText(/Near a dead centre it pushes without a limit/)).toBeInTheDocument();
    unmount();
    const { unmount: gone } = renderBench(session, <AccelerationLadder onWorking={vi.fn()} />);
    expect(screen.getByText(/accelerates as its speed has it/)).toBeInTheDocument();
    gone();
    renderBench(session, <CrankChart axis={axis()} system="metric" />);
    for (const name of ['Speed', 'Acceleration', 'Torque', 'Push, least'])
      expect(screen.getByRole('figure', { name: new RegExp(`^${name} over a turn: `) })).toBeInTheDocument();
  });
});
