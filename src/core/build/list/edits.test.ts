import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import { applyEdits, change, partStates, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { needsOf } from '../needs';
import { sameSpec, paramsOf } from '../report';
import { addedLines, lineEdits, linesOf, ownKey, removedLines, stateChange } from '.';

const [kayak] = demoMachines() as [Project];
const bare: Project = { ...kayak, partLines: [], quotes: [] };
const needs = needsOf({ project: bare, reports: machineReport(bare, { remedies: false }).axes });
const today = '2026-11-27';
let serial = 0;
const freshId = () => `line-${++serial}`;
const lineIn = (project: Project, key: string) => linesOf(project, needs).find((l) => l.key === key)!;
const say = (
  project: Project,
  key: string,
  said: Parameters<typeof lineEdits>[1] extends ReadonlyMap<string, infer C> ? C : never,
) => applyEdits(project, lineEdits(project, new Map([[key, said]]), freshId));
const turn = (project: Project, key: string, state: (typeof partStates)[number]) =>
  say(project, key, stateChange(lineIn(project, key), state, today));

describe('what is said of a line', () => {
  it('makes a row of its own the first time, and changes that row after it', () => {
    const once = say(bare, 'bed/motor', { have: 1 });
    const twice = say(once, 'bed/motor', { note: 'box 3' });
    expect(twice.partLines).toHaveLength(1);
    expect(twice.partLines[0]).toMatchObject({ key: 'bed/motor', have: 1, note: 'box 3' });
    expect(bare.partLines).toEqual([]);
  });
  it('gives every row an id of its own, however many come at once', () => {
    const many = applyEdits(
      bare,
      addedLines(
        bare,
        Array.from({ length: 50 }, (_, i) => ({ name: `Part ${i}` })),
        freshId,
      ),
    );
    const more = say(many, 'bed/motor', { have: 1 });
    expect(new Set(more.partLines.map((l) => l.id)).size).toBe(51);
    expect(many.partLines.every((l) => l.key === ownKey(l.id) && l.quantity === 1)).toBe(true);
    expect(change(bare, addedLines(bare, [{ name: 'Vice' }], freshId)).ok).toBe(true);
  });
  it('goes with its quotes when it is taken off the list', () => {
    const key = 'own:line-1';
    const own = applyEdits(kayak, removedLines(kayak, new Set([key])));
    expect(own.partLines.some((l) => l.key === key)).toBe(false);
    expect(own.quotes.some((q) => q.line === key)).toBe(false);
    expect(own.quotes.length).toBe(kayak.quotes.filter((q) => q.line !== key).length);
  });
});

describe('the state of a line', () => {
  it.each(partStates)('%s: what it becomes can be kept, and what is to be bought follows', (state) => {
    const after = turn(bare, 'bed/carriage', state);
    expect(change(bare, lineEdits(bare, new Map([['bed/carriage', after.partLines[0]!]]), freshId)).ok).toBe(
      true,
    );
    const { toBuy } = lineIn(after, 'bed/carriage');
    expect(toBuy).toBe(state === 'to-buy' || state === 'refused' ? 4 : 0);
  });
  it.each(partStates)('from %s back to “to buy” nothing of the order is left', (state) => {
    const back = turn(turn(bare, 'bed/carriage', state), 'bed/carriage', 'to-buy').partLines[0]!;
    expect(back).toMatchObject({ state: 'to-buy', count: 0, asked: '', ordered: null, due: null });
    const again = turn(turn(bare, 'bed/carriage', state), 'bed/carriage', 'to-buy');
    expect(lineIn(again, 'bed/carriage')).toMatchObject({ state: 'to-buy', toBuy: 4 });
  });
  it('what came is still what was ordered: as many, and as it was asked then', () => {
    const ordered = turn(bare, 'gantry/rail', 'ordered');
    const came = turn(ordered, 'gantry/rail', 'arrived').partLines[0]!;
    expect(came).toMatchObject({ count: 2, ordered: today, asked: ordered.partLines[0]!.asked });
    const need = needs.find((n) => n.key === 'gantry/rail')!;
    expect(sameSpec(paramsOf(came.asked)!, need.params)).toBe(true);
  });
  it('an order takes what is in the drawer off what is ordered', () => {
    const some = say(bare, 'bed/carriage', { have: 1 });
    expect(turn(some, 'bed/carriage', 'ordered').partLines[0]).toMatchObject({ have: 1, count: 3 });
  });
});

describe('a need as it was asked for', () => {
  it('is the same whatever its name, and another one by any figure', () => {
    const rail = { size: 0.015, length: 1.4, name: 'Left' };
    expect(sameSpec(rail, { ...rail, name: 'Right' })).toBe(true);
    expect(sameSpec(rail, { ...rail, length: 1.4 + 1e-9 })).toBe(true);
    expect(sameSpec(rail, { ...rail, length: 1.41 })).toBe(false);
    expect(sameSpec(rail, { size: 0.015, length: 1.4, row: 'long' })).toBe(false);
  });
  it.each(['', 'nothing', '[1]', '"a"', '{"a":{}}', '{"a":null}'])('%j says nothing', (text) => {
    expect(paramsOf(text)).toBeUndefined();
  });
});
