import type { AxisFieldPath } from '@/core/model';
import type { FieldText } from './field-text';

type FitPath = Extract<AxisFieldPath, `fit.${string}`>;
type EndPath<S extends 'near' | 'far'> = Extract<AxisFieldPath, `fit.ends.${S}.${string}`>;

const end = <S extends 'near' | 'far'>(side: S, name: string): Record<EndPath<S>, FieldText> => {
  const texts = {
    crash: {
      label: `${name} crash zone`,
      help: 'Kept before the hard contact: stroke of the cushion and what is left free.',
    },
    trip: {
      label: `${name} switch at`,
      help:
        'From the hard contact inwards to where the switch trips. Empty: as far in as stopping from rapid ' +
        'wants.',
    },
    margin: {
      label: `${name} margin`,
      help: 'From the trip inwards to the soft limit: 2 to 5 mm (common practice).',
    },
    over: {
      label: `${name} over-travel`,
      help: 'How far the switch may be run over behind its trip before it is broken.',
    },
    'cushion.stiffness': {
      label: `${name} stop gives`,
      help: 'Stiffness of stop and frame together. Empty: not known.',
    },
    'cushion.thickness': { label: `${name} pad`, help: 'Thickness along the travel, unpressed.' },
    'cushion.area': { label: `${name} face`, help: 'Face of all pads of this end together.' },
    'cushion.crush': {
      label: `${name} crushes at`,
      help: 'Pressure at which the foam crushes; it hardly rises. Datasheet, or press it on a scale.',
    },
    'cushion.rate': { label: `${name} spring`, help: 'Rate of all springs of this end together.' },
    'cushion.stroke': { label: `${name} spring stroke`, help: 'Until it is pressed solid.' },
  };
  return Object.fromEntries(
    Object.entries(texts).map(([path, text]) => [`fit.ends.${side}.${path}`, text]),
  ) as Record<EndPath<S>, FieldText>;
};

/** Name and help of what Fit asks of an axis. */
export const fitText: Record<FitPath, FieldText> = {
  ...end('near', 'Near'),
  ...end('far', 'Far'),
  'fit.driveStart': {
    label: 'Drive begins at',
    help:
      'From the near rail end to the near end of thread, rack, or shaft of the near pulley; minus where it ' +
      'stands out. Empty: it sits where it serves best.',
  },
  'fit.driveOffset': {
    label: 'Off the middle',
    help: 'Middle of nut, pinion or clamp from the middle of the carriages, plus towards the far end.',
  },
  'fit.thread': { label: 'Thread', help: 'Length of the thread. Empty: all between the bearings.' },
  'fit.rack': { label: 'Rack', help: 'Length of its teeth. Empty: whole racks for the travel.' },
  'fit.nut': { label: 'Nut', help: 'Over its wipers: the thread must hold all of it.' },
  'fit.housing': { label: 'Nut and housing', help: 'Overall, as they meet the end blocks.' },
  'fit.clamp': { label: 'Between the pulleys', help: 'Length of what runs between them at the belt.' },
  'fit.stops.near': {
    label: 'Near stop',
    help: 'From the near rail end inward to the face that meets the carriages; minus where it stands out.',
  },
  'fit.stops.far': { label: 'Far stop', help: 'The same from the far rail end.' },
  'fit.scatter': { label: 'Switch spread', help: 'How far apart the switch trips from time to time.' },
  'fit.reaction': {
    label: 'Reaction',
    help: 'From the trip until the controller brakes: switch, filter and poll, 5 to 30 ms (memory; measure).',
  },
  'fit.reserve': {
    label: 'Thread kept',
    help: 'At each end, so that no ball is lost. Empty: a lead, and at least 5 mm (common practice).',
  },
  'fit.journals.drive': {
    label: 'Journal at drive',
    help: 'What is turned beyond the thread: bearing seat, lock nut, shank for the coupling.',
  },
  'fit.journals.far': { label: 'Far journal', help: 'Bearing seat and ring groove at the other end.' },
  'fit.grip': { label: 'Belt in a clamp', help: 'At least six teeth in each (common practice).' },
  'fit.mouths': { label: 'Between the clamps', help: 'From the mouth of one clamp to that of the other.' },
  'fit.clearance': {
    label: 'Kept free',
    help: 'Between what moves and what stands at each end. Empty: 3 mm (common practice).',
  },
  'fit.homing.speed': { label: 'Homing speed', help: 'Of the first pass, towards the switch.' },
  'fit.homing.again': { label: 'Second pass', help: 'Slowly on to the switch again.' },
  'fit.homing.pullOff': { label: 'Pull-off', help: 'How far it backs off the switch.' },
  'fit.homing.skew': {
    label: 'Skew allowed',
    help: 'How far one side may stand ahead before the carriages bind.',
  },
  'fit.read.stop': {
    label: 'Stop, as read',
    help: 'From rapid into the switch: from trip to standstill, off a rule. Replaces the prediction.',
  },
  'fit.read.coast': {
    label: 'Run-on, as read',
    help: 'Power off at rapid in the middle of the travel: how far it ran. Replaces the prediction.',
  },
  'fit.stopForce': {
    label: 'Stop bears',
    help: 'What the hard stop and its screws may take, and what screw and nut may take with it.',
  },
  'fit.reach.start': {
    label: 'Table begins at',
    help: 'From the near rail end to the near edge of what is worked on; on a moving table: at its near end.',
  },
  'fit.reach.length': { label: 'Table', help: 'Length of what is worked on along this axis.' },
  'fit.beyond.coupling': {
    label: 'Coupling',
    help: 'From the end block to the face of the motor. Empty: drawn as long as is usual.',
  },
  'fit.beyond.motor': { label: 'Motor body', help: 'From its face to its back. Empty: drawn as is usual.' },
  'fit.beyond.plug': {
    label: 'Plug and bend',
    help: 'What plug and cable want behind the motor: five times the cable and the plug (common practice).',
  },
  'fit.bellows.near': { label: 'Near bellows', help: 'Pushed together: what it keeps the carriages off.' },
  'fit.bellows.far': { label: 'Far bellows', help: 'The same at the far end.' },
  'fit.joints.a': {
    label: 'Joint of rail A',
    help: 'From the near rail end. Empty: rail A is one piece.',
  },
  'fit.joints.b': {
    label: 'Joint of rail B',
    help: 'From the near rail end; more than a carriage away from that of rail A.',
  },
  'fit.cable.radius': { label: 'Chain bends by', help: 'Radius of the cable chain, middle of its links.' },
  'fit.cable.pitch': { label: 'Chain link', help: 'From pin to pin.' },
  'fit.cable.height': { label: 'Chain height', help: 'Of one link, outside.' },
  'fit.cable.anchor': {
    label: 'Fixed end',
    help:
      'From the middle of the travel of its moving bracket, plus towards the far end. In the middle the ' +
      'chain is shortest.',
  },
};
