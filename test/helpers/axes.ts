import { type Axis, guess, type ScrewDrive, startingAxis, startingDrive, startingMotor } from '@/core/model';
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

/** A sliding thread of a form with a plain nut, all guessed. */
export const slidingThread = (
  form: 'acme' | 'trapezoidal' | 'square',
): Extract<ScrewDrive['thread'], { kind: 'sliding' }> => ({
  kind: 'sliding',
  form,
  nut: 'plain',
  friction: guess('ratio', '0.12'),
  preload: guess('force', '0 N'),
  collarFriction: guess('ratio', '0'),
  collarDiameter: guess('length', '0 mm'),
  nutStiffness: null,
});
