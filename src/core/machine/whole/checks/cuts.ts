import { atLeast, atMost, type Checked, comfort, exactly, NEVER_ENDS } from '@/core/findings';
import { type MillCut, put } from '@/core/model';
import { rounded } from '../../axis';
import type { CutLoad } from '../../demand';
import type { MachineContext } from '../context';
import { at, type Candidate, level, figureCheck, named, offer } from './check';

/**
 * Thin sheet burns and drosses below it: 100 in/min, 2.5 m/min as builders round it, m/s. Common practice, no
 * source.
 */
export const PLASMA_LEAST = 2.5 / 60;
/** Chip load below which a tool rubs in metal, m. Common practice, no source. */
const RUBS = 0.01e-3;
/** Chip over the diameter of the cutter above which it is asked too much. Common practice, no source. */
const THICK = 0.06;
/** A cut is changed a little past what would just hold. */
const PAST = { faster: 1.2, lighter: 0.85, thinner: 0.95 } as const;

const pathOf = (i: number, field: string) => `brief.cuts.${i}.${field}`;

/** The cut that a finding is about, by its place in the brief. */
function cutOf({ project }: MachineContext, found: Checked) {
  const index = Number(found.params.cutIndex);
  return { index, cut: project.brief.cuts[index]! };
}

const about = (cut: CutLoad, i: number) => ({ about: cut.id, params: { cut: cut.name, cutIndex: i } });

/** Fields of a milling cut that can ask for less, and the unit in which they are rounded. */
const lighterFields = [
  ['depth', 1000],
  ['width', 1000],
  ['feed', 60],
] as const;

/** A cut that asks for less: thinner, slower, narrower. @param factor below 1. */
function easier({ cut, index }: ReturnType<typeof cutOf>, factor: number): Candidate[] {
  if (cut.kind !== 'mill' || !(factor < 1)) return [];
  return lighterFields.map(([field, per]) => {
    const to = rounded(cut[field].si * factor * per, 'down') / per;
    const less = offer(`less-${field}`, [at(pathOf(index, field), to)], { to, cut: cut.name });
    return { ...less, resigned: true };
  });
}

const plasmaSlow = figureCheck({
  code: 'plasma-slow',
  judge: ({ cuts }) =>
    cuts.flatMap((cut, i) => {
      // Thick plate is cut as slowly as it asks for.
      if (cut.kind !== 'plasma' || cut.stock !== 'sheet') return [];
      const path = pathOf(i, 'feed');
      const kind = 'speed';
      const found = { code: 'plasma-slow', path, kind, have: cut.feed, need: PLASMA_LEAST } as const;
      return [atLeast({ ...found, ...about(cut, i) })];
    }),
  candidates: (context, found) => {
    const to = found.limit * PAST.faster;
    return [offer('cut-faster', [at(pathOf(cutOf(context, found).index, 'feed'), to)], { to })];
  },
});

const spindleShort = figureCheck({
  code: 'spindle-short',
  judge: ({ cuts }) =>
    cuts.flatMap((cut, i) => {
      if (cut.available === null) return [];
      const found = atLeast({
        code: 'spindle-short',
        path: pathOf(i, 'depth'),
        kind: 'power',
        have: cut.available,
        need: cut.power,
        line: `cut.${cut.id}.power`,
        ...about(cut, i),
      });
      return [found];
    }),
  candidates: (context, found) => easier(cutOf(context, found), (found.value / found.limit) * PAST.lighter),
});

/** Other ways to a thicker chip. */
function thickerChip(cut: MillCut, index: number, factor: number): Candidate[] {
  const flutes = Math.max(1, Math.floor(cut.flutes.si / factor));
  const [spindle, feed] = [cut.spindle.si / factor, cut.feed.si * factor];
  const params = (to: number) => ({ to, cut: cut.name });
  const fewer = offer('fewer-flutes', [at(pathOf(index, 'flutes'), flutes)], params(flutes));
  return [
    ...(cut.flutes.si > 1 ? [fewer] : []),
    offer('slower-spindle', [at(pathOf(index, 'spindle'), spindle)], params(spindle)),
    offer('more-feed', [at(pathOf(index, 'feed'), feed)], params(feed)),
  ];
}

const chipRubs = figureCheck({
  code: 'chip-rubs',
  judge: ({ cuts }) =>
    cuts.flatMap((cut, i) => {
      if (cut.kind !== 'mill' || !cut.metal) return [];
      const found = atLeast({
        code: 'chip-rubs',
        path: pathOf(i, 'feed'),
        kind: 'length',
        have: cut.chip,
        need: RUBS,
        line: `cut.${cut.id}.chip`,
        ...about(cut, i),
      });
      return [comfort(found)];
    }),
  candidates: (context, found) => {
    const { index, cut } = cutOf(context, found);
    return cut.kind === 'mill' ? thickerChip(cut, index, (found.limit / found.value) * PAST.faster) : [];
  },
});

