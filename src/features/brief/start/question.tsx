import { type ReactNode, useId } from 'react';
import styles from './start.module.css';

interface QuestionProps {
  readonly number: number;
  readonly title: string;
  /** The answer in short, as it is or as it is taken. */
  readonly answer: string;
  /** Whether nobody said it. */
  readonly open?: boolean;
  readonly children: ReactNode;
}

/** One question of the start with its answer drawn. */
export function Question({ number, title, answer, open = false, children }: QuestionProps) {
  const id = useId();
  return (
    <section className={styles.question} aria-labelledby={id}>
      <header>
        <h2 id={id}>
          <span aria-hidden>{number}</span> {title}
        </h2>
        <b data-open={open || undefined}>
          {answer}
          {open && <small> taken for you</small>}
        </b>
      </header>
      {children}
    </section>
  );
}
