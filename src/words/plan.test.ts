import { describe, expect, it } from 'vitest';
import { cannotText } from '.';

describe('what a plan cannot do, in words', () => {
  const soft = [
    { job: 'aluminium', wants: 4e6 },
    { job: 'steel', wants: 2e7 },
  ] as const;
  it('names the work with what it wants, and the first thing that is too exact for it', () => {
    expect(cannotText(soft, 2.5e6, 0.00013, 'metric')).toEqual([
      'It is too soft for aluminium (wants some 4 N/µm); steel, milled (wants some 20 N/µm): ' +
        'it has 2.5 N/µm.',
      'It is not for a sliding lid (± 0.1 mm): its error is likely to be ± 0.13 mm.',
    ]);
    expect(cannotText([], 2.5e6, 0.00013, 'imperial')).toEqual([
      'It is not for a sliding lid (± 0.0039 in): its error is likely to be ± 0.0051 in.',
    ]);
  });
  it('says nothing where there is nothing', () => {
    expect(cannotText([], 2.5e6, 0.00002, 'metric')).toEqual([]);
  });
});
