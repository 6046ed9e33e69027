import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { startingProject } from '@/core/model';
import { demoMachines } from '@/demo';
import { openSession, renderOn } from '@test/helpers/session';
import { ArrangementChoice } from './arrangement';
import { CutAnswer } from './cut-answer';
import { CutFields } from './cut-fields';
import { CutList } from './cut-list';
import { JobFields } from './job-fields';
import { MassesView } from './masses-view';
import { Targets } from './targets';

const [kayak, , scenery] = demoMachines();

describe('the job', () => {
  it('takes work, sizes and money as people type them, and refuses nonsense by name', async () => {
    const session = await openSession(kayak!);
    renderOn(session, <JobFields onWorking={vi.fn()} />);
    await userEvent.selectOptions(screen.getByLabelText('Work'), 'plasma');
    expect(session.project!.brief.work).toBe('plasma');
    const door = screen.getByLabelText('Door');
    await userEvent.clear(door);
    await userEvent.type(door, '36 in');
    expect(session.project!.brief.place.door!.si).toBeCloseTo(0.9144, 9);
    await userEvent.clear(screen.getByLabelText('Bench depth'));
    expect(session.project!.brief.place.bench).toBeNull();
    const budget = screen.getByLabelText('Budget');
    await userEvent.clear(budget);
    await userEvent.type(budget, '1500,5{Enter}');
    expect(session.project!.brief.budget).toBe(1500.5);
    await userEvent.clear(screen.getByLabelText('Budget'));
    await userEvent.type(screen.getByLabelText('Budget'), 'much{Enter}');
    expect(session.project!.brief.budget).toBe(1500.5);
    expect(screen.getByRole('alert')).toHaveTextContent('Budget: read “much”; wanted a number from 0');
    await userEvent.click(screen.getByRole('button', { name: 'No spindle' }));
    expect(session.project!.brief.spindle).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Give it a spindle' }));
    expect(session.project!.brief.spindle!.power.si).toBe(1500);
  });
  it('puts a spindle behind a belt, says its ratio both ways, and opens the working', async () => {
    const session = await openSession(kayak!);
    const onWorking = vi.fn();
    renderOn(session, <JobFields onWorking={onWorking} />);
    await userEvent.selectOptions(screen.getByLabelText('Spindle turned by'), 'belt');
    const own = screen.getByLabelText('Its own pulley');
    await userEvent.clear(own);
    await userEvent.type(own, '40 mm');
    expect(session.project!.brief.spindle!.belt!.spindlePulley.si).toBeCloseTo(0.04, 9);
    expect(screen.getByText(/→ spindle .*: faster than its motor/)).toBeInTheDocument();
    expect(
      screen.getByText(/One turn of the motor is 2 of the spindle; one of the spindle is 0\.5/),
    ).toBeInTheDocument();
    await userEvent.click(
      screen.getByRole('button', { name: /^Belt for these shafts: .* Show the working/ }),
    );
    expect(onWorking).toHaveBeenCalledWith('spindle.length');
    await userEvent.selectOptions(screen.getByLabelText('Spindle turned by'), 'motor');
    expect(session.project!.brief.spindle!.belt).toBeNull();
  });
  it('draws six arrangements, says good and bad of each, and takes the one that is picked', async () => {
    const session = await openSession(kayak!);
    renderOn(session, <ArrangementChoice />);
    expect(screen.getAllByRole('radio')).toHaveLength(6);
    expect(screen.getByRole('radio', { name: /^Moving gantry/ })).toBeChecked();
    expect(screen.getByRole('radio', { name: /^Moving table.*not in this room/ })).not.toBeChecked();
    await userEvent.click(screen.getByRole('radio', { name: /^Arm/ }));
    expect(session.project!.brief.arrangement).toBe('cantilever');
    // By the arrow keys as any group of choices.
    await userEvent.keyboard('{ArrowDown}');
    expect(session.project!.brief.arrangement).toBe('lifted-two');
  });
  it('proposes targets with the reason, and takes them on demand', async () => {
    const session = await openSession(kayak!);
    renderOn(session, <Targets />);
    await userEvent.click(screen.getByRole('button', { name: 'Take the proposal for the Plunge axis' }));
    expect(session.project!.axes[2]!.demands.lostMotion!.si).toBeCloseTo(0.00025, 9);
    expect(screen.queryByRole('button', { name: 'Take the proposal for the Plunge axis' })).toBeNull();
    expect(session.undo()).toBe('Targets of the plunge axis');
  });
});

