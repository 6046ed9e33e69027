import { DefaultZIndexes, usePlotArea, useXAxisScale, useYAxisScale, ZIndexLayer } from 'recharts';
import { type Ink, line, type Pen, placeLabels, type Point, polyline, takenBy } from '@/core/drawing';
import { Drawn } from '@/ui/drawing/drawing-view';

/** What is asked of a motor in one case, in the units of the chart. */
export interface Asked {
  readonly name: string;
  readonly ink: Ink;
  readonly speed: number;
  readonly torque: number;
}

interface BandMarksProps {
  readonly asked: readonly Asked[];
  /** The curves of the chart: names keep clear of them where they can. */
  readonly curves: readonly (readonly Point[])[];
  /** Speed at which the screw whips, where that is to be shown. */
  readonly whip?: number | undefined;
}

/** Half of a cross, and the height of a name; px. */
const ARM = 6;
const NAME = 12;
/** The screen is a sheet of its own: px, y down, where a drawing's y runs up. */
const screen = { width: 0, height: 0, x: (x: number) => x, y: (y: number) => -y };

/** What is asked as crosses with their names. No name covers another, nor a line while there is room. */
export function BandMarks({ asked, curves, whip }: BandMarksProps) {
  const plot = usePlotArea();
  const [toX, toY] = [useXAxisScale(), useYAxisScale()];
  if (!plot || !toX || !toY) return null;
  const at = (x: number, y: number): Point => ({ x: Number(toX(x)), y: -Number(toY(y)) });
  const room = { x0: plot.x, x1: plot.x + plot.width, y0: -plot.y - plot.height, y1: -plot.y };
  const places = asked.map((a) => ({ ...a, at: at(a.speed, a.torque) }));
  const crosses = places.flatMap(({ name, ink, at: { x, y } }) => {
    const pen: Pen = { ink, width: 2.2 };
    return [
      line(name, { x: x - ARM, y }, { x: x + ARM, y }, { pen }),
      line(name, { x, y: y - ARM }, { x, y: y + ARM }, { pen }),
    ];
  });
  const limit = whip === undefined ? undefined : { x: at(whip, 0).x, y: room.y1 };
  const limits = limit
    ? [line('whip', { x: limit.x, y: room.y0 }, limit, { pen: { ink: 'red', width: 1, dash: 'dashed' } })]
    : [];
  const drawn = curves.map((points) =>
    polyline(
      'curve',
      points.map((p) => at(p.x, p.y)),
      { pen: { ink: 'ink', width: 1.4 } },
    ),
  );
  const named = { size: NAME, bold: true, gap: ARM + 3, prefer: ['right', 'left'] as const };
  const labels = placeLabels(
    [
      ...(limit
        ? [
            {
              ...named,
              layer: 'whip',
              text: 'whip',
              at: { ...limit, y: limit.y - NAME },
              ink: 'red' as const,
            },
          ]
        : []),
      ...places.map((p) => ({ ...named, layer: p.name, text: p.name, at: p.at, ink: p.ink })),
    ],
    takenBy([...drawn, ...limits, ...crosses], 1),
    1,
    room,
  );
  return (
    // Above the field and the curves.
    <ZIndexLayer zIndex={DefaultZIndexes.label}>
      {[...limits, ...crosses, ...labels].map((shape, i) => (
        <Drawn key={i} shape={shape} sheet={screen} scale={1} />
      ))}
    </ZIndexLayer>
  );
}
