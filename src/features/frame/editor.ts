import { followBrief, followers, followTravel } from '@/core/machine';
import {
  type Basis,
  brokenRule,
  type Edit,
  fieldRuleAt,
  getAt,
  isMeasure,
  type Issue,
  type Measure,
  MOST_TYPED,
  type Plain,
  type Project,
} from '@/core/model';
import {
  bareUnit,
  explainParseError,
  formatQuantity,
  parseQuantity,
  spelled,
  rangeInWords,
  type UnitSystem,
} from '@/core/units';
import type { EditOptions, Session } from '@/session';
import type { Taken } from '@/ui/quantity-field';
import type { Refused } from '@/ui/refusal';
import { inputLabel, newNames, refusalText } from '@/words';
import { endOfDay } from './day-plan';

/** How an input was read. */
export interface Reading {
  readonly basis: Basis;
  /** Half-width of the 95 % interval for a value that was read, SI. */
  readonly half: (value: number) => number;
}

/** Everything that changes a machine, through the one gate. Paths lead from its root. */
export interface MachineEditor {
  /**
   * Takes a typed text for a measured input. @param visit merges the keystrokes of one visit into one step.
   */
  readonly type: (path: string, text: string, visit: string) => Taken;
  readonly setBasis: (path: string, basis: Basis) => Refused;
  /**
   * Takes a reading of an input: what it is and how far it may be off. @param half half-width of its 95 %
   * interval for a value, SI.
   */
  readonly read: (path: string, text: string, by: Reading) => Refused;
  /** Sets a choice or any other edit; gives the reason back where it is refused. */
  readonly apply: (edits: readonly Edit[], label: string, touched?: string) => Refused;
  /** A change that merges with the one before it while the key stays the same (keystrokes in a note). */
  readonly write: (path: string, value: Plain, label: string) => Refused;
}

/** The measure that a text stands for in a field, or why it stands for none. */
function measureOf(
  path: string,
  text: string,
  system: UnitSystem,
  before: Measure | null,
): { readonly measure: Measure } | { readonly error: string } {
  const rule = fieldRuleAt(path.replace(/^axes\.\d+\./, ''));
  if (!rule) return { error: 'This field is not there any more.' };
  const unit = bareUnit(rule.kind, system);
  const read = parseQuantity(rule.kind, text, unit);
  if (!read.ok) return { error: explainParseError(rule.kind, read.error) };
  if (brokenRule(rule, read.si)) {
    const wanted = rangeInWords(rule, system);
    return { error: `${inputLabel(path)}: read “${text.trim()}”; wanted ${wanted}.` };
  }
  // What is stored carries its unit, so that it still means the same in a file or on another sheet.
  const typed = spelled(rule.kind, text, system);
  if (typed.length > MOST_TYPED) {
    const wanted = `at most ${MOST_TYPED} characters`;
    return { error: `${inputLabel(path)}: read ${typed.length} characters; wanted ${wanted}.` };
  }
  const spread = before?.spread ? { spread: before.spread } : {};
  // What somebody has typed is ours no more.
  const basis = before && before.basis !== 'ours' ? before.basis : 'estimate';
  return { measure: { ...spread, typed, si: read.si, basis } };
}

const travelOf = /^axes\.(\d+)\.demands\.travel$/;

/**
 * What a typed travel carries along: lengths that must grow with it, and such as an earlier keystroke of the
 * same visit made grow and that need not any more. @param begun the machine as it was before that visit.
 */
function carriedAlong(begun: Project, now: Project, path: string, travel: number): Edit[] {
  const index = travelOf.exec(path)?.[1];
  const axis = index === undefined ? undefined : begun.axes[Number(index)];
  if (!axis) return [];
  const grown = followTravel(axis, travel);
  return followers.flatMap((inside): Edit[] => {
    const at = `axes.${index}.${inside}`;
    const edit = grown.find((e) => e.path === inside);
    if (edit) return [{ path: at, value: edit.value }];
    const before = getAt(axis, inside) as Measure | null | undefined;
    return before && getAt(now, at) !== before ? [{ path: at, value: before }] : [];
  });
}

/** What was carried along, in words: "Between bearings 1720 mm too". */
function alsoText(edits: readonly Edit[], begun: Project, system: UnitSystem): string {
  const grown = edits.filter((e) => isMeasure(e.value) && e.value !== getAt(begun, e.path));
  const said = grown.map(({ path, value }) => {
    const { text } = formatQuantity('length', (value as Measure).si, system, 4);
    return `${inputLabel(path).toLowerCase()} ${text}`;
  });
  return said.length ? `Carried along: ${said.join(', ')}.` : '';
}

type Follow = NonNullable<EditOptions['follow']>;

/** @param system in whose units bare numbers are read and refusals are said. */
export function machineEditor(session: Session, system: UnitSystem): MachineEditor {
  const said = ([issue]: readonly Issue[]): Refused => issue && refusalText(issue, system);
  const days: Follow = (before, after, now) => endOfDay(session, { before, after, now });
  const follow: Follow = (before, after, now) => [
    ...followBrief(before, after, newNames.axis),
    ...days(before, after, now),
  ];
  const edit = (edits: readonly Edit[], options: EditOptions): Refused =>
    said(session.edit(edits, { ...options, follow }));
  const apply: MachineEditor['apply'] = (edits, label, touched) =>
    edit(edits, { label, ...(touched === undefined ? {} : { touched }) });
  return {
    apply,
    write: (path, value, label) =>
      said(session.edit([{ path, value }], { label, mergeKey: path, follow: days })),
    type(path, text, visit) {
      const { project } = session;
      if (!project || getAt(project, path) === undefined)
        return { error: 'This field is not there any more.' };
      const before = getAt(project, path) as Measure | null;
      const options = { label: inputLabel(path), mergeKey: `${path}:${visit}`, touched: path };
      if (text.trim() === '') {
        const refused = edit([{ path, value: null }], options);
        return refused ? { error: refused } : { typed: '' };
      }
      const read = measureOf(path, text, system, before);
      if ('error' in read) return read;
      const begun = session.begun(options.mergeKey) ?? project;
      const along = carriedAlong(begun, project, path, read.measure.si);
      const refused = edit([{ path, value: read.measure }, ...along], options);
      if (refused) return { error: refused };
      const also = alsoText(along, begun, system);
      return { typed: read.measure.typed, ...(also ? { also } : {}) };
    },
    read(path, text, { basis, half }) {
      const taken = measureOf(path, text, system, null);
      if ('error' in taken) return taken.error;
      const { si } = taken.measure;
      const spread = { by: 'absolute' as const, halfWidth: half(si) };
      return apply(
        [{ path, value: { ...taken.measure, basis, spread } }],
        `Reading of ${inputLabel(path)}`,
        path,
      );
    },
    setBasis(path, basis) {
      const before = session.project && (getAt(session.project, path) as Measure | null | undefined);
      if (!before) return undefined;
      return apply([{ path, value: { ...before, basis } }], `Basis of ${inputLabel(path).toLowerCase()}`);
    },
  };
}
