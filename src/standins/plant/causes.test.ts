import { describe, expect, it } from 'vitest';
import { plantCauses, rankOf } from '@test/helpers/plant-axis';

describe('from a plant with a fault, by readings taken off it, to its cause', () => {
  it('a machine of each cause: first in 70 of 100, among three in 90', () => {
    const ranks = plantCauses.map((cause) => ({ cause, rank: rankOf(cause, 1) }));
    const share = (most: number) => ranks.filter((r) => r.rank <= most).length / ranks.length;
    expect(share(1), JSON.stringify(ranks)).toBeGreaterThanOrEqual(0.7);
    expect(share(3), JSON.stringify(ranks)).toBeGreaterThanOrEqual(0.9);
  });
});
