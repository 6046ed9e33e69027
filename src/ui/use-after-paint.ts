import { startTransition, useEffect, useState } from 'react';

type Act = () => void;

/** A page out of sight paints nothing: there the value follows all the same, ms. */
const UNSEEN = 200;

/** What waits for the next frame, of which a page has one; a frame that has begun takes no more. */
let waiting: Set<Act> | null = null;

/** Opens a batch: all of it becomes one piece of work, once the frame at hand is painted. */
function batch(): Set<Act> {
  const acts = new Set<Act>();
  const run = () => startTransition(() => acts.forEach((act) => act()));
  const close = () => {
    if (waiting === acts) waiting = null;
  };
  const unseen = setTimeout(() => {
    close();
    cancelAnimationFrame(frame);
    run();
  }, UNSEEN);
  // Callbacks of a frame run before it is painted; a timer that they set runs after.
  const frame = requestAnimationFrame(() => {
    close();
    clearTimeout(unseen);
    setTimeout(run);
  });
  return acts;
}

/** Calls once the frame at hand is painted. @returns what calls it off */
function afterPaint(act: Act): () => void {
  waiting ??= batch();
  const mine = waiting;
  mine.add(act);
  return () => mine.delete(act);
}

/**
 * A value that follows once the present one has been painted: the dear parts of a sheet hang on it, so that
 * the verdict does not wait for them. React's deferred value will not do: the work for it begins at once, and
 * so stands before the paint. Values that were passed before they were followed are left out.
 */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(value);
  useEffect(() => afterPaint(() => setShown(value)), [value]);
  return shown;
}

/** Whether what was first drawn has been painted. */
export function usePaintedOnce(): boolean {
  const [painted, setPainted] = useState(false);
  useEffect(() => afterPaint(() => setPainted(true)), []);
  return painted;
}
