import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { sceneOf } from '@/core/machine';
import { kayak } from '@test/helpers/machines';
import { openSession, renderOn } from '@test/helpers/session';
import { MachinePicture } from '.';
import { plannedHref } from './planned';

describe('the picture', () => {
  it('tells what a piece is, and leads to where it is planned', async () => {
    const session = await openSession(kayak);
    renderOn(session, <MachinePicture project={kayak} />);
    await userEvent.selectOptions(screen.getByLabelText('Piece'), 'gantry screw-0');
    const link = screen.getByRole('link', { name: /where it is planned/ });
    expect(link.getAttribute('href')).toBe('/size?m=tern-creek&a=gantry&l=drive');
    const plate = sceneOf(kayak).boxes.find((box) => box.planned.id)!;
    await userEvent.selectOptions(screen.getByLabelText('Piece'), plate.id);
    expect(screen.getByRole('link', { name: /where it is planned/ }).getAttribute('href')).toMatch(
      /^\/fit\?m=tern-creek&a=\w+&v=plates&p=(carriage|gantry)-plate$/,
    );
  });
  it('has a place for every piece', () => {
    for (const box of sceneOf(kayak).boxes)
      expect(plannedHref(kayak, box.planned)).toMatch(/^\/(size|fit|brief)\?m=tern-creek/);
  });
  it('lays the machine out in three views', async () => {
    const session = await openSession(kayak);
    renderOn(session, <MachinePicture project={kayak} />);
    await userEvent.click(screen.getByRole('button', { name: 'Three views' }));
    expect(screen.getByRole('img', { name: /front, plan and side with dimensions/ })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Sheet as PDF' })).toBeTruthy();
  });
});
