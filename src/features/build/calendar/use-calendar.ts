import { entriesOf } from '@/core/build';
import { type CalendarSaid, type OtherDay, put, type WorkTime } from '@/core/model';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';

/** What the builder says of his time, each one step of undo. */
export function useCalendar() {
  const { project, editor } = useMachine();
  const { workTimes, otherDays, calendar } = project;
  const times = (next: readonly WorkTime[], label: string) =>
    editor.apply([put('workTimes', [...next])], label);
  const days = (next: readonly OtherDay[], label: string) =>
    editor.apply([put('otherDays', [...next])], label);
  return {
    set: (change: Partial<CalendarSaid>, label: string) =>
      editor.apply([put('calendar', { ...calendar, ...change })], label),
    setTime: (time: WorkTime, change: Partial<WorkTime>, label: string) =>
      times(
        workTimes.map((t) => (t === time ? { ...t, ...change } : t)),
        label,
      ),
    addTime: (day: number) =>
      times([...workTimes, { id: freshId(), day, from: '19:00', to: '21:00' }], 'New time'),
    dropTime: (time: WorkTime) =>
      times(
        workTimes.filter((t) => t !== time),
        'Time gone',
      ),
    addDay: (date: string) =>
      days([...otherDays, { id: freshId(), date, from: '', to: '' }], `Other day: ${date}`),
    setDay: (day: OtherDay, change: Partial<OtherDay>, label: string) =>
      days(
        otherDays.map((d) => (d === day ? { ...d, ...change } : d)),
        label,
      ),
    dropDay: (day: OtherDay) =>
      days(
        otherDays.filter((d) => d !== day),
        `As usual: ${day.date}`,
      ),
    /** For a calendar file; what is handed out is kept, so that the next one tells what has moved. */
    handOut: (plan: Parameters<typeof entriesOf>[0]) => {
      const { entries, sent } = entriesOf(plan, project.sentEntries, freshId);
      return { entries, keep: () => editor.apply([put('sentEntries', [...sent])], 'Calendar handed out') };
    },
  };
}
