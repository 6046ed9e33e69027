import type { Plan } from '@/core/changes';
import { type Against, type AgainstRow, type AxisLink, type LinkGroup, mostOf } from '@/core/variants';
import type { Effect } from '@/core/machine';
import type { Brief, Project } from '@/core/model';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { structurePlace } from './labels-machine';
import { effectName } from './upgrades';

const linkNames: Readonly<Record<AxisLink, string>> = {
  place: 'place in the machine',
  demands: 'what is asked of it',
  loads: 'what it carries and pushes',
  drive: 'drive',
  reducer: 'reducer',
  coupling: 'coupling',
  motor: 'motor, driver and supply',
  controller: 'controller',
  guide: 'guide',
  fit: 'how it goes together',
  duty: 'duty',
};

const sliceNames: Readonly<Record<string, string>> = {
  brief: 'Brief',
  axes: 'Order of the axes',
  pins: 'Variants of single axes',
  structure: 'The whole frame',
  stand: 'What stands still',
  shims: 'Shims',
  passing: 'Passing and room',
  ownParts: 'Own parts',
};

const briefNames: Readonly<Record<keyof Brief, string>> = {
  area: 'work area',
  arrangement: 'arrangement',
  accuracy: 'accuracy',
  budget: 'budget',
  cuts: 'cuts',
  place: 'place',
  power: 'power at hand',
  spindle: 'spindle',
  squareness: 'squareness',
  stock: 'stock',
  wishes: 'wishes',
  work: 'kind of work',
};

type Named = Pick<Plan, 'axes'>;

/** What goes over as one piece, in words. @param plans that it is of. */
export function linkGroupName(
  { id, axisId, link }: Pick<LinkGroup, 'id' | 'axisId' | 'link'>,
  plans: readonly Named[],
): string {
  if (axisId !== null) {
    const axis = plans.flatMap((p) => p.axes).find((a) => a.id === axisId);
    const name = axis?.name ?? axisId;
    return link ? `${name}: ${linkNames[link]}` : `${name}, the whole axis`;
  }
  const [slice = '', inside] = id.split('.');
  if (!inside) return sliceNames[slice] ?? slice;
  if (slice === 'structure') return structurePlace[inside] ?? 'Structure';
  return `Brief: ${briefNames[inside as keyof Brief] ?? inside}`;
}

const plainNames: Readonly<Record<string, string>> = {
  moves: 'Mass that moves',
  stands: 'Mass that stands',
  length: 'Length over all',
  width: 'Width over all',
};

/** An answer of the whole machine, as it is called in a list. */
export const answerName = (
  { id, at }: Pick<AgainstRow, 'id' | 'at'>,
  project: Pick<Project, 'axes'>,
): string => plainNames[id] ?? effectName({ id, at } as Pick<Effect, 'id' | 'at'>, project);

/** Answers that are small lengths. */
const fine: ReadonlySet<AgainstRow['id']> = new Set(['error', 'sag', 'lost-motion'] as const);

/** A value of an answer, with the digits that are worth reading. */
export const answerText = (
  { id, kind }: Pick<AgainstRow, 'id' | 'kind'>,
  si: number,
  system: UnitSystem,
  digits = 3,
): string => {
  const small = fine.has(id) && system === 'metric' && Math.abs(si) < 1e-3;
  return small ? `${formatNumber(si * 1e6, digits)} µm` : formatQuantity(kind, si, system, digits).text;
};

/** Answers that are told in a sentence, at most. */
const TOLD = 3;

const moneyText = (dearer: number, off: number): string => {
  const sum = Math.abs(dearer).toFixed(0);
  if (sum === '0') return 'It costs the same, as far as parts are picked.';
  const doubt = off >= 0.5 ? `, give or take ${formatNumber(off, 2)}` : '';
  const way = dearer > 0 ? 'more' : 'less';
  return `It costs ${sum} ${way}${doubt}, as far as parts are picked; example prices.`;
};

/**
 * What the second of two variants gains, what it gives up, and what it costs.
 * @param unpicked links without a part, in either.
 */
export function againstText(
  { rows, dearer, dearerOff }: Against,
  unpicked: number,
  project: Pick<Project, 'axes'>,
  system: UnitSystem,
): { readonly gains: string; readonly loses: string; readonly money: string } {
  const listed = (better: 'before' | 'after') =>
    mostOf(rows, better, TOLD)
      .map((row) => {
        const [was, is] = [row.before!, row.after!].map((v) => answerText(row, v, system));
        const name = answerName(row, project);
        const maybe = row.sure === 'likely' ? ', likely' : '';
        return `${name.charAt(0).toLowerCase()}${name.slice(1)} ${is} instead of ${was}${maybe}`;
      })
      .join('; ');
  const links =
    unpicked === 1 ? '1 link has no part yet and costs' : `${unpicked} links have no part yet and cost`;
  const open = unpicked ? ` ${links} more on top.` : '';
  return { gains: listed('after'), loses: listed('before'), money: `${moneyText(dearer, dearerOff)}${open}` };
}
