import type { AxisFieldPath } from '@/core/model';

interface FieldText { readonly label: string; readonly help?: string }

/** Name and help of every measured input of an axis. */
export const fieldText: Record<AxisFieldPath, FieldText> = {
  'demands.travel': { label: 'Travel', help: 'From stop to stop of the carriage. It is more than the work area: tool offsets and margins come on top.' },
  'demands.inclination': { label: 'Inclination', help: '0° is level, 90° is straight up.' },
  'demands.feed': { label: 'Cutting feed', help: 'The fastest feed while the tool is in the work.' },
  'demands.rapid': { label: 'Rapid', help: 'Travel without cutting.' },
  'demands.acceleration': { label: 'Acceleration', help: 'The same for rapids and in corners of a cut, as controllers do it. 1 g is 9.8 m/s².' },
  'demands.jerk': { label: 'Jerk', help: 'How fast the acceleration comes on. Leave it empty if your controller knows no jerk limit.' },
  'demands.cuttingForce': { label: 'Cutting force', help: 'Peak force along this axis in the worst cut.' },
  'loads.guideDrag': { label: 'Guide drag', help: 'All that resists a slow push with the drive undone: seals, wipers, cable chain, hose. Pull with a luggage scale.' },
  'loads.counterbalance': { label: 'Counterbalance', help: 'Force of a spring or gas strut against the weight. 0 without one.' },
  'guide.railLength': { label: 'Rail length' },
  'guide.carriageSpan': { label: 'Carriage span', help: 'From the outer edge of the first carriage to that of the last.' },
  'drive.worstShare': { label: 'Busier side', help: 'Share of the load on the busier of the two screws: 0.5 if it stays in the middle, near 1 when the head stands over one side.' },
  'drive.nominalDiameter': { label: 'Nominal diameter', help: 'Over the thread.' },
  'drive.rootDiameter': { label: 'Root diameter', help: 'At the bottom of the thread. It decides whip and column load.' },
  'drive.lead': { label: 'Lead', help: 'Travel per turn. With several starts it is pitch times starts.' },
  'drive.starts': { label: 'Starts', help: 'Count the thread ends at the end of the screw.' },
  'drive.betweenBearings': { label: 'Between bearings' },
  'drive.nutOffset': { label: 'Bearing to nut', help: 'From the motor-end bearing to the middle of the nut with the carriage at the motor end. Left empty, whip is computed as if the nut did not help.' },
  'drive.temperatureRise': { label: 'Warms by', help: 'Screw over frame after an hour of work.' },
  'drive.stretch': { label: 'Stretched by', help: 'Tension put into the screw at assembly; only with both ends fixed.' },
  'drive.bearingStiffness': { label: 'Bearing stiffness', help: 'Axial, from the datasheet of the thrust bearing.' },
  'drive.bearingDrag': { label: 'Bearing drag', help: 'Torque that turns the screw alone, nut off.' },
  'drive.nutInertia': { label: 'Nut inertia', help: 'Nut, its bearing and its pulley together, where the nut turns.' },
  'drive.screwInertia': { label: 'Screw inertia', help: 'Of the whole screw, from its datasheet. Left empty it is computed from the thread profile.' },
  'drive.thread.efficiency': { label: 'Efficiency', help: 'Ball screws 0.90 to 0.95 (from memory).' },
  'drive.thread.preload': { label: 'Preload', help: 'Force between the two halves of the nut. 0 without preload.' },
  'drive.thread.dynamicLoad': { label: 'Dynamic rating Ca' },
  'drive.thread.nutStiffness': { label: 'Nut stiffness' },
  'drive.thread.speedLimit': { label: 'DN limit', help: 'Nominal diameter in mm times rpm. Left empty: 50000 rolled, 70000 ground (from memory).' },
  'drive.thread.friction': { label: 'Friction', help: 'In the thread: bronze on steel, greased, 0.10 to 0.15; plastic nut 0.08 to 0.2 (from memory).' },
  'drive.thread.collarFriction': { label: 'Collar friction', help: '0 with rolling thrust bearings.' },
  'drive.thread.collarDiameter': { label: 'Collar diameter', help: 'Mean diameter of a plain thrust collar.' },
  'reducer.ratio': { label: 'Ratio', help: 'Motor turns for one turn of the drive. With pulleys: teeth on the drive over teeth on the motor. Below 1 it speeds up.' },
  'reducer.efficiency': { label: 'Efficiency', help: 'Belt stage 0.95 to 0.98, one planetary stage 0.92 to 0.96 (from memory).' },
  'reducer.inertia': { label: 'Inertia', help: 'As the motor feels it: the driven pulley counts divided by the square of the ratio.' },
  'reducer.backlash': { label: 'Play', help: 'At the output, as planetary reducers state it.' },
  'reducer.inputSpeed': { label: 'Highest input' },
  'coupling.inertia': { label: 'Inertia' },
  'motor.holdingTorque': { label: 'Holding torque', help: 'Both phases on at rated current.' },
  'motor.ratedCurrent': { label: 'Rated current', help: 'Per phase, as printed on the motor.' },
  'motor.resistance': { label: 'Resistance', help: 'Of one phase.' },
  'motor.inductance': { label: 'Inductance', help: 'Of one phase. It decides the torque at speed.' },
  'motor.rotorTeeth': { label: 'Step angle', help: '1.8° is 50 teeth, 200 steps a turn.' },
  'motor.rotorInertia': { label: 'Rotor inertia' },
  'motor.detentTorque': { label: 'Detent torque', help: 'What the motor holds without current.' },
  'motor.usableShare': { label: 'Usable share', help: 'Of the pull-out torque: 0.5 in mid-band without damping, 0.6 usual, 0.8 closed loop. Common practice, no source.' },
  'driver.crestCurrent': { label: 'Crest current', help: 'Peak of the phase current as set on the driver. Some switches are marked in RMS: crest is 1.41 times that.' },
  'driver.microsteps': { label: 'Microsteps', help: 'Per full step.' },
  'driver.maxVoltage': { label: 'Highest voltage' },
  'driver.maxCrestCurrent': { label: 'Highest crest' },
  'supply.voltage': { label: 'Voltage' },
  'controller.pulseLimit': { label: 'Pulse limit', help: 'Computer’s own pulses 25 to 45 kHz, 8-bit board 30 kHz, 32-bit board 100 to 400 kHz, hardware pulse engine 1 to 4 MHz (from memory).' },
};

/** The label of any path, bodies of the moving mass included. */
export function labelOf(path: string): string {
  if (path.startsWith('loads.masses')) return 'Moving mass';
  return (fieldText as Record<string, FieldText>)[path]?.label ?? path;
}

/** What stays unknown while an optional input is missing. */
export const effectText: Record<string, string> = {
  whip: 'whip is computed without the help of the nut', stiffness: 'stiffness and frequency are upper bounds', life: 'the life of the screw is not known', dn: 'the DN limit is the low end of what is usual (memory)',
  supply: 'whether the driver stands the supply is not known', crest: 'whether the driver can give the crest current is not known', reducer: 'how fast the reducer may be driven is not known', 'travel-chain': 'whether the rail is long enough is not known',
};
