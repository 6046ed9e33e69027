import fc from 'fast-check';
import { expect, it } from 'vitest';
import { plainTaking, Reader } from '@/core/gcode';
import { SEED } from '@test/helpers/chance';
import { lineReader } from './written';

it('any line of a long program is found as it is written, however its lines end and its bytes came', () => {
  fc.assert(
    fc.property(fc.constantFrom('\n', '\r', '\r\n'), fc.integer({ min: 1000, max: 70_000 }), (end, piece) => {
      const lines = Array.from({ length: 13_000 }, (_, i) => `G1 X${i}${i % 7 ? '' : ' (turn)'}`);
      const bytes = new TextEncoder().encode(lines.join(end));
      const nought = [0, 0, 0] as const;
      const reader = new Reader(
        { taking: plainTaking, place: nought, nought, zero: nought },
        { move: () => undefined, act: () => undefined },
      );
      for (let i = 0; i < bytes.length; i += piece) reader.push(bytes.subarray(i, i + piece));
      const read = lineReader(bytes, reader.end().begins);
      for (const line of [1, 2, 4095, 4096, 4097, 4098, 8192, 8193, 12_999, 13_000])
        expect(read(line)).toBe(lines[line - 1]);
      expect(read(13_001)).toBe('');
    }),
    { seed: SEED, numRuns: 12 },
  );
});
