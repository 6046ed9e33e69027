import { describe, expect, it } from 'vitest';
import { type Plan, planDifferences, planOf } from '@/core/changes';
import { change, guess, type Project, put, startingBalance, startingSpindleBelt } from '@/core/model';
import { demoMachines } from '@/demo';
import { linkGroupName } from '@/words';
import { chance, SEED } from '@test/helpers/chance';
import { linkGroups, withLinks } from '.';

const machines = demoMachines() as readonly Project[];
const dice = chance(SEED + 41);
const some = (ids: readonly string[]) => new Set(ids.filter(() => dice.next() < 0.5));
const idsOf = (a: Plan, b: Plan) => linkGroups(a, b).map((g) => g.id);

/** A machine with edits, as the page would take them. */
function edited(project: Project, ...edits: Parameters<typeof change>[1]): Project {
  const made = change(project, edits);
  if (!made.ok) throw new Error(JSON.stringify(made));
  return made.project;
}

describe('pieces of plans, over random choices among them', () => {
  const pairs = machines.flatMap((a) =>
    machines.filter((b) => b !== a).map((b) => [planOf(a), planOf(b)] as const),
  );

  it('some taken now and the rest later are the other plan', () => {
    for (const [into, from] of pairs)
      for (let round = 0; round < 8; round++) {
        const ids = idsOf(into, from);
        const first = some(ids);
        const half = withLinks(into, from, first);
        const rest = new Set(idsOf(half, from));
        const whole = withLinks(half, from, rest);
        expect(planDifferences(whole, from)).toEqual([]);
      }
  });

  it('what was taken differs no more, what was not taken stays as it was', () => {
    for (const [into, from] of pairs)
      for (let round = 0; round < 8; round++) {
        const ids = idsOf(into, from);
        // The order of rows is that of the rows that are there.
        const picked = new Set([...some(ids)].filter((id) => !['axes', 'ownParts'].includes(id)));
        const made = withLinks(into, from, picked);
        const left = idsOf(made, from);
        for (const id of picked) expect(left).not.toContain(id);
        const changed = idsOf(into, made).filter((id) => id !== 'ownParts');
        for (const id of changed) expect([...picked, 'axes']).toContain(id);
      }
  });

  it('nothing taken is the plan itself, and of the same plan there is nothing to take', () => {
    for (const [into, from] of pairs) {
      expect(planDifferences(withLinks(into, from, new Set()), into)).toEqual([]);
      expect(linkGroups(into, into)).toEqual([]);
      expect(planDifferences(withLinks(into, from, new Set(['nobody'])), into)).toEqual([]);
    }
  });

  it('every piece has a name of its own that a builder can read', () => {
    for (const [into, from] of pairs) {
      const names = linkGroups(into, from).map((g) => linkGroupName(g, [into, from]));
      expect(new Set(names).size).toBe(names.length);
      for (const name of names) expect(name).toMatch(/^[A-Z][^[\]]+$/);
    }
  });
});

describe('pieces by what was changed', () => {
  const [kayak] = machines as [Project];
  const at = kayak.axes.findIndex((a) => a.id === 'gantry');
  const idsAfter = (...edits: Parameters<typeof change>[1]) =>
    idsOf(planOf(kayak), planOf(edited(kayak, ...edits)));

  it('each figure goes with what it belongs to', () => {
    expect(idsAfter(put(`axes.${at}.demands.rapid`, guess('speed', '9 m/min')))).toEqual([
      'axes[gantry].demands',
    ]);
    expect(idsAfter(put(`axes.${at}.driver.setCurrent`, guess('current', '3 A')))).toEqual([
      'axes[gantry].motor',
    ]);
    expect(idsAfter(put(`axes.${at}.supply.voltage`, guess('voltage', '36 V')))).toEqual([
      'axes[gantry].motor',
    ]);
    expect(idsAfter(put(`axes.${at}.guide.friction`, guess('ratio', '0.01')))).toEqual([
      'axes[gantry].guide',
    ]);
    expect(idsAfter(put(`axes.${at}.name`, 'Cross axis'))).toEqual(['axes[gantry].place']);
    expect(idsAfter(put(`axes.${at}.loads.balance`, [startingBalance('weight', 'w')] as never))).toEqual([
      'axes[gantry].loads',
    ]);
    expect(idsAfter(put('brief.spindle.belt', startingSpindleBelt() as never))).toEqual(['brief.spindle']);
    expect(idsAfter(put('brief.budget', 4321))).toEqual(['brief.budget']);
    expect(idsAfter(put('structure.beam.length', guess('length', '1.6 m')))).toEqual(['structure.beam']);
    expect(idsAfter(put('structure', null as never))).toEqual(['structure']);
  });

  it('a part of the catalogue goes with the link that it is of, a driver with its motor', () => {
    const parts = kayak.axes[at]!.parts;
    expect(Object.keys(parts).length).toBeGreaterThan(0);
    const bare = edited(kayak, put<string>(`axes.${at}.parts`, {} as never));
    const links = linkGroups(planOf(kayak), planOf(bare)).map((g) => g.link);
    for (const link of links)
      expect(['drive', 'motor', 'guide', 'controller', 'coupling', 'reducer']).toContain(link);
  });

  it('an axis that only one plan has goes as a whole', () => {
    const fewer = { ...kayak, axes: kayak.axes.filter((a) => a.role !== 'plunge') };
    const plunge = kayak.axes.find((a) => a.role === 'plunge')!;
    const [group] = linkGroups(planOf(fewer), planOf(kayak));
    expect(group).toMatchObject({ id: `axes[${plunge.id}]`, axisId: plunge.id, link: null });
    expect(linkGroupName(group!, [planOf(fewer), planOf(kayak)])).toBe(`${plunge.name}, the whole axis`);
    const back = withLinks(planOf(fewer), planOf(kayak), new Set([group!.id]));
    expect(planDifferences(back, planOf(kayak))).toEqual([]);
  });
});
