import type { Verdict } from '@/core/findings';
import type { AxisReport } from '@/core/machine';
import type { Kind } from '@/core/units';

export type Change = 'better' | 'worse' | 'same' | 'other';

/** One answer in two variants. `null`: that variant has no such answer. */
export interface ComparedRow {
  readonly group: 'answer' | 'speed' | 'acceleration' | 'figure';
  /** Id of the rung, acceleration or figure; of the first group `speed`, `feed`, `mass`, `lost-motion`. */
  readonly id: string;
  readonly kind: Kind;
  readonly before: number | null;
  readonly after: number | null;
  readonly change: Change;
}

export interface Comparison {
  readonly verdict: { readonly before: Verdict; readonly after: Verdict; readonly change: Change };
  /** Whether each rests on numbers of ours. */
  readonly guessed: { readonly before: boolean; readonly after: boolean };
  readonly governing: { readonly before: string; readonly after: string };
  readonly rows: readonly ComparedRow[];
  /** Findings that go, come, and change their verdict; by code. */
  readonly gone: readonly { readonly code: string; readonly verdict: Verdict }[];
  readonly come: readonly { readonly code: string; readonly verdict: Verdict }[];
}

/** Figures that one wants high and those that one wants low; the rest is neither good nor bad. */
const high = new Set(['stiffness', 'frequency', 'efficiency', 'life', 'guide-life']);
const low = new Set([
  'resolution',
  'inertia-ratio',
  'heat-growth',
  'lead-error',
  'lead-left',
  'move-time',
  'shaft-radial',
  'shaft-axial',
  'shaft-bending',
  'once-per-turn',
  'speed-ripple',
  'chain-sag',
  'carriage-load',
  'carriage-give',
  'rod-sag',
  'shuttle-torque',
  'duty-torque',
  'shortest-ramp',
  'supply-power',
  'mesh-per-tenth',
]);

const rank: Record<Verdict, number> = { holds: 0, 'not-known': 1, thin: 2, 'gives-out': 3 };

/** Less than half a per cent is no change that a builder would feel. */
const SAME = 0.005;

function changeOf(before: number | null, after: number | null, wanted: 'high' | 'low' | undefined): Change {
  if (before === null || after === null) return 'other';
  if (before === after || Math.abs(after - before) <= SAME * Math.max(Math.abs(before), Math.abs(after)))
    return 'same';
  if (!wanted) return 'other';
  return after > before === (wanted === 'high') ? 'better' : 'worse';
}

/** Two lists of answers joined by id, in the order of the first. */
function joined<T extends { readonly id: string }>(
  before: readonly T[],
  after: readonly T[],
): [string, T | undefined, T | undefined][] {
  const ids = [...new Set([...before, ...after].map((r) => r.id))];
  return ids.map((id) => [id, before.find((r) => r.id === id), after.find((r) => r.id === id)]);
}

/** A bound and the figure itself are one answer. */
const plain = (figures: AxisReport['figures']) =>
  figures.map((f) => ({ ...f, id: f.id.replace('-at-most', '') }));

/** Holds two reports of one axis against each other, answer by answer. */
export function compareReports(before: AxisReport, after: AxisReport): Comparison {
  const row = (
    group: ComparedRow['group'],
    id: string,
    kind: Kind,
    a: number | null,
    b: number | null,
    wanted?: 'high' | 'low',
  ): ComparedRow => ({ group, id, kind, before: a, after: b, change: changeOf(a, b, wanted) });
  const codes = (report: AxisReport) => new Map(report.findings.map((f) => [f.code, f.verdict]));
  const [was, is] = [codes(before), codes(after)];
  const only = (one: Map<string, Verdict>, other: Map<string, Verdict>) =>
    [...one]
      .filter(([code, verdict]) => rank[other.get(code) ?? 'holds'] < rank[verdict])
      .map(([code, verdict]) => ({ code, verdict }));
  const change: Change =
    before.verdict === after.verdict
      ? 'same'
      : rank[after.verdict] < rank[before.verdict]
        ? 'better'
        : 'worse';
  return {
    verdict: { before: before.verdict, after: after.verdict, change },
    guessed: { before: before.ours.length > 0, after: after.ours.length > 0 },
    governing: { before: before.governing, after: after.governing },
    rows: [
      row('answer', 'speed', 'speed', before.speed, after.speed, 'high'),
      row('answer', 'feed', 'speed', before.feed, after.feed, 'high'),
      row('answer', 'mass', 'mass', before.mass, after.mass),
      row('answer', 'lost-motion', 'length', before.lostMotion.value, after.lostMotion.value, 'low'),
      ...joined(before.ladder, after.ladder).map(([id, a, b]) =>
        row('speed', id, 'speed', a?.limit ?? null, b?.limit ?? null, 'high'),
      ),
      ...joined(before.accelerations, after.accelerations).map(([id, a, b]) =>
        row('acceleration', id, 'acceleration', a?.limit ?? null, b?.limit ?? null, 'high'),
      ),
      ...joined(plain(before.figures), plain(after.figures)).map(([id, a, b]) =>
        row(
          'figure',
          id,
          (a ?? b)!.kind,
          a?.value ?? null,
          b?.value ?? null,
          high.has(id) ? 'high' : low.has(id) ? 'low' : undefined,
        ),
      ),
    ],
    gone: only(was, is),
    come: only(is, was),
  };
}
