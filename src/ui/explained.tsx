'use client';

import { Fragment, memo, useMemo } from 'react';
import { markTerms } from '@/words';
import styles from './explained.module.css';
import { Hint } from './hint';

/** A text whose words of the trade say what they mean when they are pointed at, focused or tapped. */
export const Explained = memo(function Explained({ children }: { readonly children: string }) {
  const marked = useMemo(() => markTerms(children), [children]);
  return marked.map(({ text, term }, i) =>
    term ? (
      <Hint key={i} text={term.means} tap>
        <dfn className={styles.term} tabIndex={0}>
          {text}
        </dfn>
      </Hint>
    ) : (
      <Fragment key={i}>{text}</Fragment>
    ),
  );
});
