import type { AxisFieldPath } from '@/core/model';
import type { FieldText } from './field-text';
import { driveText } from './labels-drive';
import { fitText } from './labels-fit';
import { guideText } from './labels-guide';
import { motorText } from './labels-motor';

/** Name and help of every measured input of an axis. */
export const fieldText: Record<AxisFieldPath, FieldText> = {
  ...driveText,
  ...guideText,
  ...fitText,
  ...motorText,
  'demands.travel': {
    label: 'Travel',
    help:
      'From stop to stop of the carriage. It is more than the work area: tool offsets and margins ' +
      'come on top.',
  },
  'demands.inclination': { label: 'Inclination', help: '0° is level, 90° is straight up.' },
  'demands.feed': { label: 'Cutting feed', help: 'The fastest feed while the tool is in the work.' },
  'demands.rapid': { label: 'Rapid', help: 'Travel without cutting.' },
  'demands.acceleration': {
    label: 'Acceleration',
    help: 'The same for rapids and in corners of a cut, as controllers do it. 1 g is 9.8 m/s².',
  },
  'demands.jerk': {
    label: 'Jerk',
    help: 'How fast the acceleration comes on. Leave it empty if your controller knows no jerk limit.',
  },
  'demands.cuttingForce': { label: 'Cutting force', help: 'Peak force along this axis in the worst cut.' },
  'demands.lostMotion': {
    label: 'Lost motion',
    help: 'Most that may be lost at a reversal. Left empty nothing is asked.',
  },
  'loads.guideDrag': {
    label: 'Guide drag',
    help:
      'What resists a slow push with the drive undone. Pull with a luggage scale. Left empty: from ' +
      'friction and wipers of the carriages.',
  },
  'loads.otherDrag': {
    label: 'Chain and hose',
    help: 'Drag of cable chain, hose and cable: 5 to 20 N (common practice).',
  },
  'loads.counterbalance': {
    label: 'Counterbalance',
    help: 'A push up that is the same everywhere. Counterweights and gas springs have their own lines.',
  },
  'drive.worstShare': {
    label: 'Busier side',
    help:
      'Share of the load on the busier of the two screws: 0.5 if it stays in the middle, near 1 ' +
      'when the head stands over one side.',
  },
  'drive.nominalDiameter': { label: 'Nominal diameter', help: 'Over the thread.' },
  'drive.rootDiameter': {
    label: 'Root diameter',
    help: 'At the bottom of the thread. It decides whip and column load.',
  },
  'drive.lead': { label: 'Lead', help: 'Travel per turn. With several starts it is pitch times starts.' },
  'drive.starts': { label: 'Starts', help: 'Count the thread ends at the end of the screw.' },
  'drive.betweenBearings': { label: 'Between bearings' },
  'drive.nutOffset': {
    label: 'Bearing to nut',
    help:
      'From the motor-end bearing to the middle of the nut with the carriage at the motor end. Left ' +
      'empty, whip is computed as if the nut did not help.',
  },
  'drive.temperatureRise': { label: 'Warms by', help: 'Screw over frame after an hour of work.' },
  'drive.stretch': {
    label: 'Stretched by',
    help: 'Tension put into the screw at assembly; only with both ends fixed.',
  },
  'drive.bearingStiffness': {
    label: 'Bearing stiffness',
    help: 'Axial, from the datasheet of the thrust bearing.',
  },
  'drive.bearingDynamicLoad': {
    label: 'Rating C',
    help: 'Dynamic, radial, of one thrust bearing, as its catalogue gives it.',
  },
  'drive.bearingStaticLoad': {
    label: 'Static rating C0',
    help: 'Radial, of one thrust bearing, as its catalogue gives it.',
  },
  'drive.bearingDrag': { label: 'Bearing drag', help: 'Torque that turns the screw alone, nut off.' },
  'drive.nutInertia': {
    label: 'Nut inertia',
    help: 'Nut, its bearing and its pulley together, where the nut turns.',
  },
  'drive.screwInertia': {
    label: 'Screw inertia',
    help: 'Of the whole screw, from its datasheet. Left empty it is computed from the thread profile.',
  },
  'drive.thread.efficiency': { label: 'Efficiency', help: 'Ball screws 0.90 to 0.95 (from memory).' },
  'drive.thread.preload': {
    label: 'Preload',
    help: 'Force between the two halves of the nut. 0 without preload.',
  },
  'drive.thread.dynamicLoad': { label: 'Dynamic rating Ca' },
  'drive.thread.staticLoad': { label: 'Static rating C0a' },
  'drive.thread.nutStiffness': { label: 'Nut stiffness' },
  'drive.thread.nutLength': {
    label: 'Thread in the nut',
    help: 'Length of thread that carries; of a nut in two halves, of the half that pushes.',
  },
  'drive.thread.speedLimit': {
    label: 'DN limit',
    help: 'Nominal diameter in mm times rpm. Left empty: 50000 rolled, 70000 ground (from memory).',
  },
  'drive.thread.friction': {
    label: 'Friction',
    help: 'In the thread: bronze on steel, greased, 0.10 to 0.15; plastic nut 0.08 to 0.2 (from memory).',
  },
  'drive.thread.collarFriction': { label: 'Collar friction', help: '0 with rolling thrust bearings.' },
  'drive.thread.collarDiameter': {
    label: 'Collar diameter',
    help: 'Mean diameter of a plain thrust collar.',
  },
  'reducer.ratio': {
    label: 'Ratio',
    help:
      'Motor turns for one turn of the drive. With pulleys: teeth on the drive over teeth on the ' +
      'motor. Below 1 it speeds up.',
  },
  'reducer.efficiency': {
    label: 'Efficiency',
    help: 'Belt stage 0.95 to 0.98, one planetary stage 0.92 to 0.96 (from memory).',
  },
  'reducer.inertia': {
    label: 'Inertia',
    help: 'As the motor feels it: the driven pulley counts divided by the square of the ratio.',
  },
  'reducer.backlash': { label: 'Play', help: 'At the output, as planetary reducers state it.' },
  'reducer.inputSpeed': { label: 'Highest input' },
  'coupling.inertia': { label: 'Inertia' },
};

