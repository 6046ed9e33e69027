import styles from './change-mark.module.css';

/** How an answer has changed. */
type Change = 'better' | 'worse' | 'same' | 'other';

const changeWords: Record<Change, string> = {
  better: 'better',
  worse: 'worse',
  same: 'the same',
  other: 'different',
};
const signs: Record<Change, string> = { better: '+', worse: '−', same: '=', other: '' };

/** Better and worse by sign and by shape: a step up, a step down. */
export function ChangeMark({ change }: { change: Change }) {
  return (
    <span className={styles.mark} data-change={change}>
      <svg
        width="14"
        height="12"
        viewBox="0 0 14 12"
        aria-hidden="true"
        fill="none"
        stroke="currentColor"
        strokeWidth="2"
      >
        {change === 'better' && <path d="M0 10h6V2h8" />}
        {change === 'worse' && <path d="M0 2h6v8h8" />}
        {change === 'same' && <path d="M0 6h14" />}
      </svg>
      <b aria-hidden="true">{signs[change]}</b>
      <span className="unseen">{changeWords[change]}</span>
    </span>
  );
}
