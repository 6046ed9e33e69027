import { type Axis, startingAxis, startingDrive, startingMotor, startingThread } from '@/core/model';
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

/** A sliding thread of a form with a plain nut on a screw of 16 mm, all guessed. */
export const slidingThread = (form: 'acme' | 'trapezoidal' | 'square' | 'vee') => ({
  ...startingThread('sliding', 0.016),
  form,
});
