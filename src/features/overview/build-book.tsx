'use client';

import { useRef, useState } from 'react';
import { fileName } from '@/core/formats';
import type { Book } from '@/core/print';
import { downloadData, downloadText, todayIso, useMachine } from '@/features/frame';
import { localZone } from '@/workers';
import { Action } from '@/ui/action';
import { Progress } from '@/ui/progress';
import styles from './overview.module.css';

type Format = 'pdf' | 'md';
/** All of the machine, or where somebody can be hurt. */
type Of = 'book' | 'cautions';

const titles: Readonly<Record<Of, string>> = { book: 'build book', cautions: 'cautions' };

/** Where the making stands; null: nothing is being made. */
interface Making {
  readonly chapter: string;
  readonly done: number;
}

const breathe = () => new Promise<void>((then) => setTimeout(then));

/** Makes the book chapter by chapter, so that the page lives meanwhile. */
function useBook() {
  const { project } = useMachine();
  const [making, setMaking] = useState<Making | null>(null);
  const [failed, setFailed] = useState(false);
  const stopped = useRef(false);
  const made = async (of: Of): Promise<Book | null> => {
    const { bookSteps, cautionsBook } = await import('@/drawings');
    const time = { today: todayIso(), zone: localZone };
    if (of === 'cautions') return cautionsBook(project, time);
    const steps = bookSteps(project, time);
    for (let done = 1; ; done++) {
      const step = steps.next();
      if (step.done) return step.value;
      setMaking({ chapter: step.value, done });
      await breathe();
      if (stopped.current) return null;
    }
  };
  const hand = async (book: Book, of: Of, as: Format) => {
    const name = `${book.title} ${titles[of]}`;
    if (as === 'md') {
      const { bookMarkdown } = await import('@/drawings');
      return downloadText(fileName(name, 'md'), bookMarkdown(book), 'text/markdown');
    }
    const [{ bookPdf, papers }, { bookFaces }] = await Promise.all([
      import('@/core/print'),
      import('./book-faces'),
    ]);
    const paper = project.units === 'metric' ? papers.a4 : papers.letter;
    const pdf = bookPdf(book, { paper, faces: await bookFaces(), made: new Date() });
    return downloadData(fileName(name, 'pdf'), pdf, 'application/pdf');
  };
  const make = async (of: Of, as: Format) => {
    stopped.current = false;
    setFailed(false);
    setMaking({ chapter: 'Working it out', done: 0 });
    try {
      await breathe();
      const book = await made(of);
      if (book) await hand(book, of, as);
    } catch {
      setFailed(true);
    } finally {
      setMaking(null);
    }
  };
  const stop = () => {
    stopped.current = true;
  };
  return { make, making, failed, stop };
}

/** The machine as one document, to keep and to print. */
export function BuildBook({ steps }: { steps: number }) {
  const { make, making, failed, stop } = useBook();
  return (
    <section className={`${styles.book} no-print`} aria-label="Build book">
      <h2>Build book</h2>
      {making ? (
        <Progress label={`Build book: ${making.chapter}`} done={making.done} of={steps}>
          {making.chapter} <Action onAct={stop}>Stop</Action>
        </Progress>
      ) : (
        <p>
          All of it in one document, brief to log, with contents:{' '}
          <Action onAct={() => void make('book', 'pdf')} label="Build book as PDF">
            PDF
          </Action>{' '}
          <Action onAct={() => void make('book', 'md')} label="Build book as Markdown">
            Markdown
          </Action>
          <br />
          Every caution with its step, to hang up in the shop:{' '}
          <Action onAct={() => void make('cautions', 'pdf')} label="Cautions as PDF">
            PDF
          </Action>{' '}
          <Action onAct={() => void make('cautions', 'md')} label="Cautions as Markdown">
            Markdown
          </Action>
        </p>
      )}
      {failed && <p role="alert">The book could not be written. Try once more.</p>}
    </section>
  );
}
