'use client';

import type { MachineFinding } from '@/core/machine';
import type { Edit } from '@/core/findings';
import { formatNumber, type UnitSystem } from '@/core/units';
import { changeText, machineText, micro } from '@/features/words';
import { VerdictMark, verdictColour, verdictWords } from '@/ui/verdict-mark';
import type { ImprovementState } from './use-improvements';
import styles from './whole.module.css';

export type TryOut = (edits: readonly Edit[], name: string) => void;

/** What the machine as a whole found, the worst open. */
export function MachineFindings({
  findings,
  system,
  onTry,
}: {
  findings: readonly MachineFinding[];
  system: UnitSystem;
  onTry: TryOut;
}) {
  if (!findings.length)
    return (
      <p className={styles.calm}>
        <VerdictMark verdict="holds" /> Every check of the whole machine holds.
      </p>
    );
  return (
    <ul className={styles.findings}>
      {findings.map((f, i) => {
        const text = machineText(f, system);
        return (
          <li key={`${f.code}-${String(f.params.axisId ?? f.params.cutIndex ?? f.params.way ?? '')}`}>
            <details open={i === 0 || undefined}>
              <summary>
                <VerdictMark verdict={f.verdict} labelled />
                <h3 style={{ color: verdictColour[f.verdict] }}>{text.title}</h3>
                {text.big && <b style={{ color: verdictColour[f.verdict] }}>{text.big}</b>}
              </summary>
              {text.lines.map((l) => (
                <p key={l}>{l}</p>
              ))}
              {f.remedies.map((r) => {
                const name = changeText(r, system);
                return (
                  <button
                    key={r.code + name}
                    type="button"
                    className={styles.remedy}
                    aria-label={`Try: ${name}`}
                    onClick={() => onTry(r.edits, name)}
                  >
                    <VerdictMark verdict={r.verdict} labelled />
                    <b>{name}</b>
                    <span>{verdictWords[r.verdict]}</span>
                    <i aria-hidden="true">try</i>
                  </button>
                );
              })}
            </details>
          </li>
        );
      })}
    </ul>
  );
}

/** What the next improvement buys, ranked; progress while it is worked out. */
export function Improvements({
  state,
  way,
  system,
  sag,
  onTry,
  onStop,
  onAgain,
}: {
  state: ImprovementState;
  way: 'x' | 'y' | 'z';
  system: UnitSystem;
  sag: number;
  onTry: TryOut;
  onStop: () => void;
  onAgain: () => void;
}) {
  const { list, step, stopped } = state;
  return (
    <section aria-labelledby="buys-title" className={styles.buys}>
      <h2 id="buys-title">What the next change buys</h2>
      {step && (
        <p className={styles.progress} role="status">
          <progress value={step.done} max={step.of} aria-label="Changes tried" />{' '}
          <button type="button" onClick={onStop}>
            Stop
          </button>
        </p>
      )}
      {stopped && (
        <p className={styles.progress}>
          Stopped.{' '}
          <button type="button" onClick={onAgain}>
            Work it out
          </button>
        </p>
      )}
      {list && list.length === 0 && <p>No single change of the frame that we know brings 2 % or more.</p>}
      {list && list.length > 0 && (
        <ol data-old={step ? '' : undefined}>
          {list.slice(0, 7).map((i) => {
            const name = changeText(i, system);
            return (
              <li key={i.code + name}>
                <button
                  type="button"
                  className={styles.remedy}
                  aria-label={`Try: ${name}`}
                  onClick={() => onTry(i.edits, name)}
                >
                  <strong>× {formatNumber(i.gain[way], 3)}</strong>
                  <b>{name}</b>
                  <span>
                    {[
                      Math.abs(i.sag - sag) > 0.03 * sag ? `sag ${micro(i.sag, system)}` : '',
                      Math.abs(i.heavier) >= 0.1
                        ? `${i.heavier > 0 ? '+' : '−'}${formatNumber(Math.abs(i.heavier), 2)} kg move`
                        : '',
                    ]
                      .filter(Boolean)
                      .join(', ')}
                  </span>
                  <i aria-hidden="true">try</i>
                </button>
              </li>
            );
          })}
        </ol>
      )}
    </section>
  );
}
