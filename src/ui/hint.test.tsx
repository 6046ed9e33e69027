import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it } from 'vitest';
import { BasisMark } from './basis-mark';
import { Hint } from './hint';

afterEach(cleanup);

const helps = () => screen.queryAllByRole('tooltip').map((e) => e.textContent);

it('is one at a time: a word that is entered closes the help of one that is pointed at', async () => {
  render(
    <>
      <Hint text="How far a nut goes.">
        <button>Lead</button>
      </Hint>
      <Hint text="From tooth to tooth.">
        <button>Pitch</button>
      </Hint>
      <Hint text="">
        <button>Plain</button>
      </Hint>
    </>,
  );
  await userEvent.hover(screen.getByRole('button', { name: 'Lead' }));
  expect(await screen.findByRole('tooltip')).toHaveTextContent('How far a nut goes.');
  await userEvent.tab();
  await userEvent.tab();
  expect(screen.getByRole('button', { name: 'Pitch' })).toHaveFocus();
  expect(helps()).toEqual(['From tooth to tooth.']);
  // It is read out with what it is of.
  expect(screen.getByRole('button', { name: 'Pitch' })).toHaveAccessibleDescription('From tooth to tooth.');
  await userEvent.tab();
  await waitFor(() => expect(helps()).toEqual([]));
});

it('says what the basis of a number is as soon as its mark is entered, and not over its menu', async () => {
  render(<BasisMark basis="datasheet" of="Lead" onChange={() => undefined} />);
  await userEvent.tab();
  expect(await screen.findByRole('tooltip')).toHaveTextContent('datasheet, ± 5 %');
  await userEvent.keyboard('{Enter}');
  expect(await screen.findByRole('menu')).toBeVisible();
  expect(helps()).toEqual([]);
});
