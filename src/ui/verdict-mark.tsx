import type { Verdict } from '@/core/findings';
import { verdictWords } from '@/words';

export const verdictColour: Record<Verdict, string> = {
  holds: 'var(--rc-green)',
  thin: 'var(--rc-amber)',
  'gives-out': 'var(--rc-red)',
  'not-known': 'var(--rc-soft)',
};

// A bar of stock: whole, worn to a waist, broken in two, or only dotted.
const shapes: Record<Verdict, React.ReactNode> = {
  holds: <path d="M0 1h18v8H0z" />,
  thin: <path d="M0 1h4.5l4.5 4.4L13.5 1H18v8H0z" />,
  'gives-out': <path d="M0 1h6.2L4.6 3.7l2.4 1.4L5 9H0zM18 9h-6.2l1.6-2.7-2.4-1.4L13 1h5z" />,
  'not-known': (
    <>
      <circle cx="3" cy="5" r="1.9" />
      <circle cx="9" cy="5" r="1.9" />
      <circle cx="15" cy="5" r="1.9" />
    </>
  ),
};

/** The verdict as a shape; colour only repeats it. Give it a word beside it, or `labelled` for readers. */
export function VerdictMark({
  verdict,
  size = 18,
  labelled = false,
}: {
  verdict: Verdict;
  size?: number;
  labelled?: boolean;
}) {
  return (
    <svg
      width={size}
      height={(size * 10) / 18}
      viewBox="0 0 18 10"
      fill={verdictColour[verdict]}
      role={labelled ? 'img' : undefined}
      aria-label={labelled ? verdictWords[verdict] : undefined}
      aria-hidden={labelled ? undefined : true}
      style={{ flex: 'none' }}
    >
      {shapes[verdict]}
    </svg>
  );
}
