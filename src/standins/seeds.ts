/** Numbers from 0 up to 1 that look like chance and are the same each time. */
export type Dice = () => number;

/** A generator for one source of chance: each has its own, so that one asks without changing the others. */
export function diceOf(seed: number, source: string): Dice {
  let a = seed >>> 0;
  for (let i = 0; i < source.length; i++) a = Math.imul(a ^ source.charCodeAt(i), 0x01000193) >>> 0;
  return () => {
    // mulberry32
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** A number of the normal distribution (Box and Muller). */
export const normalOf = (dice: Dice): number =>
  Math.sqrt(-2 * Math.log(1 - dice())) * Math.cos(2 * Math.PI * dice());
