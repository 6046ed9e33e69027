import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { type Project, startingProject } from '@/core/model';
import { demoMachines } from '@/demo';
import { openSession, pagePool, renderOn } from '@test/helpers/session';
import { SureView } from './sure-view';

const [kayak] = demoMachines() as [Project];
/** Long enough for draws on the page itself. */
const SLOW = { timeout: 40_000 };
const drawn = () => screen.findByText(/draws of \d+ figures/, undefined, SLOW);

describe('how sure the answers are', () => {
  it('tells the chances, what makes each, and takes a reading there and then', async () => {
    const session = await openSession(kayak);
    renderOn(session, <SureView draws={1200} />);
    expect(screen.getByText(/is drawn\s+1,200 times/)).toBeVisible();
    await drawn();
    const checks = screen.getByRole('list', { name: 'Checks in doubt' });
    const power = within(checks).getByRole('button', { name: /Power of the circuit/ });
    expect(power).toHaveTextContent(/7\d %$/);
    await userEvent.click(power);
    const causes = await screen.findByRole('list', { name: 'What makes the doubt' });
    expect(within(causes).getAllByRole('listitem')[0]).toHaveTextContent(/^Efficiency Spindle\d\d %$/);
    const next = screen.getByRole('complementary', { name: 'Measure next' });
    const reading = within(next).getByRole('textbox', { name: 'Reading of Efficiency, Spindle' });
    await userEvent.type(reading, 'much{Enter}');
    expect(await within(next).findByRole('alert')).toHaveTextContent(/much/);
    expect(reading).toHaveValue('much');
    await userEvent.clear(reading);
    await userEvent.type(reading, '0.85{Enter}');
    const taken = session.project!.brief.spindle!.efficiency;
    expect(taken).toMatchObject({ typed: '0.85', si: 0.85, basis: 'datasheet' });
    expect(taken.spread!.by).toBe('absolute');
    expect(taken.spread!.halfWidth).toBeCloseTo(0.0425, 9);
    // It is drawn anew with what was read, and that is asked for no more.
    await screen.findByRole('progressbar', { name: 'Draws' });
    await drawn();
    expect(session.undo()).toBe('Reading of Its efficiency');
  }, 90_000);

  it('can be stopped and drawn again; a change begins it anew', async () => {
    const session = await openSession(kayak);
    renderOn(session, <SureView draws={100_000} />);
    await userEvent.click(await screen.findByRole('button', { name: 'Stop' }));
    expect(screen.getByText(/^Stopped\./)).toBeVisible();
    expect(screen.queryByRole('progressbar')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Draw again' }));
    expect(await screen.findByRole('progressbar', { name: 'Draws' })).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
  });

  it('says what failed, and never stays silent', async () => {
    const session = await openSession(kayak);
    const pool = pagePool();
    const broken = {
      ...pool,
      run: () => ({
        result: Promise.resolve({ ok: false as const, reason: 'failed' as const, message: 'out of memory' }),
        cancel: () => undefined,
      }),
    };
    renderOn(session, <SureView draws={100} />, broken as unknown as typeof pool);
    expect(await screen.findByText(/The draws failed: out of memory/)).toBeVisible();
  });

  it('shows bands of ladder and torque, axis by axis', async () => {
    const session = await openSession(kayak);
    renderOn(session, <SureView draws={200} />);
    await drawn();
    await userEvent.click(screen.getByRole('button', { name: 'Bands' }));
    await userEvent.click(screen.getByRole('button', { name: 'Gantry axis' }));
    expect(screen.getByText('Whip of the screw').closest('li')).toHaveTextContent(/\d–\d/);
    expect(screen.getByRole('figure', { name: /^Torque for use at rest/ })).toBeVisible();
  }, 60_000);

  it('sweeps one figure and names where checks turn; what cannot be read is refused', async () => {
    const session = await openSession(kayak);
    renderOn(session, <SureView draws={60} />);
    await userEvent.click(screen.getByRole('button', { name: 'What if' }));
    await userEvent.selectOptions(
      screen.getByRole('combobox', { name: /Figure/ }),
      'axes.1.drive.betweenBearings',
    );
    const to = screen.getByRole('textbox', { name: 'To' });
    await userEvent.clear(to);
    await userEvent.type(to, 'far{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent(/far/);
    await userEvent.clear(to);
    await userEvent.type(to, '3 m{Enter}');
    await userEvent.click(screen.getByRole('button', { name: 'Sweep' }));
    const turns = await screen.findByRole('list', { name: 'Where checks turn' }, SLOW);
    expect(turns).toHaveTextContent(/Speed before whip \(Gantry axis\)kept up to 14\d0 mm/);
  }, 60_000);

  it('a machine that was just begun is guessed: it is drawn all the same, and nothing is green', async () => {
    const session = await openSession(startingProject('new', '2026-11-28T00:00:00.000Z'));
    renderOn(session, <SureView draws={60} />);
    await drawn();
    const checks = screen.getByRole('list', { name: 'Checks in doubt' });
    expect(within(checks).queryByRole('img', { name: 'holds' })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Bands' }));
    expect(screen.getByRole('figure', { name: /^Torque for use/ })).toBeVisible();
  }, 60_000);
});
