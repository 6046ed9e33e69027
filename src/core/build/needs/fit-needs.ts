import { materials } from '@/core/catalogue';
import { patternPlaces } from '@/core/fit';
import { type AxisReport, mountsOf, type PlateGroup, platePartOf, type PlateReport } from '@/core/machine';
import type { Axis, Body } from '@/core/model';
import type { Whose } from './drive-needs';
import { type Need, need } from './need';

/** A tenth more of what rolls under the bench. Common practice, no source. */
const spareOf = (count: number) => Math.ceil(count / 10);

/** Screws of one group of holes, with what lies under their heads. */
function groupNeeds(owner: string, plate: PlateReport, group: PlateGroup): Need[] {
  const { input, thread, screw, holes, places, part } = group;
  const which = `${plate.input.id}.${input.id}`;
  const bored = (input.bore ?? part.bore) !== null ? places.length : 0;
  const count = Math.max(0, holes.length - bored);
  if (!count) return [];
  const joint = { plate: plate.input.name, group: input.name };
  if (input.way === 'dowel') {
    const params = { ...joint, diameter: input.diameter?.si ?? -1 };
    return [need({ kind: 'dowel', owner, quantity: count, params }, which)];
  }
  if (!thread || (input.way !== 'clear' && input.way !== 'tapped')) return [];
  const length = screw?.fits ? screw.length : -1;
  const head = input.way === 'clear' && input.head === 'countersink' ? 'countersunk' : 'cap';
  const soft = input.way === 'tapped' && materials[plate.input.material].modulus < 2e10;
  return [
    need(
      {
        kind: 'screw',
        owner,
        quantity: count,
        spare: spareOf(count),
        params: { ...joint, thread: thread.name, length, head },
        open: [],
      },
      which,
    ),
    ...(input.head === 'washer'
      ? [
          need(
            {
              kind: 'washer',
              owner,
              quantity: count,
              spare: spareOf(count),
              params: { ...joint, thread: thread.name },
            },
            which,
          ),
        ]
      : []),
    // Wood and plastic want an insert where metal is tapped.
    ...(soft
      ? [need({ kind: 'insert', owner, quantity: count, params: { ...joint, thread: thread.name } }, which)]
      : []),
  ];
}

function plateNeeds(owner: string, plates: readonly PlateReport[]): Need[] {
  return plates.flatMap((plate) => {
    const { input, along, across, thickness } = plate;
    const known = thickness !== null && along > 0 && across > 0;
    const sheet = need(
      {
        kind: 'plate',
        owner,
        params: {
          name: input.name,
          material: input.material,
          along,
          across,
          thickness: thickness ?? -1,
          holes: plate.holes.length,
        },
        mass: known ? materials[input.material].density * along * across * thickness : null,
      },
      input.id,
    );
    return [sheet, ...plate.groups.flatMap((g) => groupNeeds(owner, plate, g))];
  });
}

/** Stops, cushions and switches of both ends. */
function endNeeds(axis: Axis): Need[] {
  const owner = axis.id;
  const { ends, stops, homing } = axis.fit;
  const rails = axis.guide.rails.si;
  const both = (['near', 'far'] as const).map((side) => ({ side, ...ends[side], stop: stops[side] }));
  return both.flatMap(({ side, cushion, switch: trips, stop }) => {
    const each = homing.at === side && homing.motors === 'each' ? axis.drive.sets : 1;
    return [
      ...(stop ? [need({ kind: 'stop', owner, quantity: rails, params: { side } }, side)] : []),
      ...(cushion.kind !== 'rigid'
        ? [need({ kind: 'cushion', owner, quantity: rails, params: { side, what: cushion.kind } }, side)]
        : []),
      ...(trips !== 'none'
        ? [need({ kind: 'switch', owner, quantity: each, params: { side, what: trips } }, side)]
        : []),
    ];
  });
}

/** Cable chain and bellows. */
function coverNeeds(axis: Axis, report: AxisReport): Need[] {
  const owner = axis.id;
  const { bellows, cable: said } = axis.fit;
  const { cable } = report.chain.lengths;
  const count = [bellows.near, bellows.far].filter((b) => b !== null && b.si > 0).length;
  return [
    ...(cable
      ? [
          need({
            kind: 'cable-chain',
            owner,
            quantity: cable.length,
            by: 'metre',
            params: { links: cable.links, radius: said.radius?.si ?? -1, height: said.height?.si ?? -1 },
          }),
          need({ kind: 'chain-bracket', owner, quantity: 2, origin: 'usual' }),
        ]
      : []),
    ...(count
      ? [need({ kind: 'bellows', owner, quantity: count, params: { travel: axis.demands.travel.si } })]
      : []),
  ];
}

/** How near a body must be to a planned plate in size to be that plate. */
const SAME = 0.05;
const near = (a: number, b: number) => Math.abs(a - b) <= SAME * Math.max(a, b);

/** Whether a body of this shape is planned as a plate with its holes already. */
function isPlanned({ shape }: Body, plates: readonly PlateReport[]): boolean {
  if (shape?.kind !== 'plate') return false;
  return plates.some(
    (p) =>
      p.thickness !== null &&
      near(p.thickness, shape.thickness.si) &&
      near(Math.max(p.along, p.across), Math.max(shape.length.si, shape.width.si)),
  );
}

/** Screws of a part of which no place is known, as it usually has them; from memory. */
const USUAL = { carriages: 4, nut: 6, blocks: 4, motor: 4 } as const;
type Screwed = keyof typeof USUAL;

/** How many of a part there are on an axis. */
const partsOf = ({ guide, drive }: Axis): Readonly<Record<Screwed, number>> => ({
  carriages:
    guide.kind === 'v-wheel' || guide.kind === 'tube-bearing' ? 0 : guide.rails.si * guide.perRail.si,
  nut: drive.kind === 'screw' ? drive.sets : 0,
  blocks:
    drive.kind === 'screw'
      ? drive.sets * [drive.motorEnd, drive.farEnd].filter((end) => end !== 'free').length
      : 0,
  motor: drive.sets,
});

/** Screws of parts that no plate plans yet: their length follows from what they go through. */
function partScrews(axis: Axis): Need[] {
  const mounts = mountsOf(axis);
  const count = partsOf(axis);
  const planned = new Set(
    axis.fit.plates.flatMap((p) => p.groups.flatMap((g) => (g.of === '' ? [g.joins] : []))),
  );
  return (Object.keys(USUAL) as Screwed[]).flatMap((of) => {
    if (planned.has(of) || !count[of]) return [];
    const { pattern, thread } = platePartOf(of, axis, mounts);
    const each = pattern ? patternPlaces(pattern).length : USUAL[of];
    const quantity = each * count[of];
    const params = { of, thread: thread ?? '', length: -1 };
    return [need({ kind: 'part-screws', owner: axis.id, quantity, spare: spareOf(quantity), params }, of)];
  });
}

/** What Fit says of an axis. */
export const fitNeeds = ({ axis }: Whose, report: AxisReport): Need[] => [
  ...plateNeeds(axis.id, report.plates),
  ...endNeeds(axis),
  ...partScrews(axis),
  ...coverNeeds(axis, report),
];

export { isPlanned };
