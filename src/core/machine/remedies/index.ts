import type { Edit } from '@/core/findings';
import type { Axis } from '@/core/model';
import type { Analysis } from '../analysis';
import type { CheckCode, Checked } from '../checks';
import { askLess, type Candidate, same, set, softer, steps } from './edits';
import { exchange } from './exchange';
import { brake, gearing, moreDrive, moreTorque, ratedSetting } from './motor';
import { againstWhip, fixings, leads, screws } from './screw';

export type { Candidate } from './edits';

type Find = (axis: Axis, found: Checked, analysis: Analysis) => Candidate[];

const pulseRates = [100e3, 200e3, 400e3, 1e6];
const edit = (code: string, edits: readonly Edit[], params: Candidate['params'] = {}): Candidate => ({
  code,
  params,
  edits,
});

/** A share more than what is needed, rounded up to two digits. */
const ample = (need: number, by = 1.2) => {
  const step = 10 ** (Math.floor(Math.log10(need * by)) - 1);
  return Math.ceil((need * by) / step) * step;
};

/** Whether another kind of drive is worth a thought: a long axis. */
const isLong = (axis: Axis) => axis.demands.travel.si > 0.6;
const otherDrives = (axis: Axis): Candidate[] => (isLong(axis) ? exchange(axis, ['rack', 'belt']) : []);

const longerSpan = ({ guide }: Axis, need: number): Candidate[] =>
  guide.carriageSpan
    ? [edit('longer-span', [set('guide.carriageSpan', ample(need, 1.02))], { to: ample(need, 1.02) })]
    : [];
/** A motor on each side in place of one; each gets no more than the busier share. */
const bothSides = ({ drive }: Axis): Candidate[] =>
  drive.sets === 2 || (drive.kind !== 'screw' && drive.crossShaft)
    ? []
    : [edit('both-sides', [{ path: 'drive.sets', value: 2 }, set('drive.worstShare', 0.7)])];

