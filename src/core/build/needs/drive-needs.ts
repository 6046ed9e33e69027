import { materials } from '@/core/catalogue';
import { planRack, rack as racks } from '@/core/drives';
import { mountsOf, pickedPart, type TravelChain } from '@/core/machine';
import {
  type Axis,
  type BeltDrive,
  type ChainDrive,
  type Drive,
  holdsBothSides,
  namedTorqueOf,
  type Project,
  type RackDrive,
  type ScrewDrive,
  shaftDriven,
} from '@/core/model';
import { mm, type Need, need, type NeedSection, restingOn, sawnOf } from './need';

interface Whose {
  readonly project: Project;
  readonly axis: Axis;
  /** Path of the axis from the root. */
  readonly at: string;
  readonly chain: TravelChain;
}

const STEEL = materials.steel.density;

/** Mass of a round bar of steel, kg. */
const roundBar = (diameter: number, length: number) => STEEL * (Math.PI / 4) * diameter ** 2 * length;

/** Price and stock of the part that was picked for a link. */
function priced({ project, axis }: Whose, link: Parameters<typeof pickedPart>[2]) {
  const part = pickedPart(project, axis, link);
  return { price: part?.price ?? null, onHand: part?.onHand ?? 0, own: part?.own ?? false };
}

function screwSection({ thread, nominalDiameter: d, lead }: ScrewDrive): NeedSection {
  const kind = thread.kind === 'ball' ? 'ball-screw' : 'sliding-screw';
  const form = thread.kind === 'ball' ? 'ball' : thread.form;
  return {
    key: `screw ${form} ${mm(d.si)}x${mm(lead.si)}`,
    kind,
    params: { diameter: d.si, lead: lead.si, form },
    form: { kind: 'plain' },
    hard: thread.kind === 'ball',
  };
}

function screwNeeds(whose: Whose, drive: ScrewDrive): Need[] {
  const { axis, at, chain } = whose;
  const owner = axis.id;
  const sides = drive.sets;
  const section = screwSection(drive);
  const length = chain.lengths.screw;
  const { block, housing } = mountsOf(axis);
  const { price, onHand, own } = priced(whose, 'drive');
  const { diameter, lead, form } = section.params as { diameter: number; lead: number; form: string };
  const open = [
    ...(axis.fit.journals.drive ? [] : [`${at}.fit.journals.drive`]),
    ...(axis.fit.journals.far ? [] : [`${at}.fit.journals.far`]),
  ];
  const params = { diameter, lead, form };
  const ends = [drive.motorEnd, drive.farEnd];
  const blocks = (end: string) => sides * ends.filter((e) => e === end).length;
  // Steel, as a round bar of its diameter: a little more than it weighs.
  const mass = length === null ? null : roundBar(diameter, length);
  return [
    need({
      kind: section.kind,
      owner,
      quantity: sides,
      params: { ...params, length: length ?? -1, thread: axis.fit.thread?.si ?? drive.betweenBearings.si },
      // The catalogue prices a metre with its share of nut and machining; a part of one's own a piece.
      price: price !== null && !own ? price * (length ?? drive.betweenBearings.si) : price,
      onHand,
      mass,
      open,
      sawn: length === null ? null : sawnOf(section, length, sides),
    }),
    need({ kind: drive.turning === 'nut' ? 'turning-nut' : 'nut', owner, quantity: sides, params }),
    ...(axis.fit.mount.nut !== 'flange' && housing
      ? [need({ kind: 'nut-housing', owner, quantity: sides, params: { diameter } })]
      : []),
    ...(blocks('fixed')
      ? [
          need({
            kind: 'fixed-block',
            owner,
            quantity: blocks('fixed'),
            params: { diameter, bore: block?.fixedBore ?? -1 },
          }),
        ]
      : []),
    ...(blocks('supported')
      ? [
          need({
            kind: 'floating-block',
            owner,
            quantity: blocks('supported'),
            params: { diameter, bore: block?.floatingBore ?? -1 },
          }),
        ]
      : []),
  ];
}

/** Teeth and gaps are half a pitch each at the pitch line. */
const GAP_SHARE = 0.5;

