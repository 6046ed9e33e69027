import { defineCheck } from '@/core/checks';
import { type Checked, type Params, told } from '@/core/findings';
import { type Conflict } from '../order';
import { SO_FAR, WANTED_DEPTH } from '../assembly';
import type { WorkContext } from './work';

const workCheck = <const Code extends string>(check: {
  readonly code: Code;
  readonly judge: (
    context: WorkContext,
  ) => Checked<NoInfer<Code>> | readonly Checked<NoInfer<Code>>[] | undefined;
}) => defineCheck<Code, WorkContext, string>({ scope: 'machine', ...check });

const axisName = ({ project }: WorkContext, owner: string) =>
  project.axes.find((a) => a.id === owner)?.name ?? '';

/** A step for the wording: what it is, of which axis, or how the builder calls it. */
export function namedStep(context: WorkContext, id: string): string {
  const step = context.assembly.steps.find((s) => s.id === id);
  if (!step) return JSON.stringify({ kind: id === SO_FAR ? SO_FAR : 'own', axis: '', name: '' });
  return JSON.stringify({ kind: step.kind, axis: axisName(context, step.owner), name: step.name });
}

/** A part for the wording. */
export function namedPart(context: WorkContext, id: string): string {
  const part = context.assembly.parts.find((p) => p.id === id);
  return JSON.stringify({ kind: part?.kind ?? 'own', axis: axisName(context, part?.owner ?? '') });
}

const listed = (names: readonly string[]) => `[${names.join(',')}]`;

/** A contradiction for the wording: its steps, and who hides whom. */
function namedConflict(context: WorkContext, { reasons, least }: Conflict): Params {
  const hidden = reasons.find((r) => r.kind === 'hidden');
  return {
    steps: listed([...new Set(reasons.map((r) => r.step))].map((s) => namedStep(context, s))),
    hidden: hidden ? namedStep(context, hidden.step) : '',
    by: hidden?.kind === 'hidden' ? listed(hidden.by.map((s) => namedStep(context, s))) : '[]',
    least: least ? 1 : 0,
  };
}

const orderNone = workCheck({
  code: 'order-none',
  judge: (context) => {
    const { conflict } = context.assembly.ordering;
    return conflict && told('order-none', 'gives-out', 'steps', namedConflict(context, conflict));
  },
});

const partTwice = workCheck({
  code: 'part-twice',
  judge: (context) => {
    const { twice, because } = context.assembly.ordering;
    return twice.map((id) =>
      told(
        'part-twice',
        'thin',
        'steps',
        {
          step: namedStep(context, id),
          ...(because ? namedConflict(context, because) : { steps: '[]', hidden: '', by: '[]', least: 0 }),
        },
        id,
      ),
    );
  },
});

/** By the sizes that such parts usually have a joint would be shut in for good: the builder is asked. */
const orderDoubted = workCheck({
  code: 'order-doubted',
  judge: (context) =>
    context.assembly.ordering.doubted.map((id) =>
      told('order-doubted', 'thin', 'covers', { part: namedPart(context, id) }, id),
    ),
});

/** What wears or is set anew, and what must come off for it. */
const screwsHidden = workCheck({
  code: 'screws-hidden',
  judge: (context) =>
    context.assembly.services.flatMap((s) => {
      const reach = s.reach?.off;
      const off = s.what === 'set' ? reach : s.off?.off;
      const deep = reach && off ? Math.max(reach.length, off.length) : Infinity;
      // A part that comes off by itself is nothing to speak of.
      if (reach?.length === 0 && deep <= WANTED_DEPTH) return [];
      const way = (off ?? reach ?? []).length >= (reach ?? []).length ? (off ?? []) : (reach ?? []);
      const params = {
        part: namedPart(context, s.part),
        count: Number.isFinite(deep) ? deep : -1,
        minutes: s.minutes,
        off: listed(way.map((p) => namedPart(context, p))),
        usual: s.usual ? 1 : 0,
      };
      // What such parts usually are like is no ground for red.
      const verdict = deep > WANTED_DEPTH && !s.usual ? 'gives-out' : 'thin';
      return [told('screws-hidden', verdict, 'covers', params, s.part)];
    }),
});

const jointLoose = workCheck({
  code: 'joint-loose',
  judge: (context) =>
    context.assembly.loose.map(({ joint, state }) =>
      told('joint-loose', 'gives-out', 'steps', { part: namedPart(context, joint), state }, joint),
    ),
});

/** Nobody has ordered what the next steps, or those without time to spare, are made of. */
const stepMissing = workCheck({
  code: 'step-missing',
  judge: (context) => {
    const { plan, tonight } = context;
    const critical = new Set(plan.schedule.dated.filter((d) => d.critical).map((d) => d.id));
    const next = new Set(tonight.waiting.map((w) => w.step));
    const found = plan.missing.filter(
      (m) => !m.ordered && m.why !== 'uncut' && (critical.has(m.step) || next.has(m.step)),
    );
    const [first] = found;
    if (!first) return undefined;
    const count = new Set(found.map((m) => m.key)).size;
    const params = {
      step: namedStep(context, first.step),
      count,
      key: first.key,
      next: next.has(first.step) ? 1 : 0,
    };
    return told('step-missing', 'thin', 'partLines', params, first.key);
  },
});

/** A delivery with no day to spare: each day that it is late moves the end. */
const deliveryCritical = workCheck({
  code: 'delivery-critical',
  judge: (context) => {
    const { plan } = context;
    const coming = plan.missing.filter((m) => m.ordered && m.due && (plan.slack.get(m.key) ?? 99) <= 0);
    const [first] = [...coming].sort((a, b) => b.due!.localeCompare(a.due!));
    if (!first) return undefined;
    const params = {
      key: first.key,
      due: first.due!,
      step: namedStep(context, first.step),
      count: new Set(coming.map((m) => m.key)).size,
    };
    return told('delivery-critical', 'thin', 'partLines', params, first.key);
  },
});

const workUndated = workCheck({
  code: 'work-undated',
  judge: (context) => {
    const [first] = context.plan.schedule.undated.filter((u) => u.why !== 'waits');
    if (!first) return undefined;
    const work = context.assembly.steps.find((s) => s.id === first.id)?.work ?? 0;
    const params = {
      step: namedStep(context, first.id),
      why: first.why,
      minutes: work,
      count: context.plan.schedule.undated.length,
    };
    return told('work-undated', 'gives-out', 'workTimes', params, first.id);
  },
});

/** Below this paint and resin do not cure as they should, °C; common practice, no source. */
const TOO_COLD = 10;

const tooCold = workCheck({
  code: 'too-cold',
  judge: (context) => {
    const { workshop } = context.project.calendar;
    const cures = context.assembly.steps.find((s) => s.wait > 0 && s.state !== 'done');
    if (workshop >= TOO_COLD || !cures) return undefined;
    return told('too-cold', 'thin', 'calendar', { step: namedStep(context, cures.id), celsius: workshop });
  },
});

/** Checks of order, access and dates. */
export const workChecks = [
  orderNone,
  orderDoubted,
  partTwice,
  screwsHidden,
  jointLoose,
  stepMissing,
  deliveryCritical,
  workUndated,
  tooCold,
] as const;
