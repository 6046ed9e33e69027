import type { ChainPartId } from '@/core/machine';

/** What may end the travel of an axis, as a builder calls it. */
export const chainPartName: Record<ChainPartId, string> = {
  rail: 'Rail',
  thread: 'Thread',
  blocks: 'End blocks',
  rack: 'Rack',
  loop: 'Pulleys',
  stops: 'Stops',
  bellows: 'Bellows',
};

/** How much of a part more travel wants. */
export const longerPart: Record<ChainPartId, string> = {
  rail: 'Rail of',
  thread: 'Thread of',
  blocks: 'End blocks apart by',
  rack: 'Rack of',
  loop: 'Shafts apart by',
  stops: 'Stops apart by',
  bellows: 'Between the bellows',
};

/** How a plate is made. */
export const makingName: Readonly<Record<string, string>> = {
  drill: 'drilling',
  mill: 'milling',
  laser: 'laser',
  plasma: 'plasma',
  water: 'water jet',
};
