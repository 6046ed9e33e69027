import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bytesOf,
  crc16,
  dialGap,
  type Heard,
  lineReader,
  MOST_LINE,
  opened,
  plainNumber,
  figureText,
  readAnswer,
  readDial,
  readWords,
  requestText,
  sealed,
} from '.';

const ascii = (text: string) => [...text].map((c) => c.charCodeAt(0));

describe('the check of a line', () => {
  it('check value of CRC-16/CCITT-FALSE (catalogue of parametrised CRCs): “123456789” is 29B1', () =>
    expect(crc16('123456789')).toBe(0x29b1));
  it('any single byte that changes is seen', () => {
    const line = sealed('12 go x=10 f=600');
    fc.assert(
      fc.property(fc.nat(line.length - 1), fc.integer({ min: 33, max: 126 }), (at, byte) => {
        const other = line.slice(0, at) + String.fromCharCode(byte) + line.slice(at + 1);
        const read = opened(other);
        expect(other === line || !read.ok || !read.checked).toBe(true);
      }),
    );
  });
});

describe('lines out of a stream', () => {
  it('whatever it is cut into, the same lines come out, and bytes that act at once come first', () => {
    const stream = [...ascii('1 hello\n2 go '), 1, ...ascii('x=1\n\n'), 4, ...ascii('3 report\n')];
    const whole = lineReader()(stream);
    expect(whole).toEqual([
      { is: 'line', text: '1 hello' },
      { is: 'now', byte: 'hold' },
      { is: 'line', text: '2 go x=1' },
      { is: 'now', byte: 'drop' },
      { is: 'line', text: '3 report' },
    ]);
    for (let cut = 0; cut <= stream.length; cut++) {
      const read = lineReader();
      expect([...read(stream.slice(0, cut)), ...read(stream.slice(cut))]).toEqual(whole);
    }
  });
  it('a line that grew too long, or holds a foreign byte, costs only itself', () => {
    const read = lineReader();
    const heard: Heard[] = [
      ...read(ascii('x'.repeat(MOST_LINE + 1) + '\n')),
      ...read([0xff, 0x0a]),
      ...read(ascii('4 report\n')),
    ];
    expect(heard).toEqual([{ is: 'long' }, { is: 'foreign' }, { is: 'line', text: '4 report' }]);
    expect(lineReader()(ascii('y'.repeat(MOST_LINE) + '\n'))[0]!.is).toBe('line');
  });
});

describe('requests and answers', () => {
  it('are read as they were written', () => {
    const text = requestText(7, 'go', { x: 12.5, y: -0.0004, f: 600 });
    expect(text).toBe('7 go x=12.5 y=0 f=600');
    const read = readWords(sealed(text));
    expect(read.ok && [read.words.seq, read.words.verb, [...read.words.keys]]).toEqual([
      7,
      'go',
      [
        ['x', '12.5'],
        ['y', '0'],
        ['f', '600'],
      ],
    ]);
    expect(readWords(text).ok).toBe(true);
    expect([...bytesOf('a')]).toEqual([97, 10]);
  });
  it.each([
    ['go x=1', 'syntax', 0],
    ['0 go', 'syntax', 0],
    ['65536 go', 'syntax', 0],
    ['5  go', 'syntax', 5],
    ['5 GO', 'syntax', 5],
    ['5 go x', 'syntax', 5],
    ['5 go x=1 x=2', 'value', 5],
    ['5 go x=1 ^0000', 'check', 0],
  ])('“%s” is refused as %s', (line, no, seq) => expect(readWords(line)).toEqual({ ok: false, no, seq }));
  it('figures are plain decimals', () => {
    expect(['1', '-2.5', '0.000001'].map(plainNumber)).toEqual([1, -2.5, 0.000001]);
    expect(['1e3', '+1', '.5', '1,5', '', '0x1', 'NaN', '1.'].map(plainNumber)).toEqual(
      Array(8).fill(undefined),
    );
    expect([0.1 + 0.2, -0.0001, 1000, 12.3456].map(figureText)).toEqual(['0.3', '0', '1000', '12.346']);
  });
  it('answers without a check, or with a wrong one, are nothing', () => {
    const now = 'now mode=ready x=1 y=2 z=3 feed=0 scale=100 plan=0/16 in=- homed=xy t=12';
    expect(readAnswer(now)).toBeNull();
    expect(readAnswer(sealed(now))).toMatchObject({
      is: 'now',
      now: { mode: 'ready', at: { y: 2 }, homed: 'xy' },
    });
    expect(readAnswer(sealed('3 taken room=15'))).toEqual({ is: 'taken', seq: 3, room: 15 });
    expect(readAnswer(sealed('3 no 30 beyond a soft limit'))).toMatchObject({ number: 30 });
    expect(readAnswer(sealed('event done=3'))).toMatchObject({ is: 'event' });
    for (const bad of ['3 maybe', 'now mode=asleep', 'x taken', '3 has n', 'now mode=ready x=a y=0 z=0'])
      expect(readAnswer(sealed(bad))).toBeNull();
  });
  it('a dial’s readings are metres, + as its plunger is pushed in; a gap is told', () => {
    expect(readDial(sealed('@d1 12 3400 -152 um still'))).toEqual({
      id: 'd1',
      n: 12,
      time: 3400,
      value: -152e-6,
      state: 'still',
    });
    expect(readDial(sealed('@d1 13 3500 4 tenths moving'))!.value).toBeCloseTo(10.16e-6, 12);
    expect(readDial('@d1 12 3400 -152 um still')).toBeNull();
    expect([dialGap({ n: 4 }, { n: 5 }), dialGap({ n: 4 }, { n: 8 }), dialGap({ n: 4 }, { n: 4 })]).toEqual([
      0, 3, -1,
    ]);
  });
});
