import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { explainParseError, parseQuantity } from '@/core/units';
import { QuantityField, type QuantityValue } from './quantity-field';

/** A field on a model that takes any length, with a button that changes the value from elsewhere. */
function Harness({
  start,
  optional = false,
  log = [],
}: {
  start: QuantityValue | null;
  optional?: boolean;
  log?: string[];
}) {
  const [value, setValue] = useState<QuantityValue | null>(start);
  return (
    <>
      <QuantityField
        label="Travel"
        kind="length"
        value={value}
        system="metric"
        optional={optional}
        onText={(text, visit) => {
          log.push(visit);
          if (text.trim() === '') {
            setValue(null);
            return { typed: '' };
          }
          const read = parseQuantity('length', text, 'mm');
          if (!read.ok) return { error: explainParseError('length', read.error) };
          const typed = /[a-z"]/i.test(text) ? text.trim() : `${text.trim()} mm`;
          setValue({ typed, si: read.si, basis: value?.basis ?? 'estimate' });
          return { typed };
        }}
        onBasis={(basis) => {
          setValue((v) => v && { ...v, basis });
          return undefined;
        }}
      />
      <button type="button" onClick={() => setValue({ typed: '1 m', si: 1, basis: 'measured' })}>
        elsewhere
      </button>
    </>
  );
}
const inch: QuantityValue = { typed: '100 in', si: 2.54, basis: 'measured' };
const input = () => screen.getByLabelText('Travel');

describe('a quantity field', () => {
  it('tries a refused text again when it is entered: what stood in the way may be gone', async () => {
    let open = false;
    const onText = (typed: string) => (open ? { typed } : { error: 'The screw is too short.' });
    render(
      <QuantityField
        label="Travel"
        kind="length"
        value={inch}
        system="metric"
        onText={onText}
        onBasis={() => undefined}
      />,
    );
    await userEvent.clear(input());
    await userEvent.type(input(), '3 m');
    await userEvent.tab();
    expect(screen.getByRole('alert')).toHaveTextContent('The screw is too short.');
    await userEvent.click(input());
    expect(screen.getByRole('alert')).toBeInTheDocument();
    await userEvent.tab();
    open = true;
    await userEvent.click(input());
    expect(screen.queryByRole('alert')).toBeNull();
  });
  it('shows what was typed and the other system beside it', () => {
    render(<Harness start={inch} />);
    expect(input()).toHaveValue('100 in');
    expect(screen.getByText('2540 mm')).toBeInTheDocument();
  });
  it('shows inches beside millimetres', () => {
    render(<Harness start={{ typed: '2540 mm', si: 2.54, basis: 'estimate' }} />);
    expect(screen.getByText('100 in')).toBeInTheDocument();
  });
  it(
    'lets the text stand as it is typed, puts the unit behind it when it is left, one ' + 'visit one key',
    async () => {
      const log: string[] = [];
      render(<Harness start={inch} log={log} />);
      await userEvent.clear(input());
      await userEvent.type(input(), '12,5');
      expect(input()).toHaveValue('12,5');
      await userEvent.tab();
      expect(input()).toHaveValue('12,5 mm');
      expect(new Set(log).size).toBe(1);
      await userEvent.type(input(), '1');
      expect(new Set(log).size).toBe(2);
    },
  );
  it('keeps a refused text with its reason, and Escape brings back the last good one', async () => {
    render(<Harness start={inch} />);
    await userEvent.clear(input());
    expect(screen.getByRole('alert')).toHaveTextContent('A value is needed');
    await userEvent.type(input(), '3 kg');
    expect(screen.getByRole('alert')).toHaveTextContent('“3 kg” is a mass');
    expect(input()).toBeInvalid();
    await userEvent.tab();
    expect(input()).toHaveValue('3 kg');
    await userEvent.type(input(), '{Escape}');
    expect(screen.queryByRole('alert')).toBeNull();
  });
  it('gives way when the value is changed elsewhere', async () => {
    render(<Harness start={inch} />);
    await userEvent.type(input(), '0');
    await userEvent.click(screen.getByText('elsewhere'));
    expect(input()).toHaveValue('1 m');
  });
  it('an optional value can be left out and given again', async () => {
    render(<Harness start={inch} optional />);
    await userEvent.clear(input());
    expect(screen.queryByRole('alert')).toBeNull();
    await userEvent.tab();
    expect(input()).toHaveAttribute('placeholder', 'not given');
    await userEvent.type(input(), '80');
    await userEvent.tab();
    expect(input()).toHaveValue('80 mm');
  });
  it('changes its basis from a menu', async () => {
    render(<Harness start={inch} />);
    await userEvent.click(screen.getByRole('button', { name: 'Basis of Travel: measured' }));
    await userEvent.click(screen.getByRole('menuitem', { name: /datasheet/ }));
    expect(screen.getByRole('button', { name: 'Basis of Travel: datasheet' })).toBeInTheDocument();
  });
});

describe('a value that nobody has typed', () => {
  const show = (value: QuantityValue, system: 'metric' | 'imperial') =>
    render(
      <QuantityField
        label="Travel"
        kind="length"
        value={value}
        system={system}
        onText={(typed) => ({ typed })}
        onBasis={() => undefined}
      />,
    );
  it('stands in the units of the sheet, with the others beside it', () => {
    show({ typed: '1000 mm', si: 1, basis: 'ours' }, 'imperial');
    expect(input()).toHaveValue('39.4 in');
    expect(screen.getByText('1000 mm')).toBeInTheDocument();
  });
  it('stays as it is where it is in them already, or where somebody typed it', () => {
    show({ typed: '40 in', si: 1.016, basis: 'ours' }, 'imperial');
    expect(input()).toHaveValue('40 in');
    cleanup();
    show({ typed: '1000 mm', si: 1, basis: 'estimate' }, 'imperial');
    expect(input()).toHaveValue('1000 mm');
    cleanup();
    show({ typed: '1000 mm', si: 1, basis: 'ours' }, 'metric');
    expect(input()).toHaveValue('1000 mm');
  });
});
