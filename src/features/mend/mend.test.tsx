import { act, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { estimate, type Project, setAt } from '@/core/model';
import { demoMachines } from '@/demo';
import { useSessionState } from '@/session';
import { Host, openSession } from '@test/helpers/session';
import { MendSheet } from './mend-sheet';

const [machine] = demoMachines() as [Project];

/** The mend sheet while there is something to mend, as the frame shows it. */
async function show(project: Project) {
  const session = await openSession(project);
  const Frame = () => {
    const broken = useSessionState(session, (s) => s.machine.kind === 'open' && s.machine.issues.length > 0);
    return broken ? <MendSheet /> : <p>All is well</p>;
  };
  render(
    <Host session={session}>
      <Frame />
    </Host>,
  );
  return session;
}

describe('a machine that breaks rules', () => {
  it('says what is at odds with the inputs beside it, and is mended by typing', async () => {
    const session = await show(setAt(machine, 'axes.0.demands.feed', estimate('speed', '40 m/min')));
    expect(screen.getByText(/One thing is at odds/)).toBeInTheDocument();
    const fault = screen.getByRole('listitem');
    expect(fault).toHaveTextContent(/Bed axis: cutting feed/);
    const feed = within(fault).getByLabelText('Cutting feed');
    await userEvent.clear(feed);
    await userEvent.type(feed, '4 m/min');
    expect(await screen.findByText('All is well')).toBeInTheDocument();
    // Every step can be taken back: then it is at odds again, and says so.
    act(() => void session.undo());
    expect(await screen.findByText(/One thing is at odds/)).toBeInTheDocument();
    act(() => void session.redo());
    expect(session.project!.axes[0]!.demands.feed.typed).toBe('4 m/min');
    expect(screen.getByText('All is well')).toBeInTheDocument();
  });
  it('is mended by a press where no field can, and each step is one of its own', async () => {
    const rideless = setAt(machine, 'axes.1.carriedBy', 'nobody');
    const session = await show(setAt(rideless, 'axes.0.demands.feed', estimate('speed', '40 m/min')));
    expect(screen.getAllByRole('listitem')).toHaveLength(2);
    await userEvent.click(screen.getByRole('button', { name: 'Mend it' }));
    expect(session.project!.axes[1]!.carriedBy).toBeNull();
    expect(screen.getAllByRole('listitem')).toHaveLength(1);
  });
  it('lets a pinned variant that breaks a rule go', async () => {
    const [pin] = machine.pins;
    const axis = { ...pin!.axis, demands: { ...pin!.axis.demands, feed: estimate('speed', '90 m/min') } };
    const session = await show({ ...machine, pins: [{ ...pin!, axis }] });
    expect(screen.getByRole('listitem')).toHaveTextContent(/^A variant of an axis/);
    await userEvent.click(screen.getByRole('button', { name: 'Drop this variant' }));
    expect(session.project!.pins).toEqual([]);
    expect(screen.getByText('All is well')).toBeInTheDocument();
  });
});
