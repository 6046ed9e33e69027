'use client';

import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/**
 * Whether the page is being put on paper. What is only drawn as far as it is in sight must be drawn whole
 * then, before the browser takes its picture.
 */
export function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    window.addEventListener('beforeprint', begin);
    window.addEventListener('afterprint', end);
    return () => {
      window.removeEventListener('beforeprint', begin);
      window.removeEventListener('afterprint', end);
    };
  }, []);
  return printing;
}
