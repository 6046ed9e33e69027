import type { AxisEnd, CushionKind } from '@/core/model';

export const switchNames: Record<AxisEnd['switch'], string> = {
  none: 'none',
  lever: 'lever',
  inductive: 'inductive',
  optical: 'optical',
  hall: 'Hall',
};

export const wiredNames: Record<AxisEnd['wired'], string> = {
  unknown: 'not said',
  closed: 'normally closed',
  open: 'normally open',
};

export const cushionNames: Record<CushionKind, string> = {
  rigid: 'metal on metal',
  foam: 'foam',
  rubber: 'rubber pad',
  spring: 'spring',
};

/** What builders disagree about, each school with its reason; and why one is asked for. */
export const endNotes: readonly { readonly title: string; readonly text: string }[] = [
  {
    title: 'One switch or two',
    text:
      'A switch at each end limits the axis before it is homed and when steps were lost. One switch for ' +
      'homing ' +
      'and soft limits need half the wires and inputs, and only hold once the axis is homed. Both work: ' +
      'with ' +
      'one, the hard stop at the other end must bear a runaway.',
  },
  {
    title: 'Normally closed',
    text:
      'A closed contact opens when it is met, and also when its wire is cut or its plug falls out: then ' +
      'the ' +
      'machine stops instead of running on blind. Several in series save inputs and hide which one tripped.',
  },
  {
    title: 'Test: stopping under control',
    text:
      'Drive into the switch at a tenth of rapid, then at half, then at rapid, hand on the emergency stop. ' +
      'Mark the trip and the standstill on tape and read the distance. Type the longest of five.',
  },
  {
    title: 'Test: power off',
    text:
      'In the middle of the travel, nothing under the tool, cut the drive power at rapid and read how ' +
      'far it ' +
      'ran. Hands out. An upright axis: prop it, and try it in small steps.',
  },
  {
    title: 'Test: the switch',
    text: 'Home ten times from the same side and read an indicator: the range is the spread.',
  },
  {
    title: 'By hand',
    text:
      'A crank or a drill on the screw passes every switch. Only a hard stop and the thread in reserve ' +
      'end it. A ' +
      'motor that is turned feeds its driver: unplug it first, power off.',
  },
];
