import { atLeast, atMost, comfort } from '@/core/findings';
import type { SpindleBelt } from '@/core/model';
import { units } from '@/core/units';
import { rounded } from '../../axis';
import { spindleBelt } from '../../demand';
import type { JudgedMachine } from '../context';
import { at, figureCheck, offer } from './check';

const BELT = 'brief.spindle.belt';

/**
 * Fastest a belt runs, m/s: a V-belt on cast rims 30; a ribbed or toothed one 40. Handbook and memory:
 * rims of
 * steel and balanced ones go further.
 */
const fastest: Readonly<Record<SpindleBelt['kind'], number>> = { 'v-belt': 30, ribbed: 40, toothed: 40 };
/** Least wrap of the small pulley, rad: 120°. Common practice, no source. */
const LEAST_WRAP = (2 * Math.PI) / 3;
/** How far the shafts can be drawn apart, as a share of the centres. Memory. */
const TAKE_UP = 0.03;

const dn = (thousands: number) => units.diameterSpeed[0]!.toSi(thousands * 1000);
/** Mean diameter times speed that greased bearings stand, mm·rpm; memory, the low ends of what is met. */
const bearingLimits: Readonly<Record<SpindleBelt['bearing'], number>> = {
  insert: dn(100),
  'deep-groove': dn(300),
  'angular-contact': dn(450),
};

/** The belt with what it comes to; undefined where there is none. */
function belted({ project: { brief } }: JudgedMachine) {
  const report = spindleBelt(brief);
  const belt = brief.spindle?.belt;
  return report && belt ? { report, belt } : undefined;
}

/** A pulley in whole millimetres. */
const inMillimetres = (si: number, way: 'up' | 'down') => rounded(si * 1e3, way) / 1e3;

const spindleSlow = figureCheck({
  code: 'spindle-slow',
  judge: (machine) => {
    const { report } = belted(machine) ?? {};
    if (!report?.asked || report.top === null) return undefined;
    return atLeast({
      code: 'spindle-slow',
      path: `${BELT}.motorPulley`,
      kind: 'angularSpeed',
      have: report.top,
      need: report.asked,
      line: 'spindle.top',
    });
  },
  candidates: (machine, found) => {
    const { belt } = belted(machine) ?? {};
    if (!belt) return [];
    const to = inMillimetres((belt.motorPulley.si * found.limit * 1.2) / found.value, 'up');
    return [offer('spindle-pulley', [at(`${BELT}.motorPulley`, to)], { to, which: 'motor' })];
  },
});

const beltRim = figureCheck({
  code: 'belt-rim',
  judge: (machine) => {
    const { report, belt } = belted(machine) ?? {};
    if (!report?.rim || !belt) return undefined;
    return atMost({
      code: 'belt-rim',
      path: `${BELT}.spindlePulley`,
      kind: 'speed',
      have: report.rim,
      need: fastest[belt.kind],
      line: 'spindle.rim',
      params: { belt: belt.kind },
    });
  },
  candidates: (machine, found) => {
    const { belt } = belted(machine) ?? {};
    if (!belt) return [];
    // Both pulleys smaller by the same share keep the ratio.
    const share = (found.limit / found.value) * 0.85;
    const [to, other] = [belt.spindlePulley, belt.motorPulley].map((d) =>
      inMillimetres(d.si * share, 'down'),
    );
    const edits = [at(`${BELT}.spindlePulley`, to!), at(`${BELT}.motorPulley`, other!)];
    return [offer('spindle-pulley', edits, { to: to!, which: 'both' })];
  },
});

const beltWrap = figureCheck({
  code: 'belt-wrap',
  judge: (machine) => {
    const { report, belt } = belted(machine) ?? {};
    // Teeth hold on a short arc: what counts there is how many are in mesh.
    if (!report || !belt || belt.kind === 'toothed') return undefined;
    return comfort(
      atLeast({
        code: 'belt-wrap',
        path: `${BELT}.centre`,
        kind: 'angle',
        have: report.wrap,
        need: LEAST_WRAP,
        line: 'spindle.wrap',
      }),
    );
  },
  candidates: (machine, found) => {
    const { belt } = belted(machine) ?? {};
    if (!belt) return [];
    // A fifth more than where the wrap is just enough.
    const apart = Math.abs(belt.motorPulley.si - belt.spindlePulley.si);
    const to = inMillimetres((1.2 * apart) / (2 * Math.sin((Math.PI - found.limit) / 2)), 'up');
    return [offer('spindle-centre', [at(`${BELT}.centre`, to)], { to })];
  },
});

const spindleBearing = figureCheck({
  code: 'spindle-bearing',
  judge: (machine) => {
    const { report, belt } = belted(machine) ?? {};
    if (!report?.bearing || !belt) return undefined;
    return atMost({
      code: 'spindle-bearing',
      path: `${BELT}.bearingDiameter`,
      kind: 'diameterSpeed',
      have: report.bearing,
      need: bearingLimits[belt.bearing],
      line: 'spindle.bearing',
      params: { bearing: belt.bearing, asked: report.asked! },
    });
  },
});

const beltLength = figureCheck({
  code: 'belt-length',
  judge: (machine) => {
    const { report, belt } = belted(machine) ?? {};
    if (!report || !belt?.beltLength || report.centre === null) return undefined;
    return atMost({
      code: 'belt-length',
      path: `${BELT}.beltLength`,
      kind: 'length',
      have: Math.abs(report.centre - belt.centre.si),
      need: TAKE_UP * belt.centre.si,
      line: 'spindle.centre',
      params: { centre: report.centre, length: report.length },
    });
  },
  candidates: (machine) => {
    const { report } = belted(machine) ?? {};
    if (!report?.centre) return [];
    return [offer('spindle-centre', [at(`${BELT}.centre`, report.centre)], { to: report.centre })];
  },
});

/** What the belt of a spindle must stand. */
export const spindleChecks = [spindleSlow, beltRim, beltWrap, spindleBearing, beltLength] as const;
