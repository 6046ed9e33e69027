import type { Ink } from '@/core/drawing';
import { driveBodies, mountsOf, type TravelChain } from '@/core/machine';
import type { Axis } from '@/core/model';

/** A body of the drive along its axis, m from the near rail end; `tall` in paper units. */
export interface ChainBody {
  readonly name: string;
  readonly from: number;
  readonly to: number;
  readonly tall: number;
  readonly fill: Ink;
  /** Its size is only usual: nobody has said it. */
  readonly usual: boolean;
}

const middleOf = ({ from, to }: NonNullable<TravelChain['closed']>) => (from + to) / 2;

/** A housing, a pinion, a clamp of which nobody has said the length, m. */
const SHORT = 0.04;

/** A body by its middle. */
const about = (middle: number, length: number) => ({ from: middle - length / 2, to: middle + length / 2 });

/** Blocks, coupling, motor and plug beyond the near end of what is driven. */
function beyond(axis: Axis, near: number, far: number, screw: boolean): ChainBody[] {
  const { block, coupling, motor, plug } = driveBodies(axis, mountsOf(axis));
  const found: ChainBody[] = [];
  let at = near;
  const out = (name: string, long: number, tall: number, fill: Ink, usual: boolean) => {
    if (!(long > 0)) return;
    found.push({ name, from: at - long, to: at, tall, fill, usual });
    at -= long;
  };
  if (screw) {
    found.push({ name: 'End block', from: far, to: far + block, tall: 16, fill: 'blueWash', usual: true });
    out('End block', block, 16, 'blueWash', true);
    out('Coupling', coupling.long, 8, 'steel', coupling.usual);
    out('Motor', motor.long, 20, 'amberWash', motor.usual);
    out('Plug and bend', plug, 5, 'soft', false);
  }
  return found;
}

/** The drive and all that stands at its ends; nothing for a drive of which no length is known. */
export function chainBodies(axis: Axis, closed: NonNullable<TravelChain['closed']>): readonly ChainBody[] {
  const { drive, fit } = axis;
  const offset = fit.driveOffset?.si ?? 0;
  const middle = middleOf(closed) + offset;
  const { motor } = driveBodies(axis, mountsOf(axis));
  const stands = (length: number) =>
    fit.driveStart ? { from: fit.driveStart.si, to: fit.driveStart.si + length } : about(middle, length);
  const runs = about(closed.from + offset, 0).from;
  switch (drive.kind) {
    case 'screw': {
      const screw = stands(drive.betweenBearings.si);
      const nut = fit.housing?.si ?? fit.nut?.si ?? SHORT;
      return [
        { name: 'Screw', ...screw, tall: 5, fill: 'steel', usual: false },
        ...beyond(axis, screw.from, screw.to, true),
        { name: 'Nut', ...about(runs, nut), tall: 13, fill: 'blue', usual: !fit.housing && !fit.nut },
      ];
    }
    case 'rack': {
      const pinion = (drive.teeth.si * drive.module.si) / Math.cos(drive.helixAngle.si);
      return [
        { name: 'Motor', ...about(runs, motor.frame), tall: 20, fill: 'amberWash', usual: motor.usual },
        { name: 'Pinion', ...about(runs, pinion), tall: 9, fill: 'blue', usual: false },
      ];
    }
    case 'crank':
      return [
        { name: 'Link', ...stands(drive.linkLength.si), tall: 5, fill: 'steel', usual: false },
        { name: 'Motor', ...about(runs, motor.frame), tall: 20, fill: 'amberWash', usual: motor.usual },
      ];
    default: {
      const shafts = stands(drive.centreDistance.si);
      const wheel = (drive.teeth.si * drive.pitch.si) / Math.PI;
      const clamp = fit.clamp?.si ?? SHORT;
      const open = drive.kind === 'belt' && drive.arrangement === 'open';
      const motorAt = open ? runs : shafts.from;
      return [
        { name: 'Belt or chain', ...shafts, tall: 4, fill: 'steel', usual: false },
        { name: 'Motor', ...about(motorAt, motor.frame), tall: 20, fill: 'amberWash', usual: motor.usual },
        ...(open
          ? []
          : [shafts.from, shafts.to].map((x): ChainBody => ({
              name: 'Wheel',
              ...about(x, wheel),
              tall: 12,
              fill: 'blueWash',
              usual: false,
            }))),
        {
          name: open ? 'Wheel' : 'Clamp',
          ...about(runs, open ? wheel : clamp),
          tall: 9,
          fill: 'blue',
          usual: !fit.clamp,
        },
      ];
    }
  }
}
