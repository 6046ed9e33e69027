'use client';

import { type Measuring, readingHalf } from '@/core/doubt';
import { fieldRuleAt, getAt, isMeasure, type Measure, type Project } from '@/core/model';
import { formatIn, formatQuantity, type Kind, parseQuantity, type UnitSystem } from '@/core/units';
import { useMachine } from '@/features/frame';
import { TextLine } from '@/ui/text-line';
import { doubtedText, doubtfulText, gainText, methodTexts } from '@/words';
import styles from './sure.module.css';
import type { Doubt } from './use-doubt';

/** So many are shown: after the first readings the others read otherwise. */
const MOST = 6;

/** What is worth measuring next, each with a way to do it at home and a place for the reading. */
export function MeasureNext({ doubt, stale }: { readonly doubt: Doubt; readonly stale: boolean }) {
  const { told, answer } = doubt;
  if (!told.next.length) {
    const open = answer.checks.some((c) => c.open && c.chance.share > 0.02 && c.chance.share < 0.98);
    return (
      <p className={styles.hint}>
        {open
          ? 'No single reading at home would settle what is in doubt: change the plan, or read several.'
          : 'Enough is known: no reading would change what the checks say.'}
      </p>
    );
  }
  return (
    <ol className={styles.next} data-old={stale || undefined}>
      {told.next.slice(0, MOST).map((measuring) => (
        <li key={measuring.path}>
          <Reading measuring={measuring} doubt={doubt} />
        </li>
      ))}
    </ol>
  );
}

/** Names of the checks that a reading settles. */
function settled(project: Project, { checks }: Doubt['answer'], keys: readonly string[]): string {
  const names = keys.flatMap((key) => {
    const check = checks.find((c) => c.key === key);
    return check ? doubtedText(project, check).name.toLowerCase() : [];
  });
  const few = [...new Set(names)];
  return few.length > 3 ? `${few.slice(0, 3).join(', ')} and ${few.length - 3} more` : few.join(', ');
}

/** A figure as it stands, and a half-width in the same unit: as typed; what is ours in those of the sheet. */
function figureText(kind: Kind, measure: Measure, half: number, system: UnitSystem) {
  const read = parseQuantity(kind, measure.typed);
  if (measure.basis === 'ours' || !read.ok)
    return {
      now: formatQuantity(kind, measure.si, system, 3).text,
      off: formatQuantity(kind, half, system, 2).text,
    };
  return { now: measure.typed, off: formatIn(read.unit, half, 2).text };
}

function Reading({ measuring, doubt }: { readonly measuring: Measuring; readonly doubt: Doubt }) {
  const { project, editor, system } = useMachine();
  const { path, method, half, gain, settles } = measuring;
  const text = methodTexts[method.id];
  const { name, of } = doubtfulText(project, path);
  const measure = getAt(project, path);
  const kind = fieldRuleAt(path)?.kind;
  if (!isMeasure(measure) || !kind) return null;
  const figure = figureText(kind, measure, half, system);
  const input = doubt.of === project ? null : getAt(doubt.of, path);
  const taken = input !== null && input !== measure;
  return (
    <>
      <p className={styles.what}>
        <b>{name}</b> <small>{of}</small>
      </p>
      <p className={styles.way}>
        {text.title}, {method.minutes} min: {gainText(gain)} of {settled(project, doubt.answer, settles)}.
      </p>
      <p className={styles.hint}>
        {measure.basis === 'ours' && 'Nobody has said it yet: choose the part first. '}
        {text.how} {text.mind && <b>{text.mind}</b>}
      </p>
      <label className={styles.reading}>
        <span>Reading</span>
        <TextLine
          label={`Reading of ${name}, ${of}`}
          value={taken ? measure.typed : ''}
          placeholder={figure.now}
          maxLength={40}
          inputMode="decimal"
          onText={(typed) =>
            editor.read(path, typed, { basis: method.basis, half: (value) => readingHalf(method, value) })
          }
        />
        <small>± {figure.off}</small>
      </label>
    </>
  );
}
