/*
 * Days as whole numbers, counted from 1970-01-01. Calendar days only: no clock, no zone.
 * After the well-known reckoning with years that begin in March.
 */

/** @param iso `2026-11-27`. */
export function dayOf(iso: string): number {
  const [year, month, day] = iso.split('-').map(Number) as [number, number, number];
  const y = month <= 2 ? year - 1 : year;
  const era = Math.floor(y / 400);
  const ofEra = y - era * 400;
  const ofYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
  return era * 146_097 + ofEra * 365 + Math.floor(ofEra / 4) - Math.floor(ofEra / 100) + ofYear - 719_468;
}

const two = (n: number) => String(n).padStart(2, '0');

/** The day as `2026-11-27`. */
export function isoOf(day: number): string {
  const z = day + 719_468;
  const era = Math.floor(z / 146_097);
  const ofEra = z - era * 146_097;
  const years = Math.floor(
    (ofEra - Math.floor(ofEra / 1460) + Math.floor(ofEra / 36_524) - Math.floor(ofEra / 146_096)) / 365,
  );
  const ofYear = ofEra - (365 * years + Math.floor(years / 4) - Math.floor(years / 100));
  const m = Math.floor((5 * ofYear + 2) / 153);
  const date = ofYear - Math.floor((153 * m + 2) / 5) + 1;
  const month = m < 10 ? m + 3 : m - 9;
  return `${years + era * 400 + (month <= 2 ? 1 : 0)}-${two(month)}-${two(date)}`;
}

/** Monday is 0. */
export const weekdayOf = (day: number): number => (((day + 3) % 7) + 7) % 7;

/** A day some days on. */
export const daysOn = (iso: string, days: number): string => isoOf(dayOf(iso) + days);
