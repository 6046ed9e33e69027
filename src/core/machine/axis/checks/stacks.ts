import { type Change } from '@/core/fit';
import { atMost, type Checked, comfort, type Verdict } from '@/core/findings';
import type { Axis, Plain, StackLinkInput } from '@/core/model';
import { type Candidate, measured, offer } from '../candidates';
import type { GapReport } from '../stacks';
import { axisCheck } from './subject';

const verdicts: Record<NonNullable<GapReport['standing']>, Verdict> = {
  inside: 'holds',
  middle: 'thin',
  // Which side of its window it lies on is not known before somebody reads it.
  overlaps: 'not-known',
  outside: 'gives-out',
};

/** How well a gap stands in its window: above 1 inside, the less the further outside. */
function marginOf({ closed, window }: GapReport): number {
  if (!closed || !window) return 0;
  const inside = Math.min(closed.gap - window.least, window.most - closed.gap);
  const wide = Number.isFinite(window.most - window.least) ? window.most - window.least : 1e-3;
  return 1 + (inside - closed.half) / wide;
}

/** The figure that a gap is held against: the end of its window that is nearer. */
const limitOf = ({ closed, window }: GapReport): number => {
  if (!closed || !window) return 0;
  const low = Math.abs(closed.gap - window.least) < Math.abs(window.most - closed.gap);
  return low ? window.least : window.most;
};

const changeIn = ({ action }: GapReport): Change | null =>
  action?.does === 'measure' ? action.then : action?.does === 'leave' ? null : action;

function judged(report: GapReport, nameOf: (id: string) => string): Checked<'stack-gap'> {
  const { input, closed, action, standing, line, window } = report;
  const change = changeIn(report);
  const missing = closed ? (closed.unknown[0] ?? closed.untold[0]) : undefined;
  return {
    code: 'stack-gap',
    about: input.id,
    path: 'fit.stack.gaps',
    kind: 'length',
    value: closed?.gap ?? 0,
    limit: limitOf(report),
    margin: marginOf(report),
    verdict: standing ? verdicts[standing] : 'not-known',
    ...(closed ? { line } : {}),
    params: {
      gap: input.name,
      half: closed?.half ?? 0,
      least: window && Number.isFinite(window.least) ? window.least : '',
      most: window && Number.isFinite(window.most) ? window.most : '',
      does: action?.does ?? '',
      change: change?.does ?? '',
      by: change?.by ?? 0,
      measure: action?.does === 'measure' ? nameOf(action.link) : '',
      share: closed && action?.does === 'measure' ? shareOf(report, action.link) : 0,
      missing: missing === undefined ? '' : nameOf(missing),
      untold: closed && !closed.unknown.length && closed.untold.length ? 1 : 0,
      open: report.open ? 1 : 0,
    },
  };
}

const shareOf = ({ closed }: GapReport, id: string) => closed?.shares.find((s) => s.id === id)?.share ?? 0;

/** Shims and cuts are made to a hundredth of a millimetre. */
const STEP = 1e-5;

/** The change of a gap as a link that is new in its chain. */
function changed({ fit: { stack } }: Axis, { input }: GapReport, change: Change): Candidate | null {
  if (change.does === 'adjust') return null;
  const shim = change.does === 'shim';
  const by = Math.round(change.by / STEP) * STEP;
  const side = shim ? 'from' : 'to';
  const plane = `${input[side]}:${shim ? 'shim' : 'floor'}`;
  const id = `${shim ? 'shim' : 'floor'}-${input.id}`;
  if (stack.links.some((l) => l.id === id)) return null;
  const off = measured('fit.stack.links.0.plus', shim ? 0.05 * by : STEP * 2, 'estimate');
  const link: StackLinkInput = {
    id,
    name: shim ? 'Shim' : 'Recess',
    from: input[side],
    to: plane,
    says: null,
    part: '',
    published: null,
    drawn: measured('fit.stack.links.0.drawn', by) as StackLinkInput['drawn'],
    measured: null,
    doubt: null,
    plus: off as StackLinkInput['plus'],
    minus: off as StackLinkInput['minus'],
    shape: 'unknown',
    lot: '',
  };
  const gaps = stack.gaps.map((g) => (g.id === input.id ? { ...g, [side]: plane } : g));
  const edits = [
    { path: 'fit.stack.links', value: [...stack.links, link] as Plain },
    { path: 'fit.stack.gaps', value: gaps as Plain },
  ];
  return offer(shim ? 'stack-shim' : 'stack-recess', edits, { by, gap: input.name });
}

