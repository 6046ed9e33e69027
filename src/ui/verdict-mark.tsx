import type { Verdict } from '@/core/findings';
import { verdictText } from '@/words';

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

/** The colour of a verdict: nothing is green that nobody has said. */
export const colourOf = (verdict: Verdict, guessed: boolean): string =>
  verdictColour[guessed && verdict === 'holds' ? 'not-known' : verdict];

interface MarkProps {
  readonly verdict: Verdict;
  /** It rests on numbers that nobody has said: drawn hollow. */
  readonly guessed?: boolean;
  readonly size?: number;
  readonly labelled?: boolean;
}

/** The verdict as a shape; colour only repeats it. Give it a word beside it, or `labelled` for readers. */
export function VerdictMark({ verdict, guessed = false, size = 18, labelled = false }: MarkProps) {
  const colour = colourOf(verdict, guessed);
  return (
    <svg
      width={size}
      height={(size * 10) / 18}
      viewBox={guessed ? '-1 -1 20 12' : '0 0 18 10'}
      fill={guessed ? 'none' : colour}
      stroke={guessed ? colour : undefined}
      strokeWidth={guessed ? 1.4 : undefined}
      strokeDasharray={guessed ? '2.2 1.3' : undefined}
      role={labelled ? 'img' : undefined}
      aria-label={labelled ? verdictText(verdict, guessed) : undefined}
      aria-hidden={labelled ? undefined : true}
      style={{ flex: 'none' }}
    >
      {shapes[verdict]}
    </svg>
  );
}