/** What the rack of one side must be, m: what was said, or whole pieces for the travel. */
function rackLengths({ axis }: Whose, drive: RackDrive): readonly number[] {
  const pitch = racks.rackPitch.evaluate({ module: drive.module.si, helix: drive.helixAngle.si });
  const segment = Math.floor(drive.segment.si / pitch + 1e-6) * pitch;
  const said = axis.fit.rack?.si;
  const total = said ?? planRack(axis.demands.travel.si, drive.segment.si, pitch).pieces * segment;
  const whole = Math.floor(total / segment + 1e-6);
  const rest = Math.ceil((total - whole * segment) / pitch - 1e-6) * pitch;
  return [...Array.from({ length: whole }, () => segment), ...(rest > 1e-6 ? [rest] : [])];
}

function rackNeeds(whose: Whose, drive: RackDrive): Need[] {
  const owner = whose.axis.id;
  const sides = holdsBothSides(drive) ? 2 : 1;
  const pitch = racks.rackPitch.evaluate({ module: drive.module.si, helix: drive.helixAngle.si });
  const params = { module: drive.module.si, helix: drive.helixAngle.si, width: drive.faceWidth.si };
  const section: NeedSection = {
    key: `rack ${mm(drive.module.si)}x${mm(drive.faceWidth.si)}${drive.helixAngle.si > 0 ? ' helical' : ''}`,
    kind: 'rack',
    params,
    form: { kind: 'toothed', pitch, gap: GAP_SHARE * pitch },
    hard: false,
  };
  const lengths = rackLengths(whose, drive);
  const pieces = Array.from({ length: sides }, () => lengths)
    .flat()
    .map((length) => ({ length, first: null }));
  const metres = pieces.reduce((s, p) => s + p.length, 0);
  const { price, onHand, own } = priced(whose, 'drive');
  return [
    need({
      kind: 'rack',
      owner,
      quantity: pieces.length,
      params: { ...params, segment: drive.segment.si, metres },
      price: price !== null && !own ? (price * metres) / pieces.length : price,
      onHand,
      // Steel, as high as it is wide.
      mass: (STEEL * drive.faceWidth.si ** 2 * metres) / pieces.length,
      sawn: { section, pieces },
    }),
    need({ kind: 'pinion', owner, quantity: sides, params: { ...params, teeth: drive.teeth.si } }),
  ];
}

/** Round both wheels, half of each, or along the centre distance only. */
function lineLength({ axis, chain }: Whose, drive: BeltDrive | ChainDrive): number {
  const cut = chain.lengths.belt;
  if (cut !== null && drive.kind === 'belt') return cut;
  const open = drive.kind === 'belt' && drive.arrangement === 'open';
  const grip = axis.fit.grip ? 2 * axis.fit.grip.si : 0;
  return open
    ? drive.centreDistance.si + grip
    : 2 * drive.centreDistance.si + drive.teeth.si * drive.pitch.si;
}

function lineNeeds(whose: Whose, drive: BeltDrive | ChainDrive): Need[] {
  const owner = whose.axis.id;
  const sides = holdsBothSides(drive) ? 2 : 1;
  const length = lineLength(whose, drive);
  const { price, onHand, own } = priced(whose, 'drive');
  const belt = drive.kind === 'belt';
  const params = { pitch: drive.pitch.si, ...(belt ? { width: drive.width.si } : {}) };
  const wheel = { ...params, teeth: drive.teeth.si };
  const line = need({
    kind: belt ? 'belt' : 'roller-chain',
    owner,
    quantity: sides * length,
    by: 'metre',
    params: { ...params, length, pieces: sides },
    price: own && price !== null ? price / length : price,
    onHand: onHand * length,
    mass: drive.lineMass.si,
  });
  const wheels = belt && drive.arrangement === 'open' ? 1 : 2;
  return [
    line,
    need({ kind: belt ? 'pulley' : 'sprocket', owner, quantity: wheels * sides, params: wheel }),
    // Two idlers lead an open belt round its pulley.
    ...(wheels === 1 ? [need({ kind: 'idler', owner, quantity: 2 * sides, params })] : []),
    ...(belt ? [need({ kind: 'belt-clamp', owner, quantity: 2 * sides, params })] : []),
  ];
}

