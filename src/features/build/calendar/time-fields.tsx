'use client';

import type { OtherDay, WorkTime } from '@/core/model';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { DateLine } from '@/ui/date-line';
import { Fold } from '@/ui/fold';
import { NumberLine } from '@/ui/number-line';
import { TextLine } from '@/ui/text-line';
import styles from './calendar.module.css';
import { useCalendar } from './use-calendar';

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

/** A time of the day as people type it: `19`, `19:30`, `7:30 pm`; undefined: none. */
export function readTime(text: string): string | undefined {
  const found = /^\s*(\d{1,2})(?:[:.h](\d{2}))?\s*(am|pm)?\s*$/i.exec(text);
  if (!found) return undefined;
  const half = found[3]?.toLowerCase();
  const typed = Number(found[1]);
  if (half && (typed < 1 || typed > 12)) return undefined;
  const hour = half ? (typed % 12) + (half === 'pm' ? 12 : 0) : typed;
  const minute = Number(found[2] ?? 0);
  if (hour > 24 || minute > 59 || (hour === 24 && minute > 0)) return undefined;
  return `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
}

interface TimeProps {
  readonly label: string;
  readonly value: string;
  readonly optional?: boolean;
  readonly onTime: (time: string) => ReturnType<ReturnType<typeof useCalendar>['set']>;
}

/** A time of the day. */
function TimeLine({ label, value, optional = false, onTime }: TimeProps) {
  return (
    <TextLine
      label={label}
      value={value}
      maxLength={12}
      optional={optional}
      onText={(text) => {
        const time = text === '' && optional ? '' : readTime(text);
        if (time === undefined) return `${label}: read “${text}”; wanted a time such as 19:30 or 7:30 pm.`;
        return onTime(time);
      }}
    />
  );
}

const ordered = (from: string, to: string) =>
  from === '' || to === '' || from < to
    ? undefined
    : `From ${from} to ${to}: the end is before the beginning.`;

function WeekRow({ time }: { readonly time: WorkTime }) {
  const { setTime, dropTime } = useCalendar();
  const day = DAYS[time.day - 1]!;
  return (
    <li>
      <span>{day}</span>
      <TimeLine
        label={`${day} from`}
        value={time.from}
        onTime={(from) => ordered(from, time.to) ?? setTime(time, { from }, `${day} from ${from}`)}
      />
      <TimeLine
        label={`${day} to`}
        value={time.to}
        onTime={(to) => ordered(time.from, to) ?? setTime(time, { to }, `${day} to ${to}`)}
      />
      <Action label={`${day} from ${time.from}: no time`} onAct={() => dropTime(time)}>
        no time
      </Action>
    </li>
  );
}

function DayRow({ day }: { readonly day: OtherDay }) {
  const { setDay, dropDay } = useCalendar();
  return (
    <li>
      <span>{day.date}</span>
      <TimeLine
        label={`${day.date} from`}
        value={day.from}
        optional
        onTime={(from) => ordered(from, day.to) ?? setDay(day, { from }, `${day.date} from ${from}`)}
      />
      <TimeLine
        label={`${day.date} to`}
        value={day.to}
        optional
        onTime={(to) => ordered(day.from, to) ?? setDay(day, { to }, `${day.date} to ${to}`)}
      />
      <Action label={`${day.date}: as usual`} onAct={() => dropDay(day)}>
        as usual
      </Action>
    </li>
  );
}

/** When the builder works: the week, days that are otherwise, hands, the workshop. */
export function TimeFields() {
  const { project } = useMachine();
  const { calendar, workTimes, otherDays } = project;
  const { set, addTime, addDay } = useCalendar();
  const week = [...workTimes].sort((a, b) => a.day - b.day || a.from.localeCompare(b.from));
  const days = [...otherDays].sort((a, b) => a.date.localeCompare(b.date));
  return (
    <>
      <Choice
        label="Hands"
        value={calendar.hands}
        options={[
          ['one', 'one pair'],
          ['many', 'many: everything that can be'],
        ]}
        onPick={(hands) => set({ hands }, 'Hands')}
      />
      <label className={styles.field}>
        <span>Begins on</span>
        <DateLine label="Begins on" value={calendar.start} onDate={(start) => set({ start }, 'Begins on')} />
      </label>
      <label className={styles.field}>
        <span>Workshop, °C</span>
        <NumberLine
          label="Workshop, °C"
          value={calendar.workshop}
          least={-20}
          most={50}
          onNumber={(workshop) => (workshop === null ? undefined : set({ workshop }, 'Workshop'))}
        />
      </label>
      <Fold summary="The week">
        <ul className={styles.times}>
          {week.map((t) => (
            <WeekRow key={t.id} time={t} />
          ))}
        </ul>
        <Choice
          label="More time"
          value={0}
          options={[[0, 'pick a day'], ...DAYS.map((d, i) => [i + 1, d] as const)]}
          onPick={(day) => (day ? addTime(day) : undefined)}
        />
      </Fold>
      <Fold summary={`Days that are otherwise (${days.length})`}>
        <p>Nothing typed: nothing is done that day.</p>
        <ul className={styles.times}>
          {days.map((d) => (
            <DayRow key={d.id} day={d} />
          ))}
        </ul>
        <label className={styles.field}>
          <span>Another day</span>
          <DateLine
            label="A day that is otherwise"
            value={null}
            onDate={(d) => (d ? addDay(d) : undefined)}
          />
        </label>
      </Fold>
    </>
  );
}
