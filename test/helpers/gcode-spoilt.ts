import { expect } from 'vitest';
import { goldenPrograms } from '@test/golden/gcode-programs';
import { chance } from './chance';
import { readGcode } from './gcode';
import { mutatedText } from './mutate';

/**
 * Reads so many spoilt programs: none crashes, every move is finite, and every line is done or named. No line
 * of which nothing was done may have moved anything, and no fault goes uncounted.
 */
export function heldWhole(count: number, seed: number): void {
  const random = chance(seed);
  for (let i = 0; i < count; i++) {
    const { text, taking } = goldenPrograms[i % goldenPrograms.length]!;
    const spoilt = mutatedText(text, random);
    const { moves, acts, told } = readGcode(spoilt, taking, 64);
    const bad = moves.find(
      (m) =>
        ![...m.from, ...m.to].every(Number.isFinite) ||
        !(m.length > 0) ||
        !(m.speed > 0) ||
        m.line > told.lines,
    );
    expect(bad, JSON.stringify(spoilt)).toBeUndefined();
    for (const act of acts) if ('time' in act) expect(act.time).toBeGreaterThanOrEqual(0);
    const faults = told.notes.filter((n) => n.fault);
    const counted = [...told.counts].filter(([code]) => faults.some((n) => n.code === code));
    expect(
      counted.reduce((sum, [, n]) => sum + n, 0),
      JSON.stringify(spoilt),
    ).toBe(told.unread);
    const silent = new Set(faults.map((n) => n.line));
    expect(silent.size).toBe(faults.length);
    expect(moves.some((m) => silent.has(m.line))).toBe(false);
  }
}
