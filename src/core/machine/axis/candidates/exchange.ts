import { type Axis, type DriveKind, putInAxis, startingDrive, startingReducer } from '@/core/model';
import { type Candidate, offer } from './edits';

/** Drives that reach over any length. */
type LongDrive = Exclude<DriveKind, 'screw' | 'crank'>;

/**
 * Usual gearing of each kind of drive: a rack wants a planetary reducer, a belt or chain a belt stage or
 * none.
 */
const usual: Record<LongDrive, readonly (readonly ['planetary' | 'belt', number] | undefined)[]> = {
  rack: [
    ['planetary', 5],
    ['planetary', 10],
    ['belt', 3],
  ],
  belt: [undefined, ['belt', 2], ['belt', 3], ['planetary', 5]],
  chain: [undefined, ['belt', 2], ['belt', 3]],
};

/** Another kind of drive in place of the present one, with usual parts marked as estimates. */
function exchange(axis: Axis, kinds: readonly LongDrive[]): Candidate[] {
  const travel = axis.demands.travel.si;
  return kinds
    .filter((kind) => kind !== axis.drive.kind)
    .flatMap((kind) =>
      usual[kind].map((stage) =>
        offer(
          `to-${kind}`,
          [
            putInAxis('drive', startingDrive(kind, travel, axis.drive)),
            putInAxis('reducer', stage ? startingReducer(stage[0], stage[1]) : null),
          ],
          { ratio: stage?.[1] ?? 1, stage: stage?.[0] ?? 'none' },
        ),
      ),
    );
}

/** Travel from which on another kind of drive is worth a thought, m; common practice, no source. */
const LONG = 0.6;

/** Rack or belt in place of the present drive, for a long axis. */
export const otherDrives = (axis: Axis): Candidate[] =>
  axis.demands.travel.si > LONG ? exchange(axis, ['rack', 'belt']) : [];
