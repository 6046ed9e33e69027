import { describe, expect, it } from 'vitest';
import { type Plan, planDifferences, planIn, planOf } from '@/core/changes';
import { type DoubtOutput, type DoubtPart, doubtPart, type FigureDraws, MOVES } from '@/core/doubt';
import { change, type Edit, estimate, guess, type Project, put, variantsOf } from '@/core/model';
import { demoMachines } from '@/demo';
import {
  adoptedEdits,
  against,
  bestOf,
  doubtOfDifference,
  heldEdit,
  keptAlike,
  linkGroups,
  mostOf,
  planOfSide,
  planWithPin,
  putBy,
  replannedEdit,
  variantFigures,
  variantProject,
  withLinks,
} from '.';

const [demo, gate] = demoMachines() as [Project, Project];
const kayak: Project = { ...demo, revisions: [] };
const at = '2026-11-29T10:00:00.000Z';
const stamp = (id: string, name = id) => ({ id, at, name });

/** A machine as the page would make it of edits. */
function edited(project: Project, edits: readonly Edit[]): Project {
  const made = change(project, edits);
  if (!made.ok) throw new Error(JSON.stringify(made));
  return made.project;
}

const gantry = kayak.axes.findIndex((a) => a.id === 'gantry');
const withLead = (project: Project, lead: string) =>
  edited(project, [put(`axes.${gantry}.drive.lead`, guess('linearPerTurn', lead))]);
const heavier = (project: Project, mass: string) => {
  const body = {
    ...project.axes[gantry]!.loads.masses[0]!,
    id: 'vice',
    name: 'Vice',
    mass: estimate('mass', mass),
  };
  const path = `axes.${gantry}.loads.masses`;
  return edited(project, [put<string>(path, [...project.axes[gantry]!.loads.masses, body] as never)]);
};

const noDifference = (a: Plan, b: Plan) => expect(planDifferences(a, b)).toEqual([]);

describe('variants of a machine', () => {
  it('one is put by, changed, adopted, and nothing is lost', () => {
    const held = edited(kayak, [putBy(kayak, stamp('a', 'As planned'))]);
    expect(variantsOf(held).map((v) => v.name)).toEqual(['As planned']);
    expect(keptAlike(held)?.id).toBe('a');
    const changed = withLead(held, '5 mm');
    expect(keptAlike(changed)).toBeUndefined();
    const back = edited(
      changed,
      adoptedEdits(changed, planIn(held.revisions.at(-1)!)!, stamp('b', 'Before'))!,
    );
    noDifference(planOf(back), planOf(kayak));
    expect(variantsOf(back).map((v) => v.name)).toEqual(['As planned', 'Before']);
    noDifference(planOfSide(back, 'b')!, planOf(changed));
    // What stands there as it is already is not put by once more.
    const again = edited(back, adoptedEdits(back, planOfSide(back, 'b')!, stamp('c'))!);
    expect(variantsOf(again)).toHaveLength(2);
    noDifference(planOf(again), planOf(changed));
  });

  it('where there is no room for the plan that stands, nothing is adopted', () => {
    const one = edited(kayak, [putBy(kayak, stamp('a'))]).revisions.at(-1)!;
    const revisions = Array.from({ length: 200 }, (_, i) => ({ ...one, id: `r${i}` }));
    const full = withLead({ ...kayak, revisions } as Project, '5 mm');
    expect(adoptedEdits(full, planOf(kayak), stamp('b'))).toBeUndefined();
    expect(adoptedEdits({ ...kayak, revisions } as Project, planOf(full), stamp('b'))).toHaveLength(8);
  });

  it('a variant of one axis becomes one of the whole, riding where it rides now', () => {
    const pin = kayak.pins[0]!;
    const plan = planWithPin(kayak, pin)!;
    expect(plan.axes.find((a) => a.id === pin.axisId)!.drive).toEqual(pin.axis.drive);
    expect(plan.axes.map((a) => a.carriedBy)).toEqual(kayak.axes.map((a) => a.carriedBy));
    expect(planWithPin(kayak, { ...pin, axisId: 'gone' })).toBeUndefined();
  });

  it('what could not be read again is never written: an axis that rides on none that is there', () => {
    const held = edited(kayak, [putBy(kayak, stamp('a'))]);
    const bare = { ...planOf(kayak), axes: kayak.axes.filter((a) => a.id !== 'gantry') };
    expect(kayak.axes.some((a) => a.carriedBy === 'gantry')).toBe(true);
    expect(replannedEdit(held, 'a', bare)).toBeUndefined();
    expect(heldEdit(held, bare, stamp('b'))).toBeUndefined();
    expect(heldEdit(held, planOf(kayak), stamp('b'))).toBeDefined();
  });

  it('what cannot be read any more is said to be so', () => {
    const held = edited(kayak, [putBy(kayak, stamp('a'))]);
    const broken = { ...held, revisions: held.revisions.map((r) => ({ ...r, plan: 'AAAA' })) } as Project;
    expect(planOfSide(broken, 'a')).toBeNull();
    expect(planOfSide(broken, 'nobody')).toBeNull();
  });
});

