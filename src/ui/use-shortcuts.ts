'use client';

import { useEffect, useRef } from 'react';

export interface Shortcut {
  /** As `KeyboardEvent.key`, lower case. */
  readonly key: string;
  readonly command?: boolean;
  readonly shift?: boolean;
  readonly alt?: boolean;
  /** Whether it also counts while a field is typed into. */
  readonly inFields?: boolean;
  readonly act: () => void;
}

const isField = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

const fits = (event: KeyboardEvent, s: Shortcut) =>
  event.key.toLowerCase() === s.key &&
  (event.ctrlKey || event.metaKey) === (s.command ?? false) &&
  event.altKey === (s.alt ?? false) &&
  // A sign such as ? needs the shift key on some keyboards and none on others.
  (s.shift === undefined || event.shiftKey === s.shift) &&
  (s.inFields === true || !isField(event.target));

/** Keys of a page. The list may be made anew at every rendering. */
export function useShortcuts(shortcuts: readonly Shortcut[]): void {
  const now = useRef(shortcuts);
  useEffect(() => {
    now.current = shortcuts;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const found = now.current.find((s) => fits(event, s));
      if (!found) return;
      event.preventDefault();
      found.act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
