import type { Axis } from '@/core/model';
import type { LinkId } from './link';

/** What the fitting of a link needs to be told. */
export function hintsFor(link: LinkId, { drive, motor, guide }: Axis): string[] {
  const hints: string[] = [];
  if (link === 'drive' && drive.sets === 2)
    hints.push(
      'Two drives must be tied together, or each homed by its own switch: they square the gantry or rack it.',
    );
  if (link === 'drive' && drive.kind === 'screw' && drive.turning === 'nut')
    hints.push(
      'The motor rides with the nut: its mass belongs to the moving masses. The screw stands, held ' +
        'against turning at its ends.',
    );
  if (link === 'drive' && drive.kind === 'rack') {
    if (drive.mesh === 'sprung')
      hints.push(
        'The spring must beat what the teeth push, with a fifth to spare, or the pinion climbs out ' +
          'under load. A spring under tension: unhook it before you loosen the hinge.',
      );
    if (drive.helixAngle.si > 0)
      hints.push(
        'Joints of a helical rack are set with a mating gauge of the opposite hand: an offcut of the ' +
          'same rack turned round will not fit.',
      );
  }
  if (link === 'drive' && drive.kind === 'belt')
    hints.push(
      drive.arrangement === 'open'
        ? 'Motor and pinion block ride on the carriage: their mass belongs to the moving masses.'
        : 'Set the tension by the note of the plucked return span; the figures say which.',
    );
  if (link === 'drive' && drive.kind === 'chain')
    hints.push('Fingers out: a chain pulls in what touches it. Guard it where hands come near.');
  if (link === 'drive' && drive.kind === 'crank')
    hints.push(
      'A geared motor turns it on and on, without switches or steps; rapid and feed are the fastest of ' +
        'its stroke, and ' +
        'its acceleration follows from them. Near a dead centre it pushes without a limit: a shear pin, ' +
        'and a guard.',
    );
  if (link === 'motor' && motor.kind === 'stepper' && motor.loop === 'closed')
    hints.push(
      'Position is kept or an alarm raised; the torque is that of the stepper. A usable share of ' +
        '0.8 is common.',
    );
  if (link === 'motor' && motor.kind === 'stepper' && !motor.curve)
    hints.push(
      'Eight leads: in parallel the motor takes twice the current of the series, with a quarter of ' +
        'the inductance; torque lasts to twice the speed if the driver can give it.',
    );
  if (link === 'bearings' && drive.kind === 'screw' && drive.thrustBearing === 'deep-groove')
    hints.push('Deep-groove bearings may only float: thrust wants an angular-contact pair with preload.');
  if (link === 'guide' && guide.kind === 'v-wheel')
    hints.push(
      'Turn the eccentrics until there is no play and every wheel still rolls freely by hand; check ' +
        'the extrusion itself for straightness.',
    );
  if (link === 'guide' && guide.kind === 'profile')
    hints.push('Do not tighten rails on a wavy or printed face: snug, travel, then tighten outward.');
  return hints;
}
