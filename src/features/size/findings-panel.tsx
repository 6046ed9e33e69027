'use client';

import type { Finding, Remedy } from '@/core/findings';
import type { AxisDoubt } from '@/core/choose';
import type { AxisReport } from '@/core/machine';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { VerdictMark, verdictColour, verdictWords } from '@/ui/verdict-mark';
import styles from './findings.module.css';
import { effectText, labelOf } from './labels';
import { rungName } from './wording';
import { findingText } from './wording-findings';
import { remedyEffect, remedyText } from './wording-remedies';

interface FindingsProps {
  readonly report: AxisReport;
  readonly system: UnitSystem;
  readonly onWorking: (line: string) => void;
  readonly onTry: (remedy: Remedy, name: string) => void;
  /** Name of the remedy that is being tried, while it is the last step. */
  readonly tried: string | null;
  readonly onTakeBack: () => void;
  readonly doubt: AxisDoubt;
}

/** What gives out, the worst first, each with its reason and what can be done. */
export function FindingsPanel({ report, system, onWorking, onTry, tried, onTakeBack, doubt }: FindingsProps) {
  const [first, ...rest] = report.findings;
  const title =
    report.verdict === 'gives-out'
      ? 'What gives out'
      : report.verdict === 'thin'
        ? 'What is thin'
        : 'Nothing gives out';
  return (
    <section
      aria-labelledby="findings-title"
      className={styles.panel}
      data-verdict={report.verdict}
      data-testid="findings"
    >
      <h2 className={styles.heading} id="findings-title">
        {title}
      </h2>
      {tried && (
        <div className={styles.tried} role="status">
          <span>Trying: {tried}</span>
          <button type="button" onClick={onTakeBack}>
            Take back
          </button>
        </div>
      )}
      {!first && (
        <p className={styles.calm}>
          <VerdictMark verdict="holds" /> Every check of this axis holds.
        </p>
      )}
      {first && (
        <FindingCard
          finding={first}
          report={report}
          system={system}
          onWorking={onWorking}
          onTry={onTry}
          open
        />
      )}
      {rest.map((f) => (
        <FindingCard
          key={f.code}
          finding={f}
          report={report}
          system={system}
          onWorking={onWorking}
          onTry={onTry}
        />
      ))}
      {doubt.next && (
        <div className={styles.next}>
          <h3>
            <VerdictMark verdict="not-known" /> Worth measuring next
          </h3>
          <p>
            <b>{labelOf(doubt.next.path)}</b>: its doubt moves “{rungName[doubt.next.rung].toLowerCase()}” by
            ± {formatQuantity('speed', doubt.next.halfWidth, system, 2).text}, and that decides whether it
            holds.
          </p>
        </div>
      )}
      {report.unknowns.length > 0 && (
        <details className={styles.unknown}>
          <summary>
            <VerdictMark verdict="not-known" /> <b>Not known yet</b> {report.unknowns.length}
          </summary>
          <ul>
            {report.unknowns.map((u) => (
              <li key={u.path}>
                <b>{labelOf(u.path)}</b>: {effectText[u.effect]}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

interface CardProps extends Pick<FindingsProps, 'report' | 'system' | 'onWorking' | 'onTry'> {
  readonly finding: Finding;
  readonly open?: boolean;
}

function FindingCard({ finding, report, system, onWorking, onTry, open = false }: CardProps) {
  const text = findingText(finding, system);
  const { line } = finding;
  return (
    <details className={styles.card} open={open || undefined}>
      <summary>
        <VerdictMark verdict={finding.verdict} />
        <h3 style={{ color: verdictColour[finding.verdict] }}>{text.title}</h3>
        {text.big && (
          <b className={styles.big} style={{ color: verdictColour[finding.verdict] }}>
            {text.big}
          </b>
        )}
        <span className={styles.word}>{verdictWords[finding.verdict]}</span>
      </summary>
      {text.lines.map((l) => (
        <p key={l}>{l}</p>
      ))}
      {line && (
        <button type="button" className={styles.working} onClick={() => onWorking(line)}>
          Working
        </button>
      )}
      {finding.remedies.length === 0 && finding.verdict === 'gives-out' && (
        <p className={styles.none}>No single change that the catalogue knows helps here.</p>
      )}
      {finding.remedies.length > 0 && (
        <ul className={styles.remedies}>
          {finding.remedies.map((r) => {
            const name = remedyText(r, system);
            return (
              <li key={r.code}>
                <button type="button" onClick={() => onTry(r, name)} aria-label={`Try: ${name}`}>
                  <VerdictMark verdict={r.verdict} labelled />
                  <b>{name}</b>
                  <span>{remedyEffect(finding, r, report.speed, system)}</span>
                  <i aria-hidden="true">try</i>
                </button>
              </li>
            );
          })}
        </ul>
      )}
    </details>
  );
}
