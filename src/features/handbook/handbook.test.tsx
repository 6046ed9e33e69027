import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { formulas } from '@/core/handbook';
import { guides } from '@/words';
import { FormulaPage, GuidePage, HandbookList } from '.';

describe('the list of formulas', () => {
  it('has a link for each, is searched, and says so when nothing is found', async () => {
    render(<HandbookList />);
    expect(screen.getAllByRole('listitem')).toHaveLength(formulas.length + guides.length);
    await userEvent.type(screen.getByRole('searchbox'), 'tooth bending lewis');
    expect(screen.getByRole('link', { name: /^Force that a tooth of the pinion takes/ })).toHaveAttribute(
      'href',
      '/handbook/formula?f=rack%2Flewis-force',
    );
    expect(screen.getByRole('status')).toHaveTextContent('1 found');
    await userEvent.type(screen.getByRole('searchbox'), ' zeppelin');
    expect(screen.getByText(/^Nothing has/)).toBeInTheDocument();
  });
});

describe('how a thing is done', () => {
  it('is found by its words and told with cautions, source, limits and formulas', async () => {
    render(<HandbookList />);
    await userEvent.type(screen.getByRole('searchbox'), 'turned over blade lean');
    expect(screen.getByRole('link', { name: /^Plunge axis square/ })).toHaveAttribute(
      'href',
      '/handbook/guide?g=true-up%2Flean',
    );
  });
  it('leads to its formulas and to its neighbours, and explains its words', async () => {
    render(<GuidePage id="trial/stairs-speed" />);
    expect(screen.getByRole('list', { name: 'Cautions' })).toHaveTextContent(/Cutter out/);
    expect(screen.getByRole('link', { name: 'Pull-out torque at speed' })).toHaveAttribute(
      'href',
      '/handbook/formula?f=stepper%2Fpull-out',
    );
    expect(screen.getByRole('link', { name: /^← Lost motion by link/ })).toBeInTheDocument();
    expect(screen.getByText(/whole groups of four full steps/)).toBeInTheDocument();
  });
  it('says so where there is no such page', () => {
    render(<GuidePage id="fit/magic" />);
    expect(screen.getByRole('heading', { name: 'No such page of the handbook' })).toBeInTheDocument();
  });
});

describe('a formula', () => {
  it('shows source and range, and its example follows what is typed, in both unit systems', async () => {
    render(<FormulaPage id="motion/travel-per-turn" />);
    expect(screen.getByText(/A turn is 2 pi radians/)).toBeInTheDocument();
    expect(screen.getByText('No slip.')).toBeInTheDocument();
    const k = screen.getByLabelText('travel per radian of the drive');
    await userEvent.clear(k);
    await userEvent.type(k, '10 mm/rad');
    expect(screen.getByRole('status')).toHaveTextContent(/^62\.832 mm/);
    await userEvent.click(screen.getByRole('button', { name: 'mm → in' }));
    expect(screen.getByRole('status')).toHaveTextContent(/^2\.4737 in/);
  });
  it('refuses what is no such quantity and keeps the last answer', async () => {
    render(<FormulaPage id="rack/spring-needed" />);
    const before = screen.getByRole('status').textContent;
    await userEvent.clear(screen.getByLabelText('separating force under the worst cut'));
    await userEvent.type(screen.getByLabelText('separating force under the worst cut'), 'mm');
    expect(screen.getByRole('alert')).toHaveTextContent('a force is wanted');
    expect(screen.getByRole('status').textContent).toBe(before);
    await userEvent.click(screen.getByRole('button', { name: 'Start figures again' }));
    expect(screen.queryByRole('alert')).toBeNull();
  });
  it('says so where there is none', () => {
    render(<FormulaPage id="magic/wand" />);
    expect(screen.getByRole('heading', { name: 'No such formula' })).toBeInTheDocument();
  });
});
