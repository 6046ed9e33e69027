'use client';

import Tooltip from '@mui/material/Tooltip';
import type { ReactElement } from 'react';

interface HintProps {
  /** What is said; empty: nothing opens. */
  readonly text: string;
  /** What is pointed at, focused or tapped. */
  readonly children: ReactElement;
  /** Opens by a tap too; a field opens it by being entered. */
  readonly tap?: boolean;
}

/** How long a tapped hint stays, ms. */
const STAYS = 6000;

/** A help that opens over what it is of, by pointer, keyboard or tap, and is read out with it. */
export function Hint({ text, children, tap = false }: HintProps) {
  return (
    <Tooltip
      describeChild
      title={text}
      placement="top-start"
      disableInteractive
      enterTouchDelay={tap ? 0 : undefined}
      leaveTouchDelay={tap ? STAYS : undefined}
      // Gone at once: a help that fades would be placed anew by every keystroke. That of a field scrolls with
      // it; that of a word must not be cut off by the box that the word stands in.
      slotProps={{ popper: { disablePortal: !tap }, transition: { timeout: 0 } }}
    >
      {children}
    </Tooltip>
  );
}
