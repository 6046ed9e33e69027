import type { JobCode, JobFinding, JobReport, TimeKind, WorstLine } from '@/core/job';
import { findUnit, formatIn, formatNumber, formatQuantity, type UnitSystem } from '@/core/units';

const many = (count: number, one: string) => `${count} ${one}${count === 1 ? '' : 's'}`;

export const timeNames: Readonly<Record<TimeKind, string>> = {
  cutting: 'cutting',
  air: 'feeding in air',
  rapid: 'rapids',
  dwell: 'dwells',
  change: 'tool changes',
};

/** A long way: metres, or feet. */
export function jobWayText(si: number, system: UnitSystem): string {
  const unit = findUnit('length', system === 'metric' ? 'm' : 'ft')!;
  return formatIn(unit, si, 3).text;
}

/** How often a job is begun, stopped, switched on. */
export function jobCountsText({ starts, stops, changes, moves, arcs, kerf }: JobReport): string {
  const on =
    kerf.of > 0
      ? `torch lit ${many(starts, 'time')}, each with a touch-off, whose time the file does not say`
      : `spindle switched on ${many(starts, 'time')}`;
  const said = [
    `${many(moves, 'move')}${arcs ? `, ${arcs} of them arcs` : ''}`,
    starts > 0 && on,
    changes > 0 && many(changes, 'tool change'),
    stops > 0 && `waits ${many(stops, 'time')} for somebody to press start`,
  ];
  return `${said.filter(Boolean).join('; ')}.`;
}

/** How deep it cuts and how close over the stock it passes; empty: neither is known. */
export function jobSpaceText({ deepest, clear }: JobReport, system: UnitSystem): string {
  const length = (si: number) => formatQuantity('length', si, system, 3).text;
  const said = [
    deepest.value > 0 && `Cuts ${length(deepest.value)} below the stock’s top.`,
    clear && `The lowest rapid passes ${length(clear.value)} over the stock: no clamp may stand higher.`,
  ];
  return said.filter(Boolean).join(' ');
}

/** `1 h 02 min`, `12 min 05 s`, `4.2 s`. */
export function longTime(seconds: number): string {
  if (seconds < 60) return `${formatNumber(seconds, seconds < 10 ? 2 : 3)} s`;
  const whole = Math.round(seconds);
  const [hours, minutes] = [Math.floor(whole / 3600), Math.floor((whole % 3600) / 60)];
  const two = (n: number) => String(n).padStart(2, '0');
  return hours ? `${hours} h ${two(minutes)} min` : `${minutes} min ${two(whole % 60)} s`;
}

const percent = (share: number) =>
  Number.isFinite(share) ? `${formatNumber(share * 100, 3)} %` : 'more than all';

/** What is wrong with a line: how much it asks over what there is. */
export function worstLineText({ share, pull, rapid }: WorstLine): string {
  const times = Number.isFinite(share) ? `${formatNumber(share * 100, 3)} %` : 'more than all';
  const what = rapid ? 'at rapid' : 'at its feed';
  if (pull >= 1) return `stalls ${what}: ${times} of the torque that may be asked`;
  return share > 1
    ? `${what}: ${times} of the torque that may be asked`
    : `${times} of the torque that may be asked ${what}`;
}

/** The same where there is little room. */
export const worstShortText = ({ share, pull, rapid }: WorstLine): string =>
  `${percent(share)}${rapid ? ' at rapid' : ''}${pull >= 1 ? ', stalls' : ''}`;

/** A small chance as people say it: one in so many. */
export function slipText(chance: number): string {
  if (chance < 1e-4) return 'below 1 in 10 000';
  return chance > 0.5 ? percent(chance) : `1 in ${formatNumber(1 / chance, 2)}`;
}

/** At which speed a line holds. */
export const holdsText = ({ holds, reached }: WorstLine, system: UnitSystem): string =>
  holds === null ? 'no feed holds' : holds >= reached ? '' : formatQuantity('speed', holds, system, 3).text;

type Say = (found: JobFinding, length: (si: number) => string) => string;

const torque = ({ value }: JobFinding) => `${percent(value)} of the torque that may be asked`;

const findings: Readonly<Record<JobCode, Say>> = {
  'job-past': ({ axis, value }, length) => `${axis}: ${length(value)} past a soft limit`,
  'job-stall': (f) => `${f.axis} stalls: ${torque(f)}, and more than pulls its motor out of step`,
  'job-torque': (f) => `${f.axis}: ${torque(f)}${f.value > 1 ? '; it may lose steps' : ''}`,
  'job-pulses': ({ axis, value }) => `${axis}: ${percent(value)} of the pulses that the controller gives`,
  'job-heat': ({ axis, value }) =>
    `${axis}: ${percent(value)} of the torque that its motor can give for ever`,
  'job-lacking': ({ axis, value }) =>
    `${value} moves of ${axis}, and this machine has no such axis with a motor`,
  'job-buried': ({ value }, length) => `rapids with the tool in the stock, ${length(value)} deep at most`,
  'job-spindle': ({ value }) => `the spindle is asked for ${percent(value)} of its power`,
  'job-deep': ({ value }) => `${formatNumber(value, 3)} times as deep at once as a pass of the brief`,
  'job-under': ({ value }, length) => `${length(value)} into what lies under the stock`,
  'job-skims': ({ value }, length) => `rapids ${length(value)} over the stock: it is no flatter than that`,
  'job-kerf': ({ value }) =>
    `${percent(value)} of the cut runs below four fifths of its feed: the kerf widens, dross hangs on`,
  'job-starves': ({ value }) =>
    `short moves come ${formatNumber(value, 2)} times as fast as the controller takes them in: it stutters`,
  'job-slow': ({ value }) => `corners hold the cut below four fifths of its feed: ${longTime(value)} lost`,
  'job-rubs': ({ value }) =>
    `${percent(value)} of the cut takes chips thinner than half of what the brief plans`,
  'job-unread': ({ value }) => `${many(value, 'line')} not read: what follows may stand elsewhere`,
  'job-empty': () => 'nothing in the file moves anything',
};

/** What is found of a job, in words. @param system of the lengths. */
export function jobFindingText(found: JobFinding, system: UnitSystem): string {
  return findings[found.code](found, (si) => formatQuantity('length', si, system, 3).text);
}
