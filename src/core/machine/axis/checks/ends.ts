import { atLeast, atMost, type Checked, exactly, unlessMissing } from '@/core/findings';
import type { AxisFieldPath } from '@/core/model';
import { type Candidate, offer, rounded, set } from '../candidates';
import { type Side, sides } from '../end-places';
import type { EndReport, EndsReport } from '../stopping';
import type { AxisSubject } from './subject';
import { poweredCheck } from './subject';

/** What is asked of every end once somebody has begun to say how the axis stops. */
const eachEnd = <T>({ ends }: AxisSubject, of: (end: EndReport, all: EndsReport) => T[]): T[] =>
  ends.begun ? sides.flatMap((side) => of(ends.ends[side], ends)) : [];

const upToMm = (si: number) => Math.ceil(si * 1000 - 1e-6) / 1000;
const pathOf = (side: Side, field: string) => `fit.ends.${side}.${field}` as AxisFieldPath;

/** A switch must trip so far in that the axis stands before its crash zone, coming at rapid. */
const endSwitch = poweredCheck({
  code: 'end-switch',
  judge: (subject) =>
    eachEnd(subject, ({ side, place, room, stopHome }): Checked<'end-switch'>[] => {
      const { axis } = subject.analysis;
      const { switch: kind, trip } = axis.fit.ends[side];
      if (kind === 'none' || !trip) return [];
      const found = atLeast({
        code: 'end-switch',
        about: side,
        path: `fit.ends.${side}.trip`,
        kind: 'length',
        have: room,
        need: place.stop,
        line: `chain.${side}.trip`,
        params: {
          side,
          trip: place.trip,
          needed: place.tripNeeded,
          home: stopHome ?? -1,
          rapid: axis.demands.rapid.si,
        },
      });
      // Room enough for homing: a soft limit keeps it from coming at rapid, a runaway meets the stop.
      const homes = stopHome !== null && stopHome <= room;
      const { reaction, scatter, read, ends } = axis.fit;
      // Without them the axis stands later, and there is less room.
      const kept = ends[side].crash ?? (ends[side].cushion.kind === 'rigid' ? null : place.crash);
      const missing = [reaction ?? read.stop, scatter, kept].filter((m) => m === null).length;
      return [unlessMissing(exactly(found, homes ? 'thin' : 'gives-out'), missing)];
    }),
  candidates: ({ analysis: { axis }, ends }, found) => {
    const side = found.about as Side;
    const { place } = ends.ends[side];
    const slower = rounded(axis.demands.rapid.si / 2, 'down');
    return [
      offer('trip-in', [set(pathOf(side, 'trip'), upToMm(place.tripNeeded))], {
        side,
        to: upToMm(place.tripNeeded),
      }),
      ...(slower >= axis.demands.feed.si
        ? [
            {
              ...offer('ask-less', [set('demands.rapid', slower)], { to: slower, wish: 'rapid' }),
              resigned: true,
            },
          ]
        : []),
    ];
  },
});

/** A cushion that is met with an energy: pressed no further than it may be, no harder than the stop bears. */
function cushioned<Code extends string>(
  code: Code,
  { side, ...report }: EndReport,
  meets: EndReport['coasting'],
  cap: number | null,
  brake: number,
): Checked<Code>[] {
  const { caught, energy } = meets;
  if (energy <= 0) return [];
  const missing = caught.missing.length + (cap === null ? 1 : 0);
  const params = {
    side,
    energy,
    free: report.free,
    force: caught.force ?? -1,
    cap: cap ?? -1,
    stroke: caught.stroke ?? -1,
    usable: caught.usable ?? -1,
    first: caught.missing[0] ? `fit.ends.${side}.cushion.${caught.missing[0]}` : 'fit.stopForce',
  };
  const common = { code, about: side, path: `fit.ends.${side}.cushion`, params };
  const { stroke, usable, force } = caught;
  const pressed =
    stroke !== null && usable !== null && usable > 0
      ? exactly(atMost({ ...common, kind: 'length', have: stroke, need: usable }))
      : undefined;
  // Known in all it needs, and yet no stroke: the weight presses harder than the foam resists.
  const crushed =
    stroke === null && !caught.missing.length && force !== null
      ? exactly(atMost({ ...common, kind: 'force', have: -brake, need: force }))
      : undefined;
  const hard =
    force !== null && cap !== null
      ? exactly(atMost({ ...common, kind: 'force', have: force, need: cap }))
      : undefined;
  const unknown = atMost({ ...common, kind: 'energy', have: energy, need: energy });
  const worst = [pressed, crushed, hard]
    .filter((c) => c !== undefined)
    .sort((a, b) => a.margin - b.margin)[0];
  return [unlessMissing(worst ?? { ...unknown, verdict: 'not-known' }, missing)];
}

