'use client';

import { lessonsOf } from '@/core/log';
import { machineHref, useLessons, useMachine } from '@/features/frame';
import { TitleBlock } from '@/ui/title-block';
import { choiceText } from '@/words';
import Link from 'next/link';
import styles from './log.module.css';
import { dayOf } from './when';

/** What was learnt here, and what other machines of this browser have to say of the choices of this one. */
export function LessonsView() {
  const { project } = useMachine();
  const again = useLessons();
  const own = lessonsOf(project);
  const axisName = (id: string) => project.axes.find((a) => a.id === id)?.name ?? id;
  return (
    <>
      <div className={`${styles.middle} ${styles.wide} ${styles.scrolls}`}>
        <h2 className={styles.heading}>
          Chosen here again <small>out of the logs of the other machines in this browser</small>
        </h2>
        {!again.length && <p>No other machine’s log speaks of a choice that is made here.</p>}
        <ul className={styles.lessons}>
          {again.map(({ lesson: { machine, machineName, entry }, axes }) => (
            <li key={entry.id} data-kind={entry.kind}>
              <b>{entry.kind === 'regret' ? 'Regretted' : 'Good'}</b> {choiceText(entry.choice!)}
              {axes.length > 0 && <small> here on {axes.map(axisName).join(', ')}</small>}
              <span className={styles.note}>{[entry.title, entry.note].filter(Boolean).join('\n')}</span>
              <small>
                <Link href={machineHref('log', machine)}>{machineName}</Link>, {dayOf(entry.at)}
              </small>
            </li>
          ))}
        </ul>
        <h2 className={styles.heading}>
          Learnt on this machine <small>comes back where another machine chooses the same</small>
        </h2>
        {!own.length && (
          <p>
            Nothing yet: write a regret or a lesson on the time line and say which choice it is about. It then
            stands among the findings of every machine here that chooses the same.
          </p>
        )}
        <ul className={styles.lessons}>
          {own.map(({ entry }) => (
            <li key={entry.id} data-kind={entry.kind}>
              <b>{entry.kind === 'regret' ? 'Regretted' : 'Good'}</b> {choiceText(entry.choice!)}
              <span className={styles.note}>{[entry.title, entry.note].filter(Boolean).join('\n')}</span>
              <small>{dayOf(entry.at)}</small>
            </li>
          ))}
        </ul>
      </div>
      <section className={styles.right} aria-label="Lessons">
        <p>
          A regret is a finding, thin at most: it says what you wrote, no figure of the plan speaks of it.
        </p>
        <TitleBlock
          cells={[
            { label: 'Sheet', value: 'Lessons' },
            { label: 'Again', value: String(again.length) },
            { label: 'Own', value: String(own.length) },
          ]}
        />
      </section>
    </>
  );
}
