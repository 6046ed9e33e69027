'use client';

import { useId, useState } from 'react';
import type { Verdict } from '@/core/findings';
import { byWeight } from '@/core/findings';
import type { AxisReport } from '@/core/machine';
import { type Axis, getAt } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { VerdictMark, verdictWords } from '@/ui/verdict-mark';
import { AxisField } from './axis-field';
import { CurveEditor } from './curve-editor';
import type { Choice, FieldGroup, LinkId, LinkSpec } from './link';
import styles from './panels.module.css';
import { linkOf, links } from './train';
import type { AxisEditor } from './use-axis-editor';
import { wholePart } from './whole-part';
import { hintsFor, pulleyText, ratioText } from './wording';
import { findingText } from './wording-findings';

interface TrainProps {
  readonly axis: Axis;
  readonly report: AxisReport;
  readonly editor: AxisEditor;
  readonly system: UnitSystem;
  readonly open: LinkId | null;
  readonly onOpen: (link: LinkId | null) => void;
  readonly onExchange: (link: LinkId) => void;
}

/** The drive train as a chain of links, controller to guide; a link opens to its fields. */
export function TrainPanel({ open, ...props }: TrainProps) {
  return (
    <section aria-labelledby="train-title">
      <h2 className={styles.heading} id="train-title">
        Drive train
      </h2>
      <ol className={styles.chain}>
        {links
          .filter((link) => link.there?.(props.axis) ?? true)
          .map((link) => (
            <Link key={link.id} link={link} {...props} open={open === link.id} />
          ))}
      </ol>
    </section>
  );
}

const bringIntoView = (element: HTMLElement | null) => element?.scrollIntoView?.({ block: 'nearest' });

function Link({
  link,
  axis,
  report,
  editor,
  system,
  open,
  onOpen,
  onExchange,
}: Omit<TrainProps, 'open'> & { link: LinkSpec; open: boolean }) {
  const id = useId();
  const [worst] = report.findings
    .filter((f) => linkOf(f.path) === link.id)
    .sort((a, b) => byWeight(a.verdict, b.verdict));
  const verdict: Verdict = worst?.verdict ?? 'holds';
  return (
    <li className={styles.link} data-verdict={verdict}>
      <button
        type="button"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => onOpen(open ? null : link.id)}
      >
        <VerdictMark verdict={verdict} />
        <b>{link.title(axis)}</b>
        <span>{link.summary(axis, system)}</span>
        {worst && (
          <em>
            {verdictWords[verdict]}: {findingText(worst, system).title.toLowerCase()}
          </em>
        )}
      </button>
      {open && (
        // The fields open below the fold as often as not: bring them into view.
        <div className={styles.inset} id={id} ref={bringIntoView}>
          <button type="button" className={styles.exchange} onClick={() => onExchange(link.id)}>
            Exchange for another part…
          </button>
          {link.choices(axis).map((choice) => (
            <ChoiceField key={choice.path} axis={axis} choice={choice} editor={editor} />
          ))}
          {link.id === 'reducer' && axis.reducer && (
            <p className={styles.hint}>
              {axis.reducer.pulleys ? `${pulleyText(axis.reducer.pulleys)} ` : ''}
              {ratioText(axis.reducer.ratio.si)}
            </p>
          )}
          {hintsFor(link.id, axis).map((hint) => (
            <p key={hint} className={styles.hint}>
              {hint}
            </p>
          ))}
          {link.groups(axis).map((group) => (
            <Group key={group.title ?? 'first'} group={group} axis={axis} editor={editor} system={system} />
          ))}
          {link.id === 'motor' && axis.motor.kind === 'stepper' && axis.motor.curve && (
            <CurveEditor curve={axis.motor.curve} editor={editor} system={system} />
          )}
        </div>
      )}
    </li>
  );
}

function Group({
  group,
  axis,
  editor,
  system,
}: {
  group: FieldGroup;
  axis: Axis;
  editor: AxisEditor;
  system: UnitSystem;
}) {
  const fields = group.paths.map((path) => (
    <AxisField key={path} axis={axis} path={path} editor={editor} system={system} />
  ));
  if (!group.title) return <>{fields}</>;
  return (
    <details className={styles.group}>
      <summary>{group.title}</summary>
      {fields}
    </details>
  );
}

function ChoiceField({ axis, choice, editor }: { axis: Axis; choice: Choice; editor: AxisEditor }) {
  const id = useId();
  const [error, setError] = useState<string | undefined>();
  const value = choice.now ?? (getAt(axis, choice.path) as string | number);
  return (
    <div className={styles.choice}>
      <label htmlFor={id}>{choice.label}</label>
      <select
        id={id}
        value={value}
        aria-describedby={error ? `${id}-error` : undefined}
        onChange={(e) => {
          const next = choice.options.find(([v]) => String(v) === e.target.value)![0];
          const edits = wholePart[choice.path]?.(axis, String(next)) ?? [{ path: choice.path, value: next }];
          setError(editor.apply(edits, choice.label, choice.path));
        }}
      >
        {choice.options.map(([v, text]) => (
          <option key={v} value={v}>
            {text}
          </option>
        ))}
      </select>
      {error && (
        <p id={`${id}-error`} role="alert">
          {error}
        </p>
      )}
    </div>
  );
}
