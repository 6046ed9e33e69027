'use client';

import { TermList } from '@/ui/term-list';
import { searchTerms } from '@/words';
import styles from './handbook.module.css';

/** Words of the trade and of ours that a search finds. */
export function WordList({ search }: { search: string }) {
  const terms = searchTerms(search);
  if (!terms.length) return null;
  return (
    <section aria-labelledby="words-title">
      <h2 id="words-title">Words</h2>
      <TermList terms={terms} className={styles.words} />
    </section>
  );
}
