import { allFindings, axisReport, loadedAxes, amongAxes, type MachineReport, sceneOf } from '@/core/machine';
import type { Drawing } from '@/core/drawing';
import type { Axis, Project } from '@/core/model';
import type { BookBlock, BookChapter } from '@/core/print';
import {
  arrangementText,
  errorName,
  figureName,
  findingText,
  labelOf,
  rungName,
  showFigure,
  verdictText,
  wayText,
  workNames,
} from '@/words';
import { axisDrawing } from '../axis';
import { chainDrawing } from '../chain';
import { plateForShop } from '../plate';
import { arrangementDrawing, restingPositions } from '../scene';
import { figure, heading, inputsBelow, list, table, text } from './blocks';

/** A machine with its report, the working not yet. */
export interface Reported {
  readonly project: Project;
  readonly report: MachineReport;
}

/** What it must do, in the builder's own figures. */
export function briefChapter({ project }: Reported): BookChapter {
  const { brief } = project;
  return {
    title: 'Brief',
    blocks: [
      text(`${workNames[brief.work]}; ${arrangementText[brief.arrangement].name}.`),
      ...(project.note ? [text(project.note)] : []),
      ...table(
        ['What', 'Value', 'From'],
        [
          ...Object.keys(brief)
            .filter((field) => field !== 'cuts')
            .flatMap((field) => inputsBelow(project, `brief.${field}`)),
          ['Budget', brief.budget === null ? 'not given' : String(brief.budget), ''],
        ],
      ),
      ...brief.cuts.flatMap((cut, i) => [
        heading(`Cut: ${cut.name}`),
        ...table(['What', 'Value', 'From'], inputsBelow(project, `brief.cuts.${i}`)),
      ]),
    ],
  };
}

/** Where it stands: verdicts, findings, errors, cautions. */
export function standsChapter({ project, report }: Reported): BookChapter {
  const { units } = project;
  const findings = allFindings(report).flatMap((f): BookBlock[] => {
    const told = findingText(f, units);
    const at = project.axes.findIndex((a) => a.id === f.axisId);
    const { ours } = report.axes[at] ?? report;
    return [
      heading(`${project.axes[at]?.name ?? 'Machine'}: ${told.title}`),
      text(`${verdictText(f.verdict, ours.length > 0)}.`),
      ...told.lines.map(text),
    ];
  });
  return {
    title: 'Where it stands',
    blocks: [
      ...table(
        ['Axis', 'Verdict', 'Highest rapid', 'Highest feed under cut'],
        project.axes.map((a, i) => {
          const { verdict, ours, speed, feed } = report.axes[i]!;
          const told = verdictText(verdict, ours.length > 0);
          return [a.name, told, figure('speed', speed, units, 3), figure('speed', feed, units, 3)];
        }),
      ),
      ...report.errors.flatMap((e): BookBlock[] => [
        heading(`Errors ${wayText[e.way]}`),
        ...table(
          ['Cause', 'Error'],
          [
            ...e.shares.map((s) => [
              errorName[s.id],
              s.value === null ? 'not known' : figure('length', s.value, units, 3),
            ]),
            ['Likely, as squares', figure('length', e.likely, units, 3)],
            ['All one way at once', figure('length', e.worst, units, 3)],
            ['Allowed', e.allowed === null ? 'not said' : figure('length', e.allowed, units, 3)],
          ],
        ),
      ]),
      ...findings,
    ],
  };
}

/** Every input and every answer of each axis. */
export function specChapter({ project, report }: Reported): BookChapter {
  const { units } = project;
  const blocks = project.axes.flatMap((axis, i): BookBlock[] => {
    const { ladder, figures, ours } = report.axes[i]!;
    const guessed = ours.length > 0;
    return [
      heading(axis.name),
      ...table(
        ['Limit', 'Gives out at', 'Verdict'],
        ladder.map((r) => [
          rungName[r.id],
          figure('speed', r.limit, units, 3),
          verdictText(r.verdict, guessed),
        ]),
      ),
      ...table(
        ['What it comes to', ''],
        figures.map((f) => [figureName[f.id] ?? f.id, showFigure(f.id, f.kind, f.value, units)]),
      ),
      ...table(['Input', 'Value', 'From'], inputsBelow(project, `axes.${i}`)),
    ];
  });
  const frame = project.structure
    ? [heading('Frame'), ...table(['Input', 'Value', 'From'], inputsBelow(project, 'structure'))]
    : [];
  const stand = project.stand.length
    ? [heading('What stands on it'), ...list(project.stand.map((b) => `${b.name}: ${b.mass.typed}`))]
    : [];
  return { title: 'Specification', blocks: [...blocks, ...frame, ...stand] };
}

/** Room of a drawing on a page of the book, mm. */
const PAGE = { width: 170, height: 160 };
/** Paper units that a drawing without a scale takes. */
const WIDE = 640;

const notToScale = (drawing: Drawing | null, caption: string): BookBlock[] =>
  drawing ? [{ is: 'drawing', drawing, caption, toScale: false }] : [];

/** The machine in three views, every axis, its travel chain, every plate. */
export function drawingsChapter({ project, report }: Reported): BookChapter {
  const { units: system } = project;
  const scene = sceneOf(project);
  const general = arrangementDrawing({ scene, positions: restingPositions(scene), system, room: PAGE });
  const axes = loadedAxes(project).flatMap((axis: Axis, i): BookBlock[] => {
    const one = report.axes[i]!;
    return [
      heading(axis.name),
      {
        is: 'drawing',
        drawing: axisDrawing({ axis, report: one, system }),
        caption: `${axis.name} along its travel`,
        toScale: true,
      },
      ...notToScale(
        chainDrawing({ axis, chain: one.chain, system, width: WIDE }),
        `${axis.name}: travel chain`,
      ),
      ...one.plates
        .filter((p) => p.holes.length)
        .map((plate): BookBlock => ({
          is: 'drawing',
          drawing: plateForShop(plate),
          caption: `${axis.name}: ${plate.input.name}`,
          toScale: true,
        })),
    ];
  });
  return {
    title: 'Drawings',
    blocks: [
      heading('General arrangement'),
      { is: 'drawing', drawing: general.drawing, caption: 'The machine in three views', toScale: true },
      ...axes,
    ],
  };
}

/** Every formula that stands behind a number, with the numbers in it. */
export function workingChapter({ project }: Reported): BookChapter {
  const { units } = project;
  const blocks = loadedAxes(project).flatMap((axis): BookBlock[] => {
    const options = { remedies: false, working: true };
    const { working = [] } = axisReport(axis, options, amongAxes(axis, project.axes));
    const titles = new Map(working.map((l) => [l.key, l.formula.title]));
    const from = (source: string | undefined) => {
      if (source === undefined) return '';
      return source.startsWith('#') ? ` (${titles.get(source.slice(1)) ?? ''})` : ` (${labelOf(source)})`;
    };
    return [
      heading(axis.name),
      ...table(
        ['Formula', 'Comes to', 'Out of', 'Source'],
        working.map(({ formula, inputs, sources, value }) => [
          formula.title,
          figure(formula.result.kind, value, units),
          Object.entries(formula.symbols)
            .map(([name, { kind, meaning }]) => {
              return `${meaning} ${figure(kind, inputs[name] ?? NaN, units)}${from(sources[name])}`;
            })
            .join('; '),
          formula.citation.text,
        ]),
        [0.18, 0.1, 0.47, 0.25],
      ),
    ];
  });
  return { title: 'Working', blocks };
}
