import { describe, expect, it } from 'vitest';
import type { Project } from '@/core/model';
import { demoProject, withSi } from '@test/helpers/demo';
import { broughtIn, meet, meetSettled } from '.';

const base = demoProject() as Project;
const withDrag = (project: Project, newtons: number): Project => ({
  ...project,
  axes: project.axes.map((axis, i) => (i ? axis : withSi(axis, { 'loads.guideDrag': newtons }))),
});
const noted = (project: Project, note: string): Project => ({ ...project, note });

describe('two copies of a machine that were edited apart', () => {
  it('take what only one side changed, and ask of what both changed otherwise', () => {
    const mine = noted(withDrag(base, 31), 'mine');
    const theirs: Project = { ...withDrag(base, 44), name: 'Theirs', changed: '2030-01-01T00:00:00Z' };
    const merged = meet({ base, mine, theirs });
    expect(merged.conflicts.map((c) => c.at)).toEqual(['axes[bed].loads.guideDrag']);
    const asMine = meetSettled(merged, new Map()) as unknown as Project;
    expect(asMine).toMatchObject({ note: 'mine', name: 'Theirs', id: mine.id, changed: mine.changed });
    expect(asMine.axes[0]!.loads.guideDrag!.si).toBe(31);
    const asTheirs = meetSettled(
      merged,
      new Map([['axes[bed].loads.guideDrag', 'theirs']]),
    ) as unknown as Project;
    expect(asTheirs.axes[0]!.loads.guideDrag!.si).toBe(44);
    expect(asTheirs.note).toBe('mine');
  });
  it('says what a merge changes on my side, and nothing where it changes nothing', () => {
    const mine = noted(base, 'mine');
    const { document } = meet({ base, mine, theirs: { ...base, name: 'Theirs' } });
    expect(broughtIn(mine, document).map((d) => d.at)).toEqual(['name']);
    expect(broughtIn(mine, meet({ base, mine, theirs: base }).document)).toEqual([]);
  });
  it('ask of all that differs where nobody knows where they parted, and lose nothing', () => {
    const mine = noted(base, 'mine');
    const theirs = withDrag(noted(base, 'theirs'), 44);
    const merged = meet({ base: undefined, mine, theirs });
    expect(broughtIn(mine, merged.document)).toEqual([]);
    expect(merged.conflicts.map((c) => c.at).sort()).toEqual(['axes[bed].loads.guideDrag', 'note']);
    const all = new Map(merged.conflicts.map((c) => [c.at, 'theirs'] as const));
    expect(broughtIn(theirs, meetSettled(merged, all))).toEqual([]);
  });
});
