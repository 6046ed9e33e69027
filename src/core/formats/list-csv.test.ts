import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { partStates } from '@/core/model';
import { listColumns, type ListRow, readListCsv, writeListCsv } from '.';

const text = (max: number) =>
  fc.string({ maxLength: max }).map((s) =>
    s
      .replace(/[\r\n\0]/g, ' ')
      .replace(/^'(?=[=+\-@])/, '')
      .trim(),
  );
const money = fc.option(fc.integer({ min: 0, max: 900_000 }).map((n) => n / 100));
const row: fc.Arbitrary<ListRow> = fc
  .record({
    at: fc.constant(0),
    key: text(40),
    part: text(60).filter((s) => s !== ''),
    for: text(20),
    need: fc.option(fc.integer({ min: 0, max: 500 })),
    spare: fc.option(fc.integer({ min: 0, max: 50 })),
    have: fc.option(fc.integer({ min: 0, max: 500 })),
    state: fc.option(fc.constantFrom(...partStates)),
    due: fc.constantFrom(null, '2026-12-05', '2028-02-29'),
    paid: money,
    option: text(20),
    note: text(80),
    seller: text(30),
    price: money,
    pack: fc.option(fc.integer({ min: 1, max: 100 })),
    days: fc.option(fc.integer({ min: 0, max: 90 })),
  })
  .map((r): ListRow => (r.seller && r.price !== null ? r : { ...r, seller: '', price: null }));

describe('the list of parts as CSV', () => {
  it('comes back as it went out, whatever stands in it', () => {
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 12 }), (rows) => {
        const read = readListCsv(writeListCsv(rows));
        expect(read).toMatchObject({ ok: true, rows: rows.map((r, i) => ({ ...r, at: i + 2 })) });
      }),
      { numRuns: 150, seed: 7 },
    );
  });
  it('is read as it is pasted out of a spreadsheet: tabs, columns in any order, decimal commas', () => {
    expect(readListCsv('Part\tPrice\tSeller\nRail 15\t42,50\tbearing shop\n')).toMatchObject({
      ok: true,
      columns: ['part', 'price', 'seller'],
      rows: [{ part: 'Rail 15', price: 42.5, seller: 'bearing shop', need: null, key: '' }],
    });
  });
  it('says which line and column, what was read and what is wanted', () => {
    const wrong = (line: string) => readListCsv(`part;need;state;due;pack\n${line}\n`);
    expect(wrong('Nut;two;;;')).toMatchObject({
      ok: false,
      line: 2,
      field: 'need',
      read: 'two',
      wanted: 'number',
    });
    expect(wrong('Nut;2;lost;;')).toMatchObject({ field: 'state', wanted: 'state' });
    expect(wrong('Nut;2;On hand;30.2.2027;')).toMatchObject({ field: 'due', wanted: 'date' });
    expect(wrong('Nut;2;;2027-02-30;')).toMatchObject({ field: 'due', wanted: 'date' });
    expect(wrong('Nut;2;;;0')).toMatchObject({ field: 'pack', wanted: 'whole' });
    expect(wrong(';2;;;')).toMatchObject({ field: 'part', wanted: 'a-row' });
    expect(readListCsv('part,price\nNut,3')).toMatchObject({ line: 2, field: 'seller', wanted: 'seller' });
    expect(readListCsv('part,seller\nNut,shop')).toMatchObject({ field: 'price', wanted: 'price' });
    expect(readListCsv('part,colour\n')).toMatchObject({ line: 1, field: 'heading', read: 'colour' });
    expect(readListCsv('part\n')).toMatchObject({ ok: false, wanted: 'a-row' });
  });
  it('never throws, and takes nothing of what it refuses', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (s) => {
        const read = readListCsv(s);
        expect(read.ok ? read.rows.length > 0 : read.line > 0).toBe(true);
      }),
      { numRuns: 400, seed: 11 },
    );
    fc.assert(
      fc.property(
        fc.array(row, { minLength: 1, maxLength: 4 }),
        fc.nat(),
        fc.string({ maxLength: 3 }),
        (rows, at, bit) => {
          const whole = writeListCsv(rows);
          const cut = whole.slice(0, at % whole.length) + bit + whole.slice((at % whole.length) + 2);
          expect(() => readListCsv(cut)).not.toThrow();
        },
      ),
      { numRuns: 300, seed: 13 },
    );
  });
  it('keeps a text that begins like a formula from being one', () => {
    const [, line] = writeListCsv([
      { ...(readListCsv('part\n=1+1') as unknown as { rows: ListRow[] }).rows[0]! },
    ]).split('\n');
    expect(line!.split(',')[listColumns.indexOf('part')]).toMatch(/^"?'=/);
  });
});
