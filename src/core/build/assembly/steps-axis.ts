import type { Part } from './part';
import { movedPart, partId, type Seat } from './seats';
import { seedOf, type StepGiven, type StepSeed } from './step';

/** Minutes besides the screws; from memory, and for somebody who does it for the first time. */
const TAKES = {
  rail: 30,
  railLoose: 15,
  carriages: 15,
  plate: 20,
  railSet: 30,
  block: 15,
  screw: 20,
  nut: 20,
  float: 25,
  motor: 20,
  rack: 40,
  pinion: 20,
  mesh: 20,
  belt: 25,
  tension: 10,
  crank: 30,
  ends: 20,
  cable: 30,
  bellows: 20,
} as const;

/** What the steps of an axis are written from. */
export interface AxisWork {
  readonly seat: Seat;
  /** Parts that there are. */
  readonly there: ReadonlyMap<string, Part>;
  /** Steps after which its seat can be worked on, and after which what it carries is on it. */
  readonly seated: readonly string[];
  readonly loaded: readonly string[];
}

/** Rails, carriages, plate, and the second rail by the run of what they carry. */
function guideSteps({ seat, there, seated, loaded }: AxisWork): StepSeed[] {
  const { axis, turned } = seat;
  const own = (kind: string) => partId(axis, kind);
  const step = (given: StepGiven) => seedOf({ owner: axis.id, ...given });
  const two = there.has(own('rail-b'));
  // A unit whose rails travel is put together on the bench, and hung by its carriages.
  const place = turned ? 'bench' : 'machine';
  const rails = two ? [own('rail-a'), own('rail-b')] : [own('rail-a')];
  const plate = there.has(own('plate'));
  const run = [own('plate'), ...loaded].filter((id) => id !== own('plate') || plate);
  const first = step({
    kind: 'rail-a',
    brings: [...(turned && plate ? [own('plate')] : []), own('rail-a')],
    sets: [{ joint: own('rail-a'), state: 'tight' }],
    needs: turned ? [] : seated,
    place,
    readings: ['straight'],
    locate: ['fence', 'print-glued', 'cast'],
    cautions: ['chips'],
    minutes: TAKES.rail,
  });
  const second = step({
    kind: 'rail-b',
    brings: [own('rail-b')],
    sets: [{ joint: own('rail-b'), state: 'loose' }],
    needs: [own('rail-a')],
    place,
    locate: ['spacers', 'rail-as-jig'],
    minutes: TAKES.railLoose,
  });
  const carriages = step({
    kind: 'carriages',
    brings: [own('carriages')],
    sets: turned ? [{ joint: own('carriages'), state: 'loose' }] : [],
    needs: rails,
    place,
    cautions: ['balls-out'],
    minutes: TAKES.carriages,
  });
  const mount = step({
    kind: 'plate',
    brings: turned ? [] : [own('plate')],
    sets: [{ joint: turned ? own('carriages') : own('plate'), state: two ? 'snug' : 'tight' }],
    needs: [own('carriages'), ...(turned ? seated : [])],
    cautions: axis.role === 'plunge' ? ['plunge-falls', 'balls-out'] : ['balls-out'],
    locate: ['through-both'],
    minutes: TAKES.plate,
  });
  const set = step({
    kind: 'rail-b-set',
    sets: [
      { joint: own('rail-b'), state: 'tight' },
      ...(plate ? [{ joint: turned ? own('carriages') : own('plate'), state: 'tight' as const }] : []),
    ],
    needs: [own('rail-b'), ...run],
    readings: ['drag'],
    locate: ['gantry-sets', 'run-tighten'],
    minutes: TAKES.railSet,
  });
  return [first, ...(two ? [second] : []), carriages, ...(plate ? [mount] : []), ...(two ? [set] : [])];
}

/** Screw: fixed end tight, nut tight at the fixed end, floating end tight at the far one. */
function screwSteps({ seat, there, seated }: AxisWork, ready: readonly string[]): StepSeed[] {
  const { axis } = seat;
  const own = (kind: string) => partId(axis, kind);
  const step = (given: StepGiven) => seedOf({ owner: axis.id, ...given });
  return [
    step({
      kind: 'block-fixed',
      brings: [own('block-fixed')],
      sets: [{ joint: own('block-fixed'), state: 'tight' }],
      needs: seated,
      locate: ['pointed-rod', 'print-glued'],
      minutes: TAKES.block,
    }),
    step({
      kind: 'screw',
      brings: [own('screw'), own('nut'), own('block-float')],
      sets: [
        { joint: own('screw'), state: 'tight' },
        { joint: own('nut'), state: 'loose' },
        { joint: own('block-float'), state: 'loose' },
      ],
      needs: [own('block-fixed'), ...ready],
      cautions: ['nut-runs-off', ...(axis.role === 'plunge' ? (['plunge-falls'] as const) : [])],
      minutes: TAKES.screw,
    }),
    step({
      kind: 'nut-set',
      sets: [{ joint: own('nut'), state: 'tight' }],
      needs: [own('screw')],
      readings: ['turn'],
      locate: ['run-tighten'],
      minutes: TAKES.nut,
    }),
    step({
      kind: 'float-set',
      sets: [{ joint: own('block-float'), state: 'tight' }],
      needs: [own('nut-set')],
      readings: ['turn'],
      locate: ['run-tighten'],
      minutes: TAKES.float,
    }),
    step({
      kind: 'motor',
      brings: [own('motor'), own('coupling')].filter((id) => there.has(id)),
      sets: [
        { joint: own('motor'), state: 'tight' },
        { joint: own('coupling'), state: 'tight' },
      ],
      needs: [own('float-set')],
      minutes: TAKES.motor,
    }),
  ];
}