describe('pieces that go from one plan into another', () => {
  it('every difference is of one piece, and all pieces together are the other plan', () => {
    for (const [into, from] of [
      [kayak, gate],
      [gate, kayak],
      [kayak, withLead(heavier(kayak, '5 kg'), '5 mm')],
    ] as const) {
      const groups = linkGroups(planOf(into), planOf(from));
      expect(groups.flatMap((g) => g.differences)).toHaveLength(planDifferences(into, from).length);
      expect(new Set(groups.map((g) => g.id)).size).toBe(groups.length);
      noDifference(withLinks(planOf(into), planOf(from), new Set(groups.map((g) => g.id))), planOf(from));
    }
  });

  it('one piece is taken and the rest stays; a motor goes with its driver and supply', () => {
    const other = edited(withLead(heavier(kayak, '5 kg'), '5 mm'), [
      put(`axes.${gantry}.motor.usableShare`, guess('ratio', '0.5')),
      put(`axes.${gantry}.supply.voltage`, guess('voltage', '36 V')),
    ]);
    const ids = linkGroups(planOf(kayak), planOf(other)).map((g) => g.id);
    expect(ids.toSorted()).toEqual(['axes[gantry].drive', 'axes[gantry].loads', 'axes[gantry].motor']);
    const taken = withLinks(planOf(kayak), planOf(other), new Set(['axes[gantry].motor']));
    const axis = taken.axes[gantry]!;
    expect(axis.supply.voltage.typed).toBe('36 V');
    expect(axis.motor.usableShare.typed).toBe('0.5');
    expect(axis.drive).toEqual(kayak.axes[gantry]!.drive);
    expect(axis.loads).toEqual(kayak.axes[gantry]!.loads);
  });

  it('parts of the catalogue go with their link, own parts come along with it', () => {
    const own = kayak.ownParts[0]!;
    const parts = { ...kayak.axes[gantry]!.parts, [own.family]: own.id };
    const from = edited(kayak, [put<string>(`axes.${gantry}.parts`, parts as never)]);
    const into = edited({ ...kayak, axes: kayak.axes.map((a) => ({ ...a, parts: {} })) }, [
      put('ownParts', []),
    ]);
    const [group] = linkGroups(planOf(into), planOf(from)).filter(
      (g) => g.axisId === 'gantry' && g.differences.some((d) => d.at.endsWith(`.${own.family}`)),
    );
    const made = withLinks(planOf(into), planOf(from), new Set([group!.id]));
    expect(made.ownParts.map((p) => p.id)).toEqual([own.id]);
    expect(made.axes[gantry]!.parts[own.family]).toBe(own.id);
  });

  it('goes into a variant as it lies there', () => {
    const held = edited(kayak, [putBy(kayak, stamp('a'))]);
    const made = withLinks(planOf(kayak), planOf(withLead(kayak, '5 mm')), new Set(['axes[gantry].drive']));
    const put2 = edited(held, [replannedEdit(held, 'a', made)!]);
    noDifference(planOfSide(put2, 'a')!, made);
    noDifference(planOf(put2), planOf(kayak));
  });
});

/** Draws of the figures of a machine, on this very thread. */
function drawn(project: Project, draws: number): FigureDraws {
  const run = <P extends DoubtPart>(work: P) => {
    const steps = doubtPart({ project: variantProject(project, planOf(project)), seed: 1, draws }, work);
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value as Extract<DoubtOutput, { part: P['part'] }>;
    }
  };
  return run({ part: 'figures', response: null, range: { from: 0, to: draws } }).draws;
}

