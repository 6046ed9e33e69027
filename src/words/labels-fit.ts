import type { AxisFieldPath } from '@/core/model';
import type { FieldText } from './field-text';

type FitPath = Extract<AxisFieldPath, `fit.${string}`>;

/** Name and help of what Fit asks of an axis. */
export const fitText: Record<FitPath, FieldText> = {
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
  'fit.crash': {
    label: 'Crash zone',
    help: 'Stroke of the cushion and what is kept before it, at each end.',
  },
  'fit.scatter': { label: 'Switch spread', help: 'How far apart the switch trips from time to time.' },
  'fit.margin': { label: 'Margin', help: 'From the soft limit to the switch: 2 to 5 mm (common practice).' },
  'fit.reaction': {
    label: 'Reaction',
    help: 'From the trip until the controller brakes: switch, filter and poll, 5 to 30 ms (memory; measure).',
  },
};
