import { describe, expect, it } from 'vitest';
import { chance, SEED } from '@test/helpers/chance';
import { overlaps } from './address';
import { differencesOf, merged, settled, turned, type Value, withDifferences } from '.';

const dice = chance(SEED + 13);
const below = (n: number) => Math.floor(dice.next() * n);
const pick = <T>(list: readonly T[]): T => list[below(list.length)]!;

type Fields = { [field: string]: Value };
type Row = Fields & { id: string };

const measure = (si: number) => ({ typed: `${si} mm`, si, basis: 'estimate' });
const row = (id: string): Row => ({
  id,
  name: `row ${id}`,
  length: measure(below(9)),
  part: { kind: pick(['a', 'b']), size: below(5) },
  tags: [below(3), below(3)],
  inner: [{ id: 'x', n: below(5) }],
});
const start = (): Fields => ({
  note: 'as it was',
  brief: { width: measure(3), power: null },
  rows: ['p', 'q', 'r', 's'].map(row),
});

/** One change somewhere, as a builder would make it. */
function changed(document: Fields, fresh: () => string): Fields {
  const rows = document.rows as Row[];
  const at = below(Math.max(1, rows.length));
  const withRow = (next: Row) => ({ ...document, rows: rows.map((r, i) => (i === at ? next : r)) });
  const one = rows[at];
  const ways: (() => Fields)[] = [
    () => ({ ...document, note: `note ${below(4)}` }),
    () => ({ ...document, brief: { ...(document.brief as Fields), width: measure(below(6)) } }),
    () => ({ ...document, brief: { ...(document.brief as Fields), power: measure(below(3)) } }),
    () => ({ ...document, rows: [...rows, row(fresh())] }),
    () => ({ ...document, rows: rows.toReversed() }),
    ...(one
      ? [
          () => ({ ...document, rows: rows.filter((_, i) => i !== at) }),
          () => withRow({ ...one, name: `name ${below(4)}` }),
          () => withRow({ ...one, length: measure(below(9)) }),
          () => withRow({ ...one, tags: [below(3)] }),
          () => withRow({ ...one, part: { kind: pick(['a', 'b']), size: below(5) } }),
          () => withRow({ ...one, inner: [...(one.inner as Row[]), { id: fresh(), n: 1 }] }),
          () => withRow({ ...one, inner: (one.inner as Row[]).map((r) => ({ ...r, n: below(5) })) }),
        ]
      : []),
  ];
  return pick(ways)();
}

const edited = (document: Fields, times: number, side: string): Fields => {
  let serial = 0;
  let now = document;
  for (let k = 0; k < times; k++) now = changed(now, () => `${side}${++serial}`);
  return now;
};

const isFields = (v: Value | undefined): v is Fields =>
  typeof v === 'object' && v !== null && !Array.isArray(v);
const whole = (v: Fields) => 'si' in v || 'kind' in v;

/** The referee: every leaf under a name of its own, rows by their ids, without any of the code above. */
function leaves(v: Value | undefined, at = '', found = new Map<string, string>()): Map<string, string> {
  if (Array.isArray(v) && v.every((r: Value) => isFields(r) && typeof r.id === 'string')) {
    for (const r of v as Row[]) {
      found.set(`${at}<${r.id}>`, 'there');
      leaves(r, `${at}<${r.id}>`, found);
    }
  } else if (isFields(v) && !whole(v))
    for (const [k, part] of Object.entries(v)) leaves(part, `${at}/${k}`, found);
  else found.set(at, JSON.stringify(v));
  return found;
}

/** The same place as the code under test calls it. */
const addressOf = (leaf: string) =>
  leaf.slice(1).replaceAll('/', '.').replaceAll('<', '[').replaceAll('>', ']');

