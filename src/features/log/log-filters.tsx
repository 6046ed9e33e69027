'use client';

import InputBase from '@mui/material/InputBase';
import type { EventFilter, EventKind, LogEvent } from '@/core/log';
import { eventKinds } from '@/core/log';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { eventNames } from '@/words';
import styles from './log.module.css';

interface FilterProps {
  readonly events: readonly LogEvent[];
  readonly filter: EventFilter;
  readonly onFilter: (filter: EventFilter) => void;
  /** Parts that events name: key and name. */
  readonly parts: readonly (readonly [string, string])[];
}

/** What of the time line is shown: words, axis, part, kinds. */
export function LogFilters({ events, filter, onFilter, parts }: FilterProps) {
  const { project } = useMachine();
  const counts = new Map<EventKind, number>();
  for (const e of events) counts.set(e.kind, (counts.get(e.kind) ?? 0) + 1);
  const picked = filter.kinds ?? new Set<EventKind>();
  const toggle = (kind: EventKind) => {
    const kinds = new Set(picked);
    if (!kinds.delete(kind)) kinds.add(kind);
    onFilter({ ...filter, kinds });
    return undefined;
  };
  const asked = picked.size || filter.axis || filter.part || filter.words;
  return (
    <section className={styles.filters} aria-label="Shown">
      <InputBase
        className={styles.search ?? ''}
        placeholder="look for"
        value={filter.words ?? ''}
        slotProps={{ input: { 'aria-label': 'Look for words', type: 'search' } }}
        onChange={(e) => onFilter({ ...filter, words: e.target.value })}
      />
      <Choice
        label="Axis"
        value={filter.axis ?? ''}
        options={[['', 'every axis'], ...project.axes.map((a) => [a.id, a.name] as const)]}
        onPick={(axis) => onFilter({ ...filter, axis })}
      />
      {parts.length > 0 && (
        <Choice
          label="Part"
          value={filter.part ?? ''}
          options={[['', 'every part'], ...parts]}
          onPick={(part) => onFilter({ ...filter, part })}
        />
      )}
      <ul className={styles.kinds} aria-label="Kinds">
        {eventKinds
          .filter((k) => counts.has(k))
          .map((kind) => (
            <li key={kind}>
              <Action pressed={picked.has(kind)} onAct={() => toggle(kind)}>
                {`${eventNames[kind]} · ${counts.get(kind)}`}
              </Action>
            </li>
          ))}
      </ul>
      {asked ? (
        <Action
          onAct={() => {
            onFilter({});
            return undefined;
          }}
        >
          Show all
        </Action>
      ) : null}
    </section>
  );
}
