'use client';

import { useId, useState } from 'react';
import type { Edit, EditValue, Verdict } from '@/core/findings';
import { byWeight } from '@/core/findings';
import type { AxisReport } from '@/core/machine';
import { type Axis, getAt, startingReducer } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { VerdictMark, verdictWords } from '@/ui/verdict-mark';
import { AxisField } from './axis-field';
import styles from './panels.module.css';
import { type Choice, type LinkId, linkOf, links, type LinkSpec } from './train';
import type { AxisEditor } from './use-axis-editor';
import { findingText, ratioText } from './wording';

interface TrainProps { readonly axis: Axis; readonly report: AxisReport; readonly editor: AxisEditor; readonly system: UnitSystem; readonly open: LinkId | null; readonly onOpen: (link: LinkId | null) => void }

/** The drive train as a chain of links, controller to guide; a link opens to its fields. */
export function TrainPanel({ axis, report, editor, system, open, onOpen }: TrainProps) {
  return (
    <section aria-labelledby="train-title">
      <h2 className={styles.heading} id="train-title">Drive train</h2>
      <ol className={styles.chain}>
        {links.map((link) => <Link key={link.id} link={link} axis={axis} report={report} editor={editor} system={system} open={open === link.id} onOpen={onOpen} />)}
      </ol>
    </section>
  );
}

const bringIntoView = (element: HTMLElement | null) => element?.scrollIntoView?.({ block: 'nearest' });

function Link({ link, axis, report, editor, system, open, onOpen }: Omit<TrainProps, 'open'> & { link: LinkSpec; open: boolean }) {
  const id = useId();
  const [worst] = report.findings.filter((f) => linkOf(f.path) === link.id).sort((a, b) => byWeight(a.verdict, b.verdict));
  const verdict: Verdict = worst?.verdict ?? 'holds';
  return (
    <li className={styles.link} data-verdict={verdict}>
      <button type="button" aria-expanded={open} aria-controls={id} onClick={() => onOpen(open ? null : link.id)}>
        <VerdictMark verdict={verdict} />
        <b>{link.title(axis)}</b>
        <span>{link.summary(axis, system)}</span>
        {worst && <em>{verdictWords[verdict]}: {findingText(worst, system).title.toLowerCase()}</em>}
      </button>
      {open && (
        // The fields open below the fold as often as not: bring them into view.
        <div className={styles.inset} id={id} ref={bringIntoView}>
          {link.choices(axis).map((choice) => <ChoiceField key={choice.path} axis={axis} choice={choice} editor={editor} />)}
          {link.id === 'screw' && axis.drive.sets === 2 && <p className={styles.hint}>Two screws must be tied by a belt, or each homed by its own switch: they square the gantry or rack it.</p>}
          {link.id === 'reducer' && axis.reducer && <p className={styles.hint}>{ratioText(axis.reducer.ratio.si)}</p>}
          {link.id === 'screw' && axis.drive.turning === 'nut' && <p className={styles.hint}>The motor rides with the nut: its mass belongs to the moving masses. The screw stands, held against turning at its ends.</p>}
          {link.fields(axis).map((path) => <AxisField key={path} axis={axis} path={path} editor={editor} system={system} />)}
        </div>
      )}
    </li>
  );
}

const estimate = (typed: string, si: number) => ({ typed, si, basis: 'estimate' as const });

/** The other thread starts from usual figures, marked as estimates; what both have is kept. */
function threadEdits(axis: Axis, kind: string): Edit[] {
  const { thread } = axis.drive;
  const shared = { preload: thread.preload, nutStiffness: thread.nutStiffness };
  const next = kind === 'ball'
    ? { kind, making: 'rolled', accuracyClass: 'T7', efficiency: estimate('0.9', 0.9), dynamicLoad: null, speedLimit: null, ...shared }
    : { kind, form: 'trapezoidal', friction: estimate('0.12', 0.12), collarFriction: estimate('0', 0), collarDiameter: estimate('0 mm', 0), ...shared };
  return [{ path: 'drive.thread', value: next as never }];
}

/** A reducer of another kind keeps its ratio; the rest starts from usual figures. */
function reducerEdits(axis: Axis, kind: string): Edit[] {
  const value = kind === 'belt' || kind === 'planetary' ? { ...startingReducer(kind, 2), ...(axis.reducer ? { ratio: axis.reducer.ratio } : {}) } : null;
  return [{ path: 'reducer', value: value as unknown as EditValue }];
}

/** Choices that exchange a whole part. */
const wholePart: Record<string, (axis: Axis, next: string) => Edit[]> = { 'drive.thread.kind': threadEdits, 'reducer.kind': reducerEdits };

function ChoiceField({ axis, choice, editor }: { axis: Axis; choice: Choice; editor: AxisEditor }) {
  const id = useId();
  const [error, setError] = useState<string | undefined>();
  // No reducer is no object: the choice still has a word for it.
  const value = (getAt(axis, choice.path) ?? 'none') as string | number;
  return (
    <div className={styles.choice}>
      <label htmlFor={id}>{choice.label}</label>
      <select
        id={id} value={value} aria-describedby={error ? `${id}-error` : undefined}
        onChange={(e) => {
          const next = choice.options.find(([v]) => String(v) === e.target.value)![0];
          const edits = wholePart[choice.path]?.(axis, String(next)) ?? [{ path: choice.path, value: next }];
          setError(editor.apply(edits, choice.label, choice.path));
        }}
      >
        {choice.options.map(([v, text]) => <option key={v} value={v}>{text}</option>)}
      </select>
      {error && <p id={`${id}-error`} role="alert">{error}</p>}
    </div>
  );
}
