// @vitest-environment jsdom
import '@testing-library/jest-dom/vitest';
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { familyById, swapEdits } from '@/core/catalogue';
import { compareReports } from '@/core/choose';
import { axisReport } from '@/core/machine';
import { applyEdits, type OwnPart } from '@/core/model';
import { demoAxis, demoProject, withSi } from '@test/helpers/demo';
import { CompareTable } from './compare-table';
import { ExchangeDialog } from './exchange-dialog';
import { Pins } from './pins';

afterEach(cleanup);

const axis = demoAxis('gantry');
const report = axisReport(axis);
const editor = () => ({
  type: vi.fn(),
  setBasis: vi.fn(),
  apply: vi.fn<(edits: unknown, label: string) => string | undefined>(() => undefined),
});

function open(link: 'motor' | 'drive', own: readonly OwnPart[] = []) {
  const spies = { editor: editor(), onOwn: vi.fn(), onClose: vi.fn() };
  render(
    <ExchangeDialog
      axis={axis}
      report={report}
      link={link}
      own={own as OwnPart[]}
      editor={spies.editor as never}
      system="metric"
      onOwn={spies.onOwn}
      onClose={spies.onClose}
    />,
  );
  return spies;
}

describe('exchange of a part', () => {
  it(
    'starts with the family of what is fitted, shows for every part what the axis would be good for, ' +
      'and takes nothing by itself',
    async () => {
      const spies = open('motor');
      expect(screen.getByRole('button', { name: 'Steppers' })).toHaveAttribute('aria-pressed', 'true');
      expect(screen.getAllByRole('row').length).toBe(1 + familyById('stepper')!.parts.length);
      expect(screen.getByRole('button', { name: 'Take it' })).toBeDisabled();
      await userEvent.click(screen.getByRole('button', { name: 'Stepper size 17, 0.26 N·m, 3 mH' }));
      const row = screen.getByRole('row', { name: /^Torque at rapid 1/ });
      expect(row).toHaveTextContent('worse');
      expect(spies.editor.apply).not.toHaveBeenCalled();
      await userEvent.click(screen.getByRole('button', { name: 'Take it' }));
      const [part] = familyById('stepper')!.parts;
      expect(spies.editor.apply).toHaveBeenCalledWith(
        swapEdits(axis, familyById('stepper')!, part!),
        `Exchanged: ${part!.name}`,
      );
      expect(spies.onClose).toHaveBeenCalledOnce();
    },
  );
  it('is searched, says so when nothing is found, and changes family', async () => {
    open('drive');
    await userEvent.type(screen.getByLabelText('Search'), '32 mm 20 mm');
    expect(screen.getAllByRole('row').length).toBeLessThan(8);
    await userEvent.type(screen.getByLabelText('Search'), ' zeppelin');
    expect(screen.getByText(/No part of this family has/)).toBeInTheDocument();
    await userEvent.clear(screen.getByLabelText('Search'));
    await userEvent.click(screen.getByRole('button', { name: 'Roller chains' }));
    expect(screen.getByRole('button', { name: 'Roller chain 06B-1' })).toBeInTheDocument();
  });
  it('a part that a rule refuses says which and why, and cannot be taken', async () => {
    const tight = withSi(axis, { 'driver.maxVoltage': 30, 'supply.voltage': 24 });
    render(
      <ExchangeDialog
        axis={tight}
        report={axisReport(tight)}
        link="supply"
        own={[]}
        editor={editor() as never}
        system="metric"
        onOwn={vi.fn()}
        onClose={vi.fn()}
      />,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Supply 48 V, 350 W' }));
    expect(screen.getByRole('alert')).toHaveTextContent(
      /supply 48 V, driver limit 30 V: wanted a supply no higher/,
    );
    expect(screen.getByRole('button', { name: 'Take it' })).toBeDisabled();
  });
  it(
    'an own part is typed, refused by field, kept, listed first with what is on ' + 'hand, and removed',
    async () => {
      const spies = open('motor');
      await userEvent.click(screen.getByRole('button', { name: /^Add my own part/ }));
      await userEvent.clear(screen.getByLabelText('Holding torque'));
      await userEvent.type(screen.getByLabelText('Holding torque'), 'strong');
      await userEvent.click(screen.getByRole('button', { name: 'Keep this part' }));
      expect(screen.getByRole('alert')).toHaveTextContent('Holding torque: read “strong”; wanted a torque');
      expect(spies.onOwn).not.toHaveBeenCalled();
      await userEvent.clear(screen.getByLabelText('Holding torque'));
      await userEvent.type(screen.getByLabelText('Holding torque'), '3 N·m');
      await userEvent.click(screen.getByRole('button', { name: 'Keep this part' }));
      const [kept] = spies.onOwn.mock.calls[0]![0] as OwnPart[];
      expect(kept).toMatchObject({
        family: 'stepper',
        values: { 'motor.holdingTorque': '3 N·m' },
        price: null,
        onHand: 0,
      });
      cleanup();
      const again = open('motor', [{ ...kept!, name: 'Mine', onHand: 2 }]);
      expect(screen.getAllByRole('row')[1]).toHaveTextContent('Mine own, 2 on hand');
      await userEvent.click(screen.getByRole('button', { name: 'Mine' }));
      await userEvent.click(screen.getByRole('button', { name: 'Remove my part' }));
      expect(again.onOwn).toHaveBeenCalledWith([], 'Removed Mine');
    },
  );
  it('takes parts from CSV all or none', async () => {
    const spies = open('motor');
    const send = (text: string) =>
      userEvent.upload(
        screen.getByLabelText('Parts as CSV'),
        new File([text], 'parts.csv', { type: 'text/csv' }),
      );
    await send('name,Holding\nA,1 N·m\nB,2 kg\n');
    expect(await screen.findByRole('alert')).toHaveTextContent('parts.csv, line 3, Holding: read “2 kg”');
    expect(spies.onOwn).not.toHaveBeenCalled();
    await send('name,Holding\nA,1 N·m\nB,2 N·m\n');
    expect(await screen.findByText('2 parts taken from parts.csv.')).toBeInTheDocument();
    expect(spies.onOwn.mock.calls[0]![0]).toHaveLength(2);
  });
});

describe('two variants side by side', () => {
  it('shows what changes, marked by sign and word, and the rest when asked', async () => {
    const after = axisReport(withSi(axis, { 'drive.nominalDiameter': 0.032, 'drive.rootDiameter': 0.0287 }));
    render(
      <CompareTable
        comparison={compareReports(report, after)}
        names={['before', 'after']}
        system="imperial"
      />,
    );
    const whip = screen.getByRole('row', { name: /^Whip of the screw/ });
    expect(within(whip).getByText('better')).toBeInTheDocument();
    expect(within(whip).getByText('+')).toBeInTheDocument();
    expect(screen.queryByRole('row', { name: /^End to end/ })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: /more that stay the same/ }));
    expect(screen.getByRole('row', { name: /^End to end/ })).toHaveTextContent('the same');
  });
  it('a pin is taken, shown, put back and dropped', async () => {
    const spies = { onPin: vi.fn(), onTake: vi.fn(), onDrop: vi.fn() };
    const pin = {
      id: 'p',
      axisId: axis.id,
      name: 'Thick screw',
      axis: applyEdits(
        axis,
        swapEdits(axis, familyById('ball-screw')!, familyById('ball-screw')!.parts.at(-1)!),
      ),
    };
    render(
      <Pins
        axis={axis}
        project={demoProject() as never}
        report={report}
        pins={[pin, { ...pin, id: 'q', axisId: 'other' }]}
        system="metric"
        {...spies}
      />,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Pin' }));
    expect(spies.onPin).toHaveBeenCalledWith('Variant 2');
    await userEvent.click(screen.getByRole('button', { name: 'Compare 1' }));
    expect(screen.getByRole('columnheader', { name: 'Thick screw' })).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Drop this pin' }));
    expect(spies.onDrop).toHaveBeenCalledWith(pin);
    await userEvent.click(screen.getByRole('button', { name: 'Put it back on the axis' }));
    expect(spies.onTake).toHaveBeenCalledWith(pin);
  });
});
