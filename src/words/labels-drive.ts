import type { FieldText } from './field-text';

/** Names and help of the inputs of rack, belt, chain, reducer and coupling. */
export const driveText = {
  'drive.play': {
    label: 'Play',
    help: 'Measured along the axis at the drive itself: nut, belt teeth or chain.',
  },
  'drive.crankRadius': {
    label: 'Crank',
    help: 'From the middle of the shaft to the pin; the stroke is twice that.',
  },
  'drive.linkLength': { label: 'Link', help: 'Between its pins. Four radii of the crank run quietly.' },
  'drive.pinLoad': { label: 'Pins take', help: 'Along the link, by the datasheet of pins and bearings.' },
  'drive.linkStiffness': { label: 'Link gives', help: 'With its pins, along it.' },
  'drive.efficiency': {
    label: 'Efficiency',
    help: 'Rack 0.95 to 0.98, toothed belt 0.94 to 0.98, chain 0.93 to 0.97 (from memory).',
  },
  'drive.inertia': {
    label: 'Inertia of wheels',
    help: 'All that turns with the drive shaft of one motor: pinion or pulleys, shaft, idlers.',
  },
  'drive.teeth': { label: 'Teeth', help: 'Of the pinion, pulley or sprocket that drives.' },
  'drive.pitch': { label: 'Pitch', help: 'Tooth to tooth, or pin to pin.' },
  'drive.overhang': {
    label: 'Overhang',
    help: 'From the middle of the wheel to the first bearing of its shaft.',
  },
  'drive.shaftLoadLimit': {
    label: 'Shaft takes',
    help: 'Radial load that the shaft of the motor or reducer stands, from its datasheet.',
  },
  'drive.runout': {
    label: 'Wheel runs out',
    help:
      'Half of what an indicator swings over one turn. It comes back once per turn as a position ' +
      'error of twice that.',
  },
  'drive.maxSpeed': { label: 'Highest speed', help: 'Of the belt or chain, from its datasheet.' },
  'drive.centreDistance': {
    label: 'Shaft to shaft',
    help: 'Between driving wheel and idler; of an open belt between its clamps.',
  },
  'drive.pretension': { label: 'Pretension', help: 'Pull in each span at rest.' },
  'drive.lineMass': { label: 'Mass per length', help: 'Weigh a piece.' },
  'drive.crossShaft.diameter': { label: 'Shaft diameter' },
  'drive.crossShaft.length': {
    label: 'Motor to side',
    help: 'Length of shaft that twists, from the motor to one side.',
  },
  'drive.module': {
    label: 'Module',
    help:
      'Pitch over π for a spur rack. A rack of 5 mm pitch is module 1.5 helical, one of 6.667 mm ' +
      'module 2 helical.',
  },
  'drive.pressureAngle': { label: 'Pressure angle', help: '20° on all but old gears.' },
  'drive.helixAngle': { label: 'Helix angle', help: '0° spur; 19°31’42” (19.528°) on usual helical racks.' },
  'drive.profileShift': {
    label: 'Profile shift',
    help: 'In modules, as the pinion’s maker states it. 0 unless said.',
  },
  'drive.faceWidth': { label: 'Face width', help: 'Of pinion and rack, the narrower.' },
  'drive.meshGap': {
    label: 'Out of mesh by',
    help: 'How far the pinion stands out from where it would touch on both flanks.',
  },
  'drive.springForce': { label: 'Spring', help: 'Force of the spring that presses the pinion in.' },
  'drive.springLever': {
    label: 'Lever',
    help: 'Arm of the spring over arm of the pinion, both from the hinge.',
  },
  'drive.yieldStrength': {
    label: 'Yield strength',
    help: 'Of the softer of pinion and rack: plain C45 about 350 MPa, hardened 600 and more (from memory).',
  },
  'drive.meshStiffness': {
    label: 'Mesh stiffness',
    help: 'Left empty: 20 N/µm for each mm of face (ISO 6336-1, from memory).',
  },
  'drive.pitchError': {
    label: 'Pitch error',
    help: 'Cumulative, over one piece of rack: 0.1 mm/m plain, 0.03 ground (from memory).',
  },
  'drive.segment': { label: 'Rack piece', help: 'Length in which the rack is bought.' },
  'drive.park': {
    label: 'Parks at',
    help: 'Usual park position, from the start of the rack: no joint should lie there.',
  },
  'drive.width': { label: 'Belt width' },
  'drive.specificStiffness': {
    label: 'Specific stiffness',
    help:
      'Force for each mm of width at unit strain; glass cord about 12 to 20 kN/mm, steel cord 30 ' +
      'and more (from memory).',
  },
  'drive.allowedPull': { label: 'Allowed pull', help: 'Effective pull at this width, from the datasheet.' },
  'drive.wrap': {
    label: 'Wrap',
    help:
      'Angle over which the belt lies on the driving pulley. 180° for a plain loop; a pinion block ' +
      'with two idlers often 150° to 210°.',
  },
  'drive.breakingLoad': {
    label: 'Tensile strength',
    help: 'ISO 606: 04B 3.0 kN, 05B 4.4, 06B 8.9, 08B 17.8.',
  },
  'drive.tensileStiffness': {
    label: 'Stiffness EA',
    help: 'Force at unit strain; roughly a hundred times the tensile strength (from memory).',
  },
  'drive.wear': { label: 'Worn by', help: 'Stretch of the chain by wear. New 0, worn out at 1 to 2 %.' },
  'drive.bearingPlay': {
    label: 'Bearing play',
    help: 'Axial, of the thrust bearing. 0 for a pair with preload.',
  },
  'reducer.torqueLimit': { label: 'Highest torque', help: 'At the output, for acceleration.' },
  'reducer.stiffness': { label: 'Torsional stiffness', help: 'At the output, from the datasheet.' },
  'reducer.pulleys.motorTeeth': { label: 'Teeth on motor' },
  'reducer.pulleys.driveTeeth': { label: 'Teeth on drive' },
  'reducer.pulleys.pitch': { label: 'Belt pitch' },
  'reducer.pulleys.centreDistance': {
    label: 'Shaft to shaft',
    help: 'As planned; the figures say which belt is bought and where the shafts then stand.',
  },
  'reducer.pulleys.lineMass': { label: 'Belt mass', help: 'Per length; for the note of the plucked span.' },
  'coupling.stiffness': {
    label: 'Torsional stiffness',
    help: 'From the datasheet. Left empty the stiffness of the axis is an upper bound.',
  },
  'coupling.backlash': {
    label: 'Play',
    help: '0 for bellows, beam and disc; a jaw coupling with a worn spider has some.',
  },
  'coupling.torqueLimit': { label: 'Highest torque' },
  'coupling.runout': {
    label: 'Runs out',
    help:
      'Half of what an indicator swings on its outside. Bored crooked it bends the screw’s end ' +
      'at every turn.',
  },
} as const satisfies Record<string, FieldText>;