describe('cuts', () => {
  it('come and go; the worst is marked; each axis may take its load from them', async () => {
    const session = await openSession(kayak!);
    const onPick = vi.fn();
    renderOn(session, <CutList picked={0} onPick={onPick} />);
    expect(screen.getByRole('button', { name: /^Aluminium.*the worst/ })).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Drag knife' }));
    expect(session.project!.brief.cuts.at(-1)).toMatchObject({ kind: 'knife', name: 'New cut' });
    await userEvent.click(screen.getByRole('button', { name: 'Remove New cut' }));
    expect(session.project!.brief.cuts).toHaveLength(3);
    await userEvent.click(screen.getByLabelText(/X Gantry axis/));
    expect(session.project!.axes[1]!.demands.cuttingFrom).toBe('typed');
    expect(screen.getByText(/X Gantry axis, 165 N typed/)).toBeInTheDocument();
  });
  it(
    'a material brings its specific force; a width beyond the cutter is refused; the working is ' +
      'one press away',
    async () => {
      const session = await openSession(kayak!);
      const onWorking = vi.fn();
      renderOn(
        session,
        <>
          <CutFields index={0} />
          <CutAnswer index={0} onWorking={onWorking} />
        </>,
      );
      await userEvent.selectOptions(screen.getByLabelText('Material'), 'aluminium');
      expect(session.project!.brief.cuts[0]).toMatchObject({
        stock: 'aluminium',
        kc11: { si: 750e6 },
        exponent: { si: 0.25 },
      });
      await userEvent.clear(screen.getByLabelText('Width'));
      await userEvent.type(screen.getByLabelText('Width'), '9 mm');
      expect(screen.getByRole('alert')).toHaveTextContent('no larger than the cutter');
      await userEvent.click(screen.getByRole('button', { name: /^Power at the cutter/ }));
      expect(onWorking).toHaveBeenCalledWith('cut.outline.power');
      expect(screen.getByText(/0.125 mm \(0.0049 in\)/)).toBeInTheDocument();
    },
  );
  it('of no force say what they ask, and a machine without any says what to do', async () => {
    const session = await openSession(scenery!);
    renderOn(session, <CutAnswer index={0} onWorking={vi.fn()} />);
    expect(screen.getByText('24 N')).toBeInTheDocument();
    cleanup();
    const empty = await openSession(startingProject('x', '2026-11-25T00:00:00.000Z'));
    renderOn(empty, <CutList picked={-1} onPick={vi.fn()} />);
    expect(screen.getByText(/No cut is given yet/)).toBeInTheDocument();
  });
});

describe('masses', () => {
  it('a body takes its mass from a shape, and the sum of every axis below follows', async () => {
    const session = await openSession(kayak!);
    renderOn(session, <MassesView />);
    const plunge = within(screen.getByRole('region', { name: 'Plunge axis' }));
    await userEvent.click(plunge.getByText('Spindle 2.2 kW with clamp'));
    await userEvent.selectOptions(plunge.getAllByLabelText('Mass by')[0]!, 'spindle');
    // 80 x 210 mm at 4800 kg/m³: 5.07 kg in place of 7.9 kg.
    expect(plunge.getByText('8.77 kg')).toBeInTheDocument();
    expect(
      within(screen.getByRole('region', { name: 'Bed axis' })).getByText(/62\.\d+ kg/),
    ).toBeInTheDocument();
    await userEvent.selectOptions(
      within(screen.getByRole('region', { name: 'Bed axis' })).getByLabelText('Rides on'),
      'plunge',
    );
    expect(session.project!.axes[0]!.carriedBy).toBeNull();
    expect(within(screen.getByRole('region', { name: 'Bed axis' })).getByRole('alert')).toBeInTheDocument();
    const stand = within(screen.getByRole('region', { name: 'The stand' }));
    await userEvent.click(stand.getByRole('button', { name: 'Add a body' }));
    expect(session.project!.stand.at(-1)!.name).toBe('Another body');
    await userEvent.click(stand.getByText('Another body'));
    await userEvent.click(stand.getByRole('button', { name: 'Remove Another body' }));
    expect(session.project!.stand).toHaveLength(3);
  });
});
