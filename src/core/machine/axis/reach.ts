import { fit } from '@/core/fit';
import type { Axis } from '@/core/model';
import { quantity } from '@/core/units';
import { silentWorksheet, type Worksheet } from '@/core/worksheet';
import type { TravelChain } from './chain';

/** What the tool reaches of the table along one axis, m. */
export interface ToolReach {
  /** From where to where the tool travels between the soft limits, from the near rail end. */
  readonly from: number;
  readonly to: number;
  /** Of the table that it reaches. */
  readonly common: number;
  /** How far it travels past the near and the far edge of the table: minus where it does not get there. */
  readonly before: number;
  readonly beyond: number;
  /** How many inputs of the chain are not said, without which it reaches at most so much. */
  readonly missing: number;
}

/**
 * What the tool reaches of the table; null where nobody has said where the table lies, or nothing is closed.
 */
export function reachOf(
  { fit: said, guide, demands }: Axis,
  { closed, ends, soft, missing }: TravelChain,
  sheet: Worksheet = silentWorksheet,
): ToolReach | null {
  const { start, length } = said.reach;
  if (!start || !length || !closed || soft === null) return null;
  // Between the soft limits, and no further than is asked: the travel lies in the middle of what is left.
  const spare = Math.max(0, soft - demands.travel.si) / 2;
  const least = quantity('length', closed.from + ends.near.taken + spare);
  const most = quantity('length', closed.to - ends.far.taken - spare);
  const tool = guide.toolX.si;
  const common = sheet.apply(
    fit.toolReach,
    { least, most, tool, start: start.si, table: length.si },
    'chain.reach',
    { tool: 'guide.toolX', start: 'fit.reach.start', table: 'fit.reach.length' },
  );
  return {
    from: least + tool,
    to: most + tool,
    common,
    before: start.si - (least + tool),
    beyond: most + tool - (start.si + length.si),
    missing: missing.length,
  };
}
