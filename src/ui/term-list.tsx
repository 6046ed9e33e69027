import type { Term } from '@/words';

interface ListProps {
  readonly terms: readonly Term[];
  readonly className: string | undefined;
}

/** Words with what is meant by each; those that are ours are marked. */
export const TermList = ({ terms, className }: ListProps) => (
  <dl className={className}>
    {terms.map(({ word, means, ours }) => (
      <div key={word}>
        <dt>
          {word} {ours && <small>ours</small>}
        </dt>
        <dd>{means}</dd>
      </div>
    ))}
  </dl>
);
