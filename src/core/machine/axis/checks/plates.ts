import {
  edgeFaults,
  floorFaults,
  hiddenHeads,
  type HoleFault,
  leastHole,
  makingFaults,
  nearTwins,
  wallFaults,
} from '@/core/fit';
import { atLeast, atMost, type Checked, exactly, type Verdict } from '@/core/findings';
import type { AxisFieldPath } from '@/core/model';
import { type Candidate, measured, offer } from '../candidates';
import type { PlateGroup, PlateReport } from '../plates';
import { type AxisSubject, axisCheck } from './subject';

type Of<Code extends string> = Checked<Code>;

/** Where a plate stands in the axis. */
const placeOf = ({ plates }: AxisSubject, about: string | undefined) => {
  const [plate, group] = String(about).split(' ');
  const at = plates.findIndex((p) => p.input.id === plate);
  const inside = plates[at]?.groups.findIndex((g) => g.input.id === group) ?? -1;
  return { at, plate: plates[at], group: plates[at]?.groups[inside], inside };
};

/** The worst of the holes of a plate, as one outcome; nothing where all hold. */
function worstHole<Code extends string>(
  code: Code,
  plate: PlateReport,
  faults: readonly HoleFault[],
  missed: Verdict = 'gives-out',
): Of<Code>[] {
  if (!faults.length) return [];
  const worst = faults.reduce((a, b) => (b.have / b.need < a.have / a.need ? b : a));
  const found = atLeast({
    code,
    about: plate.input.id,
    path: 'fit.plates',
    kind: 'length',
    have: worst.have,
    need: worst.need,
    params: {
      plate: plate.input.name,
      hole: worst.hole,
      other: worst.other ?? '',
      count: faults.length,
      made: plate.input.made,
    },
  });
  // Nothing is left at all: it runs out of the plate, or into the next hole.
  return [exactly(found, worst.have < 0 ? 'gives-out' : missed)];
}

const isAluminium = ({ input }: PlateReport) => input.material === 'aluminium';

/** Plates grown so far that the worst hole keeps its edge, along or across. */
function larger(subject: AxisSubject, found: Checked): Candidate[] {
  const { at, plate } = placeOf(subject, found.about);
  // What was drawn elsewhere is changed there.
  if (!plate || plate.input.outline.length) return [];
  const by = 2 * (found.limit - found.value);
  const grown = (side: 'along' | 'across') => {
    const to = Math.ceil((plate[side] + by) * 1000) / 1000;
    const path = `fit.plates.${at}.${side}`;
    return offer('larger-plate', [{ path, value: measured(path, to) }], {
      side,
      to,
      plate: plate.input.name,
    });
  };
  return plate.input.groups.some((g) => g.at.length) ? [] : [grown('along'), grown('across')];
}

const plateEdge = axisCheck({
  code: 'plate-edge',
  judge: ({ plates }) =>
    plates.flatMap((p) => worstHole('plate-edge', p, edgeFaults(p.holes, p.outline, isAluminium(p)), 'thin')),
  candidates: larger,
});

const plateWall = axisCheck({
  code: 'plate-wall',
  judge: ({ plates }) => plates.flatMap((p) => worstHole('plate-wall', p, wallFaults(p.holes), 'thin')),
});

const plateFloor = axisCheck({
  code: 'plate-floor',
  judge: ({ plates }) =>
    plates.flatMap((p) =>
      p.thickness === null ? [] : worstHole('plate-floor', p, floorFaults(p.holes, p.thickness)),
    ),
});

const plateMade = axisCheck({
  code: 'plate-made',
  judge: ({ plates }) =>
    plates.flatMap((p) =>
      p.thickness === null
        ? []
        : worstHole('plate-made', p, makingFaults(p.holes, p.thickness, p.input.made)),
    ),
  candidates: (subject, found) => {
    const { at, plate } = placeOf(subject, found.about);
    if (!plate) return [];
    return (['laser', 'water', 'drill'] as const)
      .filter((made) => leastHole[made] < leastHole[plate.input.made])
      .map((made) =>
        offer('made-by', [{ path: `fit.plates.${at}.made`, value: made }], { made, plate: plate.input.name }),
      );
  },
});

/** Heads that no key reaches once the other part is on. */
const plateHead = axisCheck({
  code: 'plate-head',
  judge: ({ plates }) =>
    plates.flatMap((plate): Of<'plate-head'>[] => {
      const hidden = hiddenHeads(plate.holes, plate.parts);
      const [first] = hidden;
      if (!first) return [];
      const under = plate.groups.find((g) => g.letter === first.under);
      return [
        {
          ...atMost({
            code: 'plate-head',
            about: plate.input.id,
            path: 'fit.plates',
            kind: 'length',
            have: first.by,
            need: 0,
            params: {
              plate: plate.input.name,
              hole: first.hole,
              under: under?.input.name ?? '',
              count: hidden.length,
            },
          }),
          margin: 0,
          verdict: 'thin',
        },
      ];
    }),
});

const eachGroup = <T>({ plates }: AxisSubject, of: (group: PlateGroup, plate: PlateReport) => T[]): T[] =>
  plates.flatMap((plate) => plate.groups.flatMap((group) => of(group, plate)));

const aboutOf = (plate: PlateReport, group: PlateGroup) => `${plate.input.id} ${group.input.id}`;

