import { type Axis, startingAxis, startingDrive, startingMotor } from '@/core/model';
import { demoMachines } from '@/demo';

/** An axis to start from. */
export const baseAxis = (): Axis => startingAxis('bed', 'a', { axis: 'Bed', body: 'All that moves' });

/** The axes of the demo, and one with each kind of drive and motor. */
export const everyAxis = (): Axis[] => [
  ...demoMachines().flatMap((m) => m.axes),
  ...(['screw', 'rack', 'belt', 'chain'] as const).map((kind) => ({
    ...baseAxis(),
    drive: startingDrive(kind, 0.8),
  })),
  { ...baseAxis(), motor: startingMotor('servo') },
];
