import { nearTwins } from '@/core/fit';
import { atLeast, atMost, type Checked, exactly } from '@/core/findings';
import type { AxisFieldPath } from '@/core/model';
import { type Candidate, measured, offer } from '../candidates';
import type { PlateGroup, PlateReport } from '../plates';
import { placeOf } from './plates';
import { type AxisSubject, axisCheck } from './subject';

type Of<Code extends string> = Checked<Code>;

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

/** Parts that are trued before they are tightened: along a rail, to a mesh, to the tension of a belt. */
const trued: readonly string[] = ['motor', 'blocks', 'nut', 'rails', 'spindle'];

/** A countersunk head centres its part: what must be trued cannot move under it. */
const plateLocked = axisCheck({
  code: 'plate-locked',
  judge: (subject) =>
    eachGroup(subject, (group, plate): Of<'plate-locked'>[] => {
      const { input, holes } = group;
      if (!holes.length || input.way !== 'clear' || input.head !== 'countersink') return [];
      if (!trued.includes(input.joins)) return [];
      const found = atMost({
        code: 'plate-locked',
        about: aboutOf(plate, group),
        path: 'fit.plates',
        kind: 'count',
        have: holes.length,
        need: 0,
        params: { plate: plate.input.name, group: input.name, joins: input.joins },
      });
      return [{ ...found, verdict: 'thin' }];
    }),
  candidates: (subject, found) => {
    const { at, group, inside } = placeOf(subject, found.about);
    if (!group) return [];
    const path = `fit.plates.${at}.groups.${inside}`;
    const edits = [
      { path: `${path}.head`, value: 'washer' },
      { path: `${path}.clearance`, value: 'coarse' },
    ];
    return [offer('on-washer', edits, { group: group.input.name })];
  },
});

/** Whether screws find their thread, and leave free what must be trued. */
export const screwChecks = [platePattern, plateBottom, plateShort, plateTwins, plateLocked] as const;
