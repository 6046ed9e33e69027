import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { type AnyFinding, machineReport } from '@/core/machine';
import { type Project, put } from '@/core/model';
import { demoMachines } from '@/demo';
import { useMachine } from '@/features/frame';
import { openSession, renderOn } from '@test/helpers/session';
import { FindingList, matterOf, RemedyRow, TrialBar } from '.';

const [kayak] = demoMachines() as [Project];

/** The findings of the bed axis, with what is tried above them. */
async function show(onWorking = vi.fn()) {
  const session = await openSession(kayak);
  const View = () => {
    const [bed] = machineReport(useMachine().project).axes;
    return (
      <>
        <TrialBar />
        <FindingList
          ours={0}
          findings={bed!.findings}
          calm="All holds."
          reach={bed!.speed}
          onWorking={onWorking}
        />
      </>
    );
  };
  renderOn(session, <View />);
  return session;
}

describe('a list of findings', () => {
  it('opens the worst with its reasons and ways out; the others open at a press', async () => {
    const onWorking = vi.fn();
    await show(onWorking);
    expect(screen.getByRole('button', { name: /^Pinion climbs out of mesh 2\.1 % short/ })).toHaveAttribute(
      'aria-expanded',
      'true',
    );
    expect(screen.getByText(/At the mesh the spring presses/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Working' }));
    expect(onWorking).toHaveBeenCalledOnce();
    const second = screen.getByRole('button', { name: /^Load is heavy for the rotor/ });
    expect(second).toHaveAttribute('aria-expanded', 'false');
    await userEvent.click(second);
    expect(second).toHaveAttribute('aria-expanded', 'true');
  });
  it('a way out that another axis is offered too is tried on both by one press', async () => {
    const grooved = kayak.axes.map((a) =>
      a.drive.kind === 'screw' ? { ...a, drive: { ...a.drive, thrustBearing: 'deep-groove' as const } } : a,
    );
    const session = await openSession({ ...kayak, axes: grooved });
    const View = () => {
      const gantry = machineReport(useMachine().project).axes.find((a) => a.axisId === 'gantry')!;
      const only = gantry.findings.filter((f) => f.code === 'deep-groove');
      return <FindingList ours={0} findings={only} calm="All holds." />;
    };
    renderOn(session, <View />);
    const both = await screen.findByRole('button', { name: /^Try: .*, the same on one more axis$/ });
    expect(both).toHaveTextContent('Plunge axis: holds');
    await userEvent.click(both);
    const bearings = session.project!.axes.flatMap(({ drive }) =>
      drive.kind === 'screw' ? [drive.thrustBearing] : [],
    );
    expect(bearings).toEqual(['angular-contact', 'angular-contact']);
    expect(session.undo()).toBeTruthy();
  });
  it('a way out is tried and taken back with one press each; what follows ends the trial', async () => {
    const session = await show();
    const first = screen.getAllByRole('button', { name: /^Try: / })[0]!;
    const name = first.getAttribute('aria-label')!.slice(5);
    await userEvent.click(first);
    const bar = screen.getByText(`Trying: ${name}`).parentElement!;
    await userEvent.click(within(bar).getByRole('button', { name: 'Take back' }));
    expect(session.store.getState().history.past).toHaveLength(0);
    await userEvent.click(screen.getAllByRole('button', { name: /^Try: / })[0]!);
    session.edit([put('note', 'something else')], { label: 'Note' });
    expect(await screen.findByRole('button', { name: /^Load is heavy/ })).toBeInTheDocument();
    expect(screen.queryByText(/^Trying/)).toBeNull();
    expect(session.store.getState().history.past).toHaveLength(2);
  });
  it('a change that the machine cannot take any more says so where it was pressed', async () => {
    const session = await openSession(kayak);
    const gone = { edits: [{ path: 'axes.7.name', value: 'Ghost' }] };
    renderOn(session, <RemedyRow remedy={gone} name="Rename the ghost" effect="gone" />);
    await userEvent.click(screen.getByRole('button', { name: 'Try: Rename the ghost' }));
    expect(screen.getByRole('alert')).toHaveTextContent(/wanted an input that is still there/);
    expect(session.store.getState().history.past).toHaveLength(0);
  });
  it('says so where nothing is found', async () => {
    renderOn(await openSession(kayak), <FindingList ours={0} findings={[]} calm="All holds." />);
    expect(screen.getByText('All holds.')).toBeInTheDocument();
  });
});

it('of a finding the first page has room for its title, one line and the best way out', () => {
  const [finding] = machineReport(kayak).axes[0]!.findings as AnyFinding[];
  expect(matterOf(finding!, 'metric')).toMatchObject({
    title: 'Pinion climbs out of mesh',
    line: expect.stringMatching(/^At the mesh/),
    remedy: expect.stringMatching(/^Spring of .* N$/),
  });
  expect(matterOf(finding!, 'imperial').remedy).toMatch(/lbf$/);
});
