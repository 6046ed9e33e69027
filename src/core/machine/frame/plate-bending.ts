import type { Series } from '@/core/structure';
import type { FrameAxis } from './inputs';
import { awayOf, pointCompliance, RIGID_SIX, type Way, ways } from './plates';

/** What a plate gives, and the input that is missing for it. */
export interface PlateGiven {
  readonly series: readonly Series[];
  readonly missing: readonly string[];
}

/** Middle of a beam on two supports: under a force L³/48EI, turned by a moment L/12EI (Roark, beams). */
const underForce = (span: number, EI: number) => span ** 3 / (48 * EI);
const underMoment = (span: number, EI: number) => span / (12 * EI);

/**
 * How a plate bends between its carriages: as two strips that cross, one from rail to rail as wide as the
 * carriages span, one from carriage to carriage as wide as the rails stand apart. A force in the middle bends
 * both, a moment the one that it turns. On the safe side: a plate carries both ways at once, and carriages
 * hold its edges a little.
 * @param arm from the middle of the carriages to where it is pushed, m.
 */
export function plateBending(
  axis: FrameAxis,
  along: Way,
  arm: readonly [number, number, number],
): PlateGiven {
  const { shape, plate, platePath } = axis;
  const [across, lengthwise] = [shape?.spacing ?? 0, shape?.length ?? 0];
  // A single rail or carriage has nothing to bend between, and of what is not placed nothing is known.
  if (!shape || across <= 0 || lengthwise <= 0) return { series: [], missing: [] };
  if (!plate) return { series: [], missing: [platePath] };
  const EI = (width: number) => (plate.modulus * width * plate.thickness ** 3) / 12;
  const [over, on] = [EI(lengthwise + shape.carriage), EI(across)];
  const away = awayOf(axis, along);
  const lateral = ways.find((w) => w !== along && w !== away)!;
  const six = [...RIGID_SIX] as [number, number, number, number, number, number];
  six[ways.indexOf(away)] = 1 / (underForce(across, over) + underForce(lengthwise, on));
  six[3 + ways.indexOf(along)] = 1 / underMoment(across, over);
  six[3 + ways.indexOf(lateral)] = 1 / underMoment(lengthwise, on);
  return { series: [{ id: 'plates', compliance: pointCompliance(six, arm) }], missing: [] };
}
