import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { axisReport } from '@/core/machine';
import {
  type Axis,
  guess,
  put,
  startingDrive,
  startingMotor,
  startingReducer,
  type Stepper,
} from '@/core/model';
import { demoMachines } from '@/demo';
import { baseAxis, everyAxis } from '@test/helpers/axes';
import { openAxis, renderBench } from '@test/helpers/bench';
import { CurveEditor } from '../curve-editor';
import { AxisDrawing } from '../axis-drawing';
import { links } from '../train';
import { TrainPanel } from '../train-panel';
import { wholePart } from '../whole-part';
import { AccelerationLadder } from './acceleration-ladder';
import { Budgets } from './budgets';
import { Duty } from './duty';

const base = baseAxis();
const every = everyAxis();

describe('the drawing', () => {
  it.each(every.map((a) => [`${a.name}, ${a.drive.kind}, ${a.guide.kind}`, a] as const))(
    '%s: is drawn whole, and says in words what it shows',
    (_name, axis) => {
      render(<AxisDrawing axis={axis} report={axisReport(axis, { remedies: false })} system="metric" />);
      expect(screen.getByRole('img')).toHaveAccessibleName(
        new RegExp(axis.drive.kind === 'screw' ? 'screw' : `${axis.drive.kind} with`),
      );
      expect(document.querySelector('svg')!.outerHTML).not.toMatch(/NaN|Infinity|undefined/);
    },
  );
  it('shows what carriages carry where their places are given: into the rail or away from it', async () => {
    const gantry = demoMachines()[0]!.axes[1]!;
    const { rerender } = render(<AxisDrawing axis={gantry} report={axisReport(gantry)} system="metric" />);
    const loads = () => [...document.querySelectorAll('[data-layer="loads"]')];
    const titles = loads().map((shape) => shape.querySelector('title')?.textContent ?? '');
    expect(
      titles.some((t) => t.endsWith('away from the rail')) && titles.some((t) => t.endsWith('into the rail')),
    ).toBe(true);
    rerender(<AxisDrawing axis={base} report={axisReport(base)} system="metric" />);
    // It follows once the verdict has been painted.
    await waitFor(() => expect(loads()).toHaveLength(0));
  });
});

describe('acceleration ladder', () => {
  it('has a rung for torque, ringing and strength, each opens its working by mouse and by key', async () => {
    const onWorking = vi.fn();
    renderBench(await openAxis(base), <AccelerationLadder onWorking={onWorking} />);
    expect(screen.getAllByRole('button')).toHaveLength(4);
    await userEvent.click(screen.getByRole('button', { name: /^Torque at rapid/ }));
    screen.getByRole('button', { name: /^Strength of drive/ }).focus();
    await userEvent.keyboard('{Enter}');
    expect(onWorking.mock.calls).toEqual([['acceleration.at-rapid'], ['acceleration.thrust']]);
  });
});

describe('play and give', () => {
  it('names each link with its share, the unknown ones too, and leads to the working', async () => {
    const onWorking = vi.fn();
    const axis: Axis = {
      ...base,
      drive: startingDrive('rack', 0.8),
      reducer: startingReducer('planetary', 5),
    };
    renderBench(await openAxis(axis), <Budgets onWorking={onWorking} />);
    const lost = screen.getByRole('heading', { name: /^Lost at a reversal/ }).parentElement!;
    expect(within(lost).getByText('Reducer')).toBeInTheDocument();
    await userEvent.click(within(lost).getByRole('button', { name: '34.9 µm' }));
    expect(onWorking).toHaveBeenCalledWith('reducer-play');
    cleanup();
    const inches = await openAxis(base);
    inches.edit([put('units', 'imperial')], { label: 'Units' });
    renderBench(inches, <Budgets onWorking={onWorking} />);
    expect(screen.getByText('not known')).toBeInTheDocument();
    expect(
      screen.getByRole('heading', { name: /^Lost at a reversal at least .* thou$/ }),
    ).toBeInTheDocument();
    expect(screen.getByText(/^Not given: .*Play/)).toBeInTheDocument();
  });
});

describe('duty cycle', () => {
  it('says what it assumes without a cycle, adds a step, changes and removes one', async () => {
    const session = await openAxis({ ...base, motor: startingMotor('servo') });
    renderBench(session, <Duty onWorking={vi.fn()} />);
    const duty = () => session.project!.axes[0]!.duty;
    expect(screen.getByText(/taken to do without a rest what heats it most/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Add a step' }));
    expect(duty()).toMatchObject([{ does: 'rapid', distance: { typed: '800 mm' } }]);
    expect(screen.getByText(/% of the rated heat/)).toBeInTheDocument();
    await userEvent.selectOptions(screen.getByLabelText('Step 1 does'), 'rest');
    expect(duty()).toMatchObject([{ does: 'rest' }]);
    await userEvent.click(screen.getByRole('button', { name: 'Remove step 1' }));
    expect(duty()).toEqual([]);
  });
});

describe('torque curve by points', () => {
  it('takes a CSV, refuses a broken one by its line, and keeps two points at least', async () => {
    const curve = {
      voltage: guess('voltage', '48 V'),
      points: [
        { speed: guess('angularSpeed', '0 rpm'), torque: guess('torque', '2 N·m') },
        { speed: guess('angularSpeed', '900 rpm'), torque: guess('torque', '1 N·m') },
      ],
    };
    const session = await openAxis({ ...base, motor: { ...(base.motor as Stepper), curve } });
    const now = () => (session.project!.axes[0]!.motor as Stepper).curve!.points;
    renderBench(session, <CurveEditor curve={curve} />);
    expect(screen.getByRole('button', { name: 'Remove point 1' })).toBeDisabled();
    const send = (text: string) =>
      userEvent.upload(
        screen.getByLabelText('Torque curve as CSV'),
        new File([text], 'c.csv', { type: 'text/csv' }),
      );
    await send('rpm,N·m\n0,2\n600,weak\n');
    expect(await screen.findByRole('alert')).toHaveTextContent('c.csv, line 3: read “weak”; wanted a torque');
    expect(now()).toEqual(curve.points);
    await send('rpm;N·m\n0;2\n600;1,2\n1500;0,4\n');
    await vi.waitFor(() => expect(now()).toHaveLength(3));
  });
});

describe('the train', () => {
  it('a ratio by teeth says them in words, the motor first', async () => {
    const axis = { ...base, reducer: demoMachines()[0]!.axes[0]!.reducer };
    const panel = <TrainPanel open="reducer" onOpen={vi.fn()} onExchange={vi.fn()} />;
    renderBench(await openAxis(axis), panel);
    expect(
      screen.getByText(
        '15 teeth on the motor, 60 on the drive. Motor 4 turns, drive 1 turn: slower and stronger. ' +
          'Motor 1000 rpm, drive 250 rpm.',
      ),
    ).toBeInTheDocument();
  });
  it('every choice that exchanges a whole part gives an axis that keeps the rules', async () => {
    const { applyEdits, axisIssues } = await import('@/core/model');
    for (const axis of every.filter((a) => a.id === 'a'))
      for (const link of links.filter((l) => l.there?.(axis) ?? true))
        for (const choice of link.choices(axis))
          for (const [word] of choice.options) {
            const edits = wholePart[choice.path]?.(axis, String(word));
            if (edits) expect(axisIssues(applyEdits(axis, edits)), `${choice.path} ${word}`).toEqual([]);
          }
  });
});
