import { familyById } from '@/core/catalogue';
import { applyEdits, estimate, type OwnPart, put, startingProject } from '@/core/model';
import { planNames } from '@/words';
import { describe, expect, it } from 'vitest';
import { plansFor, type PlanAnswer } from '.';

const length = (path: string, typed: string) => put(`brief.${path}`, estimate('length', typed));

function answered(edits: Parameters<typeof applyEdits>[1]): PlanAnswer {
  const project = applyEdits(startingProject('plan', '2026-11-28T00:00:00.000Z'), edits);
  const steps = plansFor({ project, names: planNames });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}
const board = [
  put('brief.wishes.job', 'board'),
  put('brief.wishes.arrange', 'said'),
  put('brief.wishes.frame', 'steel'),
  length('area.length', '700 mm'),
  length('area.width', '500 mm'),
  length('area.height', '60 mm'),
];

describe('wishes that do not go together', () => {
  it('too little money: the plan stands all the same, with the least overrun and what else would do', () => {
    const { plans, conflict } = answered([...board, put('brief.budget', 900)]);
    expect(plans.length).toBeGreaterThan(0);
    expect(plans[0]!.figures.money.total).toBeGreaterThan(900);
    const way = conflict!.ways.find((w) => w.gives.some((g) => g.wish === 'budget'))!;
    expect(way.money).toBeCloseTo(plans[0]!.figures.money.total, 6);
    expect(way.gives[0]).toMatchObject({ from: 900 });
  });
  it('a room that is too small: without it, or with less travel, a machine stands', () => {
    const { plans, conflict, failed } = answered([
      ...board,
      length('place.length', '1.1 m'),
      length('place.width', '0.9 m'),
    ]);
    expect(plans).toEqual([]);
    expect(new Set(failed.map((f) => f.why))).toEqual(new Set(['room']));
    expect(conflict!.together).toBe(1);
    const wishes = conflict!.ways.flatMap((w) => w.gives.map((g) => g.wish));
    expect(wishes).toContain('room');
    // The mildest step that helps is told, and giving way never asks for more of anything.
    for (const { gives } of conflict!.ways)
      for (const { wish, from, to } of gives)
        if (to !== null && from !== null && wish !== 'accuracy') expect(to).toBeLessThan(from);
  });
});

describe('what is asked harder', () => {
  const cheapest = (edits: Parameters<typeof applyEdits>[1]) => answered(edits).plans[0]!.figures;
  const plain = cheapest(board);
  it.each([
    ['a wider machine', [length('area.width', '900 mm')]],
    ['a finer one', [length('accuracy', '0.12 mm')]],
  ])('%s is not cheaper', (_, more) => {
    expect(cheapest([...board, ...more]).money.total).toBeGreaterThanOrEqual(plain.money.total - 1e-6);
  });
});

describe('what lies in the drawer', () => {
  const drawerOf = (family: string, id: string, count: number): OwnPart => {
    const part = familyById(family)!.parts.find((p) => p.id === id)!;
    const { name, values, price } = part;
    return { id: `own-${id}`, family, name, values: { ...values }, price, onHand: count, note: '' };
  };
  const planned = (own: readonly OwnPart[]) => {
    const { plans } = answered([...board, put('ownParts', [...own])]);
    return plans;
  };
  it('is used where it holds, costs nothing, and never more of it than there is', () => {
    const motor = drawerOf('stepper', 'stepper-23-1_9-3_6', 2);
    const plans = planned([motor]);
    const drawer = plans.find((p) => p.kind === 'drawer') ?? plans[0]!;
    const used = drawer.project.axes
      .filter((a) => a.parts.stepper === motor.id)
      .reduce((n, a) => n + a.drive.sets, 0);
    expect(used).toBeGreaterThan(0);
    expect(used).toBeLessThanOrEqual(2);
    expect(drawer.figures.money.total).toBeLessThanOrEqual(answered(board).plans[0]!.figures.money.total);
  });
  it('a kind that is not usual is judged all the same', () => {
    // A rack under half a metre is not proposed; whoever has one may find it there.
    const rack = drawerOf('rack', 'rack-1.5s-milled', 10);
    const kinds = new Set(planned([rack]).flatMap((p) => p.project.axes.map((a) => a.parts.rack)));
    expect([...kinds].filter(Boolean)).toEqual([rack.id]);
  });
});
