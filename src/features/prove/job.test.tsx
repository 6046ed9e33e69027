import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { applyEdits, estimate, type Project, PROGRAM_TYPE, put, startingJob } from '@/core/model';
import { demoMachines } from '@/demo';
import { StorageProvider } from '@/session';
import { MachineStorage } from '@/storage';
import { address, push } from '@test/helpers/navigation';
import { openSession, renderOn } from '@test/helpers/session';
import { ProveStation } from '.';

const [kayak] = demoMachines() as [Project];
const text = [
  'G21 G90',
  'S18000 M3',
  'G0 Z5',
  'G0 X100 Y100',
  'G1 Z-3 F400',
  'G1 X500 F4500',
  'G0 X600',
  'G41 D1',
  'M30',
].join('\n');

/** The machine with a job, its program kept in this browser or not. */
async function show(keep: boolean, machine: Project = kayak, program = text) {
  const storage = new MachineStorage();
  const bytes = new TextEncoder().encode(program);
  const hash = keep ? await storage.contents.put(bytes, PROGRAM_TYPE) : 'a'.repeat(64);
  const file = { id: 'f', name: 'panel.nc', type: PROGRAM_TYPE, bytes: bytes.length, hash };
  const session = await openSession({
    ...machine,
    files: [file],
    jobs: [startingJob('panel', 'panel.nc', hash)],
  });
  address.query = `m=${session.project!.id}&v=job`;
  renderOn(
    session,
    <StorageProvider>
      <ProveStation />
    </StorageProvider>,
  );
  return session;
}

const answers = () => screen.findByRole('region', { name: 'Answers' });

describe('a job on the page', () => {
  beforeEach(() => {
    address.query = '';
  });
  it('is run as it is opened: what is found, how long it takes, what was not read', async () => {
    await show(true);
    expect(await within(await answers()).findByText(/^rapids with the tool in the stock/)).toBeVisible();
    expect(screen.getByText(/^1 line not read/)).toBeVisible();
    expect(screen.getByText(/^9 lines · /)).toBeVisible();
    expect(await screen.findByRole('img', { name: 'Path of the program, seen from above' })).toBeVisible();
  });
  it('line, path and time are one place', async () => {
    await show(true);
    await within(await answers()).findByText(/^rapids with/);
    await userEvent.click(within(await answers()).getAllByRole('button', { name: 'line 7' })[0]!);
    expect(await screen.findByText(/line 7: ?/)).toHaveTextContent(/s, line 7: G0 X600$/);
    expect(screen.getByRole('slider', { name: 'Along the job' })).not.toHaveValue(0);
  });
  it('what is typed is run anew, and can be taken back', async () => {
    const session = await show(true);
    await within(await answers()).findByText(/^rapids with/);
    session.edit([put('jobs.0.stock.top', estimate('length', '-20 mm'))], { label: 'Top' });
    await waitFor(() => expect(screen.queryByText(/^rapids with the tool/)).toBeNull());
    session.undo();
    expect(await screen.findByText(/^rapids with the tool/)).toBeVisible();
  });
  it('its path is looked at from nearer, and goes to the line that is asked for', async () => {
    await show(true);
    await screen.findByRole('figure', { name: /^Torque and speed/ });
    const path = screen.getByRole('img', { name: /^Path of the program/ });
    const drawn = () => [...path.querySelectorAll('path')].map((p) => p.getAttribute('d')).join(' ');
    const whole = drawn();
    expect(screen.getByRole('button', { name: 'Farther' })).toBeDisabled();
    for (let i = 0; i < 3; i++) await userEvent.click(screen.getByRole('button', { name: 'Nearer' }));
    expect(drawn()).not.toBe(whole);
    // The cursor is in sight, though the middle was looked at.
    await userEvent.click(within(await answers()).getAllByRole('button', { name: 'line 7' })[0]!);
    const cursor = [...path.querySelectorAll('path[transform]')].at(-1)!.getAttribute('transform')!;
    const [x, y] = cursor.match(/-?[\d.]+/g)!.map(Number);
    const [, , width, height] = path.getAttribute('viewBox')!.split(' ').map(Number);
    expect(x! >= 0 && x! <= width! && y! >= 0 && y! <= height!).toBe(true);
    await userEvent.click(screen.getByRole('button', { name: 'The whole path' }));
    expect(drawn().startsWith(whole)).toBe(true);
  });
  it('is written with feeds that hold, where it does not, beside the file that was read', async () => {
    const weak = applyEdits(kayak, [put('axes.1.motor.usableShare', estimate('ratio', '0.3'))]);
    await show(true, weak, 'G21 G90\nG1 X50 F600\nX900 F11000\nM2\n');
    await userEvent.click(
      await screen.findByRole('button', { name: 'Write the file with feeds that hold' }, { timeout: 5000 }),
    );
    expect(await screen.findByText(/^1 line differs; F alone is changed/)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Save panel-slower.nc' })).toBeVisible();
    expect(screen.getByText(/^X900 F79/)).toBeInTheDocument();
  });
  it('beside a variant on the same job: what it saves or costs', async () => {
    await show(true);
    await within(await answers()).findByText(/^rapids with/);
    await userEvent.selectOptions(
      screen.getByRole('combobox', { name: 'Beside it' }),
      'Two screws on the bed',
    );
    const said = await screen.findByText(/^Two screws on the bed (saves|takes) /, {}, { timeout: 5000 });
    expect(said).toHaveTextContent(/: gives out, guessed\.$/);
  });
  it('removed it takes its program along, and comes back with it', async () => {
    const session = await show(true);
    await userEvent.click(await screen.findByRole('button', { name: 'Remove panel.nc' }));
    expect(session.project).toMatchObject({ jobs: [], files: [] });
    expect(await screen.findByText(/^Drop a G-code file here/)).toBeVisible();
    session.undo();
    expect(session.project!.jobs).toHaveLength(1);
    expect(session.project!.files).toHaveLength(1);
  });
  it('whose program is in another browser says so', async () => {
    await show(false);
    expect(await screen.findByText(/^The content of this program is not in this browser/)).toBeVisible();
  });
  it('is made of a file; the same file twice lies here once', async () => {
    const session = await show(true);
    await within(await answers()).findByText(/^rapids with/);
    const pick = screen.getByLabelText('G-code files');
    await userEvent.upload(pick, new File([text], 'again.nc', { type: 'text/plain' }));
    await waitFor(() => expect(session.project!.jobs).toHaveLength(2));
    expect(session.project!.files).toHaveLength(1);
    await waitFor(() => expect(push).toHaveBeenCalledWith(expect.stringContaining('&v=job&job=')));
    await userEvent.upload(pick, new File(['G0 X1\n'], 'other.nc', { type: 'text/plain' }));
    await waitFor(() => expect(session.project!.files).toHaveLength(2));
  });
});
