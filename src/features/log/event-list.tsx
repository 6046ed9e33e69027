'use client';

import Link from 'next/link';
import { useState } from 'react';
import type { LogEvent } from '@/core/log';
import type { Project } from '@/core/model';
import { KeptPhoto } from '@/features/frame';
import { Action } from '@/ui/action';
import { Fold } from '@/ui/fold';
import { eventFacts, eventNames } from '@/words';
import styles from './log.module.css';
import { PlanChanges } from './plan-changes';
import { placeOf } from './place';
import { dayOf, timeOf } from './when';

/** So many of one kind on one day are told one by one; more are folded. */
const MOST_APART = 4;
/** So many events are shown before somebody asks for more. */
const PAGE = 200;

export interface EventWords {
  readonly project: Project;
  readonly title: (event: LogEvent) => string;
  /** The entry that is open to be written; null: none. */
  readonly open: string | null;
  readonly onOpen: (entry: string) => void;
}

function Line({ event, words }: { readonly event: LogEvent; readonly words: EventWords }) {
  const { entry, at, text, photos, axis, kind } = event;
  const title = words.title(event);
  const href = placeOf(event, words.project.id);
  const facts = eventFacts(event);
  const axisName = words.project.axes.find((a) => a.id === axis)?.name;
  const own = entry !== null;
  // What names itself is not told twice.
  const told = text.startsWith(title) ? text.slice(title.length).trim() : text;
  const note = own ? entry.note : told;
  return (
    <li className={own && words.open === entry.id ? styles.open : undefined} data-kind={kind}>
      <span className={styles.time}>{timeOf(at)}</span>
      <span className={styles.what}>
        {href ? (
          <Link href={href}>{title}</Link>
        ) : (
          <>
            <Action onAct={() => words.onOpen(entry!.id)} className={styles.title} label={`Write: ${title}`}>
              {title}
            </Action>
            <b className={styles.onPaper} aria-hidden="true">
              {title}
            </b>
          </>
        )}{' '}
        <small>{[eventNames[kind], own && axisName, ...facts].filter(Boolean).join(' · ')}</small>
        {note && <span className={styles.note}>{note}</span>}
        {kind === 'plan' && <PlanChanges of={event.of} />}
        {own && photos.length > 0 && (
          <ul className={styles.photos} aria-label={`Photos: ${title}`}>
            {photos.map((hash, i) => (
              <KeptPhoto key={hash} hash={hash} label={`photo ${i + 1} of ${title}`} />
            ))}
          </ul>
        )}
      </span>
    </li>
  );
}

/** Events of one day; many of one kind behind a fold, so that a day of proof hides no other. */
function Day({ events, words }: { readonly events: readonly LogEvent[]; readonly words: EventWords }) {
  const kinds = [...new Set(events.map((e) => e.kind))];
  return (
    <>
      <h3 className={styles.day}>{dayOf(events[0]!.at)}</h3>
      {kinds.map((kind) => {
        const own = events.filter((e) => e.kind === kind);
        const list = (
          <ul className={styles.events}>
            {own.map((event) => (
              <Line key={event.id} {...{ event, words }} />
            ))}
          </ul>
        );
        if (own.length <= MOST_APART || own.some((e) => e.entry)) return <div key={kind}>{list}</div>;
        return (
          <Fold key={kind} level="h4" summary={`${eventNames[kind]}: ${own.length}`}>
            {list}
          </Fold>
        );
      })}
    </>
  );
}

/** Events by their days, the newest first. */
export function EventList({
  events,
  words,
}: {
  readonly events: readonly LogEvent[];
  readonly words: EventWords;
}) {
  const [shown, setShown] = useState(PAGE);
  const days = new Map<string, LogEvent[]>();
  for (const event of events.slice(0, shown)) {
    const day = dayOf(event.at);
    days.set(day, [...(days.get(day) ?? []), event]);
  }
  return (
    <>
      {[...days].map(([day, list]) => (
        <Day key={day} events={list} words={words} />
      ))}
      {events.length > shown && (
        <Action
          onAct={() => {
            setShown(shown + PAGE);
            return undefined;
          }}
        >
          {`Show ${Math.min(PAGE, events.length - shown)} older of ${events.length - shown}`}
        </Action>
      )}
    </>
  );
}
