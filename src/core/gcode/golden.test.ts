import { describe, expect, it } from 'vitest';
import { goldenPrograms } from '@test/golden/gcode-programs';
import { readGcode } from '@test/helpers/gcode';

describe('programs of our own', () => {
  it('there are sixty', () => expect(goldenPrograms.length).toBeGreaterThanOrEqual(60));
  it.each(goldenPrograms.map((g) => [g.name, g] as const))(
    '%s',
    (_name, { text, does, notes = [], taking }) => {
      const read = readGcode(text, taking);
      expect(read.lines).toEqual(does);
      expect(read.notes.filter((n) => !n.includes('no-end'))).toEqual(notes);
    },
  );
  it('in whatever pieces they come, and with whatever ends of lines', () => {
    for (const { text, taking } of goldenPrograms) {
      const whole = readGcode(text, taking, 1e6);
      for (const [ends, piece] of [
        ['\r\n', 1],
        ['\r', 3],
        ['\n', 5],
      ] as const)
        expect(readGcode(text.replaceAll('\n', ends), taking, piece)).toEqual({
          ...whole,
          told: { ...whole.told, bytes: expect.any(Number) as number },
        });
    }
  });
});
