import {
  type DrillRow,
  drawingDxf,
  drillCsv,
  fileName,
  type SpotDrilling,
  spotProgram,
  trueSvg,
} from '@/core/formats';
import { line, type Drawing, type Shape } from '@/core/drawing';
import type { PlateReport } from '@/core/machine';
import type { Paper } from '@/core/print';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { holeText, screwText, shopNotes } from '@/words';
import { plateDrawing, plateForShop } from './plate';

/** Files that a plate is handed out as. */
export const plateFormats = ['dxf', 'svg', 'pdf', 'csv', 'gcode', 'sheet'] as const;
export type PlateFormat = (typeof plateFormats)[number];

/** How files are written. */
export interface PlateFileOptions {
  readonly system: UnitSystem;
  readonly paper: Paper;
  /** Scale of a print by direction, out of what the rulers of the last one measured. */
  readonly scale: { readonly x: number; readonly y: number };
  readonly spots: SpotDrilling;
  readonly made: Date;
}

/** A file that is ready to be handed out. */
export interface PlateFile {
  readonly name: string;
  readonly type: string;
  readonly data: string | ArrayBuffer;
}

/** Every hole of a plate as a driller reads it. */
export function drillRows({ holes, groups }: PlateReport): readonly DrillRow[] {
  const nameOf = new Map(groups.map((g) => [g.letter, g.input.name]));
  return holes.map((h) => ({
    label: h.label,
    part: nameOf.get(h.group) ?? '',
    face: h.face,
    x: h.x,
    y: h.y,
    operation: h.thread ? 'tap' : h.reamed ? 'ream' : 'drill',
    diameter: h.diameter,
    depth: h.depth,
    thread: h.thread,
    bore: h.bore,
    note: h.sink ? 'countersunk' : '',
  }));
}

/** The plate with crosses in its holes, for punching through paper. */
function templateOf(plate: PlateReport): Drawing {
  const drawing = plateForShop(plate);
  const crosses = plate.holes.flatMap(({ x, y, diameter }): Shape[] => {
    const reach = diameter / 2 + 2e-3;
    const look = { pen: { ink: 'ink', width: 0.5 } } as const;
    return [
      line('MARK', { x: x - reach, y }, { x: x + reach, y }, look),
      line('MARK', { x, y: y - reach }, { x, y: y + reach }, look),
    ];
  });
  return { ...drawing, shapes: [...drawing.shapes, ...crosses] };
}

/** The title block of a machining sheet. */
function blockOf(plate: PlateReport, system: UnitSystem): readonly (readonly [string, string])[] {
  const say = (m: number | null) => (m === null ? 'not said' : formatQuantity('length', m, system, 5).text);
  return [
    ['Part', plate.input.name],
    ['Material', plate.input.material],
    ['Thickness', say(plate.thickness)],
    ['Along × across', `${say(plate.along)} × ${say(plate.across)}`],
    ['Holes', `${plate.holes.length} in ${plate.groups.length} groups`],
    ['Make', plate.mirrors ? 'as many as wanted, one drawing' : 'left and right apart'],
  ];
}

async function sheetFile(plate: PlateReport, { system, paper, made }: PlateFileOptions) {
  const { shopSheetPdf } = await import('@/core/print');
  const say = (m: number) => formatQuantity('length', m, system, 5).number;
  return shopSheetPdf({
    title: plate.input.name,
    paper,
    drawing: plateDrawing({ plate, system, width: 520 }),
    block: blockOf(plate, system),
    table: {
      head: [
        'No.',
        system === 'metric' ? 'x mm' : 'x in',
        system === 'metric' ? 'y mm' : 'y in',
        'Hole',
        'Screw',
      ],
      rows: plate.groups.flatMap((g) =>
        g.holes.map((h) => [
          h.label,
          say(h.x),
          say(h.y),
          holeText({ ...g, holes: [h] }, system),
          screwText(g, system),
        ]),
      ),
    },
    notes: shopNotes(plate, system),
    made,
  });
}

/** A plate as a file. @returns its name, its type and what is in it. */
export async function plateFile(
  plate: PlateReport,
  as: PlateFormat,
  options: PlateFileOptions,
): Promise<PlateFile> {
  const title = plate.input.name;
  const named = (ending: string, more = '') => fileName(`${title}${more}`, ending);
  switch (as) {
    case 'dxf':
      return { name: named('dxf', ' mm'), type: 'image/vnd.dxf', data: drawingDxf(plateForShop(plate)) };
    case 'svg':
      return { name: named('svg'), type: 'image/svg+xml', data: trueSvg(plateForShop(plate), title) };
    case 'csv':
      return { name: named('csv', ' holes'), type: 'text/csv', data: drillCsv(drillRows(plate)) };
    case 'gcode': {
      const front = drillRows(plate).filter((r) => r.face === 'front');
      return {
        name: named('nc', ' spots'),
        type: 'text/plain',
        data: spotProgram(front, options.spots, title),
      };
    }
    case 'pdf': {
      const { templatePdf } = await import('@/core/print');
      const { paper, scale, made } = options;
      const data = templatePdf({ drawing: templateOf(plate), title, paper, scale, made });
      return { name: named('pdf', ' template'), type: 'application/pdf', data };
    }
    case 'sheet':
      return {
        name: named('pdf', ' machining sheet'),
        type: 'application/pdf',
        data: await sheetFile(plate, options),
      };
  }
}
