import { startTransition, useEffect, useState } from 'react';

/** A page out of sight paints nothing: there the value follows all the same, ms. */
const UNSEEN = 200;

/** Calls once the frame at hand is painted. @returns what calls it off */
function afterPaint(act: () => void): () => void {
  let timer = setTimeout(act, UNSEEN);
  // Callbacks of a frame run before it is painted; a timer that they set runs after.
  const frame = requestAnimationFrame(() => {
    clearTimeout(timer);
    timer = setTimeout(act);
  });
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}

/**
 * A value that follows once the present one has been painted: the dear parts of a sheet hang on it, so that
 * the verdict does not wait for them. React's deferred value will not do: the work for it begins at once, and
 * so stands before the paint. Values that were passed before they were followed are left out.
 */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(value);
  useEffect(() => afterPaint(() => startTransition(() => setShown(value))), [value]);
  return shown;
}
