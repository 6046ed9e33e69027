'use client';

import { formatNumber } from '@/core/units';
import { Explained } from '@/ui/explained';
import { chanceText } from '@/words';
import styles from './sure.module.css';
import type { Doubt } from './use-doubt';

const percent = (share: number) => `${formatNumber(100 * share, share < 0.01 ? 2 : 3)} %`;

const thinText = (count: number): string => {
  if (count === 0) return 'Nothing that holds in the middle is thin by doubt.';
  const holds = count === 1 ? 'One check holds' : `${count} checks hold`;
  return `${holds} in the middle of the figures and not over their doubt: thin.`;
};

/** The chance of the whole, how sure that chance is, and what it was drawn from. */
export function Outlook({
  doubt: { answer, seconds },
  stale,
}: {
  readonly doubt: Doubt;
  readonly stale: boolean;
}) {
  const { whole, draws, inputs, frames, off, checked, checks, ours, unknown } = answer;
  const thin = checks.filter((c) => c.thin).length;
  return (
    <div className={styles.outlook} data-old={stale || undefined}>
      <p className={styles.whole}>
        <b>{chanceText(whole.share, whole.draws)}</b>{' '}
        <span>
          of machines built to these figures keep every limit of drive, motor, guide, stand and frame that
          gives out when it is missed (that chance is known to {percent(whole.low)} to {percent(whole.high)}).
          Travel, clearances, plates, room and money are not in it: they are judged where they stand.
        </span>
      </p>
      <p className={styles.hint}>
        <Explained>{thinText(thin)}</Explained>{' '}
        {ours > 0 && (
          <b>
            Guessed: {ours} of {inputs} figures are ours, nobody has said them.{' '}
          </b>
        )}{' '}
        {unknown > 0 &&
          `${unknown === 1 ? 'One check is' : `${unknown} checks are`} not known and not drawn. `}
        {draws.toLocaleString('en-GB')} draws of {inputs} figures by their basis, seed {answer.seed}
        {frames > 0 &&
          `; their frames are read off ${frames} solved ones, ` +
            `off by ${formatNumber(100 * off, 2)} % at most in ${checked} that were solved too`}
        ; {formatNumber(seconds, 2)} s.
      </p>
    </div>
  );
}
