import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { driveStiffnessOf, frameTrials, machineReport, sceneOf } from '@/core/machine';
import { applyEdits, guess } from '@/core/model';
import { demoMachines } from '@/demo';
import { FindingList } from '@/features/findings';
import type { Session } from '@/session';
import { openSession, renderOn } from '@test/helpers/session';
import { Accuracy } from './accuracy';
import { AreaMap } from './area-map';
import { BudgetBar } from './budget-bar';
import { GantryDrawing } from './gantry-drawing';
import { Improvements } from './improvements';
import { StructurePanel } from './structure-panel';

const [kayak, gate, scenery] = demoMachines();
const report = machineReport(kayak!, { flex: true });
const flex = report.flex!;

describe('a corner that nobody has measured', () => {
  it('takes a usual value as an estimate with its doubt, and offers none where one is given', async () => {
    const bare = applyEdits(gate!, [{ path: 'structure.corner', value: null }]);
    const session = await openSession(bare as never);
    renderOn(session, <StructurePanel />);
    await userEvent.click(screen.getByRole('button', { name: /^Columns/ }));
    await userEvent.selectOptions(screen.getByLabelText('Corner, usually'), 'bolted plate');
    expect(session.project!.structure!.corner).toMatchObject({
      basis: 'estimate',
      spread: { by: 'relative' },
      si: expect.closeTo(130e3, -4),
    });
    expect(screen.queryByLabelText('Corner, usually')).toBeNull();
  });
});

describe('the gantry drawn', () => {
  it('says where the tool stands and how far it moves, by a round factor; a drag moves it', () => {
    const onIndex = vi.fn();
    render(
      <GantryDrawing
        project={kayak!}
        structure={kayak!.structure!}
        flex={flex}
        index={20}
        way="x"
        push={100}
        onIndex={onIndex}
      />,
    );
    const drawing = screen.getByRole('img', { name: /tool at 820 mm.*movements enlarged (1|2|5)0+ times/ });
    vi.spyOn(drawing, 'getBoundingClientRect').mockReturnValue({
      left: 0,
      top: 0,
      width: 620,
      height: 236,
    } as DOMRect);
    Object.assign(drawing, { setPointerCapture: vi.fn() });
    fireEvent.pointerDown(drawing, { clientX: 80, pointerId: 1 });
    expect(onIndex).toHaveBeenLastCalledWith(0);
    fireEvent.pointerMove(drawing, { clientX: 430, pointerId: 1, buttons: 1 });
    expect(onIndex).toHaveBeenLastCalledWith(flex.shapes.length - 1);
  });
  it('an arm with a prop and two beams are drawn too', () => {
    const arm = applyEdits(scenery!, [
      {
        path: 'structure.prop',
        value: { at: guess('length', '2 m'), stiffness: guess('stiffness', '20 N/µm') } as never,
      },
      { path: 'structure.beam.spacing', value: guess('length', '150 mm') as never },
    ]);
    const solved = machineReport(arm, { flex: true }).flex!;
    const { container } = render(
      <GantryDrawing
        project={arm}
        structure={arm.structure!}
        flex={solved}
        index={40}
        way="z"
        push={20}
        onIndex={vi.fn()}
      />,
    );
    expect(container.innerHTML).not.toMatch(/NaN|Infinity/);
    expect(screen.getByText(/clamp to tip/)).toBeInTheDocument();
  });
});

describe('what gives', () => {
  it('one bar whose shares add up to a hundred', () => {
    render(
      <BudgetBar
        shares={flex.budgets[20]!.x}
        way="along the bed"
        arrangement="moving-gantry"
        system="metric"
      />,
    );
    const shares = screen.getAllByRole('listitem').map((li) => Number(/(\d+) %/.exec(li.textContent!)![1]));
    expect(Math.abs(shares.reduce((s, v) => s + v, 0) - 100)).toBeLessThanOrEqual(3);
    expect(screen.getAllByRole('listitem')[0]).toHaveTextContent('Beam twists');
  });
  it('a map of the area says its range', () => {
    const { container } = render(<AreaMap flex={flex} way="z" at={flex.shapes[3]!.at} system="metric" />);
    expect(
      screen.getByRole('img', { name: /Stiffness over the work area, 2\.\d+ N\/µm to \d/ }),
    ).toBeInTheDocument();
    expect(container.querySelectorAll('rect').length).toBe(
      flex.stations.length * flex.stations[0]!.length + 1,
    );
  });
  it('errors by direction against the brief', () => {
    render(<Accuracy errors={report.errors} project={kayak!} />);
    expect(
      within(screen.getByRole('region', { name: 'Accuracy along the bed' })).getByText(
        /The brief allows 500 µm/,
      ),
    ).toBeInTheDocument();
    expect(screen.getByRole('region', { name: 'Accuracy up and down' })).toHaveTextContent('1 not known');
  });
});

