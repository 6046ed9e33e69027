import {
  type Dated,
  dateOfWall,
  daysOn,
  linesFor,
  type ListLine,
  type PlannedEntry,
  timeOfWall,
  type Wall,
  type WorkContext,
  type WorkStep,
  type Zone,
} from '@/core/build';
import { writeCalendar, writeTable } from '@/core/formats';
import type { Paper, StackedItem } from '@/core/print';
import { formatQuantity } from '@/core/units';
import {
  lineName,
  locateTexts,
  readingTexts,
  stateWords,
  stepCautionTexts,
  stepTexts,
  toolNames,
  assemblyNames,
  workTime,
} from '@/words';

/** What files of the work are made from. */
export interface WorkShown {
  readonly work: WorkContext;
  readonly lines: readonly ListLine[];
}

const when = (at: Wall) => `${dateOfWall(at)} ${timeOfWall(at)}`;

/** Steps in their order; without an order as they are told. */
export function ordered({ assembly: { steps, ordering } }: WorkContext): readonly WorkStep[] {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const list = ordering.turns.flatMap((t) => (t.kind === 'do' ? [byId.get(t.id)!] : []));
  return list.length ? list : steps;
}

/** Screws, tool and torque of a step's joints, a sentence each. */
function jointNotes({ work }: WorkShown, step: WorkStep, part: (id: string) => string): string[] {
  const { assembly, project } = work;
  return step.sets.flatMap(({ joint, state }) => {
    const found = assembly.joints.find((j) => j.id === joint);
    if (!found) return [];
    const tools = assembly.access.find((a) => a.joint === joint)?.tools ?? [];
    const say = (v: number) => formatQuantity('torque', v, project.units, 2).text;
    const torque = found.torque
      ? `, up to ${say(found.torque.class88)} (8.8) or ${say(found.torque.class129)} (12.9)`
      : '';
    const screws = found.count
      ? `${found.count} ${found.thread || 'screws'}`
      : 'screws not known to the model';
    const tool = tools.length ? `, ${tools.map((t) => toolNames[t]).join(' or ')}` : '';
    return [`${part(joint)}: ${screws}${tool}${torque}; left ${stateWords[state]}.`];
  });
}

/** Every step: what is done, with what, what to look out for, what is read, and a place to tick. */
export function orderItems(shown: WorkShown): readonly StackedItem[] {
  const { work, lines } = shown;
  const { project, assembly } = work;
  const names = assemblyNames(project, assembly);
  return ordered(work).map((step, i) => {
    const parts = linesFor(step, lines).map((l) => lineName(l, project.units));
    return {
      heading: `[${step.state === 'done' ? 'x' : '  '}]  ${i + 1}  ${names.step(step.id)}`,
      drawing: null,
      notes: [
        `${workTime(step.work)}${step.wait ? `, then ${step.wait} h to wait` : ''}` +
          `${step.people > 1 ? `, ${step.people} people` : ''}. ${stepTexts[step.kind].how}`,
        ...step.cautions.map((c) => `Caution: ${stepCautionTexts[c]}`),
        ...jointNotes(shown, step, names.part),
        ...(parts.length ? [`Parts: ${parts.join('; ')}.`] : []),
        ...step.locate.map((l) => `To find the place: ${locateTexts[l]}`),
        ...step.readings.map((r) => {
          const read = step.said?.readings.filter((x) => x.what === r).at(-1)?.typed ?? '____________';
          return `${readingTexts[r].title}: ${read}. ${readingTexts[r].how}`;
        }),
        ...(step.said?.note ? [step.said.note] : []),
      ],
    };
  });
}

/** Every step on paper. */
export async function orderPdf(
  shown: WorkShown,
  { paper, made }: { readonly paper: Paper; readonly made: Date },
): Promise<ArrayBuffer> {
  const { stackedPdf } = await import('@/core/print');
  return stackedPdf(`${shown.work.project.name}: order of work`, orderItems(shown), { paper, made });
}

/** Steps with their dates as CSV. */
export function orderCsv({ work }: WorkShown): string {
  const names = assemblyNames(work.project, work.assembly);
  const dated = new Map(work.plan.schedule.dated.map((d): [string, Dated] => [d.id, d]));
  const rows = ordered(work).map((s, i) => {
    const at = dated.get(s.id);
    return [
      i + 1,
      names.step(s.id),
      names.axis(s.owner),
      s.state,
      s.work,
      s.wait,
      s.people,
      at ? when(at.from) : '',
      at ? when(at.to) : '',
      at ? Math.round(at.float) : '',
      s.needs.map(names.step).join('; '),
    ];
  });
  const fields = [
    'no',
    'step',
    'axis',
    'state',
    'work min',
    'wait h',
    'people',
    'from',
    'to',
    'can wait min',
    'after',
  ];
  return writeTable(fields, rows);
}

/** Entries as a calendar for other programs. @param made ms since 1970. */
export function datesIcs(
  { work, lines }: WorkShown,
  entries: readonly PlannedEntry[],
  { zone, made }: { readonly zone: Zone; readonly made: number },
): string {
  const { project, assembly } = work;
  const names = assemblyNames(project, assembly);
  const byKey = new Map(lines.map((l) => [l.key, l]));
  const lineOf = (key: string) => {
    const line = byKey.get(key);
    return line ? lineName(line, project.units) : key;
  };
  return writeCalendar(
    entries.map((e) => ({
      uid: `${project.id}-${e.key.replace(/\W+/g, '-')}@rugged-carriage`,
      title: e.kind === 'step' ? names.step(e.id) : `Delivery: ${lineOf(e.id)}`,
      text: project.name,
      when:
        e.day !== null
          ? { day: e.day, next: daysOn(e.day, 1) }
          : { from: zone.real(e.from ?? 0), to: zone.real(e.to ?? 0) },
      sequence: e.sequence,
      cancelled: e.cancelled,
    })),
    made,
  );
}
