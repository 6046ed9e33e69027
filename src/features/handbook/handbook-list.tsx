'use client';

import InputBase from '@mui/material/InputBase';
import Link from 'next/link';
import { useDeferredValue, useState } from 'react';
import { chapters, formulas, searchFormulas } from '@/core/handbook';
import { texOf } from '@/core/worksheet';
import { formulaHref } from '@/ui/formula-href';
import { TexSymbol } from '@/ui/tex';
import { guides, searchGuides, searchTerms } from '@/words';
import { GuideList } from './guide-list';
import styles from './handbook.module.css';
import { WordList } from './word-list';

/** All formulas by chapter, with a search over titles, symbols, sources and ranges. */
export function HandbookList() {
  const [search, setSearch] = useState('');
  const found = new Set(searchFormulas(useDeferredValue(search)).map((f) => f.id));
  const told = searchGuides(useDeferredValue(search));
  return (
    <main className={styles.page}>
      <header className={styles.head}>
        <p className={styles.crumb}>
          <Link href="/">All machines</Link>
        </p>
        <h1>Handbook</h1>
        <p>
          Every formula that stands behind a number: {formulas.length} of them, each with its symbols, source,
          range of use and an example to play with; and {guides.length} pages on how a thing is done. It
          advises; it certifies nothing.
        </p>
        <label className={styles.search}>
          Search{' '}
          <InputBase
            type="search"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
            placeholder="whip, backlash, ISO 606 …"
            autoComplete="off"
          />
        </label>
        <p role="status" className={styles.count}>
          {search.trim() ? `${found.size + told.length} found` : ''}
        </p>
      </header>
      {found.size + told.length === 0 && !searchTerms(search).length && (
        <p className={styles.none}>
          Nothing has “{search}” in its title, symbols, source or range. Try one word of the trade: lead,
          mesh, pull-out, span.
        </p>
      )}
      <WordList search={search} />
      <GuideList guides={told} />
      {chapters.map((chapter) => {
        const shown = chapter.formulas.filter((f) => found.has(f.id));
        return shown.length === 0 ? null : (
          <section key={chapter.id} aria-labelledby={`chapter-${chapter.id}`}>
            <h2 id={`chapter-${chapter.id}`}>{chapter.title}</h2>
            <ul className={styles.list}>
              {shown.map((f) => (
                <li key={f.id}>
                  <Link href={formulaHref(f.id)} prefetch={false}>
                    <b>{f.title}</b>
                    <span aria-hidden="true">
                      <TexSymbol tex={texOf(f).length < 90 ? texOf(f) : f.result.tex} />
                    </span>
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
    </main>
  );
}
