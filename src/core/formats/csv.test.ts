import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { wantedWords } from '@/words';
import { familyById } from '@/core/catalogue';
import { readCurveCsv, readPartsCsv, writePartsCsv } from '.';

const stepper = familyById('stepper')!;

describe('torque curves as CSV', () => {
  it('reads rpm and N·m, other units in the heading, decimal commas, comments and empty lines', () => {
    const plain = readCurveCsv('rpm,N·m\n0,2\n600,1.1\n');
    expect(
      plain.ok && plain.points.map((p) => [Math.round((p.speed.si * 30) / Math.PI), p.torque.si]),
    ).toEqual([
      [0, 2],
      [600, 1.1],
    ]);
    const german = readCurveCsv('# 48 V\nspeed (rpm);torque (oz-in)\n0;428\n\n1200;100,5\n');
    expect(german.ok && german.points[0]!.torque.si).toBeCloseTo(3.022, 3);
    expect(german.ok && german.points[1]!.torque.typed).toBe('100,5 oz-in');
    expect(german.ok && german.points[0]!.torque.basis).toBe('datasheet');
  });
  it('reads a file whose lines end in several ways', () => {
    const mixed = readCurveCsv('rpm,N·m\r\n0,2\n600,1.1\r900,0.7\r\n');
    expect(mixed.ok && mixed.points.map((p) => p.torque.si)).toEqual([2, 1.1, 0.7]);
  });
  it.each([
    ['rpm,N·m\n0,2\n', 'two points'],
    ['0,2\n600,fast\n', 'torque'],
    ['0\n1\n', 'two columns'],
    ['0,2\n-5 rpm,1\n', ''],
    ['', 'two points'],
  ])('refuses %j and says what is wanted', (text, wanted) => {
    const read = readCurveCsv(text);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(wantedWords(read.wanted)).toContain(wanted);
  });
  it('never throws, whatever the text, and never takes more than 60 points', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc
            .array(fc.array(fc.oneof(fc.string({ maxLength: 8 }), fc.double().map(String)), { maxLength: 4 }))
            .map((rows) => rows.map((r) => r.join(',')).join('\n')),
        ),
        (text) => {
          const read = readCurveCsv(text);
          if (read.ok) expect(read.points.length).toBeLessThanOrEqual(60);
          else expect(wantedWords(read.wanted).length).toBeGreaterThan(0);
        },
      ),
    );
    expect(readCurveCsv(Array.from({ length: 80 }, (_, i) => `${i},${100 - i}`).join('\n'))).toMatchObject({
      ok: false,
      line: 61,
    });
  });
});

describe('parts as CSV', () => {
  it('comes back as it was written', () => {
    const own = [
      {
        id: 'a',
        family: 'stepper',
        name: 'Attic, size 23',
        values: { 'motor.holdingTorque': '270 oz-in', 'motor.loop': 'open' },
        price: 12.5,
        onHand: 2,
        note: 'plate says "2.8 A"',
      },
    ];
    const read = readPartsCsv(stepper, writePartsCsv(stepper, own));
    expect(read.ok && read.parts[0]).toEqual({
      family: 'stepper',
      name: 'Attic, size 23',
      values: own[0]!.values,
      price: 12.5,
      onHand: 2,
      note: own[0]!.note,
    });
    expect(read.ok && read.parts.length).toBe(1 + stepper.parts.length);
  });
  it('takes short titles, and names line, field, reading and wish where it cannot', () => {
    expect(readPartsCsv(stepper, 'name,Holding,on hand\nM,1 N·m,3')).toMatchObject({
      ok: true,
      parts: [{ onHand: 3, values: { 'motor.holdingTorque': '1 N·m' } }],
    });
    expect(readPartsCsv(stepper, 'name,Holding\nM,1 N·m\nN,2 kg')).toMatchObject({
      ok: false,
      line: 3,
      field: 'Holding',
      read: '2 kg',
    });
    expect(readPartsCsv(stepper, 'name,Colour\nM,red')).toMatchObject({ ok: false, line: 1, read: 'Colour' });
    expect(readPartsCsv(stepper, 'Holding\n1 N·m')).toMatchObject({
      ok: false,
      wanted: { is: 'column', name: 'name' },
    });
    expect(readPartsCsv(stepper, 'name,Holding\n')).toMatchObject({ ok: false });
  });
  it('never throws, whatever the text', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), fc.array(fc.string({ maxLength: 20 })), (text, cells) => {
        expect(typeof readPartsCsv(stepper, text).ok).toBe('boolean');
        expect(typeof readPartsCsv(stepper, `name,Holding\n${cells.join(',')}`).ok).toBe('boolean');
      }),
    );
  });
});
