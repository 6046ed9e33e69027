/** How a rack is put together. Lengths in m from the start of the rack. */
export interface RackPlan {
  /** Whole-tooth length that the travel needs. */
  readonly length: number;
  readonly pieces: number;
  /** Places of the joints. */
  readonly joints: readonly number[];
  /** Length of the last piece, whole teeth. */
  readonly last: number;
}

/**
 * Pieces of rack for a travel: two teeth beyond it at each end, every piece of whole teeth, the last one cut.
 * @param segment length of a piece as bought, two teeth or more. @param pitch along the rack.
 */
export function planRack(travel: number, segment: number, pitch: number): RackPlan {
  const teeth = Math.ceil(travel / pitch - 1e-9) + 4;
  const perPiece = Math.max(2, Math.floor(segment / pitch + 1e-6));
  const pieces = Math.ceil(teeth / perPiece);
  // A fourth of a million pieces is nonsense that the rules let through: its joints are not listed.
  const joints = Array.from({ length: Math.min(pieces - 1, 200) }, (_, i) => (i + 1) * perPiece * pitch);
  return { length: teeth * pitch, pieces, joints, last: (teeth - (pieces - 1) * perPiece) * pitch };
}
