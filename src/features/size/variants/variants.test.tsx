import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { guess, type Project, put, variantsOf } from '@/core/model';
import { putBy } from '@/core/variants';
import { demoMachines } from '@/demo';
import { openSession, pagePool, renderOn } from '@test/helpers/session';
import { VariantsView } from './variants-view';

const [demo] = demoMachines() as [Project];
const kayak: Project = { ...demo, revisions: [] };
/** Long enough for frames and draws on the page itself. */
const SLOW = { timeout: 40_000 };
const gantry = kayak.axes.findIndex((a) => a.id === 'gantry');

/** The plan held as “As planned”, and the present one with half the lead on the gantry. */
async function openHeld() {
  const session = await openSession(kayak);
  const stamp = { id: 'held', at: '2026-11-25T10:00:00.000Z', name: 'As planned' };
  session.edit([putBy(session.project!, stamp)], { label: 'Put by' });
  session.edit([put(`axes.${gantry}.drive.lead`, guess('linearPerTurn', '5 mm'))], { label: 'Lead' });
  return session;
}

const leadOf = (project: Project) =>
  (project.axes[gantry]!.drive as unknown as { lead: { typed: string } }).lead.typed;

describe('variants of the whole machine', () => {
  it('begins with how to; what is put by stands beside the plan under its name', async () => {
    const session = await openSession(kayak);
    renderOn(session, <VariantsView />);
    expect(screen.getByText(/Nothing is held beside the present plan yet/)).toBeVisible();
    await userEvent.type(screen.getByRole('textbox', { name: 'Name of the variant' }), 'As planned');
    await userEvent.click(screen.getByRole('button', { name: 'Put the present plan by' }));
    expect(variantsOf(session.project!).map((v) => v.name)).toEqual(['As planned']);
    expect(await screen.findByText('Both are the same plan.')).toBeVisible();
    // The same name again is told apart.
    await userEvent.type(screen.getByRole('textbox', { name: 'Name of the variant' }), 'As planned');
    await userEvent.click(screen.getByRole('button', { name: 'Put the present plan by' }));
    expect(variantsOf(session.project!).map((v) => v.name)).toEqual(['As planned', 'As planned 2']);
    expect(session.undo()).toBe('Put by: As planned 2');
  });

  it('says what is gained, given up and paid, with the doubt of the difference', async () => {
    const session = await openHeld();
    renderOn(session, <VariantsView />);
    const told = await screen.findByText(/As planned gains/, undefined, SLOW);
    expect(told.closest('p')).toHaveTextContent(
      /top speed, Gantry axis [\d.]+ m\/min instead of [\d.]+ m\/min/,
    );
    expect(
      screen.getByText(/It costs the same, as far as parts are picked\. 8 links have no part yet/),
    ).toBeVisible();
    await screen.findByText(/^Both are drawn 200 times/, undefined, SLOW);
    const table = screen.getByRole('table', { name: 'Answers of both' });
    const speed = within(table).getByRole('row', { name: /^Top speed, Gantry axis/ });
    expect(speed).toHaveTextContent(/\+3\.\d m\/min ± \d\.\d m\/min/);
    expect(speed).toHaveTextContent('better');
    const before = within(table).getAllByRole('row').length;
    await userEvent.click(screen.getByRole('button', { name: /answers the same, as far as is known$/ }));
    expect(within(table).getAllByRole('row').length).toBeGreaterThan(before);
    await userEvent.click(screen.getByRole('button', { name: 'All side by side' }));
    const all = screen.getByRole('table', { name: 'All variants' });
    expect(
      within(all)
        .getAllByRole('columnheader')
        .map((c) => c.textContent),
    ).toEqual(['Answer', 'Present plan', 'As planned']);
    expect(within(all).getByRole('row', { name: /^Verdict/ })).toHaveTextContent(/gives out.*gives out/);
  }, 90_000);

  it('takes one piece over, either way; adopts, renames and removes, each to be undone', async () => {
    const session = await openHeld();
    renderOn(session, <VariantsView />);
    const take = await screen.findByRole('button', { name: 'Take into Present plan: Gantry axis: drive' });
    await userEvent.click(take);
    expect(leadOf(session.project!)).toBe('10 mm');
    expect(await screen.findByText('Both are the same plan.')).toBeVisible();
    expect(session.undo()).toBe('Taken: Gantry axis: drive, out of As planned');
    await userEvent.click(screen.getByRole('button', { name: 'Turn round' }));
    await userEvent.click(
      await screen.findByRole('button', { name: 'Take into As planned: Gantry axis: drive' }),
    );
    expect(leadOf(session.project!)).toBe('5 mm');
    expect(await screen.findByText('Both are the same plan.')).toBeVisible();
    expect(session.undo()).toBe('As planned: Gantry axis: drive, out of Present plan');
    await userEvent.click(screen.getByRole('button', { name: /^As planned/ }));
    const name = screen.getByRole('textbox', { name: 'Name of As planned' });
    await userEvent.clear(name);
    await userEvent.type(name, 'Long lead{Enter}');
    expect(variantsOf(session.project!)[0]!.name).toBe('Long lead');
    await userEvent.click(screen.getByRole('button', { name: 'Adopt it' }));
    expect(leadOf(session.project!)).toBe('10 mm');
    expect(variantsOf(session.project!).map((v) => v.name)).toEqual(['Long lead', 'Before Long lead']);
    await userEvent.click(screen.getByRole('button', { name: 'Remove it' }));
    expect(variantsOf(session.project!).map((v) => v.name)).toEqual(['Before Long lead']);
    expect(session.undo()).toBe('Variant removed: Long lead');
  }, 60_000);

  it('holds a variant of one axis as a whole machine; says what cannot be read or worked out', async () => {
    const held = await openHeld();
    const project = held.project!;
    const session = await openSession({
      ...project,
      revisions: project.revisions.map((r) => ({ ...r, plan: 'AAAA' })),
    } as Project);
    const broken = {
      ...pagePool(),
      run: () => ({
        result: Promise.resolve({ ok: false as const, reason: 'failed' as const, message: 'out of memory' }),
        cancel: () => undefined,
      }),
    };
    renderOn(session, <VariantsView />, broken as unknown as ReturnType<typeof pagePool>);
    expect(await screen.findByText(/damaged, or breaks a rule of today/)).toBeVisible();
    expect(await screen.findByText(/could not be worked out: out of memory/)).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: /^Variants of single axes: 1/ }));
    await userEvent.click(screen.getByRole('button', { name: /^Hold as a whole machine/ }));
    await waitFor(() =>
      expect(variantsOf(session.project!).at(-1)!.name).toBe('Bed axis: Two long screws, as offered'),
    );
  });

  it('hears both sides of a quarrel with numbers of this machine, and holds one of them', async () => {
    const session = await openSession(kayak);
    renderOn(session, <VariantsView />);
    await userEvent.click(screen.getByRole('button', { name: 'The schools' }));
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Quarrel' }), 'one-two');
    const all = await screen.findByRole('table', { name: 'All variants' }, SLOW);
    const stiff = within(all).getByRole('row', { name: /^Stiffness at the tool, along the bed/ });
    expect(stiff).toHaveTextContent(/0\.1\d+ N\/µm0\.8\d+ N\/µm/);
    await userEvent.click(screen.getByRole('button', { name: 'Hold it as a variant: One drive' }));
    expect(variantsOf(session.project!).map((v) => v.name)).toEqual(['One drive or two: one drive']);
    expect(session.project!.axes).toEqual(kayak.axes);
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Quarrel' }), 'gantry-table');
    const sizes = await screen.findByRole('table', { name: 'Arrangements' }, SLOW);
    expect(within(sizes).getByRole('row', { name: /^Moving table/ })).toHaveTextContent(/an estimateno$/);
  }, 60_000);
});
