import { composed, type Drawing, joined, line, type Parts, type Pen, rect } from '@/core/drawing';
import type { ChainPart, EndPlace, Side, TravelChain } from '@/core/machine';
import type { Axis, AxisFieldPath } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { chainPartName } from '@/words';
import { type ChainBody, chainBodies } from './chain-bodies';

/** The travel chain of an axis, and whose it is. */
export interface ChainShown {
  readonly axis: Axis;
  readonly chain: TravelChain;
  readonly system: UnitSystem;
  /** Paper units that the longest part takes. */
  readonly width: number;
}

/** Paper units: a row of a part, its bar, and the carriages on their rail. */
const ROW = 36;
const BAR = 16;
const CARRIAGE = 20;
const thin: Pen = { ink: 'ink', width: 1 };
const red: Pen = { ink: 'red', width: 2.2 };
const soft: Pen = { ink: 'blue', width: 1.4 };
const hard: Pen = { ink: 'soft', width: 1, dash: 'dashed' };

const middleOf = ({ from, to }: NonNullable<TravelChain['closed']>) => (from + to) / 2;

/** A part whose place is not said stands about the middle of the free stroke. */
function placeOf(part: ChainPart, middle: number): { readonly start: number; readonly from: number } {
  const from = part.from ?? middle - part.free / 2;
  return { from, start: part.start ?? from - (part.length - part.free) / 2 };
}

/** Where everything lies along the axis; m from the near rail end. */
function extent({ parts }: TravelChain, bodies: readonly ChainBody[], middle: number) {
  const places = [
    ...parts.map((p) => ({ ...placeOf(p, middle), length: p.length })),
    ...bodies.map(({ from, to }) => ({ start: from, length: to - from })),
  ];
  return {
    left: Math.min(...places.map((p) => p.start)),
    right: Math.max(...places.map((p) => p.start + p.length)),
  };
}

/** One line that says what the drawing shows, for those who do not see it. */
export function chainInWords({ axis, chain, system }: ChainShown): string {
  const say = (m: number) => formatQuantity('length', m, system, 5).text;
  const { closed, soft: left } = chain;
  if (!closed || left === null) return `${axis.name}: nothing of its travel chain is known`;
  const [near, far] = [closed.near, closed.far].map((id) => chainPartName[id].toLowerCase());
  const ended = near === far ? `ended by the ${near}` : `from the ${near} to the ${far}`;
  return (
    `${axis.name}: free stroke ${say(closed.stroke)}, ${ended}; ${say(left)} between the soft limits of ` +
    `${say(axis.demands.travel.si)} asked`
  );
}

/** Everything that the rows are drawn from. */
interface Laid extends ChainShown {
  readonly closed: NonNullable<TravelChain['closed']>;
  readonly bodies: readonly ChainBody[];
  readonly left: number;
  readonly right: number;
  readonly scale: number;
  readonly paper: (units: number) => number;
  readonly say: (m: number) => string;
}

function laid(shown: ChainShown): Laid | null {
  const { axis, chain, system, width } = shown;
  const { closed } = chain;
  if (!closed) return null;
  const bodies = chainBodies(axis, closed);
  const { left, right } = extent(chain, bodies, middleOf(closed));
  const scale = width / (right - left);
  return {
    ...shown,
    closed,
    bodies,
    left,
    right,
    scale,
    paper: (units) => units / scale,
    say: (m) => formatQuantity('length', m, system, 5).text,
  };
}

/** One part: as long as it is, the stretch in which it lets the carriages be, and where it ends it. */
function row({ closed, left, right, paper, say }: Laid, part: ChainPart, y: number): Partial<Parts> {
  const { start, from } = placeOf(part, middleOf(closed));
  const binds = [
    ...(part.id === closed.near ? [from] : []),
    ...(part.id === closed.far ? [from + part.free] : []),
  ];
  const name = chainPartName[part.id];
  const title = `${name}: ${say(part.length)}, lets the carriages run ${say(part.free)}`;
  const [high, inner] = [paper(BAR), paper(BAR - 6)];
  const noted = { layer: 'notes', size: 12.5 } as const;
  return {
    shapes: [
      rect('parts', start, y - high / 2, part.length, high, { pen: thin, fill: 'steel', title }),
      ...(part.free > 0
        ? [rect('reach', from, y - inner / 2, part.free, inner, { fill: 'blueWash', title })]
        : []),
      ...binds.map((x) => line('binds', { x, y: y - paper(13) }, { x, y: y + paper(13) }, { pen: red })),
    ],
    labels: [
      {
        ...noted,
        text: name,
        at: { x: left, y },
        prefer: ['left'],
        ink: binds.length ? 'red' : 'ink',
        bold: binds.length > 0,
      },
      { ...noted, text: say(part.free), at: { x: right, y }, prefer: ['right'], ink: 'ink' },
    ],
  };
}

/**
 * The drive with what stands at its ends: motor, coupling, blocks, and its nut, pinion or clamp at the near
 * contact.
 */
function drive(l: Laid, y: number): Partial<Parts> {
  const { bodies, left, right, paper, say } = l;
  const shapes = bodies.map(({ from, to, tall, fill, usual, name }) => {
    const high = paper(tall);
    const title = `${name}: ${say(to - from)}${usual ? ', drawn as is usual' : ''}`;
    return rect('drive', from, y - high / 2, to - from, high, { pen: usual ? hard : thin, fill, title });
  });
  const noted = { layer: 'notes', size: 12.5 } as const;
  return {
    shapes,
    labels: [
      { ...noted, text: 'Drive', at: { x: left, y }, prefer: ['left'], ink: 'ink' },
      { ...noted, text: `${say(right - left)} over all`, at: { x: right, y }, prefer: ['right'], ink: 'ink' },
    ],
  };
}

