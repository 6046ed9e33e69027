import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { familyById, type PartLink, swapEdits } from '@/core/catalogue';
import { compareReports } from '@/core/choose';
import { axisReport } from '@/core/machine';
import { applyEdits, type Axis, type OwnPart, put, type ScrewDrive, type Stepper } from '@/core/model';
import { machineOf, openAxis, renderBench } from '@test/helpers/bench';
import { demoAxis, withSi, withTyped } from '@test/helpers/demo';
import { openSession } from '@test/helpers/session';
import { CompareTable } from '@/features/findings';
import { ExchangeDialog } from './exchange-dialog';
import { PinColumns } from './pin-columns';
import { Pins } from './pins';

const axis = demoAxis('gantry');
const report = axisReport(axis);

/** The dialog on an axis of an open machine. */
async function open(link: PartLink, own: OwnPart[] = [], of: Axis = axis) {
  const session = await openAxis(of);
  if (own.length) session.edit([put('ownParts', own)], { label: 'Own' });
  const onClose = vi.fn();
  renderBench(session, <ExchangeDialog link={link} onClose={onClose} />);
  return { session, onClose, now: () => session.project!.axes[0]! };
}

describe('exchange of a part', () => {
  it('starts with what is fitted, shows what each would bring, and takes nothing by itself', async () => {
    const { session, onClose, now } = await open('motor');
    const before = now();
    expect(screen.getByRole('button', { name: 'Steppers' })).toHaveAttribute('aria-pressed', 'true');
    expect(screen.getAllByRole('row').length).toBe(1 + familyById('stepper')!.parts.length);
    expect(screen.getByRole('button', { name: 'Take it' })).toBeDisabled();
    await userEvent.click(screen.getByRole('button', { name: 'Stepper size 17, 0.26 N·m, 3 mH' }));
    expect(screen.getByRole('row', { name: /^Torque at rapid 1/ })).toHaveTextContent('worse');
    expect(now()).toBe(before);
    await userEvent.click(screen.getByRole('button', { name: 'Take it' }));
    const [part] = familyById('stepper')!.parts;
    expect(now()).toEqual(applyEdits(before, swapEdits(before, familyById('stepper')!, part!)));
    expect(onClose).toHaveBeenCalledOnce();
    expect(session.undo()).toBe(`Exchanged: ${part!.name}`);
    expect(now()).toEqual(before);
  });
  it('is searched, says so when nothing is found, and changes family', async () => {
    await open('drive');
    await userEvent.type(screen.getByLabelText('Search'), '32 mm 20 mm');
    expect(screen.getAllByRole('row').length).toBeLessThan(8);
    await userEvent.type(screen.getByLabelText('Search'), ' zeppelin');
    expect(screen.getByText(/No part of this family has/)).toBeInTheDocument();
    await userEvent.clear(screen.getByLabelText('Search'));
    await userEvent.click(screen.getByRole('button', { name: 'Roller chains' }));
    expect(screen.getByRole('button', { name: 'Roller chain 06B-1' })).toBeInTheDocument();
  });
  it('lists torques in ounces on a sheet in inches, and is put in order without a head', async () => {
    const { session } = await open('motor');
    const first = () => screen.getAllByRole('row')[1]!;
    expect(first()).toHaveTextContent('0.26 N·m');
    session.edit([put('units', 'imperial')], { label: 'Units' });
    await waitFor(() => expect(within(first()).getByText('36.8 oz-in')).toBeInTheDocument());
    // Current has no other unit; a name stays as it is sold.
    expect(first()).toHaveTextContent('0.26 N·m');
    await userEvent.selectOptions(screen.getByLabelText('In the order of'), 'Holding, most first');
    expect(first()).toHaveTextContent(/^Stepper size 34, 12 N·m/);
    await userEvent.selectOptions(screen.getByLabelText('In the order of'), 'the list');
    expect(first()).toHaveTextContent(/^Stepper size 17, 0.26 N·m/);
  });
  it('very many parts come page by page; figures sort them, a search begins at its beginning', async () => {
    const [like] = familyById('stepper')!.parts;
    const own = Array.from({ length: 150 }, (_, i): OwnPart => ({
      id: `own-${i}`,
      family: 'stepper',
      name: `Bargain ${i}`,
      values: { ...like!.values, 'motor.holdingTorque': `${10 + i} oz-in` },
      price: null,
      onHand: 0,
      note: '',
    }));
    await open('motor', own);
    const rows = () => screen.getAllByRole('row').slice(1);
    expect(rows()).toHaveLength(45);
    await userEvent.click(screen.getByRole('button', { name: 'Go to next page' }));
    expect(rows()[0]).toHaveTextContent('Bargain 45');
    await userEvent.click(screen.getByRole('button', { name: 'Holding' }));
    // 10 oz-in, the weakest of all.
    expect(rows()[0]).toHaveTextContent('Bargain 0');
    await userEvent.click(screen.getByRole('button', { name: 'Holding' }));
    expect(rows()[0]).not.toHaveTextContent('Bargain');
    await userEvent.type(screen.getByLabelText('Search'), 'bargain 159');
    expect(rows()).toHaveLength(1);
    await userEvent.click(screen.getByRole('button', { name: 'Bargain 149' }));
    expect(screen.getByRole('heading', { name: 'Bargain 149' })).toBeVisible();
  });
  it('a part that a rule refuses says which and why, and cannot be taken', async () => {
    await open('supply', [], withTyped(axis, { 'driver.maxVoltage': '30 V', 'supply.voltage': '24 V' }));
    await userEvent.click(screen.getByRole('button', { name: 'Supply 48 V, 350 W' }));
    expect(screen.getByRole('alert')).toHaveTextContent(
      /read “supply 48 V, driver limit 30 V”; wanted a supply no higher/,
    );
    expect(screen.getByRole('button', { name: 'Take it' })).toBeDisabled();
  });
  it('an own part is typed, refused by field, kept, listed first with its count, and removed', async () => {
    const { session } = await open('motor');
    await userEvent.click(screen.getByRole('button', { name: /^Add my own part/ }));
    await userEvent.clear(screen.getByLabelText('Holding torque'));
    await userEvent.type(screen.getByLabelText('Holding torque'), 'strong');
    await userEvent.click(screen.getByRole('button', { name: 'Keep this part' }));
    expect(screen.getByRole('alert')).toHaveTextContent('Holding torque: read “strong”; wanted a torque');
    expect(session.project!.ownParts).toEqual([]);
    // All that is wrong at once.
    await userEvent.clear(screen.getByLabelText('On hand'));
    await userEvent.type(screen.getByLabelText('On hand'), 'two');
    await userEvent.click(screen.getByRole('button', { name: 'Keep this part' }));
    expect(screen.getByRole('alert')).toHaveTextContent(/“strong”.*On hand: read “two”/);
    expect(screen.getByLabelText('On hand')).toBeInvalid();
    await userEvent.clear(screen.getByLabelText('On hand'));
    await userEvent.type(screen.getByLabelText('On hand'), '0');
    await userEvent.clear(screen.getByLabelText('Holding torque'));
    // As a field of the sheet takes it: without a unit it is in that of the sheet.
    await userEvent.type(screen.getByLabelText('Holding torque'), '3');
    await userEvent.click(screen.getByRole('button', { name: 'Keep this part' }));
    const [kept] = session.project!.ownParts;
    expect(kept).toMatchObject({
      family: 'stepper',
      values: { 'motor.holdingTorque': '3 N·m' },
      price: null,
      onHand: 0,
    });
    cleanup();
    const again = await open('motor', [{ ...kept!, name: 'Mine', onHand: 2 }]);
    expect(screen.getAllByRole('row')[1]).toHaveTextContent('Mine own, 2 on hand');
    await userEvent.click(screen.getByRole('button', { name: 'Mine' }));
    await userEvent.click(screen.getByRole('button', { name: 'Remove my part' }));
    expect(again.session.project!.ownParts).toEqual([]);
    expect(again.session.undo()).toBe('Removed Mine');
  });
  it('takes parts from CSV all or none', async () => {
    const { session } = await open('motor');
    const send = (text: string) =>
      userEvent.upload(
        screen.getByLabelText('Parts as CSV'),
        new File([text], 'parts.csv', { type: 'text/csv' }),
      );
    await send('name,Holding\nA,1 N·m\nB,2 kg\n');
    expect(await screen.findByRole('alert')).toHaveTextContent('parts.csv, line 3, Holding: read “2 kg”');
    expect(session.project!.ownParts).toEqual([]);
    await send('name,Holding\nA,1 N·m\nB,2 N·m\n');
    expect(await screen.findByText('2 parts taken from parts.csv.')).toBeInTheDocument();
    expect(session.project!.ownParts).toHaveLength(2);
  });
});

