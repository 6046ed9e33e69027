import { describe, expect, it } from 'vitest';
import { atHomeText, bytesText } from '.';

const now = '2026-11-20T12:00:00Z';

describe('what is in this browser alone, in words', () => {
  it.each([
    [{ saves: 0 }, 'unchanged since it came in'],
    [{ saves: 1 }, 'never left this browser; one save since it came in'],
    [{ left: '2026-11-20T09:00:00Z', saves: 0 }, 'all of it left this browser as a file within a day'],
    [{ left: '2026-11-19T09:00:00Z', saves: 0 }, 'all of it left this browser as a file a day ago'],
    [{ left: '2026-11-01T09:00:00Z', saves: 12 }, 'left this browser as a file 19 days ago; 12 saves since'],
  ])('%o', (state, text) => {
    expect(atHomeText(state, now)).toBe(text);
  });
  it.each([
    [0, '1 kB'],
    [45_300, '45 kB'],
    [3_240_000, '3.2 MB'],
    [48_700_000, '49 MB'],
    [10_737_000_000, '11 GB'],
  ])('%d bytes are %s', (bytes, text) => {
    expect(bytesText(bytes)).toBe(text);
  });
});
