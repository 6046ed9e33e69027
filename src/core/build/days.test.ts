import { describe, expect, it } from 'vitest';
import { dayOf, daysOn, isoOf, weekdayOf } from './days';

describe('days', () => {
  it('are those of the calendar of the machine this runs on, over four hundred years', () => {
    for (let day = -60_000; day < 90_000; day += 7) {
      const iso = new Date(day * 86_400_000).toISOString().slice(0, 10);
      expect(isoOf(day)).toBe(iso);
      expect(dayOf(iso)).toBe(day);
      expect(weekdayOf(day)).toBe((new Date(day * 86_400_000).getUTCDay() + 6) % 7);
    }
  });
  it('go over the end of February and of a year', () => {
    expect(daysOn('2028-02-28', 1)).toBe('2028-02-29');
    expect(daysOn('2026-12-31', 1)).toBe('2027-01-01');
  });
});
