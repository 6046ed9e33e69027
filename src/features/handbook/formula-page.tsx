'use client';

import Link from 'next/link';
import { chapters, formulaById } from '@/core/handbook';
import { texOf } from '@/core/worksheet';
import { citationWords } from '@/ui/citation';
import { formulaHref } from '@/ui/formula-href';
import { Tex } from '@/ui/tex';
import { Example } from './example';
import styles from './handbook.module.css';

/** One formula: expression, symbols, source, range, and an example whose figures can be typed over. */
export function FormulaPage({ id }: { id: string }) {
  const formula = formulaById(id);
  if (!formula)
    return (
      <main className={styles.page}>
        <h1>No such formula</h1>
        <p>
          <Link href="/handbook">To the handbook</Link>
        </p>
      </main>
    );
  const chapter = chapters.find((c) => c.formulas.includes(formula))!;
  const at = chapter.formulas.indexOf(formula);
  const [before, after] = [chapter.formulas[at - 1], chapter.formulas[at + 1]];
  return (
    <main className={styles.page}>
      <header className={styles.head}>
        <p className={styles.crumb}>
          <Link href="/handbook">Handbook</Link> · {chapter.title}
        </p>
        <h1>{formula.title}</h1>
      </header>
      <Tex className={styles.tex} label="Formula" tex={texOf(formula)} />
      <Example key={id} formula={formula} />
      <dl className={styles.notes}>
        <dt>Gives</dt>
        <dd>{formula.result.meaning}</dd>
        <dt>Source</dt>
        <dd>
          {citationWords[formula.citation.basis]}. {formula.citation.text}.
        </dd>
        <dt>Range of use</dt>
        <dd>{formula.range}</dd>
      </dl>
      <nav className={styles.turn} aria-label="Beside it in the chapter">
        {before && (
          <Link href={formulaHref(before.id)} prefetch={false}>
            ← {before.title}
          </Link>
        )}
        {after && (
          <Link href={formulaHref(after.id)} prefetch={false}>
            {after.title} →
          </Link>
        )}
      </nav>
    </main>
  );
}
