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

/** What stands beside the travel: folded away, for most axes have little of it. */
const beside: readonly (readonly [string, Paths, (axis: Axis) => boolean])[] = [
  ['Beyond the drive', ['fit.beyond.coupling', 'fit.beyond.motor', 'fit.beyond.plug'], () => true],
  ['Reach over the table', ['guide.toolX', 'fit.reach.start', 'fit.reach.length'], () => true],
  ['Bellows', ['fit.bellows.near', 'fit.bellows.far'], () => true],
  [
    'Joined rails',
    ['fit.joints.a', 'fit.joints.b'],
    ({ guide }) => guide.kind !== 'v-wheel' && guide.kind !== 'tube-bearing',
  ],
  [
    'Cable chain',
    ['fit.cable.radius', 'fit.cable.pitch', 'fit.cable.height', 'fit.cable.anchor'],
    () => true,
  ],
];

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
  crank: ['drive.crankRadius', 'drive.linkLength', 'fit.driveOffset', 'fit.driveStart'],
};
const driveName: Record<Axis['drive']['kind'], string> = {
  screw: 'Screw',
  rack: 'Rack',
  belt: 'Belt',
  chain: 'Chain',
  crank: 'Crank and link',
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
      {beside
        .filter(([, , there]) => there(axis))
        .map(([title, paths]) => (
          <Fold key={title} className={styles.part} summary={title}>
            <Fields index={index} paths={paths} />
          </Fold>
        ))}
    </section>
  );
}
