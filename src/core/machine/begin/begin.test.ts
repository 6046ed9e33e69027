import {
  applyEdits,
  arrangements,
  type Edit,
  estimate,
  getAt,
  guess,
  type Project,
  projectIssues,
  put,
  startingStructure,
} from '@/core/model';
import { describe, expect, it } from 'vitest';
import { beginMachine, followBrief, machineReport, type NamesOf, untouched } from '..';

const names = (role: string) => ({ axis: `${role} axis`, body: 'all' });
const begun = () => beginMachine('one', '2026-11-26T00:00:00.000Z', 'Machine', names);

/** The machine with edits made and with what follows from them. */
function said(project: Project, ...edits: Edit[]): Project {
  const after = applyEdits(project, edits);
  const next = applyEdits(after, followBrief(project, after, names));
  expect(projectIssues(next)).toEqual([]);
  return next;
}
const area = (length: string, width: string, height: string) =>
  [
    ['length', length],
    ['width', width],
    ['height', height],
  ].map(([side, typed]) => put(`brief.area.${side}`, estimate('length', typed!)));
const travels = ({ axes }: Project) => axes.map((a) => [a.role, a.demands.travel.typed]);

describe('a machine that begins with nothing', () => {
  it('has the axes of its arrangement, and nothing on them that anybody has said', () => {
    const machine = begun();
    expect(machine.axes.map((a) => [a.role, a.carriedBy])).toEqual([
      ['bed', null],
      ['gantry', 'bed'],
      ['plunge', 'gantry'],
    ]);
    expect(machine.axes.every(untouched)).toBe(true);
    expect(projectIssues(machine)).toEqual([]);
    const report = machineReport(machine);
    expect(report.verdict).not.toBe('holds');
    for (const axis of report.axes) expect(axis.ours.length).toBeGreaterThan(15);
  });
  it('takes travels, screws, masses, targets and forces from the brief, and follows it both ways', () => {
    const table = said(begun(), put('brief.work', 'plasma'), ...area('62 in', '31 in', '8 in'));
    expect(travels(table)).toEqual([
      ['bed', '62 in'],
      ['gantry', '31 in'],
      ['plunge', '8 in'],
    ]);
    const [bed, gantry, plunge] = table.axes as [Project['axes'][0], Project['axes'][0], Project['axes'][0]];
    // 62 in and 150 mm for nut, carriage and bearings.
    expect(bed.drive).toMatchObject({ betweenBearings: { typed: '1725 mm', basis: 'ours' } });
    expect([bed, gantry, plunge].map((a) => a.demands.cuttingForce.si)).toEqual([10, 10, 10]);
    expect([bed.demands.rapid.typed, plunge.demands.rapid.typed]).toEqual(['15 m/min', '5 m/min']);
    // A torch head is not a spindle: 3 kg by the rule, not 25 kg.
    expect(plunge.loads.masses[0]!.mass.si).toBe(3);
    const smaller = said(table, ...area('30 in', '31 in', '8 in'));
    expect(smaller.axes[0]!.drive).toMatchObject({ betweenBearings: { typed: '912 mm' } });
  });
  it('leaves alone what somebody has typed or confirmed', () => {
    const mine = said(begun(), put('axes.0.demands.travel', estimate('length', '710 mm')));
    const rapid = mine.axes[0]!.demands.rapid;
    const confirmed = said(mine, put('axes.0.demands.rapid', { ...rapid, basis: 'estimate' }));
    const later = said(confirmed, put('brief.work', 'knife'), ...area('2 m', '1 m', '100 mm'));
    expect(later.axes[0]!.demands.travel.typed).toBe('710 mm');
    expect(later.axes[0]!.demands.rapid.typed).toBe('10 m/min');
    expect(later.axes[1]!.demands).toMatchObject({ travel: { typed: '1 m' }, rapid: { typed: '30 m/min' } });
  });
  it('X is the longest of the level ones (ISO 841), for as long as the letters are ours', () => {
    const wide = said(begun(), ...area('500 mm', '900 mm', '80 mm'));
    expect(wide.axes.map((a) => a.letter)).toEqual(['Y', 'X', 'Z']);
    const own = said(begun(), put('axes.0.letter', 'A'));
    expect(said(own, ...area('500 mm', '900 mm', '80 mm')).axes.map((a) => a.letter)).toEqual([
      'A',
      'X',
      'Z',
    ]);
  });
  it('another arrangement brings its axes and takes those along that nobody has touched', () => {
    for (const from of arrangements)
      for (const to of arrangements) {
        const one = said(begun(), put('brief.arrangement', from));
        const other = said(one, put('brief.arrangement', to));
        const straight = said(begun(), put('brief.arrangement', to));
        const shape = (p: Project) =>
          p.axes.map((a) => [a.role, p.axes.find((b) => b.id === a.carriedBy)?.role]);
        expect(shape(other), `${from} to ${to}`).toEqual(shape(straight));
      }
    const typed = said(begun(), put('axes.0.demands.travel', estimate('length', '710 mm')));
    const moved = said(typed, put('brief.arrangement', 'moving-table'));
    expect(moved.axes.map((a) => a.role).sort()).toEqual(['bed', 'gantry', 'plunge', 'table']);
  });
  it('a frame that is begun follows the work area; its tool is the tool of the carriages', () => {
    const plain = said(begun(), ...area('1 m', '600 mm', '100 mm'));
    const framed = said(plain, put('structure', startingStructure(0.5, 0.5)));
    expect(framed.structure!.beam.length.typed).toBe('850 mm');
    // Beam and columns are weighed by themselves: the axis keeps its ends only.
    expect(framed.axes[0]!.loads.masses[0]!.mass.si).toBe(10);
    const { reach, drop, lever } = framed.structure!.tool;
    const [bed, gantry, plunge] = framed.axes.map((a) => a.guide);
    expect([gantry!.toolY.si, gantry!.toolZ.si]).toEqual([-drop.si, reach.si]);
    expect(plunge!.toolX.si).toBe(-lever!.si);
    expect([bed!.toolX.si, bed!.toolY.si]).toEqual([reach.si, 0.3]);
    const longer = said(framed, put('structure.tool.lever', estimate('length', '240 mm')));
    expect(longer.axes[2]!.guide.toolX.typed).toBe('-240 mm');
    const own = said(longer, put('axes.2.guide.toolX', estimate('length', '-90 mm')));
    const last = said(own, put('structure.tool.lever', estimate('length', '300 mm')));
    expect(last.axes[2]!.guide.toolX.typed).toBe('-90 mm');
  });
  it('nothing follows where nothing is ours, and a change of the note moves nothing', () => {
    const machine = begun();
    expect(followBrief(machine, { ...machine, note: 'a note' }, names)).toEqual([]);
    const all = JSON.parse(JSON.stringify(machine).replaceAll('"ours"', '"estimate"')) as Project;
    const after = applyEdits(all, area('2 m', '1 m', '90 mm'));
    expect(followBrief(all, after, names).filter((e) => !e.path.endsWith('.letter'))).toEqual([]);
    expect(getAt(machine, 'axes.0.demands.lostMotion')).toEqual(guess('length', '0.1 mm'));
  });
});

it('an axis of an arm is called what it is there, unless somebody has named it', () => {
  const called: NamesOf = (role, arrangement) => ({
    axis: `${arrangement === 'cantilever' ? 'arm' : 'portal'}: ${role}`,
    body: 'All',
  });
  const portal = beginMachine('one', '2026-11-26T00:00:00.000Z', 'Machine', called);
  const named = applyEdits(portal, [put('axes.0.name', 'The long one')]);
  const change = put('brief.arrangement', 'cantilever');
  const after = applyEdits(named, [change]);
  const arm = applyEdits(after, followBrief(named, after, called));
  expect(arm.axes.map((a) => a.name)).toEqual(['The long one', 'arm: gantry', 'arm: plunge']);
  const back = applyEdits(arm, [put('brief.arrangement', 'moving-gantry')]);
  expect(applyEdits(back, followBrief(arm, back, called)).axes[1]!.name).toBe('portal: gantry');
});
