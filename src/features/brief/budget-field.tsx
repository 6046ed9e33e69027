'use client';

import { put } from '@/core/model';
import { useMachine } from '@/features/frame';
import { NumberLine } from '@/ui/number-line';
import styles from './brief.module.css';

/** The largest budget that the model takes. */
const MOST = 10_000_000;

/** What may be spent, with what it stands for. */
export function BudgetField({ hint }: { readonly hint: string }) {
  const { project, editor } = useMachine();
  return (
    <>
      <div className={styles.money}>
        <span>Budget</span>
        <div>
          <NumberLine
            label="Budget"
            value={project.brief.budget}
            most={MOST}
            placeholder="not given"
            optional
            onNumber={(value) => editor.apply([put('brief.budget', value)], 'Budget')}
          />
        </div>
      </div>
      <p className={styles.hint}>{hint}</p>
    </>
  );
}
