'use client';

import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import { formulaById } from '@/core/handbook';
import { formulaHref } from '@/ui/formula-href';
import { guideHref } from '@/ui/guide-href';
import { Explained } from '@/ui/explained';
import { type Guide, guideById, guideChapters, guides } from '@/words';
import styles from './handbook.module.css';

/** Formulas that a guide works with, each with its example. */
function Works({ ids }: { ids: readonly string[] }) {
  if (!ids.length) return null;
  return (
    <section aria-labelledby="works-title">
      <h2 id="works-title">Works with</h2>
      <ul className={styles.list}>
        {ids.map((id) => (
          <li key={id}>
            <Link href={formulaHref(id)} prefetch={false}>
              <b>{formulaById(id)?.title}</b>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The guides beside this one in its chapter. */
function Beside({ guide }: { guide: Guide }) {
  const chapter = guides.filter((g) => g.chapter === guide.chapter);
  const at = chapter.indexOf(guide);
  const [before, after] = [chapter[at - 1], chapter[at + 1]];
  return (
    <nav className={styles.turn} aria-label="Beside it in the chapter">
      {before && (
        <Link href={guideHref(before.id)} prefetch={false}>
          ← {before.title}
        </Link>
      )}
      {after && (
        <Link href={guideHref(after.id)} prefetch={false}>
          {after.title} →
        </Link>
      )}
    </nav>
  );
}

/** How something is done: what it answers, the way, cautions, formulas, source and limits. */
export function GuidePage({ id }: { id: string }) {
  const guide = guideById(id);
  if (!guide)
    return (
      <main className={styles.page}>
        <h1>No such page of the handbook</h1>
        <p>
          <Link href="/handbook">To the handbook</Link>
        </p>
      </main>
    );
  return (
    <main className={styles.page}>
      <header className={styles.head}>
        <p className={styles.crumb}>
          <Link href="/handbook">Handbook</Link> · {guideChapters[guide.chapter]}
        </p>
        <h1>{guide.title}</h1>
        <p>
          <Explained>{guide.answers}</Explained>
        </p>
      </header>
      {guide.cautions.length > 0 && (
        <ul className={styles.cautions} aria-label="Cautions">
          {guide.cautions.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </ul>
      )}
      <ol className={styles.how}>
        {guide.how.map((step) => (
          <li key={step}>
            <Explained>{step}</Explained>
          </li>
        ))}
      </ol>
      <dl className={styles.notes}>
        <dt>Source</dt>
        <dd>{guide.source}</dd>
        <dt>Range of use</dt>
        <dd>{guide.limits}</dd>
      </dl>
      <Works ids={guide.formulas} />
      <Beside guide={guide} />
    </main>
  );
}

/** The guide that the address names. */
export function PickedGuide() {
  const id = useSearchParams().get('g') ?? '';
  const title = guideById(id)?.title;
  useEffect(() => {
    if (title) document.title = `${title} · Rugged Carriage`;
  }, [title]);
  return <GuidePage id={id} />;
}
