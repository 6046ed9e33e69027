import { THIN_MARGIN } from '@/core/findings';
import { putInAxis } from '@/core/model';
import {
  ample,
  betterSeat,
  biggerCarriage,
  bothSides,
  gripping,
  higherRating,
  leads,
  longerSpan,
  moreNut,
  offer,
  ratedSetting,
  set,
  steps,
  stifferRods,
} from '../candidates';
import { concern } from './subject';

/** Life of balls goes with this power of the rating (ISO 281). */
const OF_LIFE = 3;
/** Gaps of a mesh that neither bind nor rattle, m; common practice, no source. */
const gaps = [0.03e-3, 0.05e-3];
/** Sprockets that hardly jerk, teeth; common practice, no source. */
const smoothSprockets = [17, 19, 21];
/** Highest profile shift that the input takes, and the step in which it is stated. */
const MOST_SHIFT = 0.8;
const SHIFT_STEP = 0.05;
/** A spring is picked a hair above thin. */
const SPRING_TO_SPARE = THIN_MARGIN + 0.01;
/** A park position stands so much farther from a joint than it must. */
const FROM_JOINT = 1.2;
/** A link is made a third longer than it must be: four radii instead of three. */
const LONGER_LINK = 4 / 3;
/** A chain is pulled a hair tighter than the least. */
const HAIR = 1.02;
/** Below a quarter of the shaft's limit the pretension is not what overloads it. */
const PRETENSION_COUNTS = 0.25;
/** Pretension is let off to so much of what would just hold. */
const LET_OFF = 0.85;
/** Carriages are spread by half when their load is too much, by a fifth against jamming. */
const SPREAD = { load: 1.5, jam: 1.2 } as const;

const driveConcerns = [
  concern('undercut', (_, found) => {
    const teeth = Math.ceil(found.limit);
    const shift = Math.ceil(Number(found.params.shift) / SHIFT_STEP) * SHIFT_STEP;
    const shifts = shift > 0 && shift <= MOST_SHIFT;
    return [
      offer('teeth', [set('drive.teeth', teeth)], { to: teeth }),
      ...(shifts ? [offer('profile-shift', [set('drive.profileShift', shift)], { to: shift })] : []),
    ];
  }),
  concern('sprung-pinion', ({ analysis: { axis } }, found) => {
    const to = ample(found.limit, SPRING_TO_SPARE) / Number(found.params.lever);
    const fixed = [putInAxis('drive.mesh', 'fixed'), set('drive.meshGap', gaps[1]!)];
    return [
      ...steps('spring', 'drive.springForce', [to]),
      ...(axis.drive.kind === 'rack' ? [offer('fix-mesh', fixed)] : []),
    ];
  }),
  concern('mesh-tight', () => steps('mesh-gap', 'drive.meshGap', gaps)),
  concern('joint-at-park', ({ analysis: { axis } }, found) => {
    if (axis.drive.kind !== 'rack') return [];
    const away = found.limit * FROM_JOINT;
    return [-1, 1]
      .map((side) => Number(found.params.joint) + side * away)
      .filter((to) => to >= 0 && to <= axis.demands.travel.si)
      .map((to) => offer('park', [set('drive.park', to)], { to }));
  }),
  concern('belt-tension', (_, found) => steps('tension', 'drive.pretension', [ample(found.limit)])),
  concern('belt-teeth', ({ analysis: { axis } }, found) =>
    axis.drive.kind === 'belt'
      ? steps('teeth', 'drive.teeth', [Math.ceil((axis.drive.teeth.si * found.limit) / found.value)])
      : [],
  ),
  concern('chain-sag', ({ analysis: { axis } }, found) => {
    if (axis.drive.kind !== 'chain') return [];
    const tighter = ample(axis.drive.pretension.si * (found.value / found.limit), HAIR);
    return [
      ...steps('tension', 'drive.pretension', [tighter]),
      offer('tray', [putInAxis('drive.laid', 'tray')]),
    ];
  }),
  concern('chain-ripple', () => steps('teeth', 'drive.teeth', smoothSprockets)),
  concern('crank-stroke', (_, found) => {
    const to = Number(found.params.radius);
    return [offer('crank-radius', [set('drive.crankRadius', to)], { to })];
  }),
  concern('link-short', (_, found) => steps('longer-link', 'drive.linkLength', [found.limit * LONGER_LINK])),
  concern('shaft-load', ({ analysis: { axis } }, found) => {
    const { drive, reducer } = axis;
    const tight = drive.kind === 'belt' && drive.pretension.si > found.limit * PRETENSION_COUNTS;
    const looser = tight ? Math.floor(drive.pretension.si * (found.value / found.limit) * LET_OFF) : NaN;
    const to = ample(found.limit);
    return [
      ...(tight ? steps('tension', 'drive.pretension', [looser]) : []),
      ...(reducer || drive.kind === 'screw'
        ? []
        : [offer('outboard-bearing', [set('drive.shaftLoadLimit', to)], { to })]),
      ...bothSides(axis),
    ];
  }),
  concern('nut-load', ({ analysis: { axis } }, found) => moreNut(axis, found)),
  concern('nut-heat', ({ analysis: { axis } }, found) => [
    ...moreNut(axis, found),
    ...leads(axis, (lead, now) => lead > now),
  ]),
  concern('nut-static', ({ analysis: { axis } }, found) => higherRating('nut-rating', axis, found)),
  concern('nut-life', ({ analysis: { axis } }, found) => [
    ...higherRating('nut-rating', axis, found, OF_LIFE),
    ...bothSides(axis),
  ]),
  concern('bearing-static', ({ analysis: { axis } }, found) => higherRating('bearing-rating', axis, found)),
  concern('bearing-life', ({ analysis: { axis } }, found) =>
    higherRating('bearing-rating', axis, found, OF_LIFE),
  ),
  concern('nut-spring', (_, found) => steps('spring-nut', 'drive.thread.preload', [ample(found.limit)])),
] as const;

