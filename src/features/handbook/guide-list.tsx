'use client';

import Link from 'next/link';
import { guideHref } from '@/ui/guide-href';
import { type Guide, type GuideChapter, guideChapters } from '@/words';
import styles from './handbook.module.css';

/** Guides by chapter, those that a search found. */
export function GuideList({ guides }: { guides: readonly Guide[] }) {
  return (Object.keys(guideChapters) as GuideChapter[]).map((chapter) => {
    const shown = guides.filter((g) => g.chapter === chapter);
    return shown.length === 0 ? null : (
      <section key={chapter} aria-labelledby={`guides-${chapter}`}>
        <h2 id={`guides-${chapter}`}>{guideChapters[chapter]}</h2>
        <ul className={styles.list} data-plain="">
          {shown.map((g) => (
            <li key={g.id}>
              <Link href={guideHref(g.id)} prefetch={false}>
                <b>{g.title}</b>
                <span>{g.answers}</span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
    );
  });
}
