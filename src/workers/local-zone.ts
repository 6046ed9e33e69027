import type { Zone } from '@/core/build';

const MINUTE = 60_000;

/** The clock on the wall here: how it runs against the world's is the machine's own knowledge. */
export const localZone: Zone = {
  real: (wall) => {
    const date = new Date(0);
    const utc = new Date(wall * MINUTE);
    date.setFullYear(utc.getUTCFullYear(), utc.getUTCMonth(), utc.getUTCDate());
    date.setHours(utc.getUTCHours(), utc.getUTCMinutes(), 0, 0);
    return date.getTime() / MINUTE;
  },
  wall: (real) => {
    const date = new Date(real * MINUTE);
    return (
      Date.UTC(date.getFullYear(), date.getMonth(), date.getDate(), date.getHours(), date.getMinutes()) /
      MINUTE
    );
  },
};
