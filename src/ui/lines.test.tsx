import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { DateLine } from './date-line';
import { NumberLine } from './number-line';

const type = async (label: string, text: string) => {
  const field = screen.getByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
};

describe('a plain number', () => {
  it('is taken with point or comma when the field is left', async () => {
    const taken = vi.fn<(v: number | null) => undefined>();
    render(<NumberLine label="Price" value={null} most={100} optional onNumber={taken} />);
    await type('Price', '9,50');
    await type('Price', '12.25');
    expect(taken.mock.calls).toEqual([[9.5], [12.25]]);
  });
  it.each([
    ['abc', 'Pack: read “abc”; wanted a whole number from 1 to 50.'],
    ['0', 'Pack: read “0”; wanted a whole number from 1 to 50.'],
    ['51', 'Pack: read “51”; wanted a whole number from 1 to 50.'],
    ['2.5', 'Pack: read “2.5”; wanted a whole number from 1 to 50.'],
  ])('%s is refused in words, and stays to be mended', async (text, words) => {
    const taken = vi.fn<(v: number | null) => undefined>();
    render(<NumberLine label="Pack" value={10} least={1} most={50} whole onNumber={taken} />);
    await type('Pack', text);
    expect(screen.getByRole('alert')).toHaveTextContent(words);
    expect(screen.getByLabelText('Pack')).toHaveValue(text);
    expect(taken).not.toHaveBeenCalled();
    await type('Pack', '7');
    expect(taken).toHaveBeenCalledWith(7);
  });
  it('may be left empty only where that is something to say', async () => {
    const taken = vi.fn<(v: number | null) => undefined>();
    const { rerender } = render(<NumberLine label="Days" value={3} most={90} optional onNumber={taken} />);
    await userEvent.clear(screen.getByLabelText('Days'));
    await userEvent.tab();
    expect(taken).toHaveBeenLastCalledWith(null);
    taken.mockClear();
    rerender(<NumberLine label="Days" value={4} most={90} onNumber={taken} />);
    await userEvent.clear(screen.getByLabelText('Days'));
    await userEvent.tab();
    expect(taken).not.toHaveBeenCalled();
    expect(screen.getByLabelText('Days')).toHaveValue('4');
  });
});

describe('a day', () => {
  it('is given as the calendar has it, or taken away', async () => {
    const taken = vi.fn<(v: string | null) => undefined>();
    render(<DateLine label="Wanted by" value="2026-12-04" onDate={taken} />);
    const field = screen.getByLabelText('Wanted by');
    expect(field).toHaveValue('2026-12-04');
    await userEvent.clear(field);
    expect(taken).toHaveBeenLastCalledWith(null);
  });
});
