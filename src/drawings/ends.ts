import { composed, type Drawing, joined, line, type Parts, type Pen, rect } from '@/core/drawing';
import { type EndReport, type EndsReport, type Side, sides } from '@/core/machine';
import { formatQuantity, type UnitSystem } from '@/core/units';

/** Both ends of an axis from the hard contact inwards. */
export interface EndsShown {
  readonly ends: EndsReport;
  readonly system: UnitSystem;
  /** Paper units of the longer end. */
  readonly width: number;
}

/** Paper units: from end to end, and a zone. */
const ROW = 92;
const ZONE = 22;
const SIZE = 12.5;
const hard: Pen = { ink: 'ink', width: 3 };
const thin: Pen = { ink: 'ink', width: 0.8 };
const soft: Pen = { ink: 'blue', width: 1.6 };
const path: Pen = { ink: 'red', width: 1.6 };

const sideName: Record<Side, string> = { near: 'Near end', far: 'Far end' };

/** One line that says what the drawing shows. */
export function endsInWords({ ends: { ends }, system }: EndsShown): string {
  const say = (m: number) => formatQuantity('length', m, system, 3).text;
  const one = ({ side, place }: EndReport) =>
    `${sideName[side]}: the switch trips ${say(place.trip)} before the hard contact, the soft limit stands ` +
    `${say(place.taken)} before it`;
  return sides.map((side) => one(ends[side])).join('; ');
}

interface Zone {
  readonly name: string;
  readonly from: number;
  readonly to: number;
  readonly fill: 'steel' | 'amberWash' | 'blueWash' | 'panel';
}

/** Zones from the hard contact inwards, m. */
function zonesOf({ place }: EndReport): Zone[] {
  const { crash, scatter, trip, taken } = place;
  const braked = Math.max(crash, trip - scatter);
  const zones: Zone[] = [
    { name: 'crash zone', from: 0, to: crash, fill: 'amberWash' },
    { name: 'room to stop', from: crash, to: braked, fill: 'panel' },
    { name: 'spread', from: braked, to: trip, fill: 'steel' },
    { name: 'margin', from: trip, to: taken, fill: 'blueWash' },
  ];
  return zones.filter((z) => z.to > z.from);
}

function row(end: EndReport, y: number, shown: EndsShown, paper: (units: number) => number): Partial<Parts> {
  const say = (m: number) => formatQuantity('length', m, shown.system, 3).text;
  const { place } = end;
  const high = paper(ZONE);
  const zones = zonesOf(end);
  const upright = (x: number, up: number, pen: Pen) =>
    line('limits', { x, y: y - high }, { x, y: y + high * up }, { pen });
  const stands = place.trip - place.stop;
  const noted = { layer: 'notes', size: SIZE, ink: 'ink' } as const;
  return {
    shapes: [
      ...zones.map((z) =>
        rect('zones', z.from, y - high / 2, z.to - z.from, high, {
          pen: thin,
          fill: z.fill,
          title: `${z.name}: ${say(z.to - z.from)}`,
        }),
      ),
      upright(0, 1, hard),
      upright(place.trip, 1.3, thin),
      upright(place.taken, 1, soft),
      // From the trip to standstill, coming at rapid.
      line('path', { x: place.trip, y: y - high * 0.8 }, { x: stands, y: y - high * 0.8 }, { pen: path }),
      line('path', { x: stands, y: y - high }, { x: stands, y: y - high * 0.6 }, { pen: path }),
    ],
    labels: [
      { ...noted, text: sideName[end.side], at: { x: Math.min(0, stands), y }, prefer: ['left'], bold: true },
      { ...noted, text: 'switch trips', at: { x: place.trip, y: y + high * 1.3 }, prefer: ['above'] },
      { ...noted, text: 'soft limit', at: { x: place.taken, y }, prefer: ['right'], ink: 'blue' },
      {
        ...noted,
        text: `stands after ${say(place.stop)} from rapid`,
        at: { x: (stands + place.trip) / 2, y: y - high * 0.8 },
        prefer: ['below'],
        ink: 'red',
      },
    ],
  };
}

/** Both ends to one scale; null where they take nothing. */
export function endsDrawing(shown: EndsShown): Drawing | null {
  const { near, far } = shown.ends.ends;
  const most = Math.max(near.place.taken, far.place.taken, near.place.stop, far.place.stop);
  if (!(most > 0)) return null;
  const scale = shown.width / most;
  const paper = (units: number) => units / scale;
  return composed(joined(row(near, 0, shown, paper), row(far, -paper(ROW), shown, paper)), scale);
}
