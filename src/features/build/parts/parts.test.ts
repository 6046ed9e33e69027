import { describe, expect, it } from 'vitest';
import { linesOf, needsOf, ownKey } from '@/core/build';
import { readListCsv } from '@/core/formats';
import { machineReport } from '@/core/machine';
import { applyEdits, change, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { partsCsv } from '@/drawings';
import { filters, passes } from './columns';
import { pastedInto } from './pasted';
import { type PartRow, partRows } from './rows';
import { takenRows } from './taken-rows';
import { typedInto } from './typing';
import { gathered, sorted } from './use-table';

const [kayak] = demoMachines() as [Project];
const today = '2026-11-27';
const reports = machineReport(kayak, { remedies: false }).axes;
const needs = needsOf({ project: kayak, reports });
const linesFor = (project: Project) => linesOf(project, needs);
const rowsFor = (project: Project): PartRow[] =>
  partRows(linesFor(project), null, project, 'metric', new WeakMap());
const rows = rowsFor(kayak);
const row = (key: string) => rows.find((r) => r.key === key)!;

/** The list after rows of a file were taken, through the gate. */
function after(text: string): { project: Project; added: number } {
  const read = readListCsv(text);
  if (!read.ok) throw new Error(`line ${read.line}: ${read.wanted}`);
  const taken = takenRows(kayak, read.rows, rows, today);
  if (!taken.ok) throw new Error(`line ${taken.line}: ${taken.wanted}`);
  const made = change(kayak, taken.edits);
  if (!made.ok) throw new Error(JSON.stringify(made.issues[0]));
  return { added: taken.added, project: made.project };
}

describe('typing into the list', () => {
  it('takes numbers with point or comma, and says what was read where they are none', () => {
    expect(typedInto(row('gantry/nut'), 'have', '1,5', today)).toEqual({ change: { have: 1.5 } });
    expect(typedInto(row('gantry/nut'), 'need', '', today)).toEqual({ change: { quantity: null } });
    expect(typedInto(row('gantry/nut'), 'have', 'two', today)).toEqual({
      error: 'Have: read “two”; wanted a number from 0 to 100000, or nothing.',
    });
    expect(typedInto(row('gantry/nut'), 'due', 'soon', today)).toMatchObject({
      error: expect.stringContaining('2026-12-05'),
    });
  });
  it('an order counts what was ordered, as what, and when it is due', () => {
    expect(typedInto(row('gantry/ball-screw'), 'state', 'ordered', today)).toMatchObject({
      change: { state: 'ordered', count: 1, ordered: today, due: '2026-12-18' },
    });
    expect(typedInto(row('bed/motor'), 'state', 'to-buy', today)).toMatchObject({
      change: { state: 'to-buy', count: 0, asked: '', due: null },
    });
  });
  it('every line passes what it should, and none is lost', () => {
    expect(rows.filter(passes.all)).toHaveLength(rows.length);
    expect(rows.filter(passes.refused).map((r) => r.key)).toEqual(['plunge/coupling']);
    expect(filters.every((f) => rows.filter(passes[f]).length <= rows.length)).toBe(true);
    expect(rows.filter(passes.coming).every((r) => r.line.state === 'ordered')).toBe(true);
  });
});

describe('cells out of a spreadsheet', () => {
  const order = [row('gantry/nut'), row('gantry/fixed-block'), row('gantry/floating-block')];
  const paste = (text: string) =>
    pastedInto(kayak, text, order, { row: 'gantry/nut', column: 'have' }, today);
  it('go down and to the right from the cell that has the focus, as one step', () => {
    const pasted = paste('1\tordered\n2\tarrived\n')!;
    const lines = new Map(linesFor(applyEdits(kayak, pasted.edits)).map((l) => [l.key, l]));
    expect(lines.get('gantry/nut')).toMatchObject({ have: 1, state: 'ordered' });
    expect(lines.get('gantry/fixed-block')).toMatchObject({ have: 2, state: 'arrived' });
  });
  it('are refused whole where one of them does not fit, and say which', () => {
    expect(paste('1\n2\nmany')!.error).toMatch(/^Floating block.*Have: read “many”/);
    expect(paste('1\n2\n3\n4')!.error).toMatch(/read 4 rows; wanted at most 3/);
  });
  it('with a heading are rows of a list', () => {
    expect(paste('part\thave\nNut\t1')).toBeNull();
  });
});

describe('the list out and in again', () => {
  it('changes nothing when it comes back as it went out', () => {
    const { project, added } = after(partsCsv(kayak, linesFor(kayak)));
    expect(added).toBe(0);
    const plain = (p: Project) =>
      linesFor(p).map(({ key, wanted, spare, have, state, toBuy }) => ({
        key,
        wanted,
        spare,
        have,
        state,
        toBuy,
      }));
    expect(plain(project)).toEqual(plain(kayak));
    expect(project.quotes.map((q) => [q.line, q.price, q.date])).toEqual(
      kayak.quotes.map((q) => [q.line, q.price, q.date]),
    );
  });
  it('adds what it does not know as the builder’s own, with its quote and a new seller', () => {
    const { project, added } = after(
      'part;for;need;seller;price;days\nTouch plate;Plunge axis;1;corner shop;9,50;2\n' +
        `${row('gantry/nut').name};;;corner shop;31;1\n`,
    );
    expect(added).toBe(1);
    const line = project.partLines.at(-1)!;
    expect(line).toMatchObject({ name: 'Touch plate', owner: 'plunge', quantity: 1, key: ownKey(line.id) });
    const shop = project.sellers.at(-1)!;
    expect(shop.name).toBe('corner shop');
    expect(project.quotes.filter((q) => q.seller === shop.id).map((q) => [q.line, q.price, q.days])).toEqual([
      [line.key, 9.5, 2],
      ['gantry/nut', 31, 1],
    ]);
  });
});

describe('rows that cannot be taken', () => {
  it.each([
    ['part,for\nTouch plate,Third axis', 'for', 'Third axis', 'owner'],
    ['key,need\nnowhere/nut,2', 'key', 'nowhere/nut', 'key'],
  ])('%j says why, and nothing is taken', (text, field, read, wanted) => {
    const rowsRead = readListCsv(text);
    const taken = rowsRead.ok && takenRows(kayak, rowsRead.rows, rows, today);
    expect(taken).toEqual({ ok: false, line: 2, field, read, wanted });
  });
  it('a new line that came already is not wanted again', () => {
    const { project } = after('part,need,state\nTouch plate,2,arrived\nHose,3,on-hand');
    expect(linesFor(project).slice(-2)).toMatchObject([
      { state: 'arrived', toBuy: 0 },
      { state: 'on-hand', toBuy: 0, have: 3 },
    ]);
  });
});

describe('the order of the list', () => {
  it('is by word or by figure, either way round, and loses no line', () => {
    const costs = (falling: boolean) =>
      sorted(rows, { column: 'need', falling }).map((r) => r.line.wanted ?? -1);
    expect(costs(false)).toEqual([...costs(false)].sort((a, b) => a - b));
    expect(costs(true)).toEqual([...costs(true)].sort((a, b) => b - a));
    expect(sorted(rows, null)).toBe(rows);
    const names = sorted(rows, { column: 'name', falling: false }).map((r) => r.name);
    expect(names).toEqual([...names].sort(new Intl.Collator().compare));
  });
  it('gathers lines under heads in the order of their first line; a folded one keeps its own', () => {
    const open = gathered(rows, 'owner', new Set());
    const heads = open.flatMap((e) => (e.kind === 'group' ? [e.name] : []));
    expect(heads.slice(0, 3)).toEqual(['Bed axis', 'Gantry axis', 'Plunge axis']);
    expect(open.filter((e) => e.kind === 'line')).toHaveLength(rows.length);
    const closed = gathered(rows, 'owner', new Set(['~owner Bed axis']));
    const bed = rows.filter((r) => r.owner === 'Bed axis').length;
    expect(closed).toHaveLength(open.length - bed);
    expect(gathered(rows, 'none', new Set())).toHaveLength(rows.length);
  });
});
