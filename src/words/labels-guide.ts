import type { FieldText } from './field-text';

/** Names and help of the inputs of the guide. */
export const guideText = {
  'guide.rails': { label: 'Rails', help: 'Rails, rods or tracks side by side.' },
  'guide.perRail': { label: 'Carriages each', help: 'On one rail, one behind the other.' },
  'guide.plate.thickness': {
    label: 'Plate thickness',
    help: 'Of the plate that the carriages are bolted to: it bends between them.',
  },
  'guide.offPlane': {
    label: 'Third rod off plane',
    help: 'Of three rods, how far the third lies beside the plane of the other two: a triangle resists roll.',
  },
  'guide.spacing': { label: 'Between rails', help: 'From the middle of the first rail to that of the last.' },
  'guide.railLength': { label: 'Rail length' },
  'guide.carriageSpan': {
    label: 'Carriage span',
    help: 'From the outer edge of the first carriage to that of the last.',
  },
  'guide.carriageLength': { label: 'Carriage length', help: 'Of one carriage along the rail.' },
  'guide.raceSpacing': {
    label: 'Between ball rows',
    help: 'Across one carriage. 0 for bushes and wheels, which give way to roll.',
  },
  'guide.size': { label: 'Size', help: 'Width of a profile rail, diameter of a rod or tube.' },
  'guide.dynamicLoad': { label: 'Dynamic rating C' },
  'guide.staticLoad': {
    label: 'Static rating C0',
    help: 'Of one carriage, or the radial load that one wheel takes.',
  },
  'guide.verticalStiffness': {
    label: 'Stiffness, vertical',
    help: 'Of one carriage away from and towards the rail.',
  },
  'guide.lateralStiffness': { label: 'Stiffness, lateral' },
  'guide.friction': {
    label: 'Friction',
    help:
      'Profile rail 0.003 to 0.005, ball bush 0.003 to 0.005, V-wheels 0.02 to 0.05, plain bush 0.1 ' +
      'to 0.2 (from memory).',
  },
  'guide.seal': {
    label: 'Wiper and grease',
    help: 'Drag of one carriage without load: 2 to 6 N for profile rails (from memory).',
  },
  'guide.shock': {
    label: 'Load factor',
    help: '1 to 1.2 smooth, 1.2 to 1.5 routing wood, 1.5 to 2 and more with shocks.',
  },
  'guide.overhang': {
    label: 'Overhang',
    help:
      'How far a carriage may run past the end of its rail: up to a quarter of its length, at a ' +
      'loss of rating (common practice).',
  },
  'guide.heightError': { label: 'Height error', help: 'How much one rail stands above the other, measured.' },
  'guide.parallelError': {
    label: 'Parallelism',
    help: 'How much the spacing of the rails varies, measured.',
  },
  'guide.massX': {
    label: 'Mass, along',
    help: 'Centre of all that moves, from the middle of the carriages along the travel.',
  },
  'guide.massY': { label: 'Mass, across' },
  'guide.massZ': { label: 'Mass, away', help: 'Away from the rails.' },
  'guide.toolX': {
    label: 'Tool, along',
    help: 'Where the cutting force acts, from the middle of the carriages.',
  },
  'guide.toolY': { label: 'Tool, across' },
  'guide.toolZ': { label: 'Tool, away', help: 'Away from the rails; negative below them.' },
  'guide.driveY': {
    label: 'Drive, across',
    help:
      'Screw, rack or belt from the middle of the carriages. With two drives: half of what is ' +
      'between them; 0 takes the rails’ spacing.',
  },
  'guide.driveZ': { label: 'Drive, away' },
  'guide.sideForce': {
    label: 'Force sideways',
    help: 'Cutting force across this axis. Left empty: as much as along it.',
  },
  'guide.normalForce': {
    label: 'Force away',
    help: 'Cutting force away from and towards the rails. Left empty: none.',
  },
} as const satisfies Record<string, FieldText>;
