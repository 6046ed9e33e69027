import type { Ink } from './shapes';

/** The inks on white paper. */
export const paperInks: Record<Ink, string> = {
  ink: '#000000',
  soft: '#444444',
  panel: '#ffffff',
  steel: '#dddddd',
  blue: '#22378c',
  blueWash: '#e8ebf6',
  amber: '#8a570d',
  amberWash: '#f8f0e0',
  red: '#a32c1c',
  green: '#2a6a49',
};
