/** Two bolts of one group, seen from the side: where they sit. */
export interface BoltPair {
  readonly first: number;
  readonly second: number;
}

/**
 * What moves of two bolts do to the height at a place and to the tilt there: rows height and tilt, columns
 * the bolts. Both at once, because the same two bolts do both.
 * @throws RangeError where both sit at one place.
 */
export function groupEffect({ first, second }: BoltPair, place: number): readonly [number[], number[]] {
  const apart = second - first;
  if (apart === 0) throw new RangeError('both bolts at one place cannot tilt anything');
  const share = (place - first) / apart;
  return [
    [1 - share, share],
    [-1 / apart, 1 / apart],
  ];
}
