import { describe, expect, it } from 'vitest';
import { bytesOf, dialGap, type DialReading, lineReader, readDial } from '@/core/link';
import { diceOf } from '../seeds';
import { type DialMakeup, dialStandIn, usualDial } from './dial';

/** An indicator with all that came out of it. */
function listened(made: Partial<DialMakeup> = {}) {
  const dial = dialStandIn({ ...usualDial, noise: 0, ...made }, diceOf(1, 'dial'));
  const readings: DialReading[] = [];
  const read = lineReader();
  dial.port.listen((bytes) => {
    for (const heard of read(bytes)) {
      const reading = heard.is === 'line' ? readDial(heard.text) : null;
      if (reading) readings.push(reading);
    }
  });
  const say = (text: string) => dial.port.send(bytesOf(text));
  return { dial, readings, say };
}

describe('an indicator', () => {
  it('gives a reading when it is asked, to its digit, + as its plunger goes in', () => {
    const { dial, readings, say } = listened();
    dial.run(300, 0.001234);
    say('1 take');
    expect(readings).toEqual([{ id: 'd1', n: 1, time: 300, value: 0.00123, state: 'still' }]);
  });
  it('streams every so often without a gap, until it is told to stop', () => {
    const { dial, readings, say } = listened();
    say('1 every ms=50');
    dial.run(500, 0.001);
    say('2 every ms=0');
    dial.run(500, 0.001);
    expect(readings).toHaveLength(10);
    expect(readings.slice(1).map((r, i) => dialGap(readings[i]!, r))).toEqual(Array(9).fill(0));
    dial.port.close();
    say('3 take');
    expect(readings).toHaveLength(10);
  });
  it('nought is set where it stands, the sense is turned, in tenths of a thousandth too', () => {
    const { dial, readings, say } = listened({ unit: 'tenths', digit: 2.54e-6 });
    dial.run(300, 0.001);
    say('1 zero');
    dial.run(300, 0.001254);
    say('2 take');
    say('3 flip');
    say('4 take');
    expect(readings[0]!.value).toBeCloseTo(2.54e-4, 9);
    expect(readings[1]!.value).toBeCloseTo(-2.54e-4, 9);
  });
  it('says when it moves, and when it is out of its range', () => {
    const { dial, readings, say } = listened();
    for (let i = 0; i < 50; i++) dial.run(1, 0.001 + i * 1e-5);
    say('1 take');
    dial.run(300, 0.011);
    say('2 take');
    dial.run(300, -0.001);
    say('3 take');
    expect(readings.map((r) => r.state)).toEqual(['moving', 'over', 'under']);
  });
  it('comes back by its hysteresis, and a sticky one hangs far off: reading again shows it', () => {
    const back = (sticks: number) => {
      const { dial, readings, say } = listened({ digit: 1e-6, sticks });
      dial.run(300, 0.00105);
      dial.run(300, 0.001);
      say('1 take');
      dial.run(300, 0.0008);
      dial.run(300, 0.001);
      say('2 take');
      return readings[0]!.value - readings[1]!.value;
    };
    expect(back(0)).toBeCloseTo(2e-6, 9);
    expect(Math.abs(back(3e-5))).toBeLessThan(3e-6);
    expect(Math.abs(back(1e-4))).toBeGreaterThan(3e-5);
  });
  it('takes no notice of what it does not understand', () => {
    const { dial, readings, say } = listened();
    for (const text of ['take', '1 hello', '2 every ms=-5', '3 every ms=99999999', 'noise']) say(text);
    dial.run(1000, 0.001);
    expect(readings).toEqual([]);
  });
});