describe('two variants side by side', () => {
  it('shows what changes, marked by sign and word, and the rest when asked', async () => {
    const after = axisReport(withSi(axis, { 'drive.nominalDiameter': 0.032, 'drive.rootDiameter': 0.0287 }));
    const comparison = compareReports(report, after);
    render(<CompareTable comparison={comparison} names={['before', 'after']} system="imperial" />);
    const whip = screen.getByRole('row', { name: /^Whip of the screw/ });
    expect(within(whip).getByText('better')).toBeInTheDocument();
    expect(within(whip).getByText('+')).toBeInTheDocument();
    expect(screen.queryByRole('row', { name: /^End to end/ })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: /more that stay the same/ }));
    expect(screen.getByRole('row', { name: /^End to end/ })).toHaveTextContent('the same');
  });
  it('a link that nobody knows is no nought, and is called neither better nor worse', () => {
    const unknown = { ...report, lostMotion: { ...report.lostMotion, value: 0, missing: ['nut'] } };
    const column = { axis, name: 'now', cost: 120, unpicked: 0, head: 'now', acts: null, comparison: null };
    render(
      <PinColumns
        system="metric"
        columns={[
          { ...column, id: 'now', report },
          {
            ...column,
            id: 'p',
            head: 'Plain nut',
            unpicked: 1,
            report: unknown,
            comparison: compareReports(report, unknown),
          },
        ]}
      />,
    );
    const lost = screen.getByRole('row', { name: /^Lost motion/ });
    expect(within(lost).getAllByRole('cell')[1]).toHaveTextContent(/^not known: 1 link$/);
    expect(screen.getByRole('row', { name: /^Parts/ })).toHaveTextContent(/120≥ 120$/);
  });
  it('a pin is taken, shown, put back without its place in the machine, and dropped', async () => {
    const family = familyById('ball-screw')!;
    const thick = applyEdits<Axis>(axis, swapEdits(axis, family, family.parts.at(-1)!));
    const pin = { id: 'p', axisId: axis.id, name: 'Thick screw', axis: { ...thick, carriedBy: 'gone' } };
    const session = await openSession({
      ...machineOf(axis),
      pins: [{ ...pin, id: 'q', axisId: 'other' }, pin],
    });
    renderBench(session, <Pins />);
    await userEvent.click(screen.getByRole('button', { name: 'Put by' }));
    expect(session.project!.pins.at(-1)).toMatchObject({ name: 'Variant 2', axisId: axis.id });
    session.undo();
    await userEvent.click(await screen.findByRole('button', { name: 'Compare 1' }));
    expect(screen.getByRole('columnheader', { name: 'Thick screw' })).toBeInTheDocument();
    const head = screen.getByRole('columnheader', { name: 'Thick screw' });
    await userEvent.type(within(head).getByRole('textbox'), ' on order{Enter}');
    expect(session.project!.pins[1]!.name).toBe('Thick screw on order');
    expect(screen.getByRole('row', { name: /^Drive/ })).toHaveTextContent(/ball .*ball /);
    await userEvent.click(screen.getByRole('button', { name: 'Put Thick screw on order back on the axis' }));
    const back = session.project!.axes[0]!;
    expect((back.drive as ScrewDrive).nominalDiameter).toEqual((thick.drive as ScrewDrive).nominalDiameter);
    expect([back.id, back.carriedBy]).toEqual([axis.id, null]);
    expect((back.motor as Stepper).kind).toBe('stepper');
    await userEvent.click(screen.getByRole('button', { name: 'Compare 1' }));
    await userEvent.click(screen.getByRole('button', { name: 'Drop Thick screw on order' }));
    expect(session.project!.pins.map((p) => p.id)).toEqual(['q']);
  });
});
