import { drawingSvg, fileName } from '@/core/formats';
import { type Extent, sceneOf, sweptBy } from '@/core/machine';
import type { Project } from '@/core/model';
import type { SheetPaperId } from '@/core/print';
import { formatNumber, formatQuantity } from '@/core/units';
import { arrangementText } from '@/words';
import type { PlateFile } from './plate-files';
import { arrangementDrawing, restingPositions } from './scene';

/** Files that a general arrangement is handed out as. */
export const arrangementFormats = ['pdf', 'svg'] as const;
export type ArrangementFormat = (typeof arrangementFormats)[number];

/** Cells of its title block. */
function blockOf(project: Project, { low, high }: Extent, ratio: number) {
  const say = (m: number) => formatQuantity('length', m, project.units, 4);
  const [x, y, z] = ([0, 1, 2] as const).map((i) => say(high[i] - low[i]));
  return [
    ['Machine', project.name],
    ['Arrangement', arrangementText[project.brief.arrangement].name],
    ['Scale', `1 : ${formatNumber(ratio, 3)}`],
    ['Over all', `${x!.number} x ${y!.number} x ${z!.text}`],
    ['Axes', project.axes.map((a) => a.letter).join(' ')],
    ['Views', project.units === 'metric' ? 'first angle' : 'third angle'],
  ] as const;
}

const notesOf = (usual: number) => [
  'General arrangement: for setting up and for room. Parts are made from their own sheets.',
  ...(usual
    ? [
        `Of ${usual} pieces a size or a place is not said: they are drawn as is usual. Measure ` +
          'before you build by them.',
      ]
    : []),
];

/** The machine in three views as a file. @param paper on which it goes; SVG is as large as it must be. */
export async function arrangementFile(
  project: Project,
  as: ArrangementFormat,
  { paper, made }: { readonly paper: SheetPaperId; readonly made: Date },
): Promise<PlateFile> {
  const { drawingSheetPdf, roomOn, sheetPapers } = await import('@/core/print');
  const scene = sceneOf(project);
  const cells = 6;
  const { drawing, ratio } = arrangementDrawing({
    scene,
    positions: restingPositions(scene),
    system: project.units,
    room: roomOn(sheetPapers[paper], cells),
  });
  const title = `${project.name}, general arrangement`;
  if (as === 'svg')
    return { name: fileName(title, 'svg'), type: 'image/svg+xml', data: drawingSvg(drawing, title) };
  const data = drawingSheetPdf({
    title,
    paper: sheetPapers[paper],
    drawing,
    block: blockOf(project, sweptBy(scene), ratio),
    notes: notesOf(scene.boxes.filter((b) => b.usual).length),
    made,
  });
  return { name: fileName(title, 'pdf'), type: 'application/pdf', data };
}
