import { expect, it } from 'vitest';
import { shake } from '@test/helpers/line-noise';

it.each(Array.from({ length: 20 }, (_, i) => i + 1))(
  '5,000 mutated lines, seed %i: no crash, no motion that was not commanded',
  (seed) => expect(shake(seed, 5000)).toEqual({ lines: 5000, stray: 0, unread: 0, recovers: true }),
  60_000,
);