describe('differences of two states', () => {
  it('none where both are alike; a figure with its basis is one thing', () => {
    const a = start();
    expect(differencesOf(a, structuredClone(a))).toEqual([]);
    const wide = { ...a, brief: { ...(a.brief as Fields), width: measure(4) } };
    expect(differencesOf(a, wide)).toEqual([{ at: 'brief.width', before: measure(3), after: measure(4) }]);
  });
  it('rows go by their ids: one more in front moves no other', () => {
    const a = { rows: [row('a'), row('b')] };
    const b = { rows: [row('new'), ...a.rows] };
    expect(differencesOf(a, b).map((d) => d.at)).toEqual(['rows[new]', 'rows[]']);
    expect(withDifferences(a, differencesOf(a, b))).toEqual(b);
  });
  it('a part of another kind is another part, not fields that came and went', () => {
    const screw = { drive: { kind: 'screw', lead: 5 } };
    const belt = { drive: { kind: 'belt', pitch: 3 } };
    expect(differencesOf(screw, belt)).toEqual([{ at: 'drive', before: screw.drive, after: belt.drive }]);
  });
  it('one state with its differences is the other, and back, over 2,000 random pairs', () => {
    for (let k = 0; k < 2000; k++) {
      const a = edited(start(), below(4), 'a');
      const b = edited(a, 1 + below(8), 'b');
      const found = differencesOf(a, b);
      expect(withDifferences(a, found)).toEqual(b);
      // Taken back, all is there again; rows that were gone come last.
      expect(leaves(withDifferences(b, turned(found)))).toEqual(leaves(a));
      expect(differencesOf(b, withDifferences(a, found))).toEqual([]);
    }
  });
  it('an address that leads nowhere is an error, not a silent loss', () => {
    const at = (path: string) => () => withDifferences(start(), [{ at: path, before: null, after: 1 }]);
    expect(at('note.deep')).toThrow('no field “deep”');
    expect(at('rows[nobody].name')).toThrow('no row “nobody”');
    expect(at('brief[x]')).toThrow('no list of rows');
  });
});

describe('two copies that were edited apart', () => {
  it('are one by the rule of each leaf, held against a referee on 1,000 random pairs', () => {
    let [clashed, clean] = [0, 0];
    for (let k = 0; k < 1000; k++) {
      const base = start();
      const [mine, theirs] = [edited(base, 1 + below(4), 'm'), edited(base, 1 + below(4), 't')];
      const { document, conflicts } = merged(base, mine, theirs);
      const [b, m, t, is] = [base, mine, theirs, document].map((v) => leaves(v)) as [
        Map<string, string>,
        Map<string, string>,
        Map<string, string>,
        Map<string, string>,
      ];
      const contested = new Set<string>();
      for (const at of new Set([...b.keys(), ...m.keys(), ...t.keys()])) {
        const [was, own, other] = [b.get(at), m.get(at), t.get(at)];
        if (own === was || other === was || own === other) continue;
        contested.add(at);
      }
      // Nothing is contested by the leaves that the merge does not tell.
      if (contested.size) expect(conflicts.length).toBeGreaterThan(0);
      if (conflicts.length) clashed++;
      else clean++;
      // Outside of what is contested each leaf is as the side has it that changed it.
      for (const at of new Set([...b.keys(), ...m.keys(), ...t.keys()])) {
        if (conflicts.some((c) => overlaps(addressOf(at), c.at))) continue;
        const [was, own, other] = [b.get(at), m.get(at), t.get(at)];
        expect(is.get(at), at).toBe(own === was ? other : own);
      }
      // Settled their way, every conflict reads as theirs.
      const theirWay = conflicts.reduce<Value>((now, c) => settled(now, c), document);
      const settledLeaves = leaves(theirWay);
      for (const at of contested) expect(settledLeaves.get(at), at).toBe(t.get(at));
    }
    expect(Math.min(clashed, clean)).toBeGreaterThan(100);
  });
  it('changes of different fields of one row are both kept', () => {
    const base = start();
    const rows = base.rows as Row[];
    const mine = { ...base, rows: rows.map((r, i) => (i ? r : { ...r, name: 'mine' })) };
    const theirs = { ...base, rows: rows.map((r, i) => (i ? r : { ...r, length: measure(77) })) };
    const { document, conflicts } = merged(base, mine, theirs);
    expect(conflicts).toEqual([]);
    expect((document as Fields).rows).toMatchObject([{ name: 'mine', length: measure(77) }, {}, {}, {}]);
  });
  it('one threw a row away that the other changed: a conflict, and either can be had', () => {
    const base = start();
    const rows = base.rows as Row[];
    const mine = { ...base, rows: rows.slice(1) };
    const theirs = { ...base, rows: rows.map((r, i) => (i ? r : { ...r, name: 'theirs' })) };
    const { document, conflicts } = merged(base, mine, theirs);
    expect(conflicts.map((c) => c.at)).toEqual(['rows[p]']);
    expect(document).toEqual(mine);
    const kept = settled(document, conflicts[0]!) as Fields;
    expect((kept.rows as Row[]).find((r) => r.id === 'p')!.name).toBe('theirs');
  });
  it('the same change on both sides is no conflict', () => {
    const base = start();
    const both = { ...base, note: 'the same' };
    expect(merged(base, both, structuredClone(both))).toEqual({ document: both, conflicts: [] });
  });
});