/** A link taken out of a chain: its planes become one. */
function without({ fit: { stack } }: Axis, id: string): Candidate | null {
  const link = stack.links.find((l) => l.id === id);
  if (!link) return null;
  const moved = (plane: string) => (plane === link.to ? link.from : plane);
  const joined = <T extends { readonly from: string; readonly to: string }>(x: T): T => ({
    ...x,
    from: moved(x.from),
    to: moved(x.to),
  });
  const links = stack.links.filter((l) => l.id !== id).map(joined);
  const edits = [
    { path: 'fit.stack.links', value: links as Plain },
    { path: 'fit.stack.gaps', value: stack.gaps.map(joined) as Plain },
  ];
  return offer('drop-link', edits, { name: link.name });
}

const present = (candidates: readonly (Candidate | null)[]) =>
  candidates.filter((c): c is Candidate => c !== null);

/** Names of an axis's links by their ids. */
const namesIn = ({ fit: { stack } }: Axis) => {
  const names = new Map(stack.links.map((l) => [l.id, l.name]));
  return (id: string) => names.get(id) ?? id;
};

const stackGap = axisCheck({
  code: 'stack-gap',
  // Of a chain that counts something twice the other check speaks.
  judge: ({ stacks, analysis: { axis } }) =>
    stacks.gaps.filter((g) => !g.twice.length).map((g) => judged(g, namesIn(axis))),
  candidates: ({ stacks, analysis: { axis } }, found) => {
    const report = stacks.gaps.find((g) => g.input.id === found.about);
    const change = report && changeIn(report);
    return report && change ? present([changed(axis, report, change)]) : [];
  },
});

/** Beyond three times what is allowed it is another part, not a rough one. */
const stackMismatch = axisCheck({
  code: 'stack-mismatch',
  judge: ({ stacks }) =>
    stacks.rows.flatMap(({ mismatch, input, published }) =>
      mismatch
        ? [
            comfort(
              atMost({
                code: 'stack-mismatch',
                about: input.id,
                path: 'fit.stack.links',
                kind: 'length',
                have: mismatch.off,
                need: mismatch.allowed,
                params: {
                  name: input.name,
                  read: input.measured!.si,
                  stated: input.drawn?.si ?? published?.value ?? 0,
                },
              }),
            ),
          ]
        : [],
    ),
});

/** Margin of what makes all other figures of its chain worthless: it comes first. */
const VOID = -1e9;

const stackTwice = axisCheck({
  code: 'stack-twice',
  judge: ({ stacks, analysis: { axis } }) =>
    stacks.gaps.flatMap((g) =>
      g.twice.map(({ first, second, thing }): Checked<'stack-twice'> => {
        const name = namesIn(axis);
        const value = stacks.rows.find((r) => r.link.id === first)?.link.value ?? 0;
        return {
          code: 'stack-twice',
          about: `${g.input.id} ${first} ${second}`,
          path: 'fit.stack.links',
          kind: 'length',
          value: Math.abs(value),
          limit: 0,
          margin: VOID,
          verdict: 'gives-out',
          params: { first: name(first), second: name(second), thing, gap: g.input.name },
        };
      }),
    ),
  candidates: ({ stacks, analysis: { axis } }, found) => {
    const [gap, first, second] = String(found.about).split(' ');
    const there = stacks.gaps.some((g) => g.input.id === gap);
    return there ? present([without(axis, first!), without(axis, second!)]) : [];
  },
});

const stackLoop = axisCheck({
  code: 'stack-loop',
  judge: ({ stacks, analysis: { axis } }) =>
    stacks.loops.map(({ links, off, allowed }) =>
      atMost({
        code: 'stack-loop',
        about: links.join(' '),
        path: 'fit.stack.links',
        kind: 'length',
        have: off,
        need: allowed,
        params: { names: links.map(namesIn(axis)).join(', ') },
      }),
    ),
});

/** Whether heights and spacings come together. */
export const stackChecks = [stackGap, stackMismatch, stackTwice, stackLoop] as const;
