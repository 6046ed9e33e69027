'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { fileName } from '@/core/formats';
import { type EventFilter, filtered, type LogEvent, sumsOf } from '@/core/log';
import { type LogKind, logKinds } from '@/core/model';
import { downloadText, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { TitleBlock } from '@/ui/title-block';
import { useRefusal } from '@/ui/refusal';
import { eventNames, logKindNames } from '@/words';
import { EntryFields } from './entry-fields';
import { EventList, type EventWords } from './event-list';
import { LogFilters } from './log-filters';
import { BundleAction } from './bundle-action';
import styles from './log.module.css';
import { logCsv } from './log-csv';
import { dayOf } from './when';
import { useEvents } from './use-events';
import { useLog } from './use-log';

const TimeChart = dynamic(() => import('./time-chart').then((m) => m.TimeChart), { ssr: false });

const amount = (n: number) => String(Math.round(n * 100) / 100);

interface SideProps {
  readonly shown: readonly LogEvent[];
  readonly known: ReturnType<typeof useEvents>;
  readonly open: string | null;
  readonly onBegun: (entry: string) => void;
}

/** The entry that is written, what else can be begun, and what the events shown come to. */
function WriteSide({ shown, known, open, onBegun }: SideProps) {
  const { project } = useMachine();
  const acts = useLog();
  const refusal = useRefusal();
  const sums = sumsOf(shown);
  const entry = project.log.find((e) => e.id === open);
  const begin = (kind: LogKind) =>
    refusal.attempt(() => {
      const made = acts.add(kind);
      if ('refused' in made) return made.refused;
      onBegun(made.id);
      return undefined;
    });
  const csv = () => {
    downloadText(fileName(`${project.name} log`, 'csv'), logCsv(project, shown, known), 'text/csv');
    return undefined;
  };
  return (
    <section className={styles.right} aria-label="Write">
      <h2 className={styles.heading}>{entry ? `Entry of ${dayOf(entry.at)}` : 'Write down'}</h2>
      {entry && <EntryFields {...{ entry, acts }} parts={known.parts} />}
      <ul className={styles.kinds} aria-label="New entry">
        {logKinds.map((kind) => (
          <li key={kind}>
            <Action onAct={() => begin(kind)} label={`New entry: ${logKindNames[kind].toLowerCase()}`}>
              {`+ ${logKindNames[kind]}`}
            </Action>
          </li>
        ))}
      </ul>
      {refusal.note}
      <div className={styles.row}>
        {shown.length > 0 && <Action onAct={csv}>Log as CSV</Action>}
        <BundleAction />
      </div>
      <TitleBlock
        cells={[
          { label: 'Sheet', value: 'Log' },
          { label: 'Events', value: String(shown.length) },
          { label: 'Hours', value: amount(sums.hours) },
          { label: 'Money', value: amount(sums.money) },
          { label: 'Readings', value: String(sums.readings) },
          { label: 'Photos', value: String(sums.photos) },
        ]}
      />
    </section>
  );
}

/** Everything that happened to the machine, and what is written to it. */
export function LogView() {
  const { project } = useMachine();
  const known = useEvents();
  const { events, title, parts } = known;
  const [filter, setFilter] = useState<EventFilter>({});
  const [open, setOpen] = useState<string | null>(null);
  const shown = filtered(events, filter, (e) => `${title(e)} ${eventNames[e.kind]} ${e.text}`);
  const named = new Set(events.map((e) => e.part));
  const words: EventWords = { project, title, open, onOpen: setOpen };
  const count = shown.length === events.length ? events.length : `${shown.length} of ${events.length}`;
  return (
    <>
      <LogFilters
        {...{ events, filter }}
        onFilter={setFilter}
        parts={parts.filter(([key]) => named.has(key))}
      />
      <div className={`${styles.middle} ${styles.scrolls}`}>
        <h2 className={styles.heading}>
          What happened <small>{count} events</small>
        </h2>
        <TimeChart events={shown} />
        {!events.length && (
          <p>
            Nothing yet. What you order, put together, read and try dates itself here; the rest you write:
            hours, money, a part that gave out, what you would do otherwise.
          </p>
        )}
        {events.length > 0 && !shown.length && <p>Nothing of this kind, or with these words.</p>}
        <EventList events={shown} words={words} />
      </div>
      <WriteSide
        {...{ shown, known, open }}
        onBegun={(entry) => {
          setFilter({});
          setOpen(entry);
        }}
      />
    </>
  );
}
