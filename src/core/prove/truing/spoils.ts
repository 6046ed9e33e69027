import { partOf } from './sheet';

/** A part with its direction, or all directions of a part. */
type Node = string;

/** Of drives any axis's, of whichever kind. */
const BED_DRIVES = ['screw', 'mesh', 'belt', 'chain', 'runout'];

/**
 * What must be read again when something was moved, by part and direction. Whatever is not named is
 * untouched: a
 * rail that goes sideways leaves its height alone. From the order of work in the trade, no source.
 */
const SPOILS: Readonly<Record<Node, readonly Node[]>> = {
  'posts/upright': [
    'posts/apart',
    'posts/step',
    'rail-a',
    'rail-b',
    'feet',
    'square',
    'plunge',
    'table',
    'tram',
    'drives',
  ],
  'posts/apart': ['posts/step', 'rail-a', 'rail-b', 'feet', 'square', 'table', 'tram', 'drives'],
  'posts/step': ['feet', 'square', 'table', 'tram'],
  'rail-a/height': [
    'rail-b/height',
    'feet',
    'cross/height',
    'cross-b/height',
    'plunge',
    'table',
    'tram',
    'arm',
  ],
  'rail-a/side': ['rail-b/side', 'square', 'drives'],
  'rail-b/height': ['feet', 'cross/height', 'cross-b/height', 'plunge', 'table', 'tram', 'arm'],
  'rail-b/side': ['square', 'drives'],
  // Feet that are loosened turn, too.
  feet: ['cross/height', 'square', 'plunge', 'table', 'tram'],
  'cross/height': ['cross-b/height', 'plunge', 'table', 'tram', 'arm'],
  'cross/side': ['cross-b/side', 'square', 'plunge', 'drives', 'table', 'tram'],
  'cross-b/height': ['plunge', 'table', 'tram'],
  'cross-b/side': ['plunge', 'table', 'tram', 'drives'],
  square: ['drives'],
  arm: ['plunge', 'table', 'tram'],
  plunge: ['drives', 'tram'],
  // A square stood on it for the plunge axis; turning that axis leaves the table as flat as it was.
  table: ['plunge', 'tram'],
};

const isDrive = (key: string) => BED_DRIVES.includes(key.split(':')[0]!);

/** Whether a node of the table means a sheet. */
const means = (node: Node, key: string): boolean =>
  node === 'drives' ? isDrive(key) : key === node || (!node.includes('/') && partOf(key) === node);

/** Rows of the table that speak of what was moved: one direction, or all of a part. */
const rowsOf = (moved: Node): readonly (readonly Node[])[] =>
  Object.entries(SPOILS).flatMap(([node, spoilt]) =>
    means(node, moved) || means(moved, node) ? [spoilt] : [],
  );

/**
 * Whether readings of a sheet no longer hold after something was moved, besides those of the thing itself.
 * @param moved a sheet's key, or a part without its direction.
 */
export function spoils(moved: Node, key: string): boolean {
  if (moved === key) return false;
  if (moved === 'frame') return key !== 'frame';
  return rowsOf(moved).some((spoilt) => spoilt.some((node) => means(node, key)));
}

/** Whether something that was moved is what a sheet reads. */
export const isOwn = (moved: Node, key: string): boolean => means(moved, key);