describe('two variants answer by answer', () => {
  const own = variantFigures(kayak);

  it('a machine against itself: the same in everything, no doubt of that, no finding turns', () => {
    const draws = drawn(kayak, 60);
    const { rows, gone, come, dearer } = against(own, own, { before: draws, after: draws });
    expect(rows.length).toBeGreaterThan(10);
    for (const row of rows) expect(row).toMatchObject({ sure: 'same', better: null });
    expect([...gone, ...come, dearer]).toEqual([0]);
    expect(doubtOfDifference({ before: draws, after: draws }, MOVES)).toBe(0);
  });

  it('turned round, better is worse, what went has come, and it costs as much less', () => {
    const other = variantFigures(withLead(kayak, '5 mm'));
    const [one, two] = [against(own, other), against(other, own)];
    const turned = { before: 'after', after: 'before' } as const;
    for (const row of one.rows) {
      const back = two.rows.find((r) => r.key === row.key)!;
      expect(back.better).toBe(row.better && turned[row.better]);
      expect([back.before, back.after]).toEqual([row.after, row.before]);
    }
    expect(two.gone).toEqual(one.come);
    expect(two.dearer).toBeCloseTo(-one.dearer, 9);
    // Half the lead: the same motor is slower, and what gives way in the drive counts by its square less.
    const [slower] = mostOf(one.rows, 'before', 1);
    expect(slower).toMatchObject({ key: 'top-speed:gantry', better: 'before' });
    expect(one.come.map((f) => f.code)).toContain('whip');
  });

  it('the doubt of a difference is that of what tells them apart (GUM, JCGM 100, 5.1.2)', () => {
    // Only the vice differs: an estimate of 5 kg, 25 % at 95 %. All other masses are off alike in both.
    const [was, is] = [drawn(kayak, 400), drawn(heavier(kayak, '5 kg'), 400)];
    const pair = { before: was, after: is };
    const alone = (draws: FigureDraws) => {
      const list = [...draws.values.get(MOVES)!];
      const mean = list.reduce((s, v) => s + v, 0) / list.length;
      return Math.sqrt(list.reduce((s, v) => s + (v - mean) ** 2, 0) / (list.length - 1));
    };
    const vice = (0.25 * 5) / 1.96;
    expect(doubtOfDifference(pair, MOVES)! / vice).toBeGreaterThan(0.9);
    expect(doubtOfDifference(pair, MOVES)! / vice).toBeLessThan(1.1);
    // Two machines that had nothing in common would differ by twice that.
    expect(doubtOfDifference(pair, MOVES)! / Math.hypot(alone(was), alone(is))).toBeLessThan(0.6);
  });

  it('less than one uncertainty is the same, less than two is likely', () => {
    const draws = (shift: number, spread: number): FigureDraws => ({
      from: 0,
      to: 100,
      values: new Map([
        ['moves', Float64Array.from({ length: 100 }, (_, i) => shift + (i % 2 ? spread : -spread))],
      ]),
    });
    const row = (by: number) =>
      against(
        own,
        { ...own, moving: own.moving + by },
        { before: draws(0, 0), after: draws(by, 1) },
      ).rows.find((r) => r.key === 'moves')!;
    expect(row(0.9)).toMatchObject({ sure: 'same', better: null });
    expect(row(1.5)).toMatchObject({ sure: 'likely', better: 'before' });
    expect(row(-2.5)).toMatchObject({ sure: 'sure', better: 'after' });
    // Plus and minus one, half of each: one uncertainty is 1.005 with 99 degrees of freedom.
    expect(row(2.5).half).toBeCloseTo(1.96 * Math.sqrt(100 / 99), 6);
  });

  it('the best of several: all that are alike to half a per cent, none where all are', () => {
    expect([...bestOf([1, 1.004, 2, null], false)]).toEqual([0, 1]);
    expect([...bestOf([1, 1.004, 2, null], true)]).toEqual([2]);
    expect([...bestOf([1, 1.004, null], true)]).toEqual([]);
    expect([...bestOf([null, null], true)]).toEqual([]);
  });

  it('what one of them has not is told, and neither is better for it', () => {
    const bare = { ...own, effects: own.effects.filter((e) => e.id !== 'sag'), length: null };
    const rows = against(own, bare).rows;
    for (const key of ['sag:', 'length'])
      expect(rows.find((r) => r.key === key)).toMatchObject({ after: null, better: null });
  });
});