/** A shaft to both sides, with the bearings that carry it. */
function shaftNeeds({ axis: { id, drive } }: Whose): Need[] {
  if (!('crossShaft' in drive) || !drive.crossShaft) return [];
  const { diameter, length } = drive.crossShaft;
  const section: NeedSection = {
    key: `shaft ${mm(diameter.si)}`,
    kind: 'cross-shaft',
    params: { diameter: diameter.si },
    form: { kind: 'plain' },
    hard: false,
  };
  const params = { diameter: diameter.si, length: length.si };
  return [
    need({
      kind: 'cross-shaft',
      owner: id,
      quantity: 2,
      params,
      mass: roundBar(diameter.si, length.si),
      sawn: sawnOf(section, length.si, 2),
    }),
    need({
      kind: 'shaft-bearing',
      owner: id,
      quantity: 4,
      params: { diameter: diameter.si },
      origin: 'usual',
    }),
  ];
}

/** What moves the carriages. */
function moverNeeds(whose: Whose, drive: Drive): Need[] {
  const { travel } = whose.axis.demands;
  switch (drive.kind) {
    case 'screw': {
      const { nominalDiameter, lead, betweenBearings } = drive;
      return restingOn([nominalDiameter, lead, betweenBearings], screwNeeds(whose, drive));
    }
    case 'rack': {
      const { module, helixAngle, faceWidth, segment, teeth } = drive;
      return restingOn([travel, module, helixAngle, faceWidth, segment, teeth], rackNeeds(whose, drive));
    }
    case 'belt':
    case 'chain': {
      const { pitch, teeth, centreDistance } = drive;
      const width = drive.kind === 'belt' ? drive.width : null;
      return restingOn([pitch, teeth, centreDistance, width], lineNeeds(whose, drive));
    }
    case 'crank': {
      const { crankRadius, linkLength } = drive;
      const owner = whose.axis.id;
      return restingOn(
        [crankRadius, linkLength],
        [
          need({ kind: 'crank-disc', owner, params: { radius: crankRadius.si } }),
          need({ kind: 'crank-link', owner, params: { length: linkLength.si } }),
          need({ kind: 'guard', owner, origin: 'usual' }),
        ],
      );
    }
  }
}

/** Motors and all that turns with them. */
function turningNeeds(whose: Whose): Need[] {
  const { project, axis } = whose;
  const { drive, motor, reducer } = axis;
  const owner = axis.id;
  const count = drive.sets;
  const named = (link: Parameters<typeof pickedPart>[2]) => pickedPart(project, axis, link);
  const part = (link: Parameters<typeof pickedPart>[2]) => {
    const found = named(link);
    return { price: found?.price ?? null, onHand: found?.onHand ?? 0 };
  };
  const called = (link: Parameters<typeof pickedPart>[2]) => ({ name: named(link)?.name ?? '' });
  const { face } = mountsOf(axis);
  return [
    ...(motor.kind === 'hand'
      ? [
          need({
            kind: 'handwheel',
            owner,
            quantity: count,
            params: { ...called('motor'), radius: motor.radius.si, lines: motor.divisions.si },
            ...part('motor'),
          }),
        ]
      : [
          need({
            kind: 'motor',
            owner,
            quantity: count,
            params: {
              ...called('motor'),
              what: motor.kind,
              torque: namedTorqueOf(motor),
              frame: face?.frame ?? -1,
            },
            ...part('motor'),
          }),
          need({ kind: 'driver', owner, quantity: count, params: called('driver'), ...part('driver') }),
        ]),
    ...(reducer
      ? [
          need({
            kind: 'reducer',
            owner,
            quantity: count,
            params: { ...called('reducer'), what: reducer.kind, ratio: reducer.ratio.si },
            ...part('reducer'),
          }),
        ]
      : []),
    ...(drive.kind === 'screw' && axis.coupling.kind !== 'rigid'
      ? [
          need({
            kind: 'coupling',
            owner,
            quantity: count,
            params: { ...called('coupling'), what: axis.coupling.kind },
            ...part('coupling'),
          }),
        ]
      : []),
  ];
}

/** What a motor is picked by. */
const motorFigures = ({ motor, reducer }: Axis) => [pickedBy(motor), reducer?.ratio ?? null];

function pickedBy(motor: Axis['motor']) {
  if (motor.kind === 'hand') return motor.radius;
  return motor.kind === 'stepper' ? motor.holdingTorque : motor.ratedTorque;
}

/** Drive, motor and what stands between them. */
export const driveNeeds = (whose: Whose): Need[] => [
  ...moverNeeds(whose, whose.axis.drive),
  ...(shaftDriven(whose.axis.drive) ? restingOn([whose.axis.drive], shaftNeeds(whose)) : []),
  ...restingOn(motorFigures(whose.axis), turningNeeds(whose)),
];

export type { Whose };
