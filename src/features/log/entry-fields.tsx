'use client';

import CameraIcon from '@mui/icons-material/PhotoCameraOutlined';
import InputBase from '@mui/material/InputBase';
import { useRef } from 'react';
import { choicesOf } from '@/core/log';
import { capsAt, type LogEntry, logKinds } from '@/core/model';
import { KeptPhoto, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { NumberLine } from '@/ui/number-line';
import { type Refused, useRefusal } from '@/ui/refusal';
import { TextArea } from '@/ui/text-area';
import { TextLine } from '@/ui/text-line';
import { choiceText, logKindNames } from '@/words';
import styles from './log.module.css';
import type { EntryChange, LogActs } from './use-log';
import { fromLocal, toLocal } from './when';

interface EntryProps {
  readonly entry: LogEntry;
  readonly acts: LogActs;
  /** Lines of the list of parts: key and name. */
  readonly parts: readonly (readonly [string, string])[];
}

const NO_PART = ['', 'no part'] as const;

/** When it happened, on the reader’s own clock. */
function WhenField({ entry, acts }: Pick<EntryProps, 'entry' | 'acts'>) {
  const refusal = useRefusal();
  return (
    <>
      <InputBase
        type="datetime-local"
        value={toLocal(entry.at)}
        slotProps={{ input: { 'aria-label': 'When', 'aria-describedby': refusal.id } }}
        onChange={(e) =>
          refusal.attempt(() => {
            const at = fromLocal(e.target.value);
            return at ? acts.change(entry.id, { at }) : 'When: wanted a day and a time.';
          })
        }
      />
      {refusal.note}
    </>
  );
}

/** A regret or lesson may speak of one choice of the plan: then it comes back where that is chosen again. */
function AboutChoice({ entry, acts }: Pick<EntryProps, 'entry' | 'acts'>) {
  const { project } = useMachine();
  const own = choicesOf(project).filter((c) => c.axis === entry.axis);
  const said = entry.choice && JSON.stringify(entry.choice);
  const options = own.map(
    ({ code, value }) => [JSON.stringify({ code, value }), choiceText({ code, value })] as const,
  );
  // What was chosen then stays, though the plan has changed since.
  const kept =
    entry.choice && !options.some(([v]) => v === said)
      ? [[said!, `${choiceText(entry.choice)} (then)`] as const]
      : [];
  return (
    <Choice
      label="About the choice"
      value={said ?? ''}
      options={[['', 'none in particular'], ...options, ...kept]}
      onPick={(v) => acts.change(entry.id, { choice: v ? (JSON.parse(v) as LogEntry['choice']) : null })}
    />
  );
}

function EntryPhotos({ entry, acts }: Pick<EntryProps, 'entry' | 'acts'>) {
  const input = useRef<HTMLInputElement>(null);
  const refusal = useRefusal();
  const name = entry.title || 'this entry';
  return (
    <>
      <Action icon={<CameraIcon />} onAct={() => input.current?.click()}>
        Photo
      </Action>
      <input
        ref={input}
        type="file"
        accept="image/*"
        hidden
        aria-label="Photo file"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) void acts.addPhoto(entry, file).then((why) => refusal.attempt(() => why));
        }}
      />
      {refusal.note}
      <ul className={styles.photos} aria-label={`Photos of ${name}`}>
        {entry.photos.map((hash, i) => (
          <KeptPhoto
            key={hash}
            hash={hash}
            label={`photo ${i + 1} of ${name}`}
            onDrop={() => acts.dropPhoto(entry, hash)}
          />
        ))}
      </ul>
    </>
  );
}

/** What it took, in hours and money. */
function Figures({
  entry,
  change,
}: {
  readonly entry: LogEntry;
  readonly change: (c: EntryChange) => Refused;
}) {
  return (
    <dl className={styles.figures}>
      <dt>Hours</dt>
      <dd>
        <NumberLine
          label="Hours"
          value={entry.hours}
          most={10_000}
          optional
          placeholder="–"
          onNumber={(hours) => change({ hours })}
        />
      </dd>
      <dt>Money</dt>
      <dd>
        <NumberLine
          label="Money"
          value={entry.money}
          most={1e7}
          optional
          placeholder="–"
          onNumber={(money) => change({ money })}
        />
      </dd>
    </dl>
  );
}

/** One entry of the builder’s own, to be written. */
export function EntryFields({ entry, acts, parts }: EntryProps) {
  const { project } = useMachine();
  const change = (c: EntryChange) => acts.change(entry.id, c);
  const isLesson = entry.kind === 'regret' || entry.kind === 'lesson';
  const axes = project.axes.map((a) => [a.id, a.name] as const);
  const known = parts.some(([key]) => key === entry.part) || entry.part === '';
  return (
    <section className={styles.entry} aria-label="Entry">
      <TextLine
        label="In a few words"
        value={entry.title}
        placeholder="in a few words"
        maxLength={capsAt('log.0.title')!.max}
        optional
        onText={(title) => change({ title })}
      />
      <div className={styles.about}>
        <TextArea
          key={entry.id}
          label="What happened"
          placeholder="What happened, what was learnt"
          value={entry.note}
          maxLength={capsAt('log.0.note')!.max}
          onText={(text) => acts.write(entry.id, text)}
        />
      </div>
      <div className={styles.row}>
        <Choice
          label="Kind"
          value={entry.kind}
          options={logKinds.map((k) => [k, logKindNames[k]] as const)}
          onPick={(kind) =>
            change({ kind, choice: kind === 'regret' || kind === 'lesson' ? entry.choice : null })
          }
        />
        <WhenField {...{ entry, acts }} />
      </div>
      <div className={styles.row}>
        <Choice
          label="Axis"
          value={entry.axis}
          options={[['', 'whole machine'], ...axes]}
          onPick={(axis) => change({ axis })}
        />
        <Choice
          label="Part"
          value={entry.part}
          options={[NO_PART, ...parts, ...(known ? [] : [[entry.part, 'a part that is gone'] as const])]}
          onPick={(part) => change({ part })}
        />
      </div>
      {isLesson && <AboutChoice {...{ entry, acts }} />}
      <Figures {...{ entry, change }} />
      <EntryPhotos {...{ entry, acts }} />
      <Action onAct={() => acts.remove(entry)}>Remove this entry</Action>
    </section>
  );
}
