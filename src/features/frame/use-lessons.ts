'use client';

import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import {
  type Lesson,
  type LessonAgain,
  lessonsAgain,
  lessonsOf,
  type LogFinding,
  logFindings,
} from '@/core/log';
import { useStorage } from '@/session';
import { useMachine } from './machine-context';

const NONE: readonly Lesson[] = [];

/** What was regretted or learnt in other machines of this browser, where the same is chosen in this one. */
export function useLessons(): readonly LessonAgain[] {
  const { project: newest } = useMachine();
  const project = useDeferredValue(newest);
  const storage = useStorage();
  const [lessons, setLessons] = useState(NONE);
  useEffect(() => {
    const watching = storage?.watchLogs((logs) => {
      const found = logs.flatMap(lessonsOf);
      // Most browsers hold none: then nothing is drawn anew.
      setLessons((before) => (found.length || before.length ? found : before));
    });
    return () => watching?.unsubscribe();
  }, [storage]);
  const { id, axes, brief, log } = project;
  return useMemo(
    () => lessonsAgain(project, lessons),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the slices that it reads, not the whole machine
    [id, axes, brief, log, lessons],
  );
}

/** The same as findings beside all others. */
export function useLogFindings(): readonly LogFinding[] {
  const again = useLessons();
  return useMemo(() => logFindings(again), [again]);
}