/** The part in hand is drilled otherwise than the plate is drawn. */
const platePattern = axisCheck({
  code: 'plate-pattern',
  judge: (subject) =>
    eachGroup(subject, (group, plate): Of<'plate-pattern'>[] => {
      const { off, pattern, input } = group;
      if (!off) return [];
      const drawn = pattern?.kind === 'rect' ? pattern : null;
      return [
        exactly(
          atMost({
            code: 'plate-pattern',
            about: aboutOf(plate, group),
            path: 'fit.plates',
            kind: 'length',
            have: off.by,
            need: off.allowed,
            params: {
              plate: plate.input.name,
              group: input.name,
              letter: group.letter,
              holes: group.holes.length,
              from: off.from,
              along: drawn?.along ?? 0,
              across: drawn?.across ?? 0,
              handAlong: input.hand.along?.si ?? -1,
              handAcross: input.hand.across?.si ?? -1,
              row: subject.analysis.axis.fit.mount.row ?? '',
            },
          }),
        ),
      ];
    }),
  candidates: (subject, found) => {
    const { at, group, inside } = placeOf(subject, found.about);
    if (!group) return [];
    const { hand } = group.input;
    const { row } = subject.analysis.axis.fit.mount;
    const other = row === 'short' ? 'long' : 'short';
    const path = `fit.plates.${at}.groups.${inside}.pattern`;
    const drawn = group.pattern?.kind === 'rect' ? group.pattern : null;
    const value = {
      kind: 'rect',
      along: hand.along ?? (drawn && measured(`${path}.along`, drawn.along)),
      across: hand.across ?? (drawn && measured(`${path}.across`, drawn.across)),
    } as const;
    return [
      ...(row ? [offer('other-row', [{ path: 'fit.mount.row', value: other }], { row: other })] : []),
      ...(hand.along || hand.across
        ? [offer('as-in-hand', [{ path, value }], { group: group.input.name })]
        : []),
    ];
  },
});

/** The head is sunk less, on a washer, or the hole is deeper: what frees a screw that touches bottom. */
function freed(subject: AxisSubject, found: Checked): Candidate[] {
  const { at, group, inside } = placeOf(subject, found.about);
  if (!group) return [];
  const path = `fit.plates.${at}.groups.${inside}`;
  const { head } = group.input;
  const clamps = `${path}.clamps` as AxisFieldPath;
  const spacer = (group.input.clamps?.si ?? 0) + found.value - found.limit;
  const up = Math.ceil(spacer * 1e4 - 1e-6) / 1e4;
  return [
    ...(head === 'counterbore'
      ? [offer('on-washer', [{ path: `${path}.head`, value: 'washer' }], { group: group.input.name })]
      : []),
    offer('spacer-under', [{ path: clamps, value: measured(clamps, up) }], {
      by: up,
      group: group.input.name,
    }),
  ];
}

/** The shortest screw that engages enough goes deeper than there is thread. */
const plateBottom = axisCheck({
  code: 'plate-bottom',
  judge: (subject) =>
    eachGroup(subject, (group, plate): Of<'plate-bottom'>[] => {
      const { screw, grip, thread, input, part } = group;
      if (!screw || screw.fits || grip === null || !thread) return [];
      const deep = screw.length - grip;
      return [
        exactly(
          atMost({
            code: 'plate-bottom',
            about: aboutOf(plate, group),
            path: 'fit.plates',
            kind: 'length',
            have: deep,
            need: deep - screw.over,
            params: {
              plate: plate.input.name,
              group: input.name,
              thread: thread.name,
              length: screw.length,
              grip,
              depth: input.partDepth?.si ?? part.depth ?? 0,
            },
          }),
        ),
      ];
    }),
  candidates: freed,
});

/** A plate that is tapped holds less thread than its material wants. */
const plateShort = axisCheck({
  code: 'plate-short',
  judge: (subject) =>
    eachGroup(subject, (group, plate): Of<'plate-short'>[] =>
      group.short
        ? [
            exactly(
              atLeast({
                code: 'plate-short',
                about: aboutOf(plate, group),
                path: 'fit.plates',
                kind: 'length',
                have: group.short.have,
                need: group.short.need,
                params: {
                  plate: plate.input.name,
                  group: group.input.name,
                  thread: group.thread?.name ?? '',
                },
              }),
              'thin',
            ),
          ]
        : [],
    ),
});

/** The screw that is said and the thread of the part go into one another for a few turns, and strip it. */
const plateTwins = axisCheck({
  code: 'plate-twins',
  judge: (subject) =>
    eachGroup(subject, (group, plate): Of<'plate-twins'>[] => {
      const { input, part, thread } = group;
      if (!thread || !part.thread || !nearTwins(thread.name, part.thread)) return [];
      const found = atMost({
        code: 'plate-twins',
        about: aboutOf(plate, group),
        path: 'fit.plates',
        kind: 'count',
        have: 1,
        need: 0,
        params: { plate: plate.input.name, group: input.name, screw: thread.name, thread: part.thread },
      });
      return [{ ...found, verdict: 'gives-out' }];
    }),
  candidates: (subject, found) => {
    const { at, inside } = placeOf(subject, found.about);
    const path = `fit.plates.${at}.groups.${inside}.thread`;
    return [offer('own-thread', [{ path, value: '' }], { thread: String(found.params.thread) })];
  },
});

/** Whether every hole of a plate can be made, reached and screwed into. */
export const plateChecks = [
  plateTwins,
  platePattern,
  plateBottom,
  plateShort,
  plateEdge,
  plateWall,
  plateFloor,
  plateMade,
  plateHead,
] as const;
