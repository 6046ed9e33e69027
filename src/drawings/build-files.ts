import type { ListLine, SectionPlan } from '@/core/build';
import { writeListCsv, writeTable } from '@/core/formats';
import type { Project } from '@/core/model';
import type { BoxLabel, LabelSheetId, Paper, StackedItem } from '@/core/print';
import { formatQuantity } from '@/core/units';
import {
  guessedAtSaw,
  lineName,
  listRows,
  ownerName,
  sawingCautions,
  sectionName,
  stateNames,
} from '@/words';
import { barsDrawing } from './bars';

/** Files of what is got and sawn, by what they are called at the terminal. */
export const buildSheets = {
  parts: ['csv'],
  cuts: ['pdf', 'csv'],
  labels: ['pdf'],
  order: ['pdf', 'csv'],
  dates: ['ics'],
  wiring: ['pdf', 'csv'],
} as const;
export type BuildSheetId = keyof typeof buildSheets;

interface Built {
  readonly project: Project;
  readonly lines: readonly ListLine[];
  readonly plans: readonly SectionPlan[];
}

/** What a sawn piece is for, by its id. */
export function pieceNames({ project, lines }: Omit<Built, 'plans'>): (id: string) => string {
  const names = new Map(lines.map((l) => [l.key, lineName(l, project.units)]));
  for (const p of project.ownPieces) names.set(`own:${p.id}`, p.name);
  return (id) => {
    const key = id.split('#')[0]!;
    const axis = project.axes.find((a) => a.id === key.split('/')[0]);
    const name = names.get(key)?.split(/[:,]/)[0] ?? key;
    return axis ? `${name} of ${axis.name}` : name;
  };
}

/** The list of parts as CSV. */
export const partsCsv = (project: Project, lines: readonly ListLine[]): string =>
  writeListCsv(listRows(project, lines, project.units));

/** Every piece with its bar and marks, as CSV; lengths in the units of the sheet. */
export function cutsCsv(built: Built): string {
  const { project, plans } = built;
  const name = pieceNames(built);
  const [per, unit] = project.units === 'metric' ? [1000, 'mm'] : [1 / 0.0254, 'in'];
  const length = (m: number) => Number((m * per).toFixed(3));
  const rows = plans.flatMap(({ section, begun, plan }) => {
    const called = sectionName(section.kind, section.params, project.units);
    const cut = begun.flatMap((b, i) =>
      b.cuts.map((c) => [called, `begun ${i + 1}`, length(b.length), name(c.piece), c.start, c.end, c.state]),
    );
    const planned = (plan?.bars ?? []).flatMap((b, i) =>
      b.pieces.map((p) => [
        called,
        `bar ${i + 1}`,
        length(b.bar.length),
        name(p.piece.id),
        p.start,
        p.end,
        'planned',
      ]),
    );
    return [...cut, ...planned].map(([a, b, c, d, start, end, state]) => {
      const [from, to] = [Number(start), Number(end)];
      return [a!, b!, c!, d!, length(to - from), length(from), length(to), state!];
    });
  });
  const fields = [
    'out of',
    'bar',
    `bar ${unit}`,
    'piece',
    `length ${unit}`,
    `from ${unit}`,
    `to ${unit}`,
    'state',
  ];
  return writeTable(fields, rows);
}

/** Every bar drawn with its marks, section by section. */
export function cutItems(built: Built): readonly StackedItem[] {
  const { project, plans } = built;
  const system = project.units;
  const pieceName = pieceNames(built);
  const say = (m: number) => formatQuantity('length', m, system, 5).text;
  return plans
    .filter((p) => p.plan?.bars.length || p.begun.length)
    .map((plan) => ({
      heading: sectionName(plan.section.kind, plan.section.params, system),
      drawing: barsDrawing({ plan, system, pieceName, width: 660 }),
      notes: [
        `Kerf ${say(plan.saw.kerf.si)}, raw ends squared by ${say(plan.saw.squared.si)}, ` +
          `stub ${say(plan.saw.stub.si)}. Marks from the heavy line. Measure the first piece of each length.`,
        ...guessedAtSaw(plan, system),
        ...(plan.section.hard ? sawingCautions(true).slice(1, 2) : []),
      ],
    }));
}

/** Every bar as PDF. */
export async function cutsPdf(built: Built, paper: Paper, made: Date): Promise<ArrayBuffer> {
  const { stackedPdf } = await import('@/core/print');
  return stackedPdf(`${built.project.name}: cuts`, cutItems(built), { paper, made });
}

/** Labels of lines, each with the address that leads to its part. */
export async function labelsFile(
  project: Project,
  lines: readonly ListLine[],
  sheet: LabelSheetId,
  { skip, made, addressOf }: { skip: number; made: Date; addressOf: (key: string) => string },
): Promise<ArrayBuffer> {
  const { labelsPdf } = await import('@/core/print');
  const labels = lines.map((line): BoxLabel => ({
    title: lineName(line, project.units),
    lines: [
      `${line.wanted ?? '?'}${line.spare ? ` + ${line.spare}` : ''}${line.by === 'metre' ? ' m' : ''} · ` +
        ownerName(project, line.owner),
      line.said?.note ?? '',
      stateNames[line.state],
    ].filter(Boolean),
    address: addressOf(line.key),
  }));
  return labelsPdf(labels, sheet, { skip, made });
}
