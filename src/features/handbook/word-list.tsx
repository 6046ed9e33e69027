'use client';

import { searchTerms } from '@/words';
import styles from './handbook.module.css';

/** Words of the trade and of ours that a search finds. */
export function WordList({ search }: { search: string }) {
  const terms = searchTerms(search);
  if (!terms.length) return null;
  return (
    <section aria-labelledby="words-title">
      <h2 id="words-title">Words</h2>
      <dl className={styles.words}>
        {terms.map(({ word, means, ours }) => (
          <div key={word}>
            <dt>
              {word} {ours && <small>ours</small>}
            </dt>
            <dd>{means}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
