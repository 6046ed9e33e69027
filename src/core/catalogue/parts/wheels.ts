import { type Axis, type DriveKind, guess, startingDrive, startingReducer } from '@/core/model';
import { belts, beltStages, pulleys } from '../tables/belts';
import { chains, sprockets } from '../tables/chains';
import { pinions, racks } from '../tables/racks';
import { planetaryReducers } from '../tables/reducers';
import type { Family } from './part';

const baseOf = (kind: DriveKind) => (axis: Axis) =>
  axis.drive.kind === kind
    ? axis.drive
    : startingDrive(kind, axis.demands.travel.si, {
        sets: axis.drive.sets,
        worstShare: axis.drive.worstShare,
      });

const optional =
  (...paths: string[]) =>
  () =>
    paths.map((path) => ({ path, value: null }));

export const wheelFamilies: readonly Family[] = [
  {
    id: 'rack',
    name: 'Racks',
    link: 'drive',
    root: 'drive',
    base: baseOf('rack'),
    columns: [
      { path: 'drive.module', title: 'Module' },
      { path: 'drive.helixAngle', title: 'Helix' },
      { path: 'drive.faceWidth', title: 'Face' },
      { path: 'drive.pitchError', title: 'Error' },
    ],
    standard: ['drive.module', 'drive.helixAngle', 'drive.pressureAngle'],
    forget: optional('drive.meshStiffness'),
    parts: racks,
  },
  {
    id: 'pinion',
    name: 'Pinions',
    link: 'drive',
    root: 'drive',
    base: baseOf('rack'),
    columns: [
      { path: 'drive.module', title: 'Module' },
      { path: 'drive.teeth', title: 'Teeth' },
      { path: 'drive.inertia', title: 'Inertia' },
    ],
    standard: ['drive.module', 'drive.helixAngle', 'drive.teeth'],
    forget: () => [],
    parts: pinions,
  },
  {
    id: 'belt',
    name: 'Toothed belts',
    link: 'drive',
    root: 'drive',
    base: baseOf('belt'),
    columns: [
      { path: 'drive.pitch', title: 'Pitch' },
      { path: 'drive.width', title: 'Width' },
      { path: 'drive.allowedPull', title: 'Pull' },
    ],
    standard: ['drive.pitch'],
    forget: optional('drive.maxSpeed'),
    parts: belts,
  },
  {
    id: 'pulley',
    name: 'Pulleys',
    link: 'drive',
    root: 'drive',
    base: baseOf('belt'),
    columns: [
      { path: 'drive.pitch', title: 'Pitch' },
      { path: 'drive.teeth', title: 'Teeth' },
      { path: 'drive.inertia', title: 'Inertia' },
    ],
    standard: ['drive.pitch', 'drive.teeth'],
    forget: () => [],
    parts: pulleys,
  },
  {
    id: 'chain',
    name: 'Roller chains',
    link: 'drive',
    root: 'drive',
    base: baseOf('chain'),
    columns: [
      { path: 'drive.pitch', title: 'Pitch' },
      { path: 'drive.breakingLoad', title: 'Strength' },
      { path: 'drive.lineMass', title: 'Mass' },
    ],
    standard: ['drive.pitch', 'drive.breakingLoad'],
    forget: optional('drive.maxSpeed', 'drive.play'),
    parts: chains,
  },
  {
    id: 'sprocket',
    name: 'Sprockets',
    link: 'drive',
    root: 'drive',
    base: baseOf('chain'),
    columns: [
      { path: 'drive.pitch', title: 'Pitch' },
      { path: 'drive.teeth', title: 'Teeth' },
      { path: 'drive.inertia', title: 'Inertia' },
    ],
    standard: ['drive.pitch', 'drive.teeth'],
    forget: () => [],
    parts: sprockets,
  },
  {
    id: 'planetary-reducer',
    name: 'Planetary reducers',
    link: 'reducer',
    root: 'reducer',
    base: emptyReducer('planetary'),
    columns: [
      { path: 'reducer.ratio', title: 'Ratio' },
      { path: 'reducer.backlash', title: 'Play' },
      { path: 'reducer.torqueLimit', title: 'Torque' },
      { path: 'reducer.inputSpeed', title: 'Input' },
    ],
    standard: [],
    forget: () => [],
    parts: planetaryReducers,
  },
  {
    id: 'belt-stage',
    name: 'Belt stages',
    link: 'reducer',
    root: 'reducer',
    base: emptyReducer('belt'),
    columns: [
      { path: 'reducer.ratio', title: 'Ratio' },
      { path: 'reducer.pulleys.motorTeeth', title: 'On motor' },
      { path: 'reducer.pulleys.driveTeeth', title: 'On drive' },
    ],
    standard: [
      'reducer.pulleys.pitch',
      'reducer.pulleys.motorTeeth',
      'reducer.pulleys.driveTeeth',
      'reducer.ratio',
    ],
    forget: () => [],
    parts: beltStages,
  },
];

/**
 * A reducer of a kind that a part is put into: usual figures where the part states none, the old datasheet's
 * gone.
 */
function emptyReducer(kind: 'belt' | 'planetary') {
  return (): object => ({
    ...startingReducer(kind, 2),
    inputSpeed: null,
    torqueLimit: null,
    stiffness: null,
    pulleys:
      kind === 'belt'
        ? {
            motorTeeth: guess('count', '20'),
            driveTeeth: guess('count', '40'),
            pitch: guess('length', '5 mm'),
            centreDistance: guess('length', '150 mm'),
            lineMass: guess('linearDensity', '60 g/m'),
          }
        : null,
  });
}
