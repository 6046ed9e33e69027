import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import { type Project, startingLine, startingProject } from '@/core/model';
import { demoContents, demoMachines } from '@/demo';
import { useMachine } from '@/features/frame';
import { StorageProvider } from '@/session';
import { MachineStorage } from '@/storage';
import { openSession, renderOn } from '@test/helpers/session';
import { AxesTable } from './axes-table';
import { Overview } from './overview';

const [kayak] = demoMachines() as [Project];

async function table(project: Project) {
  const session = await openSession(project);
  const View = () => <AxesTable reports={machineReport(useMachine().project).axes} />;
  renderOn(session, <View />);
  return session;
}

describe('the list of axes', () => {
  it('shows letter, verdict, what is asked and what it is good for', async () => {
    await table(kayak);
    const bed = screen.getByRole('row', { name: /Bed axis/ });
    expect(bed).toHaveTextContent(/gives out.*100 in.*65\.1 kg.*12 m\/min.*43\.3 m\/min/);
    expect(within(bed).getByRole('link')).toHaveAttribute('href', expect.stringContaining('a=bed'));
  });
  it('a new axis rides where its kind does; one that is removed hands on what it carried', async () => {
    const session = await table(kayak);
    await userEvent.click(screen.getByRole('button', { name: 'Plunge axis' }));
    const fresh = session.project!.axes.at(-1)!;
    expect([fresh.role, fresh.carriedBy, fresh.name]).toEqual(['plunge', 'gantry', 'Plunge axis']);
    session.undo();
    cleanup();
    await table(kayak).then(async (second) => {
      await userEvent.click(screen.getByRole('button', { name: 'Remove the Gantry axis' }));
      expect(second.project!.axes.map((a) => [a.id, a.carriedBy])).toEqual([
        ['bed', null],
        ['plunge', 'bed'],
      ]);
      expect(second.undo()).toBe('Removed: Gantry axis');
    });
  });
  it('the last axis cannot go, nor one without which another moves nothing', async () => {
    await table(startingProject('one', '2026-11-26T00:00:00.000Z'));
    expect(screen.getByRole('button', { name: /^Remove the/ })).toBeDisabled();
    cleanup();
    const bare = { ...kayak.axes[1]!, loads: { ...kayak.axes[1]!.loads, masses: [] } };
    await table({ ...kayak, axes: kayak.axes.map((a) => (a.id === 'gantry' ? bare : a)) });
    expect(screen.getByRole('button', { name: 'Remove the Plunge axis' })).toBeDisabled();
    expect(screen.getByRole('button', { name: 'Remove the Bed axis' })).toBeEnabled();
  });
  it('a letter is one letter; anything else is refused with the reason', async () => {
    const session = await table(kayak);
    const letter = screen.getByLabelText('Letter of the Bed axis');
    await userEvent.clear(letter);
    await userEvent.type(letter, 'a{Enter}');
    expect(session.project!.axes[0]!.letter).toBe('A');
    await userEvent.clear(letter);
    await userEvent.type(letter, '7{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent(/“7”/);
    expect(session.project!.axes[0]!.letter).toBe('A');
  });
});

describe('the first page', () => {
  it('says in one look where the machine stands, what matters and what comes next', async () => {
    renderOn(await openSession(kayak), <Overview />);
    const matters = screen.getByRole('region', { name: 'What matters most' });
    expect(within(matters).getAllByRole('listitem')).toHaveLength(3);
    expect(within(matters).getAllByRole('listitem')[0]).toHaveTextContent(/^Bed axis: pinion climbs/);
    expect(screen.getByRole('link', { name: 'Mend what gives out on the bed axis.' })).toHaveAttribute(
      'href',
      expect.stringMatching(/^\/size\?m=.*&a=bed$/),
    );
    expect(screen.getByRole('img', { name: /drawn from its structure/ })).toBeInTheDocument();
  });
  it('says what is wrong with the build among the rest, what it costs, and leads there', async () => {
    const refused = { ...startingLine('l', 'machine/emergency-stop'), state: 'refused' as const };
    const begun = startingProject('begun', '2026-11-27T00:00:00.000Z');
    const quiet = { ...begun, partLines: [refused], brief: { ...begun.brief, budget: 900 } };
    renderOn(await openSession(quiet), <Overview />);
    const matters = screen.getByRole('region', { name: 'What matters most' });
    const link = await within(matters).findByRole('link', { name: 'Build' });
    expect(link).toHaveAttribute('href', expect.stringMatching(/^\/build\?m=.+&v=parts$/));
    expect(link.closest('li')).toHaveTextContent(/Build: emergency stop.*: refused/);
    expect(screen.getByText(/^≥ \d+ of 900$/)).toBeInTheDocument();
  });
  it('says how its jobs stand, by their worst finding, and leads to them', async () => {
    await new MachineStorage().contents.keep(kayak.files, demoContents());
    const away = { ...kayak.jobs[0]!, id: 'away', name: 'Paddles', file: 'a'.repeat(64) };
    renderOn(
      await openSession({ ...kayak, jobs: [away, ...kayak.jobs] }),
      <StorageProvider>
        <Overview />
      </StorageProvider>,
    );
    const jobs = await screen.findByRole('region', { name: 'Will its jobs run' });
    const [first, second] = within(jobs).getAllByRole('listitem');
    expect(first).toHaveTextContent(/^Hull panels.*34 min.*Gantry axis stalls.*\(line 575\), and \d more/);
    expect(within(first!).getByRole('link')).toHaveAttribute(
      'href',
      expect.stringMatching(/&v=job&job=hull-panels$/),
    );
    expect(second).toHaveTextContent(/^PaddlesNot run here/);
  });
  it('keeps every keystroke of the note as one step, and the name when it is left', async () => {
    const session = await openSession(kayak);
    renderOn(session, <Overview />);
    await userEvent.type(screen.getByLabelText('What it is for'), ' And oars.');
    expect(session.project!.note).toMatch(/ And oars\.$/);
    const name = screen.getByLabelText('Name of the machine');
    await userEvent.clear(name);
    await userEvent.type(name, 'Oar router{Enter}');
    expect(session.project!.name).toBe('Oar router');
    expect([session.undo(), session.undo(), session.undo()]).toEqual([
      'Name of the machine',
      'Note',
      undefined,
    ]);
  });
  it('a machine that has just begun says what to do first', async () => {
    renderOn(await openSession(startingProject('new', '2026-11-26T00:00:00.000Z')), <Overview />);
    expect(screen.getByText(/guessed from the travels/)).toBeInTheDocument();
    expect(screen.getByText('Next:').parentElement!.querySelector('a')).toHaveAttribute(
      'href',
      expect.stringMatching(/^\/brief\?m=/),
    );
  });
});