const motorConcerns = [
  concern('crest-high', ({ analysis: { axis } }) => ratedSetting(axis)),
  concern('driver-small', (_, found) => steps('driver', 'driver.maxCurrent', [ample(found.limit)])),
  concern('curve-voltage', ({ analysis: { axis } }, found) =>
    found.params.higher || found.limit > (axis.driver.maxVoltage?.si ?? 0)
      ? []
      : steps('supply', 'supply.voltage', [found.limit]),
  ),
] as const;

const guideConcerns = [
  concern('guide-static', ({ analysis: { axis } }, found) => [
    ...biggerCarriage(axis, found.limit / found.value),
    ...longerSpan(axis, SPREAD.load * (axis.guide.carriageSpan?.si ?? 0)),
    ...(axis.guide.overhang.si > 0 ? steps('no-overhang', 'guide.overhang', [0]) : []),
  ]),
  concern('uplift', ({ analysis: { axis } }) => [
    ...longerSpan(axis, SPREAD.load * (axis.guide.carriageSpan?.si ?? 0)),
    ...gripping(axis),
  ]),
  concern('racking', ({ analysis: { axis } }, found) => [
    ...longerSpan(axis, found.limit * SPREAD.jam),
    ...bothSides(axis),
  ]),
  concern('span-short', ({ analysis: { axis } }, found) => [
    ...longerSpan(axis, found.limit),
    ...bothSides(axis),
  ]),
  concern('rail-height', (_, found) => betterSeat('heightError', found.limit)),
  concern('rail-parallel', (_, found) => betterSeat('parallelError', found.limit)),
  concern('rod-sag', ({ analysis: { axis } }) => stifferRods(axis)),
] as const;

/** What drive, motor and guide find about themselves. */
export const concernChecks = [...driveConcerns, ...motorConcerns, ...guideConcerns] as const;
