import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { type Project, type Section, sectionKinds } from '@/core/model';
import { demoMachines } from '@/demo';
import { openSession, renderOn } from '@test/helpers/session';
import { MachineField, MaterialChoice, SectionFields } from '.';

const [kayak] = demoMachines() as [Project];

async function show() {
  const session = await openSession(kayak);
  renderOn(session, <SectionFields root="structure.beam" name="Beam" />);
  return { session, section: () => session.project!.structure!.beam.section as Section };
}

describe('what a member is made of', () => {
  it('every kind of section can be picked, and starts from a usual size that is an estimate', async () => {
    const { session, section } = await show();
    for (const kind of sectionKinds.filter((k) => k !== section().kind)) {
      await userEvent.selectOptions(screen.getByLabelText('Section'), kind);
      expect(section().kind).toBe(kind);
    }
    expect(session.store.getState().machine).toMatchObject({ issues: [] });
  });
  it('an extrusion off the list brings its figures; one typed over is of no list any more', async () => {
    const { section } = await show();
    const list = screen.getByLabelText('Off the list');
    const [, first] = [...list.querySelectorAll('option')];
    await userEvent.selectOptions(list, first!.value);
    expect(section()).toMatchObject({ kind: 'extrusion', area: { basis: 'estimate' } });
    await userEvent.selectOptions(screen.getByLabelText('Section'), 'rect-tube');
    await userEvent.selectOptions(screen.getByLabelText('Off the list'), 'cold-200x100x5');
    expect(screen.getByLabelText('Off the list')).toHaveValue('cold-200x100x5');
    await userEvent.clear(screen.getByLabelText('Wall'));
    await userEvent.type(screen.getByLabelText('Wall'), '4.5 mm');
    expect(screen.getByLabelText('Off the list')).toHaveValue('');
    await userEvent.selectOptions(screen.getByLabelText('Made'), 'hot');
    expect(section()).toMatchObject({ making: 'hot', wall: { typed: '4.5 mm' } });
  });
  it('a material is picked by its name, as a step of that name', async () => {
    const session = await openSession(kayak);
    renderOn(session, <MaterialChoice path="structure.beam.material" of="Beam" />);
    await userEvent.selectOptions(screen.getByLabelText('Material'), 'steel');
    expect(session.project!.structure!.beam.material).toBe('steel');
    expect(session.undo()).toMatch(/^Beam: .*steel/);
  });
});

it('a field of nothing that is measured is a fault of ours', async () => {
  const session = await openSession(kayak);
  expect(() => renderOn(session, <MachineField path="brief.work" />)).toThrow(
    /no measured input at brief.work/,
  );
});
