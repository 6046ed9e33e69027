import { circle, line, outline, type Parts, type Pen, polyline, rect, type Shape } from '@/core/drawing';
import type { AxisReport } from '@/core/machine';
import type { Guide } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import type { Layout } from './layout';

const thin: Pen = { ink: 'ink', width: 1 };
/** Most of the holes that are drawn; a long rail has more. */
const MOST_HOLES = 40;
const HOLE_PITCH = 0.06;

/** Height of the rail, and how thick it is drawn. */
function railSizes(
  guide: Guide,
  { least, paper }: Layout,
): { height: number; thick: number; round: boolean } {
  const height = least(0.02, 7);
  const round = ['round-rod', 'supported-round', 'tube-bearing'].includes(guide.kind);
  const rod = Math.max(paper(3.5), Math.min(height, least(guide.size?.si ?? 0.02, 3.5)));
  return { height, thick: round ? rod : height, round };
}

/**
 * What only one kind of rail has: holes of a profile rail, holders of a rod, the groove of a wheel's rail.
 */
function railMarks(guide: Guide, layout: Layout): Shape[] {
  const { rail, railStart: from, paper } = layout;
  const { height, thick } = railSizes(guide, layout);
  const to = from + rail;
  switch (guide.kind) {
    case 'supported-round':
      return [
        polyline(
          'guide',
          [
            { x: from, y: -thick },
            { x: from + paper(4), y: -thick - paper(5) },
            { x: to - paper(4), y: -thick - paper(5) },
            { x: to, y: -thick },
          ],
          { pen: thin },
        ),
      ];
    case 'round-rod':
    case 'tube-bearing':
      return [from, to].map((at) =>
        rect('guide', at - paper(4), -thick - paper(5), paper(8), thick + paper(8), {
          pen: thin,
          fill: 'ink',
        }),
      );
    case 'v-wheel':
      return [
        line(
          'guide',
          { x: from, y: -height / 2 },
          { x: to, y: -height / 2 },
          { pen: { ...thin, width: 1.6 } },
        ),
      ];
    case 'profile':
    case 'miniature': {
      const holes = Math.max(2, Math.min(MOST_HOLES, Math.floor(rail / HOLE_PITCH)));
      return Array.from({ length: holes }, (_, i) =>
        circle(
          'guide',
          { x: from + (rail * (i + 0.5)) / holes, y: -height / 2 },
          Math.min(paper(1.6), height / 4),
          { pen: { ink: 'ink', width: 0.7 } },
        ),
      );
    }
    default:
      return [];
  }
}

/** The rail by its kind, dashed where its length is not given. Its top is at y = 0. */
export function rail(guide: Guide, layout: Layout): Shape[] {
  const { thick, round } = railSizes(guide, layout);
  const pen: Pen = guide.railLength ? thin : { ...thin, dash: 'dashed' };
  const [x0, x1] = [layout.railStart, layout.railStart + layout.rail];
  const bulge = round ? { bulge: 1 } : {};
  const body = outline(
    'guide',
    [
      { x: x0, y: -thick },
      { x: x1, y: -thick, ...bulge },
      { x: x1, y: 0 },
      { x: x0, y: 0, ...bulge },
    ],
    { pen, fill: 'steel' },
  );
  return [body, ...railMarks(guide, layout)];
}

/** Height of a carriage, m. */
const carriageHeight = ({ least }: Layout) => least(0.045, 9);
const MOST_CARRIAGES = 8;

/** Carriages of one rail with their plate; a ghost for the other end of the travel. */
export function carriages(guide: Guide, layout: Layout, centre: number, ghost: boolean): Shape[] {
  const { least, paper, span, drive } = layout;
  const height = carriageHeight(layout);
  const n = Math.min(MOST_CARRIAGES, Math.max(1, guide.perRail.si));
  const long = Math.min(least(guide.carriageLength?.si ?? 0.08, 8), span / Math.max(1.1 * n, 1.1));
  const wheels = guide.kind === 'v-wheel' || guide.kind === 'tube-bearing';
  const unsure = ghost || !guide.carriageSpan;
  const pen: Pen = { ink: 'blue', width: 1.2, ...(unsure ? { dash: 'dashed' as const } : {}) };
  const look = {
    pen,
    ...(ghost ? { opacity: 0.7 } : { fill: 'blueWash' as const }),
  };
  const bodies = Array.from({ length: n }, (_, i) => {
    const left = n === 1 ? centre - long / 2 : centre - span / 2 + (i * (span - long)) / (n - 1);
    return wheels
      ? circle('guide', { x: left + long / 2, y: height / 2 }, height / 2, look)
      : rect('guide', left, 0, long, height, look);
  });
  const top = height + paper(3);
  const plate = line(
    'guide',
    { x: centre - span / 2, y: top },
    { x: centre + span / 2, y: top },
    { ...look, pen: { ...pen, width: ghost ? 1.5 : 3 } },
  );
  const stem = line(
    'guide',
    { x: centre, y: top },
    { x: centre, y: drive + paper(6) },
    { pen: { ink: 'blue', width: 1, dash: 'dotted' } },
  );
  return ghost ? [...bodies, plate] : [...bodies, plate, stem];
}

/** The longest arrow, and the shortest that is drawn; paper units. */
const LONGEST = 26;
const SHORTEST = 1;

/**
 * Loads of the carriages at the far end of the travel as arrows: into the rail, or away from it; the
 * busiest of the rails at each place. The largest says its figure.
 */
export function loadArrows(
  report: AxisReport,
  layout: Layout,
  centre: number,
  system: UnitSystem,
): Partial<Parts> {
  const { guide } = report;
  if (!guide) return {};
  const { paper } = layout;
  const top = carriageHeight(layout) + paper(4);
  const places = new Map<number, number>();
  for (const c of guide.carriages) {
    const before = places.get(c.x);
    if (before === undefined || Math.abs(c.vertical) > Math.abs(before)) places.set(c.x, c.vertical);
  }
  const most = Math.max(...[...places.values()].map(Math.abs));
  if (!(most > 0)) return {};
  const arrows = [...places].filter(([, load]) => (LONGEST * Math.abs(load)) / most >= SHORTEST);
  const shapes = arrows.flatMap(([place, load]) => {
    const x = centre + place;
    const length = paper((LONGEST * Math.abs(load)) / most);
    const up = load > 0;
    const force = formatQuantity('force', Math.abs(load), system, 2).text;
    const title = `${force} ${up ? 'away from the rail' : 'into the rail'}`;
    const [point, back] = up ? [top + length + paper(3), -paper(5)] : [top, paper(5)];
    return [
      line('loads', { x, y: top }, { x, y: top + length }, { pen: { ink: 'ink', width: 1.4 }, title }),
      outline(
        'loads',
        [
          { x, y: point },
          { x: x - paper(3), y: point + back },
          { x: x + paper(3), y: point + back },
        ],
        { fill: 'ink', title },
      ),
    ];
  });
  // Two places may carry the same: the figure is said once.
  const largest = arrows.find(([, load]) => Math.abs(load) === most)!;
  const text = formatQuantity('force', most, system, 2).text;
  const at = { x: centre + largest[0], y: top + paper(LONGEST - 4) };
  return { shapes, labels: [{ layer: 'loads', text, at, size: 10.5, ink: 'ink' }] };
}
