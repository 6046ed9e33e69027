import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { planIn } from '@/core/changes';
import { beginMachine } from '@/core/machine';
import { applyEdits, put, type Project, projectIssues, startingProject } from '@/core/model';
import { type Plan, plansFor } from '@/core/plan';
import { demoMachines } from '@/demo';
import { newNames, planNames } from '@/words';
import { openSession, renderOn } from '@test/helpers/session';
import { adoptEdits, BEFORE, planName } from './adopt';
import { StartView } from './start-view';

const fresh = (): Project => beginMachine('machine-1', '2026-11-25T10:00:00.000Z', 'New', newNames.axis);
const pens = (project: Project): Project =>
  applyEdits(project, [
    put('brief.wishes.job', 'pen'),
    put('brief.wishes.frame', 'steel'),
    put('brief.wishes.arrange', 'said'),
  ]);

describe('the guided start', () => {
  it('takes what is answered, and says what it takes where nothing is', async () => {
    const session = await openSession(fresh());
    renderOn(session, <StartView />);
    expect(screen.getByRole('radio', { name: /Boards and sheets/ })).toBeChecked();
    expect(screen.getByText('1250 mm × 800 mm')).toHaveTextContent('taken for you');
    await userEvent.click(screen.getByRole('radio', { name: 'Aluminium' }));
    expect(session.project!.brief).toMatchObject({ work: 'router', wishes: { job: 'aluminium' } });
    await userEvent.click(screen.getByRole('radio', { name: /a sliding lid/ }));
    expect(session.project!.brief.accuracy!.si).toBeCloseTo(1e-4, 12);
    await userEvent.type(screen.getByLabelText('Work length'), '24 in');
    expect(session.project!.brief.area.length!.si).toBeCloseTo(0.6096, 9);
    await userEvent.selectOptions(screen.getByLabelText('Arrangement'), 'moving-table');
    expect(session.project!.brief).toMatchObject({
      arrangement: 'moving-table',
      wishes: { arrange: 'said' },
    });
    await userEvent.selectOptions(screen.getByLabelText('Frame of'), 'steel');
    expect(session.project!.brief.wishes.frame).toBe('steel');
    await userEvent.type(screen.getByRole('textbox', { name: 'Budget' }), 'much{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent('Budget: read “much”');
  });
  it('keeps what lies in the drawer, and what is not wanted', async () => {
    const session = await openSession(fresh());
    renderOn(session, <StartView />);
    await userEvent.click(screen.getByText('Put a part in'));
    await userEvent.selectOptions(screen.getByLabelText('Part'), 'stepper-23-1_9-3_6');
    const count = screen.getByRole('textbox', { name: 'How many' });
    await userEvent.clear(count);
    await userEvent.type(count, '3{Enter}');
    await userEvent.click(screen.getByRole('button', { name: 'Put it in' }));
    const [motor] = session.project!.ownParts;
    expect(motor).toMatchObject({ family: 'stepper', onHand: 3, name: 'Stepper size 23, 1.9 N·m, 3.6 mH' });
    await userEvent.click(screen.getByText('What you will not use'));
    await userEvent.click(screen.getByRole('checkbox', { name: 'No toothed belts' }));
    expect(session.project!.brief.wishes.refused).toEqual(['belt']);
    await userEvent.click(screen.getByRole('button', { name: /^Take out Stepper/ }));
    expect(session.project!.ownParts).toEqual([]);
  });
  it('parts may be typed, begun with what is alike; what does not read is said', async () => {
    const session = await openSession(fresh());
    renderOn(session, <StartView />);
    await userEvent.click(screen.getByText('Put a part in'));
    await userEvent.selectOptions(screen.getByLabelText('Part'), 'stepper-23-1_9-3_6');
    await userEvent.click(screen.getByRole('button', { name: 'Type its figures…' }));
    const form = within(screen.getByRole('form', { name: 'Own part: Steppers' }));
    const field = async (name: string | RegExp, typed: string) => {
      await userEvent.clear(form.getByLabelText(name));
      await userEvent.type(form.getByLabelText(name), typed);
    };
    await field('Name', 'From the old plotter');
    await field('Holding torque', 'strong');
    await userEvent.click(form.getByRole('button', { name: 'Keep this part' }));
    expect(form.getByRole('alert')).toHaveTextContent(/Holding torque: read “strong”; wanted/);
    await field('Holding torque', '1.1 N·m');
    await userEvent.click(form.getByRole('button', { name: 'Keep this part' }));
    const [motor] = session.project!.ownParts;
    expect(motor).toMatchObject({ family: 'stepper', onHand: 1, name: 'From the old plotter' });
    expect(motor!.values['motor.holdingTorque']).toBe('1.1 N·m');
    expect(screen.getByText(/1 kind$/)).toBeVisible();
  });
  it('tube, extrusion and plate lie there as bars that are sawn from; wrong sizes are named', async () => {
    const session = await openSession(fresh());
    renderOn(session, <StartView />);
    await userEvent.click(screen.getByText('Tube, extrusion, plate'));
    const type = async (label: string, typed: string) => {
      const field = screen.getByRole('textbox', { name: label });
      await userEvent.clear(field);
      await userEvent.type(field, `${typed}{Enter}`);
    };
    const put = () => userEvent.click(screen.getByRole('button', { name: 'Put it there' }));
    await type('Wall', '50 mm');
    await put();
    expect(screen.getByRole('alert')).toHaveTextContent(/Wall: read “50 mm”.*less than half of the outside/);
    await type('Wall', '0.157 in');
    await type('How many lie here', '2');
    await put();
    expect(session.project!.bars[0]).toMatchObject({
      section: 'rect-tube 80x80x3.988 steel',
      count: 2,
      length: { typed: '3 m', basis: 'estimate' },
    });
    expect(
      screen.getByRole('button', { name: /^Take out Tube 80 × 80 × 3\.988 mm, steel, 3 m/ }),
    ).toBeVisible();
    await userEvent.selectOptions(screen.getByLabelText('What it is'), 'bar');
    await type('Thickness', '20 mm');
    await put();
    await userEvent.selectOptions(screen.getByLabelText('What it is'), 'extrusion');
    await put();
    expect(session.project!.bars.slice(1).map((b) => b.section)).toEqual([
      'bar 80x20 aluminium',
      expect.stringMatching(/^extrusion \d+x\d+ aluminium$/),
    ]);
    expect(projectIssues(session.project!)).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: /^Take out Bar 80 × 20 mm/ }));
    expect(session.project!.bars).toHaveLength(2);
    expect(session.undo()).toMatch(/^Taken out: Bar/);
  });
  it('works out machines, opens one with a press, keeps the others, and takes it back with one', async () => {
    const session = await openSession(pens(fresh()));
    renderOn(session, <StartView />);
    await userEvent.click(screen.getByRole('button', { name: 'Work out whole machines' }));
    const plans = within(screen.getByRole('region', { name: 'Plans' }));
    await waitFor(() => expect(screen.getByText(/hold and are shown/)).toBeVisible(), { timeout: 60_000 });
    const first = within(plans.getByRole('article', { name: 'Plan A: cheapest that holds' }));
    expect(first.getByText('Fast').closest('div')).toHaveTextContent(/m\/min/);
    const count = plans.getAllByRole('article').length;
    await userEvent.click(first.getByRole('button', { name: 'Open as a machine' }));
    const project = session.project!;
    expect(projectIssues(project)).toEqual([]);
    expect(project.structure).not.toBeNull();
    expect(project.revisions.map((r) => r.by)).toEqual(Array.from({ length: count }, () => 'variant'));
    expect(project.revisions[0]!.name).toBe('Plan A: cheapest that holds');
    expect(screen.getByText(/answers have changed since/)).toBeVisible();
    expect(session.undo()).toBe('Plan A: cheapest that holds');
    expect(session.project!.structure).toBeNull();
    expect(session.project!.revisions).toEqual([]);
  }, 120_000);
  it('can be stopped, and changes nothing', async () => {
    const session = await openSession(pens(fresh()));
    renderOn(session, <StartView />);
    await userEvent.click(screen.getByRole('button', { name: 'Work out whole machines' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Stop' }));
    expect(screen.getByText('Stopped. Nothing was changed.')).toBeVisible();
    expect(session.project!.structure).toBeNull();
  });
});

describe('a plan that is opened', () => {
  it('is the machine, and every plan can be read again as it was', () => {
    const project = pens(startingProject('p', '2026-11-28T00:00:00.000Z'));
    const steps = plansFor({ project, names: planNames });
    let step = steps.next();
    while (!step.done) step = steps.next();
    const { plans } = step.value;
    const stamps = [...plans, null].map((_, i) => ({ id: `kept-${i}`, at: '2026-11-28T10:00:00.000Z' }));
    const opened = applyEdits(project, adoptEdits(project, plans, plans.length - 1, stamps));
    expect(opened.axes).toEqual(plans.at(-1)!.project.axes);
    expect(opened.revisions.map((r) => r.name)).toEqual(plans.map(planName));
    for (const [i, revision] of opened.revisions.entries())
      expect(planIn(revision)!.structure).toEqual(plans[i]!.project.structure);
  }, 60_000);
  it('over a plan that stands keeps that one too', () => {
    const [kayak] = demoMachines();
    const plan = { kind: 'cheapest', project: fresh() } as unknown as Plan;
    const stamps = ['a', 'b'].map((id) => ({ id, at: '2026-11-28T10:00:00.000Z' }));
    const opened = applyEdits(kayak!, adoptEdits(kayak!, [plan], 0, stamps));
    const names = opened.revisions.map((r) => r.name);
    expect(names.slice(-2)).toEqual([BEFORE, 'Plan A: cheapest that holds']);
    expect(planIn(opened.revisions.at(-2)!)!.axes).toEqual(kayak!.axes);
    // Over one that nobody has begun there is nothing to keep.
    const begun = applyEdits(fresh(), adoptEdits(fresh(), [plan], 0, stamps));
    expect(begun.revisions.map((r) => r.name)).toEqual(['Plan A: cheapest that holds']);
  });
});
