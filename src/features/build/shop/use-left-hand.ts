'use client';

import { useState, useSyncExternalStore } from 'react';

const KEY = 'rc-left-hand';

const stored = (): boolean => {
  try {
    return window.localStorage.getItem(KEY) === 'yes';
  } catch {
    return false;
  }
};
const never = () => () => undefined;

/** Whether the thumb is the left one; kept in this browser, where it lets us. */
export function useLeftHand(): readonly [boolean, (left: boolean) => void] {
  const first = useSyncExternalStore(never, stored, () => false);
  const [said, setSaid] = useState<boolean | null>(null);
  const set = (left: boolean) => {
    setSaid(left);
    try {
      window.localStorage.setItem(KEY, left ? 'yes' : 'no');
    } catch {
      // A browser that keeps nothing asks again the next time.
    }
  };
  return [said ?? first, set];
}
