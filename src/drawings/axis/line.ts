import {
  block,
  bow,
  circle,
  line,
  outline,
  type Parts,
  type Pen,
  polyline,
  type Shape,
  slot,
} from '@/core/drawing';
import { rack as rackFormulas } from '@/core/drives';
import type { AxisReport } from '@/core/machine';
import type { Axis, BeltDrive, ChainDrive, RackDrive } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import type { Layout } from './layout';

const thin: Pen = { ink: 'ink', width: 1 };
const noted = { layer: 'notes', size: 11, ink: 'soft' } as const;

/** A motor that rides on the carriage, its wheel in front of it. */
function rider({ reducer }: Axis, { near, drive, least, face, paper }: Layout, radius: number): Shape[] {
  const side = least(face, 12);
  const centre = { x: near, y: drive + radius };
  return [
    block('motor', centre, side, side, { pen: thin, fill: 'steel' }),
    ...(reducer ? [circle('motor', centre, side * 0.42, { pen: thin })] : []),
    circle('drive', centre, radius, { pen: { ink: 'blue', width: 1.4 }, fill: 'blueWash' }),
    circle('drive', centre, paper(1.4), { fill: 'ink' }),
  ];
}

/** A motor behind the wheel at the start of the drive. */
const endMotor = ({ drive, least, face }: Layout): Shape =>
  block('motor', { x: 0, y: drive }, least(face, 12), least(face, 12), { pen: thin, fill: 'steel' });

/** What the carriage holds on to: a block on the upper strand. */
const clamp = ({ near, drive, paper }: Layout, radius: number): Shape =>
  block('drive', { x: near, y: drive + radius }, paper(14), paper(8), { fill: 'blue' });

const MOST_TEETH = 140;

/** The rack's outline; teeth are to scale while they can be told apart, coarser beyond. */
function rackBody(
  drive: RackDrive,
  { total, least, paper }: Layout,
  base: number,
): { shape: Shape; depth: number } {
  const pitch = rackFormulas.rackPitch.evaluate({ module: drive.module.si, helix: drive.helixAngle.si });
  const shown = Math.min(MOST_TEETH, Math.round(total / pitch));
  const step = total / shown;
  const depth = Math.max(paper(2.5), Math.min(paper(6), least(2.25 * drive.module.si, 2.5)));
  const body = least(0.02, 8);
  const foot = base - depth / 2;
  const teeth = Array.from({ length: shown }, (_, i) =>
    [0, 0.25, 0.5, 0.75].map((u, j) => ({ x: (i + u) * step, y: foot + (j === 2 || j === 3 ? depth : 0) })),
  ).flat();
  const points = [...teeth, { x: total, y: foot }, { x: total, y: foot - body }, { x: 0, y: foot - body }];
  return { shape: outline('drive', points, { pen: { ink: 'ink', width: 0.8 }, fill: 'steel' }), depth };
}

/** Rack with its teeth and joints, pinion and riding motor. */
export function rack(axis: Axis, drive: RackDrive, layout: Layout, system: UnitSystem): Partial<Parts>[] {
  const { joints, paper, least, near } = layout;
  const base = layout.drive;
  const { shape, depth } = rackBody(drive, layout, base);
  const foot = base - depth / 2 - least(0.02, 8);
  const top = base + depth / 2;
  const radius = least((drive.teeth.si * drive.module.si) / Math.cos(drive.helixAngle.si) / 2, 5);
  const marks = joints.flatMap((x) => [
    line('drive', { x, y: top + paper(3) }, { x, y: foot - paper(4) }, { pen: { ink: 'ink', width: 1.6 } }),
    line(
      'drive',
      { x: x - paper(4), y: foot - paper(4) },
      { x: x + paper(4), y: foot - paper(4) },
      { pen: thin },
    ),
  ]);
  const last = joints.at(-1);
  const many = joints.length === 1 ? 'joint at' : `${joints.length} joints, the last at`;
  const park = drive.park?.si;
  const [sx, sy] = [near + radius + paper(6), base + 2 * radius + paper(8)];
  const spring = [0, 5, -5, 5, -5, 0].map((x, i) => ({
    x: sx + paper(x),
    y: sy - paper([0, 3, 7, 11, 15, 18][i]!),
  }));
  return [
    { shapes: [shape, ...marks, ...rider(axis, layout, radius)] },
    {
      shapes: [
        ...(park === undefined
          ? []
          : [
              outline(
                'drive',
                [
                  { x: park, y: foot - paper(3) },
                  { x: park - paper(4), y: foot - paper(10) },
                  { x: park + paper(4), y: foot - paper(10) },
                ],
                { fill: 'blue', title: 'park position' },
              ),
            ]),
        ...(drive.mesh === 'sprung' ? [polyline('drive', spring, { pen: { ink: 'blue', width: 1.2 } })] : []),
      ],
      labels:
        last === undefined
          ? []
          : [
              {
                ...noted,
                text: `${many} ${formatQuantity('length', last, system, 4).text}`,
                at: { x: last, y: foot - paper(8) },
              },
            ],
    },
  ];
}