const chipThick = figureCheck({
  code: 'chip-thick',
  judge: ({ cuts }) =>
    cuts.flatMap((cut, i) => {
      if (cut.kind !== 'mill') return [];
      const found = atMost({
        code: 'chip-thick',
        path: pathOf(i, 'feed'),
        kind: 'ratio',
        have: cut.chipShare,
        need: THICK,
        line: `cut.${cut.id}.chip`,
        ...about(cut, i),
      });
      return [comfort(found)];
    }),
  candidates: (context, found) =>
    easier(cutOf(context, found), (found.limit / found.value) * PAST.thinner).filter(
      (c) => c.code === 'less-feed',
    ),
});

const climbPlay = figureCheck({
  code: 'climb-play',
  judge: ({ cuts, project, reports }) =>
    cuts.flatMap((cut, i) => {
      if (!cut.climb || !cut.pulls) return [];
      return project.axes.flatMap((axis, a) => {
        if (!level(axis)) return [];
        const found = atMost({
          code: 'climb-play',
          path: pathOf(i, 'way'),
          kind: 'length',
          have: reports[a]!.lostMotion.value,
          need: cut.chip,
          about: `${cut.id} ${axis.id}`,
          params: { cut: cut.name, cutIndex: i, ...named(axis) },
        });
        return [comfort(found, NEVER_ENDS)];
      });
    }),
  candidates: (context, found) => {
    const { index, cut } = cutOf(context, found);
    return [offer('conventional', [put(`brief.cuts.${index}.way`, 'conventional')], { cut: cut.name })];
  },
});

/** The cut that asks most of something; undefined where none asks anything. */
const most = (cuts: readonly CutLoad[], of: (cut: CutLoad) => number | null): CutLoad | undefined =>
  cuts.reduce<CutLoad | undefined>((a, c) => {
    const asked = of(c);
    return asked !== null && (!a || asked > of(a)!) ? c : a;
  }, undefined);

const cutFaster = figureCheck({
  code: 'cut-faster',
  judge: ({ cuts, project }) => {
    const fastest = most(cuts, (c) => c.feed);
    if (!fastest) return undefined;
    return project.axes.flatMap((axis, i) => {
      if (!level(axis)) return [];
      const found = atLeast({
        code: 'cut-faster',
        path: `axes.${i}.demands.feed`,
        kind: 'speed',
        have: axis.demands.feed.si,
        need: fastest.feed,
        about: axis.id,
        params: { ...named(axis), cut: fastest.name, axisIndex: i },
      });
      // Asked for less is not wrong, but nothing then proves the cut.
      return [exactly(found, 'thin')];
    });
  },
  candidates: ({ project }, found) => {
    const i = Number(found.params.axisIndex);
    const to = found.limit;
    const edits = [at(found.path, to)];
    if (project.axes[i]!.demands.rapid.si < to) edits.push(at(`axes.${i}.demands.rapid`, to));
    return [offer('ask-feed', edits, { to })];
  },
});

const cornerSlow = figureCheck({
  code: 'corner-slow',
  judge: ({ cuts, project }) => {
    const tightest = most(cuts, (c) => c.corner);
    const corner = tightest?.corner;
    if (!tightest || !corner) return undefined;
    return project.axes.flatMap((axis, i) => {
      if (!level(axis)) return [];
      const have = axis.demands.acceleration.si;
      const held = Math.sqrt(have * (tightest.feed ** 2 / corner));
      const found = atLeast({
        code: 'corner-slow',
        path: `axes.${i}.demands.acceleration`,
        kind: 'acceleration',
        have,
        need: corner,
        line: `cut.${tightest.id}.corner`,
        about: axis.id,
        params: { ...named(axis), cut: tightest.name, held },
      });
      return [comfort(found, NEVER_ENDS)];
    });
  },
  candidates: (_, found) => {
    const to = rounded(found.limit, 'up');
    return [offer('ask-acceleration', [at(found.path, to)], { to })];
  },
});

const plasmaReach = figureCheck({
  code: 'plasma-reach',
  judge: ({ cuts, project, reports }) => {
    if (project.brief.work !== 'plasma' && !cuts.some((c) => c.kind === 'plasma')) return undefined;
    return project.axes.flatMap((axis, i) => {
      if (!level(axis)) return [];
      const found = atLeast({
        code: 'plasma-reach',
        path: `axes.${i}.demands.feed`,
        kind: 'speed',
        have: reports[i]!.feed,
        need: PLASMA_LEAST,
        about: axis.id,
        params: named(axis),
      });
      return [found];
    });
  },
});

/** What the cuts ask of spindle, cutter and axes. */
export const cutChecks = [
  plasmaSlow,
  spindleShort,
  chipRubs,
  chipThick,
  climbPlay,
  cutFaster,
  cornerSlow,
  plasmaReach,
] as const;