const capOf = ({ analysis: { axis } }: AxisSubject) => axis.fit.stopForce?.si ?? null;

const strongerCushion = ({ analysis: { axis }, ends }: AxisSubject, side: Side): Candidate[] => {
  const { cushion } = axis.fit.ends[side];
  const { coasting } = ends.ends[side];
  if (cushion.kind !== 'foam' && cushion.kind !== 'rubber') return [];
  if (!cushion.thickness || !coasting.caught.stroke || !coasting.caught.usable) return [];
  const by = (1.2 * coasting.caught.stroke) / coasting.caught.usable;
  const to = upToMm(cushion.thickness.si * by);
  return [offer('thicker-pad', [set(pathOf(side, 'cushion.thickness'), to)], { side, to })];
};

/** The power fails at rapid: what is left of the energy when the stop is met. */
const endCoast = poweredCheck({
  code: 'end-coast',
  judge: (subject) =>
    eachEnd(subject, (end, { brake }) => cushioned('end-coast', end, end.coasting, capOf(subject), brake)),
  candidates: (subject, found) => strongerCushion(subject, found.about as Side),
});

/** Nobody stops it: the stop is met at rapid. A fault that a soft limit does not see, so thin at most. */
const endRunaway = poweredCheck({
  code: 'end-runaway',
  judge: (subject) =>
    eachEnd(subject, (end, { brake }) =>
      cushioned('end-runaway', end, end.runaway, capOf(subject), brake).map((c) =>
        c.verdict === 'gives-out' ? { ...c, verdict: 'thin' as const } : c,
      ),
    ),
});

/** The motor leans on the stop until somebody switches it off. */
const endLean = poweredCheck({
  code: 'end-lean',
  judge: (subject) => {
    const cap = capOf(subject);
    if (!subject.ends.begun || cap === null) return undefined;
    return exactly(
      atMost({
        code: 'end-lean',
        path: 'fit.stopForce',
        kind: 'force',
        have: subject.ends.lean,
        need: cap,
        line: 'ends.lean',
      }),
    );
  },
});

/** What turns the drive by hand knows no switch: only a hard stop ends it. */
const endCrank = poweredCheck({
  code: 'end-crank',
  judge: ({ analysis: { axis } }) => {
    const { crank, stops } = axis.fit;
    if (crank === 'none') return undefined;
    const there = (['near', 'far'] as const).filter((side) => stops[side] !== null).length;
    return exactly(
      atLeast({
        code: 'end-crank',
        path: 'fit.stops.near',
        kind: 'count',
        have: there,
        need: 2,
        params: { crank },
      }),
    );
  },
});

/** A switch that opens nothing when its wire is cut tells nobody. */
const endWired = poweredCheck({
  code: 'end-wired',
  judge: ({ analysis: { axis } }) =>
    sides.flatMap((side) => {
      const { switch: kind, wired } = axis.fit.ends[side];
      if (kind === 'none' || wired === 'closed') return [];
      const found = atLeast({
        code: 'end-wired',
        about: side,
        path: `fit.ends.${side}.trip`,
        kind: 'count',
        have: 0,
        need: 1,
        params: { side },
      });
      return [exactly(found, wired === 'open' ? 'thin' : 'not-known')];
    }),
  candidates: (_, found) => [
    offer('wire-closed', [{ path: `fit.ends.${String(found.about)}.wired`, value: 'closed' }], {
      side: String(found.about),
    }),
  ],
});

/** How the axis stops. */
export const endChecks = [endSwitch, endCoast, endRunaway, endLean, endCrank, endWired] as const;
