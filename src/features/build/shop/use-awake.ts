'use client';

import { useEffect, useState } from 'react';

/** Keeps the screen awake while it is looked at; tells whether the browser does so. */
export function useAwake(): boolean {
  const [awake, setAwake] = useState(false);
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let live = true;
    const ask = () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      navigator.wakeLock.request('screen').then(
        (found) => {
          if (!live) return void found.release();
          lock = found;
          setAwake(true);
          // A page that was out of sight has lost it.
          found.addEventListener('release', () => setAwake(false));
        },
        // Low battery, or no permission: the screen goes dark as it always does.
        () => setAwake(false),
      );
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      live = false;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
  return awake;
}
