import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { beginMachine, machineReport, type MachineReport } from '@/core/machine';
import { type Measure, type Project } from '@/core/model';
import { NextLink, useMachine } from '@/features/frame';
import { VerdictMark } from '@/ui/verdict-mark';
import { newNames } from '@/words';
import { openSession, renderOn } from '@test/helpers/session';
import { FindingList, Ours } from '.';

const begun = () => beginMachine('new', '2026-11-26T00:00:00.000Z', 'New machine', newNames.axis);
const rapidOf = (project: Project | undefined): Measure => project!.axes[0]!.demands.rapid;

const View = ({ what }: { what: (report: MachineReport) => React.ReactNode }) =>
  what(machineReport(useMachine().project));

type PathsOf = (report: MachineReport) => readonly string[];
/** Few are shown where few do: a field is dear in a simulated page. */
const ofBedDemands: PathsOf = ({ ours }) => ours.filter((path) => path.startsWith('axes.0.demands.'));

async function showOurs(of: PathsOf = ofBedDemands) {
  const session = await openSession(begun());
  const list = (report: MachineReport) => <Ours paths={of(report)} title={`${of(report).length} are ours`} />;
  renderOn(session, <View what={list} />);
  await userEvent.click(screen.getByRole('button', { name: /are ours$/ }));
  return session;
}
const count = () => parseInt(screen.getByText(/are ours$/).textContent!.trim(), 10);

describe('numbers that are ours', () => {
  it('are listed by place, and each is confirmed by one press that undo takes back', async () => {
    const session = await showOurs((report) => report.ours);
    const before = count();
    expect(screen.getAllByRole('heading', { level: 4 }).map((h) => h.textContent)).toEqual([
      'Bed axis',
      'Bed axis: All that moves',
      'Gantry axis: All that moves',
      'Plunge axis: All that moves',
      'Gantry axis',
      'Plunge axis',
    ]);
    const bed = within(screen.getByRole('region', { name: 'Bed axis' }));
    await userEvent.click(bed.getByRole('button', { name: 'It is so: Rapid' }));
    expect(rapidOf(session.project)).toMatchObject({ typed: '10 m/min', basis: 'estimate' });
    expect(count()).toBe(before - 1);
    expect(bed.queryByRole('button', { name: 'It is so: Rapid' })).toBeNull();
    expect(session.undo()).toBe('It is so: rapid');
    expect(rapidOf(session.project).basis).toBe('ours');
  });
  it('are ours no more when somebody types over them, be it the same figure', async () => {
    const session = await showOurs();
    const bed = within(screen.getByRole('region', { name: 'Bed axis' }));
    const rapid = bed.getByLabelText('Rapid');
    await userEvent.clear(rapid);
    await userEvent.type(rapid, '10 m/min');
    expect(rapidOf(session.project)).toMatchObject({ typed: '10 m/min', basis: 'estimate' });
  });
  it('a whole place is confirmed at once', async () => {
    const session = await showOurs(({ ours }) => ours.filter((path) => path.startsWith('axes.0.')));
    await userEvent.click(screen.getByRole('button', { name: /^All \d+ are so: Bed axis$/ }));
    expect(machineReport(session.project!).axes[0]!.ours.every((p) => p.startsWith('loads.masses'))).toBe(
      true,
    );
    expect(session.undo()).toBe('All are so: Bed axis');
  });
  it('a finding says that it is guessed, and on how many of them it rests', async () => {
    const list = ({ axes: [bed] }: MachineReport) => (
      <FindingList ours={bed!.ours.length} findings={bed!.findings} calm="All holds." />
    );
    const session = await openSession(begun());
    renderOn(session, <View what={list} />);
    expect((await screen.findAllByText(/, guessed$/)).length).toBeGreaterThan(0);
    expect(screen.getAllByText(/^Of what this rests on, \d+ numbers? (is|are) ours$/)[0]).toBeVisible();
  });
  it('calm is no calm while it rests on them', async () => {
    renderOn(await openSession(begun()), <FindingList ours={3} findings={[]} calm="All holds." />);
    expect(screen.getByText(/All holds\. It is guessed: 3 numbers are ours\./)).toBeInTheDocument();
  });
  it('what is guessed is drawn hollow, and what holds is then not green', () => {
    const { container } = renderMark(true);
    expect(container.querySelector('svg')).toHaveAttribute('fill', 'none');
    expect(container.innerHTML).not.toContain('--rc-green');
    expect(screen.getByRole('img', { name: 'holds, guessed' })).toBeInTheDocument();
    expect(renderMark(false).container.innerHTML).toContain('--rc-green');
  });
});

function renderMark(guessed: boolean) {
  return render(<VerdictMark verdict="holds" guessed={guessed} labelled />);
}

describe('what comes next', () => {
  it('stands on the sheet and leads to the place where it is done', async () => {
    const session = await openSession(begun());
    renderOn(session, <NextLink />);
    const next = screen.getByText('Next:').parentElement!.querySelector('a')!;
    expect(next).toHaveAttribute('href', expect.stringMatching(/^\/brief\?m=/));
    expect(next).toHaveTextContent(/reach/);
  });
});
