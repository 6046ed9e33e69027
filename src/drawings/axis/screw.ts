import { block, bow, line, type Parts, type Pen, polyline, rect, type Shape } from '@/core/drawing';
import type { Rung } from '@/core/machine';
import type { Axis, ScrewDrive } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import type { Layout } from './layout';

const thin: Pen = { ink: 'ink', width: 1 };
const noted = { layer: 'notes', size: 11, ink: 'soft' } as const;

function bearing(at: number, fixing: string, { least, drive }: Layout): Shape[] {
  if (fixing === 'free') return [];
  const fill = fixing === 'fixed' ? ('ink' as const) : ('panel' as const);
  return [
    block('drive', { x: at, y: drive }, least(0.03, 7), least(0.05, 16), {
      pen: { ...thin, width: 1.2 },
      fill,
    }),
  ];
}

/** A motor that turns the nut: it hangs below the screw and rides along. */
function ridingMotor({ near, drive, least, motorLength, face }: Layout): Partial<Parts> {
  const [apart, below] = [least(0.03, 7), least(0.03, 8)];
  const [width, height] = [least(motorLength, 14), least(face, 12)];
  const middle = drive - below - height / 2;
  return {
    shapes: [
      rect('motor', near + apart, middle - height / 2, width, height, { pen: thin, fill: 'steel' }),
      polyline(
        'motor',
        [
          { x: near, y: drive },
          { x: near, y: middle },
          { x: near + apart, y: middle },
        ],
        { pen: { ...thin, width: 2 } },
      ),
    ],
    labels: [{ ...noted, text: 'nut turns, screw stands', at: { x: near + apart + width, y: middle } }],
  };
}

/** A motor at the end of the screw with its coupling, the reducer as its front part. */
function endMotor({ reducer }: Axis, layout: Layout): Shape[] {
  const { drive, least, paper, face, motorLength, reducerLength } = layout;
  const end = -least(0.012, 4) - face * 0.5;
  const height = least(face, 12);
  const coupling = least(0.012, 3.5);
  const parting = { x: end - reducerLength, y: drive - height / 2 };
  return [
    rect('motor', end - motorLength, drive - height / 2, least(motorLength, 14), height, {
      pen: thin,
      fill: 'steel',
    }),
    ...(reducer ? [line('motor', parting, { ...parting, y: drive + height / 2 }, { pen: thin })] : []),
    line('motor', { x: end, y: drive }, { x: 0, y: drive }, { pen: { ...thin, width: 2.5 } }),
    rect(
      'motor',
      end + Math.max(face * 0.05, paper(0.5)),
      drive - coupling,
      least(face * 0.35, 4),
      2 * coupling,
      {
        pen: thin,
        fill: 'panel',
      },
    ),
  ];
}

/** Height of the bow in which the screw is drawn to whip, paper units. */
const BOW = 20;

function whipping(whip: Rung, { total, drive, paper }: Layout, system: UnitSystem): Partial<Parts> {
  const ink = whip.verdict === 'thin' ? 'amber' : 'red';
  const [from, to] = [
    { x: 0, y: drive },
    { x: total, y: drive },
  ];
  return {
    shapes: [BOW, -BOW].map((rise) =>
      bow('drive', from, to, paper(rise), { pen: { ink, width: 1.1, dash: 'dashed' } }),
    ),
    labels: [
      {
        ...noted,
        ink,
        text: `bow at ${formatQuantity('speed', whip.limit, system, 3).text}, not to scale`,
        at: { x: total * 0.76, y: drive - paper(BOW * 0.75) },
        prefer: ['below'],
      },
    ],
  };
}

/** Screw between its bearings with nut and motor, and the bow in which it whips. */
export function screw(
  axis: Axis,
  drive: ScrewDrive,
  layout: Layout,
  whip: Rung | undefined,
  system: UnitSystem,
): Partial<Parts>[] {
  const { total, near, least } = layout;
  const thick = least(drive.nominalDiameter.si, 2.5);
  const nutPen: Pen = drive.nutOffset ? thin : { ...thin, dash: 'dashed' };
  return [
    layout.rides ? ridingMotor(layout) : { shapes: endMotor(axis, layout) },
    {
      shapes: [
        rect('drive', 0, layout.drive - thick / 2, total, thick, { fill: 'ink', opacity: 0.9 }),
        block('drive', { x: near, y: layout.drive }, 2 * least(0.025, 5), 2 * least(0.02, 6), {
          pen: nutPen,
          fill: 'blue',
        }),
        ...bearing(0, drive.motorEnd, layout),
        ...bearing(total, drive.farEnd, layout),
      ],
    },
    ...(whip && whip.verdict !== 'holds' ? [whipping(whip, layout, system)] : []),
  ];
}