const candidates: Record<CheckCode, Find> = {
  whip: (axis, found) => [
    ...againstWhip(axis),
    ...otherDrives(axis),
    ...askLess('demands.rapid', found.value, axis),
  ],
  dn: (axis, found) => [
    ...leads(axis, (l, now) => l > now),
    ...screws(axis, (nominal, l, now) => nominal < now.nominalDiameter.si && l >= now.lead.si),
    ...askLess('demands.rapid', found.value, axis),
  ],
  'line-speed': (axis, found) => askLess('demands.rapid', found.value, axis),
  'torque-rapid': (axis, found) => [
    ...moreTorque(axis),
    ...otherDrives(axis),
    ...askLess('demands.rapid', found.value, axis),
  ],
  'torque-cut': (axis, found) => [
    ...moreTorque(axis),
    ...otherDrives(axis),
    ...askLess('demands.feed', found.value, axis),
  ],
  'motor-speed': (axis, found) => [
    ...gearing(axis),
    ...leads(axis, (l, now) => l > now),
    ...askLess('demands.rapid', found.value, axis),
  ],
  reducer: (axis, found) => [
    ...(axis.reducer?.pulleys
      ? []
      : [5, 4, 3, 2]
          .filter((r) => axis.reducer && r < axis.reducer.ratio.si)
          .map((r) => edit('ratio', [set('reducer.ratio', r)], { to: r }))),
    ...gearing(axis).filter((c) => c.code === 'teeth'),
    ...leads(axis, (l, now) => l > now),
    ...askLess('demands.rapid', found.value, axis),
  ],
  pulses: (axis, found) => [
    ...(axis.motor.kind === 'stepper'
      ? steps(
          'microsteps',
          'driver.microsteps',
          [16, 10, 8, 4].filter((m) => m < axis.driver.microsteps.si),
        )
      : steps(
          'counts',
          'motor.countsPerTurn',
          [10_000, 4000, 2000].filter(
            (c) => axis.motor.kind !== 'stepper' && c < axis.motor.countsPerTurn.si,
          ),
        )),
    ...steps(
      'controller',
      'controller.pulseLimit',
      pulseRates.filter((f) => f > axis.controller.pulseLimit.si),
    ),
    ...leads(axis, (l, now) => l > now),
    ...askLess('demands.rapid', found.value, axis),
  ],
  column: (axis) => [
    ...screws(axis, (nominal, lead, now) => nominal > now.nominalDiameter.si && same(lead, now.lead.si)),
    ...fixings(axis),
  ],
  tooth: (axis) =>
    axis.drive.kind !== 'rack'
      ? []
      : [
          ...steps(
            'module',
            'drive.module',
            [1, 1.5, 2, 2.5, 3]
              .map((m) => m / 1000)
              .filter((m) => axis.drive.kind === 'rack' && m > axis.drive.module.si + 1e-9),
            'standard',
          ),
          ...steps(
            'face-width',
            'drive.faceWidth',
            [0.015, 0.02, 0.025, 0.03].filter(
              (b) => axis.drive.kind === 'rack' && b > axis.drive.faceWidth.si,
            ),
          ),
          ...bothSides(axis),
        ],
  'belt-pull': (axis, found) =>
    axis.drive.kind !== 'belt'
      ? []
      : [widerBelt(axis, found.limit / found.value), ...bothSides(axis), ...softer(axis)].flat(),
  'chain-pull': (axis) => [...bothSides(axis), ...softer(axis)],
  drops: (axis, found, { gravity }) => [
    ...(gravity > 0
      ? [
          edit(
            'counterbalance',
            [set('loads.counterbalance', Math.round(gravity + axis.loads.counterbalance.si))],
            { to: gravity + axis.loads.counterbalance.si },
          ),
        ]
      : []),
    ...brake(found.value),
    ...leads(axis, (l, now) => l < now),
  ],
  'thin-self-lock': (axis) => leads(axis, (l, now) => l < now),
  'crest-high': ratedSetting,
  'crest-low': (axis) => moreDrive(axis).filter((c) => c.code === 'crest'),
  'supply-low': (axis) => moreDrive(axis).filter((c) => c.code === 'supply'),
  'driver-small': (_axis, found) => steps('driver', 'driver.maxCurrent', [ample(found.limit)]),
  'curve-voltage': (axis, found) =>
    found.params.higher
      ? []
      : steps(
          'supply',
          'supply.voltage',
          [found.limit].filter((v) => v <= (axis.driver.maxVoltage?.si ?? 0)),
        ),
  'inertia-ratio': (axis) => [...leads(axis, () => true), ...gearing(axis)],
  'motor-heat': (axis) => [...softer(axis), ...gearing(axis), ...leads(axis, () => true)],
  'supply-power': (_axis, found) => steps('bigger-supply', 'supply.power', [ample(found.limit)]),
  regeneration: (axis) => [
    edit('brake-resistor', [{ path: 'supply.brakeResistor', value: 'fitted' }]),
    ...steps(
      'capacitance',
      'supply.capacitance',
      [2, 4].map((f) => f * (axis.supply.capacitance?.si ?? 0.01)),
    ),
    ...softer(axis),
  ],
  'rail-short': (axis, found) => {
    const need = axis.demands.travel.si + Number(found.params.span) - 2 * Number(found.params.overhang);
    return [
      edit('rail', [set('guide.railLength', Math.ceil(need * 100) / 100)], { to: need }),
      ...(axis.guide.carriageLength && axis.guide.overhang.si < axis.guide.carriageLength.si / 4
        ? [
            edit('overhang', [set('guide.overhang', axis.guide.carriageLength.si / 4)], {
              to: axis.guide.carriageLength.si / 4,
            }),
          ]
        : []),
      ...(found.value > 0
        ? [
            edit('travel', [set('demands.travel', Math.floor(found.value * 1000) / 1000)], {
              to: found.value,
            }),
          ]
        : []),
    ];
  },
  'deep-groove': () => [edit('angular-contact', [{ path: 'drive.thrustBearing', value: 'angular-contact' }])],
  'reducer-torque': (axis, found) => [
    ...steps('bigger-reducer', 'reducer.torqueLimit', [ample(found.limit)]),
    ...gearing(axis).filter((c) => c.code === 'teeth'),
    ...softer(axis),
  ],
  'coupling-torque': (axis, found) => [
    ...steps('bigger-coupling', 'coupling.torqueLimit', [ample(found.limit, 1.5)]),
    ...softer(axis),
  ],
  'coupling-runout': () => steps('truer-coupling', 'coupling.runout', [0.02e-3]),
  'lost-motion': (axis) => lessPlay(axis),
  'never-reached': (axis, found) => [
    edit('acceleration', [set('demands.acceleration', axis.demands.acceleration.si * 2)], {
      to: axis.demands.acceleration.si * 2,
    }),
    ...askLess('demands.rapid', found.value * 1.15, axis),
  ],
  'ramp-rings': (axis) => softer(axis),

  undercut: (_axis, found) => [
    edit('teeth', [set('drive.teeth', Math.ceil(Number(found.limit)))], {
      to: Math.ceil(Number(found.limit)),
    }),
    ...(Number(found.params.shift) > 0 && Number(found.params.shift) < 0.8
      ? [
          edit(
            'profile-shift',
            [set('drive.profileShift', Math.ceil(Number(found.params.shift) * 20) / 20)],
            { to: Math.ceil(Number(found.params.shift) * 20) / 20 },
          ),
        ]
      : []),
  ],
  'sprung-pinion': (axis, found) => {
    const lever = Number(found.params.lever);
    const to = ample(found.limit, 1.16) / lever;
    return [
      ...steps('spring', 'drive.springForce', [to]),
      ...(axis.drive.kind === 'rack'
        ? [edit('fix-mesh', [{ path: 'drive.mesh', value: 'fixed' }, set('drive.meshGap', 0.05e-3)])]
        : []),
    ];
  },
  'mesh-tight': () => steps('mesh-gap', 'drive.meshGap', [0.03e-3, 0.05e-3]),
  'joint-at-park': (axis, found) => {
    if (axis.drive.kind !== 'rack') return [];
    return [-1, 1]
      .map((side) => Number(found.params.joint) + side * found.limit * 1.2)
      .filter((to) => to >= 0 && to <= axis.demands.travel.si)
      .map((to) => edit('park', [set('drive.park', to)], { to }));
  },
  'belt-tension': (_axis, found) => steps('tension', 'drive.pretension', [ample(found.limit)]),
  'belt-teeth': (axis, found) =>
    axis.drive.kind === 'belt'
      ? steps('teeth', 'drive.teeth', [Math.ceil((axis.drive.teeth.si * found.limit) / found.value)])
      : [],
  'chain-sag': (axis, found) =>
    axis.drive.kind === 'chain'
      ? [
          ...steps('tension', 'drive.pretension', [
            ample(axis.drive.pretension.si * (found.value / found.limit), 1.02),
          ]),
          edit('tray', [{ path: 'drive.laid', value: 'tray' }]),
        ]
      : [],
  'chain-ripple': () => steps('teeth', 'drive.teeth', [17, 19, 21]),
  'shaft-load': (axis, found) => [
    ...(axis.drive.kind === 'belt' && axis.drive.pretension.si > found.limit / 4
      ? steps('tension', 'drive.pretension', [
          Math.floor(axis.drive.pretension.si * (found.value / found.limit) * 0.85),
        ])
      : []),
    ...(axis.reducer || axis.drive.kind === 'screw'
      ? []
      : [
          edit('outboard-bearing', [set('drive.shaftLoadLimit', ample(found.limit))], {
            to: ample(found.limit),
          }),
        ]),
    ...bothSides(axis),
  ],
  'nut-spring': (_axis, found) => steps('spring-nut', 'drive.thread.preload', [ample(found.limit)]),

  'guide-static': (axis, found) => [
    ...(axis.guide.staticLoad
      ? [
          edit(
            'bigger-carriage',
            [
              set('guide.staticLoad', ample((axis.guide.staticLoad.si * found.limit) / found.value)),
              { path: 'guide.dynamicLoad', value: null },
            ],
            { to: ample((axis.guide.staticLoad.si * found.limit) / found.value) },
          ),
        ]
      : []),
    ...longerSpan(axis, 1.5 * (axis.guide.carriageSpan?.si ?? 0)),
    ...steps('no-overhang', 'guide.overhang', axis.guide.overhang.si > 0 ? [0] : []),
  ],
  racking: (axis, found) => [...longerSpan(axis, found.limit * 1.2), ...bothSides(axis)],
  'span-short': (axis, found) => [...longerSpan(axis, found.limit), ...bothSides(axis)],
  'rail-height': (_axis, found) => [
    edit('shim', [set('guide.heightError', found.limit * 0.8)], { to: found.limit * 0.8 }),
    edit('clearance', [{ path: 'guide.preload', value: 'clearance' }]),
  ],
  'rail-parallel': (_axis, found) => [
    edit('align', [set('guide.parallelError', found.limit * 0.8)], { to: found.limit * 0.8 }),
    edit('clearance', [{ path: 'guide.preload', value: 'clearance' }]),
  ],
  'rod-sag': (axis) => [
    ...(axis.guide.rails.si < 3 ? [edit('third-rod', [set('guide.rails', 3)])] : []),
    ...steps(
      'thicker-rod',
      'guide.size',
      [16, 20, 25, 30, 40].map((d) => d / 1000).filter((d) => d > (axis.guide.size?.si ?? 0) + 1e-9),
      'standard',
    ),
  ],
};

