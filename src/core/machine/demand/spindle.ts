import { belt as belts, spindle as spindles } from '@/core/drives';
import type { Brief, Spindle, SpindleBelt } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import { silentWorksheet, type Worksheet } from '@/core/worksheet';

/** What a spindle gives at the cutter, a belt between it and its motor counted in. */
export interface SpindleAtTool {
  readonly power: Quantity<'power'>;
  readonly efficiency: Quantity<'ratio'>;
  readonly ratedSpeed: Quantity<'angularSpeed'>;
  /** Where the rated speed comes from. */
  readonly ratedSource: string;
}

/** Pulleys of a belt as formulas take them. */
const pulleysOf = ({ motorPulley, spindlePulley }: SpindleBelt) => ({
  motorPulley: motorPulley.si,
  spindlePulley: spindlePulley.si,
});
const PULLEYS = {
  motorPulley: 'brief.spindle.belt.motorPulley',
  spindlePulley: 'brief.spindle.belt.spindlePulley',
} as const;

/** The spindle as the cutter feels it. @param key of the line of its rated speed. */
export function atTool(spindle: Spindle, key: string, sheet: Worksheet): SpindleAtTool {
  const { power, efficiency, ratedSpeed, belt } = spindle;
  if (!belt)
    return {
      power: power.si,
      efficiency: efficiency.si,
      ratedSpeed: ratedSpeed.si,
      ratedSource: 'brief.spindle.ratedSpeed',
    };
  const rated = sheet.apply(spindles.spindleSpeed, { motor: ratedSpeed.si, ...pulleysOf(belt) }, key, {
    motor: 'brief.spindle.ratedSpeed',
    ...PULLEYS,
  });
  return {
    power: power.si,
    efficiency: quantity('ratio', efficiency.si * belt.efficiency.si),
    ratedSpeed: rated,
    ratedSource: `#${key}`,
  };
}

/** Power that reaches the cutter at the rated speed, losses of belt and spindle taken off. */
export const spindleOutput = ({ power, efficiency, belt }: Spindle): Quantity<'power'> =>
  quantity('power', power.si * efficiency.si * (belt?.efficiency.si ?? 1));

/** What the belt of a spindle comes to. SI. */
export interface SpindleBeltReport {
  /** Turns of the spindle for one of the motor. */
  readonly ratio: number;
  /** Speed of the spindle at the rated speed of its motor, and at its fastest; null: not said. */
  readonly rated: number;
  readonly top: number | null;
  /** Fastest that a cut asks; null without a milling cut. */
  readonly asked: number | null;
  /** Speed of the motor for it. */
  readonly motor: number | null;
  /** Length of belt for the typed centres. */
  readonly length: number;
  /** Centres that the belt in hand gives; null where none is, 0 where it does not go round. */
  readonly centre: number | null;
  readonly wrap: number;
  /** At the fastest speed that a cut asks. */
  readonly rim: number | null;
  readonly bearing: number | null;
}

/** What the belt of the spindle comes to; undefined where it has none. */
export function spindleBelt(
  { spindle, cuts }: Pick<Brief, 'spindle' | 'cuts'>,
  sheet: Worksheet = silentWorksheet,
): SpindleBeltReport | undefined {
  if (!spindle?.belt) return undefined;
  const { belt, ratedSpeed } = spindle;
  const pulleys = pulleysOf(belt);
  const turned = (motor: Quantity<'angularSpeed'>, key: string, source: string) =>
    sheet.apply(spindles.spindleSpeed, { motor, ...pulleys }, key, { motor: source, ...PULLEYS });
  const speeds = cuts.flatMap((c) => (c.kind === 'mill' ? [c.spindle.si] : []));
  const asked = speeds.length ? quantity('angularSpeed', Math.max(...speeds)) : null;
  const round = { centre: belt.centre.si, small: belt.motorPulley.si, large: belt.spindlePulley.si };
  const diameter = belt.bearingDiameter?.si;
  return {
    ratio: belt.motorPulley.si / belt.spindlePulley.si,
    rated: turned(ratedSpeed.si, 'spindle.rated', 'brief.spindle.ratedSpeed'),
    top: belt.topSpeed ? turned(belt.topSpeed.si, 'spindle.top', 'brief.spindle.belt.topSpeed') : null,
    asked,
    motor:
      asked && sheet.apply(spindles.motorSpeedFor, { spindle: asked, ...pulleys }, 'spindle.motor', PULLEYS),
    length: sheet.apply(belts.loopLength, round, 'spindle.length', {
      centre: 'brief.spindle.belt.centre',
      small: PULLEYS.motorPulley,
      large: PULLEYS.spindlePulley,
    }),
    centre:
      belt.beltLength &&
      sheet.apply(spindles.centreForLength, { length: belt.beltLength.si, ...pulleys }, 'spindle.centre', {
        length: 'brief.spindle.belt.beltLength',
        ...PULLEYS,
      }),
    wrap: sheet.apply(spindles.wrapAngle, { ...pulleys, centre: belt.centre.si }, 'spindle.wrap', {
      ...PULLEYS,
      centre: 'brief.spindle.belt.centre',
    }),
    rim:
      asked &&
      sheet.apply(
        spindles.rimSpeed,
        { spindle: asked, spindlePulley: belt.spindlePulley.si },
        'spindle.rim',
        { spindlePulley: PULLEYS.spindlePulley },
      ),
    bearing:
      asked && diameter !== undefined
        ? sheet.apply(spindles.bearingSpeed, { spindle: asked, diameter }, 'spindle.bearing', {
            diameter: 'brief.spindle.belt.bearingDiameter',
          })
        : null,
  };
}
