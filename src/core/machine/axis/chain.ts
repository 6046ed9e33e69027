import { closeChain, type Closed, fit } from '@/core/fit';
import type { Axis } from '@/core/model';
import { quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { type ChainPart, type ChainPartId, chainParts } from './chain-parts';
import { type EndPlace, endPlaces, type Side } from './end-places';
import { type Lengths, lengthsOf } from './lengths';

/** An axis end to end: what lets it travel, what each end takes, what is left between the soft limits. */
export interface TravelChain {
  readonly parts: readonly ChainPart[];
  /** Null where no part is known. */
  readonly closed: Closed<ChainPartId> | null;
  /** What each end takes of the stroke, from the hard contact inwards. */
  readonly ends: Readonly<Record<Side, EndPlace>>;
  /** Travel between the soft limits, m; null where no part is known. */
  readonly soft: number | null;
  /** Stroke that the asked travel wants with what the ends take, m. */
  readonly wanted: number;
  /** What is cut to length, and what a carriage past its rail end costs. */
  readonly lengths: Lengths;
  /** Inputs, by their paths inside the axis, without which it is a bound: at most so much. */
  readonly missing: readonly string[];
}

const isSaid = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && ('si' in value || Object.values(value).some(isSaid));

/** Whether anybody has begun to say how an axis goes together along its travel. */
export function fitBegun({ fit: said }: Axis): boolean {
  // Stack-ups and what stands beside the travel say nothing of it.
  const {
    stack: _stack,
    plates: _plates,
    mount: _mount,
    stopForce: _force,
    homing: _homing,
    reach: _reach,
    beyond: _beyond,
    joints: _joints,
    cable: _cable,
    ...along
  } = said;
  return isSaid(along);
}

/** The travel chain of an axis. @param sheet where the lines of the working go. */
export function chainOf(axis: Axis, sheet: Worksheet): TravelChain {
  const { parts, missing } = chainParts(axis, sheet);
  const ends = endPlaces(axis, sheet);
  const closed = parts.length ? closeChain(parts) : null;
  const [near, far] = [ends.near.taken, ends.far.taken].map((m) => quantity('length', m));
  const stroke = quantity('length', closed?.stroke ?? 0);
  const soft = closed
    ? sheet.apply(fit.softTravel, { stroke, near: near!, far: far! }, 'chain.soft', {
        near: `#${ends.near.line}`,
        far: `#${ends.far.line}`,
      })
    : null;
  return {
    parts,
    closed,
    ends,
    soft,
    wanted: axis.demands.travel.si + near! + far!,
    lengths: lengthsOf(axis, sheet),
    missing: [...missing, ...ends.missing],
  };
}
