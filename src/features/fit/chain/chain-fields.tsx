'use client';

import type { Axis, AxisFieldPath } from '@/core/model';
import { MachineField } from '@/features/fields';
import { Fold } from '@/ui/fold';
import styles from '../fit.module.css';

type Paths = readonly AxisFieldPath[];

const railPaths = [
  'guide.railLength',
  'guide.carriageSpan',
  'guide.overhang',
  'fit.stops.near',
  'fit.stops.far',
] as const satisfies Paths;
const endPaths = [
  'fit.ends.near.crash',
  'fit.ends.near.trip',
  'fit.ends.near.margin',
  'fit.ends.far.crash',
  'fit.ends.far.trip',
  'fit.ends.far.margin',
  'fit.scatter',
  'fit.reaction',
] as const satisfies Paths;

/** What the chain asks of a drive, by its kind. */
const drivePaths: Record<Axis['drive']['kind'], Paths> = {
  screw: [
    'drive.betweenBearings',
    'fit.thread',
    'fit.nut',
    'fit.housing',
    'fit.reserve',
    'fit.clearance',
    'fit.journals.drive',
    'fit.journals.far',
    'fit.driveOffset',
    'fit.driveStart',
  ],
  rack: ['fit.rack', 'fit.driveOffset', 'fit.driveStart'],
  belt: [
    'drive.centreDistance',
    'fit.clamp',
    'fit.clearance',
    'fit.grip',
    'fit.mouths',
    'fit.driveOffset',
    'fit.driveStart',
  ],
  chain: ['drive.centreDistance', 'fit.clamp', 'fit.clearance', 'fit.driveOffset', 'fit.driveStart'],
};
const driveName: Record<Axis['drive']['kind'], string> = {
  screw: 'Screw',
  rack: 'Rack',
  belt: 'Belt',
  chain: 'Chain',
};

const Fields = ({ index, paths }: { index: number; paths: Paths }) =>
  paths.map((path) => <MachineField key={path} path={`axes.${index}.${path}`} />);

/** What the travel chain of an axis is made from. */
export function ChainFields({ axis, index }: { axis: Axis; index: number }) {
  const { kind } = axis.drive;
  return (
    <section aria-labelledby="chain-fields" className={styles.fields}>
      <h2 id="chain-fields" className={styles.heading}>
        Along the travel
      </h2>
      <Fields index={index} paths={['demands.travel']} />
      <Fold open className={styles.part} summary="Rail and stops">
        <Fields index={index} paths={railPaths} />
      </Fold>
      <Fold open className={styles.part} summary={driveName[kind]}>
        <Fields index={index} paths={drivePaths[kind]} />
      </Fold>
      <Fold open className={styles.part} summary="What each end keeps">
        <Fields index={index} paths={endPaths} />
      </Fold>
    </section>
  );
}
