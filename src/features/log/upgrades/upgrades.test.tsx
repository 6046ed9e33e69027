import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { openSession, renderOn } from '@test/helpers/session';
import { UpgradesView } from './upgrades-view';

const [kayak] = demoMachines() as [Project];

/** The view on a machine without a structure: nothing has to be solved first. */
async function show(project: Project = { ...kayak, structure: null, upgrades: [] }) {
  const session = await openSession(project);
  renderOn(session, <UpgradesView />);
  await screen.findByRole('table', { name: 'Proposals' }, { timeout: 20_000 });
  return session;
}

const wanted = (text: string) => userEvent.selectOptions(screen.getByLabelText('Better what'), text);

describe('upgrades', () => {
  it('are proposed by what they give, cost and take apart, and a price of the builder counts', async () => {
    const session = await show();
    await wanted(screen.getByRole('option', { name: /^Lost motion, Plunge axis/ }).textContent!);
    const table = screen.getByRole('table', { name: 'Proposals' });
    const row = within(table).getAllByRole('row')[1]!;
    expect(row).toHaveTextContent(/Coupling without play.*×\d/i);
    expect(row).toHaveTextContent('no price');
    await userEvent.click(within(row).getByRole('button', { name: /^Write down/ }));
    const kept = await screen.findByRole('region', { name: /^Upgrade: / });
    expect(kept).toHaveTextContent(/lost motion, Plunge axis/);
    expect(kept).toHaveTextContent(/Foretold: .* → /);
    await userEvent.type(within(kept).getByLabelText('What it costs'), '5000{Enter}');
    expect(session.project!.upgrades).toMatchObject([{ state: 'planned', axis: 'plunge', money: 5000 }]);
  }, 60_000);
  it('are read before and after, and told beside what was foretold', async () => {
    const session = await show();
    await userEvent.click(screen.getByRole('button', { name: '+ One of my own' }));
    const kept = await screen.findByRole('region', { name: /^Upgrade: / });
    await userEvent.selectOptions(within(kept).getByLabelText('Measured by'), 'length');
    const type = async (label: string, text: string) => {
      const field = await within(kept).findByLabelText(label);
      await userEvent.clear(field);
      await userEvent.type(field, `${text}{Enter}`);
    };
    await type('Read before', '0.2 mm');
    await type('Doubt of what was read before', '0,01 mm');
    await userEvent.click(within(kept).getByRole('button', { name: 'done' }));
    await type('Read after', '3 thou');
    await type('Doubt of what was read after', '0.01 mm');
    expect(within(kept).getByRole('status')).toHaveTextContent(
      'Better than before: 0.124 mm ± 0.014 mm gained.',
    );
    const [upgrade] = session.project!.upgrades;
    expect(upgrade).toMatchObject({ state: 'done', before: { value: 2e-4, half: 1e-5 } });
    expect(upgrade!.doneAt).not.toBe('');
    await type('Read after', 'apples');
    expect(within(kept).getByRole('alert')).toHaveTextContent(
      /Read after: “apples” is not a number .* a length is wanted/,
    );
    await userEvent.click(within(kept).getByRole('button', { name: 'Remove this upgrade' }));
    expect(session.project!.upgrades).toEqual([]);
    session.undo();
    expect(session.project!.upgrades).toHaveLength(1);
  }, 60_000);
});
