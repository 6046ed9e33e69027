import type { ReactNode } from 'react';
import { FindingList, TrialBar } from '@/features/findings';
import { VerdictMark } from '@/ui/verdict-mark';
import styles from './fit.module.css';
import type { FitPage } from './page';
import { findingsOfView, type FitViewId } from './views';

interface AnswerProps extends Pick<FitPage, 'report' | 'onWorking'> {
  readonly view: FitViewId;
  readonly title: string;
  /** Said where nothing is wrong; and instead of it, while something is not said yet, what is not known. */
  readonly calm: string;
  readonly unknown?: string | undefined;
  /** What stands at the foot: the title block. */
  readonly children: ReactNode;
}

/** What was found, at the right of a view; nothing is green that nobody has said. */
export function Answer({ view, title, calm, unknown, report, onWorking, children }: AnswerProps) {
  const findings = report.findings.filter((f) => findingsOfView[view](f.code));
  return (
    <section aria-labelledby="fit-findings" className={styles.right}>
      <h2 className={styles.heading} id="fit-findings">
        {title}
      </h2>
      <TrialBar />
      {!findings.length && unknown !== undefined ? (
        <p>
          <VerdictMark verdict="not-known" /> {unknown}
        </p>
      ) : (
        <FindingList findings={findings} calm={calm} ours={report.ours.length} onWorking={onWorking} />
      )}
      {children}
    </section>
  );
}