/** Motor, crank and link. */
function crankSteps(
  { axis }: AxisWork['seat'],
  there: AxisWork['there'],
  seated: readonly string[],
  square: readonly string[],
): StepSeed[] {
  const own = (kind: string) => partId(axis, kind);
  const step = (given: StepGiven) => seedOf({ owner: axis.id, ...given });
  const present = (kinds: readonly string[]) => kinds.map(own).filter((id) => there.has(id));
  return [
    step({
      kind: 'motor',
      brings: present(['motor']),
      sets: [{ joint: own('motor'), state: 'tight' }],
      needs: seated,
      minutes: TAKES.motor,
    }),
    step({
      kind: 'crank',
      brings: present(['crank']),
      sets: [{ joint: own('crank'), state: 'tight' }],
      needs: [own('motor'), ...square],
      readings: ['turn'],
      cautions: ['fingers'],
      minutes: TAKES.crank,
    }),
  ];
}

/** Rack and pinion, belt or chain. */
function wheelSteps(
  { seat, there, seated }: AxisWork,
  ready: readonly string[],
  square: string[],
): StepSeed[] {
  const { axis } = seat;
  const own = (kind: string) => partId(axis, kind);
  const step = (given: StepGiven) => seedOf({ owner: axis.id, ...given });
  const present = (kinds: readonly string[]) => kinds.map(own).filter((id) => there.has(id));
  if (axis.drive.kind === 'rack')
    return [
      step({
        kind: 'rack',
        brings: present(['rack']),
        sets: [{ joint: own('rack'), state: 'tight' }],
        needs: [...seated, ...ready],
        readings: ['straight'],
        minutes: TAKES.rack,
      }),
      step({
        kind: 'pinion',
        brings: present(['motor', 'pinion']),
        sets: [
          { joint: own('pinion'), state: 'tight' },
          { joint: own('motor'), state: 'loose' },
        ],
        needs: [own('rack'), ...square],
        minutes: TAKES.pinion,
      }),
      step({
        kind: 'mesh',
        sets: [{ joint: own('motor'), state: 'tight' }],
        needs: [own('pinion')],
        readings: ['mesh'],
        locate: ['run-tighten'],
        minutes: TAKES.mesh,
      }),
    ];
  if (axis.drive.kind === 'crank') return crankSteps(seat, there, [...seated, ...ready], square);
  return [
    step({
      kind: 'motor',
      brings: present(['motor', 'wheels']),
      sets: [
        { joint: own('motor'), state: 'snug' },
        { joint: own('wheels'), state: 'tight' },
      ],
      needs: [...seated, ...ready],
      minutes: TAKES.motor,
    }),
    step({
      kind: 'belt',
      brings: present(['belt']),
      sets: [{ joint: own('belt'), state: 'tight' }],
      needs: [own('motor')],
      minutes: TAKES.belt,
    }),
    step({
      kind: 'tension',
      sets: [{ joint: own('motor'), state: 'tight' }],
      needs: [own('belt'), ...square],
      readings: ['tone'],
      minutes: TAKES.tension,
    }),
  ];
}

/** Stops and switches, cables, covers. */
function lastSteps({ seat, there }: AxisWork, driven: string): StepSeed[] {
  const { axis } = seat;
  const own = (kind: string) => partId(axis, kind);
  const step = (given: StepGiven) => seedOf({ owner: axis.id, ...given });
  const moved = movedPart(seat);
  const later = (kind: 'ends' | 'cable' | 'bellows', given: Partial<StepSeed>): StepSeed[] =>
    there.has(own(kind))
      ? [
          step({
            kind,
            brings: [own(kind)],
            sets: [{ joint: own(kind), state: 'tight' }],
            minutes: TAKES[kind],
            ...given,
          }),
        ]
      : [];
  return [
    ...later('ends', { needs: [moved] }),
    ...later('cable', { needs: [driven, moved] }),
    ...later('bellows', { needs: ['first-motion'] }),
  ];
}

/** Every step of an axis, in the order in which it is told. @param square step after which it stands true. */
export function axisSteps(work: AxisWork, square: readonly string[]): StepSeed[] {
  const { axis } = work.seat;
  const own = (kind: string) => partId(axis, kind);
  const guide = guideSteps(work);
  const running = guide.at(-1)!.id;
  const drive =
    axis.drive.kind === 'screw'
      ? screwSteps(work, [running])
      : wheelSteps(
          work,
          [running],
          square.filter((s) => s !== running),
        );
  return [...guide, ...drive, ...lastSteps(work, drive.at(-1)!.id)].map((s) => ({
    ...s,
    needs: s.needs.map((n) => (n === own('columns') ? 'columns' : n)),
  }));
}