/** Belt: a loop over two pulleys with the motor at one end, or an open belt that the riding pulley lifts. */
export function belt(
  axis: Axis,
  drive: BeltDrive,
  layout: Layout,
  report: AxisReport,
  system: UnitSystem,
): Partial<Parts>[] {
  const { total, near, least, paper } = layout;
  const y = layout.drive;
  const radius = least((drive.teeth.si * drive.pitch.si) / Math.PI / 2, 6);
  const strand: Pen = { ink: 'ink', width: 2.2 };
  const note = report.figures.find((f) => f.id === 'belt-note');
  const tone = note && formatQuantity('frequency', note.value, system, 3).text;
  const what = drive.arrangement === 'loop' ? 'return span' : 'half the belt';
  const labels = tone
    ? [
        {
          ...noted,
          text: `${what} sounds ${tone}`,
          at: { x: total / 2, y: y - radius },
          prefer: ['below' as const],
        },
      ]
    : [];
  if (drive.arrangement === 'open') {
    const rise = radius * 1.6;
    const path = [
      { x: 0, y },
      { x: near - radius * 1.6, y },
      { x: near - radius * 0.8, y: y + rise },
      { x: near + radius * 0.8, y: y + rise },
      { x: near + radius * 1.6, y },
      { x: total, y },
    ];
    const clamps = [0, total].map((x) => block('drive', { x, y }, paper(8), paper(14), { fill: 'ink' }));
    const shapes = [
      polyline('drive', path, { pen: strand }),
      ...clamps,
      ...rider(axis, layout, radius * 0.8),
    ];
    return [{ shapes, labels }];
  }
  const ends = [0, total].map((x) => ({ x, y }));
  const inner = y + radius - paper(2.5);
  const teeth: Pen = { ink: 'ink', width: 1, dash: 'teeth' };
  return [
    {
      shapes: [
        endMotor(layout),
        slot('drive', ends[0]!, ends[1]!, radius, { pen: strand }),
        line('drive', { x: 0, y: inner }, { x: total, y: inner }, { pen: teeth }),
        ...ends.map((centre) =>
          circle('drive', centre, radius - paper(2), { pen: { ink: 'blue', width: 1.2 }, fill: 'blueWash' }),
        ),
        clamp(layout, radius),
      ],
      labels,
    },
  ];
}

/** How deep the slack strand is drawn to hang, paper units. */
const SLACK = 12;

/** Roller chain over two sprockets; where it hangs free its slack strand sags, drawn larger than it is. */
export function chain(
  axis: Axis,
  drive: ChainDrive,
  layout: Layout,
  report: AxisReport,
  system: UnitSystem,
): Partial<Parts>[] {
  const { total, least, paper, face } = layout;
  const y = layout.drive;
  const radius = least(drive.pitch.si / Math.sin(Math.PI / drive.teeth.si) / 2, 7);
  const links: Pen = { ink: 'ink', width: 2.6, dash: 'links' };
  const sprocket = { pen: { ink: 'blue', width: 1.4, dash: 'links' }, fill: 'blueWash' } as const;
  const sag = report.figures.find((f) => f.id === 'chain-sag');
  const hang = drive.laid === 'free' ? paper(SLACK) : 0;
  const [lower, tray] = [y - radius, y - radius - paper(4)];
  return [
    {
      shapes: [
        endMotor(layout),
        ...[0, total].map((x) => circle('drive', { x, y }, radius - paper(1.5), sprocket)),
        line('drive', { x: 0, y: y + radius }, { x: total, y: y + radius }, { pen: links }),
        bow('drive', { x: 0, y: lower }, { x: total, y: lower }, -hang, { pen: links }),
        ...(drive.laid === 'tray'
          ? [line('drive', { x: radius, y: tray }, { x: total - radius, y: tray }, { pen: thin })]
          : []),
        clamp(layout, radius),
        ...(axis.reducer ? [circle('motor', { x: 0, y }, least(face, 12) * 0.45, { pen: thin })] : []),
      ],
      labels: sag
        ? [
            {
              ...noted,
              text: `sags ${formatQuantity('length', sag.value, system, 2).text}, drawn larger`,
              at: { x: total / 2, y: lower - hang },
              prefer: ['below'],
            },
          ]
        : [],
    },
  ];
}
