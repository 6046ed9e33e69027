import { composed, type Drawing, joined, line, type Parts, type Pen, rect } from '@/core/drawing';
import type { PassingReport } from '@/core/machine';
import type { Project } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';

/** A machine from the front: what stands over the table, and what has to pass. */
export interface PassingShown {
  readonly project: Project;
  readonly report: PassingReport;
  readonly system: UnitSystem;
  readonly width: number;
}

const edge: Pen = { ink: 'ink', width: 1.6 };
const thin: Pen = { ink: 'ink', width: 1 };
const level: Pen = { ink: 'soft', width: 0.9, dash: 'dashed' };
const asked: Pen = { ink: 'blue', width: 1.2 };
const SIZE = 12.5;

/** One line that says what the drawing shows. */
export function passingInWords({ report, system }: PassingShown): string {
  const say = (m: number | null) => (m === null ? 'not said' : formatQuantity('length', m, system, 4).text);
  return (
    `Between the columns ${say(report.between)} pass, under beam and tool ` +
    `${say(report.thickest?.value ?? null)}`
  );
}

/** The sizes that all of it is drawn from; m. */
interface Sizes {
  readonly half: number;
  readonly under: number;
  /** A column's width and the height of the beam: signs, not sizes. */
  readonly column: number;
  readonly beam: number;
  readonly paper: (units: number) => number;
  readonly say: (m: number) => string;
}

/** Heights over the table that are said, across the opening. */
function levels({ project: { passing: said } }: PassingShown, { half, column, say }: Sizes): Partial<Parts> {
  const heights = [
    ['lowest part', said.lowest?.si],
    ['tip, up', said.tipUp?.si],
  ] as const;
  const known = heights.flatMap(([text, y]) => (y === undefined ? [] : [{ text, y }]));
  return {
    shapes: known.map(({ y }) => line('heights', { x: -half, y }, { x: half, y }, { pen: level })),
    labels: known.map(({ text, y }) => ({
      layer: 'notes',
      text: `${text} ${say(y)}`,
      at: { x: half + column, y },
      prefer: ['right'],
      size: SIZE,
      ink: 'soft',
    })),
  };
}

/** The stock on the table: red where it is wider than what passes. */
function stockOf({ project: { brief }, report }: PassingShown, { paper, say }: Sizes): Partial<Parts> {
  const [wide, thick] = [brief.stock.width?.si ?? 0, brief.stock.thickness?.si ?? 0];
  if (!wide) return {};
  const pen: Pen = report.between !== null && wide > report.between ? { ink: 'red', width: 1.6 } : asked;
  const title = `Stock ${say(wide)} wide, ${say(thick)} thick`;
  const look = { pen, fill: 'blueWash', opacity: 0.8, title } as const;
  return { shapes: [rect('stock', -wide / 2, 0, wide, Math.max(thick, paper(2)), look)] };
}

/** What passes, above, and what the gantry travels, below. */
function widths({ report }: PassingShown, { half, under, beam, paper, say }: Sizes): Partial<Parts> {
  const across = (side: 1 | -1, wide: number, y: number, text: string) => ({
    layer: 'dimensions',
    along: 'x' as const,
    side,
    from: { x: -wide / 2, y },
    to: { x: wide / 2, y },
    text,
  });
  const { between, cut } = report;
  return {
    dimensions: [
      ...(between === null ? [] : [across(1, 2 * half, under + beam, `passes ${say(between)}`)]),
      ...(cut === null ? [] : [across(-1, cut, -paper(10), `travels ${say(cut)}`)]),
    ],
  };
}

/** Columns, beam and table, and the stock between them; null while too little is said. */
export function passingDrawing(shown: PassingShown): Drawing | null {
  const { project, report, system, width } = shown;
  const between = report.between ?? project.brief.stock.width?.si ?? null;
  const under = project.passing.under?.si ?? report.thickest?.value ?? null;
  if (between === null || under === null || !(under > 0)) return null;
  const scale = width / (between * 1.2);
  const sizes: Sizes = {
    half: between / 2,
    under,
    column: between * 0.05,
    beam: between * 0.06,
    paper: (units) => units / scale,
    say: (m) => formatQuantity('length', m, system, 4).text,
  };
  const { half, column, beam, paper } = sizes;
  const wide = between + 2 * column;
  const frame: Partial<Parts> = {
    shapes: [
      rect('table', -half - column, -paper(10), wide, paper(10), { pen: thin, fill: 'steel' }),
      rect('columns', -half - column, 0, column, under + beam, { pen: edge, fill: 'steel' }),
      rect('columns', half, 0, column, under + beam, { pen: edge, fill: 'steel' }),
      rect('beam', -half - column, under, wide, beam, { pen: edge, fill: 'panel' }),
    ],
  };
  return composed(joined(frame, stockOf(shown, sizes), widths(shown, sizes), levels(shown, sizes)), scale);
}