/** Columns of the duty cycle. */
export const dutyText: Record<string, string> = { distance: 'Distance', rest: 'Rest', times: 'Times' };

/** The label of any path, bodies of the moving mass included. */
export function labelOf(path: string): string {
  if (path.startsWith('loads.masses')) return 'Moving mass';
  if (path.startsWith('motor.curve')) return 'Torque curve';
  if (path.startsWith('duty.')) return dutyText[path.split('.').pop()!] ?? 'Duty cycle';
  return (fieldText as Record<string, FieldText>)[path]?.label ?? path;
}

/** What stays unknown while an optional input is missing. */
export const effectText: Record<string, string> = {
  whip: 'whip is computed without the help of the nut',
  stiffness: 'stiffness and frequency are upper bounds',
  life: 'the life of the screw is not known',
  'nut-static': 'whether a hard push dents the screw is not known',
  'bearing-static': 'whether a hard push dents the thrust bearing is not known',
  'bearing-life': 'the life of the thrust bearing is not known',
  dn: 'the DN limit is the low end of what is usual (memory)',
  supply: 'whether the driver stands the supply is not known',
  crest: 'whether the driver can give the crest current is not known',
  reducer: 'how fast the reducer may be driven is not known',
  'travel-chain': 'whether the rail is long enough is not known',
  play: 'its share of the lost motion is not known',
  pins: 'whether the pins of the link stand the thrust is not known',
  'shaft-load': 'whether the shaft stands the pull of the drive is not known',
  'carriage-loads': 'the loads of the carriages are not known',
  'guide-static': 'the static safety of the carriages is not known',
  'guide-life': 'the life of the guide is not known',
  'reducer-torque': 'whether the reducer stands the torque is not known',
  'supply-power': 'whether the supply is big enough is not known',
  regeneration: 'how far braking lifts the supply voltage is not known',
};
