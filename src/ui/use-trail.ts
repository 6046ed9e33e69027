'use client';

import { useCallback, useRef, useState } from 'react';

/** Lines of the working that lie open, and where the focus goes when they are laid away. */
export function useTrail() {
  const [trail, setTrail] = useState<readonly string[]>([]);
  const opener = useRef<Element | null>(null);
  const onWorking = useCallback((line: string) => {
    opener.current = document.activeElement;
    setTrail([line]);
  }, []);
  const onTrail = useCallback((next: readonly string[]) => {
    setTrail(next);
    if (!next.length && opener.current instanceof HTMLElement) opener.current.focus();
  }, []);
  return { trail, onWorking, onTrail };
}