/** Hard contacts, what each end takes, the soft limits between, and the carriages at both contacts. */
function limits({ axis, chain, closed, paper, say }: Laid, top: number, bottom: number): Partial<Parts> {
  const { from, to } = closed;
  const [near, far] = [chain.ends.near.taken, chain.ends.far.taken];
  const upright = (x: number, pen: Pen) => line('limits', { x, y: bottom }, { x, y: top }, { pen });
  // From the hard contact inwards: crash zone, the switch, the margin up to the soft limit.
  const zone = (side: Side, contact: number, way: 1 | -1) => {
    const { taken, crash, trip, margin }: EndPlace = chain.ends[side];
    const switched = axis.fit.ends[side].switch !== 'none';
    if (!(taken > 0)) return [];
    const band = (wide: number, opacity: number, title: string) =>
      wide > 0
        ? [
            rect('ends', way > 0 ? contact : contact - wide, bottom, wide, top - bottom, {
              fill: 'amberWash',
              opacity,
              title,
            }),
          ]
        : [];
    const title =
      `This end takes ${say(taken)}: ${switched ? 'switch' : 'braking from'} ${say(trip)} before the ` +
      `contact, margin ${say(margin)}`;
    const at = contact + way * trip;
    return [
      ...band(taken, 0.55, title),
      ...band(crash, 1, `Crash zone ${say(crash)}`),
      ...(switched
        ? [
            line(
              'switch',
              { x: at, y: top - paper(6) },
              { x: at, y: top },
              { pen: red, title: 'Switch trips' },
            ),
          ]
        : []),
    ];
  };
  const span = axis.guide.carriageSpan?.si ?? 0;
  const rides = (x: number, pen: Pen) =>
    rect('carriages', x - span / 2, paper(BAR / 2), span, paper(CARRIAGE), { pen, fill: 'panel' });
  const closes = to - from > near + far;
  const across = (side: 1 | -1, a: number, b: number, text: string) => ({
    layer: 'dimensions',
    along: 'x' as const,
    side,
    from: { x: a, y: side > 0 ? top : bottom },
    to: { x: b, y: side > 0 ? top : bottom },
    text,
  });
  return {
    shapes: [
      ...zone('near', from, 1),
      ...zone('far', to, -1),
      upright(from, hard),
      upright(to, hard),
      ...(closes ? [upright(from + near, soft), upright(to - far, soft)] : []),
      ...(span > 0 && to > from ? [rides(to, hard), rides(from, thin)] : []),
    ],
    dimensions: [
      ...(closes
        ? [across(1, from + near, to - far, `between soft limits ${say(to - from - near - far)}`)]
        : []),
      ...(to > from ? [across(-1, from, to, `free stroke ${say(to - from)}`)] : []),
    ],
  };
}

/** The axis end to end, a row for each part; null where nothing of it is known. */
export function chainDrawing(shown: ChainShown): Drawing | null {
  const l = laid(shown);
  if (!l) return null;
  const { parts } = shown.chain;
  const { paper } = l;
  const rowAt = (i: number) => -paper(ROW) * i;
  const last = parts.length - (l.bodies.length ? 0 : 1);
  const [top, bottom] = [paper(CARRIAGE + 10), rowAt(last) - paper(ROW / 2)];
  const rows = parts.map((part, i) => row(l, part, rowAt(i)));
  const driven = l.bodies.length ? [drive(l, rowAt(parts.length))] : [];
  return composed(joined(...rows, ...driven, limits(l, top, bottom)), l.scale);
}

/** An end of a part that can be dragged: the input that it is, and its value with the end at a place. */
export interface ChainHandle {
  readonly path: AxisFieldPath;
  readonly part: string;
  /** @param x where the end is dragged to, m from the near rail end. */
  readonly valueAt: (x: number) => number;
}

/** How near to an end it must be taken hold of, paper units. */
const GRASP = 16;

function handleOf({ axis, closed }: Laid, part: ChainPart, far: boolean): ChainHandle | null {
  const { start } = placeOf(part, middleOf(closed));
  const name = chainPartName[part.id];
  if (part.id === 'stops') {
    const rail = axis.guide.railLength?.si ?? 0;
    return far
      ? { path: 'fit.stops.far', part: name, valueAt: (x) => rail - x }
      : { path: 'fit.stops.near', part: name, valueAt: (x) => x };
  }
  if (far) return { path: part.path as AxisFieldPath, part: name, valueAt: (x) => x - start };
  // A rail begins where all is counted from.
  if (part.id === 'rail') return null;
  const inset = part.start === null ? 0 : part.start - (axis.fit.driveStart?.si ?? part.start);
  return { path: 'fit.driveStart', part: name, valueAt: (x) => x - inset };
}

/** The end of a part that lies at a place of the drawing; null where none is near. */
export function chainHandle(shown: ChainShown, x: number, y: number): ChainHandle | null {
  const l = laid(shown);
  if (!l) return null;
  const { parts } = shown.chain;
  const part = parts[Math.round(-y / l.paper(ROW))];
  if (!part || Math.abs(y + l.paper(ROW) * parts.indexOf(part)) > l.paper(ROW / 2)) return null;
  const { start } = placeOf(part, middleOf(l.closed));
  const [near, far] = [Math.abs(x - start), Math.abs(x - start - part.length)];
  return Math.min(near, far) > l.paper(GRASP) ? null : handleOf(l, part, far <= near);
}