describe('the whole on its page', () => {
  const list = (session: Session) => renderOn(session, <FindingsOf session={session} />);
  const FindingsOf = ({ session }: { session: Session }) => (
    <FindingList
      ours={0}
      findings={machineReport(session.project!, { flex: true }).findings}
      calm="Every check of the whole machine holds."
    />
  );
  it('a remedy is made by a press and can be taken back as a step', async () => {
    const session = await openSession(gate!);
    list(session);
    await userEvent.click(screen.getByText('Moving mass rocks the stand'));
    const before = session.project!.stand.length;
    await userEvent.click(screen.getByRole('button', { name: /^Try: .* of ballast in the stand/ }));
    expect(session.project!.stand.length).toBe(before + 1);
    expect(session.undo()).toMatch(/^Try: .* of ballast/);
    expect(session.project!.stand.length).toBe(before);
  });
  it('says so where nothing is found', async () => {
    renderOn(
      await openSession(gate!),
      <FindingList ours={0} findings={[]} calm="Every check of the whole holds." />,
    );
    expect(screen.getByText(/Every check of the whole holds/)).toBeInTheDocument();
  });
});

describe('what the next change buys', () => {
  const trials = {
    output: frameTrials(kayak!, driveStiffnessOf(kayak!.axes, report.axes)),
    step: null,
    busy: false,
    stopped: false,
    failed: null,
    stop: vi.fn(),
    again: vi.fn(),
  };
  const show = async (state: Partial<Parameters<typeof Improvements>[0]['trials']>) => {
    const session = await openSession(kayak!);
    renderOn(session, <Improvements trials={{ ...trials, ...state }} way="x" flex={flex} />);
    return session;
  };
  it('ranked changes show gain, sag and mass, and are tried by a press', async () => {
    const session = await show({});
    expect(screen.getAllByRole('listitem')[0]).toHaveTextContent(/× 2\.\d+/);
    await userEvent.click(screen.getByRole('button', { name: /^Try: Beam of steel/ }));
    expect(session.project!.structure!.beam.material).toBe('steel');
  });
  it('progress can be stopped and begun again; a failure says why; nothing found is said', async () => {
    await show({ output: null, busy: true, step: { done: 2, of: 9 } });
    expect(screen.getByRole('progressbar', { name: 'Changes tried' })).toHaveAttribute('aria-valuenow', '22');
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(trials.stop).toHaveBeenCalled();
    cleanup();
    await show({ output: null, stopped: true });
    await userEvent.click(screen.getByRole('button', { name: 'Work it out' }));
    expect(trials.again).toHaveBeenCalled();
    cleanup();
    await show({ output: null, failed: 'out of memory' });
    expect(screen.getByRole('alert')).toHaveTextContent('out of memory');
    cleanup();
    await show({ output: [] });
    expect(screen.getByText(/No single change/)).toBeInTheDocument();
  });
});

describe('the structure typed', () => {
  it('a tube off the list, a filling, a second beam; a wall without room is refused', async () => {
    const session = await openSession(kayak!);
    renderOn(session, <StructurePanel />);
    await userEvent.selectOptions(screen.getAllByLabelText('Section')[0]!, 'rect-tube');
    await userEvent.selectOptions(screen.getAllByLabelText('Off the list')[0]!, 'cold-200x100x5');
    expect(session.project!.structure!.beam.section).toMatchObject({
      kind: 'rect-tube',
      height: { si: 0.2, basis: 'standard' },
      wall: { si: 0.005 },
    });
    await userEvent.selectOptions(screen.getByLabelText('Filled with'), 'polymer-concrete');
    expect(session.project!.structure!.beam.fill).toBe('polymer-concrete');
    const wall = screen.getAllByLabelText('Wall')[0]!;
    await userEvent.clear(wall);
    await userEvent.type(wall, '60 mm');
    expect(screen.getByRole('alert')).toHaveTextContent('Wall: read “60 mm”; wanted a thickness below 45 mm');
    await userEvent.keyboard('{Escape}');
    await userEvent.click(screen.getByRole('button', { name: /Rail bolted on/ }));
    expect(session.project!.structure!.beam.strips).toHaveLength(3);
    await userEvent.click(screen.getByRole('button', { name: 'Remove Upper rail 15' }));
    expect(session.project!.structure!.beam.strips.map((s) => s.name)).toEqual(['Lower rail 15', 'Rail 3']);
  });
  it('an arm can be propped, and the prop taken away', async () => {
    const session = await openSession(scenery!);
    renderOn(session, <StructurePanel />);
    await userEvent.click(screen.getByRole('button', { name: 'Prop' }));
    await userEvent.click(screen.getByRole('button', { name: /A rail under the tip/ }));
    expect(session.project!.structure!.prop!.at.si).toBe(2);
    await userEvent.click(screen.getByRole('button', { name: 'Take the prop away' }));
    expect(session.project!.structure!.prop).toBeNull();
  });
});

describe('the boxes of a machine', () => {
  it('axes carry what rides on them', () => {
    const scene = sceneOf(kayak!);
    const tool = scene.boxes.find((b) => b.id === 'tip')!;
    expect(tool.rides).toEqual(['bed', 'gantry', 'plunge']);
    expect(scene.boxes.find((b) => b.id === 'beam-0')!.rides).toEqual(['bed']);
    expect(
      sceneOf({ ...kayak!, brief: { ...kayak!.brief, arrangement: 'moving-table' } }).boxes.find(
        (b) => b.id === 'table',
      )!.rides,
    ).toEqual(['bed']);
  });
});
