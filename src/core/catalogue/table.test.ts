import { describe, expect, it } from 'vitest';
import { families } from '.';
import { grid, table } from './table';

const HEAD = 'id | name | price | voltage | power | basis';

describe('a table of parts', () => {
  it('has one row a line under named columns; empty cells say nothing', () => {
    const parts = table(
      'supply',
      `${HEAD}\n a | One | 20 | 24 V | | from memory\n b | Two | | 48 V | 350 W | seen`,
      {
        'supply.kind': 'switching',
      },
    );
    expect(parts).toEqual([
      {
        id: 'a',
        name: 'One',
        price: 20,
        source: 'from memory',
        values: { 'supply.voltage': '24 V', 'supply.kind': 'switching' },
      },
      {
        id: 'b',
        name: 'Two',
        price: null,
        source: 'seen',
        values: { 'supply.voltage': '48 V', 'supply.power': '350 W', 'supply.kind': 'switching' },
      },
    ]);
  });
  it.each([
    ['a row with a cell too few', `${HEAD}\na | One | 20 | 24 V | from memory`],
    ['a row with a cell too many', `${HEAD}\na | One | 20 | 24 V | | | from memory`],
    ['a row that does not say where it comes from', `${HEAD}\na | One | 20 | 24 V | |`],
    ['a row without a name', `${HEAD}\na | | 20 | 24 V | | from memory`],
    ['a table without the basis of its rows', 'id | name | price\na | One | 20'],
  ])('%s is refused', (_name, text) => {
    expect(() => table('supply', text)).toThrow(RangeError);
  });
  it('rows are found by the names of their columns', () => {
    expect(grid('height | width | basis\n 40 | 20 | seen')).toEqual([
      { height: '40', width: '20', basis: 'seen' },
    ]);
  });
  it('every part of the catalogue says where it comes from, and has an id of its own', () => {
    for (const family of families) {
      expect(new Set(family.parts.map((p) => p.id)).size, family.id).toBe(family.parts.length);
      for (const part of family.parts) expect(part.source.length, part.id).toBeGreaterThan(3);
    }
  });
});