/** A belt as much wider as is missing, with all that goes with its width. */
function widerBelt(axis: Axis, lacking: number): Candidate[] {
  const { drive } = axis;
  if (drive.kind !== 'belt') return [];
  return [0.015, 0.02, 0.025, 0.03, 0.05]
    .filter((w) => w > drive.width.si + 1e-9 && w < drive.width.si * lacking * 2)
    .map((to) => {
      const f = to / drive.width.si;
      return edit(
        'wider-belt',
        [
          set('drive.width', to),
          set('drive.allowedPull', drive.allowedPull.si * f),
          set('drive.lineMass', drive.lineMass.si * f),
        ],
        { to },
      );
    });
}

/** Ways to lose less at a reversal, link by link; each is offered only where its link is there. */
function lessPlay({ drive, reducer, coupling }: Axis): Candidate[] {
  return [
    ...(drive.kind === 'rack' && drive.mesh === 'fixed' && drive.meshGap && drive.meshGap.si > 0.021e-3
      ? steps('mesh-gap', 'drive.meshGap', [0.02e-3])
      : []),
    ...(reducer && reducer.backlash.si > 0.0009
      ? [
          edit('finer-reducer', [set('reducer.backlash', ((3 / 60) * Math.PI) / 180)], {
            to: ((3 / 60) * Math.PI) / 180,
          }),
        ]
      : []),
    ...(coupling.backlash.si > 0
      ? [edit('no-play-coupling', [{ path: 'coupling.kind', value: 'bellows' }, set('coupling.backlash', 0)])]
      : []),
    ...(drive.kind === 'screw' && drive.play && drive.play.si > 0
      ? steps('nut-play', 'drive.play', [0])
      : []),
    ...(drive.kind === 'belt' && drive.play && drive.play.si > 0.02e-3
      ? steps('belt-profile', 'drive.play', [0.02e-3])
      : []),
  ];
}

/** Everything worth trying against a finding. */
export const candidatesFor = (analysis: Analysis, found: Checked): Candidate[] =>
  candidates[found.code](analysis.axis, found, analysis);
